import type { Banded } from '@/core/numerics';
import { inverseInBand } from '@/core/numerics';
import type { Base, Carried, Direction, Series, Share } from './answer';
import { GRAVITY } from '@/core/units';
import { addOwnWeight, type Ready, solve } from './frame';
import { beamLoads, coupleLoads, type Gantry, type GantryInput } from './gantry';
import { addLoad, inner, type Loads, nodal, readOff, type Spot, spots } from './spot';
import { corrected, type Standing, standing } from './standing';

/** A gantry that is factored, on its feet, with the loads that every question is asked with. */
export interface LoadedGantry {
  readonly gantry: Gantry;
  readonly ready: Ready;
  readonly standing: Standing;
  /** Entries of the frame's inverse within its band. */
  readonly inverse: Banded;
  readonly carried: Carried;
  readonly series: readonly Series[];
  /** Unknowns of the whole frame. */
  readonly size: number;
  readonly spotAt: (place: number) => Spot;
  /** A newton at the tool along x, y, z, as loads on the beams; and on one beam alone. */
  readonly toolLoads: Loads;
  readonly plateLoads: Loads;
  /** A newton where the weight of what is carried acts. */
  readonly weightLoads: Loads;
  /** The share of a twist between two beams: a load of the plate alone, settled where it does no work. */
  readonly couple: Loads | undefined;
  /** N. */
  readonly weight: number;
  /** The frame's own weight as a load, and the movements that it makes for each place along the bed. */
  readonly ownLoad: Float64Array;
  readonly ownMove: readonly Float64Array[];
}

export function loadedGantry(
  input: GantryInput,
  gantry: Gantry,
  ready: Ready,
  base: Base,
  carried: Carried,
  series: readonly Series[],
): LoadedGantry {
  const { offsets, feet } = gantry;
  const size = 6 * ready.frame.nodes.length;
  const stand = standing(
    ready,
    feet,
    base,
    base.carriages.map((row, i) => row[i]!),
  );
  const tool = [carried.reach, 0, -carried.drop] as const;
  const ownLoad = new Float64Array(size);
  addOwnWeight(ready, ownLoad);
  const own = solve(ready, ownLoad);
  return {
    gantry,
    ready,
    standing: stand,
    inverse: inverseInBand(ready.factor),
    carried,
    series,
    size,
    spotAt: spots(gantry, ready, input.length, input.pieces),
    toolLoads: beamLoads(offsets, tool),
    plateLoads: beamLoads([0], tool),
    weightLoads: beamLoads(offsets, [carried.out, 0, carried.up]),
    couple: offsets.length === 2 ? coupleLoads(offsets) : undefined,
    weight: carried.mass * GRAVITY,
    ownLoad,
    ownMove: stand.beds.map((_, bed) => corrected(stand, own, bed)),
  };
}

/** Carriages on the beam (and rods, where they carry) under a newton at the tool; m/N. */
export function plateShares({ carried, plateLoads }: LoadedGantry, place: number, d: Direction): Share[] {
  const load = plateLoads.map((r) => r[d]!);
  const rods = carried.rods?.(place);
  const drive = load[1]! ** 2 / carried.plate[1];
  const all = load.reduce((s, f, i) => s + (f * f) / carried.plate[i]!, 0);
  return [
    { id: 'drive', value: drive },
    { id: 'carriages', value: all - drive },
    ...(rods ? [{ id: 'rods', value: load.reduce((s, f, i) => s + f * f * rods[i]!, 0) }] : []),
  ];
}

/** Movements of the whole frame under one load at a place. */
const moved = (
  { ready, standing: stand, size }: LoadedGantry,
  spot: Spot,
  loads: Loads,
  d: number,
  bed: number,
) => corrected(stand, solve(ready, addLoad(nodal(spot, loads), d, 1, new Float64Array(size))), bed);

/**
 * The whole frame under a newton at the tool, and the loads on the beams with the plate settled between them.
 */
export function settledPush(
  g: LoadedGantry,
  spot: Spot,
  bed: number,
  d: Direction,
): { u: Float64Array; loads: Loads } {
  const { couple, toolLoads } = g;
  const u = moved(g, spot, toolLoads, d, bed);
  if (!couple) return { u, loads: toolLoads };
  const pair = nodal(spot, couple);
  const v = moved(g, spot, couple, 0, bed);
  const both = (c: Loads, k: number, w: Float64Array) => {
    const { bend, twist } = inner(spot, couple, 0, c, k);
    return readOff(pair, 0, (node, dof) => w[6 * node + dof]!) + bend + twist;
  };
  const share = -both(toolLoads, d, u) / both(couple, 0, v);
  return {
    u: u.map((x, i) => x + share * v[i]!),
    loads: toolLoads.map((r, i) => r.map((x, c) => (c === d ? x + share * couple[i]![0]! : x))),
  };
}
