'use client';

import { useMemo, useState } from 'react';
import { planOf } from '@/core/changes';
import {
  type FoundSet,
  presentSet,
  type Scale,
  scales,
  setEdits,
  type SetLine,
  type TogetherAnswer,
  type TogetherLimits,
  worthReading,
} from '@/core/choose';
import { type Axis, change } from '@/core/model';
import { oursOf } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { heldEdit, roomForPlans } from '@/core/variants';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { VerdictMark } from '@/ui/verdict-mark';
import { combinationsText, lineMoney, reasonNames, scaleNames, scaleText, verdictText } from '@/words';
import { partNames } from '../search/found';
import { MoneyBrush, moneyOf, type MoneyRange } from '../search/money-brush';
import { SearchChart, SET_KIND } from '../search/search-chart';
import { freshName, noRoom, UNREADABLE } from './names';
import styles from './variants.module.css';

const heavierName = (axis: Axis) => `Heavier drive of ${axis.name}`;
const guessed = ({ lines }: FoundSet) => lines.some((l) => oursOf(l.axis).length > 0);

function Verdict({ set }: { readonly set: FoundSet }) {
  const ours = guessed(set);
  return (
    <>
      <VerdictMark verdict={set.verdict} guessed={ours} /> {verdictText(set.verdict, ours)}
    </>
  );
}

/** A line without the supply that the set names by itself. */
function bare(line: SetLine, { supplies }: FoundSet): Pick<SetLine, 'axis'> {
  const { supply, ...parts } = line.axis.parts;
  const told = supplies.some((s) => s.part !== '' && s.part === supply);
  return told ? { axis: { ...line.axis, parts } } : line;
}

/** Makes a set the plan, or holds the machine with it as a variant. */
function useTaking(set: FoundSet) {
  const { project, session, editor } = useMachine();
  const made = () => {
    const now = session.project ?? project;
    return { now, ...change(now, setEdits(now, set, heavierName)) };
  };
  const take = () =>
    editor.apply(setEdits(session.project ?? project, set, heavierName), 'Parts for all axes');
  const hold = () => {
    const then = made();
    if (roomForPlans(then.now) <= 0) return noRoom(then.now);
    if (!then.ok) return 'The plan has changed since: look again.';
    const name = freshName(then.now, `Parts for ${lineMoney(set)}`);
    const stamp = { id: freshId(), at: new Date().toISOString(), name };
    const edit = heldEdit(then.now, planOf(then.project), stamp);
    return edit ? editor.apply([edit], `Put by: ${name}`) : UNREADABLE;
  };
  return { take, hold };
}

/** What hangs on which supply, and what a set weighs more than the present drives. */
function Shared({ set }: { readonly set: FoundSet }) {
  const { project, system } = useMachine();
  const nameOf = (id: string) => project.axes.find((a) => a.id === id)!.name;
  const kg = (v: number) => formatQuantity('mass', v, system, 2).text;
  return (
    <ul className={styles.sharing}>
      {set.supplies.map(({ part, axisIds }) => {
        if (!part) return null;
        const watts = set.lines.filter((l) => axisIds.includes(l.axisId)).reduce((s, l) => s + l.draws, 0);
        const { axis } = set.lines.find((l) => l.axisId === axisIds[0])!;
        const [supply] = partNames(project, { axis: { ...axis, parts: { supply: part } } });
        return (
          <li key={axisIds.join()}>
            {supply} for {axisIds.map(nameOf).join(', ')}: {formatQuantity('power', watts, system, 2).text} at
            the most
          </li>
        );
      })}
      {set.heavier.map(({ axisId, onId, kg: more }) => (
        <li key={`${axisId} ${onId}`}>
          {kg(more)} heavier than the present drive of {nameOf(axisId)}
          {onId ? `, carried by ${nameOf(onId)}; taken, it is a body there` : ', on what stands'}
        </li>
      ))}
    </ul>
  );
}

interface PickedProps {
  readonly set: FoundSet;
  readonly scale: Scale;
  /** Axes that were looked through. */
  readonly ids: readonly string[];
}

