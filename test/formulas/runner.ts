import { TestRunner } from 'vitest';
import type { Test } from '@vitest/runner';

/** A formula is put off by so much: a check that lets two percent pass checks nothing. */
const OFF = 1.02;
/** A test that uses more formulas than these is no test of one of them, and too dear to repeat for each. */
const MOST = 12;

/** What the formulas of this thread tell, and what they are told. */
const probe = {
  defined: new Set<string>(),
  used: new Set<string>(),
  caught: new Set<string>(),
  wrong: null as string | null,
};
Object.assign(globalThis, {
  /** `defineFormula` calls this with every result while formulas are proved, see `config.ts`. */
  probeFormula: {
    define: (id: string) => probe.defined.add(id),
    result(id: string, value: number) {
      probe.used.add(id);
      return probe.wrong === id ? value * OFF : value;
    },
  },
});

/**
 * Runs every test once as it is, then once more for each formula that it used, with that formula slightly
 * wrong: if the test then fails, the formula is checked. What was caught goes out with the test.
 */
export default class FormulaRunner extends TestRunner {
  async runTask(test: Test): Promise<void> {
    const run = TestRunner.getTestFn(test);
    probe.used.clear();
    await run();
    const used = [...probe.used];
    const caught: string[] = [];
    for (const id of used.length > MOST ? [] : used) {
      if (probe.caught.has(id)) continue;
      probe.wrong = id;
      try {
        await run();
      } catch {
        probe.caught.add(id);
        caught.push(id);
      } finally {
        probe.wrong = null;
      }
    }
    Object.assign(test.meta, { formulas: { defined: [...probe.defined], caught } });
  }
}
