import { expect } from '@playwright/test';
import { openShelf } from './pages';
import { test } from './window';

test('name and verdicts stand before anything but the first load has come', async ({ page, context }) => {
  await openShelf(page);
  await page.goto('/machine?m=tern-creek');
  await page.getByText('What matters most').waitFor();
  // What the axes came to is kept a moment after they were worked out.
  const kept = () =>
    page.evaluate(async () => {
      const db = await new Promise<IDBDatabase>((then, fail) => {
        const open = indexedDB.open('rugged-carriage');
        open.onsuccess = () => then(open.result);
        open.onerror = () => fail(new Error('not opened'));
      });
      const count = await new Promise<number>((then) => {
        const asked = db.transaction('answers').objectStore('answers').count();
        asked.onsuccess = () => then(asked.result);
      });
      db.close();
      return count;
    });
  await expect.poll(kept).toBe(1);
  const html = await (await page.request.get('/size')).text();
  const first = new Set([...html.matchAll(/<script[^>]*src="([^"]+)"/g)].map(([, src]) => src!));
  expect(first.size).toBeGreaterThan(3);
  const slow = await context.newPage();
  let held = 0;
  await slow.route('**/_next/static/**/*.js*', async (route) => {
    if (first.has(new URL(route.request().url()).pathname)) return route.continue();
    // All else never comes.
    held += 1;
    await new Promise(() => undefined);
  });
  await slow.goto('/size?m=tern-creek&a=gantry', { waitUntil: 'domcontentloaded' });
  await expect(slow.getByRole('heading', { level: 1 })).toHaveText('Tern Creek kayak router');
  await expect(slow.getByRole('status')).toHaveText('As last worked out; opening…');
  await expect(slow.getByRole('listitem').filter({ hasText: 'Gantry axis' })).toContainText('thin');
  await expect(slow.getByRole('listitem').filter({ hasText: 'Bed axis' })).toContainText('gives out');
  expect(held).toBeGreaterThan(0);
  await slow.close();
});
