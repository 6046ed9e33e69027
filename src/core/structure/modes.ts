import { DIRECTIONS, type Direction, type Frequency } from './answer';
import { type Ready, solve } from './frame';
import type { LoadedGantry } from './loaded-gantry';
import { addLoad, nodal, readOff } from './spot';
import { corrected, endMass, type Standing } from './standing';

/** Mass at each unknown: half of every member at each of its ends, a bar between the feet too. */
function lumped(ready: Ready, { rows, bar }: Standing, size: number): Float64Array {
  const mass = new Float64Array(size);
  for (const { element, length } of ready.parts) {
    const end = endMass(element.member, length);
    for (const n of [element.a, element.b]) end.forEach((m, i) => (mass[6 * n + i]! += m));
  }
  bar?.mass.forEach((m, i) => (mass[rows[i]!]! += m));
  return mass;
}

/** Steps of the iteration at most, and the relative change at which it has settled. */
const MOST_STEPS = 200;
const SETTLED = 1e-9;

/**
 * Lowest natural frequency with the tool at a place, by inverse iteration (Bathe, finite element
 * procedures).
 */
export function lowestFrequency(g: LoadedGantry, bed: number, place: number): Frequency {
  const { ready, size, carried, weightLoads, toolLoads, ownLoad, standing } = g;
  const spot = g.spotAt(place);
  const mass = lumped(ready, standing, size);
  const point = nodal(spot, weightLoads);
  const times = (x: Float64Array) => {
    const y = x.map((v, i) => v * mass[i]!);
    for (const d of DIRECTIONS)
      addLoad(point, d, carried.mass * readOff(point, d, (node, dof) => x[6 * node + dof]!), y);
    return y;
  };
  // From a push in all three directions: what is softest comes out.
  const start = ownLoad.map(Math.abs);
  for (const d of DIRECTIONS) addLoad(point, d, 1 + 0.3 * d, start);
  let x: Float64Array = corrected(standing, solve(ready, start), bed);
  let [square, iterations] = [0, 0];
  for (; iterations < MOST_STEPS; iterations++) {
    const mx = times(x);
    const y = corrected(standing, solve(ready, mx), bed);
    const my = times(y);
    let [yMx, yMy] = [0, 0];
    for (let i = 0; i < size; i++) {
      yMx += y[i]! * mx[i]!;
      yMy += y[i]! * my[i]!;
    }
    const before = square;
    square = yMx / yMy;
    const norm = 1 / Math.sqrt(yMy);
    x = y.map((v) => v * norm);
    if (Math.abs(square - before) < SETTLED * square) break;
  }
  const push = nodal(spot, toolLoads);
  const move = DIRECTIONS.map((d) => Math.abs(readOff(push, d, (node, dof) => x[6 * node + dof]!)));
  return {
    hertz: Math.sqrt(square) / (2 * Math.PI),
    direction: move.indexOf(Math.max(...move)) as Direction,
    iterations,
  };
}
