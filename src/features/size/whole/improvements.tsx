'use client';

import { type FlexReport, type FrameTrial, rankedFor, type WayId } from '@/core/machine';
import { formatNumber, formatQuantity } from '@/core/units';
import { RemedyRow } from '@/features/findings';
import { type useFrameTrials, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Progress } from '@/ui/progress';
import { micro, remedyText } from '@/words';
import styles from './whole.module.css';

/** How many stand in the list. */
const SHOWN = 7;
/** Sag that differs by less than this share of now is not worth a word. */
const LEAST_SAG = 0.03;
/** kg. */
const LEAST_MASS = 0.1;

interface ImprovementsProps {
  readonly trials: ReturnType<typeof useFrameTrials>;
  readonly way: WayId;
  readonly flex: FlexReport;
}

/** What the next improvement buys, ranked; progress while it is worked out. */
export function Improvements({ trials, way, flex }: ImprovementsProps) {
  const { output, step, busy, stopped, failed, stop, again } = trials;
  const list = output && rankedFor(output, way);
  return (
    <section aria-labelledby="buys-title" className={styles.buys}>
      <h2 id="buys-title">What the next change buys</h2>
      {busy && (
        <Progress label="Changes tried" done={step?.done ?? 0} of={step?.of ?? 1}>
          <Action onAct={stop}>Stop</Action>
        </Progress>
      )}
      {stopped && (
        <p className={styles.stopped}>
          Stopped. <Action onAct={again}>Work it out</Action>
        </p>
      )}
      {failed && (
        <p className={styles.stopped} role="alert">
          The changes could not be worked out: {failed} <Action onAct={again}>Try again</Action>
        </p>
      )}
      {list?.length === 0 && <p>No single change of the frame that we know brings 2 % or more.</p>}
      {list && list.length > 0 && (
        <ol data-old={busy || stopped || undefined}>
          {list.slice(0, SHOWN).map((trial) => (
            <Improvement key={JSON.stringify(trial.edits)} trial={trial} way={way} sag={flex.sag.spread} />
          ))}
        </ol>
      )}
    </section>
  );
}

/** @param sag how much it differs over the area now, m. */
function Improvement({ trial, way, sag }: { trial: FrameTrial; way: WayId; sag: number }) {
  const { system } = useMachine();
  const { heavier, gain } = trial;
  const effect = [
    'times the stiffness',
    Math.abs(trial.sag - sag) > LEAST_SAG * sag && `sag ${micro(trial.sag, system)}`,
    Math.abs(heavier) >= LEAST_MASS &&
      `${heavier > 0 ? '+' : '−'}${formatQuantity('mass', Math.abs(heavier), system, 2).text} move`,
  ];
  return (
    <RemedyRow
      remedy={trial}
      name={remedyText(trial, system)}
      effect={effect.filter(Boolean).join(', ')}
      lead={<strong className={styles.gain}>× {formatNumber(gain[way], 3)}</strong>}
    />
  );
}
