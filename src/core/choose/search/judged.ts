import { type AnyCheck, judge, judgedBy } from '@/core/checks';
import { type Verdict, worstVerdict } from '@/core/findings';
import {
  analyse,
  type AxisCode,
  axisChecks,
  axisSpeed,
  axisSubject,
  INERTIA_ENDS,
  lostMotionOf,
  powerOf,
  trainError,
} from '@/core/machine';
import { applyEdits, type Axis, axisIssues, type Edit, getAt, isMeasure, putInAxis } from '@/core/model';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { fittingHours } from './effort';

/** Checks that hang on drive, reducer, coupling and what the axis carries, whatever motor turns it. */
export const driveCodes = [
  'whip',
  'dn',
  'nut-rubbing',
  'line-speed',
  'reducer',
  'column',
  'tooth',
  'belt-pull',
  'chain-pull',
  'thin-self-lock',
  'deep-groove',
  'reducer-torque',
  'lost-motion',
  'ramp-rings',
  'undercut',
  'sprung-pinion',
  'mesh-tight',
  'joint-at-park',
  'belt-tension',
  'belt-teeth',
  'chain-sag',
  'chain-ripple',
  'shaft-load',
  'nut-load',
  'nut-heat',
  'nut-static',
  'nut-life',
  'bearing-static',
  'bearing-life',
  'nut-spring',
] as const satisfies readonly AxisCode[];

/** Checks that hang on motor, driver and supply as well. */
export const motorCodes = [
  'torque-rapid',
  'torque-cut',
  'pulses',
  'motor-speed',
  'inertia-ratio',
  'mid-band',
  'crest-low',
  'supply-low',
  'crest-high',
  'driver-small',
  'curve-voltage',
  'motor-heat',
  'supply-power',
  'regeneration',
  'coupling-torque',
  'drops',
] as const satisfies readonly AxisCode[];

export type LineCode = (typeof driveCodes)[number] | (typeof motorCodes)[number];

const checksOf = (codes: readonly LineCode[]) =>
  axisChecks.filter((c): c is AnyCheck<Parameters<typeof c.judge>[0], LineCode> =>
    codes.some((code) => code === c.code),
  );
const driveChecks = checksOf(driveCodes);
/** Every check of a drive train. */
export const lineChecks = checksOf([...driveCodes, ...motorCodes]);

/** Torque over what is asked; a load that drives itself asks for none. */
export const spare = (usable: number, asked: number): number => (asked > 0 ? usable / asked : Infinity);

/** What a drive train comes to. A larger figure is the better one, but for what is lost. SI. */
export interface LineFigures {
  /** Highest rapid over the one that is asked. */
  readonly speed: number;
  /** Usable torque over what is asked, in the worse of speeding up and cutting. */
  readonly torque: number;
  /** In line, N/m; at the most, where links of it are not known. */
  readonly stiffness: number;
  /** Lost at a reversal, m; at the least, where links of it are not known. */
  readonly lost: number;
  /** What it puts into the error along its axis, m; at the least, where causes of it are not known. */
  readonly error: number;
  /** To fit it and get it running true, hours. */
  readonly effort: number;
  /** Links and causes of those that are not known. */
  readonly unknown: { readonly stiffness: number; readonly lost: number; readonly error: number };
}

/** Whether a search passes over what a check says so of. @param sure nothing may be thin either. */
const fails = (verdict: Verdict, sure: boolean): boolean =>
  verdict === 'gives-out' || (sure && verdict === 'thin');

/** A drive train as its checks see it. */
export interface LineJudged {
  readonly verdict: Verdict;
  /** Codes of what gives out, or is thin where nothing may be. */
  readonly out: readonly LineCode[];
  readonly figures: LineFigures;
}

const subjectFor = (axis: Axis) => axisSubject(analyse(axis, silentWorksheet), silentWorksheet);
type Subject = ReturnType<typeof subjectFor>;

function figuresOf(subject: Subject): LineFigures {
  const { analysis, stiffness } = subject;
  const { cases, motor, gear, axis } = analysis;
  const share = (id: 'speed-up' | 'cut') => {
    const { speed, torque } = cases[id];
    return spare(motor.usable(quantity('angularSpeed', speed / gear.kMotor)), torque);
  };
  const lost = lostMotionOf(analysis, stiffness, silentWorksheet);
  const figures = analysis.drive.figures(silentWorksheet);
  const error = trainError({ axisId: axis.id, figures, lostMotion: lost, stiffness }, axis);
  return {
    speed: axisSpeed(subject) / axis.demands.rapid.si,
    torque: Math.min(share('speed-up'), share('cut')),
    stiffness: stiffness.value,
    lost: lost.value,
    error: error.value,
    effort: fittingHours(axis),
    unknown: { stiffness: stiffness.missing.length, lost: lost.missing.length, error: error.missing },
  };
}

