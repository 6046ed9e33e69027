import { expect, type Page, test } from '@playwright/test';
import { openShelf } from './pages';

const open = async (page: Page, query: string) => {
  await openShelf(page);
  await page.goto(`/prove?m=tern-creek&${query}`);
};

test('steps per unit by keyboard, from readings to new steps in the settings', async ({ page }) => {
  await open(page, 'v=proof&trial=steps:gantry');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('not tried');
  const table = page.getByRole('table', { name: /Readings, mm/ });
  const asked = await table.getByRole('rowheader').allTextContents();
  expect(asked).toHaveLength(5);
  // Half a thousandth too long, and 0.1 mm lost at the reversal.
  const value = (text: string, side: number) => (parseFloat(text) * 1.0005 + side * 0.05).toFixed(2);
  await page
    .getByRole('textbox', { name: /from below/ })
    .first()
    .focus();
  for (const text of asked) {
    await page.keyboard.type(value(text, -1));
    await page.keyboard.press('Enter');
  }
  // From above it comes down the rows.
  for (const text of asked.toReversed()) {
    await page.keyboard.type(value(text, 1));
    await page.keyboard.press('Enter');
  }
  await expect(verdict).toContainText('failed');
  await expect(verdict).toContainText(/Lost motion100 ± [\d.]+ µm/);
  await expect(verdict).toContainText('Steps per unit off by more than the doubt');
  await page.getByRole('link', { name: /Plan and proof/ }).click();
  const row = page.getByRole('row', { name: /Gantry axis, lost motion/ });
  await expect(row).toContainText('the surest of 3');
  await page.getByText(/^Settings of the controller/).click();
  await expect(page.getByRole('row', { name: /^201/ })).toContainText('measured');
});

test('a program is written for the controller that was chosen, and stays within its limits', async ({
  page,
}) => {
  await open(page, 'v=proof&trial=steps:gantry');
  await page.getByLabel('Controller', { exact: true }).selectOption('closed');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Write the program' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toMatch(/steps-per-unit\.nc$/);
  const chunks: Buffer[] = [];
  for await (const chunk of await file.createReadStream()) chunks.push(chunk as Buffer);
  const text = Buffer.concat(chunks).toString('utf8');
  expect(text).toMatch(/^\(Tern Creek kayak router: steps, axis X\)\n\(Stays within /);
  expect(text).toMatch(/M5\nM30\n$/);
  const most = Number(/X 0 mm to ([\d.]+) mm/.exec(text)![1]);
  for (const [, x] of text.matchAll(/ X(-?[\d.]+)/g)) expect(Number(x)).toBeLessThanOrEqual(most);
});

test('a reading goes into the plan, which answers anew, and comes out again', async ({ page }) => {
  await open(page, 'v=held');
  const row = page.getByRole('row', { name: /Bed axis, drag of guides/ });
  await row.getByRole('button', { name: /^Take Bed axis, drag/ }).click();
  await expect(row).toContainText('taken');
  await page.goto('/size?m=tern-creek&a=bed');
  await expect(page.getByRole('textbox', { name: 'Guide drag' })).toHaveValue('49 N');
  await page.goto('/prove?m=tern-creek&v=held');
  await row.getByRole('button', { name: /back out of the plan/ }).click();
  await expect(row.getByRole('button', { name: /^Take Bed axis, drag.* into the plan/ })).toBeVisible();
});

test('on the phone a trial is written down without sideways scroll', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await open(page, 'v=proof&trial=positioning:gantry');
  await expect(page.getByRole('textbox').first()).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(wide).toBeLessThanOrEqual(0);
  const box = await page.getByRole('textbox').first().boundingBox();
  expect(box!.height).toBeGreaterThanOrEqual(40);
});
