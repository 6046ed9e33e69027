import { circleOf, fourPoints, rangeDoubt, squareFormulas, widerBy } from '@/core/metrology';
import { quantity } from '@/core/units';
import { goodLength, goodSlope, goodSquare } from '../truing/good';
import { acrossOf, DISC, PIECE } from './pieces';
import { column, meanDoubt, placeOf, scatterDoubt, trialDoubt, type TrialRead } from './reading';
import { trialFigure, type TrialFigure } from './result';
import type { Work } from './work-first';

const crossAxis = ({ project }: TrialRead) => project.axes.find((a) => a.role === 'gantry');
const squareGood = (read: TrialRead) => goodSquare(read.project, crossAxis(read)).value;

/** Deviations of the radius along a turn, as places. */
function traced(read: TrialRead, name: 'ccw' | 'cw', radius: number) {
  const spots = column(read, name).map(({ row, value }) => {
    const angle = placeOf(row);
    return { x: (radius + value) * Math.cos(angle), y: (radius + value) * Math.sin(angle) };
  });
  return { spots, ccw: name === 'ccw' };
}

/** Of the fit of a circle. */
const UNKNOWNS = 8;

export const workCircle: Work = (read) => {
  const across = acrossOf(read.project, read.grounds);
  const [x, y] = across;
  if (!x || !y) return {};
  const radius = read.get('radius');
  if (!radius) return {};
  const [ccw, cw] = [traced(read, 'ccw', radius), traced(read, 'cw', radius)];
  const places = read.plan.rows.length;
  if (ccw.spots.length < places || cw.spots.length < places)
    return { notes: [{ code: 'few-places', values: { want: places } }] };
  const c = circleOf(ccw, cw, radius);
  const { standard, expanded } = trialDoubt(read);
  // What one reading scatters: what the fit leaves over its spare places, and no less than the instrument.
  const all = 2 * places;
  const one = Math.max(c.left * Math.sqrt(all / (all - UNKNOWNS)), standard);
  const within = (id: keyof typeof c.gain) => 1.96 * one * c.gain[id];
  const length = (id: string, value: number, off: number, more: Partial<TrialFigure> = {}) =>
    trialFigure({
      id,
      of: 'length',
      value,
      expanded: off,
      good: more.good ?? null,
      checks: more.checks ?? null,
    });
  const lost = (g: typeof x, value: number) => ({
    checks: { id: 'lost-motion' as const, axis: g.axis.id },
    value: Math.max(0, value),
  });
  const series = (['ccw', 'cw'] as const).map((name) => ({
    name,
    points: column(read, name).map(({ row, value }) => ({ x: placeOf(row), y: value })),
  }));
  const wide = (id: string, width: number, count: number, good: number | null = null) =>
    length(id, width, rangeDoubt(width, count, standard), { good });
  // One end of the width: half of what scatter widens it by.
  const end = expanded + widerBy(c.most - c.least, all, standard) / 2;
  return {
    figures: [
      wide('circle-G', c.both.width, all, read.project.brief.accuracy?.si ?? null),
      wide('circle-ccw', c.ccw.width, places),
      wide('circle-cw', c.cw.width, places),
      length('circle-most', c.most, end),
      length('circle-least', c.least, end),
      length('circle-D', c.radial, expanded),
      trialFigure({
        id: 'gamma',
        of: 'slope',
        value: c.square,
        expanded: within('square'),
        good: squareGood(read),
      }),
      trialFigure({ id: 'scales', of: 'slope', value: c.scale, expanded: within('scale') }),
      length('lost-x', lost(x, c.lostX).value, within('lostX'), lost(x, c.lostX)),
      length('lost-y', lost(y, c.lostY).value, within('lostY'), lost(y, c.lostY)),
      length('mismatch', c.mismatch, within('mismatch')),
      length('circle-left', c.left, one),
    ],
    series,
  };
};

