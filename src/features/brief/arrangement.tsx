'use client';

import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import { useMemo } from 'react';
import { outlooks, sceneOf } from '@/core/machine';
import { arrangements, put } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { restingPositions } from '@/drawings';
import { PlainDrawing } from '@/features/picture';
import { useRefusal } from '@/ui/refusal';
import { arrangementText } from '@/words';
import styles from './brief.module.css';

type Outlook = ReturnType<typeof outlooks>[number];

/** The six arrangements, each drawn from this machine's own sizes, with what it would mean for this brief. */
export function ArrangementChoice() {
  const { project, editor } = useMachine();
  const all = useMemo(() => outlooks(project), [project]);
  const refusal = useRefusal();
  const pick = (value: string) => {
    const id = arrangements.find((a) => a === value);
    if (id) refusal.attempt(() => editor.apply([put('brief.arrangement', id)], arrangementText[id].name));
  };
  return (
    <section aria-labelledby="arrange-title">
      <h2 id="arrange-title">Arrangement</h2>
      {refusal.note}
      <RadioGroup
        className={styles.cards ?? ''}
        aria-labelledby="arrange-title"
        value={project.brief.arrangement}
        onChange={(_, value) => pick(value)}
      >
        {all.map((outlook) => (
          <FormControlLabel
            key={outlook.id}
            value={outlook.id}
            className={styles.card ?? ''}
            control={<Radio size="small" />}
            label={<Card outlook={outlook} />}
          />
        ))}
      </RadioGroup>
    </section>
  );
}

function Card({ outlook }: { outlook: Outlook }) {
  const { project, system } = useMachine();
  const { id } = outlook;
  const text = arrangementText[id];
  const scene = useMemo(
    () => sceneOf({ ...project, brief: { ...project.brief, arrangement: id } }),
    [project, id],
  );
  return (
    <>
      <PlainDrawing
        scene={scene}
        positions={restingPositions(scene)}
        view="orbit"
        system={system}
        label=""
        height={92}
        bare
      />
      <b>{text.name}</b>
      <span>
        {text.good} <em>{text.bad}</em>
      </span>
      <small>
        <Room {...outlook} />
        <Moves {...outlook} />
        Limit: {text.limit}.
      </small>
    </>
  );
}

function Room({ length, width, fits }: Outlook) {
  const { system } = useMachine();
  const say = (m: number) => formatQuantity('length', m, system, 3).text;
  if (length === null || width === null) return <>Room it takes: say the work area. </>;
  return (
    <>
      About {say(length)} x {say(width)}
      {fits === false ? ', not in this room' : ''}.{' '}
    </>
  );
}

function Moves({ moving, guessed }: Outlook) {
  const { system } = useMachine();
  if (moving === null) return null;
  return (
    <>
      Moves about {formatQuantity('mass', moving, system, 2).text}
      {guessed ? ' (table by its area, from memory)' : ''}.{' '}
    </>
  );
}
