// What a keystroke takes until it is in the page, and until it is handed to the screen.
import { chromium } from '@playwright/test';
import { chromiumArgs, chromiumPath } from '../scripts/lib/browser.mjs';
import { startServer } from '../scripts/lib/server.mjs';

/** Opens the built application in Debian's Chromium, and closes both whatever happens. */
export async function inApplication(port, act) {
  const server = await startServer(port);
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArgs });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(server.address);
    await page.getByRole('link', { name: 'Tern Creek kayak router' }).waitFor();
    await act(page, server.address);
  } finally {
    await browser.close();
    server.stop();
  }
}

/**
 * Listens on a page: from each keystroke to the first change below a part of it, to the frame with that change
 * on the screen, and how long a frame without any change takes meanwhile.
 */
export const listen = (page, selector) =>
  page.evaluate((part) => {
    window.times = { page: [], screen: [], frame: [] };
    let start;
    let changed;
    window.addEventListener('keydown', (e) => (start = e.timeStamp), true);
    // A message sent in the frame callback arrives once that frame has been handed to the screen.
    const channel = new MessageChannel();
    channel.port1.onmessage = () => {
      if (start === undefined) return;
      window.times.page.push(changed - start);
      window.times.screen.push(performance.now() - start);
      start = undefined;
    };
    new MutationObserver(() => {
      changed = performance.now();
      requestAnimationFrame(() => channel.port2.postMessage(0));
    }).observe(document.querySelector(part), {
      subtree: true,
      characterData: true,
      childList: true,
      attributes: true,
    });
    const idle = () => {
      const asked = performance.now();
      requestAnimationFrame(() => {
        window.times.frame.push(performance.now() - asked);
        setTimeout(idle, 40);
      });
    };
    setTimeout(idle, 40);
  }, selector);

/** Types figures over a field, at the pace of a quick hand. */
export async function typeOver(page, field, rounds, textOf) {
  await field.click();
  for (let i = 0; i < rounds; i++) {
    await page.keyboard.press('ControlOrMeta+a');
    for (const key of textOf(i)) {
      await page.keyboard.press(key);
      await page.waitForTimeout(90);
    }
  }
}

/** Median, 95 % and highest of a list, ms. */
export function spread(list) {
  const sorted = list.slice(10).sort((a, b) => a - b);
  const at = (p) => sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))].toFixed(1);
  return `median ${at(0.5)} ms, 95 % ${at(0.95)} ms, highest ${at(1)} ms (${sorted.length})`;
}

export const timesOf = (page) => page.evaluate(() => window.times);
