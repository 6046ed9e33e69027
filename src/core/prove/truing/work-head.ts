import {
  groupEffect,
  leastSquaresLine,
  plateMoves,
  roundFactor,
  solveTogether,
  swingLeft,
  tramFormulas,
} from '@/core/metrology';
import { quantity } from '@/core/units';
import { figureOf } from './figure';
import { isComplete, type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetMove, type SheetResult } from './result';
import type { SheetPlan } from './sheet';

const length = (v: number) => quantity('length', v);
const valuesOf = ({ means }: Read): readonly number[] => means.map((m) => m?.mean ?? NaN);
const dots = (values: readonly number[]) => values.flatMap((h, x) => (Number.isFinite(h) ? [{ x, h }] : []));

/** What takes both leans of a plate away. @param mount upper to lower screws, m. */
function plateOf(lean: { readonly right: number; readonly back: number }, mount: number): SheetMove[] {
  const { shim, at, topLeft } = plateMoves(lean, mount);
  return [
    { kind: at === 'top' ? 'top-shim' : 'bottom-shim', bolt: null, by: shim },
    { kind: topLeft >= 0 ? 'turn-left' : 'turn-right', bolt: null, by: Math.abs(topLeft) },
  ];
}

/** The plunge axis against the table, across and along: by a square, turned over or not. */
export function workLean(plan: SheetPlan, read: Read, method: string): SheetResult {
  const values = valuesOf(read);
  const reading = usualDoubt(read);
  const { height = 1 } = plan.sizes;
  if (!isComplete(read)) return { ...NO_RESULT, points: dots(values), standard: reading.standard };
  const slope = (low: number, high: number) => (values[high]! - values[low]!) / height;
  const turned = method === 'square-turned';
  const mean = (low: number, high: number) =>
    turned ? (slope(low, high) + slope(low + 4, high + 4)) / 2 : slope(low, high);
  const standard = (Math.SQRT2 * reading.standard) / height / (turned ? Math.SQRT2 : 1);
  // The tool nears the blade on its right, then behind it: so its axis leans as it rises.
  const lean = { right: mean(0, 1), back: mean(2, 3) };
  const figures = [
    { id: 'across', value: lean.right },
    { id: 'along', value: lean.back },
  ].map(({ id, value }) =>
    figureOf({ id, of: 'slope', value, standard, good: plan.good.value }, reading, read.scatter),
  );
  return {
    ...NO_RESULT,
    figures,
    moves: plateOf(lean, plan.sizes.mount ?? 1),
    points: dots(values),
    expected: 0,
    standard: reading.standard,
  };
}

/** The spindle against the table: where its top leans to, and what its plate wants. */
export function workTram(plan: SheetPlan, read: Read): SheetResult {
  const values = valuesOf(read);
  const reading = usualDoubt(read);
  if (!isComplete(read)) return { ...NO_RESULT, points: dots(values), standard: reading.standard };
  const [right, back, left, front] = values as [number, number, number, number];
  const radius = length(plan.sizes.radius ?? 1);
  const lean = {
    right: tramFormulas.leanToRight.evaluate({ right: length(right), left: length(left), radius }),
    back: tramFormulas.leanToBack.evaluate({ back: length(back), front: length(front), radius }),
  };
  const standard = reading.standard / (Math.SQRT2 * radius);
  const slope = (id: string, value: number) =>
    figureOf({ id, of: 'slope', value, standard, good: plan.good.value }, reading, read.scatter);
  const rest = swingLeft(right, left, front, back);
  const good = plan.good.value === null ? null : (plan.good.value * 2 * radius) / 2;
  return {
    ...NO_RESULT,
    figures: [
      slope('lean-right', lean.right),
      slope('lean-back', lean.back),
      figureOf(
        { id: 'left-over', of: 'length', value: rest, standard: reading.standard / 2, good },
        reading,
        read.scatter,
      ),
    ],
    moves: plateOf(lean, plan.sizes.mount ?? 1),
    expected: 0,
    points: dots(values),
    standard: reading.standard,
  };
}

/**
 * An arm whose head goes out: what is a line is its root, what is left is sag. Height and tilt hang on the
 * same two bolts, so both are solved together.
 */
export function workDroop(plan: SheetPlan, read: Read): SheetResult {
  const points = plan.places.flatMap(({ x }, i) => {
    const h = read.means[i]?.mean;
    return h === undefined ? [] : [{ x, h }];
  });
  const reading = usualDoubt(read);
  if (points.length < 3) return { ...NO_RESULT, points, standard: reading.standard };
  const { slope, offset } = leastSquaresLine(points);
  const off = points.map((p) => p.h - offset - slope * p.x);
  const sag = Math.max(...off) - Math.min(...off);
  const { reach = 1 } = plan.sizes;
  const u = reading.standard;
  const good = plan.good.value;
  const made = { of: 'length', good } as const;
  return {
    ...NO_RESULT,
    figures: [
      figureOf({ ...made, id: 'drop', value: slope * reach, standard: 1.9 * u }, reading, read.scatter),
      figureOf({ ...made, id: 'sag', value: sag, standard: Math.SQRT2 * u }, reading, read.scatter),
    ],
    // The plunger is pushed in where the head is low: its height is the other way round.
    ...rootMoves(plan, -slope, -offset),
    expected: sag,
    points,
    standard: u,
  };
}

/** Lifts of both bolts of the arm’s root that bring height and tilt of its middle to nought, least 0. */
function rootMoves(
  { bolts, sizes, good }: SheetPlan,
  slope: number,
  offset: number,
): Pick<SheetResult, 'moves' | 'coupled'> {
  const [first, second] = bolts;
  if (!first || !second) return { moves: [], coupled: null };
  const { reach = 1 } = sizes;
  const effect = groupEffect({ first: first.x, second: second.x }, reach / 2);
  const height = good.value ?? 1e-4;
  const { moves } = solveTogether({
    readings: [offset + (slope * reach) / 2, slope],
    limits: [height, height / reach],
    effect,
  });
  // Shims only go in: both rise by what the lower one lacks.
  const least = Math.min(...moves);
  return {
    moves: moves.map((m, bolt) => ({ kind: 'shim', bolt, by: m - least })),
    coupled: roundFactor(effect),
  };
}
