import { liveQuery, type Subscription } from 'dexie';
import { type Issue, type LogEntry, MOST_NAME, openProject, type Project, readLog } from '@/core/model';
import { keepAnswer } from './answers';
import { ContentStorage } from './contents';
import { type AxisAnswer, Database, type MachineHead, type Mark, slicesOf, WHOLE } from './database';
import { Outside } from './outside';
import { problemOf, type StorageProblem } from './problem';

export type Saved =
  | { readonly ok: true; readonly mark: Mark }
  /** Somebody else saved first. */
  | { readonly ok: false; readonly reason: 'conflict' }
  | { readonly ok: false; readonly reason: 'gone' }
  | { readonly ok: false; readonly reason: 'problem'; readonly problem: StorageProblem };

export type Loaded =
  | { readonly ok: true; readonly project: Project; readonly issues: readonly Issue[]; readonly mark: Mark }
  | { readonly ok: false; readonly reason: 'missing' }
  | { readonly ok: false; readonly reason: 'unavailable'; readonly problem: StorageProblem }
  | {
      readonly ok: false;
      readonly reason: 'unreadable';
      readonly issues: readonly Issue[];
      readonly raw: unknown;
      /** The last state of it that could be read, where one is kept. */
      readonly kept: Project | null;
    };

/** What was written in the log of a machine. */
export interface MachineLog {
  readonly id: string;
  readonly name: string;
  readonly log: readonly LogEntry[];
}

/** A machine that was deleted, so that it can be put back. */
export interface Removed {
  readonly head: MachineHead;
  readonly document: unknown;
}

/**
 * What became of a way back: it stands where it was, it was there already, or it stands beside what is there
 * now.
 */
export type Restored = { readonly as: 'itself' | 'there' } | { readonly as: 'copy'; readonly name: string };

/** Every so many saves the last readable state is kept again. */
const KEEP_EVERY = 25;

export interface StorageTools {
  readonly now: () => Date;
  /** Random marks and ids. */
  readonly freshId: () => string;
}

const browserTools: StorageTools = { now: () => new Date(), freshId: () => crypto.randomUUID() };

const named = (name: string, suffix: string) => `${name.slice(0, MOST_NAME - suffix.length - 1)} ${suffix}`;

/** Everything that the application keeps of machines. One object per database; entry points hand it on. */
export class MachineStorage {
  /** Where what is large lies: photos, traces. */
  readonly contents: ContentStorage;
  /** What left this browser as a file, and the folder of backups. */
  readonly outside: Outside;

  constructor(
    readonly db = new Database(),
    private readonly tools = browserTools,
  ) {
    this.contents = new ContentStorage(db, tools.now);
    this.outside = new Outside(db, tools.now);
  }

  /** Loads a machine and brings it up to date. What cannot be read is left as it is and handed out raw. */
  async load(id: string): Promise<Loaded> {
    try {
      const { head, document, kept } = await this.db.transaction(
        'r',
        [this.db.machines, this.db.slices, this.db.kept],
        async () => ({
          head: await this.db.machines.get(id),
          document: await this.document(id),
          kept: await this.db.kept.get(id),
        }),
      );
      if (!head) return { ok: false, reason: 'missing' };
      const opened = openProject(document);
      if (opened.ok) return { ok: true, project: opened.project, issues: opened.issues, mark: head };
      const before = kept ? openProject(kept.project) : undefined;
      const last = before?.ok ? before.project : null;
      return { ok: false, reason: 'unreadable', issues: opened.issues, raw: document, kept: last };
    } catch (cause) {
      return { ok: false, reason: 'unavailable', problem: problemOf(cause) };
    }
  }

  /**
   * Saves over the state that the writer has seen; whoever comes with another one gets `conflict` and nothing
   * is overwritten. Only the slices that differ from `before` are written.
   * @param before the state that was stored at `seen`; left out: everything is written.
   */
  save(project: Project, seen: Mark, before?: Project): Promise<Saved> {
    return this.writing(async (): Promise<Saved> => {
      const stored = await this.db.machines.get(project.id);
      if (!stored) return { ok: false, reason: 'gone' };
      if (stored.stamp !== seen.stamp) return { ok: false, reason: 'conflict' };
      return { ok: true, mark: await this.write(project, seen.revision + 1, before) };
    });
  }

