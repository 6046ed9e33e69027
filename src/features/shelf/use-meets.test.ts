import { describe, expect, it } from 'vitest';
import { meetSettled } from '@/core/changes';
import type { Project } from '@/core/model';
import { Database, MachineStorage } from '@/storage';
import { demoProject, withTyped } from '@test/helpers/demo';
import { meetingOf, type OpenMeeting, storeMerge, takeMergeBack } from './use-meets';

let count = 0;
const STATE = 'a'.repeat(64);

/** A machine that is here, and a copy of it that comes back changed; both know the state before. */
async function met(
  change: (project: Project) => Project,
  states: readonly string[] = [STATE, 'b'.repeat(64)],
) {
  const storage = new MachineStorage(new Database(`meets-${++count}`));
  const base: Project = demoProject();
  await storage.add(base);
  await storage.outside.know(base, 'b'.repeat(64));
  const theirs = change(base);
  const meeting = await meetingOf(storage, { file: 'back.zip', theirs, contents: new Map(), states });
  return { storage, meeting: meeting!, base };
}

const merge = (storage: MachineStorage, meeting: OpenMeeting) =>
  storeMerge(storage, meeting, meetSettled(meeting.merged, new Map()));

const stored = async (storage: MachineStorage) => {
  const loaded = await storage.load('tern-creek');
  if (!loaded.ok) throw new Error(loaded.reason);
  return loaded;
};

describe('a copy that comes back', () => {
  it('is merged over what is here, and its state is known from then on', async () => {
    const { storage, meeting } = await met((p) => ({ ...p, note: 'theirs' }));
    expect(meeting.came.same).toBe(false);
    expect((await merge(storage, meeting)).ok).toBe(true);
    expect((await stored(storage)).project.note).toBe('theirs');
    expect(await storage.outside.known('tern-creek')).toContain(STATE);
  });
  it('says the same where it does', async () => {
    const { meeting } = await met((p) => ({ ...p, changed: '2031-01-01T00:00:00.000Z' }));
    expect(meeting.came.same).toBe(true);
  });
  it('is nobody to meet where none of its id is here', async () => {
    const { storage } = await met((p) => p);
    const theirs = { ...demoProject(), id: 'another' };
    const came = { file: 'x', theirs, contents: new Map(), states: [] };
    expect(await meetingOf(storage, came)).toBeUndefined();
  });
  it('taken back, it is no part of the past: what it brought is asked for again, not dropped', async () => {
    const { storage, meeting, base } = await met((p) => ({ ...p, note: 'theirs' }));
    const end = await merge(storage, meeting);
    if (!end.ok) throw new Error('not stored');
    expect(await takeMergeBack(storage, meeting, end.mark)).toBe(true);
    expect((await stored(storage)).project.note).toBe(base.note);
    // It comes once more, with another change; the first one still counts.
    const theirs = { ...base, note: 'theirs', name: 'Other name' };
    const states = ['c'.repeat(64), STATE, 'b'.repeat(64)];
    const again = await meetingOf(storage, { file: 'y', theirs, contents: new Map(), states });
    const document = meetSettled(again!.merged, new Map());
    expect(document).toMatchObject({ note: 'theirs', name: 'Other name' });
  });
  it('is not taken back over what was changed since', async () => {
    const { storage, meeting } = await met((p) => ({ ...p, note: 'theirs' }));
    const end = await merge(storage, meeting);
    if (!end.ok) throw new Error('not stored');
    const { project, mark } = await stored(storage);
    await storage.save({ ...project, name: 'Changed since' }, mark);
    expect(await takeMergeBack(storage, meeting, end.mark)).toBe(false);
    expect((await stored(storage)).project).toMatchObject({ name: 'Changed since', note: 'theirs' });
  });
  it('is not stored over what was changed meanwhile', async () => {
    const { storage, meeting } = await met((p) => ({ ...p, note: 'theirs' }));
    const { project, mark } = await stored(storage);
    await storage.save({ ...project, name: 'Meanwhile' }, mark);
    expect(await merge(storage, meeting)).toEqual({ ok: false, trouble: { code: 'changed' } });
    expect((await stored(storage)).project.name).toBe('Meanwhile');
  });
  it('is not stored where both together break a rule, and names it', async () => {
    const broken = (p: Project): Project => ({
      ...p,
      axes: p.axes.map((a, i) => (i ? a : withTyped(a, { 'drive.rootDiameter': '40 mm' }))),
    });
    const { storage, meeting } = await met(broken);
    const end = await merge(storage, meeting);
    expect(end).toMatchObject({ ok: false, trouble: { code: 'breaks' } });
    expect((await stored(storage)).issues).toEqual([]);
  });
  it('is not stored where it is no machine, or the store does not answer', async () => {
    const { storage, meeting } = await met((p) => ({ ...p, note: 'theirs' }));
    expect(await storeMerge(storage, meeting, { format: 'x' })).toEqual({
      ok: false,
      trouble: { code: 'unreadable' },
    });
    storage.contents.keep = () => Promise.reject(new Error('disk'));
    expect(await merge(storage, meeting)).toEqual({ ok: false, trouble: { code: 'store' } });
  });
});
