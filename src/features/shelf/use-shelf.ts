'use client';

import { useCallback, useEffect, useState } from 'react';
import {
  type Contents,
  fileTooLarge,
  looksLikeZip,
  MAX_WHOLE_BYTES,
  MOST_BUNDLE_BYTES,
  type OpenedFile,
  readBundle,
  readProjectFile,
} from '@/core/formats';
import { MOST_FILE_BYTES, type Project } from '@/core/model';
import { demoContents, demoMachines } from '@/demo';
import { useStorage } from '@/session';
import { hashOf, type MachineHead, type MachineStorage, type StorageProblem } from '@/storage';
import { meetingOf, type OpenMeeting, useMeets } from './use-meets';
import { readText } from '@/ui/file-picker';
import { bundleFaultText, explainIssue } from '@/words';

/** A file that was not taken, and why. */
export interface RefusedFile {
  readonly file: string;
  readonly reasons: readonly string[];
}

/** As many reasons as are read. */
const MOST_REASONS = 6;

export const storageText = (problem: StorageProblem): string =>
  problem.code === 'no-space'
    ? 'The browser’s storage is full: nothing was added.'
    : `The browser’s storage does not answer: ${problem.cause}`;

/** What a file brought in; the marks of its states only where it is a bundle. */
type Brought = Extract<OpenedFile, { ok: true }> & { readonly states: readonly string[] };

/** Reads a bundle, or says why not. */
async function readZip(file: File): Promise<Brought | RefusedFile> {
  if (file.size > MOST_BUNDLE_BYTES)
    return { file: file.name, reasons: [bundleFaultText({ code: 'too-large', name: file.name })] };
  const read = await readBundle(new Uint8Array(await file.arrayBuffer()), hashOf);
  if (read.ok) return { ...read, states: [read.state, ...read.before] };
  const reasons = [...read.faults.map(bundleFaultText), ...read.issues.map(explainIssue)];
  return { file: file.name, reasons: reasons.slice(0, MOST_REASONS) };
}

/** Reads a machine file or a bundle, or says why not. */
async function readMachine(file: File): Promise<Brought | RefusedFile> {
  const start = await file
    .slice(0, 4)
    .arrayBuffer()
    .catch(() => new ArrayBuffer(0));
  if (looksLikeZip(new Uint8Array(start))) return readZip(file);
  if (file.size > MAX_WHOLE_BYTES)
    return { file: file.name, reasons: [explainIssue(fileTooLarge(file.size, MAX_WHOLE_BYTES))] };
  const read = await readText(file, MAX_WHOLE_BYTES);
  if (!read.ok) return { file: file.name, reasons: [read.reason] };
  const opened = readProjectFile(read.text);
  if (opened.ok) return { ...opened, states: [] };
  return { file: file.name, reasons: opened.issues.slice(0, MOST_REASONS).map(explainIssue) };
}

/** Adds a machine with the programs that it has of a demo. */
async function addWith(storage: MachineStorage, project: Project) {
  await storage.contents.keep(project.files, demoContents());
  return storage.add(project);
}

/** The heads of all machines, kept up to date; null before they are known. @param withDemo as below. */
function useMachines(
  storage: MachineStorage | null,
  withDemo: boolean,
  setProblem: (problem: string) => void,
): readonly MachineHead[] | null {
  const [machines, setMachines] = useState<readonly MachineHead[] | null>(null);
  useEffect(() => {
    if (!storage) return;
    let live = true;
    let watching: { unsubscribe: () => void } | undefined;
    const start = async () => {
      if (withDemo)
        await storage
          .once('demo', async () => {
            for (const demo of demoMachines()) {
              if (await storage.head(demo.id)) continue;
              const added = await addWith(storage, demo);
              // Not marked as done: it is tried again at the next visit.
              if (!added.ok) throw new Error(storageText(added.problem));
            }
          })
          .catch((cause: unknown) => setProblem(cause instanceof Error ? cause.message : String(cause)));
      if (live) watching = storage.watchAll(setMachines, (p) => setProblem(storageText(p)));
    };
    start().catch((cause: unknown) => setProblem(String(cause)));
    return () => {
      live = false;
      watching?.unsubscribe();
    };
  }, [storage, withDemo, setProblem]);
  return machines;
}

/** Adding a machine, and keeping what came along with it. */
function useAdd(storage: MachineStorage | null, setProblem: (problem: string) => void) {
  /** Adds a machine; gives its id, or says why not. */
  const add = useCallback(
    async (project: Project): Promise<string | undefined> => {
      if (!storage) return undefined;
      try {
        const added = await addWith(storage, project);
        if (added.ok) return added.id;
        setProblem(storageText(added.problem));
      } catch (cause) {
        setProblem(`${project.name} could not be kept: ${String(cause)}`);
      }
      return undefined;
    },
    [storage, setProblem],
  );

  /** Keeps what came along with a machine; gives what could not be kept, in words. */
  const keep = useCallback(
    async ({ files }: Project, contents: Contents): Promise<string[]> => {
      if (!storage || !contents.size) return [];
      try {
        const not = await storage.contents.keep(files, contents);
        return not.map(({ hash, why }) => {
          const name = files.find((f) => f.hash === hash)!.name;
          return why === 'too-large'
            ? `${name}: its content is larger than ${MOST_FILE_BYTES / 2 ** 20} MB; left out.`
            : `${name}: its content is not what its hash says; left out.`;
        });
      } catch (cause) {
        return [
          `What came along could not be kept: ${cause instanceof Error ? cause.message : String(cause)}`,
        ];
      }
    },
    [storage],
  );
  return { add, keep };
}

/** The machines in this browser, and adding to them. @param withDemo puts the demo machines in, once. */
export function useShelf(withDemo: boolean) {
  const storage = useStorage();
  const [problem, setProblem] = useState<string | null>(null);
  const { meets, addMeet, dropMeet } = useMeets();
  const [refused, setRefused] = useState<readonly RefusedFile[]>([]);

  const machines = useMachines(storage, withDemo, setProblem);

  const { add, keep } = useAdd(storage, setProblem);

  /** Takes machine files; gives the names of those that were taken. */
  const take = useCallback(
    async (files: readonly File[]): Promise<string[]> => {
      const names: string[] = [];
      const not: RefusedFile[] = [];
      for (const file of files) {
        const read = await readMachine(file);
        if ('reasons' in read) {
          not.push(read);
          continue;
        }
        const { project, contents, states } = read;
        const meeting =
          storage && (await meetingOf(storage, { file: file.name, theirs: project, contents, states }));
        if (meeting) {
          addMeet(meeting);
          continue;
        }
        const wrong = await keep(project, contents);
        if (wrong.length) not.push({ file: file.name, reasons: wrong });
        if (!(await add(project))) continue;
        names.push(project.name);
        // So that what is edited here can later be merged with the copy that it came from.
        if (states[0]) await storage?.outside.know(project, states[0]);
      }
      setRefused(not);
      return names;
    },
    [add, keep, storage, addMeet],
  );

  /** Keeps a machine that came in beside the one of its id. */
  const beside = async ({ came }: OpenMeeting): Promise<boolean> => {
    const wrong = await keep(came.theirs, came.contents);
    if (wrong.length) setRefused([{ file: came.file, reasons: wrong }]);
    return (await add(came.theirs)) !== undefined;
  };

  return {
    storage,
    machines,
    problem,
    setProblem,
    refused,
    setRefused,
    add,
    take,
    meets,
    dropMeet,
    beside,
  };
}
