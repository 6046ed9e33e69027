import type { Project } from '@/core/model';
import type { Part } from './part';
import { movedPart, partId, type Seat } from './seats';
import { seedOf, type StepSeed } from './step';
import { axisSteps } from './steps-axis';

/** Minutes besides the screws; from memory, and for somebody who does it for the first time. */
const TAKES = {
  card: 30,
  metal: 90,
  drill: 60,
  strip: 45,
  paint: 60,
  frame: 120,
  columns: 30,
  beam: 30,
  crossbar: 15,
  square: 40,
  table: 60,
  spindle: 20,
  tram: 30,
  wire: 240,
  first: 60,
} as const;
/** Until paint can be handled, hours at 20 °C; common practice, no source: the data sheet says it. */
const PAINT_DRIES = 16;
/** From which mass on a part is lifted by two, kg; common practice, no source. */
const TWO_LIFT = 20;

/** What is fitted for trial: what is drilled and filed until it fits. */
const TRIED: ReadonlySet<string> = new Set(['bed', 'columns', 'beam', 'crossbar', 'plate']);

export interface StepsInput {
  readonly project: Project;
  readonly seats: readonly Seat[];
  readonly parts: readonly Part[];
  /** Whether all is put together once before it is painted, and what is painted. */
  readonly trial: boolean;
  readonly painted: readonly string[];
}

/** Parts that go on once to see whether they fit. */
export const triedParts = (parts: readonly Part[]): readonly Part[] => parts.filter((p) => TRIED.has(p.kind));

/** Trial fit, holes through both, strip, paint. */
function trialSteps({ parts, trial, painted, project }: StepsInput): StepSeed[] {
  const plates = project.axes.some((a) => a.fit.plates.length > 0);
  const paint = painted.length
    ? [
        seedOf({
          kind: 'paint',
          needs: trial ? ['trial-strip'] : [],
          place: 'bench',
          cautions: ['paint-air'],
          minutes: TAKES.paint,
          whole: true,
          wait: PAINT_DRIES,
        }),
      ]
    : [];
  if (!trial) return paint;
  const heavy = triedParts(parts).some((p) => p.mass > TWO_LIFT);
  const card = plates
    ? [
        seedOf({
          kind: 'trial-card',
          place: 'bench',
          locate: ['print-glued'],
          minutes: TAKES.card,
        }),
      ]
    : [];
  return [
    ...card,
    seedOf({
      kind: 'trial-metal',
      needs: card.map((s) => s.id),
      cautions: ['prop-beam', ...(heavy ? (['two-people'] as const) : [])],
      minutes: TAKES.metal,
      people: heavy ? 2 : 1,
    }),
    seedOf({
      kind: 'trial-drill',
      needs: ['trial-metal'],
      cautions: ['chips'],
      locate: ['through-both', 'rail-as-jig'],
      minutes: TAKES.drill,
    }),
    seedOf({ kind: 'trial-strip', needs: ['trial-drill'], minutes: TAKES.strip }),
    ...paint,
  ];
}

/** Columns, beam, what ties them; and that they stand square. */
function frameSteps({ parts, seats, project }: StepsInput, begin: readonly string[]): StepSeed[] {
  const there = new Map(parts.map((p) => [p.id, p]));
  const mass = (id: string) => there.get(id)?.mass ?? 0;
  const under = there.get('columns')?.on[0] ?? 'bed';
  const stood = under === 'bed' ? 'frame' : under;
  const bed = seats.find((s) => s.axis.role === 'bed');
  const rides = bed && under.startsWith(`${bed.axis.id}/`);
  const two = rides && there.has(partId(bed.axis, 'rail-b'));
  const heavy = (id: string) => (mass(id) > TWO_LIFT ? 2 : 1);
  return [
    seedOf({
      kind: 'frame',
      brings: ['bed'],
      needs: begin,
      readings: ['level'],
      locate: ['cast'],
      minutes: TAKES.frame,
      people: heavy('bed'),
    }),
    seedOf({
      kind: 'columns',
      brings: ['columns'],
      sets: [{ joint: 'columns', state: 'snug' }],
      needs: [stood],
      cautions: ['prop-beam', 'fingers'],
      minutes: TAKES.columns,
    }),
    seedOf({
      kind: 'beam',
      brings: ['beam'],
      sets: [{ joint: 'beam', state: 'snug' }],
      needs: ['columns'],
      cautions: ['prop-beam', ...(heavy('beam') > 1 ? (['two-people'] as const) : [])],
      minutes: TAKES.beam,
      whole: true,
      people: heavy('beam'),
    }),
    ...(there.has('crossbar')
      ? [
          seedOf({
            kind: 'crossbar',
            brings: ['crossbar'],
            sets: [{ joint: 'crossbar', state: 'tight' }],
            needs: ['columns'],
            minutes: TAKES.crossbar,
          }),
        ]
      : []),
    seedOf({
      kind: 'square',
      sets: [
        { joint: 'columns', state: 'tight' },
        { joint: 'beam', state: 'tight' },
      ],
      needs: ['beam', ...(two ? [partId(bed.axis, 'rail-b-set')] : [])],
      readings: ['diagonals'],
      minutes: TAKES.square,
    }),
    seedOf({
      kind: 'table',
      brings: ['table'],
      sets: [{ joint: 'table', state: 'tight' }],
      needs: ['square'],
      minutes: TAKES.table,
    }),
    ...(project.axes.length ? headSteps(there, seats) : []),
  ];
}

