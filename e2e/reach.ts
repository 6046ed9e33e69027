import { expect, type Page } from '@playwright/test';

/** The same window at 200 %: a page has half of it each way (WCAG 2.2, 1.4.4 and 1.4.10). */
const ENLARGED = { width: 640, height: 400 };
/** A4 upright at 96 dots to the inch, less the margins of the page. */
const PAPER = { width: 794 - 2 * 45, height: 1123 - 2 * 45 };

/** How wide a page is beyond its window, px. */
const beyond = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** Nothing runs out of the sheet at 200 %, nor out of the paper that it is printed on. */
export async function reaches(
  page: Page,
  view: string,
  size: { width: number; height: number },
): Promise<void> {
  await page.setViewportSize(ENLARGED);
  expect.soft(await beyond(page), `${view}, at 200 %`).toBeLessThanOrEqual(0);
  await page.emulateMedia({ media: 'print' });
  await page.setViewportSize(PAPER);
  expect.soft(await beyond(page), `${view}, on paper`).toBeLessThanOrEqual(0);
  await page.emulateMedia({ media: null });
  await page.setViewportSize(size);
}

/**
 * What somebody who hears the page instead of seeing it would stumble over, beyond what axe asks: headings
 * that skip a level, none or several of the first, tables without a head. Runs in the page. While a dialog is
 * open only what is in it counts.
 */
export function outlineFaults(): string[] {
  const shown = (e: Element) => e.getClientRects().length > 0 && !e.closest('[aria-hidden="true"]');
  const all = (within: Element, what: string) => [...within.querySelectorAll(what)].filter(shown);
  const dialog = all(document.body, '[role="dialog"]').at(-1);
  const scope = dialog ?? document.body;
  const levels = all(scope, 'h1, h2, h3, h4, h5, h6, [role="heading"]').map((h) => ({
    text: h.textContent.trim().slice(0, 40),
    level: Number(h.getAttribute('aria-level') ?? h.tagName.slice(1)),
  }));
  const faults: string[] = [];
  if (!dialog) {
    const first = levels.filter((h) => h.level === 1).length;
    if (first !== 1) faults.push(`${first} headings of the first level`);
    if (all(document.body, 'main').length !== 1) faults.push('not one main part');
  }
  let before = dialog ? 1 : 0;
  for (const { text, level } of levels) {
    if (level > before + 1) faults.push(`"${text}" is of level ${level} below ${before}`);
    before = level;
  }
  for (const small of all(scope, ':is(h1, h2, h3, h4) small'))
    if (/\S$/.test(small.previousSibling?.textContent ?? ''))
      faults.push(`"${small.parentElement!.textContent.slice(0, 40)}" runs two words into one`);
  for (const table of all(scope, 'table'))
    if (!table.querySelector('th')) faults.push(`a table without a head: ${table.textContent.slice(0, 40)}`);
  return faults;
}