export const workDisc: Work = (read) => {
  const by = new Map(column(read, 'across').map(({ row, value }) => [row.id, value]));
  const d = DISC.map((turn) => by.get(`turn-${turn}`));
  const asked = read.get('asked');
  if (!asked || d.some((v) => v === undefined)) return {};
  const [d0, d45, d90, d135] = d as [number, number, number, number];
  const size = quantity('length', (d45 + d135) / 2);
  const gamma = squareFormulas.byDisc.evaluate({
    rising: quantity('length', d45),
    falling: quantity('length', d135),
    size,
  });
  const { standard, expanded } = trialDoubt(read);
  const slope = (Math.SQRT2 * expanded) / size;
  const round = Math.max(d0, d45, d90, d135) - Math.min(d0, d45, d90, d135);
  return {
    figures: [
      trialFigure({ id: 'gamma', of: 'slope', value: gamma, expanded: slope, good: squareGood(read) }),
      trialFigure({ id: 'scales', of: 'slope', value: (d0 - d90) / size, expanded: slope }),
      trialFigure({ id: 'size-off', of: 'length', value: (d0 + d90) / 2 - asked, expanded }),
      trialFigure({
        id: 'round',
        of: 'length',
        value: round / 2,
        expanded: rangeDoubt(round, DISC.length, standard) / 2,
        good: read.project.brief.accuracy?.si ?? null,
      }),
    ],
  };
};

export const workPlySquare: Work = (read) => {
  const ids = ['near', 'right', 'far', 'left', 'rising', 'falling'] as const;
  const six = Object.fromEntries(ids.map((id) => [id, read.get(id)]));
  if (ids.some((id) => !six[id])) return {};
  const found = fourPoints(six as Record<(typeof ids)[number], number>);
  const { standard, expanded } = trialDoubt(read, { size: PIECE.square });
  const mean = (a: 'near' | 'right', b: 'far' | 'left') => (six[a]! + six[b]!) / 2;
  const off = (value: number) => (value - PIECE.square) / PIECE.square;
  const slope = expanded / (Math.SQRT2 * PIECE.square);
  return {
    figures: [
      trialFigure({
        id: 'gamma',
        of: 'slope',
        value: found.out[0],
        expanded: 1.96 * standard * found.gain,
        good: squareGood(read),
      }),
      trialFigure({ id: 'scale-x', of: 'slope', value: off(mean('near', 'far')), expanded: slope }),
      trialFigure({ id: 'scale-y', of: 'slope', value: off(mean('right', 'left')), expanded: slope }),
      trialFigure({ id: 'left-over', of: 'length', value: found.residual, expanded: 3 * standard }),
    ],
  };
};

/** A size that was cut against the one that was asked. */
function sizeOff(read: TrialRead, cell: string, asked: number, good: number | null): TrialFigure[] {
  const value = read.get(cell);
  if (value === undefined) return [];
  const { expanded } = trialDoubt(read, { size: asked });
  return [trialFigure({ id: `off-${cell}`, of: 'length', value: value - asked, expanded, good })];
}

const accuracy = ({ project }: TrialRead) => project.brief.accuracy?.si ?? null;

export const workHalfLap: Work = (read) => {
  const [slot, tongue] = [read.get('slot'), read.get('tongue')];
  if (slot === undefined || tongue === undefined) return {};
  // Two sizes, each read by itself.
  const expanded = Math.SQRT2 * trialDoubt(read).expanded;
  const fit = trialFigure({ id: 'lap-play', of: 'length', value: slot - tongue, expanded });
  // Both wrong the same way: the cutter is not as wide as it was said to be.
  const cutter = trialFigure({
    id: 'cutter-off',
    of: 'length',
    value: (slot - PIECE.lap - (tongue - PIECE.lap)) / 2,
    expanded: expanded / 2,
  });
  return { figures: [fit, cutter, ...sizeOff(read, 'slot', PIECE.lap, accuracy(read))] };
};

export const workPocket: Work = (read) => ({
  figures: [
    ...sizeOff(read, 'wide-x', PIECE.pocket, accuracy(read)),
    ...sizeOff(read, 'wide-y', PIECE.pocket, accuracy(read)),
    ...sizeOff(read, 'boss-x', PIECE.pocket, accuracy(read)),
  ],
});

export const workFace: Work = (read) => ({
  figures: (['ridge-x', 'ridge-y'] as const).flatMap((id) => {
    const value = read.get(id);
    if (value === undefined) return [];
    const { expanded } = trialDoubt(read, { ends: 2 });
    return [trialFigure({ id, of: 'length', value, expanded, good: goodLength(read.project).value })];
  }),
});

