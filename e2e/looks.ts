import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { openLink, showBench } from './pages';

/** A view of a page, and how it is shown. */
export type Look = readonly [string, (page: Page) => Promise<void>];

/** Views of the Build station by what is read on them once they stand. */
const headings = {
  assembly: 'To reach: Gantry axis: nut',
  calendar: 'If a delivery is late',
  wiring: 'Cables and pins',
  shop: 'Gantry axis: nut tight',
} as const;

/** The views of how a machine is put together, dated and wired. */
export const buildLooks = (): Look[] =>
  Object.entries(headings).map(([view, heading]): Look => [
    view,
    async (page) => {
      await page.goto(`/build?m=tern-creek&v=${view}`);
      await page.getByRole('heading', { name: heading }).waitFor();
    },
  ]);

const causesLook: Look = [
  'causes',
  async (page) => {
    await page.goto('/prove?m=tern-creek&v=causes&axis=gantry');
    await page.getByRole('heading', { name: 'The one test' }).waitFor();
  },
];

/** A few lines, one of them a rapid through the stock and one that is not checked. */
const PROGRAM = 'G21 G90\nS18000 M3\nG0 Z5\nG0 X100 Y100\nG1 Z-3 F400\nG1 X500 F4500\nG0 X600\nG41 D1\nM30\n';

const jobLook: Look = [
  'job',
  async (page) => {
    await page.goto('/prove?m=tern-creek&v=job');
    await page
      .getByLabel('G-code files')
      .setInputFiles({ name: 'panel.nc', mimeType: 'text/plain', buffer: Buffer.from(PROGRAM) });
    // The job of the demo stands there until this one has been run.
    await page.getByText('1 line not read: what follows may stand elsewhere').waitFor({ timeout: 60_000 });
    await page.getByRole('figure', { name: /^Torque and speed/ }).waitFor();
  },
];

/** The sheets of truing: a line of readings, named ones, a stale one, nothing read yet; and causes. */
export const proveLooks = (): Look[] => [
  ...Object.entries({
    'rail-b/height': 'Best next adjustment',
    feet: 'Stale',
    frame: 'Holds: twist, each corner',
    square: 'Square',
  }).map(([sheet, heading]): Look => [
    sheet,
    async (page) => {
      await page.goto(`/prove?m=tern-creek&sheet=${encodeURIComponent(sheet)}`);
      await page.getByRole('heading', { name: heading }).waitFor();
    },
  ]),
  ...Object.entries({
    'v=first&trial=slow:bed': 'Program',
    'v=proof&trial=positioning:gantry': 'Program',
    'v=proof&trial=push:gantry': 'Records',
    'v=held': 'Where plan and proof part',
  }).map(([query, heading]): Look => [
    query,
    async (page) => {
      await page.goto(`/prove?m=tern-creek&${query}`);
      await page.getByRole('heading', { name: heading }).first().waitFor();
    },
  ]),
  causesLook,
  jobLook,
];

/** The time line with an entry that is written, and what was learnt. */
const logLooks = (): Look[] => [
  [
    'time line',
    async (page) => {
      await page.goto('/log?m=tern-creek');
      await page.getByRole('button', { name: 'Write: The rubber spider winds up' }).click();
      await page.getByRole('region', { name: 'Entry' }).waitFor();
      await page.locator('.recharts-bar-rectangle').first().waitFor();
    },
  ],
  [
    'revisions',
    async (page) => {
      await page.goto('/log?m=tern-creek&v=revisions');
      await page.getByRole('table', { name: 'Differences' }).waitFor();
      await page.getByRole('button', { name: /^Plunge axis: / }).click();
      await page.getByRole('rowheader', { name: 'Good for' }).waitFor();
    },
  ],
  [
    'upgrades',
    async (page) => {
      await page.goto('/log?m=tern-creek&v=upgrades');
      const table = page.getByRole('table', { name: 'Proposals' });
      await table.getByRole('row').nth(1).waitFor({ timeout: 60_000 });
      await table
        .getByText(/about \d/)
        .first()
        .waitFor();
      await page.getByRole('status').filter({ hasText: 'Better than before' }).waitFor();
    },
  ],
];

