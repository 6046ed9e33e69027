import { screwSteel } from '@/core/catalogue';
import { evenSquares } from '@/core/guides';
import type { Six } from '@/core/structure';
import type { FrameAxis } from './inputs';
import { type Way, ways } from './plates';

/** Never quite at an end: there nothing bends, and a sum of stiffnesses would divide by nothing. */
const NEAREST_END = 0.02;
/** So many rods may be the corners of a triangle. */
const TRIANGLE = 3;

/**
 * What rods that are held only at their ends give under a carriage: a beam on two supports under a force,
 * a²b²/3EIL, and under a moment, (a² - ab + b²)/3EIL (Roark, beams on two supports). Several rods share; a
 * roll about the travel is a couple between them. The carriage counts as one point of its rod: two bushes
 * apart bend it less.
 * @param along the travel. @param rods that share, of one side or of the whole axis.
 * @param squares of their distances from their middle, added up, m²; 0: a roll bends nothing.
 * @param off from the middle of the rods, m; left out: in the middle, where they give the most.
 * @returns six flexibilities in the machine's directions; undefined where no rod is held so.
 */
export function rodFlexibility(
  axis: FrameAxis,
  along: Way,
  rods: number,
  squares: number,
  off = 0,
): Six | undefined {
  if (!axis.rods) return undefined;
  const { diameter, length: L } = axis.rods;
  const EI = screwSteel.modulus * (Math.PI / 64) * diameter ** 4;
  const a = Math.min(L * (1 - NEAREST_END), Math.max(L * NEAREST_END, L / 2 + off));
  const b = L - a;
  const push = (a * a * b * b) / (3 * EI * L);
  const turn = (a * a - a * b + b * b) / (3 * EI * L);
  const moved = (way: Way) => (way === along ? 0 : push / rods);
  const turned = (way: Way) => (way !== along ? turn / rods : squares > 0 ? push / squares : 0);
  const [x, y, z] = ways;
  return [moved(x), moved(y), moved(z), turned(x), turned(y), turned(z)];
}

/**
 * Squares of the distances of all rods from their middle, added up: in one plane, or corners of a triangle
 * whose third lies off the plane of two, s²/2 + 2h²/3.
 */
function rodSquares({ rails, spacing, offPlane }: FrameAxis): number {
  const flat = evenSquares(rails, spacing ?? 0);
  return rails === TRIANGLE ? flat + (2 / 3) * offPlane ** 2 : flat;
}

/** All rods of an axis under its plate. */
export const rodsUnder = (axis: FrameAxis, along: Way, off = 0): Six | undefined =>
  rodFlexibility(axis, along, axis.rails, rodSquares(axis), off);

/** A plate on rods: springs in series, one by one. */
export function onRods([a, b, c, d, e, f]: Six, rods: Six | undefined): Six {
  const series = (k: number, i: number) => 1 / (1 / k + (rods?.[i] ?? 0));
  return [series(a, 0), series(b, 1), series(c, 2), series(d, 3), series(e, 4), series(f, 5)];
}
