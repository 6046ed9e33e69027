'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import type { Verdict } from '@/core/findings';
import type { Project } from '@/core/model';
import type { Session } from '@/session';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import styles from './sheet-head.module.css';
import { SheetTools } from './sheet-tools';

/** One tab on the upper edge of a sheet. */
export interface SheetTab {
  readonly id: string;
  readonly title: string;
  readonly note: string;
  readonly href: string;
  readonly here: boolean;
  readonly verdict?: Verdict;
}

/** The head of a sheet: name of the machine, small words to work with, tabs on the upper edge. */
export function SheetHead({
  session,
  project,
  label,
  tabs,
  children,
}: {
  session: Session;
  project: Project;
  label: string;
  tabs: readonly SheetTab[];
  children?: ReactNode;
}) {
  return (
    <header className={styles.head}>
      <div className={styles.title}>
        <h1>{project.name}</h1>
        <SheetTools session={session} project={project}>
          {children}
        </SheetTools>
      </div>
      <nav aria-label={label} className={styles.tabs}>
        {tabs.map((t) => (
          <Link
            key={t.id}
            href={t.href}
            aria-current={t.here ? 'page' : undefined}
            data-here={t.here || undefined}
            replace
            scroll={false}
            data-plain={t.verdict ? undefined : ''}
          >
            {t.verdict && <VerdictMark verdict={t.verdict} />}
            <b>{t.title}</b>
            <span>{t.verdict ? [t.note, verdictWords[t.verdict]].filter(Boolean).join(' · ') : t.note}</span>
          </Link>
        ))}
      </nav>
    </header>
  );
}
