import { describe, expect, it } from 'vitest';
import { formulas } from '@/core/handbook';
import { axisReport } from '@/core/machine';
import { quantity as q } from '@/core/units';
import { demoProject } from '@test/helpers/demo';
import { defineFormula, namesIn, recordingWorksheet, silentWorksheet, texOf, texWithNumbers } from '.';

const area = defineFormula({
  id: 'test/area',
  title: 'Area',
  symbols: {
    a: { kind: 'length', tex: 'a', meaning: 'side' },
    b: { kind: 'length', tex: 'b_1', meaning: 'other side' },
  },
  result: { kind: 'area', tex: 'A', meaning: 'area' },
  tex: '<a>\\cdot<b>',
  citation: { basis: 'textbook', text: 'Euclid' },
  range: 'Rectangles',
  evaluate: ({ a, b }) => a * b,
});

describe('every formula', () => {
  it('there are many', () => expect(formulas.length).toBeGreaterThan(90));
  it.each(formulas.map((f) => [f.id, f] as const))(
    '%s uses just its own symbols, cites and states its range',
    (_id, formula) => {
      const used = new Set(namesIn(formula));
      for (const name of used) expect(formula.symbols, name).toHaveProperty(name);
      for (const name of Object.keys(formula.symbols)) expect(used, `${name} is never shown`).toContain(name);
      expect(formula.citation.text.length).toBeGreaterThan(8);
      expect(formula.range.length).toBeGreaterThan(3);
      expect(texOf(formula)).not.toMatch(/<[a-zA-Z]+>/);
    },
  );
  it('has an id of its own', () => expect(new Set(formulas.map((f) => f.id)).size).toBe(formulas.length));
});

describe('worksheet', () => {
  it('records what it computes, the last line of a key', () => {
    const sheet = recordingWorksheet();
    expect(sheet.apply(area, { a: q('length', 2), b: q('length', 3) }, 'x', { a: 'typed.a' })).toBe(6);
    sheet.apply(area, { a: q('length', 2), b: q('length', 5) }, 'x');
    expect(sheet.lines).toHaveLength(1);
    expect(sheet.lines[0]).toMatchObject({ key: 'x', value: 10, inputs: { a: 2, b: 5 } });
    expect(silentWorksheet.apply(area, { a: q('length', 2), b: q('length', 3) }, 'x')).toBe(6);
    expect(silentWorksheet.lines).toHaveLength(0);
  });
  it('sets a formula in symbols and in numbers', () => {
    const sheet = recordingWorksheet();
    sheet.apply(area, { a: q('length', 0.002), b: q('length', 0.003) }, 'x');
    expect(texOf(area)).toBe(String.raw`A = a\cdotb_1`);
    expect(texWithNumbers(sheet.lines[0]!, 'metric')).toBe(
      'A = {2\\,\\text{mm}}\\cdot{3\\,\\text{mm}} = \\mathbf{6\\,\\text{mm²}}',
    );
  });
});

describe('recorded path against silent path', () => {
  it.each(demoProject().axes.map((a) => [a.name, a] as const))('%s: the same report', (_name, axis) => {
    const { working, ...recorded } = axisReport(axis, { working: true });
    expect(recorded).toEqual(axisReport(axis));
    const keys = new Set(working!.map((l) => l.key));
    const named = [
      ...recorded.ladder,
      ...recorded.accelerations,
      ...recorded.figures,
      ...Object.values(recorded.cases),
    ].map((x) => x.line);
    for (const line of [...named, ...recorded.findings.flatMap((f) => f.line ?? [])])
      expect(keys, line).toContain(line);
    for (const line of working!) {
      // Each recorded line is what its formula says, and leads on to lines that exist.
      expect(line.formula.evaluate(line.inputs as never)).toBe(line.value);
      for (const source of Object.values(line.sources))
        if (source?.startsWith('#')) expect(keys, `${line.key} <- ${source}`).toContain(source.slice(1));
    }
  });
});
