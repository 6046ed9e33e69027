'use client';

import { useSnackbar } from 'notistack';
import { useEffect } from 'react';
import { type Session, useStorage } from '@/session';
import type { MachineStorage } from '@/storage';
import { mayWrite, writeBackup } from './backup';
import { todayIso } from './today';

/** So long nothing is stored before a backup is written, ms. */
const QUIET = 15_000;

/** Writes a backup into the folder that was chosen, where there is one that may be written to. */
async function backUp(storage: MachineStorage, id: string): Promise<void> {
  const folder = await storage.outside.folder();
  if (folder && (await mayWrite(folder, false))) await writeBackup(storage, folder, id, todayIso());
}

/** Backs the open machine up whenever it has come to rest. */
export function Backups({ session }: { session: Session }) {
  const storage = useStorage();
  const { enqueueSnackbar } = useSnackbar();
  useEffect(() => {
    if (!storage) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let first = true;
    const write = () =>
      void backUp(storage, session.id).catch((cause: unknown) =>
        enqueueSnackbar(
          `The backup was not written: ${cause instanceof Error ? cause.message : String(cause)}`,
          {
            variant: 'warning',
            preventDuplicate: true,
          },
        ),
      );
    const watching = storage.watch(session.id, () => {
      // What is told first is how it stands, not that something changed.
      if (!first) {
        clearTimeout(timer);
        timer = setTimeout(write, QUIET);
      }
      first = false;
    });
    return () => {
      clearTimeout(timer);
      watching.unsubscribe();
    };
  }, [storage, session, enqueueSnackbar]);
  return null;
}
