import type { FieldText } from './field-text';

/** Names and help of the inputs of motor, driver, supply and controller. */
export const motorText = {
  'motor.holdingTorque': { label: 'Holding torque', help: 'Both phases on at rated current.' },
  'motor.ratedCurrent': {
    label: 'Rated current',
    help:
      'Per phase, as printed on the motor, for the way its leads are connected. It belongs to resistance ' +
      'and inductance: half the turns take twice the current with a quarter of both, at the same torque.',
  },
  'motor.resistance': { label: 'Resistance', help: 'Of one phase.' },
  'motor.inductance': {
    label: 'Inductance',
    help:
      'Of one phase. With the current it decides the torque at speed. It never falls alone: a motor ' +
      'of less inductance and the same torque has fewer turns and wants more current; “Wound” changes ' +
      'all three.',
  },
  'motor.rotorTeeth': { label: 'Step angle', help: '1.8° is 50 teeth, 200 steps a turn.' },
  'motor.rotorInertia': {
    label: 'Rotor inertia',
    help: 'Of a geared motor: as felt at the output, rotor times the square of its ratio.',
  },
  'motor.detentTorque': { label: 'Detent torque', help: 'What the motor holds without current.' },
  'motor.brakeTorque': {
    label: 'Brake',
    help: 'Holding torque of a power-off brake on the motor. 0 without one.',
  },
  'motor.usableShare': {
    label: 'Usable share',
    help:
      'Of the torque curve. Steppers: 0.5 in mid-band without damping, 0.6 usual, 0.8 closed loop; ' +
      'servos 0.9. Common practice, no source.',
  },
  'motor.radius': {
    label: 'Crank radius',
    help: 'From the middle of the shaft to the middle of the handle.',
  },
  'motor.effort': {
    label: 'Force kept up',
    help: 'At the handle, without a rest. 40 N for most people, 80 N for a while (common practice).',
  },
  'motor.cranking': { label: 'Turns kept up', help: '60 a minute are easy on a small wheel.' },
  'motor.divisions': { label: 'Lines on the dial', help: 'For one turn.' },
  'motor.curve.voltage': {
    label: 'Curve taken at',
    help:
      'Supply voltage that the curve states. A lower supply shrinks its speeds; a higher one is ' +
      'not credited.',
  },
  'motor.ratedTorque': { label: 'Rated torque', help: 'For ever.' },
  'motor.peakTorque': { label: 'Peak torque', help: 'For seconds, up to the rated speed.' },
  'motor.ratedSpeed': { label: 'Rated speed' },
  'motor.maxSpeed': { label: 'Highest speed' },
  'motor.peakAtMaxSpeed': {
    label: 'Peak at highest',
    help: 'Peak torque left at the highest speed. Left empty: rated power there.',
  },
  'motor.countsPerTurn': {
    label: 'Pulses per turn',
    help: 'Command pulses for one turn, as set in the drive.',
  },
  'motor.stallTorque': { label: 'Stall torque', help: 'At the output, standing still.' },
  'motor.noLoadSpeed': { label: 'Speed without load', help: 'At the output.' },
  'driver.setCurrent': {
    label: 'Set current',
    help: 'As set on the driver, in the marking chosen above. Crest is 1.41 times RMS.',
  },
  'driver.microsteps': { label: 'Microsteps', help: 'Per full step.' },
  'driver.maxVoltage': { label: 'Highest voltage' },
  'driver.maxCurrent': { label: 'Highest current', help: 'In the same marking as the setting.' },
  'supply.voltage': { label: 'Voltage' },
  'supply.power': { label: 'Power' },
  'supply.others': {
    label: 'Others draw',
    help: 'What the other axes on the same supply draw at the same time.',
  },
  'supply.capacitance': {
    label: 'Capacitance',
    help: 'Of supply and drivers: it takes what comes back when the axis brakes.',
  },
  'controller.pulseLimit': {
    label: 'Pulse limit',
    help:
      'Computer’s own pulses 25 to 45 kHz, 8-bit board 30 kHz, 32-bit board 100 to 400 kHz, ' +
      'hardware pulse engine 1 to 4 MHz (from memory).',
  },
} as const satisfies Record<string, FieldText>;
