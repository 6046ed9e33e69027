import { afterEach, describe, expect, it } from 'vitest';
import type { Project } from '@/core/model';
import { Database, MachineStorage, type Removed } from '@/storage';
import { chance, SEED, WIDE } from '@test/helpers/chance';
import { demoProject } from '@test/helpers/demo';
import { Session } from './session';

/**
 * Two or three tabs on one machine. Every edit leaves a token in a list of the machine; whatever the tabs do,
 * in whatever order, a token may only vanish where it was taken back: it is in a stored machine, on a screen,
 * in a deletion that can be taken back, or in the history of a tab.
 */
const RUNS = 300 * WIDE;
const STEPS = 14;

let serial = 0;
const opened: Session[] = [];
const databases: Database[] = [];

afterEach(async () => {
  opened.splice(0).forEach((s) => s.close());
  for (const db of databases.splice(0)) await db.delete();
});

const small = (): Project => ({ ...demoProject(), pins: [], ownParts: [] });
const tokensIn = (project: Pick<Project, 'note'>) => project.note.match(/t\d+;/g) ?? [];

async function everything(storage: MachineStorage, deleted: readonly Removed[]): Promise<Set<string>> {
  const found = new Set<string>();
  const add = (project: Pick<Project, 'note'> | undefined) =>
    project && tokensIn(project).forEach((t) => found.add(t));
  for (const { id } of await storage.db.machines.toArray()) {
    const loaded = await storage.load(id);
    add(loaded.ok ? loaded.project : undefined);
  }
  for (const { document } of deleted) add(document as Project);
  for (const session of opened) {
    add(session.project);
    const { past, future } = session.store.getState().history;
    for (const step of past) add(step.before);
    for (const step of future) add(step.after);
  }
  return found;
}

async function interleaving(seed: number): Promise<void> {
  const { below, pick } = chance(seed);
  const db = new Database(`tabs-${++serial}`);
  databases.push(db);
  const tools = { now: () => new Date('2026-11-26T12:00:00Z'), freshId: () => `fresh-${++serial}` };
  const storage = new MachineStorage(db, tools);
  await storage.add(small());
  const tabs: Session[] = [];
  for (let i = 0; i < 2 + below(2); i++) {
    const tab = new Session('tern-creek', storage, tools);
    await tab.open();
    // Some sleep: they hear nothing until they come to the front.
    if (below(3) === 0) tab.close();
    tabs.push(tab);
    opened.push(tab);
  }
  const written: string[] = [];
  const deleted: Removed[] = [];
  const takenBack = new Set<string>();
  const did: string[] = [];
  const write = (tab: Session) => {
    const { project } = tab;
    if (!project) return;
    const token = `t${written.length};`;
    const refused = tab.edit([{ path: 'note', value: project.note + token }], { label: token });
    if (!refused.length) written.push(token);
  };
  const acts: Record<string, (tab: Session) => unknown> = {
    write,
    'write and wait': async (tab) => {
      write(tab);
      await tab.whenIdle();
    },
    look: (tab) => tab.lookAgain(),
    undo: (tab) => {
      const before = tab.project ? tokensIn(tab.project) : [];
      tab.undo();
      // What somebody takes back may go.
      const after = new Set(tab.project ? tokensIn(tab.project) : []);
      before.filter((t) => !after.has(t)).forEach((t) => takenBack.add(t));
    },
    redo: (tab) => tab.redo(),
    'keep mine': (tab) => tab.settle('mine'),
    'keep theirs': (tab) => tab.settle('theirs'),
    'put back': (tab) => tab.store.getState().save.kind === 'gone' && tab.putBack(),
    retry: (tab) => tab.retry(),
    delete: async () => {
      const removed = below(2) ? await storage.remove('tern-creek') : undefined;
      if (removed) deleted.push(removed);
    },
    restore: async () => {
      const removed = deleted[0];
      if (removed) {
        await storage.restore(removed, '(deleted)');
        deleted.shift();
      }
    },
    wait: (tab) => tab.whenIdle(),
  };
  for (let i = 0; i < STEPS; i++) {
    const tab = pick(tabs);
    const name = pick(Object.keys(acts));
    did.push(`${tabs.indexOf(tab)} ${name}`);
    const act = acts[name]!(tab);
    if (below(2)) await act;
  }
  // A tab that comes to the front may still store what it has; another that looked before it must look again.
  for (const tab of [...tabs, ...tabs]) {
    await tab.whenIdle();
    await tab.lookAgain();
    await tab.whenIdle();
  }
  const found = await everything(storage, deleted);
  const lost = written.filter((t) => !found.has(t) && !takenBack.has(t));
  expect(lost, `seed ${seed}: ${did.join(', ')}`).toEqual([]);
  for (const tab of tabs) {
    const { save } = tab.store.getState();
    // Whoever says that all is stored has on the screen what is stored.
    if (save.kind === 'saved') {
      const loaded = await storage.load('tern-creek');
      if (loaded.ok) expect(loaded.project.note, `seed ${seed}`).toBe(tab.project!.note);
    }
    tab.close();
  }
  opened.length = 0;
}

describe('tabs on one machine', () => {
  it(`lose nothing in ${RUNS} interleavings from seed ${SEED}`, async () => {
    for (let run = 0; run < RUNS; run++) await interleaving(SEED + run);
  });
});
