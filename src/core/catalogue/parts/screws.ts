import { type Axis, guess, type ScrewDrive, startingDrive, startingThread } from '@/core/model';
import { type ScrewSize, screwSizes } from '../screws';
import { endBearings } from '../tables/bearings';
import { ballScrewRows, slidingNuts } from '../tables/screws';
import { type Family, MEMORY, type Part, text } from './part';

const screwBase = (axis: Axis): ScrewDrive =>
  (axis.drive.kind === 'screw'
    ? axis.drive
    : startingDrive('screw', axis.demands.travel.si, {
        sets: axis.drive.sets,
        worstShare: axis.drive.worstShare,
      })) as ScrewDrive;

/**
 * The screw of an axis with a thread of a kind. A ball screw's pitch has nothing to do with its depth, a
 * sliding one's has: it is another screw, of about the diameter. What both have is kept; the rest is ours.
 */
export function withThread(axis: Axis, kind: 'ball' | 'sliding'): ScrewDrive {
  const drive = screwBase(axis);
  if (drive.thread.kind === kind) return drive;
  const now = drive.nominalDiameter.si;
  if (kind === 'ball') return { ...drive, thread: startingThread(kind, now, drive.thread) };
  const off = (s: ScrewSize) => Math.abs(s.nominal - now);
  const size = screwSizes
    .filter((s) => s.thread === 'trapezoidal')
    .reduce((near, s) => (off(s) < off(near) ? s : near));
  return {
    ...drive,
    nominalDiameter: guess('length', text(size.nominal * 1e3, 'mm')),
    rootDiameter: guess('length', text(size.root * 1e3, 'mm')),
    lead: guess('linearPerTurn', text(size.leads[0]! * 1e3, 'mm')),
    starts: guess('count', '1'),
    screwInertia: null,
    thread: startingThread(kind, size.nominal, { ...drive.thread, nutStiffness: null }),
  };
}

const threadName = {
  ball: 'Ball screw',
  trapezoidal: 'Trapezoidal',
  acme: 'Acme',
  vee: 'Threaded rod',
} as const;

/** What the row of a ball screw says of its nut. */
function ballNut(size: ScrewSize, lead: number) {
  const [d, step] = [size.nominal * 1000, lead * 1000].map((v) => v.toFixed(1));
  const row = ballScrewRows.find(
    (r) => Number(r.nominal).toFixed(1) === d && Number(r.lead).toFixed(1) === step,
  )!;
  return {
    'drive.thread.dynamicLoad': `${row.dynamic} kN`,
    'drive.thread.staticLoad': `${row.static} kN`,
    'drive.thread.nutStiffness': `${row.stiffness} N/µm`,
  };
}

/** Example prices of screws, euros: what is asked for the ends, and for each millimetre of diameter. */
const screwPrice = { ball: [18, 2.2], trapezoidal: [8, 1.1], acme: [8, 1.1], vee: [1, 0.3] } as const;

function screwPart(size: ScrewSize, lead: number): Part {
  const inch = size.thread === 'acme';
  const [nominal, step] = inch
    ? [`${Number((size.nominal / 0.0254).toFixed(3))} in`, `${Number((lead / 0.0254).toFixed(4))} in`]
    : [text(size.nominal * 1000, 'mm'), text(lead * 1000, 'mm')];
  const d = Math.round(size.nominal * 1000);
  const fine = size.leads[0]!;
  const [ends, each] = screwPrice[size.thread];
  return {
    id: `${size.thread}-${nominal.replace(/\s/g, '')}-${step.replace(/\s/g, '')}`.toLowerCase(),
    name: `${threadName[size.thread]} ${nominal} × ${step}`,
    values: {
      'drive.nominalDiameter': nominal,
      'drive.rootDiameter': text(size.root * 1000, 'mm'),
      'drive.lead': `${step}`,
      'drive.starts': String(size.thread === 'ball' ? 1 : Math.max(1, Math.round(lead / fine))),
      ...(size.thread === 'ball' ? ballNut(size, lead) : { 'drive.thread.form': size.thread }),
    },
    source: size.thread === 'ball' ? `${size.source}; rating ${MEMORY}` : size.source,
    price: Math.round(ends + d * each),
  };
}

const partsOf = (thread: ScrewSize['thread']): Part[] =>
  screwSizes.filter((s) => s.thread === thread).flatMap((s) => s.leads.map((lead) => screwPart(s, lead)));

const columns = [
  { path: 'drive.nominalDiameter', title: 'Diameter' },
  { path: 'drive.lead', title: 'Lead' },
  { path: 'drive.rootDiameter', title: 'Root' },
] as const;
const forgotten = [
  { path: 'drive.screwInertia', value: null },
  { path: 'drive.thread.nutStiffness', value: null },
  { path: 'drive.play', value: null },
] as const;
const sized = ['drive.nominalDiameter', 'drive.lead', 'drive.starts'];

const sliding = (id: string, name: string, thread: 'trapezoidal' | 'acme' | 'vee'): Family => ({
  id,
  name,
  link: 'drive',
  root: 'drive',
  base: (axis) => withThread(axis, 'sliding'),
  columns,
  standard: [...sized, 'drive.rootDiameter'],
  forget: () => forgotten,
  parts: partsOf(thread),
});

export const screwFamilies: readonly Family[] = [
  {
    id: 'ball-screw',
    name: 'Ball screws',
    link: 'drive',
    root: 'drive',
    base: (axis) => withThread(axis, 'ball'),
    columns: [...columns, { path: 'drive.thread.dynamicLoad', title: 'Rating Ca' }],
    standard: sized,
    forget: () => [
      ...forgotten,
      { path: 'drive.thread.dynamicLoad', value: null },
      { path: 'drive.thread.staticLoad', value: null },
      { path: 'drive.thread.speedLimit', value: null },
    ],
    parts: partsOf('ball'),
  },
  sliding('trapezoidal-screw', 'Trapezoidal screws', 'trapezoidal'),
  sliding('acme-screw', 'Acme screws', 'acme'),
  sliding('threaded-rod', 'Threaded rods', 'vee'),
  {
    id: 'sliding-nut',
    name: 'Nuts of sliding screws',
    link: 'drive',
    root: 'drive',
    base: (axis) => withThread(axis, 'sliding'),
    columns: [
      { path: 'drive.thread.nutMaterial', title: 'Of' },
      { path: 'drive.thread.nutLength', title: 'Thread' },
      { path: 'drive.thread.friction', title: 'Friction' },
      { path: 'drive.thread.preload', title: 'Spring' },
    ],
    standard: [],
    forget: () => forgotten.filter(({ path }) => path !== 'drive.screwInertia'),
    parts: slidingNuts,
  },
  {
    id: 'end-bearing',
    name: 'End bearings',
    link: 'bearings',
    root: 'drive',
    base: screwBase,
    columns: [
      { path: 'drive.thrustBearing', title: 'Kind' },
      { path: 'drive.bearingStiffness', title: 'Stiffness' },
      { path: 'drive.bearingDynamicLoad', title: 'Rating C' },
      { path: 'drive.bearingDrag', title: 'Drag' },
      { path: 'drive.bearingPlay', title: 'Play' },
    ],
    standard: [],
    forget: () => [],
    parts: endBearings,
  },
];
