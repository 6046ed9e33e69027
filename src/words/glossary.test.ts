import { describe, expect, it } from 'vitest';
import { glossary, searchTerms, tourStops, tourTexts } from '.';

describe('words that are explained', () => {
  it('stand once each, and in a sentence', () => {
    const words = glossary.map((t) => t.word.toLowerCase());
    expect(new Set(words).size).toBe(words.length);
    for (const { word, means } of glossary) {
      expect(means, word).toMatch(/^[A-Z±][^]*\.$/);
      expect(means.length, word).toBeLessThan(160);
    }
  });
  it('are found by what they are called and by what they mean, in any case and order', () => {
    expect(searchTerms('PULL-out').map((t) => t.word)).toContain('pull-out torque');
    expect(searchTerms('loses step stepper').map((t) => t.word)).toEqual(['pull-out torque']);
    expect(searchTerms('zeppelin')).toEqual([]);
    expect(searchTerms('')).toHaveLength(glossary.length);
  });
  it('each stop of the tour says what its page is for', () => {
    for (const stop of tourStops) expect(tourTexts[stop].text.length).toBeGreaterThan(40);
  });
});
