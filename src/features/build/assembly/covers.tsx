'use client';

import type { WorkContext } from '@/core/build';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import styles from './assembly.module.css';
import type { AssemblyNames } from '@/words';
import { useSteps } from './use-steps';

interface CoversProps {
  readonly joint: string;
  readonly work: WorkContext;
  readonly names: AssemblyNames;
}

/** What hides the screws of a joint: as the model finds it, and as the builder says. */
export function Covers({ joint, work, names }: CoversProps) {
  const { project } = useMachine();
  const { cover } = useSteps();
  const { parts, access } = work.assembly;
  const said = project.covers.filter((c) => c.joint === joint);
  const found = new Set(access.find((a) => a.joint === joint)?.demand.flat(2));
  const name = names.part(joint);
  const free = parts.filter((p) => p.id !== joint && !said.some((c) => c.part === p.id));
  return (
    <Fold summary="Say what the model does not know">
      <ul className={styles.parts}>
        {[...found]
          .filter((p) => !said.some((c) => c.part === p))
          .map((p) => (
            <li key={p}>
              {names.part(p)} is in the way{' '}
              <Action
                label={`${names.part(p)} is not in the way of ${name}`}
                onAct={() => cover(joint, p, false, `Not in the way: ${names.part(p)}`)}
              >
                it is not
              </Action>
            </li>
          ))}
        {said.map((c) => (
          <li key={c.id}>
            {names.part(c.part)} {c.hides ? 'is in the way' : 'is not in the way'}, you said{' '}
            <Action
              label={`Take back what was said of ${names.part(c.part)}`}
              onAct={() => cover(joint, c.part, null, `Taken back: ${names.part(c.part)}`)}
            >
              take back
            </Action>
          </li>
        ))}
      </ul>
      <Choice
        label="Also in the way"
        value=""
        options={[['', 'pick a part'], ...free.map((p) => [p.id, names.part(p.id)] as const)]}
        onPick={(p) => (p ? cover(joint, p, true, `In the way: ${names.part(p)}`) : undefined)}
      />
    </Fold>
  );
}
