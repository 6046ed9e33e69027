import { arcPlace, type Motion, quadrantsOf, wayAt } from '@/core/gcode';
import { slipChance } from './chance';
import type { JobDrive } from './drives';
import type { AxisLoad } from './load';
import { changeTime, type Profile } from './profile';
import type { AtLine, JobAxis } from './report';
import type { Stretch } from './stretch';

/** The worst of something so far, and the line where it was. */
export class Worst {
  value = 0;
  line = 0;
  note(value: number, line: number): void {
    if (value > this.value) {
      this.value = value;
      this.line = line;
    }
  }
  at(): AtLine {
    return { value: this.value, line: this.line };
  }
}

/** Rounding of a file is no way beyond a limit, m. */
const ROUNDING = 1e-6;

/** How long an axis takes over what it loses at a reversal, from rest to rest, s. */
function restToRest({ lost, speed, acceleration }: JobDrive): number {
  if (lost <= 0) return 0;
  const most = Math.min(speed, Math.sqrt(lost * acceleration));
  return lost / most + most / acceleration;
}

/** What one axis goes through in a job. */
export class AxisTally {
  private readonly share = new Worst();
  private readonly pull = new Worst();
  private readonly below = new Worst();
  private readonly above = new Worst();
  private readonly speed = new Worst();
  private way = 0;
  private reversals = 0;
  private heat = 0;
  private moving = 0;

  constructor(
    private readonly drive: JobDrive,
    private readonly axis: 0 | 1 | 2,
  ) {}

  note({ motion, acceleration, jerk, first }: Stretch, profile: Profile, load: AxisLoad, cut: number) {
    const { line } = motion;
    this.share.note(load.share, line);
    this.pull.note(load.pull, line);
    this.speed.note(load.speed, line);
    this.placed(motion);
    this.turned(first[this.axis]);
    if (Math.abs(first[this.axis]) > 1e-9 || (motion.arc && motion.arc.c !== this.axis))
      this.moving += profile.time;
    if (motion.arc) this.bent(motion);
    if (this.drive.continuous !== null)
      this.heated(Math.abs(first[this.axis]), acceleration, jerk, profile, cut);
  }

  private placed(motion: Motion): void {
    const { axis, drive } = this;
    const note = (at: number) => {
      if (at < -ROUNDING) this.below.note(-at, motion.line);
      if (at > drive.travel + ROUNDING) this.above.note(at - drive.travel, motion.line);
    };
    note(motion.from[axis]);
    note(motion.to[axis]);
    const { arc } = motion;
    if (arc && arc.c !== axis) for (const s of quadrantsOf(arc)) note(arcPlace(motion, arc, s)[axis]);
  }

  /** Every quarter of an arc goes one way. */
  private bent(motion: Motion): void {
    const ends = [0, ...quadrantsOf(motion.arc!), 1];
    for (let i = 1; i < ends.length; i++)
      this.turned(wayAt(motion, (ends[i - 1]! + ends[i]!) / 2)[this.axis]);
  }

  private turned(way: number): void {
    if (Math.abs(way) < 1e-9) return;
    if (way * this.way < 0) this.reversals += 1;
    this.way = way;
  }

  /** The square of the torque over the time of a move: speeding up, running, braking. */
  private heated(share: number, acceleration: number, jerk: number, profile: Profile, cut: number): void {
    const { first, most, last, time } = profile;
    const up = changeTime(most - first, acceleration, jerk);
    const down = changeTime(most - last, acceleration, jerk);
    const square = (faster: number) => this.drive.need(share > 0 ? 1 : 0, faster * share, cut) ** 2;
    const even = (change: number, takes: number) => (takes > 0 ? change / takes : 0);
    this.heat += up * square(even(most - first, up));
    this.heat += down * square(-even(most - last, down));
    this.heat += Math.max(0, time - up - down) * square(0);
  }

  /** It stands and holds what hangs on it. */
  stood(time: number): void {
    if (this.drive.continuous !== null) this.heat += time * this.drive.need(0, 0, 0) ** 2;
  }

  done(time: number): JobAxis {
    const { drive, speed } = this;
    const { axisId, name, continuous, pulsesPerLength, pulseLimit } = drive;
    const pulses = pulseLimit > 0 ? (speed.value * pulsesPerLength) / pulseLimit : 0;
    return {
      axisId,
      name,
      share: this.share.at(),
      pull: this.pull.at(),
      below: this.below.at(),
      above: this.above.at(),
      speed: speed.at(),
      pulses: { value: pulses, line: speed.line },
      chance: slipChance(this.pull.value, drive.doubt),
      reversals: this.reversals,
      lost: drive.lost,
      moves: time > 0 ? this.moving / time : 0,
      madeUp: this.reversals * restToRest(drive),
      rms: continuous === null || time === 0 ? null : Math.sqrt(this.heat / time),
      continuous,
    };
  }
}
