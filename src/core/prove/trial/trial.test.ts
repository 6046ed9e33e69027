import { describe, expect, it } from 'vitest';
import { applyEdits, arrangements, type Project, projectIssues } from '@/core/model';
import { alive, figureIn, gate, kayak, later, recorded, scenery, trialIn } from '@test/helpers/trials';
import {
  anewEdits,
  dropEdits,
  leaveEdits,
  openTrial,
  sayEdits,
  trialCells,
  trialPlans,
  trialsOf,
  unwriteEdits,
  writeEdits,
} from '.';

const demos = [kayak, gate, scenery];

describe('the order of first motion and proof', () => {
  it.each(arrangements)('%s: keys are their own, waits stand before, cells are told apart', (arrangement) => {
    for (const demo of demos) {
      const plans = trialPlans({ ...demo, brief: { ...demo.brief, arrangement } });
      const keys = plans.map((p) => p.key);
      expect(new Set(keys).size).toBe(keys.length);
      plans.forEach((plan, i) => {
        for (const key of plan.after) expect(keys.slice(0, i)).toContain(key);
        const cells = trialCells(plan).map((c) => c.id);
        expect(cells.length).toBeGreaterThan(0);
        expect(new Set(cells).size).toBe(cells.length);
        for (const { at } of [...plan.fields, ...plan.rows])
          if (at) expect(Number.isFinite(at.value)).toBe(true);
      });
    }
  });
  it('hand before power, stop before motion, slow before fast; axes wait for their own steps only', () => {
    const kinds = [...new Set(trialPlans(scenery).map((p) => p.kind))];
    const at = (kind: string) => kinds.indexOf(kind as never);
    expect(at('hand')).toBe(0);
    expect(at('stop')).toBeLessThan(at('slow'));
    expect(at('slow')).toBeLessThan(at('plan-speed'));
    expect(at('plan-speed')).toBeLessThan(at('steps'));
    const slow = trialIn(scenery, 'slow:arm');
    expect(slow.plan.after).toContain('stop');
    expect(slow.plan.after.some((k) => k.endsWith(':bed'))).toBe(false);
  });
  it('asks only what an axis has: switches, homing, two motors, torch', () => {
    const keys = (project: Project) => trialPlans(project).map((p) => p.key);
    expect(keys(kayak)).toContain('both-motors:bed');
    expect(keys(kayak)).not.toContain('both-motors:gantry');
    expect(keys(kayak).some((k) => k.startsWith('home:'))).toBe(false);
    expect(keys(scenery)).toContain('switches:bed');
    expect(keys(gate)).toContain('plasma-square');
    expect(keys(kayak)).not.toContain('plasma-square');
    expect(keys(kayak)).toContain('half-lap');
  });
  it('a staircase stops where something else than torque gives out', () => {
    const { plan } = trialIn(kayak, 'stairs-speed:gantry');
    const { grounds } = trialsOf(kayak);
    const ground = grounds.find((g) => g.axis.id === 'gantry')!;
    expect(plan.rows.length).toBeGreaterThan(1);
    for (const { at } of plan.rows) expect(at!.value).toBeLessThanOrEqual(ground.bound);
  });
});

