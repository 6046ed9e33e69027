'use client';

import { type LineChange, lineEdits, removedLines, stateChange } from '@/core/build';
import { type PartState, partStates } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TextLine } from '@/ui/text-line';
import { stateNames } from '@/words';
import styles from './parts.module.css';
import type { PartRow } from './rows';

interface BulkProps {
  readonly picked: readonly PartRow[];
  readonly today: string;
  readonly onClear: () => void;
}

/** One change for all lines that are picked. */
export function BulkBar({ picked, today, onClear }: BulkProps) {
  const { project, editor } = useMachine();
  if (!picked.length) return null;
  const all = `${picked.length} ${picked.length === 1 ? 'line' : 'lines'}`;
  const change = (of: (row: PartRow) => LineChange, label: string) =>
    editor.apply(lineEdits(project, new Map(picked.map((r) => [r.key, of(r)])), freshId), `${label}: ${all}`);
  const bought = picked.filter((r) => !r.line.sawn);
  const own = picked.filter((r) => r.line.origin === 'own' || r.line.origin === 'gone');
  const setState = (state: PartState | '') =>
    state === ''
      ? undefined
      : editor.apply(
          lineEdits(project, new Map(bought.map((r) => [r.key, stateChange(r.line, state, today)])), freshId),
          `${stateNames[state]}: ${all}`,
        );
  return (
    <div className={styles.bulk} role="group" aria-label="For all picked lines">
      <b>{all} picked</b>
      <Choice
        label="State"
        value={'' as PartState | ''}
        options={[['', 'as it is'], ...partStates.map((s) => [s, stateNames[s]] as const)]}
        onPick={setState}
      />
      <Action onAct={() => change(() => ({ quantity: 0 }), 'Not wanted')}>Not wanted</Action>
      <Action onAct={() => change(() => ({ quantity: null }), 'As the model asks')}>As the model asks</Action>
      <div className={styles.search}>
        <TextLine
          label="Can be left out, as part of"
          value=""
          maxLength={60}
          placeholder="option: a name"
          onText={(option) => change(() => ({ option }), 'Option')}
        />
      </div>
      {own.length > 0 && (
        <Action
          onAct={() =>
            editor.apply(removedLines(project, new Set(own.map((r) => r.key))), `Off the list: ${own.length}`)
          }
        >
          Off the list
        </Action>
      )}
      <Action onAct={onClear}>Pick none</Action>
    </div>
  );
}
