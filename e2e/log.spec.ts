import { readFileSync } from 'node:fs';
import { expect, type Page, test } from '@playwright/test';
import { demoName, field, openShelf, stored } from './pages';

const entry = (page: Page) => page.getByRole('region', { name: 'Entry' });

test('a regret of one machine stands among the findings of another that chooses the same', async ({
  page,
}) => {
  await openShelf(page);
  await page.goto('/log?m=wayside');
  await page.getByRole('button', { name: 'New entry: regret' }).click();
  await entry(page).getByLabel('In a few words').fill('Wheels wore flat in a summer');
  await entry(page).getByLabel('In a few words').press('Enter');
  await entry(page).getByLabel('Axis').selectOption({ label: 'Track axis' });
  await entry(page).getByLabel('About the choice').selectOption({ label: 'Guide: V-wheels on extrusion' });
  await expect(page.getByText('stored', { exact: true })).toBeVisible();
  await page.goto('/log?m=fernhollow&v=lessons');
  const lesson = page.getByRole('listitem').filter({ hasText: 'Wheels wore flat in a summer' });
  await expect(lesson).toContainText('here on Long axis');
  await expect(page.getByRole('link', { name: /^Lessons/ })).toContainText('2 chosen again');
  await lesson.getByRole('link', { name: 'Wayside scenery cutter' }).click();
  await page.getByRole('button', { name: 'Write: Wheels wore flat in a summer' }).click();
  await entry(page).getByRole('button', { name: 'Remove this entry' }).click();
  await expect(page.getByText('Wheels wore flat in a summer')).toHaveCount(0);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByRole('button', { name: 'Write: Wheels wore flat in a summer' })).toBeVisible();
});

