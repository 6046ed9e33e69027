'use client';

import { type ReadingKind, readingEdits, type WorkStep } from '@/core/build';
import { displayUnit, explainParseError, parseQuantity } from '@/core/units';
import { todayIso, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { TextLine } from '@/ui/text-line';
import { readingTexts } from '@/words';
import styles from './assembly.module.css';

/** One reading of a step: what was read last, and a place for the next. */
function ReadingLine({
  what,
  step,
  name,
}: {
  readonly what: ReadingKind;
  readonly step: WorkStep;
  readonly name: string;
}) {
  const { project, editor, system } = useMachine();
  const { title, kind, how } = readingTexts[what];
  const last = step.said?.readings.filter((r) => r.what === what).at(-1);
  const take = (typed: string) => {
    const unit = displayUnit(kind, system).symbol;
    const read = parseQuantity(kind, typed, unit);
    if (!read.ok) return `${title}: ${explainParseError(kind, read.error)}`;
    // What is kept carries its unit, so that it means the same on another sheet.
    const said = parseQuantity(kind, typed).ok ? typed : `${typed} ${unit}`;
    const reading = {
      id: last?.id ?? freshId(),
      what,
      typed: said.slice(0, 40),
      value: read.si,
      on: todayIso(),
    };
    return editor.apply(readingEdits(project, step.id, reading, freshId()), `${title}: ${name}`);
  };
  return (
    <label className={styles.wide}>
      <span>
        {title} <small>{how}</small>
      </span>
      <TextLine
        label={`${title}, ${name}`}
        value={last?.typed ?? ''}
        maxLength={40}
        placeholder="not read yet"
        optional
        onText={take}
      />
      {last?.on && <small>read on {last.on}</small>}
    </label>
  );
}

/** What is read at a step and kept with it. */
export function Readings({ step, name }: { readonly step: WorkStep; readonly name: string }) {
  return (
    <div className={styles.figures}>
      {step.readings.map((what) => (
        <ReadingLine key={what} {...{ what, step, name }} />
      ))}
    </div>
  );
}
