// npm run test:wide: what draws by chance, drawn afresh and ten times as often; the browser dies sixty times.
import { randomInt } from 'node:crypto';
import { ensureBuild, ensureChromium, ensureModules, runModule } from './lib/prepare.mjs';

ensureModules();
process.env.TEST_SEED ??= String(randomInt(2 ** 31));
process.env.TEST_WIDE ??= '10';
const how = `TEST_SEED=${process.env.TEST_SEED} TEST_WIDE=${process.env.TEST_WIDE}`;
console.log(`Drawn with ${how}; give the same again to see a failure again.`);

const parts = [
  ['drawn by chance', () => runModule('vitest/vitest.mjs', ['run', '--project', 'wide*'])],
  [
    'deaths of the browser',
    async () =>
      !ensureChromium() &&
      (await ensureBuild()) &&
      runModule('@playwright/test/cli.js', ['test', 'e2e/keeping.spec.ts', '-g', 'deaths']),
  ],
];
const failed = [];
for (const [name, run] of parts) if (!(await run())) failed.push(name);
console.log(failed.length ? `Failed with ${how}: ${failed.join(', ')}` : `All passed with ${how}`);
process.exit(failed.length ? 1 : 0);
