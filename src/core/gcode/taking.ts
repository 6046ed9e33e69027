/** What classes of controllers take differently, as a builder chooses it. */
export interface Taking {
  /** Units before any G20 or G21. */
  readonly units: 'mm' | 'inch';
  /** Motion before any G0 to G3; null: an axis word without one is a fault (RS274/NGC). */
  readonly motion: 0 | 1 | null;
  readonly distance: 'absolute' | 'incremental';
  /** What I, J and K count from before any G90.1 or G91.1. */
  readonly centres: 'start' | 'nought';
  /** What P of a dwell means. */
  readonly dwell: 'seconds' | 'milliseconds';
  /** Which axes G28 and G30 send home: those that are named, or all (RS274/NGC). */
  readonly home: 'named' | 'all';
  /** Whether G20 and G21 keep the number behind F, or the speed that it stood for. */
  readonly feedOverUnits: 'number' | 'speed';
  /** Whether F of a helix is along its path or in its plane. */
  readonly helix: 'path' | 'plane';
  /** What X10 without a point means: units, or the smallest increments. */
  readonly pointless: 'units' | 'increments';
  /** What changes a tool. */
  readonly tool: 'M6' | 'T';
  /** How far a chip-breaking peck (G73) lifts, m; RS274 has 0.010 inches. */
  readonly peckLift: number;
  /** Whether lines that begin with `/` are run. */
  readonly deleted: 'run' | 'skipped';
  /** How long a change of the tool takes, s. */
  readonly change: number;
}

/** As RS274/NGC has it, but for what newer readers do alike: home only what is named, metric. */
export const plainTaking: Taking = {
  units: 'mm',
  motion: null,
  distance: 'absolute',
  centres: 'start',
  dwell: 'seconds',
  home: 'named',
  feedOverUnits: 'number',
  helix: 'path',
  pointless: 'units',
  tool: 'M6',
  peckLift: 0.254e-3,
  deleted: 'run',
  change: 60,
};
