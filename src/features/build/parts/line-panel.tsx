'use client';

import Link from 'next/link';
import type { ReactNode } from 'react';
import { type LineChange, lineEdits, type ListLine, type NeedKind, removedLines } from '@/core/build';
import { MachineField } from '@/features/fields';
import { machineHref, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { inputLabel, originNames } from '@/words';
import { useRows } from '../use-rows';
import styles from './parts.module.css';
import { QuoteScale } from './quote-scale';
import { Quotes } from './quotes';

interface PanelProps {
  readonly line: ListLine;
  readonly name: string;
  readonly today: string;
}

const Field = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <div className={styles.field}>
    <span>{label}</span>
    <div>{children}</div>
  </div>
);

/** What cannot be bought as it is, for something is not said. */
function Open({ line }: Pick<PanelProps, 'line'>) {
  const open = line.need?.open ?? [];
  if (!open.length) return null;
  const words = open.map((path) =>
    path.startsWith('cabling.')
      ? inputLabel(path.replace(/^cabling\.[^.]+/, 'cabling.0')).toLowerCase()
      : inputLabel(path).toLowerCase(),
  );
  return <p>Not known yet: {[...new Set(words)].join(', ')}.</p>;
}

/** Kinds of which another part can be tried in the model before it is bought. */
const tried: readonly NeedKind[] = [
  'rail',
  'carriage',
  'ball-screw',
  'sliding-screw',
  'rack',
  'belt',
  'motor',
  'beam',
  'column',
  'bed',
];

/** Where another part of its kind is tried, and how a cable runs. */
function Elsewhere({ line }: Pick<PanelProps, 'line'>) {
  const { project } = useMachine();
  const cabling = useRows('cabling');
  const kind = line.need?.kind;
  if (kind === 'motor-cable' || kind === 'switch-cable') {
    const at = cabling.rows.findIndex((c) => c.axis === line.owner);
    const begin = () =>
      cabling.add({ id: freshId(), axis: line.owner, run: null, drop: null }, 'How a cable runs');
    return at < 0 ? (
      <Action onAct={begin}>Say how it runs</Action>
    ) : (
      <div>
        <MachineField path={`cabling.${at}.run`} />
        <MachineField path={`cabling.${at}.drop`} />
      </div>
    );
  }
  if (!kind || !tried.includes(kind)) return null;
  const axis = line.owner || project.axes[0]!.id;
  return (
    <p>
      <Link href={`${machineHref('fit', project.id, axis)}&v=instead`}>Another part in its place</Link>: what
      it changes, before you buy it.
    </p>
  );
}

/** All that is said of one line. */
export function LinePanel({ line, name, today }: PanelProps) {
  const { project, editor } = useMachine();
  const at = project.partLines.findIndex((l) => l.key === line.key);
  const set = (change: LineChange, label: string) =>
    editor.apply(lineEdits(project, new Map([[line.key, change]]), freshId), `${label}: ${name}`);
  const owners = [
    ['', 'Frame, control, shared'] as const,
    ...project.axes.map((a) => [a.id, a.name] as const),
  ];
  const removable = line.origin === 'own' || line.origin === 'gone';
  return (
    <section className={styles.panel} aria-label={name}>
      <header>
        <h2>{name}</h2>
        <p>
          {originNames[line.origin]}
          {line.need?.price != null ? `; such parts cost about ${line.need.price.toFixed(0)} each` : ''}
        </p>
        {line.need?.guessed && (
          <p>Guessed: it rests on numbers that nobody has said yet. Say them before you buy.</p>
        )}
        <Open line={line} />
        <Elsewhere line={line} />
      </header>
      <QuoteScale line={line} sellers={project.sellers} name={name} />
      <div className={styles.fields}>
        {line.origin === 'own' && (
          <Choice label="For" value={line.owner} options={owners} onPick={(owner) => set({ owner }, 'For')} />
        )}
        <Field label="Spare">
          <NumberLine
            label="Spare"
            value={line.said?.spare ?? null}
            most={100_000}
            whole
            optional
            placeholder={String(line.spare)}
            onNumber={(spare) => set({ spare }, 'Spare')}
          />
        </Field>
        <Field label="Can be left out">
          <TextLine
            label="Can be left out, as part of"
            value={line.option}
            maxLength={60}
            optional
            placeholder="no"
            onText={(option) => set({ option }, 'Option')}
          />
        </Field>
        <Field label="Note">
          <TextLine
            label="Note"
            value={line.said?.note ?? ''}
            maxLength={500}
            optional
            placeholder="where it lies"
            onText={(note) => set({ note }, 'Note')}
          />
        </Field>
        {at >= 0 ? (
          <MachineField path={`partLines.${at}.mass`} />
        ) : (
          <Action onAct={() => set({}, 'A line')}>Say what it weighs</Action>
        )}
        {removable && (
          <Action
            onAct={() => editor.apply(removedLines(project, new Set([line.key])), `Off the list: ${name}`)}
          >
            Off the list
          </Action>
        )}
      </div>
      {!line.sawn && <Quotes line={line} name={name} today={today} />}
    </section>
  );
}
