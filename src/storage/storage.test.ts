import Dexie from 'dexie';
import { afterEach, describe, expect, it } from 'vitest';
import { openProject, startingEntry } from '@/core/model';
import { demoProject } from '@test/helpers/demo';
import { ContentStorage, Database, hashesIn, hashOf, type MachineLog, MachineStorage } from '.';

let serial = 0;
const clock = { at: new Date('2026-11-23T12:00:00Z') };
const tools = { now: () => clock.at, freshId: () => `fresh-${++serial}` };
const opened: Database[] = [];
const database = (name = `storage-${++serial}`) => {
  const db = new Database(name);
  opened.push(db);
  return db;
};
const storageWith = async (db = database()) => {
  const storage = new MachineStorage(db, tools);
  await storage.add(demoProject());
  return storage;
};
const nameOf = async (storage: MachineStorage, id: string) => {
  const loaded = await storage.load(id);
  return loaded.ok ? loaded.project.name : loaded.reason;
};

afterEach(async () => {
  for (const db of opened.splice(0)) await db.delete();
});

describe('machines', () => {
  it('an import of an id that is taken becomes a copy, and the one that was there is untouched', async () => {
    const storage = await storageWith();
    const added = await storage.add({ ...demoProject(), note: 'another' });
    expect(added.ok && (await nameOf(storage, added.id))).toBe('Tern Creek kayak router (copy)');
    expect(await storage.load('tern-creek')).toMatchObject({
      ok: true,
      project: { note: demoProject().note },
    });
  });
  it('an edit writes the slices that it changed and no other', async () => {
    const db = database();
    const storage = await storageWith(db);
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error('not there');
    const written: string[] = [];
    db.slices.hook('updating', (_, key) => void written.push(String(key)));
    await storage.save({ ...loaded.project, note: 'new' }, loaded.mark, loaded.project);
    expect(written).toEqual(['tern-creek,note']);
    expect(await storage.load('tern-creek')).toMatchObject({ ok: true, project: { note: 'new' } });
  });
  it('who comes with an older mark gets a conflict, and nothing is overwritten', async () => {
    const storage = await storageWith();
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error('not there');
    const mine = { ...loaded.project, name: 'Mine' };
    expect(await storage.save({ ...loaded.project, name: 'Theirs' }, loaded.mark)).toMatchObject({
      ok: true,
    });
    expect(await storage.save(mine, loaded.mark)).toEqual({ ok: false, reason: 'conflict' });
    expect(await nameOf(storage, 'tern-creek')).toBe('Theirs');
  });
  it('a deletion can be taken back; what stands there stays, and the deleted comes beside', async () => {
    const storage = await storageWith();
    const removed = (await storage.remove('tern-creek'))!;
    expect(await nameOf(storage, 'tern-creek')).toBe('missing');
    expect(await storage.restore(removed, '(deleted)')).toEqual({ as: 'itself' });
    expect(await storage.restore(removed, '(deleted)')).toEqual({ as: 'there' });
    await storage.remove('tern-creek');
    await storage.add({ ...demoProject(), name: 'Imported again' });
    expect(await storage.restore(removed, '(deleted)')).toEqual({
      as: 'copy',
      name: 'Tern Creek kayak router (deleted)',
    });
    expect(await nameOf(storage, 'tern-creek')).toBe('Imported again');
  });
  it('what cannot be read is handed out raw with the last state that could', async () => {
    const db = database();
    const storage = await storageWith(db);
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error('not there');
    await storage.keep(loaded.project, loaded.mark);
    await db.slices.put({ machine: 'tern-creek', slice: 'version', value: 42 });
    expect(await storage.load('tern-creek')).toMatchObject({
      ok: false,
      reason: 'unreadable',
      issues: [{ code: 'newer' }],
      raw: { version: 42 },
      kept: { name: 'Tern Creek kayak router' },
    });
  });
  it('a step runs once in the life of a database', async () => {
    const storage = await storageWith();
    let ran = 0;
    const step = async () => void ran++;
    expect([await storage.once('demo', step), await storage.once('demo', step), ran]).toEqual([
      true,
      false,
      1,
    ]);
  });
});

