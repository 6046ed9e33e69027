import {
  fourPoints,
  JACK_DAMP,
  jackMoves,
  leastSquaresPlane,
  planeFormulas,
  type SixLengths,
  squareFormulas,
} from '@/core/metrology';
import { quantity } from '@/core/units';
import { figureOf } from './figure';
import { isComplete, type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetMove, type SheetResult } from './result';
import type { SheetPlan } from './sheet';

const length = (v: number) => quantity('length', v);

const valuesOf = ({ means }: Read): readonly number[] => means.map((m) => m?.mean ?? NaN);

/** Points of what is no line: one a place, for the drawing. */
const dots = (values: readonly number[]) => values.flatMap((h, x) => (Number.isFinite(h) ? [{ x, h }] : []));

/** Heights of four corners: by slopes along the sides of the ring, or read at the corners. */
function cornerHeights(plan: SheetPlan, values: readonly number[], method: string): readonly number[] {
  if (method !== 'level') return values;
  const { length: a = 1, width: b = 1 } = plan.sizes;
  // Four slopes round the ring: near side, right, far, left, each rising along the sense of +X or +Y.
  const [near, right, far, left] = values as [number, number, number, number];
  const h1 = a * near;
  const h3 = b * left;
  // The far corner is reached both ways: the mean of both.
  return [0, h1, (h1 + b * right + h3 + a * far) / 2, h3];
}

/** Four corners of a frame: its twist, and how far it is off level. */
export function workCorners(plan: SheetPlan, read: Read, method: string): SheetResult {
  const values = valuesOf(read);
  if (!isComplete(read)) return { ...NO_RESULT, points: dots(values) };
  const { length: a = 1, width: b = 1 } = plan.sizes;
  const h = cornerHeights(plan, values, method);
  const reading = usualDoubt(read);
  const [first, second, third, fourth] = h.map(length) as unknown as ReturnType<typeof length>[];
  const twist = planeFormulas.twistOfFour.evaluate({
    first: first!,
    second: second!,
    third: third!,
    fourth: fourth!,
  });
  // Of heights four quarters; of slopes the sides of the ring, each with half.
  const standard =
    method === 'level' ? (Math.hypot(a, b) * Math.SQRT2 * reading.standard) / 8 : reading.standard / 2;
  const plane = leastSquaresPlane(plan.places.map((p, i) => ({ ...p, h: h[i]! })));
  const slope = (id: string, value: number) =>
    figureOf(
      { id, of: 'slope', value, standard: reading.standard / Math.SQRT2, good: null },
      reading,
      read.scatter,
    );
  // Corners come up one by one, and only up: all of it in the end, seven tenths a round.
  const { turns } = jackMoves({
    spots: plan.places.map((p, i) => ({ ...p, h: h[i]! })),
    rise: [0, 1, 2, 3].map((i) => [0, 1, 2, 3].map((j) => (i === j ? 1 : 0))),
    level: false,
    down: 0,
    up: 1,
  });
  return {
    ...NO_RESULT,
    figures: [
      figureOf(
        { id: 'twist', of: 'length', value: twist, standard, good: plan.good.value },
        reading,
        read.scatter,
      ),
      ...(method === 'level' ? [slope('level-x', plane.alongX), slope('level-y', plane.alongY)] : []),
    ],
    moves: turns.flatMap((turn, bolt): SheetMove[] =>
      turn > 1e-7 ? [{ kind: 'raise', bolt, by: JACK_DAMP * turn }] : [],
    ),
    expected: (1 - JACK_DAMP) * Math.abs(twist),
    points: dots(h),
    standard: reading.standard,
  };
}

/** A table over a grid. */
export function workFlat(plan: SheetPlan, read: Read): SheetResult {
  const values = valuesOf(read);
  const spots = plan.places.flatMap((p, i) => (Number.isFinite(values[i]) ? [{ ...p, h: values[i]! }] : []));
  const reading = usualDoubt(read);
  if (spots.length < 4) return { ...NO_RESULT, points: dots(values), standard: reading.standard };
  const plane = leastSquaresPlane(spots);
  const u = reading.standard;
  const made = {
    id: 'flat',
    of: 'length',
    value: plane.flatness,
    standard: Math.SQRT2 * u,
    wider: plane.flatness - Math.sqrt(Math.max(0, plane.flatness ** 2 - (3.2 * u) ** 2)),
    good: plan.good.value,
  } as const;
  return {
    ...NO_RESULT,
    figures: [figureOf(made, reading, read.scatter)],
    // Down to below the lowest place, so that all of it is cut.
    moves: [{ kind: 'skim', bolt: null, by: plane.flatness + 2 * u }],
    expected: 0,
    points: dots(values),
    standard: u,
  };
}

