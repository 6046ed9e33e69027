'use client';

import { memo, useMemo } from 'react';
import { isHere } from '@/core/build';
import styles from './parts.module.css';
import { type PartRow, sumText } from './rows';
import type { Entry } from './use-table';

/** What a group of lines comes to. */
function summary(rows: readonly PartRow[]) {
  const bought = rows.filter((r) => !r.line.sawn);
  const here = bought.filter((r) => isHere(r.line)).length;
  const buy = bought.filter((r) => r.line.toBuy > 0).length;
  const coming = bought.filter((r) => r.line.state === 'ordered').length;
  const parts = [
    here ? `${here} here` : '',
    coming ? `${coming} ordered` : '',
    buy ? `${buy} to buy` : '',
  ].filter(Boolean);
  const unknown = rows.some((r) => r.money?.cost === null);
  const cost = rows.reduce((s, r) => s + (r.money?.known ?? 0), 0);
  return { states: parts.join(' · '), cost: sumText(cost, unknown) };
}

interface GroupProps {
  readonly group: Extract<Entry, { kind: 'group' }>;
  readonly index: number;
  readonly onFold: (id: string) => void;
}

/** The head of a group: folds it, and says what it comes to. */
export const GroupRow = memo(function GroupRow({ group, index, onFold }: GroupProps) {
  const { id, name, rows, open } = group;
  const { states, cost } = useMemo(() => summary(rows), [rows]);
  return (
    <div role="row" aria-rowindex={index + 1} className={styles.group}>
      <div role="gridcell" className={styles.groupName}>
        <button type="button" aria-expanded={open} onClick={() => onFold(id)}>
          <span aria-hidden="true">{open ? '▾' : '▸'}</span> {name || 'Not said'}{' '}
          <small>
            {rows.length} {rows.length === 1 ? 'line' : 'lines'}
          </small>
        </button>
      </div>
      <div role="gridcell" className={styles.groupStates}>
        {states}
      </div>
      <div role="gridcell" className={styles.groupCost}>
        {cost}
      </div>
    </div>
  );
});
