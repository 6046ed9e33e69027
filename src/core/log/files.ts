import { type Project, PROGRAM_TYPE } from '@/core/model';
import type { LogEvent } from './timeline';

export type FileKind = 'photo' | 'program' | 'other';

type File = Project['files'][number];

const kindOf = ({ type }: File): FileKind => {
  if (type.startsWith('image/')) return 'photo';
  return type === PROGRAM_TYPE ? 'program' : 'other';
};

/** A file that lies with a machine. */
export interface LyingFile {
  readonly file: File;
  readonly kind: FileKind;
  /** Events that show it, in the order that they are given. */
  readonly shownBy: readonly LogEvent[];
}

/** What lies with a machine: programs first, then photos, each in the order in which it came. */
export function filesOf(files: Project['files'], events: readonly LogEvent[]): LyingFile[] {
  const shown = new Map<string, LogEvent[]>();
  for (const event of events)
    for (const hash of event.photos) shown.set(hash, [...(shown.get(hash) ?? []), event]);
  const kinds: readonly FileKind[] = ['program', 'photo', 'other'];
  const all = files.map((file) => ({ file, kind: kindOf(file), shownBy: shown.get(file.hash) ?? [] }));
  return kinds.flatMap((kind) => all.filter((f) => f.kind === kind));
}
