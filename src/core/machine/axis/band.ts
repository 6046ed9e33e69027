import { quantity } from '@/core/units';
import type { Analysis } from './analysis';

export interface BandPoint {
  /** Axis speed, m/s. */
  readonly speed: number;
  /** N·m at the motor shaft. */
  readonly pullOut: number;
  readonly usable: number;
}

/** Torque over axis speed, for drawing and for reading off. */
export interface TorqueBand {
  readonly points: readonly BandPoint[];
  /** Axis speed up to which the motor keeps its low-speed torque, m/s. */
  readonly corner: number;
}

const POINTS = 48;

/**
 * The torque curve of one motor from rest to a fifth beyond what is asked, the corner of the curve included.
 */
export function torqueBand({ axis, gear, motor, rungs }: Analysis): TorqueBand {
  // A hand whose torque is enough has no such rung.
  const torqueLimit = rungs.find((r) => r.id === 'torque-rapid')?.limit ?? axis.demands.rapid.si;
  const end = 1.2 * Math.max(axis.demands.rapid.si, Math.min(torqueLimit, 3 * axis.demands.rapid.si));
  const corner = motor.corner * gear.kMotor;
  const speeds = Array.from({ length: POINTS }, (_, i) => (end * i) / (POINTS - 1));
  if (corner > 0 && corner < end) speeds.push(corner);
  speeds.sort((a, b) => a - b);
  const points = speeds.map((speed) => {
    const w = quantity('angularSpeed', speed / gear.kMotor);
    return { speed, pullOut: motor.pullOut(w), usable: motor.usable(w) };
  });
  return { points, corner };
}
