import { leastSquaresLine } from '../straight';

/** A speed and how far the axis ran on after its switch. */
export interface RunOn {
  readonly speed: number;
  readonly way: number;
}

/** Reaction and braking out of stops: s = v t + v²/(2a), so s/v is a line over v. */
export interface Stopping {
  /** s */
  readonly reaction: number;
  /** m/s² */
  readonly braking: number;
}

/** @throws RangeError with fewer than two speeds above nought. */
export function stoppingOf(runs: readonly RunOn[]): Stopping {
  const moving = runs.filter((r) => r.speed > 0);
  const { slope, offset } = leastSquaresLine(moving.map((r) => ({ x: r.speed, h: r.way / r.speed })));
  return { reaction: offset, braking: slope > 0 ? 1 / (2 * slope) : Infinity };
}

/** What a faster run would take, m. */
export const wayAt = ({ reaction, braking }: Stopping, speed: number): number =>
  speed * reaction + speed ** 2 / (2 * braking);

/** Only so much of the room behind a switch is ever spent on a try. */
const ROOM_SHARE = 1.5;

/** Whether the next speed may be tried: the way foretold has half as much room again. */
export const mayTry = (stopping: Stopping, speed: number, room: number): boolean =>
  wayAt(stopping, speed) <= room / ROOM_SHARE;
