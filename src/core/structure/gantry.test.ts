import { describe, expect, it } from 'vitest';
import {
  beam,
  column,
  hard,
  portal,
  zeros,
  base,
  carried,
  answer,
  twoFeet,
  total,
  feet,
  bed,
  full,
  load,
} from '@test/helpers/gantries';
import { GRAVITY } from '@/core/units';
import { firstFrequency, supports } from '@test/helpers/beam-fe';
import { type Ready, solve } from './frame';
import { bedFlexibility, pairFlexibility } from './bed';
import { buildGantry, type GantryInput } from './gantry';
import type { Base, Carried } from './answer';
import { solveGantry } from './solve';

describe('a gantry against closed forms', () => {
  it(
    'clamped at both ends: a load anywhere gives a³ b³ / 3EI L³, a moment about its length x ' +
      '(L - x) / GJ L',
    () => {
      const a = answer(portal, base(twoFeet(hard)), carried());
      for (const x of [0.2, 0.45, 0.7, 1.13]) {
        const [s] = a.along(0, [x]);
        const y = portal.length - x;
        expect(
          s!.compliance[2] / ((x ** 3 * y ** 3) / (3 * beam.EIv * portal.length ** 3)),
          `z at ${x}`,
        ).toBeCloseTo(1, 4);
        expect(
          s!.compliance[0] / ((x ** 3 * y ** 3) / (3 * beam.EIl * portal.length ** 3)),
          `x at ${x}`,
        ).toBeCloseTo(1, 4);
      }
      const hanging = answer(portal, base(twoFeet(hard)), carried({ drop: 0.3 }));
      const x = 0.45;
      const twist = (0.3 ** 2 * x * (portal.length - x)) / (beam.GJ * portal.length);
      expect(
        (hanging.along(0, [x])[0]!.compliance[0] - a.along(0, [x])[0]!.compliance[0]) / twist,
      ).toBeCloseTo(1, 4);
    },
  );
  it(
    'an arm: x³/3EI, its own weight w (x⁴ - 4 L x³ + 6 L² x²)/24EI and the weight of ' + 'what rides on it',
    () => {
      const a = answer({ ...portal, kind: 'arm' }, base(hard), carried({ mass: 10 }));
      for (const x of [0.3, 0.91, 1.4]) {
        const L = portal.length;
        const [s] = a.along(0, [x]);
        expect(s!.compliance[2] / (x ** 3 / (3 * beam.EIv))).toBeCloseTo(1, 4);
        const own = (beam.mass * GRAVITY * (x ** 4 - 4 * L * x ** 3 + 6 * L * L * x * x)) / (24 * beam.EIv);
        expect(s!.sag / (own + (10 * GRAVITY * x ** 3) / (3 * beam.EIv))).toBeCloseTo(1, 3);
      }
    },
  );
  it(
    'a prop at the tip takes most of the sag: the propped beam of the tables, P L³ 7/768EI ' +
      'in the middle',
    () => {
      const a = answer({ ...portal, kind: 'arm', prop: { at: 1.4, stiffness: 1e12 } }, base(hard), carried());
      expect(a.along(0, [0.7])[0]!.compliance[2] / ((7 * 1.4 ** 3) / (768 * beam.EIv))).toBeCloseTo(1, 4);
    },
  );
  it(
    'lowest frequency of a clamped beam with nothing on it, against finite elements and a general ' +
      'eigenvalue solver',
    () => {
      const bare = { ...beam, turning: 1e-9, EIl: 9e5 };
      const f = answer(
        { ...portal, beam: bare, pieces: 48 },
        base(twoFeet(hard)),
        carried({ mass: 1e-6 }),
      ).frequency(0, 0.7);
      const want =
        firstFrequency({
          length: 1.4,
          EI: beam.EIv,
          mass: beam.mass,
          elements: 30,
          held: supports('fixed', 'fixed', 30),
        }) /
        (2 * Math.PI);
      expect(f.hertz / want).toBeCloseTo(1, 2);
      expect(f.direction).toBe(2);
      // A heavy head on a light beam: one mass on one spring.
      const heavy = answer(
        { ...portal, beam: { ...bare, mass: 0.01 } },
        base(twoFeet(hard)),
        carried({ mass: 200 }),
      );
      expect(
        heavy.frequency(0, 0.7).hertz /
          (Math.sqrt(1 / (200 * (1.4 ** 3 / (192 * beam.EIv)))) / (2 * Math.PI)),
      ).toBeCloseTo(1, 3);
    },
  );
  it('two beams above each other share a force, and hold a twist by bending against each other', () => {
    const rigidColumn = { ...column, EA: 1e13, EIv: 1e11, EIl: 1e11, GJ: 1e11, GAv: 1e14, GAl: 1e14 };
    const two = answer(
      { ...portal, height: 0.4, column: rigidColumn, spacing: 0.2 },
      base(twoFeet(hard)),
      carried(),
    );
    const one = answer({ ...portal, height: 0.4, column: rigidColumn }, base(twoFeet(hard)), carried());
    expect(one.along(0, [0.7])[0]!.compliance[2] / two.along(0, [0.7])[0]!.compliance[2]).toBeCloseTo(2, 2);
    // A couple M = F s bends both sideways: turn = 2 (F C) / s, with C of one beam; their own twist, clamped
    // at both ends, L/4GJ each, holds beside it.
    const hang = answer(
      { ...portal, height: 0.4, column: rigidColumn, spacing: 0.2 },
      base(twoFeet(hard)),
      carried({ drop: 0.3 }),
    );
    const C = 1.4 ** 3 / (192 * beam.EIl);
    const extra = hang.along(0, [0.7])[0]!.compliance[0] - two.along(0, [0.7])[0]!.compliance[0];
    const [pair, twist] = [(2 * C) / 0.2 ** 2, 1.4 / (8 * beam.GJ)];
    expect(extra / ((0.3 ** 2 * pair * twist) / (pair + twist))).toBeCloseTo(1, 2);
  });
});

