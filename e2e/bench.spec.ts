import { expect, test } from '@playwright/test';
import { demoName, field, importScrews, openBench, openLink, openShelf, rung, screwName, stored } from './pages';

test('the demo opens, shows its axes with their verdicts, and the bed axis says why it gives out', async ({ page }) => {
  await openShelf(page);
  const demo = page.getByRole('listitem').filter({ hasText: demoName });
  await expect(demo.getByRole('link', { name: /Bed axis gives out/ })).toBeVisible();
  await expect(demo.getByRole('link', { name: /Gantry axis thin/ })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'Fernhollow gate table' }).getByRole('link', { name: /Torch height thin/ })).toBeVisible();
  await demo.getByRole('link', { name: /Bed axis/ }).click();
  await expect(page.getByTestId('findings')).toContainText('Pinion climbs out of mesh');
  await openShelf(page);
  await importScrews(page);
  await page.getByRole('link', { name: screwName, exact: true }).click();
  await expect(page.getByRole('heading', { name: /Bed axis: screw whips/ })).toBeVisible();
  await page.getByRole('link', { name: /Bed axis/ }).first().click();
  await expect(page.getByTestId('findings')).toContainText('Screw whips');
  await expect(page.getByTestId('findings')).toContainText('÷ 8.7');
  await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/1\.38 m\/min.*gives out/);
});

test('fields take what people type, show the other system, and the answer follows at once', async ({ page }) => {
  await openBench(page);
  const travel = field(page, 'Travel');
  await travel.fill('54 in');
  await expect(page.getByText('1372 mm').first()).toBeVisible();
  await openLink(page, /^Screw ×2/);
  await field(page, 'Lead').fill('3/8 in');
  await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/2\.62 m\/min/);
  await field(page, 'Between bearings').fill('2,72 m');
  await expect(page.getByText('between bearings 2720 mm')).toBeVisible();
  await openLink(page, /^Stepper ×2/);
  await field(page, 'Holding torque').fill('428 oz-in');
  await expect(page.getByText('3.022 N·m').first()).toBeVisible();
  await field(page, 'Rapid').fill('600');
  await expect(page.getByRole('alert').filter({ hasText: 'Rapid' })).toContainText('at most');
  await field(page, 'Rapid').fill('15');
  await field(page, 'Rapid').blur();
  await expect(field(page, 'Rapid')).toHaveValue('15 m/min');
});

test('a text that cannot be taken says why, keeps the text, and changes nothing', async ({ page }) => {
  await openBench(page);
  const travel = field(page, 'Travel');
  await travel.fill('3 N·m');
  await expect(page.getByRole('alert').filter({ hasText: 'torque' })).toHaveText(/“3 N·m” is a torque; a length is wanted/);
  await travel.blur();
  await expect(travel).toHaveValue('3 N·m');
  await expect(page.getByText('travel 2540 mm')).toBeVisible();
  await travel.press('Escape');
  await expect(travel).toHaveValue('100 in');
  await openLink(page, /^Screw/);
  await field(page, 'Root diameter').fill('17 mm');
  await expect(page.getByRole('alert').filter({ hasText: 'root' })).toContainText('a root diameter below the nominal diameter');
  await page.getByLabel('Far end', { exact: true }).waitFor({ state: 'detached' });
  await openLink(page, /^End bearings/);
  await page.getByLabel('Motor end', { exact: true }).selectOption('supported');
  await page.getByLabel('Far end', { exact: true }).selectOption('free');
  await expect(page.getByRole('alert').filter({ hasText: 'free' })).toContainText('a fixed motor end');
  await expect(page.getByLabel('Far end', { exact: true })).toHaveValue('supported');
});

