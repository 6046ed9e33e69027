import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { chain } from '..';

const pitch = q('length', 0.009525);

describe('roller chains', () => {
  it('11 teeth: the speed ripples by 4.1 % (1 - cos 180°/z, textbook)', () => {
    expect(chain.speedRipple.evaluate({ teeth: q('count', 11) }) * 100).toBeCloseTo(4.05, 2);
  });
  it('pitch diameter of 15 teeth 06B: 45.81 mm (ISO 606: p / sin(180°/z)); a turn moves 15 pitches', () => {
    expect(chain.pitchDiameter.evaluate({ pitch, teeth: q('count', 15) }) * 1000).toBeCloseTo(45.81, 2);
    expect(2 * Math.PI * chain.chainTravel.evaluate({ pitch, teeth: q('count', 15) })).toBeCloseTo(
      15 * 0.009525,
      12,
    );
  });
  it('sag w g L²/8T against the true catenary', () => {
    const [w, L, T] = [0.41, 2, 150];
    const a = T / (w * 9.80665);
    const sag = chain.chainSag.evaluate({
      lineMass: q('linearDensity', w),
      length: q('length', L),
      tension: q('force', T),
    });
    expect(sag / (a * (Math.cosh(L / (2 * a)) - 1))).toBeCloseTo(1, 3);
  });
  it(
    'a seventh of the tensile strength pulls: 06B-1 with 8.9 kN (ISO 606) 1271 N (common ' +
      'practice, no source)',
    () => {
      expect(chain.chainPull.evaluate({ breaking: q('force', 8900), safety: q('ratio', 7) })).toBeCloseTo(
        1271.4,
        1,
      );
    },
  );
  it(
    'stiffness: in a tray EA/L; hanging, the straightening of a parabola beside the stretch, by ' +
      'small differences (Ernst 1965)',
    () => {
      const [EA, L, w, T] = [900e3, 2, 0.41, 150];
      const at = (mass: number) =>
        chain.chainStiffness.evaluate({
          rate: q('force', EA),
          centre: q('length', L),
          place: q('length', L),
          lineMass: q('linearDensity', mass),
          tension: q('force', T),
        });
      expect(at(0)).toBeCloseTo(EA / L, 6);
      // Chord of a strand of a given unstrained length: L = s (1 + T/EA) - (w g)² L³ / 24 T².
      const chord = (t: number) => L * (t / EA) - (((w * 9.80665) ** 2 * L ** 3) / 24) * (1 / t ** 2);
      expect(at(w) / (1 / ((chord(T + 0.01) - chord(T - 0.01)) / 0.02))).toBeCloseTo(1, 3);
    },
  );
  it('stiffness: 900 kN round an idler 2.1 m away, 1.35 m out, are 316 kN/m and not 667 (Hooke)', () => {
    const k = chain.chainStiffness.evaluate({
      rate: q('force', 900e3),
      centre: q('length', 2.1),
      place: q('length', 1.35),
      lineMass: q('linearDensity', 0),
      tension: q('force', 150),
    });
    expect(k / 1e3).toBeCloseTo(900 / (0.75 + 2.1), 6);
    expect(k / 1e3).toBeCloseTo(315.8, 1);
  });
  it('wear of 1 % is 16 mm over 1.6 m; the shaft carries the pull and both pretensions', () => {
    expect(chain.chainWear.evaluate({ wear: q('ratio', 0.01), travel: q('length', 1.6) })).toBeCloseTo(
      0.016,
      12,
    );
    expect(chain.chainShaft.evaluate({ pull: q('force', 200), tension: q('force', 150) })).toBe(500);
  });
});
