import { type Axis, type MotorKind, startingMotor } from '@/core/model';
import { couplings } from '../tables/couplings';
import { controllers, drivers, supplies } from '../tables/electric';
import { closedLoopSteppers, gearedMotors, handwheels, servos, steppers } from '../tables/motors';
import type { Family, Part } from './part';

const baseOf = (kind: MotorKind) => (axis: Axis) =>
  axis.motor.kind === kind ? axis.motor : startingMotor(kind);

export const motorFamilies: readonly Family[] = [
  {
    id: 'stepper',
    name: 'Steppers',
    link: 'motor',
    root: 'motor',
    base: baseOf('stepper'),
    columns: [
      { path: 'motor.holdingTorque', title: 'Holding' },
      { path: 'motor.ratedCurrent', title: 'Current' },
      { path: 'motor.inductance', title: 'Inductance' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.curve', value: null }],
    parts: steppers,
  },
  {
    id: 'closed-loop-stepper',
    name: 'Closed-loop steppers',
    link: 'motor',
    root: 'motor',
    base: baseOf('stepper'),
    columns: [
      { path: 'motor.holdingTorque', title: 'Holding' },
      { path: 'motor.ratedCurrent', title: 'Current' },
      { path: 'motor.inductance', title: 'Inductance' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.curve', value: null }],
    parts: closedLoopSteppers,
  },
  {
    id: 'servo',
    name: 'Servos',
    link: 'motor',
    root: 'motor',
    base: baseOf('servo'),
    columns: [
      { path: 'motor.ratedTorque', title: 'Rated' },
      { path: 'motor.peakTorque', title: 'Peak' },
      { path: 'motor.maxSpeed', title: 'Highest' },
      { path: 'motor.rotorInertia', title: 'Rotor' },
    ],
    standard: [],
    forget: () => [{ path: 'motor.peakAtMaxSpeed', value: null }],
    parts: servos,
  },
  {
    id: 'geared-motor',
    name: 'Geared motors',
    link: 'motor',
    root: 'motor',
    base: baseOf('geared'),
    columns: [
      { path: 'motor.ratedTorque', title: 'Rated' },
      { path: 'motor.noLoadSpeed', title: 'Speed' },
    ],
    standard: [],
    forget: () => [],
    parts: gearedMotors,
  },
  {
    id: 'handwheel',
    name: 'Handwheels',
    link: 'motor',
    root: 'motor',
    base: baseOf('hand'),
    columns: [
      { path: 'motor.radius', title: 'Radius' },
      { path: 'motor.divisions', title: 'Lines' },
    ],
    standard: [],
    forget: () => [],
    parts: handwheels,
  },
  {
    id: 'driver',
    name: 'Drivers',
    link: 'driver',
    root: 'driver',
    base: (axis) => axis.driver,
    columns: [
      { path: 'driver.maxCurrent', title: 'Current' },
      { path: 'driver.maxVoltage', title: 'Voltage' },
      { path: 'driver.marking', title: 'Marked in' },
    ],
    standard: [],
    forget: () => [],
    parts: drivers,
  },
  {
    id: 'supply',
    name: 'Supplies',
    link: 'supply',
    root: 'supply',
    base: (axis) => axis.supply,
    columns: [
      { path: 'supply.voltage', title: 'Voltage' },
      { path: 'supply.power', title: 'Power' },
    ],
    standard: [],
    forget: () => [],
    parts: supplies,
  },
  {
    id: 'controller',
    name: 'Controllers by class',
    link: 'controller',
    root: 'controller',
    base: (axis) => axis.controller,
    columns: [{ path: 'controller.pulseLimit', title: 'Pulses' }],
    standard: [],
    forget: () => [],
    parts: controllers,
  },
  {
    id: 'coupling',
    name: 'Couplings',
    link: 'coupling',
    root: 'coupling',
    base: (axis) => axis.coupling,
    columns: [
      { path: 'coupling.kind', title: 'Kind' },
      { path: 'coupling.stiffness', title: 'Stiffness' },
      { path: 'coupling.torqueLimit', title: 'Torque' },
    ],
    standard: [],
    forget: () => [{ path: 'coupling.runout', value: null }],
    parts: couplings,
  },
];

/**
 * Kinds of motor that a driver turns. A drive for servos is one by its class; of a builder's own nobody said,
 * so it may be either.
 */
export function motorKindsOf(driver: Part): readonly MotorKind[] {
  if (!drivers.includes(driver)) return ['stepper', 'servo'];
  return driver.id.startsWith('servo-drive') ? ['servo'] : ['stepper'];
}
