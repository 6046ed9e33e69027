'use client';

import { useState } from 'react';
import { familiesOf, type Family, familyById, type PartLink } from '@/core/catalogue';
import { capsAt, type OwnPart, put } from '@/core/model';
import { readPartsCsv } from '@/core/formats';
import { OwnPartForm } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { CheckBox } from '@/ui/check-box';
import { Choice } from '@/ui/choice';
import { FilePicker, readText } from '@/ui/file-picker';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { useRefusal } from '@/ui/refusal';
import { wantedWords } from '@/words';
import { AddBar, Bars } from './bars';
import { Question } from './question';
import styles from './start.module.css';

/** Links of which something may lie in a drawer. */
const links = [
  'motor',
  'driver',
  'supply',
  'drive',
  'guide',
  'reducer',
] as const satisfies readonly PartLink[];
const kept = links
  .flatMap((link) => familiesOf(link))
  .filter((f) => f.id !== 'geared-motor' && f.id !== 'handwheel' && f.id !== 'sliding-nut');

/** Kinds that somebody may not want at all. */
const refusable = [
  'belt',
  'chain',
  'rack',
  'ball-screw',
  'trapezoidal-screw',
  'stepper',
  'servo',
  'wheel',
  'supported-rail',
  'profile-rail',
];

const MOST_OWN = capsAt('ownParts')!.max;
const MOST_BYTES = 1_000_000;

/** What lies in the drawer, and what is not wanted. */
export function Drawer() {
  const { project, editor } = useMachine();
  const shelf = project.ownParts.filter((p) => p.onHand > 0);
  const { refused } = project.brief.wishes;
  const kinds = shelf.length + project.bars.filter((b) => (b.count ?? 0) > 0).length;
  const answer = kinds ? `${kinds} ${kinds === 1 ? 'kind' : 'kinds'}` : 'nothing yet';
  const set = (parts: readonly OwnPart[], label: string) =>
    editor.apply([put('ownParts', [...parts])], label);
  return (
    <Question number={8} title="What is in the drawer?" answer={answer}>
      <ul className={styles.shelf}>
        {shelf.map((p) => (
          <li key={p.id}>
            <b>{p.onHand}</b> {p.name}
            <Action
              label={`Take out ${p.name}`}
              onAct={() =>
                set(
                  project.ownParts.filter((o) => o.id !== p.id),
                  `Taken out: ${p.name}`,
                )
              }
            >
              Take out
            </Action>
          </li>
        ))}
      </ul>
      <Bars />
      <Fold summary="Put a part in">
        <Add set={set} />
      </Fold>
      <Fold summary="Tube, extrusion, plate">
        <AddBar />
      </Fold>
      <Fold summary={refused.length ? `Not wanted: ${refused.length} kinds` : 'What you will not use'}>
        <div className={styles.refused}>
          {refusable.map((id) => (
            <CheckBox
              key={id}
              label={`No ${familyById(id)!.name.toLowerCase()}`}
              checked={refused.includes(id)}
              onCheck={(on) =>
                editor.apply(
                  [put('brief.wishes.refused', on ? [...refused, id] : refused.filter((r) => r !== id))],
                  `${on ? 'Without' : 'With'} ${familyById(id)!.name.toLowerCase()}`,
                )
              }
            />
          ))}
        </div>
      </Fold>
    </Question>
  );
}

type SetParts = (parts: readonly OwnPart[], label: string) => string | undefined;

const full = (own: readonly OwnPart[]) => `Read ${own.length} own parts; wanted at most ${MOST_OWN}.`;

interface FileProps {
  readonly family: Family;
  readonly set: SetParts;
}

/** Parts of a family out of a list that somebody keeps. */
function PartsFile({ family, set }: FileProps) {
  const { ownParts } = useMachine().project;
  const refusal = useRefusal();
  const read = async ([file]: readonly File[]) => {
    if (!file) return;
    const text = await readText(file, MOST_BYTES);
    refusal.attempt(() => {
      if (!text.ok) return text.reason;
      const result = readPartsCsv(family, text.text);
      if (!result.ok) {
        const { line, field, read: said, wanted } = result;
        const where = `${text.name}, line ${line}, ${field}`;
        return `${where}: read “${said}”; wanted ${wantedWords(wanted)}. Nothing was taken.`;
      }
      if (ownParts.length + result.parts.length > MOST_OWN) return full(ownParts);
      const parts = result.parts.map((p) => ({ ...p, id: freshId() }));
      return set([...ownParts, ...parts], `Parts from ${text.name}`);
    });
  };
  return (
    <>
      <FilePicker
        label={`${family.name} as CSV`}
        accept={{ 'text/csv': ['.csv'] }}
        onFiles={(f) => void read(f)}
      >
        Read a CSV of {family.name.toLowerCase()}…
      </FilePicker>
      {refusal.note}
    </>
  );
}

/** A part of the catalogue that lies there, with how many; or a list of own ones. */
function Add({ set }: { readonly set: SetParts }) {
  const { project } = useMachine();
  const [family, setFamily] = useState(kept[0]!);
  const [partId, setPart] = useState(family.parts[0]!.id);
  const [count, setCount] = useState(1);
  const [typing, setTyping] = useState(false);
  const { ownParts } = project;
  const add = () => {
    const part = family.parts.find((p) => p.id === partId) ?? family.parts[0]!;
    if (ownParts.length >= MOST_OWN) return full(ownParts);
    const { name, values, price } = part;
    const own: OwnPart = {
      id: freshId(),
      family: family.id,
      name,
      values: { ...values },
      price,
      onHand: count,
      note: '',
    };
    return set([...ownParts, own], `In the drawer: ${name}`);
  };
  if (typing)
    return (
      <OwnPartForm
        family={family}
        like={family.parts.find((p) => p.id === partId)}
        onHand={count}
        onCancel={() => setTyping(false)}
        onAdd={(part) => {
          if (ownParts.length >= MOST_OWN) return full(ownParts);
          const refused = set([...ownParts, part], `In the drawer: ${part.name}`);
          if (!refused) setTyping(false);
          return refused;
        }}
      />
    );
  return (
    <div className={styles.add}>
      <Choice
        label="Kind"
        value={family.id}
        options={kept.map((f) => [f.id, f.name] as const)}
        onPick={(id) => {
          const next = familyById(id)!;
          setFamily(next);
          setPart(next.parts[0]!.id);
        }}
      />
      <Choice
        label="Part"
        value={partId}
        options={family.parts.map((p) => [p.id, p.name] as const)}
        onPick={setPart}
      />
      <label className={styles.size}>
        <span>How many</span>
        <NumberLine
          label="How many"
          value={count}
          least={1}
          most={1000}
          whole
          onNumber={(n) => setCount(n ?? 1)}
        />
      </label>
      <Action variant="outlined" onAct={add}>
        Put it in
      </Action>
      <Action
        title="What its label or its datasheet says, begun with the part above"
        onAct={() => setTyping(true)}
      >
        Type its figures…
      </Action>
      <PartsFile family={family} set={set} />
    </div>
  );
}
