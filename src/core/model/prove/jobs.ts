import { z } from 'zod';
import { id, list, maybe, name } from '../input';

/** What may be said of how a controller reads a program; empty: as its class usually does. */
export const jobTakes = {
  units: ['', 'mm', 'inch'],
  motion: ['', 'none', 'rapid', 'feed'],
  centres: ['', 'start', 'nought'],
  dwell: ['', 'seconds', 'milliseconds'],
  home: ['', 'named', 'all'],
  feedOverUnits: ['', 'number', 'speed'],
  helix: ['', 'path', 'plane'],
  pointless: ['', 'units', 'increments'],
  tool: ['', 'M6', 'T'],
  deleted: ['', 'run', 'skipped'],
  rapid: ['', 'straight', 'bent'],
} as const;

/** How a controller takes corners; empty: nobody has said. */
export const jobCorners = ['', 'deviation', 'overlap', 'stop'] as const;

const place = () => maybe('length', { min: -30, max: 30 });

const job = z.strictObject({
  id,
  name,
  /** SHA-256 of its program, which stands among the files. */
  file: z.string().regex(/^[0-9a-f]{64}$/),
  /** Nought of the work on the machine, from the low soft limits. */
  nought: z.strictObject({ x: place(), y: place(), z: place() }),
  stock: z.strictObject({
    length: maybe('length', { above: 0, max: 100 }),
    width: maybe('length', { above: 0, max: 100 }),
    /** Its top above nought of the work. */
    top: maybe('length', { min: -5, max: 5 }),
  }),
  /** Id of the brief's cut that is made; empty: the first. */
  cut: z.union([id, z.literal('')]),
  /** What each tool makes, where that is another cut. */
  tools: list(
    z.strictObject({ id, number: z.number().int().min(0).max(99_999), cut: z.union([id, z.literal('')]) }),
    40,
  ),
  corner: z.strictObject({
    way: z.enum(jobCorners),
    by: maybe('length', { above: 0, max: 0.01 }),
    ahead: maybe('count', { min: 1, max: 100_000, whole: true }),
  }),
  takes: z.strictObject({
    units: z.enum(jobTakes.units),
    motion: z.enum(jobTakes.motion),
    centres: z.enum(jobTakes.centres),
    dwell: z.enum(jobTakes.dwell),
    home: z.enum(jobTakes.home),
    feedOverUnits: z.enum(jobTakes.feedOverUnits),
    helix: z.enum(jobTakes.helix),
    pointless: z.enum(jobTakes.pointless),
    tool: z.enum(jobTakes.tool),
    deleted: z.enum(jobTakes.deleted),
    rapid: z.enum(jobTakes.rapid),
  }),
});

/** Most jobs that a machine keeps. */
export const MOST_JOBS = 60;

/** What the document keeps of programs that are checked on the machine. */
export const jobsShape = { jobs: list(job, MOST_JOBS) };

export type JobSaid = z.infer<typeof job>;
