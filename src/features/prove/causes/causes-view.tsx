'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import {
  type Belief,
  beliefs,
  type CauseRow,
  type Evidence,
  isAsked,
  nextTests,
  type Question,
  rowsFor,
  said,
  saidEdits,
  signsRead,
  type Trials,
} from '@/core/prove';
import { handFinds, put, type Sign, signs, type SymptomSaid } from '@/core/model';
import { formatNumber } from '@/core/units';
import { machineHref, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TitleBlock } from '@/ui/title-block';
import { causeTexts, HAND_TEST, handTexts, signTexts, trialTitle } from '@/words';
import page from '../prove.module.css';
import order from '../truing/truing.module.css';
import styles from './causes.module.css';

/** So many causes are shown; the rest is less likely than all of them. */
const SHOWN = 8;
/** From so much belief on the first cause is worth mending before anything else is asked. */
const SURE = 0.8;

const percent = (share: number) => `${formatNumber(share * 100, share < 0.1 ? 1 : 2)} of 100`;

type Say = (question: Question, answer: SymptomSaid['answer'] | null) => string | undefined;

/** One sign: there, not there, or not looked. */
function SignRow({
  sign,
  evidence,
  own,
  from,
  say,
}: {
  readonly sign: Sign;
  readonly evidence: Evidence;
  /** What the builder answered; undefined: nothing. */
  readonly own: boolean | undefined;
  /** Trial whose readings say so; null: the builder does, or nobody. */
  readonly from: string | null;
  readonly say: Say;
}) {
  const { title, how } = signTexts[sign];
  const now = evidence.signs[sign];
  const asked = isAsked(sign, evidence);
  return (
    <li data-asked={asked || undefined}>
      <span>
        {title} <small>{asked ? how : 'Not asked: the run in air comes back.'}</small>
        {from !== null && <small>Out of your readings: {from}.</small>}
      </span>
      <span role="group" aria-label={title} className={styles.answers}>
        {(['yes', 'no'] as const).map((answer) => (
          <Action
            key={answer}
            pressed={now === (answer === 'yes')}
            disabled={!asked}
            label={`${title}: ${answer}`}
            // Only what somebody said is taken back; what readings say is said over.
            onAct={() => say(sign, own === (answer === 'yes') ? null : answer)}
          >
            {answer}
          </Action>
        ))}
      </span>
    </li>
  );
}

/** Causes with what is left of belief in them. */
function Causes({ found }: { readonly found: readonly Belief[] }) {
  return (
    <ol className={styles.causes} aria-label="Causes, the likeliest first">
      {found.slice(0, SHOWN).map(({ cause, share }) => (
        <li key={cause}>
          <span>
            {causeTexts[cause].title} <small>{percent(share)}</small>
          </span>
          <progress value={share} max={1} aria-label={causeTexts[cause].title} />
        </li>
      ))}
    </ol>
  );
}

interface NextProps {
  readonly evidence: Evidence;
  readonly found: readonly Belief[];
  readonly rows: readonly CauseRow[];
}

/** The question that tells most a minute. */
function Next({ evidence, found, rows }: NextProps) {
  const [next] = useMemo(() => nextTests(evidence, rows), [evidence, rows]);
  const [first] = found;
  const answered = Object.keys(evidence.signs).length > 0 || evidence.hand !== null;
  if (!answered) return <p>Say what you see at the left: one sign is enough to begin.</p>;
  if (first && first.share >= SURE)
    return (
      <p>
        <b>{causeTexts[first.cause].cure}</b> Then ask all signs again: two faults at once are common.
      </p>
    );
  if (!next) return null;
  const hand = next.question === 'hand';
  return (
    <section className={order.best} aria-label="The one test">
      <h3>{hand ? 'Test by hand' : signTexts[next.question as Sign].title}</h3>
      <p>{hand ? HAND_TEST : signTexts[next.question as Sign].how}</p>
      <p>
        It tells most for its time: {formatNumber(next.bits, 2)} bits in {next.minutes} min (memory).
      </p>
    </section>
  );
}

/** The axis that the signs are of. */
function Axes({ shown }: { readonly shown: string }) {
  const { project } = useMachine();
  return (
    <nav aria-label="Axes" className={order.order}>
      <ol>
        {project.axes.map((a) => (
          <li key={a.id}>
            <Link
              href={`${machineHref('prove', project.id)}&v=causes&axis=${a.id}`}
              aria-current={a.id === shown ? 'true' : undefined}
              replace
            >
              <i className={order.ring} />
              <span>{a.name}</span>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  );
}

interface CausesProps {
  readonly axis: string | null;
  readonly trials: Trials;
}

/** What is seen of a fault, what it comes from, and what would tell. */
export function CausesView({ axis: asked, trials }: CausesProps) {
  const { project, editor } = useMachine();
  const axis = project.axes.find((a) => a.id === asked) ?? project.axes[0]!;
  const own = useMemo(() => said(project, axis.id), [project, axis.id]);
  const read = useMemo(() => signsRead(trials, axis.id), [trials, axis.id]);
  // What the builder says goes before what the readings say.
  const evidence = useMemo((): Evidence => {
    const told = Object.fromEntries(read.map((r) => [r.sign, r.there]));
    return { ...own, signs: { ...told, ...own.signs } };
  }, [own, read]);
  const fromOf = (sign: Sign) => {
    const found = own.signs[sign] === undefined ? read.find((r) => r.sign === sign) : undefined;
    return found ? trialTitle(found.from, axis.name) : null;
  };
  const rows = useMemo(() => rowsFor(axis), [axis]);
  const found = useMemo(() => beliefs(evidence, rows), [evidence, rows]);
  const say: Say = (question, answer) => {
    const stamp = { id: freshId(), at: new Date().toISOString() };
    return editor.apply(saidEdits(project, axis.id, question, answer, stamp), `Sign: ${axis.name}`);
  };
  const answered = Object.keys(own.signs).length + (own.hand === null ? 0 : 1);
  return (
    <>
      <Axes shown={axis.id} />
      <div className={`${page.middle} ${page.scrolls}`}>
        <h2 className={page.heading}>
          Signs <small>yes, no, or nothing where you have not looked</small>
        </h2>
        <ul className={styles.signs} aria-label="Signs">
          {signs.map((sign) => (
            <SignRow key={sign} own={own.signs[sign]} from={fromOf(sign)} {...{ sign, evidence, say }} />
          ))}
        </ul>
        <h2 className={page.heading}>Test by hand</h2>
        <p>{HAND_TEST}</p>
        <Choice
          label="What moves or drags"
          value={evidence.hand ?? ''}
          options={[['', 'not tried'], ...handFinds.map((h) => [h, handTexts[h]] as const)]}
          onPick={(h) => say('hand', h === '' ? null : h)}
        />
      </div>
      <section aria-label="Causes" className={page.right}>
        <h2 className={page.heading}>
          Causes <small>likelihoods from memory</small>
        </h2>
        <Causes found={found} />
        <h2 className={page.heading}>The one test</h2>
        <Next {...{ evidence, found, rows }} />
        {answered > 0 && (
          <Action
            onAct={() =>
              editor.apply(
                [
                  put(
                    'symptoms',
                    project.symptoms.filter((s) => s.axis !== axis.id),
                  ),
                ],
                `Signs asked again: ${axis.name}`,
              )
            }
          >
            Mended: ask all signs again
          </Action>
        )}
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Causes' },
            { label: 'Axis', value: axis.letter },
            { label: 'Answered', value: `${answered} of ${signs.length + 1}` },
          ]}
        />
      </section>
    </>
  );
}
