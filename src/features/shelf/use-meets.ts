'use client';

import { useCallback, useState } from 'react';
import { broughtIn, meet, type Meeting, type Merged } from '@/core/changes';
import type { Contents } from '@/core/formats';
import { type Issue, openProject, type Project } from '@/core/model';
import { freshId } from '@/session';
import type { MachineStorage, Mark } from '@/storage';

/** A machine that came in while one of its id is here. */
export interface CameIn {
  /** Tells it from every other that came in. */
  readonly key: string;
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
  /** Rules that mine breaks already. */
  readonly broken: number;
}

/** What comes in meets what is here. @returns undefined where none of its id is here that can be read. */
export async function meetingOf(
  storage: MachineStorage,
  came: Omit<CameIn, 'same' | 'key'>,
): Promise<OpenMeeting | undefined> {
  const { theirs, states } = came;
  const loaded = await storage.load(theirs.id);
  if (!loaded.ok) return undefined;
  const { project: mine, mark, issues } = loaded;
  const base = await storage.outside.parted(theirs.id, new Set(states));
  const merged = meet({ base, mine, theirs });
  const same = broughtIn(mine, meet({ base: mine, mine, theirs }).document).length === 0;
  const broken = issues.length;
  return { base, mine, theirs, mark, merged, broken, came: { ...came, same, key: freshId() } };
}

/** Why a merge was not stored. */
export type MergeTrouble =
  | { readonly code: 'changed' | 'unreadable' | 'store' }
  /** Both together break a rule that mine alone does not. */
  | { readonly code: 'breaks'; readonly issue: Issue };

/** How a merge ended: the mark of what is stored now, or why nothing was. */
export type MergeEnd =
  { readonly ok: true; readonly mark: Mark } | { readonly ok: false; readonly trouble: MergeTrouble };

const not = (trouble: MergeTrouble): MergeEnd => ({ ok: false, trouble });

/** Stores a settled merge over what is here, if nobody changed that meanwhile. Never throws. */
export async function storeMerge(
  storage: MachineStorage,
  { came, mine, mark, broken }: OpenMeeting,
  document: unknown,
): Promise<MergeEnd> {
  const opened = openProject(document);
  if (!opened.ok) return not({ code: 'unreadable' });
  const { project, issues } = opened;
  if (issues.length > broken) return not({ code: 'breaks', issue: issues[0]! });
  try {
    await storage.contents.keep(project.files, came.contents);
  } catch {
    return not({ code: 'store' });
  }
  const saved = await storage.save({ ...project, id: mine.id }, mark);
  if (!saved.ok) return not({ code: saved.reason === 'problem' ? 'store' : 'changed' });
  // From here on both are older states of the same machine.
  const [state] = came.states;
  if (state) await storage.outside.know(came.theirs, state);
  return saved;
}

/**
 * Takes a merge back, if nobody changed the machine since.
 * @param mark of the merge as it was stored.
 * @returns whether it was taken back.
 */
export async function takeMergeBack(
  storage: MachineStorage,
  { mine, came }: OpenMeeting,
  mark: Mark,
): Promise<boolean> {
  const saved = await storage.save(mine, mark);
  const [state] = came.states;
  // What came in is no part of this machine's past any more: a later merge would take it for one.
  if (saved.ok && state) await storage.outside.forget(mine.id, state);
  return saved.ok;
}

/** Machines that came in and wait to be merged, kept beside, or left. */
export function useMeets() {
  const [meets, setMeets] = useState<readonly OpenMeeting[]>([]);
  const addMeet = useCallback((m: OpenMeeting) => setMeets((all) => [...all, m]), []);
  const dropMeet = useCallback((gone: OpenMeeting) => setMeets((all) => all.filter((m) => m !== gone)), []);
  return { meets, addMeet, dropMeet };
}
