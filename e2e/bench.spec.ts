import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import {
  demoName,
  field,
  importScrews,
  showBench,
  openLink,
  openShelf,
  rung,
  screwName,
  stored,
} from './pages';
import { firstVisit, test } from './window';

firstVisit(
  'the demo opens, shows its axes with their verdicts, and the bed axis says why it gives out',
  async ({ page }) => {
    await openShelf(page);
    const demo = page.getByRole('listitem').filter({ hasText: demoName });
    await expect(demo.getByRole('link', { name: /Bed axis gives out/ })).toBeVisible();
    await expect(demo.getByRole('link', { name: /Gantry axis thin/ })).toBeVisible();
    await expect(
      page
        .getByRole('listitem')
        .filter({ hasText: 'Fernhollow gate table' })
        .getByRole('link', { name: /Torch height gives out/ }),
    ).toBeVisible();
    await demo.getByRole('link', { name: /Bed axis/ }).click();
    await expect(page.getByTestId('findings')).toContainText('Pinion climbs out of mesh');
    await openShelf(page);
    await importScrews(page);
    await page.getByRole('link', { name: screwName, exact: true }).click();
    await expect(page.getByRole('heading', { name: /Bed axis: screw whips/ })).toBeVisible();
    await page
      .getByRole('link', { name: /Bed axis/ })
      .first()
      .click();
    await expect(page.getByTestId('findings')).toContainText('Screw whips');
    await expect(page.getByTestId('findings')).toContainText('89 % short');
    await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/1\.38 m\/min.*gives out/);
  },
);

test('fields take what people type, show the other system, and the answer follows at once', async ({
  page,
}) => {
  await showBench(page);
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
  await expect(page.getByText('3.02 N·m').first()).toBeVisible();
  await field(page, 'Rapid').fill('600');
  await expect(page.getByRole('alert').filter({ hasText: 'Rapid' })).toContainText('at most');
  await field(page, 'Rapid').fill('15');
  await field(page, 'Rapid').blur();
  await expect(field(page, 'Rapid')).toHaveValue('15 m/min');
});

test('nothing moves on the sheet while a figure is typed and the machine is stored', async ({ page }) => {
  await showBench(page);
  const rapid = field(page, 'Rapid');
  await rapid.focus();
  // Where the field stands in every frame from the first keystroke until the machine is stored.
  await rapid.evaluate((input) => {
    const places = new Set<number>();
    const words = new Set<string>();
    const look = () => {
      places.add(input.getBoundingClientRect().top);
      words.add(document.querySelector('[data-save]')!.getAttribute('data-save')!);
      requestAnimationFrame(look);
    };
    look();
    Object.assign(window, { seen: () => [places.size, [...words]] });
  });
  for (const key of ['9', '.', '4']) await page.keyboard.press(key);
  await expect(page.locator('[data-save="saved"]')).toBeVisible();
  await expect
    .poll(() => page.evaluate('window.seen()'))
    .toEqual([1, expect.arrayContaining(['saved', 'saving'])]);
});

test('a text that cannot be taken says why, keeps the text, and changes nothing', async ({ page }) => {
  await showBench(page);
  const travel = field(page, 'Travel');
  await travel.fill('3 N·m');
  await expect(page.getByRole('alert').filter({ hasText: 'torque' })).toHaveText(
    /“3 N·m” is a torque; a length is wanted/,
  );
  await travel.blur();
  await expect(travel).toHaveValue('3 N·m');
  await expect(page.getByText('travel 2540 mm')).toBeVisible();
  await travel.press('Escape');
  await expect(travel).toHaveValue('100 in');
  await openLink(page, /^Screw/);
  await field(page, 'Root diameter').fill('17 mm');
  await expect(page.getByRole('alert').filter({ hasText: 'root' })).toContainText(
    'a root diameter below the nominal diameter',
  );
  await page.getByLabel('Far end', { exact: true }).waitFor({ state: 'detached' });
  await openLink(page, /^End bearings/);
  await page.getByLabel('Motor end', { exact: true }).selectOption('supported');
  await page.getByLabel('Far end', { exact: true }).selectOption('free');
  await expect(page.getByRole('alert').filter({ hasText: 'free' })).toContainText('a fixed motor end');
  await expect(page.getByLabel('Far end', { exact: true })).toHaveValue('supported');
});

