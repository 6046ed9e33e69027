import { analyse, foretoldOf, loadedAxes } from '@/core/machine';
import { learn } from '@/core/metrology';
import {
  applyEdits,
  type Axis,
  type Edit,
  fieldRuleAt,
  getAt,
  halfWidth,
  isMeasure,
  type Measure,
  type Plain,
  type Project,
  put,
  setAt,
  type TrialTaken,
} from '@/core/model';
import { formatQuantity, type Kind, parseQuantity, quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { restored } from './restored';
import { type HeldRow, STANDARD } from './rows';
import { solvedInput } from './solved';

/** An input that would be written, and what it is then. */
export interface TakeInput {
  readonly path: string;
  readonly value: Plain;
  /** Figure and half of its 95 % interval, where it is one. */
  readonly figure: { readonly kind: Kind; readonly value: number; readonly expanded: number } | null;
}

/** How a reading goes into the plan. */
export interface Take {
  /** `learnt`: joined with what was believed; `direct`: it takes its place. */
  readonly how: 'learnt' | 'direct';
  readonly inputs: readonly TakeInput[];
}

/** Digits of what is written into the plan: the doubt that goes with it is wider. */
const DIGITS = 5;

/** A measured input as it is stored: what is typed and its figure agree. */
function measured(kind: Kind, si: number, expanded: number): Measure | null {
  const typed = formatQuantity(kind, si, 'metric', DIGITS).text;
  const read = parseQuantity(kind, typed);
  if (!read.ok) return null;
  return {
    typed,
    si: read.si as Measure['si'],
    basis: 'measured',
    spread: { by: 'absolute', halfWidth: Number(expanded.toPrecision(3)) },
  };
}

function inputAt(path: string, si: number, expanded: number): TakeInput | null {
  const rule = fieldRuleAt(path);
  if (!rule) return null;
  const least = rule.min ?? rule.above ?? -Infinity;
  if (!Number.isFinite(si) || si > rule.max || si < least || (rule.above !== undefined && si <= rule.above))
    return null;
  const value = measured(rule.kind, si, expanded);
  return value && { path, value, figure: { kind: rule.kind, value: value.si, expanded } };
}

/** Inputs that a reading of an answer may speak of. */
const speaksOf: Readonly<Partial<Record<HeldRow['id'], RegExp>>> = {
  'lost-motion': /\.(play|meshGap|backlash|bearingPlay)$/,
  stiffness: /(stiffness|Stiffness)$/,
  frequency: /(stiffness|Stiffness)$/,
  drag: /(guideDrag|otherDrag|guide\.friction|guide\.seal)$/,
  hand: /(efficiency|bearingDrag|thread\.friction|detentTorque)$/,
  growth: /temperatureRise$/,
};

/**
 * The input that sways the answer most learns; what the others make of the answer counts as doubt of the
 * reading. @param wrong the plan is given up: the input becomes what the reading says, whatever was believed.
 */
function learntBy(row: HeldRow, axis: Axis, wrong: boolean): TakeInput | null {
  const { foretold, measured: read } = row;
  const pattern = speaksOf[row.id];
  if (!pattern || foretold === null || !read) return null;
  const own = row.sways
    .filter((s) => pattern.test(s.path) && isMeasure(getAt(axis, s.path)))
    .sort((a, b) => Math.abs(b.up - b.down) - Math.abs(a.up - a.down))[0];
  if (!own) return null;
  const input = getAt(axis, own.path) as Measure;
  const half = halfWidth(input);
  const slope = (own.up - own.down) / own.span;
  const others = Math.hypot(...row.sways.filter((s) => s !== own).map((s) => (s.up - s.down) / 2)) / STANDARD;
  const reading = read.expanded / STANDARD;
  if (wrong) {
    const solved = solvedInput(axis, row.id, own.path, read.value);
    if (!solved) return null;
    const expanded = (STANDARD * Math.hypot(reading, others)) / Math.abs(solved.slope);
    // A figure that may as well be none says nothing of the input.
    return expanded < Math.abs(solved.value) ? inputAt(own.path, solved.value, expanded) : null;
  }
  const prior = half / STANDARD;
  const given = { before: input.si, prior, slope, measured: read.value, foretold, reading, others };
  const { value, standard } = learn(given);
  return inputAt(own.path, value, STANDARD * standard);
}

/** Torque of the motor over its speed, as it would be with all of it multiplied. */
function withTorque(axis: Axis, factor: number, spread: number): Axis {
  const { motor } = axis;
  if (motor.kind === 'servo')
    return setAt(axis, 'motor.peakTorque', torqueInput(motor.peakTorque.si * factor, spread));
  if (motor.kind === 'geared')
    return setAt(axis, 'motor.stallTorque', torqueInput(motor.stallTorque.si * factor, spread));
  if (motor.kind === 'hand')
    return setAt(
      axis,
      'motor.effort',
      measured('force', motor.effort.si * factor, spread) as unknown as Plain,
    );
  const analysis = analyse(axis, silentWorksheet);
  const top = (1.6 * axis.demands.rapid.si) / analysis.gear.kMotor;
  const corner = Math.min(analysis.motor.corner, top / 2);
  const speeds = [0, 0.5, 1, 1.5, 2, 3, 4.5, 7, 10]
    .map((k) => k * corner)
    .filter((w, i) => i < 6 || w <= 2 * top);
  const points = speeds.map((w) => ({
    speed: measured('angularSpeed', w, w * 0.01),
    torque: torqueInput(analysis.motor.pullOut(quantity('angularSpeed', w)) * factor, spread),
  }));
  const voltage = { ...axis.supply.voltage, basis: 'measured' as const };
  return setAt(axis, 'motor.curve', { voltage, points } as unknown as Plain);
}

const torqueInput = (si: number, relative: number) =>
  measured('torque', si, si * relative) as unknown as Plain;

const torquePath = ({ motor }: Axis) =>
  ({ stepper: 'motor.curve', servo: 'motor.peakTorque', geared: 'motor.stallTorque', hand: 'motor.effort' })[
    motor.kind
  ];

/** Factors of torque between which a stall is looked for. */
const FACTORS = [0.2, 5] as const;
/** So often is the span halved: to a part in a hundred thousand. */
const HALVINGS = 18;

/** The factor of all torque with which the plan would foretell what was read; null where none does. */
function torqueFactor(axis: Axis, id: HeldRow['id'], value: number): number | null {
  const at = (factor: number) =>
    foretoldOf(withTorque(axis, factor, 0.05)).find((f) => f.id === id)?.value ?? NaN;
  let [low, high] = FACTORS as readonly [number, number];
  if (!(at(low) < value && at(high) > value)) return null;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high);
    if (at(middle) < value) low = middle;
    else high = middle;
  }
  return Math.sqrt(low * high);
}

