import { afterEach, beforeAll, describe, expect, it } from 'vitest';
import { planIn, planOf } from '@/core/changes';
import { put } from '@/core/model';
import type { Session } from '@/session';
import { demoProject } from '@test/helpers/demo';
import { openSession } from '@test/helpers/session';
import { endOfDay, readyForDays } from './day-plan';
import { machineEditor } from './editor';

const opened: Session[] = [];
afterEach(() => opened.splice(0).forEach((s) => s.close()));

async function openedOn(changed: string) {
  const session = await openSession({ ...demoProject(), changed });
  opened.push(session);
  return { session, before: session.project!, editor: machineEditor(session, 'metric') };
}

describe('the plan with which a day ended', () => {
  it('is kept with the first change that comes after it, even where what packs it came late', async () => {
    const { session, before, editor } = await openedOn('2026-10-05T12:00:00.000Z');
    // Nothing packs yet: it is owed.
    expect(editor.type('axes.0.demands.rapid', '7 m/min', 'a')).toMatchObject({ typed: '7 m/min' });
    expect(session.project!.revisions).toEqual([]);
    await readyForDays();
    editor.type('axes.0.demands.rapid', '8 m/min', 'b');
    const [kept, ...more] = session.project!.revisions;
    expect(more).toEqual([]);
    expect(kept).toMatchObject({ by: 'day', at: before.changed, name: 'End of 2026-10-05' });
    expect(planIn(kept!)).toEqual(planOf(before));
    editor.type('axes.0.demands.rapid', '9 m/min', 'c');
    expect(session.project!.revisions).toHaveLength(1);
    session.undo();
    session.undo();
    expect(session.project!.revisions).toEqual([]);
  });
  describe('once what packs it is there', () => {
    beforeAll(readyForDays);
    it('is not kept for a change of the same day, nor for one that leaves the plan alone', async () => {
      const { session, before } = await openedOn('2026-10-05T12:00:00.000Z');
      const after = { ...before, brief: { ...before.brief, budget: 77 } };
      expect(
        endOfDay(session, { before: before, after: after, now: new Date('2026-10-05T13:00:00.000Z') }),
      ).toEqual([]);
      const noted = { ...before, note: 'A word' };
      expect(
        endOfDay(session, { before: before, after: noted, now: new Date('2026-10-07T13:00:00.000Z') }),
      ).toEqual([]);
      expect(
        endOfDay(session, { before: noted, after: after, now: new Date('2026-10-07T13:00:01.000Z') }),
      ).toHaveLength(1);
    });
    it('is kept through a field like any other step, and undone with it', async () => {
      const { session, before, editor } = await openedOn('2026-10-05T12:00:00.000Z');
      editor.apply([put('brief.budget', 77)], 'Budget');
      expect(session.project!.revisions.map((r) => r.by)).toEqual(['day']);
      expect(session.undo()).toBe('Budget');
      expect(session.project!.revisions).toBe(before.revisions);
    });
  });
});
