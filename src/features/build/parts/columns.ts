import { isGot } from '@/core/build';
import { type PartState, partStates } from '@/core/model';
import { stateNames } from '@/words';
import { moneyText, type PartRow } from './rows';

export const columnIds = ['name', 'owner', 'need', 'have', 'state', 'from', 'due', 'cost'] as const;
export type ColumnId = (typeof columnIds)[number];

/** One column: how it reads, sorts, and is typed into. */
export interface PartColumn {
  readonly id: ColumnId;
  readonly title: string;
  readonly text: (row: PartRow) => string;
  readonly sort: (row: PartRow) => string | number;
  /** What stands in its editor; left out: it is not typed. */
  readonly typed?: (row: PartRow) => string;
  readonly editor?: 'text' | 'number' | 'date' | 'state';
  readonly figures?: boolean;
}

const costText = ({ money }: PartRow): string => {
  if (!money) return '';
  if (money.cost === null) return '?';
  const text = moneyText(money.cost);
  return money.from === 'like' ? `~ ${text}` : text;
};

const plain = (value: number) => (value === 0 ? '' : String(Number(value.toPrecision(8))));

/** The table of parts, column by column. */
export const partColumns: readonly PartColumn[] = [
  {
    id: 'name',
    title: 'Part',
    text: (r) => r.name,
    sort: (r) => r.name,
    typed: (r) => r.line.said?.name ?? '',
    editor: 'text',
  },
  { id: 'owner', title: 'For', text: (r) => r.owner, sort: (r) => r.owner },
  {
    id: 'need',
    title: 'Need',
    text: (r) => r.need,
    sort: (r) => r.line.wanted ?? -1,
    typed: (r) => (r.line.wanted === null ? '' : plain(r.line.wanted)),
    editor: 'number',
    figures: true,
  },
  {
    id: 'have',
    title: 'Have',
    text: (r) => plain(r.line.have),
    sort: (r) => r.line.have,
    typed: (r) => plain(r.line.have),
    editor: 'number',
    figures: true,
  },
  {
    id: 'state',
    title: 'State',
    text: (r) => (r.line.sawn ? '' : stateNames[r.line.state]),
    sort: (r) => partStates.indexOf(r.line.state),
    typed: (r) => r.line.state,
    editor: 'state',
  },
  { id: 'from', title: 'From', text: (r) => r.from, sort: (r) => r.from },
  {
    id: 'due',
    title: 'Here by',
    text: (r) => r.due,
    sort: (r) => r.due || '9999',
    typed: (r) => r.due,
    editor: 'date',
  },
  {
    id: 'cost',
    title: 'Cost',
    text: costText,
    sort: (r) => r.money?.cost ?? -1,
    typed: (r) => (r.line.said?.paid == null ? '' : String(r.line.said.paid)),
    editor: 'number',
    figures: true,
  },
];

/** Whether a cell of this row can be typed into: what is sawn is not bought, and only what is got is paid. */
export function isTyped({ id, editor }: PartColumn, { line }: PartRow): boolean {
  if (!editor) return false;
  if (line.sawn) return id === 'name';
  return id !== 'cost' || isGot(line);
}

/** What lines can be looked at by. */
export const filters = ['all', 'to-buy', 'coming', 'here', 'refused', 'own'] as const;
export type FilterId = (typeof filters)[number];

export const filterNames: Record<FilterId, string> = {
  all: 'All',
  'to-buy': 'To buy',
  coming: 'Ordered',
  here: 'Here',
  refused: 'Refused',
  own: 'Your own',
};

const hereStates: readonly PartState[] = ['on-hand', 'arrived', 'checked', 'fitted'];

export const passes: Record<FilterId, (row: PartRow) => boolean> = {
  all: () => true,
  'to-buy': ({ line }) => line.toBuy > 0 || (line.wanted === null && line.state === 'to-buy'),
  coming: ({ line }) => line.state === 'ordered',
  here: ({ line }) => hereStates.includes(line.state),
  refused: ({ line }) => line.state === 'refused',
  own: ({ line }) => line.origin === 'own' || line.origin === 'gone',
};

/** What lines can be gathered by. */
export const groupings = ['owner', 'state', 'from', 'none'] as const;
export type GroupingId = (typeof groupings)[number];
export const groupingNames: Record<GroupingId, string> = {
  owner: 'by axis',
  state: 'by state',
  from: 'by seller',
  none: 'not grouped',
};
