'use client';

import Link from 'next/link';
import { useEffect, useRef } from 'react';
import type { TrialKind, Trials, TrialState } from '@/core/prove';
import type { Verdict } from '@/core/findings';
import { machineHref, useMachine } from '@/features/frame';
import { VerdictMark } from '@/ui/verdict-mark';
import { standingWords, trialTitles } from '@/words';
import styles from './trials.module.css';

/** Mark of a trial that came to a verdict; undefined for one that did not. */
export const markOf = ({ standing }: TrialState): Verdict | undefined =>
  (({ passed: 'holds', failed: 'gives-out', unsure: 'not-known', stale: 'thin' }) as const)[
    standing as 'passed'
  ];

interface OrderProps {
  readonly trials: Trials;
  readonly stage: 'first' | 'proof';
  readonly shown: string;
}

/** Trials by kind in their order, an entry for each axis. */
export function TrialOrder({ trials, stage, shown }: OrderProps) {
  const { project } = useMachine();
  const list = useRef<HTMLElement>(null);
  useEffect(() => {
    // On a phone the list lies along the upper edge: the trial that is shown is brought into sight.
    list.current?.querySelector('[aria-current]')?.scrollIntoView?.({ block: 'nearest', inline: 'center' });
  }, [shown]);
  const groups = new Map<TrialKind, TrialState[]>();
  for (const t of trials.trials)
    if (t.plan.stage === stage) groups.set(t.plan.kind, [...(groups.get(t.plan.kind) ?? []), t]);
  const href = (key: string) =>
    `${machineHref('prove', project.id)}&v=${stage}&trial=${encodeURIComponent(key)}`;
  const letter = (t: TrialState) => project.axes.find((a) => a.id === t.plan.axis)?.letter ?? '';
  const named = stage === 'first' ? 'Steps of first motion' : 'Proofs';
  return (
    <nav ref={list} aria-label={named} className={styles.order}>
      <ol>
        {[...groups].map(([kind, states]) => (
          <li key={kind}>
            <span>{trialTitles[kind]}</span>
            <ul>
              {states.map((t) => {
                const mark = markOf(t);
                const of = t.axisName || 'machine';
                const words = `${trialTitles[kind]}, ${of}: ${standingWords[t.standing]}`;
                return (
                  <li
                    key={t.plan.key}
                    data-standing={t.standing}
                    data-waits={t.waits.length > 0 || undefined}
                  >
                    <Link
                      href={href(t.plan.key)}
                      aria-current={t.plan.key === shown ? 'step' : undefined}
                      aria-label={words}
                      title={words}
                      replace
                    >
                      {mark ? (
                        <VerdictMark verdict={mark} guessed={t.guessed} />
                      ) : (
                        <i className={styles.ring} />
                      )}
                      {letter(t) || 'all'}
                    </Link>
                  </li>
                );
              })}
            </ul>
          </li>
        ))}
      </ol>
    </nav>
  );
}
