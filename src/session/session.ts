import { createStore, type StoreApi } from 'zustand/vanilla';
import { change, type Edit, type Issue, type Project, projectIssues } from '@/core/model';
import type { Loaded, MachineHead, MachineStorage, Mark, StorageProblem } from '@/storage';
import { emptyHistory, type History, remember, stepBack, stepForward } from './history';

export type SaveState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  /** Another tab saved first, and both sides have edits: the user decides, nothing is lost. */
  | { readonly kind: 'conflict' }
  /** Another tab deleted the machine. */
  | { readonly kind: 'gone' }
  /** Another tab stored something that this one cannot read. */
  | { readonly kind: 'foreign'; readonly issues: readonly Issue[] }
  | { readonly kind: 'problem'; readonly problem: StorageProblem };

export type OpenState =
  | { readonly kind: 'loading' }
  | { readonly kind: 'failed'; readonly loaded: Exclude<Loaded, { ok: true }> }
  /** `issues`: rules that the machine breaks; while there are any nothing is computed of it. */
  | { readonly kind: 'open'; readonly project: Project; readonly issues: readonly Issue[] };

export interface SessionState {
  readonly machine: OpenState;
  readonly history: History;
  readonly save: SaveState;
}

export interface EditOptions {
  /** What was done, for the undo button. */
  readonly label: string;
  /** Edits with the same key that follow each other are one step. */
  readonly mergeKey?: string;
  /** The path that was typed into, for the message of a refusal. */
  readonly touched?: string;
  /** What follows from the change, made with it as one step; left out where it could not be taken. */
  readonly follow?: (before: Project, after: Project, now: Date) => readonly Edit[];
}

export interface SessionTools {
  readonly now: () => Date;
  /** How long a save waits for the frame that shows its edit, ms; left out: for the next task. */
  readonly frame?: number;
}

const FROM_OTHER_TAB = 'Change in another tab';
const COPY_SUFFIX = '(other tab)';
const NO_ISSUES: readonly Issue[] = [];

const wait = (ms: number) => new Promise<void>((resolve) => setTimeout(resolve, ms));

/**
 * One open machine: the only place through which a change goes. Every edit passes the gate, is kept in the
 * history and handed to the storage at once (saves follow each other, the newest last), so a tab that is
 * killed loses nothing that was shown as stored.
 */
export class Session {
  readonly store: StoreApi<SessionState> = createStore<SessionState>(() => ({
    machine: { kind: 'loading' },
    history: emptyHistory,
    save: { kind: 'saved' },
  }));
  private mark: Mark = { revision: 0, stamp: '' };
  /** The state that is stored at `mark`. */
  private saved: Project | undefined;
  private flushing: Promise<void> | undefined;
  private stop: (() => void) | undefined;

  constructor(
    readonly id: string,
    private readonly storage: MachineStorage,
    private readonly tools: SessionTools,
  ) {}

  /** Loads the machine and listens for other tabs. Never throws. */
  async open(): Promise<void> {
    const loaded = await this.storage.load(this.id);
    if (!loaded.ok) {
      this.store.setState({ machine: { kind: 'failed', loaded } });
      return;
    }
    this.adopt(loaded);
    void this.storage.keep(loaded.project, loaded.mark);
    const subscription = this.storage.watch(this.id, (head) => void this.heard(head));
    this.stop = () => subscription.unsubscribe();
  }

  /** Stops listening. What was edited stays and is still stored. */
  close(): void {
    this.stop?.();
    this.stop = undefined;
  }

  get project(): Project | undefined {
    const { machine } = this.store.getState();
    return machine.kind === 'open' ? machine.project : undefined;
  }

  /** Whether something is on the screen that is not stored. */
  get unsaved(): boolean {
    return this.project !== this.saved;
  }

  /** The stamp under which what is on the screen is stored; null while it is not. */
  get storedAs(): string | null {
    return this.unsaved ? null : this.mark.stamp;
  }

  /**
   * Changes the machine; paths lead from its root. Where the change would bring something in that an import
   * refuses, nothing changes and the issues come back.
   */
  edit(edits: readonly Edit[], { label, mergeKey, touched, follow }: EditOptions): readonly Issue[] {
    const before = this.project;
    if (!before) return NO_ISSUES;
    const changed = change(before, edits, touched);
    if (!changed.ok) return changed.issues;
    const now = this.tools.now();
    const more = follow?.(before, changed.project, now) ?? [];
    const followed = more.length ? change(changed.project, more) : changed;
    const { project: made } = followed.ok ? followed : changed;
    const project = { ...made, changed: now.toISOString() };
    const { machine, history } = this.store.getState();
    // A machine that kept all rules keeps them: the gate let nothing else in.
    const broken = machine.kind === 'open' && machine.issues.length > 0;
    const issues = broken ? projectIssues(project) : NO_ISSUES;
    this.set(project, remember(history, before, label, mergeKey), issues);
    return NO_ISSUES;
  }

  /** The machine before the step that is being made, while edits with its key are merged into it. */
  begun(mergeKey: string): Project | undefined {
    const { past } = this.store.getState().history;
    const last = past[past.length - 1];
    return last?.mergeKey === mergeKey ? last.before : undefined;
  }

