'use client';

import Link from 'next/link';
import type { ForetoldId } from '@/core/machine';
import { checkedBy, type TrialFigure, type Trials, type TrialState } from '@/core/prove';
import type { Kind } from '@/core/units';
import { machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { colourOf, VerdictMark } from '@/ui/verdict-mark';
import {
  foretoldNames,
  standingWords,
  trialFigureName,
  trialNoteText,
  trialPair,
  trialText,
  trialTitle,
} from '@/words';
import page from '../prove.module.css';
import { markOf } from './trial-order';
import styles from './trials.module.css';
import type { TrialActs } from './use-trial';

interface SideProps {
  readonly trials: Trials;
  readonly state: TrialState;
  readonly acts: TrialActs;
}

interface FigureProps {
  readonly figure: TrialFigure;
  readonly guessed: boolean;
}

function FigureRow({ figure, guessed }: FigureProps) {
  const { system } = useMachine();
  const { id, of, value, expanded, good, decision } = figure;
  const say = (v: number) => trialText(of, v, system);
  const verdict = decision?.verdict;
  return (
    <div className={styles.result}>
      <dt>
        {verdict && <VerdictMark verdict={verdict} guessed={guessed} />}
        {trialFigureName(id)}
      </dt>
      <dd style={verdict && { color: colourOf(verdict, guessed) }}>
        {expanded !== null && expanded > 0 ? trialPair(of, value, expanded, system) : say(value)}
        {good !== null && <small>good enough is {say(good)}</small>}
        {decision?.want === 'more-readings' && <small>scatter leads: read more often</small>}
        {decision?.want === 'better-instrument' && (
          <small>the instrument leads: a finer one would decide</small>
        )}
      </dd>
    </div>
  );
}

const foretoldKinds: Readonly<Record<ForetoldId, Kind>> = {
  drag: 'force',
  hand: 'torque',
  'lost-motion': 'length',
  lead: 'length',
  'top-speed': 'speed',
  'top-acceleration': 'acceleration',
  stiffness: 'stiffness',
  frequency: 'frequency',
  growth: 'length',
  home: 'length',
  stop: 'length',
};

/** What the plan says that will come out. */
function Foretells({ trials, state: { plan } }: Pick<SideProps, 'trials' | 'state'>) {
  const { system } = useMachine();
  const ground = trials.grounds.find((g) => g.axis.id === plan.axis);
  const said = (checkedBy[plan.kind] ?? []).flatMap((id) => {
    const value = ground?.foretold.get(id);
    return value === undefined ? [] : [`${foretoldNames[id]} ${trialText(foretoldKinds[id], value, system)}`];
  });
  return said.length > 0 && <p>The plan foretells: {said.join('; ')}.</p>;
}

/** Earlier trials that stand before this one. */
function Waits({ trials, state }: Pick<SideProps, 'trials' | 'state'>) {
  const { project } = useMachine();
  const before = trials.trials.filter((t) => state.waits.includes(t.plan.key));
  if (!before.length) return null;
  const [first] = before;
  const key = encodeURIComponent(first!.plan.key);
  return (
    <p className={styles.caution}>
      <b>
        {before.length} {before.length === 1 ? 'step stands' : 'steps stand'} before it.
      </b>{' '}
      Next:{' '}
      <Link href={`${machineHref('prove', project.id)}&v=first&trial=${key}`} replace>
        {trialTitle(first!.plan.key, first!.axisName)}
      </Link>
    </p>
  );
}

/** Day and time as they are where the reader is. */
const when = (iso: string) =>
  new Date(iso).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** Records that were made before. */
function Records({ state, acts }: Pick<SideProps, 'state' | 'acts'>) {
  const { records, due } = state;
  if (!records.length) return null;
  return (
    <>
      <h2 className={page.heading}>
        Records <small>{due ? `again by ${due}` : ''}</small>
      </h2>
      <ul className={styles.records}>
        {records.toReversed().map((r, i) => (
          <li key={r.id}>
            <span>
              {when(r.at)}{' '}
              <small>
                {r.entries.length} {r.entries.length === 1 ? 'entry' : 'entries'}
                {i === 0 ? ', this one counts' : ''}
              </small>
            </span>
            <Action label={`Take the record of ${when(r.at)} away`} onAct={() => acts.drop(r.id)}>
              take away
            </Action>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The verdict of a trial, what else it says, and what stands before it. */
export function TrialSide({ trials, state, acts }: SideProps) {
  const { system } = useMachine();
  const mark = markOf(state);
  const { last, standing, stale } = state;
  return (
    <>
      <h2 className={page.heading}>{acts.title}</h2>
      <p className={styles.standing}>
        {mark && <VerdictMark verdict={mark} guessed={state.guessed} />}
        <b>{standingWords[standing]}</b>
      </p>
      {stale && (
        <p>What it was read on was {stale.what} since. What is written down counts for nothing now.</p>
      )}
      {state.guessed && mark && (
        <p>It is guessed until you say how far your own instrument errs, and how exact the work is.</p>
      )}
      <Foretells {...{ trials, state }} />
      {standing !== 'left' && <Waits {...{ trials, state }} />}
      {last && last.result.figures.length > 0 && (
        <div>
          <dl className={styles.results}>
            {last.result.figures.map((f) => (
              <FigureRow key={f.id} figure={f} guessed={state.guessed} />
            ))}
          </dl>
        </div>
      )}
      {last?.result.notes.map((n, i) => (
        <p key={i} className={styles.said}>
          {trialNoteText(n, system)}
        </p>
      ))}
      {last && last.result.missing.length > 0 && last.result.missing.length < acts.cells.length && (
        <p>{last.result.missing.length} still to write down.</p>
      )}
      <Records {...{ state, acts }} />
    </>
  );
}
