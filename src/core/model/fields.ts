import type { Kind } from '@/core/units';
import { bodyRules, machineRules } from './machine-schema';
import type { FieldRule } from './measure';

const rule = <const K extends Kind, const L extends Omit<FieldRule<K>, 'kind'>>(kind: K, limits: L) => ({
  kind,
  ...limits,
});
/** An input that may be left empty. */
const maybe = <const K extends Kind, const L extends Omit<FieldRule<K>, 'kind' | 'optional'>>(
  kind: K,
  limits: L,
) => ({ kind, ...limits, optional: true as const });

const offset = rule('length', { min: -5, max: 5 });

/**
 * Every measured input of an axis by its path inside the axis, with its kind and the range in SI that is
 * accepted. The ranges refuse nonsense (a 40 m screw, 3 kV, a pinion with 5 teeth), not bold designs. Schema,
 * field and importer all read this one table. Inputs that several kinds of drive share have one path.
 */
export const axisFields = {
  'demands.travel': rule('length', { above: 0, max: 30 }),
  // A hair above 90° so that rounding in a file does not refuse a vertical axis.
  'demands.inclination': rule('angle', { min: 0, max: (Math.PI / 2) * (1 + 1e-12) }),
  'demands.feed': rule('speed', { above: 0, max: 5 }),
  'demands.rapid': rule('speed', { above: 0, max: 5 }),
  'demands.acceleration': rule('acceleration', { above: 0, max: 100 }),
  'demands.jerk': maybe('jerk', { above: 0, max: 100_000 }),
  'demands.cuttingForce': rule('force', { min: 0, max: 20_000 }),
  'demands.lostMotion': maybe('length', { above: 0, max: 0.01 }),
  'loads.guideDrag': maybe('force', { min: 0, max: 5_000 }),
  'loads.otherDrag': rule('force', { min: 0, max: 5_000 }),
  'loads.counterbalance': rule('force', { min: 0, max: 20_000 }),

  'guide.rails': rule('count', { min: 1, max: 6, whole: true }),
  'guide.perRail': rule('count', { min: 1, max: 8, whole: true }),
  'guide.spacing': maybe('length', { above: 0.005, max: 6 }),
  'guide.railLength': maybe('length', { above: 0, max: 40 }),
  'guide.carriageSpan': maybe('length', { above: 0, max: 10 }),
  'guide.carriageLength': maybe('length', { above: 0.003, max: 1 }),
  'guide.raceSpacing': rule('length', { min: 0, max: 0.3 }),
  'guide.size': maybe('length', { above: 0.003, max: 0.15 }),
  'guide.dynamicLoad': maybe('force', { above: 0, max: 1e6 }),
  'guide.staticLoad': maybe('force', { above: 0, max: 1e6 }),
  'guide.verticalStiffness': rule('stiffness', { above: 1e3, max: 1e10 }),
  'guide.lateralStiffness': rule('stiffness', { above: 1e3, max: 1e10 }),
  'guide.friction': rule('ratio', { min: 0, max: 0.6 }),
  'guide.seal': rule('force', { min: 0, max: 200 }),
  'guide.shock': rule('ratio', { min: 1, max: 5 }),
  'guide.overhang': rule('length', { min: 0, max: 1 }),
  'guide.heightError': maybe('length', { min: 0, max: 0.05 }),
  'guide.parallelError': maybe('length', { min: 0, max: 0.05 }),
  'guide.massX': offset,
  'guide.massY': offset,
  'guide.massZ': offset,
  'guide.toolX': offset,
  'guide.toolY': offset,
  'guide.toolZ': offset,
  'guide.driveY': offset,
  'guide.driveZ': offset,
  'guide.sideForce': maybe('force', { min: 0, max: 20_000 }),
  'guide.normalForce': maybe('force', { min: 0, max: 20_000 }),

  'drive.worstShare': rule('ratio', { min: 0.5, max: 1 }),
  'drive.nominalDiameter': rule('length', { above: 0.003, max: 0.12 }),
  'drive.rootDiameter': rule('length', { above: 0.002, max: 0.12 }),
  'drive.lead': rule('linearPerTurn', { above: 0.0002, max: 0.2 }),
  'drive.starts': rule('count', { min: 1, max: 20, whole: true }),
  'drive.betweenBearings': rule('length', { above: 0, max: 32 }),
  'drive.nutOffset': maybe('length', { min: 0, max: 30 }),
  'drive.temperatureRise': rule('temperatureRise', { min: 0, max: 80 }),
  'drive.stretch': rule('force', { min: 0, max: 100_000 }),
  'drive.bearingStiffness': maybe('stiffness', { above: 0, max: 1e10 }),
  'drive.bearingDrag': rule('torque', { min: 0, max: 10 }),
  'drive.bearingPlay': maybe('length', { min: 0, max: 0.005 }),
  'drive.nutInertia': rule('inertia', { above: 0, max: 0.1 }),
  'drive.screwInertia': maybe('inertia', { above: 0, max: 1 }),
  'drive.thread.efficiency': rule('ratio', { above: 0.05, max: 0.99 }),
  'drive.thread.preload': rule('force', { min: 0, max: 50_000 }),
  'drive.thread.dynamicLoad': maybe('force', { above: 0, max: 1e6 }),
  'drive.thread.nutStiffness': maybe('stiffness', { above: 0, max: 1e10 }),
  'drive.thread.speedLimit': maybe('diameterSpeed', { above: 0, max: 50 }),
  'drive.thread.friction': rule('ratio', { above: 0.005, max: 0.6 }),
  'drive.thread.collarFriction': rule('ratio', { min: 0, max: 0.6 }),
  'drive.thread.collarDiameter': rule('length', { min: 0, max: 0.3 }),

  // Rack, belt and chain: what they share.
  'drive.play': maybe('length', { min: 0, max: 0.02 }),
  'drive.efficiency': rule('ratio', { above: 0.3, max: 1 }),
  'drive.inertia': rule('inertia', { above: 0, max: 1 }),
  'drive.teeth': rule('count', { min: 3, max: 400, whole: true }),
  'drive.pitch': rule('length', { above: 0.001, max: 0.1 }),
  'drive.overhang': rule('length', { min: 0, max: 1 }),
  'drive.shaftLoadLimit': maybe('force', { above: 0, max: 1e6 }),
  'drive.runout': rule('length', { min: 0, max: 0.002 }),
  'drive.maxSpeed': maybe('speed', { above: 0, max: 80 }),
  'drive.centreDistance': rule('length', { above: 0, max: 35 }),
  'drive.pretension': rule('force', { min: 0, max: 50_000 }),
  'drive.lineMass': rule('linearDensity', { above: 0, max: 50 }),
  'drive.crossShaft.diameter': rule('length', { above: 0.003, max: 0.2 }),
  'drive.crossShaft.length': rule('length', { above: 0, max: 10 }),
  // Rack.
  'drive.module': rule('length', { above: 0.0003, max: 0.02 }),
  'drive.pressureAngle': rule('angle', { min: Math.PI / 15, max: Math.PI / 6 }),
  'drive.helixAngle': rule('angle', { min: 0, max: Math.PI / 4 }),
  'drive.profileShift': rule('ratio', { min: -0.5, max: 0.8 }),
  'drive.faceWidth': rule('length', { above: 0.001, max: 0.3 }),
  'drive.meshGap': maybe('length', { min: 0, max: 0.005 }),
  'drive.springForce': rule('force', { min: 0, max: 10_000 }),
  'drive.springLever': rule('ratio', { above: 0.05, max: 20 }),
  'drive.yieldStrength': rule('modulus', { above: 1e7, max: 2.5e9 }),
  'drive.meshStiffness': maybe('stiffness', { above: 0, max: 1e11 }),
  'drive.pitchError': rule('length', { min: 0, max: 0.005 }),
  'drive.segment': rule('length', { above: 0.05, max: 10 }),
  'drive.park': maybe('length', { min: 0, max: 30 }),
  // Belt.
  'drive.width': rule('length', { above: 0.002, max: 0.3 }),
  'drive.specificStiffness': rule('stiffness', { above: 1e5, max: 1e10 }),
  'drive.allowedPull': rule('force', { above: 0, max: 1e6 }),
  'drive.wrap': rule('angle', { above: 0.3, max: 2 * Math.PI }),
  // Chain.
  'drive.breakingLoad': rule('force', { above: 0, max: 1e7 }),
  'drive.tensileStiffness': rule('force', { above: 1e3, max: 1e10 }),
  'drive.wear': rule('ratio', { min: 0, max: 0.05 }),

  'reducer.ratio': rule('ratio', { above: 0.1, max: 100 }),
  'reducer.efficiency': rule('ratio', { above: 0.3, max: 1 }),
  'reducer.inertia': rule('inertia', { min: 0, max: 0.1 }),
  'reducer.backlash': rule('angle', { min: 0, max: 0.1 }),
  'reducer.inputSpeed': maybe('angularSpeed', { above: 0, max: 3000 }),
  'reducer.torqueLimit': maybe('torque', { above: 0, max: 5000 }),
  'reducer.stiffness': maybe('torsionalStiffness', { above: 0, max: 1e7 }),
  'reducer.pulleys.motorTeeth': rule('count', { min: 8, max: 300, whole: true }),
  'reducer.pulleys.driveTeeth': rule('count', { min: 8, max: 300, whole: true }),
  'reducer.pulleys.pitch': rule('length', { above: 0.001, max: 0.03 }),
  'reducer.pulleys.centreDistance': rule('length', { above: 0, max: 3 }),
  'reducer.pulleys.lineMass': rule('linearDensity', { above: 0, max: 5 }),
  'coupling.inertia': rule('inertia', { min: 0, max: 0.1 }),
  'coupling.stiffness': maybe('torsionalStiffness', { above: 0, max: 1e7 }),
  'coupling.backlash': rule('angle', { min: 0, max: 0.2 }),
  'coupling.torqueLimit': maybe('torque', { above: 0, max: 5000 }),
  'coupling.runout': maybe('length', { min: 0, max: 0.005 }),

  'motor.holdingTorque': rule('torque', { above: 0, max: 100 }),
  'motor.ratedCurrent': rule('current', { above: 0, max: 50 }),
  'motor.resistance': rule('resistance', { above: 0, max: 1000 }),
  'motor.inductance': rule('inductance', { above: 0, max: 1 }),
  'motor.rotorTeeth': rule('rotorTeeth', { min: 2, max: 250, whole: true }),
  'motor.rotorInertia': rule('inertia', { above: 0, max: 0.1 }),
  'motor.detentTorque': rule('torque', { min: 0, max: 20 }),
  'motor.usableShare': rule('ratio', { above: 0.05, max: 1 }),
  'motor.curve.voltage': rule('voltage', { above: 0, max: 400 }),
  'motor.ratedTorque': rule('torque', { above: 0, max: 500 }),
  'motor.peakTorque': rule('torque', { above: 0, max: 1500 }),
  'motor.ratedSpeed': rule('angularSpeed', { above: 0, max: 2000 }),
  'motor.maxSpeed': rule('angularSpeed', { above: 0, max: 2000 }),
  'motor.peakAtMaxSpeed': maybe('torque', { above: 0, max: 1500 }),
  'motor.countsPerTurn': rule('count', { min: 1, max: 1e8, whole: true }),
  'motor.brakeTorque': rule('torque', { min: 0, max: 500 }),
  'motor.stallTorque': rule('torque', { above: 0, max: 500 }),
  'motor.noLoadSpeed': rule('angularSpeed', { above: 0, max: 2000 }),
  'driver.setCurrent': rule('current', { above: 0, max: 50 }),
  'driver.microsteps': rule('count', { min: 1, max: 512, whole: true }),
  'driver.maxVoltage': maybe('voltage', { above: 0, max: 400 }),
  'driver.maxCurrent': maybe('current', { above: 0, max: 50 }),
  'supply.voltage': rule('voltage', { above: 0, max: 400 }),
  'supply.power': maybe('power', { above: 0, max: 50_000 }),
  'supply.others': rule('power', { min: 0, max: 50_000 }),
  'supply.capacitance': maybe('capacitance', { above: 0, max: 10 }),
  'controller.pulseLimit': rule('pulseRate', { above: 0, max: 20e6 }),
} as const satisfies Record<string, FieldRule>;

export type AxisFieldPath = keyof typeof axisFields;

/** Rules of measured inputs that stand in lists, by the pattern of their path. */
export const listRules = {
  'motor.curve.points.N.speed': rule('angularSpeed', { min: 0, max: 3000 }),
  'motor.curve.points.N.torque': rule('torque', { min: 0, max: 1500 }),
  'duty.N.distance': rule('length', { above: 0, max: 30 }),
  'duty.N.rest': rule('time', { min: 0, max: 86_400 }),
  'duty.N.times': rule('count', { min: 1, max: 100_000, whole: true }),
} as const satisfies Record<string, FieldRule>;

const bodiesOfAxis: Record<string, FieldRule> = Object.fromEntries(
  Object.entries(bodyRules).map(([key, rule]) => [`loads.masses.N.${key}`, rule]),
);

/** The rule at a path inside an axis or inside the machine, or undefined where no measured input stands. */
export function fieldRuleAt(path: string): FieldRule | undefined {
  const pattern = path.replace(/\.\d+(?=\.|$)/g, '.N');
  return (
    (axisFields as Record<string, FieldRule>)[path] ??
    (listRules as Record<string, FieldRule>)[pattern] ??
    bodiesOfAxis[pattern] ??
    machineRules[pattern]
  );
}
