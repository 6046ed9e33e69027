import { describe, expect, it } from 'vitest';
import { halfFlankAngle } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { bucklingLoad, firstFrequency, supports } from '@test/helpers/beam-fe';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import {
  boundingPieces,
  circleArea,
  criticalSpeed,
  endCase,
  eulerLoad,
  frictionAngle,
  leadAngle,
  pitchDiameter,
  resolveScrew,
  rootSecondMoment,
  slidingBackEfficiency,
  slidingEfficiency,
  travelPerRadian,
  turns,
  warmFactor,
} from '.';
import { ballPreloadDrag, slidingPreloadDrag } from './efficiency';
import { heatGrowth, leadError } from './heat';
import { ballScrewLife } from './life';
import { axialStiffness, inSeries, nutStiffness, windUpStiffness } from './stiffness';
import { ballProfileMeans, slidingProfileMeans } from './thread-profile';

const rpm = (w: number) => (w * 60) / (2 * Math.PI);
const E = q('modulus', 206e9);
const rho = q('density', 7850);
const holds = [
  ['fixed', 'free', 580.5, 828.7],
  ['hinge', 'hinge', 1629.5, 3314.9],
  ['fixed', 'hinge', 2545.5, 6781.5],
  ['fixed', 'fixed', 3693.8, 13259.6],
] as const;
const root = 0.0135;
const I = rootSecondMoment.evaluate({ root: q('length', root) });
const A = circleArea.evaluate({ diameter: q('length', root) });

describe('whip and column of a 13.5 mm root over 1 m', () => {
  it('its section is 143.1 mm² and 1630 mm⁴, by π d²/4 and π d⁴/64', () => {
    expect(circleArea.evaluate({ diameter: q('length', root) }) * 1e6).toBeCloseTo(143.14, 2);
    expect(rootSecondMoment.evaluate({ root: q('length', root) }) * 1e12).toBeCloseTo(1630.44, 1);
  });
  it.each(holds)('%s-%s against 60 finite elements and an eigenvalue solver', (a, b, speed, load) => {
    const ends = endCase(a, b);
    const n = criticalSpeed.evaluate({
      lambda: q('ratio', ends.lambda),
      length: q('length', 1),
      modulus: E,
      secondMoment: I,
      density: rho,
      area: A,
    });
    const P = eulerLoad.evaluate({
      factor: q('ratio', ends.column),
      modulus: E,
      secondMoment: I,
      length: q('length', 1),
    });
    const beam = { length: 1, EI: E * I, mass: rho * A, elements: 60, held: supports(a, b, 60) };
    expect(n / firstFrequency(beam)).toBeCloseTo(1, 5);
    expect(P / bucklingLoad(beam)).toBeCloseTo(1, 4);
    // Handbook check values (finite elements, 60 elements).
    expect(rpm(n)).toBeCloseTo(speed, 0);
    expect(P / load).toBeCloseTo(1, 4);
  });

  it(
    'compression lowers the frequency as the finite elements say (exact hinged, within 3 % ' +
      'otherwise, on the safe side or near)',
    () => {
      for (const [a, b, tolerance] of [
        ['hinge', 'hinge', 1e-4],
        ['fixed', 'hinge', 0.03],
        ['fixed', 'fixed', 0.03],
      ] as const) {
        const beam = { length: 1, EI: E * I, mass: rho * A, elements: 40, held: supports(a, b, 40) };
        const euler = bucklingLoad(beam);
        for (const share of [0.2, 0.5, 0.8]) {
          const factor = warmFactor.evaluate({
            compression: q('force', share * euler),
            euler: q('force', euler),
          });
          const referee = firstFrequency({ ...beam, compression: share * euler }) / firstFrequency(beam);
          expect(Math.abs(factor / referee - 1), `${a}-${b} at ${share}`).toBeLessThan(tolerance);
        }
      }
    },
  );

  it('refuses a screw that nothing holds', () => {
    expect(() => endCase('hinge', 'free')).toThrow(/mechanism/);
  });
});

