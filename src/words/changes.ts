import { type Difference, type Plan, stepsOf, type Value } from '@/core/changes';
import { fieldRuleAt, isMeasure, type Project } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { inputLabel, placeOfInput } from './labels-machine';

/** A difference in words: where, what, as it was and as it is. */
export interface DifferenceText {
  readonly place: string;
  readonly what: string;
  readonly before: string;
  readonly after: string;
}

/** Rows of lists that are added or taken away as a whole. */
const rowNames: Readonly<Record<string, string>> = {
  axes: 'axis',
  pins: 'variant of an axis',
  masses: 'moving mass',
  cuts: 'cut',
  stand: 'standing part',
  strips: 'strip',
  ownParts: 'own part',
  shims: 'shim',
};

/** `farEnd` as it is read: `far end`. */
const spoken = (field: string) => field.replace(/([a-z])([A-Z0-9])/g, '$1 $2').toLowerCase();

/** The path by places in lists that an address has in a document; null where it leads to nothing there. */
function pathIn(document: unknown, at: string): string | null {
  const path: string[] = [];
  let now: unknown = document;
  for (const step of stepsOf(at)) {
    if ('order' in step) break;
    if ('field' in step) {
      if (typeof now !== 'object' || now === null || !Object.hasOwn(now, step.field)) return null;
      path.push(step.field);
      now = (now as Record<string, unknown>)[step.field];
    } else {
      const here = Array.isArray(now) ? now.findIndex((r: { id?: unknown }) => r.id === step.row) : -1;
      if (here < 0) return null;
      path.push(String(here));
      now = (now as unknown[])[here];
    }
  }
  return path.join('.');
}

/** A value as it is told in a list of changes. */
function valueText(value: Value | undefined, path: string, system: UnitSystem): string {
  if (value === undefined) return 'none';
  if (value === null || value === '') return 'not given';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  // A figure without a rule of its own is told as it is stored, without digits that nobody gave.
  if (typeof value === 'number') return String(Number(value.toPrecision(6)));
  if (typeof value === 'string') return value.replaceAll('-', ' ');
  if (isMeasure(value)) {
    const rule = fieldRuleAt(path.replace(/^axes\.\d+\./, ''));
    const figure = rule ? formatQuantity(rule.kind, value.si, system, 4).text : value.typed;
    return `${figure}, ${value.basis}`;
  }
  if (Array.isArray(value)) return `${value.length} ${value.length === 1 ? 'entry' : 'entries'}`;
  const { name, kind } = value as Readonly<Record<string, unknown>>;
  if (typeof name === 'string' && name) return name;
  return typeof kind === 'string' ? kind.replaceAll('-', ' ') : 'given';
}

/** Basis told only where it is what changed. */
function measuresText(d: Difference, texts: readonly [string, string]): readonly [string, string] {
  const { before, after } = d;
  if (!isMeasure(before) || !isMeasure(after) || before.basis !== after.basis) return texts;
  return texts.map((t) => t.replace(/, [a-z]+$/, '')) as unknown as readonly [string, string];
}

function whatOf(at: string, path: string): string {
  const steps = stepsOf(at);
  const last = steps.at(-1)!;
  const fields = steps.flatMap((s) => ('field' in s ? [s.field] : []));
  const list = fields.at(-1) ?? '';
  if ('order' in last) return `order of ${spoken(list)}`;
  if ('row' in last) return rowNames[list] ?? spoken(list);
  if (fieldRuleAt(path.replace(/^axes\.\d+\./, ''))) return inputLabel(path).toLowerCase();
  return spoken(list);
}

/** A difference of two plans in words. */
export function differenceText(
  d: Difference,
  { before, after }: { readonly before: Plan; readonly after: Plan },
  system: UnitSystem,
): DifferenceText {
  const inAfter = pathIn(after, d.at);
  const document = inAfter === null ? before : after;
  const path = inAfter ?? pathIn(before, d.at) ?? d.at;
  const place = path.startsWith('pins.')
    ? 'Variants of single axes'
    : placeOfInput(document as Project, path);
  const texts = [valueText(d.before, path, system), valueText(d.after, path, system)] as const;
  const [was, told] = measuresText(d, texts);
  // What differs inside a list or a part may read the same from outside.
  const is = told === was ? `${told}, changed` : told;
  return { place, what: whatOf(d.at, path), before: was, after: is };
}