test('undo and redo by keyboard, a visit to a field is one step, 200 steps and more', async ({ page }) => {
  test.slow();
  await openBench(page);
  const rapid = field(page, 'Rapid');
  await rapid.click();
  await rapid.press('ControlOrMeta+a');
  await rapid.pressSequentially('14,5 m/min');
  await expect(page.getByRole('button', { name: 'Undo 1' })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(rapid).toHaveValue('12 m/min');
  await page.keyboard.press('ControlOrMeta+Shift+z');
  await expect(rapid).toHaveValue('14,5 m/min');
  const basis = page.getByRole('button', { name: /^Basis of Rapid/ });
  await basis.click();
  await page.getByRole('menuitem', { name: /^standard/ }).click();
  await expect(basis).toHaveAccessibleName('Basis of Rapid: standard');
  // Inside the page, so that 420 steps do not cost 420 round trips.
  await page.getByRole('button', { name: 'mm → in' }).evaluate((button: HTMLElement) => {
    for (let i = 0; i < 210; i++) button.click();
  });
  await expect(page.getByRole('button', { name: 'Undo 212' })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await page.evaluate(() => {
    for (let i = 0; i < 212; i++) window.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true }));
  });
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await expect(rapid).toHaveValue('12 m/min');
});

test('a remedy is tried and taken back with one press each', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: /^Try: Screw 32 mm, lead 32 mm, both ends fixed/ }).first().click();
  await expect(rung(page, 'Whip of the screw')).not.toHaveAccessibleName(/1\.38 m\/min/);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/1\.38 m\/min/);
});

test('every number opens its working, which leads back to what was typed', async ({ page }) => {
  await openBench(page);
  await rung(page, 'Whip of the screw').click();
  const drawer = page.getByRole('dialog');
  await expect(drawer.getByRole('heading', { name: 'Highest speed before the screw whips' })).toBeVisible();
  await expect(drawer).toContainText('common practice');
  await drawer.getByRole('button', { name: 'how it comes about' }).first().click();
  await expect(drawer.getByRole('heading', { name: 'Critical speed of the free piece of screw' })).toBeVisible();
  await expect(drawer).toContainText('Blevins');
  await expect(drawer).toContainText('Between bearings: 2720 mm (measured)');
  await expect(drawer.locator('.katex').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(drawer).toBeHidden();
  for (const button of await page.locator('dl').getByRole('button', { name: /Show the working/ }).all()) {
    await button.click();
    await expect(drawer.locator('.katex').first()).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(drawer).toBeHidden();
  }
});

test('masses add up, bodies come and go', async ({ page }) => {
  await openBench(page, 'plunge');
  await page.getByRole('button', { name: /Moving mass/ }).click();
  await page.getByLabel('Mass', { exact: true }).first().fill('20 lb');
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('12.77 kg');
  await page.getByRole('button', { name: 'Add a body' }).click();
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('13.77 kg');
  await page.getByRole('button', { name: 'Remove Another body' }).click();
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('12.77 kg');
});

test('another thread, two sides, keys and units', async ({ page }) => {
  await openBench(page, 'gantry');
  await openLink(page, /^Screw/);
  await page.getByLabel('Thread', { exact: true }).selectOption('sliding');
  await expect(field(page, 'Friction')).toHaveValue('0.12');
  await page.getByLabel('What turns', { exact: true }).selectOption('nut');
  await expect(rung(page, 'Whip of the screw')).toHaveCount(0);
  await expect(field(page, 'Nut inertia')).toHaveValue('2 kg·cm²');
  await openLink(page, /^Reducer/);
  await page.getByLabel('Kind', { exact: true }).selectOption('belt');
  await expect(page.getByText('Motor 2 turns, drive 1 turn: slower and stronger.')).toBeVisible();
  await field(page, 'Ratio').fill('0,5');
  await expect(page.getByText('drive 2000 rpm')).toBeVisible();
  await page.getByLabel('Kind', { exact: true }).selectOption('none');
  await openLink(page, /^Screw/);
  await page.getByLabel('How many', { exact: true }).selectOption('2');
  await expect(page.getByRole('button', { name: /^Screw ×2/ })).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Alt+ArrowRight');
  await expect(page).toHaveURL(/a=plunge/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'mm → in' }).click();
  await expect(page.getByText('travel 5.9055 in')).toBeVisible();
  await stored(page);
});
