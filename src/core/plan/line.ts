import { familiesOf, familyById, partsIn } from '@/core/catalogue';
import {
  driveCodes,
  everything,
  judgedLine,
  type LineCode,
  type LineFigures,
  linesByMoney,
  type Row,
} from '@/core/choose';
import type { Axis, OwnPart } from '@/core/model';
import type { Filled } from './asked';
import { completed, uncoupled } from './completed';
import type { Line } from './picks';
import {
  drivenFully,
  groupsOf,
  isFine,
  ownedDrives,
  races,
  refusedFor,
  suppliesFor,
  usualDrives,
} from './rules';

/** What a drive train for an axis must do, and what it may be made of. */
export interface LineAsked {
  readonly filled: Filled;
  /** As the machine loads it. */
  readonly axis: Axis;
  /** The builder's parts that are left for it. */
  readonly own: readonly OwnPart[];
  /** In line, N/m. */
  readonly stiffness: number;
  /** Nothing of it may be thin. */
  readonly sure: boolean;
  /** Supplies by id; null: all that are usual. */
  readonly supplies: readonly string[] | null;
  readonly imperial: boolean;
  /** Motors, drivers and supplies only out of the drawer, as far as there are any. */
  readonly drawer: boolean;
}

export interface PickedLine {
  readonly line: Line;
  readonly money: number;
  readonly figures: LineFigures;
  readonly family: string;
}

/** Kinds of motor in the order in which they are tried: the next where none of the first does. */
const motorOrder = [['stepper'], ['closed-loop-stepper', 'servo']] as const;

/** What a drive fails by whatever motor turns it: with another motor it need not be asked again. */
const ofDrive: ReadonlySet<string> = new Set(driveCodes);
/** What hangs on the coupling as well, which comes with the motor of a screw. */
const ofCoupling: ReadonlySet<string> = new Set<LineCode>(['lost-motion', 'ramp-rings']);

/** So many likely ones are put through every check before a group of drives is given up. */
const PATIENCE = 400;

/** Families of the links that a drive train has; guide and controller are picked by themselves. */
const ofLine = new Set(
  (['drive', 'bearings', 'reducer', 'coupling', 'motor', 'driver', 'supply'] as const)
    .flatMap(familiesOf)
    .map((f) => f.id),
);

function lineOf({ drive, reducer, coupling, motor, driver, supply, parts }: Axis): Line {
  const own = Object.entries(parts).filter(([family]) => ofLine.has(family));
  return { drive, reducer, coupling, motor, driver, supply, parts: Object.fromEntries(own) };
}

/** A whole drive train as its checks see it: what it fails by, and what it comes to. */
function judged(axis: Axis, { sure, stiffness }: LineAsked) {
  const { out, figures } = judgedLine(axis, sure);
  const soft = figures.unknown.stiffness > 0 || figures.stiffness < stiffness;
  return { out, figures, soft, does: out.length === 0 && !soft };
}

/** What could be bought in the place of motors and drivers that lie in the drawer. */
function notOwned({ own }: LineAsked): string[] {
  return (['motor', 'driver'] as const).flatMap((link) => {
    const families = familiesOf(link);
    const owned = own.some((p) => p.onHand > 0 && families.some((f) => f.id === p.family));
    return owned ? families.flatMap((f) => f.parts.map((p) => p.id)) : [];
  });
}

/** The cheapest of a group of drives that does, for each supply. */
function inGroup(
  asked: LineAsked,
  group: ReturnType<typeof groupsOf>[number],
  motors: readonly string[],
  bought: readonly string[],
): Map<string, PickedLine> {
  const found = new Map<string, PickedLine>();
  const dead = new Set<string>();
  const wanted = asked.supplies ?? suppliesFor(asked.filled);
  const supplies = partsIn(familyById('supply')!, asked.own).map((p) => p.id);
  const refused = [
    ...refusedFor(asked.filled, group, motors, asked.axis),
    ...supplies.filter((s) => !wanted.includes(s)),
    ...(asked.drawer ? notOwned(asked) : []),
    ...bought,
  ];
  const limits = { ...everything, sure: asked.sure, refused };
  // Asked before a pair is put together: what its two sides say by themselves.
  const worth = (drive: Row, motor: Row) =>
    !found.has(motor.axis.parts.supply ?? '') &&
    !dead.has(drive.id) &&
    drivenFully(motor.axis) &&
    !races(drive.axis, motor.axis);
  let seen = 0;
  for (const { drive, axis, family, money } of linesByMoney(
    uncoupled(asked.axis),
    asked.own,
    limits,
    worth,
  )) {
    if (++seen > PATIENCE) break;
    const supply = axis.parts.supply ?? '';
    const whole = completed(axis, isFine(asked.filled));
    const { out, figures, soft, does } = judged(whole, asked);
    if (does) found.set(supply, { line: lineOf(whole), money, figures, family });
    else {
      const coupled = whole.drive.kind === 'screw';
      const forGood = out.some((c) => ofDrive.has(c) && !(coupled && ofCoupling.has(c)));
      if (forGood || (soft && !coupled)) dead.add(drive);
    }
    if (found.size >= wanted.length) break;
  }
  return found;
}

/** The cheapest drive train for an axis that does, for each supply on which one does; empty: none. */
export function linesFor(asked: LineAsked): ReadonlyMap<string, PickedLine> {
  const found = searched(asked);
  // What lies in the drawer need not do for every axis.
  return found.size || !asked.drawer ? found : searched({ ...asked, drawer: false });
}

function searched(asked: LineAsked): ReadonlyMap<string, PickedLine> {
  const usual = usualDrives(asked.filled, asked.axis, asked.imperial);
  const owned = ownedDrives(asked.filled).filter((f) => !usual.includes(f));
  const groups = groupsOf([...usual, ...owned]);
  // Of a kind that is not usual only what lies in the drawer is taken.
  const bought = owned.flatMap((f) => familyById(f)!.parts.map((p) => p.id));
  for (const motors of motorOrder) {
    const found = new Map<string, PickedLine>();
    for (const group of groups)
      for (const [supply, picked] of inGroup(asked, group, motors, bought)) {
        const before = found.get(supply);
        if (!before || picked.money < before.money) found.set(supply, picked);
      }
    if (found.size) return found;
  }
  return new Map();
}

/** Whether something is wanted more often than it lies in the drawer, and nobody knows its price. */
const lacks = ({ axis, own }: LineAsked): boolean =>
  own
    .filter((p) => p.price === null && ofLine.has(p.family) && axis.parts[p.family] === p.id)
    .some((p) => p.onHand < axis.drive.sets);

/** Whether the present drive train of an axis still does, and can be had. */
export const stillDoes = (asked: LineAsked): boolean => !lacks(asked) && judged(asked.axis, asked).does;
