import { describe, expect, it } from 'vitest';
import { projectFileName, readProjectFile, readProjectValue, writeProjectFile } from '@/core/formats';
import { demoProject, demoText, withSi } from '@test/helpers/demo';
import {
  applyEdits,
  type Axis,
  axisFields,
  axisIssues,
  type Doc,
  fieldRuleAt,
  getAt,
  guess,
  halfWidth,
  isMeasure,
  migrate,
  projectJsonSchema,
  setAt,
  startingAxis,
  startingDrive,
  startingMotor,
  startingReducer,
  startingThread,
  VERSION,
} from '.';

const demo = () => JSON.parse(demoText) as Record<string, unknown>;
/** What is wrong with a document, whether it opens to be mended or not at all. */
const issuesOf = (value: unknown) => readProjectValue(value).issues;
/** Every leaf of a tree as a dotted path. */
const leaves = (value: unknown, path: string[] = []): string[] =>
  typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([k, v]) => leaves(v, [...path, k]))
    : [path.join('.')];

describe('a project file', () => {
  it('comes back as it went', () => {
    const opened = readProjectFile(writeProjectFile(demoProject()));
    expect(opened).toMatchObject({ ok: true, from: VERSION });
    if (opened.ok) expect(opened.project).toEqual(demoProject());
    expect(readProjectFile(`\uFEFF${demoText}`).ok).toBe(true);
  });

  it.each([
    ['', 'not-json'],
    ['{', 'not-json'],
    ['[]', 'not-an-object'],
    ['{"a":1}', 'foreign'],
    ['{"format":"other-format","version":1}', 'foreign'],
    ['{"format":"rugged-carriage-machine","version":99}', 'newer'],
    ['{"format":"rugged-carriage-machine"}', 'bad-version'],
  ] as const)('%s is %s', (text, code) => {
    const opened = readProjectFile(text);
    expect(opened).toMatchObject({ ok: false, issues: [{ code }] });
  });

  it('names the field, what was read and the range that is wanted', () => {
    const broken = setAt(setAt(demo(), 'axes.0.drive.lead.si', -3), 'axes.0.drive.lead.typed', '-3000 mm');
    const [issue] = issuesOf(broken);
    expect(issue).toMatchObject({ code: 'too-small', path: ['axes', 0, 'drive', 'lead', 'si'], read: '-3' });
    expect(issue!.field).toMatchObject({ kind: 'linearPerTurn', max: 0.2 });
  });

  it('refuses a typed text and an SI value that say different things', () => {
    expect(issuesOf(setAt(demo(), 'axes.0.demands.travel.si', 2.6))[0]).toMatchObject({
      code: 'typed-disagrees',
      path: ['axes', 0, 'demands', 'travel', 'typed'],
    });
    expect(issuesOf(setAt(demo(), 'axes.0.demands.travel.typed', '3 kg'))[0]).toMatchObject({
      code: 'unreadable',
    });
  });

  it('refuses unknown fields, wrong variants, two axes of one id', () => {
    expect(issuesOf({ ...demo(), surprise: 1 })[0]).toMatchObject({
      code: 'unknown-field',
      read: 'surprise',
    });
    expect(issuesOf(setAt(demo(), 'axes.0.drive.kind', 'rope'))[0]!.path).toEqual([
      'axes',
      0,
      'drive',
      'kind',
    ]);
    expect(issuesOf(setAt(demo(), 'axes.1.id', 'bed'))[0]).toMatchObject({
      code: 'id-twice',
      path: ['axes', 1, 'id'],
    });
  });

  it('keeps out of nesting without end and prototype tricks', () => {
    expect(readProjectFile('['.repeat(100_000) + ']'.repeat(100_000)).ok).toBe(false);
    const deep = `${'{"a":'.repeat(500)}1${'}'.repeat(500)}`;
    expect(readProjectFile(deep)).toMatchObject({ ok: false, issues: [{ code: 'too-deep' }] });
    readProjectFile(demoText.replace('"version"', '"__proto__": {"polluted": true}, "version"'));
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });

  it('refuses a document of more than 5 MB, and any file of more than 80 MB unread', () => {
    const document = ' '.repeat(5 * 1024 * 1024) + demoText;
    expect(readProjectFile(document)).toMatchObject({ ok: false, issues: [{ code: 'file-too-large' }] });
    expect(readProjectFile(' '.repeat(80 * 1024 * 1024 + 1))).toMatchObject({
      ok: false,
      issues: [{ code: 'file-too-large', params: { most: 80 * 1024 * 1024 } }],
    });
  });

  it('makes a safe file name', () => {
    expect(projectFileName({ name: 'Tern Creek kayak router' })).toBe('tern-creek-kayak-router.machine.json');
    expect(projectFileName({ name: '../../<b>Ü ber</b>' })).toBe('b-u-ber-b.machine.json');
    expect(projectFileName({ name: '日本' })).toBe('machine.machine.json');
  });
});

describe('migrations', () => {
  const old = { format: 'rugged-carriage-machine', version: 1, a: 1 };
  it('run in steps of one and leave the original alone', () => {
    // Two slices: each gives its own fields anew, and both see the document as it was.
    const one = { 1: (d: Doc) => ({ b: d.a }), 2: (d: Doc) => ({ c: d.b }) };
    const two = { 1: (d: Doc) => ({ d: d.b === undefined }) };
    expect(migrate(old, [one, two], 3)).toEqual({
      ok: true,
      from: 1,
      document: { ...old, version: 3, b: 1, c: 1, d: true },
    });
    expect(old).toEqual({ format: 'rugged-carriage-machine', version: 1, a: 1 });
  });
  it('keep the cause where one fails or is missing', () => {
    expect(
      migrate(
        old,
        [
          {
            1: () => {
              throw new Error('no lead');
            },
          },
        ],
        2,
      ),
    ).toMatchObject({ ok: false, issue: { code: 'migration-failed', params: { at: 1 } } });
    expect(migrate(old, [], 2)).toMatchObject({ ok: false, issue: { code: 'no-migration' } });
  });
});

