'use client';

import { useMemo } from 'react';
import { type Plan, planOf } from '@/core/changes';
import { against, type Against, replannedEdit, withLinks } from '@/core/variants';
import { put, type Plain } from '@/core/model';
import { AxisAnswers } from '@/features/findings';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import type { Refused } from '@/ui/refusal';
import { againstText } from '@/words';
import { AgainstTable, Turned } from './against-table';
import { Pieces } from './pieces';
import { PAIR_DRAWS, useDrawn } from './use-drawn';
import { UNREADABLE } from './names';
import { NOW, type Side, type SideState } from './use-sides';
import styles from './variants.module.css';

export interface Picked {
  /** Id of the side that is changed by what is taken, and of the one it is held against. */
  readonly into: string;
  readonly other: string;
}

interface PairProps {
  readonly sides: readonly Side[];
  readonly known: ReadonlyMap<string, SideState>;
  readonly picked: Picked;
  readonly onPick: (picked: Picked) => void;
}

/**
 * Takes pieces of one plan into another: into the present one through the gate, into a variant as it lies
 * there.
 */
function useTaking({ into, other }: { readonly into: Side; readonly other: Side }) {
  const { project, session, editor } = useMachine();
  return (ids: readonly string[], label: string): Refused => {
    const now = session.project ?? project;
    const from = other.id === NOW ? planOf(now) : other.plan;
    const old = into.id === NOW ? planOf(now) : into.plan;
    if (!from || !old) return 'One of the two plans cannot be read any more.';
    const made = withLinks(old, from, new Set(ids));
    if (into.id !== NOW) {
      const edit = replannedEdit(now, into.id, made);
      return edit ? editor.apply([edit], `${into.name}: ${label}`) : UNREADABLE;
    }
    const edits = (Object.keys(made) as (keyof Plan)[])
      .filter((field) => made[field] !== old[field])
      .map((field) => put<string>(field, made[field] as unknown as Plain));
    return editor.apply(edits, `Taken: ${label}`);
  };
}

interface Answers {
  readonly before: SideState;
  readonly after: SideState;
  readonly names: readonly [before: string, after: string];
}

/** What the second has over the first, in three sentences. */
function Told({
  held,
  unpicked,
  names,
}: Pick<Answers, 'names'> & { readonly held: Against; readonly unpicked: number }) {
  const { project, system } = useMachine();
  const { gains, loses, money } = againstText(held, unpicked, project, system);
  return (
    <div className={styles.told}>
      <p>
        <b>{names[1]} gains</b> {gains || 'nothing that would be felt'}.
      </p>
      <p>
        <b>Gives up</b> {loses || 'nothing that would be felt'}.
      </p>
      <p>{money}</p>
    </div>
  );
}

/** Answers of both, with the doubt of their differences once it is drawn. */
function BothAnswers({ before, after, names }: Answers) {
  const { pair, done, failed } = useDrawn(before.of, after.of);
  const held = useMemo(
    () => against(before.figures!, after.figures!, pair ?? undefined),
    [before.figures, after.figures, pair],
  );
  const unpicked = Math.max(before.figures!.money.unpicked, after.figures!.money.unpicked);
  return (
    <>
      <Told held={held} unpicked={unpicked} names={names} />
      <h2 className={styles.heading}>
        What they come to <small>with their frames solved</small>
      </h2>
      <AgainstTable rows={held.rows} names={names} />
      {done !== null && <Progress label="Doubt of the differences" done={done} of={1} />}
      {failed !== null && <Notice kind="error">The doubt could not be drawn: {failed}</Notice>}
      <p className={styles.hint}>
        {pair
          ? `Both are drawn ${PAIR_DRAWS} times. What they have in common takes the same numbers in both, ` +
            'so ± is what tells them apart, 95 %. Below half of it the two are the same.'
          : 'How sure a difference is is being drawn. Until then what differs by half a per cent counts.'}
      </p>
      <Turned {...held} />
    </>
  );
}

/** Two sides, answer by answer and piece by piece. */
export function Pair({ sides, known, picked, onPick }: PairProps) {
  const [into, other] = [picked.into, picked.other].map(
    (id) => sides.find((s) => s.id === id) ?? sides[0]!,
  ) as [Side, Side];
  const taking = useTaking({ into, other });
  const options = sides.map((s) => [s.id, s.name] as const);
  const [before, after] = [known.get(into.id), known.get(other.id)];
  const names = [into.name, other.name] as const;
  const failed = before?.failed ?? after?.failed ?? null;
  return (
    <>
      <div className={styles.picks}>
        <Choice
          label="This one"
          value={into.id}
          options={options}
          onPick={(id) => onPick({ ...picked, into: id })}
        />
        <Choice
          label="Held against"
          value={other.id}
          options={options}
          onPick={(id) => onPick({ ...picked, other: id })}
        />
        <Action onAct={() => onPick({ into: other.id, other: into.id })}>Turn round</Action>
      </div>
      {failed !== null && <Notice kind="error">It could not be worked out: {failed}</Notice>}
      {(!into.plan || !other.plan) && (
        <Notice kind="error">What was kept of one of them is damaged, or breaks a rule of today.</Notice>
      )}
      {into.plan && other.plan && (
        <>
          {before?.figures && after?.figures ? (
            <BothAnswers {...{ before, after, names }} />
          ) : (
            failed === null && <p role="status">Both are being worked out…</p>
          )}
          <Fold lazy summary="Axis by axis">
            <AxisAnswers before={into.plan} after={other.plan} names={names} />
          </Fold>
          <h2 className={styles.heading}>
            What differs <small>a motor goes with its driver and supply, a drive with its ends</small>
          </h2>
          <Pieces before={into.plan} after={other.plan} names={names} onTake={taking} />
        </>
      )}
    </>
  );
}
