import type { Axis } from '@/core/model';
import { type Move, planMove, trainTorque } from '@/core/motion';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { analyse } from './analysis';
import { frequencyOf, trainStiffness } from './train';
import { signedTrain } from './duty';

/** One moment of a move; SI. Torque of one motor, signed: negative while it holds back. */
export interface MovePoint {
  readonly time: number;
  readonly speed: number;
  readonly acceleration: number;
  readonly torque: number;
  readonly usable: number;
}

/** A move over the whole travel, out (against the weight, where there is one). */
export interface MoveCurve {
  readonly id: 'trapezoid' | 'seven-phase';
  readonly time: number;
  readonly topSpeed: number;
  /** m/s³; null without a limit. */
  readonly jerk: number | null;
  /**
   * Whether the jerk is ours, because none is given: full acceleration comes on over one period of the axis.
   */
  readonly assumed: boolean;
  readonly points: readonly MovePoint[];
}

const PER_PHASE = 8;

function sample(
  move: Move,
  at: (speed: number, acceleration: number) => { torque: number; usable: number },
): MovePoint[] {
  const points: MovePoint[] = [];
  let start = 0;
  for (const { duration, startAcceleration, startSpeed, jerk } of move.phases) {
    for (let i = 0; i <= PER_PHASE; i++) {
      const t = (duration * i) / PER_PHASE;
      const acceleration = startAcceleration + jerk * t;
      const speed = Math.max(0, startSpeed + startAcceleration * t + (jerk * t * t) / 2);
      points.push({ time: start + t, speed, acceleration, ...at(speed, acceleration) });
    }
    start += duration;
  }
  return points;
}

/**
 * The move through the whole travel at rapid, with constant acceleration and with seven phases, and the
 * torque over it.
 */
export function moveCurves(axis: Axis): MoveCurve[] {
  const analysis = analyse(axis, silentWorksheet);
  const { demands } = axis;
  const train = signedTrain(analysis);
  const { share, mass, drag, gravity, motor, gear } = analysis;
  const at = (speed: number, acceleration: number) => ({
    torque: trainTorque(train, acceleration, share * (mass * acceleration + drag + gravity)),
    usable: motor.usable(quantity('angularSpeed', speed / gear.kMotor)),
  });
  const own = demands.jerk?.si;
  const jerk =
    own ??
    demands.acceleration.si *
      frequencyOf(analysis, trainStiffness(analysis, silentWorksheet), silentWorksheet);
  const curve = (id: MoveCurve['id'], j: number | undefined): MoveCurve => {
    const move = planMove(demands.travel.si, demands.rapid.si, demands.acceleration.si, j);
    return {
      id,
      time: move.time,
      topSpeed: move.topSpeed,
      jerk: j ?? null,
      assumed: id === 'seven-phase' && own === undefined,
      points: sample(move, at),
    };
  };
  return [curve('trapezoid', undefined), curve('seven-phase', jerk)];
}

/**
 * Stiffness in line over the travel: places in m from the motor's end, N/m. The drive alone, without coupling
 * and reducer.
 */
export function stiffnessOverTravel(axis: Axis): { readonly place: number; readonly stiffness: number }[] {
  const { drive } = analyse(axis, silentWorksheet);
  const travel = axis.demands.travel.si;
  return Array.from({ length: 21 }, (_, i) => ({
    place: (travel * i) / 20,
    stiffness: drive.stiffnessAt((travel * i) / 20),
  }));
}
