import { expect, type Page } from '@playwright/test';
import { firstVisit as test } from './window';

/** Most clicks and typed fields in which a first machine comes to a verdict. */
const MOST = 30;

/** Somebody who begins a machine in an empty browser; every click and every typed field counts. */
class Builder {
  acts = 0;
  constructor(readonly page: Page) {}
  async click(role: 'button' | 'link' | 'radio', name: RegExp | string): Promise<void> {
    this.acts++;
    await this.page.getByRole(role, { name }).first().click();
  }
  async type(label: string, text: string): Promise<void> {
    this.acts++;
    await this.page.getByLabel(label, { exact: true }).first().fill(text);
  }
  async pick(label: string, value: string): Promise<void> {
    this.acts++;
    await this.page.getByRole('combobox', { name: label }).selectOption(value);
  }
  /** What comes next, as the sheet says it. */
  readonly next = () => this.page.getByText('Next:').locator('..').getByRole('link');
  async go(says: RegExp, to: RegExp): Promise<void> {
    await expect(this.next()).toHaveText(says);
    this.acts++;
    await this.next().click();
    await this.page.waitForURL(to);
  }
  async begin(): Promise<void> {
    await this.page.goto('/');
    await this.click('button', 'Start a machine');
    await this.click('link', 'Begin empty');
    await this.page.getByRole('radio', { name: /^Moving table/ }).waitFor();
    await expect(this.next()).toHaveText(/how far the tool must reach|work area/i);
  }
  async area(length: string, width: string, height: string): Promise<void> {
    await this.type('Work length', length);
    await this.type('Work width', width);
    await this.type('Work height', height);
  }
  /** Exchanges a link of the axis on the bench for a part of the catalogue. */
  async exchange(link: RegExp, family: string, part: RegExp): Promise<void> {
    this.acts++;
    await this.page.locator('ol').getByRole('button', { name: link }).first().click();
    await this.click('button', /^Exchange/);
    await this.click('button', family);
    await this.click('button', part);
    await this.click('button', /^Take it/);
  }
}

const findings = (page: Page) => page.getByTestId('findings');

test('a plasma table on Acme screws, 62 x 31 x 8 in, from nothing', async ({ page }) => {
  const builder = new Builder(page);
  await builder.begin();
  await builder.pick('Work', 'plasma');
  await builder.area('62 in', '31 in', '8 in');
  await builder.go(/what you cut/, /a=cuts/);
  await builder.click('button', 'Plasma');
  await builder.go(/Mend what gives out on the bed axis/, /size.*a=bed/);
  await expect(page.getByLabel('Travel', { exact: true })).toHaveValue('62 in');
  await builder.exchange(/^Screw/, 'Acme screws', /^Acme 0\.5 in × 0\.1 in/);
  // By hand: a root of 0.4 in over some 68 in whips below 700 rpm; at ten turns an inch that is 2 m/min.
  await expect(findings(page).getByRole('heading', { name: 'Screw whips' })).toBeVisible();
  await expect(findings(page)).toHaveAttribute('data-verdict', 'gives-out');
  await expect(page.getByRole('link', { name: /Bed axis.*gives out, guessed/ })).toBeVisible();
  await builder.click('link', 'First page');
  await expect(page.getByText(/\d+ numbers are ours: nobody/)).toBeVisible();
  await expect(page.getByText('gives out, guessed').first()).toBeVisible();
  expect(builder.acts).toBeLessThanOrEqual(MOST);
});

test('a router, 1150 x 640, on a bench 750 deep, from nothing', async ({ page }) => {
  const builder = new Builder(page);
  await builder.begin();
  await builder.area('1150', '640', '90');
  await builder.type('Bench depth', '750');
  // 640 of work and what frame and motors add on both sides is more than 750.
  await expect(page.getByRole('heading', { name: /bench/i }).first()).toBeVisible();
  await builder.go(/what you cut/, /a=cuts/);
  await builder.click('button', 'Milling');
  await builder.go(/Mend what gives out on the bed axis/, /size.*a=bed/);
  await builder.click('button', /^Try:/);
  await builder.click('button', 'Keep');
  await builder.click('link', 'First page');
  await expect(page.getByText(/\d+ numbers are ours: nobody/)).toBeVisible();
  await expect(page.getByText(/, guessed/).first()).toBeVisible();
  await expect(page.getByText(/^holds$/)).toHaveCount(0);
  expect(builder.acts).toBeLessThanOrEqual(MOST);
});

test('an arm from nothing to its frame, and one number of ours after another is said', async ({ page }) => {
  const builder = new Builder(page);
  await builder.begin();
  await builder.click('radio', /^Arm/);
  await builder.area('900 mm', '600 mm', '100 mm');
  await builder.type('Accuracy', '0.3 mm');
  await builder.go(/what you cut/, /a=cuts/);
  await builder.click('button', 'Milling');
  await builder.go(/Mend what gives out on the track axis/, /size.*a=bed/);
  await builder.click('button', /^Try:/);
  await builder.click('button', 'Keep');
  await builder.go(/Plan the frame/, /whole/);
  await builder.click('button', 'Begin with a usual frame');
  // An arm of a hundred by four, clamped at one end, sags and sways; corner and mount are not known.
  await expect(page.getByRole('img', { name: /with the tool at/ })).toBeVisible();
  await expect(
    page.getByLabel('Beam length', { exact: true }).or(page.getByText('850 mm').first()),
  ).toBeVisible();
  await builder.click('link', 'First page');
  const said = page.getByText(/\d+ numbers are ours: nobody/);
  const count = async () => parseInt((await said.innerText()).trim(), 10);
  const before = await count();
  // One press away: each can be said to be so where it is named, and undo takes it back.
  await said.click();
  builder.acts++;
  await builder.click('button', 'It is so: Cutting feed');
  await expect.poll(count).toBe(before - 1);
  await page.keyboard.press('Control+z');
  await expect.poll(count).toBe(before);
  expect(builder.acts).toBeLessThanOrEqual(MOST);
});

test('a tour leads through all stations, back and forth, and is left at any stop', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Tern Creek kayak router', exact: true }).waitFor();
  await page.getByRole('button', { name: 'Take a tour' }).click();
  const tour = page.getByRole('complementary', { name: 'Tour' });
  for (let stop = 1; stop <= 8; stop++) {
    await expect(tour).toContainText(`${stop} of 8.`);
    if (stop < 8) await tour.getByRole('button', { name: 'Next' }).click();
  }
  await expect(page).toHaveURL(/\/log\?/);
  await tour.getByRole('button', { name: 'Back' }).click();
  await expect(tour).toContainText('7 of 8.');
  await tour.getByRole('button', { name: 'Leave the tour' }).click();
  await expect(tour).toHaveCount(0);
  await expect(page).toHaveURL(/\/prove\?m=tern-creek$/);
  // It can be taken again.
  await page.goto('/');
  await page.getByRole('button', { name: 'Take a tour' }).click();
  await expect(tour).toContainText('1 of 8.');
});
