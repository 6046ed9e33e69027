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
const STEPS = 360;
/** Panels of Simpson's rule over the engagement of one tooth; even. */
const PANELS = 96;
/** The specific force grows as the chip thins, down to here; thinner chips are pressed, not cut. */
export const THINNEST = 1e-6;

/** Angle over which a tooth is in the cut, rad. @param width radial width over the diameter, 0 to 1. */
export const engagement = (width: number): number => Math.acos(1 - 2 * Math.min(1, Math.max(0, width)));

/** Places of the teeth in the cut, and the chips that they take: what material and edge do not change. */
interface Turn {
  readonly arc: number;
  /** Panels of one tooth's engagement, then teeth step by step; sine and cosine of where each stands. */
  readonly sine: Float64Array;
  readonly cosine: Float64Array;
  /** Chip, m, and the logarithm of the chip that counts for the specific force. */
  readonly chip: Float64Array;
  readonly log: Float64Array;
  /** Teeth before each step of the turn, the panels counted in. */
  readonly upTo: Uint32Array;
}

/** Sines and chips of a turn. @param arc of one tooth, from where on. */
function turnOf(arc: number, from: number, flutes: number, fz: number): Turn {
  const places: number[] = [];
  for (let i = 0; i <= PANELS; i++) places.push(from + (arc * i) / PANELS);
  const upTo = new Uint32Array(STEPS + 1);
  const pitch = (2 * Math.PI) / flutes;
  for (let step = 0; step < STEPS; step++) {
    upTo[step] = places.length;
    for (let tooth = 0; tooth < flutes; tooth++) {
      const phi = pitch * ((step + 0.5) / STEPS + tooth);
      if (phi >= from && phi <= from + arc) places.push(phi);
    }
  }
  upTo[STEPS] = places.length;
  const sine = Float64Array.from(places, Math.sin);
  const chip = sine.map((s) => Math.max(0, fz * s));
  return {
    arc,
    sine,
    cosine: Float64Array.from(places, Math.cos),
    chip,
    log: chip.map((h) => Math.log(Math.max(THINNEST, h))),
    upTo,
  };
}

/** A turn, and what it was laid out for. */
interface LaidOut {
  readonly arc: number;
  readonly from: number;
  readonly flutes: number;
  readonly fz: number;
  readonly turn: Turn;
}

/** Turns that were laid out; draws and searches ask for the same ones thousands of times. */
let laidOut: LaidOut[] = [];
const MOST_LAID_OUT = 64;

function turnFor(arc: number, from: number, flutes: number, fz: number): Turn {
  for (const kept of laidOut)
    if (kept.fz === fz && kept.arc === arc && kept.from === from && kept.flutes === flutes) return kept.turn;
  if (laidOut.length >= MOST_LAID_OUT) laidOut = [];
  const turn = turnOf(arc, from, flutes, fz);
  laidOut.push({ arc, from, flutes, fz, turn });
  return turn;
}

/** Means over the turn, by Simpson's rule over the engagement of one tooth. */
function meansOf({ arc, sine, cosine, chip, log }: Turn, edge: number, exponent: number, radial: number) {
  let [torque, along, across] = [0, 0, 0];
  for (let i = 0; i <= PANELS; i++) {
    const s = sine[i]!;
    const c = cosine[i]!;
    const force = edge * Math.exp(-exponent * log[i]!) * chip[i]!;
    const weight = (i === 0 || i === PANELS ? 1 : i % 2 ? 4 : 2) * force;
    // Tangential against the turning, radial towards the middle.
    torque += weight;
    along += weight * (c + radial * s);
    across += weight * (s - radial * c);
  }
  const share = arc / (3 * PANELS * 2 * Math.PI);
  return { torque: torque * share, along: along * share, across: across * share };
}

/**
 * Kienzle's force on each tooth, summed over the teeth and over one turn (Kienzle 1952; Altintas,
 * Manufacturing Automation): means by Simpson's rule over the engagement, peaks and RMS by 360 steps between
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
  const turn = turnFor(arc, climb ? Math.PI - arc : 0, flutes, fz);
  const { sine, cosine, chip, log, upTo } = turn;
  // The specific force is given at a chip of 1 mm.
  const edge = kc11 * depth * 1e-3 ** exponent;
  const mean = meansOf(turn, edge, exponent, radial);
  let squareX = 0;
  let squareY = 0;
  let peakX = 0;
  let peakY = 0;
  let peakF = 0;
  let teeth = 0;
  let pulls = false;
  for (let step = 0; step < STEPS; step++) {
    const first = upTo[step]!;
    const last = upTo[step + 1]!;
    // Written out: thousands of machines are drawn, and lists cost more than the sums.
    let fx = 0;
    let fy = 0;
    let ft = 0;
    for (let i = first; i < last; i++) {
      const f = edge * Math.exp(-exponent * log[i]!) * chip[i]!;
      fx += f * (cosine[i]! + radial * sine[i]!);
      fy += f * (sine[i]! - radial * cosine[i]!);
      ft += f;
    }
    onStep?.((step + 0.5) / STEPS / flutes, fx, fy);
    squareX += fx * fx;
    squareY += fy * fy;
    peakX = Math.max(peakX, Math.abs(fx));
    peakY = Math.max(peakY, Math.abs(fy));
    peakF = Math.max(peakF, ft);
    teeth = Math.max(teeth, last - first);
    if (fx < 0) pulls = true;
  }
  return {
    meanAlong: mean.along * flutes,
    meanAcross: mean.across * flutes,
    peakAlong: peakX,
    peakAcross: peakY,
    rmsAlong: Math.sqrt(squareX / STEPS),
    rmsAcross: Math.sqrt(squareY / STEPS),
    meanTorque: (mean.torque * flutes * diameter) / 2,
    peakTorque: (peakF * diameter) / 2,
    teeth,
    pulls,
  };
}
