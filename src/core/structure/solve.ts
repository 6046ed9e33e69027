import type { Base, Carried, GantrySolved, Series } from './answer';
import { bentShape, budgetOf } from './budget';
import { buildGantry, type GantryInput } from './gantry';
import { loadedGantry } from './loaded-gantry';
import { lowestFrequency } from './modes';
import { stations } from './stations';

/**
 * Factors a gantry once and answers for any place of the tool on its beam and of the gantry on its bed.
 * @param base what the feet stand on, for each place along the bed.
 * @param series parts that give whatever the place.
 */
export function solveGantry(
  input: GantryInput,
  base: Base,
  carried: Carried,
  series: readonly Series[],
): GantrySolved {
  const gantry = buildGantry(
    input,
    base.carriages.map((row, i) => row[i]!),
  );
  if (!gantry.prepared.ok) return { ok: false, code: 'loose' };
  const loaded = loadedGantry(input, gantry, gantry.prepared, base, carried, series);
  return {
    ok: true,
    answer: {
      along: stations(loaded),
      budget: (bed, place, direction) => budgetOf(loaded, bed, place, direction),
      frequency: (bed, place) => lowestFrequency(loaded, bed, place),
      shape: (bed, place, load) => bentShape(loaded, bed, place, load),
    },
  };
}
