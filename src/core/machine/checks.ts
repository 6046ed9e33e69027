import { type Verdict, verdictOf } from '@/core/findings';
import type { Axis, AxisFieldPath } from '@/core/model';
import { backDrivingTorque, inertiaRatio, naturalFrequency, rampTime, reflectedInertia, topSpeed } from '@/core/motion';
import { stepper } from '@/core/motors';
import { type Kind, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import type { Analysis, RungId } from './analysis';

export type CheckCode =
  | RungId | 'column' | 'drops' | 'crest-high' | 'crest-low' | 'supply-low' | 'inertia-ratio' | 'deep-groove' | 'never-reached' | 'ramp-rings' | 'thin-self-lock' | 'rail-short';

/** Outcome of one check of one axis. */
export interface Checked {
  readonly code: CheckCode;
  readonly verdict: Verdict;
  readonly path: AxisFieldPath | 'drive.thrustBearing';
  readonly kind: Kind;
  readonly value: number;
  readonly limit: number;
  /** What is there over what is needed: 1 and above holds; below 0 for a motor that cannot start. Remedies are ranked by it. */
  readonly margin: number;
  readonly params: Readonly<Record<string, number | string>>;
  readonly line?: string;
}

/** Undefined: the check has nothing to say about this axis. */
type Check = (analysis: Analysis, sheet: Worksheet) => Checked | undefined;

const railReach = defineFormula({
  id: 'fit/rail-reach',
  title: 'Travel that the rail leaves room for',
  symbols: {
    rail: { kind: 'length', tex: 'L_r', meaning: 'length of the rail' },
    span: { kind: 'length', tex: 'L_s', meaning: 'outer span of the carriages' },
  },
  result: { kind: 'length', tex: 's_{max}', meaning: 'travel with the carriages wholly on the rail' },
  tex: '<rail> - <span>',
  citation: { basis: 'derived', text: 'Travel chain: rail length at least travel plus outer carriage span' },
  range: 'No overhang past the rail ends, no margin for stops.',
  evaluate: ({ rail, span }) => rail - span,
});

const rungPath: Record<RungId, AxisFieldPath> = {
  whip: 'drive.rootDiameter', dn: 'drive.nominalDiameter', 'torque-rapid': 'motor.holdingTorque', 'torque-cut': 'motor.holdingTorque', reducer: 'reducer.inputSpeed', pulses: 'controller.pulseLimit',
};

const rungCheck = (id: RungId): Check => (analysis) => {
  const rung = analysis.rungs.find((r) => r.id === id);
  if (!rung) return undefined;
  const { drive } = analysis.axis;
  const asked = id === 'torque-rapid' ? analysis.cases['speed-up'].torque : analysis.cases.cut.torque;
  return {
    code: id, verdict: verdictOf(rung.limit, rung.asked), path: rungPath[id], kind: 'speed', value: rung.limit, limit: rung.asked,
    // A motor that cannot even start has limit 0 whatever is done; how far its torque is off still tells what helps.
    margin: rung.limit > 0 ? rung.limit / rung.asked : analysis.motor.usable(quantity('angularSpeed', 0)) / asked - 1, line: rung.line,
    params: { wish: rung.wish, root: drive.rootDiameter.si, length: rung.over ?? drive.betweenBearings.si, heat: analysis.drive.heatCompression, lead: drive.lead.si },
  };
};

/** Judgement below which a limit of comfort, not of strength, is only called thin. */
const soft = (limit: number, value: number): Verdict => (verdictOf(limit, value) === 'gives-out' ? 'thin' : 'holds');

const gearRatio = (axis: Axis) => (axis.reducer ? { ratio: 'reducer.ratio' } : {});

const SQRT2 = Math.SQRT2;
/** Load over rotor inertia that steppers take well. Common practice, no source. */
const INERTIA_RATIO_LIMIT = 10;
/** Lead angle over friction angle up to which self-locking is trusted. Common practice, no source. */
const LOCKING_LIMIT = 0.75;

const torqueIsShort = (analysis: Analysis): boolean =>
  analysis.rungs.some((r) => (r.id === 'torque-rapid' || r.id === 'torque-cut') && verdictOf(r.limit, r.asked) !== 'holds');

const checks: Record<CheckCode, Check> = {
  whip: rungCheck('whip'),
  dn: rungCheck('dn'),
  'torque-rapid': rungCheck('torque-rapid'),
  'torque-cut': rungCheck('torque-cut'),
  reducer: rungCheck('reducer'),
  pulses: rungCheck('pulses'),

  column: ({ drive, cases }) => ({
    code: 'column', verdict: verdictOf(drive.thrustLimit.limit, cases.cut.force), path: 'drive.rootDiameter', kind: 'force',
    value: drive.thrustLimit.limit, limit: cases.cut.force, margin: drive.thrustLimit.limit / cases.cut.force, params: {}, line: drive.thrustLimit.line,
  }),

  drops: ({ axis, gravity, share, drive, motor, gear }, sheet) => {
    if (Math.abs(gravity) <= axis.loads.guideDrag.si) return undefined;
    const left = sheet.apply(backDrivingTorque, { share, weight: gravity, guideDrag: axis.loads.guideDrag.si, k: drive.k, backEfficiency: drive.backEfficiency, drag: drive.drag, ratio: gear.ratio }, 'drops', { ...gearRatio(axis), weight: '#gravity', guideDrag: 'loads.guideDrag', k: '#drive.k', backEfficiency: '#drive.backEfficiency', drag: '#drive.drag' });
    // The detent may hold from rest, and lets go when the axis already moves as the power fails.
    const verdict: Verdict = left <= 0 ? 'holds' : left <= motor.detent ? 'thin' : 'gives-out';
    return { code: 'drops', verdict, path: 'loads.counterbalance', kind: 'torque', value: left, limit: motor.detent, margin: left <= 0 ? Infinity : motor.detent / left, params: { weight: gravity, mass: axis.loads.masses.reduce((m, b) => m + b.mass.si, 0), sets: axis.drive.sets }, line: 'drops' };
  },

  'thin-self-lock': ({ axis, gravity, drive }) => {
    if (drive.lockingRatio === undefined || drive.lockingRatio >= 1 || Math.abs(gravity) <= axis.loads.guideDrag.si) return undefined;
    return { code: 'thin-self-lock', verdict: soft(LOCKING_LIMIT, drive.lockingRatio), path: 'drive.thread.friction', kind: 'ratio', value: drive.lockingRatio, limit: LOCKING_LIMIT, margin: LOCKING_LIMIT / drive.lockingRatio, params: {}, line: 'screw.frictionAngle' };
  },

  'crest-high': ({ axis }) => {
    const most = SQRT2 * axis.motor.ratedCurrent.si;
    const crest = axis.driver.crestCurrent.si;
    // 2 % of slack: driver switches come in coarse steps and nobody sets 5.94 A.
    return { code: 'crest-high', verdict: crest <= most * 1.02 ? 'holds' : 'gives-out', path: 'driver.crestCurrent', kind: 'current', value: crest, limit: most, margin: most / crest, params: { rated: axis.motor.ratedCurrent.si, heat: (crest / most) ** 2 } };
  },

  'crest-low': (analysis) => {
    const full = SQRT2 * analysis.axis.motor.ratedCurrent.si;
    const crest = analysis.axis.driver.crestCurrent.si;
    if (crest >= full * 0.95 || !torqueIsShort(analysis)) return undefined;
    return { code: 'crest-low', verdict: 'thin', path: 'driver.crestCurrent', kind: 'current', value: crest, limit: full, margin: crest / full, params: { rated: analysis.axis.motor.ratedCurrent.si }, line: 'motor.torqueConstant' };
  },

  'supply-low': (analysis, sheet) => {
    if (!torqueIsShort(analysis)) return undefined;
    const wanted = sheet.apply(stepper.supplyRule, { inductance: analysis.axis.motor.inductance.si }, 'supply.rule', { inductance: 'motor.inductance' });
    const voltage = analysis.axis.supply.voltage.si;
    return { code: 'supply-low', verdict: soft(voltage, 0.75 * wanted), path: 'supply.voltage', kind: 'voltage', value: voltage, limit: wanted, margin: voltage / wanted, params: {}, line: 'supply.rule' };
  },

  'inertia-ratio': ({ axis, mass, share, drive, gear }, sheet) => {
    const load = sheet.apply(reflectedInertia, { driveInertia: drive.inertia, share, mass, k: drive.k, ratio: gear.ratio }, 'inertia.load', { ...gearRatio(axis), driveInertia: drive.inertiaSource, mass: 'loads.masses', k: '#drive.k' });
    const ratio = sheet.apply(inertiaRatio, { load, rotor: axis.motor.rotorInertia.si }, 'inertia.ratio', { load: '#inertia.load', rotor: 'motor.rotorInertia' });
    return { code: 'inertia-ratio', verdict: soft(INERTIA_RATIO_LIMIT, ratio), path: 'motor.rotorInertia', kind: 'ratio', value: ratio, limit: INERTIA_RATIO_LIMIT, margin: INERTIA_RATIO_LIMIT / ratio, params: {}, line: 'inertia.ratio' };
  },

  'rail-short': ({ axis: { guide, demands } }, sheet) => {
    if (!guide.railLength || !guide.carriageSpan) return undefined;
    const reach = sheet.apply(railReach, { rail: guide.railLength.si, span: guide.carriageSpan.si }, 'rail-reach', { rail: 'guide.railLength', span: 'guide.carriageSpan' });
    return { code: 'rail-short', verdict: reach >= demands.travel.si ? 'holds' : 'gives-out', path: 'guide.railLength', kind: 'length', value: reach, limit: demands.travel.si, margin: reach / demands.travel.si, params: { span: guide.carriageSpan.si }, line: 'rail-reach' };
  },

  'deep-groove': ({ axis, cases }) => ({
    code: 'deep-groove', verdict: axis.drive.thrustBearing === 'deep-groove' ? 'thin' : 'holds', path: 'drive.thrustBearing', kind: 'force',
    value: cases.cut.force, limit: 0, margin: axis.drive.thrustBearing === 'deep-groove' ? 0.5 : 1, params: {}, line: cases.cut.line.replace('torque', 'force'),
  }),

  'never-reached': ({ axis: { demands } }, sheet) => {
    const top = sheet.apply(topSpeed, { travel: demands.travel.si, acceleration: demands.acceleration.si, jerk: demands.jerk?.si ?? quantity('jerk', Infinity) }, 'top-speed', { travel: 'demands.travel', acceleration: 'demands.acceleration', jerk: demands.jerk ? 'demands.jerk' : undefined });
    return { code: 'never-reached', verdict: soft(top, demands.rapid.si), path: 'demands.acceleration', kind: 'speed', value: top, limit: demands.rapid.si, margin: top / demands.rapid.si, params: {}, line: 'top-speed' };
  },

  'ramp-rings': ({ axis: { demands }, mass, share, drive }, sheet) => {
    const frequency = sheet.apply(naturalFrequency, { stiffness: drive.stiffness.value, share, mass }, 'natural-frequency', { stiffness: `#${drive.stiffness.line}`, mass: 'loads.masses' });
    const shortest = sheet.apply(rampTime, { frequency }, 'ramp-time', { frequency: '#natural-frequency' });
    const ramp = demands.rapid.si / demands.acceleration.si;
    return { code: 'ramp-rings', verdict: soft(ramp, shortest), path: 'demands.acceleration', kind: 'time', value: ramp, limit: shortest, margin: ramp / shortest, params: { frequency }, line: 'ramp-time' };
  },
};

export const checkCodes = Object.keys(checks) as CheckCode[];

/** Runs one check. */
export const runCheck = (code: CheckCode, analysis: Analysis, sheet: Worksheet): Checked | undefined => checks[code](analysis, sheet);

/** Runs them all, in a fixed order. */
export const runChecks = (analysis: Analysis, sheet: Worksheet): Checked[] =>
  checkCodes.flatMap((code) => checks[code](analysis, sheet) ?? []);
