import type { Axis } from '@/core/model';
import { asksAtLeast, type Demands, gearingsOf, HAIR } from './gearings';
import { spare } from './judged';
import type { Electrical, Killed, Sides } from './sides';
import type { SearchLimits } from './space';

/** Places in a row that grows, without a box for each. */
export class Places {
  private kept = new Uint32Array(1024);
  length = 0;
  push(place: number) {
    if (this.length === this.kept.length) {
      const wider = new Uint32Array(2 * this.length);
      wider.set(this.kept);
      this.kept = wider;
    }
    this.kept[this.length++] = place;
  }
  all(): Uint32Array {
    return this.kept.subarray(0, this.length);
  }
}

/** Pairs that may hold: for each drive the places of its motors, the cheapest first. */
export interface Pairs {
  /** Where the motors of a drive begin in `motors`, and how many there are. */
  readonly start: Uint32Array;
  readonly count: Uint32Array;
  readonly motors: Uint32Array;
  /** Pairs that were tested one by one; all others went by what their gearing says of their motors. */
  readonly tested: number;
  readonly killed: Killed;
}

/** Adds up what went by the first that it failed. @param times of each so many. */
function addUp(sum: Killed, counts: Killed, times: number) {
  for (const [code, count] of Object.entries(counts) as [keyof Killed, number][])
    if (count) sum[code] = (sum[code] ?? 0) + count * times;
}

/** The pairs that no cheap test refuses; what they are refused for is counted. */
export function pairsOf(
  sides: Sides,
  axis: Demands,
  { budget, sure }: Pick<SearchLimits, 'budget' | 'sure'>,
): Pairs {
  const { drives, motors } = sides;
  const start = new Uint32Array(drives.length);
  const count = new Uint32Array(drives.length);
  const column = (of: (m: Electrical) => number) => Float64Array.from(motors, of);
  const money = column((m) => m.money);
  const holds = column((m) => m.holds * (1 + HAIR));
  const loads = column((m) => m.loadMost * (1 + HAIR));
  const found = new Places();
  const killed: Killed = {};
  let [slow, weak, dear, drops, light] = [0, 0, 0, 0, 0];
  let tested = 0;
  for (const gearing of gearingsOf(sides, axis, sure)) {
    const { motors: places, rapid, cut } = gearing;
    addUp(killed, gearing.killed, gearing.drives.length);
    let held = -Infinity;
    for (let i = 0; i < gearing.count; i++) held = Math.max(held, holds[places[i]!]!);
    for (const d of gearing.drives) {
      const drive = drives[d]!;
      const { left: hangs, load } = drive;
      const [asksRapid, asksCut] = [asksAtLeast(drive.rapid), asksAtLeast(drive.cut)];
      const left = budget === null ? Infinity : budget - drive.money;
      start[d] = found.length;
      // What none of them can hold need not be asked of each.
      if (hangs > held) {
        drops += gearing.count;
        continue;
      }
      tested += gearing.count;
      for (let i = 0; i < gearing.count; i++) {
        // What most fail comes first, and the motor is only asked for where both torques do.
        if (rapid[i]! < asksRapid) {
          slow += 1;
          continue;
        }
        if (cut[i]! < asksCut) {
          weak += 1;
          continue;
        }
        const e = places[i]!;
        if (money[e]! > left) dear += 1;
        else if (hangs > holds[e]!) drops += 1;
        else if (load > loads[e]!) light += 1;
        else found.push(e);
      }
      count[d] = found.length - start[d];
    }
  }
  addUp(killed, { 'torque-rapid': slow, 'torque-cut': weak, money: dear, drops, 'inertia-ratio': light }, 1);
  return { start, count, motors: found.all(), tested, killed };
}

/** Usable torque of a motor over what a drive asks of it, in the worse of speeding up and cutting. */
export function torqueMargin(sides: Sides, { demands }: Pick<Axis, 'demands'>, d: number, e: number): number {
  const [drive, motor] = [sides.drives[d]!, sides.motors[e]!];
  const rotor = motor.rotor * drive.alpha;
  return Math.min(
    spare(motor.usable(demands.rapid.si / drive.kMotor), drive.rapid + rotor),
    spare(motor.usable(demands.feed.si / drive.kMotor), drive.cut + rotor),
  );
}
