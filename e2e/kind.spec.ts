import { expect, test } from '@playwright/test';
import { openShelf, stored } from './pages';

test('a heavier spindle: what it did to the whole machine is told where it was typed', async ({ page }) => {
  await openShelf(page);
  await page.goto('/brief?m=tern-creek&a=masses');
  await page.getByRole('button', { name: /^Spindle 2.2 kW/ }).click();
  await page.getByRole('textbox', { name: 'Mass', exact: true }).fill('15 kg');
  await page.keyboard.press('Tab');
  const strip = page.getByRole('status', { name: 'What the last change did' });
  await expect(strip).toContainText('Moves');
  await expect(strip).toContainText(/→/);
  await stored(page);
  // On the next page it still stands, until it is laid away.
  await page.getByRole('link', { name: 'Size', exact: true }).click();
  await expect(strip).toContainText('Moves');
  await strip.getByRole('button', { name: 'Hide' }).click();
  await expect(strip).toHaveCount(0);
});
