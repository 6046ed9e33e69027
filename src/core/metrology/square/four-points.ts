import { LuDecomposition, Matrix, solve } from 'ml-matrix';

/** Four sides and two diagonals of a four-cornered figure, from the corner that +X and +Y leave. */
export interface SixLengths {
  /** Corner 0 to 1, along X. */
  readonly near: number;
  /** Corner 1 to 2, along Y. */
  readonly right: number;
  /** Corner 2 to 3. */
  readonly far: number;
  /** Corner 3 to 0. */
  readonly left: number;
  /** Corner 0 to 2, and 1 to 3. */
  readonly rising: number;
  readonly falling: number;
}

export interface FourPoints {
  /** Corners, m; the first at the origin, the second on x. */
  readonly corners: readonly (readonly [number, number])[];
  /** Out of square by corner, rad; positive: less than 90°. */
  readonly out: readonly [number, number, number, number];
  /** Root of the sum of the squares that is left: the six lengths have one to spare. */
  readonly residual: number;
  /** Standard uncertainty of the squareness at corner 0 by that of one length. */
  readonly gain: number;
}

const PAIRS = [
  [0, 1],
  [1, 2],
  [2, 3],
  [3, 0],
  [0, 2],
  [1, 3],
] as const;
const ROUNDS = 20;
const NO_FIGURE = 'these six lengths make no figure of four corners';

const cornersOf = (p: readonly number[]): [number, number][] => [
  [0, 0],
  [p[0]!, 0],
  [p[1]!, p[2]!],
  [p[3]!, p[4]!],
];

/** Where each coordinate of a corner stands among the five unknowns. */
const PLACE: readonly (readonly [number | null, number | null])[] = [
  [null, null],
  [0, null],
  [1, 2],
  [3, 4],
];

/** Distances between the corners, and how they change with the unknowns. */
function distances(p: readonly number[]): { readonly d: number[]; readonly jacobian: Matrix } {
  const corners = cornersOf(p);
  const jacobian = Matrix.zeros(PAIRS.length, 5);
  const d = PAIRS.map(([i, j], row) => {
    const [dx, dy] = [corners[j]![0] - corners[i]![0], corners[j]![1] - corners[i]![1]];
    const length = Math.hypot(dx, dy);
    const add = (at: number | null, v: number) =>
      at !== null && jacobian.set(row, at, jacobian.get(row, at) + v);
    add(PLACE[j]![0], dx / length);
    add(PLACE[j]![1], dy / length);
    add(PLACE[i]![0], -dx / length);
    add(PLACE[i]![1], -dy / length);
    return length;
  });
  return { d, jacobian };
}

/** A right angle less the angle at a corner between its two neighbours. */
function outAt(corners: readonly (readonly [number, number])[], i: number): number {
  const [before, here, after] = [corners[(i + 3) % 4]!, corners[i]!, corners[(i + 1) % 4]!];
  const [ax, ay] = [after[0] - here[0], after[1] - here[1]];
  const [bx, by] = [before[0] - here[0], before[1] - here[1]];
  return Math.PI / 2 - Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
}

/**
 * The four corners that fit six measured lengths best, by Gauss and Newton from a rectangle.
 * @throws RangeError where a length is not above nought, or no figure of four corners comes near.
 */
export function fourPoints(lengths: SixLengths): FourPoints {
  const { near, right, far, left, rising, falling } = lengths;
  const asked = [near, right, far, left, rising, falling];
  if (!asked.every((v) => Number.isFinite(v) && v > 0)) throw new RangeError('a length is not above nought');
  let p = [near, near, (left + right) / 2, 0, (left + right) / 2];
  let normal = Matrix.eye(5);
  for (let round = 0; round < ROUNDS; round++) {
    const { d, jacobian } = distances(p);
    const short = Matrix.columnVector(asked.map((v, i) => v - d[i]!));
    normal = jacobian.transpose().mmul(jacobian);
    const halves = new LuDecomposition(normal);
    // Lengths that lie on one line, or run away from one another.
    if (!Number.isFinite(halves.determinant) || halves.isSingular()) throw new RangeError(NO_FIGURE);
    const step = halves.solve(jacobian.transpose().mmul(short)).to1DArray();
    p = p.map((v, i) => v + step[i]!);
    if (Math.max(...step.map(Math.abs)) < 1e-14 * near) break;
  }
  const { d } = distances(p);
  const residual = Math.hypot(...asked.map((v, i) => v - d[i]!));
  if (!Number.isFinite(residual) || residual > 0.1 * near) throw new RangeError(NO_FIGURE);
  const corners = cornersOf(p);
  const out = [0, 1, 2, 3].map((i) => outAt(corners, i)) as [number, number, number, number];
  return { corners, out, residual, gain: gainOf(p, normal) };
}

/** How the squareness at corner 0 scatters with the lengths: it is the slope of the left side. */
function gainOf(p: readonly number[], normal: Matrix): number {
  const [x, y] = [p[3]!, p[4]!];
  const slope = Matrix.columnVector([0, 0, 0, y / (x * x + y * y), -x / (x * x + y * y)]);
  return Math.sqrt(slope.transpose().mmul(solve(normal, slope)).get(0, 0));
}
