import { familyById } from '@/core/catalogue';
import { type Analysis, axisCost } from '@/core/machine';
import type { Axis, OwnPart } from '@/core/model';
import { resolveMotor } from '@/core/motors';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { driveHours } from './effort';
import { judgedDrive, judgedMotor, type LineCode, type LineFigures, tightened, wantsTension } from './judged';
import { electricalRows, mechanicalRows, microsteps, type Row, type SearchLimits } from './space';

/** A drive that holds by itself, with what it asks of a motor. SI. */
export interface Mechanical {
  readonly row: Row;
  readonly money: number;
  readonly kMotor: number;
  /** Acceleration of the motor shaft at the ramp of the axis, rad/s². */
  readonly alpha: number;
  /** Torque at the motor while speeding up at rapid, and while cutting, its rotor left out. */
  readonly rapid: number;
  readonly cut: number;
  /** Torque at the motor at a steady rapid, N·m. */
  readonly steady: number;
  /** Highest speed of the drive itself over the rapid that is asked. */
  readonly slowest: number;
  readonly stiffness: number;
  readonly lost: number;
  readonly error: number;
  /** Hours that drive and reducer take to fit; a motor adds to them. */
  readonly hours: number;
  /** Links of the two that are not known. */
  readonly unknown: LineFigures['unknown'];
  /** Torque at the motor that the weight leaves to be held with no power, N·m. */
  readonly left: number;
  /** Inertia of the load at the motor. */
  readonly load: number;
}

/** A motor with driver and supply. */
export interface Electrical {
  readonly row: Row;
  readonly money: number;
  readonly rotor: number;
  /** In the windings of one, W. */
  readonly heat: number;
  /** Torque that may be used at a speed of the shaft, N·m and rad/s. */
  readonly usable: (speed: number) => number;
  /** Highest speed whatever the torque, rad/s. */
  readonly top: number;
  /** Torque that it holds with no power, and inertia that it stands. */
  readonly holds: number;
  readonly loadMost: number;
  /** Pulses for a radian of the shaft as the driver is set, and that setting; 0: it has none. */
  readonly pulses: number;
  readonly fine: number;
}

/** How many combinations went by what each failed first: a check, the budget, a price that nobody said. */
export type Killed = Partial<Record<LineCode | 'money' | 'price', number>>;

const sides = {
  drive: ['drive', 'reducer'],
  motor: ['motor', 'driver', 'supply'],
  supply: ['supply'],
} as const;

/**
 * Money for what a search deals with on one side of the motor shaft, or for its supply alone; infinite
 * where a part that is not in the drawer has no price: what nobody knows must not look cheap.
 */
export function moneyOf(own: readonly OwnPart[], axis: Axis, side: keyof typeof sides): number {
  let sum = 0;
  for (const { family, count, price } of axisCost({ ownParts: [...own] }, axis)) {
    const link = familyById(family)?.link;
    if (sides[side].some((l) => l === link)) sum += count > 0 ? count * (price ?? Infinity) : 0;
  }
  return sum;
}

function mechanicalOf(row: Row, analysis: Analysis) {
  const { demands, motor } = row.axis;
  const { gear, cases } = analysis;
  const alpha = demands.acceleration.si / gear.kMotor;
  const rotor = motor.rotorInertia.si * alpha;
  return {
    row,
    kMotor: gear.kMotor,
    alpha,
    rapid: cases['speed-up'].torque - rotor,
    steady: cases.rapid.torque,
    cut: cases.cut.torque - rotor,
  };
}

function electricalOf(
  row: Row,
  own: readonly OwnPart[],
  sure: boolean,
): Electrical | { readonly out: LineCode } {
  const { axis } = row;
  const { out, ...takes } = judgedMotor(axis, sure);
  if (out) return { out };
  const motor = resolveMotor(axis, silentWorksheet);
  const [ratio, k] = [quantity('ratio', 1), quantity('travelPerRadian', 1)];
  const pulses = motor.pulses(ratio, undefined, k, silentWorksheet);
  return {
    row,
    money: moneyOf(own, axis, 'motor'),
    rotor: axis.motor.rotorInertia.si,
    heat: motor.copperLoss(silentWorksheet).power,
    ...takes,
    usable: (speed) => motor.usable(quantity('angularSpeed', speed)),
    top: motor.topSpeed?.speed ?? Infinity,
    pulses,
    fine: axis.motor.kind === 'stepper' ? axis.driver.microsteps.si : 0,
  };
}

/** Highest speed by the pulses of the controller over a speed of the shaft, its driver set for that. */
export function pulsed({ pulses, fine }: Electrical, limit: number, turns: number): number {
  const most = limit / (pulses * turns);
  return fine ? (most * fine) / microsteps(fine, most) : most;
}

/** Both sides of the motor shaft, and what of the drives does not hold by itself. */
export interface Sides {
  readonly drives: readonly Mechanical[];
  readonly motors: readonly Electrical[];
  /** Drives that were looked at, those that hold by themselves among them. */
  readonly looked: number;
  /** Of all drives with all motors, those that do not hold by themselves among them. */
  readonly combinations: number;
  readonly killed: Killed;
}

/** Drives between two tellings of how far a search is. */
const STRIDE = 100;

/** Works out both sides of the shaft, each row by itself. Tells on the way how many drives it has seen. */
export function* sidesOf(
  axis: Axis,
  own: readonly OwnPart[],
  limits: SearchLimits,
): Generator<number, Sides> {
  const motors: Electrical[] = [];
  const drives: Mechanical[] = [];
  const killed: Killed = {};
  const outs: LineCode[] = [];
  for (const row of electricalRows(axis, own, limits)) {
    const motor = electricalOf(row, own, limits.sure);
    if ('out' in motor) outs.push(motor.out);
    else motors.push(motor);
  }
  let looked = 0;
  for (const row of mechanicalRows(axis, own, limits)) {
    if (looked++ % STRIDE === 0) yield looked;
    let [drive, judged] = [row, judgedDrive(row.axis, limits.sure)];
    if (judged.out !== null && wantsTension(judged.out) && limits.vary.includes('drive')) {
      drive = { ...row, axis: tightened(row.axis, limits.sure) };
      judged = judgedDrive(drive.axis, limits.sure);
    }
    if (judged.out !== null) {
      killed[judged.out] = (killed[judged.out] ?? 0) + motors.length;
      continue;
    }
    const money = moneyOf(own, drive.axis, 'drive');
    if (money === Infinity) {
      killed.price = (killed.price ?? 0) + motors.length;
      continue;
    }
    const { analysis, slowest, stiffness, lost, error, unknown, left, load } = judged;
    const hours = driveHours(analysis.axis);
    const fast = slowest / axis.demands.rapid.si;
    const figures = { slowest: fast, stiffness, lost, error, hours, unknown, left, load };
    drives.push({ ...mechanicalOf(drive, analysis), money, ...figures });
  }
  const byMoney = <T extends { readonly money: number; readonly row: Row }>(a: T, b: T) =>
    a.money - b.money || (a.row.id < b.row.id ? -1 : 1);
  for (const out of outs) killed[out] = (killed[out] ?? 0) + looked;
  const combinations = looked * (motors.length + outs.length);
  return { drives: drives.sort(byMoney), motors: motors.sort(byMoney), looked, combinations, killed };
}
