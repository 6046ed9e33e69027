import { describe, expect, it } from 'vitest';
import { rangeInWords } from '.';

describe('a range in words', () => {
  it('is said in the units of the sheet', () => {
    const travel = { kind: 'length', above: 0, max: 30 } as const;
    expect(rangeInWords(travel, 'metric')).toBe('above 0 mm, at most 30000 mm');
    expect(rangeInWords(travel, 'imperial')).toMatch(/^above 0 in, at most 1181\.\d* in$/);
  });
  it('says whether its ends belong to it, and whether only whole numbers do', () => {
    expect(rangeInWords({ kind: 'ratio', min: 0.1, max: 1 }, 'metric')).toMatch(/0\.1.*1/);
    expect(rangeInWords({ kind: 'count', min: 5, max: 400, whole: true }, 'metric')).toMatch(/whole/);
  });
});
