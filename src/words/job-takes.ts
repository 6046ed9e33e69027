import { type JobSaid, jobTakes } from '@/core/model';

type Key = keyof typeof jobTakes;

/** What a controller may read its own way. */
export const jobTakeNames: Readonly<Record<Key, string>> = {
  units: 'Units at the start',
  motion: 'Motion at the start',
  centres: 'I, J, K count from',
  dwell: 'P of a dwell',
  home: 'G28 sends home',
  feedOverUnits: 'G20, G21 keep of F',
  helix: 'F of a helix',
  pointless: 'X10 without a point',
  tool: 'The tool is changed by',
  deleted: 'Lines that begin with /',
  rapid: 'Rapids of several axes',
};

const values: Readonly<{ [K in Key]: Readonly<Record<Exclude<JobSaid['takes'][K], ''>, string>> }> = {
  units: { mm: 'millimetres', inch: 'inches' },
  motion: { none: 'none', rapid: 'G0', feed: 'G1' },
  centres: { start: 'where the arc begins', nought: 'nought' },
  dwell: { seconds: 'in seconds', milliseconds: 'in milliseconds' },
  home: { named: 'the axes that are named', all: 'all axes' },
  feedOverUnits: { number: 'its number', speed: 'its speed' },
  helix: { path: 'along its path', plane: 'in its plane' },
  pointless: { units: 'ten units', increments: 'ten increments' },
  tool: { M6: 'M6', T: 'T by itself' },
  deleted: { run: 'are run', skipped: 'are skipped' },
  rapid: { straight: 'go straight', bent: 'bend: each axis at its own speed' },
};

/** Every choice with its options; empty: as the class of the controller usually does. */
export const jobTakeOptions: readonly (readonly [Key, readonly (readonly [string, string])[]])[] = (
  Object.keys(jobTakes) as Key[]
).map((key) => [
  key,
  jobTakes[key].map((v) => [v, v === '' ? 'as usual' : (values[key] as Record<string, string>)[v]!] as const),
]);