/** A stall speaks of the torque that there is, as a factor over the whole curve. */
function torqueTake(row: HeldRow, axis: Axis): TakeInput | null {
  const { value, expanded } = row.measured!;
  const factor = torqueFactor(axis, row.id, value);
  if (factor === null) return null;
  const ends = [value - expanded, value + expanded].map((v) => torqueFactor(axis, row.id, v) ?? factor);
  const half = Math.max(0.02, Math.abs(ends[1]! - ends[0]!) / 2 / factor);
  const changed = withTorque(axis, factor, half);
  const path = torquePath(axis);
  return {
    path,
    value: getAt(changed, path) as Plain,
    figure: { kind: 'ratio', value: factor, expanded: factor * half },
  };
}

/** Readings that are the input itself. */
function directTake(row: HeldRow, axis: Axis): TakeInput | null {
  const { value, expanded } = row.measured!;
  switch (row.id) {
    case 'home':
      return inputAt('fit.scatter', value, expanded);
    case 'stop':
      return inputAt('fit.read.stop', value, expanded);
    case 'drag':
      return inputAt('loads.guideDrag', Math.max(0, value - axis.loads.otherDrag.si), expanded);
    case 'lead':
      // Steps per unit are set by what was measured: the even part of the error is taken away.
      return axis.controller.calibration === 'none' && row.measured!.trial.startsWith('steps:')
        ? { path: 'controller.calibration', value: 'steps', figure: null }
        : null;
    case 'lost-motion':
      // A play that nobody knew is what the links that are known leave.
      return 'play' in axis.drive && axis.drive.play === null
        ? inputAt('drive.play', Math.max(0, value - (row.foretold ?? 0)), expanded)
        : null;
    default:
      return null;
  }
}

/**
 * How a measured answer would go into the plan; null where it speaks of no input.
 * @param wrong the plan is given up for the reading: offered where both contradict one another.
 */
export function takeOf(project: Project, row: HeldRow, wrong = false): Take | null {
  if (!row.measured || row.taken || (row.verdict === 'apart' && !wrong)) return null;
  const i = project.axes.findIndex((a) => a.id === row.axis);
  if (i < 0) return null;
  const axis = loadedAxes(project)[i]!;
  const direct = directTake(row, axis);
  const torque = row.id === 'top-speed' || row.id === 'top-acceleration' ? torqueTake(row, axis) : null;
  const taken = direct ?? torque;
  if (taken) return { how: 'direct', inputs: [taken] };
  const learnt = learntBy(row, axis, wrong);
  return learnt && { how: wrong ? 'direct' : 'learnt', inputs: [learnt] };
}

/** Takes a reading into the plan, and keeps with its record what stood there before. */
export function takeEdits(project: Project, row: HeldRow, take: Take): readonly Edit[] {
  const i = project.axes.findIndex((a) => a.id === row.axis);
  const kept = take.inputs.map(({ path }): TrialTaken => ({
    axis: row.axis,
    path,
    before: JSON.stringify(getAt(project.axes[i]!, path) ?? null),
  }));
  const trials = project.trials.map((t) =>
    t.id === row.measured?.record ? { ...t, taken: [...t.taken, ...kept] } : t,
  );
  return [...take.inputs.map(({ path, value }) => put(`axes.${i}.${path}`, value)), put('trials', trials)];
}

/** Puts back what stood in the plan before a record was taken into it. */
export function untakeEdits(project: Project, row: HeldRow): readonly Edit[] {
  const record = project.trials.find((t) => t.id === row.measured?.record);
  const own = record?.taken.filter((t) => t.axis === row.axis) ?? [];
  if (!record || !own.length) return [];
  const trials = project.trials.map((t) =>
    t.id === record.id ? { ...t, taken: t.taken.filter((x) => x.axis !== row.axis) } : t,
  );
  return [...restored(project, own), put('trials', trials)];
}

/** The plan with a reading taken into it, to see what it would answer. */
export const withTaken = (project: Project, row: HeldRow, take: Take): Project =>
  applyEdits(project, takeEdits(project, row, take));
