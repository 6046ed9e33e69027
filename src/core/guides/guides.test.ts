import fc from 'fast-check';
import { Matrix, solve } from 'ml-matrix';
import { describe, expect, it } from 'vitest';
import { type Axis, guess, startingAxis, startingDrive } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { withSi } from '@test/helpers/demo';
import { anyLoad, anyShape, num } from '@test/helpers/plates';
import {
  carriageLoad,
  carriagePlaces,
  equivalentOf,
  guide,
  loadsIn,
  mountingLimit,
  type PlateLoad,
  type PlateShape,
  plateShape,
  resolveGuide,
} from '.';
import { plateLoad } from './cases';
import { evenSquares } from './plate';

/**
 * Referee: the rigid plate on springs in full, five unknowns (side, lift, roll, pitch, yaw) solved by a
 * general library.
 * Each carriage: vertical and lateral spring and its own moments; two drives as springs along the travel at y
 * = ± half.
 */
function solvePlate(
  s: PlateShape,
  load: PlateLoad,
  kv: number,
  kl: number,
  drive: { stiffness: number; half: number } | undefined,
) {
  const K = Matrix.zeros(5, 5);
  const add = (row: number[], k: number) =>
    row.forEach((a, i) => row.forEach((b, j) => K.set(i, j, K.get(i, j) + k * a * b)));
  const places = carriagePlaces(s);
  for (const { x, y } of places) {
    add([0, 1, y, -x, 0], kv);
    add([1, 0, 0, 0, x], kl);
    add([0, 0, 1, 0, 0], (kv * s.races ** 2) / 4);
    add([0, 0, 0, 1, 0], (kv * s.carriage ** 2) / 12);
    add([0, 0, 0, 0, 1], (kl * s.carriage ** 2) / 12);
  }
  if (drive) for (const y of [-drive.half, drive.half]) add([0, 0, 0, 0, -y], drive.stiffness);
  const u = solve(K, Matrix.columnVector([load.y, load.z, load.roll, load.pitch, load.yaw])).to1DArray() as [
    number,
    number,
    number,
    number,
    number,
  ];
  return places.map(({ x, y }) => ({
    vertical: kv * (u[1] + u[2] * y - u[3] * x),
    lateral: kl * (u[0] + u[4] * x),
  }));
}

describe('carriage loads', () => {
  it(
    'the closed form of a regular grid is the full plate on springs (ml-matrix), for any number of ' +
      'rails and carriages',
    () => {
      fc.assert(
        fc.property(anyShape, anyLoad, num(1e6, 4e8), num(1e6, 4e8), (shape, load, kv, kl) => {
          const referee = solvePlate(shape, load, kv, kl, undefined);
          carriagePlaces(shape).forEach(({ x, y }, i) => {
            const one = carriageLoad(shape, load, x, y, 0);
            const size = 1 + Math.abs(referee[i]!.vertical) + Math.abs(referee[i]!.lateral);
            expect(Math.abs(one.vertical - referee[i]!.vertical) / size).toBeLessThan(1e-6);
            expect(Math.abs(one.lateral - referee[i]!.lateral) / size).toBeLessThan(1e-6);
          });
        }),
      );
    },
  );
  it('two drives hold against yaw as two springs along the travel do', () => {
    fc.assert(
      fc.property(anyShape, anyLoad, num(1e6, 1e8), num(0.2, 0.9), (shape, load, stiffness, half) => {
        const referee = solvePlate(shape, load, 2e8, 1e8, { stiffness, half });
        carriagePlaces(shape).forEach(({ x, y }, i) =>
          expect(
            Math.abs(
              carriageLoad(shape, load, x, y, (stiffness * (2 * half) ** 2) / 2 / 1e8).lateral -
                referee[i]!.lateral,
            ),
          ).toBeLessThan(1e-6 * (1 + Math.abs(referee[i]!.lateral))),
        );
      }),
    );
  });
  it('forces and moments of all carriages balance the load', () => {
    fc.assert(
      fc.property(anyShape, anyLoad, (shape, load) => {
        const all = carriagePlaces(shape).map(({ x, y }) => carriageLoad(shape, load, x, y, 0));
        const sum = (of: (c: (typeof all)[number]) => number) => all.reduce((s, c) => s + of(c), 0);
        expect(sum((c) => c.vertical)).toBeCloseTo(load.z, 6);
        expect(sum((c) => c.lateral)).toBeCloseTo(load.y, 6);
        expect(sum((c) => c.vertical * c.y + c.roll)).toBeCloseTo(load.roll, 6);
        expect(sum((c) => -c.vertical * c.x + c.pitch)).toBeCloseTo(load.pitch, 6);
        expect(sum((c) => c.lateral * c.x + c.yaw)).toBeCloseTo(load.yaw, 6);
      }),
    );
  });
  it('evenly spread places: 2 give L²/2, 3 give L²/2, 4 give 5 L²/9', () => {
    expect([2, 3, 4].map((n) => evenSquares(n, 1))).toEqual([0.5, 0.5, expect.closeTo(5 / 9, 12)]);
  });
  it(
    'a lone carriage takes its moment on its two rows of balls: 10 N·m over 20 mm is as ' + 'much as 1000 N',
    () => {
      const shape = { rails: 1, perRail: 1, spacing: 0, length: 0, races: 0.02, carriage: 0.06 };
      expect(
        equivalentOf(carriageLoad(shape, { y: 0, z: 0, roll: 10, pitch: 0, yaw: 0 }, 0, 0, 0), shape),
      ).toBeCloseTo(1000, 6);
    },
  );
});

