import fc from 'fast-check';
import type { PlateLoad, PlateShape } from '@/core/guides';

/** Any number of a range. */
export const num = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** Any plate on its carriages. */
export const anyShape: fc.Arbitrary<PlateShape> = fc
  .record({
    rails: fc.integer({ min: 1, max: 4 }),
    perRail: fc.integer({ min: 1, max: 4 }),
    spacing: num(0.05, 2),
    length: num(0.05, 1),
    races: num(0.005, 0.04),
    carriage: num(0.03, 0.12),
  })
  .map((s) => ({ ...s, spacing: s.rails > 1 ? s.spacing : 0, length: s.perRail > 1 ? s.length : 0 }));
/** Any load on it. */
export const anyLoad: fc.Arbitrary<PlateLoad> = fc.record({
  y: num(-500, 500),
  z: num(-900, 900),
  roll: num(-200, 200),
  pitch: num(-200, 200),
  yaw: num(-200, 200),
});
