import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { type Basis, type Body, guess as m, startingBody, startingShape } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { bodies } from '.';

describe('masses out of shapes', () => {
  const one = q('count', 1);
  it('2 m of 60 x 60 x 3 cold formed weigh 2 x 5.19 kg (EN 10219-2)', () => {
    const body: Body = {
      id: 'a',
      name: 'a',
      mass: m('mass', '1 kg'),
      shape: {
        kind: 'member',
        section: {
          kind: 'rect-tube',
          height: m('length', '60 mm'),
          width: m('length', '60 mm'),
          wall: m('length', '3 mm'),
          making: 'cold',
        },
        material: 'steel',
        length: m('length', '2 m'),
        count: m('count', '1'),
      },
    };
    expect(Math.abs(bodies.massOf(body, 'x', silentWorksheet) / 10.38 - 1)).toBeLessThan(0.005);
    expect(bodies.massOf({ ...body, shape: null }, 'x', silentWorksheet)).toBe(1);
    const as = (basis: Basis, b: Body = body) =>
      JSON.parse(JSON.stringify(b).replaceAll('"ours"', `"${basis}"`)) as Body;
    expect(bodies.basisOf(as('estimate'))).toBe('estimate');
    expect(bodies.basisOf(as('measured'))).toBe('measured');
    const motor = { ...body, shape: startingShape('motor') };
    expect(bodies.basisOf(as('measured', motor))).toBe('estimate');
    // One size that nobody has said, and the mass is ours.
    expect([bodies.basisOf(body), bodies.basisOf(motor)]).toEqual(['ours', 'ours']);
  });
  it('a plate of aluminium 300 x 200 x 10 is 1.62 kg; density times volume', () => {
    expect(
      bodies.plateMass.evaluate({
        density: q('density', 2700),
        length: q('length', 0.3),
        width: q('length', 0.2),
        thickness: q('length', 0.01),
        count: one,
      }),
    ).toBeCloseTo(1.62, 9);
    expect(
      bodies.memberMass.evaluate({
        density: q('density', 2700),
        area: q('area', 1e-3),
        length: q('length', 2),
        count: q('count', 3),
      }),
    ).toBeCloseTo(16.2, 9);
  });
  it(
    'motors of size 17, 23 and 34 and an 80 mm spindle within a fifth of what they weigh (common ' +
      'practice, no source)',
    () => {
      const motor = (flange: number, length: number) =>
        bodies.motorMass.evaluate({
          density: q('density', 4300),
          flange: q('length', flange),
          length: q('length', length),
          count: one,
        });
      for (const [value, weighed] of [
        [motor(0.0423, 0.048), 0.36],
        [motor(0.057, 0.076), 1.05],
        [motor(0.086, 0.118), 3.8],
        [
          bodies.spindleMass.evaluate({
            density: q('density', 4800),
            diameter: q('length', 0.08),
            length: q('length', 0.21),
          }),
          5,
        ],
      ] as const)
        expect(Math.abs(value / weighed - 1)).toBeLessThan(0.2);
    },
  );
  it('a box and a round of a decimetre weigh their density, the round π/4 of it', () => {
    const decimetre = q('length', 0.1);
    const box = { density: q('density', 4300), flange: decimetre, length: decimetre };
    expect(bodies.motorMass.evaluate({ ...box, count: q('count', 2) })).toBeCloseTo(8.6, 12);
    expect(
      bodies.spindleMass.evaluate({ density: q('density', 4800), diameter: decimetre, length: decimetre }),
    ).toBeCloseTo((4.8 * Math.PI) / 4, 12);
  });
  it('half of a cable chain moves', () => {
    expect(
      bodies.cableChainMass.evaluate({ lineMass: q('linearDensity', 1.2), length: q('length', 3) }),
    ).toBeCloseTo(1.8, 12);
  });
  it.each(['member', 'plate', 'motor', 'spindle', 'cable-chain'] as const)(
    'a starting %s has a mass',
    (kind) => {
      expect(
        bodies.massOf(startingBody('a', 'a', startingShape(kind)), 'x', silentWorksheet),
      ).toBeGreaterThan(0);
    },
  );
});
