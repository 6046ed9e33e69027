import {
  between,
  heightsByLevel,
  minimumZone,
  type Point,
  rangeAbout,
  shimsFor,
  sidewaysFor,
  standingOut,
  zoneDoubt,
} from '@/core/metrology';
import { figureOf } from './figure';
import { type Read, usualDoubt } from './readings';
import { NO_RESULT, type SheetMove, type SheetResult } from './result';
import type { SheetPlan } from './sheet';

/** Shims are sold in such steps, m; common practice, no source. */
export const SHIM_STEP = 0.01e-3;

/** Points along a rail out of what was read, by the method. */
export function pointsOf(plan: SheetPlan, read: Read, method: string): readonly Point[] {
  const { places } = plan;
  const at = (i: number) => read.means[i]?.mean;
  if (method === 'level') {
    const slopes = places.slice(1).map((_, i) => at(i + 1));
    const known = slopes.findIndex((s) => s === undefined);
    const usable = (known < 0 ? slopes : slopes.slice(0, known)) as number[];
    const base = places[1]!.x - places[0]!.x;
    return heightsByLevel(base, usable);
  }
  return places.flatMap(({ x }, i) => {
    const [one, other] = [at(i), at(i + places.length)];
    if (method !== 'edge-turned') return one === undefined ? [] : [{ x, h: one }];
    return one === undefined || other === undefined ? [] : [{ x, h: (one + other) / 2 }];
  });
}

/** Standard uncertainty of one point, by how it was read. */
function pointDoubt(plan: SheetPlan, read: Read, method: string) {
  const reading = usualDoubt(read);
  if (method === 'edge-turned') return { reading, standard: reading.standard / Math.SQRT2 };
  if (method !== 'level') return { reading, standard: reading.standard };
  // A walk is least sure in its middle.
  const steps = plan.places.length - 1;
  const base = plan.places[1]!.x - plan.places[0]!.x;
  return { reading, standard: (base * reading.standard * Math.sqrt(steps)) / 2 };
}

/** Below so many points nothing is said of a line. */
const LEAST = 3;

/** Nobody moves a bolt by less, m. */
const LEAST_MOVE = 1e-6;

const moves = (kind: SheetMove['kind'], list: readonly { readonly by: number }[]): readonly SheetMove[] =>
  list.flatMap(({ by }, bolt) => (Math.abs(by) < LEAST_MOVE ? [] : [{ kind, bolt, by }]));

/** Whether a sheet goes sideways; else it goes up. */
const isSide = ({ key }: SheetPlan) => key.endsWith('/side');

/** A rail by itself: the narrowest band, and shims or moves that make it straight. */
export function workStraight(plan: SheetPlan, read: Read, method: string): SheetResult {
  const points = pointsOf(plan, read, method);
  const { reading, standard } = pointDoubt(plan, read, method);
  if (points.length < LEAST) return { ...NO_RESULT, points, standard };
  const zone = minimumZone(points);
  const made = { id: 'zone', of: 'length', value: zone.range, good: plan.good.value } as const;
  // Of a round that others came after only the figure is wanted: how far it is off, and moves, cost most.
  if (read.rough)
    return { ...NO_RESULT, figures: [figureOf({ ...made, standard }, reading, 0)], points, standard };
  const doubt = zoneDoubt(points, zone, standard);
  const bolts = plan.bolts.map((b) => b.x);
  // A line wants two bolts: with fewer there is nothing to shim.
  const none = { moves: [], left: null };
  const found = isSide(plan)
    ? sidewaysFor
    : (p: readonly Point[], b: readonly number[]) => shimsFor(p, b, SHIM_STEP);
  const shims = bolts.length < 2 ? none : found(points, bolts);
  return {
    ...NO_RESULT,
    figures: [figureOf({ ...made, ...doubt }, reading, read.scatter)],
    moves: moves(isSide(plan) ? 'side' : 'shim', shims.moves),
    expected: shims.left,
    points,
    band: { top: zone.top, bottom: zone.bottom, slope: zone.slope },
    contacts: zone.contacts,
    asked: standingOut(points, standard),
    standard,
  };
}

/** One rail against the other: they may lie apart as they like, but all along alike. */
export function workParallel(plan: SheetPlan, read: Read, method: string): SheetResult {
  const points = pointsOf(plan, read, method);
  const { reading, standard } = pointDoubt(plan, read, method);
  if (points.length < 2) return { ...NO_RESULT, points, standard };
  const range = rangeAbout(points, 0);
  const heights = points.map((p) => p.h);
  const made = {
    id: 'range',
    of: 'length',
    value: range,
    standard: Math.SQRT2 * standard,
    // Both ends of a range are chosen by scatter too: without any it would still be so wide.
    wider: range - Math.sqrt(Math.max(0, range ** 2 - (3.2 * standard) ** 2)),
    good: plan.good.value,
  } as const;
  const figures = [figureOf(made, reading, read.scatter)];
  if (read.rough) return { ...NO_RESULT, figures, points, standard };
  const bolts = plan.bolts.map((b) => b.x);
  const goesUp = plan.key.endsWith('/height');
  const shims = goesUp && bolts.length > 1 ? shimsFor(points, bolts, SHIM_STEP, 0) : null;
  const mean = heights.reduce((s, h) => s + h, 0) / heights.length;
  // Through the bridge B reads more where it is too near; a distance is more where it is too far.
  const outward = method === 'bridge' ? 1 : -1;
  const sides = shims ? [] : sidewaysMoves(points, bolts, mean, outward);
  return {
    ...NO_RESULT,
    figures,
    moves: shims ? moves('shim', shims.moves) : sides,
    expected: shims?.left ?? (sides.length ? 0 : null),
    points,
    band: { top: Math.max(...heights), bottom: Math.min(...heights), slope: 0 },
    contacts: points.filter((p) => p.h === Math.max(...heights) || p.h === Math.min(...heights)),
    asked: standingOut(points, standard),
    standard,
  };
}

/** Outward moves of the second rail, so that it lies everywhere as far off as in the mean. */
function sidewaysMoves(
  points: readonly Point[],
  bolts: readonly number[],
  mean: number,
  outward: 1 | -1,
): readonly SheetMove[] {
  return moves(
    'side',
    bolts.map((x) => ({ by: outward * (between(points, x) - mean) })),
  );
}
