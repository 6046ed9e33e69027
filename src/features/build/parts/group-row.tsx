'use client';

import type { Row } from '@tanstack/react-table';
import { memo, useMemo } from 'react';
import { isHere } from '@/core/build';
import { type PartRow, sumText } from './rows';
import styles from './parts.module.css';

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
  const cost = rows.reduce((s, r) => s + (r.money?.cost ?? 0), 0);
  return { states: parts.join(' · '), cost: sumText(cost, unknown) };
}

/** The head of a group: folds it, and says what it comes to. */
export const GroupRow = memo(function GroupRow({ row, index }: { row: Row<PartRow>; index: number }) {
  const rows = useMemo(() => row.getLeafRows().map((r) => r.original), [row]);
  const { states, cost } = useMemo(() => summary(rows), [rows]);
  const name = String(row.groupingValue ?? '') || 'Not said';
  return (
    <div role="row" aria-rowindex={index + 1} className={styles.group}>
      <div role="gridcell" className={styles.groupName}>
        <button type="button" aria-expanded={row.getIsExpanded()} onClick={row.getToggleExpandedHandler()}>
          <span aria-hidden="true">{row.getIsExpanded() ? '▾' : '▸'}</span> {name}{' '}
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
