import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type BeltDrive, startingDrive } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { baseAxis } from '@test/helpers/axes';
import { belt, line } from '..';
import { resolveBelt } from '.';

const mm = (v: number) => q('length', v / 1000);
const count = (n: number) => q('count', n);

describe('toothed belts', () => {
  it(
    '20 teeth of 5 mm move 100 mm a turn, on a pitch circle of 31.83 mm (ISO 13050: teeth ' + 'times pitch)',
    () => {
      expect(2 * Math.PI * belt.beltTravel.evaluate({ teeth: count(20), pitch: mm(5) })).toBeCloseTo(0.1, 12);
      expect(belt.pulleyDiameter.evaluate({ teeth: count(20), pitch: mm(5) }) * 1000).toBeCloseTo(31.83, 2);
    },
  );
  it(
    'length over two pulleys: the exact form against the usual series 2C + pi/2 (D+d) + (D-d)²/4C ' +
      '(Shigley, flexible elements)',
    () => {
      fc.assert(
        fc.property(
          fc.double({ min: 0.01, max: 0.1, noNaN: true }),
          fc.double({ min: 0.01, max: 0.1, noNaN: true }),
          fc.double({ min: 0.3, max: 3, noNaN: true }),
          (d, D, C) => {
            const exact = belt.loopLength.evaluate({
              centre: q('length', C),
              small: q('length', d),
              large: q('length', D),
            });
            expect(exact / (2 * C + (Math.PI / 2) * (D + d) + (D - d) ** 2 / (4 * C))).toBeCloseTo(1, 4);
          },
        ),
      );
    },
  );
  it('equal pulleys: exactly twice the distance and once round', () => {
    expect(belt.loopLength.evaluate({ centre: mm(200), small: mm(40), large: mm(40) })).toBeCloseTo(
      0.4 + Math.PI * 0.04,
      12,
    );
  });
  it('the distance for whole teeth gives back that belt, whatever the pulleys (round trip)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 40 }),
        fc.integer({ min: 12, max: 80 }),
        fc.integer({ min: 90, max: 300 }),
        (a, b, teeth) => {
          const [small, large] = [a, b].map((z) =>
            belt.pulleyDiameter.evaluate({ teeth: count(z), pitch: mm(5) }),
          ) as [ReturnType<typeof mm>, ReturnType<typeof mm>];
          const centre = belt.centreForTeeth.evaluate({
            beltTeeth: count(teeth),
            pitch: mm(5),
            small,
            large,
          });
          if (centre === 0) return;
          const length = belt.loopLength.evaluate({ centre, small, large });
          expect(length / (teeth * 0.005)).toBeCloseTo(1, 7);
          expect(belt.beltTeeth.evaluate({ length, pitch: mm(5) })).toBe(teeth);
        },
      ),
    );
  });
  it('a string of 6 g/m under 60 N sounds 100 Hz over half a metre (vibrating string: T = 4 m L² f²)', () => {
    expect(
      belt.spanFrequency.evaluate({
        tension: q('force', 60),
        lineMass: q('linearDensity', 0.006),
        length: mm(500),
      }),
    ).toBeCloseTo(100, 9);
  });
  it(
    'stiffness of a loop and of an open belt: springs side by side; the softest places are the ' +
      'idler’s end and the middle',
    () => {
      const rate = belt.beltRate.evaluate({ specific: q('stiffness', 16e6), width: mm(15) });
      expect(rate).toBe(240_000);
      const loop = (x: number) =>
        belt.loopStiffness.evaluate({ rate, place: q('length', x), centre: q('length', 1) });
      const open = (x: number) =>
        belt.openStiffness.evaluate({ rate, place: q('length', x), centre: q('length', 1) });
      expect(loop(1)).toBeCloseTo(rate + rate, 6);
      expect(open(0.5)).toBeCloseTo(4 * rate, 6);
      for (const x of [0.1, 0.3, 0.7, 0.9]) {
        expect(loop(x)).toBeGreaterThan(loop(1));
        expect(open(x)).toBeGreaterThan(open(0.5));
      }
    },
  );
  it(
    'teeth in mesh: half of them at half a turn; below six the pull falls in proportion ' + '(from memory)',
    () => {
      const mesh = belt.teethInMesh.evaluate({ teeth: count(20), wrap: q('angle', Math.PI) });
      expect(mesh).toBeCloseTo(10, 12);
      expect(belt.beltPull.evaluate({ allowed: q('force', 500), mesh })).toBe(500);
      expect(belt.beltPull.evaluate({ allowed: q('force', 600), mesh: q('ratio', 3) })).toBe(300);
    },
  );
  it(
    'a stage is tightened to half its pull: 1 N·m on a 20 mm pulley pulls 100 N, 50 N at rest ' +
      '(from memory)',
    () => {
      expect(belt.stageTension.evaluate({ torque: q('torque', 1), diameter: mm(20) })).toBeCloseTo(50, 9);
    },
  );
});

