import { afterEach, describe, expect, it } from 'vitest';
import { demoProject } from '@test/helpers/demo';
import { type AtHome, Database, MachineStorage } from '.';

let count = 0;
const opened: Database[] = [];
function fresh(day = '2026-11-01T08:00:00Z') {
  const db = new Database(`outside-${++count}`);
  opened.push(db);
  let now = day;
  let id = 0;
  const storage = new MachineStorage(db, { now: () => new Date(now), freshId: () => `mark-${++id}` });
  return { storage, later: (time: string) => (now = time) };
}
afterEach(async () => {
  for (const db of opened.splice(0)) await db.delete();
});

const atHome = (storage: MachineStorage, id: string): Promise<AtHome | undefined> =>
  new Promise((then) => {
    const watching = storage.outside.watch((all) => {
      then(all.get(id));
      // Not at once: it may tell before it is handed out.
      queueMicrotask(() => watching.unsubscribe());
    });
  });

/** Saves a machine so many times. */
async function save(storage: MachineStorage, times: number) {
  const loaded = await storage.load('tern-creek');
  if (!loaded.ok) throw new Error(loaded.reason);
  let { mark } = loaded;
  for (let i = 0; i < times; i++) {
    const saved = await storage.save({ ...loaded.project, note: `note ${i}` }, mark);
    if (!saved.ok) throw new Error(saved.reason);
    mark = saved.mark;
  }
}

describe('what of a machine is in this browser alone', () => {
  it('counts saves since it came in, and since it left', async () => {
    const { storage, later } = fresh();
    await storage.add(demoProject());
    expect(await atHome(storage, 'tern-creek')).toEqual({ saves: 0 });
    await save(storage, 3);
    expect(await atHome(storage, 'tern-creek')).toEqual({ saves: 3 });
    later('2026-11-02T09:00:00Z');
    await storage.outside.leave('tern-creek');
    expect(await atHome(storage, 'tern-creek')).toEqual({ left: '2026-11-02T09:00:00.000Z', saves: 0 });
    await save(storage, 2);
    expect((await atHome(storage, 'tern-creek'))?.saves).toBe(2);
  });
  it('notes the state that left, not one that was stored meanwhile', async () => {
    const { storage } = fresh();
    await storage.add(demoProject());
    await save(storage, 4);
    await storage.outside.leave('tern-creek', 2);
    expect((await atHome(storage, 'tern-creek'))?.saves).toBe(3);
  });
  it('notes nothing of a machine that is not there', async () => {
    const { storage } = fresh();
    await storage.outside.leave('nobody');
    expect(await atHome(storage, 'nobody')).toBeUndefined();
  });
  it.each([
    ['nothing changed, long ago', { left: '2026-01-01T00:00:00Z', saves: 0 }, false],
    ['a change within the week', { left: '2026-10-30T00:00:00Z', saves: 3 }, false],
    ['a change, left more than a week ago', { left: '2026-10-20T00:00:00Z', saves: 1 }, true],
    ['an evening of work since it left', { left: '2026-11-01T00:00:00Z', saves: 25 }, true],
    ['never left, hardly begun', { saves: 24 }, false],
    ['never left, an evening of work', { saves: 25 }, true],
  ])('reminds or not: %s', (_case, state, due) => {
    expect(fresh().storage.outside.due(state)).toBe(due);
  });
});

describe('states that other copies may know', () => {
  const mark = (letter: string) => letter.repeat(64);
  const noted = (note: string) => ({ ...demoProject(), note });
  it('the newest that both know is where they parted', async () => {
    const { storage, later } = fresh();
    await storage.add(demoProject());
    for (const [i, letter] of ['a', 'b', 'c'].entries()) {
      later(`2026-11-0${i + 2}T08:00:00Z`);
      await storage.outside.know(noted(letter), mark(letter));
    }
    expect(await storage.outside.known('tern-creek')).toEqual(['c', 'b', 'a'].map(mark));
    const parted = (...letters: string[]) => storage.outside.parted('tern-creek', new Set(letters.map(mark)));
    expect((await parted('a', 'b', 'x'))?.note).toBe('b');
    expect(await parted('x')).toBeUndefined();
    await storage.outside.forget('tern-creek', mark('b'));
    expect((await parted('a', 'b'))?.note).toBe('a');
  });
  it('backups crowd nothing out: only the newest of them is known', async () => {
    const { storage, later } = fresh();
    await storage.add(demoProject());
    await storage.outside.know(noted('handed on'), mark('a'));
    for (let i = 0; i < 30; i++) {
      later(new Date(Date.UTC(2026, 10, 2, 8, i)).toISOString());
      await storage.outside.know(noted(`backup ${i}`), String(i).padStart(64, '0'), 'backup');
    }
    expect(await storage.outside.known('tern-creek')).toEqual(['29'.padStart(64, '0'), mark('a')]);
  });
  it('the oldest go when there are many', async () => {
    const { storage, later } = fresh();
    await storage.add(demoProject());
    for (let i = 0; i < 20; i++) {
      later(new Date(Date.UTC(2026, 10, 2, 8, i)).toISOString());
      await storage.outside.know(noted(''), String(i).padStart(64, '0'));
    }
    expect(await storage.outside.known('tern-creek')).toHaveLength(12);
  });
  it('a machine that comes in after one of its id was deleted has no past here', async () => {
    const { storage } = fresh();
    await storage.add(demoProject());
    await save(storage, 30);
    await storage.outside.know(noted('later'), mark('a'));
    await storage.outside.leave('tern-creek');
    await storage.remove('tern-creek');
    await storage.add(demoProject());
    expect(await storage.outside.known('tern-creek')).toEqual([]);
    expect(await atHome(storage, 'tern-creek')).toEqual({ saves: 0 });
    await save(storage, 2);
    expect(await atHome(storage, 'tern-creek')).toEqual({ saves: 2 });
  });
});

describe('an older database', () => {
  it('keeps its machines when the tables for what left come in', async () => {
    const { default: Dexie } = await import('dexie');
    const name = `outside-old-${++count}`;
    const old = new Dexie(name);
    old.version(2).stores({
      machines: 'id, savedAt',
      slices: '[machine+slice], machine',
      kept: 'machine',
      contents: 'hash',
      flags: 'key',
    });
    await old.table('machines').put({ id: 'a', name: 'A', savedAt: '', revision: 4, stamp: 's' });
    old.close();
    const db = new Database(name);
    opened.push(db);
    const storage = new MachineStorage(db);
    expect(await atHome(storage, 'a')).toEqual({ saves: 3 });
  });
});
