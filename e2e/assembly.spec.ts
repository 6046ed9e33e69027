import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { openShelf, stored } from './pages';
import { test } from './window';

test('what is buried is drawn apart, what is said by hand counts, and undo takes it back', async ({
  page,
}) => {
  await openShelf(page);
  await page.goto('/build?m=tern-creek&v=assembly');
  await expect(page.getByRole('heading', { name: /^Spindle or torch: goes on twice/ })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'To reach: Gantry axis: nut' })).toBeVisible();
  await page.getByText('Say what the model does not know').click();
  await page.getByRole('button', { name: 'Spindle or torch is not in the way of Gantry axis: nut' }).click();
  await expect(page.getByText('Spindle or torch is not in the way, you said')).toBeVisible();
  await stored(page);
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Spindle or torch is not in the way, you said')).toBeHidden();
});

test('a step is done, an own one is added and goes where it is said', async ({ page }) => {
  await openShelf(page);
  await page.goto('/build?m=tern-creek&v=assembly');
  const steps = page.getByRole('list', { name: 'Steps in their order' });
  await steps.getByRole('button', { name: /Gantry axis: nut tight/ }).click();
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await expect(page.getByRole('checkbox', { name: 'Gantry axis: nut tight: done' })).toBeChecked();
  await page.getByLabel('Name of a new step').fill('Grease the rails');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Grease the rails' })).toBeVisible();
  await page.getByText('What comes before it').click();
  await page.getByLabel('Also before it').selectOption({ label: 'Square, tight' });
  await stored(page);
  await page.reload();
  await expect(steps.getByRole('button', { name: /Grease the rails/ })).toBeVisible();
});

test('a late delivery moves the first motion, and the calendar goes out', async ({ page }) => {
  await openShelf(page);
  await page.goto('/build?m=tern-creek&v=calendar');
  await expect(page.getByRole('heading', { name: 'If a delivery is late' })).toBeVisible();
  await page.getByLabel('Days late').fill('30');
  await page.getByLabel('Days late').press('Enter');
  await expect(page.getByText(/steps move/)).toContainText(/First motion .* → \d{4}-/);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar file (ics)' }).click();
  const text = readFileSync((await (await waiting).path())!, 'utf8');
  expect(text).toContain('BEGIN:VCALENDAR');
  expect(text).toMatch(/SUMMARY:.*Gantry axis/);
  // Times that are none are refused at their place.
  await page.getByText('The week').click();
  await page.getByLabel('Monday from', { exact: true }).fill('half past seven');
  await page.getByLabel('Monday from', { exact: true }).press('Enter');
  await expect(page.getByText(/read “half past se.*wanted a time such as 19:30/)).toBeVisible();
});

test('a wire keeps its colour, and a board that is too small is told', async ({ page }) => {
  await openShelf(page);
  await page.goto('/build?m=tern-creek&v=wiring');
  await page.getByText(/^Bed axis: motor 1/).click();
  await page.getByLabel('Colour of bed/motor-1 A+').fill('red');
  await page.getByLabel('Colour of bed/motor-1 A+').press('Enter');
  await stored(page);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As CSV' }).click();
  expect(readFileSync((await (await waiting).path())!, 'utf8')).toContain('red');
});

test.describe('on a phone', () => {
  test('shop mode: keypad, done, a reload comes back to the same step, the left hand', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openShelf(page);
    await page.goto('/build?m=tern-creek&v=shop');
    await expect(page.getByRole('heading', { name: 'Gantry axis: nut tight' })).toBeVisible();
    const pad = page.getByRole('region', { name: 'Turns by hand' });
    for (const key of ['0', 'Point', '4']) await pad.getByRole('button', { name: key, exact: true }).click();
    await pad.getByRole('button', { name: 'keep' }).click();
    await expect(pad.locator('output')).toHaveText('0.4 N·m');
    await stored(page);
    await page.getByRole('button', { name: 'done', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Gantry axis: floating block tight' })).toBeVisible();
    await page.waitForTimeout(500);
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Gantry axis: floating block tight' })).toBeVisible();
    await page.getByRole('button', { name: 'back', exact: true }).click();
    await expect(pad.locator('output')).toHaveText('0.4 N·m');
    await page.getByRole('button', { name: 'for the left hand' }).click();
    await expect(page.getByRole('button', { name: 'for the right hand' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
  test('shop mode keeps a photo with its step, and goes on with no network', async ({ page, context }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await openShelf(page);
    await page.goto('/build?m=tern-creek&v=shop');
    await page.getByRole('heading', { name: 'Gantry axis: nut tight' }).waitFor();
    await context.setOffline(true);
    const picture = await page.evaluate(() => {
      const canvas = document.createElement('canvas');
      canvas.width = 2400;
      canvas.height = 1200;
      return canvas.toDataURL('image/png').split(',')[1]!;
    });
    await page.getByLabel(/^Photo file of/).setInputFiles({
      name: 'nut.png',
      mimeType: 'image/png',
      buffer: Buffer.from(picture, 'base64'),
    });
    await expect(page.getByRole('button', { name: /^Photo of .*, 1 taken$/ })).toBeVisible();
    const kept = page.getByRole('img', { name: 'photo 1 of Gantry axis: nut tight' });
    expect(await kept.evaluate((e: HTMLImageElement) => e.naturalWidth)).toBe(1600);
    await page.getByRole('button', { name: /^Remove photo 1/ }).click();
    await expect(kept).toBeHidden();
    await expect(page.getByRole('button', { name: /^Photo of [^,]*$/ })).toBeVisible();
    await page.getByRole('button', { name: 'done', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Gantry axis: floating block tight' })).toBeVisible();
    await context.setOffline(false);
  });
});
