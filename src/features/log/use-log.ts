'use client';

import { type LogEntry, type LogKind, filesWithout, type Plain, put, startingEntry } from '@/core/model';
import { keepPhoto, useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import type { Refused } from '@/ui/refusal';
import { logKindNames } from '@/words';

export type EntryChange = Partial<Omit<LogEntry, 'id'>>;

/** What can be done with the builder’s own entries; each a step that can be taken back. */
export interface LogActs {
  /** Begins an entry; gives its id, or why there is none. */
  readonly add: (kind: LogKind) => { readonly id: string } | { readonly refused: string };
  readonly change: (id: string, change: EntryChange) => Refused;
  /** Keystrokes of one note are one step. */
  readonly write: (id: string, note: string) => Refused;
  readonly remove: (entry: LogEntry) => Refused;
  readonly addPhoto: (entry: LogEntry, photo: Blob) => Promise<Refused>;
  readonly dropPhoto: (entry: LogEntry, hash: string) => Refused;
}

const putLog = (log: readonly LogEntry[]) => put<string>('log', log as unknown as Plain);

export function useLog(): LogActs {
  const { project, editor, session } = useMachine();
  const storage = useStorage();
  const { log } = project;
  const placeOf = (id: string) => log.findIndex((e) => e.id === id);
  const changed = (id: string, change: EntryChange, all: readonly LogEntry[] = log) =>
    putLog(all.map((e) => (e.id === id ? { ...e, ...change } : e)));
  return {
    add(kind) {
      const id = freshId();
      const entry = startingEntry(id, new Date().toISOString(), kind);
      const refused = editor.apply([putLog([...log, entry])], `Log: ${logKindNames[kind].toLowerCase()}`);
      return refused ? { refused } : { id };
    },
    change: (id, change) => editor.apply([changed(id, change)], 'Log: entry'),
    write: (id, note) => editor.write(`log.${placeOf(id)}.note`, note, 'Log: note'),
    remove(entry) {
      // A photo goes with the last place that shows it.
      const files = entry.photos.reduce(
        (left, hash) => filesWithout({ ...project, files: left }, hash),
        project.files,
      );
      return editor.apply(
        [putLog(log.filter((e) => e.id !== entry.id)), put('files', files)],
        'Log: entry gone',
      );
    },
    async addPhoto(entry, photo) {
      const kept = await keepPhoto(storage, photo, `${entry.title || 'log'} ${entry.photos.length + 1}`);
      if ('refused' in kept) return kept.refused;
      const { hash } = kept.file;
      // While it was pressed somebody may have written on: what stands now is added to.
      const now = session.project ?? project;
      const own = now.log.find((e) => e.id === entry.id);
      if (!own) return 'The entry that the photo was for is gone.';
      const files = [...now.files.filter((f) => f.hash !== hash), kept.file];
      const photos = [...own.photos.filter((h) => h !== hash), hash];
      return editor.apply([put('files', files), changed(entry.id, { photos }, now.log)], 'Log: photo');
    },
    dropPhoto: (entry, hash) =>
      editor.apply(
        [
          changed(entry.id, { photos: entry.photos.filter((h) => h !== hash) }),
          put('files', filesWithout(project, hash)),
        ],
        'Log: photo removed',
      ),
  };
}
