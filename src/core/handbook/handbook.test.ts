import katex from 'katex';
import { describe, expect, it } from 'vitest';
import { quantity } from '@/core/units';
import { texOf, texWithNumbers } from '@/core/worksheet';
import { chapters, formulaById, handbookExamples, formulas, searchFormulas } from '.';

const exampleOf = handbookExamples();

describe('the handbook', () => {
  it('has every formula once, each in a chapter, each found by its id', () => {
    expect(chapters.flatMap((c) => c.formulas)).toHaveLength(formulas.length);
    for (const f of formulas) {
      expect(f.id).toMatch(/^[a-z]+\/[a-z0-9-]+$/);
      expect(formulaById(f.id)).toBe(f);
    }
  });
  it.each(formulas.map((f) => [f.id, f] as const))(
    '%s: its example gives a number, and symbols and numbers are set without an error',
    (_id, formula) => {
      const inputs = exampleOf(formula);
      for (const [name, symbol] of Object.entries(formula.symbols))
        expect(Number.isNaN(inputs[name] ?? quantity(symbol.kind, NaN)), name).toBe(false);
      const value = formula.evaluate(inputs as never);
      expect(Number.isFinite(value)).toBe(true);
      for (const tex of [
        texOf(formula),
        texWithNumbers({ key: 'x', formula, inputs, sources: {}, value }, 'metric'),
        ...Object.values(formula.symbols).map((s) => s.tex),
      ])
        expect(
          () => katex.renderToString(tex, { throwOnError: true, strict: false, displayMode: true }),
          tex,
        ).not.toThrow();
    },
  );
  it('is searched by words of the trade, of sources and of symbols', () => {
    expect(searchFormulas('whip').map((f) => f.id)).toContain('screw/critical-speed');
    expect(searchFormulas('ISO 606').map((f) => f.id)).toContain('chain/pitch-diameter');
    expect(searchFormulas('lewis tooth').map((f) => f.id)).toContain('rack/lewis-force');
    expect(searchFormulas('')).toHaveLength(formulas.length);
    expect(searchFormulas('zeppelin')).toEqual([]);
  });
});
