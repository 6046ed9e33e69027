import type { Axis, Stepper } from '@/core/model';
import { bisect } from '@/core/numerics';
import { quantity, type Quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import { cornerSpeed, pullOut, pullOutTorque, torqueConstant, usableTorque } from './pull-out';

/** What every kind of motor tells the axis; torques at the motor shaft. */
export interface ResolvedMotor {
  readonly rotorInertia: Quantity<'inertia'>;
  /** Ripple that may hold a load from rest, not a friction. */
  readonly detent: Quantity<'torque'>;
  readonly corner: Quantity<'angularSpeed'>;
  readonly pullOut: (speed: Quantity<'angularSpeed'>) => Quantity<'torque'>;
  readonly usable: (speed: Quantity<'angularSpeed'>) => Quantity<'torque'>;
  /** Writes pull-out and usable torque at a speed as lines under a key. */
  readonly usableAt: (speed: Quantity<'angularSpeed'>, key: string, sheet: Worksheet) => Quantity<'torque'>;
  /** Highest axis speed at which the usable torque still meets a torque; 0 if it never does. */
  readonly speedFor: (torque: Quantity<'torque'>, k: Quantity<'travelPerRadian'>, kSource: string, key: string, torqueLine: string, sheet: Worksheet) => Quantity<'speed'>;
}

/** Above this shaft speed no stepper is asked anything: 60 000 rpm in rad/s. */
const FASTEST = 6283;

const speedAtTorque = defineFormula({
  id: 'stepper/speed-at-torque',
  title: 'Speed at which the usable torque no longer suffices',
  symbols: {
    share: { kind: 'ratio', tex: 's', meaning: 'usable share of the pull-out torque' },
    K: { kind: 'torqueConstant', tex: 'K', meaning: 'torque constant' },
    crest: { kind: 'current', tex: 'I_p', meaning: 'crest current of the driver' },
    voltage: { kind: 'voltage', tex: 'V', meaning: 'supply voltage' },
    resistance: { kind: 'resistance', tex: 'R', meaning: 'phase resistance' },
    inductance: { kind: 'inductance', tex: 'L', meaning: 'phase inductance' },
    teeth: { kind: 'rotorTeeth', tex: 'N_r', meaning: 'rotor teeth' },
    torque: { kind: 'torque', tex: 'T_{asked}', meaning: 'torque that is asked' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel of the axis per radian of the motor' },
  },
  result: { kind: 'speed', tex: 'v_T', meaning: 'highest axis speed; 0 where even standing still is too much' },
  tex: 'v \\;\\text{where}\\; <share>\\cdot T\\!\\left(\\tfrac{v}{<k>}\\right) = <torque>\\quad \\scriptstyle (K=<K>,\\ I_p=<crest>,\\ V=<voltage>,\\ R=<resistance>,\\ L=<inductance>,\\ N_r=<teeth>)',
  citation: { basis: 'derived', text: 'Root of the pull-out curve (Acarnley) by bisection' },
  range: 'As the pull-out torque.',
  evaluate: ({ share, torque, k, K, crest, voltage, resistance, inductance, teeth }) => {
    const left = (speed: number) => share * pullOut(K, crest, voltage, resistance, teeth * inductance, speed) - torque;
    if (left(0) < 0) return 0;
    if (left(FASTEST) > 0) return FASTEST * k;
    const root = bisect(left, 0, FASTEST, 1e-4);
    return root.ok ? root.x * k : NaN;
  },
});

const electricSources = {
  K: '#motor.torqueConstant', crest: 'driver.crestCurrent', voltage: 'supply.voltage', resistance: 'motor.resistance', inductance: 'motor.inductance', teeth: 'motor.rotorTeeth',
} as const;

/** Puts a stepper, its driver and supply together. */
export function resolveStepper(motor: Stepper, driver: Axis['driver'], supply: Axis['supply'], sheet: Worksheet): ResolvedMotor {
  const K = sheet.apply(torqueConstant, { holding: motor.holdingTorque.si, rated: motor.ratedCurrent.si }, 'motor.torqueConstant', { holding: 'motor.holdingTorque', rated: 'motor.ratedCurrent' });
  // Written out one by one below: spreading objects is the dearest thing on this path, which search calls often.
  const crest = driver.crestCurrent.si;
  const voltage = supply.voltage.si;
  const resistance = motor.resistance.si;
  const inductance = motor.inductance.si;
  const teeth = motor.rotorTeeth.si;
  const share = motor.usableShare.si;
  const reactance = teeth * inductance;
  const torqueAt = (speed: Quantity<'angularSpeed'>) => quantity('torque', pullOut(K, crest, voltage, resistance, reactance, speed));
  return {
    rotorInertia: motor.rotorInertia.si,
    detent: motor.detentTorque.si,
    corner: cornerSpeed(K, crest, voltage, resistance, reactance),
    pullOut: torqueAt,
    usable: (speed) => usableTorque.evaluate({ share, pullOut: torqueAt(speed) }),
    usableAt: (speed, key, to) => {
      const torque = to.apply(pullOutTorque, { K, crest, voltage, resistance, inductance, teeth, speed }, `${key}.pullOut`, electricSources);
      return to.apply(usableTorque, { share, pullOut: torque }, key, { share: 'motor.usableShare', pullOut: `#${key}.pullOut` });
    },
    speedFor: (torque, k, kSource, key, torqueLine, to) =>
      to.apply(speedAtTorque, { K, crest, voltage, resistance, inductance, teeth, share, torque, k }, key, {
        K: electricSources.K, crest: electricSources.crest, voltage: electricSources.voltage, resistance: electricSources.resistance, inductance: electricSources.inductance, teeth: electricSources.teeth,
        share: 'motor.usableShare', torque: `#${torqueLine}`, k: kSource,
      }),
  };
}

export { speedAtTorque };
