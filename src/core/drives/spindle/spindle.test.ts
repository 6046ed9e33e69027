import { describe, expect, it } from 'vitest';
import { quantity as q, units } from '@/core/units';
import { belt, spindle } from '..';

const mm = (length: number) => q('length', length / 1e3);
const rpm = (speed: number) => q('angularSpeed', units.angularSpeed[0]!.toSi(speed));
const inch = 25.4;

/** Handbook: 5.25 and 2.25 in pulleys, 350 mm apart. */
const pulleys = { motorPulley: mm(2.25 * inch), spindlePulley: mm(5.25 * inch) };

describe('belt of a spindle', () => {
  it(
    'motor 1750 rpm with 2.25 in drives 5.25 in at 750 rpm; 12 in on the motor makes 4000 ' + '(handbook)',
    () => {
      expect(spindle.spindleSpeed.evaluate({ motor: rpm(1750), ...pulleys })).toBeCloseTo(rpm(750), 9);
      const large = { ...pulleys, motorPulley: mm(12 * inch) };
      expect(spindle.spindleSpeed.evaluate({ motor: rpm(1750), ...large })).toBeCloseTo(rpm(4000), 9);
      expect(spindle.motorSpeedFor.evaluate({ spindle: rpm(4000), ...large })).toBeCloseTo(rpm(1750), 9);
    },
  );
  it('133.35 and 57.15 mm 350 apart: belt of 1003.4 mm, wrap of 167.5° (handbook)', () => {
    const length = belt.loopLength.evaluate({
      centre: mm(350),
      small: pulleys.motorPulley,
      large: pulleys.spindlePulley,
    });
    expect(length * 1e3).toBeCloseTo(1003.4, 1);
    const wrap = spindle.wrapAngle.evaluate({ ...pulleys, centre: mm(350) });
    expect((wrap * 180) / Math.PI).toBeCloseTo(167.5, 1);
    expect(spindle.centreForLength.evaluate({ length, ...pulleys })).toBeCloseTo(0.35, 8);
  });
  it('centres agree with the quadratic form of handbooks, which is good to its next term', () => {
    // C = (B + sqrt(B² - 2 (D - d)²)) / 4, B = L - pi (D + d) / 2.
    for (const length of [700, 1003.4, 1500]) {
      const [d, D] = [57.15, 133.35];
      const B = length - (Math.PI * (D + d)) / 2;
      const quadratic = (B + Math.sqrt(B * B - 2 * (D - d) ** 2)) / 4;
      const exact = spindle.centreForLength.evaluate({ length: mm(length), ...pulleys }) * 1e3;
      expect(Math.abs(exact - quadratic)).toBeLessThan((D - d) ** 4 / quadratic ** 3 / 8);
    }
    expect(spindle.centreForLength.evaluate({ length: mm(200), ...pulleys })).toBe(0);
  });
  it('the belt runs as fast as either rim; the factor of bearings is mean diameter times speed', () => {
    const motor = rpm(1750);
    const turned = spindle.spindleSpeed.evaluate({ motor, ...pulleys });
    const v = spindle.rimSpeed.evaluate({ spindle: turned, spindlePulley: pulleys.spindlePulley });
    expect(v).toBeCloseTo((motor * pulleys.motorPulley) / 2, 9);
    const factor = spindle.bearingSpeed.evaluate({ spindle: rpm(8000), diameter: mm(35) });
    expect(factor).toBeCloseTo(units.diameterSpeed[0]!.toSi(280_000), 6);
  });
});
