import { simpson } from '@/core/numerics';

/** One stretch of a move with constant jerk: duration s, acceleration at its start m/s², jerk m/s³. */
export interface Phase {
  readonly duration: number;
  readonly startAcceleration: number;
  readonly jerk: number;
  readonly startSpeed: number;
}

/** A move from rest to rest. */
export interface Move {
  readonly phases: readonly Phase[];
  /** Highest speed reached, m/s: the asked one, or less where the distance is too short. */
  readonly topSpeed: number;
  readonly time: number;
  /** Length run at full speed, m. */
  readonly cruise: number;
}

interface Ramp {
  readonly distance: number;
  readonly parts: readonly { duration: number; startAcceleration: number; jerk: number }[];
}

/** The way from rest to a speed, with or without a limit of jerk (then 1 or 2 or 3 parts). */
function ramp(speed: number, acceleration: number, jerk: number | undefined): Ramp {
  if (jerk === undefined) {
    const duration = speed / acceleration;
    return {
      distance: (speed * duration) / 2,
      parts: [{ duration, startAcceleration: acceleration, jerk: 0 }],
    };
  }
  // Full acceleration is only reached if the speed leaves room for both jerk phases.
  const peak = Math.min(acceleration, Math.sqrt(speed * jerk));
  const tj = peak / jerk;
  const ta = speed / peak - tj;
  const parts = [
    { duration: tj, startAcceleration: 0, jerk },
    ...(ta > 1e-12 ? [{ duration: ta, startAcceleration: peak, jerk: 0 }] : []),
    { duration: tj, startAcceleration: peak, jerk: -jerk },
  ];
  // The speed curve of a ramp is point-symmetric about its middle, so its mean is half the top speed.
  return { distance: (speed * (2 * tj + Math.max(0, ta))) / 2, parts };
}

/** Highest speed from which half the distance suffices to stop. Closed form for both kinds of ramp. */
function reachableSpeed(distance: number, acceleration: number, jerk: number | undefined): number {
  if (jerk === undefined) return Math.sqrt(acceleration * distance);
  // With the full-acceleration part: v (v/a + a/j) = distance, solved for v.
  const tj = acceleration / jerk;
  const full = (-tj + Math.sqrt(tj * tj + (4 * distance) / acceleration)) / (2 / acceleration);
  if (full >= (acceleration * acceleration) / jerk) return full;
  // Without it: v = j tj², distance = 2 j tj³.
  return jerk * Math.cbrt(distance / (2 * jerk)) ** 2;
}

/**
 * A move from rest to rest: trapezoidal, or with seven phases where a jerk is given (Biagiotti and
 * Melchiorri, Trajectory Planning for Automatic Machines and Robots, chapter 3).
 * @param distance m, above 0. @param speed m/s, above 0. @param acceleration m/s², above 0. @param jerk m/s³,
 * above 0 or left out.
 */
export function planMove(distance: number, speed: number, acceleration: number, jerk?: number): Move {
  const topSpeed = Math.min(speed, reachableSpeed(distance, acceleration, jerk));
  const up = ramp(topSpeed, acceleration, jerk);
  const cruise = Math.max(0, distance - 2 * up.distance);
  const down = [...up.parts].reverse().map((p) => ({
    duration: p.duration,
    startAcceleration: -(p.startAcceleration + p.jerk * p.duration),
    jerk: p.jerk,
  }));
  const raw = [
    ...up.parts,
    ...(cruise > 1e-12 ? [{ duration: cruise / topSpeed, startAcceleration: 0, jerk: 0 }] : []),
    ...down,
  ];
  let speedNow = 0;
  const phases = raw.map(({ duration, startAcceleration, jerk: change }): Phase => {
    // Written out: a spread would take longer than all the rest of a plan.
    const phase = { duration, startAcceleration, jerk: change, startSpeed: speedNow };
    speedNow += startAcceleration * duration + (change * duration ** 2) / 2;
    return phase;
  });
  return { phases, topSpeed, cruise, time: phases.reduce((t, p) => t + p.duration, 0) };
}

/** Relative difference up to which three points lie on one line. */
const STRAIGHT = 1e-9;

/**
 * Root mean square of a torque over a move and a rest behind it.
 * @param torqueAt torque in N·m at an acceleration in m/s²; braking included, so it may bend where the power
 * turns round.
 * @param rest seconds without torque that follow.
 */
export function rmsTorque(move: Move, torqueAt: (acceleration: number) => number, rest = 0): number {
  let heat = 0;
  for (const { duration, startAcceleration, jerk } of move.phases) {
    const start = torqueAt(startAcceleration);
    if (jerk === 0) heat += start * start * duration;
    else {
      const end = torqueAt(startAcceleration + jerk * duration);
      const middle = torqueAt(startAcceleration + (jerk * duration) / 2);
      const bends = Math.abs(start + end - 2 * middle) > STRAIGHT * (Math.abs(start) + Math.abs(end));
      // The square of a straight line is what Simpson's rule integrates exactly.
      heat += bends
        ? simpson((t) => torqueAt(startAcceleration + jerk * t) ** 2, 0, duration, 8)
        : ((start * start + 4 * middle * middle + end * end) * duration) / 6;
    }
  }
  return Math.sqrt(heat / (move.time + rest));
}
