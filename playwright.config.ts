import { defineConfig } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './scripts/lib/browser.mjs';

const port = 4488;

export default defineConfig({
  testDir: 'e2e',
  outputDir: '.cache/playwright',
  workers: 2,
  fullyParallel: true,
  // Machines differ in speed by three; what is too slow for a person is measured by the benchmarks.
  timeout: 90_000,
  expect: { timeout: 20_000 },
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    // A page is what the server gives now; what a browser keeps has tests of its own (offline.spec.ts).
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    // A new machine begins in the units of the reader's region: millimetres, unless a test asks for inches.
    locale: 'en-GB',
    // No animation may stand between a test and what it looks at.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: chromiumPath, args: chromiumArgs },
    // A film of every test costs a fifth of its time: `npx playwright test --trace retain-on-failure`.
    trace: 'off',
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start -p ${port} -H 127.0.0.1`,
    url: `http://127.0.0.1:${port}/api/schema`,
    env: { RUGGED_CARRIAGE_DEMO: '1', NEXT_TELEMETRY_DISABLED: '1' },
    reuseExistingServer: false,
  },
});