describe('a database of the edition before', () => {
  it('is brought over with every machine, what it cannot read included', async () => {
    const name = `storage-${++serial}`;
    const old = new Dexie(name);
    old.version(1).stores({ machines: 'id, savedAt', flags: 'key' });
    const document = JSON.parse(JSON.stringify({ ...demoProject(), version: 3 })) as Record<string, unknown>;
    delete document.files;
    const entry = { name: 'Tern Creek kayak router', savedAt: '2026-11-01T10:00:00.000Z', revision: 7 };
    await old.table('machines').bulkPut([
      { id: 'tern-creek', ...entry, project: document },
      { id: 'odd', ...entry, name: 'Odd', project: { format: 'rugged-carriage-machine', version: 42 } },
    ]);
    await old.table('flags').put({ key: 'demo', value: 'x' });
    old.close();
    const storage = new MachineStorage(database(name), tools);
    const loaded = await storage.load('tern-creek');
    const direct = openProject(document);
    expect(loaded.ok && loaded.project).toEqual(direct.ok && direct.project);
    expect(loaded.ok && loaded.mark.revision).toBe(7);
    expect(await storage.load('odd')).toMatchObject({ reason: 'unreadable', raw: { version: 42 } });
    expect(await storage.once('demo', async () => undefined)).toBe(false);
  });
});

describe('contents of files', () => {
  const bytes = (text: string) => new TextEncoder().encode(text);
  it('are kept once under the hash of what is in them, and come back as they were', async () => {
    const db = database();
    const contents = new ContentStorage(db, tools.now);
    const hash = await contents.put(bytes('a photograph'), 'image/png');
    expect(await contents.put(bytes('a photograph'), 'image/png')).toBe(hash);
    expect(await db.contents.count()).toBe(1);
    expect(await contents.get(hash)).toEqual(bytes('a photograph'));
    // SHA-256 of "abc": FIPS 180-4, example B.1.
    expect(await hashOf(bytes('abc'))).toBe(
      'ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad',
    );
  });
  it('that no machine and no open history speaks of are swept after a week of grace', async () => {
    const db = database();
    const storage = await storageWith(db);
    const contents = new ContentStorage(db, tools.now);
    const [used, left, open] = [
      await contents.put(bytes('used'), 'text/plain'),
      await contents.put(bytes('left'), 'text/plain'),
      await contents.put(bytes('open'), 'text/plain'),
    ];
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error('not there');
    const files = [{ id: 'f', name: 'photo', type: 'image/png', hash: used, bytes: 4 }];
    await storage.save({ ...loaded.project, files }, loaded.mark, loaded.project);
    expect(hashesIn(files)).toEqual([used]);
    expect(await contents.sweep([open])).toBe(0);
    clock.at = new Date('2026-12-01T12:00:01Z');
    expect(await contents.sweep([open])).toBe(1);
    const there = await Promise.all([used, left, open].map((hash) => contents.get(hash)));
    expect(there.map((c) => c !== undefined)).toEqual([true, false, true]);
    // What was marked and is used again counts as used again.
    await contents.sweep([]);
    await contents.sweep([open]);
    clock.at = new Date('2026-12-20T12:00:00Z');
    expect(await contents.sweep([open])).toBe(0);
    clock.at = new Date('2026-11-23T12:00:00Z');
  });
});

describe('logs', () => {
  it('of all machines are told, and again when one changes; a machine of before has none', async () => {
    const storage = await storageWith();
    const told: (readonly MachineLog[])[] = [];
    const watching = storage.watchLogs((logs) => told.push(logs));
    await expect.poll(() => told.at(-1)?.length).toBe(1);
    const loaded = await storage.load('tern-creek');
    if (!loaded.ok) throw new Error(loaded.reason);
    const entry = { ...startingEntry('new', '2026-11-23T12:00:00.000Z', 'note'), title: 'told' };
    await storage.save({ ...loaded.project, log: [entry] }, loaded.mark, loaded.project);
    await expect.poll(() => told.at(-1)?.[0]?.log).toEqual([entry]);
    await storage.db.slices.delete(['tern-creek', 'log']);
    await storage.db.machines.update('tern-creek', { savedAt: '2026-11-24T00:00:00.000Z' });
    await expect.poll(() => told.at(-1)?.[0]?.log).toEqual([]);
    watching.unsubscribe();
  });
});
