/** One milling cut as the force model wants it; SI. */
export interface MillingInputs {
  /** Cutter diameter, m. */
  readonly diameter: number;
  readonly flutes: number;
  /** Spindle speed, rad/s. */
  readonly spindle: number;
  /** Feed along the path, m/s. */
  readonly feed: number;
  /** Axial depth and radial width, m; the width at most the diameter. */
  readonly depth: number;
  readonly width: number;
  /** Specific cutting force at 1 mm of chip thickness, Pa, and its exponent. */
  readonly kc11: number;
  readonly exponent: number;
  /** Radial over tangential force. */
  readonly radial: number;
  readonly climb: boolean;
}

/**
 * Forces on the tool over one turn, N, and torque, N·m. Along: against the feed is positive. Across: away
 * from the material is positive.
 */
export interface MillingForce {
  readonly meanAlong: number;
  readonly meanAcross: number;
  /** Largest size over the turn, whatever the sign. */
  readonly peakAlong: number;
  readonly peakAcross: number;
  readonly rmsAlong: number;
  readonly rmsAcross: number;
  readonly meanTorque: number;
  readonly peakTorque: number;
  /** Most teeth in the cut at once. */
  readonly teeth: number;
  /** Whether at some moment the cut pulls the tool along its feed. */
  readonly pulls: boolean;
}

/** Steps of the turn from one tooth to the next: the force repeats with every tooth. */
const STEPS = 720;
/** Panels of Simpson's rule over the engagement of one tooth; even. */
const PANELS = 96;
/** The specific force grows as the chip thins, down to here; thinner chips are pressed, not cut. */
export const THINNEST = 1e-6;

/** Angle over which a tooth is in the cut, rad. @param width radial width over the diameter, 0 to 1. */
export const engagement = (width: number): number => Math.acos(1 - 2 * Math.min(1, Math.max(0, width)));

/**
 * Kienzle's force on each tooth, summed over the teeth and over one turn (Kienzle 1952; Altintas,
 * Manufacturing Automation): means by Simpson's rule over the engagement, peaks and RMS by 720 steps between
 * two teeth. A tooth stands at phi from the line across the feed; conventional cutting starts at phi = 0 with
 * no chip, climb cutting ends at 180° with none. Straight flutes: the peak of a spiral cutter is lower, the
 * mean is the same.
 * @param onStep is told the share of the turn and both forces at each step, for drawing.
 */
export function millingForce(
  { diameter, flutes, spindle, feed, depth, width, kc11, exponent, radial, climb }: MillingInputs,
  onStep?: (turn: number, along: number, across: number) => void,
): MillingForce {
  const fz = feed / (flutes * (spindle / (2 * Math.PI)));
  const arc = engagement(width / diameter);
  const [from, to] = climb ? [Math.PI - arc, Math.PI] : [0, arc];
  // The specific force is given at a chip of 1 mm.
  const edge = kc11 * depth * 1e-3 ** exponent;
  const tangential = (sine: number) => {
    const h = Math.max(0, fz * sine);
    return edge * Math.max(THINNEST, h) ** -exponent * h;
  };
  let [meanT, meanX, meanY] = [0, 0, 0];
  for (let i = 0; i <= PANELS; i++) {
    const phi = from + (arc * i) / PANELS;
    const [sine, cosine] = [Math.sin(phi), Math.cos(phi)];
    const weight = (i === 0 || i === PANELS ? 1 : i % 2 ? 4 : 2) * tangential(sine);
    // Tangential against the turning, radial towards the middle.
    meanT += weight;
    meanX += weight * (cosine + radial * sine);
    meanY += weight * (sine - radial * cosine);
  }
  const share = (flutes * arc) / (3 * PANELS * 2 * Math.PI);
  let [squareX, squareY, peakX, peakY, peakF, teeth] = [0, 0, 0, 0, 0, 0];
  let pulls = false;
  const pitch = (2 * Math.PI) / flutes;
  for (let step = 0; step < STEPS; step++) {
    let [fx, fy, ft, cutting] = [0, 0, 0, 0];
    for (let tooth = 0; tooth < flutes; tooth++) {
      const phi = pitch * ((step + 0.5) / STEPS + tooth);
      if (phi < from || phi > to) continue;
      const [sine, cosine] = [Math.sin(phi), Math.cos(phi)];
      const f = tangential(sine);
      fx += f * (cosine + radial * sine);
      fy += f * (sine - radial * cosine);
      ft += f;
      cutting += 1;
    }
    onStep?.((step + 0.5) / STEPS / flutes, fx, fy);
    squareX += fx * fx;
    squareY += fy * fy;
    peakX = Math.max(peakX, Math.abs(fx));
    peakY = Math.max(peakY, Math.abs(fy));
    peakF = Math.max(peakF, ft);
    teeth = Math.max(teeth, cutting);
    if (fx < 0) pulls = true;
  }
  return {
    meanAlong: meanX * share,
    meanAcross: meanY * share,
    peakAlong: peakX,
    peakAcross: peakY,
    rmsAlong: Math.sqrt(squareX / STEPS),
    rmsAcross: Math.sqrt(squareY / STEPS),
    meanTorque: (meanT * share * diameter) / 2,
    peakTorque: (peakF * diameter) / 2,
    teeth,
    pulls,
  };
}
