import { DIRECTIONS } from './answer';
import { innerFlexibility } from './element';
import { globalShapes, type Part, type Ready } from './frame';
import type { Gantry } from './gantry';

/** Loads on the beams: a row for each of their six unknowns, a column for each load. */
export type Loads = readonly (readonly number[])[];

/** A place along the beams: the piece of each beam under it, and where on the piece it lies. */
export interface Spot {
  readonly part: readonly Part[];
  readonly nodes: readonly (readonly [number, number])[];
  /** 0 to 1. */
  readonly at: number;
  readonly shapes: readonly Float64Array[];
}

/**
 * Finds places along the beams of a gantry, in m from its start.
 * @param pieces of each beam, all alike.
 */
export function spots(
  { beams }: Gantry,
  ready: Ready,
  length: number,
  pieces: number,
): (place: number) => Spot {
  // Looked up once: 200 places would otherwise search the list of members 200 times.
  const partsOfBeam = beams.map((b) =>
    Array.from({ length: pieces }, (_, i) =>
      ready.parts.find((p) => p.element.a === b[i] && p.element.b === b[i + 1])!,
    ),
  );
  return (place) => {
    const s = Math.min(1, Math.max(0, place / length)) * pieces;
    const i = Math.min(pieces - 1, Math.floor(s));
    const part = partsOfBeam.map((p) => p[i]!);
    return {
      part,
      nodes: beams.map((b) => [b[i]!, b[i + 1]!] as const),
      at: s - i,
      shapes: part.map((p) => globalShapes(p, s - i)),
    };
  };
}

/** What forces at a place are at one unknown of a node beside it, for three loads. */
export interface NodeLoad {
  readonly node: number;
  readonly dof: number;
  readonly f: readonly [number, number, number];
}

/** Loads at the nodes beside a place for forces at a point: value by (node, unknown), three directions. */
export function nodal(spot: Spot, loads: Loads): NodeLoad[] {
  const found: NodeLoad[] = [];
  spot.nodes.forEach((pair, b) =>
    pair.forEach((node, end) => {
      for (let dof = 0; dof < 6; dof++) {
        const f: [number, number, number] = [0, 0, 0];
        for (let i = 0; i < 6; i++) {
          const n = spot.shapes[b]![i * 12 + 6 * end + dof]!;
          if (n !== 0) for (const d of DIRECTIONS) f[d] += n * loads[6 * b + i]![d]!;
        }
        found.push({ node, dof, f });
      }
    }),
  );
  return found;
}

/** The movement of a place by a load's own shape, out of the movements of the nodes beside it. */
export const readOff = (
  load: readonly NodeLoad[],
  d: number,
  u: (node: number, dof: number) => number,
): number => load.reduce((s, { node, dof, f }) => s + f[d]! * u(node, dof), 0);

/** Adds a load to a vector of all unknowns, and gives the vector. */
export function addLoad(
  load: readonly NodeLoad[],
  d: number,
  factor: number,
  into: Float64Array,
): Float64Array {
  for (const { node, dof, f } of load) into[6 * node + dof]! += factor * f[d]!;
  return into;
}

/** A column of loads in the axes of a piece of a beam. */
const ownLoad = (p: Part, beam: number, loads: Loads, d: number): number[] =>
  [0, 1].flatMap((block) =>
    p.axes.map(
      (v) =>
        v[0] * loads[6 * beam + 3 * block]![d]! +
        v[1] * loads[6 * beam + 3 * block + 1]![d]! +
        v[2] * loads[6 * beam + 3 * block + 2]![d]!,
    ),
  );

/** What gives within a piece, parted into bending and twist; m/N. */
export interface Inner {
  readonly bend: number;
  readonly twist: number;
}

/**
 * What the piece under the carriage gives between its own nodes under two loads, a column of each: bending
 * and twist. With one load alone it is what that gives under itself.
 */
export function inner(spot: Spot, one: Loads, c: number, other: Loads = one, k = c): Inner {
  let [bend, twist] = [0, 0];
  spot.part.forEach((p, b) => {
    const flex = innerFlexibility(p.element.member, p.length, spot.at);
    const left = ownLoad(p, b, one, c);
    const right = one === other && c === k ? left : ownLoad(p, b, other, k);
    for (let i = 0; i < 6; i++)
      for (let j = 0; j < 6; j++) {
        const e = left[i]! * flex[i * 6 + j]! * right[j]!;
        if (i === 3 && j === 3) twist += e;
        else bend += e;
      }
  });
  return { bend, twist };
}
