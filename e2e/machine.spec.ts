import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { field, openShelf, setSlider, showWhole, stored } from './pages';
import { test } from './window';

test(
  'the first page says in one look: drawing, verdicts, three findings with remedies, masses, ' +
    'money, next step',
  async ({ page }) => {
    await page.goto('/machine?m=wayside');
    await expect(
      page.getByRole('img', { name: /Wayside scenery cutter: drawn from its structure/ }),
    ).toBeVisible();
    await expect(page.getByText(/up and down/).first()).toBeVisible();
    const matters = page.getByRole('region', { name: 'What matters most' });
    await expect(matters.getByRole('listitem')).toHaveCount(3);
    await expect(matters).toContainText('Whole machine');
    await expect(page.getByText('Mend what gives out on the machine as a whole.')).toBeVisible();
    await expect(page.getByText('≥ 872 of 900')).toBeVisible();
    await page.getByRole('link', { name: 'Turn it, bend it, see what gives' }).click();
    await expect(page).toHaveURL(/a=~whole/);
  },
);

test('a change of one body is felt by every axis that carries it, in the same keystroke', async ({
  page,
}) => {
  await page.goto('/brief?m=tern-creek&a=masses');
  await expect(page.getByRole('region', { name: 'Bed axis' })).toContainText('65.1 kg');
  await page.getByRole('region', { name: 'Plunge axis' }).getByText('Spindle 2.2 kW with clamp').click();
  await page
    .getByRole('region', { name: 'Plunge axis' })
    .getByLabel('Mass', { exact: true })
    .first()
    .fill('12.9 kg');
  await expect(page.getByRole('region', { name: 'Plunge axis' })).toContainText('16.6 kg');
  await expect(page.getByRole('region', { name: 'Gantry axis' })).toContainText('25.9 kg');
  await expect(page.getByRole('region', { name: 'Bed axis' })).toContainText('70.1 kg');
  // A ring of axes is refused with the reason, and nothing changes.
  await page.getByRole('region', { name: 'Bed axis' }).getByLabel('Rides on').selectOption('plunge');
  await expect(page.getByRole('region', { name: 'Bed axis' }).getByLabel('Rides on')).toHaveValue('');
  await page.getByRole('region', { name: 'Plunge axis' }).getByRole('button', { name: 'Add a body' }).click();
  await page.getByRole('region', { name: 'Plunge axis' }).getByText('Another body').click();
  await page.getByRole('region', { name: 'Plunge axis' }).getByLabel('Mass by').last().selectOption('plate');
  await expect(page.getByRole('region', { name: 'Plunge axis' })).toContainText('1.94 kg');
  await stored(page);
});

test('the worst of the cuts loads the axes; a cut that the spindle cannot turn is found and mended', async ({
  page,
}) => {
  await page.goto('/brief?m=tern-creek&a=cuts');
  await page.getByRole('button', { name: /^Hull panels/ }).click();
  await field(page, 'Depth').fill('3 in');
  await expect(page.getByText('Spindle is too weak')).toBeVisible();
  await expect(page.getByText('The spindle gives out first', { exact: false })).toBeVisible();
  await field(page, 'Width').fill('9 mm');
  await expect(page.getByRole('alert').filter({ hasText: 'cutter' })).toContainText(
    'no larger than the cutter',
  );
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Chip load: 0.125 mm \(0.0049 in\)/ }).click();
  await expect(page.getByRole('dialog').getByRole('heading', { name: 'Chip load' })).toBeVisible();
  await page.keyboard.press('Escape');
  // The tool is too short for such a cut as well, and that stands first.
  await page.getByRole('heading', { name: 'Spindle is too weak' }).click();
  await page.getByRole('button', { name: /^Try: A lighter cut: depth of/ }).click();
  await expect(page.getByText('Spindle is too weak')).toHaveCount(0);
  await page.getByRole('button', { name: 'Plasma', exact: true }).click();
  await field(page, 'Feed').fill('60 ipm');
  await expect(page.getByLabel('Material')).toHaveValue('sheet');
  await expect(page.getByText('Too slow for thin sheet')).toBeVisible();
  await page.goto('/size?m=tern-creek&a=bed');
  await expect(page.getByText(/of 4 cuts/)).toBeVisible();
  await page.getByRole('button', { name: 'Type the cutting force instead' }).click();
  await expect(field(page, 'Cutting force')).toHaveValue('165 N');
});

test('the arrangement is picked from drawn choices, and what it means follows', async ({ page }) => {
  await page.goto('/brief?m=tern-creek');
  const table = page.getByRole('radio', { name: /^Moving table.*not in this room/ });
  await table.click();
  await expect(table).toBeChecked();
  await page.getByRole('button', { name: 'Take the proposal for the Bed axis' }).click();
  await expect(page.getByRole('row', { name: /Bed axis/ })).toContainText('10 m/min');
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('radio', { name: /^Moving gantry/ })).toBeChecked();
  await field(page, 'Accuracy').fill('5 thou');
  await expect(page.getByText('Not accurate enough along the bed')).toBeVisible();
});