describe('the whole of a gantry', () => {
  const series = [{ id: 'plunge', compliance: [4e-9, 5e-9, 1e-9] as const }];
  const a = answer(full, base(feet, [zeros(12), bed(8e-9)]), load, series);
  it('the shares of a budget add up to the compliance, in every direction and at every place', () => {
    for (const at of [0, 1])
      for (const place of [0.13, 0.7, 1.31]) {
        const [s] = a.along(at, [place]);
        for (const d of [0, 1, 2] as const) {
          const shares = a.budget(at, place, d);
          expect(total(shares) / s!.compliance[d], `${at} ${place} ${d}`).toBeCloseTo(1, 6);
          for (const { id, value } of shares) expect(value, id).toBeGreaterThan(-1e-15);
        }
      }
  });
  it('the shares add up for two beams too, where the plate settles between them', () => {
    const two = answer({ ...full, spacing: 0.18 }, base(feet, [bed(8e-9)]), load, series);
    for (const place of [0.21, 0.7])
      for (const d of [0, 1, 2] as const)
        expect(total(two.budget(0, place, d)) / two.along(0, [place])[0]!.compliance[d]).toBeCloseTo(1, 6);
  });
  it('two bed members under one plate hold a moment as a couple: 2 C / s² beside their twist', () => {
    const one = bedFlexibility(column, 1, 3, 1e8, [0.5])![0]!;
    const pair = pairFlexibility(one, 0.4);
    expect(pair[2]![2]! / one[2]![2]!).toBeCloseTo(0.5, 6);
    expect(1 / pair[3]![3]! / (2 / one[3]![3]! + 0.4 ** 2 / 2 / one[2]![2]!)).toBeCloseTo(1, 6);
  });
  it(
    'a bed on supports: at a support the support alone gives, between two the member bends (three ' +
      'supports against the continuous beam of the tables)',
    () => {
      const stiff = { ...column, GAv: 1e13 };
      // Two equal spans, load in the middle of one: 23 P L³ / 1536 EI (beam tables, two spans, one loaded).
      const f = bedFlexibility(stiff, 2, 3, 1e14, [0.5])![0]!;
      expect(f[2]![2]! / (23 / (1536 * stiff.EIv))).toBeCloseTo(1, 4);
      expect(bedFlexibility(stiff, 2, 3, 5e7, [1])![0]![2]![2]! * 5e7).toBeLessThan(1);
    },
  );
  it(
    'correcting one factored frame for what it stands on is the same as putting the springs ' +
      'into the frame',
    () => {
      // Carriages and bed in series, unknown by unknown: both are diagonal here.
      const K = feet.map((k, i) => 1 / (1 / k + bed(8e-9)[i]![i]!));
      const direct = buildGantry(full, K).prepared as Ready;
      const gantry = buildGantry(full, feet);
      const node = gantry.beams[0]![12]!;
      const f = new Float64Array(6 * direct.frame.nodes.length);
      f[6 * node + 2] = 1;
      const bare = answer(
        full,
        base(feet, [bed(8e-9)]),
        carried({ plate: [1e20, 1e20, 1e20, 1e20, 1e20, 1e20] }),
      );
      expect(bare.along(0, [0.7])[0]!.compliance[2] / solve(direct, f)[6 * node + 2]!).toBeCloseTo(1, 8);
    },
  );
  it('is the same from the left and from the right', () => {
    const [left, right] = a.along(1, [0.3, 1.1]);
    for (const d of [0, 1, 2]) expect(left!.compliance[d]).toBeCloseTo(right!.compliance[d]!, 15);
    expect(left!.sag).toBeCloseTo(right!.sag, 12);
  });
  it(
    'reciprocity: the movement at one place by a force at another is the same the other way ' +
      'round (Maxwell)',
    () => {
      const ready = buildGantry(full, feet).prepared as Ready;
      const [p, q] = [6 * 9 + 2, 6 * 15 + 3];
      const unit = (i: number) => {
        const f = new Float64Array(6 * ready.frame.nodes.length);
        f[i] = 1;
        return f;
      };
      expect(solve(ready, unit(p))[q]! / solve(ready, unit(q))[p]!).toBeCloseTo(1, 8);
    },
  );
  it('the sum of reactions is the sum of loads, 1e-9', () => {
    const gantry = buildGantry(full, feet);
    const ready = gantry.prepared as Ready;
    const f = new Float64Array(6 * ready.frame.nodes.length);
    f[6 * gantry.beams[0]![7]!] = 120;
    f[6 * gantry.beams[0]![7]! + 2] = -300;
    const u = solve(ready, f);
    const sum = (d: number) => gantry.feet.reduce((s, n, i) => s + feet[6 * i + d]! * u[6 * n + d]!, 0);
    expect(Math.abs(sum(0) - 120)).toBeLessThan(1e-9 * 323);
    expect(Math.abs(sum(2) + 300)).toBeLessThan(1e-9 * 323);
  });
  it('a softer bed, a longer drop and a lifted beam give more; a prop gives less', () => {
    const at = (input: GantryInput, b: Base, c: Carried, d: number) =>
      answer(input, b, c).along(0, [0.7])[0]!.compliance[d]!;
    expect(at(full, base(feet, [bed(8e-9)]), load, 2)).toBeGreaterThan(at(full, base(feet), load, 2));
    expect(at(full, base(feet), { ...load, drop: 0.35 }, 0)).toBeGreaterThan(at(full, base(feet), load, 0));
    expect(at({ ...full, lift: [5e7, 5e7, 2e7, 1e5, 1e5, 1e5] }, base(feet), load, 2)).toBeGreaterThan(
      at(full, base(feet), load, 2),
    );
    const arm = { ...full, kind: 'arm' as const };
    const one = feet.slice(0, 6);
    expect(at({ ...arm, prop: { at: 1.4, stiffness: 2e7 } }, base(one), load, 2)).toBeLessThan(
      at(arm, base(one), load, 2),
    );
  });
  it('its shape hangs where its tool stands, and follows a push', () => {
    const shape = a.shape(0, 0.7, [100, 0, 0]);
    expect(shape).toHaveLength(full.pieces + 1);
    expect(shape[12]!.z).toBeLessThan(shape[0]!.z);
    expect(shape[12]!.x).toBeGreaterThan(0);
    // A push below the beam along +x turns it about y.
    expect(shape[12]!.twist).not.toBe(0);
  });
  it('one that stands on nothing is refused', () => {
    expect(solveGantry(full, { carriages: zeros(12), beds: [zeros(12)] }, load, [])).toEqual({
      ok: false,
      code: 'loose',
    });
  });
  it('a mesh twice as fine says the same', () => {
    const fine = answer({ ...full, pieces: 48 }, base(feet), load, series);
    const coarse = answer({ ...full, pieces: 24 }, base(feet), load, series);
    const [f, c] = [fine.along(0, [0.517])[0]!, coarse.along(0, [0.517])[0]!];
    for (const d of [0, 1, 2]) expect(f.compliance[d]! / c.compliance[d]!).toBeCloseTo(1, 6);
    expect(f.sag / c.sag).toBeCloseTo(1, 3);
  });
});