test('on a phone: an entry with a photo is kept, found by its words, goes out as table and bundle', async ({
  page,
  browser,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openShelf(page);
  await page.goto('/log?m=tern-creek');
  await page.getByRole('button', { name: 'New entry: part changed' }).click();
  await entry(page).getByLabel('In a few words').fill('Seal torn');
  await entry(page).getByLabel('In a few words').press('Enter');
  await entry(page).getByLabel('Hours').fill('0,5');
  await entry(page).getByLabel('Hours').press('Enter');
  await page.getByLabel('Photo file').setInputFiles('docs/screenshots/machine.png');
  await expect(entry(page).getByRole('img', { name: 'photo 1 of Seal torn' })).toBeVisible();
  await expect(page.getByText('stored', { exact: true })).toBeVisible();
  await page.reload();
  await page.getByRole('searchbox', { name: 'Look for words' }).fill('torn');
  await expect(page.getByText('1 of 75 events')).toBeVisible();
  await expect(page.getByRole('img', { name: 'photo 1 of Seal torn' })).toBeVisible();
  const wide = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(wide).toBe(390);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Log as CSV' }).click();
  const table = readFileSync(await (await waiting).path(), 'utf8');
  expect(table.split('\n')[0]).toBe('when,kind,what,axis,part,hours,money,readings,note\r');
  expect(table).toMatch(/\d{4}-\d\d-\d\d \d\d:\d\d,Part changed,Seal torn,,,0\.5,,,/);
  const zipped = page.waitForEvent('download');
  await page.getByRole('button', { name: 'All of it as a bundle (zip)' }).click();
  const zip = await zipped;
  expect(zip.suggestedFilename()).toBe('tern-creek-kayak-router.bundle.zip');
  const bytes = readFileSync(await zip.path());
  // Another browser, which has never seen that machine.
  const other = await (await browser.newContext()).newPage();
  await openShelf(other);
  const files = other.getByLabel('Machine files');
  const zipOf = (buffer: Buffer) => ({ name: 'it.zip', mimeType: 'application/zip', buffer });
  await files.setInputFiles(zipOf(bytes.subarray(0, bytes.length - 30)));
  await expect(other.getByText('It is no zip, or it ends too early')).toBeVisible();
  await files.setInputFiles(zipOf(bytes));
  await other.getByRole('button', { name: 'Keep it beside' }).click();
  await other.getByRole('link', { name: 'Tern Creek kayak router (copy)', exact: true }).click();
  await other.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Log' }).click();
  await expect(other.getByRole('img', { name: 'photo 1 of Seal torn' })).toBeVisible();
  await other.context().close();
});

test('a program lies with the machine, is refused where it is none, and goes out byte for byte', async ({
  page,
  browser,
}) => {
  await openShelf(page);
  await page.goto('/log?m=tern-creek&v=files');
  const program = (name: string, text: string) => ({
    name,
    mimeType: 'text/plain',
    buffer: Buffer.from(text),
  });
  const panels = 'G21 G90\r\nG0 X0 Y0\r\nM2\r\n';
  const add = page.getByLabel('Program files');
  await add.setInputFiles([program('panels.nc', panels), program('photo.tap', 'a\0b')]);
  await expect(
    page.getByText('photo.tap: read what is no text; wanted a program, which is text.'),
  ).toBeVisible();
  await add.setInputFiles(program('again.nc', panels));
  await expect(page.getByText('again.nc: the same content lies here as panels.nc.')).toBeVisible();
  await add.setInputFiles(program('panels.nc', 'M2\n'));
  await expect(page.getByRole('rowheader', { name: 'panels (2).nc' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove panels (2).nc' }).click();
  await expect(page.getByRole('rowheader', { name: 'panels (2).nc' })).toHaveCount(0);
  await stored(page);
  const zipped = page.waitForEvent('download');
  await page.getByRole('button', { name: 'All of it as a bundle (zip)' }).click();
  const zip = {
    name: 'it.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(await (await zipped).path()),
  };
  const other = await (await browser.newContext()).newPage();
  await openShelf(other);
  await other.getByLabel('Machine files').setInputFiles(zip);
  await other.getByRole('button', { name: 'Keep it beside' }).click();
  await other.getByRole('link', { name: `${demoName} (copy)`, exact: true }).click();
  await other.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Log' }).click();
  await other.getByRole('link', { name: /^Files/ }).click();
  const saved = other.waitForEvent('download');
  await other.getByRole('button', { name: 'Save panels.nc' }).click();
  expect((await saved).suggestedFilename()).toBe('panels.nc');
  expect(readFileSync(await (await saved).path(), 'utf8')).toBe(panels);
  await other.context().close();
});

test('a plan is kept, changed and returned to; version 2 stands beside version 1', async ({ page }) => {
  await openShelf(page);
  await page.goto('/log?m=tern-creek&v=revisions');
  const differences = page.getByRole('table', { name: 'Differences' });
  await expect(differences.getByRole('row')).toHaveCount(3);
  await expect(differences).toContainText('6 m/min');
  await page.getByLabel('After', { exact: true }).selectOption({ index: 2 });
  await page.getByRole('button', { name: 'Return to Two screws on the bed' }).click();
  await page.getByLabel('After', { exact: true }).selectOption({ label: 'now' });
  await expect(differences.getByRole('row', { name: 'drive rack screw' })).toBeVisible();
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(differences.getByRole('row')).toHaveCount(3);
  await page.getByRole('button', { name: 'Version 2 beside it' }).click();
  await page.getByRole('checkbox', { name: /^parts that lie here/ }).uncheck();
  await page.getByRole('button', { name: 'Begin the next version' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Tern Creek kayak router 2' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Tern Creek kayak router', exact: true })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Tern Creek kayak router 2', exact: true })).toBeVisible();
});

test('two copies edited apart are merged: what one changed is taken, what both changed is asked', async ({
  page,
  browser,
}) => {
  const bundleFrom = async (from: Page): Promise<Buffer> => {
    await from.goto('/log?m=tern-creek');
    const zipped = from.waitForEvent('download');
    await from.getByRole('button', { name: 'All of it as a bundle (zip)' }).click();
    return readFileSync(await (await zipped).path());
  };
  const type = async (into: Page, values: Readonly<Record<string, string>>) => {
    await into.goto('/size?m=tern-creek&a=plunge');
    for (const [label, text] of Object.entries(values)) await field(into, label).fill(text);
    await stored(into);
  };
  const zipOf = (buffer: Buffer) => ({ name: 'back.zip', mimeType: 'application/zip', buffer });
  await openShelf(page);
  const first = await bundleFrom(page);
  // A friend takes it, and both go on.
  const friend = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await openShelf(friend);
  await friend.getByRole('button', { name: `Delete ${demoName}` }).click();
  await expect(friend.getByRole('link', { name: demoName, exact: true })).toHaveCount(0);
  await friend.getByLabel('Machine files').setInputFiles(zipOf(first));
  await expect(friend.getByRole('link', { name: demoName, exact: true })).toBeVisible();
  await type(friend, { 'Guide drag': '33 N', Acceleration: '1.1 m/s²' });
  const second = await bundleFrom(friend);
  await friend.context().close();
  await type(page, { 'Guide drag': '22 N', Travel: '190 mm' });
  await openShelf(page);
  await page.getByLabel('Machine files').setInputFiles(zipOf(second));
  await page.getByRole('button', { name: 'Merge…' }).click();
  const sheet = page.getByRole('region', { name: `Merge ${demoName}` });
  const settle = sheet.getByRole('table', { name: 'To be settled' });
  await expect(settle.getByRole('row')).toHaveCount(2);
  await expect(settle.getByRole('row').last()).toContainText('22 N');
  await expect(settle.getByRole('row').last()).toContainText('33 N');
  await expect(sheet.getByRole('table', { name: 'Differences' })).toContainText('1.1 m/s²');
  await settle.getByRole('button', { name: 'as in the file' }).click();
  await sheet.getByRole('button', { name: 'Merge into the one here' }).click();
  await expect(page.getByText(`Merged: ${demoName}`)).toBeVisible();
  await page.goto('/size?m=tern-creek&a=plunge');
  await expect(field(page, 'Guide drag')).toHaveValue('33 N');
  await expect(field(page, 'Travel')).toHaveValue('190 mm');
});

test('an upgrade is proposed, weighed, written down, taken into the plan and told on the time line', async ({
  page,
}) => {
  await openShelf(page);
  await page.goto('/log?m=tern-creek&v=upgrades');
  const proposals = page.getByRole('table', { name: 'Proposals' });
  await expect(proposals.getByRole('row').nth(1)).toBeVisible({ timeout: 60_000 });
  const goal = page.getByLabel('Better what');
  const value = await goal
    .locator('option', { hasText: /^Stiffness at the tool, along the bed/ })
    .getAttribute('value');
  await goal.selectOption(value);
  const weighed = page.getByRole('region', { name: 'Is it worth going on?' });
  await expect(weighed).toContainText('nobody says what it costs');
  const [best] = await proposals.getByRole('row').nth(1).getByRole('rowheader').allInnerTexts();
  const name = best!.split('\n')[0]!.trim();
  await proposals.getByRole('button', { name: `Write down: ${name}` }).click();
  const kept = page.getByRole('region', { name: `Upgrade: ${name}` });
  await kept.getByLabel('What it costs').fill('1');
  await kept.getByLabel('What it costs').press('Enter');
  await expect(weighed).toContainText('There is room');
  await kept.getByLabel('Read before', { exact: true }).fill('0.8 N/µm');
  await kept.getByLabel('Read before', { exact: true }).press('Enter');
  await kept.getByLabel('Doubt of what was read before').fill('0.1 N/µm');
  await kept.getByLabel('Doubt of what was read before').press('Enter');
  await kept.getByRole('button', { name: 'done' }).click();
  await kept.getByLabel('Read after', { exact: true }).fill('1.6 N/µm');
  await kept.getByLabel('Read after', { exact: true }).press('Enter');
  // A reading without a doubt decides nothing.
  await expect(kept.getByRole('status')).toContainText('Nobody said how sure');
  await kept.getByLabel('Doubt of what was read after').fill('0.1 N/µm');
  await kept.getByLabel('Doubt of what was read after').press('Enter');
  await expect(kept.getByRole('status')).toContainText('Better than before: 0.8 N/µm');
  await proposals.getByRole('button', { name: `Into the plan: ${name}` }).click();
  await expect(page.getByRole('button', { name: /^Undo/ })).toBeVisible();
  await page.goto('/log?m=tern-creek');
  await expect(page.getByText(name).first()).toBeVisible();
});

test('a row of tabs that somebody moved stays while its words change', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openShelf(page);
  await page.goto('/log?m=tern-creek&v=files');
  const strip = page.getByRole('navigation', { name: 'Log' });
  const at = () => strip.evaluate((nav) => nav.scrollLeft);
  const longer = () =>
    strip
      .getByRole('link')
      .first()
      .evaluate((tab) => tab.append(' and more words'));
  await expect(strip.getByRole('link', { name: /^Files/ })).toBeInViewport({ ratio: 0.99 });
  await longer();
  // Nobody has moved it: the open tab stays in view.
  await expect(strip.getByRole('link', { name: /^Files/ })).toBeInViewport({ ratio: 0.99 });
  await strip.evaluate((nav) => nav.scrollTo(0, 0));
  await longer();
  await page.waitForTimeout(300);
  expect(await at()).toBe(0);
});
