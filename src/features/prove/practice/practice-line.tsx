'use client';

import type { SheetState, TrialState } from '@/core/prove';
import { usePractice } from '@/features/frame';
import { canTry, practiceReading, practiceTrial } from '@/standins';
import { Action } from '@/ui/action';
import { PRACTICE_NOTE } from '@/words';
import type { TrialActs } from '../trials/use-trial';
import type { SheetActs } from '../truing/use-sheet';
import styles from './practice.module.css';

/** Readings of a sheet off the practice machine: the place that is lit, or all that are open. */
export function PracticeSheetLine({ state, acts }: { readonly state: SheetState; readonly acts: SheetActs }) {
  const ground = usePractice();
  if (!ground || ground.practice.ended) return null;
  const { plan, method } = state;
  const round = acts.round ?? acts.begun();
  const valueOf = (at: number) => practiceReading(ground, round, { plan, cell: acts.cells[at]!, method });
  const open = acts.shown.flatMap((s, i) => (s.count === 0 ? [i] : []));
  return (
    <p className={styles.line} role="group" aria-label="Practice machine">
      <span>{PRACTICE_NOTE}</span>
      <Action variant="outlined" onAct={() => acts.takeAt(round, acts.at, valueOf(acts.at), false)}>
        Read this place
      </Action>
      <Action onAct={() => acts.takeAt(round, acts.at, valueOf(acts.at), true)}>Once more here</Action>
      {open.length > 0 && (
        <Action
          onAct={() =>
            acts.takeAll(
              round,
              open.map((at) => ({ at, si: valueOf(at) })),
            )
          }
        >
          Read all that are open
        </Action>
      )}
    </p>
  );
}

/** A trial run on the practice machine. */
export function PracticeTrialLine({ state, acts }: { readonly state: TrialState; readonly acts: TrialActs }) {
  const ground = usePractice();
  if (!ground || ground.practice.ended) return null;
  const plan = ground.trials.find((t) => t.key === state.plan.key);
  if (!plan || !canTry(ground, plan))
    return <p className={styles.line}>{PRACTICE_NOTE} This one cannot be tried on it: leave it out.</p>;
  const run = () => {
    const said = acts.record ?? acts.begun();
    return acts.writeAll(said, practiceTrial(ground, plan, said));
  };
  return (
    <p className={styles.line} role="group" aria-label="Practice machine">
      <span>{PRACTICE_NOTE}</span>
      <Action variant="outlined" onAct={run}>
        Try it on the practice machine
      </Action>
    </p>
  );
}
