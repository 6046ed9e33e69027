import { existsSync } from 'node:fs';
import { test as base, type BrowserContext, expect, type Page } from '@playwright/test';
import { demoName, field, stored } from './pages';
import { lineTo, servePlain } from './plain-server';

/** Written by `npm test` before the browser tests; by hand: `npm run static -- .cache/static`. */
const FOLDER = '.cache/static';

/** A browser of its own, in which the application may be kept. */
const test = base.extend<{ own: BrowserContext; at: Page }>({
  own: async ({ browser }, provide) => {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      reducedMotion: 'reduce',
      serviceWorkers: 'allow',
    });
    await provide(context);
    await context.close();
  },
  at: async ({ own }, provide) => provide(await own.newPage()),
});

const kept = (page: Page) => page.getByText('All of it works without a network.');

/** Every station and page, with what stands there when it works. */
const stations: readonly (readonly [name: string, sight: RegExp])[] = [
  ['Brief', /hardest|Kind of work|Work area/i],
  ['Size', /Speed ladder|gives out|holds|thin/],
  ['Fit', /free stroke|Travel/i],
  ['Build', /Parts/],
  ['Prove', /Truing|True/i],
  ['Log', /Log|entries/i],
];

/** Goes through all stations of a machine by their links, then to the handbook. */
async function walkThrough(page: Page): Promise<void> {
  await page.getByRole('link', { name: demoName, exact: true }).click();
  await expect(page.getByText('What matters most')).toBeVisible();
  const rail = page.getByRole('navigation', { name: 'Stations' });
  for (const [name, sight] of stations) {
    await rail.getByRole('link', { name, exact: true }).click();
    await expect(rail.getByRole('link', { name, exact: true })).toHaveAttribute('aria-current', 'page');
    await expect(page.locator('#sheet').getByText(sight).first()).toBeVisible();
  }
  await page.getByRole('link', { name: 'Handbook' }).click();
  await page.getByRole('searchbox').fill('tooth bending lewis');
  await page.getByRole('link', { name: /^Force that a tooth/ }).click();
  await expect(page.getByRole('heading', { name: /^Force that a tooth/ })).toBeVisible();
}

test('from the second visit on all works with the server gone: stations, workers, edits', async ({
  at,
  own,
  baseURL,
}) => {
  const server = await lineTo(baseURL!);
  await at.goto(server.address);
  await expect(kept(at)).toBeVisible({ timeout: 60_000 });
  await server.cut();
  const second = await own.newPage();
  const loads: string[] = [];
  second.on('load', () => loads.push(second.url()));
  await second.goto(server.address);
  await walkThrough(second);
  // One page was loaded: what follows came as parts, so that what could be taken back still can.
  expect(loads).toHaveLength(1);
  // A worker solves the frame, and an edit is stored.
  await second.goto(`${server.address}/size?m=tern-creek&a=~whole`);
  await expect(second.getByRole('img', { name: /with the tool at/ })).toBeVisible();
  await second.goto(`${server.address}/size?m=tern-creek&a=plunge`);
  await field(second, 'Guide drag').fill('21 N');
  await stored(second);
  await second.reload();
  await expect(field(second, 'Guide drag')).toHaveValue('21 N');
});

test('a newer version is told, waits for what is not stored, and is taken by a press', async ({ at }) => {
  const first = await servePlain(FOLDER);
  const port = Number(new URL(first.address).port);
  await at.goto(first.address);
  await expect(kept(at)).toBeVisible({ timeout: 60_000 });
  await first.stop();
  // The same folder as a newer build would write it: other marks in the worker, another page.
  const newer = await servePlain(FOLDER, {
    port,
    edition: (path, bytes) => {
      if (path === '/sw.js') return bytes.toString().replace(/"?revision"?:\s*"/g, '$&newer-');
      if (path.endsWith('/'))
        return bytes.toString().replace('<head>', '<head><meta name="edition" content="2"/>');
      return bytes;
    },
  });
  await at.goto(`${newer.address}/size/?m=tern-creek&a=plunge`);
  await expect(field(at, 'Guide drag')).toBeVisible();
  await expect(at.locator('meta[name="edition"]')).toHaveCount(0);
  await expect(at.getByText('A newer version of Rugged Carriage lies ready.')).toBeVisible({
    timeout: 60_000,
  });
  await field(at, 'Guide drag').fill('23 N');
  await at.getByRole('button', { name: 'Take it' }).click();
  await expect(at.locator('meta[name="edition"]')).toHaveCount(1);
  await expect(field(at, 'Guide drag')).toHaveValue('23 N');
  await newer.stop();
});

test('a folder of plain files serves every station, and nothing is asked that is not there', async ({
  at,
}) => {
  expect(existsSync(FOLDER), `${FOLDER}: npm run static -- ${FOLDER}`).toBe(true);
  const server = await servePlain(FOLDER);
  const foreign: string[] = [];
  at.on('request', (request) => {
    if (!request.url().startsWith(server.address)) foreign.push(request.url());
  });
  await at.goto(server.address);
  await walkThrough(at);
  await expect(at.locator('meta[http-equiv="Content-Security-Policy"]')).toHaveAttribute(
    'content',
    /default-src 'self'/,
  );
  await at.goto(`${server.address}/size?m=tern-creek&a=~whole`);
  await expect(at.getByRole('img', { name: /with the tool at/ })).toBeVisible();
  expect(foreign.filter((url) => !url.startsWith('data:') && !url.startsWith('blob:'))).toEqual([]);
  expect(server.missing).toEqual([]);
  await server.stop();
});

/**
 * From now on the store refuses as it does on a full disk: the write is taken, and its transaction ends with
 * the quota's error. The browser's own switch for this has no effect on a window of its own.
 */
const fill = (page: Page) =>
  page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...values) {
      const asked = put.apply(this, values);
      const { transaction } = this;
      const error = new DOMException('The quota has been exceeded.', 'QuotaExceededError');
      Object.defineProperty(transaction, 'error', { get: () => error, configurable: true });
      // The head of a machine is written last.
      if (this.name === 'machines') asked.addEventListener('success', () => transaction.abort());
      return asked;
    };
    Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
  });

