import { type Edit, type PartLine, type PartState, type Project, put, startingLine } from '@/core/model';
import { daysOn } from '../days';
import { specOf } from '../report/spec';
import { isGot, type ListLine, ownKey, rounded } from './lines';

export type LineChange = Partial<Omit<PartLine, 'id' | 'key'>>;

/**
 * Changes of lines by their key, as one edit. What the model asks for gets a row when something is first
 * said of it.
 */
export function lineEdits(
  { partLines }: Pick<Project, 'partLines'>,
  changes: ReadonlyMap<string, LineChange>,
  freshId: () => string,
): readonly Edit[] {
  const known = new Set(partLines.map((l) => l.key));
  const list: PartLine[] = partLines.map((l) => {
    const change = changes.get(l.key);
    return change ? { ...l, ...change } : l;
  });
  for (const [key, change] of changes)
    if (!known.has(key)) list.push({ ...startingLine(freshId(), key), ...change });
  return [put('partLines', list)];
}

/** Lines of the builder's own, added at the end. */
export function addedLines(
  { partLines }: Pick<Project, 'partLines'>,
  changes: readonly LineChange[],
  freshId: () => string,
): readonly Edit[] {
  const list = [...partLines];
  for (const change of changes) {
    const id = freshId();
    list.push({ ...startingLine(id, ownKey(id)), quantity: 1, ...change });
  }
  return [put('partLines', list)];
}

/** Lines that are taken off the list with their quotes: such as the model does not ask for. */
export function removedLines(
  { partLines, quotes }: Pick<Project, 'partLines' | 'quotes'>,
  keys: ReadonlySet<string>,
): readonly Edit[] {
  return [
    put(
      'partLines',
      partLines.filter((l) => !keys.has(l.key)),
    ),
    put(
      'quotes',
      quotes.filter((q) => !keys.has(q.line)),
    ),
  ];
}

/**
 * What a new state of a line brings with it: how many were ordered, as what, when, and when they are due by
 * the quote that was picked.
 */
export function stateChange(line: ListLine, state: PartState, today: string): LineChange {
  if (state === 'to-buy' || state === 'refused') {
    const order = { count: 0, asked: '', ordered: null, due: null };
    // What was said to lie there does not.
    return { state, ...order, ...(line.state === 'on-hand' ? { have: 0 } : {}) };
  }
  if (state === 'on-hand') return { state, have: Math.max(line.have, line.wanted ?? 0), count: 0 };
  const asked = line.need ? specOf(line.need) : '';
  const fresh = !isGot(line) || line.state === 'on-hand';
  const count = fresh
    ? Math.max(0, rounded((line.wanted ?? 0) + line.spare - line.have, line.by))
    : (line.said?.count ?? 0);
  if (state !== 'ordered') return fresh ? { state, count, asked } : { state };
  const quote = line.quotes.find((q) => q.id === line.said?.quote) ?? line.quotes[0];
  const due = quote?.days == null ? null : daysOn(today, quote.days);
  return { state, count, asked, ordered: today, due: line.said?.due ?? due };
}