function judgedOf(subject: Subject, sure: boolean): LineJudged {
  const outcomes = judge(lineChecks, subject);
  return {
    verdict: worstVerdict(outcomes.map((o) => o.verdict)),
    out: outcomes.filter((o) => fails(o.verdict, sure)).map((o) => o.code),
    figures: figuresOf(subject),
  };
}

/** The drive train of an axis, put through all checks that hang on it. */
export const judgedLine = (axis: Axis, sure: boolean): LineJudged => judgedOf(subjectFor(axis), sure);

/** The same, with what its motors draw, W; others on the same supply left out. */
export function judgedDrawing(axis: Axis, sure: boolean): LineJudged & { readonly draws: number } {
  const subject = subjectFor(axis);
  const draws = powerOf(subject.analysis, silentWorksheet).drawn - axis.supply.others.si;
  return { ...judgedOf(subject, sure), draws };
}

/** What one check finds of an axis; undefined where it has nothing to say. */
function found(code: LineCode, subject: Subject) {
  const check = lineChecks.find((c) => c.code === code)!;
  return judgedBy(check, subject)[0];
}

/** What a drive asks of its motor whatever that is, and the first check of its own that gives out. SI. */
export function judgedDrive(axis: Axis, sure: boolean) {
  const subject = subjectFor(axis);
  const out = driveChecks.find((c) => judgedBy(c, subject).some((o) => fails(o.verdict, sure)))?.code;
  if (out) return { out };
  const { analysis } = subject;
  let slowest = Infinity;
  for (const { id, wish, limit } of analysis.rungs)
    if (wish === 'rapid' && driveCodes.some((c) => c === id)) slowest = Math.min(slowest, limit);
  const { stiffness, lost, error, unknown } = figuresOf(subject);
  // Both are of the drive alone, though their checks weigh them against a motor.
  const left = found('drops', subject)?.value ?? 0;
  const load = found('inertia-ratio', subject)!.value * axis.motor.rotorInertia.si;
  return { out: null, analysis, slowest, stiffness, lost, error, unknown, left, load };
}

/**
 * Checks of motor, driver and supply among themselves, whatever they drive. A crest or a supply that is low
 * is only told where torque is short: that hangs on the drive.
 */
const electricalCodes = [
  'crest-high',
  'driver-small',
  'curve-voltage',
] as const satisfies readonly LineCode[];
const electricalChecks = checksOf(electricalCodes);

/**
 * What a motor takes whatever it drives, and the first check of motor, driver and supply among themselves
 * that gives out: torque that it holds with no power, inertia that it stands. SI.
 */
export function judgedMotor(axis: Axis, sure: boolean) {
  const subject = subjectFor(axis);
  const out = electricalChecks.find((c) => judgedBy(c, subject).some((o) => fails(o.verdict, sure)))?.code;
  const { motor } = subject.analysis;
  const drops = found('drops', subject);
  // A detent holds from rest and lets go of what moves: that is thin.
  const holds = drops && !motor.locks ? (sure ? motor.brake : drops.limit) : Infinity;
  const comfort = found('inertia-ratio', subject)!.limit * axis.motor.rotorInertia.si;
  return { out, holds, loadMost: sure ? comfort : comfort * INERTIA_ENDS };
}

/** Tensions of ours that a search sets so that the line holds, with the check that says how much. */
const tensions = [
  { code: 'belt-tension', path: 'drive.pretension' },
  { code: 'chain-sag', path: 'drive.pretension' },
  { code: 'sprung-pinion', path: 'drive.springForce' },
] as const;

/** Whether a drive only wants to be pulled tighter than it is. */
export const wantsTension = (out: string): boolean => tensions.some((t) => t.code === out);

/** An axis whose line is pulled as its checks ask, as far as nobody has said how tight it is. */
export function tightened(axis: Axis, sure: boolean): Axis {
  const subject = subjectFor(axis);
  for (const { code, path } of tensions) {
    const said = getAt(axis, path);
    if (!isMeasure(said) || said.basis !== 'ours') continue;
    const check = axisChecks.find((c) => c.code === code)!;
    const slack = judgedBy(check, subject).find((o) => fails(o.verdict, sure));
    const edits = slack && check.candidates?.(subject, slack)[0]?.edits.map(ours);
    const pulled = edits && applyEdits(axis, edits);
    if (pulled && axisIssues(pulled).length === 0) return pulled;
  }
  return axis;
}

/** What a search sets is a number of ours. */
const ours = (edit: Edit): Edit =>
  isMeasure(edit.value) ? putInAxis(edit.path, { ...edit.value, basis: 'ours' }) : edit;
