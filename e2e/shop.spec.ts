import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { test } from './window';

const PX = 96 / 25.4;

test('a plate goes out as SVG, and a browser draws it in true size', async ({ page, context }) => {
  await page.goto('/fit?m=tern-creek&a=plunge&v=plates');
  await page.getByRole('img', { name: /^Saddle plate, 170 mm along/ }).waitFor();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'SVG', exact: true }).click();
  const file = await (await waiting).path();
  const sheet = await context.newPage();
  await sheet.setContent(readFileSync(file, 'utf8').replace(/^<\?xml.*\n/, ''));
  const drawn = await sheet.evaluate(() => {
    const svg = document.querySelector('svg')!;
    const box = svg.getBoundingClientRect();
    const circles = [...svg.querySelectorAll('circle')].map((c) => {
      const r = c.getBoundingClientRect();
      return { x: r.x - box.x + r.width / 2, y: r.y - box.y + r.height / 2, wide: r.width };
    });
    return { width: box.width, height: box.height, circles };
  });
  expect(drawn.width / PX).toBeCloseTo(170, 1);
  expect(drawn.height / PX).toBeCloseTo(170, 1);
  // Twenty holes, each with its counterbore; the first lies 16.5 and 17 from the lower left corner.
  expect(drawn.circles).toHaveLength(40);
  const near = drawn.circles.filter(
    (c) => Math.abs(c.x / PX - 16.5) < 0.05 && Math.abs((drawn.height - c.y) / PX - 17) < 0.05,
  );
  // A hole of 4.5 in a counterbore of 8; the pen is a tenth wide.
  const widths = near.map((c) => Number((c.wide / PX).toFixed(1))).sort();
  expect(widths.map((w) => Math.round(w * 2) / 2)).toEqual([4.5, 8]);
});

test('a piece picked in the picture opens where it is planned', async ({ page }) => {
  await page.goto('/size?m=tern-creek&a=~whole');
  await page.getByRole('button', { name: 'Picture' }).click();
  const plain = page.getByLabel('Plain drawing');
  // Without three dimensions the plain drawing is there by itself; which it is shows a moment later.
  await plain.or(page.getByText('This browser draws no three dimensions')).first().waitFor();
  if (await plain.isVisible()) await plain.check();
  const drawing = page.getByRole('img', { name: /seen from the front right/ });
  await drawing.waitFor();
  const beam = drawing.locator('[data-layer="beam-0"]').first();
  await beam.dispatchEvent('click');
  await expect(page.getByLabel('Piece')).toHaveValue('beam-0');
  await drawing.locator('[data-layer="gantry screw-0"]').first().dispatchEvent('click');
  await page.getByRole('link', { name: 'Open it where it is planned' }).click();
  await expect(page).toHaveURL(/\/size\?m=tern-creek&a=gantry&l=drive/);
  await expect(
    page.getByRole('button', { expanded: true }).filter({ hasText: /screw/i }).first(),
  ).toBeVisible();
});

test('the machine goes out in three views on one sheet', async ({ page }) => {
  await page.goto('/size?m=tern-creek&a=~whole');
  await page.getByRole('button', { name: 'Picture' }).click();
  await page.getByRole('button', { name: 'Three views' }).click();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Sheet as PDF' }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toMatch(/general-arrangement\.pdf$/);
  expect(
    readFileSync((await file.path())!)
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});
