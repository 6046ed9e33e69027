import { type LineChange, stateChange } from '@/core/build';
import { type PartState, partStates } from '@/core/model';
import type { ColumnId } from './columns';
import type { PartRow } from './rows';

/** A number as people type it, with a point or a comma. */
function numberOf(text: string, most: number): number | undefined {
  if (!/^\d+([.,]\d+)?$/.test(text)) return undefined;
  const value = Number(text.replace(',', '.'));
  return value <= most ? value : undefined;
}

const DATE = /^\d{4}-\d{2}-\d{2}$/;

type Typed = { readonly change: LineChange } | { readonly error: string };

const wantsNumber = (what: string, read: string, most: number): Typed => ({
  error: `${what}: read “${read.slice(0, 20)}”; wanted a number from 0 to ${most}, or nothing.`,
});

const MOST_COUNT = 100_000;
const MOST_MONEY = 10_000_000;

/** What a text in a cell makes of its line, or why it makes nothing. */
export function typedInto(row: PartRow, column: ColumnId, text: string, today: string): Typed {
  const { line } = row;
  switch (column) {
    case 'name':
      return text === '' && line.origin === 'own'
        ? { error: 'Part: read nothing; wanted a name, for the model has none for it.' }
        : { change: { name: text } };
    case 'need': {
      if (text === '') return { change: { quantity: line.need ? null : 0 } };
      const quantity = numberOf(text, MOST_COUNT);
      return quantity === undefined ? wantsNumber('Need', text, MOST_COUNT) : { change: { quantity } };
    }
    case 'have': {
      const have = text === '' ? 0 : numberOf(text, MOST_COUNT);
      return have === undefined ? wantsNumber('Have', text, MOST_COUNT) : { change: { have } };
    }
    case 'state': {
      const state = partStates.find((s): s is PartState => s === text);
      return state
        ? { change: stateChange(line, state, today) }
        : { error: `State: read “${text.slice(0, 20)}”; wanted one of the list.` };
    }
    case 'due':
      return text === '' || DATE.test(text)
        ? { change: { due: text || null } }
        : { error: `Here by: read “${text.slice(0, 20)}”; wanted a day as 2026-12-05.` };
    case 'cost': {
      const paid = text === '' ? null : numberOf(text, MOST_MONEY);
      return paid === undefined ? wantsNumber('Cost', text, MOST_MONEY) : { change: { paid } };
    }
    case 'owner':
    case 'from':
      return { error: 'This follows from the model and the quotes.' };
  }
}
