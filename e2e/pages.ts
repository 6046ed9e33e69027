import { expect, type Locator, type Page } from '@playwright/test';

export const demoName = 'Tern Creek kayak router';

/** Opens the list once, which puts the demo machine into a fresh browser. */
export async function openShelf(page: Page): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('link', { name: demoName, exact: true })).toBeVisible();
}

/** Opens the bench of an axis of the demo machine. */
export async function openBench(page: Page, axis: 'bed' | 'gantry' | 'plunge' = 'bed'): Promise<void> {
  await openShelf(page);
  await page.goto(`/size?m=tern-creek&a=${axis}`);
  await expect(page.getByTestId('findings')).toBeVisible();
}

export const field = (page: Page, label: string): Locator => page.getByLabel(label, { exact: true });

/** Opens a link of the drive train. */
export const openLink = (page: Page, name: RegExp) => page.locator('ol').getByRole('button', { name }).first().click();

/** The rung's accessible words, figure and verdict included. */
export const rung = (page: Page, name: string): Locator => page.getByRole('group', { name: 'Speed ladder' }).getByRole('button', { name: new RegExp(`^${name}`) });

/** Waits until the last edit is stored. */
export const stored = (page: Page) => expect(page.locator('[data-save="saved"]')).toBeVisible();
