import { describe, expect, it } from 'vitest';
import { arrangements, handFinds, type Project, signs } from '@/core/model';
import {
  causes,
  cellsOf,
  proveFindings,
  provingOf,
  type SheetPlan,
  truingOf,
  truingPlan,
} from '@/core/prove';
import { demoMachines } from '@/demo';
import {
  causeTexts,
  cellName,
  findingText,
  handTexts,
  methodHow,
  methodNames,
  moveTexts,
  sheetTitle,
  signTexts,
  trueFigureName,
  trueText,
} from '.';

const demos = demoMachines() as [Project, Project, Project];
const plans: SheetPlan[] = demos.flatMap((demo) =>
  arrangements.flatMap((arrangement) => truingPlan({ ...demo, brief: { ...demo.brief, arrangement } })),
);

describe('words of truing', () => {
  it('every sheet has a name, every way to read it has one and says how, every reading has one', () => {
    for (const plan of plans) {
      const title = sheetTitle(plan.key, 'Bed axis');
      expect(title).not.toContain('/');
      expect(title).toMatch(/^[A-Z]/);
      for (const m of plan.methods) {
        expect(methodNames[m.id], m.id).toBeDefined();
        if (plan.kind !== 'screw' || m.id === 'dial')
          expect(methodHow(plan, m.id).length, `${plan.kind}/${m.id}`).toBeGreaterThan(20);
        for (const { name } of cellsOf(plan, m))
          if (name !== null)
            expect(cellName(plan.kind, name), `${plan.kind} ${name}`).toMatch(
              / |^(right|left|back|front|along the bed|across the bed)$|height|side/,
            );
      }
    }
  });
  it('every figure that the demos come to has a name of its own', () => {
    for (const demo of demos)
      for (const s of truingOf(demo).sheets)
        for (const f of s.last?.result.figures ?? []) expect(trueFigureName(f.id)).not.toBe(f.id);
  });
  it('moves of bolts side by side are told together', () => {
    const shim = (bolt: number, by: number) => ({ kind: 'shim', bolt, by }) as const;
    expect(moveTexts([shim(0, 1e-5), shim(1, 3e-5), shim(5, 2e-5)], 'metric')).toEqual([
      'bolts 1 to 2: shim 10 µm to 30 µm',
      'bolt 6: shim 20 µm',
    ]);
    const side = (bolt: number, by: number) => ({ kind: 'side', bolt, by }) as const;
    expect(moveTexts([side(0, -1e-5), side(1, 1e-5)], 'metric')).toEqual([
      'bolt 1: 10 µm to −',
      'bolt 2: 10 µm to +',
    ]);
    expect(moveTexts([{ kind: 'home', bolt: null, by: -0.0012 }], 'metric')[0]).toContain('−1.2 mm');
    expect(moveTexts([{ kind: 'raise', bolt: 2, by: 1e-4 }], 'metric')).toEqual(['corner 3 up 100 µm']);
    expect(moveTexts([{ kind: 'turn-left', bolt: null, by: 1e-4 }], 'metric')).toEqual([
      'turn the top 100 µm to the left',
    ]);
  });
  it('figures are told in the units of the sheet', () => {
    expect(trueText('length', 8e-5, 'metric')).toBe('80 µm');
    expect(trueText('slope', 4e-4, 'metric')).toBe('0.4 mm/m');
    expect(trueText('force', 120, 'metric')).toBe('120 N');
    expect(trueText('length', 25.4e-6, 'imperial')).toMatch(/ thou$/);
  });
  it('findings say what, how much, and what to do', () => {
    const texts = demos.flatMap((demo) =>
      proveFindings(provingOf(demo)).map((f) => findingText(f, 'metric')),
    );
    const all = texts.map((t) => [t.title, ...t.lines].join(' ')).join('\n');
    expect(all).toContain('Not true: Rail B, height');
    expect(all).toContain('Stale: Gantry ends to the table');
    expect(all).toContain('Rail B was loosened on 2026-11-22');
    expect(all).toContain('A reading stands out: Rail B, height');
    expect(all).toContain('Arm axis: pull of the belt');
    expect(all).not.toMatch(/undefined|NaN|null/);
  });
  it('every sign, cause and link has its words', () => {
    for (const sign of signs) expect(signTexts[sign].how.length).toBeGreaterThan(4);
    for (const cause of causes) expect(causeTexts[cause].cure).toMatch(/\.$/);
    for (const find of handFinds) expect(handTexts[find].length).toBeGreaterThan(6);
    expect(new Set(causes.map((c) => causeTexts[c].title)).size).toBe(causes.length);
  });
});
