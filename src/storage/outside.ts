import { liveQuery, type Subscription } from 'dexie';
import { openProject, type Project } from '@/core/model';
import type { Database, KnownState } from './database';

/** What of a machine is in this browser alone. */
export interface AtHome {
  /** When it last left as a file; undefined: never. */
  readonly left?: string;
  /** Saves since then; since it was begun or came in, where it never left. */
  readonly saves: number;
}

/** Saves after which somebody is reminded who never took a file out: about an evening's work. Practice. */
const MANY_SAVES = 25;
/** Days after which any change is worth a reminder. Practice. */
const LONG_DAYS = 7;
const DAY = 86_400_000;
/** So many states of a machine are kept for merging. */
const MOST_KNOWN = 12;

/** Which state of a machine left this browser last, and the folder that was chosen for backups. */
export class Outside {
  constructor(
    private readonly db: Database,
    private readonly now: () => Date,
  ) {}

  /**
   * Notes that a machine left as a file. Never throws: it is a help.
   * @param revision the state that left; left out: the one that is stored.
   */
  async leave(machine: string, revision?: number): Promise<void> {
    try {
      const state = revision ?? (await this.db.machines.get(machine))?.revision;
      if (state === undefined) return;
      await this.db.outside.put({ machine, revision: state, at: this.now().toISOString() });
    } catch {
      // The file is out; that it is not noted costs a reminder too many.
    }
  }

  /**
   * A machine is begun or comes in: what was known of one of its id that stood here before is of another
   * past.
   * Inside a transaction.
   */
  async begin(machine: string): Promise<void> {
    await this.db.outside.delete(machine);
    await this.db.states.where('machine').equals(machine).delete();
  }

  /**
   * Notes a state that left or came in, and lets the oldest go. Never throws: it is a help.
   * @param slot of those of one slot only the newest is kept: backups would crowd out what was handed on.
   */
  async know(project: Project, state: string, slot = ''): Promise<void> {
    try {
      await this.db.transaction('rw', this.db.states, async () => {
        const machine = project.id;
        await this.db.states.put({ machine, state, at: this.now().toISOString(), slot, project });
        const newest = await this.newest(machine);
        const same = newest.filter((s) => slot !== '' && s.slot === slot && s.state !== state);
        const old = [...same, ...newest.slice(MOST_KNOWN)];
        await this.db.states.bulkDelete(old.map((s): [string, string] => [machine, s.state]));
      });
    } catch {
      // Without it a merge has to ask more.
    }
  }

  /** A state is not one of this machine's past after all: a merge with it was taken back. Never throws. */
  async forget(machine: string, state: string): Promise<void> {
    await this.db.states.delete([machine, state]).catch(() => undefined);
  }

  /** Marks of the known states of a machine, the newest first. @throws what the database throws. */
  async known(machine: string): Promise<readonly string[]> {
    return (await this.newest(machine)).map(({ state }) => state);
  }

  /**
   * The newest state known here that another copy knows as well: where both parted.
   * @returns undefined where there is none, or it cannot be read any more.
   * @throws what the database throws.
   */
  async parted(machine: string, theirs: ReadonlySet<string>): Promise<Project | undefined> {
    const shared = (await this.newest(machine)).find(({ state }) => theirs.has(state));
    const opened = shared && openProject(shared.project);
    return opened?.ok ? opened.project : undefined;
  }

  private async newest(machine: string): Promise<readonly KnownState[]> {
    const states = await this.db.states.where('machine').equals(machine).toArray();
    return states.sort((a, b) => b.at.localeCompare(a.at));
  }

  /** What is at home only, by machine, and again whenever it changes in any tab. */
  watch(next: (atHome: ReadonlyMap<string, AtHome>) => void): Subscription {
    return liveQuery(async () => {
      const [heads, left] = await Promise.all([this.db.machines.toArray(), this.db.outside.toArray()]);
      const byId = new Map(left.map((row) => [row.machine, row]));
      return new Map(
        heads.map(({ id, revision }): [string, AtHome] => {
          const row = byId.get(id);
          // Revision 1 is how it came in or was begun.
          if (!row) return [id, { saves: revision - 1 }];
          // A machine that was deleted and put back may count anew.
          return [id, { left: row.at, saves: Math.max(0, revision - row.revision) }];
        }),
      );
    }).subscribe({ next, error: () => undefined });
  }

  /** Whether somebody should be reminded to take a file out. */
  due({ left, saves }: AtHome): boolean {
    if (saves === 0) return false;
    if (left === undefined) return saves >= MANY_SAVES;
    return saves >= MANY_SAVES || this.now().getTime() - Date.parse(left) > LONG_DAYS * DAY;
  }

  /** The folder of backups. @returns undefined where none was chosen. @throws what the database throws. */
  async folder(): Promise<FileSystemDirectoryHandle | undefined> {
    return (await this.db.places.get('backups'))?.handle;
  }

  /** Chooses the folder of backups; nothing: none any more. @throws what the database throws. */
  async choose(handle: FileSystemDirectoryHandle | undefined): Promise<void> {
    if (handle) await this.db.places.put({ key: 'backups', handle });
    else await this.db.places.delete('backups');
  }
}
