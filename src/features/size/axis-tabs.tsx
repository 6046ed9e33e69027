'use client';

import Link from 'next/link';
import { machineHref } from '@/features/frame';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import type { MachineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import styles from './sheet.module.css';

/** The axes as tabs on the upper edge of the sheet, each with its verdict. */
export function AxisTabs({ project, report, current }: { project: Project; report: MachineReport; current: string }) {
  return (
    <nav aria-label="Axes" className={styles.tabs}>
      {project.axes.map((axis, i) => {
        const verdict = report.axes[i]!.verdict;
        return (
          <Link key={axis.id} href={machineHref('size', project.id, axis.id)} aria-current={axis.id === current ? 'page' : undefined} data-here={axis.id === current || undefined} replace scroll={false}>
            <VerdictMark verdict={verdict} />
            <b>{axis.name}</b>
            <span>{axis.letter} · {verdictWords[verdict]}</span>
          </Link>
        );
      })}
    </nav>
  );
}
