import { meanOf, type Push, pushOf, warmUpOf } from '@/core/metrology';
import { goodLength } from '../truing/good';
import { column, placeOf, propagated, scatterDoubt, trialDoubt, type TrialRead } from './reading';
import { trialFigure, type TrialFigure } from './result';
import { checksOf, type Work } from './work-first';

/** A push whose four branches differ by more than this is no straight line. */
const BENT = 0.3;

/** Pushes run by run, of the runs that are whole. */
const pushRuns = (read: TrialRead): readonly (readonly Push[])[] =>
  read.plan.columns.flatMap((c) => {
    const pushes = column(read, c).map(({ row, value }) => ({ force: placeOf(row), give: value }));
    return pushes.length === read.plan.rows.length ? [pushes] : [];
  });

/** Mean range of four normal figures by their standard deviation (ISO 7870-2, d₂). */
const RANGE_OF_FOUR = 2.059;

type PushFigure = (found: ReturnType<typeof pushOf>) => number;

/** A figure as the mean of all runs, and half of its interval out of every reading's own doubt. */
function ofRuns(runs: readonly (readonly Push[])[], standard: number) {
  const forces = runs.map((pushes) => pushes.map((p) => p.force));
  const n = forces[0]!.length;
  const meanOfAll = (gives: readonly number[], of: PushFigure) =>
    meanOf(forces.map((list, r) => of(pushOf(list.map((force, i) => ({ force, give: gives[r * n + i]! }))))))
      .mean;
  const gives = runs.flatMap((pushes) => pushes.map((p) => p.give));
  return (of: PushFigure) => ({
    value: meanOfAll(gives, of),
    expanded: 1.96 * propagated(gives, (g) => meanOfAll(g, of), standard),
  });
}

export const workPush: Work = (read) => {
  const runs = pushRuns(read);
  if (!runs.length) return {};
  const found = runs.map((pushes) => pushOf(pushes));
  if (found.some((f) => !(f.stiffness > 0))) return { notes: [{ code: 'branches-bent', values: {} }] };
  // What nought is off is in every reading of a run alike, and falls out of slopes and differences.
  const figure = ofRuns(runs, trialDoubt(read).standard);
  const stiffness = figure((f) => f.stiffness);
  const play = figure((f) => Math.max(0, f.play));
  const friction = figure((f) => Math.max(0, f.friction));
  const lost = figure((f) => Math.max(0, f.play) + (2 * Math.max(0, f.friction)) / f.stiffness);
  const spread = meanOf(found.map((f) => f.spread)).mean;
  const bent = spread > BENT;
  // Branches that are no lines make the stiffness as unsure as they differ: the range of four is about two of
  // their standard deviations, and their mean has half of one.
  const unlike = (1.96 * stiffness.value * spread) / (2 * RANGE_OF_FOUR);
  const figures: TrialFigure[] = [
    trialFigure({
      id: 'stiffness',
      of: 'stiffness',
      value: stiffness.value,
      expanded: Math.max(stiffness.expanded, unlike),
      checks: checksOf(read, 'stiffness'),
    }),
    trialFigure({ id: 'play', of: 'length', ...play }),
    trialFigure({ id: 'friction', of: 'force', ...friction }),
    trialFigure({ id: 'lost-motion', of: 'length', ...lost, checks: checksOf(read, 'lost-motion') }),
  ];
  return {
    figures,
    notes: bent ? [{ code: 'branches-bent', values: { spread } }] : [],
    series: runs.map((pushes, i) => ({
      name: `run-${i + 1}`,
      points: pushes.map((p) => ({ x: p.force, y: p.give })),
    })),
  };
};

export const workTap: Work = (read) => {
  const ring = read.get('ring');
  if (!ring) return {};
  const { expanded } = trialDoubt(read);
  const [first, last, periods] = [read.get('first'), read.get('last'), read.get('periods')];
  const mass = read.ground?.axis.loads.masses.reduce((s, b) => s + b.mass.si, 0) ?? 0;
  const figures = [
    trialFigure({ id: 'ring', of: 'frequency', value: ring, expanded, checks: checksOf(read, 'frequency') }),
  ];
  if (mass > 0) {
    const value = (2 * Math.PI * ring) ** 2 * mass;
    figures.push(
      trialFigure({ id: 'ring-stiffness', of: 'stiffness', value, expanded: (2 * value * expanded) / ring }),
    );
  }
  if (first && last && periods && first > last)
    figures.push(
      trialFigure({
        id: 'damping',
        of: 'ratio',
        value: Math.log(first / last) / (2 * Math.PI * periods),
        expanded: null,
      }),
    );
  return { figures };
};

export const workWarmUp: Work = (read) => {
  const drift = column(read, 'off').map(({ row, value }) => ({ time: placeOf(row), off: value }));
  if (drift.length < 4) return {};
  const found = warmUpOf(drift);
  const { standard } = trialDoubt(read, { ends: 2 });
  const end = Math.abs(found.end);
  // What the curve leaves scatters, too, where it is more than the instrument.
  const one = Math.max(standard, found.left);
  const endOf = (offs: readonly number[]) =>
    Math.abs(warmUpOf(drift.map((d, i) => ({ ...d, off: offs[i]! }))).end);
  const expanded =
    1.96 *
    propagated(
      drift.map((d) => d.off),
      endOf,
      one,
    );
  return {
    figures: [
      trialFigure({
        id: 'growth',
        of: 'length',
        value: end,
        expanded: found.longEnough ? expanded : null,
        good: goodLength(read.project).value,
        checks: found.longEnough ? checksOf(read, 'growth') : null,
      }),
      trialFigure({ id: 'tau', of: 'time', value: found.tau, expanded: null }),
    ],
    notes: found.longEnough ? [] : [{ code: 'watch-longer', values: { time: 2 * found.tau } }],
    series: [{ name: 'off', points: drift.map((d) => ({ x: d.time, y: d.off })) }],
  };
};

export const workHoming: Work = (read) => {
  const places = column(read, read.plan.columns[0]!).map((c) => c.value);
  if (places.length < 5) return {};
  const { scatter, expanded } = scatterDoubt(places);
  return {
    figures: [
      trialFigure({
        id: 'comes-back',
        of: 'length',
        value: 4 * scatter,
        expanded: Math.hypot(4 * expanded, read.instrument.digit / 2),
        good: goodLength(read.project).value,
        checks: checksOf(read, 'home'),
        byScatter: true,
      }),
    ],
    series: [{ name: 'home', points: places.map((y, i) => ({ x: i + 1, y })) }],
  };
};

export const workServo: Work = (read) => {
  const over = read.get('overshoot');
  const [lag, speed] = [read.get('lag'), read.get('lag-speed')];
  const figures: TrialFigure[] = [];
  if (over !== undefined && over > 0 && over < 1) {
    const ln = Math.log(over);
    figures.push(
      trialFigure({ id: 'damping', of: 'ratio', value: -ln / Math.hypot(Math.PI, ln), expanded: null }),
    );
  }
  // Lag is speed over the gain of the position loop.
  if (lag && speed)
    figures.push(trialFigure({ id: 'gain', of: 'ratio', value: speed / lag, expanded: null }));
  return { figures };
};
