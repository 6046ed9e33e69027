/** Copper at 20 °C, Ω·m. */
const COPPER = 1.75e-8;

/**
 * Sections of wire, mm², and what they may carry bundled in a cabinet or a chain, A; from memory, as advice:
 * local code and the maker of the cable say it.
 */
export const WIRES: readonly (readonly [section: number, amperes: number])[] = [
  [0.5, 3],
  [0.75, 6],
  [1, 8],
  [1.5, 12],
  [2.5, 16],
  [4, 25],
  [6, 32],
];
/**
 * The same as they are sold in America, the next thicker (ASTM B258: 0.52, 0.82, 1.31, 2.08, 3.31, 5.26,
 * 8.37 mm²).
 */
export const AWG: Readonly<Record<number, number>> = {
  0.5: 20,
  0.75: 18,
  1: 16,
  1.5: 14,
  2.5: 12,
  4: 10,
  6: 8,
};

/** Fuses and breakers that are sold, A. */
const FUSES = [1, 2, 3.15, 4, 5, 6.3, 8, 10, 13, 16, 20, 25, 32] as const;

/** Voltage lost there and back, V. @param length one way, m. @param section mm². */
export const voltageDrop = (length: number, current: number, section: number): number =>
  (2 * length * current * COPPER) / (section * 1e-6);

/** A wire for a current, as advice. */
export interface WireAdvice {
  /** mm²; null: thicker than the table goes. */
  readonly section: number | null;
  /** V lost there and back; null: no length is known. */
  readonly drop: number | null;
  /** The fuse that protects it, A. */
  readonly fuse: number | null;
}

/** Loss that a motor's wires may have, as a share of the voltage; common practice, no source. */
const MOST_DROP = 0.03;

/**
 * The thinnest wire that carries a current behind a fuse and loses no more than three hundredths of the
 * voltage.
 * @param length one way, m; null: not known, by the current alone.
 */
export function wireFor(current: number, voltage: number, length: number | null): WireAdvice {
  // A quarter above what it carries all the time, and no more than the wire bears.
  const fuseOf = (most: number) => FUSES.find((f) => f >= 1.25 * current && f <= most);
  const found = WIRES.find(([section, most]) => {
    const drop = length === null ? 0 : voltageDrop(length, current, section);
    return fuseOf(most) !== undefined && drop <= MOST_DROP * voltage;
  });
  if (!found) return { section: null, drop: null, fuse: null };
  const [section, most] = found;
  const drop = length === null ? null : voltageDrop(length, current, section);
  return { section, drop, fuse: fuseOf(most) ?? null };
}
