import { addedLines, type LineChange, lineEdits, stateChange } from '@/core/build';
import type { ListRow } from '@/core/formats';
import { applyEdits, type Edit, type Plain, type Project, type QuoteInput } from '@/core/model';
import { freshId } from './fresh-id';
import type { PartRow } from './rows';
import { newSeller } from './sellers';

/** What a row of a file says of a line; what it leaves empty stays as it was. */
function changeOf(row: ListRow, known: PartRow | undefined, today: string): LineChange {
  const { need, spare, have, state, due, paid, option, note } = row;
  const turned = state && known && state !== known.line.state ? stateChange(known.line, state, today) : {};
  return {
    ...(known ? {} : { name: row.part }),
    ...(need === null || (known && need === known.line.wanted) ? {} : { quantity: need }),
    ...(spare === null || (known && spare === known.line.spare) ? {} : { spare }),
    ...(have === null ? {} : { have }),
    ...(state && !known ? { state } : {}),
    ...turned,
    ...(due === null ? {} : { due }),
    ...(paid === null ? {} : { paid }),
    ...(option === '' ? {} : { option }),
    ...(note === '' ? {} : { note }),
  };
}

/** A row's price as a quote of its seller: a new one, or in the place of what that seller said before. */
function quoted(project: Project, row: ListRow, key: string, today: string): readonly Edit[] {
  if (row.price === null || row.seller === '') return [];
  const seller =
    project.sellers.find((s) => s.name.toLowerCase() === row.seller.toLowerCase()) ??
    newSeller(freshId('seller', project.sellers), row.seller);
  const before = project.quotes.find((q) => q.line === key && q.seller === seller.id);
  const same = before?.price === row.price;
  const quote: QuoteInput = {
    id: before?.id ?? freshId('quote', project.quotes),
    line: key,
    seller: seller.id,
    price: row.price,
    breaks: before?.breaks ?? [],
    pack: row.pack ?? before?.pack ?? 1,
    days: row.days ?? before?.days ?? null,
    date: same ? (before?.date ?? today) : today,
    until: same ? (before?.until ?? null) : null,
    note: before?.note ?? '',
  };
  const quotes = before ? project.quotes.map((q) => (q === before ? quote : q)) : [...project.quotes, quote];
  const sellers = project.sellers.includes(seller) ? project.sellers : [...project.sellers, seller];
  return [
    { path: 'sellers', value: sellers as unknown as Plain },
    { path: 'quotes', value: quotes as unknown as Plain },
  ];
}

/**
 * What rows of a file or a spreadsheet make of the list: a line by its key, else by its name, else a new
 * one of the builder's own; prices become quotes. As one step.
 */
export function takenRows(
  project: Project,
  rows: readonly ListRow[],
  shown: readonly PartRow[],
  today: string,
): { readonly edits: readonly Edit[]; readonly changed: number; readonly added: number } {
  const byKey = new Map(shown.map((r) => [r.key, r]));
  const byName = new Map(shown.map((r) => [r.name.toLowerCase(), r]));
  let now = project;
  let added = 0;
  for (const row of rows) {
    const known = byKey.get(row.key) ?? (row.key ? undefined : byName.get(row.part.toLowerCase()));
    const change = changeOf(row, known, today);
    const owner = project.axes.find((a) => a.name.toLowerCase() === row.for.toLowerCase())?.id ?? '';
    if (!known) {
      now = applyEdits(now, addedLines(now, [{ ...change, owner }]));
      added++;
    } else if (Object.keys(change).length)
      now = applyEdits(now, lineEdits(now, new Map([[known.key, change]])));
    const key = known?.key ?? now.partLines.at(-1)!.key;
    now = applyEdits(now, quoted(now, row, key, today));
  }
  const edits = (['partLines', 'sellers', 'quotes'] as const).flatMap((field): Edit[] =>
    now[field] === project[field] ? [] : [{ path: field, value: now[field] as unknown as Plain }],
  );
  return { edits, changed: rows.length - added, added };
}
