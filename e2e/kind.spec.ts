import { expect, type Page } from '@playwright/test';
import { demoName, openLink, openShelf, showBench, stored } from './pages';
import { test } from './window';

/** Counts the clicks of a page from here on, in all that it goes to; what is typed or chosen costs none. */
async function clicksOf(page: Page): Promise<() => Promise<number>> {
  let clicks = 0;
  await page.exposeFunction('clicked', () => void clicks++);
  const listen = () =>
    // A key that presses a button makes a click without a pointer.
    window.addEventListener(
      'click',
      (e) => e.detail > 0 && (window as never as { clicked(): void }).clicked(),
      {
        capture: true,
      },
    );
  await page.addInitScript(listen);
  await page.evaluate(listen);
  return async () => {
    await page.evaluate(() => undefined);
    return clicks;
  };
}

/** Goes to a station of the machine that is open. */
async function goTo(page: Page, name: string): Promise<void> {
  const stations = page.getByRole('navigation', { name: 'Stations' });
  await stations.getByRole('link', { name, exact: true }).click();
  await page.waitForURL(`**/${name.toLowerCase()}?**`);
}

/** Opens the demo machine from the list. */
async function openDemo(page: Page): Promise<() => Promise<number>> {
  await openShelf(page);
  const clicks = await clicksOf(page);
  await page.getByRole('link', { name: demoName, exact: true }).click();
  await page.getByText('What matters most').waitFor();
  return clicks;
}

test('a heavier spindle: what it did to the whole machine is told where it was typed', async ({ page }) => {
  const clicks = await openDemo(page);
  await goTo(page, 'Brief');
  await page.getByRole('link', { name: /^Masses/ }).click();
  await page.getByRole('button', { name: /^Spindle 2.2 kW/ }).click();
  await page.getByRole('textbox', { name: 'Mass', exact: true }).fill('15 kg');
  await page.keyboard.press('Tab');
  const strip = page.getByRole('status', { name: 'What the last change did' });
  await expect(strip).toContainText('Moves');
  await expect(strip).toContainText(/→/);
  expect(await clicks()).toBeLessThanOrEqual(4);
  await stored(page);
  // On the next page it still stands, until it is laid away.
  await page.getByRole('link', { name: 'Size', exact: true }).click();
  await expect(strip).toContainText('Moves');
  await strip.getByRole('button', { name: 'Hide' }).click();
  await expect(strip).toHaveCount(0);
});

