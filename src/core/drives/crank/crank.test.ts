import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q, units } from '@/core/units';
import { crank } from '..';

const mm = (length: number) => q('length', length / 1e3);
const shape = { radius: mm(30), link: mm(120) };
const k = crank.crankLever.evaluate(shape);
const omega = units.angularSpeed[0]!.toSi(30);
const speed = q('speed', omega * k);
const anyShape = fc
  .tuple(fc.double({ min: 0.005, max: 0.2, noNaN: true }), fc.double({ min: 1.2, max: 10, noNaN: true }))
  .map(([radius, radii]) => ({ radius: q('length', radius), link: q('length', radius * radii) }));

describe('a crank with a link of four radii', () => {
  it('has its longest lever of 1.031 r at 76.7° (handbook)', () => {
    expect(k / 0.03).toBeCloseTo(1.031, 3);
    expect((crank.longestAt(shape) * 180) / Math.PI).toBeCloseTo(76.7, 1);
  });
  it('30 mm at 30 turns a minute: mean 3.6, fastest 5.83 m/min (handbook)', () => {
    const mean = crank.crankMeanSpeed.evaluate({ radius: shape.radius, speed, k });
    expect(mean * 60).toBeCloseTo(3.6, 6);
    expect(speed * 60).toBeCloseTo(5.83, 2);
    expect(crank.crankTime.evaluate({ speed, k })).toBeCloseTo(1, 9);
    expect(crank.crankStroke.evaluate({ radius: shape.radius })).toBeCloseTo(0.06, 12);
  });
  it('500 N at an efficiency of 0.85 ask 18.2 N·m (handbook); it pushes across by a quarter', () => {
    const steady = q('force', 500);
    const thrust = crank.crankThrust.evaluate({ steady, mass: q('mass', 0), speed, ...shape, k });
    expect((thrust * k) / 0.85).toBeCloseTo(18.2, 1);
    expect(crank.crankSideThrust.evaluate({ force: steady, ...shape }) / 500).toBeCloseTo(0.258, 3);
    expect(crank.crankPin.evaluate({ limit: steady, ...shape })).toBeCloseTo(500 * Math.sqrt(1 - 1 / 16), 6);
  });
});

describe('any crank', () => {
  it('moves as its place says: lever and bend are its derivatives (central differences)', () => {
    fc.assert(
      fc.property(anyShape, fc.double({ min: 0, max: 6.28, noNaN: true }), (s, angle) => {
        const h = 1e-5;
        const slope = (crank.placeAt(s, angle + h) - crank.placeAt(s, angle - h)) / (2 * h);
        expect(slope / s.radius).toBeCloseTo(-crank.leverAt(s, angle) / s.radius, 6);
        const bend = -(crank.leverAt(s, angle + h) - crank.leverAt(s, angle - h)) / (2 * h);
        expect(bend / s.radius).toBeCloseTo(crank.bendAt(s, angle) / s.radius, 5);
      }),
    );
  });
  it('does over a turn the work of its strokes, and its mass does none', () => {
    fc.assert(
      fc.property(anyShape, fc.double({ min: 0, max: 50, noNaN: true }), (s, mass) => {
        let work = 0;
        let steps = 0;
        crank.overTurn((angle) => {
          work +=
            crank.thrustAt(s, { steady: 100, mass, omega: 3 }, angle) * Math.abs(crank.leverAt(s, angle));
          steps++;
        });
        const asked = 100 * 4 * s.radius;
        expect((work * 2 * Math.PI) / steps / asked).toBeCloseTo(1, 3);
      }),
    );
  });
  it('accelerates most where its link is stretched out, by the lever that its speed is counted with', () => {
    fc.assert(
      fc.property(anyShape, (s) => {
        const lever = crank.crankLever.evaluate(s);
        const v = q('speed', 3 * lever);
        const most = crank.crankAcceleration.evaluate({ ...s, speed: v, k: lever });
        expect(most).toBeCloseTo(Math.abs(crank.bendAt(s, 0)) * 9, 9);
        let seen = 0;
        crank.overTurn((angle) => {
          seen = Math.max(seen, Math.abs(crank.bendAt(s, angle)) * 9);
        });
        expect(seen).toBeLessThanOrEqual(most * (1 + 1e-9));
      }),
    );
  });
  it('heats its motor by a known sum: a steady force alone gives the RMS of its levers', () => {
    // With an endless link the lever is r sin: its RMS is r / sqrt 2.
    const long = { radius: mm(30), link: q('length', 30) };
    const lever = crank.crankLever.evaluate(long);
    const rms = crank.crankRms.evaluate({
      steady: q('force', 100),
      mass: q('mass', 0),
      speed: q('speed', 1),
      ...long,
      k: lever,
    });
    expect(rms / 100).toBeCloseTo(Math.SQRT1_2, 4);
    // A mass alone swings its torque at twice the turn: m r² w² / 2 times sin 2θ.
    const w = 1 / lever;
    const mass = { steady: q('force', 0), mass: q('mass', 8), speed: q('speed', 1), ...long, k: lever };
    expect(crank.crankRms.evaluate(mass) * lever).toBeCloseTo((8 * 0.03 ** 2 * w * w) / 2 / Math.SQRT2, 5);
    // A link of a thousand radii still adds a thousandth.
    expect((crank.crankThrust.evaluate(mass) * lever) / ((8 * 0.03 ** 2 * w * w) / 2)).toBeCloseTo(1, 2);
  });
});
