import type { Axis } from '@/core/model';
import { inertiaBehind, motorTravel, turningInertia } from '@/core/motion';
import type { ResolvedMotor } from '@/core/motors';
import { quantity, type Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** What stands between motor and drive. */
export interface Gear {
  readonly ratio: Quantity<'ratio'>;
  readonly reducerEfficiency: Quantity<'ratio'>;
  /** Travel of the axis per radian of the motor, and the line or input that it comes from. */
  readonly kMotor: Quantity<'travelPerRadian'>;
  readonly kSource: string;
}

const ONE = quantity('ratio', 1);
const NO_INERTIA = quantity('inertia', 0);

export function gearOf({ reducer }: Axis, k: Quantity<'travelPerRadian'>, sheet: Worksheet): Gear {
  if (!reducer) return { ratio: ONE, reducerEfficiency: ONE, kMotor: k, kSource: '#drive.k' };
  const kMotor = sheet.apply(motorTravel, { k, ratio: reducer.ratio.si }, 'motor.k', {
    k: '#drive.k',
    ratio: 'reducer.ratio',
  });
  return { ratio: reducer.ratio.si, reducerEfficiency: reducer.efficiency.si, kMotor, kSource: '#motor.k' };
}

/** Sources of a reducer's figures, where there is one. */
export const gearSources = ({ reducer }: Axis) =>
  reducer ? { ratio: 'reducer.ratio', reducerEfficiency: 'reducer.efficiency' } : {};

/** The coupling as the motor feels it, and where that comes from. */
function couplingAtMotor({ coupling, reducer }: Axis, sheet: Worksheet) {
  const inertia = coupling.inertia.si;
  if (!reducer || coupling.place === 'motor') return { inertia, source: 'coupling.inertia' };
  const given = { inertia: 'coupling.inertia', ratio: 'reducer.ratio' };
  const felt = sheet.apply(inertiaBehind, { inertia, ratio: reducer.ratio.si }, 'coupling.felt', given);
  return { inertia: felt, source: '#coupling.felt' };
}

/** All that turns with the motor shaft. */
export function turning(axis: Axis, motor: ResolvedMotor, sheet: Worksheet): Quantity<'inertia'> {
  const coupling = couplingAtMotor(axis, sheet);
  return sheet.apply(
    turningInertia,
    {
      rotor: motor.rotorInertia,
      coupling: coupling.inertia,
      reducer: axis.reducer?.inertia.si ?? NO_INERTIA,
    },
    'motor.turning',
    {
      rotor: 'motor.rotorInertia',
      coupling: coupling.source,
      reducer: axis.reducer ? 'reducer.inertia' : undefined,
    },
  );
}