const sixOf = ([near, right, far, left, rising, falling]: readonly number[]): SixLengths => ({
  near: near!,
  right: right!,
  far: far!,
  left: left!,
  rising: rising!,
  falling: falling!,
});

/** Squareness and its standard uncertainty, by the way in which it was read. */
function gammaOf(plan: SheetPlan, values: readonly number[], method: string, u: number) {
  const { along = 1, across = 1 } = plan.sizes;
  const sides = { along: length(along), across: length(across) };
  if (method === 'six') {
    const { out, gain, residual } = fourPoints(sixOf(values));
    return { gamma: out[0], standard: gain * u, residual };
  }
  if (method === 'three') {
    const given = { along: length(values[0]!), across: length(values[1]!), third: length(values[2]!) };
    const standard = squareFormulas.threeSidesDoubt.evaluate({ ...given, reading: length(u) });
    return { gamma: squareFormulas.byThreeSides.evaluate(given), standard, residual: 0 };
  }
  if (method === 'square-turned') {
    // Near and far end of the blade, then the same with the square turned over.
    const slope = (near: number, far: number) => quantity('slope', (far - near) / across);
    const given = { kept: slope(values[0]!, values[1]!), turned: slope(values[2]!, values[3]!) };
    return { gamma: squareFormulas.bySquareTurned.evaluate(given), standard: u / across, residual: 0 };
  }
  const given = { first: length(values[0]!), second: length(values[1]!), ...sides };
  const standard = squareFormulas.diagonalsDoubt.evaluate({ ...given, reading: length(u) });
  return { gamma: squareFormulas.byDiagonals.evaluate(given), standard, residual: 0 };
}

/** The angle between two motions, and how far one end of the gantry leads. */
export function workSquare(plan: SheetPlan, read: Read, method: string): SheetResult {
  const values = valuesOf(read);
  const { across = 1, span = 1, sets = 1 } = plan.sizes;
  const reading = usualDoubt(read, method === 'square-turned' ? 0 : across);
  if (!isComplete(read)) return { ...NO_RESULT, points: dots(values), standard: reading.standard };
  const { gamma, standard, residual } = gammaOf(plan, values, method, reading.standard);
  const lead = squareFormulas.leadOfEnd.evaluate({ out: quantity('slope', gamma), span: length(span) });
  const figures = [
    figureOf(
      { id: 'gamma', of: 'slope', value: gamma, standard, good: plan.good.value },
      reading,
      read.scatter,
    ),
  ];
  // Six lengths have one to spare: what is left over tells of a slip.
  if (method === 'six')
    figures.push(
      figureOf(
        { id: 'left-over', of: 'length', value: residual, standard: 0, good: 3 * reading.standard },
        reading,
        read.scatter,
      ),
    );
  return {
    ...NO_RESULT,
    figures,
    moves: [{ kind: sets === 2 ? 'home' : 'end', bolt: null, by: -lead }],
    expected: 0,
    points: dots(values),
    standard: reading.standard,
  };
}

/** Both ends of a gantry over the table: its roll, and how it winds along the bed. */
export function workEnds(plan: SheetPlan, read: Read): SheetResult {
  const values = valuesOf(read);
  const reading = usualDoubt(read);
  if (!isComplete(read)) return { ...NO_RESULT, points: dots(values), standard: reading.standard };
  const [nearLeft, nearRight, farLeft, farRight] = values as [number, number, number, number];
  const { span = 1, feet = span } = plan.sizes;
  const [near, far] = [nearRight - nearLeft, farRight - farLeft];
  const roll = (near + far) / 2;
  const u = reading.standard;
  const { good } = plan;
  const figures = [
    figureOf({ id: 'roll', of: 'length', value: roll, standard: u, good: good.value }, reading, read.scatter),
    // Told, not judged: before the table is skimmed it may be the table's.
    figureOf(
      { id: 'wind', of: 'length', value: far - near, standard: 2 * u, good: null },
      reading,
      read.scatter,
    ),
  ];
  // The indicator reads more where the gantry is low: that foot is shimmed.
  const by = (Math.abs(roll) * feet) / span;
  return {
    ...NO_RESULT,
    figures,
    moves: by ? [{ kind: 'shim', bolt: roll > 0 ? 1 : 0, by }] : [],
    expected: 0,
    points: dots(values),
    standard: u,
  };
}
