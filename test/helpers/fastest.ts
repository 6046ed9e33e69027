import type { Place } from '@/core/gcode';
import type { Limits } from '@/core/job';

interface Straight {
  readonly motion: {
    readonly from: Place;
    readonly to: Place;
    readonly length: number;
    readonly speed: number;
  };
}

/** Steps along each move. */
const STEPS = 4000;

/**
 * The fastest run of straight moves by brute force: the path cut into thousands of steps, each step’s speed
 * bounded by what it may be there, then by what can be reached from before and braked for behind (the phase
 * plane method of Bobrow, Dubowsky and Gibson, 1985, for bounds that do not hang on speed).
 * @param by deviation in the corners, m.
 * @returns s.
 */
export function fastest(moves: readonly Straight[], { speed, acceleration }: Limits, by: number): number {
  const squares: number[] = [];
  const gains: number[] = [];
  const steps: number[] = [];
  moves.forEach(({ motion }, m) => {
    const way = motion.to.map((v, i) => (v - motion.from[i]!) / motion.length);
    const least = (of: Place) => Math.min(...way.map((w, i) => (w === 0 ? Infinity : of[i]! / Math.abs(w))));
    const top = Math.min(motion.speed, least(speed));
    const ds = motion.length / STEPS;
    for (let k = 0; k < STEPS; k++) {
      squares.push(m === 0 && k === 0 ? 0 : top ** 2);
      gains.push(2 * least(acceleration) * ds);
      steps.push(ds);
    }
    const next = moves[m + 1]?.motion;
    let corner = 0;
    if (next) {
      const out = next.to.map((v, i) => (v - next.from[i]!) / next.length);
      const turn = out.map((v, i) => v - way[i]!);
      const size = Math.hypot(...turn);
      const a = Math.min(
        ...turn.map((t, i) => (t === 0 ? Infinity : acceleration[i]! / (Math.abs(t) / size))),
      );
      const half =
        Math.acos(
          Math.max(
            -1,
            Math.min(
              1,
              way.reduce((s, w, i) => s + w * out[i]!, 0),
            ),
          ),
        ) / 2;
      // The arc that leaves the corner by so much: r = d cos / (1 - cos), v² = a r.
      corner = size < 1e-9 ? Infinity : (a * by * Math.cos(half)) / (1 - Math.cos(half));
    }
    squares.push(Math.min(corner, top ** 2));
    gains.push(0);
    steps.push(0);
  });
  for (let i = 1; i < squares.length; i++)
    if (steps[i - 1]! > 0) squares[i] = Math.min(squares[i]!, squares[i - 1]! + gains[i - 1]!);
    else squares[i] = Math.min(squares[i]!, squares[i - 1]!);
  for (let i = squares.length - 2; i >= 0; i--)
    squares[i] = Math.min(squares[i]!, squares[i + 1]! + gains[i]!);
  let time = 0;
  for (let i = 0; i + 1 < squares.length; i++)
    if (steps[i]! > 0) time += (2 * steps[i]!) / (Math.sqrt(squares[i]!) + Math.sqrt(squares[i + 1]!));
  return time;
}
