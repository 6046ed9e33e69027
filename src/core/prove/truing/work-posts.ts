import { type Figure, figureOf } from './figure';
import { isComplete, type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetMove, type SheetResult } from './result';
import type { SheetPlan } from './sheet';

/** Posts against the plumb: how far the top of each stands off, along the bed and across it. */
export function workUpright(plan: SheetPlan, read: Read, method: string): SheetResult {
  const reading = usualDoubt(read);
  const { lift = 1 } = plan.sizes;
  // A level reads the slope, + where the top leans to +; a plumb line how far it is off at the top.
  const each = method === 'level' ? lift : 1;
  const standard = each * reading.standard;
  const found = plan.places.flatMap(({ x, y }, i) => {
    const m = read.means[i];
    return m
      ? [{ post: x, way: y === 0 ? ('along' as const) : ('across' as const), off: each * m.mean }]
      : [];
  });
  const figures = found.map(({ post, way, off }) =>
    figureOf(
      { id: `post-${post + 1}-${way}`, of: 'length', value: off, standard, good: plan.good.value },
      reading,
      read.scatter,
    ),
  );
  const moves = found.flatMap(({ post, way, off }): SheetMove[] =>
    off === 0 ? [] : [{ kind: way === 'along' ? 'top-along' : 'top-across', bolt: post, by: -off }],
  );
  return { ...NO_RESULT, figures, moves, expected: 0, standard };
}

const rangeOf = (values: readonly number[]) => Math.max(...values) - Math.min(...values);

/**
 * Ends of what is lifted, low and high: what stays is a screw out of step, what grows is a lead that differs
 * or a post that leans.
 */
export function workStep(plan: SheetPlan, read: Read): SheetResult {
  const reading = usualDoubt(read);
  if (!isComplete(read)) return { ...NO_RESULT, standard: reading.standard };
  const values = read.means.map((m) => m!.mean);
  const count = values.length / 2;
  const [low, high] = [values.slice(0, count), values.slice(count)];
  const grown = high.map((h, i) => h - low[i]!);
  const standard = Math.SQRT2 * reading.standard;
  const figure = (id: string, value: number, u: number): Figure =>
    figureOf({ id, of: 'length', value, standard: u, good: plan.good.value }, reading, read.scatter);
  // The indicator reads more where an end is low: each goes up to the highest.
  const least = Math.min(...low);
  return {
    ...NO_RESULT,
    figures: [
      figure('out-of-step', rangeOf(low), standard),
      figure('grows', rangeOf(grown), Math.SQRT2 * standard),
    ],
    moves: low.flatMap((h, bolt): SheetMove[] =>
      h > least ? [{ kind: 'turn-screw', bolt, by: h - least }] : [],
    ),
    expected: 0,
    points: values.map((h, x) => ({ x, h })),
    standard: reading.standard,
  };
}