const axisWith = (values: Record<string, number>): Axis =>
  withSi(startingAxis('bed', 'a'), {
    'guide.spacing': 0.6,
    'guide.carriageSpan': 0.27,
    'guide.carriageLength': 0.07,
    'guide.railLength': 1.1,
    'guide.staticLoad': 24_000,
    'guide.dynamicLoad': 14_000,
    ...values,
  });
const found = (axis: Axis) =>
  resolveGuide(axis, q('mass', 25), silentWorksheet).concerns(1e7, silentWorksheet);

describe('loads of an axis', () => {
  const mass = 25;
  it('standing in the middle, four carriages share the weight', () => {
    const axis = axisWith({});
    for (const c of loadsIn(axis, mass, plateShape(axis)!, 0, 0))
      expect(c.vertical).toBeCloseTo((-mass * 9.80665) / 4, 9);
  });
  it(
    'hanging below, the weight pulls the carriages off; on a wall it pulls across and its lever ' +
      'rolls the plate',
    () => {
      const hung = { ...axisWith({}), guide: { ...axisWith({}).guide, mounting: 'under' as const } };
      expect(plateLoad(hung, mass, { id: 'standing', acceleration: 0, tool: [0, 0, 0] }).z).toBeCloseTo(
        mass * 9.80665,
        9,
      );
      const wall = withSi(
        { ...hung, guide: { ...hung.guide, mounting: 'wall' as const } },
        { 'guide.massZ': 0.1 },
      );
      const load = plateLoad(wall, mass, { id: 'standing', acceleration: 0, tool: [0, 0, 0] });
      expect([load.y, load.z]).toEqual([expect.closeTo(-mass * 9.80665, 9), expect.closeTo(0, 9)]);
      expect(load.roll).toBeCloseTo(mass * 9.80665 * 0.1, 9);
    },
  );
  it('speeding up tips the plate by the height of the mass over the drive', () => {
    const axis = withSi(axisWith({}), { 'guide.massZ': 0.15, 'guide.driveZ': -0.05 });
    expect(plateLoad(axis, mass, { id: 'speeding-up', acceleration: 2, tool: [0, 0, 0] }).pitch).toBeCloseTo(
      -mass * 2 * 0.2,
      9,
    );
  });
  it('a drive beside the middle yaws the plate; a drive on each side does not', () => {
    const axis = withSi(axisWith({}), { 'guide.driveY': 0.3 });
    expect(plateLoad(axis, mass, { id: 'speeding-up', acceleration: 2, tool: [0, 0, 0] }).yaw).toBeCloseTo(
      -0.3 * mass * 2,
      9,
    );
    expect(
      plateLoad(
        { ...axis, drive: startingDrive('rack', 0.8, { sets: 2, worstShare: guess('ratio', '0.6') }) },
        mass,
        { id: 'speeding-up', acceleration: 2, tool: [0, 0, 0] },
      ).yaw,
    ).toBeCloseTo(0, 9);
  });
  it(
    'drag from friction and wipers: 4 carriages of 3 N and 0.004 of 245 N (common ' + 'practice, no source)',
    () => {
      const axis = { ...axisWith({}), loads: { ...axisWith({}).loads, guideDrag: null } };
      expect(resolveGuide(axis, q('mass', 25), silentWorksheet).drag).toBeCloseTo(
        12 + 0.004 * 25 * 9.80665,
        9,
      );
      expect(resolveGuide(axisWith({}), q('mass', 25), silentWorksheet)).toMatchObject({
        drag: 20,
        dragSource: 'loads.guideDrag',
      });
    },
  );
});

