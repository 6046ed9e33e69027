/**
 * A move from one speed to another, as fast as its limits let it. Without a limit of jerk: three stretches of
 * even acceleration. With one: each change of speed is an S of its own, for acceleration is nought where
 * moves meet (Biagiotti and Melchiorri, Trajectory Planning, chapter 3).
 */
export interface Profile {
  /** Speed at the beginning, the most that is reached, and at the end, m/s. */
  readonly first: number;
  readonly most: number;
  readonly last: number;
  readonly time: number;
}

/** Time of a change of speed, s. @param change m/s, 0 or more. */
export function changeTime(change: number, acceleration: number, jerk: number): number {
  if (change <= 0) return 0;
  if (jerk === Infinity) return change / acceleration;
  return change >= (acceleration * acceleration) / jerk
    ? change / acceleration + acceleration / jerk
    : 2 * Math.sqrt(change / jerk);
}

/** Way of a change of speed, m: its mean speed is half of both. */
export const changeWay = (from: number, to: number, acceleration: number, jerk: number): number =>
  ((from + to) / 2) * changeTime(Math.abs(to - from), acceleration, jerk);

const ROUNDS = 50;

/** The largest value up to `most` at which something that grows is no more than a bound. */
function largest(least: number, most: number, bound: number, of: (value: number) => number): number {
  if (of(most) <= bound) return most;
  let [low, high] = [least, most];
  for (let i = 0; i < ROUNDS && high - low > 1e-12 * high; i++) {
    const middle = (low + high) / 2;
    if (of(middle) <= bound) low = middle;
    else high = middle;
  }
  return low;
}

/** The highest speed that can be reached over a way, or be braked from, m/s; no more than `most`. */
export function reach(from: number, way: number, acceleration: number, jerk: number, most: number): number {
  if (most <= from) return most;
  if (jerk === Infinity) return Math.min(most, Math.sqrt(from * from + 2 * acceleration * way));
  return largest(from, most, way, (v) => changeWay(from, v, acceleration, jerk));
}

/**
 * @param way m, above 0. @param speed most along it, m/s. @param first @param last speeds that can be reached
 * from one another over the way.
 */
export function profileOf(
  way: number,
  speed: number,
  acceleration: number,
  jerk: number,
  first: number,
  last: number,
): Profile {
  if (jerk === Infinity) {
    const [q0, q1] = [first * first, last * last];
    const top = Math.min(speed * speed, (q0 + q1) / 2 + acceleration * way);
    const most = Math.max(first, last, Math.sqrt(top));
    const ramps = (2 * most - first - last) / acceleration;
    const rest = way - (2 * most * most - q0 - q1) / (2 * acceleration);
    return { first, most, last, time: ramps + Math.max(0, rest) / most };
  }
  const ramps = (v: number) =>
    changeWay(first, v, acceleration, jerk) + changeWay(v, last, acceleration, jerk);
  const most = largest(Math.max(first, last), Math.max(first, last, speed), way, ramps);
  const time = changeTime(most - first, acceleration, jerk) + changeTime(most - last, acceleration, jerk);
  return { first, most, last, time: time + Math.max(0, way - ramps(most)) / most };
}
