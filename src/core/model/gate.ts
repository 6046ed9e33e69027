import { z } from 'zod';
import { type Project, projectSchema } from './document';
import { projectIssues } from './document-rules';
import type { Edit } from './edit';
import { type Issue, keysOf } from './issue';
import { issueOfZod } from './open';
import { applyEdits } from './path';

/**
 * Bytes that a field of the document may take as JSON.
 */
const MOST_PART_BYTES = 800_000;
/** What one letter takes at most. */
const LETTER_BYTES = 3;

/*
 * The gate through which every new change of a machine goes, wherever it comes from: typed, a remedy, a pin.
 * What passes is what an import would open, so nothing is ever written that cannot be read again. Undo leads
 * only to states that were open before, and another tab's state comes through the same door as a file.
 */

type Path = readonly (string | number)[];

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Parses what is not the same object as before; the rest was parsed when it came in. */
function parseChanged(schema: unknown, after: unknown, before: unknown, path: Path, found: Issue[]): void {
  if (after === before) return;
  if (!(schema instanceof z.ZodType)) return;
  if (schema instanceof z.ZodNullable && after !== null)
    return parseChanged(schema.unwrap(), after, before, path, found);
  if (schema instanceof z.ZodObject && isRecord(after) && isRecord(before)) {
    const shape: Record<string, unknown> = schema.shape;
    // A field too many or too few is found by the whole object; what is in it, field by field.
    const known = Object.keys(shape);
    if (Object.keys(after).length === known.length && known.every((key) => Object.hasOwn(after, key))) {
      for (const key of known) parseChanged(shape[key], after[key], before[key], [...path, key], found);
      return;
    }
  }
  // Longer lists may be too long and their rows have moved: they are parsed whole.
  if (schema instanceof z.ZodArray && Array.isArray(after) && Array.isArray(before))
    if (after.length === before.length) {
      after.forEach((row, i) => parseChanged(schema.element, row, before[i], [...path, i], found));
      return;
    }
  const parsed = schema.safeParse(after, { reportInput: true });
  if (!parsed.success) for (const issue of parsed.error.issues) found.push(issueOfZod(issue, path));
}

const keyOf = ({ code, path }: Issue) => `${code} ${path.join('.')}`;

/** Bytes that a whole document may take as JSON, a little below what an import reads. */
const MOST_BYTES = 5_000_000;
/** Rows up to which a machine is so far from that that it need not be measured. */
const FEW_ROWS = 300;
/** Lists that may grow long. */
const LONG_LISTS = [
  'ownParts',
  'files',
  'pins',
  'partLines',
  'quotes',
  'begunBars',
] as const satisfies readonly (keyof Project)[];

const bytesOf = (text: string) => new TextEncoder().encode(text).length;

/**
 * The whole, where it grew beyond what an import reads: one that came in large by a file may have fields that
 * are larger than any edit could make them.
 */
function wholeTooLarge(after: Project, before: Project): Issue[] {
  const rows = (list: keyof Project) => (after[list] as readonly unknown[]).length;
  if (LONG_LISTS.reduce((sum, list) => sum + rows(list), 0) <= FEW_ROWS) return [];
  const text = JSON.stringify(after);
  if (text.length * LETTER_BYTES <= MOST_BYTES) return [];
  const bytes = bytesOf(text);
  if (bytes <= MOST_BYTES || bytes <= bytesOf(JSON.stringify(before))) return [];
  return [{ code: 'part-too-large', path: [], read: `${bytes} bytes`, params: { most: MOST_BYTES } }];
}

/** Fields that grew beyond what the exported file may hold. Only what changed is measured. */
function tooLarge(after: Project, before: Project): Issue[] {
  const fields = Object.keys(after) as (keyof Project)[];
  return fields.flatMap((field): Issue[] => {
    if (after[field] === before[field]) return [];
    const text = JSON.stringify(after[field]);
    // Only a text that may be too long is measured in bytes.
    if (text.length * LETTER_BYTES <= MOST_PART_BYTES) return [];
    const bytes = bytesOf(text);
    if (bytes <= MOST_PART_BYTES || bytes <= bytesOf(JSON.stringify(before[field]))) return [];
    return [
      { code: 'part-too-large', path: [field], read: `${bytes} bytes`, params: { most: MOST_PART_BYTES } },
    ];
  });
}

/**
 * What is wrong with a state of a machine that was not wrong before. Of rules between fields only what the
 * change brings in counts, so that a machine that breaks one can be mended step by step.
 * @param touched the path that was typed into; an issue names it where it takes part.
 */
export function issuesBroughtIn(before: Project, after: Project, touched?: string): Issue[] {
  const found: Issue[] = [];
  parseChanged(projectSchema, after, before, [], found);
  if (found.length) return found;
  const large = [...tooLarge(after, before), ...wholeTooLarge(after, before)];
  if (large.length) return large;
  const issues = projectIssues(after, touched, before);
  if (!issues.length) return issues;
  const had = new Set(projectIssues(before, touched).map(keyOf));
  return issues.filter((issue) => !had.has(keyOf(issue)));
}

export type Changed =
  | { readonly ok: true; readonly project: Project }
  | { readonly ok: false; readonly issues: readonly Issue[] };

/** A machine with edits made, or why they cannot be made. Paths lead from its root. Never throws. */
export function change(before: Project, edits: readonly Edit[], touched?: string): Changed {
  let after: Project;
  try {
    after = applyEdits(before, edits);
  } catch (cause) {
    if (!(cause instanceof RangeError)) throw cause;
    const path = keysOf(touched ?? edits[0]?.path ?? '');
    return { ok: false, issues: [{ code: 'no-such-place', path, params: {} }] };
  }
  const issues = issuesBroughtIn(before, after, touched);
  return issues.length ? { ok: false, issues } : { ok: true, project: after };
}
