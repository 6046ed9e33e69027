import { mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { defineConfig } from 'vitest/config';
import type { Plugin } from 'vite';
import type { Reporter } from 'vitest/node';

const root = join(import.meta.dirname, '../..');

/** Lets `defineFormula` tell the runner of every result, in this run only: the product knows of none. */
const probed: Plugin = {
  name: 'probed-formulas',
  enforce: 'pre',
  transform(code, id) {
    if (!id.endsWith('/core/worksheet/formula.ts')) return null;
    const plain = 'evaluate: (inputs) => quantity(kind, evaluate(inputs))';
    if (!code.includes(plain)) throw new Error(`the probe finds no place in ${id}: ${plain}`);
    return code.replace(
      `return { ...rest, ${plain}`,
      'globalThis.probeFormula.define(rest.id);\n' +
        'return { ...rest, ' +
        plain.replace('evaluate(inputs))', 'globalThis.probeFormula.result(rest.id, evaluate(inputs)))'),
    );
  },
};

/** Says which formulas no test would have missed, as a list and as a file of counts. */
const told: Reporter = {
  onTestRunEnd(modules, errors) {
    for (const error of errors) console.log(error.stack ?? error.message);
    const [defined, caught] = [new Set<string>(), new Set<string>()];
    let broken = 0;
    for (const test of modules.flatMap((m) => [...m.children.allTests()])) {
      if (test.result().state === 'failed') {
        broken++;
        console.log(`Fails as it is: ${test.module.moduleId}: ${test.fullName}`);
        for (const error of test.result().errors ?? []) console.log(error.stack ?? error.message);
      }
      const { formulas } = test.meta() as { formulas?: { defined: string[]; caught: string[] } };
      formulas?.defined.forEach((id) => defined.add(id));
      formulas?.caught.forEach((id) => caught.add(id));
    }
    const left = [...defined].filter((id) => !caught.has(id)).sort();
    console.log(`A test fails for ${caught.size} of ${defined.size} formulas when they are 2 % off.`);
    for (const id of left) console.log(`No test fails when this one is: ${id}`);
    const file = join(root, '.cache/test-results/formulas.json');
    mkdirSync(dirname(file), { recursive: true });
    writeFileSync(file, JSON.stringify({ passed: caught.size, failed: left.length + broken }));
    if (left.length || broken || errors.length || !defined.size) process.exitCode = 1;
  },
};

export default defineConfig({
  root,
  plugins: [probed],
  resolve: { tsconfigPaths: true },
  test: {
    include: ['src/core/**/*.test.ts'],
    // Thousands of cases to see how often an interval holds: what they rest on is proved elsewhere.
    exclude: ['src/**/*.wide.test.ts', 'src/**/cover*.test.ts'],
    setupFiles: ['test/helpers/setup.ts'],
    runner: join(root, 'test/formulas/runner.ts'),
    reporters: [told],
    testTimeout: 120_000,
    pool: 'threads',
    isolate: false,
    maxWorkers: 2,
  },
});
