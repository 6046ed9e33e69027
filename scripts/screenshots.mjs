// Takes the pictures in docs/screenshots/ from the built application with its demo data.
// Usage: npm run build && npm run screenshots [-- folder [only-names...]]
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumArgs, chromiumPath } from './lib/browser.mjs';
import { root } from './lib/root.mjs';
import { startServer } from './lib/server.mjs';

const [folder = join(root, 'docs/screenshots'), ...only] = process.argv.slice(2);
const desk = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const bench = (axis, machine = 'tern-creek') => `/size?m=${machine}&a=${axis}`;
const shots = [
  { name: 'machines', path: '/', size: desk },
  { name: 'machine', path: '/machine?m=tern-creek', size: desk },
  {
    name: 'brief',
    path: '/brief?m=tern-creek&a=start',
    size: desk,
    act: async (page) => {
      await page.getByRole('button', { name: 'Work out whole machines' }).click();
      await page.getByRole('button', { name: 'Work them out again' }).waitFor({ timeout: 120_000 });
      await page.waitForTimeout(500);
    },
  },
  {
    name: 'whole-flex',
    path: bench('~whole'),
    size: desk,
    act: (page) => page.getByRole('button', { name: /^Try: Closed/ }).waitFor(),
  },
  {
    name: 'whole-picture',
    path: bench('~whole', 'fernhollow'),
    size: desk,
    act: async (page) => {
      await page.getByRole('button', { name: 'Picture' }).click();
      await page.locator('canvas').waitFor();
      await page.waitForTimeout(1500);
    },
  },
  {
    // On slate, so that the dark scheme is looked at as well.
    name: 'variants',
    path: bench('~variants'),
    size: desk,
    scheme: 'dark',
    act: (page) => page.getByText(/^Both are drawn/).waitFor({ timeout: 120_000 }),
  },
  { name: 'axis-bench', path: bench('bed'), size: desk },
  {
    name: 'how-sure',
    path: bench('~sure'),
    size: desk,
    act: async (page) => {
      await page.getByText(/10,000 draws of/).waitFor({ timeout: 120_000 });
      await page
        .getByRole('button', { name: /Torque under cut/ })
        .first()
        .click();
      await page.waitForTimeout(500);
    },
  },
  { name: 'fit-chain', path: '/fit?m=fernhollow&a=bed', size: desk },
  { name: 'fit-stack', path: '/fit?m=fernhollow&a=cross&v=stacks', size: desk },
  {
    name: 'build-parts',
    path: '/build?m=tern-creek&part=gantry%2Fball-screw',
    size: desk,
    act: (page) => page.getByText(/^Proved: nothing is cheaper; \d+ sets/).waitFor(),
  },
  {
    name: 'build-assembly',
    path: '/build?m=tern-creek&v=assembly',
    size: desk,
    act: (page) => page.getByRole('heading', { name: 'To reach: Gantry axis: nut' }).waitFor(),
  },
  {
    name: 'prove-truing',
    path: '/prove?m=tern-creek&sheet=rail-b%2Fheight',
    size: desk,
    act: (page) => page.getByRole('heading', { name: 'Best next adjustment' }).waitFor(),
  },
  {
    name: 'job',
    path: '/prove?m=tern-creek&v=job',
    size: desk,
    act: async (page) => {
      await page.getByRole('figure', { name: /^Torque and speed/ }).waitFor();
      await page.getByRole('button', { name: 'line 575' }).first().click();
    },
  },
  {
    name: 'prove-held',
    path: '/prove?m=tern-creek&v=held',
    size: desk,
    act: (page) => page.getByRole('table', { name: 'Foretold against measured' }).waitFor(),
  },
  {
    // A round that is over: what was hidden, and what was found of it.
    name: 'prove-practice',
    path: '/practice',
    size: desk,
    act: async (page) => {
      await page.getByLabel('Seed: the same one hides the same faults').fill('56');
      await page.keyboard.press('Tab');
      await page.getByRole('button', { name: 'Begin a round' }).click();
      await page.getByRole('heading', { name: 'Find what is wrong' }).waitFor();
      await page
        .getByRole('link', { name: /^Truing/ })
        .first()
        .click();
      await page.getByRole('link', { name: /^Gantry ends to the table/ }).click();
      await page.getByRole('heading', { name: 'Gantry ends to the table' }).waitFor();
      await page.getByRole('button', { name: 'Read all that are open' }).click();
      await page.getByText('Best next adjustment').waitFor();
    },
  },
  {
    name: 'log',
    path: '/log?m=tern-creek',
    size: desk,
    act: async (page) => {
      await page.locator('.recharts-bar-rectangle').first().waitFor();
      await page.getByRole('button', { name: 'Write: The rubber spider winds up' }).click();
      await page.getByRole('region', { name: 'Entry' }).waitFor();
    },
  },
  {
    name: 'phone-shop',
    path: '/build?m=tern-creek&v=shop',
    size: phone,
    act: (page) => page.getByRole('heading', { name: 'Gantry axis: nut tight' }).waitFor(),
  },
  { name: 'phone-bench', path: bench('bed'), size: phone },
];

mkdirSync(folder, { recursive: true });
const server = await startServer(4489);
const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
try {
  for (const { name, path, size, act, scheme = 'light' } of shots) {
    if (only.length && !only.includes(name)) continue;
    const context = await browser.newContext({
      viewport: size,
      colorScheme: scheme,
      reducedMotion: 'reduce',
    });
    const page = await context.newPage();
    page.on('pageerror', (error) => console.error(`${name}: ${error.message}`));
    page.on('console', (m) => {
      if (m.type() === 'error' || m.type() === 'warning') console.error(`${name}: ${m.text()}`);
    });
    await page.goto(server.address);
    await page.getByRole('link', { name: 'Tern Creek kayak router' }).waitFor();
    if (path !== '/') await page.goto(server.address + path);
    await page.waitForLoadState('networkidle');
    // What is drawn by lot and what is held beside have no chart on their first view.
    if (path.startsWith('/size') && !/~(sure|variants)$/.test(path))
      await page.locator('.recharts-surface').first().waitFor();
    if (act) await act(page);
    await page.waitForTimeout(350);
    await page.screenshot({ path: join(folder, `${name}.png`) });
    console.log(name);
    await context.close();
  }
} finally {
  await browser.close();
  server.stop();
}
