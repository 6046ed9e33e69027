import { expect, it } from 'vitest';
import { hiddenBy, openBench, stepsThroughPorts } from '@test/helpers/closed-loop';

it.each(Array.from({ length: 60 }, (_, i) => i + 100))(
  'seed %i: its scale is made true through its ports alone',
  async (seed) => {
    const machine = await openBench(seed, hiddenBy(seed));
    const found = await stepsThroughPorts(machine);
    await machine.ask('put', { n: 101, v: 100 / found.scale });
    const after = await stepsThroughPorts(machine);
    expect(Math.abs(after.scale - 1) * 0.09).toBeLessThan(2e-5);
  },
  60_000,
);
