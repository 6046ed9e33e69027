import type { Motion } from '@/core/gcode';
import { Worst } from './axis-tally';
import type { CutForce, JobCut } from './cutting';
import type { Engaged } from './load';
import { changeWay, type Profile } from './profile';
import type { JobReport } from './report';
import type { StockLeft } from './stock-left';
import type { Stretch } from './stretch';

/** Below this share of its feed a cut is slow: kerfs widen, edges burn; common practice, no source. */
const SLOW = 0.8;
/** Chips thinner than this share of the planned ones rub; common practice, no source. */
const RUBS = 0.5;

/** Way of a move on which it is slower than a speed, m: while it speeds up to it and brakes from it. */
function slowWay(
  { motion: { length }, acceleration, jerk }: Stretch,
  profile: Profile,
  speed: number,
): number {
  const { first, most, last } = profile;
  if (most <= speed) return length;
  const way = (from: number) => (from < speed ? changeWay(from, speed, acceleration, jerk) : 0);
  return Math.min(length, way(first) + way(last));
}

type Told = Pick<
  JobReport,
  'buried' | 'slow' | 'kerf' | 'chips' | 'spindle' | 'deepest' | 'deep' | 'under' | 'clear'
>;

/** What only matters where the tool is in the stock, or close over it. */
export class CuttingTally {
  private count = 0;
  private readonly buried = new Worst();
  private readonly deepest = new Worst();
  private readonly deep = new Worst();
  private readonly under = new Worst();
  private readonly spindle = new Worst();
  private readonly slowest = new Worst();
  private readonly corner = new Worst();
  private readonly thick = new Worst();
  private readonly thin = { value: NaN, line: 0 };
  private readonly clear = { value: Infinity, line: 0 };
  private readonly slow = { way: 0, lost: 0 };
  private readonly kerf = { way: 0, of: 0 };
  private rubbing = 0;

  constructor(private readonly left: StockLeft | null) {}

  /** A move out of the stock: how close over it. */
  over(motion: Motion): void {
    const { left, clear } = this;
    if (!left || !motion.rapid || !left.isOver(motion)) return;
    if (motion.from[0] === motion.to[0] && motion.from[1] === motion.to[1]) return;
    const above = -left.below(motion);
    if (above > 0 && above < clear.value) Object.assign(clear, { value: above, line: motion.line });
  }

  /** @returns the chip of a tooth, m; 0: none is taken. */
  cut(stretch: Stretch, profile: Profile, { depth, below }: Engaged, cut: JobCut): number {
    const { motion } = stretch;
    const { line, length, rapid, speed } = motion;
    if (rapid) {
      this.count += 1;
      this.buried.note(depth, line);
      return 0;
    }
    this.deepest.note(below, line);
    if (cut.kind === 'mill') {
      this.deep.note(depth / cut.pass, line);
      if (this.left) this.under.note(below - this.left.thickness, line);
    }
    const slow = slowWay(stretch, profile, SLOW * speed);
    if (cut.kind === 'plasma') {
      this.kerf.of += length;
      this.kerf.way += slow;
      // Where the torch goes out it may stand still.
      if (profile.last > 0) this.corner.note(1 - profile.last / speed, line);
    } else this.slow.way += slow;
    this.slow.lost += Math.max(0, profile.time - length / speed);
    this.slowest.note(1 - length / profile.time / speed, line);
    return this.chip(motion, profile, depth, cut);
  }

  private chip(motion: Motion, { most }: Profile, depth: number, cut: JobCut): number {
    const { line, length } = motion;
    const spindle = motion.spindle || cut.spindle;
    // A tool that is driven straight in has other chips.
    const level = Math.hypot(motion.to[0] - motion.from[0], motion.to[1] - motion.from[1]);
    if (cut.flutes === 0 || spindle === 0 || (!motion.arc && level < length / 2)) return 0;
    const chip = most / (cut.flutes * (spindle / (2 * Math.PI)));
    this.thick.note(chip, line);
    if (!(chip >= this.thin.value)) Object.assign(this.thin, { value: chip, line });
    if (chip < RUBS * cut.chip) this.rubbing += length;
    const { power }: CutForce = cut.force(chip, depth, spindle);
    if (cut.available) this.spindle.note(power / cut.available, line);
    return chip;
  }

  done(): Told {
    const { slow, kerf, clear } = this;
    return {
      buried: { count: this.count, deepest: this.buried.at() },
      slow: { ...slow, least: this.slowest.at() },
      kerf: { ...kerf, corner: this.corner.at() },
      chips: { least: this.thin, most: this.thick.at(), rubbing: this.rubbing },
      spindle: this.spindle.at(),
      deepest: this.deepest.at(),
      deep: this.deep.at(),
      under: this.under.at(),
      clear: clear.line ? clear : null,
    };
  }
}
