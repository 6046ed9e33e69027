import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import { ringZone, type RingZone, type Spot } from './zone';

/** One turn of a circular test: where it was, in the order in which it was traced. */
export interface Trace {
  readonly spots: readonly Spot[];
  /** Counter-clockwise, seen with +X to the right and +Y up. */
  readonly ccw: boolean;
}

/** What a circle of both senses comes to. */
export interface CircleFound {
  /** Circular deviation of each sense, and of both together (bidirectional), m. */
  readonly ccw: RingZone;
  readonly cw: RingZone;
  readonly both: RingZone;
  /** Largest and least radius less the asked one, about the set-up centre. */
  readonly most: number;
  readonly least: number;
  /** Mean of both mean radii less the asked one. */
  readonly radial: number;
  /** Scale of X less that of Y; out of square, + less than 90° between +X and +Y. */
  readonly scale: number;
  readonly square: number;
  /** Lost motion of both axes, + where motion is lost, m. */
  readonly lostX: number;
  readonly lostY: number;
  /** How far one axis lags the other, + where X lags more, m. */
  readonly mismatch: number;
  /** What the fit leaves, root of the mean square, m. */
  readonly left: number;
  /** Standard uncertainty of each figure for one of a reading. */
  readonly gain: Readonly<Record<'scale' | 'square' | 'lostX' | 'lostY' | 'mismatch', number>>;
}

/** About the quadrants an axis stands still for a moment: these places are left to the spike. */
const QUADRANT = (5 * Math.PI) / 180;

const nearQuadrant = (angle: number) => {
  const quarter = Math.PI / 2;
  const off = Math.abs(angle - Math.round(angle / quarter) * quarter);
  return off < QUADRANT;
};

const UNKNOWNS = 8;

/** One row of the fit: what each unknown adds to the radius at a place. */
function rowAt(angle: number, ccw: boolean): number[] {
  const k = ccw ? 1 : -1;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  return [
    1,
    c,
    s,
    Math.cos(2 * angle),
    Math.sin(2 * angle),
    (k * Math.sign(s) * c) / 2,
    (-k * Math.sign(c) * s) / 2,
    k * Math.sin(2 * angle),
  ];
}

/**
 * Circular test by ISO 230-4 with its causes: radius, eccentricity, scales, squareness, lost motion of both
 * axes and
 * following mismatch in one fit of both senses. One sense alone cannot tell squareness from mismatch.
 * @param radius that was asked, about the origin of the places.
 * @throws RangeError where a trace has too few places, or they do not go round.
 */
export function circleOf(ccw: Trace, cw: Trace, radius: number): CircleFound {
  const all = [ccw, cw].flatMap((t) => t.spots.map((spot) => ({ spot, ccw: t.ccw })));
  if (ccw.spots.length < UNKNOWNS || cw.spots.length < UNKNOWNS)
    throw new RangeError(`each sense wants ${UNKNOWNS} places at least`);
  const used = all
    .map(({ spot, ccw: way }) => ({ angle: Math.atan2(spot.y, spot.x), r: Math.hypot(spot.x, spot.y), way }))
    .filter(({ angle }) => !nearQuadrant(angle));
  const rows = new Matrix(used.map(({ angle, way }) => rowAt(angle, way)));
  const svd = new SingularValueDecomposition(rows);
  if (svd.rank < UNKNOWNS) throw new RangeError('these places do not go round');
  const target = Matrix.columnVector(used.map(({ r }) => r - radius));
  const fit = svd.solve(target);
  const [, , , a, b, bx, by, g] = fit.to1DArray() as number[];
  // Each unknown is a sum of readings: their weights are the rows of the pseudo-inverse.
  const gains = svd
    .inverse()
    .to2DArray()
    .map((weights) => Math.sqrt(weights.reduce((sum, w) => sum + w * w, 0)));
  const rest = Matrix.sub(target, rows.mmul(fit)).to1DArray();
  const meanRadius = ({ spots }: Trace) => spots.reduce((s, p) => s + Math.hypot(p.x, p.y), 0) / spots.length;
  const radii = all.map(({ spot }) => Math.hypot(spot.x, spot.y) - radius);
  return {
    ccw: ringZone(ccw.spots),
    cw: ringZone(cw.spots),
    both: ringZone(all.map((p) => p.spot)),
    most: Math.max(...radii),
    least: Math.min(...radii),
    radial: (meanRadius(ccw) + meanRadius(cw)) / 2 - radius,
    scale: (2 * a!) / radius,
    square: (2 * b!) / radius,
    lostX: bx!,
    lostY: by!,
    mismatch: g!,
    left: Math.sqrt(rest.reduce((s, v) => s + v * v, 0) / rest.length),
    gain: {
      scale: (2 * gains[3]!) / radius,
      square: (2 * gains[4]!) / radius,
      lostX: gains[5]!,
      lostY: gains[6]!,
      mismatch: gains[7]!,
    },
  };
}
