'use client';

import { useMemo, useState } from 'react';
import { planOf } from '@/core/changes';
import { change } from '@/core/model';
import {
  heldEdit,
  roomForPlans,
  type SchoolAnswer,
  type SchoolId,
  schoolIds,
  type SideAnswer,
} from '@/core/variants';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { useJob } from '@/workers';
import { factNames, killedText, notConcernedTexts, schoolTexts, sideTexts } from '@/words';
import { AllTable } from './all-table';
import { freshName, noRoom, UNREADABLE } from './names';
import type { SideState } from './use-sides';
import styles from './variants.module.css';

const options = schoolIds.map((id) => [id, schoolTexts[id].title] as const);

/** Holds the machine as one side would have it beside the plan. */
function useHolding(title: string) {
  const { project, session, editor } = useMachine();
  return ({ side, edits }: SideAnswer) => {
    const now = session.project ?? project;
    if (roomForPlans(now) <= 0) return noRoom(now);
    const made = change(now, edits);
    if (!made.ok) return 'The plan has changed since: look again.';
    const name = freshName(now, `${title}: ${sideTexts[side].name.toLowerCase()}`);
    const stamp = { id: freshId(), at: new Date().toISOString(), name };
    const edit = heldEdit(now, planOf(made.project), stamp);
    return edit ? editor.apply([edit], `Put by: ${name}`) : UNREADABLE;
  };
}

/** What each side says of itself, and the press that holds it beside the plan. */
function Sides({ answer }: { readonly answer: SchoolAnswer }) {
  const hold = useHolding(schoolTexts[answer.school].title);
  return (
    <div className={styles.sides}>
      {answer.sides.map((side) => (
        <section key={side.side} aria-label={sideTexts[side.side].name}>
          <h3>{sideTexts[side.side].name}</h3>
          <p>{sideTexts[side.side].says}</p>
          {!side.figures && !side.outlook && (
            <p>
              <b>Nothing of it holds here.</b> {killedText(side.killed, 3).join(', ')}
            </p>
          )}
          {side.edits.length > 0 && (
            <Action
              label={`Hold it as a variant: ${sideTexts[side.side].name}`}
              title="Beside the plan, to hold against it part by part"
              onAct={() => hold(side)}
            >
              Hold it as a variant
            </Action>
          )}
        </section>
      ))}
    </div>
  );
}

/** Numbers that only this quarrel is about, a column for each side. */
function Facts({ sides }: Pick<SchoolAnswer, 'sides'>) {
  const { project, system } = useMachine();
  const rows = sides.find((s) => s.facts.length)?.facts ?? [];
  if (!rows.length) return null;
  const names = sides.map((s) => sideTexts[s.side].name);
  return (
    <CardTable titles={['Here', ...names]} label="Numbers of this quarrel" className={styles.answers}>
      {rows.map(({ id, at }) => (
        <tr key={`${id} ${at}`}>
          <th scope="row">
            {factNames[id]}
            {at && <small>, {project.axes.find((a) => a.id === at)?.name}</small>}
          </th>
          {sides.map((s) => {
            const own = s.facts.find((f) => f.id === id && f.at === at);
            return (
              <td key={s.side} data-title={sideTexts[s.side].name}>
                {own && Number.isFinite(own.value)
                  ? formatQuantity(own.kind, own.value, system, 3).text
                  : 'no limit'}
              </td>
            );
          })}
        </tr>
      ))}
    </CardTable>
  );
}

/** Sizes and moving masses of arrangements. */
function Outlooks({ sides }: Pick<SchoolAnswer, 'sides'>) {
  const { system } = useMachine();
  const told = sides.flatMap(({ side, outlook }) => (outlook ? [{ side, outlook }] : []));
  if (!told.length) return null;
  const say = (kind: 'length' | 'mass', si: number | null) =>
    si === null ? 'not known' : formatQuantity(kind, si, system, 3).text;
  return (
    <CardTable
      titles={['Arrangement', 'Along the bed', 'Across', 'Moves', 'Fits the place']}
      label="Arrangements"
      className={styles.answers}
    >
      {told.map(({ side, outlook }) => (
        <tr key={side}>
          <th scope="row">{sideTexts[side].name}</th>
          <td data-title="Along the bed">{say('length', outlook.length)}</td>
          <td data-title="Across">{say('length', outlook.width)}</td>
          <td data-title="Moves">
            {say('mass', outlook.moving)}
            {outlook.guessed ? ', an estimate' : ''}
          </td>
          <td data-title="Fits the place">
            {outlook.fits === null ? 'not known' : outlook.fits ? 'yes' : 'no'}
          </td>
        </tr>
      ))}
    </CardTable>
  );
}

/** All numbers of both sides. */
function Numbers({ answer }: { readonly answer: SchoolAnswer }) {
  const { project } = useMachine();
  const plan = planOf(project);
  const there = answer.sides.filter((s) => s.figures !== null);
  const sides = there.map(({ side }) => ({ id: side, name: sideTexts[side].name, plan }));
  const known = new Map<string, SideState>(
    there.map(({ side, figures }) => [side, { of: plan, figures, failed: null }]),
  );
  return (
    <>
      <Facts sides={answer.sides} />
      <Outlooks sides={answer.sides} />
      {there.length > 0 && <AllTable sides={sides} known={known} />}
    </>
  );
}

/** Quarrels of the trade, both sides heard, with the numbers of this machine. */
export function Schools() {
  const { project } = useMachine();
  const [school, setSchool] = useState<SchoolId>('screw-rack');
  const { title, about, how, decides } = schoolTexts[school];
  // Everything that the answers depend on; a note or a reading asks for nothing anew.
  const key = useMemo(() => {
    const { axes, brief, structure, stand, ownParts } = project;
    return JSON.stringify([school, axes, brief, structure, stand, ownParts]);
  }, [project, school]);
  const input = { project: { ...project, revisions: [], log: [] }, school };
  const { output, step, busy, failed, stopped, stop, again } = useJob('school', {
    input,
    key,
    pause: 200,
    lane: 'school',
  });
  const answer = output && typeof output !== 'string' && output.school === school ? output : null;
  const axis = answer?.axisId ? project.axes.find((a) => a.id === answer.axisId)?.name : undefined;
  return (
    <article className={styles.school} aria-label={title}>
      <Choice label="Quarrel" value={school} options={options} onPick={setSchool} />
      <p>
        {about} {how}
        {axis ? ` Here: ${axis}.` : ''}
      </p>
      {busy && (
        <Progress label="Both sides" done={step?.done ?? 0} of={step?.of ?? 1}>
          <Action onAct={stop}>Stop</Action>
        </Progress>
      )}
      {stopped && (
        <p role="status">
          Stopped. <Action onAct={again}>Look again</Action>
        </p>
      )}
      {failed !== null && <Notice kind="error">It could not be worked out: {failed}</Notice>}
      {!busy && typeof output === 'string' && <p role="status">{notConcernedTexts[output]}</p>}
      {answer && (
        <div data-old={busy || undefined}>
          <Sides answer={answer} />
          <p>
            <b>What decides it.</b> {decides}
          </p>
          <Numbers answer={answer} />
        </div>
      )}
    </article>
  );
}
