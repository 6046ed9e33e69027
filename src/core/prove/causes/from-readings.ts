import type { Sign } from '@/core/model';
import {
  type Ground,
  SLIP_STEPS,
  type TrialFigure,
  type TrialKind,
  type TrialResult,
  type Trials,
  type TrialState,
} from '../trial';

/** A sign out of readings: whether it is there, and the trial that says so. */
export interface SignRead {
  readonly sign: Sign;
  readonly there: boolean;
  /** Key of the trial. */
  readonly from: string;
}

/** A way that is off by more than so much is a wrong number, not a worn part. */
const TENTH = 1e-3;
/** Less than so much play is none that anybody looks for, m; common practice, no source. */
const LEAST_PLAY = 1e-5;
/** A wave or a jump is told where it stands out of its own doubt by so much. */
const STANDS_OUT = 2;

type Tell = (
  figure: (id: string) => TrialFigure | undefined,
  state: TrialState,
  ground: Ground | undefined,
) => Partial<Record<Sign, boolean>>;

/**
 * Whether a figure is there beyond its doubt.
 * @param least what counts as none. @param none up to which, doubt and all, it is said not to be there.
 * @returns undefined where its doubt reaches over both: nobody can say.
 */
function beyond(figure: TrialFigure | undefined, least: number, none: number): boolean | undefined {
  if (!figure || figure.expanded === null) return undefined;
  if (Math.abs(figure.value) - figure.expanded > least) return true;
  return Math.abs(figure.value) + figure.expanded <= none ? false : undefined;
}

const said = (signs: Partial<Record<Sign, boolean | undefined>>): Partial<Record<Sign, boolean>> =>
  Object.fromEntries(Object.entries(signs).filter(([, there]) => there !== undefined)) as Partial<
    Record<Sign, boolean>
  >;

const noted = ({ last }: TrialState, code: string) => last!.result.notes.some((n) => n.code === code);

/** Whether a figure is out of its limit; undefined where its doubt reaches over it. */
const lost = (figure: TrialFigure | undefined): boolean | undefined => {
  const verdict = figure?.decision?.verdict;
  return verdict === 'gives-out' || (verdict === 'holds' ? false : undefined);
};

/** Play that the plan reckons with is no fault; twice that, doubt and all, is as good as none. */
function played(figure: TrialFigure | undefined, ground: Ground | undefined): boolean | undefined {
  const least = Math.max(LEAST_PLAY, ground?.foretold.get('lost-motion') ?? 0);
  return beyond(figure, least, 2 * least);
}

const steps: Tell = (figure, state, ground) => {
  const off = figure('scale-off');
  const tenth = beyond(off, TENTH, TENTH);
  return said({
    // Too much made up for is a step at the reversal, too.
    'reversal-step': noted(state, 'over-compensated') || played(figure('lost-motion'), ground),
    'grows-with-distance': beyond(off, 0, TENTH),
    'over-a-tenth': tenth,
    'plain-ratio': tenth === undefined ? undefined : noted(state, 'plain-ratio'),
  });
};

/** Wave and jump out of the deviations of a positioning test, both ways the same. */
const positioning: Tell = (figure, { last }, ground) => {
  const up = last!.result.series.find((s) => s.name === 'up')?.points ?? [];
  const down = last!.result.series.find((s) => s.name === 'down')?.points ?? [];
  const even = figure('iso-R-up');
  if (up.length < 5 || down.length !== up.length || !even) return {};
  const mean = up.map((p, i) => ({ x: p.x, y: (p.y + down[i]!.y) / 2 }));
  const jumps = mean.slice(1).map((p, i) => p.y - mean[i]!.y);
  const sorted = [...jumps].sort((a, b) => a - b);
  const usual = sorted[Math.floor(sorted.length / 2)]!;
  const [largest = 0, second = 0] = jumps.map((j) => Math.abs(j - usual)).sort((a, b) => b - a);
  const doubt = Math.max(even.expanded ?? 0, figure('iso-B')?.expanded ?? 0);
  const stands = largest > STANDS_OUT * doubt;
  return said({
    'reversal-step': played(figure('iso-B'), ground),
    // One place stands alone; a wave has many. What is not seen by so few targets may be there all the same.
    'one-place': (stands && largest > 3 * second) || undefined,
  });
};

