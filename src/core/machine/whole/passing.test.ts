import { describe, expect, it } from 'vitest';
import { applyEdits, estimate, type Project, projectIssues, put, startingPassing } from '@/core/model';
import { machineReport } from '../report';
import { demoMachines } from '@/demo';
import { passingOf } from './passing';
import { doorWanted, footprint } from './layout';

const mm = (v: number) => estimate('length', `${v} mm`);
const kayak = { ...(demoMachines()[0] as Project), passing: startingPassing() };
const said = (fields: Record<string, number>): Project =>
  applyEdits(
    kayak,
    Object.entries(fields).map(([path, v]) => ({ path, value: mm(v) })),
  );
const finding = (project: Project, code: string) =>
  machineReport(project).findings.find((f) => f.code === code);

/** Beam 180, lowest part 160, tip 150 over the table, clamps of 20. */
const heights = { 'passing.under': 180, 'passing.lowest': 160, 'passing.tipUp': 150, 'passing.holdDown': 20 };

describe('what passes through a machine', () => {
  it('is the least of beam, lowest part and tip, clamps and air taken off', () => {
    const { thickest, missing } = passingOf(said(heights));
    expect(thickest).toEqual({ by: 'tipUp', value: expect.closeTo(0.15 - 0.02 - 0.003, 12) });
    expect(missing).toEqual([]);
    expect(passingOf(said({ ...heights, 'passing.clear': 10 })).thickest!.value).toBeCloseTo(0.12, 12);
  });
  it('nothing is asked before anybody says something', () => {
    const codes = machineReport(kayak).findings.map((f) => f.code);
    for (const code of ['passes-between', 'passes-under', 'cuts-through', 'sticks-out', 'both-reach'])
      expect(codes).not.toContain(code);
  });
  it('stock that is wider than the columns stand apart gives out, whatever the gantry travels', () => {
    const narrow = said({ 'passing.between': 1220, 'brief.stock.width': 1250 });
    const found = finding(narrow, 'passes-between')!;
    expect(found).toMatchObject({ verdict: 'gives-out', limit: 1.25 });
    expect(found.params.cut).toBeCloseTo(1.31, 9);
    const mended = applyEdits(narrow, found.remedies.find((r) => r.code === 'columns-apart')!.edits);
    expect(finding(mended, 'passes-between')).toBeUndefined();
    // Narrower stock is a smaller job: it stands last.
    expect(found.remedies.at(-1)!.code).toBe('smaller-stock');
  });
  it('stock that is too thick gives out; while a height is missing it is not known', () => {
    const thick = said({ ...heights, 'brief.stock.thickness': 140 });
    const found = finding(thick, 'passes-under')!;
    expect(found.verdict).toBe('gives-out');
    const mended = applyEdits(thick, found.remedies.find((r) => r.code === 'raise-gantry')!.edits);
    expect(passingOf(mended).thickest!.value).toBeGreaterThanOrEqual(0.14 - 1e-9);
    const open = said({ 'passing.under': 180, 'brief.stock.thickness': 100 });
    expect(finding(open, 'passes-under')!.verdict).toBe('not-known');
  });
  it('a tip that stays above the table does not cut through', () => {
    expect(finding(said({ 'passing.tipDown': 2 }), 'cuts-through')!.verdict).toBe('gives-out');
    expect(finding(said({ 'passing.tipDown': -1 }), 'cuts-through')).toBeUndefined();
    const deeper = said({ 'passing.tipDown': -1, 'passing.through': 2 });
    expect(finding(deeper, 'cuts-through')!.verdict).toBe('gives-out');
  });
  it('the holder rubs where the tool is shorter than the deepest cut', () => {
    expect(finding(said({ 'passing.stickOut': 1 }), 'sticks-out')!.verdict).toBe('gives-out');
    expect(finding(said({ 'passing.stickOut': 60 }), 'sticks-out')).toBeUndefined();
  });
  it('a second tool 100 beside leaves 100 less of width to both, whichever way', () => {
    for (const beside of [100, -100])
      expect(passingOf(said({ 'passing.second': beside })).common).toBeCloseTo(1.21, 9);
    expect(finding(said({ 'passing.second': 100 }), 'both-reach')!.verdict).toBe('gives-out');
  });
});

describe('what it takes of the room', () => {
  it('is what was measured over all, with the walls about it', () => {
    expect(footprint(said({ 'passing.outer.along': 3100, 'passing.wall': 50 })).length).toBeCloseTo(3.2, 9);
    expect(footprint(said({ 'passing.wall': 50 })).width!).toBeCloseTo(footprint(kayak).width! + 0.1, 9);
  });
  it('folded it passes a door by its smallest side', () => {
    const folded = { 'passing.folded.along': 2900, 'passing.folded.across': 700, 'passing.folded.up': 1900 };
    expect(doorWanted(said(folded))).toBeCloseTo(0.72, 9);
    expect(doorWanted(kayak)).toBeCloseTo(footprint(kayak).width!, 9);
  });
  it('all that can be said is a file that opens', () => {
    expect(projectIssues(said({ ...heights, 'passing.between': 1220 }))).toEqual([]);
    expect(projectIssues(applyEdits(kayak, [put('passing.second', mm(-100))]))).toEqual([]);
  });
});
