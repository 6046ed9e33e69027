'use client';

import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Link from 'next/link';
import { memo, type ReactNode } from 'react';
import type { Verdict } from '@/core/findings';
import { VerdictMark } from '@/ui/verdict-mark';
import { verdictText } from '@/words';
import { useMachine } from './machine-context';
import { NextLink } from './next-link';
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
  /** Whether that verdict rests on numbers of ours. */
  readonly guessed?: boolean;
}

const noteOf = ({ note, verdict, guessed = false }: SheetTab) =>
  verdict ? [note, verdictText(verdict, guessed)].filter(Boolean).join(' · ') : note;

interface HeadTabsProps {
  readonly label: string;
  readonly tabs: readonly SheetTab[];
}

/** Whether two rows of tabs read alike and lead to the same places. */
const sameTabs = (a: HeadTabsProps, b: HeadTabsProps): boolean =>
  a.label === b.label &&
  a.tabs.length === b.tabs.length &&
  a.tabs.every((tab, i) => {
    const other = b.tabs[i]!;
    return (
      tab.id === other.id &&
      tab.title === other.title &&
      noteOf(tab) === noteOf(other) &&
      tab.href === other.href &&
      tab.here === other.here
    );
  });

/** Each tab is an address of its own, so to readers this is a list of links. Drawn where a word changes. */
const HeadTabs = memo(function HeadTabs({ label, tabs }: HeadTabsProps) {
  const here = tabs.find((t) => t.here)?.id ?? false;
  return (
    <nav aria-label={label} className={styles.tabs}>
      <Tabs value={here} role="presentation" slotProps={{ list: { role: 'presentation' } }}>
        {tabs.map((t) => (
          <Tab
            key={t.id}
            value={t.id}
            component={Link}
            href={t.href}
            role="link"
            replace
            scroll={false}
            tabIndex={0}
            aria-selected={undefined}
            aria-current={t.here ? 'page' : undefined}
            data-here={t.here || undefined}
            data-plain={t.verdict ? undefined : ''}
            label={
              <>
                {t.verdict && <VerdictMark verdict={t.verdict} guessed={t.guessed ?? false} />}
                <b>{t.title}</b>
                <span>{noteOf(t)}</span>
              </>
            }
          />
        ))}
      </Tabs>
    </nav>
  );
}, sameTabs);

/** The head of a sheet: name of the machine, small words to work with, tabs on the upper edge. */
export function SheetHead({ label, tabs, children }: HeadTabsProps & { readonly children?: ReactNode }) {
  const { project } = useMachine();
  return (
    <header className={styles.head}>
      <div className={styles.title}>
        <h1>{project.name}</h1>
        <SheetTools>{children}</SheetTools>
        <NextLink />
      </div>
      {tabs.length > 0 && <HeadTabs label={label} tabs={tabs} />}
    </header>
  );
}
