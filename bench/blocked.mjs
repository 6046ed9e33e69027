// The longest task of the page while draws run beside it: none above 50 ms is wanted in calm.
import { inApplication } from './painted.mjs';

await inApplication(4488, async (page, address) => {
  await page.addInitScript(() => {
    window.tasks = [];
    const note = (list) => window.tasks.push(...list.getEntries().map((e) => e.duration));
    new PerformanceObserver(note).observe({ type: 'longtask' });
  });
  await page.goto(`${address}/size?m=tern-creek&a=~sure`);
  const bar = page.getByRole('progressbar', { name: 'Draws' });
  const reaches = (least) =>
    bar.evaluate(async (element, wanted) => {
      while (Number(element.getAttribute('aria-valuenow')) < wanted)
        await new Promise((next) => setTimeout(next, 20));
    }, least);
  await bar.waitFor();
  await reaches(20);
  await page.evaluate(() => (window.tasks.length = 0));
  await reaches(90);
  const tasks = await page.evaluate(() => window.tasks);
  const longest = tasks.length
    ? `${Math.max(...tasks).toFixed(0)} ms, ${tasks.length} above 50`
    : 'none above 50 ms';
  console.log(`draws beside the page: longest task ${longest}`);
});
