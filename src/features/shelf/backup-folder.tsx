'use client';

import Button from '@mui/material/Button';
import { useEffect, useState } from 'react';
import { foldersAllowed, mayWrite, pickFolder, todayIso, writeBackup } from '@/features/frame';
import { useStorage } from '@/session';
import type { MachineStorage } from '@/storage';

type Place =
  | { readonly kind: 'looking' }
  | { readonly kind: 'none' }
  | { readonly kind: 'there'; readonly folder: FileSystemDirectoryHandle; readonly open: boolean };

const nothing: Place = { kind: 'looking' };

/** Writes every machine that is stored. @returns how many were written. */
async function writeAll(storage: MachineStorage, folder: FileSystemDirectoryHandle): Promise<number> {
  let written = 0;
  for (const { id } of await storage.all()) if (await writeBackup(storage, folder, id, todayIso())) written++;
  return written;
}

const causeOf = (cause: unknown): string => (cause instanceof Error ? cause.message : String(cause));

function usePlace(storage: MachineStorage | null) {
  const [place, setPlace] = useState<Place>(nothing);
  const [said, setSaid] = useState('');
  useEffect(() => {
    const look = async () => {
      const folder = await storage?.outside.folder();
      setPlace(folder ? { kind: 'there', folder, open: await mayWrite(folder, false) } : { kind: 'none' });
    };
    if (storage) look().catch(() => setPlace({ kind: 'none' }));
  }, [storage]);
  /** Runs a step, and says what went wrong. */
  const run = (step: (storage: MachineStorage) => Promise<string>) => {
    if (!storage) return;
    setSaid('Writing…');
    step(storage).then(setSaid, (cause: unknown) => setSaid(`That did not work: ${causeOf(cause)}.`));
  };
  return { place, setPlace, said, run };
}

/** The folder on disk into which machines are backed up: chosen, allowed again, written to, forgotten. */
export function BackupFolder() {
  const { place, setPlace, said, run } = usePlace(useStorage());
  if (place.kind === 'looking') return null;
  if (!foldersAllowed())
    return <>No page may write into a folder in this browser: export machines, or their bundles, by hand.</>;
  const write = (folder: FileSystemDirectoryHandle) =>
    run(async (storage) => {
      const open = await mayWrite(folder, true);
      setPlace({ kind: 'there', folder, open });
      if (!open) return 'The browser does not let us write there.';
      const written = await writeAll(storage, folder);
      return `${written === 1 ? 'One machine' : `${written} machines`} written, photos and all.`;
    });
  const choose = () =>
    run(async (storage) => {
      const folder = await pickFolder();
      if (!folder) return '';
      await storage.outside.choose(folder);
      setPlace({ kind: 'there', folder, open: true });
      return 'From now on a machine is written there when it has come to rest after a change.';
    });
  const forget = () =>
    run(async (storage) => {
      await storage.outside.choose(undefined);
      setPlace({ kind: 'none' });
      return 'Nothing is written there any more; what lies there stays.';
    });
  return (
    <>
      {place.kind === 'none' && (
        <>
          No folder chosen.{' '}
          <Button size="small" onClick={choose}>
            Choose a folder
          </Button>
        </>
      )}
      {place.kind === 'there' && (
        <>
          Folder “{place.folder.name}”
          {place.open ? ': a file for each machine and day.' : ': the browser asks anew whether we may.'}{' '}
          <Button size="small" onClick={() => write(place.folder)}>
            {place.open ? 'Write all now' : 'Allow it and write all'}
          </Button>{' '}
          <Button size="small" onClick={forget}>
            Write there no more
          </Button>
        </>
      )}{' '}
      <span role="status">{said}</span>
    </>
  );
}
