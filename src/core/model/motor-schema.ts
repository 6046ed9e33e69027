import { z } from 'zod';
import { field, listField } from './field-schema';

/** A measured or published torque curve, falling with speed, at a stated supply voltage. */
const curve = z.strictObject({
  voltage: field('motor.curve.voltage'),
  points: z
    .array(
      z.strictObject({
        speed: listField('motor.curve.points.N.speed'),
        torque: listField('motor.curve.points.N.torque'),
      }),
    )
    .min(2)
    .max(60),
});

const stepper = z.strictObject({
  kind: z.literal('stepper'),
  /** Closed: an encoder tells the driver of lost steps, which it makes good or raises an alarm. */
  loop: z.enum(['open', 'closed']),
  holdingTorque: field('motor.holdingTorque'),
  ratedCurrent: field('motor.ratedCurrent'),
  resistance: field('motor.resistance'),
  inductance: field('motor.inductance'),
  rotorTeeth: field('motor.rotorTeeth'),
  rotorInertia: field('motor.rotorInertia'),
  detentTorque: field('motor.detentTorque'),
  brakeTorque: field('motor.brakeTorque'),
  usableShare: field('motor.usableShare'),
  /** Beats the model where it is given. */
  curve: curve.nullable(),
});

const servo = z.strictObject({
  kind: z.literal('servo'),
  ratedTorque: field('motor.ratedTorque'),
  peakTorque: field('motor.peakTorque'),
  ratedSpeed: field('motor.ratedSpeed'),
  maxSpeed: field('motor.maxSpeed'),
  /** Left out: rated power at the highest speed. */
  peakAtMaxSpeed: field('motor.peakAtMaxSpeed'),
  rotorInertia: field('motor.rotorInertia'),
  /** Command pulses for one turn, as set in the drive. */
  countsPerTurn: field('motor.countsPerTurn'),
  brakeTorque: field('motor.brakeTorque'),
  usableShare: field('motor.usableShare'),
});

const geared = z.strictObject({
  kind: z.literal('geared'),
  gear: z.enum(['spur', 'planetary', 'worm']),
  /** All at the output shaft of the gear. */
  ratedTorque: field('motor.ratedTorque'),
  stallTorque: field('motor.stallTorque'),
  noLoadSpeed: field('motor.noLoadSpeed'),
  rotorInertia: field('motor.rotorInertia'),
  countsPerTurn: field('motor.countsPerTurn'),
  brakeTorque: field('motor.brakeTorque'),
  usableShare: field('motor.usableShare'),
});

export const motor = z.discriminatedUnion('kind', [stepper, servo, geared]);

export const driver = z.strictObject({
  /** What the number on its switches means. */
  marking: z.enum(['crest', 'rms']),
  setCurrent: field('driver.setCurrent'),
  microsteps: field('driver.microsteps'),
  maxVoltage: field('driver.maxVoltage'),
  /** In the same marking as the setting. */
  maxCurrent: field('driver.maxCurrent'),
});

export const supply = z.strictObject({
  voltage: field('supply.voltage'),
  power: field('supply.power'),
  /** What the other axes on the same supply draw at the same time. */
  others: field('supply.others'),
  capacitance: field('supply.capacitance'),
  /** A resistor that burns what comes back when a heavy axis brakes. */
  brakeResistor: z.enum(['none', 'fitted']),
});

const reducerCommon = {
  /** Motor turns for one turn of the drive; below 1 it speeds up. */
  ratio: field('reducer.ratio'),
  efficiency: field('reducer.efficiency'),
  /** At its input. */
  inertia: field('reducer.inertia'),
  /** At its output. */
  backlash: field('reducer.backlash'),
  inputSpeed: field('reducer.inputSpeed'),
  torqueLimit: field('reducer.torqueLimit'),
  /** At its output. */
  stiffness: field('reducer.stiffness'),
};

export const reducer = z.strictObject({
  kind: z.enum(['belt', 'planetary']),
  ...reducerCommon,
  /** Teeth of a belt stage; where they are given the ratio is theirs. */
  pulleys: z
    .strictObject({
      motorTeeth: field('reducer.pulleys.motorTeeth'),
      driveTeeth: field('reducer.pulleys.driveTeeth'),
      pitch: field('reducer.pulleys.pitch'),
      centreDistance: field('reducer.pulleys.centreDistance'),
      lineMass: field('reducer.pulleys.lineMass'),
    })
    .nullable(),
});

export const coupling = z.strictObject({
  kind: z.enum(['rigid', 'bellows', 'beam', 'disc', 'jaw']),
  inertia: field('coupling.inertia'),
  stiffness: field('coupling.stiffness'),
  backlash: field('coupling.backlash'),
  torqueLimit: field('coupling.torqueLimit'),
  /** Reading of an indicator on its outside, half of the total. */
  runout: field('coupling.runout'),
});
