import { describe, expect, it } from 'vitest';
import {
  type Caution,
  improvements,
  type MachineFinding,
  machineCodes,
  machineReport,
  type NextStep,
} from '@/core/machine';
import { applyEdits, guess, machineRules } from '@/core/model';
import { demoMachines } from '@/demo';
import { cautionText, changeText, inputText, machineText, micro, nextText, partName, stiffnessText } from '.';

const bad = /NaN|undefined|not a number/;
const put = (path: string, value: unknown) => ({ path, value: value as never });

describe('words of the whole machine', () => {
  it.each(machineCodes)('%s has words for every verdict, in both systems', (code) => {
    const params = {
      axis: 'Bed axis',
      cut: 'Outline',
      held: 0.1,
      length: 2,
      width: 1,
      axes: 300,
      spindle: 2000,
      unpicked: 3,
      moving: 60,
      standing: 100,
      way: 'x',
      worst: 0.001,
      missing: 2,
      biggest: 'flex',
      hertz: 30,
    };
    for (const verdict of ['thin', 'gives-out', 'not-known'] as const)
      for (const system of ['metric', 'imperial'] as const) {
        const text = machineText(
          {
            code,
            verdict,
            path: 'brief',
            value: 0.5,
            limit: 1,
            kind: 'length',
            params,
            remedies: [],
          } as MachineFinding,
          system,
        );
        expect(text.title.length).toBeGreaterThan(5);
        expect([text.title, text.big ?? '', ...text.lines].join(' ')).not.toMatch(bad);
        expect(text.lines.length).toBeGreaterThan(0);
      }
  });
  it('every remedy, improvement and part of a budget that the demo machines bring up has words', () => {
    const seen = new Set<string>();
    for (const machine of demoMachines()) {
      const bent = [
        machine,
        applyEdits(machine, [
          put('brief.accuracy', guess('length', '0.02 mm')),
          put('brief.power', guess('power', '100 W')),
          put('stand', []),
          put('brief.area.width', guess('length', '3 m')),
        ]),
      ];
      for (const m of bent) {
        const report = machineReport(m, { flex: true });
        for (const f of report.findings)
          for (const r of f.remedies) {
            seen.add(r.code);
            expect(changeText(r, 'metric'), r.code).not.toBe(r.code.replaceAll('-', ' '));
          }
        for (const i of improvements(m, report.axes, 'x')) {
          seen.add(i.code);
          for (const s of ['metric', 'imperial'] as const) expect(changeText(i, s), i.code).not.toMatch(bad);
          expect(changeText(i, 'metric')).not.toBe(i.code.replaceAll('-', ' '));
        }
        for (const way of ['x', 'y', 'z'] as const)
          for (const s of report.flex!.softest[way].budget) expect(partName, s.id).toHaveProperty(s.id);
        for (const c of report.cautions) expect(cautionText(c, 'metric')).not.toMatch(bad);
      }
    }
    expect(seen.size).toBeGreaterThan(12);
  });
  it('every input of the machine has a label of its own', () => {
    for (const path of Object.keys(machineRules))
      expect(inputText(path.replaceAll('.N', '.0')).label, path).not.toMatch(/\w\.[a-z]|undefined/);
  });
  it('every caution defers or says what to do, every next step points somewhere', () => {
    for (const code of ['lifting', 'falling-axis', 'plasma', 'spindle', 'mains', 'pinch'] as const)
      expect(
        cautionText(
          { code, params: { name: 'the beam', mass: 40, axis: 'Z', drops: 1 } } as Caution,
          'metric',
        ).length,
      ).toBeGreaterThan(40);
    expect(cautionText({ code: 'mains', params: {} }, 'metric')).toContain('licensed electrician');
    for (const code of [
      'say-area',
      'say-cuts',
      'say-accuracy',
      'mend-axis',
      'mend-machine',
      'plan-structure',
      'pick-parts',
      'measure',
      'fit',
    ] as const)
      expect(nextText({ code } as NextStep, 'Bed axis').length).toBeGreaterThan(20);
  });
  it('small lengths and stiffness are read in workshop units', () => {
    expect(micro(23.4e-6, 'metric')).toBe('23.4 µm');
    expect(micro(0.0054, 'metric')).toBe('5.4 mm');
    expect(micro(25.4e-6, 'imperial')).toBe('0.001 in');
    expect(stiffnessText(1.47e6, 'metric')).toBe('1.47 N/µm');
  });
});
