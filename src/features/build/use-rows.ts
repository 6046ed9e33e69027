'use client';

import { type Edit, type Plain, type Project, put } from '@/core/model';
import { useMachine } from '@/features/frame';
import type { Refused } from '@/ui/refusal';

/** Lists of the machine that are kept row by row. */
type Lists = Pick<Project, 'bars' | 'saws' | 'ownPieces' | 'sellers' | 'quotes' | 'cabling'>;
type RowOf<F extends keyof Lists> = Lists[F][number];

/** An edit of a whole list. */
export const putRows = <F extends keyof Lists>(field: F, rows: readonly RowOf<F>[]): Edit =>
  put<string>(field, rows as unknown as Plain);

export interface Rows<F extends keyof Lists> {
  readonly rows: readonly RowOf<F>[];
  readonly add: (row: RowOf<F>, label: string) => Refused;
  readonly remove: (row: RowOf<F>, label: string) => Refused;
  readonly set: (row: RowOf<F>, inside: keyof RowOf<F> & string, value: Plain, label: string) => Refused;
}

/** One list of the open machine: a row more, a row less, one figure of a row; each a step of its own. */
export function useRows<F extends keyof Lists>(field: F): Rows<F> {
  const { project, editor } = useMachine();
  const rows: readonly RowOf<F>[] = project[field];
  return {
    rows,
    add: (row, label) => editor.apply([putRows(field, [...rows, row])], label),
    remove: (row, label) =>
      editor.apply(
        [
          putRows(
            field,
            rows.filter((r) => r !== row),
          ),
        ],
        label,
      ),
    set: (row, inside, value, label) =>
      editor.apply([{ path: `${field}.${rows.indexOf(row)}.${inside}`, value }], label),
  };
}
