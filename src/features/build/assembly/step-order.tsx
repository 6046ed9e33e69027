'use client';

import type { WorkContext, WorkStep } from '@/core/build';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import styles from './assembly.module.css';
import type { AssemblyNames } from '@/words';
import { useSteps } from './use-steps';

interface OrderProps {
  readonly step: WorkStep;
  readonly work: WorkContext;
  readonly names: AssemblyNames;
}

/** What comes before a step, as proposed and as the builder says. */
export function StepOrder({ step, work, names }: OrderProps) {
  const { say } = useSteps();
  const { steps } = work.assembly;
  const name = names.step(step.id);
  const said = step.said;
  const before = (change: { needs?: string[]; freed?: string[] }, label: string) =>
    say(step.id, change, `${label}: ${name}`);
  const own = new Set(said?.needs);
  const others = steps.filter((s) => s.id !== step.id && !step.needs.includes(s.id));
  return (
    <Fold summary="What comes before it">
      <ul className={styles.parts}>
        {step.needs.map((n) => (
          <li key={n}>
            {names.step(n)}{' '}
            <Action
              label={`${names.step(n)} need not come before ${name}`}
              onAct={() =>
                own.has(n)
                  ? before({ needs: (said?.needs ?? []).filter((x) => x !== n) }, 'Need not come before')
                  : before({ freed: [...(said?.freed ?? []), n] }, 'Need not come before')
              }
            >
              need not
            </Action>
          </li>
        ))}
        {(said?.freed ?? []).map((n) => (
          <li key={n}>
            <s>{names.step(n)}</s>{' '}
            <Action
              label={`${names.step(n)} comes before ${name} again`}
              onAct={() => before({ freed: (said?.freed ?? []).filter((x) => x !== n) }, 'Comes before')}
            >
              again
            </Action>
          </li>
        ))}
      </ul>
      <Choice
        label="Also before it"
        value=""
        options={[['', 'pick a step'], ...others.map((s) => [s.id, names.step(s.id)] as const)]}
        onPick={(n) => (n ? before({ needs: [...(said?.needs ?? []), n] }, 'Comes before') : undefined)}
      />
    </Fold>
  );
}
