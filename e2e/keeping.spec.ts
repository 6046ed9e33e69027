import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, type Page } from '@playwright/test';
import { chromiumArgs, chromiumPath } from '../scripts/lib/browser.mjs';
import { killBrowser } from '../scripts/lib/kill-browser.mjs';
import { demoName, field, openShelf, screwName, showBench, stock, stored } from './pages';
import { firstVisit, test } from './window';

const exportFrom = async (page: Page): Promise<string> => {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: `Export ${demoName}` }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('tern-creek-kayak-router.machine.json');
  return readFileSync(await download.path(), 'utf8');
};
const importText = (page: Page, name: string, text: string) =>
  page
    .getByLabel('Machine files')
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });

test(
  'an edit is there after the page is loaded again, and after the browser was killed ' + 'without a farewell',
  async ({ baseURL }) => {
    const folder = mkdtempSync(join(tmpdir(), 'killed-browser-'));
    const start = () =>
      chromium.launchPersistentContext(folder, {
        executablePath: chromiumPath,
        args: chromiumArgs,
        baseURL: baseURL!,
      });
    const first = await start();
    const page = first.pages()[0]!;
    await stock(page);
    await showBench(page);
    await field(page, 'Guide drag').fill('77 N');
    await stored(page);
    await page.reload();
    await expect(field(page, 'Guide drag')).toHaveValue('77 N');
    await field(page, 'Cutting force').fill('181 N');
    await expect(page.getByRole('button', { name: 'Undo 1' })).toBeVisible();
    await stored(page);
    killBrowser(folder);
    await first.close().catch(() => undefined);
    const second = await start();
    const again = second.pages()[0]!;
    await again.goto('/size?m=screws&a=bed');
    await expect(field(again, 'Guide drag')).toHaveValue('77 N');
    await expect(field(again, 'Cutting force')).toHaveValue('181 N');
    await second.close();
    rmSync(folder, { recursive: true, force: true });
  },
);

/** How often the browser dies: TEST_WIDE=10 makes it sixty. */
const DEATHS = 6 * Number(process.env.TEST_WIDE ?? 1);

test(`what was said to be stored is there after each of ${DEATHS} deaths of the browser`, async ({
  baseURL,
}) => {
  test.setTimeout(60_000 + DEATHS * 20_000);
  const folder = mkdtempSync(join(tmpdir(), 'dying-browser-'));
  const start = () =>
    chromium.launchPersistentContext(folder, {
      executablePath: chromiumPath,
      args: chromiumArgs,
      baseURL: baseURL!,
    });
  let said = '60 N';
  for (let death = 0; death <= DEATHS; death++) {
    const browser = await start();
    const page = browser.pages()[0]!;
    if (death === 0) await stock(page);
    await showBench(page);
    await expect(field(page, 'Guide drag')).toHaveValue(said);
    // Many edits at once, so that it may die in the middle of a save; what counts is what was said.
    for (let i = 0; i <= death % 4; i++) await field(page, 'Guide drag').fill(`${61 + 4 * death + i} N`);
    await stored(page);
    said = await field(page, 'Guide drag').inputValue();
    killBrowser(folder);
    await browser.close().catch(() => undefined);
  }
  rmSync(folder, { recursive: true, force: true });
});

