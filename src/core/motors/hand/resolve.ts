import type { HandCrank } from '@/core/model';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { onEnvelope, pulsesFromCounts } from '../curve';
import type { ResolvedMotor } from '../resolved';
import { handTorque } from './formulas';

/**
 * A hand at a crank: as much torque as its force gives at its radius, up to the turns that are kept up.
 * Lines of
 * its dial stand where a motor has pulses.
 */
export function resolveHand(motor: HandCrank, sheet: Worksheet): ResolvedMotor {
  const torque = sheet.apply(handTorque, { effort: motor.effort.si, radius: motor.radius.si }, 'motor.hand', {
    effort: 'motor.effort',
    radius: 'motor.radius',
  });
  const curve = { speeds: [0, motor.cranking.si], torques: [torque, torque] };
  return {
    ...onEnvelope(curve, motor.usableShare.si, '#motor.hand'),
    rotorInertia: motor.rotorInertia.si,
    detent: quantity('torque', 0),
    brake: motor.brakeTorque.si,
    locks: false,
    topSpeed: { speed: motor.cranking.si, source: 'motor.cranking' },
    copperLoss: () => ({ power: quantity('power', 0), source: 'motor.effort' }),
    pulses: (ratio, ratioSource, k, to) =>
      to.apply(pulsesFromCounts, { counts: motor.divisions.si, ratio, k }, 'pulsesPerLength', {
        counts: 'motor.divisions',
        ratio: ratioSource,
        k: '#drive.k',
      }),
    concerns: () => [],
  };
}
