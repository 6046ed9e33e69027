/** Lengths in which screws are sold, mm (ISO 888). */
const STANDARD = [6, 8, 10, 12, 16, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 80, 90, 100] as const;
/** And inch screws, in. Common practice, no source. */
const INCHES = [0.25, 0.375, 0.5, 0.625, 0.75, 0.875, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4] as const;

const metricLengths = STANDARD.map((mm) => mm / 1000);
const inchLengths = INCHES.map((inch) => inch * 0.0254);

/** Lengths that a screw is sold in, m. */
export const standardLengths = (system: 'metric' | 'inch'): readonly number[] =>
  system === 'metric' ? metricLengths : inchLengths;

/** What a screw goes through and into; m. */
export interface ScrewPlace {
  /** What it clamps: plate, washer and shim, less what the head sinks in. */
  readonly grip: number;
  /** Thread that it wants in engagement at least. */
  readonly wanted: number;
  /** How deep it may go: the usable thread of a blind hole; null where it may stand out. */
  readonly most: number | null;
}

/** A screw that was found, or why there is none. */
export type ScrewLength =
  | { readonly fits: true; readonly length: number; readonly engaged: number }
  /** The next one is too long by `over`: it would touch the bottom. */
  | { readonly fits: false; readonly length: number; readonly over: number };

const GUARD = 1e-9;

/** The shortest screw that engages enough and does not touch the bottom; null where none is long enough. */
export function screwFor({ grip, wanted, most }: ScrewPlace, lengths: readonly number[]): ScrewLength | null {
  const length = lengths.find((l) => l - grip >= wanted - GUARD);
  if (length === undefined) return null;
  const engaged = length - grip;
  return most === null || engaged <= most + GUARD
    ? { fits: true, length, engaged }
    : { fits: false, length, over: engaged - most };
}
