import { expect, type Page } from '@playwright/test';
import { openShelf, showBench, showWhole } from './pages';
import { test } from './window';

/** Pages that a sheet takes as it is printed, A4. Chromium writes each as an object of its own. */
async function pagesOf(page: Page): Promise<number> {
  const pdf = await page.pdf({ format: 'A4' });
  return pdf.toString('latin1').match(/\/Type\s*\/Page\b(?!s)/g)?.length ?? 0;
}

test('on paper the sheet stands without rail and buttons, the essentials included', async ({ page }) => {
  await showBench(page);
  await page.emulateMedia({ media: 'print', colorScheme: 'dark' });
  // A slate is printed as paper.
  const sheet = () =>
    page.evaluate(() => getComputedStyle(document.documentElement).getPropertyValue('--rc-sheet'));
  expect(await sheet()).toBe('#fff');
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeHidden();
  await expect(page.getByText('Export', { exact: true })).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Screw whips' })).toBeVisible();
  await expect(page.getByText('640 /mm')).toBeVisible();
});

test('an axis is printed on one page, the machine on two', async ({ page }) => {
  await openShelf(page);
  for (const axis of ['bed', 'gantry', 'plunge']) {
    await page.goto(`/size?m=tern-creek&a=${axis}`);
    await page.locator('.recharts-surface').first().waitFor();
    expect(await pagesOf(page), axis).toBe(1);
  }
  await showWhole(page);
  expect(await pagesOf(page), 'the frame').toBeLessThanOrEqual(2);
  await page.goto('/machine?m=tern-creek');
  await page.getByText('What matters most').waitFor();
  expect(await pagesOf(page), 'first page').toBeLessThanOrEqual(2);
});
