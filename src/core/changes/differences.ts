import { isMeasure } from '@/core/model';
import { orderOf, underField, underRow } from './address';

/** What a document is made of. */
export type Value =
  null | string | number | boolean | readonly Value[] | { readonly [field: string]: Value | undefined };
type Fields = { readonly [field: string]: Value | undefined };
type Row = Fields & { readonly id: string };

/** What stands otherwise at one place. Not there: undefined. */
export interface Difference {
  readonly at: string;
  readonly before: Value | undefined;
  readonly after: Value | undefined;
}

const isFields = (v: Value | undefined): v is Fields =>
  typeof v === 'object' && v !== null && !Array.isArray(v);

/** Whether a list holds rows that go by an id of their own. An empty one may. */
export const areRows = (list: Value | undefined): list is readonly Row[] =>
  Array.isArray(list) &&
  list.every((v: Value) => isFields(v) && typeof v.id === 'string') &&
  new Set(list.map((v: Row) => v.id)).size === list.length;

/** Two ways to round the same figure differ by no more than this share of it. */
const ROUNDED = 1e-12;

const sameFigure = (a: number, b: number) => Math.abs(a - b) <= ROUNDED * Math.max(Math.abs(a), Math.abs(b));

/**
 * Whether two values read alike; what is undefined is not there. Builders of code that write numbers anew
 * lose a last digit: a figure that differs by no more is the same one.
 */
export function alike(a: Value | undefined, b: Value | undefined): boolean {
  if (a === b) return true;
  if (typeof a === 'number' && typeof b === 'number') return sameFigure(a, b);
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((v: Value, i) => alike(v, b[i] as Value));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((k) => alike(a[k], b[k]));
}

/** What is of another kind, or a figure with its basis, is one thing: its fields alone say nothing. */
const isOne = (a: Fields, b: Fields) => isMeasure(a) || isMeasure(b) || a.kind !== b.kind;

function ofRows(before: readonly Row[], after: readonly Row[], at: string, found: Difference[]): void {
  const [was, is] = [new Map(before.map((r) => [r.id, r])), new Map(after.map((r) => [r.id, r]))];
  for (const row of before)
    if (!is.has(row.id)) found.push({ at: underRow(at, row.id), before: row, after: undefined });
  for (const row of after) {
    const old = was.get(row.id);
    if (old) differ(old, row, underRow(at, row.id), found);
    else found.push({ at: underRow(at, row.id), before: undefined, after: row });
  }
  // New rows come last by themselves; any other order is said.
  const byItself = [...before.filter((r) => is.has(r.id)), ...after.filter((r) => !was.has(r.id))];
  const ids = (rows: readonly Row[]) => rows.map((r) => r.id);
  if (!alike(ids(byItself), ids(after)))
    found.push({ at: orderOf(at), before: ids(before), after: ids(after) });
}

function differ(before: Value | undefined, after: Value | undefined, at: string, found: Difference[]): void {
  if (before === after) return;
  if (areRows(before) && areRows(after) && before.length + after.length > 0)
    return ofRows(before, after, at, found);
  if (isFields(before) && isFields(after) && !isOne(before, after)) {
    for (const field of new Set([...Object.keys(before), ...Object.keys(after)]))
      differ(before[field], after[field], underField(at, field), found);
    return;
  }
  if (!alike(before, after)) found.push({ at, before, after });
}

/**
 * What differs between two states of a document, place by place: rows by their ids, a figure with its basis
 * as one, a part of another kind as a whole. Parts that both share are passed over.
 */
export function differencesOf(before: Value, after: Value): readonly Difference[] {
  const found: Difference[] = [];
  differ(before, after, '', found);
  return found;
}
