import { type Axis, type ScrewDrive, startingDrive } from '@/core/model';
import { type ScrewSize, screwSizes } from '../screws';
import { endBearings } from '../tables/bearings';
import { type Family, MEMORY, type Part, text } from './part';

const screwBase = (axis: Axis): ScrewDrive =>
  (axis.drive.kind === 'screw'
    ? axis.drive
    : startingDrive('screw', axis.demands.travel.si, {
        sets: axis.drive.sets,
        worstShare: axis.drive.worstShare,
      })) as ScrewDrive;

/** The screw with a thread of another kind, where the present one does not fit. */
function withThread(axis: Axis, kind: 'ball' | 'sliding'): ScrewDrive {
  const drive = screwBase(axis);
  if (drive.thread.kind === kind) return drive;
  const fresh = startingDrive('screw', axis.demands.travel.si) as ScrewDrive;
  const zero = (typed: string) => ({ typed, si: 0, basis: 'estimate' as const });
  const sliding = {
    kind: 'sliding',
    form: 'trapezoidal',
    nut: 'plain',
    friction: { typed: '0.12', si: 0.12, basis: 'estimate' },
    preload: drive.thread.preload,
    collarFriction: zero('0'),
    collarDiameter: zero('0 mm'),
    nutStiffness: null,
  };
  return { ...drive, thread: (kind === 'ball' ? fresh.thread : sliding) as ScrewDrive['thread'] };
}

/**
 * Typical dynamic rating of a single nut by nominal diameter in mm and lead in mm, kN, and its rated
 * stiffness, N/µm. Memory.
 */
const ballRating: Record<number, readonly [kN: number, stiffness: number]> = {
  12: [4, 90],
  16: [8.5, 160],
  20: [10, 200],
  25: [12, 260],
  32: [15, 320],
  40: [18, 400],
};

const threadName = { ball: 'Ball screw', trapezoidal: 'Trapezoidal', acme: 'Acme' } as const;

function screwPart(size: ScrewSize, lead: number): Part {
  const inch = size.thread === 'acme';
  const [nominal, step] = inch
    ? [`${Number((size.nominal / 0.0254).toFixed(3))} in`, `${Number((lead / 0.0254).toFixed(4))} in`]
    : [text(size.nominal * 1000, 'mm'), text(lead * 1000, 'mm')];
  const d = Math.round(size.nominal * 1000);
  // Long leads have fewer loaded turns: about a quarter less by four times the lead (memory).
  const [rating, stiffness] = ballRating[d] ?? [10, 200];
  const fine = size.leads[0]!;
  return {
    id: `${size.thread}-${nominal.replace(/\s/g, '')}-${step.replace(/\s/g, '')}`.toLowerCase(),
    name: `${threadName[size.thread]} ${nominal} × ${step}`,
    values: {
      'drive.nominalDiameter': nominal,
      'drive.rootDiameter': text(size.root * 1000, 'mm'),
      'drive.lead': `${step}`,
      'drive.starts': String(size.thread === 'ball' ? 1 : Math.max(1, Math.round(lead / fine))),
      ...(size.thread === 'ball'
        ? {
            'drive.thread.dynamicLoad': text(rating * (lead / 0.005) ** -0.15, 'kN'),
            'drive.thread.nutStiffness': text(stiffness, 'N/µm'),
          }
        : { 'drive.thread.form': size.thread }),
    },
    source: size.thread === 'ball' ? `${size.source}; rating ${MEMORY}` : size.source,
    price: Math.round(size.thread === 'ball' ? 18 + d * 2.2 : 8 + d * 1.1),
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

const sliding = (id: string, name: string, thread: 'trapezoidal' | 'acme'): Family => ({
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
      { path: 'drive.thread.speedLimit', value: null },
    ],
    parts: partsOf('ball'),
  },
  sliding('trapezoidal-screw', 'Trapezoidal screws', 'trapezoidal'),
  sliding('acme-screw', 'Acme screws', 'acme'),
  {
    id: 'end-bearing',
    name: 'End bearings',
    link: 'bearings',
    root: 'drive',
    base: screwBase,
    columns: [
      { path: 'drive.thrustBearing', title: 'Kind' },
      { path: 'drive.bearingStiffness', title: 'Stiffness' },
      { path: 'drive.bearingDrag', title: 'Drag' },
      { path: 'drive.bearingPlay', title: 'Play' },
    ],
    standard: [],
    forget: () => [],
    parts: endBearings,
  },
];
