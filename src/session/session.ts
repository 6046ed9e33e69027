import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Edit, Issue } from '@/core/findings';
import { applyEdits, axisIssues, machineIssues, type Project } from '@/core/model';
import type { Loaded, MachineStorage, StorageProblem, StoredMachine } from '@/storage';
import { emptyHistory, type History, remember, stepBack, stepForward } from './history';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** Another tab saved first, and both sides have edits: the user decides, nothing is lost. */
  | { readonly kind: 'conflict'; readonly theirs: StoredMachine }
  /** Another tab deleted the machine. */
  | { readonly kind: 'gone' }
  | { readonly kind: 'problem'; readonly problem: StorageProblem };

export type OpenState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'failed'; readonly loaded: Exclude<Loaded, { ok: true }> }
  | { readonly kind: 'open'; readonly project: Project };

export interface SessionState {
  readonly machine: OpenState;
  readonly history: History;
  readonly save: SaveState;
}

export interface EditOptions {
  readonly label: string;
  readonly mergeKey?: string;
}

/**
 * One open machine: the only place through which an edit goes. Every edit is kept in the history and handed
 * to the storage at once (saves follow each other, the newest last), so a tab that is killed loses nothing
 * that was painted.
 */
export class Session {
  readonly store: StoreApi<SessionState> = createStore<SessionState>(() => ({
    machine: { kind: 'loading' },
    history: emptyHistory,
    save: { kind: 'saved' },
  }));
  private revision = 0;
  private saved: Project | undefined;
  private saving = false;
  private stop: (() => void) | undefined;

  constructor(
    private readonly id: string,
    private readonly storage: MachineStorage,
    private readonly now: () => Date,
    private readonly freshId: () => string,
  ) {}

  /** Loads the machine and listens for other tabs. */
  async open(): Promise<void> {
    const loaded = await this.storage.load(this.id);
    if (!loaded.ok) {
      this.store.setState({ machine: { kind: 'failed', loaded } });
      return;
    }
    this.adopt(loaded.project, loaded.revision);
    const subscription = this.storage.watch(this.id, (stored) => this.heard(stored));
    this.stop = () => subscription.unsubscribe();
  }

  close(): void {
    this.stop?.();
  }

  get project(): Project | undefined {
    const { machine } = this.store.getState();
    return machine.kind === 'open' ? machine.project : undefined;
  }

  /** Changes the machine. Paths lead from the root of the project. */
  edit(edits: readonly Edit[], { label, mergeKey }: EditOptions): void {
    const before = this.project;
    if (!before) return;
    const changed = { ...applyEdits(before, edits), changed: this.now().toISOString() };
    this.set(changed, remember(this.store.getState().history, before, label, mergeKey));
  }

  /**
   * Changes the machine unless a rule forbids it: then nothing changes and the issues come back. Paths lead
   * from its root.
   * @param touched the path that was typed into, for the message.
   */
  editMachine(edits: readonly Edit[], options: EditOptions & { readonly touched?: string }): Issue[] {
    const before = this.project;
    if (!before) return [];
    const after = applyEdits(before, edits);
    const issues = after.axes.flatMap((axis, i) => {
      if (axis === before.axes[i]) return [];
      const root = `axes.${i}.`;
      return axisIssues(
        axis,
        options.touched?.startsWith(root) ? options.touched.slice(root.length) : undefined,
      ).map((issue) => ({ ...issue, path: ['axes', i, ...issue.path] }));
    });
    issues.push(
      ...machineIssues(after, options.touched).map((issue) => ({ ...issue, path: [...issue.path] })),
    );
    if (issues.length === 0) this.edit(edits, options);
    return issues;
  }

  undo(): string | undefined {
    return this.step(stepBack);
  }

  redo(): string | undefined {
    return this.step(stepForward);
  }

  /** Ends a conflict. Whichever side is not kept in place is kept as a copy beside it. */
  async settle(keep: 'mine' | 'theirs'): Promise<void> {
    const { save, machine } = this.store.getState();
    if (save.kind !== 'conflict' || machine.kind !== 'open') return;
    const mine = machine.project;
    const { theirs } = save;
    const aside = keep === 'mine' ? theirs.project : mine;
    const added = await this.storage.add(
      { ...aside, id: this.freshId(), name: `${aside.name.slice(0, 100)} (other tab)` },
      this.freshId,
    );
    if (!added.ok) {
      this.store.setState({ save: { kind: 'problem', problem: added.problem } });
      return;
    }
    this.revision = theirs.revision;
    if (keep === 'theirs') {
      this.saved = theirs.project;
      this.store.setState({
        machine: { kind: 'open', project: theirs.project },
        history: remember(this.store.getState().history, mine, 'Change in another tab'),
        save: { kind: 'saved' },
      });
    } else {
      this.store.setState({ save: { kind: 'saving' } });
      await this.flush();
    }
  }

  /** Tries again after a problem. */
  retry(): Promise<void> {
    return this.flush();
  }

  /** Puts a machine that another tab deleted back into the storage. */
  async putBack(): Promise<void> {
    const project = this.project;
    if (!project) return;
    await this.storage.restore({
      id: project.id,
      name: project.name,
      revision: this.revision + 1,
      savedAt: this.now().toISOString(),
      project,
    });
    this.revision += 1;
    this.saved = project;
    this.store.setState({ save: { kind: 'saved' } });
  }

  private step(move: typeof stepBack): string | undefined {
    const now = this.project;
    const moved = now && move(this.store.getState().history, now);
    if (!moved) return undefined;
    this.set(moved.project, moved.history);
    return moved.label;
  }

  private set(project: Project, history: History): void {
    this.store.setState({ machine: { kind: 'open', project }, history });
    void this.flush();
  }

  private adopt(project: Project, revision: number): void {
    this.revision = revision;
    this.saved = project;
    this.store.setState({ machine: { kind: 'open', project }, save: { kind: 'saved' } });
  }

  /** Another tab, or our own save, changed what is stored. */
  private heard(stored: StoredMachine | undefined): void {
    const mine = this.project;
    if (!mine || this.saving) return;
    if (!stored) {
      this.store.setState({ save: { kind: 'gone' } });
      return;
    }
    if (stored.revision <= this.revision) return;
    if (mine !== this.saved) return; // Edits of our own are under way: the save will meet the conflict.
    this.revision = stored.revision;
    this.saved = stored.project;
    this.store.setState({
      machine: { kind: 'open', project: stored.project },
      history: remember(this.store.getState().history, mine, 'Change in another tab'),
      save: { kind: 'saved' },
    });
  }

  private async flush(): Promise<void> {
    if (this.saving || this.store.getState().save.kind === 'conflict') return;
    this.saving = true;
    try {
      for (let project = this.project; project && project !== this.saved; project = this.project) {
        this.store.setState({ save: { kind: 'saving' } });
        const result = await this.storage.save(project, this.revision);
        if (!result.ok) {
          this.store.setState({
            save:
              result.reason === 'conflict'
                ? { kind: 'conflict', theirs: result.theirs }
                : result.reason === 'gone'
                  ? { kind: 'gone' }
                  : { kind: 'problem', problem: result.problem },
          });
          return;
        }
        this.revision = result.revision;
        this.saved = project;
      }
      this.store.setState({ save: { kind: 'saved' } });
    } finally {
      this.saving = false;
    }
  }
}
