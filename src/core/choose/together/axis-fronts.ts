import { type Verdict } from '@/core/findings';
import { axisCost } from '@/core/machine';
import { type Axis, axisIssues, type OwnPart } from '@/core/model';
import { peakPower } from '@/core/motion';
import { quantity } from '@/core/units';
import { frontOf, scaled, type Scale } from '../search/fronts';
import { HAIR } from '../search/gearings';
import { judgedDrawing, type LineFigures } from '../search/judged';
import { type Pairs, pairsOf, Places } from '../search/pairs';
import { type Electrical, type Mechanical, moneyOf, type Sides, sidesOf } from '../search/sides';
import { joined, type SearchLimits } from '../search/space';
import { driveSide, lightEnough, motorSide } from './weights';

/** Parts of the drawer that a drive train takes, by id, with how many of each. */
export type Uses = ReadonlyMap<string, number>;

/** A drive train of one axis that holds by itself. SI. */
export interface Entry {
  /** The same in every run. */
  readonly id: string;
  /** Family by whose kind it is named. */
  readonly family: string;
  readonly axis: Axis;
  /** Without a supply; what lies in the drawer costs nothing, as long as no other axis wants it. */
  readonly money: number;
  /** What its motors draw, W. */
  readonly draws: number;
  readonly figures: LineFigures;
  readonly verdict: Verdict;
  readonly uses: Uses;
}

/** What a drive train must do without, so that a set of several holds. */
export interface Without {
  /** It draws less than this, W. */
  readonly draws: number;
  /** Own parts by id. */
  readonly parts: readonly string[];
}

export const ANYTHING: Without = { draws: Infinity, parts: [] };

/** A supply that a search may take; id `''`: each axis keeps its own. */
export interface SupplyChoice {
  readonly id: string;
  /** W; infinite where nobody said. */
  readonly power: number;
}

export interface TogetherAsked {
  readonly own: readonly OwnPart[];
  readonly limits: SearchLimits;
  readonly scale: Scale;
  /** By so much a drive train may be heavier than the present one, kg. */
  readonly heavier: number;
}

/** How many of each own part an axis takes; supplies serve several and are counted elsewhere. */
function usesOf(axis: Axis, own: readonly OwnPart[]): Uses {
  const found = new Map<string, number>();
  const bare = own.map((part) => ({ ...part, onHand: 0 }));
  if (bare.length)
    for (const { family, count, typed } of axisCost({ ownParts: bare }, axis)) {
      const id = axis.parts[family];
      if (typed && id !== undefined && family !== 'supply') found.set(id, (found.get(id) ?? 0) + count);
    }
  return found;
}

/** What a pair draws, a hair too little, W: known before it is judged. */
function drawsOf({ kMotor, rapid, steady, alpha, row }: Mechanical, { rotor, heat }: Electrical): number {
  const { demands, drive } = row.axis;
  const turning = peakPower.evaluate({
    torque: quantity('torque', rapid + rotor * alpha),
    steady: quantity('torque', steady),
    speed: demands.rapid.si,
    acceleration: demands.acceleration.si,
    jerk: demands.jerk?.si ?? quantity('jerk', Infinity),
    k: quantity('travelPerRadian', kMotor),
  });
  return drive.sets * (heat + turning) * (1 - HAIR);
}

const noBudget = (limits: SearchLimits): SearchLimits => ({ ...limits, budget: null });

type Split = ReadonlyMap<string, Pick<Pairs, 'start' | 'count' | 'motors'>>;

/** Pairs by the supply of their motor, those that are too heavy left out. */
function bySupply(
  { drives, motors }: Sides,
  pairs: Pairs,
  supplyOf: (e: Electrical) => string,
  light: ReturnType<typeof lightEnough>,
): Split {
  const names = [...new Set(motors.map(supplyOf))];
  const which = Uint8Array.from(motors, (m) => names.indexOf(supplyOf(m)));
  const weights = Float64Array.from(motors, ({ row }) => motorSide(row.axis));
  const made = names.map(() => ({
    start: new Uint32Array(drives.length),
    count: new Uint32Array(drives.length),
    motors: new Places(),
  }));
  drives.forEach(({ row }, d) => {
    const line = driveSide(row.axis);
    for (const { start, motors: places } of made) start[d] = places.length;
    for (let at = pairs.start[d]!; at < pairs.start[d]! + pairs.count[d]!; at++) {
      const e = pairs.motors[at]!;
      if (light(line, weights[e]!)) made[which[e]!]!.motors.push(e);
    }
    for (const { start, count, motors: places } of made) count[d] = places.length - start[d]!;
  });
  return new Map(made.map((m, i) => [names[i]!, { ...m, motors: m.motors.all() }]));
}

