import { plainTaking, type Place, type ProgramBox, type Taking } from '@/core/gcode';
import { type ControllerClass, estimate, type JobSaid, type Project } from '@/core/model';
import type { JobDrives } from './drives';
import type { Planning } from './machine';
import type { JobSetup, JobStock } from './setup';

/** How each class reads what programs leave open; memory. The builder's own manual decides. */
const takings: Readonly<Record<ControllerClass, Partial<Taking>>> = {
  parallel: { motion: 0 },
  'board-8': { motion: 0 },
  'board-32': { motion: 0 },
  'motion-card': { motion: 0 },
  closed: { motion: 0, dwell: 'milliseconds', tool: 'T' },
};

/** How far each class sees ahead, in moves; memory. */
const windows: Readonly<Record<ControllerClass, number>> = {
  parallel: 2000,
  'board-8': 16,
  'board-32': 32,
  'motion-card': 500,
  closed: 64,
};

/** Moves a second that each class takes in, from its host or its own store; memory. */
const paces: Readonly<Record<ControllerClass, number>> = {
  parallel: 1000,
  'board-8': 200,
  'board-32': 1000,
  'motion-card': 1000,
  closed: 250,
};

/** Nobody has said which class. */
const [PLAIN_WINDOW, PLAIN_PACE] = [32, 200];
/** How far the chords of a small board leave their arc, m; what they come with, memory. */
const CHORD = 2e-6;
/** How far corners are cut unless somebody says more, m; what controllers come with, memory. */
const DEVIATION = 20e-6;

/** How a program is read: as the class of the controller usually does, and what is said over it. */
export function takingOf(of: ControllerClass | '', { motion, rapid: _, ...said }: JobSaid['takes']): Taking {
  const usual: Taking = { ...plainTaking, ...(of === '' ? { motion: 0 } : takings[of]) };
  const typed = Object.fromEntries(Object.entries(said).filter(([, v]) => v !== '')) as Partial<Taking>;
  const begins = { none: null, rapid: 0, feed: 1 } as const;
  return { ...usual, ...typed, ...(motion === '' ? {} : { motion: begins[motion] }) };
}

/** How moves are planned: as the class of the controller usually does, and what is said over it. */
export function planningOf(
  of: ControllerClass | '',
  { way, by, ahead }: JobSaid['corner'],
  { rapid }: Pick<JobSaid['takes'], 'rapid'>,
): Planning {
  const within = by?.si ?? DEVIATION;
  return {
    cornering: way === 'stop' ? { kind: 'stop' } : { kind: way === '' ? 'deviation' : way, by: within },
    window: ahead?.si ?? (of === '' ? PLAIN_WINDOW : windows[of]),
    pace: of === '' ? PLAIN_PACE : paces[of],
    chord: of === '' || of.startsWith('board') ? CHORD : 0,
    bent: rapid === '' ? of === 'closed' : rapid === 'bent',
    shared: false,
  };
}

/** How far a tool goes beside its stock, m; common practice, no source. */
const BESIDE = 0.03;

/** Stock along X and Y, m, as it is said or as the brief has it; null: it has no sizes. */
function stockSize({ brief, axes }: Project, said: JobSaid['stock']): readonly [number, number] | null {
  const length = said.length ?? brief.stock.length;
  const width = said.width ?? brief.stock.width;
  if (!length || !width) return null;
  const bed = axes.find((a) => a.role === 'bed' || a.role === 'table');
  return bed?.letter.toUpperCase() === 'X' ? [length.si, width.si] : [width.si, length.si];
}

/**
 * Where a job is put as long as nobody says so: in the middle of the travel, and its highest move at the
 * upper end of the plunge. What is longer than the travel begins at the low soft limit, so that it is
 * beyond at one end only.
 */
function proposedNought(
  drives: JobDrives,
  box: ProgramBox | null,
  size: readonly [number, number] | null,
): Place {
  if (!box) return [0, 0, 0];
  const level = (i: 0 | 1) => {
    const travel = drives[i]?.travel ?? 0;
    // A program that stays on the stock counts from its corner: the stock is what lies in the middle.
    const within =
      size && box.feedLow[i] > -BESIDE && box.feedHigh[i] < size[i] + BESIDE && size[i] <= travel;
    const [low, high] = within ? [0, size[i]] : [box.low[i], box.high[i]];
    return Math.max(0, (travel - (high - low)) / 2) - low;
  };
  return [level(0), level(1), (drives[2]?.travel ?? 0) - box.high[2]];
}

/** Programs that stay above nought by all but so much count from the bed, m. */
const ABOVE = 1e-4;

/**
 * Stock with its corner at nought of the work, and its top there too unless it is said; where the program
 * stays above nought, nought is the bed and the top is as high as the stock is thick.
 */
function stockAt(
  { brief }: Project,
  [x, y]: readonly [number, number],
  top: JobSaid['stock']['top'],
  nought: Place,
  box: ProgramBox | null,
): JobStock {
  const onBed = box !== null && box.feedLow[2] >= -ABOVE && Number.isFinite(box.feedLow[2]);
  return {
    low: [nought[0], nought[1]],
    high: [nought[0] + x, nought[1] + y],
    thickness: brief.stock.thickness?.si ?? Infinity,
    top: nought[2] + (top?.si ?? (onBed ? (brief.stock.thickness?.si ?? 0) : 0)),
  };
}

/** A job with its work where it was run: another machine is held against it on the same place. */
export function jobAt(job: JobSaid, [x, y, z]: Place): JobSaid {
  const at = (si: number) => estimate('length', `${Number((si * 1e3).toFixed(4))} mm`);
  return { ...job, nought: { x: at(x), y: at(y), z: at(z) } };
}

/**
 * How a job is run: what is said of it, and of all else what is usual or follows from what the program
 * reaches.
 */
export function setupOf(project: Project, drives: JobDrives, job: JobSaid, box: ProgramBox | null): JobSetup {
  const { brief, wiring } = project;
  const size = stockSize(project, job.stock);
  const proposed = proposedNought(drives, box, size);
  const { x, y, z } = job.nought;
  const nought: Place = [x?.si ?? proposed[0], y?.si ?? proposed[1], z?.si ?? proposed[2]];
  const cuts = new Set(brief.cuts.map((c) => c.id));
  return {
    taking: takingOf(wiring.controller, job.takes),
    planning: planningOf(wiring.controller, job.corner, job.takes),
    place: [0, 0, drives[2]?.travel ?? 0],
    nought,
    zero: [0, 0, 0],
    stock: size && stockAt(project, size, job.stock.top, nought, box),
    tools: new Map(job.tools.flatMap((t) => (cuts.has(t.cut) ? [[t.number, t.cut]] : []))),
    cutId: cuts.has(job.cut) ? job.cut : (brief.cuts[0]?.id ?? null),
  };
}