/** One set beside what is there, to be taken. */
function Picked({ set, scale, ids }: PickedProps) {
  const { project, system } = useMachine();
  const now = useMemo(() => presentSet(project, ids), [project, ids]);
  const { take, hold } = useTaking(set);
  const nameOf = (id: string) => project.axes.find((a) => a.id === id)!.name;
  return (
    <section aria-label="Picked set">
      <h2 className={styles.heading}>
        <Verdict set={set} /> <small>money {lineMoney(set)}</small>
      </h2>
      <CardTable titles={['Axis', 'Drive train', scaleNames[scale]]} label="Drive trains of the set">
        {set.lines.map((line) => (
          <tr key={line.axisId}>
            <th scope="row">{nameOf(line.axisId)}</th>
            <td data-title="Drive train">{partNames(project, bare(line, set)).join(' · ')}</td>
            <td data-title={scaleNames[scale]}>{scaleText(line.figures, scale, system)}</td>
          </tr>
        ))}
      </CardTable>
      <Shared set={set} />
      <CardTable titles={['The poorest axis', 'now', 'with it']} label="Now and with the set">
        {scales.map((s) => (
          <tr key={s}>
            <th scope="row">{s === 'effort' ? 'Effort, all axes' : scaleNames[s]}</th>
            <td data-title="now">{scaleText(now.figures, s, system)}</td>
            <td data-title="with it">{scaleText(set.figures, s, system)}</td>
          </tr>
        ))}
      </CardTable>
      <p className={styles.hint}>
        Every check of each drive train was made, on its axis as the machine loads it with this set. What else
        hangs on their sizes (plates, ends, stops, the frame) is judged when you take it, which can be undone.
      </p>
      <div className={styles.press}>
        <Action variant="contained" onAct={take}>
          Take it
        </Action>
        <Action title="Beside the plan, to hold against it part by part" onAct={hold}>
          Hold it as a variant
        </Action>
      </div>
    </section>
  );
}

/** Why nothing is shown, and what to give way on. */
function NoSet({ barren, looked }: Pick<TogetherAnswer, 'barren'> & { readonly looked: string }) {
  const { project } = useMachine();
  const names = barren.map((id) => project.axes.find((a) => a.id === id)!.name).join(', ');
  return (
    <p className={styles.lead}>
      No set holds. {looked} looked at, axis by axis.{' '}
      {names
        ? `By itself nothing holds on ${names}: its sheet, Look for parts, says what most went by.`
        : 'Each axis has drive trains that hold; together they ask more than a supply gives, ' +
          'than lies in the drawer, or than the money.'}{' '}
      Give way: more kinds of drive, more money, a heavier drive, two supplies.
    </p>
  );
}

/** How much was looked at; of axes that are alike it is said once. */
function lookedAt(combinations: readonly number[]): string {
  const told = combinations.map(combinationsText);
  const [first] = told;
  return told.length > 1 && told.every((t) => t === first) ? `${first} on each axis` : told.join(', ');
}

interface FoundProps {
  readonly answer: TogetherAnswer;
  readonly asked: TogetherLimits;
  /** Whether the machine was changed since. */
  readonly stale: boolean;
}

/** The sets that are worth their money, and the few of them that are worth reading. */
export function FoundSets({ answer, asked, stale }: FoundProps) {
  const { project, system } = useMachine();
  const { scale, axes } = asked;
  const [id, setId] = useState<string | null>(null);
  const [range, setRange] = useState<MoneyRange | null>(null);
  const now = useMemo(() => presentSet(project, axes), [project, axes]);
  if (stale) return <p className={styles.lead}>The machine was changed since. Look again.</p>;
  const whole = moneyOf(answer.sets);
  const shown = range ?? whole;
  const sets = answer.sets.filter((s) => s.money >= shown[0] && s.money <= shown[1]);
  const looked = lookedAt(answer.combinations);
  const read = worthReading(sets, scale);
  const all = answer.sets;
  const picked = all.find((s) => s.id === id) ?? read[0]?.line ?? all[0];
  if (!picked) return <NoSet barren={answer.barren} looked={looked} />;
  return (
    <div className={styles.found}>
      <div>
        <SearchChart
          lines={sets.map((s) => ({ ...s, family: SET_KIND }))}
          now={{ figures: now.figures, money: null }}
          {...{ scale, system }}
          picked={picked.id}
          onPick={setId}
        />
        <MoneyBrush whole={whole} range={shown} onRange={setRange} />
        {!sets.length && <p className={styles.hint}>No set costs so much.</p>}
        <CardTable titles={['Why', 'Money', scaleNames[scale], 'Verdict']} label="Sets worth reading">
          {read.map(({ line, reason }) => (
            <tr key={line.id}>
              <th scope="row">
                <Action onAct={() => setId(line.id)}>{reasonNames[reason]}</Action>
              </th>
              <td data-title="Money">{lineMoney(line)}</td>
              <td data-title={scaleNames[scale]}>{scaleText(line.figures, scale, system)}</td>
              <td data-title="Verdict">
                <Verdict set={line} />
              </td>
            </tr>
          ))}
        </CardTable>
        <p className={styles.hint}>
          {all.length === 1 ? 'One set' : `${all.length} sets`}, the cheapest first, each better than all
          before it. Looked at: {looked}; {answer.judged} drive trains put through every check. Money: example
          prices of drives, reducers, motors, drivers, and each supply once; bearings, couplings and cables
          are not in it.
        </p>
      </div>
      <Picked set={picked} scale={scale} ids={axes} />
    </div>
  );
}
