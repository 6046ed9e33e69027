import { isCranked } from '@/core/model';
import { accelerationLimit, rampAcceleration, thrustAcceleration } from '@/core/motion';
import { quantity, type Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type Analysis, type LoadCase, steadyCut } from './analysis';
import { frequencyOf, type TrainStiffness } from './train';

export type AccelerationId = 'at-rapid' | 'under-cut' | 'rings' | 'thrust';

/** An acceleration at which something gives out. */
export interface AccelerationRung {
  readonly id: AccelerationId;
  readonly limit: Quantity<'acceleration'>;
  readonly line: string;
}

/**
 * Highest accelerations by torque, by ringing and by what the drive can push; apart from the analysis, for a
 * search does not ask for them.
 */
export function accelerationsOf(
  analysis: Analysis,
  stiffness: TrainStiffness,
  sheet: Worksheet,
): AccelerationRung[] {
  const { axis, cases, gear, motor, drive, share, mass, massSource } = analysis;
  const { thrustLimit } = drive;
  // A crank accelerates as its speed has it, a hand as it likes: there is nothing to ask for.
  if (drive.swing || isCranked(axis)) return [];
  const { demands } = axis;
  const { force: steadyForce, torque: steady } = steadyCut(analysis, sheet);
  const at = (
    id: 'at-rapid' | 'under-cut',
    holding: Quantity<'torque'>,
    holdingLine: string,
    full: LoadCase,
  ): AccelerationRung => {
    const usable = motor.usableAt(quantity('angularSpeed', full.speed / gear.kMotor), `usable.${id}`, sheet);
    const limit = sheet.apply(
      accelerationLimit,
      { usable, holding, accelerating: full.torque, asked: demands.acceleration.si },
      `acceleration.${id}`,
      {
        usable: `#usable.${id}`,
        holding: `#${holdingLine}`,
        accelerating: `#${full.line}`,
        asked: 'demands.acceleration',
      },
    );
    return { id, limit, line: `acceleration.${id}` };
  };
  const frequency = frequencyOf(analysis, stiffness, sheet);
  return [
    at('at-rapid', cases.rapid.torque, 'torque.rapid', cases['speed-up']),
    at('under-cut', steady, 'torque.cut-steady', cases.cut),
    {
      id: 'rings',
      limit: sheet.apply(rampAcceleration, { speed: demands.rapid.si, frequency }, 'acceleration.rings', {
        speed: 'demands.rapid',
        frequency: '#natural-frequency',
      }),
      line: 'acceleration.rings',
    },
    ...(thrustLimit
      ? [
          {
            id: 'thrust' as const,
            limit: sheet.apply(
              thrustAcceleration,
              { limit: thrustLimit.limit, share, steady: steadyForce, mass },
              'acceleration.thrust',
              { limit: `#${thrustLimit.line}`, steady: '#force.cut-steady', mass: massSource },
            ),
            line: 'acceleration.thrust',
          },
        ]
      : []),
  ];
}
