import type { Project } from '@/core/model';

/** One step that can be taken back. */
export interface Step {
  /** What was done, for the undo button: "Lead". */
  readonly label: string;
  /** The project before it. Unchanged parts are shared between steps, so hundreds of them weigh little. */
  readonly before: Project;
  /** Steps with the same key that follow each other are one (keystrokes in one visit to a field). */
  readonly mergeKey?: string;
}

export interface History {
  readonly past: readonly Step[];
  /** Projects to go forward to, the next one last, with the labels of their steps. */
  readonly future: readonly { readonly label: string; readonly after: Project }[];
}

export const emptyHistory: History = { past: [], future: [] };

/** Steps that are kept; the oldest go first. */
export const MAX_STEPS = 500;

/** Notes a step; what had been undone can no longer be redone. */
export function remember(history: History, before: Project, label: string, mergeKey?: string): History {
  const last = history.past[history.past.length - 1];
  if (mergeKey !== undefined && last?.mergeKey === mergeKey) return { past: history.past, future: [] };
  return {
    past: [
      ...history.past.slice(-(MAX_STEPS - 1)),
      { label, before, ...(mergeKey === undefined ? {} : { mergeKey }) },
    ],
    future: [],
  };
}

/** Takes the last step back. Undefined where there is none. */
export function stepBack(
  history: History,
  now: Project,
): { history: History; project: Project; label: string } | undefined {
  const step = history.past[history.past.length - 1];
  if (!step) return undefined;
  return {
    project: step.before,
    label: step.label,
    history: {
      past: history.past.slice(0, -1),
      future: [...history.future, { label: step.label, after: now }],
    },
  };
}

/** Does the last step that was taken back again. */
export function stepForward(
  history: History,
  now: Project,
): { history: History; project: Project; label: string } | undefined {
  const step = history.future[history.future.length - 1];
  if (!step) return undefined;
  return {
    project: step.after,
    label: step.label,
    history: {
      past: [...history.past, { label: step.label, before: now }],
      future: history.future.slice(0, -1),
    },
  };
}