/** Whether what is lost is whole groups of four full steps, as a stall leaves it. */
const isWhole = (groups: number) => groups > 0.5 && Math.abs(groups - Math.round(groups)) < 0.2;

/** Whether readings go one way only, from the first to the last. */
function goesOneWay(series: TrialResult['series']): boolean {
  const points = series[0]?.points ?? [];
  const steps = points.slice(1).map((p, i) => p.y - points[i]!.y);
  const way = Math.sign(steps.reduce((sum, s) => sum + s, 0));
  return steps.filter((s) => s * way < 0).length <= steps.length / 5;
}

/**
 * A staircase is climbed until something is lost: that is a fault only where it comes before what is asked of
 * the axis.
 * @param top between the last step that lost nothing and the first that did. @param asked by the plan.
 */
function stairs(
  top: TrialFigure | undefined,
  { last }: TrialState,
  asked: number | undefined,
): ReturnType<Tell> {
  const { notes } = last!.result;
  const first = notes.find((n) => n.code === 'lost-at-first');
  if (asked === undefined || (!first && (!top || top.expanded === null))) return {};
  const [good, bad] = first
    ? [0, Number(first.values.at)]
    : [top!.value - top!.expanded!, top!.value + top!.expanded!];
  if (good >= asked) return { 'above-a-speed': false };
  if (bad > asked) return {};
  const note = notes.find((n) => n.code === 'whole-steps');
  return {
    'above-a-speed': true,
    'air-run-lost': true,
    ...(note ? { 'whole-four-steps': note.values.whole === 1 } : {}),
  };
}

const tells: Readonly<Partial<Record<TrialKind, Tell>>> = {
  steps,
  positioning,
  links: (figure, _state, ground) => said({ 'play-felt': played(figure('lost-motion'), ground) }),
  push: (figure, _state, ground) => said({ 'play-felt': played(figure('play'), ground) }),
  reversal: (figure, { last }) => {
    const grows = lost(figure('range'));
    return said({
      'grows-with-reversals': grows,
      'one-side': grows ? goesOneWay(last!.result.series) : undefined,
    });
  },
  'plan-speed': (figure, _state, ground) => {
    const fullStep = ground?.fullStep;
    const gone = lost(figure('shift'));
    const groups = fullStep && gone ? Math.abs(figure('shift')!.value) / (SLIP_STEPS * fullStep) : null;
    return said({
      'air-run-lost': gone,
      'whole-four-steps': groups === null ? undefined : isWhole(groups),
    });
  },
  'stairs-speed': (figure, state, ground) => stairs(figure('top-speed'), state, ground?.rapid),
  'stairs-acceleration': (figure, state, ground) =>
    stairs(figure('top-acceleration'), state, ground?.axis.demands.acceleration.si),
  hand: (figure) => said({ 'drag-uneven': lost(figure('uneven')) }),
  homing: (figure) => said({ 'homing-scatters': lost(figure('comes-back')) }),
  'warm-up': (figure) => said({ 'grows-warm': lost(figure('growth')) }),
};

/**
 * Signs of an axis as its trials tell them; what nobody has read is not there, and the builder's own answers
 * go before them.
 */
export function signsRead(
  { trials, grounds }: Pick<Trials, 'trials' | 'grounds'>,
  axis: string,
): readonly SignRead[] {
  const found = new Map<Sign, SignRead>();
  const ground = grounds.find((g) => g.axis.id === axis);
  for (const state of trials) {
    const tell = tells[state.plan.kind];
    if (!tell || state.plan.axis !== axis || !state.last || state.stale) continue;
    const { figures } = state.last.result;
    const all = tell((id) => figures.find((f) => f.id === id), state, ground);
    for (const [sign, there] of Object.entries(all) as [Sign, boolean][]) {
      // Seen once is seen: another trial that is too coarse to see it takes nothing back.
      if (found.get(sign)?.there) continue;
      found.set(sign, { sign, there, from: state.plan.key });
    }
  }
  return [...found.values()];
}
