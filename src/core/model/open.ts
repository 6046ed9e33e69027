import type { z } from 'zod';
import { projectIssues } from './document-rules';
import { type Project, projectSchema } from './document';
import { type FormatCode, type Issue, shorten } from './issue';
import type { FieldRule } from './measure';
import { migrate } from './migrate';
import type { ParseError } from '@/core/units';

/**
 * A machine that was read. It may break rules between its fields (`issues`): it then still opens, is shown,
 * mended and exported, but nothing is computed of it.
 */
export type Opened =
  | { readonly ok: true; readonly project: Project; readonly from: number; readonly issues: Issue[] }
  | { readonly ok: false; readonly issues: Issue[] };

/** What the check of a measured input says of itself (`measure.ts`). */
interface MeasureParams {
  readonly rule: FormatCode;
  readonly field: FieldRule;
  readonly parse?: ParseError;
  readonly si?: number;
}

const isMeasureParams = (params: unknown): params is MeasureParams =>
  typeof params === 'object' && params !== null && 'rule' in params && 'field' in params;

/** Most issues of one file that are reported. */
const MOST_ISSUES = 50;

/**
 * What the schema found, as an issue. @param root of what was parsed, where that was a part of a document.
 */
export function issueOfZod(issue: z.core.$ZodIssue, root: readonly (string | number)[] = []): Issue {
  const path = [...root, ...issue.path.map((key) => (typeof key === 'symbol' ? String(key) : key))];
  const read = 'input' in issue && issue.input !== undefined ? { read: shorten(issue.input) } : {};
  const made = (code: FormatCode, params: Issue['params'] = {}): Issue => ({ code, path, ...read, params });
  switch (issue.code) {
    case 'custom': {
      const { params } = issue;
      if (!isMeasureParams(params)) return made('wrong-form', { message: issue.message });
      const { rule, field, parse, si } = params;
      return { ...made(rule, si === undefined ? {} : { si }), field, ...(parse ? { parse } : {}) };
    }
    case 'invalid_type':
      return made('wrong-type', { expected: issue.expected });
    case 'invalid_value':
      return made('wrong-value', { words: issue.values.map((v) => `“${String(v)}”`).join(', ') });
    case 'unrecognized_keys':
      return { ...made('unknown-field'), read: shorten(issue.keys.join(', ')) };
    case 'invalid_union':
      return made('wrong-variant');
    case 'too_big':
      return made('wrong-length', { most: Number(issue.maximum) });
    case 'too_small':
      return made('wrong-length', { least: Number(issue.minimum) });
    default:
      return made('wrong-form', { message: issue.message });
  }
}

/**
 * Reads a machine out of any JSON value. Never throws; whatever is wrong comes back as issues, at most 50.
 */
export function openProject(value: unknown): Opened {
  const migrated = migrate(value);
  if (!migrated.ok) return { ok: false, issues: [migrated.issue] };
  const parsed = projectSchema.safeParse(migrated.document, { reportInput: true });
  if (!parsed.success)
    return { ok: false, issues: parsed.error.issues.slice(0, MOST_ISSUES).map((issue) => issueOfZod(issue)) };
  const issues = projectIssues(parsed.data).slice(0, MOST_ISSUES);
  return { ok: true, project: parsed.data, from: migrated.from, issues };
}
