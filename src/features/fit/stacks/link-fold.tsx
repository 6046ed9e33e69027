'use client';

import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import type { Step } from '@/core/fit';
import type { StackRow } from '@/core/machine';
import { MOST_NAME } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { IconAction } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { TextLine } from '@/ui/text-line';
import { fineLength } from '@/words';
import { PlaneField } from './plane-field';
import styles from './stacks.module.css';
import type { StackEdits } from './use-stack';

const fields = ['measured', 'doubt', 'drawn', 'published', 'plus', 'minus'] as const;
/** What it measures, and what it was cut with: links of one lot err together. */
const notes = [
  ['part', 'Thing measured', 60],
  ['lot', 'Cut in one go with', 40],
] as const;
const shapes = [
  ['unknown', 'not known'],
  ['two-sigma', 'two sigma'],
  ['three-sigma', 'three sigma'],
] as const;

interface LinkFoldProps {
  readonly row: StackRow;
  /** Its letter in the chain and its way in it; none while it is in no chain that is shown. */
  readonly letter: string;
  readonly step: Step | null;
  readonly share: number;
  readonly at: string;
  readonly open: boolean;
  readonly used: readonly string[];
  readonly edits: StackEdits;
}

/** One link: its figures side by side, and, opened, where each comes from. */
export function LinkFold({ row, letter, step, share, at, open, used, edits }: LinkFoldProps) {
  const { system, editor } = useMachine();
  const { input, published, link } = row;
  const say = (m: number | undefined) => (m === undefined ? '–' : fineLength(m, system));
  return (
    <Fold
      open={open}
      sign={false}
      level="div"
      lazy
      className={styles.link}
      summary={
        <span className={styles.line} data-unknown={link.value === null || undefined}>
          <b>{letter}</b>
          <span className={styles.name}>{input.name}</span>
          <span data-title="Published">{say(published?.value)}</span>
          <span data-title="Drawn">{say(input.drawn?.si)}</span>
          <span data-title="Measured" className={styles.read}>
            {say(input.measured?.si)}
          </span>
          <span data-title="±">{link.tolerance === null ? '?' : say(link.tolerance)}</span>
          <span data-title="Doubt">{step ? `${Math.round(100 * share)} %` : ''}</span>
        </span>
      }
    >
      <div className={styles.named}>
        <TextLine
          label="Name"
          value={input.name}
          maxLength={MOST_NAME}
          onText={(text) => editor.apply([{ path: `${at}.name`, value: text }], 'Name of a link')}
        />
        <IconAction label={`Remove ${input.name}`} onAct={() => edits.removeLink(input.id)}>
          <DeleteIcon fontSize="inherit" />
        </IconAction>
      </div>
      <PlaneField
        label="From"
        value={input.from}
        used={used}
        onPick={(plane) => editor.apply([{ path: `${at}.from`, value: plane }], `${input.name}: from`)}
      />
      <PlaneField
        label="To"
        value={input.to}
        used={used}
        onPick={(plane) => editor.apply([{ path: `${at}.to`, value: plane }], `${input.name}: to`)}
      />
      {published && !input.published && (
        <p className={styles.source}>
          Published {say(published.value)} ± {say(published.tolerance)}: {published.source}.
        </p>
      )}
      {fields.map((field) => (
        <MachineField key={field} path={`${at}.${field}`} />
      ))}
      {notes.map(([field, label, most]) => (
        <div key={field} className={styles.note}>
          <span>{label}</span>
          <TextLine
            label={label}
            value={input[field]}
            maxLength={most}
            optional
            placeholder="none"
            onText={(text) =>
              editor.apply([{ path: `${at}.${field}`, value: text }], `${input.name}: ${label.toLowerCase()}`)
            }
          />
        </div>
      ))}
      <Choice
        label="Tolerance is"
        value={input.shape}
        options={shapes}
        onPick={(shape) => editor.apply([{ path: `${at}.shape`, value: shape }], `${input.name}: tolerance`)}
      />
    </Fold>
  );
}
