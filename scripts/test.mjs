// npm test: installs what is missing and runs every check. The last line is `N passed, N failed`.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { firstLoads, loadLines } from './lib/first-load.mjs';
import { runBeside } from './lib/lane.mjs';
import { ensureBuild, ensureChromium, ensureModules, ensurePoppler, runModule } from './lib/prepare.mjs';
import { root } from './lib/root.mjs';
import { writeStatic } from './lib/static.mjs';

const results = join(root, '.cache', 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

const total = { passed: 0, failed: 0, skipped: 0 };
const failures = [];
/** What failed and why, told once more at the end: a log that was cut has its end. */
const reasons = [];

/** A check that passes or fails as a whole. */
function whole(name, ok) {
  console.log(`${ok ? 'passed' : 'FAILED'}: ${name}`);
  total[ok ? 'passed' : 'failed']++;
  if (!ok) failures.push(name);
}

/** Adds the counts out of a runner's JSON file; a runner that wrote none has failed. */
function counted(name, ok, file, count) {
  const path = join(results, file);
  const found = existsSync(path)
    ? count(JSON.parse(readFileSync(path, 'utf8')))
    : { passed: 0, failed: 0, skipped: 0 };
  // A runner that ends badly without a failed test (a crash, an unhandled error) is a failure of its own.
  if (!ok && found.failed === 0) found.failed = 1;
  if (ok && found.passed === 0) found.failed = 1;
  console.log(
    `${found.failed ? 'FAILED' : 'passed'}: ${name} (${found.passed} passed, ${found.failed} failed)`,
  );
  for (const key of Object.keys(total)) total[key] += found[key];
  if (found.failed) failures.push(name);
  if (found.reasons) reasons.push(...found.reasons);
}

/** Escapes that colour a terminal. */
const COLOURS = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');
/** The first lines of an error, without colours. */
const short = (text) => (text ?? '').replace(COLOURS, '').split('\n').slice(0, 14).join('\n');

/** Why browser tests failed, of a suite of the runner's file and of all below it. */
const browserReasons = (suite) => [
  ...(suite.specs ?? [])
    .filter((spec) => !spec.ok)
    .flatMap((spec) =>
      spec.tests
        .flatMap((t) => t.results.flatMap((r) => r.errors))
        .map((e) => `${spec.title}\n${short(e.message)}`),
    ),
  ...(suite.suites ?? []).flatMap(browserReasons),
];

/** Why unit tests failed. */
const unitReasons = (r) =>
  r.testResults.flatMap((file) =>
    file.assertionResults
      .filter((a) => a.status === 'failed')
      .map((a) => `${a.fullName}\n${short(a.failureMessages[0])}`),
  );

// One policy for chance: the seed is fixed, and said.
console.log(`Seed ${process.env.TEST_SEED ?? 20261126}`);
const section = (name) => console.log(`\n== ${name}`);

section('packages');
ensureModules();
const unrendered = ensurePoppler();
if (unrendered)
  console.log(`The Debian package ${unrendered} is missing: what is printed is not rendered in the tests.`);
const missing = ensureChromium();
if (missing)
  console.log(
    `The Debian package ${missing} is missing and cannot be installed without root: the browser tests ` +
      `are skipped.`,
  );

/** Whether a formula that is slightly wrong makes a test fail, each in turn. */
async function formulas() {
  const args = ['run', '--config', 'test/formulas/config.mts'];
  const ok = await runBeside('formulas, each slightly wrong', 'vitest/vitest.mjs', args, { NO_COLOR: '1' });
  counted('formulas', ok, 'formulas.json', ({ passed, failed }) => ({ passed, failed, skipped: 0 }));
}

/** What reads the sources, and what they are built to. */
async function readAndBuild() {
  whole('lint', await runBeside('lint', 'eslint/bin/eslint.js', ['.', '--max-warnings=0']));
  whole(
    'format',
    await runBeside('format', 'prettier/bin/prettier.cjs', ['--check', '.', '--log-level', 'warn']),
  );
  whole(
    'types',
    (await runBeside('page types', 'next/dist/bin/next', ['typegen'])) &&
      (await runBeside('types', 'typescript/bin/tsc', ['--noEmit'])),
  );
  const built = await ensureBuild((script, args) => runBeside('build', script, args));
  whole('build', built);
  if (built) {
    const loads = firstLoads();
    console.log(`\n== first load\n${loadLines(loads).join('\n')}`);
    whole(
      'first load',
      loads.every((l) => l.size <= l.limit),
    );
  }
  const plain = join(root, '.cache', 'static');
  rmSync(plain, { recursive: true, force: true });
  const run = (script, args, { env }) => runBeside('folder of plain files', script, args, env);
  whole('folder of plain files', await writeStatic(plain, { run }));
  // In this lane, because the units take longer than all above.
  await formulas();
  return built;
}

async function units() {
  // The wide ones go by `npm run test:wide`: they take half an hour.
  const args = [
    'run',
    '--project=core',
    '--project=screens',
    '--reporter=dot',
    '--reporter=json',
    `--outputFile.json=${join(results, 'unit.json')}`,
  ];
  const ok = await runBeside('unit tests', 'vitest/vitest.mjs', args, { NO_COLOR: '1' });
  counted('unit tests', ok, 'unit.json', (r) => ({
    passed: r.numPassedTests,
    failed:
      r.numFailedTests + (r.numFailedTestSuites > 0 && r.numFailedTests === 0 ? r.numFailedTestSuites : 0),
    skipped: r.numPendingTests,
    reasons: unitReasons(r),
  }));
}

section('checks and unit tests, beside each other');
const [built] = await Promise.all([readAndBuild(), units()]);

section('browser tests');
if (missing) total.skipped++;
else if (built) {
  const browser = runModule('@playwright/test/cli.js', ['test', '--reporter=line,json'], {
    env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: join(results, 'browser.json') },
  });
  counted('browser tests', browser, 'browser.json', (r) => ({
    passed: r.stats.expected + r.stats.flaky,
    failed: r.stats.unexpected,
    skipped: r.stats.skipped,
    reasons: r.suites.flatMap(browserReasons),
  }));
} else whole('browser tests (nothing built)', false);

for (const reason of reasons) console.log(`\n-- ${reason}`);
if (failures.length) console.log(`\nFailed: ${failures.join(', ')}`);
console.log(
  `\n${total.passed} passed, ${total.failed} failed${total.skipped ? `, ${total.skipped} skipped` : ''}`,
);
process.exit(total.failed ? 1 : 0);