  /**
   * Puts a machine that was deleted back from the screen of a tab. Where it is there again meanwhile, this is
   * a save like any other.
   */
  putBack(project: Project, seen: Mark): Promise<Saved> {
    return this.writing(async (): Promise<Saved> => {
      const stored = await this.db.machines.get(project.id);
      if (stored && stored.stamp !== seen.stamp) return { ok: false, reason: 'conflict' };
      return { ok: true, mark: await this.write(project, seen.revision + 1) };
    });
  }

  /**
   * Ends a conflict by keeping one side in place; the other, as it is stored now, stays as a copy beside it.
   * Both in one step, so that nothing that comes in between is lost.
   * @param suffix of the copy's name.
   */
  settle(mine: Project, keep: 'mine' | 'theirs', suffix: string): Promise<Saved> {
    return this.writing(async (): Promise<Saved> => {
      const stored = await this.db.machines.get(mine.id);
      if (keep === 'theirs') {
        await this.copy(mine, suffix);
        return stored ? { ok: true, mark: stored } : { ok: false, reason: 'gone' };
      }
      if (stored) await this.copy(await this.document(mine.id), suffix);
      return { ok: true, mark: await this.write(mine, (stored?.revision ?? 0) + 1) };
    });
  }

  /**
   * Adds a machine. Where its id is taken it gets another one and a name that says so: nothing stored is
   * touched.
   */
  async add(project: Project): Promise<{ ok: true; id: string } | { ok: false; problem: StorageProblem }> {
    try {
      return await this.db.transaction('rw', this.tables, async () => {
        const taken = (await this.db.machines.get(project.id)) !== undefined;
        const added = taken
          ? { ...project, id: this.tools.freshId(), name: named(project.name, '(copy)') }
          : project;
        await this.write(added, 1);
        await this.outside.begin(added.id);
        return { ok: true as const, id: added.id };
      });
    } catch (cause) {
      return { ok: false, problem: problemOf(cause) };
    }
  }

  /**
   * Deletes a machine and hands it back, so that the deletion can be taken back. @throws where the database
   * fails.
   */
  remove(id: string): Promise<Removed | undefined> {
    return this.db.transaction('rw', this.tables, async () => {
      const head = await this.db.machines.get(id);
      if (!head) return undefined;
      const document = await this.document(id);
      await this.db.machines.delete(id);
      await this.db.slices.where('machine').equals(id).delete();
      await this.db.answers.delete(id);
      return { head, document };
    });
  }

  /**
   * Takes a deletion back. What somebody put there meanwhile stays where it is: the deleted state then comes
   * back as a copy beside it, unless it is the same. @throws where the database fails.
   */
  restore({ head, document }: Removed, suffix: string): Promise<Restored> {
    return this.db.transaction('rw', this.tables, async (): Promise<Restored> => {
      const there = await this.db.machines.get(head.id);
      if (!there) {
        await this.db.slices.bulkPut(slicesOf(head.id, document));
        await this.db.machines.put(head);
        return { as: 'itself' };
      }
      if (there.stamp === head.stamp) return { as: 'there' };
      return { as: 'copy', name: await this.copy(document, suffix) };
    });
  }

  /** Keeps a state as the last one that could be read. Never throws: it is a help, not a duty. */
  async keep(project: Project, mark: Mark): Promise<void> {
    const { revision, stamp } = mark;
    const savedAt = this.tools.now().toISOString();
    const state = { machine: project.id, revision, stamp, savedAt, project };
    await this.db.kept.put(state).catch(() => undefined);
  }

  /** The heads of all machines as they are stored now. @throws where the database fails. */
  all(): Promise<MachineHead[]> {
    return this.db.machines.toArray();
  }

