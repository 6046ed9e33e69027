'use client';

import { useMemo, useState } from 'react';
import {
  frameOfInstead,
  type Instead,
  insteadGroups,
  insteadOf,
  substitution,
  withInstead,
} from '@/core/choose';
import { frameKey, type MachineContext, summaryOf } from '@/core/machine';
import { change } from '@/core/model';
import { useMachine, usePainted } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { Notice } from '@/ui/notice';
import { insteadGroupNames, insteadText, refusalText } from '@/words';
import { useJob } from '@/workers';
import styles from '../fit.module.css';
import type { FitPage } from '../page';
import own from './instead.module.css';
import { Differences } from './differences';
import { TurnedList } from './turned-list';

/** How long a choice must stand before its frame is solved, ms. */
const PAUSE = 120;

/** A part that is looked at, in the machine; solved beside the page. */
function useInstead(before: MachineContext, index: number, instead: Instead | undefined) {
  const after = useMemo(() => instead && withInstead(before, instead.edits), [before, instead]);
  const inputs = useMemo(() => (after?.project.structure ? frameOfInstead(after) : null), [after]);
  const key = useMemo(() => (inputs ? frameKey(inputs) : null), [inputs]);
  const { output, busy, failed } = useJob('frame', { input: inputs, key, pause: PAUSE, lane: 'instead' });
  const solved = useMemo(() => (!busy && output?.ok ? summaryOf(output.report) : null), [busy, output]);
  return useMemo(
    () => (after ? { change: substitution(before, after, index, solved), solving: busy, failed } : undefined),
    [before, after, index, solved, busy, failed],
  );
}

/** "The supplier has the long block": what another part changes, before it is taken. */
export function InsteadView({ index, views }: FitPage) {
  const { project, editor, system } = useMachine();
  const before = usePainted();
  const choices = useMemo(() => insteadOf(before.project, index), [before.project, index]);
  const [picked, setPicked] = useState<string>();
  const instead = choices.find((c) => c.id === picked);
  const found = useInstead(before, index, instead);
  const name = instead && insteadText(instead.what, system);
  const refused = useMemo(() => {
    const made = instead && change(project, instead.edits);
    return made && !made.ok && made.issues[0] ? refusalText(made.issues[0], system) : undefined;
  }, [instead, project, system]);
  return (
    <>
      <div className={`${styles.left} ${own.first}`}>
        <h2 className={styles.heading}>What the supplier has</h2>
        {insteadGroups.map((group) => {
          const list = choices.filter((c) => c.group === group);
          return list.length ? (
            <Fold
              key={group}
              open={group === 'carriage'}
              className={styles.part}
              summary={insteadGroupNames[group]}
            >
              <div className={own.choices} role="group" aria-label={insteadGroupNames[group]}>
                {list.map((c) => (
                  <Action key={c.id} pressed={c.id === picked} onAct={() => setPicked(c.id)}>
                    {insteadText(c.what, system)}
                  </Action>
                ))}
              </div>
            </Fold>
          ) : null;
        })}
      </div>
      <section aria-labelledby="instead-title" className={styles.middle}>
        {views}
        <h2 className={styles.heading} id="instead-title">
          {name ?? 'Another part'} <small>{name ? 'what it changes' : 'nothing is taken yet'}</small>
        </h2>
        {!instead && (
          <p>
            The supplier has the long block, the thicker tube, the next rail? Choose it: holes, heights, mass,
            sag and verdicts are held against those of the present part. Nothing changes before you take it.
          </p>
        )}
        {refused && <p>It cannot stand there: {refused}</p>}
        {found && <Differences change={found.change} solving={found.solving} />}
        {found?.failed && <Notice kind="error">The frame with it could not be solved: {found.failed}</Notice>}
      </section>
      <section aria-labelledby="fit-findings" className={styles.right}>
        <h2 className={styles.heading} id="fit-findings">
          What turns
        </h2>
        {!instead && <p>Choose a part first.</p>}
        {instead && !found && <p>It cannot be taken.</p>}
        {found && <TurnedList change={found.change} />}
        {found?.solving && <p role="status">Solving the frame: what rests on it follows.</p>}
        {found?.change.guessed && <p>Guessed: numbers of ours are among what this rests on.</p>}
        {instead && found && (
          <div className={own.take}>
            <Action
              onAct={() => {
                const answer = editor.apply(instead.edits, `Instead: ${name}`);
                if (!answer) setPicked(undefined);
                return answer;
              }}
            >
              Take it
            </Action>
            <span>Undo puts the present part back.</span>
          </div>
        )}
      </section>
    </>
  );
}
