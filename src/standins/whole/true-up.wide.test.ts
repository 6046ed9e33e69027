import { describe, expect, it } from 'vitest';
import { arrangements } from '@/core/model';
import { faultsBy, machineOf, openYard, trueUp } from '@test/helpers/true-up';

/** Machines of every arrangement. */
const SEEDS = 200;

describe('closed loop, wide', () => {
  it.each(arrangements)(
    '%s: two hundred machines end inside every limit',
    async (arrangement) => {
      const outside: unknown[] = [];
      for (let seed = 1000; seed < 1000 + SEEDS; seed++) {
        const yard = await openYard(machineOf(arrangement), faultsBy(seed), seed);
        const { worst } = await trueUp(yard);
        outside.push(
          ...Object.entries(worst).flatMap(([key, share]) => (share > 1 ? [[seed, key, share]] : [])),
        );
      }
      expect(outside).toEqual([]);
    },
    3_600_000,
  );
});
