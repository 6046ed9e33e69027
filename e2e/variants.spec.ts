import { expect, test } from '@playwright/test';
import { openShelf } from './pages';

test('variants: a plan is put by, changed, held against, and a piece of it taken back', async ({ page }) => {
  test.slow();
  await openShelf(page);
  await page.goto('/size?m=tern-creek&a=~variants');
  await expect(page.getByRole('button', { name: /^Two screws on the bed/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Name of the variant' }).fill('Long lead');
  await page.getByRole('button', { name: 'Put the present plan by' }).click();
  await page.getByRole('link', { name: /Gantry axis/ }).click();
  await page.getByRole('button', { name: /^Screw ball/ }).click();
  await page.getByLabel(/^Lead/).first().fill('5 mm');
  await page.getByLabel(/^Lead/).first().press('Enter');
  await page.getByRole('link', { name: /^Variants/ }).click();
  await page.getByRole('combobox', { name: 'Held against' }).selectOption({ label: 'Long lead' });
  await expect(page.getByText(/Long lead gains/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^Both are drawn 200 times/)).toBeVisible({ timeout: 90_000 });
  await page.getByRole('button', { name: 'Take into Present plan: Gantry axis: drive' }).click();
  await expect(page.getByText('Both are the same plan.')).toBeVisible();
  await page.getByRole('button', { name: 'All side by side' }).click();
  const all = page.getByRole('table', { name: 'All variants' });
  await expect(all.getByRole('row', { name: /^Money/ })).toContainText(/965.*965/);
});

test('parts for all axes: sets on one supply in seconds, one is held as a variant and one taken', async ({
  page,
}) => {
  test.slow();
  await openShelf(page);
  await page.goto('/size?m=tern-creek&a=~variants');
  await page.getByRole('button', { name: 'Parts for all axes' }).click();
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  const picked = page.getByRole('region', { name: 'Picked set' });
  await expect(picked).toBeVisible({ timeout: 120_000 });
  await expect(picked.getByText(/^Supply .* for Bed axis, Gantry axis, Plunge axis: /)).toBeVisible();
  await page.getByRole('button', { name: 'Most for its money' }).click();
  await picked.getByRole('button', { name: 'Hold it as a variant' }).click();
  await expect(page.getByRole('button', { name: /^Parts for \d+/ })).toBeVisible();
  await picked.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('The machine was changed since. Look again.')).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
});
