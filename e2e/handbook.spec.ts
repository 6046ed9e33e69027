import { expect } from '@playwright/test';
import { showBench, rung } from './pages';
import { test } from './window';

test('the handbook is searched, a formula is played with, and the working leads to it', async ({ page }) => {
  await page.goto('/handbook');
  await page.getByRole('searchbox').fill('mesh play');
  await page.getByRole('link', { name: /^Play of a mesh that stands open/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Play of a mesh that stands open');
  await page.getByLabel('how far the pinion stands out from tight mesh').fill('0.1 mm');
  await page.getByLabel('helix angle; 0 for spur').fill('0°');
  await expect(page.getByRole('status')).toContainText('0.072794 mm');
  await page.getByLabel('how far the pinion stands out from tight mesh').fill('3 kg');
  await expect(page.getByText(/“3 kg” is a mass; a length is wanted/)).toBeVisible();
  await showBench(page);
  await rung(page, 'Whip of the screw').click();
  await page.getByRole('dialog').getByRole('link', { name: 'Its page in the handbook' }).click();
  await expect(page).toHaveURL(/\/handbook\/formula\?f=screw%2Fwhip-limit/);
});
