import type { Kind } from '@/core/units';
import type { FieldRule } from './measure';

const rule = <const K extends Kind>(kind: K, limits: Omit<FieldRule<K>, 'kind'>): FieldRule<K> => ({ kind, ...limits });

/**
 * Every measured input of an axis by its path inside the axis, with its kind and the range in SI that is
 * accepted. The ranges refuse nonsense (a 40 m screw, 3 kV), not bold designs. Schema, field and importer
 * all read this one table.
 */
export const axisFields = {
  'demands.travel': rule('length', { above: 0, max: 30 }),
  // A hair above 90° so that rounding in a file does not refuse a vertical axis.
  'demands.inclination': rule('angle', { min: 0, max: (Math.PI / 2) * (1 + 1e-12) }),
  'demands.feed': rule('speed', { above: 0, max: 5 }),
  'demands.rapid': rule('speed', { above: 0, max: 5 }),
  'demands.acceleration': rule('acceleration', { above: 0, max: 100 }),
  'demands.jerk': rule('jerk', { above: 0, max: 100_000 }),
  'demands.cuttingForce': rule('force', { min: 0, max: 20_000 }),
  'loads.guideDrag': rule('force', { min: 0, max: 5_000 }),
  'loads.counterbalance': rule('force', { min: 0, max: 20_000 }),
  'guide.railLength': rule('length', { above: 0, max: 40 }),
  'guide.carriageSpan': rule('length', { above: 0, max: 10 }),
  'drive.worstShare': rule('ratio', { min: 0.5, max: 1 }),
  'drive.nominalDiameter': rule('length', { above: 0.003, max: 0.12 }),
  'drive.rootDiameter': rule('length', { above: 0.002, max: 0.12 }),
  'drive.lead': rule('linearPerTurn', { above: 0.0002, max: 0.2 }),
  'drive.starts': rule('count', { min: 1, max: 20, whole: true }),
  'drive.betweenBearings': rule('length', { above: 0, max: 32 }),
  'drive.nutOffset': rule('length', { min: 0, max: 30 }),
  'drive.temperatureRise': rule('temperatureRise', { min: 0, max: 80 }),
  'drive.stretch': rule('force', { min: 0, max: 100_000 }),
  'drive.bearingStiffness': rule('stiffness', { above: 0, max: 1e10 }),
  'drive.bearingDrag': rule('torque', { min: 0, max: 10 }),
  'drive.nutInertia': rule('inertia', { above: 0, max: 0.1 }),
  'drive.screwInertia': rule('inertia', { above: 0, max: 1 }),
  'drive.thread.efficiency': rule('ratio', { above: 0.05, max: 0.99 }),
  'drive.thread.preload': rule('force', { min: 0, max: 50_000 }),
  'drive.thread.dynamicLoad': rule('force', { above: 0, max: 1e6 }),
  'drive.thread.nutStiffness': rule('stiffness', { above: 0, max: 1e10 }),
  'drive.thread.speedLimit': rule('diameterSpeed', { above: 0, max: 50 }),
  'drive.thread.friction': rule('ratio', { above: 0.005, max: 0.6 }),
  'drive.thread.collarFriction': rule('ratio', { min: 0, max: 0.6 }),
  'drive.thread.collarDiameter': rule('length', { min: 0, max: 0.3 }),
  'reducer.ratio': rule('ratio', { above: 0.1, max: 100 }),
  'reducer.efficiency': rule('ratio', { above: 0.3, max: 1 }),
  'reducer.inertia': rule('inertia', { min: 0, max: 0.1 }),
  'reducer.backlash': rule('angle', { min: 0, max: 0.1 }),
  'reducer.inputSpeed': rule('angularSpeed', { above: 0, max: 3000 }),
  'coupling.inertia': rule('inertia', { min: 0, max: 0.1 }),
  'motor.holdingTorque': rule('torque', { above: 0, max: 100 }),
  'motor.ratedCurrent': rule('current', { above: 0, max: 50 }),
  'motor.resistance': rule('resistance', { above: 0, max: 1000 }),
  'motor.inductance': rule('inductance', { above: 0, max: 1 }),
  'motor.rotorTeeth': rule('rotorTeeth', { min: 2, max: 250, whole: true }),
  'motor.rotorInertia': rule('inertia', { above: 0, max: 0.1 }),
  'motor.detentTorque': rule('torque', { min: 0, max: 20 }),
  'motor.usableShare': rule('ratio', { above: 0.05, max: 1 }),
  'driver.crestCurrent': rule('current', { above: 0, max: 50 }),
  'driver.microsteps': rule('count', { min: 1, max: 512, whole: true }),
  'driver.maxVoltage': rule('voltage', { above: 0, max: 400 }),
  'driver.maxCrestCurrent': rule('current', { above: 0, max: 50 }),
  'supply.voltage': rule('voltage', { above: 0, max: 400 }),
  'controller.pulseLimit': rule('pulseRate', { above: 0, max: 20e6 }),
} as const satisfies Record<string, FieldRule>;

export type AxisFieldPath = keyof typeof axisFields;

/** Rule of one moving mass (`loads.masses.N.mass`). */
export const bodyMassRule = rule('mass', { above: 0, max: 20_000 });

/** The rule at a path inside an axis, or undefined where no measured input stands. */
export function fieldRuleAt(path: string): FieldRule | undefined {
  if (/^loads\.masses\.\d+\.mass$/.test(path)) return bodyMassRule;
  return (axisFields as Record<string, FieldRule>)[path];
}
