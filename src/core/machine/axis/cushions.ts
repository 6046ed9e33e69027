import { fit } from '@/core/fit';
import type { Cushion } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { usableStroke } from './end-places';

/** What a cushion makes of an energy; m and N, null where something of it is not said. */
export interface Caught {
  /** How far it is pressed, and how far it may be. */
  readonly stroke: number | null;
  readonly usable: number | null;
  /** Peak force on the stop. */
  readonly force: number | null;
  /** Inputs of the end that are missing for it, by their names inside `cushion`. */
  readonly missing: readonly string[];
}

/** Young's modulus, Pa, and shape factor of rubber by Shore A; Lindley, from memory. */
const RUBBER = { 50: [2.2e6, 0.73], 60: [4.45e6, 0.57], 70: [7.3e6, 0.53] } as const;

const missingOf = (cushion: Cushion, names: readonly string[]): string[] =>
  names.filter((n) => (cushion as unknown as Record<string, unknown>)[n] === null);

/** Loaded face over bulging face of one round pad. */
const shapeFactor = (area: number, thickness: number) => Math.sqrt((4 * area) / Math.PI) / (4 * thickness);

function rateOf(cushion: Cushion, key: string, sheet: Worksheet): Quantity<'stiffness'> | null {
  if (cushion.kind === 'spring') return cushion.rate?.si ?? null;
  if (cushion.kind !== 'rubber' || !cushion.area || !cushion.thickness) return null;
  const [modulus, factor] = RUBBER[cushion.hardness];
  const { area, thickness } = cushion;
  return sheet.apply(
    fit.rubberRate,
    {
      modulus: quantity('modulus', modulus),
      factor: quantity('ratio', factor),
      shape: quantity('ratio', shapeFactor(area.si, thickness.si)),
      area: area.si,
      thickness: thickness.si,
    },
    `${key}.rate`,
  );
}

/** Metal on metal: the force is known where it is said what gives. */
function rigid(energy: Quantity<'energy'>, cushion: Cushion, key: string, sheet: Worksheet): Caught {
  const stiffness = cushion.kind === 'rigid' ? cushion.stiffness : null;
  const force = stiffness
    ? sheet.apply(fit.rigidForce, { energy, stiffness: stiffness.si }, `${key}.force`)
    : null;
  return { stroke: 0, usable: 0, force, missing: stiffness ? [] : ['stiffness'] };
}

/**
 * What a cushion does with the energy that it is met with.
 * @param brake what brakes all along, N; negative where weight pushes on. @param key of the lines.
 */
export function caught(
  cushion: Cushion,
  energy: Quantity<'energy'>,
  brake: Quantity<'force'>,
  key: string,
  sheet: Worksheet,
): Caught {
  if (cushion.kind === 'rigid') return rigid(energy, cushion, key, sheet);
  const usable = usableStroke(cushion);
  if (cushion.kind === 'foam') {
    const { crush, area } = cushion;
    if (!crush || !area)
      return {
        stroke: null,
        usable,
        force: null,
        missing: missingOf(cushion, ['thickness', 'area', 'crush']),
      };
    const pressed = quantity('force', crush.si * area.si);
    // Weight that presses harder than the foam resists crushes it to nothing.
    if (brake + pressed <= 0) return { stroke: null, usable, force: pressed, missing: [] };
    const given = { energy, force: brake, crush: pressed };
    const stroke = sheet.apply(fit.foamStroke, given, `${key}.stroke`);
    return { stroke, usable, force: pressed, missing: missingOf(cushion, ['thickness']) };
  }
  const rate = rateOf(cushion, key, sheet);
  const wanted = cushion.kind === 'spring' ? ['rate', 'stroke'] : ['thickness', 'area'];
  if (rate === null) return { stroke: null, usable, force: null, missing: missingOf(cushion, wanted) };
  const stroke = sheet.apply(fit.springStroke, { energy, rate, force: brake }, `${key}.stroke`);
  return { stroke, usable, force: rate * stroke, missing: missingOf(cushion, wanted) };
}
