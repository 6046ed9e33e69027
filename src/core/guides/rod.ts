import { screwSteel } from '@/core/catalogue';
import type { Axis } from '@/core/model';
import { GRAVITY, type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { rodLoad, rodSag } from './formulas';

/** Weight and cut on all rods together, with the weight and across it. */
function loadOf({ guide, demands }: Axis, mass: Quantity<'mass'>): readonly [number, number] {
  const weight = mass * GRAVITY * Math.cos(demands.inclination.si);
  const side = guide.sideForce?.si ?? demands.cuttingForce.si;
  const normal = guide.normalForce?.si ?? 0;
  // Rods on the face of a beam carry their weight sideways, where the cut pushes sideways as well.
  return guide.mounting === 'wall' ? [weight + side, normal] : [weight + normal, side];
}

/** Sag of the rods under what rests on them and what the cut adds. Needs their length and diameter. */
export function rodSagOf(axis: Axis, mass: Quantity<'mass'>, sheet: Worksheet): Quantity<'length'> {
  const { guide } = axis;
  const [weight, across] = loadOf(axis, mass);
  const load = sheet.apply(
    rodLoad,
    { weight: quantity('force', weight), across: quantity('force', across) },
    'guide.rod-load',
    { weight: 'loads.masses', across: 'guide.sideForce' },
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
    { load: '#guide.rod-load', count: 'guide.rails', length: 'guide.railLength', diameter: 'guide.size' },
  );
}
