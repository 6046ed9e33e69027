import { describe, expect, it } from 'vitest';
import { applyEdits, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { happenedEdits } from '../truing';
import { isProveCode, isWorkCode, proveFindings, proveSummary, provingOf } from '.';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];
const codes = (project: Project) =>
  proveFindings(provingOf(project)).map((f) => `${f.code} ${f.verdict} ${f.about ?? ''}`.trim());

describe('what is found of truing', () => {
  it('nothing before anybody has read', () =>
    expect(codes({ ...kayak, sheets: [], rounds: [], happenings: [], trials: [] })).toEqual([]));
  it('the demos: a rail out of limit with a reading that stands out, a stale sheet, a loose belt', () => {
    expect(codes(kayak)).toEqual([
      'trial-failed gives-out steps:bed',
      'true-out gives-out rail-b/height',
      'true-stale thin',
      'true-slip thin rail-b/height',
      'proof-apart thin lost-motion:bed',
      // By every reading's own doubt the push is sure enough to part from the plan, too.
      'proof-apart thin stiffness:gantry',
    ]);
    expect(codes(gate)).toEqual([
      'true-out gives-out square',
      'true-out gives-out frame',
      'not-tried-slow thin',
    ]);
    expect(codes(scenery)).toEqual(['trial-failed gives-out slow:bed', 'true-out gives-out belt:arm']);
  });
  it('a doubt that reaches over the limit is no verdict', () => {
    const rounds = kayak.rounds.map((r) => (r.sheet === 'rail-a/side' ? { ...r, limit: 2e-4 } : r));
    expect(codes({ ...kayak, rounds })).toContain('true-unsure not-known rail-a/side');
  });
  it('what is stale is told once, with everything that must be read again', () => {
    const hit = { id: 'h', at: '2026-11-26T10:00:00.000Z', node: 'frame', what: 'hit', note: '' } as const;
    const found = proveFindings(provingOf(applyEdits(kayak, happenedEdits(kayak, hit))));
    const stale = found.filter((f) => f.code === 'true-stale');
    expect(stale).toHaveLength(1);
    expect(JSON.parse(String(stale[0]!.params.sheets))).toEqual([
      'frame',
      'rail-a/height',
      'rail-a/side',
      'rail-b/height',
      'feet',
    ]);
    // What no longer holds is not called out of limit any more.
    expect(found.map((f) => f.code)).toEqual(['true-stale', 'trial-stale', 'proof-apart']);
    const trials = JSON.parse(String(found[1]!.params.trials)) as string[];
    // What was proved after the knock stands.
    expect(trials).not.toContain('push:gantry');
    expect(trials).toEqual(expect.arrayContaining(['hand:bed', 'pull:bed', 'steps:bed']));
  });
  it('its codes are its own', () => {
    expect(isProveCode('true-out')).toBe(true);
    expect(isProveCode('list-budget')).toBe(false);
    expect(['true-out', 'list-budget', 'whip'].map(isWorkCode)).toEqual([true, true, false]);
  });
});

describe('the published summary', () => {
  it('carries every sheet with its figures, and what comes next', () => {
    const { next, sheets, findings } = proveSummary(kayak);
    expect(next).toBe('rail-b/height');
    const rail = sheets.find((s) => s.key === 'rail-b/height')!;
    expect(rail).toMatchObject({ state: 'done', verdict: 'gives-out', rounds: 4, axisId: 'bed' });
    expect(rail.figures[0]!.value).toBeGreaterThan(rail.figures[0]!.good!);
    expect(rail.readings).toBe(56);
    expect(sheets.find((s) => s.key === 'feet')!.state).toBe('stale');
    expect(findings.length).toBe(6);
    expect(proveSummary(kayak).practice).toBe(false);
    const { trials, held, settings } = proveSummary(kayak);
    expect(trials.find((t) => t.key === 'steps:bed')).toMatchObject({ standing: 'failed', records: 1 });
    expect(held.find((r) => r.verdict === 'apart')).toMatchObject({ axis: 'bed', id: 'lost-motion' });
    expect(settings.find((s) => s.number === 101)!.from).toBe('measured');
    expect(JSON.parse(JSON.stringify({ trials, held, settings }))).toEqual({ trials, held, settings });
    // Plain data: it goes out as JSON.
    expect(JSON.parse(JSON.stringify(sheets))).toEqual(sheets);
  });
});
