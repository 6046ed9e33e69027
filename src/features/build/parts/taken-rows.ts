import { addedLines, isGot, type LineChange, lineEdits, stateChange } from '@/core/build';
import type { ListRead, ListRow, ListWanted } from '@/core/formats';
import { applyEdits, type Edit, type PartState, type Project, put } from '@/core/model';
import { freshId } from '@/session';
import { ownerName } from '@/words';
import { putRows } from '../use-rows';
import { newQuote, newSeller } from './new-rows';
import type { PartRow } from './rows';

/** What a state means for a line that was not on the list: all of it is ordered, came, or lies here. */
function begunIn(state: PartState, need: number): LineChange {
  if (state === 'on-hand') return { state, have: need };
  return isGot({ state }) ? { state, count: need } : { state };
}

/** What a row of a file says of a line; what it leaves empty stays as it was. */
function changeOf(row: ListRow, known: PartRow | undefined, today: string): LineChange {
  const { need, spare, have, state, due, paid, option, note } = row;
  const turned = state && known && state !== known.line.state ? stateChange(known.line, state, today) : {};
  return {
    ...(known ? {} : { name: row.part }),
    ...(need === null || (known && need === known.line.wanted) ? {} : { quantity: need }),
    ...(spare === null || (known && spare === known.line.spare) ? {} : { spare }),
    ...(have === null ? {} : { have }),
    ...(state && !known ? begunIn(state, need ?? 1) : {}),
    ...turned,
    ...(due === null ? {} : { due }),
    ...(paid === null ? {} : { paid }),
    ...(option === '' ? {} : { option }),
    ...(note === '' ? {} : { note }),
  };
}

/** A row's price as a quote of its seller: a new one, or in the place of what that seller said before. */
function quoted(project: Project, row: ListRow, key: string, today: string): readonly Edit[] {
  const { price, pack, days } = row;
  if (price === null) return [];
  const { sellers, quotes } = project;
  const named = sellers.find((s) => s.name.toLowerCase() === row.seller.toLowerCase());
  const seller = named ?? newSeller(freshId(), row.seller);
  const before = quotes.find((q) => q.line === key && q.seller === seller.id);
  const quote = {
    ...(before ?? newQuote(freshId(), key, seller.id, price, today)),
    price,
    // Another price is a quote of today.
    ...(before && before.price !== price ? { date: today, until: null } : {}),
    ...(pack === null ? {} : { pack }),
    ...(days === null ? {} : { days }),
  };
  return [
    ...(named ? [] : [putRows('sellers', [...sellers, seller])]),
    putRows('quotes', before ? quotes.map((q) => (q === before ? quote : q)) : [...quotes, quote]),
  ];
}

type Fault = Extract<ListRead, { ok: false }>;

const fault = ({ at }: ListRow, field: string, read: string, wanted: ListWanted): Fault => ({
  ok: false,
  line: at,
  field,
  read: read.slice(0, 60),
  wanted,
});

/** Id of the axis that a row is for, empty for the machine; undefined where there is none of that name. */
function ownerOf(project: Project, name: string): string | undefined {
  const wanted = name.toLowerCase();
  if (wanted === '' || wanted === ownerName(project, '').toLowerCase()) return '';
  return project.axes.find((a) => a.name.toLowerCase() === wanted)?.id;
}

export type Taken = { readonly ok: true; readonly edits: readonly Edit[]; readonly added: number } | Fault;

/**
 * What rows of a file or a spreadsheet make of the list: a line by its key, else by its name, else a new
 * one of the builder's own; prices become quotes. As one step: all rows or none.
 */
export function takenRows(
  project: Project,
  rows: readonly ListRow[],
  shown: readonly PartRow[],
  today: string,
): Taken {
  const byKey = new Map(shown.map((r) => [r.key, r]));
  const byName = new Map(shown.map((r) => [r.name.toLowerCase(), r]));
  let now = project;
  let added = 0;
  for (const row of rows) {
    const known = byKey.get(row.key) ?? (row.key ? undefined : byName.get(row.part.toLowerCase()));
    if (!known && row.part === '') return fault(row, 'key', row.key, 'key');
    const change = changeOf(row, known, today);
    if (!known) {
      const owner = ownerOf(project, row.for);
      if (owner === undefined) return fault(row, 'for', row.for, 'owner');
      now = applyEdits(now, addedLines(now, [{ ...change, owner }], freshId));
      added++;
    } else if (Object.keys(change).length)
      now = applyEdits(now, lineEdits(now, new Map([[known.key, change]]), freshId));
    const key = known?.key ?? now.partLines.at(-1)!.key;
    now = applyEdits(now, quoted(now, row, key, today));
  }
  const { partLines, sellers, quotes } = now;
  const edits = [put('partLines', partLines), putRows('sellers', sellers), putRows('quotes', quotes)];
  return { ok: true, edits, added };
}
