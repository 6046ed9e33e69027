'use client';

import { useEffect, useState } from 'react';
import type { LyingFile } from '@/core/log';
import { MOST_FILES, type Plain, put } from '@/core/model';
import { downloadData, keepProgram, useMachine } from '@/features/frame';
import { useStorage } from '@/session';
import type { Refused } from '@/ui/refusal';

/** What can be done with the files of a machine; what changes it can be taken back. */
export interface FileActs {
  /** Keeps programs beside the machine. @returns what is to be said of those that are not kept. */
  readonly add: (programs: readonly File[]) => Promise<string[]>;
  readonly remove: (lying: LyingFile) => Refused;
  readonly save: (lying: LyingFile) => Promise<Refused>;
  /** Hashes whose content is in this browser; undefined while it is looked up. */
  readonly here: ReadonlySet<string> | undefined;
}

const putFiles = (files: unknown) => put<string>('files', files as Plain);

export function useFiles(): FileActs {
  const { project, editor, session } = useMachine();
  const storage = useStorage();
  const [here, setHere] = useState<ReadonlySet<string>>();
  const { files } = project;
  useEffect(() => {
    let live = true;
    void storage?.contents
      .known(files.map((f) => f.hash))
      .then((known) => (live ? setHere(known) : undefined))
      // What cannot be looked up is told when somebody asks for it.
      .catch(() => undefined);
    return () => {
      live = false;
    };
  }, [storage, files]);

  async function addOne(program: File): Promise<Refused> {
    const taken = (session.project ?? project).files;
    if (taken.length >= MOST_FILES)
      return `${program.name}: ${MOST_FILES} files lie here, which is the most.`;
    const kept = await keepProgram(
      storage,
      program,
      taken.map((f) => f.name),
    );
    if ('refused' in kept) return kept.refused;
    // While it was read somebody may have worked on: what stands now is added to.
    const now = (session.project ?? project).files;
    const same = now.find((f) => f.hash === kept.file.hash);
    if (same) return `${program.name}: the same content lies here as ${same.name}.`;
    return editor.apply([putFiles([...now, kept.file])], `File: ${kept.file.name}`);
  }
  return {
    here,
    async add(programs) {
      const said: string[] = [];
      // One after the other: each must know the names of those before it.
      for (const program of programs) said.push((await addOne(program)) ?? '');
      return said.filter(Boolean);
    },
    remove: ({ file }) =>
      editor.apply([putFiles(files.filter((f) => f.id !== file.id))], `File gone: ${file.name}`),
    async save({ file }) {
      const bytes = await storage?.contents.get(file.hash).catch(() => undefined);
      if (!bytes)
        return `The content of ${file.name} is not in this browser; a bundle of the machine has it.`;
      downloadData(file.name, bytes.buffer, file.type);
      return undefined;
    },
  };
}
