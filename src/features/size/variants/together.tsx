'use client';

import { useState } from 'react';
import type { Project } from '@/core/model';
import { everything, mayChange, type Scale, scales, type TogetherLimits } from '@/core/choose';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { CheckBox } from '@/ui/check-box';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { formatQuantity } from '@/core/units';
import { scaleHelp, scaleNames } from '@/words';
import { LimitsForm } from '../search/limits-form';
import { useJob } from '../use-job';
import { FoundSets } from './sets';
import styles from './variants.module.css';

/** By so much a drive train may be heavier than the present one, kg. */
const weights = [0, 0.5, 1, 2, 5] as const;
const suppliesOptions = [
  [1, 'one for all'],
  [2, 'one or two'],
] as const;
const scaleOptions = scales.map((s) => [s, scaleNames[s]] as const);

interface AskProps {
  readonly asked: TogetherLimits;
  readonly onAsk: (asked: TogetherLimits) => void;
}

/** Which axes, what they may share, and what money is held against. */
function Ask({ asked, onAsk }: AskProps) {
  const { project, system } = useMachine();
  const set = (change: Partial<TogetherLimits>) => onAsk({ ...asked, ...change });
  const weightOptions = weights.map(
    (kg) => [kg, kg === 0 ? 'by nothing' : `by ${formatQuantity('mass', kg, system, 2).text}`] as const,
  );
  return (
    <div className={styles.ask}>
      <div>
        <fieldset>
          <legend>Axes</legend>
          {project.axes.filter(mayChange).map((axis) => (
            <CheckBox
              key={axis.id}
              label={axis.name}
              checked={asked.axes.includes(axis.id)}
              onCheck={(on) =>
                set({
                  axes: project.axes
                    .map((a) => a.id)
                    .filter((id) => (id === axis.id ? on : asked.axes.includes(id))),
                })
              }
            />
          ))}
        </fieldset>
        <Choice
          label="Money against"
          value={asked.scale}
          options={scaleOptions}
          onPick={(scale: Scale) => set({ scale })}
        />
        <Choice
          label="Supplies"
          value={asked.supplies}
          options={suppliesOptions}
          onPick={(supplies: 1 | 2) => set({ supplies })}
        />
        <Choice
          label="Heavier than now"
          value={asked.heavier}
          options={weightOptions}
          onPick={(heavier: number) => set({ heavier })}
        />
      </div>
      <LimitsForm limits={asked.limits} onLimits={(limits) => set({ limits })} />
    </div>
  );
}

const Idle = () => (
  <p className={styles.lead}>
    Every drive, reducer, motor, driver and supply of the catalogue and of your own parts, on every axis that
    is ticked, in every combination: one supply for all of them, the drawer shared out among them, one sum of
    money. Each set that is shown holds: no drive train in it is heavier than now by more than you allow, and
    every axis was judged with that much more on it. In a few seconds; it can be stopped.
  </p>
);

/** Whether a search reads the same in two states of a machine: a note or a kept plan is nothing to it. */
const readsAlike = (a: Project, b: Project): boolean =>
  a.axes === b.axes && a.brief === b.brief && a.structure === b.structure && a.ownParts === b.ownParts;

/** Drive trains looked for on all axes at once, and sets of them that are worth their money. */
export function Together() {
  const { project } = useMachine();
  const [asked, setAsked] = useState<TogetherLimits>(() => ({
    axes: project.axes.filter(mayChange).map((a) => a.id),
    limits: everything,
    scale: 'torque',
    supplies: 1,
    heavier: 1,
  }));
  const [of, setOf] = useState<{ readonly project: typeof project; readonly asked: TogetherLimits } | null>(
    null,
  );
  const { state, start, stop } = useJob('together');
  const { step } = state;
  const told = step !== null && step !== 'begun' ? step : null;
  const look = () => {
    setOf({ project, asked });
    start({ project, limits: asked });
  };
  return (
    <section aria-label="Parts for all axes">
      <Ask asked={asked} onAsk={setAsked} />
      <div className={styles.press}>
        {step ? (
          <Action onAct={stop}>Stop</Action>
        ) : (
          <Action variant="contained" disabled={!asked.axes.length} onAct={look}>
            {of ? 'Look again' : 'Look'}
          </Action>
        )}
        <small>
          {scaleNames[asked.scale]}: {scaleHelp[asked.scale]};{' '}
          {asked.scale === 'effort' ? 'of all axes together' : 'of the axis that has least'}.
        </small>
      </div>
      {step && (
        <Progress label="Looking" done={told?.done ?? 0} of={told?.of ?? asked.axes.length}>
          {told?.stage === 'sets'
            ? `${told.seen} sets found`
            : `${told?.done ?? 0} of ${told?.of ?? asked.axes.length} axes, ${told?.seen ?? 0} drives seen`}
        </Progress>
      )}
      {state.failed && <Notice kind="error">The search failed: {state.failed}. Try once more.</Notice>}
      {state.stopped && <p>Stopped. Nothing was changed.</p>}
      {!of && <Idle />}
      {of && state.output && (
        <FoundSets
          key={state.output.sets[0]?.id ?? ''}
          answer={state.output}
          asked={of.asked}
          stale={!readsAlike(of.project, project)}
        />
      )}
    </section>
  );
}
