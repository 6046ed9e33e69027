import type { Motion } from '@/core/gcode';
import { cornerSpeed } from './corner';
import type { Cornering, Limits, Planning } from './machine';
import { changeWay, type Profile, profileOf, reach } from './profile';
import { type Stretch, stretchOf } from './stretch';

/** A move that is planned: how fast it is at its beginning, on its way and at its end. */
export type Planned = (stretch: Stretch, profile: Profile) => void;

/** Moves that an S-shaped change of speed looks ahead at most, beside the window. */
const FARTHEST = 128;
/** Ways in which it can surely brake, in lengths of one change of speed to rest. */
const AHEAD = 4;

/**
 * Plans moves as a controller does that sees so many of them: no faster than it can brake for every corner
 * that it sees, and for rest at the end of what it sees. Memory is that of the window.
 */
export class Planner {
  private readonly moves: Stretch[] = [];
  /** Speed at which each may run into the next, m/s. */
  private readonly caps: number[] = [];
  private head = 0;
  private speed = 0;
  private readonly jerked: boolean;

  constructor(
    private readonly limits: Limits,
    private readonly planning: Planning,
    private readonly planned: Planned,
  ) {
    this.jerked = limits.jerk.some((j) => j !== Infinity);
  }

  push(motion: Motion): void {
    const stretch = stretchOf(motion, this.limits, this.planning);
    const { moves, caps } = this;
    if (moves.length > this.head) caps[moves.length - 1] = this.corner(moves[moves.length - 1]!, stretch);
    moves.push(stretch);
    // The end of what is known is rest.
    caps.push(0);
    if (moves.length - this.head >= this.planning.window) this.next();
    if (this.head > 4096) this.cleared();
  }

  /** All that is known is run to rest: a dwell, a stop, the end. */
  rest(): void {
    while (this.head < this.moves.length) this.next();
    this.cleared();
    this.speed = 0;
  }

  private cleared(): void {
    this.moves.splice(0, this.head);
    this.caps.splice(0, this.head);
    this.head = 0;
  }

  private corner(before: Stretch, behind: Stretch): number {
    const { path } = before.motion;
    const how: Cornering =
      path.kind === 'exact'
        ? { kind: 'stop' }
        : path.kind === 'blend' && path.by !== null && this.planning.cornering.kind !== 'jump'
          ? { kind: this.planning.cornering.kind === 'overlap' ? 'overlap' : 'deviation', by: path.by }
          : this.planning.cornering;
    const speed = cornerSpeed(
      {
        before: before.last,
        behind: behind.first,
        acceleration: this.limits.acceleration,
        half: Math.min(before.motion.length, behind.motion.length) / 2,
      },
      how,
    );
    return Math.min(speed, before.speed, behind.speed);
  }

  /** The first move that is still open gets its speeds. */
  private next(): void {
    const stretch = this.moves[this.head]!;
    const { speed, acceleration, jerk, motion } = stretch;
    const may = this.jerked ? this.mayEndJerked() : this.mayEnd();
    const last = reach(this.speed, motion.length, acceleration, jerk, may);
    this.planned(stretch, profileOf(motion.length, speed, acceleration, jerk, this.speed, last));
    this.speed = last;
    this.head += 1;
  }

  /** Speed at its end from which all that follows can be braked for, m/s. */
  private mayEnd(): number {
    const { moves, caps, head } = this;
    let best = caps[head]! ** 2;
    let braked = 0;
    for (let k = head + 1; k < moves.length && braked < best; k++) {
      braked += 2 * moves[k]!.acceleration * moves[k]!.motion.length;
      best = Math.min(best, caps[k]! ** 2 + braked);
    }
    return Math.sqrt(best);
  }

  private mayEndJerked(): number {
    const { moves, caps, head } = this;
    const cap = caps[head]!;
    if (cap === 0) return 0;
    let farthest = head;
    let way = 0;
    const { acceleration, jerk } = moves[head]!;
    const enough = AHEAD * changeWay(0, cap, acceleration, jerk);
    while (farthest + 1 < moves.length && farthest - head < FARTHEST && way < enough)
      way += moves[++farthest]!.motion.length;
    let speed = caps[farthest]!;
    for (let k = farthest; k > head; k--) {
      const { motion, acceleration: a, jerk: j } = moves[k]!;
      speed = reach(Math.min(speed, caps[k]!), motion.length, a, j, caps[k - 1]!);
    }
    return Math.min(cap, speed);
  }
}
