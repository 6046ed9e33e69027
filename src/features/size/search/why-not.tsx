'use client';

import { useMemo, useState } from 'react';
import { familiesOf, familyById, partsIn } from '@/core/catalogue';
import { presentLine, type SearchLimits, searchLinks, type WhyNot, type WhyNotStep } from '@/core/choose';
import { partsLeft } from '@/core/machine';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { Progress } from '@/ui/progress';
import { changedText, givesOutText, lessAskedText, lineMoney } from '@/words';
import { useAxis } from '../axis-context';
import { useJob } from '../use-job';
import { PickedLine } from './found';
import styles from './search.module.css';

const families = searchLinks.flatMap((link) => familiesOf(link));

interface WhyNotProps {
  readonly limits: SearchLimits;
  readonly onClose: () => void;
}

/** A part that somebody has set their heart on: what gives out with it, and what would have to change. */
export function WhyNotView({ limits, onClose }: WhyNotProps) {
  const { project } = useMachine();
  const { axis, stored } = useAxis();
  const own = useMemo(() => partsLeft(project, stored.id), [project, stored.id]);
  const [family, setFamily] = useState(families[0]!.id);
  const parts = partsIn(familyById(family)!, own);
  const [picked, setPicked] = useState<string | null>(null);
  const part = parts.find((p) => p.id === picked) ?? parts[0]!;
  const { state, start, stop } = useJob('whyNot');
  // What was asked stands with its answer, whatever part is chosen next.
  const [of, setOf] = useState<{ readonly name: string; readonly axis: typeof axis } | null>(null);
  const ask = () => {
    setOf({ name: part.name, axis });
    start({ axis, own, family, part: part.id, limits });
  };
  return (
    <div className={styles.whyNot}>
      <Choice
        label="Family"
        value={family}
        options={families.map((f) => [f.id, f.name] as const)}
        onPick={(next) => {
          setFamily(next);
          setPicked(null);
        }}
      />
      <Choice
        label="Part"
        value={part.id}
        options={parts.map((p) => [p.id, p.name] as const)}
        onPick={setPicked}
      />
      <p>
        {state.step ? <Action onAct={stop}>Stop</Action> : <Action onAct={ask}>Why not this one?</Action>}
      </p>
      {state.step && <Telling step={state.step} />}
      {state.stopped && <p role="status">Stopped. Nothing was changed.</p>}
      {state.failed !== null && <Notice kind="error">It failed: {state.failed}. Try once more.</Notice>}
      {of && of.axis !== axis && <p role="status">The axis was changed since. Ask again.</p>}
      {state.output && of?.axis === axis && <Answer found={state.output} name={of.name} onClose={onClose} />}
    </div>
  );
}

function Telling({ step }: { readonly step: WhyNotStep | 'begun' }) {
  const [done, all] = step === 'begun' ? [0, 1] : [step.done, step.of];
  const what = step !== 'begun' && step.stage === 'demands' ? 'asking less' : 'changing other links';
  return (
    <Progress label="Looking" done={done} of={all}>
      {what}
    </Progress>
  );
}

interface AnswerProps {
  readonly found: WhyNot;
  readonly name: string;
  readonly onClose: () => void;
}

function Answer({ found, name, onClose }: AnswerProps) {
  const { project, system } = useMachine();
  const { axis, stored } = useAxis();
  const now = useMemo(() => presentLine(axis, partsLeft(project, stored.id)), [axis, project, stored.id]);
  const { alone, line, changed, ways } = found;
  return (
    <>
      <h3>{name}</h3>
      {alone.length > 0 ? (
        <>
          <p>With nothing else changed, this gives out:</p>
          <ul className={styles.parts}>
            {alone.map((c) => (
              <li key={`${c.code} ${c.about ?? ''}`}>{givesOutText(c, system)}</li>
            ))}
          </ul>
        </>
      ) : (
        <p>With nothing else changed, no check of the drive train gives out.</p>
      )}
      {line && (
        <>
          <p>
            {changed.length ? `It holds when ${changedText(changed)} change too` : 'It holds as it is'}: the
            cheapest such drive train, {lineMoney(line)} by example prices.
          </p>
          <PickedLine line={line} now={now} onTaken={onClose} />
        </>
      )}
      {!line && ways.length > 0 && (
        <>
          <p>No combination with it holds. It would, if less were asked:</p>
          <ul className={styles.parts} aria-label="What would have to be asked less">
            {ways.map((way) => (
              <li key={way.map((g) => g.id).join()}>{lessAskedText(way, system)}</li>
            ))}
          </ul>
          <p className={styles.small}>
            Each with the best fitting parts on its own side of the motor shaft; the other side as it stands.
          </p>
        </>
      )}
      {!line && ways.length === 0 && (
        <p>
          No combination with it holds, and no one thing asked less, nor two of them, helps: down to a tenth
          of speed, ramp, force and weight, or ten times the lost motion.
        </p>
      )}
    </>
  );
}
