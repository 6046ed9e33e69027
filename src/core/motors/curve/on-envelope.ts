import { type Quantity, quantity } from '@/core/units';
import type { ResolvedMotor } from '../resolved';
import { usableTorque } from '../stepper/pull-out';
import { type Envelope, stretchAtSpeed, stretchAtTorque, torqueOn } from './envelope';
import { speedOnCurve, torqueOnCurve } from './formulas';

/** Where the points of a curve come from, for the working. */
export type PointSource = string | undefined;

type OnCurve = Pick<ResolvedMotor, 'pullOut' | 'usable' | 'usableAt' | 'speedFor' | 'corner'>;

/** The part of a motor that only its torque curve decides. @param share usable share of the curve. */
export function onEnvelope(curve: Envelope, share: Quantity<'ratio'>, source: PointSource): OnCurve {
  const last = curve.speeds.length - 1;
  const flat = (torque: number) => torque >= curve.torques[0]! * 0.999;
  let corner = 0;
  while (corner < last && flat(curve.torques[corner + 1]!)) corner++;
  const points = { speed1: source, torque1: source, speed2: source, torque2: source };
  const pullOut = (speed: Quantity<'angularSpeed'>) => quantity('torque', torqueOn(curve, speed));
  return {
    corner: quantity('angularSpeed', curve.speeds[corner]!),
    pullOut,
    usable: (speed) => usableTorque.evaluate({ share, pullOut: pullOut(speed) }),
    usableAt: (speed, key, to) => {
      const { speed1, torque1, speed2, torque2 } = stretchAtSpeed(curve, speed) ?? {
        speed1: quantity('angularSpeed', curve.speeds[last]!),
        torque1: quantity('torque', 0),
        speed2: speed,
        torque2: quantity('torque', 0),
      };
      const torque = to.apply(
        torqueOnCurve,
        { speed1, torque1, speed2, torque2, speed },
        `${key}.pullOut`,
        points,
      );
      return to.apply(usableTorque, { share, pullOut: torque }, key, {
        share: 'motor.usableShare',
        pullOut: `#${key}.pullOut`,
      });
    },
    speedFor: (torque, k, kSource, key, torqueLine, to) => {
      const at = stretchAtTorque(curve, torque / share) ?? {
        speed1: quantity('angularSpeed', curve.speeds[last]!),
        torque1: quantity('torque', curve.torques[last]!),
        speed2: quantity('angularSpeed', curve.speeds[last]!),
        torque2: quantity('torque', curve.torques[last]!),
      };
      return to.apply(
        speedOnCurve,
        { speed1: at.speed1, torque1: at.torque1, speed2: at.speed2, torque2: at.torque2, share, torque, k },
        key,
        { ...points, share: 'motor.usableShare', torque: `#${torqueLine}`, k: kSource },
      );
    },
  };
}
