import { describe, expect, it } from 'vitest';
import { arrangements, type Project } from '@/core/model';
import {
  heldRows,
  proveFindings,
  provingOf,
  settingsOf,
  trialCells,
  trialPlans,
  trialsOf,
} from '@/core/prove';
import { demoMachines } from '@/demo';
import {
  findingText,
  foretoldNames,
  linkName,
  settingNames,
  settingText,
  trialColumnName,
  trialFigureName,
  trialHow,
  trialNoteText,
  trialPair,
  trialRowName,
  trialText,
  trialTitle,
} from '.';

const demos = demoMachines() as readonly Project[];
/** A name that is still the code it stands for. */
const bare = /^[a-z]+(-[a-z0-9]+)*$/;
const mentions = /undefined|NaN|null/;

describe('words of first motion and proof', () => {
  it('every trial, row and column of every arrangement has its words, in both systems', () => {
    for (const demo of demos)
      for (const arrangement of arrangements)
        for (const plan of trialPlans({ ...demo, brief: { ...demo.brief, arrangement } })) {
          expect(trialTitle(plan.key, 'Bed')).not.toMatch(bare);
          expect(trialHow[plan.kind].length).toBeGreaterThan(30);
          for (const { row, column } of trialCells(plan))
            for (const system of ['metric', 'imperial'] as const) {
              const name = trialRowName(plan, row, system);
              expect([plan.key, row.id, name]).toEqual([plan.key, row.id, expect.not.stringMatching(bare)]);
              expect(name).not.toMatch(mentions);
              if (column) expect(trialColumnName(column)).not.toMatch(/-\d/);
            }
        }
  });
  it('rows are named by their figure or their words', () => {
    const row = (kind: 'ply-square' | 'spindle', id: string) =>
      trialRowName({ kind }, { id, of: 'length', at: null, optional: false }, 'metric');
    expect(row('ply-square', 'near')).toBe('Near side, 1 to 2');
    expect(row('spindle', 'near')).toBe('Runout at the collet');
    const at = { kind: 'time', value: 600 } as const;
    const minute = { id: 'minute-3', of: 'length', at, optional: false } as const;
    expect(trialRowName({ kind: 'warm-up' }, minute, 'metric')).toBe('After 600 s');
    expect(trialColumnName('up-3')).toBe('↑ 3');
    expect(trialColumnName('run-2')).toBe('run 2');
    expect(linkName('nut-carriage')).toBe('nut to carriage');
    expect(trialFigureName('link-motor')).toBe('Lost, at the motor');
  });
  it('figures of the demos, their notes, findings and settings read whole', () => {
    for (const demo of demos) {
      const trials = trialsOf(demo);
      const texts = trials.trials.flatMap(({ last }) => [
        ...(last?.result.figures ?? []).map(
          (f) => `${trialFigureName(f.id)} ${trialText(f.of, f.value, 'metric')}`,
        ),
        ...(last?.result.notes ?? []).map((n) => trialNoteText(n, 'imperial')),
      ]);
      const settings = settingsOf(demo, trials).map(
        (s) => `${settingNames[s.id]} ${settingText(s, 'metric')}`,
      );
      const found = proveFindings(provingOf(demo)).flatMap((f) => {
        const { title, lines } = findingText(f, 'imperial');
        return [title, ...lines];
      });
      for (const text of [...texts, ...settings, ...found]) expect(text).not.toMatch(mentions);
    }
  });
  it('a contradiction is told with both figures and both doubts', () => {
    const [tern] = demos;
    const finding = proveFindings(provingOf(tern!)).find((f) => f.code === 'proof-apart')!;
    const { title, lines } = findingText(finding, 'metric');
    expect(title).toBe('Plan and proof disagree: Bed axis, lost motion');
    expect(lines[0]).toMatch(/Measured 123 µm ± 7\.8 µm, foretold 8\.96 µm ± /);
    const gate = findingText(
      proveFindings(provingOf(demos[1]!)).find((f) => f.code === 'not-tried-slow')!,
      'metric',
    );
    expect(gate.title).toContain('Square by plasma');
    const failed = findingText(
      proveFindings(provingOf(demos[2]!)).find((f) => f.code === 'trial-failed')!,
      'metric',
    );
    expect([failed.title, ...failed.lines]).toEqual([
      'Failed: Track axis: First move: way and distance',
      'Not so: Plus moved the tool towards plus.',
    ]);
  });
  it('a figure and its doubt share one unit', () => {
    expect(trialPair('length', 1.234e-4, 5.6e-6, 'metric')).toBe('123 ± 5.6 µm');
    expect(trialPair('torque', 1.0412, 0.0773, 'metric')).toBe('1.04 ± 0.077 N·m');
    expect(trialPair('ratio', 0.5, 0.01, 'metric')).toBe('0.5 ± 0.01');
    expect(trialPair('length', 0.2, 1e-5, 'imperial')).toMatch(/^7\.87 ± 0\.00039 in$/);
  });
  it('every answer that can be measured has a name', () => {
    for (const row of heldRows(demos[0]!, trialsOf(demos[0]!))) expect(foretoldNames[row.id]).toBeTruthy();
  });
});
