import { liveQuery, type Subscription } from 'dexie';
import type { Issue } from '@/core/findings';
import { openProject, type Project } from '@/core/model';
import { Database, type StoredMachine } from './database';

/** Why something was not stored. `no-space`: the browser's quota is used up. */
export type StorageProblem = { readonly code: 'no-space' | 'unavailable'; readonly cause: string };

export type Saved =
  | { readonly ok: true; readonly revision: number }
  | { readonly ok: false; readonly reason: 'conflict'; readonly theirs: StoredMachine }
  | { readonly ok: false; readonly reason: 'gone' }
  | { readonly ok: false; readonly reason: 'problem'; readonly problem: StorageProblem };

export type Loaded =
  | { readonly ok: true; readonly project: Project; readonly revision: number }
  | { readonly ok: false; readonly reason: 'missing' }
  | {
      readonly ok: false;
      readonly reason: 'unreadable';
      readonly issues: readonly Issue[];
      readonly raw: unknown;
    };

export interface MachineSummary {
  readonly id: string;
  readonly name: string;
  readonly savedAt: string;
  readonly project: Project;
}

function problemOf(cause: unknown): StorageProblem {
  const named = cause as { name?: string; inner?: { name?: string }; message?: string };
  const quota = named?.name === 'QuotaExceededError' || named?.inner?.name === 'QuotaExceededError';
  return { code: quota ? 'no-space' : 'unavailable', cause: named?.message ?? String(cause) };
}

/** Everything that the application keeps. One object per database; entry points hand it on. */
export class MachineStorage {
  constructor(
    private readonly db = new Database(),
    private readonly now: () => Date = () => new Date(),
  ) {}

  /** Loads a machine and brings it up to date. What cannot be read is left as it is and handed out raw. */
  async load(id: string): Promise<Loaded> {
    const stored = await this.db.machines.get(id);
    if (!stored) return { ok: false, reason: 'missing' };
    const opened = openProject(stored.project);
    return opened.ok
      ? { ok: true, project: opened.project, revision: stored.revision }
      : { ok: false, reason: 'unreadable', issues: opened.issues, raw: stored.project };
  }

  /**
   * Saves over the revision that the writer has seen; whoever comes with an older one gets `conflict` and
   * nothing is overwritten.
   */
  async save(project: Project, seen: number): Promise<Saved> {
    try {
      return await this.db.transaction('rw', this.db.machines, async (): Promise<Saved> => {
        const stored = await this.db.machines.get(project.id);
        if (!stored) return { ok: false, reason: 'gone' };
        if (stored.revision !== seen) return { ok: false, reason: 'conflict', theirs: stored };
        await this.db.machines.put({
          id: project.id,
          name: project.name,
          revision: seen + 1,
          savedAt: this.now().toISOString(),
          project,
        });
        return { ok: true, revision: seen + 1 };
      });
    } catch (cause) {
      return { ok: false, reason: 'problem', problem: problemOf(cause) };
    }
  }

  /**
   * Adds a machine. Where its id is taken it gets another one and a name that says so: nothing stored is
   * touched.
   * @param freshId makes ids.
   */
  async add(
    project: Project,
    freshId: () => string,
  ): Promise<{ ok: true; id: string } | { ok: false; problem: StorageProblem }> {
    try {
      return await this.db.transaction('rw', this.db.machines, async () => {
        const taken = (await this.db.machines.get(project.id)) !== undefined;
        const added: Project = taken
          ? { ...project, id: freshId(), name: `${project.name.slice(0, 110)} (copy)` }
          : project;
        await this.db.machines.add({
          id: added.id,
          name: added.name,
          revision: 1,
          savedAt: this.now().toISOString(),
          project: added,
        });
        return { ok: true as const, id: added.id };
      });
    } catch (cause) {
      return { ok: false, problem: problemOf(cause) };
    }
  }

  /** Deletes a machine and hands it back, so that the deletion can be taken back. */
  async remove(id: string): Promise<StoredMachine | undefined> {
    return this.db.transaction('rw', this.db.machines, async () => {
      const stored = await this.db.machines.get(id);
      await this.db.machines.delete(id);
      return stored;
    });
  }

  /** Puts a deleted machine back as it was. */
  async restore(stored: StoredMachine): Promise<void> {
    await this.db.machines.put(stored);
  }

  /** All machines that can be read, the last changed first, and again whenever one changes in any tab. */
  watchAll(
    next: (machines: readonly MachineSummary[]) => void,
    failed: (problem: StorageProblem) => void,
  ): Subscription {
    return liveQuery(() => this.db.machines.orderBy('savedAt').reverse().toArray()).subscribe({
      next: (stored) =>
        next(stored.map(({ id, name, savedAt, project }) => ({ id, name, savedAt, project }))),
      error: (cause) => failed(problemOf(cause)),
    });
  }

  /** One machine, whenever it changes in any tab. */
  watch(id: string, next: (stored: StoredMachine | undefined) => void): Subscription {
    return liveQuery(() => this.db.machines.get(id)).subscribe({ next, error: () => undefined });
  }

  /** Runs a step once in the life of this browser's storage; true if it ran. */
  async once(key: string, step: () => Promise<void>): Promise<boolean> {
    if (await this.db.flags.get(key)) return false;
    await step();
    await this.db.flags.put({ key, value: this.now().toISOString() });
    return true;
  }
}
