'use client';

import type { ReactNode } from 'react';
import { type LineChange, lineEdits, type ListLine, removedLines } from '@/core/build';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { inputLabel, originNames } from '@/words';
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

/** All that is said of one line. */
export function LinePanel({ line, name, today }: PanelProps) {
  const { project, editor } = useMachine();
  const at = project.partLines.findIndex((l) => l.key === line.key);
  const set = (change: LineChange, label: string) =>
    editor.apply(lineEdits(project, new Map([[line.key, change]])), `${label}: ${name}`);
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
        <Open line={line} />
      </header>
      <QuoteScale line={line} sellers={project.sellers} name={name} />
      <div>
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
            placeholder="no; else a name, to price it apart"
            onText={(option) => set({ option }, 'Option')}
          />
        </Field>
        <Field label="Note">
          <TextLine
            label="Note"
            value={line.said?.note ?? ''}
            maxLength={500}
            optional
            placeholder="where it lies, what is wrong with it"
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
