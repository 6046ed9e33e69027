import { slipChance } from './chance';
import type { JobDrives } from './drives';
import { holdingSpeed, type Kept } from './hold';
import type { AxisLoad } from './load';
import type { WorstLine } from './report';

interface Entry extends Kept {
  readonly axis: number;
  readonly load: AxisLoad;
}

const MOST = 20;
const lineOf = ({ stretch }: Kept) => stretch.motion.line;

/** The lines that ask most, each once, by the share of the torque that there is. */
export class WorstLines {
  private readonly entries: Entry[] = [];
  /** What a line must ask to come among them. */
  private least = 0;

  constructor(private readonly drives: JobDrives) {}

  note(axis: number, load: AxisLoad, kept: () => Kept): void {
    if (load.share <= this.least) return;
    const entry = { ...kept(), axis, load: { ...load } };
    const { entries } = this;
    const same = entries.findIndex((e) => lineOf(e) === lineOf(entry));
    if (same >= 0) {
      if (entries[same]!.load.share >= load.share) return;
      entries.splice(same, 1);
    }
    entries.push(entry);
    entries.sort((a, b) => b.load.share - a.load.share);
    if (entries.length > MOST) entries.pop();
    if (entries.length === MOST) this.least = entries[MOST - 1]!.load.share;
  }

  done(): WorstLine[] {
    return this.entries.map(({ axis, load, ...kept }) => {
      const { motion } = kept.stretch;
      return {
        line: motion.line,
        axisId: this.drives[axis]!.axisId,
        share: load.share,
        pull: load.pull,
        chance: slipChance(load.pull, this.drives[axis]!.doubt),
        need: load.need,
        speed: load.speed,
        rapid: motion.rapid,
        asked: motion.speed,
        reached: kept.profile.most,
        holds: holdingSpeed(this.drives, kept),
        depth: kept.engaged.depth,
      };
    });
  }
}
