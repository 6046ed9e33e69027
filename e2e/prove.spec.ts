import { expect, type Page, test } from '@playwright/test';
import { openShelf } from './pages';

const sheet = async (page: Page, key: string) => {
  await openShelf(page);
  await page.goto(`/prove?m=tern-creek&sheet=${encodeURIComponent(key)}`);
  await page.getByRole('heading', { name: /^Round \d/ }).waitFor();
};

/** Types readings one after the other, each with Enter. */
async function type(page: Page, readings: readonly number[]) {
  for (const r of readings) {
    await page.keyboard.type(String(r));
    await page.keyboard.press('Enter');
  }
}

test('a rail is trued up from start to finish by keyboard', async ({ page }) => {
  await sheet(page, 'rail-b/side');
  const verdict = page.getByRole('region', { name: 'Verdict' });
  await expect(verdict).toContainText('Nothing is read yet');
  await expect(page.getByRole('img', { name: /how it is set up/ })).toBeVisible();
  await page.getByRole('textbox', { name: 'Reading at 0 mm, µm' }).focus();
  const bow = [0, 22, 44, 63, 78, 88, 94, 95, 90, 80, 66, 47, 25, 3];
  await type(page, bow);
  await expect(verdict).toContainText('Out of limit: width of the band');
  await expect(page.getByRole('img', { name: /14 places read/ })).toBeVisible();
  await page.getByRole('button', { name: 'Moved: read again' }).press('Enter');
  await expect(verdict).toContainText('What was read before counts for nothing now');
  await page.getByRole('textbox', { name: 'Reading at 0 mm, µm' }).focus();
  await type(
    page,
    bow.map((v) => Math.round(v / 20)),
  );
  await expect(page.getByRole('heading', { name: 'Round 2' })).toBeVisible();
  // A dial is too coarse for what such guides take; a finer one decides.
  await expect(verdict).toContainText('Cannot say yet: width of the band');
  await expect(verdict).toContainText('a finer one would decide');
  await expect(page.getByRole('img', { name: '2 rounds' })).toBeVisible();
});

test('a word that is no number says what is wanted, and nothing is lost', async ({ page }) => {
  await sheet(page, 'tram');
  const cell = page.getByRole('textbox', { name: 'Reading at right, µm' });
  await cell.fill('12 kg');
  await cell.press('Enter');
  await expect(page.getByText('Tram: “12 kg” is a mass')).toBeVisible();
  await expect(cell).toHaveValue('12 kg');
  await cell.fill('0.5 thou');
  await cell.press('Enter');
  await expect(page.getByRole('button', { name: 'Reading at right: 12.7' })).toBeVisible();
  // Once more beside the first: the mean stands, with how many there are.
  await page.getByRole('button', { name: 'Reading at right: 12.7' }).click();
  await page.keyboard.type('14.7');
  await page.keyboard.press('Shift+Enter');
  await page.getByRole('button', { name: 'Reading at back: none' }).click();
  await expect(page.getByRole('button', { name: 'Reading at right: 13.7' })).toContainText('2');
});

test('what was hit makes stale what stands on it, and undo takes it back', async ({ page }) => {
  await sheet(page, 'frame');
  const order = page.getByRole('navigation', { name: 'Order of truing' });
  const railA = order.getByRole('link', { name: /^.*Rail A, height/ });
  await expect(railA).not.toContainText('stale');
  await page.getByRole('button', { name: /^It was loosened/ }).click();
  await page.getByRole('button', { name: /^Say so/ }).click();
  await expect(railA).toContainText('stale: read again');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(railA).not.toContainText('stale');
  // The gantry's ends stand on rail B, which was loosened after they were read.
  await order.getByRole('link', { name: /Gantry ends/ }).click();
  await expect(page.getByRole('region', { name: 'Verdict' })).toContainText(
    'to let the carriage past a burr',
  );
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });
  test('a square is read with the keypad, and stays after a reload', async ({ page }) => {
    await sheet(page, 'square');
    const pad = page.getByRole('region', { name: 'diagonal from corner 1' });
    for (const key of ['2', '2', '5', '0']) await pad.getByRole('button', { name: key, exact: true }).click();
    await pad.getByRole('button', { name: 'take it' }).click();
    const other = page.getByRole('region', { name: 'other diagonal' });
    for (const key of ['2', '2', '4', '4'])
      await other.getByRole('button', { name: key, exact: true }).click();
    await other.getByRole('button', { name: 'take it' }).click();
    const verdict = page.getByRole('region', { name: 'Verdict' });
    await expect(verdict).toContainText('out of square');
    await expect(page.getByText('stored')).toBeVisible();
    await page.reload();
    await expect(verdict).toContainText('out of square');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});
