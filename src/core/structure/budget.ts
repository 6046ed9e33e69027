import { Matrix } from 'ml-matrix';
import { type Bent, type Direction, DIRECTIONS, type Share } from './answer';
import type { Vector } from './element';
import { energies, solve } from './frame';
import { type LoadedGantry, plateShares, settledPush } from './loaded-gantry';
import { addLoad, inner, nodal } from './spot';
import { corrected } from './standing';

/**
 * Compliance of the tool by part along one direction, m/N: twice the strain energy of each under one
 * newton.
 */
export function budgetOf(g: LoadedGantry, bed: number, place: number, direction: Direction): Share[] {
  const { ready, standing, series } = g;
  const spot = g.spotAt(place);
  const { u, loads } = settledPush(g, spot, bed, direction);
  const found = energies(ready, u);
  found.delete('base');
  const add = (id: string, value: number) => found.set(id, (found.get(id) ?? 0) + value);
  const { bend, twist } = inner(spot, loads, direction);
  add('beam', bend);
  add('beam-twist', twist);
  // Below the feet: the reaction through the bed, and what carriages and drive give of the rest.
  const { K, F, rods } = standing.beds[bed]!;
  const foot = Matrix.columnVector(standing.rows.map((r) => u[r]!));
  if (standing.bar) add('crossbar', foot.transpose().mmul(standing.bar.stiffness).mmul(foot).get(0, 0));
  const reaction = K.mmul(foot);
  const below = F.mmul(reaction);
  const bent = rods?.mmul(reaction);
  reaction.to1DArray().forEach((r, i) => {
    const ofRods = bent?.get(i, 0) ?? 0;
    add('bed', r * (below.get(i, 0) - ofRods));
    if (bent) add('rods', r * ofRods);
    add(i % 6 === 0 ? 'base-drive' : 'base-carriages', r * (foot.get(i, 0) - below.get(i, 0)));
  });
  for (const s of plateShares(g, place, direction)) add(s.id, s.value);
  for (const s of series) add(s.id, s.compliance[direction]!);
  return [...found].map(([id, value]) => ({ id, value }));
}

/** How the middle of the beams stands along their length, under all weight and a load at the tool. */
export function bentShape(g: LoadedGantry, bed: number, place: number, load: Vector): Bent[] {
  const { ready, standing, weightLoads, weight } = g;
  const { beams, offsets } = g.gantry;
  const spot = g.spotAt(place);
  const falling = addLoad(nodal(spot, weightLoads), 2, -weight, g.ownLoad.slice());
  const u = corrected(standing, solve(ready, falling), bed);
  for (const d of DIRECTIONS)
    if (load[d])
      settledPush(g, spot, bed, d).u.forEach((x, i) => {
        u[i]! += load[d] * x;
      });
  return beams[0]!.map((n, i) => {
    const at = (dof: number) => beams.reduce((s, b) => s + u[6 * b[i]! + dof]!, 0) / beams.length;
    const twist =
      beams.length === 1
        ? u[6 * n + 4]!
        : (u[6 * beams[0]![i]!]! - u[6 * beams[1]![i]!]!) / (offsets[0]! - offsets[1]!);
    return { y: ready.frame.nodes[n]![1], x: at(0), z: at(2), twist };
  });
}