describe('rules between fields', () => {
  const bed = demoProject().axes[0]!;
  it.each([
    ['root-not-below-nominal', { 'drive.rootDiameter': 0.016 }],
    ['root-too-deep', { 'drive.rootDiameter': 0.007 }],
    ['thread-deeper-than-pitch', { 'drive.lead': 0.001 }],
    ['travel-beyond-bearings', { 'demands.travel': 2.9, 'drive.nutOffset': 0 }],
    ['nut-beyond-bearing', { 'drive.nutOffset': 0.4 }],
    ['voltage-above-driver', { 'supply.voltage': 80 }],
    ['current-above-driver', { 'driver.setCurrent': 8 }],
    ['feed-above-rapid', { 'demands.feed': 0.5 }],
  ] as const)('%s', (code, values) => {
    const issues = axisIssues(withSi(bed, values), Object.keys(values)[0]);
    expect(issues.map((i) => i.code)).toContain(code);
    expect(issues.find((i) => i.code === code)!.path.join('.')).toBe(Object.keys(values)[0]);
  });
  it('a screw free at one end and only supported at the other is refused', () => {
    expect(
      axisIssues({ ...bed, drive: { ...bed.drive, motorEnd: 'supported', farEnd: 'free' } })[0],
    ).toMatchObject({ code: 'loose-free-screw' });
    expect(axisIssues(bed)).toEqual([]);
  });
});

describe('paths, fields and doubt', () => {
  it('every measured leaf of the demo has a rule, and every rule a leaf somewhere', () => {
    const seen = new Set<string>();
    const base = startingAxis('bed', 'any', { axis: 'Bed', body: 'All' });
    const kinds = [
      ...demoProject().axes,
      base,
      ...(['rack', 'belt', 'chain'] as const).map((kind) => ({
        ...base,
        drive: {
          ...startingDrive(kind, 1),
          crossShaft: { diameter: guess('length', '20 mm'), length: guess('length', '1 m') },
        } as Axis['drive'],
      })),
      ...(['servo', 'geared'] as const).map((kind) => ({ ...base, motor: startingMotor(kind) })),
      {
        ...base,
        reducer: {
          ...startingReducer('belt', 2),
          pulleys: {
            motorTeeth: guess('count', '20'),
            driveTeeth: guess('count', '40'),
            pitch: guess('length', '5 mm'),
            centreDistance: guess('length', '150 mm'),
            lineMass: guess('linearDensity', '60 g/m'),
          },
        },
      },
      {
        ...base,
        guide: { ...base.guide, plate: { material: 'aluminium', thickness: guess('length', '12 mm') } },
        drive: {
          ...base.drive,
          thread: startingThread('sliding', 0.016),
        } as Axis['drive'],
      },
      { ...base, motor: startingMotor('hand'), drive: startingDrive('crank', 0.1) },
    ];
    for (const axis of kinds)
      for (const path of leaves(axis)
        .filter((p) => p.endsWith('.si'))
        .map((p) => p.slice(0, -3))) {
        expect(fieldRuleAt(path), path).toBeDefined();
        seen.add(path);
      }
    for (const [path, rule] of Object.entries(axisFields as Record<string, { optional?: boolean }>))
      expect(
        seen.has(path) || rule.optional || path.includes('.N.') || path === 'motor.curve.voltage',
        path,
      ).toBe(true);
  });
  it('sets one value and shares the rest; a path that leads nowhere is an error of ours', () => {
    const project = demoProject();
    const next = setAt(project, 'axes.1.name', 'Cross axis');
    expect(next.axes[0]).toBe(project.axes[0]);
    expect(getAt(next, 'axes.1.name')).toBe('Cross axis');
    expect(getAt(next, 'axes.9.name')).toBeUndefined();
    expect(() => setAt(project, 'axes.0.nothing', 1)).toThrow(RangeError);
    expect(() => setAt(project, '__proto__.x', 1)).toThrow(RangeError);
    expect(
      applyEdits(project, [
        { path: 'name', value: 'A' },
        { path: 'note', value: 'B' },
      ]),
    ).toMatchObject({ name: 'A', note: 'B' });
  });
  it('takes the doubt from the basis unless it is stated', () => {
    const lead = demoProject().axes[0]!.drive.lead;
    expect(isMeasure(lead)).toBe(true);
    expect(halfWidth(lead)).toBeCloseTo(0.005 * 0.01, 12);
    expect(halfWidth({ ...lead, spread: { by: 'absolute', halfWidth: 1e-4 } })).toBe(1e-4);
    expect(halfWidth({ ...lead, spread: { by: 'relative', halfWidth: 0.1 } })).toBeCloseTo(0.0005, 12);
  });
  it('publishes a JSON Schema that names format and version', () => {
    expect(JSON.stringify(projectJsonSchema())).toMatch(/rugged-carriage-machine/);
    // Ranges are published too: travel is above 0 and at most 30 m.
    expect(JSON.stringify(projectJsonSchema())).toContain('"exclusiveMinimum":0,"maximum":30');
    expect(projectJsonSchema()).toMatchObject({
      $schema: 'https://json-schema.org/draft/2020-12/schema',
      type: 'object',
    });
  });
});
