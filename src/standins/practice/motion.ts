import type { PracticeFault } from '@/core/model';
import { type Ground, PIECE, type TrialPlan, type TrialRow } from '@/core/prove';
import { type Dice, normalOf } from '../seeds';
import type { WholeState } from '../whole';
import type { HiddenFault } from './ground';

/** An axis of a practice machine in truth; SI. */
export interface AxisTruth {
  readonly ground: Ground;
  /** What it goes over what it is asked. */
  readonly scale: number;
  /** Play of its links, one behind the other, and what the controller makes up for. */
  readonly bearing: number;
  readonly nut: number;
  readonly frame: number;
  readonly madeUp: number;
  /** Fastest and hardest, before the motor falls out of step. */
  readonly topSpeed: number;
  readonly topAcceleration: number;
  /** What a hub slips under hard acceleration. */
  readonly slips: number;
  /** Pulses lost at each reversal. */
  readonly late: number;
  readonly homeScatter: number;
  readonly wireOpen: boolean;
  readonly growth: number;
  /** Once a turn of pinion or screw, and a jump at a joint. */
  readonly wave: number;
  readonly joint: number;
}

/** Time of a warm-up; memory. */
const TAU = 900;
/** What a plan does not foretell is taken so; memory. */
const USUAL = { speed: 0.2, acceleration: 1, stiffness: 1e7, drag: 20, hand: 0.1, frequency: 40, lost: 1e-5 };

/** An axis with its faults. @param faults of it alone. */
export function axisTruth(ground: Ground, faults: readonly HiddenFault[]): AxisTruth {
  const f = (fault: PracticeFault) => faults.find((h) => h.fault === fault)?.size ?? 0;
  const told = (id: Parameters<Ground['foretold']['get']>[0], usual: number) =>
    ground.foretold.get(id) ?? usual;
  const current: number = f('current') || 1;
  const supply: number = f('supply') || 1;
  // Torque at speed goes with the supply; that for speeding up with the current.
  return {
    ground,
    scale: 1 + f('steps') + f('lead'),
    bearing: f('bearing-play'),
    nut: f('nut-play'),
    frame: 0.4 * told('lost-motion', USUAL.lost),
    madeUp: f('compensation'),
    topSpeed: told('top-speed', USUAL.speed) * 1.03 * supply * (current < 1 ? 0.5 + current / 2 : 1),
    topAcceleration: told('top-acceleration', USUAL.acceleration) * 1.03 * current,
    slips: f('grub-screw'),
    late: f('late-direction') / ground.pulses,
    homeScatter: 3e-6 + f('switch-scatter'),
    wireOpen: f('wire-open') > 0,
    growth: 8e-6 + f('drift'),
    wave: f('pinion'),
    joint: f('rack-joint'),
  };
}

/** Lost motion between both ways of arriving; negative where too much is made up for. */
const lostOf = ({ bearing, nut, frame, madeUp }: AxisTruth) => bearing + nut + frame - madeUp;

/** Where an axis comes to, asked to go to a place from one side. */
function cameTo(truth: AxisTruth, asked: number, side: 1 | -1): number {
  const { scale, wave, joint, ground } = truth;
  const along = wave * Math.sin((2 * Math.PI * asked) / ground.turn);
  const jumped = asked > 0.55 * ground.travel ? joint : 0;
  return scale * asked + along + jumped - (side * lostOf(truth)) / 2;
}

/** What a cell holds if its instrument never errs; undefined: it cannot be tried on a practice machine. */
type Cell = (truth: AxisTruth, row: TrialRow, column: string | null, dice: Dice) => number | undefined;

const placeOf = ({ at }: TrialRow) => at?.value ?? 0;
const told = ({ ground }: AxisTruth, id: 'drag' | 'hand' | 'stiffness' | 'frequency', usual: number) =>
  ground.foretold.get(id) ?? usual;

/** A stall slips by whole groups of four full steps, a hub by what it turns. */
function shiftAt(truth: AxisTruth, value: number, top: number): number {
  const { ground, slips } = truth;
  if (value > top) return 4 * 3 * (ground.fullStep ?? 1e-4);
  return slips > 0 && value > 0.6 * top ? slips : 0;
}

const fields: Readonly<Record<string, Cell>> = {
  'hand/arm': () => 0.05,
  'slow/moved': (t) => 0.005 * t.scale,
  'stop/drop': () => 2e-4,
  'home/fast': () => 0.02,
  'home/slow': () => 0.002,
  'home/pull-off': () => 0.003,
  'home/hysteresis': () => 4e-4,
  'both-motors/apart': () => 0,
  'current/set': (t) => t.ground.axis.driver.setCurrent.si,
  'current/warmer': () => 38,
  'plan-speed/shift': (t) => {
    const { rapid, axis } = t.ground;
    const hard = shiftAt(t, axis.demands.acceleration.si, t.topAcceleration);
    return shiftAt({ ...t, slips: 0 }, rapid, t.topSpeed) || hard;
  },
  'links/motor': (t) => t.bearing,
  'links/nut': (t) => t.bearing + t.nut,
  'links/carriage': (t) => t.bearing + t.nut + t.frame,
  'links/tool': (t) => t.bearing + t.nut + 1.2 * t.frame,
  'tap/ring': (t) => told(t, 'frequency', USUAL.frequency),
  'servo/overshoot': () => 0.1,
};