/** What else stands beside the log: the tour, a merge, lessons, and so on. */
const furtherLogLooks = (): Look[] => [
  [
    'files',
    async (page) => {
      await page.goto('/log?m=tern-creek&v=files');
      const buffer = Buffer.from('G21 G90\nG0 X0 Y0\nM2\n');
      const file = { name: 'hull panels, outline.nc', mimeType: 'text/plain', buffer };
      await page.getByLabel('Program files').setInputFiles(file);
      await page.getByRole('rowheader', { name: 'hull panels, outline.nc' }).waitFor();
    },
  ],
  [
    'a stop of the tour',
    async (page) => {
      await page.goto('/brief?m=tern-creek&tour=brief');
      await page.getByRole('complementary', { name: 'Tour' }).waitFor();
    },
  ],
  [
    'two copies to be merged',
    async (page) => {
      await page.goto('/');
      await page.getByRole('link', { name: 'Tern Creek kayak router', exact: true }).waitFor();
      const text = readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8');
      const file = { name: 'other.json', mimeType: 'application/json' };
      const buffer = Buffer.from(
        text.replace('"6 m/min"', '"5 m/min"').replace(/"note": "[^"]{20}/, '"note": "Other'),
      );
      await page.getByLabel('Machine files').setInputFiles({ ...file, buffer });
      await page.getByRole('button', { name: 'Merge…' }).click();
      await page.getByRole('table', { name: 'To be settled' }).waitFor();
    },
  ],
  [
    'lessons',
    async (page) => {
      await page.goto('/log?m=tern-creek&v=lessons');
      await page.getByText('Knife lift ran in a deep groove bearing').waitFor();
    },
  ],
];

/** Parts of an axis: one exchanged, and all of them looked for together. */
export const exchangeLooks = (): Look[] => [
  [
    'parts for a motor',
    async (page) => {
      await showBench(page);
      await openLink(page, /^Stepper/);
      await page.getByRole('button', { name: /^Exchange/ }).click();
      await page.getByRole('button', { name: /^Stepper size 23, 2.2/ }).click();
      await page.getByText('with it').waitFor();
    },
  ],
  [
    'drive trains looked for',
    async (page) => {
      await page.goto('/size?m=tern-creek&a=gantry');
      await page.getByRole('button', { name: 'Look for parts' }).click();
      await page.getByRole('button', { name: 'Look', exact: true }).click();
      await page.getByRole('button', { name: 'Take it' }).waitFor({ timeout: 60_000 });
      await page.locator('.recharts-scatter-symbol').first().waitFor();
    },
  ],
];

/** How sure a machine is: its chances, its bands, one figure swept. */
const sureLooks = (): Look[] => [
  [
    'chances',
    async (page) => {
      // Once is enough: ten thousand draws take their time, and a look at another width changes none.
      if (!page.url().includes('a=~sure')) await page.goto('/size?m=tern-creek&a=~sure');
      await page.getByText(/10,000 draws of/).waitFor({ timeout: 120_000 });
      await page.getByRole('button', { name: 'Chances' }).click();
      await page.getByRole('button', { name: /Power of the circuit/ }).click();
    },
  ],
  ['bands', (page) => page.getByRole('button', { name: 'Bands' }).click()],
  [
    'what if',
    async (page) => {
      await page.getByRole('button', { name: 'What if' }).click();
      await page.getByRole('button', { name: 'Sweep' }).click();
      await page.getByText('Below the red line').waitFor({ timeout: 60_000 });
    },
  ],
];

/** Whole machines beside the plan: two of them, all of them, the schools. */
const variantLooks = (): Look[] => [
  [
    'two variants',
    async (page) => {
      if (!page.url().includes('a=~variants')) await page.goto('/size?m=tern-creek&a=~variants');
      await page.getByRole('button', { name: 'Two, part by part' }).click();
      await page.getByText(/^Both are drawn/).waitFor({ timeout: 120_000 });
    },
  ],
  ['all variants', (page) => page.getByRole('button', { name: 'All side by side' }).click()],
  [
    'schools',
    async (page) => {
      await page.getByRole('button', { name: 'The schools' }).click();
      await page.getByRole('combobox', { name: 'Quarrel' }).selectOption('crest-rms');
      await page.getByRole('table', { name: 'Numbers of this quarrel' }).waitFor({ timeout: 60_000 });
    },
  ],
];

/** Views of the log, of how sure a machine is, and of its variants. */
export const furtherLooks = (): Readonly<Record<string, readonly Look[]>> => ({
  log: logLooks(),
  'log, further': furtherLogLooks(),
  'how sure': sureLooks(),
  variants: variantLooks(),
});
