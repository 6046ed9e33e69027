// From a keystroke in a plate of 60 holes to its drawing, in the built application in Debian's Chromium.
import { readFileSync } from 'node:fs';
import { inApplication, listen, spread, timesOf, typeOver } from './painted.mjs';

const mm = (v) => ({ typed: `${v} mm`, si: v / 1000, basis: 'estimate' });
const group = (row) => ({
  id: `g${row}`,
  name: `Row ${row}`,
  joins: 'own',
  of: '',
  pattern: { kind: 'single' },
  bore: null,
  at: Array.from({ length: 12 }, (_, i) => ({
    id: `p${row}-${i}`,
    x: mm(20 + 25 * i),
    y: mm(20 + 30 * row),
  })),
  turned: 'no',
  hand: { along: null, across: null },
  way: 'clear',
  thread: 'M5',
  clearance: 'medium',
  head: 'counterbore',
  face: 'front',
  depth: null,
  diameter: null,
  clamps: null,
  partDepth: null,
});
const plate = {
  id: 'big',
  name: 'Big plate',
  kind: 'own',
  thickness: mm(12),
  material: 'aluminium',
  along: mm(340),
  across: mm(180),
  outline: [],
  made: 'drill',
  groups: [0, 1, 2, 3, 4].map(group),
};
const machine = JSON.parse(readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8'));
machine.id = 'sixty';
machine.name = 'Sixty holes';
machine.axes[1].fit.plates = [plate];

await inApplication(4486, async (page, address) => {
  const file = {
    name: 'sixty.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(machine)),
  };
  await page.locator('input[type=file]').first().setInputFiles(file);
  await page.getByRole('link', { name: 'Sixty holes' }).first().waitFor();
  await page.goto(`${address}/fit?m=sixty&a=${machine.axes[1].id}&v=plates`);
  const drawing = page.getByRole('img', { name: /60 holes/ });
  await drawing.waitFor();
  await drawing.evaluate((svg) => (svg.parentElement.id = 'drawn'));
  await listen(page, '#drawn');
  // The last digit of its width, again and again: outline, dimensions and every hole on the sheet move.
  const across = page.getByLabel('Across', { exact: true });
  await typeOver(page, across, 1, () => [...'180.5']);
  for (let i = 0; i < 90; i++)
    for (const key of ['Backspace', String(1 + (i % 9))]) {
      await page.keyboard.press(key);
      await page.waitForTimeout(90);
    }
  const times = await timesOf(page);
  console.log(`keystroke to the drawing of 60 holes, in the page: ${spread(times.page)}`);
  console.log(`and on the screen: ${spread(times.screen)} (goal: one frame of 16 ms more than an empty one)`);
  console.log(`an empty frame meanwhile: ${spread(times.frame)}`);
});
