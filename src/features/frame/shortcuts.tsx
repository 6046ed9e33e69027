'use client';

import { useSnackbar } from 'notistack';
import { memo } from 'react';
import type { Session } from '@/session';
import { useShortcuts } from '@/ui/use-shortcuts';

/** How long it is said what was taken back, ms. */
const SAID = 1800;

/** Keyboard of every page of a machine. */
export const Shortcuts = memo(function Shortcuts({ session }: { session: Session }) {
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
  ]);
  return null;
});
