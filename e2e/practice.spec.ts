import { expect, type Page, test } from '@playwright/test';
import { openShelf } from './pages';

/** A seed whose only fault is that one end of the gantry is low. */
const SEED = '56';

async function begin(page: Page, seed: string) {
  await openShelf(page);
  await page.getByRole('link', { name: 'Practise' }).click();
  await page.getByLabel('Seed: the same one hides the same faults').fill(seed);
  await page.keyboard.press('Tab');
  await page.getByRole('button', { name: 'Begin a round' }).click();
  await page.waitForURL(/v=practice/);
  await expect(page.getByRole('heading', { name: 'Find what is wrong' })).toBeVisible();
}

const tab = (page: Page, name: RegExp) => page.getByRole('link', { name }).first().click();

/** The sheet of the gantry's ends, once it stands there. */
async function openFeet(page: Page) {
  await page.getByRole('link', { name: /^Gantry ends to the table/ }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Gantry ends to the table');
}

test('a practice round: read, move, read again, name what was wrong, and be told', async ({ page }) => {
  await begin(page, SEED);
  await tab(page, /^Truing/);
  await openFeet(page);
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await page.getByRole('button', { name: 'Read all that are open' }).click();
  await expect(verdict).toContainText('Out of limit: one end lower');
  await tab(page, /^Practice/);
  await page.getByLabel('What is wrong').selectOption({ label: 'One end of the gantry is low' });
  await page.getByRole('button', { name: 'Name it' }).click();
  await expect(page.getByRole('list', { name: 'Named faults' })).toContainText(
    'One end of the gantry is low',
  );
  await tab(page, /^Truing/);
  await openFeet(page);
  await page.getByRole('button', { name: 'Moved: read again' }).click();
  await expect(verdict).toContainText('Read again');
  await page.getByRole('button', { name: 'Read all that are open' }).click();
  await expect(verdict).toContainText('Holds: one end lower');
  await tab(page, /^Practice/);
  await page.getByRole('button', { name: /^End the round/ }).click();
  const told = page.getByRole('row', { name: /One end of the gantry is low/ });
  await expect(told).toContainText('named, and read');
  await expect(told).toContainText('put right');
  await expect(page.getByText(/^\d+ of 100$/)).toBeVisible();
  // Nothing more is read off a round that is over; undo opens it again.
  await tab(page, /^Truing/);
  await expect(page.getByRole('region', { name: 'Verdict' })).toBeVisible();
  await expect(page.getByRole('group', { name: 'Practice machine' })).toHaveCount(0);
  await page.goto('/practice');
  await expect(page.getByText(/plain, seed 56/)).toBeVisible();
  await expect(page.getByText(/Best so far: plain \d+ of 100/)).toBeVisible();
});

test('a practice round on the phone', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await begin(page, SEED);
  const wide = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(await wide()).toBeLessThanOrEqual(0);
  await tab(page, /^Truing/);
  await page.getByRole('button', { name: 'Read all that are open' }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText('Holds: twist');
  expect(await wide()).toBeLessThanOrEqual(0);
  await tab(page, /^Practice/);
  await page.getByRole('button', { name: /^Hint/ }).click();
  await expect(page.getByText('Look at gantry, posts and square.')).toBeVisible();
  await page.getByRole('button', { name: /^End the round/ }).click();
  await expect(page.getByText('not found')).toBeVisible();
  expect(await wide()).toBeLessThanOrEqual(0);
});

test('a stand-in is stepped from the page, and only after it was armed', async ({ page }) => {
  await openShelf(page);
  await page.goto('/prove?m=tern-creek&v=proof&trial=steps:gantry');
  await page.getByRole('button', { name: 'Move the machine from here' }).click();
  await page.getByRole('button', { name: 'Try it on a stand-in' }).click();
  await expect(page.getByText('It is not armed: nothing moves.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Step to + on X' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Arm …' }).click();
  await expect(page.getByRole('group', { name: 'Arming' })).toContainText('it is not a stop button');
  await page.getByRole('button', { name: 'Arm it' }).click();
  await page.getByRole('button', { name: 'Step to + on X' }).click();
  await expect(page.getByText(/^X 1 mm/)).toBeVisible();
  await page.getByRole('button', { name: 'Disarm' }).click();
  await expect(page.getByText('It is not armed: nothing moves.')).toBeVisible();
});
