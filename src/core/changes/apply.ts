import { type Step, stepsOf } from './address';
import { areRows, type Difference, type Value } from './differences';

type Fields = Record<string, Value | undefined>;

/** Rows in a wanted order; those that it does not know stay behind them, as they stood. */
function ordered(rows: readonly { readonly id: string }[], ids: readonly string[]) {
  const place = new Map(ids.map((id, i) => [id, i]));
  const rank = (id: string) => place.get(id) ?? ids.length;
  return rows
    .map((row, i) => ({ row, i }))
    .sort((a, b) => rank(a.row.id) - rank(b.row.id) || a.i - b.i)
    .map(({ row }) => row);
}

/**
 * A copy of a value with what stands at an address put otherwise.
 * @throws RangeError where it leads nowhere.
 */
function placed(
  value: Value | undefined,
  steps: readonly Step[],
  at: number,
  after: Value | undefined,
): Value | undefined {
  const step = steps[at];
  if (!step) return after;
  if ('field' in step) {
    if (typeof value !== 'object' || value === null || Array.isArray(value))
      throw new RangeError(`no field “${step.field}” there`);
    const fields = value as Fields;
    const next = placed(fields[step.field], steps, at + 1, after);
    if (next !== undefined) return { ...fields, [step.field]: next };
    const { [step.field]: _gone, ...rest } = fields;
    return rest;
  }
  if (!areRows(value)) throw new RangeError('no list of rows there');
  if ('order' in step) return ordered(value, after as readonly string[]) as unknown as Value;
  const here = value.findIndex((r) => r.id === step.row);
  if (here < 0) {
    if (at + 1 < steps.length) throw new RangeError(`no row “${step.row}” there`);
    return after === undefined ? value : [...value, after];
  }
  const next = placed(value[here], steps, at + 1, after);
  return next === undefined
    ? value.filter((_, i) => i !== here)
    : value.map((r, i) => (i === here ? next : r));
}

/**
 * A document with differences put into it, one after the other.
 * @throws RangeError where one leads to what is not there.
 */
export const withDifferences = (document: Value, differences: readonly Difference[]): Value =>
  differences.reduce<Value>((now, d) => placed(now, stepsOf(d.at), 0, d.after) as Value, document);

/** The same differences the other way round, in the order in which they must be taken back. */
export const turned = (differences: readonly Difference[]): readonly Difference[] =>
  differences.toReversed().map(({ at, before, after }) => ({ at, before: after, after: before }));
