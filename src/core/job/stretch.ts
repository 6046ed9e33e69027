import { type Motion, type Place, wayAt } from '@/core/gcode';
import { alongWay } from './corner';
import type { Limits, Planning } from './machine';

/** A move with what its axes let it do; SI. */
export interface Stretch {
  readonly motion: Motion;
  /** Most along it, m/s: what is programmed, or what the axes can. */
  readonly speed: number;
  readonly acceleration: number;
  readonly jerk: number;
  /** Unit ways at its beginning and its end. */
  readonly first: Place;
  readonly last: Place;
}

/** An axis hardly moves below this share of a way. */
const LEAST = 1e-9;

/** Most of something along an arc: both axes of its plane do all of it somewhere, the third its own share. */
function alongArc(each: Place, { arc, from, to, length }: Motion): number {
  const { a, b, c } = arc!;
  const rise = Math.abs(to[c] - from[c]) / length;
  const flat = Math.sqrt(Math.max(0, 1 - rise * rise));
  const level = flat > LEAST ? Math.min(each[a], each[b]) / flat : Infinity;
  return Math.min(level, rise > LEAST ? each[c] / rise : Infinity);
}

/**
 * What chords leave of the square of an arc's speed. Chords that leave it by e turn by 2 acos(1 - e/r) each;
 * taken as corners within d that is v² = a d c/(1 - c), which comes to a r d/e: no less than a r unless d is
 * the smaller.
 */
function chordShare({ chord, cornering }: Pick<Planning, 'chord' | 'cornering'>): number {
  return chord > 0 && cornering.kind === 'deviation' ? Math.min(1, cornering.by / chord) : 1;
}

/**
 * A move as the axes take it. Along a line none is asked for more speed or acceleration than it has; on an
 * arc the turning too stays within it: v² is no more than the radius times the acceleration.
 * Where speed and turning share the acceleration of an axis, neither uses all of it.
 */
export function stretchOf(
  motion: Motion,
  { speed, acceleration, jerk }: Limits,
  planning: Pick<Planning, 'shared' | 'chord' | 'cornering'>,
): Stretch {
  const first = wayAt(motion, 0);
  const { arc, length } = motion;
  if (!arc)
    return {
      motion,
      speed: Math.min(motion.speed, alongWay(first, speed)),
      acceleration: alongWay(first, acceleration),
      jerk: alongWay(first, jerk),
      first,
      last: first,
    };
  // Half of the square each: together they come to what the axis has.
  const share = planning.shared ? Math.SQRT1_2 : 1;
  const level = Math.min(acceleration[arc.a], acceleration[arc.b]) * share;
  const flat = (Math.abs(arc.sweep) * (arc.radius + arc.last)) / 2 / length;
  const turning = Math.sqrt(Math.min(arc.radius, arc.last) * level * chordShare(planning)) / (flat || 1);
  return {
    motion,
    speed: Math.min(motion.speed, alongArc(speed, motion), turning),
    acceleration: alongArc(acceleration, motion) * share,
    jerk: alongArc(jerk, motion),
    first,
    last: wayAt(motion, 1),
  };
}
