import { expect, test } from '@playwright/test';
import { openShelf, stored } from './pages';

/** Four panels in two passes, a hole, a rapid through the stock, and a line that is not checked. */
function program(): string {
  const lines = ['%', 'G21 G90 G17', 'T1 M6', 'S18000 M3', 'G0 Z5'];
  for (let panel = 0; panel < 4; panel++) {
    lines.push(`G0 X${150 + panel * 260} Y60`);
    for (const z of [-4.5, -9]) {
      lines.push(`G1 Z${z} F400`, 'F4500');
      for (let i = 0; i <= 80; i++) {
        const x = 150 + panel * 260 + 100 * Math.sin((Math.PI * i) / 80);
        lines.push(`X${x.toFixed(3)} Y${(60 + 28 * i).toFixed(3)}`);
      }
    }
    lines.push('G0 Z5');
  }
  return [...lines, 'G0 X1180 Y2480', 'G1 Z-4 F400', 'G0 X600', 'G41 D1', 'M30', '%'].join('\n');
}

test('a job: dropped, run, its worst place found, another nought typed, taken away again', async ({
  page,
}) => {
  test.slow();
  await openShelf(page);
  await page.goto('/prove?m=tern-creek&v=job');
  const answers = page.getByRole('region', { name: 'Answers' });
  // The demo ships one: its last scarfs take six passes at once.
  await expect(answers.getByText(/^Gantry axis stalls: .* pulls its motor out of step$/)).toBeVisible();
  const name = 'panels.nc';
  await page
    .getByLabel('G-code files')
    .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(program()) });
  await expect(answers.getByText(/^rapids with the tool in the stock/)).toBeVisible({ timeout: 60_000 });
  await expect(answers.getByText('1 line not read: what follows may stand elsewhere')).toBeVisible();
  await answers
    .getByRole('button', { name: /^line \d+$/ })
    .first()
    .click();
  await expect(page.getByText(/line \d+: G0 X600$/)).toBeVisible();
  // Half a metre farther the panels leave the travel.
  await page.getByText('Where it lies, and how it is run').click();
  await page.getByRole('textbox', { name: 'Nought Y' }).fill('500 mm');
  await page.getByRole('textbox', { name: 'Nought Y' }).press('Enter');
  await expect(answers.getByText(/^Bed axis: .* past a soft limit$/)).toBeVisible({ timeout: 60_000 });
  await stored(page);
  await page.reload();
  await expect(answers.getByText(/^Bed axis: .* past a soft limit$/)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('button', { name: `Remove ${name}` }).click();
  await page.getByRole('button', { name: 'Remove Hull panels, two sheets on one another' }).click();
  await expect(page.getByText('Drop a G-code file here')).toBeVisible();
});