describe('the two bounds for a screw that its nut holds', () => {
  it.each([
    ['fixed', 'supported'],
    ['supported', 'supported'],
    ['fixed', 'fixed'],
  ] as const)(
    '%s-%s: never above the true two-span screw, whatever the place of the nut',
    (motorEnd, farEnd) => {
      const elements = 40;
      const length = 2;
      for (const node of [4, 10, 20, 30, 36]) {
        const at = (length * node) / elements;
        // One place of the nut: travel so small that start and end of it are the same.
        const drive = {
          ...withSi(demoAxis('bed'), { 'drive.betweenBearings': length, 'drive.nutOffset': at }).drive,
          motorEnd,
          farEnd,
        };
        const hold = (f: string) => (f === 'supported' ? 'hinge' : f) as 'fixed' | 'hinge';
        const speed = (p: { length: number; a: 'fixed' | 'hinge' | 'free'; b: 'fixed' | 'hinge' | 'free' }) =>
          criticalSpeed.evaluate({
            lambda: q('ratio', endCase(p.a, p.b).lambda),
            length: q('length', p.length),
            modulus: E,
            secondMoment: I,
            density: rho,
            area: A,
          });
        const bound = Math.max(...boundingPieces(drive, 0).map((pieces) => Math.min(...pieces.map(speed))));
        const truth = firstFrequency({
          length,
          EI: E * I,
          mass: rho * A,
          elements,
          held: [...supports(hold(motorEnd), hold(farEnd), elements), { node, dof: 'w' }],
        });
        expect(bound / truth, `nut at ${at}`).toBeLessThan(1.0005);
        expect(bound / truth, `nut at ${at}`).toBeGreaterThan(0.6);
      }
    },
  );
});

describe('sliding screws', () => {
  it(
    'Shigley, power-screw example: 32 mm square thread, raise 26.18 N·m, lower 9.77 N·m, ' +
      'efficiency 0.311',
    () => {
      const F = 6400;
      const lead = q('linearPerTurn', 0.008);
      const diameter = pitchDiameter.evaluate({
        nominal: q('length', 0.032),
        lead,
        starts: q('count', 2),
        drop: q('ratio', 0.5),
      });
      expect(diameter).toBeCloseTo(0.03, 12);
      const lambda = leadAngle.evaluate({ lead, diameter });
      const phi = frictionAngle.evaluate({
        friction: q('ratio', 0.08),
        flank: q('angle', halfFlankAngle.square),
      });
      const inputs = { lambda, phi, collarFriction: q('ratio', 0.08), collar: q('length', 0.04), diameter };
      const k = travelPerRadian.evaluate({ lead });
      const eta = slidingEfficiency.evaluate(inputs);
      expect(eta).toBeCloseTo(0.311, 3);
      expect((F * k) / eta).toBeCloseTo(26.18, 2);
      expect(-F * k * slidingBackEfficiency.evaluate(inputs)).toBeCloseTo(9.77, 2);
    },
  );

  it('a 1.5 m Acme 1/2-10 axis misses 2.5 m/min with every end fixing (common practice, no source)', () => {
    const base = withSi(demoAxis('bed'), {
      'drive.nominalDiameter': 0.0127,
      'drive.rootDiameter': 0.38 * 0.0254,
      'drive.lead': 0.00254,
      'drive.betweenBearings': 1.5,
      'drive.nutOffset': 0.05,
    }).drive;
    const m = { typed: '', si: q('ratio', 0.15), basis: 'estimate' as const };
    const sliding = { ...slidingThread('acme'), friction: m };
    for (const [motorEnd, farEnd] of [
      ['fixed', 'free'],
      ['supported', 'supported'],
      ['fixed', 'supported'],
      ['fixed', 'fixed'],
    ] as const) {
      const drive = {
        ...base,
        thread: sliding,
        motorEnd,
        farEnd,
        nutOffset: null,
        stretch: { ...m, si: q('force', 1e5) },
      };
      const whip = resolveScrew(drive, q('length', 1.4), 100, silentWorksheet).speedLimits[0]!;
      // 984 rpm are wanted; on the root section alone the best fixing gives 939, the mean section gives less.
      expect(whip.limit * 60).toBeLessThan((939 * 2.54) / 1000);
    }
  });

  it('a sprung nut drags with raising plus lowering torque of its spring', () => {
    const [d, lambda, phi, F] = [0.0135, 0.1, 0.15, 200];
    const T = slidingPreloadDrag.evaluate({
      preload: q('force', F),
      diameter: q('length', d),
      lambda: q('angle', lambda),
      phi: q('angle', phi),
    });
    expect(T).toBeCloseTo((F * d * (Math.tan(0.25) + Math.tan(0.05))) / 2, 12);
  });
});

describe('thread profile', () => {
  const within = (value: number, low: number, high: number) => {
    expect(value).toBeGreaterThan(low);
    expect(value).toBeLessThan(high);
  };
  it(
    'lies between root and nominal cylinder; solid nominal is 16 to 30 % too much for ball ' +
      'screws (handbook)',
    () => {
      for (const [nominal, r, pitch] of [
        [0.016, 0.0135, 0.005],
        [0.02, 0.0171, 0.005],
        [0.032, 0.0287, 0.01],
      ] as const) {
        const { fourth } = ballProfileMeans({ nominal, root: r, pitch });
        within(nominal ** 4 / fourth, 1.1, 1.4);
        expect(fourth).toBeGreaterThan(r ** 4);
      }
    },
  );
  it('sliding profile against a fine sum over the drawn ISO 2904 profile, TR 16x4', () => {
    const profile = { nominal: 0.016, root: 0.0115, pitch: 0.004 };
    const t = Math.tan(halfFlankAngle.trapezoidal);
    let square = 0;
    const steps = 200_000;
    for (let i = 0; i < steps; i++) {
      // Distance from the middle of the ridge; half ridge width at radius r grows by tan 15° towards the
      // root.
      const x = Math.abs((i + 0.5) / steps - 0.5) * profile.pitch;
      const fromPitchLine = (x - profile.pitch / 4) / t;
      const r = Math.min(
        profile.nominal / 2,
        Math.max(profile.root / 2, profile.nominal / 2 - profile.pitch / 4 - fromPitchLine),
      );
      square += (2 * r) ** 2 / steps;
    }
    expect(slidingProfileMeans(profile, halfFlankAngle.trapezoidal).square / square).toBeCloseTo(1, 5);
  });
});

