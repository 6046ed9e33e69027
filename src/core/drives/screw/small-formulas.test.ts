import { describe, expect, it } from 'vitest';
import { screwSteel } from '@/core/catalogue';
import { quantity as q } from '@/core/units';
import { screw } from '..';

const ONE = q('ratio', 1);

describe('limits of a screw', () => {
  it('DN 50 000 on a 16 mm screw is 3125 rpm; a 5 mm lead then makes 15.6 m/min (definition of DN)', () => {
    const dn = q('diameterSpeed', (50_000e-3 * 2 * Math.PI) / 60);
    expect(
      screw.diameterSpeedLimit.evaluate({
        dn,
        nominal: q('length', 0.016),
        lead: q('linearPerTurn', 0.005),
      }) * 60,
    ).toBeCloseTo((50_000 / 16) * 0.005, 9);
  });
  it(
    '80 % of 3000 rpm on a 5 mm lead is 12 m/min; warm at half its square stiffness it is less ' +
      'by the factor',
    () => {
      const at = (warm: number) =>
        screw.whipSpeed.evaluate({
          allowance: q('ratio', 0.8),
          warm: q('ratio', warm),
          critical: q('angularSpeed', 100 * Math.PI),
          lead: q('linearPerTurn', 0.005),
        }) * 60;
      expect(at(1)).toBeCloseTo(12, 9);
      expect(at(0.5)).toBeCloseTo(6, 9);
    },
  );
  it(
    'half of the Euler load is allowed (common practice, no source): 13.5 mm root, 1 m, hinged: ' +
      '3314.9 N by finite elements, 1657 N',
    () => {
      const secondMoment = q('secondMoment', (Math.PI * 0.0135 ** 4) / 64);
      const euler = screw.eulerLoad.evaluate({
        factor: ONE,
        modulus: q('modulus', 206e9),
        secondMoment,
        length: q('length', 1),
      });
      expect(
        screw.columnLimit.evaluate({ allowance: q('ratio', 0.5), euler, compression: q('force', 0) }),
      ).toBeCloseTo(3314.9 / 2, 0);
    },
  );
});

describe('losses, masses and heat of a screw', () => {
  it(
    'a rolling drive of 0.9 gives 0.889 back: what is lost one way is lost the other (work of a ' +
      'turn, to first order); below a half nothing comes back',
    () => {
      expect(screw.rollingBackEfficiency.evaluate({ eta: q('ratio', 0.9) })).toBeCloseTo(
        1 - (1 / 0.9 - 1),
        12,
      );
      expect(screw.rollingBackEfficiency.evaluate({ eta: q('ratio', 0.4) })).toBe(0);
    },
  );
  it('drags on one shaft add up', () =>
    expect(screw.driveDrag.evaluate({ nut: q('torque', 0.04), bearings: q('torque', 0.05) })).toBeCloseTo(
      0.09,
      12,
    ));
  it('a 16 mm steel rod of 1 m has 1.578 kg and 0.505 kg·cm² (solid of revolution: m d²/8)', () => {
    const area = screw.meanArea.evaluate({ meanSquare: q('area', 0.016 ** 2) });
    const mass = area * screwSteel.density;
    expect(mass).toBeCloseTo(1.578, 3);
    expect(
      screw.screwInertia.evaluate({
        density: screwSteel.density,
        meanDiameter: q('length', 0.016),
        length: q('length', 1),
      }),
    ).toBeCloseTo((mass * 0.016 ** 2) / 8, 12);
  });
  it('two ends side by side are as stiff as both together (Hooke)', () => {
    const give = (k: number) => 1 / k;
    expect(
      1 / screw.sideBySide.evaluate({ first: q('stiffness', 2e7), second: q('stiffness', 3e7) }),
    ).toBeCloseTo(give(2e7 + 3e7), 18);
  });
  it(
    '10 K between rigid ends press steel with 23.7 MPa (E α ΔT, textbook); a stretch as large ' +
      'takes it away',
    () => {
      const pressed = (stretch: number) =>
        screw.heatCompression.evaluate({
          modulus: screwSteel.modulus,
          area: q('area', 1e-4),
          expansion: screwSteel.expansion,
          rise: q('temperatureRise', 10),
          stretch: q('force', stretch),
        });
      expect(pressed(0) / 1e-4 / 1e6).toBeCloseTo(23.69, 2);
      expect(pressed(3000)).toBe(0);
    },
  );
  it('rolled trapezoid screws are off by 0.1 to 0.3 mm over 300 mm (from memory), in proportion', () => {
    const off = (mm: number) => screw.slidingLeadError.evaluate({ travel: q('length', mm / 1e3) }) * 1e3;
    expect(off(300)).toBeGreaterThanOrEqual(0.1);
    expect(off(300)).toBeLessThanOrEqual(0.3);
    expect(off(300)).toBeCloseTo(0.2, 12);
    expect(off(900) / off(300)).toBeCloseTo(3, 12);
  });
});
