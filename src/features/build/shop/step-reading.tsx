'use client';

import { useState } from 'react';
import { type ReadingKind, readingEdits, type WorkStep } from '@/core/build';
import { displayUnit, explainParseError, parseQuantity } from '@/core/units';
import { todayIso, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Keypad } from '@/ui/keypad';
import { readingTexts } from '@/words';

interface PadProps {
  readonly what: ReadingKind;
  readonly step: WorkStep;
  readonly name: string;
}

/** One reading of a step by the keypad. */
export function StepReading({ what, step, name }: PadProps) {
  const { project, editor, system } = useMachine();
  const { title, kind, how } = readingTexts[what];
  const unit = displayUnit(kind, system).symbol;
  const last = step.said?.readings.filter((r) => r.what === what).at(-1);
  const [typed, setTyped] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const shown = typed ?? last?.typed ?? '';
  const keep = () => {
    const text = typed ?? '';
    const read = parseQuantity(kind, text, unit);
    if (!read.ok) return setNote(`${title}: ${explainParseError(kind, read.error)}`);
    const reading = { id: freshId(), what, typed: `${text} ${unit}`, value: read.si, on: todayIso() };
    const refused = editor.apply(readingEdits(project, step.id, reading, freshId()), `${title}: ${name}`);
    if (refused) return setNote(refused);
    setTyped(null);
  };
  return (
    <Keypad
      title={title}
      how={`${how} ${unit}`}
      shown={shown}
      typed={typed}
      onTyped={(next) => {
        setNote('');
        setTyped(next);
      }}
      onKeep={keep}
      keep="keep"
      note={note}
    />
  );
}