describe('small formulas against their closed forms', () => {
  it('preload drag by JIS B 1192: 0.05 (tan β)^-0.5 Fp l / 2π for 20x5, 1000 N', () => {
    const lambda = leadAngle.evaluate({ lead: q('linearPerTurn', 0.005), diameter: q('length', 0.02) });
    // By hand: tan β = 5/(20π) = 0.079577; 0.05/0.282095 · 1000·0.005/2π = 0.14105 N·m.
    expect(
      ballPreloadDrag.evaluate({ lambda, preload: q('force', 1000), lead: q('linearPerTurn', 0.005) }),
    ).toBeCloseTo(0.14105, 4);
  });
  it('stiffness: 16 mm has four times the area of 8 mm (common practice, no source)', () => {
    const k = (d: number) =>
      axialStiffness.evaluate({
        modulus: E,
        area: circleArea.evaluate({ diameter: q('length', d) }),
        length: q('length', 1),
      });
    expect(k(0.016) / k(0.008)).toBeCloseTo(4, 12);
    expect(inSeries.evaluate({ first: q('stiffness', 2e8), second: q('stiffness', 2e8) })).toBe(1e8);
  });
  it('wind-up equals the twist of the bar times k', () => {
    const [G, d, a, k] = [79e9, 0.0135, 1.2, 0.005 / (2 * Math.PI)];
    const twist = (100 * k * a) / (G * (Math.PI / 32) * d ** 4);
    expect(
      windUpStiffness.evaluate({
        shear: q('modulus', G),
        root: q('length', d),
        length: q('length', a),
        k: q('travelPerRadian', k),
      }),
    ).toBeCloseTo(100 / (twist * k), 0);
  });
  it('nut stiffness is the rated one times 0.8 at its reference load', () => {
    expect(
      nutStiffness.evaluate({
        rated: q('stiffness', 3e8),
        load: q('force', 1000),
        share: q('ratio', 0.1),
        dynamicLoad: q('force', 10_000),
      }),
    ).toBeCloseTo(2.4e8, 0);
  });
  it('10 mm lead: four turns 40 mm (common practice, no source)', () => {
    expect(turns.evaluate({ distance: q('length', 0.04), lead: q('linearPerTurn', 0.01) })).toBe(4);
  });
  it('life, heat and lead error', () => {
    expect(
      ballScrewLife.evaluate({
        dynamicLoad: q('force', 10_000),
        shock: q('ratio', 1),
        meanLoad: q('force', 1000),
        lead: q('linearPerTurn', 0.005),
      }),
    ).toBeCloseTo(1e9 * 0.005, 0);
    expect(
      heatGrowth.evaluate({
        expansion: q('thermalExpansion', 11.5e-6),
        length: q('length', 2.54),
        rise: q('temperatureRise', 10),
      }),
    ).toBeCloseTo(292.1e-6, 9);
    // ISO 3408-3, T7: 52 µm over 300 mm.
    expect(leadError.evaluate({ perSpan: q('length', 52e-6), travel: q('length', 0.6) })).toBeCloseTo(
      104e-6,
      12,
    );
    expect(leadError.evaluate({ perSpan: q('length', 52e-6), travel: q('length', 0.1) })).toBe(52e-6);
  });
  it('a screw fixed at both ends and not stretched loses its limit when 2.7 m of it warm by 10 K', () => {
    const drive = { ...demoAxis('bed').drive, farEnd: 'fixed' as const };
    const warm = resolveScrew(drive, q('length', 2.54), 100, silentWorksheet);
    expect(warm.heatCompression).toBeGreaterThan(3000);
    expect(warm.speedLimits[0]!.limit).toBe(0);
    const stretched = resolveScrew(
      { ...drive, stretch: { ...drive.stretch, si: q('force', 3500) } },
      q('length', 2.54),
      100,
      silentWorksheet,
    );
    expect(stretched.speedLimits[0]!.limit * 60).toBeCloseTo(0.8 * (3693.8 / 2.72 ** 2) * 0.005, 2);
  });
});
