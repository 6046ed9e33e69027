import { inverse, Matrix } from 'ml-matrix';
import type { MemberProperties } from '@/core/sections';
import type { Vector } from './element';
import { prepare, solve } from './frame';

const PIECES = 24;
/** Supports hold a bed member against turning about its own length. */
const HELD = 1e10;

/**
 * What one side of a bed gives under a gantry: a member along x on evenly spread supports, the first and last
 * at its ends.
 * The supports hold upright and across with the same stiffness, and against turning about the member.
 * @param supportStiffness of one support, N/m. @param places from the member's start, m.
 * @returns a 6 x 6 flexibility for each place; undefined where the supports are so soft against the member
 * that it counts as loose.
 */
export function bedFlexibility(
  member: MemberProperties,
  length: number,
  supports: number,
  supportStiffness: number,
  places: readonly number[],
): number[][][] | undefined {
  // A node at every support and every place, and a few between, so that nothing has to be interpolated.
  const at = [
    ...new Set(
      [
        ...Array.from({ length: PIECES + 1 }, (_, i) => (length * i) / PIECES),
        ...Array.from({ length: supports }, (_, i) => (length * i) / (supports - 1)),
        ...places.map((p) => Math.min(length, Math.max(0, p))),
      ].map((x) => Number(x.toFixed(9))),
    ),
  ].sort((a, b) => a - b);
  const nodes = at.map((x): Vector => [x, 0, 0]);
  const nodeAt = (x: number) => at.indexOf(Number(Math.min(length, Math.max(0, x)).toFixed(9)));
  const ready = prepare({
    nodes,
    elements: nodes.slice(1).map((_, i) => ({ a: i, b: i + 1, member, group: 'bed' })),
    joints: [],
    grounds: Array.from({ length: supports }, (_, i) => ({
      node: nodeAt((length * i) / (supports - 1)),
      stiffness: [supportStiffness, supportStiffness, supportStiffness, HELD, 0, 0],
      group: 'supports',
    })),
  });
  if (!ready.ok) return undefined;
  return places.map((place) => {
    const node = nodeAt(place);
    const columns = Array.from({ length: 6 }, (_, d) => {
      const f = new Float64Array(6 * nodes.length);
      f[6 * node + d] = 1;
      return solve(ready, f);
    });
    return Array.from({ length: 6 }, (_, i) => columns.map((c) => c[6 * node + i]!));
  });
}

/**
 * Two members side by side under one plate: they share forces, and hold a moment about the bed as a couple.
 * @param member flexibility of one, 6 x 6. @param spacing between them, m, above 0.
 */
export function pairFlexibility(member: readonly (readonly number[])[], spacing: number): number[][] {
  const K = inverse(new Matrix(member.map((r) => [...r])));
  let sum = Matrix.zeros(6, 6);
  for (const y of [-spacing / 2, spacing / 2]) {
    // A point at y moves along x by -y times the turn about z, and up by y times the turn about x.
    const T = Matrix.eye(6);
    T.set(0, 5, -y);
    T.set(2, 3, y);
    sum = sum.add(T.transpose().mmul(K).mmul(T));
  }
  return inverse(sum).to2DArray();
}
