import { act, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import {
  driveStiffnessOf,
  flexReport,
  frameInputs,
  machineReport,
  massReport,
  rankedFor,
} from '@/core/machine';
import { guess, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { type FlexState, useFlex, useFrameTrials, useReport } from '@/features/frame';
import type { Session } from '@/session';
import type { JobName, JobPool } from '@/workers';
import { openSession, pagePool, renderOn } from '@test/helpers/session';

const [kayak, gate] = demoMachines() as [Project, Project];

/** What a direct call says of a machine. */
function direct(project: Project) {
  const drives = driveStiffnessOf(project.axes, machineReport(project).axes);
  return flexReport(frameInputs(project, drives, massReport(project)));
}

/** Nothing asked for yet. */
const nothing: Record<JobName, number> = {
  frame: 0,
  trials: 0,
  build: 0,
  geometry: 0,
  free: 0,
  work: 0,
  job: 0,
  jobsFound: 0,
  turned: 0,
  stands: 0,
  jobSlower: 0,
  held: 0,
  upgrades: 0,
  search: 0,
  plan: 0,
  doubt: 0,
  sweep: 0,
  whyNot: 0,
  variant: 0,
  school: 0,
  together: 0,
};

/** A pool that counts what it is asked for. */
function countingPool(): { readonly pool: JobPool; readonly asked: Record<JobName, number> } {
  const asked = { ...nothing };
  const pool = pagePool();
  const run: JobPool['run'] = (name, input, options) => {
    asked[name] += 1;
    return pool.run(name, input, options);
  };
  return { pool: { ...pool, run }, asked };
}

interface Seen {
  readonly flex: FlexState;
  readonly trials: ReturnType<typeof useFrameTrials>;
  readonly report: ReturnType<typeof useReport>;
}

function watch(session: Session, pool?: JobPool) {
  const seen: { now: Seen | null } = { now: null };
  const View = () => {
    seen.now = { flex: useFlex(), trials: useFrameTrials(), report: useReport() };
    return null;
  };
  renderOn(session, <View />, pool);
  return seen as { now: Seen };
}

const edit = (session: Session, path: string, value: unknown) =>
  act(() => void session.edit([{ path, value: value as never }], { label: 'Edit' }));

const idle = (seen: { readonly now: Seen }) =>
  waitFor(
    () => {
      expect(seen.now.flex.busy).toBe(false);
      expect(seen.now.trials.busy).toBe(false);
      expect(seen.now.trials.output).not.toBeNull();
    },
    { timeout: 20_000 },
  );

describe('the frame solved beside the page', () => {
  it('comes after a pause, says so until then, and is that of a direct call', async () => {
    const seen = watch(await openSession(gate));
    expect(seen.now.flex).toMatchObject({ flex: null, busy: true, failed: null });
    await waitFor(() => expect(seen.now.flex.busy).toBe(false), { timeout: 5000 });
    expect(seen.now.flex.flex).toEqual(direct(gate));
    expect(seen.now.flex.place).toBe('page');
  });
  it('the newest machine wins, however quickly they follow each other', async () => {
    const session = await openSession(kayak);
    const seen = watch(session);
    edit(session, 'structure', null);
    act(() => void session.undo());
    edit(session, 'axes.2.loads.masses.0.mass', guess('mass', '30 kg'));
    await waitFor(() => expect(seen.now.flex.busy).toBe(false), { timeout: 5000 });
    const then = direct(session.project!);
    expect(seen.now.flex.flex).toEqual(then);
    edit(session, 'structure', null);
    expect(seen.now.flex.busy).toBe(true);
    const none = { ok: false, reason: 'no-structure' };
    await waitFor(() => expect(seen.now.flex.flex).toEqual(none), { timeout: 5000 });
  });
  it('is solved once for what it depends on: not for a note, not for what it cannot feel', async () => {
    const session = await openSession(kayak);
    const { pool, asked } = countingPool();
    const seen = watch(session, pool);
    await idle(seen);
    expect(asked).toEqual({ ...nothing, frame: 1, trials: 1 });
    for (const text of ['a', 'ab', 'abc', 'abcd', 'abcde']) edit(session, 'note', text);
    edit(session, 'name', 'Another name');
    edit(session, 'brief.accuracy', guess('length', '0.3 mm'));
    edit(session, 'axes.0.demands.rapid', guess('speed', '11 m/min'));
    edit(session, 'axes.0.supply.voltage', guess('voltage', '46 V'));
    await act(() => new Promise((done) => setTimeout(done, 400)));
    expect(asked).toEqual({ ...nothing, frame: 1, trials: 1 });
    edit(session, 'structure.beam.length', guess('length', '1700 mm'));
    await act(() => new Promise((done) => setTimeout(done, 400)));
    await idle(seen);
    expect(asked).toEqual({ ...nothing, frame: 2, trials: 2 });
  }, 60_000);
  it('a report with the frame knows more than one without', async () => {
    const session = await openSession(kayak);
    const seen = watch(session);
    const before = seen.now.report;
    await waitFor(() => expect(seen.now.flex.busy).toBe(false), { timeout: 5000 });
    expect(seen.now.report.errors[0]!.missing).toBe(before.errors[0]!.missing - 1);
    // The axes are not worked out again for it.
    expect(seen.now.report.axes[0]).toBe(before.axes[0]);
  });
});

describe('what the next change buys, beside the page', () => {
  it('is worked out, ranked for any direction, stopped and begun again', async () => {
    const session = await openSession(gate);
    const seen = watch(session);
    await idle(seen);
    const list = seen.now.trials.output!;
    for (const way of ['x', 'z'] as const) {
      const [first, second] = rankedFor(list, way);
      expect(first!.gain[way]).toBeGreaterThanOrEqual(second!.gain[way]);
    }
    edit(session, 'structure.beam.length', guess('length', '1800 mm'));
    await waitFor(() => expect(seen.now.trials.step).not.toBeNull(), { timeout: 15_000 });
    act(() => seen.now.trials.stop());
    expect(seen.now.trials).toMatchObject({ step: null, stopped: true, busy: false });
    // What was known of the machine before stays to be read, and is said to be old.
    expect(seen.now.trials.output).toBe(list);
    act(() => seen.now.trials.again());
    await waitFor(() => expect(seen.now.trials.output).not.toBe(list), { timeout: 15_000 });
    expect(seen.now.trials.stopped).toBe(false);
  }, 60_000);
});
