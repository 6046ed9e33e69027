// From a keystroke in a field to the painted verdict, in the built application in Debian's Chromium.
import { inApplication, listen, spread, timesOf, typeOver } from './painted.mjs';

await inApplication(4487, async (page, address) => {
  await page.goto(`${address}/size?m=tern-creek&a=bed`);
  await page.locator('.recharts-area').waitFor();
  // The ladder draws the speed that is asked, so every keystroke changes the sheet.
  await listen(page, '#sheet');
  const rapid = page.getByLabel('Rapid', { exact: true });
  await typeOver(page, rapid, 60, (i) => ['9', '.', String(1 + (i % 9))]);
  const { screen, frame } = await timesOf(page);
  console.log(`keystroke to painted verdict: ${spread(screen)} (goal: 50 ms at 95 %)`);
  console.log(`an empty frame meanwhile: ${spread(frame)}`);
});