test(
  'the gantry bends as its carriage is dragged; a change is tried with one press and taken ' +
    'back with one',
  async ({ page }) => {
    await showWhole(page);
    await expect(page.getByText('Beam twists')).toBeVisible();
    const drawing = page.getByRole('img', { name: /with the tool at/ });
    await expect(drawing).toHaveAccessibleName(/tool at 817.5 mm|tool at 820 mm/);
    await setSlider(page.getByRole('slider', { name: 'Tool along the beam' }), 4);
    await expect(drawing).toHaveAccessibleName(/tool at 296 mm/);
    const box = (await drawing.boundingBox())!;
    await page.mouse.move(box.x + box.width * 0.4, box.y + box.height * 0.5);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width * 0.5, box.y + box.height * 0.5);
    await page.mouse.up();
    await expect(drawing).not.toHaveAccessibleName(/tool at 296 mm/);
    await page.getByRole('button', { name: /up and down$/ }).click();
    await page.getByRole('button', { name: /^Try: Closed steel tube/ }).click();
    await expect(page.getByText('Trying: Closed steel tube of the same size')).toBeVisible();
    await expect(page.getByLabel('Section').first()).toHaveValue('rect-tube');
    await page.getByRole('button', { name: 'Take back' }).click();
    await expect(page.getByLabel('Section').first()).toHaveValue('extrusion');
    await field(page, 'Tool down').fill('twelve');
    await expect(page.getByRole('alert').filter({ hasText: 'twelve' })).toContainText('a length is wanted');
  },
);

test('a machine without a structure says so, begins one, and stands', async ({ page }) => {
  await openShelf(page);
  await page.getByRole('button', { name: 'Start a machine' }).click();
  await page.getByRole('link', { name: 'First page' }).click();
  await page.getByRole('button', { name: 'Remove the Gantry axis' }).click();
  await page.getByRole('link', { name: 'Turn it, bend it, see what gives' }).click();
  await expect(page.getByText('nothing is known of sag and twist').first()).toBeVisible();
  await page.getByRole('button', { name: 'Begin with a usual frame' }).click();
  await expect(page.getByText('The frame needs an axis across', { exact: false })).toBeVisible();
  await page.getByRole('link', { name: 'First page' }).click();
  await page.getByRole('button', { name: 'Gantry axis', exact: true }).click();
  await page.getByRole('link', { name: 'Turn it, bend it, see what gives' }).click();
  await expect(page.getByRole('img', { name: /with the tool at/ })).toBeVisible();
  await expect(page.getByText(/Not given and taken as rigid/)).toBeVisible();
});

test('the picture is made of the same data: it turns, stands square on, and its axes move', async ({
  page,
}) => {
  await showWhole(page, 'fernhollow');
  await page.getByRole('button', { name: 'Picture' }).click();
  await expect(page.locator('canvas')).toBeVisible();
  await setSlider(page.getByRole('slider', { name: /Cross axis|Gantry axis|Y / }).first(), 0);
  await page.getByRole('checkbox', { name: 'Plain drawing' }).check();
  for (const view of ['Front', 'Plan', 'Side', 'Turn']) {
    await page.getByRole('button', { name: view, exact: true }).click();
    await expect(
      page.getByRole('img', {
        name: view === 'Turn' ? /from the front right/ : new RegExp(`square on, ${view.toLowerCase()}`),
      }),
    ).toBeVisible();
  }
});

test('the build book is handed out, as PDF and as Markdown', async ({ page }) => {
  await page.goto('/machine?m=tern-creek');
  for (const [as, begins, name] of [
    ['PDF', '%PDF-', 'tern-creek-kayak-router-build-book.pdf'],
    ['Markdown', '# Tern Creek kayak router', 'tern-creek-kayak-router-build-book.md'],
  ] as const) {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: `Build book as ${as}` }).click(),
    ]);
    expect(download.suggestedFilename()).toBe(name);
    const bytes = readFileSync(await download.path());
    expect(bytes.subarray(0, begins.length).toString()).toBe(begins);
    expect(bytes.length).toBeGreaterThan(100_000);
  }
});

test.describe('without WebGL', () => {
  test('the plain drawing stands in its place and says so', async ({ page }) => {
    await page.addInitScript(() => {
      HTMLCanvasElement.prototype.getContext = () => null;
    });
    await showWhole(page);
    await page.getByRole('button', { name: 'Picture' }).click();
    await expect(page.getByText('This browser draws no three dimensions')).toBeVisible();
    await expect(page.getByRole('img', { name: /Tern Creek kayak router, seen/ })).toBeVisible();
  });
});
