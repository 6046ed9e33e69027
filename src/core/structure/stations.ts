import { entryOf } from '@/core/numerics';
import { DIRECTIONS, type Station } from './answer';
import type { Vector } from './element';
import { type LoadedGantry, plateShares } from './loaded-gantry';
import { inner, type Loads, nodal, readOff } from './spot';

/** How the nodes beside a place move: by unit loads at one another, and at the feet. */
interface Block {
  readonly n: number;
  readonly near: Float64Array;
  readonly low: Float64Array;
}

function blockAt({ inverse, standing }: LoadedGantry, nodes: readonly number[]): Block {
  const dofs = nodes.flatMap((n) => Array.from({ length: 6 }, (_, i) => 6 * n + i));
  const [n, m] = [dofs.length, standing.rows.length];
  const near = new Float64Array(n * n);
  const low = new Float64Array(n * m);
  dofs.forEach((r, i) => {
    for (let j = 0; j < n; j++) near[i * n + j] = entryOf(inverse, r, dofs[j]!);
    for (let j = 0; j < m; j++) low[i * m + j] = standing.columns[j]![r]!;
  });
  return { n, near, low };
}

/** aᵀ M c for a square matrix by rows. */
function between(matrix: Float64Array, a: Float64Array, c: Float64Array): number {
  const n = a.length;
  let s = 0;
  for (let i = 0; i < n; i++)
    if (a[i] !== 0) {
      let t = 0;
      for (let j = 0; j < n; j++) t += matrix[i * n + j]! * c[j]!;
      s += a[i]! * t;
    }
  return s;
}

/** A load at the nodes beside a place, as the feet feel it. */
function feltBelow(load: Float64Array, low: Float64Array, into: Float64Array): Float64Array {
  const m = into.fill(0).length;
  for (let i = 0; i < load.length; i++)
    if (load[i] !== 0) for (let j = 0; j < m; j++) into[j]! += load[i]! * low[i * m + j]!;
  return into;
}

/**
 * Loads of a place: 0 to 2 a newton at the tool along x, y, z; 3 one up where the weight acts; 4 the
 * couple.
 */
const WEIGHT = 3;
const COUPLE = 4;

/** Asks places along the beams, for one place along the bed. Blocks are kept from one place to the next. */
export function stations(g: LoadedGantry): (bed: number, places: readonly number[]) => Station[] {
  const { toolLoads, weightLoads, couple, standing, ownMove, weight, series } = g;
  const m = standing.rows.length;
  const blocks = new Map<number, Block>();
  const ready = (nodes: readonly number[]): Block => {
    const known = blocks.get(nodes[0]!) ?? blockAt(g, nodes);
    blocks.set(nodes[0]!, known);
    return known;
  };
  const seriesSum = DIRECTIONS.map((d) => series.reduce((s, p) => s + p.compliance[d]!, 0));
  const felt = [...DIRECTIONS, WEIGHT, COUPLE].map(() => new Float64Array(m));
  /** Which loads a number stands for, and the column of them. */
  const columnOf = (c: number): readonly [Loads, number] => {
    if (c < WEIGHT) return [toolLoads, c];
    return c === WEIGHT ? [weightLoads, 2] : [couple!, 0];
  };
  return (bed, places) => {
    const correction = Float64Array.from(standing.beds[bed]!.W.to1DArray());
    const own = ownMove[bed]!;
    return places.map((at): Station => {
      const spot = g.spotAt(at);
      const { near, low } = ready(spot.nodes.flat());
      const numbers = couple ? [...DIRECTIONS, WEIGHT, COUPLE] : [...DIRECTIONS, WEIGHT];
      const push = nodal(spot, toolLoads);
      const fall = nodal(spot, weightLoads);
      const pair = couple && nodal(spot, couple);
      const loads = numbers.map((c) => {
        if (c < WEIGHT) return Float64Array.from(push, ({ f }) => f[c]!);
        return c === WEIGHT
          ? Float64Array.from(fall, ({ f }) => f[2])
          : Float64Array.from(pair!, ({ f }) => f[0]);
      });
      loads.forEach((load, c) => feltBelow(load, low, felt[c]!));
      /** What one load moves the place of another by, or itself. */
      const joint = (c: number, k: number) => {
        const { bend, twist } = inner(spot, ...columnOf(c), ...columnOf(k));
        const free = between(near, loads[c]!, loads[k]!) - between(correction, felt[c]!, felt[k]!);
        return free + bend + twist;
      };
      const coupled = couple ? joint(COUPLE, COUPLE) : 0;
      /** Two loads with the plate settled between the beams. */
      const settled = (c: number, k: number) =>
        joint(c, k) - (couple ? (joint(c, COUPLE) * joint(COUPLE, k)) / coupled : 0);
      const compliance = DIRECTIONS.map(
        (d) => settled(d, d) + plateShares(g, at, d).reduce((s, p) => s + p.value, 0) + seriesSum[d]!,
      ) as unknown as Vector;
      const ownAt = (load: typeof push, d: number) => readOff(load, d, (node, dof) => own[6 * node + dof]!);
      const ownZ = ownAt(push, 2) - (pair ? (joint(2, COUPLE) * ownAt(pair, 0)) / coupled : 0);
      return { at, compliance, sag: settled(2, WEIGHT) * weight - ownZ };
    });
  };
}