test('undo and redo by keyboard, a visit to a field is one step, 200 steps and more', async ({ page }) => {
  test.slow();
  await showBench(page);
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
    for (let i = 0; i < 212; i++)
      window.dispatchEvent(new KeyboardEvent('keydown', { key: 'z', ctrlKey: true }));
  });
  await expect(page.getByRole('button', { name: 'Undo', exact: true })).toBeDisabled();
  await expect(rapid).toHaveValue('12 m/min');
});

test('a remedy is tried and taken back with one press each', async ({ page }) => {
  await showBench(page);
  await page
    .getByRole('button', { name: /^Try: Rack and pinion, planetary 5 : 1/ })
    .first()
    .click();
  await expect(rung(page, 'Whip of the screw')).toHaveCount(0);
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/1\.38 m\/min/);
});

test('every number opens its working, which leads back to what was typed', async ({ page }) => {
  await showBench(page);
  await rung(page, 'Whip of the screw').click();
  const drawer = page.getByRole('dialog');
  await expect(drawer.getByRole('heading', { name: 'Highest speed before the screw whips' })).toBeVisible();
  await expect(drawer).toContainText('common practice');
  await drawer.getByRole('button', { name: 'how it comes about' }).first().click();
  await expect(
    drawer.getByRole('heading', { name: 'Critical speed of the free piece of screw' }),
  ).toBeVisible();
  await expect(drawer).toContainText('Blevins');
  await expect(drawer).toContainText('Between bearings: 2720 mm (measured)');
  await expect(drawer.locator('.katex').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(drawer).toBeHidden();
  for (const button of await page
    .locator('dl')
    .getByRole('button', { name: /Show the working/ })
    .all()) {
    await button.click();
    await expect(drawer.locator('.katex').first()).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(drawer).toBeHidden();
  }
});

test('masses add up, bodies come and go', async ({ page }) => {
  await showBench(page, 'plunge');
  await page.getByRole('button', { name: /Moving mass/ }).click();
  await page.getByLabel('Mass', { exact: true }).first().fill('20 lb');
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('12.8 kg');
  await page.getByRole('button', { name: 'Add a body' }).click();
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('13.8 kg');
  await page.getByRole('button', { name: 'Remove Another body' }).click();
  await expect(page.getByRole('button', { name: /Moving mass/ })).toContainText('12.8 kg');
});

test('another thread, two sides, keys and units', async ({ page }) => {
  await showBench(page, 'gantry');
  await openLink(page, /^Screw/);
  await page.getByLabel('Thread', { exact: true }).selectOption('sliding');
  await page.getByRole('button', { name: 'Nut', exact: true }).click();
  await expect(field(page, 'Friction')).toHaveValue('0.12');
  await page.getByLabel('What turns', { exact: true }).selectOption('nut');
  await expect(rung(page, 'Whip of the screw')).toHaveCount(0);
  await page.getByRole('button', { name: 'Turning and heat', exact: true }).click();
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
  await expect(page.getByRole('dialog', { name: 'Help' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'mm → in' }).click();
  await expect(page.getByText('travel 5.9055 in')).toBeVisible();
  await stored(page);
});

test(
  'a part is exchanged: what changes is shown first, then one press takes it and one ' + 'takes it back',
  async ({ page }) => {
    await showBench(page, 'gantry');
    await openLink(page, /^Screw/);
    await page.getByRole('button', { name: /^Exchange for another part/ }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByText('Pick a part')).toBeVisible();
    await dialog.getByLabel('Search').fill('25 mm 10 mm');
    await dialog.getByRole('button', { name: 'Ball screw 25 mm × 10 mm' }).click();
    const whip = dialog.getByRole('row', { name: /^Whip of the screw/ });
    await expect(whip).toContainText('12.8 m/min');
    await expect(whip).toContainText('better');
    await expect(dialog.getByRole('row', { name: /^Load \/ rotor inertia/ })).toContainText('worse');
    await dialog.getByRole('button', { name: 'Take it' }).click();
    await expect(dialog).toBeHidden();
    await expect(rung(page, 'Whip of the screw')).not.toHaveAccessibleName(/12\.8 m\/min/);
    await page.getByRole('button', { name: 'Undo 1' }).click();
    await expect(rung(page, 'Whip of the screw')).toHaveAccessibleName(/12\.8 m\/min/);
  },
);

test('the drive is exchanged for a rack and back, and the drawing follows', async ({ page }) => {
  await showBench(page, 'gantry');
  await openLink(page, /^Screw/);
  await field(page, 'Kind').selectOption('rack');
  await expect(page.getByRole('img', { name: /rack with 20 teeth/ })).toBeVisible();
  await field(page, 'Teeth').fill('5');
  await expect(page.getByText(/a pinion of 8 teeth or more/)).toBeVisible();
  await page.keyboard.press('Escape');
  for (const kind of ['belt', 'chain', 'screw']) {
    await field(page, 'Kind').selectOption(kind);
    await expect(
      page.getByRole('img', {
        name: kind === 'screw' ? /fixed and supported, screw/ : new RegExp(`${kind} with \\d+ teeth`),
      }),
    ).toBeVisible();
  }
});

test('the drawing goes out as a file that says what it shows', async ({ page }) => {
  await showBench(page);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the drawing as SVG' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('bed-axis.svg');
  const svg = readFileSync(await download.path(), 'utf8');
  expect(svg).toMatch(/^<\?xml[^]*<title>Bed axis: travel .*screw/);
  // The browser that is to open it finds nothing wrong with it.
  const errors = await page.evaluate(
    (text) => new DOMParser().parseFromString(text, 'image/svg+xml').querySelectorAll('parsererror').length,
    svg,
  );
  expect(errors).toBe(0);
});

test('a variant of an axis is put by and held against the next one, row by row', async ({ page }) => {
  await showBench(page, 'gantry');
  await page.getByRole('button', { name: 'Put by', exact: true }).click();
  await field(page, 'Acceleration').fill('3 m/s²');
  await page.getByRole('button', { name: 'Compare 1' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('row', { name: /^Torque at rapid/ }).first()).toContainText('better');
  await dialog.getByRole('button', { name: 'Put Variant 1 back on the axis' }).click();
  await expect(field(page, 'Acceleration')).toHaveValue('1.2 m/s²');
});

test('an own part travels in the file, and a torque curve comes in as CSV', async ({ page }) => {
  await showBench(page, 'gantry');
  await openLink(page, /^Stepper/);
  await page.getByRole('button', { name: /^Exchange for another part/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Add my own part' }).click();
  await dialog.getByLabel('Name', { exact: true }).fill('Attic stepper');
  await dialog.getByLabel('Holding torque').fill('5 mm');
  await dialog.getByRole('button', { name: 'Keep this part' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Holding torque: read “5 mm”');
  await dialog.getByLabel('Holding torque').fill('270 oz-in');
  await dialog.getByLabel('On hand').fill('2');
  await dialog.getByRole('button', { name: 'Keep this part' }).click();
  await expect(dialog.getByRole('row', { name: /Attic stepper.*2 on hand/ })).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await field(page, 'Torque curve').selectOption('points');
  await page.getByLabel('Torque curve as CSV').setInputFiles({
    name: 'curve.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('rpm,N·m\n0,2.1\n600,1.4\n1500,0.5\n'),
  });
  await expect(page.getByLabel('Speed', { exact: true })).toHaveCount(3);
  await page.getByLabel('Torque curve as CSV').setInputFiles({
    name: 'bad.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('rpm,N·m\n0,2.1\n600,fast\n'),
  });
  await expect(page.getByText(/^bad\.csv, line 3: read “fast”; wanted a torque/)).toBeVisible();
  await expect(page.getByLabel('Speed', { exact: true })).toHaveCount(3);
});

test('duty, play and move have views of their own', async ({ page }) => {
  await page.goto('/size?m=tern-creek&a=bed');
  await page.getByRole('button', { name: 'Duty', exact: true }).click();
  await expect(page.getByText(/RMS torque .*over 2\d\d s/)).toBeVisible();
  await page.getByRole('button', { name: 'Add a step' }).click();
  await expect(page.getByLabel('Step 4 does')).toBeVisible();
  await page.getByRole('button', { name: 'Play', exact: true }).click();
  await expect(page.getByText('Lost at a reversal')).toBeVisible();
  await page.getByRole('button', { name: 'Move', exact: true }).click();
  await expect(page.getByRole('figure', { name: /^Seven phases/ })).toBeVisible();
  await page.getByRole('button', { name: 'Acceleration', exact: true }).click();
  await expect(page.getByRole('group', { name: 'Acceleration ladder' })).toBeVisible();
});
