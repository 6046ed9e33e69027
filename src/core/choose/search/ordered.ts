import TinyQueue from 'tinyqueue';
import { type Axis, axisIssues, type OwnPart } from '@/core/model';
import { pairsOf } from './pairs';
import { sidesOf } from './sides';
import { joined, type Row, type SearchLimits } from './space';

/** A drive train that no cheap test refused; it was not put through every check yet. */
export interface LikelyLine {
  readonly id: string;
  /** Id of its drive, without a motor. */
  readonly drive: string;
  readonly family: string;
  readonly axis: Axis;
  readonly money: number;
}

interface Waiting {
  readonly drive: number;
  readonly at: number;
  readonly money: number;
}

const inTurn = (a: Waiting, b: Waiting): number => a.money - b.money || a.drive - b.drive;

/** Whether a pair is worth putting together, by its two rows: asked before anything of it is worked out. */
export type Wanted = (drive: Row, motor: Row) => boolean;

/**
 * Drive trains for one axis in the order of their money, for who takes the first that suits.
 * @param axis as the machine loads it. @param wanted asked of every pair when its turn comes.
 */
export function* linesByMoney(
  axis: Axis,
  own: readonly OwnPart[],
  limits: SearchLimits,
  wanted: Wanted = () => true,
): Generator<LikelyLine, void> {
  const steps = sidesOf(axis, own, limits);
  let step = steps.next();
  while (!step.done) step = steps.next();
  const sides = step.value;
  const { drives, motors } = sides;
  const pairs = pairsOf(sides, axis, limits);
  const queue = new TinyQueue<Waiting>([], inTurn);
  const wait = (drive: number, at: number) => {
    if (at >= pairs.start[drive]! + pairs.count[drive]!) return;
    queue.push({ drive, at, money: drives[drive]!.money + motors[pairs.motors[at]!]!.money });
  };
  drives.forEach((_, drive) => wait(drive, pairs.start[drive]!));
  for (let next = queue.pop(); next; next = queue.pop()) {
    const [mech, elec] = [drives[next.drive]!.row, motors[pairs.motors[next.at]!]!.row];
    const line = wanted(mech, elec) ? joined(mech, elec) : null;
    if (line && axisIssues(line).length === 0)
      yield {
        id: `${mech.id} | ${elec.id}`,
        drive: mech.id,
        family: mech.family,
        axis: line,
        money: next.money,
      };
    wait(next.drive, next.at + 1);
  }
}
