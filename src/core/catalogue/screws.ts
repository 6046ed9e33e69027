/** A screw size out of the catalogue; lengths in metres. */
export interface ScrewSize {
  readonly thread: 'ball' | 'acme' | 'trapezoidal';
  readonly nominal: number;
  readonly root: number;
  readonly leads: readonly number[];
  /** Where the figures come from. */
  readonly source: string;
}

const mm = (...values: number[]): number[] => values.map((v) => Math.round(v * 1e4) / 1e7);
const ball = (nominal: number, root: number, ...leads: number[]): ScrewSize => ({
  thread: 'ball',
  nominal: nominal / 1000,
  root: root / 1000,
  leads: mm(...leads),
  source: 'root diameter typical of the size, from memory; nominal diameters and leads as in ISO 3408-2',
});
// ISO 2904: minor diameter of the screw d3 = d - P - 2 ac (ac 0.25 mm for pitches 2 to 5, 0.5 mm for 6 to
// 12).
const trapezoidal = (nominal: number, pitch: number, ...leads: number[]): ScrewSize => ({
  thread: 'trapezoidal',
  nominal: nominal / 1000,
  root: (nominal - pitch - 2 * (pitch < 6 ? 0.25 : 0.5)) / 1000,
  leads: mm(...leads),
  source: 'ISO 2904, d3 = d - P - 2 ac',
});
// ASME B1.5: minor diameter of the external thread = nominal - pitch - 0.02 in for 10 threads an inch and
// coarser, less 0.01 in for finer ones.
const acme = (nominal: number, threads: number, ...leads: number[]): ScrewSize => ({
  thread: 'acme',
  nominal: nominal * 0.0254,
  root: (nominal - 1 / threads - (threads <= 10 ? 0.02 : 0.01)) * 0.0254,
  leads: leads.map((l) => l * 0.0254),
  source: 'ASME B1.5, minor diameter = nominal - pitch - 0.02 in (0.01 in above 10 threads)',
});

/** Screws that remedies choose from. */
export const screwSizes: readonly ScrewSize[] = [
  ball(12, 9.9, 4, 5, 10),
  ball(16, 13.5, 4, 5, 10, 16, 20),
  ball(20, 17.1, 5, 10, 20),
  ball(25, 22.1, 5, 10, 20, 25),
  ball(32, 28.7, 5, 10, 20, 32),
  ball(40, 35.3, 5, 10, 20, 40),
  trapezoidal(8, 2, 2, 8),
  trapezoidal(10, 2, 2, 4),
  trapezoidal(12, 3, 3, 6),
  trapezoidal(14, 3, 3, 6),
  trapezoidal(16, 4, 4, 8),
  trapezoidal(20, 4, 4, 8),
  trapezoidal(24, 5, 5, 10),
  trapezoidal(28, 5, 5, 10),
  trapezoidal(32, 6, 6, 12),
  trapezoidal(40, 7, 7, 14),
  acme(0.5, 10, 0.1, 0.2, 0.5),
  acme(0.625, 8, 0.125, 0.25),
  acme(0.75, 6, 1 / 6, 1 / 3),
  acme(1, 5, 0.2, 0.4),
  acme(1.25, 5, 0.2, 0.4),
  acme(1.5, 4, 0.25, 0.5),
];

/** e300 in metres: allowed lead variation over any 300 mm (ISO 3408-3). */
export const leadVariation: Record<'T3' | 'T5' | 'T7' | 'T10', number> = {
  T3: 12e-6,
  T5: 23e-6,
  T7: 52e-6,
  T10: 210e-6,
};

/**
 * Lower end of the usual DN range in mm·rpm: rolled 50 000 to 70 000, ground 70 000 to 130 000 (memory; by
 * ball return).
 */
export const usualSpeedLimit: Record<'rolled' | 'ground', number> = { rolled: 50_000, ground: 70_000 };
