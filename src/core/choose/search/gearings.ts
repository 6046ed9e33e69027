import { THIN_MARGIN } from '@/core/findings';
import type { Axis } from '@/core/model';
import { type Electrical, type Killed, type Mechanical, pulsed, type Sides } from './sides';

/**
 * A test here may let a pair through that the full checks refuse, never the other way round: what is a hair
 * short by rounding is left to them.
 */
export const HAIR = 1e-9;

/** Least that a motor must leave for a drive: what is a hair short is let through. */
export const asksAtLeast = (torque: number) => (torque > 0 ? torque * (1 - HAIR) : torque * (1 + HAIR));

/** Torque that a motor leaves for what it turns, N·m; a hair too much. */
const leavesAtMost = (usable: number, rotor: number) => usable * (1 + HAIR) - rotor * (1 - HAIR);

export type Demands = Pick<Axis, 'demands' | 'controller'>;

/**
 * Drives of one travel for a turn of the motor. Its speeds and its acceleration are theirs as well, so that
 * what hangs on those is asked once for all of them.
 */
export interface Gearing {
  /** Places of its drives. */
  readonly drives: readonly number[];
  /** Places of the motors that some drive of it may have, the cheapest first; so many count. */
  readonly motors: Uint32Array;
  readonly count: number;
  /** Torque of each that is left for the drive beside its own rotor, at rapid and while cutting, N·m. */
  readonly rapid: Float64Array;
  readonly cut: Float64Array;
  /** Motors that no drive of it may have, by what they fail first. */
  readonly killed: Killed;
}

/** Things that are alike in some way: the kind of each, and one of each kind. */
interface Kinds<T> {
  readonly of: Uint32Array;
  readonly first: readonly T[];
}

function kindsOf<T>(things: readonly T[], key: (thing: T) => string): Kinds<T> {
  const known = new Map<string, number>();
  const first: T[] = [];
  const of = Uint32Array.from(things, (thing) => {
    const name = key(thing);
    const at = known.get(name) ?? first.push(thing) - 1;
    known.set(name, at);
    return at;
  });
  return { of, first };
}

/** What torque over speed hangs on, the rotor with it: drivers and supplies differ in much else. */
function curveKeys() {
  const motors = new Map<unknown, number>();
  return ({ row: { axis } }: Electrical): string => {
    const { motor, driver, supply } = axis;
    const at = motors.get(motor) ?? motors.size;
    motors.set(motor, at);
    return `${at} ${driver.marking} ${driver.setCurrent.si} ${supply.voltage.si}`;
  };
}

/** By data a stepper never pulls more at a higher speed; of a typed curve or a servo nobody promises it. */
const fallsWithSpeed = ({ row: { axis } }: Electrical) => axis.motor.kind === 'stepper' && !axis.motor.curve;

/** What a motor may fail at a gearing, the places of its counts; 0: what a speed asks of it is there. */
const SLOW = 0;
const PRICE = 1;
const PULSES = 2;
const TOP = 3;

/** Least that the drives of a gearing ask of a motor at rapid, and most while cutting. */
function askedBy(among: readonly number[], drives: readonly Mechanical[]) {
  let rapid = Infinity;
  let mostCut = -Infinity;
  for (const d of among) {
    const drive = drives[d]!;
    rapid = Math.min(rapid, drive.rapid);
    mostCut = Math.max(mostCut, drive.cut);
  }
  return { rapid: asksAtLeast(rapid), mostCut: asksAtLeast(mostCut) };
}

/** All motors, put beside one gearing after another. */
class Motors {
  private readonly curves: Kinds<Electrical>;
  private readonly falls: readonly boolean[];
  /**
   * Torque of each at the fastest that was asked so far, at rest to begin with, N·m: where it falls with
   * speed there is no more at any that is faster.
   */
  private readonly most: Float64Array;
  /** Alike in pulses, highest speed and whether they have a price. */
  private readonly ways: Kinds<Electrical>;
  private readonly outs: Uint8Array;
  private readonly leaves: Pick<Gearing, 'rapid' | 'cut'>;
  private readonly found: Pick<Gearing, 'motors' | 'rapid' | 'cut'>;
  /** Nothing may be below this share of what is asked. */
  private readonly margin: number;

