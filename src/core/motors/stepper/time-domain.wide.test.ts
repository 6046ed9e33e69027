import { describe, expect, it } from 'vitest';
import { chopperPullOut, type Machine, sineFedPullOut } from '@test/helpers/stepper-sim';
import { pullOut } from './pull-out';

const motors: [string, Machine, number, number][] = [
  [
    'size 23, 3.2 mH at 48 V',
    { K: 2.2 / (Math.SQRT2 * 4.2), resistance: 0.9, inductance: 3.2e-3, teeth: 50 },
    48,
    4.2,
  ],
  [
    'size 17, 0.9°, 4 mH at 24 V',
    { K: 0.45 / (Math.SQRT2 * 1.7), resistance: 1.8, inductance: 4e-3, teeth: 100 },
    24,
    1.7,
  ],
  [
    'size 34, 6 mH at 70 V',
    { K: 8.5 / (Math.SQRT2 * 6), resistance: 0.45, inductance: 6e-3, teeth: 50 },
    70,
    6,
  ],
];

describe.each(motors)('pull-out against a simulation in time: %s', (_name, m, supply, crest) => {
  const formula = (w: number) => pullOut(m.K, crest, supply, m.resistance, m.teeth * m.inductance, w);
  it.each([10, 30, 60, 90, 140, 220])('fed with sines, within a tenth at %d rad/s', (w) => {
    const simulated = sineFedPullOut(m, w, supply, crest);
    expect(formula(w) / simulated).toBeGreaterThan(0.9);
    expect(formula(w) / simulated).toBeLessThan(1.1);
  });
  it.each([30, 90, 220])(
    'a chopper gives the same while it has voltage and up to 4/π more when it has not, at %d rad/s',
    (w) => {
      const simulated = chopperPullOut(m, w, supply, crest);
      expect(simulated / formula(w)).toBeGreaterThan(0.93);
      expect(simulated / formula(w)).toBeLessThan(4 / Math.PI + 0.08);
    },
  );
});
