import { expect, test } from '@playwright/test';
import { openShelf } from './pages';

test('drive trains are looked for in every combination, and the one that is picked is taken', async ({
  page,
}) => {
  // Four seconds of all cores in calm; beside another browser on a slow machine a minute.
  test.slow();
  await openShelf(page);
  await page.goto('/size?m=tern-creek&a=gantry');
  await page.getByRole('button', { name: 'Look for parts' }).click();
  const dialog = page.getByRole('dialog', { name: 'Look for a drive train: Gantry axis' });
  await dialog.getByRole('button', { name: 'Look', exact: true }).click();
  await dialog.getByRole('button', { name: 'Stop' }).click();
  await expect(dialog.getByText('Stopped. Nothing was changed.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Look again' }).click();
  await expect(dialog.getByText(/^14\.8 million combinations looked at/)).toBeVisible({ timeout: 150_000 });
  const read = dialog.getByRole('table', { name: 'Worth reading' });
  await read.getByRole('button', { name: 'Cheapest' }).click();
  const picked = dialog.getByRole('region', { name: 'Picked drive train' });
  const [screw] = await picked.getByRole('listitem').allInnerTexts();
  await picked.getByRole('button', { name: 'Take it' }).click();
  await expect(dialog).toHaveCount(0);
  const [, across, lead] = /Ball screw (\d+) mm × (\d+) mm/.exec(screw!)!;
  const now = page.getByRole('button', { name: /^Screw.* ball/ });
  await expect(now).toContainText(`ball ${across} mm, lead ${lead} mm`);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(now).not.toContainText(`ball ${across} mm, lead ${lead} mm`);
});