  constructor(
    private readonly all: readonly Electrical[],
    private readonly axis: Demands,
    sure: boolean,
  ) {
    this.curves = kindsOf(all, curveKeys());
    this.falls = this.curves.first.map(fallsWithSpeed);
    this.most = Float64Array.from(this.curves.first, (m, i) => (this.falls[i] ? m.usable(0) : Infinity));
    this.ways = kindsOf(all, (m) => `${m.pulses} ${m.fine} ${m.top} ${m.money === Infinity}`);
    this.outs = new Uint8Array(this.ways.first.length);
    const room = (count: number) => ({ rapid: new Float64Array(count), cut: new Float64Array(count) });
    this.leaves = room(this.curves.first.length);
    this.found = { motors: new Uint32Array(all.length), ...room(all.length) };
    this.margin = sure ? THIN_MARGIN : 1;
  }

  /** What of the motors runs as fast as a gearing asks, and what it leaves for a drive there. */
  private judge({ kMotor, alpha }: Mechanical, asks: ReturnType<typeof askedBy>) {
    const { margin, leaves, axis, most } = this;
    const [rapid, feed] = [axis.demands.rapid.si, axis.demands.feed.si];
    const turns = rapid / kMotor;
    this.ways.first.forEach((motor, i) => {
      if (motor.money === Infinity) this.outs[i] = PRICE;
      else if (pulsed(motor, axis.controller.pulseLimit.si, turns) < margin * (1 - HAIR))
        this.outs[i] = PULSES;
      else this.outs[i] = motor.top * (1 + HAIR) < turns * margin ? TOP : SLOW;
    });
    const [atRapid, atFeed] = [(rapid * margin) / kMotor, (feed * margin) / kMotor];
    for (let i = 0; i < most.length; i++) {
      const { rotor, usable } = this.curves.first[i]!;
      let left = leavesAtMost(most[i]!, rotor * alpha);
      if (left >= asks.rapid) {
        const there = usable(atRapid);
        if (this.falls[i]) most[i] = there;
        left = leavesAtMost(there, rotor * alpha);
      }
      leaves.rapid[i] = left;
      // Where the torque at rapid is enough for every cut, that at feed is not asked for.
      const enough = left >= asks.mostCut && feed <= rapid && this.falls[i];
      leaves.cut[i] = left < asks.rapid || enough ? left : leavesAtMost(usable(atFeed), rotor * alpha);
    }
  }

  /** Gearings are asked one after another, the slowest motors first. @returns what stands until the next. */
  at(among: readonly number[], drives: readonly Mechanical[]): Gearing {
    const asks = askedBy(among, drives);
    this.judge(drives[among[0]!]!, asks);
    const { outs, leaves, found } = this;
    const [curves, ways] = [this.curves.of, this.ways.of];
    const out = new Uint32Array(4);
    let count = 0;
    for (let e = 0; e < curves.length; e++) {
      const curve = curves[e]!;
      const fails = outs[ways[e]!]!;
      const rapid = leaves.rapid[curve]!;
      if (fails || rapid < asks.rapid) out[fails]! += 1;
      else {
        found.motors[count] = e;
        found.rapid[count] = rapid;
        found.cut[count++] = leaves.cut[curve]!;
      }
    }
    const killed: Killed = {
      'torque-rapid': out[SLOW]!,
      price: out[PRICE]!,
      pulses: out[PULSES]!,
      'motor-speed': out[TOP]!,
    };
    return { drives: among, count, ...found, killed };
  }
}

/**
 * The gearings of the drives, the longest travel for a turn first; each stands until the next is asked for.
 */
export function* gearingsOf(
  { drives, motors }: Sides,
  axis: Demands,
  sure: boolean,
): Generator<Gearing, void> {
  const alike = new Map<number, number[]>();
  drives.forEach(({ kMotor }, d) => {
    const among = alike.get(kMotor);
    if (among) among.push(d);
    else alike.set(kMotor, [d]);
  });
  const beside = new Motors(motors, axis, sure);
  const slowFirst = [...alike].sort(([a], [b]) => b - a);
  for (const [, among] of slowFirst) yield beside.at(among, drives);
}
