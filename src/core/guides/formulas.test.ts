import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { anyLoad, anyShape } from '@test/helpers/plates';
import { carriageLoad, carriagePlaces, guide } from '.';

describe('formulas of the guide', () => {
  it('life: a rating for 50 km is 1.26 times that for 100 km, for the same life (ISO 14728-1)', () => {
    const life = (rating: number, basis: number) =>
      guide.guideLife.evaluate({
        rating: q('force', rating),
        shock: q('ratio', 1),
        load: q('force', 1000),
        basis: q('length', basis),
      });
    expect(life(2 ** (1 / 3) * 1e4, 50e3)).toBeCloseTo(life(1e4, 100e3), 3);
    expect(2 ** (1 / 3)).toBeCloseTo(1.26, 3);
    // Under its rating a carriage lasts as far as the rating stands for: that is what a rating is.
    expect(life(1000, 50e3)).toBeCloseTo(50e3, 6);
    // Twice the load is an eighth of the life.
    expect(life(1e4, 50e3) / life(2e4, 50e3)).toBeCloseTo(1 / 8, 12);
  });
  it(
    'the lines of the working are the plate’s numbers: vertical, lateral, moment, equivalent, ' +
      'safety, drag, grease',
    () => {
      fc.assert(
        fc.property(anyShape, anyLoad, (shape, load) => {
          const { x, y } = carriagePlaces(shape)[0]!;
          const one = carriageLoad(shape, load, x, y, 0);
          const grid = {
            rails: q('count', shape.rails),
            perRail: q('count', shape.perRail),
            length: q('length', shape.length),
            carriage: q('length', shape.carriage),
          };
          expect(
            guide.carriageVertical.evaluate({
              ...grid,
              spacing: q('length', shape.spacing),
              races: q('length', shape.races),
              force: q('force', load.z),
              roll: q('torque', load.roll),
              pitch: q('torque', load.pitch),
              x: q('length', x),
              y: q('length', y),
            }),
          ).toBeCloseTo(one.vertical, 6);
          expect(
            guide.carriageLateral.evaluate({
              ...grid,
              force: q('force', load.y),
              yaw: q('torque', load.yaw),
              x: q('length', x),
              help: q('area', 0),
            }),
          ).toBeCloseTo(one.lateral, 6);
        }),
      );
      const zero = {
        bodyArm: q('length', 0),
        bodyForce: q('force', 0),
        bodyArm2: q('length', 0),
        bodyForce2: q('force', 0),
        toolArm: q('length', 0),
        toolForce: q('force', 0),
        toolArm2: q('length', 0),
        toolForce2: q('force', 0),
        driveArm: q('length', 0),
        driveForce: q('force', 0),
      };
      expect(
        guide.plateMoment.evaluate({
          ...zero,
          bodyArm: q('length', 0.2),
          bodyForce: q('force', 100),
          toolArm2: q('length', 0.1),
          toolForce2: q('force', 50),
        }),
      ).toBeCloseTo(15, 12);
      expect(
        guide.equivalentLoad.evaluate({
          vertical: q('force', -300),
          lateral: q('force', 200),
          moments: q('force', 50),
        }),
      ).toBe(550);
      // 200 N on 200 N/µm: one µm (Hooke).
      expect(
        guide.carriageGive.evaluate({ load: q('force', -200), stiffness: q('stiffness', 2e8) }),
      ).toBeCloseTo(1e-6, 15);
      expect(
        guide.staticSafety.evaluate({
          rating: q('force', 12_000),
          load: q('force', 3000),
          overhang: q('length', 0),
          carriage: q('length', 0.06),
        }),
      ).toBe(4);
      expect(
        guide.guideDrag.evaluate({
          friction: q('ratio', 0.1),
          load: q('force', 100),
          count: q('count', 4),
          seal: q('force', 2),
        }),
      ).toBeCloseTo(18, 12);
      // 100 km of a 1 m travel in 5 s each way: 100 000 ways.
      expect(
        guide.lubrication.evaluate({
          distance: q('length', 1e5),
          travel: q('length', 1),
          time: q('time', 5),
        }),
      ).toBe(5e5);
    },
  );
});
