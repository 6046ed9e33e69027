import { z } from 'zod';
import { type Quantity, quantity } from '@/core/units';
import { input, list, maybe } from '../input';

const torque = (max: number) => input('torque', { above: 0, max });
const motorSpeed = () => input('angularSpeed', { above: 0, max: 2000 });
const turns = (max: number) => input('count', { min: 1, max, whole: true });
const inertia = () => input('inertia', { above: 0, max: 0.1 });
const smallInertia = () => input('inertia', { min: 0, max: 0.1 });

/** A measured or published torque curve, falling with speed, at a stated supply voltage. */
const curve = z.strictObject({
  voltage: input('voltage', { above: 0, max: 400 }),
  points: list(
    z.strictObject({
      speed: input('angularSpeed', { min: 0, max: 3000 }),
      torque: input('torque', { min: 0, max: 1500 }),
    }),
    60,
    2,
  ),
});

/** What every motor has. */
const shared = {
  rotorInertia: inertia(),
  brakeTorque: input('torque', { min: 0, max: 500 }),
  usableShare: input('ratio', { above: 0.05, max: 1 }),
};

const stepper = z.strictObject({
  kind: z.literal('stepper'),
  /** Closed: an encoder tells the driver of lost steps, which it makes good or raises an alarm. */
  loop: z.enum(['open', 'closed']),
  holdingTorque: torque(100),
  ratedCurrent: input('current', { above: 0, max: 50 }),
  resistance: input('resistance', { above: 0, max: 1000 }),
  inductance: input('inductance', { above: 0, max: 1 }),
  rotorTeeth: input('rotorTeeth', { min: 2, max: 250, whole: true }),
  detentTorque: input('torque', { min: 0, max: 20 }),
  ...shared,
  /** Beats the model where it is given. */
  curve: curve.nullable(),
});

const servo = z.strictObject({
  kind: z.literal('servo'),
  ratedTorque: torque(500),
  peakTorque: torque(1500),
  ratedSpeed: motorSpeed(),
  maxSpeed: motorSpeed(),
  /** Left out: rated power at the highest speed. */
  peakAtMaxSpeed: maybe('torque', { above: 0, max: 1500 }),
  /** Command pulses for one turn, as set in the drive. */
  countsPerTurn: turns(1e8),
  ...shared,
});

const geared = z.strictObject({
  kind: z.literal('geared'),
  gear: z.enum(['spur', 'planetary', 'worm']),
  /** All at the output shaft of the gear. */
  ratedTorque: torque(500),
  stallTorque: torque(500),
  noLoadSpeed: motorSpeed(),
  countsPerTurn: turns(1e8),
  ...shared,
});

/** A handwheel or crank where a motor may sit one day; what it would be driven by stays in the axis. */
const hand = z.strictObject({
  kind: z.literal('hand'),
  /** From the middle of the shaft to the middle of the handle. */
  radius: input('length', { above: 0.005, max: 1 }),
  /** Force at the handle that is kept up without a rest. */
  effort: input('force', { above: 0, max: 500 }),
  /** Turns that are kept up. */
  cranking: input('angularSpeed', { above: 0, max: 60 }),
  /** Lines of the dial on one turn. */
  divisions: input('count', { min: 1, max: 1000, whole: true }),
  ...shared,
});

export const motor = z.discriminatedUnion('kind', [stepper, servo, geared, hand]);

export const driver = z.strictObject({
  /** What the number on its switches means. */
  marking: z.enum(['crest', 'rms']),
  setCurrent: input('current', { above: 0, max: 50 }),
  microsteps: turns(512),
  maxVoltage: maybe('voltage', { above: 0, max: 400 }),
  /** In the same marking as the setting. */
  maxCurrent: maybe('current', { above: 0, max: 50 }),
});

export const supply = z.strictObject({
  voltage: input('voltage', { above: 0, max: 400 }),
  power: maybe('power', { above: 0, max: 50_000 }),
  /** What the other axes on the same supply draw at the same time. */
  others: input('power', { min: 0, max: 50_000 }),
  capacitance: maybe('capacitance', { above: 0, max: 10 }),
  /** A resistor that burns what comes back when a heavy axis brakes. */
  brakeResistor: z.enum(['none', 'fitted']),
});

