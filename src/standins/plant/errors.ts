/** A step in a rack at a joint. */
export interface Joint {
  readonly at: number;
  /** m */
  readonly by: number;
}

/** What is off along the way of a drive; m. */
export interface PitchErrors {
  /** For each metre. */
  readonly lead: number;
  /** Amplitude once a turn of screw or pinion, with where it begins, and the way of a turn. */
  readonly wave: number;
  readonly phase: number;
  readonly turn: number;
  readonly joints: readonly Joint[];
}

/** Error of a drive at a place: even, once a turn, and a step at each joint that was passed. */
export const pitchError =
  ({ lead, wave, phase, turn, joints }: PitchErrors) =>
  (place: number): number =>
    lead * place +
    wave * (Math.sin((2 * Math.PI * place) / turn + phase) - Math.sin(phase)) +
    joints.reduce((sum, j) => sum + (place > j.at ? j.by : 0), 0);

/** A rail’s line: stations evenly spaced with what they stray, m; a spline between them. */
export interface RailLine {
  readonly length: number;
  readonly stray: readonly number[];
}

/** Stray of a rail at a place: Catmull and Rom through its stations, flat beyond its ends. */
export function railStray({ length, stray }: RailLine, place: number): number {
  const last = stray.length - 1;
  if (last < 1) return stray[0] ?? 0;
  const t = Math.min(last, Math.max(0, (place / length) * last));
  const i = Math.min(last - 1, Math.floor(t));
  const u = t - i;
  const at = (k: number) => stray[Math.min(last, Math.max(0, k))]!;
  const [a, b, c, d] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
  return b + 0.5 * u * (c - a + u * (2 * a - 5 * b + 4 * c - d + u * (3 * (b - c) + d - a)));
}

/** Warmth of a drive: towards what its power makes of it, by its time constant. */
export interface Warmth {
  readonly step: (power: number, seconds: number) => void;
  readonly rise: () => number;
}

export function warmth(resistance: number, tau: number): Warmth {
  let rise = 0;
  return {
    step: (power, seconds) => {
      // Exact for a power that stays: no step is too long.
      const end = power * resistance;
      rise = end + (rise - end) * Math.exp(-seconds / tau);
    },
    rise: () => rise,
  };
}

/** A gantry on two drives: how it turns when one side leads, and what its tool makes of it. */
export const yawOf = (left: number, right: number, span: number): number => (right - left) / span;

export const toolAlong = (left: number, right: number, span: number, y: number): number =>
  (left + right) / 2 + yawOf(left, right, span) * (y - span / 2);
