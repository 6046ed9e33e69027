import type { z } from 'zod';
import type { Issue } from '@/core/findings';
import { explainParseError, formatIn, type ParseError, units } from '@/core/units';
import type { FieldRule } from './measure';
import { migrate, shorten } from './migrate';
import { projectIssues } from './rules';
import { type Project, projectSchema } from './schema';

export type Opened =
  | { readonly ok: true; readonly project: Project; readonly from: number }
  | { readonly ok: false; readonly issues: Issue[] };

/** The range of a field in words: "above 0 mm, at most 30000 mm". */
export function rangeInWords(rule: FieldRule): string {
  const show = (si: number) => formatIn(units[rule.kind][0]!, si, 6).text;
  const low =
    rule.above !== undefined
      ? `above ${show(rule.above)}`
      : rule.min !== undefined
        ? `at least ${show(rule.min)}`
        : '';
  const range = [low, `at most ${show(rule.max)}`].filter(Boolean).join(', ');
  return rule.whole ? `a whole number, ${range}` : range;
}

interface MeasureParams {
  rule: string;
  field: FieldRule;
  parse?: ParseError;
  si?: number;
}

function fromZod(issue: z.core.$ZodIssue): Issue {
  const path = issue.path.map((key) => (typeof key === 'symbol' ? String(key) : key));
  const read = 'input' in issue && issue.input !== undefined ? { read: shorten(issue.input) } : {};
  switch (issue.code) {
    case 'custom': {
      const params = issue.params as unknown as MeasureParams;
      if (params.rule === 'disagrees')
        return {
          code: 'typed-disagrees',
          path,
          ...read,
          wanted: `what was typed and the SI value ${params.si} to say the same`,
          why: 'one of the two was changed without the other',
        };
      if (params.parse)
        return {
          code: 'unreadable',
          path,
          ...read,
          wanted: explainParseError(params.field.kind, params.parse),
        };
      return { code: params.rule, path, ...read, wanted: rangeInWords(params.field) };
    }
    case 'invalid_type':
      return { code: 'wrong-type', path, ...read, wanted: `${issue.expected}` };
    case 'invalid_value':
      return {
        code: 'wrong-value',
        path,
        ...read,
        wanted: `one of ${issue.values.map((v) => `“${String(v)}”`).join(', ')}`,
      };
    case 'unrecognized_keys':
      return {
        code: 'unknown-field',
        path,
        read: shorten(issue.keys.join(', ')),
        wanted: 'only fields that the format knows',
      };
    case 'invalid_union':
      return { code: 'wrong-variant', path, ...read, wanted: 'one of the variants that the format knows' };
    default:
      return { code: issue.code.replaceAll('_', '-'), path, ...read, wanted: issue.message };
  }
}

/**
 * Reads a machine out of any JSON value. Never throws; whatever is wrong comes back as issues, at most 50.
 */
export function openProject(value: unknown): Opened {
  const migrated = migrate(value);
  if (!migrated.ok) return { ok: false, issues: [migrated.issue] };
  const parsed = projectSchema.safeParse(migrated.document, { reportInput: true });
  if (!parsed.success) return { ok: false, issues: parsed.error.issues.slice(0, 50).map(fromZod) };
  const issues = projectIssues(parsed.data);
  return issues.length ? { ok: false, issues } : { ok: true, project: parsed.data, from: migrated.from };
}

/** An issue in one or two sentences: where, what was read, what is wanted, why. */
export function explainIssue(issue: Issue): string {
  const where = issue.path.length ? issue.path.join('.') : 'the file';
  const read = issue.read === undefined ? 'nothing was read' : `read “${issue.read}”`;
  return `${where}: ${read}; wanted ${issue.wanted}${issue.why ? ` (${issue.why})` : ''}.`.replace(
    /\.\.$/,
    '.',
  );
}
