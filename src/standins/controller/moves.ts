import { type AxisLetter, axisLetters } from './settings';

/** A place of all axes, mm. */
export type Place = Readonly<Record<AxisLetter, number>>;
/** What a plant feels of all axes. */
export interface Mechanism {
  /** All that was driven since it was switched on, after a step, mm. */
  readonly drive: (to: Place, seconds: number) => void;
  readonly tripped: (axis: AxisLetter) => boolean;
  /** Whether a probe or torch touches the work. */
  readonly touched: () => boolean;
  /** Whether the user’s stop is pressed, and whether the supply holds. */
  readonly stopped: () => boolean;
  readonly supplied: () => boolean;
}

/** A way that is run through at a speed, from rest to rest. */
export interface Path {
  readonly length: number;
  /** Place after a way along it, mm. */
  readonly at: (way: number) => Place;
  /** mm/min */
  readonly feed: number;
  /** mm/s² */
  readonly acceleration: number;
}

/** One entry of the plan. */
export type Move =
  | { readonly does: 'path'; readonly seq: number; readonly path: Path; readonly touch: boolean }
  | { readonly does: 'wait'; readonly seq: number; readonly ms: number };

const along = (from: Place, to: Place, share: number): Place => ({
  x: from.x + share * (to.x - from.x),
  y: from.y + share * (to.y - from.y),
  z: from.z + share * (to.z - from.z),
});

export const wayOf = (from: Place, to: Place): number =>
  Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z);

/** A straight way. */
export const straight = (from: Place, to: Place, feed: number, acceleration: number): Path => {
  const length = wayOf(from, to);
  return { length, at: (way) => along(from, to, length ? way / length : 1), feed, acceleration };
};

/** First and second axis of a plane, and the one across it. */
export const planes = {
  xy: ['x', 'y', 'z'],
  zx: ['z', 'x', 'y'],
  yz: ['y', 'z', 'x'],
} as const satisfies Record<string, readonly AxisLetter[]>;

export interface Turn {
  readonly plane: keyof typeof planes;
  readonly centre: Partial<Place>;
  readonly end: Place;
  readonly whole: boolean;
  readonly way: 'cw' | 'ccw';
}

/** Radii at both ends of an arc may differ by so much, mm. */
const CLOSE = 0.01;

/** An arc or helix; null where its centre does not lie equally far from both ends. */
export function arc(from: Place, turn: Turn, feed: number, acceleration: number): Path | null {
  const [a, b, c] = planes[turn.plane];
  const [ca, cb] = [turn.centre[a]!, turn.centre[b]!];
  const { end } = turn;
  const radius = Math.hypot(from[a] - ca, from[b] - cb);
  const last = Math.hypot(end[a] - ca, end[b] - cb);
  if (!(radius > 0) || Math.abs(radius - last) > CLOSE) return null;
  const start = Math.atan2(from[b] - cb, from[a] - ca);
  const stop = Math.atan2(end[b] - cb, end[a] - ca);
  const sign = turn.way === 'ccw' ? 1 : -1;
  const full = 2 * Math.PI;
  const span = turn.whole ? full : (((sign * (stop - start)) % full) + full) % full || full;
  const rise = end[c] - from[c];
  const length = Math.hypot(radius * span, rise);
  const at = (way: number): Place => {
    const share = length ? way / length : 1;
    const angle = start + sign * span * share;
    const r = radius + share * (last - radius);
    return {
      ...from,
      [a]: ca + r * Math.cos(angle),
      [b]: cb + r * Math.sin(angle),
      [c]: from[c] + rise * share,
    };
  };
  return { length, at, feed, acceleration };
}

/** Least and greatest place of a way, by axis: sampled closely enough for a soft limit of a hundredth. */
export function boxOf({ at, length }: Path): Readonly<Record<AxisLetter, readonly [number, number]>> {
  const count = 90;
  const places = Array.from({ length: count + 1 }, (_, i) => at((length * i) / count));
  const range = (l: AxisLetter) => {
    const all = places.map((p) => p[l]);
    return [Math.min(...all), Math.max(...all)] as const;
  };
  return Object.fromEntries(axisLetters.map((l) => [l, range(l)])) as ReturnType<typeof boxOf>;
}
