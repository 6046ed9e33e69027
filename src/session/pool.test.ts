import { afterEach, describe, expect, it } from 'vitest';
import { Database, MachineStorage } from '@/storage';
import { demoProject } from '@test/helpers/demo';
import { shows } from '@test/helpers/shows';
import { SessionPool } from './pool';
import type { Session } from './session';

let serial = 0;
const databases: Database[] = [];
const tools = { now: () => new Date('2026-11-26T12:00:00Z') };
async function storageOf(...ids: readonly string[]) {
  const db = new Database(`pool-${++serial}`);
  databases.push(db);
  const storage = new MachineStorage(db);
  for (const id of ids) await storage.add({ ...demoProject(), id });
  return storage;
}
const open = async (session: Session) => {
  await shows(() => expect(session.store.getState().machine.kind).not.toBe('loading'));
  return session;
};

afterEach(async () => {
  for (const db of databases.splice(0)) await db.delete();
});

describe('machines that are open in a tab', () => {
  it('stay open when their page is left: the history is there when it is come back to', async () => {
    const pool = new SessionPool(await storageOf('a', 'b'), tools);
    const first = await open(pool.get('a'));
    first.edit([{ path: 'name', value: 'Renamed' }], { label: 'Name' });
    await open(pool.get('b'));
    expect(pool.get('a')).toBe(first);
    expect(first.undo()).toBe('Name');
  });
  it('follow what another tab stored while they were away', async () => {
    const storage = await storageOf('a');
    const pool = new SessionPool(storage, tools);
    const session = await open(pool.get('a'));
    session.close();
    const loaded = await storage.load('a');
    if (!loaded.ok) throw new Error('not there');
    await storage.save({ ...loaded.project, name: 'From elsewhere' }, loaded.mark, loaded.project);
    pool.get('a');
    await shows(() => expect(session.project!.name).toBe('From elsewhere'));
  });
  it('are let go in the order of their use, six stay; what is not stored is never let go', async () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
    const storage = await storageOf(...ids);
    const pool = new SessionPool(storage, tools);
    const first = await open(pool.get('a'));
    storage.save = async () => ({
      ok: false,
      reason: 'problem',
      problem: { code: 'no-space', cause: 'quota' },
    });
    first.edit([{ path: 'name', value: 'Not stored' }], { label: 'Name' });
    await first.whenIdle();
    for (const id of ids.slice(1)) await open(pool.get(id));
    expect(pool.sessions.map((s) => s.id)).toEqual(['a', 'd', 'e', 'f', 'g', 'h']);
    expect(pool.get('a').project!.name).toBe('Not stored');
  });
  it('one that failed to open is tried again when it is asked for again', async () => {
    const storage = await storageOf();
    const pool = new SessionPool(storage, tools);
    const missing = await open(pool.get('late'));
    expect(missing.store.getState().machine).toMatchObject({ kind: 'failed', loaded: { reason: 'missing' } });
    await storage.add({ ...demoProject(), id: 'late' });
    const there = await open(pool.get('late'));
    expect(there).not.toBe(missing);
    expect(there.project!.id).toBe('late');
  });
});