  undo(): string | undefined {
    return this.step(stepBack);
  }

  redo(): string | undefined {
    return this.step(stepForward);
  }

  /**
   * Ends a conflict. Whichever side is not kept in place is kept as a copy beside it, as it is stored then.
   */
  async settle(keep: 'mine' | 'theirs'): Promise<void> {
    const mine = this.project;
    if (this.store.getState().save.kind !== 'conflict' || !mine) return;
    this.store.setState({ save: { kind: 'saving' } });
    const settled = await this.storage.settle(mine, keep, COPY_SUFFIX);
    if (!settled.ok) {
      this.fail(settled);
      return;
    }
    if (keep === 'mine') {
      this.mark = settled.mark;
      this.saved = mine;
      await this.flush();
    } else await this.follow(mine);
  }

  /** Tries again after a problem. */
  retry(): Promise<void> {
    return this.flush();
  }

  /** Puts a machine that another tab deleted back into the storage. */
  async putBack(): Promise<void> {
    const project = this.project;
    if (!project) return;
    const saved = await this.storage.putBack(project, this.mark);
    if (!saved.ok) {
      this.fail(saved);
      return;
    }
    this.mark = saved.mark;
    this.saved = project;
    await this.flush();
  }

  /** Looks whether another tab changed the machine; for a tab that may have slept. */
  async lookAgain(): Promise<void> {
    try {
      await this.heard(await this.storage.head(this.id));
    } catch {
      // The next save says what is wrong with the storage.
    }
  }

  /** Resolves when no save is under way. */
  async whenIdle(): Promise<void> {
    while (this.flushing) await this.flushing;
  }

  private step(move: typeof stepBack): string | undefined {
    const now = this.project;
    const moved = now && move(this.store.getState().history, now);
    if (!moved) return undefined;
    // A state that was open before may break a rule, as a file may: it opens again, to be mended.
    this.set(moved.project, moved.history, projectIssues(moved.project));
    return moved.label;
  }

  private set(project: Project, history: History, issues: readonly Issue[]): void {
    this.store.setState({ machine: { kind: 'open', project, issues }, history });
    void this.flush();
  }

  private adopt({ project, issues, mark }: Extract<Loaded, { ok: true }>): void {
    this.mark = mark;
    this.saved = project;
    this.store.setState({ machine: { kind: 'open', project, issues }, save: { kind: 'saved' } });
  }

  /** Another tab, or our own save, changed what is stored. */
  private async heard(head: MachineHead | undefined): Promise<void> {
    await this.whenIdle();
    const mine = this.project;
    if (!mine || this.store.getState().save.kind === 'conflict') return;
    if (!head) {
      this.store.setState({ save: { kind: 'gone' } });
      return;
    }
    // What was heard may be older than what we stored since: only what is there now counts.
    if (head.stamp === this.mark.stamp || this.unsaved) return this.flush();
    await this.follow(mine);
  }

  /** Takes over what another tab stored, as a step that can be taken back. */
  private async follow(mine: Project): Promise<void> {
    const loaded = await this.storage.load(this.id);
    if (loaded.ok && loaded.mark.stamp === this.mark.stamp) return;
    // Edited while it was read: the save meets the other side.
    if (this.project !== mine) return this.flush();
    if (loaded.ok) {
      this.adopt(loaded);
      this.store.setState({ history: remember(this.store.getState().history, mine, FROM_OTHER_TAB) });
    } else if (loaded.reason === 'missing') this.store.setState({ save: { kind: 'gone' } });
    else if (loaded.reason === 'unreadable')
      this.store.setState({ save: { kind: 'foreign', issues: loaded.issues } });
    else this.store.setState({ save: { kind: 'problem', problem: loaded.problem } });
  }

  private fail(saved: Exclude<Awaited<ReturnType<MachineStorage['save']>>, { ok: true }>): void {
    const save: SaveState =
      saved.reason === 'problem' ? { kind: 'problem', problem: saved.problem } : { kind: saved.reason };
    this.store.setState({ save });
  }

  private flush(): Promise<void> {
    if (this.store.getState().save.kind === 'conflict') return Promise.resolve();
    this.flushing ??= this.saveAll().finally(() => {
      this.flushing = undefined;
    });
    return this.flushing;
  }

  /** Saves until what is on the screen is what is stored. */
  private async saveAll(): Promise<void> {
    while (this.project !== this.saved) {
      // A problem stays in sight until it is solved: the notice does not flicker with every attempt.
      if (this.store.getState().save.kind !== 'problem') this.store.setState({ save: { kind: 'saving' } });
      // The frame that shows the edit goes first: the storage would stand in its way.
      await wait(this.tools.frame ?? 0);
      const { project } = this;
      if (!project) return;
      const result = await this.storage.save(project, this.mark, this.saved);
      if (!result.ok) {
        this.fail(result);
        return;
      }
      this.mark = result.mark;
      this.saved = project;
    }
    this.store.setState({ save: { kind: 'saved' } });
  }
}
