import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { chance, SEED } from '@test/helpers/chance';
import { normal } from '@test/helpers/errors';
import { drivetrainFormulas as f, meshOf } from '.';

const len = (v: number) => q('length', v);
const DEG = Math.PI / 180;

describe('screws and couplings', () => {
  it('a crooked screw pushes like a beam that is bent (tables: P L³ / 3 E I)', () => {
    const [modulus, second, reach] = [q('modulus', 206e9), q('secondMoment', 1.6e-9), len(0.3)];
    const force = f.sideForce.evaluate({ modulus, second, off: len(1e-4), reach });
    expect((force * 0.3 ** 3) / (3 * 206e9 * 1.6e-9)).toBeCloseTo(1e-4, 12);
  });
  it('half of the indicator’s swing is the offset; two places tell the tilt', () => {
    expect(f.runoutOffset.evaluate({ total: len(2e-4) })).toBe(1e-4);
    expect(f.runoutTilt.evaluate({ near: len(1e-4), far: len(3e-4), way: len(0.05) })).toBeCloseTo(2e-3, 12);
    expect(f.nutPreload.evaluate({ pull: q('force', 8), radius: len(0.02) })).toBeCloseTo(0.16, 12);
  });
});

describe('rack and pinion', () => {
  const [pressure, straight] = [q('angle', 20 * DEG), q('angle', 0)];
  it('play of a pinion that stands off: two flanks at 20° open by 0.728 of the distance', () =>
    expect(f.meshPlay.evaluate({ off: len(1e-4), pressure, helix: straight }) / 1e-4).toBeCloseTo(0.728, 3));
  it('helical teeth: more play along the rack; and back from its wave', () => {
    const helix = q('angle', 19.5283 * DEG);
    const wave = f.meshPlay.evaluate({ off: len(5e-5), pressure, helix });
    expect(wave / f.meshPlay.evaluate({ off: len(5e-5), pressure, helix: straight })).toBeCloseTo(
      1 / Math.cos(helix),
      9,
    );
    expect(f.pinionEccentric.evaluate({ wave, pressure, helix })).toBeCloseTo(5e-5, 12);
  });
  it('a pin between two teeth touches both flanks', () => {
    const [pin, module] = [0.0015, 0.0015];
    const top = f.pinHeight.evaluate({ pin: len(pin), module: len(module), pressure });
    // Middle of the space: flank through (pi m/4, 0) on the pitch line, leaning by the pressure angle.
    const middle = top - pin;
    const [fx, fy] = [(Math.PI * module) / 4, 0];
    const [dx, dy] = [Math.sin(pressure), Math.cos(pressure)];
    const distance = Math.abs((0 - fx) * dy - (middle - fy) * dx);
    expect(distance).toBeCloseTo(pin, 12);
  });
  it('a joint that is open by g lets the pin sink by g / (2 tan)', () => {
    const [pin, module, gap] = [0.0015, 0.0015, 1e-4];
    const space = (extra: number) => {
      const half = (Math.PI * module) / 4 + extra / 2;
      return pin / Math.sin(pressure) - half / Math.tan(pressure);
    };
    const low = len(space(0) - space(gap));
    expect(f.jointGap.evaluate({ low, pressure })).toBeCloseTo(gap, 12);
  });
  it('play along a rack: line, wave of the pinion and a joint are told apart', () => {
    const dice = chance(SEED);
    const turn = 0.094;
    const xs = [0, 1, 2, 3, 4, 5, 6].map((i) => (i * turn) / 3).concat([0.4, 0.6, 0.8, 1, 1.2]);
    const of = (x: number) => 6e-5 + 4e-5 * (x - 0.5) + 2e-5 * Math.cos((2 * Math.PI * (x - 0.03)) / turn);
    const found = meshOf(
      xs.map((x) => ({ x, play: of(x) + 1e-6 * normal(dice) })),
      turn,
    );
    expect(found.slope).toBeCloseTo(4e-5, 5);
    expect(found.wave).toBeCloseTo(2e-5, 5);
    expect(found.crest).toBeCloseTo(0.03, 2);
    expect(found.tightest).toBe(xs.reduce((a, b) => (of(b) < of(a) ? b : a)));
    const mid = xs.reduce((s, x) => s + x, 0) / xs.length;
    expect(found.mean).toBeCloseTo(6e-5 + 4e-5 * (mid - 0.5), 5);
    expect(Math.max(...found.left.map(Math.abs))).toBeLessThan(4e-6);
  });
  it('places a whole turn apart do not tell a wave from a line', () => {
    const places = [0, 1, 2, 3, 4, 5].map((i) => ({ x: i * 0.094, play: 5e-5 }));
    expect(() => meshOf(places, 0.094)).toThrow('do not tell');
    expect(() => meshOf(places.slice(0, 4), 0.03)).toThrow('five places');
  });
});

describe('belts and chains', () => {
  it('a belt sounds like a taut string', () => {
    // Wave speed sqrt(T/mu), half a wave on the span: f = sqrt(T/mu) / 2L.
    const [density, span, pull] = [0.04, 0.5, 120];
    const tone = q('frequency', Math.sqrt(pull / density) / (2 * span));
    expect(f.beltTone.evaluate({ density: q('linearDensity', density), span: len(span), tone })).toBeCloseTo(
      pull,
      9,
    );
    // And the other way round: the tone that is wanted.
    const wanted = { density: q('linearDensity', density), span: len(span), pull: q('force', pull) };
    expect(f.toneForPull.evaluate(wanted)).toBeCloseTo(tone, 9);
  });
  it('a weight in its middle: both halves carry half of it', () => {
    const found = f.beltPush.evaluate({ push: q('force', 5), span: len(0.5), give: len(0.0075) });
    const slope = 0.0075 / 0.25;
    expect(2 * found * slope).toBeCloseTo(5, 9);
  });
  it('a chain’s sag: the moment of half the span’s weight is that of the pull', () => {
    const found = f.chainPull.evaluate({ weight: q('linearDensity', 0.7), span: len(1.2), sag: len(0.02) });
    const half = (0.7 * 9.80665 * 1.2) / 2;
    expect(found * 0.02).toBeCloseTo(half * (1.2 / 4), 9);
  });
});
