import { describe, expect, it } from 'vitest';
import { hiddenBy, openBench, stepsThroughPorts } from '@test/helpers/closed-loop';

/** Way over which a scale error counts, and what it may leave, m. */
const RUN = 0.09;
const GOOD = 2e-5;

describe('a machine with hidden faults, known through its two lines only', () => {
  it.each(Array.from({ length: 12 }, (_, i) => i + 1))(
    'seed %i: steps per unit are found, put into the controller, and hold then',
    async (seed) => {
      const hidden = hiddenBy(seed);
      const machine = await openBench(seed, hidden);
      const found = await stepsThroughPorts(machine);
      const scale = 100 / hidden.trueSteps;
      expect(Math.abs(found.scale - scale)).toBeLessThan(Math.max(found.expanded, 5e-5));
      // Play, and what friction winds up on either side of it.
      expect(-found.reversal).toBeGreaterThan(hidden.play - 1e-5);
      expect(-found.reversal).toBeLessThan(hidden.play + 3e-5);
      expect((await machine.ask('put', { n: 101, v: 100 / found.scale })).ok).toBe(true);
      const after = await stepsThroughPorts(machine);
      expect(Math.abs(after.scale - 1) * RUN).toBeLessThan(GOOD);
    },
  );
  it('the same seed and the same questions give the same answer, to the last bit', async () => {
    const answer = async () => {
      const machine = await openBench(7, hiddenBy(7));
      await machine.goTo(12);
      return [machine.take(), machine.bench.truth('x')];
    };
    expect(await answer()).toEqual(await answer());
  });
});
