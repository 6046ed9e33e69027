import { describe, expect, it } from 'vitest';
import { analyse } from '@/core/machine';
import { guess, halfWidth, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { demoAxis } from '@test/helpers/demo';
import { axisDoubt } from '.';

/** Small seeded generator (mulberry32) and Box-Muller, for the referee. */
function normals(seed: number) {
  let a = seed;
  const uniform = () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}

describe('doubt of the ladder', () => {
  const bed = demoAxis('bed');
  const doubt = axisDoubt(bed);
  const of = (id: string) => doubt.rungs.find((r) => r.id === id)!;

  it('whip: root 5 %, its length 1 %, lead 1 % add as squares (n ~ d/L², v ~ n·lead)', () => {
    const limit = analyse(bed, silentWorksheet).rungs.find((r) => r.id === 'whip')!.limit;
    expect(of('whip').halfWidth / limit).toBeCloseTo(Math.hypot(0.05, 2 * 0.01, 0.01), 3);
    expect(
      of('whip')
        .causes.map((c) => c.path)
        .slice(0, 2),
    ).toEqual(['drive.rootDiameter', 'drive.betweenBearings']);
  });

  it('a measured curve carries the doubt of its points into the torque rungs', () => {
    const curve = (basis: 'measured' | 'estimate') => ({
      voltage: guess('voltage', '48 V'),
      points: [
        [0, 1.5],
        [600, 1],
        [1800, 0.2],
      ].map(([n, t]) => ({
        speed: guess('angularSpeed', `${n} rpm`),
        torque: { ...guess('torque', `${t} N·m`), basis },
      })),
    });
    const half = (basis: 'measured' | 'estimate') => {
      const axis = setAt(bed, 'motor.curve', curve(basis));
      const cause = axisDoubt(axis)
        .rungs.find((r) => r.id === 'torque-rapid')!
        .causes.find((c) => c.path === 'motor.curve');
      return cause?.halfWidth ?? 0;
    };
    // One per cent against twenty-five: to first order in proportion.
    expect(half('measured')).toBeGreaterThan(0);
    expect(half('estimate') / half('measured')).toBeGreaterThan(15);
  });

  it.each(['torque-rapid', 'whip'] as const)(
    '%s agrees with 4000 draws (JCGM 101) within a fifth',
    (id) => {
      // Only inputs that the doubt itself names, drawn as normals; the referee does not know about shares.
      const inputs = of(id).causes.map((c) => c.path);
      const normal = normals(20261123);
      const draws = Array.from({ length: 4000 }, () => {
        let axis = bed;
        for (const path of inputs) {
          const m = path
            .split('.')
            .reduce<unknown>((o, k) => (o as Record<string, unknown>)[k], bed) as Parameters<
            typeof halfWidth
          >[0];
          axis = setAt(axis, `${path}.si`, Math.max(m.si * 0.01, m.si + (halfWidth(m) / 1.96) * normal()));
        }
        return analyse(axis, silentWorksheet).rungs.find((r) => r.id === id)!.limit as number;
      }).sort((a, b) => a - b);
      const spread = (draws[3900]! - draws[100]!) / 2;
      expect(of(id).halfWidth / spread).toBeGreaterThan(0.8);
      expect(of(id).halfWidth / spread).toBeLessThan(1.25);
    },
    60_000,
  );

  it('names an input worth measuring only where the interval reaches what is asked', () => {
    expect(doubt.next?.rung).toBe('torque-rapid');
    expect(axisDoubt(demoAxis('plunge')).next).toBeUndefined();
  });
});
