'use client';

import { useCallback, useState } from 'react';
import { broughtIn, meet, type Meeting, type Merged } from '@/core/changes';
import type { Contents } from '@/core/formats';
import { openProject, type Project } from '@/core/model';
import type { MachineStorage, Mark } from '@/storage';

/** A machine that came in while one of its id is here. */
export interface CameIn {
  readonly file: string;
  readonly theirs: Project;
  readonly contents: Contents;
  /** Marks of its own state and of those before it, where the file tells them. */
  readonly states: readonly string[];
  /** Whether it is as the one that is here. */
  readonly same: boolean;
}

/** Both copies side by side, ready to be settled. */
export interface OpenMeeting extends Meeting {
  readonly came: CameIn;
  readonly mark: Mark;
  readonly merged: Merged;
}

/** What comes in meets what is here. @returns undefined where none of its id is here that can be read. */
export async function meetingOf(
  storage: MachineStorage,
  came: Omit<CameIn, 'same'>,
): Promise<OpenMeeting | undefined> {
  const { theirs, states } = came;
  const loaded = await storage.load(theirs.id);
  if (!loaded.ok) return undefined;
  const { project: mine, mark } = loaded;
  const base = await storage.outside.parted(theirs.id, new Set(states));
  const merged = meet({ base, mine, theirs });
  const same = broughtIn(mine, meet({ base: mine, mine, theirs }).document).length === 0;
  return { base, mine, theirs, mark, merged, came: { ...came, same } };
}

/** Why a merge was not stored. */
export type MergeTrouble = 'changed' | 'unreadable' | 'store';

/** Stores a settled merge over what is here, if nobody changed that meanwhile. */
export async function storeMerge(
  storage: MachineStorage,
  { came, mine, mark }: OpenMeeting,
  document: unknown,
): Promise<MergeTrouble | undefined> {
  const opened = openProject(document);
  if (!opened.ok) return 'unreadable';
  const { project } = opened;
  await storage.contents.keep(project.files, came.contents);
  const saved = await storage.save({ ...project, id: mine.id }, mark);
  if (!saved.ok) return saved.reason === 'problem' ? 'store' : 'changed';
  // From here on both are older states of the same machine.
  const [state] = came.states;
  if (state) await storage.outside.know(came.theirs, state);
  return undefined;
}

/** Machines that came in and wait to be merged, kept beside, or left. */
export function useMeets() {
  const [meets, setMeets] = useState<readonly OpenMeeting[]>([]);
  const addMeet = useCallback((m: OpenMeeting) => setMeets((all) => [...all, m]), []);
  const dropMeet = useCallback((gone: OpenMeeting) => setMeets((all) => all.filter((m) => m !== gone)), []);
  return { meets, addMeet, dropMeet };
}
