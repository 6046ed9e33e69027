import Papa from 'papaparse';
import { type PartState, partStates } from '@/core/model';
import { csvRows } from './csv';

/** A row of the list of parts as a file has it: what may be typed, and what only tells. */
export interface ListRow {
  /** Line of the file that it stood in; 0 where it is to be written. */
  readonly at: number;
  /** Which line it is; empty: one of the builder's own. */
  readonly key: string;
  readonly part: string;
  readonly for: string;
  readonly need: number | null;
  readonly spare: number | null;
  readonly have: number | null;
  readonly state: PartState | null;
  readonly due: string | null;
  readonly paid: number | null;
  readonly option: string;
  readonly note: string;
  /** A price of one piece, who named it, in packs of how many, how many days it takes. */
  readonly seller: string;
  readonly price: number | null;
  readonly pack: number | null;
  readonly days: number | null;
}

export const listColumns = [
  'key',
  'part',
  'for',
  'need',
  'spare',
  'have',
  'state',
  'due',
  'paid',
  'option',
  'note',
  'seller',
  'price',
  'pack',
  'days',
] as const satisfies readonly Exclude<keyof ListRow, 'at'>[];
export type ListColumn = (typeof listColumns)[number];

/** What a cell must be. */
export type ListWanted =
  | 'number'
  | 'whole'
  | 'state'
  | 'date'
  | 'short'
  | 'column'
  | 'a-row'
  | 'rows'
  /** A price is somebody's, and who sells names one. */
  | 'seller'
  | 'price'
  /** What only the machine at hand can tell: whose names there are, which keys. */
  | 'owner'
  | 'key';

export type ListRead =
  | { readonly ok: true; readonly rows: readonly ListRow[]; readonly columns: readonly ListColumn[] }
  | {
      readonly ok: false;
      readonly line: number;
      readonly field: string;
      readonly read: string;
      readonly wanted: ListWanted;
    };

/** Rows taken at once at most. */
export const MOST_ROWS = 2000;
const MOST_TEXT = { key: 160, part: 120, for: 120, option: 60, note: 500, seller: 120 } as const;
const MOST_NUMBER = 1e7;

/** A number with a point or a comma; undefined where it is none, or a thousands' sign makes it doubtful. */
function numberOf(text: string): number | undefined {
  if (!/^\d+([.,]\d+)?$/.test(text)) return undefined;
  const value = Number(text.replace(',', '.'));
  return value <= MOST_NUMBER ? value : undefined;
}

const isDate = (text: string): boolean => {
  const read = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
  if (!read) return false;
  const [, year, month, day] = read.map(Number) as [number, number, number, number];
  const leap = year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0);
  const long = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31][month - 1];
  return long !== undefined && day >= 1 && day <= long;
};

/** A cell as it counts, or what is wanted of it. */
function cellOf(column: ListColumn, text: string): { value: unknown } | { wanted: ListWanted } {
  switch (column) {
    case 'state': {
      const state = partStates.find((s) => s === text.toLowerCase().replace(/\s+/g, '-'));
      return text === '' ? { value: null } : state ? { value: state } : { wanted: 'state' };
    }
    case 'due':
      return text === '' ? { value: null } : isDate(text) ? { value: text } : { wanted: 'date' };
    case 'need':
    case 'have':
    case 'paid':
    case 'price': {
      const value = text === '' ? null : numberOf(text);
      return value === undefined ? { wanted: 'number' } : { value };
    }
    case 'spare':
    case 'pack':
    case 'days': {
      const value = text === '' ? null : numberOf(text);
      const whole = value === null || (value !== undefined && Number.isInteger(value));
      const least = column === 'pack' ? 1 : 0;
      const most = column === 'days' ? 1000 : 100_000;
      const fits = value === null || (value !== undefined && value >= least && value <= most);
      return whole && fits ? { value } : { wanted: 'whole' };
    }
    default:
      return text.length <= MOST_TEXT[column] ? { value: text } : { wanted: 'short' };
  }
}

const EMPTY: ListRow = {
  at: 0,
  key: '',
  part: '',
  for: '',
  need: null,
  spare: null,
  have: null,
  state: null,
  due: null,
  paid: null,
  option: '',
  note: '',
  seller: '',
  price: null,
  pack: null,
  days: null,
};

/** What spreadsheets put before a text that begins like a formula, and we before such a one. */
const plainText = (cell: string) => cell.trim().replace(/^'(?=[=+\-@])/, '');

/**
 * Reads rows of a list of parts, as a file or as they are pasted out of a spreadsheet. The first row names
 * the columns, in any order; what is not named stays as it is. All rows or none; never throws.
 */
export function readListCsv(text: string): ListRead {
  const fail = (line: number, field: string, read: string, wanted: ListWanted): ListRead => ({
    ok: false,
    line,
    field,
    read: read.slice(0, 60),
    wanted,
  });
  const [heading = [], ...data] = csvRows(text);
  const columns: ListColumn[] = [];
  for (const cell of heading.map((c) => c.trim().toLowerCase())) {
    const column = listColumns.find((c) => c === cell);
    if (!column || columns.includes(column)) return fail(1, 'heading', cell, 'column');
    columns.push(column);
  }
  if (!columns.includes('key') && !columns.includes('part'))
    return fail(1, 'heading', heading.join(', '), 'column');
  const rows: ListRow[] = [];
  for (const [i, cells] of data.entries()) {
    if (cells.every((c) => c.trim() === '')) continue;
    if (rows.length === MOST_ROWS) return fail(i + 2, 'list', '', 'rows');
    const row: Record<string, unknown> = { ...EMPTY, at: i + 2 };
    for (const [j, column] of columns.entries()) {
      const typed = plainText(cells[j] ?? '');
      const read = cellOf(column, typed);
      if ('wanted' in read) return fail(i + 2, column, typed, read.wanted);
      row[column] = read.value;
    }
    if (!row.key && !row.part) return fail(i + 2, 'part', '', 'a-row');
    if (row.price !== null && !row.seller) return fail(i + 2, 'seller', '', 'seller');
    if (row.price === null && row.seller) return fail(i + 2, 'price', '', 'price');
    rows.push(row as unknown as ListRow);
  }
  return rows.length ? { ok: true, rows, columns } : fail(2, 'list', '', 'a-row');
}

/** A list of parts as CSV. What begins like a formula is kept from being one. */
export const writeListCsv = (rows: readonly ListRow[]): string =>
  `${Papa.unparse(
    { fields: [...listColumns], data: rows.map((r) => listColumns.map((c) => r[c] ?? '')) },
    { escapeFormulae: true },
  )}\n`;
