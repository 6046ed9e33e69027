import { readFileSync } from 'node:fs';
import { expect, type Locator, type Page } from '@playwright/test';

export const demoName = 'Tern Creek kayak router';

/** Opens the list once, which puts the demo machine into a fresh browser. */
export async function openShelf(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('link', { name: demoName, exact: true })).toBeVisible();
}

export const screwName = 'Screw machine';

/** A machine with a screw on each of its three axes, in the file format of version 1. */
export const screwMachine = (): string =>
  readFileSync('test/fixtures/machine-v1.json', 'utf8')
    .replace('"id": "tern-creek"', '"id": "screws"')
    .replace(demoName, screwName);

/** Puts the machine of screws into the list. */
export async function importScrews(page: Page): Promise<void> {
  await page.getByLabel('Machine files').setInputFiles({
    name: 'screws.machine.json',
    mimeType: 'application/json',
    buffer: Buffer.from(screwMachine()),
  });
  await expect(page.getByRole('link', { name: screwName, exact: true })).toBeVisible();
}

type ScrewAxis = 'bed' | 'gantry' | 'plunge';

/** Shows the bench of an axis of the machine of screws, which is in the list. */
export async function showBench(page: Page, axis: ScrewAxis = 'bed'): Promise<void> {
  await page.goto(`/size?m=screws&a=${axis}`);
  await expect(page.getByTestId('findings')).toBeVisible();
}

/** Brings the usual machines into a fresh browser: those of the demo, and the one of screws. */
export async function stock(page: Page): Promise<void> {
  await openShelf(page);
  await importScrews(page);
}

export const field = (page: Page, label: string): Locator => page.getByLabel(label, { exact: true });

/** Opens a link of the drive train, and waits for what it opens to. */
export async function openLink(page: Page, name: RegExp): Promise<void> {
  const link = page.locator('ol').getByRole('button', { name }).first();
  await link.click();
  await expect(link).toHaveAttribute('aria-expanded', 'true');
}

/** The rung's accessible words, figure and verdict included. */
export const rung = (page: Page, name: string): Locator =>
  page.getByRole('group', { name: 'Speed ladder' }).getByRole('button', { name: new RegExp(`^${name}`) });

/** Waits until the last edit is stored. */
export const stored = (page: Page) => expect(page.locator('[data-save="saved"]')).toBeVisible();

/** Shows a demo machine as a whole, its frame solved. */
export async function showWhole(page: Page, machine = 'tern-creek'): Promise<void> {
  await page.goto(`/size?m=${machine}&a=~whole`);
  await expect(page.getByRole('img', { name: /with the tool at/ })).toBeVisible();
}

/** Moves a slider by its keys: Home, then so many steps. */
export async function setSlider(slider: Locator, steps: number): Promise<void> {
  await slider.focus();
  await slider.press('Home');
  for (let i = 0; i < steps; i++) await slider.press('ArrowRight');
}
