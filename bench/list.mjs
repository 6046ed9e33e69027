// The longest task of the page while a list of 2000 parts is scrolled, sorted and typed into: none above 50 ms is wanted.
import { inApplication } from './painted.mjs';

const LINES = 1990;
const SETTLED = 4000;

await inApplication(4487, async (page, address) => {
  await page.goto(`${address}/build?m=tern-creek&v=parts`);
  const cell = page.locator('[data-cell="bed/carriage|have"]');
  await cell.click();
  const rows = Array.from({ length: LINES }, (_, i) => `Part ${i}\t${(i % 7) + 1}\t${i % 3}`);
  await page.evaluate(
    (text) => {
      const data = new DataTransfer();
      data.setData('text/plain', text);
      const paste = { clipboardData: data, bubbles: true, cancelable: true };
      document.activeElement.dispatchEvent(new ClipboardEvent('paste', paste));
    },
    `part\tneed\thave\n${rows.join('\n')}`,
  );
  await page.getByText(`${LINES} added`).waitFor();
  await page.waitForTimeout(SETTLED);
  await page.evaluate(() => {
    window.tasks = [];
    const note = (list) => window.tasks.push(...list.getEntries().map((e) => e.duration));
    new PerformanceObserver(note).observe({ type: 'longtask' });
  });
  const measured = async (name, act) => {
    await page.evaluate(() => (window.tasks.length = 0));
    await act();
    await page.waitForTimeout(1000);
    const tasks = await page.evaluate(() => window.tasks);
    const longest = tasks.length
      ? `${Math.max(...tasks).toFixed(0)} ms, ${tasks.length} above 50`
      : 'none above 50 ms';
    console.log(`2000 parts, ${name}: ${longest}`);
  };
  const scroller = page.locator('[role="grid"] > div').first();
  await measured('a page further, ten times', async () => {
    for (let i = 1; i <= 10; i++) {
      await scroller.evaluate((e, at) => e.scrollTo(0, at), i * 4000);
      await page.waitForTimeout(80);
    }
    await scroller.evaluate((e) => e.scrollTo(0, 0));
  });
  await measured('sorted', () => page.getByRole('button', { name: 'Need', exact: true }).click());
  await measured('sorted again', () => page.getByRole('button', { name: 'Need', exact: true }).click());
  await measured('a line picked', () => page.locator('[data-column="have"][data-cell]').nth(3).click());
  await measured('typed into, ten cells', async () => {
    for (let i = 0; i < 10; i++) {
      await page.keyboard.type(String(10 + i));
      await page.keyboard.press('Enter');
      await page.waitForTimeout(400);
    }
  });
});
