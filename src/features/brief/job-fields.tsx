'use client';

import { put, works } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { workNames } from '@/words';
import styles from './brief.module.css';
import { BudgetField } from './budget-field';
import { SpindleFields } from './spindle-fields';

const Fields = ({ paths }: { paths: readonly string[] }) => (
  <>
    {paths.map((path) => (
      <MachineField key={path} path={`brief.${path}`} />
    ))}
  </>
);

const workOptions = works.map((w) => [w, workNames[w].toLowerCase()] as const);

/** What is asked of the machine, where it stands, what there is. */
export function JobFields({ onWorking }: { readonly onWorking: (line: string) => void }) {
  const { project, editor } = useMachine();
  const { brief } = project;
  return (
    <>
      <section aria-labelledby="must-title">
        <h2 id="must-title">What it must do</h2>
        <Choice
          label="Work"
          value={brief.work}
          options={workOptions}
          onPick={(work) => editor.apply([put('brief.work', work)], 'Kind of work')}
        />
        <Fields paths={['area.length', 'area.width', 'area.height', 'accuracy']} />
        <Fields paths={['stock.length', 'stock.width', 'stock.thickness']} />
      </section>
      <section aria-labelledby="place-title">
        <h2 id="place-title">Where it stands</h2>
        <Fields paths={['place.length', 'place.width', 'place.bench', 'place.door', 'place.floorLoad']} />
        <Fields paths={['power', 'squareness']} />
      </section>
      <section aria-labelledby="means-title">
        <h2 id="means-title">What there is</h2>
        <BudgetField hint="In the money of the parts’ example prices." />
        <SpindleFields onWorking={onWorking} />
        <OnHand />
      </section>
    </>
  );
}

function OnHand() {
  const { project } = useMachine();
  const shelf = project.ownParts.filter((p) => p.onHand > 0);
  return (
    <p className={styles.hint}>
      {shelf.length
        ? `On the shelf: ${shelf.map((p) => `${p.onHand} × ${p.name}`).join(', ')}.`
        : 'Nothing is on the shelf yet. Parts on hand are added where a link is exchanged, on the Size ' +
          'station.'}
    </p>
  );
}
