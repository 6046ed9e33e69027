'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { MOST_NAME, type StackGapInput } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { TextLine } from '@/ui/text-line';
import { PlaneField } from './plane-field';
import styles from './stacks.module.css';
import type { StackEdits } from './use-stack';

const mends = [
  ['shim', 'shim or recess'],
  ['recess', 'recess'],
  ['slot', 'slot for a body'],
  ['adjust', 'adjusted by hand'],
] as const;
const runs = [
  ['with', 'rides with it'],
  ['along', 'runs in it'],
] as const;

interface GapFieldsProps {
  readonly gap: StackGapInput;
  readonly at: string;
  readonly used: readonly string[];
  readonly edits: StackEdits;
}

/** What a gap should be, and how it is brought there. */
export function GapFields({ gap, at, used, edits }: GapFieldsProps) {
  const { editor } = useMachine();
  const set = (field: string, label: string) => (value: string) =>
    editor.apply([{ path: `${at}.${field}`, value }], `${gap.name}: ${label}`);
  return (
    <>
      <div className={styles.named}>
        <TextLine
          label="Name of the stack-up"
          value={gap.name}
          maxLength={MOST_NAME}
          onText={set('name', 'name')}
        />
        <IconAction label={`Remove ${gap.name}`} onAct={() => edits.removeGap(gap.id)}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </div>
      <PlaneField label="Between" value={gap.from} used={used} onPick={set('from', 'face')} />
      <PlaneField label="And" value={gap.to} used={used} onPick={set('to', 'face')} />
      {(['least', 'most', 'target'] as const).map((field) => (
        <MachineField key={field} path={`${at}.${field}`} />
      ))}
      <Choice label="Brought there by" value={gap.mend} options={mends} onPick={set('mend', 'way')} />
      {gap.mend === 'slot' && (
        <>
          <MachineField path={`${at}.body.width`} />
          <MachineField path={`${at}.body.length`} />
          <MachineField path={`${at}.side`} />
          <Choice label="The body" value={gap.runs} options={runs} onPick={set('runs', 'slot')} />
        </>
      )}
    </>
  );
}
