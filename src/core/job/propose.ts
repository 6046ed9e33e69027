import { plainTaking, type Place, type ProgramBox, type Taking } from '@/core/gcode';
import type { ControllerClass, Project } from '@/core/model';
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

/** Nobody has said which class. */
const PLAIN_WINDOW = 32;
/** How far corners are cut unless somebody says more, m; what controllers come with, memory. */
const DEVIATION = 20e-6;

export const takingOf = (of: ControllerClass | ''): Taking => ({
  ...plainTaking,
  ...(of === '' ? { motion: 0 } : takings[of]),
});

export const planningOf = (of: ControllerClass | ''): Planning => ({
  cornering: { kind: 'deviation', by: DEVIATION },
  window: of === '' ? PLAIN_WINDOW : windows[of],
  shared: false,
});

/**
 * Where a job is put as long as nobody says so: in the middle of the travel, and its highest move at the
 * upper end of the plunge. What is longer than the travel begins at the low soft limit, so that it is
 * beyond at one end only.
 */
export function proposedNought(drives: JobDrives, box: ProgramBox | null): Place {
  if (!box) return [0, 0, 0];
  const level = (i: 0 | 1) => {
    const travel = drives[i]?.travel ?? 0;
    return Math.max(0, (travel - (box.high[i] - box.low[i])) / 2) - box.low[i];
  };
  return [level(0), level(1), (drives[2]?.travel ?? 0) - box.high[2]];
}

/** Programs that stay above nought by all but so much count from the bed, m. */
const ABOVE = 1e-4;

/**
 * Stock as the brief has it, its corner at nought of the work. Its top is there too; where the program stays
 * above nought, nought is the bed and the top is as high as the stock. Null: the brief has no sizes.
 */
export function proposedStock(
  { brief, axes }: Project,
  nought: Place,
  box: ProgramBox | null,
): JobStock | null {
  const { length, width, thickness } = brief.stock;
  if (!length || !width) return null;
  const bed = axes.find((a) => a.role === 'bed' || a.role === 'table');
  const along = bed?.letter.toUpperCase() === 'X';
  const [x, y] = along ? [length.si, width.si] : [width.si, length.si];
  const onBed = box !== null && box.feedLow[2] >= -ABOVE && Number.isFinite(box.feedLow[2]);
  return {
    low: [nought[0], nought[1]],
    high: [nought[0] + x, nought[1] + y],
    top: nought[2] + (onBed ? (thickness?.si ?? 0) : 0),
  };
}

/** What can be said of a job before the builder has said anything; all of it is ours. */
export function proposedSetup(project: Project, drives: JobDrives, box: ProgramBox | null): JobSetup {
  const { controller } = project.wiring;
  const nought = proposedNought(drives, box);
  return {
    taking: takingOf(controller),
    planning: planningOf(controller),
    place: [0, 0, drives[2]?.travel ?? 0],
    nought,
    zero: [0, 0, 0],
    stock: proposedStock(project, nought, box),
    tools: new Map(),
    cutId: project.brief.cuts[0]?.id ?? null,
  };
}
