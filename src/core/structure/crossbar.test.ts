import { describe, expect, it } from 'vitest';
import { answer, base, beam, carried, column, feet, portal, total } from '@test/helpers/gantries';
import type { GantryInput, Six } from '.';

/** A portal of slender members: only bending counts, as in the tables. */
const slender = { EA: 1e13, GAv: 1e14, GAl: 1e14, GJ: 1e9 };
const H = 0.8;
const frame: GantryInput = {
  ...portal,
  height: H,
  beam: { ...beam, ...slender },
  column: { ...column, ...slender },
};
/** Feet that stand, free to slide apart and to turn in the plane of the portal. */
const loose: Six = [1e13, 1, 1e13, 1, 1e13, 1e13];
/** A tie that pulls and does not bend. */
const tie = { ...beam, EA: 1e13, EIv: 1e-3, EIl: 1e-3, GJ: 1e-3, GAv: 1e13, GAl: 1e13 };
const on = (crossbar?: typeof tie) => ({
  ...base([...loose, ...loose]),
  ...(crossbar ? { crossbar } : {}),
});
const sagOf = (crossbar?: typeof tie) =>
  answer(frame, on(crossbar), carried()).along(0, [frame.length / 2])[0]!.compliance[2];

describe('a bar between the feet of a portal', () => {
  it('without it the feet slide apart: the beam lies as on two supports, PL³/48EI', () => {
    expect(sagOf() / (frame.length ** 3 / (48 * beam.EIv))).toBeCloseTo(1, 3);
  });
  it('with it the portal has two hinges: thrust 3PL / 8h(2k + 3) (Kleinlogel, rigid frames)', () => {
    const k = (beam.EIv * H) / (column.EIv * frame.length);
    const thrust = (3 * frame.length) / (8 * H * (2 * k + 3));
    const L = frame.length;
    const wanted = L ** 3 / (48 * beam.EIv) - (thrust * H * L ** 2) / (8 * beam.EIv);
    expect(sagOf(tie) / wanted).toBeCloseTo(1, 3);
    expect(sagOf(tie)).toBeLessThan(0.9 * sagOf());
  });
  it('takes its share of the energy, and the shares still add up to the whole', () => {
    const soft = { ...beam };
    const a = answer(portalOnFeet, { ...base(feet), crossbar: soft }, carried({ drop: 0.2, reach: 0.1 }));
    const place = 0.4;
    for (const d of [0, 1, 2] as const) {
      const shares = a.budget(0, place, d);
      const whole = a.along(0, [place])[0]!.compliance[d];
      expect(total(shares) / whole, `direction ${d}`).toBeCloseTo(1, 6);
      expect(shares.find((s) => s.id === 'crossbar')!.value).toBeGreaterThan(0);
    }
  });
  it('swings with the rest: a stiff frame on soft feet rings at √(k/m), the bar in m', () => {
    const stiff = { ...beam, EA: 1e13, EIv: 1e11, EIl: 1e11, GJ: 1e11, GAv: 1e13, GAl: 1e13 };
    const all: GantryInput = { ...frame, beam: stiff, column: stiff };
    // Soft along the bed only, 20 N/µm under each foot.
    const k = 2e7;
    const soft: Six = [k, 1e13, 1e13, 1e13, 1e13, 1e13];
    const members = stiff.mass * (frame.length + 2 * H);
    for (const bar of [0, 10, 40]) {
      const crossbar = { ...stiff, mass: bar / frame.length };
      const on = { ...base([...soft, ...soft]), ...(bar ? { crossbar } : {}) };
      const { hertz } = answer(all, on, carried({ mass: 12 })).frequency(0, frame.length / 2);
      const wanted = Math.sqrt((2 * k) / (members + 12 + bar)) / (2 * Math.PI);
      expect(hertz / wanted, `${bar} kg`).toBeCloseTo(1, 2);
    }
  });
  it('never makes a frame softer', () => {
    const at = (crossbar?: typeof tie) =>
      answer(
        portalOnFeet,
        { ...base(feet), ...(crossbar ? { crossbar } : {}) },
        carried({ drop: 0.3 }),
      ).along(0, [0.2, 0.7, 1.1]);
    const [without, held] = [at(), at({ ...beam })];
    without.forEach((s, i) =>
      s.compliance.forEach((c, d) => expect(held[i]!.compliance[d]!).toBeLessThanOrEqual(c * (1 + 1e-9))),
    );
  });
});

const portalOnFeet: GantryInput = { ...portal, height: 0.3 };
