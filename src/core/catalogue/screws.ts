import { ballScrewRows } from './tables/screws';

/** A screw size out of the catalogue; lengths in metres. */
export interface ScrewSize {
  readonly thread: 'ball' | 'acme' | 'trapezoidal' | 'vee';
  readonly nominal: number;
  readonly root: number;
  readonly leads: readonly number[];
  /** Where the figures come from. */
  readonly source: string;
}

const mm = (...values: number[]): number[] => values.map((v) => Math.round(v * 1e4) / 1e7);

/** Ball screws of one nominal and root diameter, with all leads that are rolled on it. */
const balls: readonly ScrewSize[] = [
  ...new Set(ballScrewRows.map(({ nominal, root }) => `${nominal} ${root}`)),
].map((size) => {
  const rows = ballScrewRows.filter(({ nominal, root }) => `${nominal} ${root}` === size);
  return {
    thread: 'ball',
    nominal: Number(rows[0]!.nominal) / 1000,
    root: Number(rows[0]!.root) / 1000,
    leads: mm(...rows.map((row) => Number(row.lead))),
    source: `root diameter ${rows[0]!.basis}; nominal diameters and leads as in ISO 3408-2`,
  };
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

// ISO 68-1 and ISO 261, coarse: minor diameter with the rounded root d3 = d - 17/12 H, H = 0.866 P.
const rod = (nominal: number, pitch: number): ScrewSize => ({
  thread: 'vee',
  nominal: nominal / 1000,
  root: (nominal - (17 / 12) * Math.cos(Math.PI / 6) * pitch) / 1000,
  leads: mm(pitch),
  source: 'ISO 68-1, ISO 261 coarse, d3 = d - 1.2269 P; rolled rod, not made for drives',
});

/** Screws that remedies choose from. */
export const screwSizes: readonly ScrewSize[] = [
  ...balls,
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
  rod(8, 1.25),
  rod(10, 1.5),
  rod(12, 1.75),
  rod(16, 2),
  rod(20, 2.5),
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
