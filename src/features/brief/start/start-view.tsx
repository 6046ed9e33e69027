'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { sceneOf } from '@/core/machine';
import type { Project } from '@/core/model';
import type { PlanAnswer } from '@/core/plan';
import { formatQuantity } from '@/core/units';
import { restingPositions } from '@/drawings';
import { machineHref, useMachine } from '@/features/frame';
import { PlainDrawing } from '@/features/picture';
import { Action } from '@/ui/action';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { LETTERS } from './adopt';
import { Plans, stepText } from './plans';
import { Questions, useFilled } from './questions';
import styles from './start.module.css';
import { type PlansState, usePlans } from './use-plans';

/** What was found, whole or so far. */
const answerOf = (state: PlansState): PlanAnswer | null =>
  state.kind === 'done' || state.kind === 'busy' ? state.answer : null;

/** Eight answers, any of which may stay open, and whole machines for them. */
export function StartView() {
  const { project } = useMachine();
  const { state, start, stop } = usePlans();
  const [place, setPlace] = useState(0);
  const answer = answerOf(state);
  const plans = answer?.plans ?? [];
  const picked = plans[Math.min(place, plans.length - 1)] ?? null;
  const stale =
    state.kind === 'done' && (state.of.brief !== project.brief || state.of.ownParts !== project.ownParts);
  return (
    <div className={styles.start}>
      <Questions plans={plans} picked={picked} />
      <aside className={styles.shape}>
        <Shape
          project={picked?.project ?? null}
          letter={picked ? LETTERS.charAt(plans.indexOf(picked)) : ''}
        />
        <Taken />
        <Run state={state} onStart={() => start(project)} onStop={stop} />
        {plans.length > 0 && (
          <p className={styles.short}>
            {plans.map((plan, i) => (
              <Action
                key={`${plan.kind} ${plan.picks.arrangement}`}
                pressed={plan === picked}
                onAct={() => setPlace(i)}
              >
                {LETTERS.charAt(i)} {plan.figures.money.total.toFixed(0)}
              </Action>
            ))}
            <a href="#plans">Compare them below</a>
          </p>
        )}
      </aside>
      <section id="plans" className={styles.plans} aria-label="Plans">
        {answer && <Plans answer={answer} picked={plans.indexOf(picked!)} onPick={setPlace} stale={stale} />}
      </section>
    </div>
  );
}

/** The picked plan as it would stand. */
function Shape({ project, letter }: { readonly project: Project | null; readonly letter: string }) {
  const { system } = useMachine();
  const scene = useMemo(() => project && sceneOf(project), [project]);
  return (
    <>
      <h2>Taking shape</h2>
      {scene ? (
        <>
          <PlainDrawing
            scene={scene}
            positions={restingPositions(scene)}
            view="orbit"
            system={system}
            label={`Plan ${letter}, drawn`}
            height={240}
          />
          <p className={styles.hint}>Plan {letter} in true proportion; its legs are only hinted at.</p>
        </>
      ) : (
        <p className={styles.hint}>
          Answer what you know; the rest is taken as it is usual. Then have whole machines worked out: every
          axis with drive, motor, driver and guides, the frame, money, and what each gives up.
        </p>
      )}
    </>
  );
}

/** What is taken where nobody said anything. */
function Taken() {
  const { project, system } = useMachine();
  const { brief, profile } = useFilled();
  const said = project.brief.spindle;
  const power = brief.spindle ? formatQuantity('power', brief.spindle.power.si, system, 2).text : null;
  const head = formatQuantity('mass', profile.head.mass, system, 2).text;
  return (
    <p className={styles.hint}>
      {!said && power && `Taken for you: a spindle of ${power}, ${head} with clamp. `}
      {!said && !power && `Taken for you: a head of ${head}. `}
      Every figure of a plan is ours until you confirm it.
    </p>
  );
}

interface RunProps {
  readonly state: PlansState;
  readonly onStart: () => void;
  readonly onStop: () => void;
}

/** Begins and stops the work, and says how far it is. */
function Run({ state, onStart, onStop }: RunProps) {
  const { project } = useMachine();
  const done = state.kind === 'done' ? state : null;
  return (
    <div className={styles.run}>
      {state.kind === 'busy' ? (
        <Progress label="Plans" done={state.done} of={state.of}>
          <span>{state.step ? stepText(state.step) : 'Looking'}</span>
          <Action onAct={onStop}>Stop</Action>
        </Progress>
      ) : (
        <Action variant="contained" onAct={onStart}>
          {done ? 'Work them out again' : 'Work out whole machines'}
        </Action>
      )}
      {done && (
        <p role="status" className={styles.hint}>
          {done.answer.plans.length} of {done.answer.plans.length + done.answer.failed.length} that were
          worked out hold and are shown, in {done.seconds.toFixed(1)} s. One becomes your machine, the others
          are kept beside it.
        </p>
      )}
      {state.kind === 'stopped' && <p role="status">Stopped. Nothing was changed.</p>}
      {state.kind === 'failed' && (
        <Notice kind="error">The plans could not be worked out: {state.message}</Notice>
      )}
      <p className={styles.hint}>
        You know what you want? <Link href={machineHref('brief', project.id, 'job')}>Begin empty</Link>
      </p>
    </div>
  );
}
