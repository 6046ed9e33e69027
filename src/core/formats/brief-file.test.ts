import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoText } from '@test/helpers/demo';
import { readBriefFile } from '.';

const NOW = '2026-11-28T00:00:00.000Z';
const read = (value: unknown) => readBriefFile(JSON.stringify(value), NOW);
const good = (value: unknown) => {
  const opened = read(value);
  expect(opened.ok ? [] : opened.issues).toEqual([]);
  return opened.ok ? opened.project.brief : null!;
};

describe('a brief that was typed', () => {
  it('may say nothing at all', () => {
    expect(good({})).toMatchObject({ cuts: [], wishes: { arrange: 'propose', job: null } });
  });
  it('has texts for measures, in whatever unit', () => {
    const brief = good({ job: 'board', area: { length: '8 ft', width: '1250 mm' }, budget: 2600 });
    expect(brief.area.length).toMatchObject({ typed: '8 ft', basis: 'estimate' });
    // A foot is 0.3048 m (NIST SP 811).
    expect(brief.area.length!.si).toBeCloseTo(2.4384, 12);
    expect(brief.area.height).toBeNull();
    expect([brief.budget, brief.wishes.job]).toEqual([2600, 'board']);
  });
  it('an arrangement that is named is wanted', () => {
    expect(good({ arrangement: 'moving-table' }).wishes.arrange).toBe('said');
    expect(good({ arrangement: 'moving-table', arrange: 'propose' }).wishes.arrange).toBe('propose');
  });
  it('a cut is as such cuts are, but for what was said of it', () => {
    const [cut] = good({
      cuts: [{ stock: 'aluminium', diameter: '4 mm', width: '4 mm', depth: '1 mm' }],
    }).cuts;
    expect(cut).toMatchObject({ kind: 'mill', stock: 'aluminium', diameter: { typed: '4 mm' } });
    expect(cut).toMatchObject({ kc11: { typed: '750 MPa' }, flutes: { basis: 'ours' } });
  });
  it('a whole machine is read as one', () => {
    const opened = readBriefFile(demoText, NOW);
    expect(opened.ok && opened.project.axes.length).toBeGreaterThan(0);
  });
  it.each([
    ['a length that is none', { area: { length: 'long' } }, 'brief.area.length.typed'],
    ['a length beyond its range', { area: { length: '90 m' } }, 'brief.area.length.si'],
    ['a field that there is not', { colour: 'blue' }, 'brief'],
    ['a job that there is not', { job: 'cheese' }, 'brief.wishes.job'],
    ['a wrong kind of thing', { budget: 'much' }, 'brief.budget'],
    ['a cut wider than its cutter', { cuts: [{ width: '20 mm' }] }, 'brief.cuts.0.width'],
  ])('%s is refused by its name', (_, value, path) => {
    const opened = read(value);
    expect(opened.ok).toBe(false);
    expect(!opened.ok && opened.issues.map((i) => i.path.join('.'))).toContain(path);
  });
  it.each(['', 'brief', '[1]', 'null', '{"area":', '17'])('%j is no brief, and says so', (text) => {
    const opened = readBriefFile(text, NOW);
    expect(!opened.ok && opened.issues.length).toBeGreaterThan(0);
  });
  it('whatever comes, it answers with a machine or with issues', () => {
    const any = fc.anything({ maxDepth: 4, withNullPrototype: false });
    const keys = fc.constantFrom('area', 'stock', 'place', 'cuts', 'job', 'refused', 'budget', 'ownParts');
    fc.assert(
      fc.property(fc.dictionary(keys, fc.oneof(any, fc.constantFrom('1 m', '8 ft', '-3', 'NaN'))), (doc) => {
        const text = JSON.stringify(doc, (_, v: unknown) => (typeof v === 'bigint' ? String(v) : v));
        const opened = readBriefFile(text, NOW);
        if (!opened.ok) expect(opened.issues.length).toBeGreaterThan(0);
      }),
      { numRuns: 300 },
    );
  });
});