describe('how a trial stands', () => {
  const hand = (pull: number) => (id: string) => (id === 'arm' ? 0.02 : pull);
  it('open, begun, passed; what waits for it is free then', () => {
    expect(trialIn(kayak, 'hand:bed').standing).toBe('open');
    expect(trialIn(kayak, 'slow:bed').waits).toEqual(['hand:bed', 'stop']);
    const begun = recorded(kayak, 'hand:bed', (id) => (id === 'arm' ? 0.02 : undefined));
    expect(trialIn(begun, 'hand:bed').standing).toBe('begun');
    const passed = recorded(kayak, 'hand:bed', hand(50));
    expect(projectIssues(passed)).toEqual([]);
    expect(trialIn(passed, 'hand:bed').standing).toBe('passed');
    expect(trialIn(passed, 'slow:bed').waits).toEqual(['stop']);
  });
  it('a refused look fails at once, and holds back what comes after it', () => {
    const failed = recorded(kayak, 'stop', (id) => (id === 'stays-off' ? 0 : undefined));
    expect(trialIn(failed, 'stop').standing).toBe('failed');
    expect(trialIn(failed, 'slow:gantry').waits).toContain('stop');
    expect(trialIn(failed, 'stop').last!.result.refused).toEqual(['stays-off']);
  });
  it('fails beyond its limit; where its doubt reaches over it, it holds nothing back', () => {
    expect(trialIn(recorded(kayak, 'hand:bed', hand(160)), 'hand:bed').standing).toBe('failed');
    const near = recorded(kayak, 'hand:bed', hand(101));
    expect(trialIn(near, 'hand:bed').standing).toBe('unsure');
    expect(trialIn(near, 'slow:bed').waits).toEqual(['stop']);
  });
  it('is guessed while it rests on what an instrument usually errs; looks alone are no guess', () => {
    const passed = recorded(kayak, 'hand:bed', hand(50));
    expect(trialIn(passed, 'hand:bed').guessed).toBe(true);
    const own = applyEdits(passed, sayEdits(passed, 'hand:bed', { limit: 1 }, { id: 'x', at: later() }));
    expect(trialIn(own, 'hand:bed').guessed).toBe(false);
    expect(
      trialIn(
        recorded(kayak, 'slow-travel:bed', () => undefined),
        'slow-travel:bed',
      ).guessed,
    ).toBe(false);
  });
  it('left out holds nothing back; all at once for a machine that runs already', () => {
    const keys = trialsOf(kayak).trials.flatMap((t) => (t.plan.stage === 'first' ? [t.plan.key] : []));
    let n = 0;
    const left = applyEdits(
      kayak,
      leaveEdits(kayak, keys, true, () => `l${n++}`),
    );
    expect(trialsOf(left).alive).toBe(true);
    expect(trialIn(left, 'steps:bed').waits).toEqual([]);
    const back = applyEdits(
      left,
      leaveEdits(left, ['stop'], false, () => `l${n++}`),
    );
    expect(trialIn(back, 'steps:bed').waits).toEqual(['stop']);
    expect(trialsOf(alive(kayak)).next).toBe('pull:bed');
  });
  it('goes stale when its drive, its rails or the frame were touched, not when another axis was', () => {
    const proved = recorded(alive(kayak), 'pull:bed', () => 61);
    const hit = (node: string) =>
      trialIn(
        { ...proved, happenings: [{ id: 'h', at: later(), node, what: 'moved', note: '' }] },
        'pull:bed',
      );
    expect(['mesh:bed', 'rail-a/height', 'frame'].map((n) => hit(n).standing)).toEqual(
      Array(3).fill('stale'),
    );
    expect(['screw:gantry', 'cross', 'tram'].map((n) => hit(n).standing)).toEqual(Array(3).fill('passed'));
    expect(hit('frame').due).toBeNull();
    expect(trialIn(proved, 'pull:bed').due).toBe('2027-11-27');
  });
  it('records stand beside one another, the newest counts; cells are replaced and taken back', () => {
    const once = recorded(kayak, 'hand:bed', hand(50));
    const again = applyEdits(once, anewEdits(once, 'hand:bed', 'second', later()));
    expect(trialIn(again, 'hand:bed')).toMatchObject({ standing: 'begun', records: [{}, {}] });
    const cell = { cell: 'arm', typed: '25 mm', value: 0.025, at: null };
    const typed = applyEdits(again, writeEdits(again, 'hand:bed', [cell], { id: 'x', at: later() }));
    expect(openTrial(typed, 'hand:bed')!.entries).toEqual([cell]);
    const taken = applyEdits(typed, unwriteEdits(typed, 'hand:bed', 'arm'));
    expect(openTrial(taken, 'hand:bed')!.entries).toEqual([]);
    const dropped = applyEdits(taken, dropEdits(taken, 'second'));
    expect(trialIn(dropped, 'hand:bed').standing).toBe('passed');
  });
});

describe('what records of first motion come to', () => {
  it('the torque by hand is the mean pull times the radius of the cord', () => {
    const pulls = [48, 52, 50, 55, 45];
    let i = 0;
    const read = recorded(kayak, 'hand:bed', (id) => (id === 'arm' ? 0.02 : pulls[i++]));
    expect(figureIn(read, 'hand:bed', 'hand-torque').value).toBeCloseTo(1, 9);
    expect(figureIn(read, 'hand:bed', 'uneven').value).toBeCloseTo(55 / 45, 9);
  });
  it('run-on: reaction and braking apart, the way from rapid, and whether the next may be tried', () => {
    const way = (v: number) => 0.02 * v + (v * v) / (2 * 1.5);
    const read = recorded(scenery, 'run-on:bed', (_, row) =>
      row.at!.value < 2.5 / 60 ? way(row.at!.value) : undefined,
    );
    expect(figureIn(read, 'run-on:bed', 'reaction').value).toBeCloseTo(0.02, 6);
    expect(figureIn(read, 'run-on:bed', 'braking').value).toBeCloseTo(1.5, 4);
    const rapid = scenery.axes[0]!.demands.rapid.si;
    expect(figureIn(read, 'run-on:bed', 'stop-at-rapid').value).toBeCloseTo(way(rapid), 6);
    const notes = trialIn(read, 'run-on:bed').last!.result.notes.map((n) => n.code);
    expect(notes).toContain('next-speed');
  });
  it('a shift is a loss beyond three uncertainties or half a full step', () => {
    const shifted = (by: number) =>
      trialIn(
        recorded(kayak, 'plan-speed:bed', () => by),
        'plan-speed:bed',
      ).standing;
    expect(shifted(1e-5)).toBe('passed');
    expect(shifted(5e-4)).toBe('failed');
  });
  it('the current against the plan, and the case', () => {
    const set = kayak.axes[0]!.driver.setCurrent.si;
    const with1 = (factor: number, warmer: number) =>
      trialIn(
        recorded(kayak, 'current:bed', (id) => ({ set: factor * set, warmer })[id]),
        'current:bed',
      ).standing;
    expect(with1(1, 45)).toBe('passed');
    // Crest typed for RMS: 1.41 times as much.
    expect(with1(Math.SQRT2, 45)).toBe('failed');
    expect(with1(1, 75)).toBe('failed');
  });
});
