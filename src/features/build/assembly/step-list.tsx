'use client';

import type { Turn, WorkContext, WorkStep } from '@/core/build';
import { CheckBox } from '@/ui/check-box';
import { type AssemblyNames, workTime } from '@/words';
import styles from './assembly.module.css';
import { useSteps } from './use-steps';

interface ListProps {
  readonly work: WorkContext;
  readonly names: AssemblyNames;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** What a step waits for, in a word. */
function waitsFor({ plan, tonight }: WorkContext, step: WorkStep): string {
  const missing = plan.missing.filter((m) => m.step === step.id);
  if (step.state === 'done') return '';
  if (missing.length) return `waits for ${missing.length === 1 ? '1 line' : `${missing.length} lines`}`;
  return tonight.doable.some((d) => d.step === step.id) ? 'can be done' : '';
}

function TurnRow({ turn, names }: { readonly turn: Turn; readonly names: AssemblyNames }) {
  return (
    <li className={styles.turn}>
      {turn.kind === 'off' ? 'Off again for a while: ' : 'On again: '}
      {names.step(turn.id)}
    </li>
  );
}

/** Every step in its order, ticked when it is done; parts that come off between stand where they do. */
export function StepList({ work, names, picked, onPick }: ListProps) {
  const { steps, ordering } = work.assembly;
  const { done } = useSteps();
  const byId = new Map(steps.map((s) => [s.id, s]));
  // Without an order the steps stand as they are told.
  const turns: readonly Turn[] = ordering.turns.length
    ? ordering.turns
    : steps.map((s) => ({ kind: 'do', id: s.id }));
  const numbers = new Map(turns.filter((t) => t.kind === 'do').map((t, i) => [t.id, i + 1]));
  return (
    <ol className={styles.steps} aria-label="Steps in their order">
      {turns.map((turn, i) => {
        if (turn.kind !== 'do') return <TurnRow key={`${turn.kind} ${turn.id} ${i}`} {...{ turn, names }} />;
        const step = byId.get(turn.id)!;
        const name = names.step(step.id);
        const note = waitsFor(work, step);
        return (
          <li key={step.id} className={step.id === picked ? styles.picked : undefined}>
            <CheckBox
              label={`${name}: done`}
              checked={step.state === 'done'}
              bare
              onCheck={(v) => done(step.id, v, name)}
            />
            <button type="button" aria-pressed={step.id === picked} onClick={() => onPick(step.id)}>
              <b>{numbers.get(step.id)}</b>
              <span>{name}</span>
              <small>
                {note && <i className={note === 'can be done' ? styles.can : styles.waits}>{note}</i>}{' '}
                {workTime(step.work)}
                {step.wait > 0 ? `, then ${step.wait} h` : ''}
              </small>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
