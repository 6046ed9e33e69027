'use client';

import UploadIcon from '@mui/icons-material/FileUploadOutlined';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useSnackbar } from 'notistack';
import { useEffect, useState } from 'react';
import { beginMachine } from '@/core/machine';
import { demoMachines } from '@/demo';
import { machineHref, tourHref } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import type { AtHome, MachineHead, MachineStorage, Removed } from '@/storage';
import { FilePicker, useDrop } from '@/ui/file-picker';
import { Notice } from '@/ui/notice';
import { unitsOfReader } from '@/ui/units-of-reader';
import { newNames } from '@/words';
import { KeptHere } from './kept-here';
import { MachineRow } from './machine-row';
import styles from './shelf.module.css';
import { TAKE_BACK } from './take-back';
import { Meets } from './meets';
import { useRename } from './use-rename';
import { useShelf } from './use-shelf';

/** Machine files, and bundles with all that belongs to a machine. */
const accept = { 'application/json': ['.json'], 'application/zip': ['.zip'] };

/** Deleting a machine, which can be taken back for a while. */
function useDeletion(storage: MachineStorage | null, onProblem: (problem: string) => void) {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  const restore = async (removed: Removed) => {
    try {
      const back = await storage?.restore(removed, '(as it was deleted)');
      if (back?.as === 'copy') enqueueSnackbar(`It stands beside the one that is there now: ${back.name}`);
    } catch (cause) {
      onProblem(`It could not be put back: ${String(cause)}. Try again.`);
      return;
    }
  };
  const offer = (removed: Removed) =>
    enqueueSnackbar(`Deleted: ${removed.head.name}`, {
      autoHideDuration: TAKE_BACK,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void restore(removed);
          }}
        >
          Take back
        </Button>
      ),
    });
  return async ({ id, name }: MachineHead) => {
    try {
      const removed = await storage?.remove(id);
      if (removed) offer(removed);
    } catch (cause) {
      onProblem(`${name} could not be deleted: ${String(cause)}`);
    }
  };
}

/** What of each machine is in this browser alone. */
function useAtHome(storage: MachineStorage | null): ReadonlyMap<string, AtHome> {
  const [atHome, setAtHome] = useState<ReadonlyMap<string, AtHome>>(new Map());
  useEffect(() => {
    const watching = storage?.outside.watch(setAtHome);
    return () => watching?.unsubscribe();
  }, [storage]);
  return atHome;
}

/** All machines in this browser: open, start, import, export, delete. */
export function Shelf({ withDemo }: { withDemo: boolean }) {
  const shelf = useShelf(withDemo);
  const { storage, machines, problem, setProblem, refused, setRefused, add, take } = shelf;
  const { enqueueSnackbar } = useSnackbar();
  const atHome = useAtHome(storage);
  const remove = useDeletion(storage, setProblem);
  const rename = useRename(storage, setProblem);
  const importFiles = (files: readonly File[]) =>
    void take(files).then((names) => {
      for (const name of names) enqueueSnackbar(`Imported: ${name}`);
    });
  const drop = useDrop(accept, importFiles);
  return (
    <main className={styles.page} {...drop}>
      <header className={styles.head}>
        <h1>Rugged Carriage</h1>
        <p>A second pair of eyes for the axis drives of a machine that you build yourself.</p>
      </header>
      <div className={styles.actions}>
        <StartButton ready={storage !== null} onAdd={add} taken={machines?.map((m) => m.name) ?? []} />
        <Button component={Link} href="/handbook">
          Handbook
        </Button>
        <Button component={Link} href="/practice">
          Practise
        </Button>
        <TourButton ready={storage !== null} onAdd={add} />
        <FilePicker
          label="Machine files"
          accept={accept}
          multiple
          variant="outlined"
          icon={<UploadIcon />}
          onFiles={importFiles}
        >
          Import a file
        </FilePicker>
      </div>
      {problem && (
        <Notice kind="error" onClose={() => setProblem(null)}>
          {problem}
        </Notice>
      )}
      {refused.map((r) => (
        <Notice key={r.file} kind="error" onClose={() => setRefused(refused.filter((x) => x !== r))}>
          <strong>{r.file} was not imported; nothing stored was touched.</strong>
          <ul className={styles.reasons}>
            {r.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
        </Notice>
      ))}
      <Meets shelf={shelf} />
      {machines === null && !problem && <p role="status">Looking for your machines…</p>}
      {machines?.length === 0 && <Empty onAdd={add} />}
      <ul className={styles.list}>
        {machines?.map((m) => (
          <MachineRow
            key={m.id}
            machine={m}
            atHome={atHome.get(m.id)}
            onDelete={() => void remove(m)}
            onRename={(name) => void rename(m, name)}
          />
        ))}
      </ul>
      <KeptHere />
      <footer className={styles.foot}>
        Your machines stay in this browser. Export a file to keep or to share one. The tool advises; it
        certifies nothing.
      </footer>
    </main>
  );
}

type Add = ReturnType<typeof useShelf>['add'];

/** A name that no machine has yet: the second of a name gets a number. */
function freeName(name: string, taken: readonly string[]): string {
  for (let n = 2, free = name; ; n++) {
    if (!taken.includes(free)) return free;
    free = `${name} ${n}`;
  }
}

interface StartProps {
  readonly ready: boolean;
  readonly onAdd: Add;
  readonly taken: readonly string[];
}

function StartButton({ ready, onAdd, taken }: StartProps) {
  const router = useRouter();
  const start = async () => {
    const id = await onAdd({
      ...beginMachine(freshId(), new Date().toISOString(), freeName(newNames.machine, taken), newNames.axis),
      units: unitsOfReader(),
    });
    if (id) router.push(machineHref('brief', id));
  };
  return (
    <Button variant="contained" disabled={!ready} onClick={() => void start()}>
      Start a machine
    </Button>
  );
}

/** A first walk through the stations, on an invented machine. */
function TourButton({ ready, onAdd }: { ready: boolean; onAdd: Add }) {
  const router = useRouter();
  const storage = useStorage();
  const begin = async () => {
    const [demo] = demoMachines();
    if (!demo) return;
    const there = await storage?.head(demo.id);
    const id = there ? demo.id : await onAdd(demo);
    if (id) router.push(tourHref('machine', id));
  };
  return (
    <Button disabled={!ready} onClick={() => void begin()}>
      Take a tour
    </Button>
  );
}

function Empty({ onAdd }: { onAdd: Add }) {
  const load = async () => {
    for (const demo of demoMachines()) await onAdd(demo);
  };
  return (
    <section className={styles.empty}>
      <h2>No machine yet</h2>
      <p>Start one, drop a machine file here, or look at a made-up one first.</p>
      <Button onClick={() => void load()}>Load the demo machines</Button>
    </section>
  );
}
