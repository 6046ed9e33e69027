'use client';

import { useState } from 'react';
import { adoptedEdits, heldEdit, planWithPin, roomForPlans } from '@/core/variants';
import { planOf } from '@/core/changes';
import { capsAt, MOST_NAME, put } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { TextArea } from '@/ui/text-area';
import { TextLine } from '@/ui/text-line';
import { VerdictMark } from '@/ui/verdict-mark';
import { verdictText } from '@/words';
import { freshName, noRoom, UNREADABLE } from './names';
import { NOW, type Side, type SideState } from './use-sides';
import styles from './variants.module.css';

const stamp = (name: string) => ({ id: freshId(), at: new Date().toISOString(), name });

/** Puts the present plan by. */
function PutBy() {
  const { project, editor } = useMachine();
  const [name, setName] = useState('');
  const next = freshName(project, 'Variant');
  return (
    <div className={styles.entry}>
      <TextLine
        label="Name of the variant"
        value={name}
        placeholder={next}
        maxLength={capsAt('revisions.0.name')?.max ?? MOST_NAME}
        optional
        onText={(text) => setName(text)}
      />
      <Action
        variant="outlined"
        title="The plan as it is now, to choose between"
        onAct={() => {
          if (roomForPlans(project) <= 0) return noRoom(project);
          const named = stamp(name ? freshName(project, name) : next);
          const edit = heldEdit(project, planOf(project), named);
          if (!edit) return UNREADABLE;
          const refused = editor.apply([edit], `Put by: ${named.name}`);
          if (!refused) setName('');
          return refused;
        }}
      >
        Put the present plan by
      </Action>
    </div>
  );
}

interface SideProps {
  readonly side: Side;
  readonly state: SideState | undefined;
  readonly here: boolean;
  readonly onPick: () => void;
}

/** One variant: what it comes to, and what can be done with it. */
function Held({ side, state, here, onPick }: SideProps) {
  const { project, editor } = useMachine();
  const at = project.revisions.findIndex((r) => r.id === side.id);
  const { note = '' } = project.revisions[at] ?? {};
  const figures = state?.figures;
  const { plan } = side;
  const adopt = () => {
    if (!plan) return 'It cannot be read any more.';
    const before = stamp(freshName(project, `Before ${side.name}`));
    const edits = adoptedEdits(project, plan, before);
    return edits ? editor.apply(edits, `Adopted: ${side.name}`) : noRoom(project);
  };
  const remove = () =>
    editor.apply(
      [
        put(
          'revisions',
          project.revisions.filter((r) => r.id !== side.id),
        ),
      ],
      `Variant removed: ${side.name}`,
    );
  return (
    <li data-here={here || undefined}>
      <button type="button" aria-pressed={here} onClick={onPick} className={styles.pick}>
        {figures ? <VerdictMark verdict={figures.verdict} guessed={figures.ours > 0} /> : <span />}
        <b>{side.name}</b>
        <small>
          {figures
            ? `${verdictText(figures.verdict, figures.ours > 0)}, ${figures.money.known.toFixed(0)}`
            : plan
              ? 'being worked out…'
              : 'cannot be read any more'}
        </small>
      </button>
      {side.id !== NOW && here && (
        <div className={styles.acts}>
          <TextLine
            label={`Name of ${side.name}`}
            value={side.name}
            maxLength={MOST_NAME}
            onText={(name) => editor.apply([put(`revisions.${at}.name`, name)], `Variant named: ${name}`)}
          />
          <TextArea
            label={`Note of ${side.name}`}
            placeholder="Why it is held"
            value={note}
            maxLength={capsAt('revisions.0.note')!.max}
            onText={(text) => editor.write(`revisions.${at}.note`, text, `Note of ${side.name}`)}
          />
          <div className={styles.row}>
            <Action
              variant="outlined"
              title="It becomes the plan; the present one is put by. What was built, read and written stays"
              onAct={adopt}
            >
              Adopt it
            </Action>
            <Action title="Undo brings it back" onAct={remove}>
              Remove it
            </Action>
          </div>
        </div>
      )}
    </li>
  );
}

/** Variants of single axes, each a whole machine with one press. */
function OfAxes() {
  const { project, editor } = useMachine();
  const { pins, axes } = project;
  if (!pins.length) return null;
  const whole = (at: number) => {
    const pin = pins[at]!;
    const plan = planWithPin(project, pin);
    if (!plan) return 'The axis that it is of is gone.';
    if (roomForPlans(project) <= 0) return noRoom(project);
    const axis = axes.find((a) => a.id === pin.axisId)!.name;
    const named = stamp(freshName(project, `${axis}: ${pin.name}`));
    const edit = heldEdit(project, plan, named);
    return edit ? editor.apply([edit], `Put by: ${named.name}`) : UNREADABLE;
  };
  return (
    <Fold summary={`Variants of single axes: ${pins.length}`}>
      <ul className={styles.pins}>
        {pins.map((pin, i) => (
          <li key={pin.id}>
            <span>
              {axes.find((a) => a.id === pin.axisId)?.name ?? 'an axis that is gone'}: {pin.name}
            </span>
            <Action label={`Hold as a whole machine: ${pin.name}`} onAct={() => whole(i)}>
              Hold as a whole machine
            </Action>
          </li>
        ))}
      </ul>
    </Fold>
  );
}

interface ShelfProps {
  readonly sides: readonly Side[];
  readonly known: ReadonlyMap<string, SideState>;
  /** Id of the one that is looked at. */
  readonly here: string;
  readonly onPick: (id: string) => void;
}

/** The present plan and what is held beside it. */
export function Shelf({ sides, known, here, onPick }: ShelfProps) {
  return (
    <>
      <h2>Held beside one another</h2>
      <ul className={styles.shelf}>
        {sides.map((side) => (
          <Held
            key={side.id}
            side={side}
            state={known.get(side.id)}
            here={side.id === here}
            onPick={() => onPick(side.id)}
          />
        ))}
      </ul>
      <PutBy />
      <OfAxes />
    </>
  );
}
