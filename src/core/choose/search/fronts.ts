import TinyQueue from 'tinyqueue';
import type { Axis } from '@/core/model';
import { type LineFigures, spare } from './judged';
import { HAIR } from './gearings';
import { type Pairs, torqueMargin } from './pairs';
import { type Electrical, type Mechanical, pulsed, type Sides } from './sides';

/** What money is held against. */
export const scales = ['speed', 'torque', 'stiffness', 'lost', 'error', 'effort'] as const;
export type Scale = (typeof scales)[number];

/** So many times what is asked is as good as more: nobody pays for a motor that is three times too strong. */
const AMPLE = 3;

/** A figure as more is better. */
export function scaled(figures: LineFigures, scale: Scale): number {
  if (scale === 'lost' || scale === 'error' || scale === 'effort') return -figures[scale];
  return scale === 'stiffness' ? figures.stiffness : Math.min(figures[scale], AMPLE);
}

/** Whether a figure on a scale is all known, not a bound alone. */
export const isKnown = (unknown: LineFigures['unknown'], scale: Scale): boolean =>
  scale === 'stiffness' || scale === 'lost' || scale === 'error' ? unknown[scale] === 0 : true;

/** A pair by its places among drives and motors. */
export interface Place {
  readonly drive: number;
  readonly motor: number;
  readonly money: number;
}

/** What a pair was found to be worth on a scale; null: it does not hold. */
export type Worth = (place: Place) => number | null;

export interface FrontAsked {
  /** Places of the drives that it is over. */
  readonly among: readonly number[];
  readonly scale: Scale;
  /** What the axis asks, and the pulses that its controller gives. */
  readonly axis: Pick<Axis, 'demands' | 'controller'>;
  readonly worth: Worth;
  /** Pairs that are not asked for are passed over; left out: all are asked for. */
  readonly may?: (drive: number, motor: number) => boolean;
}

/** A point of a front: nothing cheaper is worth as much. */
export interface Point extends Place {
  readonly worth: number;
}

/** Most that a drive can come to on a scale with any motor. */
function capOf(drive: Mechanical, scale: Scale): number {
  switch (scale) {
    case 'speed':
      return Math.min(drive.slowest, AMPLE);
    case 'torque':
      return AMPLE;
    case 'stiffness':
      return drive.stiffness;
    case 'lost':
      return -drive.lost;
    case 'error':
      return -drive.error;
    case 'effort':
      return -drive.hours;
  }
}

/** Whether a drive and a motor may be faster than so many times the rapid that is asked. */
function mayRun(
  drive: Mechanical,
  motor: Electrical,
  times: number,
  { axis }: Pick<FrontAsked, 'axis'>,
): boolean {
  // What passed the tests at the rapid itself need not be asked again.
  if (times <= 1) return true;
  const rapid = axis.demands.rapid.si;
  const turns = (times * rapid) / drive.kMotor;
  if (turns >= motor.top * (1 + HAIR)) return false;
  if (pulsed(motor, axis.controller.pulseLimit.si, rapid / drive.kMotor) * (1 + HAIR) <= times) return false;
  return spare(motor.usable(turns), drive.rapid + motor.rotor * drive.alpha) >= 1 - HAIR;
}

/** A drive that waits for its turn, by the money of the next of its pairs. */
interface Waiting {
  readonly drive: number;
  readonly at: number;
  readonly money: number;
}

const inTurn = (a: Waiting, b: Waiting): number => a.money - b.money || a.drive - b.drive;

/**
 * The front of money against a scale over some drives: pairs in the order of their money, each judged in full
 * only where it may be worth more than all that are cheaper. Exact: what is passed over cannot be on it.
 * Tells each pair that it has judged.
 */
export function* frontOf(
  sides: Sides,
  pairs: Pick<Pairs, 'start' | 'count' | 'motors'>,
  asked: FrontAsked,
): Generator<Place, Point[]> {
  const { drives, motors } = sides;
  const { among, scale, worth, axis } = asked;
  const front: Point[] = [];
  let best = -Infinity;
  const queue = new TinyQueue<Waiting>([], inTurn);
  const may = (drive: number, at: number): boolean => {
    const motor = pairs.motors[at]!;
    if (scale === 'torque' && torqueMargin(sides, axis, drive, motor) * (1 + HAIR) <= best) return false;
    if (scale === 'speed' && !mayRun(drives[drive]!, motors[motor]!, best, asked)) return false;
    return asked.may?.(drive, motor) ?? true;
  };
  /** The next pair of a drive that may be worth more than the best so far. */
  const wait = (drive: number, from: number) => {
    if (capOf(drives[drive]!, scale) <= best) return;
    const end = pairs.start[drive]! + pairs.count[drive]!;
    let at = from;
    while (at < end && !may(drive, at)) at += 1;
    if (at < end) queue.push({ drive, at, money: drives[drive]!.money + motors[pairs.motors[at]!]!.money });
  };
  for (const drive of among) wait(drive, pairs.start[drive]!);
  for (let next = queue.pop(); next; next = queue.pop()) {
    const { drive, at, money } = next;
    // The best may have grown while it waited.
    if (capOf(drives[drive]!, scale) > best && may(drive, at)) {
      const place = { drive, motor: pairs.motors[at]!, money };
      const found = worth(place);
      yield place;
      if (found !== null && found > best) {
        best = found;
        if (front.at(-1)?.money === money) front.pop();
        front.push({ ...place, worth: found });
      }
    }
    wait(drive, at + 1);
  }
  return front;
}
