/** How the readings of a dimension scatter about its middle. */
export const spreadShapes = ['read', 'two-sigma', 'three-sigma', 'unknown'] as const;
export type SpreadShape = (typeof spreadShapes)[number];

/** One link of a stack-up: how far one plane stands from another. Lengths in m, `from` towards `to`. */
export interface StackLink {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  /** Middle of what it may be; null: nobody has said. */
  readonly value: number | null;
  /** Half of the tolerance, or the doubt of a reading, 0 or more; null: not said. */
  readonly tolerance: number | null;
  readonly shape: SpreadShape;
  /** Things it stands for: a thing that two links of one chain stand for is counted twice. */
  readonly covers: readonly string[];
  /** Links of one lot err together; empty: by itself. */
  readonly lot: string;
}

/** A free space that others leave: between the planes that should meet. */
export interface StackGap {
  readonly id: string;
  readonly from: string;
  readonly to: string;
}

/** A reading is given with the half width of its 95 % interval: 1.96 standard deviations. */
export const IN_95 = 1.96;

const perSigma: Record<SpreadShape, number> = {
  read: IN_95,
  'two-sigma': 2,
  'three-sigma': 3,
  // The widest of all shapes with one hump: an even spread.
  unknown: Math.sqrt(3),
};

/** Standard deviation of a link, m. */
export const sigmaOf = ({ tolerance, shape }: StackLink): number => (tolerance ?? 0) / perSigma[shape];

/** A tolerance that is not even about its figure, as an even one: +a/-b stands about (a - b) / 2. */
export const evened = (value: number, plus: number, minus: number) => ({
  value: value + (plus - minus) / 2,
  tolerance: (plus + minus) / 2,
});
