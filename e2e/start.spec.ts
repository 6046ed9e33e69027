import { expect, type Page } from '@playwright/test';
import { firstVisit as test } from './window';

const begin = async (page: Page) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a machine' }).click();
  await page.getByRole('button', { name: 'Work out whole machines' }).waitFor();
};

const workedOut = (page: Page) =>
  expect(page.getByRole('button', { name: 'Work them out again' })).toBeVisible({ timeout: 120_000 });

test('somebody who has only an idea gets machines that hold, and opens one', async ({ page }) => {
  await begin(page);
  await page.getByText('Pen and brush', { exact: true }).click();
  await page.getByLabel('Work length', { exact: true }).fill('24 in');
  await page.getByLabel('Work width', { exact: true }).fill('18 in');
  await page.getByRole('button', { name: 'Work out whole machines' }).click();
  await workedOut(page);
  const plans = page.getByRole('region', { name: 'Plans' });
  expect(await plans.getByRole('article').count()).toBeGreaterThanOrEqual(2);
  await expect(page.getByRole('img', { name: 'Plan A, drawn' })).toBeVisible();
  const cheapest = plans.getByRole('article', { name: 'Plan A: cheapest that holds' });
  await expect(cheapest).toContainText('Gives up');
  await cheapest.getByRole('button', { name: 'Open as a machine' }).click();
  await page.getByRole('link', { name: 'First page' }).click();
  // Nobody has said its figures: it holds on ours, and nothing of it gives out.
  await expect(page.getByText(/\d+ numbers are ours: nobody/)).toBeVisible();
  await expect(page.getByText(/(holds|thin), guessed/).first()).toBeVisible();
  // What the plan took the place of may have given out: that stands beside it until it is laid away.
  const strip = page.getByRole('status', { name: 'What the last change did' });
  await strip.getByRole('button', { name: 'Hide' }).click();
  await expect(page.getByText(/gives out/)).toHaveCount(0);
  await page.goto(page.url().replace('/machine', '/log') + '&a=revisions');
  await expect(page.getByText('Plan A: cheapest that holds').first()).toBeVisible();
});

test('a machine that does not fit the room says what conflicts, and the work can be stopped', async ({
  page,
}) => {
  await begin(page);
  await page.getByText('Pen and brush', { exact: true }).click();
  await page.getByRole('combobox', { name: 'Frame of' }).selectOption('steel');
  await page.getByLabel('Room length', { exact: true }).fill('1 m');
  await page.getByLabel('Room width', { exact: true }).fill('0.9 m');
  await page.getByRole('button', { name: 'Work out whole machines' }).click();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('Stopped. Nothing was changed.')).toBeVisible();
  await page.getByRole('button', { name: 'Work out whole machines' }).click();
  await workedOut(page);
  await expect(page.getByText(/No machine holds all of these wishes: it does not fit/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'What does not go together' })).toContainText(
    'The room left open',
  );
});
