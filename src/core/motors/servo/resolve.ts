import type { Servo } from '@/core/model';
import { quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { heatShare, onEnvelope, pulsesFromCounts, servoPeakPower } from '../curve';
import type { ResolvedMotor } from '../resolved';

/** Share of the rated power that heats the motor. Memory. */
const HEAT = quantity('ratio', 0.15);

/**
 * A servo by its envelope: peak torque up to the rated speed, from there by a straight line to the highest.
 */
export function resolveServo(motor: Servo, sheet: Worksheet): ResolvedMotor {
  const { ratedTorque, peakTorque, ratedSpeed, maxSpeed } = motor;
  const low =
    motor.peakAtMaxSpeed?.si ??
    sheet.apply(
      servoPeakPower,
      { rated: ratedTorque.si, ratedSpeed: ratedSpeed.si, maxSpeed: maxSpeed.si },
      'motor.peakAtMaxSpeed',
      { rated: 'motor.ratedTorque', ratedSpeed: 'motor.ratedSpeed', maxSpeed: 'motor.maxSpeed' },
    );
  const peak = peakTorque.si;
  const end = Math.min(low, peak);
  const curve =
    ratedSpeed.si < maxSpeed.si
      ? { speeds: [0, ratedSpeed.si, maxSpeed.si], torques: [peak, peak, end] }
      : { speeds: [0, maxSpeed.si], torques: [peak, peak] };
  const { corner, pullOut, usable, usableAt, speedFor } = onEnvelope(
    curve,
    motor.usableShare.si,
    'motor.peakTorque',
  );
  return {
    rotorInertia: motor.rotorInertia.si,
    detent: quantity('torque', 0),
    brake: motor.brakeTorque.si,
    locks: false,
    corner,
    pullOut,
    usable,
    usableAt,
    speedFor,
    continuous: { torque: ratedTorque.si, source: 'motor.ratedTorque' },
    topSpeed: { speed: maxSpeed.si, source: 'motor.maxSpeed' },
    copperLoss: (to) => ({
      power: to.apply(
        heatShare,
        { share: HEAT, torque: motor.ratedTorque.si, speed: motor.ratedSpeed.si },
        'motor.heat',
        { torque: 'motor.ratedTorque', speed: 'motor.ratedSpeed' },
      ),
      source: '#motor.heat',
    }),
    pulses: (ratio, ratioSource, k, to) =>
      to.apply(pulsesFromCounts, { counts: motor.countsPerTurn.si, ratio, k }, 'pulsesPerLength', {
        counts: 'motor.countsPerTurn',
        ratio: ratioSource,
        k: '#drive.k',
      }),
    concerns: () => [],
  };
}
