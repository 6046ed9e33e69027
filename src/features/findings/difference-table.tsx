'use client';

import { memo } from 'react';
import type { Difference, Plan } from '@/core/changes';
import type { UnitSystem } from '@/core/units';
import { differenceText } from '@/words';
import styles from './difference-table.module.css';

interface DifferenceProps {
  readonly differences: readonly Difference[];
  readonly before: Plan;
  readonly after: Plan;
  readonly system: UnitSystem;
}

/** Every difference of two plans in words, by the part of the machine that it is of. */
export const DifferenceTable = memo(function DifferenceTable({
  differences,
  before,
  after,
  system,
}: DifferenceProps) {
  if (!differences.length) return null;
  const told = differences.map((d) => ({ at: d.at, ...differenceText(d, { before, after }, system) }));
  const places = [...new Set(told.map((t) => t.place))];
  return (
    <table className={styles.differences} aria-label="Differences">
      <thead>
        <tr>
          <th>What</th>
          <th>Before</th>
          <th>After</th>
        </tr>
      </thead>
      {places.map((place) => (
        <tbody key={place}>
          <tr>
            <th colSpan={3} scope="rowgroup">
              {place}
            </th>
          </tr>
          {told
            .filter((t) => t.place === place)
            .map((t) => (
              <tr key={t.at}>
                <td>{t.what}</td>
                <td data-label="before">{t.before}</td>
                <td data-label="after">{t.after}</td>
              </tr>
            ))}
        </tbody>
      ))}
    </table>
  );
});
