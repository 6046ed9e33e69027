'use client';

import { useSnackbar } from 'notistack';
import { memo, useState } from 'react';
import type { Session } from '@/session';
import { SheetDialog } from '@/ui/sheet-dialog';
import { useShortcuts } from '@/ui/use-shortcuts';
import styles from './frame.module.css';

const keys: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'take the last step back'],
  ['Ctrl Shift Z, Ctrl Y', 'do it again'],
  ['Alt ← →', 'axis before, axis after'],
  ['Enter', 'leave a field'],
  ['Esc', 'drop a text that was refused; close what is open'],
  ['?', 'this list'],
];

/** How long it is said what was taken back, ms. */
const SAID = 1800;

/** Keyboard of every page of a machine. */
export const Shortcuts = memo(function Shortcuts({ session }: { session: Session }) {
  const [open, setOpen] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  const say = (text: string) => enqueueSnackbar(text, { autoHideDuration: SAID, preventDuplicate: true });
  const undo = () => {
    const label = session.undo();
    say(label === undefined ? 'Nothing to take back' : `Taken back: ${label}`);
  };
  const redo = () => {
    const label = session.redo();
    say(label === undefined ? 'Nothing to do again' : `Done again: ${label}`);
  };
  useShortcuts([
    // Also inside fields: the machine's history holds every keystroke's result, the browser's own does not.
    { key: 'z', command: true, shift: false, inFields: true, act: undo },
    { key: 'z', command: true, shift: true, inFields: true, act: redo },
    { key: 'y', command: true, inFields: true, act: redo },
    { key: '?', act: () => setOpen(true) },
  ]);
  return (
    <SheetDialog title="Keys" open={open} onClose={() => setOpen(false)}>
      <dl className={styles.keys}>
        {keys.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p>
        Fields take what you type: <b>62 in</b>, <b>3/8 in</b>, <b>425 oz-in</b>, <b>15 m/min</b>,{' '}
        <b>1,5 m</b>. A number without a unit is taken in the unit of the sheet.
      </p>
    </SheetDialog>
  );
});
