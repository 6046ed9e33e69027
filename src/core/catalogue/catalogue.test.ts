import { describe, expect, it } from 'vitest';
import { familyById, leadVariation, screwSizes, screwSteel, usualSpeedLimit } from '.';

const mm = (thread: string, nominal: number) =>
  screwSizes.find((s) => s.thread === thread && Math.abs(s.nominal - nominal / 1000) < 1e-9)!;

describe('screws of the catalogue', () => {
  // ISO 2904, table of basic dimensions: minor diameter d3 of the external thread.
  it.each([
    [8, 5.5],
    [10, 7.5],
    [12, 8.5],
    [14, 10.5],
    [16, 11.5],
    [20, 15.5],
    [24, 18.5],
    [28, 22.5],
    [32, 25],
    [40, 32],
  ])('trapezoidal %d: d3 %d mm (ISO 2904)', (nominal, d3) => {
    expect(mm('trapezoidal', nominal).root * 1000).toBeCloseTo(d3, 9);
  });
  // ASME B1.5, general purpose, class 2G: maximum minor diameter of the external thread, in.
  it.each([
    [0.5, 0.38],
    [0.625, 0.48],
    [0.75, 0.5633],
    [1, 0.78],
    [1.25, 1.03],
    [1.5, 1.23],
  ])('Acme %d in: minor %d in (ASME B1.5)', (nominal, minor) => {
    expect(mm('acme', nominal * 25.4).root / 0.0254).toBeCloseTo(minor, 3);
  });
  // ISO 965 and DIN 13: minor diameter of coarse external threads, mm.
  it.each([
    [8, 6.466],
    [10, 8.16],
    [12, 9.853],
    [16, 13.546],
    [20, 16.933],
  ])('threaded rod M%d: d3 %d mm (ISO 68-1)', (nominal, d3) => {
    expect(mm('vee', nominal).root * 1000).toBeCloseTo(d3, 3);
  });
  it('ball screws of 10 mm lead carry twice as much from 25 mm on: their balls are larger (memory)', () => {
    const rating = (size: string, path: string) =>
      parseFloat(familyById('ball-screw')!.parts.find((p) => p.id === `ball-${size}`)!.values[path]!);
    for (const d of [25, 32, 40]) {
      const [fine, coarse] = [`${d}mm-5mm`, `${d}mm-10mm`];
      const ratio = (path: string) => rating(coarse, path) / rating(fine, path);
      expect(ratio('drive.thread.dynamicLoad')).toBeGreaterThan(1.9);
      expect(ratio('drive.thread.staticLoad')).toBeGreaterThan(1.6);
      expect(ratio('drive.rootDiameter')).toBeLessThan(1);
    }
    for (const { id, values } of familyById('ball-screw')!.parts)
      expect(parseFloat(values['drive.thread.staticLoad']!), id).toBeGreaterThan(
        parseFloat(values['drive.thread.dynamicLoad']!),
      );
  });
  it('every row says where it comes from, and its root fits its nominal diameter', () => {
    for (const s of screwSizes) {
      expect(s.source.length).toBeGreaterThan(10);
      expect(s.root).toBeLessThan(s.nominal);
      expect(s.root).toBeGreaterThan(0.6 * s.nominal);
      expect([...s.leads].sort((a, b) => a - b)).toEqual(s.leads);
    }
  });
  it('lead variation by class (ISO 3408-3: 12, 23, 52, 210 µm) and steel', () => {
    expect(Object.values(leadVariation).map((v) => Math.round(v * 1e6))).toEqual([12, 23, 52, 210]);
    expect(usualSpeedLimit.ground).toBeGreaterThan(usualSpeedLimit.rolled);
    expect(screwSteel.shearModulus / 1e9).toBeCloseTo(79.2, 1);
  });
});
