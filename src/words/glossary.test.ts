import { describe, expect, it } from 'vitest';
import { formulaById } from '@/core/handbook';
import { trialKinds, methodsOf } from '@/core/prove';
import {
  glossary,
  guideById,
  guides,
  markTerms,
  searchGuides,
  searchTerms,
  termsIn,
  tourStops,
  tourTexts,
  verdictMeans,
  wordsOf,
} from '.';

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

describe('words in their sentence', () => {
  const said = (text: string) =>
    markTerms(text)
      .map((m) => (m.term ? `[${m.text}]` : m.text))
      .join('');
  it('are marked at their first mention, the longer before the shorter', () => {
    expect(said('Pull-out torque falls; pull-out torque again.')).toBe(
      '[Pull-out torque] falls; pull-out torque again.',
    );
    expect(said('Play: backlash and lost motion, by its lead and pitch')).toBe(
      'Play: [backlash] and [lost motion], by its [lead] and [pitch]',
    );
    expect(said('Shims of 0.1 mm')).toBe('[Shims] of 0.1 mm');
  });
  it('are left alone where they are everyday words, or a part of another', () => {
    expect(said('It holds, and one end leads: leading-edge rungless')).toBe(
      'It holds, and one end leads: leading-edge rungless',
    );
    expect(said('Holds')).toBe('[Holds]');
    expect(said('')).toBe('');
  });
  it('say what a label means, with the word where the label is longer', () => {
    expect(wordsOf('Lead')).toBe('How far a nut goes in one turn of its screw.');
    expect(wordsOf('Backlash of the nut')).toMatch(/^backlash: Play between/);
    expect(wordsOf('Colour')).toBe('');
    expect(termsIn(['a shim', 'no word', 'Thin']).map((t) => t.word)).toEqual(['thin', 'shim']);
  });
});

describe('how things are done', () => {
  it('has a page for every sheet of truing and every trial, each with a source and its limits', () => {
    for (const kind of Object.keys(methodsOf)) expect(guideById(`true-up/${kind}`), kind).toBeDefined();
    for (const kind of trialKinds) expect(guideById(`trial/${kind}`), kind).toBeDefined();
    for (const { id, title, answers, how, source, limits } of guides)
      for (const text of [title, answers, source, limits, ...how]) {
        expect(text, id).toMatch(/^[A-Z]/);
        expect(text, id).not.toMatch(/undefined|NaN/);
      }
    expect(new Set(guides.map((g) => g.id)).size).toBe(guides.length);
  });
  it('names only formulas that there are', () => {
    for (const { id, formulas } of guides)
      for (const formula of formulas) expect(formulaById(formula), `${id}: ${formula}`).toBeDefined();
  });
  it('every way of reading a sheet is told', () => {
    for (const [kind, methods] of Object.entries(methodsOf)) {
      const { how } = guideById(`true-up/${kind}`)!;
      expect(how, kind).toHaveLength(methods.length + 1);
      for (const step of how) expect(step.length, step).toBeGreaterThan(35);
    }
  });
  it('is found by any of its words', () => {
    expect(searchGuides('cable BOW chain').map((g) => g.id)).toContain('fit/cables');
    expect(searchGuides('zeppelin')).toEqual([]);
  });
});

it('says what each verdict means, and that it is guessed', () => {
  for (const verdict of ['holds', 'thin', 'gives-out', 'not-known'] as const) {
    expect(verdictMeans(verdict, false), verdict).toMatch(/^[A-Z][^]*\.$/);
    expect(verdictMeans(verdict, true)).toBe(`${verdictMeans(verdict, false)} ${wordsOf('guessed')}`);
  }
});

it('a choice of paper for a drawing is not told about light and dark', () => {
  expect(wordsOf('Paper')).toBe('');
  expect(wordsOf('Slate')).toMatch(/light on dark/);
});
