/** A crank with its link, m; the angle is counted from where the link is stretched out. */
export interface CrankShape {
  readonly radius: number;
  readonly link: number;
}

/** Place of the carriage from the shaft, m. */
export const placeAt = ({ radius: r, link: l }: CrankShape, angle: number): number =>
  r * Math.cos(angle) + Math.sqrt(l * l - (r * Math.sin(angle)) ** 2);

/** Travel per radian at an angle, m; above 0 on the way back in, which is the first half of the turn. */
export function leverAt({ radius: r, link: l }: CrankShape, angle: number): number {
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  return r * sin + (r * r * sin * cos) / Math.sqrt(l * l - (r * sin) ** 2);
}

/** Second derivative of the place by the angle, m: acceleration at one radian a second. */
export function bendAt({ radius: r, link: l }: CrankShape, angle: number): number {
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const reach = Math.sqrt(l * l - (r * sin) ** 2);
  return -r * cos - (r * r * (cos * cos - sin * sin)) / reach - (r * r * sin * cos) ** 2 / reach ** 3;
}

/** Halvings of the span in which the longest lever is looked for: to a billionth. */
const STEPS = 60;

/** The angle of the longest lever, rad. */
export function longestAt(shape: CrankShape): number {
  let [low, high] = [0, Math.PI / 2];
  for (let i = 0; i < STEPS; i++) {
    const third = (high - low) / 3;
    if (leverAt(shape, low + third) < leverAt(shape, high - third)) low += third;
    else high -= third;
  }
  return (low + high) / 2;
}

/** Angles at which a turn is looked at. */
const TURN = 720;

/** What drives and what moves, for the torque over a turn. SI; efficiency of the crank, both ways. */
export interface CrankLoad {
  readonly steady: number;
  readonly mass: number;
  /** Angular speed of the crank. */
  readonly omega: number;
}

/**
 * Force along the motion at an angle, N: what holds it back, and what its mass asks. On the way out the
 * mass is
 * sped up where on the way in it is slowed down.
 */
export function thrustAt(shape: CrankShape, { steady, mass, omega }: CrankLoad, angle: number): number {
  const way = -Math.sign(leverAt(shape, angle));
  return steady + mass * bendAt(shape, angle) * omega * omega * way;
}

/** Calls back for every angle of a turn. */
export function overTurn(each: (angle: number) => void): void {
  for (let i = 0; i < TURN; i++) each((2 * Math.PI * (i + 0.5)) / TURN);
}
