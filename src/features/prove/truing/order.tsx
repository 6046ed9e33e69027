'use client';

import Link from 'next/link';
import { useEffect, useRef } from 'react';
import type { SheetState, Truing } from '@/core/prove';
import { machineHref, useMachine } from '@/features/frame';
import { VerdictMark } from '@/ui/verdict-mark';
import { sheetTitle, trueText } from '@/words';
import styles from './truing.module.css';

/** How a sheet stands, in few words. */
function noteOf(s: SheetState, system: 'metric' | 'imperial'): string {
  if (s.state === 'left') return 'left out';
  if (s.state === 'stale') return 'stale: read again';
  if (s.state === 'open') return '';
  const figure = s.last?.result.figures.find((f) => f.good !== null);
  if (s.state === 'reading' || !figure) return `round ${s.rounds.length} begun`;
  const of = figure.of;
  return `${trueText(of, Math.abs(figure.value), system)} of ${trueText(of, figure.good!, system)}`;
}

/** The sheets in the order in which each may trust those before it. */
export function Order({ truing, shown }: { readonly truing: Truing; readonly shown: string }) {
  const { project, system } = useMachine();
  const list = useRef<HTMLElement>(null);
  useEffect(() => {
    // On a phone the list lies along the upper edge: the sheet that is shown is brought into sight.
    const here = list.current?.querySelector('[aria-current]');
    here?.scrollIntoView?.({ block: 'nearest', inline: 'center' });
  }, [shown]);
  return (
    <nav ref={list} aria-label="Order of truing" className={styles.order}>
      <ol>
        {truing.sheets.map((s) => (
          <li key={s.plan.key} data-state={s.state}>
            <Link
              href={`${machineHref('prove', project.id)}&sheet=${encodeURIComponent(s.plan.key)}`}
              aria-current={s.plan.key === shown ? 'step' : undefined}
              replace
            >
              {s.state === 'done' ? (
                <VerdictMark verdict={s.verdict} guessed={s.guessed} />
              ) : (
                <i className={styles.ring} />
              )}
              <span>
                {sheetTitle(s.plan.key, s.axisName)} <small>{noteOf(s, system)}</small>
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}
