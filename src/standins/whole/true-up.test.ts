import { describe, expect, it } from 'vitest';
import { arrangements } from '@/core/model';
import { faultsBy, machineOf, openYard, trueUp } from '@test/helpers/true-up';

/** Two machines of every arrangement: the wide test takes two hundred. */
const SEEDS = [1, 118];

describe('closed loop: a machine with every fault, trued by the advice through its two lines alone', () => {
  it.each(arrangements.flatMap((a) => SEEDS.map((seed) => [a, seed] as const)))(
    '%s, seed %i, ends inside every limit',
    async (arrangement, seed) => {
      const yard = await openYard(machineOf(arrangement), faultsBy(seed), seed);
      const { worst, rounds } = await trueUp(yard);
      expect(Object.entries(worst).filter(([, share]) => share > 1)).toEqual([]);
      // Not by luck: something was moved, and every sheet was read.
      expect(Object.keys(worst).every((key) => rounds[key]! > 0)).toBe(true);
      expect(yard.machine.happenings.length).toBeGreaterThan(8);
    },
  );
  it('as it was put together it is far outside', async () => {
    const yard = await openYard(machineOf('moving-gantry'), faultsBy(1), 1);
    const { worst } = await trueUp(yard, 0);
    expect(Object.values(worst).filter((share) => share > 1).length).toBeGreaterThan(8);
  });
});
