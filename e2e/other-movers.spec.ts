import { expect, type Page, test } from '@playwright/test';
import { field, openLink, showBench, stock, stored } from './pages';

/** The list of parts is found in, for it draws only the rows in sight. */
async function listed(page: Page, words: string, name: RegExp): Promise<void> {
  await page.getByRole('searchbox', { name: 'Look for a part' }).fill(words);
  await expect(page.getByRole('gridcell', { name }).first()).toBeVisible();
}

test('a hand turns one axis, a gas spring lifts another: judged, and on the list of parts', async ({
  page,
}) => {
  await stock(page);
  await showBench(page, 'gantry');
  await openLink(page, /^Stepper/);
  await field(page, 'Kind').first().selectOption('hand');
  await expect(page.getByText(/Keep its place for a motor/)).toBeVisible();
  await expect(page.locator('ol').getByText('Driver', { exact: true })).toHaveCount(0);
  await stored(page);
  await showBench(page, 'plunge');
  await page.getByText('Balanced by').click();
  await page.getByRole('button', { name: 'Add a gas spring' }).click();
  await expect(page.getByText(/At the top .* At the bottom/)).toBeVisible();
  await stored(page);
  await page.goto('/build?m=screws&v=parts');
  await listed(page, 'handwheel', /^Handwheel/);
  await listed(page, 'gas spring', /^Gas spring 100 N, stroke/);
  await page.goto('/size?m=screws&a=gantry');
  await openLink(page, /^Hand/);
  await field(page, 'Kind').first().selectOption('stepper');
  await expect(page.locator('ol').getByText('Driver', { exact: true })).toBeVisible();
});

test('a crank swings the plunge axis: its turn is drawn, and its disc and guard are on the list', async ({
  page,
}) => {
  await stock(page);
  await showBench(page, 'plunge');
  await openLink(page, /^Screw/);
  await field(page, 'Kind').first().selectOption('crank');
  await expect(page.getByText(/Near a dead centre it pushes without a limit/)).toBeVisible();
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(page.getByRole('figure', { name: /^Speed over a turn/ })).toBeVisible();
  await stored(page);
  await page.goto('/build?m=screws&v=parts');
  await listed(page, 'crank disc', /^Crank disc with its pin/);
  await listed(page, 'guard', /^Guard over crank and link/);
});
