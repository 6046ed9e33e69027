'use client';

import { useState } from 'react';
import { oursOfMachine } from '@/core/machine';
import { SURE, useMachine, usePainted } from '@/features/frame';
import { Action } from '@/ui/action';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { Toggle } from '@/ui/toggle';
import { BenchHead } from '../bench-head';
import { Bands } from './bands';
import { Chances } from './chances';
import { MeasureNext } from './measure-next';
import { Outlook } from './outlook';
import styles from './sure.module.css';
import { drawnAlike, DRAWS, useDoubt } from './use-doubt';
import { WhatIf } from './what-if';

type View = 'chances' | 'what-if' | 'bands';
const views = [
  ['chances', 'Chances'],
  ['what-if', 'What if'],
  ['bands', 'Bands'],
] as const;

/**
 * How sure the answers of the machine are: chances, what makes the doubt, what to measure next.
 * @param draws how often the machine is drawn.
 */
export function SureView({ draws = DRAWS }: { readonly draws?: number }) {
  const { project } = useMachine();
  const context = usePainted();
  const { state, stop, again } = useDoubt(project, draws);
  const [view, setView] = useState<View>('chances');
  const { doubt, done, stopped, failed } = state;
  const stale = doubt !== null && !drawnAlike(doubt.of, project);
  const guessed = oursOfMachine(context).length > 0;
  return (
    <div className={styles.sure}>
      <div className={styles.headBox}>
        <BenchHead current={SURE} />
      </div>
      <div className={styles.top}>
        {doubt ? (
          <Outlook doubt={doubt} stale={stale} />
        ) : (
          <p className={styles.lead}>
            Every figure that is measured, read off a sheet or guessed may be off. The machine is drawn{' '}
            {draws.toLocaleString('en-GB')} times, each time with other figures, and judged.
          </p>
        )}
        {done !== null && (
          <Progress label="Draws" done={done} of={1}>
            <Action onAct={stop}>Stop</Action>
          </Progress>
        )}
        {stopped && (
          <p role="status">
            Stopped. <Action onAct={again}>Draw again</Action>
          </p>
        )}
        {failed !== null && <Notice kind="error">The draws failed: {failed}</Notice>}
      </div>
      <div className={styles.main}>
        <Toggle label="View of the doubt" options={views} value={view} onPick={setView} />
        {view === 'what-if' && <WhatIf />}
        {view === 'chances' && doubt && <Chances doubt={doubt} stale={stale} guessed={guessed} />}
        {view === 'bands' && doubt && <Bands doubt={doubt} />}
      </div>
      <aside className={styles.side} aria-label="Measure next">
        <h2>Measure next</h2>
        {doubt ? <MeasureNext doubt={doubt} stale={stale} /> : <p className={styles.hint}>Drawing…</p>}
      </aside>
    </div>
  );
}
