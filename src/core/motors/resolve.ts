import type { Axis } from '@/core/model';
import type { Worksheet } from '@/core/worksheet';
import { resolveGeared } from './geared/resolve';
import { resolveHand } from './hand';
import type { ResolvedMotor } from './resolved';
import { resolveServo } from './servo/resolve';
import { resolveStepper } from './stepper';

/** The motor of an axis with its driver and supply, whatever its kind. */
export function resolveMotor(
  { motor, driver, supply }: Pick<Axis, 'motor' | 'driver' | 'supply'>,
  sheet: Worksheet,
): ResolvedMotor {
  switch (motor.kind) {
    case 'stepper':
      return resolveStepper(motor, driver, supply, sheet);
    case 'servo':
      return resolveServo(motor, sheet);
    case 'geared':
      return resolveGeared(motor);
    case 'hand':
      return resolveHand(motor, sheet);
  }
}
