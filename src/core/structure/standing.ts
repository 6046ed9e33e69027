import { Matrix, solve as solveDense } from 'ml-matrix';
import type { MemberProperties } from '@/core/sections';
import type { Base } from './answer';
import { axesOf, elementStiffness, toGlobal } from './element';
import { type Ready, solve } from './frame';

/** What the feet stand on at one place along the bed. */
interface Bed {
  /** Flexibility under the feet: of the bed with its rods, and of the rods alone. */
  readonly F: Matrix;
  readonly rods: Matrix | undefined;
  /** Stiffness of carriages and bed together, as the feet feel it. */
  readonly K: Matrix;
  /** What the feet feel of the correction. */
  readonly W: Matrix;
}

/** A frame on its feet: a dense correction of a few unknowns to a frame that is factored once. */
export interface Standing {
  /** Unknowns of the feet in the frame's numbering. */
  readonly rows: readonly number[];
  /** Answer of the frame to a unit load at each of them. */
  readonly columns: readonly Float64Array[];
  readonly beds: readonly Bed[];
  /** A bar from foot to foot: its stiffness, and its mass as it falls to the unknowns of the feet. */
  readonly bar: { readonly stiffness: Matrix; readonly mass: readonly number[] } | undefined;
}

/** Mass of half a member at each unknown of one of its ends, kg and kg·m². */
export function endMass(member: MemberProperties, length: number): readonly number[] {
  const turning = member.turning + (member.mass * length * length) / 12;
  return [0, 1, 2, 3, 4, 5].map((i) => (length / 2) * (i < 3 ? member.mass : turning));
}

/** A member between the two feet, in the machine's directions. */
function barBetween(
  { frame: { nodes } }: Ready,
  feet: readonly number[],
  member: MemberProperties,
): NonNullable<Standing['bar']> {
  const { length, axes } = axesOf(nodes[feet[0]!]!, nodes[feet[1]!]!);
  const k = toGlobal(elementStiffness(member, length), axes);
  const rows = Array.from({ length: 12 }, (_, i) => [...k.subarray(12 * i, 12 * i + 12)]);
  const end = endMass(member, length);
  return { stiffness: new Matrix(rows), mass: [...end, ...end] };
}

/** @param diagonal what was put under the feet to factor the frame with. */
export function standing(
  ready: Ready,
  feet: readonly number[],
  base: Base,
  diagonal: readonly number[],
): Standing {
  const size = 6 * ready.frame.nodes.length;
  const rows = feet.flatMap((n) => Array.from({ length: 6 }, (_, i) => 6 * n + i));
  const columns = rows.map((r) => {
    const f = new Float64Array(size);
    f[r] = 1;
    return solve(ready, f);
  });
  const one = Matrix.eye(rows.length);
  const G = new Matrix(rows.map((r) => columns.map((c) => c[r]!)));
  // True stiffness of what the feet stand on, less what was put on the diagonal to factor with.
  const matrix = (rows: readonly (readonly number[])[]) => new Matrix(rows.map((r) => [...r]));
  const Kc = matrix(base.carriages);
  const bar = base.crossbar && barBetween(ready, feet, base.crossbar);
  const beds = base.beds.map((f, i): Bed => {
    const F = matrix(f);
    const rods = base.rods && matrix(base.rods[i]!);
    const K = solveDense(Matrix.add(one, Kc.mmul(F)), Kc);
    const D = Matrix.sub(bar ? Matrix.add(K, bar.stiffness) : K, Matrix.diag([...diagonal]));
    // D (I + G D)^-1.
    const W = D.mmul(solveDense(Matrix.add(one, G.mmul(D)), one));
    return { F, rods, K, W };
  });
  return { rows, columns, beds, bar };
}

/** The movements of the frame, corrected for what its feet stand on at a place along the bed. */
export function corrected({ rows, columns, beds }: Standing, u: Float64Array, bed: number): Float64Array {
  const out = u.slice();
  const w = beds[bed]!.W.mmul(Matrix.columnVector(rows.map((r) => u[r]!))).to1DArray();
  columns.forEach((c, j) => {
    const f = w[j]!;
    if (f) for (let i = 0; i < out.length; i++) out[i]! -= f * c[i]!;
  });
  return out;
}
