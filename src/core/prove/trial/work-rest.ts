import { meanOf, pushOf, warmUpOf } from '@/core/metrology';
import { goodLength } from '../truing/good';
import { column, placeOf, scatterDoubt, trialDoubt } from './reading';
import { trialFigure, type TrialFigure } from './result';
import { checksOf, type Work } from './work-first';

/** A push whose four branches differ by more than this is no straight line. */
const BENT = 0.3;

export const workPush: Work = (read) => {
  const runs = read.plan.columns.flatMap((c) => {
    const pushes = column(read, c).map(({ row, value }) => ({ force: placeOf(row), give: value }));
    return pushes.length === read.plan.rows.length ? [pushes] : [];
  });
  if (!runs.length) return {};
  const found = runs.map((pushes) => pushOf(pushes));
  if (found.some((f) => !(f.stiffness > 0))) return { notes: [{ code: 'branches-bent', values: {} }] };
  const mean = (of: (f: (typeof found)[number]) => number) => meanOf(found.map(of)).mean;
  const [stiffness, play, friction] = [
    mean((f) => f.stiffness),
    mean((f) => f.play),
    mean((f) => f.friction),
  ];
  const { standard, expanded } = trialDoubt(read, { ends: 2 });
  const most = Math.max(...runs[0]!.map((p) => Math.abs(p.force)));
  // Slope out of three to four points a branch, four branches a run.
  const slope = (standard * 2) / (0.6 * most * Math.sqrt(4 * runs.length));
  const off = 1.96 * stiffness ** 2 * slope + stiffness * (mean((f) => f.spread) / 2) * 0.5;
  const lost = Math.max(0, play) + (2 * Math.max(0, friction)) / stiffness;
  const figures: TrialFigure[] = [
    trialFigure({
      id: 'stiffness',
      of: 'stiffness',
      value: stiffness,
      expanded: off,
      checks: checksOf(read, 'stiffness'),
    }),
    trialFigure({ id: 'play', of: 'length', value: Math.max(0, play), expanded }),
    trialFigure({
      id: 'friction',
      of: 'force',
      value: Math.max(0, friction),
      expanded: stiffness * expanded,
    }),
    trialFigure({
      id: 'lost-motion',
      of: 'length',
      value: lost,
      // The way back over friction is as unsure as the friction.
      expanded: 3 * expanded,
      checks: checksOf(read, 'lost-motion'),
    }),
  ];
  const bent = mean((f) => f.spread) > BENT;
  return {
    figures,
    notes: bent ? [{ code: 'branches-bent', values: { spread: mean((f) => f.spread) } }] : [],
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
  const { expanded } = trialDoubt(read, { ends: 2 });
  const end = Math.abs(found.end);
  return {
    figures: [
      trialFigure({
        id: 'growth',
        of: 'length',
        value: end,
        expanded: found.longEnough ? Math.hypot(expanded, 2 * found.left) : null,
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