/** The step after which the drive of an axis stands. */
const LAST_OF_DRIVE = {
  screw: 'motor',
  rack: 'mesh',
  belt: 'tension',
  chain: 'tension',
  crank: 'crank',
} as const;

/** Spindle or torch, wires, first motion. */
function headSteps(there: ReadonlyMap<string, Part>, seats: readonly Seat[]): StepSeed[] {
  const last = there.get('spindle')?.on[0];
  const plunge = seats.find((s) => last && movedPart(s) === last);
  const running =
    plunge && there.has(partId(plunge.axis, 'rail-b')) ? partId(plunge.axis, 'rail-b-set') : last;
  const head = last
    ? [
        seedOf({
          kind: 'spindle',
          brings: ['spindle'],
          sets: [{ joint: 'spindle', state: 'snug' }],
          needs: [last],
          cautions: ['plunge-falls'],
          minutes: TAKES.spindle,
        }),
        seedOf({
          kind: 'tram',
          sets: [{ joint: 'spindle', state: 'tight' }],
          needs: ['spindle', 'square', ...(running ? [running] : [])],
          readings: ['tram'],
          minutes: TAKES.tram,
        }),
      ]
    : [];
  const wired = seats.flatMap(({ axis }) => [
    partId(axis, LAST_OF_DRIVE[axis.drive.kind]),
    ...['ends', 'cable'].map((k) => partId(axis, k)).filter((id) => there.has(id)),
  ]);
  return [
    ...head,
    seedOf({ kind: 'wire', needs: wired, cautions: ['live'], minutes: TAKES.wire }),
    seedOf({
      kind: 'first-motion',
      needs: ['wire', 'square', 'frame'],
      cautions: ['first-run', 'fingers'],
      readings: ['play'],
      minutes: TAKES.first,
    }),
  ];
}

/** A part goes on after what it stands on. */
function standing(parts: readonly Part[], steps: readonly StepSeed[]): readonly StepSeed[] {
  const on = new Map(parts.map((p) => [p.id, p.on]));
  const by = new Map(steps.flatMap((s) => s.brings.map((p) => [p, s.id] as const)));
  return steps.map((s) => {
    // What is put together on the bench stands on nothing yet.
    if (s.place === 'bench') return s;
    const under = s.brings.flatMap((p) => on.get(p) ?? []).flatMap((p) => by.get(p) ?? []);
    return { ...s, needs: [...new Set([...s.needs, ...under])].filter((n) => n !== s.id) };
  });
}

/** The steps that this arrangement proposes, in the order in which they are told. */
export function proposedSteps(input: StepsInput): readonly StepSeed[] {
  const { parts, seats } = input;
  const there = new Map(parts.map((p) => [p.id, p]));
  const trial = trialSteps(input);
  const begin = trial.length ? [trial.at(-1)!.id] : [];
  const frame = frameSteps(input, begin);
  const stepFor = (part: string) => (part === 'bed' ? 'frame' : part === 'columns' ? 'columns' : part);
  const ofAxes = seats.flatMap((seat) => {
    // What a portal's second rail is set by is the whole gantry.
    const loaded = seat.plated ? [] : ['beam'];
    const square = seat.axis.role === 'bed' ? ['square'] : [];
    return axisSteps({ seat, there, seated: [stepFor(seat.on)], loaded }, square);
  });
  const order = (role: string) =>
    ofAxes.filter((s) => seats.find((x) => x.axis.id === s.owner)?.axis.role === role);
  const at = (kinds: readonly string[]) => frame.filter((s) => kinds.includes(s.kind));
  return standing(parts, [
    ...trial,
    ...at(['frame']),
    ...order('bed'),
    ...order('table'),
    ...at(['columns', 'beam', 'crossbar']),
    ...order('gantry'),
    ...order('plunge'),
    ...at(['square', 'table', 'spindle', 'tram', 'wire', 'first-motion']),
  ]);
}
