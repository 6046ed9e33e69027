'use client';

import { memo, type ReactNode } from 'react';
import type { Difference, Plan } from '@/core/changes';
import type { UnitSystem } from '@/core/units';
import { differenceText } from '@/words';
import styles from './difference-table.module.css';

/** Differences that stand together under one title. */
export interface DifferenceSection {
  readonly title: string;
  readonly differences: readonly Difference[];
  /** What can be done with all of them. */
  readonly act?: ReactNode;
}

interface Plans {
  readonly before: Plan;
  readonly after: Plan;
  readonly system: UnitSystem;
}

interface SectionsProps extends Plans {
  readonly sections: readonly DifferenceSection[];
  /** What the two plans are called. */
  readonly names?: readonly [before: string, after: string];
}

/** Differences of two plans in words, section by section. */
export function DifferenceSections({
  sections,
  before,
  after,
  system,
  names = ['Before', 'After'],
}: SectionsProps) {
  return (
    <table className={styles.differences} aria-label="Differences">
      <thead>
        <tr>
          <th>What</th>
          <th>{names[0]}</th>
          <th>{names[1]}</th>
        </tr>
      </thead>
      {sections.map(({ title, differences, act }) => (
        <tbody key={title}>
          <tr>
            <th colSpan={act ? 2 : 3} scope="rowgroup">
              {title}
            </th>
            {act && <td className={styles.act}>{act}</td>}
          </tr>
          {differences.map((d) => {
            const told = differenceText(d, { before, after }, system);
            return (
              <tr key={d.at}>
                <td>{told.what}</td>
                <td data-label={names[0].toLowerCase()}>{told.before}</td>
                <td data-label={names[1].toLowerCase()}>{told.after}</td>
              </tr>
            );
          })}
        </tbody>
      ))}
    </table>
  );
}

interface DifferenceProps extends Plans {
  readonly differences: readonly Difference[];
}

/** Every difference of two plans in words, by the part of the machine that it is of. */
export const DifferenceTable = memo(function DifferenceTable({ differences, ...plans }: DifferenceProps) {
  if (!differences.length) return null;
  const placed = differences.map((d) => [differenceText(d, plans, plans.system).place, d] as const);
  const sections = [...new Set(placed.map(([place]) => place))].map((title) => ({
    title,
    differences: placed.flatMap(([place, d]) => (place === title ? [d] : [])),
  }));
  return <DifferenceSections sections={sections} {...plans} />;
});
