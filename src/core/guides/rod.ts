import { screwSteel } from '@/core/catalogue';
import type { Axis } from '@/core/model';
import { GRAVITY, type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { rodSag } from './formulas';

/** Sag of the rods under what rests on them. Needs their length and diameter. */
export function rodSagOf(
  { guide, demands }: Axis,
  mass: Quantity<'mass'>,
  sheet: Worksheet,
): Quantity<'length'> {
  const load = quantity(
    'force',
    mass * GRAVITY * Math.cos(demands.inclination.si) + (guide.normalForce?.si ?? 0),
  );
  return sheet.apply(
    rodSag,
    {
      load,
      count: guide.rails.si,
      length: guide.railLength!.si,
      modulus: screwSteel.modulus,
      diameter: guide.size!.si,
    },
    'guide.rod-sag',
    { load: 'loads.masses', count: 'guide.rails', length: 'guide.railLength', diameter: 'guide.size' },
  );
}
