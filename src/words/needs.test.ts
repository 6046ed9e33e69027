import { describe, expect, it } from 'vitest';
import {
  type BuildCode,
  buildChecks,
  buildContext,
  type BuildFinding,
  type NeedKind,
  needKinds,
  type NeedParams,
} from '@/core/build';
import { listColumns, readListCsv } from '@/core/formats';
import { machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import {
  findingText,
  lineName,
  lineNameOf,
  listFaultText,
  listRows,
  needName,
  ownerName,
  sectionName,
} from '.';

const systems = ['metric', 'imperial'] as const;
const bad = /undefined|NaN|Infinity|\[object|(^|\D)-1\b/;
const demos = demoMachines();
const contexts = demos.map((p) => buildContext(p, machineReport(p, { remedies: false }).axes, '2026-11-27'));

/** Everything that any need may carry, said. */
const said: NeedParams = {
  diameter: 0.016,
  lead: 0.005,
  length: 1.4,
  form: 'ball',
  bore: 0.012,
  module: 0.0015,
  helix: 0.34,
  width: 0.015,
  teeth: 20,
  pitch: 0.005,
  pieces: 2,
  ratio: 3,
  what: 'stepper',
  torque: 2.2,
  size: 0.015,
  guide: 'profile',
  row: 'short',
  thread: 'M5',
  head: 'cap',
  plate: 'Saddle plate',
  group: 'Carriages',
  of: 'nut',
  side: 'near',
  links: 40,
  radius: 0.05,
  each: 2.4,
  count: 2,
  travel: 0.8,
  axes: 3,
  voltage: 48,
  power: 600,
  section: 'rect-tube',
  height: 0.08,
  wall: 0.003,
  material: 'steel',
  along: 0.2,
  across: 0.1,
  thickness: 0.012,
};

/** The same where nothing is said that need not be. */
const bare: NeedParams = {
  ...said,
  ...Object.fromEntries(
    ['length', 'bore', 'size', 'each', 'diameter', 'thickness', 'along', 'radius', 'power'].map((k) => [
      k,
      -1,
    ]),
  ),
  thread: '',
  row: '',
};

describe('words of what a machine is made of', () => {
  it.each(systems)(
    'every kind has a name with its figures, and one where nothing is known (%s)',
    (system) => {
      for (const kind of needKinds) {
        for (const params of [said, { ...said, name: 'Own name' }, bare]) {
          const name = needName(kind, params, system);
          expect(name, kind).not.toMatch(bad);
          expect(name.length, kind).toBeGreaterThan(2);
        }
        expect(sectionName(kind, said, system), kind).not.toMatch(bad);
      }
    },
  );
  it('sizes of parts stay what they are called by; lengths follow the sheet', () => {
    expect(needName('ball-screw', said, 'metric')).toBe('Ball screw 16 × 5, 1400 mm');
    expect(needName('ball-screw', said, 'imperial')).toBe('Ball screw 16 × 5, 55.118 in');
    expect(needName('screw', { ...said, length: 0.016 }, 'imperial')).toMatch(/^M5 × 16 cap head/);
    expect(
      needName('sliding-screw', { ...said, form: 'acme', diameter: 0.0127, lead: 0.00254 }, 'imperial'),
    ).toMatch(/^Acme screw 0\.5 in × 0\.1 in/);
  });
  it('a bar is called by what it is a bar of, whatever is sawn out of it', () => {
    expect(needName('rail', { ...said, bar: 2 }, 'metric')).toBe('Rail 15, bar of 2000 mm');
    const tube = { section: 'rect-tube', height: 0.08, width: 0.04, wall: 0.003, material: 'steel' };
    expect(sectionName('member', tube, 'metric')).toBe('Tube 80 × 40 × 3 mm, steel');
    expect(sectionName('member', { ...tube, mitre: 0.04 }, 'metric')).toMatch(/mitred$/);
    expect(sectionName('member', { text: 'Angle 40' }, 'metric')).toBe('Angle 40');
  });
  it('every line of every demo reads well, whose it is too', () => {
    contexts.forEach(({ lines, project }) => {
      for (const line of lines) {
        for (const system of systems) expect(lineName(line, system), line.key).not.toMatch(bad);
        expect(ownerName(project, line.owner)).not.toMatch(/gone/);
      }
      for (const row of listRows(project, lines, 'metric')) expect(row.part.length).toBeLessThanOrEqual(120);
    });
  });
  it('what is asked no more is still called by what it was', () => {
    const spec = JSON.stringify({ size: 0.015, guide: 'profile', length: 1.4 });
    expect(lineNameOf({ kind: 'rail', own: '', spec }, 'metric')).toBe('Rail 15, 1400 mm');
    expect(lineNameOf({ kind: 'rail', own: 'Left rail', spec }, 'metric')).toBe('Left rail');
    expect(lineNameOf({ kind: '', own: '', spec: 'no JSON' }, 'metric')).toBe(
      'A part that is asked for no more',
    );
  });
});

describe('words of what is found of the build', () => {
  const params = {
    key: 'gantry/rail',
    kind: 'rail' satisfies NeedKind,
    own: '',
    spec: JSON.stringify({ size: 0.015, guide: 'profile', length: 1.52 }),
    was: JSON.stringify({ size: 0.015, guide: 'profile', length: 1.4 }),
    section: 'rail profile 15',
    count: 2,
    length: 1.52,
    bars: 1,
    bar: 2,
    due: '2026-12-09',
    overdue: 0,
    after: 5,
    note: '',
    more: 3,
    by: 'piece',
    days: 150,
    low: 10,
    high: 30,
    paid: 100,
    basket: 200,
    like: 50,
    likes: 3,
    unknown: 2,
  };
  const found = (code: BuildCode, verdict: BuildFinding['verdict']): BuildFinding => ({
    code,
    verdict,
    path: 'partLines',
    kind: 'count',
    value: 350,
    limit: 300,
    params,
    axisId: null,
    remedies: [],
  });
  it('every check says what it found, in both systems and at every verdict', () => {
    for (const { code } of buildChecks)
      for (const verdict of ['gives-out', 'thin', 'not-known'] as const)
        for (const system of systems) {
          const { title, lines, big = '' } = findingText(found(code, verdict), system);
          expect([title, big, ...lines].join(' '), code).not.toMatch(bad);
          expect(title.length, code).toBeGreaterThan(8);
          expect(lines.length, code).toBeGreaterThan(0);
        }
  });
  it('says what was ordered and what is asked now', () => {
    const { title, lines } = findingText(found('part-changed', 'gives-out'), 'metric');
    expect(title).toBe('Rail 15, 1520 mm is not what was ordered');
    expect(lines[0]).toMatch(/^Ordered: Rail 15, 1400 mm\./);
  });
  it('every demo has a late part and a spoilt piece, and the tool says so', () => {
    for (const { project, today } of contexts as readonly { project: Project; today: string }[]) {
      const context = contexts.find((c) => c.project === project)!;
      const codes = buildChecks.flatMap((c) => [c.judge(context)].flat()).map((f) => f?.code);
      expect(codes, `${project.name} on ${today}`).toEqual(
        expect.arrayContaining(['part-late', 'cut-spoilt']),
      );
    }
  });
});

describe('a list that is not taken', () => {
  it('is told by line and column, what was read and what is wanted', () => {
    const fault = (text: string) => {
      const read = readListCsv(text);
      if (read.ok) throw new Error('it was taken');
      return listFaultText(read);
    };
    expect(fault('part,need\nNut,two')).toBe(
      'Line 2, need: read “two”; wanted a number, or nothing. Nothing was taken.',
    );
    expect(fault('part,state\nNut,lost')).toMatch(/one of to-buy, on-hand/);
    expect(fault('thing\nNut')).toContain(listColumns.join(', '));
  });
});
