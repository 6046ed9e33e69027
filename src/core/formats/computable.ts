import type { Issue, Opened, Project } from '@/core/model';
import type { Contents } from './contents';

/**
 * A machine of which a report can be made, or why none can: what is wrong with the file, or a rule that it
 * breaks.
 */
export type Computable =
  | { readonly ok: true; readonly project: Project; readonly contents: Contents }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** A machine that breaks a rule between its inputs opens, but nothing is computed of it. */
export function computable(opened: Opened & { readonly contents?: Contents }): Computable {
  if (!opened.ok || opened.issues.length) return { ok: false, issues: opened.issues };
  return { ok: true, project: opened.project, contents: opened.contents ?? new Map() };
}
