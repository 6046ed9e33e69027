import { expect, type Page } from '@playwright/test';
import { deskFaults } from './desk';

/** The same window at 200 %: a page has half of it each way (WCAG 2.2, 1.4.4 and 1.4.10). */
const ENLARGED = { width: 640, height: 400 };
/** A4 upright at 96 dots to the inch, less the margins of the page. */
const PAPER = { width: 794 - 2 * 45, height: 1123 - 2 * 45 };

/** How wide a page is beyond its window, px. */
const beyond = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);

/** Nothing runs out of the window once charts have taken its width, which is a frame or two later. */
export const fits = (page: Page, where: string): Promise<void> =>
  expect
    .configure({ soft: true })
    .poll(() => beyond(page), where)
    .toBeLessThanOrEqual(0);

/** What is heard by its kind alone, for it has no name: lines of the tree that a screen reader reads. */
async function nameless(page: Page): Promise<string[]> {
  const heard = await page.locator('body').ariaSnapshot();
  const kinds =
    'button|link|img|textbox|combobox|checkbox|radio|slider|heading|figure|progressbar|term|dialog';
  const bare = new RegExp(`^\\s*- (?:${kinds})(?: \\[[^\\]]*\\])*$`);
  return heard.split('\n').filter((line) => bare.test(line));
}

/** A low window of a laptop, toolbars taken off. */
const LOW = { width: 1280, height: 657 };

/** All has a name; nothing runs out of the sheet at 200 %, nor out of the paper that it is printed on. */
export async function reaches(
  page: Page,
  view: string,
  size: { width: number; height: number },
): Promise<void> {
  expect.soft(await nameless(page), `${view}: without a name`).toEqual([]);
  expect.soft(await page.evaluate(deskFaults), `${view}: at a desk`).toEqual([]);
  await page.setViewportSize(LOW);
  expect.soft(await page.evaluate(deskFaults), `${view}: in a low window`).toEqual([]);
  await page.setViewportSize(ENLARGED);
  await fits(page, `${view}, at 200 %`);
  await page.emulateMedia({ media: 'print' });
  await page.setViewportSize(PAPER);
  await fits(page, `${view}, on paper`);
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
  for (const word of all(scope, ':is(button, a, li) :is(i, b)')) {
    // What stands apart by style alone is heard as one word.
    const next = word.nextSibling?.nodeValue ?? '';
    if (/[\p{L}\d]$/u.test(word.textContent) && /^[\p{L}\d]/u.test(next))
      faults.push(`"${word.textContent}${next.slice(0, 20)}" is heard as one word`);
  }
  for (const table of all(scope, 'table'))
    if (!table.querySelector('th')) faults.push(`a table without a head: ${table.textContent.slice(0, 40)}`);
  return faults;
}
