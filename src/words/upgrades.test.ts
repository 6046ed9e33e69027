import { describe, expect, it } from 'vitest';
import type { Limit, LimitVerdict, Proposal } from '@/core/upgrade';
import type { Upgrade } from '@/core/model';
import { anotherText, barredText, effectName, limitText, readableName, upgradeVerdictText } from '.';
import { type Effect } from '@/core/machine';

const axes = [{ id: 'bed', name: 'Bed axis' }] as never;
const project = { axes };
const effect: Effect = {
  key: 'error:x',
  id: 'error',
  at: 'x',
  kind: 'length',
  better: 'less',
  value: 4e-4,
  missing: 0,
  wanted: 2e-4,
};
const proposal = {
  id: 'p',
  change: { is: 'part', name: 'Rack module 2' },
  axis: 'bed',
  worsens: ['bed'],
} as unknown as Proposal;
const limit = (verdict: LimitVerdict, more: Partial<Limit> = {}): Limit => ({
  effect,
  verdict,
  best: { proposal, times: 1.25, money: 200 },
  barred: null,
  gives: 0.2,
  costs: 0.1,
  guessed: false,
  machine: 2000,
  frame: 0.7,
  another: null,
  ...more,
});

const verdicts: readonly LimitVerdict[] = [
  'reached',
  'room',
  'unpriced',
  'costs-more',
  'frame-decides',
  'nothing',
];

describe('whether it is worth going on, in words', () => {
  it.each(verdicts)('%s: names the figure, says when it is guessed, and reads in inches', (verdict) => {
    const told = limitText(limit(verdict), 'metric');
    expect(told.text).toContain('0.4 mm');
    expect(told.title).not.toMatch(/guessed/);
    const guessed = limitText(limit(verdict, { guessed: true }), 'imperial');
    expect(/, guessed$/.test(guessed.title)).toBe(verdict === 'reached');
    expect(guessed.text).toMatch(/0\.0157 in.* Numbers of ours stand behind it\.$/);
    expect(guessed.text).not.toContain('mm');
  });
  it('says that a figure is only a bound', () => {
    const bound = limit('room', { effect: { ...effect, missing: 2 } });
    expect(limitText(bound, 'metric').text).toMatch(/^At best, for something is not known, 0\.4 mm/);
  });
  it('gives what is gained as a share for errors, as times for what should grow', () => {
    expect(limitText(limit('room'), 'metric').text).toContain(
      'Rack module 2 would take away 20 % of it for 10 %',
    );
    const speed: Effect = {
      ...effect,
      id: 'top-speed',
      kind: 'speed',
      better: 'more',
      value: 0.1,
      wanted: 0.2,
    };
    expect(limitText(limit('room', { effect: speed }), 'metric').text).toContain('would make it ×1.25');
  });
  it('says what another machine would have to be', () => {
    const another = { stiffer: 8, span: 0.5, rigid: 1e-4 };
    expect(anotherText(limit('frame-decides', { another }), 'metric')).toMatch(
      /For 0\.2 mm .* 8 times as stiff.* 50 % of the span/,
    );
    const hopeless = { stiffer: null, span: null, rigid: 1e-3 };
    expect(anotherText(limit('frame-decides', { another: hopeless }), 'metric')).toMatch(/rigid frame 1 mm/);
    expect(anotherText(limit('room'), 'metric')).toBe('');
  });
  it('names what would help more, and which axis would stand worse', () => {
    expect(barredText(limit('room', { barred: { proposal, times: 2 } }), project, 'metric')).toBe(
      'Rack module 2 would better it ×2, and then Bed axis would stand worse: mend that first.',
    );
  });
});

describe('names of what is bettered and read', () => {
  it.each([
    ['stiffness:x', 'Stiffness at the tool, along the bed'],
    ['sag:', 'Sag over the work area'],
    ['lost-motion:bed', 'lost motion, Bed axis'],
    ['lost-motion:gone', 'lost motion, an axis that is gone'],
    ['', 'A figure of your own'],
  ])('%s', (what, name) => {
    expect(readableName(what, project)).toBe(name);
  });
  it('an error by its direction', () => {
    expect(effectName(effect, project)).toBe('Error along the bed');
  });
});

describe('what an upgrade did, in words', () => {
  const upgrade = { measure: { kind: 'length' } } as unknown as Upgrade;
  it('is told with its doubt, beside what was foretold', () => {
    const told = { verdict: 'better', gained: { value: 3e-5, half: 5e-6 }, foretold: 'less' } as const;
    expect(upgradeVerdictText(told, upgrade, 'metric')).toBe(
      'Better than before: 0.03 mm ± 0.005 mm gained, less than foretold.',
    );
  });
  it('is no verdict where nobody said how sure the readings are', () => {
    const told = { verdict: 'no-doubt', gained: { value: 3e-5, half: 0 }, foretold: null } as const;
    expect(upgradeVerdictText(told, upgrade, 'metric')).toBe(
      'Nobody said how sure the readings are, so whether it is better is not told: 0.03 mm by the ' +
        'figures alone.',
    );
  });
});
