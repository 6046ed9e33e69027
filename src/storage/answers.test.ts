import { describe, expect, it } from 'vitest';
import { demoProject } from '@test/helpers/demo';
import { type AxisAnswer, Database, firstAnswer, MachineStorage } from '.';

const axes: readonly AxisAnswer[] = [{ id: 'bed', name: 'Bed axis', verdict: 'thin', guessed: false }];
let serial = 0;

async function stored() {
  const db = new Database(`answers-${++serial}`);
  const storage = new MachineStorage(db);
  const added = await storage.add(demoProject());
  if (!added.ok) throw new Error('not stored');
  const { id } = added;
  const { stamp } = (await db.machines.get(id))!;
  return { db, storage, id, stamp };
}

describe('what a machine came to', () => {
  it('is told with its name as long as the machine is as it was worked out', async () => {
    const { db, storage, id, stamp } = await stored();
    const name = demoProject().name;
    expect(await firstAnswer(db, id)).toEqual({ name, axes: [] });
    await storage.keepAnswer(id, stamp, axes);
    expect(await firstAnswer(db, id)).toEqual({ name, axes });
  });
  it('is told no more once the machine was changed', async () => {
    const { db, storage, id, stamp } = await stored();
    await storage.keepAnswer(id, stamp, axes);
    const loaded = await storage.load(id);
    if (!loaded.ok) throw new Error('not read');
    await storage.save({ ...loaded.project, name: 'Changed' }, loaded.mark, loaded.project);
    expect(await firstAnswer(db, id)).toEqual({ name: 'Changed', axes: [] });
    // What was worked out of the state before comes too late.
    await storage.keepAnswer(id, stamp, axes);
    expect(await firstAnswer(db, id)).toEqual({ name: 'Changed', axes: [] });
  });
  it('goes with the machine, and is not kept of one that is not there', async () => {
    const { db, storage, id, stamp } = await stored();
    await storage.keepAnswer(id, stamp, axes);
    await storage.remove(id);
    expect(await firstAnswer(db, id)).toBeUndefined();
    expect(await db.answers.count()).toBe(0);
    await storage.keepAnswer('nobody', stamp, axes);
    expect(await db.answers.count()).toBe(0);
  });
});
