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

/** How far a tool goes beside its stock, m; common practice, no source. */
const BESIDE = 0.03;

/** Stock of the brief along X and Y, m; null: it has no sizes. */
function stockSize({ brief, axes }: Project): readonly [number, number] | null {
  const { length, width } = brief.stock;
  if (!length || !width) return null;
  const bed = axes.find((a) => a.role === 'bed' || a.role === 'table');
  return bed?.letter.toUpperCase() === 'X' ? [length.si, width.si] : [width.si, length.si];
}

/**
 * Where a job is put as long as nobody says so: in the middle of the travel, and its highest move at the
 * upper end of the plunge. What is longer than the travel begins at the low soft limit, so that it is
 * beyond at one end only.
 */
export function proposedNought(project: Project, drives: JobDrives, box: ProgramBox | null): Place {
  if (!box) return [0, 0, 0];
  const size = stockSize(project);
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
 * Stock as the brief has it, its corner at nought of the work. Its top is there too; where the program stays
 * above nought, nought is the bed and the top is as high as the stock. Null: the brief has no sizes.
 */
export function proposedStock(project: Project, nought: Place, box: ProgramBox | null): JobStock | null {
  const size = stockSize(project);
  if (!size) return null;
  const [x, y] = size;
  const { thickness } = project.brief.stock;
  const onBed = box !== null && box.feedLow[2] >= -ABOVE && Number.isFinite(box.feedLow[2]);
  return {
    low: [nought[0], nought[1]],
    high: [nought[0] + x, nought[1] + y],
    top: nought[2] + (onBed ? (thickness?.si ?? 0) : 0),
  };
}

/**
 * What can be said of a job before the builder has said anything; all of it is ours.
 * @param said nought of the work, where somebody has said it.
 */
export function proposedSetup(
  project: Project,
  drives: JobDrives,
  box: ProgramBox | null,
  said?: Place,
): JobSetup {
  const { controller } = project.wiring;
  const nought = said ?? proposedNought(project, drives, box);
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
