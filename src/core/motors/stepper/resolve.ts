import { atLeast, type Checked, comfort, NEVER_ENDS } from '@/core/findings';
import type { Axis, Stepper } from '@/core/model';
import { bisect } from '@/core/numerics';
import { quantity, type Quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import { curveScale, type Envelope, onEnvelope } from '../curve';
import type { MotorConcern, ResolvedMotor } from '../resolved';
import {
  copperLoss,
  cornerSpeed,
  crestOf,
  pullOut,
  pullOutTorque,
  torqueConstant,
  usableTorque,
} from './pull-out';
import { pulsesPerLength } from './pulses';

/** Above this shaft speed no stepper is asked anything: 60 000 rpm in rad/s. */
const FASTEST = 6283;

export const speedAtTorque = defineFormula({
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
  result: {
    kind: 'speed',
    tex: 'v_T',
    meaning: 'highest axis speed; 0 where even standing still is too much',
  },
  tex:
    'v \\;\\text{where}\\; <share>\\cdot T\\!\\left(\\tfrac{v}{<k>}\\right) = <torque>\\quad ' +
    '\\scriptstyle (K=<K>,\\ I_p=<crest>,\\ V=<voltage>,\\ R=<resistance>,\\ L=<inductance>,\\ N_r=<teeth>)',
  citation: { basis: 'derived', text: 'Root of the pull-out curve (Acarnley) by bisection' },
  range: 'As the pull-out torque.',
  evaluate: ({ share, torque, k, K, crest, voltage, resistance, inductance, teeth }) => {
    const left = (speed: number) =>
      share * pullOut(K, crest, voltage, resistance, teeth * inductance, speed) - torque;
    if (left(0) < 0) return 0;
    if (left(FASTEST) > 0) return FASTEST * k;
    const root = bisect(left, 0, FASTEST, 1e-4);
    return root.ok ? root.x * k : NaN;
  },
});

/** What the current switch of the driver gives, as crest. */
export function crestCurrent(
  { marking, setCurrent }: Axis['driver'],
  sheet: Worksheet,
): { value: Quantity<'current'>; source: string } {
  if (marking === 'crest') return { value: setCurrent.si, source: 'driver.setCurrent' };
  return {
    value: sheet.apply(crestOf, { rms: setCurrent.si }, 'driver.crest', { rms: 'driver.setCurrent' }),
    source: '#driver.crest',
  };
}

const SQRT2 = Math.SQRT2;

function concernsOf(
  motor: Stepper,
  driver: Axis['driver'],
  supply: Axis['supply'],
  crest: number,
): Checked<MotorConcern>[] {
  const full = SQRT2 * motor.ratedCurrent.si;
  const found: Checked<MotorConcern>[] = [
    // 2 % of slack: driver switches come in coarse steps and nobody sets 5.94 A.
    {
      code: 'crest-high',
      verdict: crest <= full * 1.02 ? 'holds' : 'gives-out',
      path: 'driver.setCurrent',
      kind: 'current',
      value: crest,
      limit: full,
      margin: full / crest,
      params: { rated: motor.ratedCurrent.si, heat: (crest / full) ** 2 },
    },
  ];
  if (driver.maxCurrent) {
    const most = driver.maxCurrent.si * (driver.marking === 'rms' ? SQRT2 : 1);
    found.push(
      comfort(
        atLeast({
          code: 'driver-small',
          path: 'driver.maxCurrent',
          kind: 'current',
          have: most * 1.02,
          need: motor.ratedCurrent.si,
          params: { full },
        }),
        NEVER_ENDS,
      ),
    );
  }
  if (motor.curve) {
    const taken = motor.curve.voltage.si;
    found.push({
      code: 'curve-voltage',
      verdict: Math.abs(supply.voltage.si / taken - 1) < 0.02 ? 'holds' : 'thin',
      path: 'motor.curve.voltage',
      kind: 'voltage',
      value: supply.voltage.si,
      limit: taken,
      margin: 1 - Math.abs(supply.voltage.si / taken - 1),
      params: { higher: supply.voltage.si > taken ? 1 : 0 },
    });
  }
  return found;
}

/**
 * A curve below a torque that it cannot pass: no current that is set gives more. Where a stretch passes it, a
 * point is put in.
 */
export function cappedAt({ speeds, torques }: Envelope, most: number): Envelope {
  const points = speeds.flatMap((speed, i) => {
    const torque = torques[i]!;
    const [before, from] = [torques[i - 1], speeds[i - 1]];
    const here = [speed, Math.min(torque, most)] as const;
    if (before === undefined || from === undefined || before > most === torque > most) return [here];
    return [[from + ((before - most) / (before - torque)) * (speed - from), most] as const, here];
  });
  return { speeds: points.map(([speed]) => speed), torques: points.map(([, torque]) => torque) };
}

/**
 * The curve that was typed or imported: shrunk where the supply is lower than the curve's, and below what the
 * current that is set can give.
 */
function typedCurve(
  { points, voltage }: NonNullable<Stepper['curve']>,
  supply: Axis['supply'],
  most: number,
  sheet: Worksheet,
): Envelope {
  const scale = sheet.apply(
    curveScale,
    { supply: supply.voltage.si, curve: voltage.si },
    'motor.curveScale',
    { supply: 'supply.voltage', curve: 'motor.curve.voltage' },
  );
  const curve = { speeds: points.map((p) => p.speed.si * scale), torques: points.map((p) => p.torque.si) };
  return cappedAt(curve, most);
}

/** The electric side of a stepper with its driver and supply, and where each figure comes from. */
interface Electric {
  readonly K: Quantity<'torqueConstant'>;
  readonly crest: Quantity<'current'>;
  readonly voltage: Quantity<'voltage'>;
  readonly resistance: Quantity<'resistance'>;
  readonly inductance: Quantity<'inductance'>;
  readonly teeth: Quantity<'rotorTeeth'>;
}

const electricSources = (crestSource: string) => ({
  K: '#motor.torqueConstant',
  crest: crestSource,
  voltage: 'supply.voltage',
  resistance: 'motor.resistance',
  inductance: 'motor.inductance',
  teeth: 'motor.rotorTeeth',
});

/** Pull-out torque by the motor's data, where no curve was measured. */
function byData(
  electric: Electric,
  sources: ReturnType<typeof electricSources>,
  share: Quantity<'ratio'>,
): Pick<ResolvedMotor, 'corner' | 'pullOut' | 'usable' | 'usableAt' | 'speedFor'> {
  // Written out one by one: spreading objects is the dearest thing on this path, which search calls often.
  const { K, crest, voltage, resistance, inductance, teeth } = electric;
  const reactance = teeth * inductance;
  const torqueAt = (speed: Quantity<'angularSpeed'>) =>
    quantity('torque', pullOut(K, crest, voltage, resistance, reactance, speed));
  return {
    corner: cornerSpeed(K, crest, voltage, resistance, reactance),
    pullOut: torqueAt,
    usable: (speed) => usableTorque.evaluate({ share, pullOut: torqueAt(speed) }),
    usableAt: (speed, key, to) => {
      const torque = to.apply(
        pullOutTorque,
        { K, crest, voltage, resistance, inductance, teeth, speed },
        `${key}.pullOut`,
        sources,
      );
      return to.apply(usableTorque, { share, pullOut: torque }, key, {
        share: 'motor.usableShare',
        pullOut: `#${key}.pullOut`,
      });
    },
    speedFor: (torque, k, kSource, key, torqueLine, to) =>
      to.apply(speedAtTorque, { K, crest, voltage, resistance, inductance, teeth, share, torque, k }, key, {
        K: sources.K,
        crest: sources.crest,
        voltage: sources.voltage,
        resistance: sources.resistance,
        inductance: sources.inductance,
        teeth: sources.teeth,
        share: 'motor.usableShare',
        torque: `#${torqueLine}`,
        k: kSource,
      }),
  };
}

/** Puts a stepper, its driver and supply together. */
export function resolveStepper(
  motor: Stepper,
  driver: Axis['driver'],
  supply: Axis['supply'],
  sheet: Worksheet,
): ResolvedMotor {
  const K = sheet.apply(
    torqueConstant,
    { holding: motor.holdingTorque.si, rated: motor.ratedCurrent.si },
    'motor.torqueConstant',
    { holding: 'motor.holdingTorque', rated: 'motor.ratedCurrent' },
  );
  const { value: crest, source: crestSource } = crestCurrent(driver, sheet);
  const [resistance, inductance, teeth] = [motor.resistance.si, motor.inductance.si, motor.rotorTeeth.si];
  const electric: Electric = { K, crest, voltage: supply.voltage.si, resistance, inductance, teeth };
  const share = motor.usableShare.si;
  const torques = motor.curve
    ? onEnvelope(typedCurve(motor.curve, supply, K * crest, sheet), share, 'motor.curve')
    : byData(electric, electricSources(crestSource), share);
  return {
    rotorInertia: motor.rotorInertia.si,
    detent: motor.detentTorque.si,
    brake: motor.brakeTorque.si,
    locks: false,
    corner: torques.corner,
    pullOut: torques.pullOut,
    usable: torques.usable,
    usableAt: torques.usableAt,
    speedFor: torques.speedFor,
    copperLoss: (to) => ({
      power: to.apply(copperLoss, { crest, resistance }, 'motor.heat', {
        crest: crestSource,
        resistance: 'motor.resistance',
      }),
      source: '#motor.heat',
    }),
    pulses: (ratio, ratioSource, k, to) =>
      to.apply(pulsesPerLength, { teeth, microsteps: driver.microsteps.si, ratio, k }, 'pulsesPerLength', {
        teeth: 'motor.rotorTeeth',
        microsteps: 'driver.microsteps',
        ratio: ratioSource,
        k: '#drive.k',
      }),
    concerns: () => concernsOf(motor, driver, supply, crest),
  };
}
