import type { MemberProperties } from '@/core/sections';

export type Vector = readonly [number, number, number];

/** A straight member between two nodes. */
export interface FrameElement {
  readonly a: number;
  readonly b: number;
  readonly member: MemberProperties;
  /** What it is part of; strain energy is summed by it. */
  readonly group: string;
}

/**
 * Stiffness of a 3-D beam element in its own axes, 12 x 12, row by row: axial, twist, and bending with shear
 * in two planes (Przemieniecki, Theory of Matrix Structural Analysis; Timoshenko). Unknowns of each end:
 * along, side, up, and the turns about them. @param length m, above 0.
 */
export function elementStiffness(
  { EA, EIv, EIl, GJ, GAv, GAl }: MemberProperties,
  length: number,
): Float64Array {
  const k = new Float64Array(144);
  const put = (i: number, j: number, value: number) => {
    k[i * 12 + j] = value;
    k[j * 12 + i] = value;
  };
  put(0, 0, EA / length);
  put(6, 6, EA / length);
  put(0, 6, -EA / length);
  put(3, 3, GJ / length);
  put(9, 9, GJ / length);
  put(3, 9, -GJ / length);
  // Up and down: deflection 2, turn 4 with a minus; sideways: deflection 1, turn 5.
  for (const [w, t, sign, EI, GA] of [
    [2, 4, -1, EIv, GAv],
    [1, 5, 1, EIl, GAl],
  ] as const) {
    const phi = (12 * EI) / (GA * length * length);
    const c = EI / (length ** 3 * (1 + phi));
    put(w, w, 12 * c);
    put(w + 6, w + 6, 12 * c);
    put(w, w + 6, -12 * c);
    put(w, t, sign * 6 * length * c);
    put(w, t + 6, sign * 6 * length * c);
    put(w + 6, t, -sign * 6 * length * c);
    put(w + 6, t + 6, -sign * 6 * length * c);
    put(t, t, (4 + phi) * length * length * c);
    put(t + 6, t + 6, (4 + phi) * length * length * c);
    put(t, t + 6, (2 - phi) * length * length * c);
  }
  return k;
}

const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const scaled = (a: Vector, f: number): Vector => [a[0] * f, a[1] * f, a[2] * f];
const minus = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/**
 * Own axes of a member: along, side, up. "Up" is the global z; for an upright member it is the global x, the
 * way of the bed.
 */
export function axesOf(
  from: Vector,
  to: Vector,
): { length: number; axes: readonly [Vector, Vector, Vector] } {
  const whole = minus(to, from);
  const length = Math.sqrt(dot(whole, whole));
  const along = scaled(whole, 1 / length);
  const reference: Vector = Math.abs(along[2]) > 0.999 ? [1, 0, 0] : [0, 0, 1];
  const across = minus(reference, scaled(along, dot(reference, along)));
  const up = scaled(across, 1 / Math.sqrt(dot(across, across)));
  return { length, axes: [along, cross(up, along), up] };
}

/** Turns a 12 x 12 matrix from own axes into global ones. */
export function toGlobal(k: Float64Array, axes: readonly [Vector, Vector, Vector]): Float64Array {
  const half = new Float64Array(144);
  const out = new Float64Array(144);
  // Block by block: own = R global with the axes as rows of R.
  for (let i = 0; i < 12; i++)
    for (let block = 0; block < 4; block++)
      for (let c = 0; c < 3; c++) {
        let sum = 0;
        for (let m = 0; m < 3; m++) sum += k[i * 12 + 3 * block + m]! * axes[m]![c]!;
        half[i * 12 + 3 * block + c] = sum;
      }
  for (let block = 0; block < 4; block++)
    for (let r = 0; r < 3; r++)
      for (let j = 0; j < 12; j++) {
        let sum = 0;
        for (let m = 0; m < 3; m++) sum += axes[m]![r]! * half[(3 * block + m) * 12 + j]!;
        out[(3 * block + r) * 12 + j] = sum;
      }
  return out;
}

/**
 * How the six movements of a point inside a member follow from those of its ends, in own axes, 6 x 12, row by
 * row: exact for a member without load between its ends, shear counted in (interdependent interpolation).
 * @param at place, 0 to 1.
 */
export function shapes({ EIv, EIl, GAv, GAl }: MemberProperties, length: number, at: number): Float64Array {
  const n = new Float64Array(72);
  const put = (i: number, j: number, value: number) => {
    n[i * 12 + j] = value;
  };
  for (const i of [0, 3]) {
    put(i, i, 1 - at);
    put(i, i + 6, at);
  }
  const s = at;
  for (const [w, t, sign, EI, GA] of [
    [2, 4, -1, EIv, GAv],
    [1, 5, 1, EIl, GAl],
  ] as const) {
    const phi = (12 * EI) / (GA * length * length);
    const c = 1 / (1 + phi);
    put(w, w, c * (1 - 3 * s * s + 2 * s ** 3 + phi * (1 - s)));
    put(w, t, sign * c * length * (s - 2 * s * s + s ** 3 + (phi * (s - s * s)) / 2));
    put(w, w + 6, c * (3 * s * s - 2 * s ** 3 + phi * s));
    put(w, t + 6, sign * c * length * (-s * s + s ** 3 - (phi * (s - s * s)) / 2));
    put(t, w, (sign * c * 6 * (-s + s * s)) / length);
    put(t, t, c * (1 - 4 * s + 3 * s * s + phi * (1 - s)));
    put(t, w + 6, (sign * c * 6 * (s - s * s)) / length);
    put(t, t + 6, c * (-2 * s + 3 * s * s + phi * s));
  }
  return n;
}

/**
 * What a point inside a member gives by itself while both ends are held: 6 x 6 flexibility in own axes; added
 * to what the ends give, the answer is exact between the nodes too. Zero at the ends.
 */
export function innerFlexibility(member: MemberProperties, length: number, at: number): Float64Array {
  const f = new Float64Array(36);
  if (at <= 1e-12 || at >= 1 - 1e-12) return f;
  const [a, b] = [length * at, length * (1 - at)];
  f[0] = (a * b) / (length * member.EA);
  f[21] = (a * b) / (length * member.GJ);
  for (const [w, t, sign, EI, GA] of [
    [2, 4, -1, member.EIv, member.GAv],
    [1, 5, 1, member.EIl, member.GAl],
  ] as const) {
    // The far piece and the near piece, each clamped at its other end: their stiffness at the point adds.
    const piece = (l: number, side: 1 | -1) => {
      const phi = (12 * EI) / (GA * l * l);
      const c = EI / (l ** 3 * (1 + phi));
      return [12 * c, -side * sign * 6 * l * c, (4 + phi) * l * l * c] as const;
    };
    const [p, q] = [piece(a, 1), piece(b, -1)];
    const [ww, wt, tt] = [p[0] + q[0], p[1] + q[1], p[2] + q[2]];
    const det = ww * tt - wt * wt;
    f[w * 6 + w] = tt / det;
    f[t * 6 + t] = ww / det;
    f[w * 6 + t] = -wt / det;
    f[t * 6 + w] = -wt / det;
  }
  return f;
}
