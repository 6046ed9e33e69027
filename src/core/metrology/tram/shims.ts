/**
 * A bolt of the spindle's mount, from the spindle's middle: to the right and back (flange), or up (plate).
 */
export interface MountBolt {
  readonly right: number;
  readonly other: number;
}

/**
 * How the spindle is held: on a flange that stands on its shims, that hangs from them, or on a plate behind
 * it.
 */
export type Mount = 'standing' | 'hung' | 'back-plate';

export interface Lean {
  /** Where the spindle's top goes, rad. */
  readonly right: number;
  readonly back: number;
}

/**
 * Shims at the bolts of a flange that take the lean away, least 0.
 * Standing on shims a bolt in the direction of the lean goes up; hung it is the other way round.
 */
export function flangeShims(lean: Lean, bolts: readonly MountBolt[], mount: 'standing' | 'hung'): number[] {
  const sign = mount === 'standing' ? 1 : -1;
  const raw = bolts.map((b) => sign * (lean.right * b.right + lean.back * b.other));
  const least = Math.min(...raw);
  return raw.map((v) => v - least);
}

/** What a back plate wants: a shim at its top or bottom, and how far its top is turned to the left. */
export interface PlateMoves {
  readonly shim: number;
  readonly at: 'top' | 'bottom';
  /** Negative: to the right. */
  readonly topLeft: number;
}

/** @param height between the upper and the lower bolts, m. */
export function plateMoves(lean: Lean, height: number): PlateMoves {
  return {
    shim: Math.abs(lean.back) * height,
    at: lean.back >= 0 ? 'top' : 'bottom',
    topLeft: lean.right * height,
  };
}

/**
 * What four readings of a swing leave when both leans are taken out: the table is not flat, or the indicator
 * slack.
 */
export const swingLeft = (right: number, left: number, front: number, back: number): number =>
  (right + left - front - back) / 4;