/** The drive trains of one axis: what is worth its money, on each supply, with what each must do without. */
export class AxisFronts {
  private readonly pairs: Split;
  private readonly supplyMoney: readonly number[];
  private readonly entries = new Map<string, Entry | null>();
  private readonly fronts = new Map<string, readonly Entry[]>();
  private readonly among: readonly number[];

  private constructor(
    readonly axis: Axis,
    private readonly asked: TogetherAsked,
    private readonly sides: Sides,
  ) {
    const { limits, own } = asked;
    const varied = limits.vary.includes('supply');
    const supplyOf = ({ row }: Electrical) => (varied ? (row.axis.parts.supply ?? '') : '');
    // Money is one sum over all axes: none has a budget of its own.
    const pairs = pairsOf(sides, axis, noBudget(limits));
    this.pairs = bySupply(sides, pairs, supplyOf, lightEnough(axis, asked.heavier));
    this.supplyMoney = sides.motors.map(({ row }) => moneyOf(own, row.axis, 'supply'));
    this.among = sides.drives.map((_, d) => d);
  }

  /** Works out both sides of the motor shaft. Tells how many drives it has seen. */
  static *of(axis: Axis, asked: TogetherAsked): Generator<number, AxisFronts> {
    return new AxisFronts(axis, asked, yield* sidesOf(axis, asked.own, noBudget(asked.limits)));
  }

  /** Combinations that were looked at, and those that were put through every check. */
  get looked(): number {
    return this.sides.combinations;
  }
  get judged(): number {
    return this.entries.size;
  }

  /** Whether nothing holds by itself, on any of some supplies. */
  isBarren(supplies: readonly SupplyChoice[]): boolean {
    return supplies.every(({ id }) => this.front(id, ANYTHING).length === 0);
  }

  private entryAt(d: number, e: number): Entry | null {
    const [drive, motor] = [this.sides.drives[d]!, this.sides.motors[e]!];
    const id = `${drive.row.id} | ${motor.row.id}`;
    const known = this.entries.get(id);
    if (known !== undefined) return known;
    const axis = joined(drive.row, motor.row);
    const judged = axisIssues(axis).length ? null : judgedDrawing(axis, this.asked.limits.sure);
    const entry = judged &&
      !judged.out.length && {
        id,
        family: drive.row.family,
        axis,
        money: drive.money + motor.money - this.supplyMoney[e]!,
        draws: judged.draws,
        figures: judged.figures,
        verdict: judged.verdict,
        uses: usesOf(axis, this.asked.own),
      };
    this.entries.set(id, entry || null);
    return entry || null;
  }

  /** The front of money against the scale, the cheapest first. */
  front(supply: string, without: Without): readonly Entry[] {
    const key = `${supply} ${without.draws} ${without.parts.join(' ')}`;
    let found = this.fronts.get(key);
    if (!found) this.fronts.set(key, (found = this.made(supply, without)));
    return found;
  }

  private made(supply: string, { draws, parts }: Without): readonly Entry[] {
    const { sides, asked, axis } = this;
    const { scale } = asked;
    const pairs = this.pairs.get(supply);
    if (!pairs) return [];
    // What draws too much need not be judged.
    const may = (d: number, e: number) => {
      const motor = sides.motors[e]!;
      const { power, others } = motor.row.axis.supply;
      const own = drawsOf(sides.drives[d]!, motor);
      return own < draws && own + others.si <= (power?.si ?? Infinity);
    };
    const worth = ({ drive, motor }: { readonly drive: number; readonly motor: number }) => {
      const entry = this.entryAt(drive, motor);
      if (!entry || entry.draws >= draws || parts.some((id) => entry.uses.has(id))) return null;
      return scaled(entry.figures, scale);
    };
    const steps = frontOf(sides, pairs, { among: this.among, scale, axis, worth, may });
    let step = steps.next();
    while (!step.done) step = steps.next();
    return step.value.map(({ drive, motor }) => this.entryAt(drive, motor)!);
  }
}