describe('checks of the guide', () => {
  it('static safety is asked by the load factor, and a carriage past the rail end loses rating', () => {
    const safety = (values: Record<string, number>) =>
      found(axisWith(values)).find((c) => c.code === 'guide-static')!;
    expect(safety({}).verdict).toBe('holds');
    expect(safety({ 'guide.staticLoad': 200 }).verdict).toBe('gives-out');
    expect(safety({ 'guide.overhang': 0.0175 }).value / safety({}).value).toBeCloseTo(0.75, 9);
  });
  it(
    'jams where the span is below twice friction times lever (self-locking of a drawer, by balance ' +
      'of forces on two carriages)',
    () => {
      // Push F at lever e: the carriages take N = F e / L each, friction 2 mu N resists; it moves while F > 2
      // mu F e / L.
      const [F, e, mu] = [100, 0.4, 0.15];
      const span = guide.jamSpan.evaluate({ friction: q('ratio', mu), lever: q('length', e) });
      for (const f of [0.99, 1.01]) expect(F > (2 * mu * F * e) / (span * f)).toBe(f > 1);
      const verdict = (driveY: number) =>
        found(axisWith({ 'guide.friction': 0.3, 'guide.driveY': driveY })).find((c) => c.code === 'racking')!
          .verdict;
      expect([verdict(0), verdict(0.5)]).toEqual(['holds', 'gives-out']);
      expect(found(axisWith({})).find((c) => c.code === 'span-short')!.verdict).toBe('thin');
    },
  );
  it(
    'seats: size 15 and 20 take 25 µm, size 25 30 µm of parallelism at light preload; height 85 µm ' +
      'at 500 mm (from memory)',
    () => {
      const at = (size: number) => mountingLimit(axisWith({ 'guide.size': size }).guide)!.parallel * 1e6;
      expect([at(0.015), at(0.02), at(0.025)].map(Math.round)).toEqual([25, 25, 30]);
      expect(guide.heightLimit.evaluate({ per: q('length', 85e-6), spacing: q('length', 1) })).toBeCloseTo(
        170e-6,
        12,
      );
      const codes = found(
        axisWith({ 'guide.size': 0.02, 'guide.heightError': 0.0002, 'guide.parallelError': 0.00005 }),
      )
        .filter((c) => c.verdict === 'thin')
        .map((c) => c.code);
      expect(codes).toEqual(expect.arrayContaining(['rail-height', 'rail-parallel']));
    },
  );
  it(
    'round rods held at their ends sag like a beam on two supports: P L³/48EI (beam tables), a third ' +
      'rod takes a third',
    () => {
      const sag = (rods: number) =>
        guide.rodSag.evaluate({
          load: q('force', 200),
          count: q('count', rods),
          length: q('length', 1),
          modulus: q('modulus', 206e9),
          diameter: q('length', 0.02),
        });
      expect(sag(1)).toBeCloseTo(200 / (48 * 206e9 * ((Math.PI * 0.02 ** 4) / 64)), 12);
      expect(sag(3) / sag(2)).toBeCloseTo(2 / 3, 12);
      const axis = withSi(
        { ...axisWith({}), guide: { ...axisWith({}).guide, kind: 'round-rod' as const } },
        { 'guide.size': 0.016 },
      );
      const sagged = (values: Record<string, number>) =>
        found(withSi(axis, values)).find((c) => c.code === 'rod-sag')!;
      expect(sagged({ 'guide.size': 0.04 }).verdict).toBe('thin');
      // From three times the limit on it is no matter of comfort: 41 mm are not "thin".
      expect(sagged({}).verdict).toBe('gives-out');
    },
  );
  it('bend under the cut as well: 3 and 4 across one another are 5 (Pythagoras)', () => {
    expect(guide.rodLoad.evaluate({ weight: q('force', 30), across: q('force', 40) })).toBeCloseTo(50, 12);
    const rods = (values: Record<string, number>) =>
      found(
        withSi(
          { ...axisWith({}), guide: { ...axisWith({}).guide, kind: 'round-rod' as const } },
          { 'guide.size': 0.03, 'demands.cuttingForce': 0, ...values },
        ),
      ).find((c) => c.code === 'rod-sag')!.value;
    const weight = axisWith({}).loads.masses.reduce((s, b) => s + b.mass.si, 0) * 9.80665;
    expect(rods({ 'guide.sideForce': weight }) / rods({ 'guide.sideForce': 0 })).toBeCloseTo(Math.SQRT2, 6);
  });
  it('rails 1 mm out where 0.025 mm is allowed give out, 0.05 mm are thin', () => {
    const out = (parallelError: number) =>
      found(axisWith({ 'guide.size': 0.02, 'guide.parallelError': parallelError })).find(
        (c) => c.code === 'rail-parallel',
      )!.verdict;
    expect([out(0.02e-3), out(0.05e-3), out(1e-3)]).toEqual(['holds', 'thin', 'gives-out']);
  });
});