describe('what rack, belt and chain share', () => {
  it(
    'twist of a steel shaft: 20 mm over 1 m is 1244 N·m/rad by the polar second moment (St Venant), ' +
      'and k² turns it into a push',
    () => {
      const shear = q('modulus', 79.2e9);
      const k = q('travelPerRadian', 0.02);
      const J = (Math.PI * 0.02 ** 4) / 32;
      expect((79.2e9 * J) / 1).toBeCloseTo(1244, 0);
      expect(line.shaftTorsion.evaluate({ shear, diameter: mm(20), length: q('length', 1), k })).toBeCloseTo(
        (79.2e9 * J) / 0.02 ** 2,
        3,
      );
      expect(
        line.turningStiffness.evaluate({ torsional: q('torsionalStiffness', (79.2e9 * J) / 1), k }),
      ).toBeCloseTo((79.2e9 * J) / 0.02 ** 2, 3);
    },
  );
  it('shares, stiffness of both sides and inertia (equal kinetic energy)', () => {
    expect(line.strandForce.evaluate({ thrust: q('force', 200), share: q('ratio', 0.7) })).toBeCloseTo(
      140,
      12,
    );
    expect(line.sharedStiffness.evaluate({ one: q('stiffness', 1e6), share: q('ratio', 0.5) })).toBe(2e6);
    const inertia = line.lineInertia.evaluate({
      wheels: q('inertia', 1e-4),
      lineMass: q('linearDensity', 0.1),
      length: q('length', 4),
      k: q('travelPerRadian', 0.02),
    });
    expect(0.5 * inertia * 10 ** 2).toBeCloseTo(0.5 * 1e-4 * 100 + 0.5 * 0.4 * (0.02 * 10) ** 2, 12);
  });
  it(
    'a belt round half a pulley pulls its shaft with both spans, round a quarter with root two of ' +
      'one (balance of forces)',
    () => {
      const pull = (wrap: number, force = 0, share = 0) =>
        line.pullOnShaft.evaluate({
          pretension: q('force', 100),
          pull: q('force', force),
          share: q('ratio', share),
          wrap: q('angle', wrap),
        });
      expect(pull(Math.PI)).toBeCloseTo(200, 9);
      expect(pull(Math.PI / 2)).toBeCloseTo(100 * Math.SQRT2, 9);
      // At the pulley itself the short span takes all of the thrust: 2 T0 + F.
      expect(pull(Math.PI, 80, 1)).toBeCloseTo(280, 9);
    },
  );
  it('the pull on its shaft is that of two springs of x and 2C - x that share the thrust (Hooke)', () => {
    const { drive: made, ...axis } = baseAxis();
    const drive = { ...startingDrive('belt', 0.8, made) } as BeltDrive;
    const [T0, C, travel, F] = [drive.pretension.si, drive.centreDistance.si, axis.demands.travel.si, 60];
    const radial = resolveBelt(drive, travel, q('force', F), silentWorksheet)
      .figures(silentWorksheet)
      .find((f) => f.id === 'shaft-radial')!.value;
    const x = (C - travel) / 2;
    const [short, long] = [1 / x, 1 / (2 * C - x)];
    const tensions = T0 + (F * short) / (short + long) + (T0 - (F * long) / (short + long));
    expect(radial).toBeCloseTo(tensions, 6);
    expect(radial).toBeGreaterThan(2 * T0 + 0.8 * F);
  });
  it('200 N at 20 mm from its bearing bend a shaft with 4 N·m (cantilever of the beam tables)', () => {
    expect(line.shaftBending.evaluate({ radial: q('force', 200), overhang: mm(20) })).toBeCloseTo(4, 12);
  });
  it(
    'a wheel that runs out by e is off by 2 e within a turn (eccentric circle, integrated in small ' +
      'steps); given figures stay as given',
    () => {
      const e = 3e-5;
      let [x, low, high] = [0, 0, 0];
      for (let i = 0; i < 20_000; i++) {
        x += e * Math.cos((2 * Math.PI * (i + 0.5)) / 20_000) * ((2 * Math.PI) / 20_000);
        low = Math.min(low, x);
        high = Math.max(high, x);
      }
      expect(line.linePlay.evaluate({ runout: q('length', e) })).toBeCloseTo(high - low, 9);
      expect(line.givenSpeed.evaluate({ limit: q('speed', 3) })).toBe(3);
      expect(line.givenStiffness.evaluate({ given: q('stiffness', 5) })).toBe(5);
    },
  );
});
