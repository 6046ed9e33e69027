'use client';

import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import type { Session } from '@/session';
import styles from './frame.module.css';

const keys: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'take the last step back'],
  ['Ctrl Shift Z, Ctrl Y', 'do it again'],
  ['Alt ← →', 'axis before, axis after'],
  ['Enter', 'leave a field'],
  ['Esc', 'drop a text that was refused; close what is open'],
  ['?', 'this list'],
];

const isField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Keyboard of every page of a machine. */
export function Shortcuts({ session }: { session: Session }) {
  const [open, setOpen] = useState(false);
  const { enqueueSnackbar } = useSnackbar();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const command = (event.ctrlKey || event.metaKey) && !event.altKey;
      const key = event.key.toLowerCase();
      if (command && (key === 'z' || key === 'y')) {
        // Also inside fields: the machine's history holds every keystroke's result, the browser's own does
        // not.
        event.preventDefault();
        const back = key === 'z' && !event.shiftKey;
        const label = back ? session.undo() : session.redo();
        enqueueSnackbar(
          label === undefined
            ? `Nothing to ${back ? 'take back' : 'do again'}`
            : `${back ? 'Taken back' : 'Done again'}: ${label}`,
          { autoHideDuration: 1800, preventDuplicate: true },
        );
      } else if (event.key === '?' && !isField(event.target)) setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [session, enqueueSnackbar]);
  return (
    <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="shortcuts-title">
      <DialogTitle id="shortcuts-title">Keys</DialogTitle>
      <DialogContent>
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
          Fields take what you type: <b>54 in</b>, <b>3/8 in</b>, <b>428 oz-in</b>, <b>15 m/min</b>,{' '}
          <b>1,5 m</b>. A number without a unit is taken in the unit of the sheet.
        </p>
      </DialogContent>
    </Dialog>
  );
}