  /** The heads of all machines, the last changed first, and again whenever one changes in any tab. */
  watchAll(
    next: (machines: readonly MachineHead[]) => void,
    failed: (problem: StorageProblem) => void,
  ): Subscription {
    return liveQuery(() => this.db.machines.orderBy('savedAt').reverse().toArray()).subscribe({
      next,
      error: (cause) => failed(problemOf(cause)),
    });
  }

  /** The logs of all machines, and again whenever a machine changes in any tab. */
  watchLogs(next: (logs: readonly MachineLog[]) => void): Subscription {
    return liveQuery(async (): Promise<MachineLog[]> => {
      const heads = await this.db.machines.toArray();
      const slices = await this.db.slices.bulkGet(heads.map(({ id }): [string, string] => [id, 'log']));
      return heads.map(({ id, name }, i) => ({ id, name, log: readLog(slices[i]?.value) }));
    }).subscribe({ next, error: () => undefined });
  }

  /** The head of one machine, whenever it changes in any tab. */
  watch(id: string, next: (head: MachineHead | undefined) => void): Subscription {
    return liveQuery(() => this.db.machines.get(id)).subscribe({ next, error: () => undefined });
  }

  /** The head of one machine as it is stored now. @throws where the database fails. */
  head(id: string): Promise<MachineHead | undefined> {
    return this.db.machines.get(id);
  }

  /** Runs a step once in the life of this browser's storage; true if it ran. */
  async once(key: string, step: () => Promise<void>): Promise<boolean> {
    if (await this.db.flags.get(key)) return false;
    await step();
    await this.db.flags.put({ key, value: this.tools.now().toISOString() });
    return true;
  }

  private get tables() {
    const { machines, slices, kept, outside, states, answers } = this.db;
    return [machines, slices, kept, outside, states, answers];
  }

  /** Keeps what the axes of a stored state came to, for the first look at a page. @throws where it fails. */
  keepAnswer(id: string, stamp: string, axes: readonly AxisAnswer[]): Promise<void> {
    return keepAnswer(this.db, id, stamp, axes);
  }

  private async writing(step: () => Promise<Saved>): Promise<Saved> {
    try {
      return await this.db.transaction('rw', this.tables, step);
    } catch (cause) {
      return { ok: false, reason: 'problem', problem: problemOf(cause) };
    }
  }

  /** The document of a machine out of its slices. */
  private async document(id: string): Promise<unknown> {
    const slices = await this.db.slices.where('machine').equals(id).toArray();
    const whole = slices.find((s) => s.slice === WHOLE);
    return whole ? whole.value : Object.fromEntries(slices.map((s) => [s.slice, s.value]));
  }

  /** Writes what differs from `before`, and the head. Inside a transaction. */
  private async write(project: Project, revision: number, before?: Project): Promise<Mark> {
    const { id, name } = project;
    const changed = slicesOf(id, project).filter(({ slice, value }) => {
      const was: unknown = before?.[slice as keyof Project];
      return before === undefined || value !== was;
    });
    if (!before) await this.db.slices.where('machine').equals(id).delete();
    await this.db.slices.bulkPut(changed);
    const savedAt = this.tools.now().toISOString();
    const mark: Mark = { revision, stamp: this.tools.freshId() };
    await this.db.machines.put({ id, name, savedAt, ...mark });
    if (revision % KEEP_EVERY === 0) await this.db.kept.put({ machine: id, savedAt, project, ...mark });
    return mark;
  }

  /**
   * Puts a document beside the others under an id and a name of its own; gives the name. Inside a
   * transaction.
   */
  private async copy(document: unknown, suffix: string): Promise<string> {
    const id = this.tools.freshId();
    const fields = typeof document === 'object' && document !== null ? document : {};
    const name = named('name' in fields ? String(fields.name) : '', suffix);
    await this.db.slices.bulkPut(slicesOf(id, { ...fields, id, name }));
    const head = { id, name, savedAt: this.tools.now().toISOString() };
    await this.db.machines.put({ ...head, revision: 1, stamp: this.tools.freshId() });
    return name;
  }
}
