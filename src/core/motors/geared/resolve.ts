import type { GearedMotor } from '@/core/model';
import { quantity } from '@/core/units';
import { heatShare, onEnvelope, pulsesFromCounts } from '../curve';
import type { ResolvedMotor } from '../resolved';

/** Share of rated torque times speed without load that heats motor and gear. Memory. */
const HEAT = quantity('ratio', 0.3);

/**
 * A brushed motor with its own gear: torque falls by a straight line from stall to the speed without load.
 * All at the output.
 */
export function resolveGeared(motor: GearedMotor): ResolvedMotor {
  const curve = { speeds: [0, motor.noLoadSpeed.si], torques: [motor.stallTorque.si, 0] };
  const { corner, pullOut, usable, usableAt, speedFor } = onEnvelope(
    curve,
    motor.usableShare.si,
    'motor.stallTorque',
  );
  return {
    rotorInertia: motor.rotorInertia.si,
    detent: quantity('torque', 0),
    brake: motor.brakeTorque.si,
    // A worm of the usual steep reduction is not turned by its wheel; vibration can creep, which the range of
    // the check says.
    locks: motor.gear === 'worm',
    corner,
    pullOut,
    usable,
    usableAt,
    speedFor,
    continuous: { torque: motor.ratedTorque.si, source: 'motor.ratedTorque' },
    topSpeed: { speed: motor.noLoadSpeed.si, source: 'motor.noLoadSpeed' },
    copperLoss: (to) => ({
      power: to.apply(
        heatShare,
        { share: HEAT, torque: motor.ratedTorque.si, speed: motor.noLoadSpeed.si },
        'motor.heat',
        { torque: 'motor.ratedTorque', speed: 'motor.noLoadSpeed' },
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