export const workWallBore: Work = (read) => {
  const walls = ['wall-low', 'wall-middle', 'wall-high'].flatMap((id) => read.get(id) ?? []);
  const bores = DISC.flatMap((d) => read.get(`bore-${d}`) ?? []);
  const { standard } = trialDoubt(read);
  const good = accuracy(read);
  const wide = (id: string, values: readonly number[], share: number) => {
    const range = Math.max(...values) - Math.min(...values);
    const expanded = share * rangeDoubt(range, values.length, standard);
    return trialFigure({ id, of: 'length', value: share * range, expanded, good });
  };
  return {
    figures: [
      ...(walls.length === 3 ? [wide('wall-taper', walls, 1)] : []),
      ...(bores.length === DISC.length ? [wide('round', bores, 1 / 2)] : []),
    ],
  };
};

export const workDiscSense: Work = (read) => {
  const [climb, against] = [read.get('climb'), read.get('conventional')];
  if (climb === undefined || against === undefined) return {};
  // Half of a difference of two sizes, each read by itself.
  const expanded = trialDoubt(read).expanded / Math.SQRT2;
  const value = Math.abs(climb - against) / 2;
  return { figures: [trialFigure({ id: 'gives', of: 'length', value, expanded, good: accuracy(read) })] };
};

/** A kerf and the scale of both ways, out of hole and drop of one square cut without compensation. */
export const workPlasmaSquare: Work = (read) => {
  const { expanded } = trialDoubt(read, { size: PIECE.plasmaSquare });
  const W = PIECE.plasmaSquare;
  const figures = (['x', 'y'] as const).flatMap((way) => {
    const [hole, drop] = [read.get(`hole-${way}`), read.get(`drop-${way}`)];
    if (hole === undefined || drop === undefined) return [];
    const both = Math.SQRT1_2 * expanded;
    return [
      trialFigure({ id: `kerf-${way}`, of: 'length', value: (hole - drop) / 2, expanded: both }),
      trialFigure({
        id: `scale-${way}`,
        of: 'slope',
        value: (hole + drop) / (2 * W) - 1,
        expanded: both / W,
        good: goodSlope(read.project, W).value,
      }),
    ];
  });
  return { figures };
};

/** A touch is good enough within this; common practice, no source. */
const TOUCH = 0.2e-3;

export const workTouchOff: Work = (read) => {
  const heights = column(read, 'height').map((c) => c.value);
  if (heights.length < 5) return {};
  const { scatter, expanded } = scatterDoubt(heights);
  const { mean, expanded: off } = meanDoubt(read, heights);
  const give = read.get('give') ?? 0;
  return {
    figures: [
      trialFigure({
        id: 'comes-back',
        of: 'length',
        value: 4 * scatter,
        expanded: 4 * expanded,
        good: TOUCH,
        byScatter: true,
      }),
      // The sheet springs back by what the switch pressed it down.
      trialFigure({ id: 'touch-height', of: 'length', value: mean - give, expanded: off }),
    ],
    series: [{ name: 'height', points: heights.map((y, i) => ({ x: i + 1, y })) }],
  };
};

/** Runout of a router spindle by its collet; common practice, no source. */
const RUNOUT = { near: 0.03e-3, further: 0.06e-3 } as const;
const BEARING = 45;

export const workSpindle: Work = (read) => {
  const { expanded } = trialDoubt(read, { ends: 2 });
  const length = (id: 'near' | 'further' | 'grown', good: number | null) => {
    const value = read.get(id);
    return value === undefined
      ? []
      : [trialFigure({ id: `spindle-${id}`, of: 'length', value, expanded, good })];
  };
  const warmer = read.get('warmer');
  return {
    figures: [
      ...length('near', RUNOUT.near),
      ...length('further', RUNOUT.further),
      ...length('grown', goodLength(read.project).value),
      ...(warmer === undefined
        ? []
        : [trialFigure({ id: 'case', of: 'temperatureRise', value: warmer, expanded: 2, good: BEARING })]),
    ],
  };
};