/** Readings of a push: stretch over friction, loading from the side it was left at. */
const push: Cell = (t, row) => {
  const force = placeOf(row);
  const friction = told(t, 'drag', USUAL.drag);
  const stiffness = told(t, 'stiffness', USUAL.stiffness);
  const index = Number(row.id.split('-')[1]);
  // The first five of a side load it, what comes after takes the load away.
  const way = index <= 5 ? 1 : -1;
  const side = Math.sign(force);
  const pull = side * Math.max(0, Math.abs(force) - way * friction);
  return pull / stiffness + (side * (t.bearing + t.nut)) / 2;
};

/** Cells that stand in rows, by kind of trial. */
const rows: Readonly<Partial<Record<TrialPlan['kind'], Cell>>> = {
  hand: (t, _row, _column, dice) => (told(t, 'hand', USUAL.hand) / 0.05) * (1 + 0.08 * (2 * dice() - 1)),
  reversal: (t, row) => (Number(row.id.split('-')[1]) - 1) * t.late,
  'run-on': (t, row) => {
    const v = placeOf(row);
    return 0.02 * v + (v * v) / (2 * t.ground.axis.demands.acceleration.si);
  },
  pull: (t, _row, column, dice) => {
    const weight = t.ground.axis.demands.inclination.si > 0 ? 30 : 0;
    const drag = told(t, 'drag', USUAL.drag) * (1 + 0.05 * (2 * dice() - 1));
    return Math.abs(drag + (column === 'plus' ? weight : -weight));
  },
  steps: (t, row, column) => cameTo(t, placeOf(row), column === 'up' ? 1 : -1),
  positioning: (t, row, column, dice) =>
    cameTo(t, placeOf(row), column!.startsWith('up') ? 1 : -1) - placeOf(row) + 1.5e-6 * normalOf(dice),
  'stairs-speed': (t, row) => shiftAt({ ...t, slips: 0 }, placeOf(row), t.topSpeed),
  'stairs-acceleration': (t, row) => shiftAt(t, placeOf(row), t.topAcceleration),
  push,
  'warm-up': (t, row) => t.growth * (1 - Math.exp(-placeOf(row) / TAU)),
  homing: (t, _row, _column, dice) => t.homeScatter * normalOf(dice),
};

/** Looks that are answered with no. */
const refuses = (truth: AxisTruth, kind: TrialPlan['kind'], row: string): boolean =>
  kind === 'switches' && truth.wireOpen && row === 'wire-near';

/**
 * What a cell of an axis's trial holds if its instrument never errs; undefined: it is not to be had here.
 * @param dice of what scatters on the machine itself.
 */
export function motionCell(
  truth: AxisTruth,
  plan: TrialPlan,
  row: TrialRow,
  column: string | null,
  dice: Dice,
): number | undefined {
  if (row.of === 'look') return refuses(truth, plan.kind, row.id) ? 0 : 1;
  const cell = column === null ? fields[`${plan.kind}/${row.id}`] : rows[plan.kind];
  return cell?.(truth, row, column, dice);
}

/** Cells of trials of the whole machine: disc and circle tell square and scales. */
export function wholeCell(
  state: WholeState,
  axes: readonly AxisTruth[],
  plan: TrialPlan,
  row: TrialRow,
  column: string | null,
): number | undefined {
  if (row.of === 'look') return 1;
  const long = axes.find((a) => ['bed', 'table'].includes(a.ground.axis.role));
  const cross = axes.find((a) => a.ground.axis.role === 'gantry');
  if (!long || !cross) return undefined;
  const turn = placeOf(row);
  // Squareness swells the diameter at 45°, a scale that along its own axis.
  const swell = (angle: number) =>
    (long.scale - 1) * Math.cos(angle) ** 2 +
    (cross.scale - 1) * Math.sin(angle) ** 2 +
    (state.out * Math.sin(2 * angle)) / 2;
  if (plan.kind === 'disc') return column ? PIECE.disc * (1 + swell(turn)) : PIECE.disc;
  if (plan.kind !== 'circle') return undefined;
  const radius = plan.fields[0]?.at?.value ?? 0.1;
  if (!column) return radius;
  const way = column === 'ccw' ? 1 : -1;
  const [bx, by] = [lostOf(long), lostOf(cross)];
  const [s, c] = [Math.sin(turn), Math.cos(turn)];
  // Each axis lags by half of what it loses, in the sense of travel (ISO 230-4).
  const lost = (way * (bx * Math.sign(s) * c - by * Math.sign(c) * s)) / 2;
  return radius * swell(turn) + lost;
}
