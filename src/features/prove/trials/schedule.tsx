'use client';

import Link from 'next/link';
import type { Trials, TrialState } from '@/core/prove';
import { machineHref, todayIso, useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';
import { trialTitle } from '@/words';
import styles from './trials.module.css';

/** What is to be proved again, the soonest first; what is stale at once. */
export function Schedule({ trials }: { readonly trials: Trials }) {
  const { project } = useMachine();
  const href = ({ plan }: TrialState) =>
    `${machineHref('prove', project.id)}&v=${plan.stage}&trial=${encodeURIComponent(plan.key)}`;
  const due = trials.trials
    .flatMap((t) => {
      const day = t.standing === 'stale' ? todayIso() : t.due;
      return day ? [{ t, day }] : [];
    })
    .sort((a, b) => a.day.localeCompare(b.day));
  if (!due.length) return null;
  return (
    <Fold summary={`To prove again: ${due.length}, next on ${due[0]!.day}`}>
      <p>After a repair or a crash at once; else after so many months (common practice, no source).</p>
      <ul className={styles.records}>
        {due.map(({ t, day }) => (
          <li key={t.plan.key}>
            <Link href={href(t)} replace>
              {trialTitle(t.plan.key, t.axisName)}
            </Link>
            <span>{t.standing === 'stale' ? 'stale: now' : day}</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
