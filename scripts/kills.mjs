// npm run kills [-- 1000]: the browser is killed while somebody types, again and again. Whatever was typed a
// second before it died must be there when it comes back. For the night: a death takes some four seconds.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';
import { killBrowser } from './lib/kill-browser.mjs';
import { ensureBuild, ensureChromium, ensureModules } from './lib/prepare.mjs';
import { startServer } from './lib/server.mjs';

/** What may be lost, ms. */
const MAY_LOSE = 1000;
/** What is typed grows by this, N: small, for the field takes no more than 5000 N. */
const STEP = 0.1;
/** Longest that somebody types before the browser dies, ms. */
const LONGEST = 2500;

ensureModules();
if (ensureChromium() || !(await ensureBuild())) process.exit(1);
const { chromium } = await import('@playwright/test');
const deaths = Number(process.argv[2] ?? 1000);
const server = await startServer(4477);
const folder = mkdtempSync(join(tmpdir(), 'kills-'));
const start = () =>
  chromium.launchPersistentContext(folder, {
    executablePath: chromiumPath,
    args: chromiumArgs,
    baseURL: server.address,
    reducedMotion: 'reduce',
  });

/** Puts the machine that is typed into in the list. */
async function stock(page) {
  await page.goto('/');
  await page.getByRole('link', { name: 'Tern Creek kayak router', exact: true }).waitFor();
  const text = readFileSync('test/fixtures/machine-v1.json', 'utf8').replace('"tern-creek"', '"killed"');
  const file = { name: 'killed.json', mimeType: 'application/json', buffer: Buffer.from(text) };
  await page.getByLabel('Machine files').setInputFiles(file);
  await page.getByRole('link', { name: 'Tern Creek kayak router', exact: true }).nth(1).waitFor();
}

let [count, lost, worst] = [0, 0, 0];
let typed = [];
try {
  for (let death = 0; death <= deaths; death++) {
    const browser = await start();
    const page = browser.pages()[0];
    if (death === 0) await stock(page);
    await page.goto('/size?m=killed&a=bed');
    const field = page.getByLabel('Guide drag', { exact: true });
    await field.waitFor({ timeout: 60_000 });
    if (death > 0) {
      const there = Number.parseFloat(await field.inputValue());
      const { at: died } = typed.at(-1);
      const missing = typed.filter((t) => t.value && t.value > there + STEP / 2);
      const oldest = Math.max(0, ...missing.map((t) => died - t.at));
      worst = Math.max(worst, oldest);
      if (oldest > MAY_LOSE) {
        lost += 1;
        console.error(`death ${death}: ${there} N was there, lost what was typed ${oldest} ms before`);
      }
    }
    if (death === deaths) {
      await browser.close();
      break;
    }
    typed = [];
    const until = Date.now() + Math.random() * LONGEST;
    do {
      count += 1;
      const value = 100 + count * STEP;
      await field.fill(`${value.toFixed(1)} N`);
      typed.push({ at: Date.now(), value });
    } while (Date.now() < until);
    killBrowser(folder);
    typed.push({ at: Date.now() });
    await browser.close().catch(() => undefined);
    if ((death + 1) % 25 === 0)
      console.log(`${death + 1} deaths, ${lost} with a loss, the worst lost ${worst} ms`);
  }
} finally {
  server.stop();
  rmSync(folder, { recursive: true, force: true });
}
console.log(`${deaths} deaths, ${lost} lost more than a second; the worst lost ${worst} ms`);
process.exit(lost ? 1 : 0);
