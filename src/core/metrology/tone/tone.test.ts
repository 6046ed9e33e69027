import { describe, expect, it } from 'vitest';
import { chance, SEED } from '@test/helpers/chance';
import { even, normal } from '@test/helpers/errors';
import { toneOf } from '.';

const RATE = 8000;
const band = { low: 15, high: 500 };

/** A string that was plucked: overtones that die away faster, and the noise of a room. */
function plucked(frequency: number, { seconds = 1.5, damping = 0.004, noise = 0.01, overtone = 0.5 } = {}) {
  const dice = chance(SEED);
  return Float32Array.from({ length: RATE * seconds }, (_, i) => {
    const t = i / RATE;
    const w = 2 * Math.PI * frequency;
    const fade = Math.exp(-damping * w * t);
    return fade * Math.sin(w * t + 0.4) + overtone * fade ** 2 * Math.sin(2 * w * t) + noise * normal(dice);
  });
}

describe('a tone out of a recording', () => {
  it('is found within its doubt, wherever it lies between two lines of the spectrum', () => {
    const dice = chance(SEED + 1);
    for (let k = 0; k < 60; k++) {
      const frequency = 120 + even(dice, 100);
      const tone = toneOf(plucked(frequency), RATE, band)!;
      expect(Math.abs(tone.frequency - frequency)).toBeLessThan(tone.expanded);
    }
  });
  it('the fundamental counts, though an overtone is louder', () => {
    expect(toneOf(plucked(64, { overtone: 1.8 }), RATE, band)!.frequency).toBeCloseTo(64, 1);
  });
  it('damping by how it dies away', () => {
    const tone = toneOf(plucked(80, { damping: 0.006, overtone: 0, noise: 1e-4 }), RATE, band)!;
    expect(tone.damping! / 0.006).toBeGreaterThan(0.95);
    expect(tone.damping! / 0.006).toBeLessThan(1.05);
    const steady = toneOf(plucked(80, { damping: 0, overtone: 0, noise: 0 }), RATE, band)!;
    expect(steady.damping).toBeNull();
  });
  it('noise alone is no tone, nor is silence, nor a recording that is too short', () => {
    const dice = chance(SEED + 2);
    const noise = Float32Array.from({ length: RATE }, () => normal(dice));
    expect(toneOf(noise, RATE, band)).toBeNull();
    expect(toneOf(new Float32Array(RATE), RATE, band)).toBeNull();
    expect(toneOf(plucked(64, { seconds: 0.1 }), RATE, band)).toBeNull();
  });
  it('what lies above half of the rate is not asked for: it would fold back', () =>
    expect(toneOf(plucked(64), 900, band)).toBeNull());
});
