'use client';

import { useMemo } from 'react';
import type { AxisDoubt } from '@/core/doubt';
import { originsOf } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { FindingList, NoNumber, Ours, TrialBar } from '@/features/findings';
import { useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';
import { VerdictMark } from '@/ui/verdict-mark';
import { effectText, labelOf, rungName } from '@/words';
import { useAxis } from './axis-context';
import styles from './panels.module.css';

/** What gives out, the worst first, each with its reason and what can be done. */
export function FindingsPanel({ onWorking, doubt }: { onWorking: (line: string) => void; doubt: AxisDoubt }) {
  const { system, project } = useMachine();
  const { report, axis, index } = useAxis();
  const { verdict, findings, unknowns, noNumber } = report;
  const ours = useMemo(
    () => originsOf(project, index, axis, report.ours),
    [project, index, axis, report.ours],
  );
  const title =
    verdict === 'gives-out'
      ? 'What gives out'
      : verdict === 'thin'
        ? 'What is thin'
        : verdict === 'holds'
          ? 'Nothing gives out'
          : 'What is not known';
  const { next } = doubt;
  return (
    <section aria-labelledby="findings-title" data-verdict={verdict} data-testid="findings">
      <h2 className={styles.heading} id="findings-title">
        {title}
      </h2>
      <TrialBar />
      <NoNumber codes={noNumber} />
      <FindingList
        findings={findings}
        calm={noNumber.length ? 'What is not named above holds.' : 'Every check of this axis holds.'}
        ours={ours.length}
        reach={report.speed}
        onWorking={onWorking}
      />
      {ours.length > 0 && <Ours paths={ours} title={`Ours until you say so: ${ours.length}`} />}
      {next && (
        <div className={styles.next}>
          <h3>
            <VerdictMark verdict="not-known" /> Worth measuring next
          </h3>
          <p>
            <b>{labelOf(next.path)}</b>: its doubt moves “{rungName[next.rung].toLowerCase()}” by ±{' '}
            {formatQuantity('speed', next.halfWidth, system, 2).text}, and that decides whether it holds.
          </p>
        </div>
      )}
      {unknowns.length > 0 && (
        <Fold
          sign={false}
          summary={
            <>
              <VerdictMark verdict="not-known" /> <b>Not known yet</b> {unknowns.length}
            </>
          }
        >
          <ul className={styles.unknown}>
            {unknowns.map((u) => (
              <li key={u.path}>
                <b>{labelOf(u.path)}</b>: {effectText[u.effect]}
              </li>
            ))}
          </ul>
        </Fold>
      )}
    </section>
  );
}
