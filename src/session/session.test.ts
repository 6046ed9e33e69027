import { afterEach, describe, expect, it } from 'vitest';
import { Database, MachineStorage } from '@/storage';
import { demoProject } from '@test/helpers/demo';
import { shows } from '@test/helpers/shows';
import { MAX_STEPS } from './history';
import { Session } from './session';

let serial = 0;
const tools = { now: () => new Date('2026-11-23T12:00:00Z'), freshId: () => `fresh-${++serial}` };
const open: Session[] = [];

async function machine(storage = new MachineStorage(new Database(`test-${++serial}`), tools)) {
  await storage.add(demoProject());
  return storage;
}
async function tab(storage: MachineStorage) {
  const session = new Session('tern-creek', storage, tools);
  await session.open();
  open.push(session);
  return session;
}
const settled = async (session: Session, kind = 'saved') => {
  await session.whenIdle();
  await shows(() => expect(session.store.getState().save.kind).toBe(kind));
};
const name = (session: Session) => session.project!.name;
const rename = (session: Session, value: string, mergeKey?: string) =>
  session.edit([{ path: 'name', value }], mergeKey ? { label: 'Name', mergeKey } : { label: 'Name' });
const lead = (si: number) => ({
  path: 'drive.lead',
  value: { typed: `${si * 1000} mm`, si, basis: 'standard' as const },
});

afterEach(() => open.splice(0).forEach((s) => s.close()));

describe('undo', () => {
  it('goes back over 300 steps and forward again', async () => {
    const session = await tab(await machine());
    for (let i = 1; i <= 300; i++) rename(session, `Name ${i}`);
    for (let i = 299; i >= 1; i--) {
      expect(session.undo()).toBe('Name');
      expect(name(session)).toBe(`Name ${i}`);
    }
    for (let i = 2; i <= 300; i++) session.redo();
    expect(name(session)).toBe('Name 300');
    expect(session.redo()).toBeUndefined();
  });
  it('keeps a bounded number of steps, and keystrokes of one visit are one', async () => {
    const session = await tab(await machine());
    for (let i = 0; i < MAX_STEPS + 20; i++) rename(session, `N${i}`);
    expect(session.store.getState().history.past).toHaveLength(MAX_STEPS);
    for (const text of ['T', 'Te', 'Ter', 'Tern']) rename(session, text, 'visit-1');
    session.undo();
    expect(name(session)).toBe(`N${MAX_STEPS + 19}`);
  });
  it('a new edit ends what could be redone', async () => {
    const session = await tab(await machine());
    rename(session, 'A');
    session.undo();
    rename(session, 'B');
    expect(session.redo()).toBeUndefined();
  });
});

describe('edits of an axis', () => {
  it('are refused where a rule forbids them, and then change nothing', async () => {
    const session = await tab(await machine());
    const before = session.project;
    const issues = session.edit(
      [{ path: 'axes.0.drive.rootDiameter', value: { typed: '17 mm', si: 0.017, basis: 'measured' } }],
      { label: 'Root', touched: 'axes.0.drive.rootDiameter' },
    );
    expect(issues[0]).toMatchObject({
      code: 'root-not-below-nominal',
      path: ['axes', 0, 'drive', 'rootDiameter'],
    });
    expect(session.project).toBe(before);
    expect(session.edit([{ ...lead(0.01), path: 'axes.0.drive.lead' }], { label: 'Lead' })).toEqual([]);
    expect(session.project!.axes[0]!.drive).toMatchObject({ lead: { si: 0.01 } });
  });
});

describe('autosave', () => {
  it('what was edited is there for a new tab, the newest of many edits too', async () => {
    const storage = await machine();
    const session = await tab(storage);
    for (let i = 0; i < 25; i++) rename(session, `Quick ${i}`);
    await settled(session);
    expect(name(await tab(storage))).toBe('Quick 24');
  });
  it('a full disk is said, the edit stays on the screen, and a retry saves it', async () => {
    const storage = await machine();
    const session = await tab(storage);
    const save = storage.save.bind(storage);
    storage.save = async () => ({
      ok: false,
      reason: 'problem',
      problem: { code: 'no-space', cause: 'quota' },
    });
    rename(session, 'Unsaved');
    await settled(session, 'problem');
    expect(name(session)).toBe('Unsaved');
    storage.save = save;
    await session.retry();
    await settled(session);
    expect(name(await tab(storage))).toBe('Unsaved');
  });
});

describe('two tabs on one machine', () => {
  it('the other tab sees a change, and can take it back as a step with its name', async () => {
    const storage = await machine();
    const [one, two] = [await tab(storage), await tab(storage)];
    rename(one, 'From one');
    await settled(one);
    await shows(() => expect(name(two)).toBe('From one'));
    expect(two.undo()).toBe('Change in another tab');
  });
  it.each(['mine', 'theirs'] as const)(
    'edits on both sides meet: nothing is overwritten, and keeping %s keeps the other as a copy',
    async (keep) => {
      const storage = await machine();
      const one = await tab(storage);
      const two = await tab(storage);
      two.close(); // A sleeping tab: it hears nothing.
      rename(one, 'From one');
      await settled(one);
      rename(two, 'From two');
      await settled(two, 'conflict');
      expect(((await storage.load('tern-creek')) as { project: { name: string } }).project.name).toBe(
        'From one',
      );
      await two.settle(keep);
      await settled(two);
      const names: string[] = [];
      const subscription = storage.watchAll(
        (all) => {
          names.splice(0, names.length, ...all.map((m) => m.name));
        },
        () => undefined,
      );
      await shows(() =>
        expect([...names].sort()).toEqual(
          keep === 'mine' ? ['From one (other tab)', 'From two'] : ['From one', 'From two (other tab)'],
        ),
      );
      subscription.unsubscribe();
    },
  );
  it('a machine deleted elsewhere is said and can be put back', async () => {
    const storage = await machine();
    const session = await tab(storage);
    await storage.remove('tern-creek');
    rename(session, 'Still here');
    await settled(session, 'gone');
    await session.putBack();
    expect(name(await tab(storage))).toBe('Still here');
  });
});
