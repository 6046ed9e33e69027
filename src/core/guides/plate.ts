/**
 * A rigid plate on carriages that are springs. Axes: x along the travel, y across it, z away from the rails;
 * origin in the middle of the carriages, at the height at which they carry.
 */
export interface PlateShape {
  readonly rails: number;
  readonly perRail: number;
  /** Between the outer rails, m. */
  readonly spacing: number;
  /** Between the middles of the outer carriages of one rail, m. */
  readonly length: number;
  /** Across one carriage between its rows of balls; 0: it gives way to roll. m. */
  readonly races: number;
  /** Of one carriage along the rail; 0: it gives way to pitch and yaw. m. */
  readonly carriage: number;
}

/**
 * Forces in N and moments in N·m on the plate about the origin; what the drive takes along the axis is
 * balanced already.
 */
export interface PlateLoad {
  readonly y: number;
  readonly z: number;
  readonly roll: number;
  readonly pitch: number;
  readonly yaw: number;
}

/** The load of one carriage: vertical (along z), lateral (along y) in N, and its own moments in N·m. */
export interface CarriageLoad {
  readonly x: number;
  readonly y: number;
  readonly vertical: number;
  readonly lateral: number;
  readonly roll: number;
  readonly pitch: number;
  readonly yaw: number;
}

/** Sum of the squares of n places spread evenly over a length about their middle. */
export const evenSquares = (n: number, length: number): number =>
  n < 2 ? 0 : (length * length * n * (n + 1)) / (12 * (n - 1));

/**
 * What the springs amount to about each axis, in m² of one carriage's stiffness. A regular grid makes the
 * five unknowns (lift, side, roll, pitch, yaw) independent of one another. A carriage with two rows of balls
 * resists roll by half its stiffness in each row, one of a length L resists pitch and yaw like an even bed of
 * springs (L²/12).
 */
export function plateSquares({ rails, perRail, spacing, length, races, carriage }: PlateShape) {
  const n = rails * perRail;
  return {
    n,
    roll: perRail * evenSquares(rails, spacing) + (n * races * races) / 4,
    along: rails * evenSquares(perRail, length) + (n * carriage * carriage) / 12,
  };
}

const share = (moment: number, arm: number, squares: number) => (squares > 0 ? (moment * arm) / squares : 0);

/**
 * Load of the carriage at (x, y). @param yawHelp what two drives, each tied to its side, add against yaw, in
 * m² of one carriage's lateral stiffness; 0 for a single drive. @param squares of the shape, where they are
 * at hand.
 */
export function carriageLoad(
  shape: PlateShape,
  load: PlateLoad,
  x: number,
  y: number,
  yawHelp: number,
  squares = plateSquares(shape),
): CarriageLoad {
  const { n, roll, along } = squares;
  return {
    x,
    y,
    vertical: load.z / n + share(load.roll, y, roll) - share(load.pitch, x, along),
    lateral: load.y / n + share(load.yaw, x, along + yawHelp),
    roll: share(load.roll, (shape.races * shape.races) / 4, roll),
    pitch: share(load.pitch, (shape.carriage * shape.carriage) / 12, along),
    yaw: share(load.yaw, (shape.carriage * shape.carriage) / 12, along + yawHelp),
  };
}

/** Places of all carriages, rail by rail. */
export function carriagePlaces({ rails, perRail, spacing, length }: PlateShape): { x: number; y: number }[] {
  const at = (i: number, n: number, over: number) => (n < 2 ? 0 : (i / (n - 1) - 0.5) * over);
  return Array.from({ length: rails * perRail }, (_, i) => ({
    x: at(i % perRail, perRail, length),
    y: at(Math.floor(i / perRail), rails, spacing),
  }));
}

/**
 * Equal load that stresses the balls as much: vertical and lateral added, own moments by their arms (two
 * rows; a bed over the length).
 */
export function equivalentOf(c: CarriageLoad, { races, carriage }: PlateShape): number {
  const arms =
    (races > 0 ? (2 * Math.abs(c.roll)) / races : 0) +
    (carriage > 0 ? (6 * (Math.abs(c.pitch) + Math.abs(c.yaw))) / carriage : 0);
  return Math.abs(c.vertical) + Math.abs(c.lateral) + arms;
}