test('a motor picked against its driver: it is told before and after it is taken', async ({ page }) => {
  await showBench(page, 'gantry');
  const clicks = await clicksOf(page);
  await openLink(page, /^Stepper/);
  await page.getByRole('button', { name: /^Exchange/ }).click();
  const dialog = page.getByRole('dialog');
  // As the trade says it: the size in inches and ounces.
  await dialog.getByRole('textbox', { name: 'Search' }).fill('1204');
  await dialog.getByRole('button', { name: /^Stepper size 34, 8.5 N·m, 2.6/ }).click();
  await expect(dialog.getByRole('row', { name: /^Verdict/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByTestId('findings').getByText('Driver is small for the motor')).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(4);
});

test('rods in the place of rails: how far they sag is told, and undo brings the rails back', async ({
  page,
}) => {
  await showBench(page, 'gantry');
  const clicks = await clicksOf(page);
  await openLink(page, /^Guide/);
  await page.getByRole('button', { name: /^Exchange/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Round rods' }).click();
  await dialog
    .getByRole('button', { name: /^Round rod 20 mm/ })
    .first()
    .click();
  await dialog.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('Sag of the rods')).toBeVisible();
  await expect(page.getByTestId('findings').getByText(/^Rods sag/)).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(6);
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByText('Sag of the rods')).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('a part is exchanged in two steps', async ({ page }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await showBench(page, 'gantry');
    const clicks = await clicksOf(page);
    await openLink(page, /^Stepper/);
    await page.getByRole('button', { name: /^Exchange/ }).click();
    const dialog = page.getByRole('dialog');
    await dialog
      .getByRole('combobox', { name: 'In the order of' })
      .selectOption({ label: 'Holding, most first' });
    const first = dialog.getByRole('button', { name: /^Stepper size/ }).first();
    await expect(first).toHaveText(/size 34/);
    await first.click();
    // The second step takes the place of the first, from its beginning, and leads back.
    await expect(first).toBeHidden();
    await expect(dialog.getByRole('heading', { level: 3 })).toBeInViewport();
    await dialog.getByRole('button', { name: 'Other parts' }).click();
    await expect(first).toBeVisible();
    await first.click();
    await dialog.getByRole('button', { name: 'Take it' }).click();
    await expect(
      page
        .locator('ol')
        .getByRole('button', { name: /^Stepper/ })
        .first(),
    ).toBeVisible();
    expect(await clicks()).toBeLessThanOrEqual(6);
  });
});

test('by keyboard the first finding is at most 40 tabs away', async ({ page }) => {
  await showBench(page, 'gantry');
  let tabs = 0;
  const there = () =>
    page.evaluate(() => Boolean(document.activeElement?.closest('[data-testid="findings"]')));
  while (tabs < 41 && !(await there())) {
    await page.keyboard.press('Tab');
    tabs += 1;
  }
  expect(tabs).toBeLessThanOrEqual(40);
});

test('a machine goes out as a file, is deleted, comes back out of it, all the same', async ({ page }) => {
  await openShelf(page);
  const clicks = await clicksOf(page);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: `Export ${demoName}` }).click();
  const file = await (await waiting).path();
  await page.getByRole('button', { name: `Delete ${demoName}` }).click();
  await expect(page.getByRole('link', { name: demoName, exact: true })).toHaveCount(0);
  await page.getByLabel('Machine files').setInputFiles(file);
  await expect(page.getByRole('link', { name: demoName, exact: true })).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(3);
});

test('Fit: what must be measured before a hole is drilled is three clicks away', async ({ page }) => {
  const clicks = await openDemo(page);
  await goTo(page, 'Fit');
  const stacks = page.getByRole('button', { name: 'Stack-ups' });
  await stacks.waitFor();
  await page.getByRole('link', { name: /^Plunge axis/ }).click();
  await page.waitForURL(/a=plunge/);
  await stacks.click();
  await expect(page.getByText(/counted twice/).first()).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(4);
});

test('Build: what there is to buy, cheapest, and what must be done next', async ({ page }) => {
  const clicks = await openDemo(page);
  await goTo(page, 'Build');
  await expect(page.getByRole('heading', { name: 'Cheapest basket' })).toBeVisible();
  await page.getByRole('button', { name: /^To buy/ }).click();
  await page.getByRole('link', { name: /^Assembly/ }).click();
  await expect(page.getByRole('heading', { name: /^To reach/ })).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(4);
});

test('Prove: a reading is typed, and what it decides is told', async ({ page }) => {
  const clicks = await openDemo(page);
  await goTo(page, 'Prove');
  await page.getByRole('link', { name: /^Tram/ }).click();
  await page.getByRole('textbox', { name: 'Reading at right, µm' }).fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Reading at right: 12' })).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(3);
});

test('Job check: the worst line of the file is shown by two clicks', async ({ page }) => {
  const clicks = await openDemo(page);
  await page.getByRole('link', { name: 'Hull panels, two sheets on one another' }).click();
  await page.getByRole('button', { name: 'line 575' }).first().click();
  await expect(page.getByText(/, line 575: /)).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(3);
});

test('Log: an entry is written where the work is done, and stands on the time line', async ({ page }) => {
  const clicks = await openDemo(page);
  await goTo(page, 'Log');
  await page
    .getByRole('button', { name: /^New entry/ })
    .first()
    .click();
  await page.getByRole('region', { name: 'Entry' }).getByLabel('In a few words').fill('Rails greased');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Rails greased').first()).toBeVisible();
  expect(await clicks()).toBeLessThanOrEqual(3);
});
