'use client';

import { useState } from 'react';
import { extrusionSection, extrusionSizes } from '@/core/catalogue';
import { memberSection } from '@/core/build';
import { type BarInput, capsAt, estimate, type MaterialId, put, type Section } from '@/core/model';
import { sectionOf } from '@/core/plan';
import { parseQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { sectionName } from '@/words';
import styles from './start.module.css';

const kinds = [
  ['rect-tube', 'Tube, square or flat'],
  ['extrusion', 'Slotted extrusion'],
  ['bar', 'Plate or flat, on edge'],
] as const;
type BarKind = (typeof kinds)[number][0];

const materials: Readonly<Record<BarKind, readonly (readonly [MaterialId, string])[]>> = {
  'rect-tube': [
    ['steel', 'steel'],
    ['aluminium', 'aluminium'],
  ],
  extrusion: [['aluminium', 'aluminium']],
  bar: [
    ['aluminium', 'aluminium'],
    ['steel', 'steel'],
  ],
};

interface Draft {
  readonly kind: BarKind;
  readonly material: MaterialId;
  readonly height: string;
  readonly width: string;
  readonly wall: string;
  /** Id of a slotted extrusion. */
  readonly size: string;
  readonly length: string;
  readonly count: number;
}

const begun = (system: UnitSystem): Draft => ({
  ...{ kind: 'rect-tube', material: 'steel', size: extrusionSizes[0]!.id, count: 1 },
  ...(system === 'metric'
    ? { height: '80 mm', width: '80 mm', wall: '4 mm', length: '3 m' }
    : { height: '3 in', width: '3 in', wall: '0.125 in', length: '10 ft' }),
});

type Read = { readonly section: Section } | { readonly wrong: string };

/** A size out of a text, or the sentence that says what is wanted. */
function sized(name: string, typed: string, below: number) {
  const read = parseQuantity('length', typed);
  if (read.ok && read.si > 0 && read.si < below) return { value: estimate('length', typed) };
  return { wrong: `${name}: read “${typed}”; wanted a length, such as 80 mm or 3 in.` };
}

/** The section of a draft. */
function sectionFrom({ kind, height, width, wall, size }: Draft): Read {
  if (kind === 'extrusion') return { section: extrusionSection(extrusionSizes.find((e) => e.id === size)!) };
  const [h, w] = [sized('Height', height, 1), sized('Width', width, 1)];
  if (h.wrong !== undefined || w.wrong !== undefined) return { wrong: (h.wrong ?? w.wrong)! };
  if (kind === 'bar') return { section: { kind, height: h.value, width: w.value } };
  const thick = sized('Wall', wall, Math.min(h.value.si, w.value.si) / 2);
  if (thick.wrong !== undefined) return { wrong: `${thick.wrong} It is less than half of the outside.` };
  return { section: { kind, height: h.value, width: w.value, wall: thick.value, making: 'cold' } };
}

/** The bar of a draft; a sentence where it does not read. */
function barFrom(draft: Draft): BarInput | string {
  const read = sectionFrom(draft);
  const length = sized('Length', draft.length, 50);
  if ('wrong' in read) return read.wrong;
  if (length.wrong !== undefined) return length.wrong;
  return {
    id: freshId(),
    section: memberSection(read.section, draft.material).key,
    length: length.value,
    price: null,
    count: draft.count,
    firstHole: null,
    note: '',
  };
}

/** What a bar is called; as it was typed where nobody knows its section. */
function barName({ section: key, length }: BarInput, system: UnitSystem): string {
  const read = sectionOf(key);
  const name = read ? sectionName('member', memberSection(read.section, read.material).params, system) : key;
  return `${name}, ${length.typed}`;
}

/** Tube, extrusion and plate that lie there: the same bars that Build saws from. */
export function Bars() {
  const { project, editor, system } = useMachine();
  const lie = project.bars.filter((b) => (b.count ?? 0) > 0);
  return (
    <ul className={styles.shelf}>
      {lie.map((bar) => (
        <li key={bar.id}>
          <b>{bar.count}</b> {barName(bar, system)}
          <Action
            label={`Take out ${barName(bar, system)}`}
            onAct={() =>
              editor.apply(
                [
                  put(
                    'bars',
                    project.bars.filter((b) => b.id !== bar.id),
                  ),
                ],
                `Taken out: ${barName(bar, system)}`,
              )
            }
          >
            Take out
          </Action>
        </li>
      ))}
    </ul>
  );
}

const MOST_BARS = capsAt('bars')!.max;

/** Puts bars in: by their sizes, with how long they are and how many lie there. */
export function AddBar() {
  const { project, editor, system } = useMachine();
  const [draft, setDraft] = useState(() => begun(system));
  const set = (change: Partial<Draft>) => setDraft((d) => ({ ...d, ...change }));
  const add = () => {
    const bar = barFrom(draft);
    if (typeof bar === 'string') return bar;
    if (project.bars.length >= MOST_BARS)
      return `Read ${project.bars.length} kinds of bar; wanted at most ${MOST_BARS}.`;
    return editor.apply([put('bars', [...project.bars, bar])], `Lies here: ${barName(bar, system)}`);
  };
  const line = (label: string, key: 'height' | 'width' | 'wall' | 'length') => (
    <label className={styles.size}>
      <span>{label}</span>
      <TextLine label={label} value={draft[key]} maxLength={40} onText={(text) => set({ [key]: text })} />
    </label>
  );
  const { kind } = draft;
  return (
    <div className={styles.add}>
      <Choice
        label="What it is"
        value={kind}
        options={kinds}
        onPick={(next: BarKind) => set({ kind: next, material: materials[next][0]![0] })}
      />
      {kind === 'extrusion' ? (
        <Choice
          label="Size"
          value={draft.size}
          options={extrusionSizes.map((e) => [e.id, `${e.height} × ${e.width} mm`] as const)}
          onPick={(size) => set({ size })}
        />
      ) : (
        <>
          <Choice
            label="Of"
            value={draft.material}
            options={materials[kind]}
            onPick={(material: MaterialId) => set({ material })}
          />
          {line(kind === 'bar' ? 'Height, as it stands on edge' : 'Height', 'height')}
          {line(kind === 'bar' ? 'Thickness' : 'Width', 'width')}
          {kind === 'rect-tube' && line('Wall', 'wall')}
        </>
      )}
      {line('Length of one', 'length')}
      <label className={styles.size}>
        <span>How many lie here</span>
        <NumberLine
          label="How many lie here"
          value={draft.count}
          least={1}
          most={500}
          whole
          onNumber={(n) => set({ count: n ?? 1 })}
        />
      </label>
      <Action variant="outlined" onAct={add}>
        Put it there
      </Action>
    </div>
  );
}
