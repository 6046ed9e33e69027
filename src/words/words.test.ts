import { describe, expect, it } from 'vitest';
import { readProjectFile } from '@/core/formats';
import {
  type AnyFinding,
  axisChecks,
  axisRemedyCodes,
  type Caution,
  driveStiffnessOf,
  frameRemedyCodes,
  frameTrials,
  machineChecks,
  machineReport,
  type NextStep,
} from '@/core/machine';
import { applyEdits, guess, projectFields, startingProject } from '@/core/model';
import { demoMachines } from '@/demo';
import { demoText } from '@test/helpers/demo';
import {
  bodyName,
  inputLabel,
  cautionText,
  explainIssue,
  findingText,
  inputText,
  micro,
  newNames,
  nextText,
  givingName,
  refusalText,
  remedyText,
  roleNames,
  stiffnessText,
} from '.';
import { ruleCodes, ruleText } from './rules';
import { tellerOf } from './teller';

const bad = /NaN|undefined|not a number|\[object/;
const systems = ['metric', 'imperial'] as const;
const put = (path: string, value: unknown) => ({ path, value: value as never });

/** Parameters of any finding or remedy: figures where it wants figures, words where it wants words. */
const params = new Proxy({} as Record<string, number | string>, {
  get: (_, name) => {
    if (name === 'way') return 'x';
    if (name === 'near' || name === 'far' || name === 'part') return 'rail';
    if (name === 'first') return 'fit.nut';
    if (name === 'belt') return 'v-belt';
    if (name === 'bearing') return 'insert';
    return ['axis', 'cut', 'biggest', 'name', 'end', 'kind'].includes(String(name)) ? 'flex' : 0.4;
  },
  has: () => true,
});

/** A finding of which only figures and verdict count. */
const someFinding = {
  code: 'whip',
  axisId: null,
  kind: 'speed',
  value: 1,
  limit: 1,
  verdict: 'thin',
  remedies: [],
  params: {},
  line: null,
} as unknown as Parameters<typeof tellerOf>[0];

/** Of each demo machine, and of the same in a tight place. */
const machines = demoMachines().flatMap((machine) => [
  machine,
  applyEdits(machine, [
    put('brief.accuracy', guess('length', '0.02 mm')),
    put('brief.power', guess('power', '100 W')),
    put('stand', []),
    put('brief.area.width', guess('length', '3 m')),
    put('brief.stock.thickness', guess('length', '300 mm')),
    put('passing.under', guess('length', '100 mm')),
    put('passing.tipDown', guess('length', '5 mm')),
    put('passing.stickOut', guess('length', '0.5 mm')),
    put('passing.second', guess('length', '80 mm')),
  ]),
]);
const reports = machines.map((m) => machineReport(m, { flex: true }));

describe('words of findings', () => {
  const codes = [...axisChecks, ...machineChecks].map((c) => c.code);
  it.each(codes)('%s has words for every verdict, in both systems', (code) => {
    for (const verdict of ['thin', 'gives-out', 'not-known'] as const)
      for (const system of systems) {
        const finding = { code, verdict, path: 'brief', value: 0.5, limit: 1, kind: 'length', params };
        const text = findingText({ ...finding, remedies: [] } as unknown as AnyFinding, system);
        expect(text.title.length).toBeGreaterThan(5);
        expect([text.title, text.big ?? '', ...text.lines].join(' ')).not.toMatch(bad);
        expect(text.lines.length).toBeGreaterThan(0);
      }
  });
  it('of every remedy that can be offered, in both systems', () => {
    for (const code of [...axisRemedyCodes, ...frameRemedyCodes])
      for (const system of systems) {
        expect(remedyText({ code, params }, system), code).not.toMatch(bad);
        expect(remedyText({ code, params }, system), code).not.toBe(code.replaceAll('-', ' '));
      }
  });
  it('of all that the demo machines bring up is complete', () => {
    const seen = new Set<string>();
    for (const [i, report] of reports.entries()) {
      const m = machines[i]!;
      const trials = m.structure ? frameTrials(m, driveStiffnessOf(m.axes, report.axes)) : [];
      const findings = [...report.findings, ...report.axes.flatMap((a) => a.findings)] as AnyFinding[];
      for (const system of systems) {
        for (const f of findings) {
          const { title, big, lines } = findingText(f, system);
          expect([title, big ?? '', ...lines].join(' '), f.code).not.toMatch(bad);
        }
        for (const r of [...findings.flatMap((f) => f.remedies), ...trials]) {
          seen.add(r.code);
          expect(remedyText(r, system), r.code).not.toMatch(bad);
        }
        for (const c of report.cautions) expect(cautionText(c, system)).not.toMatch(bad);
      }
      for (const way of ['x', 'y', 'z'] as const)
        for (const s of report.flex?.softest[way].budget ?? [])
          expect(givingName(s.id, 'moving-gantry'), s.id).not.toBe(s.id);
    }
    expect(seen.size).toBeGreaterThan(12);
  });
});

describe('words of inputs', () => {
  it('every input of the machine has a label of its own', () => {
    for (const path of Object.keys(projectFields))
      expect(inputText(path.replaceAll('.N', '.0')).label, path).not.toMatch(/\w\.[a-z]|undefined/);
  });
  it('every rule says what was read and what is wanted, in both systems', () => {
    for (const code of ruleCodes)
      for (const system of systems) {
        const { read, wanted, why } = ruleText(code, params as never, system);
        expect([read, wanted, why ?? ''].join(' '), code).not.toMatch(bad);
        expect(wanted.length, code).toBeGreaterThan(5);
      }
  });
  it('a refusal names the field by its name and speaks in the units of the sheet', () => {
    const field = { kind: 'length', above: 0, max: 2 } as const;
    const issue = {
      code: 'too-large' as const,
      path: ['axes', 0, 'demands', 'travel', 'si'],
      read: '99',
      params: {},
      field,
    };
    expect(refusalText(issue, 'metric')).toBe('Travel: read “99”; wanted above 0 mm, at most 2000 mm.');
    expect(refusalText(issue, 'imperial')).toMatch(/at most 78\.7\d* in/);
  });
});

describe('words of files that are refused', () => {
  it.each([
    ['', /JSON/],
    ['{', /JSON/],
    ['[]', /one machine/],
    ['{"a":1}', /not written by this application/],
    ['{"format":"other-format","version":1}', /other-format/],
    ['{"format":"rugged-carriage-machine","version":99}', /newer edition/],
    ['{"format":"rugged-carriage-machine"}', /version/],
    [demoText.replace('"version"', '"surprise": 1, "version"'), /surprise/],
    [demoText.replace('"name": "Bed axis"', '"name": 7'), /axes\.0\.name: read “7”/],
  ] as const)('%.40s', (text, message) => {
    const [issue] = readProjectFile(text).issues;
    expect(explainIssue(issue!)).toMatch(message);
  });
});

describe('other words', () => {
  it('every caution defers or says what to do, every next step points somewhere', () => {
    for (const code of ['lifting', 'falling-axis', 'plasma', 'spindle', 'mains', 'pinch'] as const)
      expect(
        cautionText(
          { code, params: { name: 'the beam', mass: 40, axis: 'Z', drops: 1 } } as Caution,
          'metric',
        ).length,
      ).toBeGreaterThan(40);
    expect(cautionText({ code: 'mains', params: {} }, 'metric')).toContain('licensed electrician');
    const steps = [
      'say-area',
      'say-cuts',
      'say-accuracy',
      'say-ours',
      'mend-axis',
      'mend-machine',
      'plan-structure',
    ];
    for (const code of [...steps, 'pick-parts', 'measure', 'fit'] as NextStep['code'][])
      expect(nextText({ code }, 'Bed axis').length).toBeGreaterThan(20);
  });
  it('new things have names that a file takes', () => {
    const names = { machine: newNames.machine, axis: roleNames.bed, body: newNames.body };
    const project = startingProject('a', '2026-11-26T00:00:00.000Z', names);
    expect(readProjectFile(JSON.stringify(project))).toMatchObject({ ok: true, issues: [] });
  });
  it('small lengths and stiffness are read in workshop units', () => {
    expect(micro(23.4e-6, 'metric')).toBe('23.4 µm');
    expect(micro(0.0054, 'metric')).toBe('5.4 mm');
    expect(micro(25.4e-6, 'imperial')).toBe('1 thou');
    expect(micro(0.0254, 'imperial')).toBe('1 in');
    expect(stiffnessText(1.47e6, 'metric')).toBe('1.47 N/µm');
  });
  it('beam and columns are an arm and its block where they are', () => {
    expect(givingName('column', 'moving-gantry')).toBe('Columns bend');
    expect(givingName('column', 'cantilever')).toBe('Block bends');
    expect(givingName('plunge', 'cantilever')).toBe('Plunge axis');
    const columns = { name: 'columns', from: 'structure' };
    expect(bodyName(columns, 'moving-gantry')).toBe('Columns');
    expect(bodyName(columns, 'cantilever')).toBe('Block under the arm');
    expect(bodyName({ name: 'columns', from: 'typed' }, 'cantilever')).toBe('columns');
    expect(newNames.axis('gantry', 'cantilever').axis).toBe('Arm axis');
    expect(newNames.axis('plunge', 'cantilever').axis).toBe('Plunge axis');
  });
  it('how far something is off is told as a share, and from twice the limit on as times', () => {
    const found = (value: number, limit: number) =>
      tellerOf({ ...someFinding, verdict: 'gives-out', value, limit }, 'metric');
    expect(found(98, 100).missing.big).toBe('2 % short');
    expect(found(1, 1000).missing.big).toBe('99 % short');
    expect(found(0, 10).missing.big).toBe('not at all');
    // On the other side of the limit it is not short.
    expect(found(11, 10).missing).toEqual({});
    expect(found(14.4, 10).over.big).toBe('44 % over');
    expect(found(24, 10).over.big).toBe('2.4 × the limit');
    expect(found(9, 10).over).toEqual({});
    expect(tellerOf({ ...someFinding, verdict: 'thin', value: 9, limit: 10 }, 'metric').missing).toEqual({});
  });
  it('what two parts of a train have alike is told apart where they do not stand beside it', () => {
    expect(inputLabel('axes.0.coupling.stiffness')).toBe('Torsional stiffness of the coupling');
    expect(inputLabel('axes.0.reducer.stiffness')).toBe('Torsional stiffness of the reducer');
    expect(inputLabel('axes.0.demands.rapid')).toBe('Rapid');
  });
});