export const controller = z.strictObject({
  pulseLimit: input('pulseRate', { above: 0, max: 20e6 }),
  /**
   * How the way of the axis is made true: steps per unit as computed, set by measuring over the travel, or
   * corrected point by point out of a table.
   */
  calibration: z.enum(['none', 'steps', 'map']),
});

const stageTeeth = () => input('count', { min: 8, max: 300, whole: true });

export const reducer = z.strictObject({
  kind: z.enum(['belt', 'planetary']),
  /** Motor turns for one turn of the drive; below 1 it speeds up. */
  ratio: input('ratio', { above: 0.1, max: 100 }),
  efficiency: input('ratio', { above: 0.3, max: 1 }),
  /** At its input. */
  inertia: smallInertia(),
  /** At its output. */
  backlash: input('angle', { min: 0, max: 0.1 }),
  inputSpeed: maybe('angularSpeed', { above: 0, max: 3000 }),
  torqueLimit: maybe('torque', { above: 0, max: 5000 }),
  /** At its output. */
  stiffness: maybe('torsionalStiffness', { above: 0, max: 1e7 }),
  /** Teeth of a belt stage; where they are given the ratio is theirs. */
  pulleys: z
    .strictObject({
      motorTeeth: stageTeeth(),
      driveTeeth: stageTeeth(),
      pitch: input('length', { above: 0.001, max: 0.03 }),
      centreDistance: input('length', { above: 0, max: 3 }),
      lineMass: input('linearDensity', { above: 0, max: 5 }),
    })
    .nullable(),
});

export const coupling = z.strictObject({
  kind: z.enum(['rigid', 'bellows', 'beam', 'disc', 'jaw']),
  /** On the shaft of the motor, or behind the reducer on that of the drive; alike where there is none. */
  place: z.enum(['motor', 'drive']),
  inertia: smallInertia(),
  stiffness: maybe('torsionalStiffness', { above: 0, max: 1e7 }),
  backlash: input('angle', { min: 0, max: 0.2 }),
  torqueLimit: maybe('torque', { above: 0, max: 5000 }),
  /** Reading of an indicator on its outside, half of the total. */
  runout: maybe('length', { min: 0, max: 0.005 }),
});

/** The most that a motor ever turns with, N·m: holding, peak or stall torque; of a hand what it keeps up. */
export function mostTorqueOf(of: Motor): Quantity<'torque'> {
  switch (of.kind) {
    case 'stepper':
      return of.holdingTorque.si;
    case 'servo':
      return of.peakTorque.si;
    case 'geared':
      return of.stallTorque.si;
    case 'hand':
      return handTorqueOf(of);
  }
}

/** The torque by which a motor is picked, N·m: holding or rated; of a hand what it keeps up. */
export const namedTorqueOf = (of: Motor): Quantity<'torque'> =>
  of.kind === 'servo' || of.kind === 'geared' ? of.ratedTorque.si : mostTorqueOf(of);

const handTorqueOf = ({ effort, radius }: HandCrank): Quantity<'torque'> =>
  quantity('torque', effort.si * radius.si);

/** Whether an axis is turned by hand, with its place kept for a motor. */
export const isCranked = (axis: { readonly motor: Motor }): boolean => axis.motor.kind === 'hand';

/** Whether a controller sends an axis to places: not where a hand turns it, nor where a crank swings it. */
export const isPositioned = (axis: {
  readonly motor: Motor;
  readonly drive: { readonly kind: string };
}): boolean => !isCranked(axis) && axis.drive.kind !== 'crank';

export type Motor = z.infer<typeof motor>;
export type MotorKind = Motor['kind'];
export type Stepper = z.infer<typeof stepper>;
export type Servo = z.infer<typeof servo>;
export type GearedMotor = z.infer<typeof geared>;
export type HandCrank = z.infer<typeof hand>;
export type Reducer = z.infer<typeof reducer>;
