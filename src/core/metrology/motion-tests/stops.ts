/** A speed and how far the axis ran on after its switch. */
export interface RunOn {
  readonly speed: number;
  readonly way: number;
}

/** Reaction and braking out of stops: s = v t + v²/(2a). */
export interface Stopping {
  /** s */
  readonly reaction: number;
  /** m/s² */
  readonly braking: number;
}

/**
 * Reaction and braking by least squares of the ways, which are read alike well at every speed; neither of
 * them is less than nought.
 * @throws RangeError with fewer than two speeds above nought.
 */
export function stoppingOf(runs: readonly RunOn[]): Stopping {
  const moving = runs.filter((r) => r.speed > 0);
  if (new Set(moving.map((r) => r.speed)).size < 2) throw new RangeError('two speeds are wanted');
  const sum = (of: (r: RunOn) => number) => moving.reduce((s, r) => s + of(r), 0);
  const [v2, v3, v4] = [2, 3, 4].map((n) => sum((r) => r.speed ** n)) as [number, number, number];
  const [vs, v2s] = [sum((r) => r.speed * r.way), sum((r) => r.speed ** 2 * r.way)];
  const whole = v2 * v4 - v3 ** 2;
  const reaction = (vs * v4 - v2s * v3) / whole;
  const slope = (v2 * v2s - v3 * vs) / whole;
  if (slope <= 0) return { reaction: vs / v2, braking: Infinity };
  if (reaction < 0) return { reaction: 0, braking: v4 / (2 * v2s) };
  return { reaction, braking: 1 / (2 * slope) };
}

/** What a faster run would take, m. */
export const wayAt = ({ reaction, braking }: Stopping, speed: number): number =>
  speed * reaction + speed ** 2 / (2 * braking);

/** Only so much of the room behind a switch is ever spent on a try. */
const ROOM_SHARE = 1.5;

/** Whether the next speed may be tried: the way foretold has half as much room again. */
export const mayTry = (stopping: Stopping, speed: number, room: number): boolean =>
  wayAt(stopping, speed) <= room / ROOM_SHARE;
