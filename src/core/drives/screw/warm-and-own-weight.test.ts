import { describe, expect, it } from 'vitest';
import type { ScrewDrive } from '@/core/model';
import { axisReport } from '@/core/machine';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { demoAxis, withSi } from '@test/helpers/demo';
import { resolveScrew, screwSag } from '.';

const bed = demoAxis('bed');
const fixedBoth = { ...bed, drive: { ...bed.drive, farEnd: 'fixed' } as ScrewDrive };
const travel = bed.demands.travel.si;

describe('a warm screw between two fixed bearings', () => {
  const limit = (turning: 'screw' | 'nut', rise: number) => {
    const drive = withSi(fixedBoth, { 'drive.temperatureRise': rise }).drive as ScrewDrive;
    return resolveScrew({ ...drive, turning }, travel, 100, silentWorksheet).thrustLimit!.limit;
  };
  it.each(['screw', 'nut'] as const)(
    'has less left as a column where the %s turns: E A α ΔT less',
    (turning) => {
      const cold = limit(turning, 0);
      const pressed = 206e9 * (Math.PI / 4) * fixedBoth.drive.rootDiameter.si ** 2 * 11.5e-6;
      expect(cold).toBeGreaterThan(0);
      for (const rise of [0.1, 0.3])
        expect(limit(turning, rise)).toBeCloseTo(Math.max(0, cold - rise * pressed), 3);
      expect(limit(turning, 80)).toBe(0);
    },
  );
  it('gives out as a column with a turning nut too, and the turning nut is no way out of its whip', () => {
    const warm = withSi(fixedBoth, { 'drive.temperatureRise': 20, 'drive.stretch': 0 });
    const standing = { ...warm, drive: { ...warm.drive, turning: 'nut' } as ScrewDrive };
    const column = axisReport(standing).findings.find((f) => f.code === 'column');
    expect(column?.verdict).toBe('gives-out');
    const whip = axisReport(warm).findings.find((f) => f.code === 'whip')!;
    expect(whip.remedies[0]?.code).not.toBe('turn-nut');
  });
});

describe('a screw sags by its own weight', () => {
  const sag = (factor: number, level = 1) =>
    screwSag.evaluate({
      factor: q('ratio', factor),
      weight: q('linearDensity', 1.5),
      level: q('ratio', level),
      length: q('length', 2),
      modulus: q('modulus', 206e9),
      secondMoment: q('secondMoment', 1.63e-9),
    });
  it('5wL⁴/384EI between two hinges (Shigley, table of beams), nothing where it stands upright', () => {
    expect(sag(5 / 384)).toBeCloseTo((5 * 1.5 * 9.80665 * 16) / (384 * 206e9 * 1.63e-9), 9);
    expect(sag(5 / 384, 0)).toBe(0);
  });
  it('by its ends as the tables have it: fixed and hinged by the greatest of its elastic line', () => {
    // y = w x² (3L² - 5Lx + 2x²)/48EI from the fixed end (Roark, beams, case 2c).
    const line = Array.from({ length: 1001 }, (_, i) => i / 1000).map(
      (x) => (x * x * (3 - 5 * x + 2 * x * x)) / 48,
    );
    const own = (motorEnd: string, farEnd: string) => {
      const drive = { ...bed.drive, motorEnd, farEnd, turning: 'nut' } as ScrewDrive;
      const figures = resolveScrew(drive, travel, 100, silentWorksheet).figures(silentWorksheet);
      return figures.find((f) => f.id === 'screw-sag')!.value;
    };
    const hinged = own('supported', 'supported');
    expect(own('fixed', 'supported') / hinged).toBeCloseTo(Math.max(...line) / (5 / 384), 3);
    expect(own('fixed', 'fixed') / hinged).toBeCloseTo(1 / 5, 9);
    expect(own('fixed', 'free') / hinged).toBeCloseTo(384 / 40, 9);
  });
});
