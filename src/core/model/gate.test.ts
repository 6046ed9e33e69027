import { describe, expect, it } from 'vitest';
import { readProjectFile, readProjectValue, writeProjectFile } from '@/core/formats';
import { demoMachines } from '@/demo';
import {
  applyEdits,
  change,
  type Edit,
  guess,
  issuesBroughtIn,
  mendOf,
  type Project,
  projectIssues,
  put,
  setAt,
} from '.';

const [machine] = demoMachines() as [Project];

/** A machine that breaks rules, as it comes out of a file that somebody changed by hand. */
const broken = setAt(
  setAt(machine, 'axes.1.carriedBy', 'nobody'),
  'axes.0.demands.feed',
  guess('speed', '40 m/min'),
);

describe('the gate', () => {
  it('lets through what an import would open, and shares all that did not change', () => {
    const changed = change(machine, [put('axes.1.demands.rapid', guess('speed', '10 m/min'))]);
    if (!changed.ok) throw new Error('refused');
    expect(changed.project.axes[1]!.demands.rapid.si).toBeCloseTo(10 / 60, 12);
    expect(changed.project.axes[0]).toBe(machine.axes[0]);
    expect(changed.project.brief).toBe(machine.brief);
    expect(readProjectValue(JSON.parse(JSON.stringify(changed.project)))).toMatchObject({
      ok: true,
      issues: [],
    });
  });
  it('refuses what the exported file could not hold, and lets it be made smaller again', () => {
    const part = (i: number) => ({
      id: `p${i}`,
      family: 'motor',
      name: 'é'.repeat(70),
      values: Object.fromEntries(Array.from({ length: 12 }, (_, j) => [`v${j}`, 'é'.repeat(70)])),
      price: null,
      onHand: 0,
      note: '',
    });
    const parts = (n: number): Edit[] => [
      { path: 'ownParts', value: Array.from({ length: n }, (_, i) => part(i)) as never },
    ];
    expect(change(machine, parts(300)).ok).toBe(true);
    const refused = change(machine, parts(600));
    expect(refused).toMatchObject({ ok: false, issues: [{ code: 'part-too-large', path: ['ownParts'] }] });
    // One that came in larger, by a file, may shrink step by step.
    const large = applyEdits(machine, parts(600));
    expect(change(large, parts(590)).ok).toBe(true);
    // One that came in so large that no more would be read: any field may shrink, none may grow.
    const huge = applyEdits(machine, parts(2800));
    expect(change(huge, [put('note', `${huge.note} a word more`)])).toMatchObject({
      ok: false,
      issues: [{ path: [] }],
    });
    expect(change(huge, [put('note', '')]).ok).toBe(true);
    // As large as may be in every field at once, it can be read again.
    const full = applyEdits(machine, parts(400));
    expect(readProjectFile(writeProjectFile(full)).ok).toBe(true);
  });
  it.each<readonly [string, Edit[], string, string]>([
    [
      'a range',
      [put('axes.0.demands.travel', guess('length', '400 m'))],
      'too-large',
      'axes.0.demands.travel.si',
    ],
    [
      'typed and SI that disagree',
      [put('axes.0.demands.travel', { ...guess('length', '2 m'), si: 3 as never })],
      'typed-disagrees',
      'axes.0.demands.travel.typed',
    ],
    ['a word that is none', [{ path: 'brief.work', value: 'baking' }], 'wrong-value', 'brief.work'],
    ['a list that is too short', [{ path: 'axes', value: [] }], 'wrong-length', 'axes'],
    ['a name without letters', [put('name', '')], 'wrong-length', 'name'],
    ['a field that is none', [{ path: 'brief.place', value: { cellar: 1 } }], 'unknown-field', 'brief.place'],
    [
      'a kind of a thing that is none',
      [{ path: 'axes.0.drive', value: { kind: 'rope' } }],
      'wrong-variant',
      '',
    ],
    [
      'a rule between two inputs',
      [put('axes.0.demands.feed', guess('speed', '40 m/min'))],
      'feed-above-rapid',
      '',
    ],
    ['a ring of axes', [put('axes.0.carriedBy', 'plunge')], 'rides-on-itself', 'axes.0.carriedBy'],
    ['one id for two rows', [put('axes.1.id', 'bed')], 'id-twice', 'axes.1.id'],
    ['a place that is gone', [{ path: 'axes.9.name', value: 'Ghost' }], 'no-such-place', 'axes.9.name'],
  ])('refuses %s with its place', (_, edits, code, path) => {
    const changed = change(machine, edits, edits[0]!.path);
    expect(changed.ok).toBe(false);
    if (changed.ok) return;
    expect(changed.issues.map((i) => i.code)).toContain(code);
    if (path) expect(changed.issues.map((i) => i.path.join('.'))).toContain(path);
  });
  it('asks a rule only of what a change brings in: a broken machine is mended step by step', () => {
    expect(
      projectIssues(broken)
        .map((i) => i.code)
        .sort(),
    ).toEqual(['feed-above-rapid', 'rides-on-nothing']);
    const note = change(broken, [put('note', 'one thing at a time')]);
    expect(note.ok).toBe(true);
    const first = change(broken, [put('axes.1.carriedBy', 'bed')]);
    expect(first.ok && projectIssues(first.project).map((i) => i.code)).toEqual(['feed-above-rapid']);
    // A new fault is still one.
    const worse = change(broken, [put('axes.2.carriedBy', 'nobody')]);
    expect(worse.ok).toBe(false);
  });
  it('finds between two states what it finds in an edit', () => {
    expect(
      issuesBroughtIn(machine, broken)
        .map((i) => i.code)
        .sort(),
    ).toEqual(['feed-above-rapid', 'rides-on-nothing']);
    expect(issuesBroughtIn(broken, machine)).toEqual([]);
    expect(issuesBroughtIn(broken, broken)).toEqual([]);
  });
  it('takes a part of another kind as a whole', () => {
    const changed = change(machine, [
      put('axes.0.drive', machine.axes[1]!.drive),
      put('axes.0.demands.travel', guess('length', '1 m')),
    ]);
    expect(changed.ok).toBe(true);
    expect(changed.ok && changed.project.axes[0]!.drive.kind).toBe('screw');
  });
});

describe('a document that breaks rules', () => {
  it('opens with its issues instead of being shut away', () => {
    const opened = readProjectFile(JSON.stringify(broken));
    expect(opened).toMatchObject({ ok: true, project: broken });
    expect(opened.issues).toHaveLength(2);
  });
  it('is mended by one press where that can be', () => {
    const rope = { ...machine.axes[0]!, id: 'bed' };
    const bad = setAt(broken, 'axes', [...broken.axes, rope]);
    let now = bad;
    for (const issue of projectIssues(bad)) {
      const edits = mendOf(now, issue);
      if (!edits) continue;
      const mended = change(now, edits);
      expect(mended.ok, issue.code).toBe(true);
      if (mended.ok) now = mended.project;
    }
    // What stands in a measured field is typed over, not guessed.
    expect(projectIssues(now).map((i) => i.code)).toEqual(['feed-above-rapid']);
  });
});