const makeRoom = (page: Page) =>
  page.evaluate(() => (window as unknown as { makeRoom: () => unknown }).makeRoom() && undefined);

test('a full storage is told, nothing is lost, and all is stored when there is room again', async ({
  at,
  baseURL,
}) => {
  await at.goto(baseURL!);
  await expect(kept(at)).toBeVisible({ timeout: 60_000 });
  await at.goto(`${baseURL}/size?m=tern-creek&a=plunge`);
  await expect(field(at, 'Guide drag')).toBeVisible();
  await fill(at);
  await field(at, 'Guide drag').fill('24 N');
  await expect(at.getByText('The browser’s storage is full.')).toBeVisible();
  await expect(field(at, 'Guide drag')).toHaveValue('24 N');
  await makeRoom(at);
  await at.getByRole('button', { name: 'Try again' }).click();
  await stored(at);
  await at.reload();
  await expect(field(at, 'Guide drag')).toHaveValue('24 N');
});

test('a storage that is cleared behind an open machine is told, and the machine is put back', async ({
  at,
  own,
  baseURL,
}) => {
  await at.goto(baseURL!);
  await expect(kept(at)).toBeVisible({ timeout: 60_000 });
  await at.goto(`${baseURL}/size?m=tern-creek&a=plunge`);
  await field(at, 'Guide drag').fill('25 N');
  await stored(at);
  const browser = await own.newCDPSession(at);
  await browser.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'all' });
  await field(at, 'Guide drag').fill('26 N');
  await expect(at.getByText('This machine is no longer stored in this browser:')).toBeVisible();
  await at.getByRole('button', { name: 'Put it back' }).click();
  await stored(at);
  await at.reload();
  await expect(field(at, 'Guide drag')).toHaveValue('26 N');
});

test('machines are backed up into a folder on disk, and a backup opens elsewhere', async ({
  at,
  browser,
  baseURL,
}) => {
  await at.addInitScript(() => {
    // The browser's own dialog cannot be worked by a test: a folder of its private disk is chosen.
    const picked = async () =>
      (await navigator.storage.getDirectory()).getDirectoryHandle('backups', { create: true });
    Object.assign(window, { showDirectoryPicker: picked });
  });
  await at.goto(baseURL!);
  await at.getByRole('button', { name: 'Choose a folder' }).click();
  await expect(at.getByText('Folder “backups”')).toBeVisible();
  await at.getByRole('button', { name: 'Write all now' }).click();
  await expect(at.getByText(/^\d machines written/)).toBeVisible();
  await expect(at.getByText(/^all of it left this browser/).first()).toBeVisible();
  const files = await at.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('backups');
    const read: [string, number[]][] = [];
    for await (const [name, handle] of folder as unknown as AsyncIterable<[string, FileSystemFileHandle]>)
      read.push([name, [...new Uint8Array(await (await handle.getFile()).arrayBuffer())]]);
    return read;
  });
  const [name, bytes] = files.find(([file]) => file.startsWith('fernhollow'))!;
  expect(name).toMatch(/^fernhollow-gate-table-fernholl-\d{4}-\d{2}-\d{2}\.bundle\.zip$/);
  const other = await browser.newContext({ serviceWorkers: 'block' });
  const elsewhere = await other.newPage();
  await elsewhere.goto(baseURL!);
  await elsewhere.getByRole('link', { name: demoName, exact: true }).waitFor();
  await elsewhere
    .getByLabel('Machine files')
    .setInputFiles({ name, mimeType: 'application/zip', buffer: Buffer.from(bytes) });
  // The demo is there as well, and the backup says the same.
  await expect(elsewhere.getByText('says the same of it')).toBeVisible();
  await other.close();
});
