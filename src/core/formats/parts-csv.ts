import Papa from 'papaparse';
import { columnsOf, type Family, partFault, type Wanted } from '@/core/catalogue';
import type { OwnPart } from '@/core/model';
import { csvRows } from './csv';

export type PartsRead =
  | { readonly ok: true; readonly parts: readonly Omit<OwnPart, 'id'>[] }
  | {
      readonly ok: false;
      readonly line: number;
      readonly field: string;
      readonly read: string;
      readonly wanted: Wanted;
    };

/** Parts taken from one file at most. */
const MOST_PARTS = 1000;
/** Columns beside those of the family. */
const plain = ['name', 'price', 'on hand', 'note'] as const;

/**
 * Reads parts of one family. The first line names the columns: `name`, `price`, `on hand`, `note`, and the
 * paths of the inputs or the short titles of the family's columns. Every figure carries its unit. All lines
 * or none; never throws.
 */
export function readPartsCsv(family: Family, text: string): PartsRead {
  const data = csvRows(text);
  const fail = (line: number, field: string, read: string, wanted: Wanted): PartsRead => ({
    ok: false,
    line,
    field,
    read: read.slice(0, 60),
    wanted,
  });
  const [heading = [], ...rows] = data;
  const known = columnsOf(family);
  const columns: string[] = [];
  for (const cell of heading.map((c) => c.trim())) {
    const path =
      known.find((p) => p === cell) ??
      family.columns.find((c) => c.title.toLowerCase() === cell.toLowerCase())?.path ??
      plain.find((p) => p === cell.toLowerCase());
    if (!path)
      return fail(1, 'heading', cell, {
        is: 'heading',
        words: [...plain, ...family.columns.map((c) => c.title)],
      });
    columns.push(path);
  }
  if (!columns.includes('name'))
    return fail(1, 'heading', heading.join(', '), { is: 'column', name: 'name' });
  const parts: Omit<OwnPart, 'id'>[] = [];
  for (const [i, row] of rows.entries()) {
    if (row.every((c) => c.trim() === '')) continue;
    if (parts.length === MOST_PARTS)
      return fail(i + 2, 'list', row.join(','), { is: 'parts', most: MOST_PARTS });
    const cells = new Map(columns.map((c, j) => [c, (row[j] ?? '').trim()]));
    const values = Object.fromEntries(
      [...cells].filter(([c, v]) => v !== '' && !(plain as readonly string[]).includes(c)),
    );
    const typed = {
      name: cells.get('name') ?? '',
      values,
      price: cells.get('price') ?? '',
      onHand: cells.get('on hand') || '0',
    };
    const fault = partFault(family, typed);
    if (fault)
      return fail(
        i + 2,
        family.columns.find((c) => c.path === fault.field)?.title ?? fault.field,
        fault.read,
        fault.wanted,
      );
    parts.push({
      family: family.id,
      name: typed.name,
      values,
      price: typed.price === '' ? null : Number(typed.price.replace(',', '.')),
      onHand: Number(typed.onHand),
      note: (cells.get('note') ?? '').slice(0, 500).trimEnd(),
    });
  }
  return parts.length ? { ok: true, parts } : fail(data.length, 'list', '', { is: 'a-part' });
}

/**
 * Parts of one family as CSV: the builder's own first, then the catalogue's as examples of how lines look.
 */
export function writePartsCsv(family: Family, own: readonly OwnPart[]): string {
  const paths = columnsOf(family);
  const line = (
    name: string,
    price: number | null,
    onHand: number,
    note: string,
    values: Readonly<Record<string, string>>,
  ) => [name, price ?? '', onHand, note, ...paths.map((p) => values[p] ?? '')];
  return `${Papa.unparse(
    {
      fields: [...plain, ...paths],
      data: [
        ...own
          .filter((p) => p.family === family.id)
          .map((p) => line(p.name, p.price, p.onHand, p.note, p.values)),
        ...family.parts.map((p) => line(p.name, p.price, 0, p.source, p.values)),
      ],
    },
    { escapeFormulae: true },
  )}\n`;
}
