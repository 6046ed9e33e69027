'use client';

import { useState } from 'react';
import { type PracticeFault, practiceHints } from '@/core/model';
import { usePractice } from '@/features/frame';
import {
  faultGroups,
  faultsMade,
  hintedFault,
  hiddenFaults,
  possibleFaults,
  type PracticeGround,
} from '@/standins';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TitleBlock } from '@/ui/title-block';
import { faultGroupNames, hintNames, levelNames, practiceCures, practiceFaultNames } from '@/words';
import page from '../prove.module.css';
import { keyTitle, PracticeEnd } from './practice-result';
import styles from './practice.module.css';
import { type Practising, usePractising } from './use-practising';

interface PartProps {
  readonly ground: PracticeGround;
  readonly acts: Practising;
}

/** Names a fault: what, and of which axis. */
function Naming({ ground, acts }: PartProps) {
  const possible = possibleFaults(ground);
  const [picked, setPicked] = useState<PracticeFault | ''>('');
  const [axis, setAxis] = useState('');
  const axes = possible.filter((p) => p.fault === picked && p.axis).map((p) => p.axis);
  const own = axes.includes(axis) ? axis : (axes[0] ?? '');
  const faults = [...new Set(possible.map((p) => p.fault))];
  const sorted = faultGroups.flatMap((g) => faults.filter((f) => faultsMade[f].group === g));
  const nameOf = (id: string) => ground.project.axes.find((a) => a.id === id)?.name ?? id;
  return (
    <div className={styles.choices}>
      <Choice
        label="What is wrong"
        value={picked}
        options={[['', 'pick what you found'], ...sorted.map((f) => [f, practiceFaultNames[f]] as const)]}
        onPick={(fault) => {
          setPicked(fault);
          return undefined;
        }}
      />
      {axes.length > 1 && (
        <Choice
          label="Of which axis"
          value={own}
          options={axes.map((a) => [a, nameOf(a)] as const)}
          onPick={(next) => {
            setAxis(next);
            return undefined;
          }}
        />
      )}
      <Action
        variant="outlined"
        disabled={picked === ''}
        onAct={() => (picked === '' ? undefined : acts.name(picked, own))}
      >
        Name it
      </Action>
    </div>
  );
}

/** What was named so far, and what was put right of it. */
function Named({ ground, acts }: PartProps) {
  const { named, ended } = ground.practice;
  const axisOf = (id: string) => ground.project.axes.find((a) => a.id === id)?.name ?? '';
  if (!named.length) return <p>Nothing is named yet.</p>;
  return (
    <ul className={styles.named} aria-label="Named faults">
      {named.map((n) => {
        const { fault } = n;
        const cure = practiceCures[fault];
        return (
          <li key={n.id}>
            <span>
              {practiceFaultNames[fault]}{' '}
              <small>
                {axisOf(n.axis)} {n.mended && cure ? `put right: ${cure}` : ''}
              </small>
            </span>
            {!ended && (
              <span className={styles.ways}>
                {cure ? (
                  <Action pressed={n.mended} onAct={() => acts.mend(n.id, !n.mended)} title={cure}>
                    {n.mended ? 'as it was' : 'put it right'}
                  </Action>
                ) : (
                  'true it up by its moves'
                )}
                <Action onAct={() => acts.unname(n.id)} label={`Take back: ${practiceFaultNames[fault]}`}>
                  take back
                </Action>
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** What the hints so far have told, and the next one. */
function Hints({ ground, acts }: PartProps) {
  const { hints } = ground.practice;
  const fault = hintedFault(ground);
  const next = practiceHints[hints.length];
  const best = fault?.shown[0];
  const told = {
    region: fault && `Look at ${faultGroupNames[faultsMade[fault.fault].group]}.`,
    test: best ? `${keyTitle(ground, best)} shows it.` : 'Reading the same place twice shows it.',
    reading: fault && `There is this: ${practiceFaultNames[fault.fault].toLowerCase()}.`,
  };
  return (
    <>
      {fault ? hints.map((h) => <p key={h.hint}>{told[h.hint]}</p>) : <p>All that was hidden is named.</p>}
      {fault && next && (
        <Action onAct={acts.hint} title="Costs five points">
          Hint: {hintNames[next]} (−5)
        </Action>
      )}
    </>
  );
}

const Forgotten = ({ ground: { practice } }: { readonly ground: PracticeGround }) => (
  <div className={page.middle}>
    <h2 className={page.heading}>This round cannot go on</h2>
    <p>
      It was begun before rounds kept what they hide, so nobody can tell any more what was wrong with it. Its
      readings stay. Begin another on Practise; its level was {levelNames[practice.level]}, its seed{' '}
      {practice.seed}.
    </p>
  </div>
);

/** A practice round: what to do, what was named, hints; at the end what was there. */
export function PracticeView() {
  const ground = usePractice();
  return ground ? <Round ground={ground} /> : <p>This machine is a real one: nothing is hidden in it.</p>;
}

function Round({ ground }: { readonly ground: PracticeGround }) {
  const acts = usePractising(ground);
  const { practice, project } = ground;
  const ended = practice.ended !== null;
  // A round of an older file: what was hidden in it was not kept.
  if (!practice.hidden.length) return <Forgotten ground={ground} />;
  const taken =
    project.rounds.reduce((sum, r) => sum + r.readings.length, 0) +
    project.trials.reduce((sum, t) => sum + t.entries.length, 0);
  return (
    <>
      <section className={styles.left} aria-label="Named">
        <h2 className={page.heading}>Named</h2>
        <Named {...{ ground, acts }} />
      </section>
      <div className={`${page.middle} ${page.scrolls}`}>
        {ended ? (
          <PracticeEnd ground={ground} />
        ) : (
          <>
            <h2 className={page.heading}>
              Find what is wrong <small>one to four faults are hidden in it</small>
            </h2>
            <p>
              Read the sheets of Truing and try the trials of First motion and Proof: each has a line that
              reads this practice machine. What its moves can true up, move. What you find, name here; what
              wants another part or setting, put right here, and read again.
            </p>
            <p>
              A fault that is named without a reading that shows it counts as a guess: no points. What is
              named and not there costs five.
            </p>
            <Naming {...{ ground, acts }} />
          </>
        )}
      </div>
      <section aria-label="Round" className={page.right}>
        <h2 className={page.heading}>{ended ? 'Ended' : 'Hints'}</h2>
        {ended ? <p>Undo opens the round again.</p> : <Hints {...{ ground, acts }} />}
        {!ended && (
          <Action variant="outlined" onAct={acts.end} title="Shows what was hidden; undo takes it back">
            End the round: show what was there
          </Action>
        )}
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Practice' },
            { label: 'Level', value: levelNames[practice.level] },
            { label: 'Seed', value: String(practice.seed) },
            { label: 'Read', value: String(taken) },
            { label: 'Named', value: String(practice.named.length) },
            { label: 'Hidden', value: ended ? String(hiddenFaults(ground).length) : '1 to 4' },
          ]}
        />
      </section>
    </>
  );
}
