import { foretoldOf, type ForetoldId, loadedAxes, chainOf, analyse } from '@/core/machine';
import type { Axis, Project } from '@/core/model';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';

/** What trials of an axis stand on: how far, how fast, and what the plan foretells. SI. */
export interface Ground {
  /** As the machine loads it. */
  readonly axis: Axis;
  /** Between the soft limits. */
  readonly travel: number;
  readonly rapid: number;
  readonly feed: number;
  /** Faster than this something other than torque gives out: a screw whips, a bearing runs too fast. */
  readonly bound: number;
  readonly foretold: ReadonlyMap<ForetoldId, number>;
  /** Way behind the switch of the near end that may be run over; null: not known. */
  readonly room: number | null;
  /** One full step of the motor at the carriage; null: it has none. */
  readonly fullStep: number | null;
  /** Length after which screw, pinion or pulley come round. */
  readonly turn: number;
  /** Steps per unit as the plan has them, 1/m. */
  readonly pulses: number;
  /** Thrust at which the motor slips at rest. */
  readonly slip: number;
}

/** Rungs that a stall does not reach. */
const BY_TORQUE = ['torque-rapid', 'torque-cut'];
const STEPS_PER_TOOTH = 4;

function groundOf(axis: Axis): Ground {
  const analysis = analyse(axis, silentWorksheet);
  const chain = chainOf(axis, silentWorksheet);
  const soft = chain.soft !== null && chain.soft > 0 ? chain.soft : Infinity;
  const { near } = chain.ends;
  const room = axis.fit.ends.near.crash || near.crash > 0 ? near.trip - near.crash - near.scatter : null;
  const { motor } = axis;
  const others = analysis.rungs.filter((r) => r.wish === 'rapid' && !BY_TORQUE.includes(r.id));
  const still = analysis.motor.pullOut(quantity('angularSpeed', 0));
  return {
    axis,
    travel: Math.min(axis.demands.travel.si, soft),
    rapid: axis.demands.rapid.si,
    feed: axis.demands.feed.si,
    bound: Math.min(...others.map((r) => r.limit)),
    foretold: new Map(foretoldOf(axis).flatMap((f) => (f.value === null ? [] : [[f.id, f.value] as const]))),
    room,
    fullStep:
      motor.kind === 'stepper'
        ? (2 * Math.PI * analysis.gear.kMotor) / (motor.rotorTeeth.si * STEPS_PER_TOOTH)
        : null,
    turn: 2 * Math.PI * analysis.drive.k,
    pulses: analysis.pulsesPerLength,
    slip: (axis.drive.sets * still * analysis.drive.efficiency) / analysis.gear.kMotor,
  };
}

/** Grounds of all axes, in their order. */
export const groundsOf = (project: Project): readonly Ground[] => loadedAxes(project).map(groundOf);
