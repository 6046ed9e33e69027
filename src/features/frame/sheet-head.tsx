'use client';

import Link from 'next/link';
import { memo, type ReactNode, useEffect, useRef } from 'react';
import type { Verdict } from '@/core/findings';
import { Hint } from '@/ui/hint';
import { VerdictMark } from '@/ui/verdict-mark';
import { verdictMeans, verdictText } from '@/words';
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

/** What the word on a tab means; nothing where it has none. */
const meansOf = ({ verdict, guessed = false }: SheetTab) => (verdict ? verdictMeans(verdict, guessed) : '');

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

/** Brings an element of a strip into view, sideways alone: the page stays where it was. */
function show(strip: HTMLElement, element: Element): void {
  const [around, it] = [strip.getBoundingClientRect(), element.getBoundingClientRect()];
  if (it.left < around.left) strip.scrollLeft += it.left - around.left;
  else if (it.right > around.right) strip.scrollLeft += it.right - around.right;
}

/**
 * A strip that shows the tab that is open when it is opened, and goes on showing it while words and fonts
 * arrive. Once somebody has moved it, it stays: a tab must not slip away from the finger that presses it.
 */
function useStrip(here: string | undefined) {
  const strip = useRef<HTMLElement>(null);
  useEffect(() => {
    const nav = strip.current;
    if (!nav) return;
    let ours = nav.scrollLeft;
    const follow = () => {
      const open = nav.querySelector('[data-here]');
      if (nav.scrollLeft !== ours || !open) return;
      show(nav, open);
      ours = nav.scrollLeft;
    };
    follow();
    const sizes = new ResizeObserver(follow);
    for (const tab of nav.children) sizes.observe(tab);
    return () => sizes.disconnect();
  }, [here]);
  return strip;
}

/** Each tab is an address of its own, so this is a list of links. Drawn where a word changes. */
const HeadTabs = memo(function HeadTabs({ label, tabs }: HeadTabsProps) {
  const strip = useStrip(tabs.find((t) => t.here)?.id);
  return (
    <nav aria-label={label} className={styles.tabs} ref={strip}>
      {tabs.map((t) => (
        <Hint key={t.id} text={meansOf(t)}>
          <Link
            href={t.href}
            replace
            scroll={false}
            aria-current={t.here ? 'page' : undefined}
            data-here={t.here || undefined}
            data-plain={t.verdict ? undefined : ''}
          >
            {t.verdict && <VerdictMark verdict={t.verdict} guessed={t.guessed ?? false} />}
            <b>{t.title}</b>
            <span>{noteOf(t)}</span>
          </Link>
        </Hint>
      ))}
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