firstVisit('export, delete, import: the same; delete can be taken back', async ({ page }) => {
  await openShelf(page);
  const before = await exportFrom(page);
  await page.getByRole('button', { name: `Delete ${demoName}` }).click();
  await expect(page.getByRole('link', { name: demoName, exact: true })).toHaveCount(0);
  await importText(page, 'm.json', before);
  await expect(page.getByRole('link', { name: demoName, exact: true })).toBeVisible();
  expect(await exportFrom(page)).toBe(before);
  await page.getByRole('button', { name: `Delete ${demoName}` }).click();
  await page.getByRole('button', { name: 'Take back' }).last().click();
  await expect(page.getByRole('link', { name: demoName, exact: true })).toBeVisible();
  // The demo is put in once: a deleted one does not come back by itself.
  for (const name of [demoName, 'Fernhollow gate table', 'Wayside scenery cutter'])
    await page.getByRole('button', { name: `Delete ${name}` }).click();
  await expect(page.getByText('No machine yet')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No machine yet')).toBeVisible();
});

test(
  'damaged, foreign and newer files are refused by name of the field, and nothing ' + 'stored is touched',
  async ({ page }) => {
    await openShelf(page);
    const good = await exportFrom(page);
    const cases: [string, string, RegExp][] = [
      ['cut.json', good.slice(0, 900), /wanted a JSON file/],
      [
        'foreign.json',
        '{"format":"gpx","version":1}',
        /format: read “gpx”; wanted “rugged-carriage-machine”/,
      ],
      [
        'newer.json',
        good.replace(/"version": \d+/, '"version": 99'),
        /version: read “99”; wanted \d+ or lower .*newer edition/,
      ],
      [
        'hand.json',
        good.replace('"si": 2.54', '"si": -2.54'),
        /axes\.0\.demands\.travel\.si: read “-2\.54”; wanted above 0/,
      ],
    ];
    for (const [name, text, message] of cases) {
      await importText(page, name, text);
      await expect(page.getByRole('alert').filter({ hasText: name })).toContainText(message);
      await expect(page.getByRole('alert').filter({ hasText: name })).toContainText(
        'nothing stored was touched',
      );
    }
    await expect(page.getByRole('link', { name: demoName, exact: true })).toHaveCount(1);
    expect(await exportFrom(page)).toBe(good);
  },
);

test('texts out of a file are shown as text only', async ({ page }) => {
  await openShelf(page);
  const trap = '<img src=x onerror=document.title=1><script>document.title=2</script>';
  const hostile = JSON.parse(await exportFrom(page));
  Object.assign(hostile, { id: 'hostile', name: trap, note: trap });
  hostile.axes[0].name = '<b onmouseover=alert(1)>axis</b>';
  hostile.axes[0].loads.masses[0].name = trap;
  await importText(page, 'trap.json', JSON.stringify(hostile));
  await page.getByRole('link', { name: trap }).click();
  await expect(page.getByLabel('Name of the machine')).toHaveValue(trap);
  await page.goto('/size?m=hostile&a=bed');
  await page.getByRole('button', { name: /Moving mass/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(trap);
  expect(await page.title()).toBe('Size · Rugged Carriage');
  await expect(page.locator('img')).toHaveCount(0);
});

test('two tabs: a change shows in the other; edits on both sides lose nothing', async ({ context, page }) => {
  await showBench(page);
  const other = await context.newPage();
  await other.goto('/size?m=screws&a=bed');
  await expect(field(other, 'Guide drag')).toHaveValue('60 N');
  await field(page, 'Guide drag').fill('71 N');
  await stored(page);
  await expect(field(other, 'Guide drag')).toHaveValue('71 N');
  await expect(other.getByRole('button', { name: 'Undo 1' })).toHaveAttribute(
    'title',
    'Take back: Change in another tab',
  );
  await field(other, 'Rapid').fill('9 m/min');
  await stored(other);
  await expect(field(page, 'Rapid')).toHaveValue('9 m/min');
  await expect(field(page, 'Guide drag')).toHaveValue('71 N');
});

test('a machine deleted in another tab can be put back', async ({ context, page }) => {
  await showBench(page);
  const other = await context.newPage();
  await other.goto('/');
  await other.getByRole('button', { name: `Delete ${screwName}` }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'no longer stored in this browser' })).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(other.getByRole('link', { name: screwName, exact: true })).toBeVisible();
});

test('a machine of one’s own starts with numbers that are ours, and says so', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a machine' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('New machine');
  await page.getByRole('link', { name: 'Size' }).click();
  await expect(page.getByRole('button', { name: 'Basis of Travel: ours' })).toBeVisible();
});
