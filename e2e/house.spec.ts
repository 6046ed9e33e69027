import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { buildLooks, exchangeLooks, furtherLooks, type Look, proveLooks } from './looks';
import { openLink, openShelf, rung, showBench, showWhole } from './pages';
import { fits, outlineFaults, reaches } from './reach';
import { test } from './window';

/**
 * What axe finds on the page as it stands: every rule, in a quarter of the time. There are no frames, so it
 * need not go through an empty page of its own ("legacy"), and what passes need not be written out.
 */
const violations = async (page: Page): Promise<string[]> => {
  const axe = new AxeBuilder({ page }).setLegacyMode(true).options({ resultTypes: ['violations'] });
  const { violations } = await axe.analyze();
  return violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`);
};

/** Goes to another tab of the sheet. */
async function tab(page: Page, name: RegExp): Promise<void> {
  const link = page.getByRole('link', { name }).first();
  await link.click();
  await expect(link).toHaveAttribute('aria-current', 'page');
}

/** The views that one visit leads through: each is shown out of the one before it. */
const visits: Readonly<Record<string, readonly Look[]>> = {
  machines: [['the list', openShelf]],
  machine: [
    [
      'first page',
      async (page) => {
        await page.goto('/machine?m=tern-creek');
        await page.getByText('What matters most').waitFor();
      },
    ],
  ],
  bench: [
    ['bed', (page) => showBench(page, 'bed')],
    ['a refused text', (page) => page.getByLabel('Travel', { exact: true }).fill('nonsense')],
    [
      'working',
      async (page) => {
        await rung(page, 'Torque at rapid').click();
        await page.locator('.katex').first().waitFor();
      },
    ],
    [
      'help',
      async (page) => {
        await page.keyboard.press('Escape');
        await page.getByRole('heading', { level: 1 }).click();
        await page.keyboard.press('?');
        await page.getByRole('dialog').waitFor();
      },
    ],
  ],
  'other axes': [
    [
      'gantry with an open link',
      async (page) => {
        await showBench(page, 'gantry');
        await openLink(page, /^Screw/);
      },
    ],
    [
      'plunge with masses',
      async (page) => {
        await tab(page, /^Plunge/);
        await page.getByRole('button', { name: /Moving mass/ }).click();
      },
    ],
  ],
  brief: [
    [
      'job',
      async (page) => {
        await page.goto('/brief?m=wayside');
        await page.getByRole('radio', { name: /^Moving table/ }).waitFor();
      },
    ],
    [
      'guided start',
      async (page) => {
        await tab(page, /^Guided start/);
        await page.getByRole('button', { name: 'Work out whole machines' }).waitFor();
      },
    ],
    ['cuts', (page) => tab(page, /^Cuts/)],
    [
      'masses',
      async (page) => {
        await tab(page, /^Masses/);
        await page.getByText('Truck with eight wheels').first().click();
      },
    ],
  ],
  cuts: [
    [
      'a milling cut',
      async (page) => {
        await page.goto('/brief?m=tern-creek&a=cuts');
        await page.getByRole('img', { name: /^Forces over one turn/ }).waitFor();
      },
    ],
  ],
  'whole machine': [
    [
      'frame',
      async (page) => {
        await showWhole(page);
        await page.getByRole('button', { name: /^Try: Closed steel tube/ }).waitFor();
      },
    ],
    [
      'accuracy',
      async (page) => {
        await page.getByRole('button', { name: 'Accuracy', exact: true }).click();
        await page.getByText('Flex under cut').first().waitFor();
      },
    ],
    [
      'picture',
      async (page) => {
        await page.getByRole('button', { name: 'Picture' }).click();
        await page.getByRole('slider', { name: /Gantry axis/ }).waitFor();
      },
    ],
  ],
  build: [
    [
      'parts with a line picked',
      async (page) => {
        await page.goto('/build?m=tern-creek&part=gantry%2Fball-screw');
        await page.getByText(/^Proved: nothing is cheaper; \d+ sets/).waitFor();
        await page.getByRole('table', { name: /^Quotes of Ball screw/ }).waitFor();
      },
    ],
    [
      'cutting',
      async (page) => {
        await page.getByRole('link', { name: /^Cutting/ }).click();
        await page.getByRole('region', { name: 'Rail 15' }).waitFor();
      },
    ],
    ...buildLooks(),
  ],
  prove: proveLooks(),
  ...furtherLooks(),
  fit: [
    [
      'a travel chain',
      async (page) => {
        await page.goto('/fit?m=fernhollow&a=bed');
        await page.getByRole('img', { name: /^Long axis: free stroke/ }).waitFor();
      },
    ],
    [
      'ends and stops',
      async (page) => {
        await page.getByRole('button', { name: 'Ends and stops' }).click();
        await page.getByRole('img', { name: /^Near end:/ }).waitFor();
      },
    ],
    [
      'a stack-up',
      async (page) => {
        await page.goto('/fit?m=fernhollow&a=cross&v=stacks');
        await page.getByText(/by 20,000 draws/).waitFor();
      },
    ],
    [
      'a plate with an open group',
      async (page) => {
        await page.getByRole('button', { name: 'Plates' }).click();
        await page.getByRole('button', { name: 'A Carriages' }).click();
        await page.getByLabel('In hand, along', { exact: true }).waitFor();
      },
    ],
    [
      'another part',
      async (page) => {
        await page.getByRole('button', { name: 'Another part' }).click();
        await page
          .getByRole('button', { name: /^Miniature rail 15/ })
          .first()
          .click();
        await page.getByRole('table', { name: 'What changes in figures' }).waitFor();
      },
    ],
    [
      'tables for the bench',
      async (page) => {
        await page.getByRole('button', { name: 'Tables' }).click();
        await page.getByRole('table', { name: 'Metric screws: holes and heads' }).waitFor();
      },
    ],
    [
      'passing and room',
      async (page) => {
        await page.getByRole('button', { name: 'Room' }).click();
        await page.getByLabel('Columns apart', { exact: true }).waitFor();
      },
    ],
  ],
  handbook: [
    [
      // One chapter of it: every entry is made alike.
      'a chapter',
      async (page) => {
        await page.goto('/handbook');
        await page.getByRole('searchbox').fill('belt');
        await expect(page.getByRole('link', { name: /^Play of a mesh/ })).toHaveCount(0);
      },
    ],
    [
      'a formula',
      async (page) => {
        await page.goto('/handbook/formula?f=belt/loop-length');
        await page.locator('.katex').first().waitFor();
      },
    ],
  ],
  exchange: exchangeLooks(),
  guide: [
    [
      'with loads',
      async (page) => {
        await page.goto('/size?m=fernhollow&a=cross');
        await openLink(page, /^Guide/);
      },
    ],
  ],
  'what is not there': [
    [
      'no such page',
      async (page) => {
        await page.goto('/nowhere');
        await page.getByText('No such page').first().waitFor();
      },
    ],
    [
      'no machine',
      async (page) => {
        await page.goto('/size?m=nobody');
        await page.getByText('not in this browser').waitFor();
      },
    ],
  ],
};

/**
 * On a phone by night, and on a desk by day. What a phone shows first is not what a window that shrank shows,
 * so each is opened as it is looked at.
 */
const looks = [
  { name: 'dark, on a phone', colorScheme: 'dark', width: 390, height: 844 },
  { name: 'light', colorScheme: 'light', width: 1280, height: 800 },
] as const;

/** What a page asks of foreign origins, and the errors that it tells the browser. */
function listen(page: Page, own: string): string[] {
  const heard: string[] = [];
  page.on('request', (r) => {
    if (!r.url().startsWith(own) && !/^(data|blob):/.test(r.url())) heard.push(`asks ${r.url()}`);
  });
  // The browser itself reports the 404 that the view of a wrong address asks for.
  page.on('console', (m) => {
    if (m.type() === 'error' && !m.text().includes('404')) heard.push(m.text());
  });
  page.on('pageerror', (e) => heard.push(e.message));
  return heard;
}

for (const [visit, views] of Object.entries(visits))
  test(`${visit}: axe finds nothing, nothing runs out of screen or paper or asks elsewhere`, async ({
    page,
    baseURL,
  }) => {
    test.slow();
    const heard = listen(page, baseURL!);
    for (const { name: look, colorScheme, ...size } of looks) {
      await page.emulateMedia({ colorScheme });
      await page.setViewportSize(size);
      for (const [view, show] of views) {
        await show(page);
        expect(await violations(page), `${view}, ${look}`).toEqual([]);
        await fits(page, `${view}, ${look}`);
        expect.soft(await page.evaluate(outlineFaults), `${view}, ${look}: outline`).toEqual([]);
        if (look === 'light') await reaches(page, view, size);
      }
    }
    await page.waitForLoadState('networkidle');
    expect(heard).toEqual([]);
  });

test('the whole handbook runs out of no screen, wide or narrow', async ({ page }) => {
  await page.goto('/handbook');
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 });
    await page.getByRole('link', { name: /^Play of a mesh/ }).waitFor();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  }
});

test('the policy allows no foreign origin', async ({ page }) => {
  const response = await page.request.get('/size');
  const policy = response.headers()['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("connect-src 'self'");
  expect(policy).not.toMatch(/https?:|\*/);
  // Each script in a page is named: by its hash where it is built, by a nonce where it is made anew.
  const scripts = (text: string) => /script-src ([^;]*)/.exec(text)![1]!;
  expect(scripts(policy)).toMatch(/^'self'(?: 'sha256-[\w+/]{43}=')+$/);
  const anew = (await page.request.get('/')).headers()['content-security-policy']!;
  expect(scripts(anew)).toMatch(/^'self' 'nonce-[\w-]{36}' /);
  expect(response.headers()['x-content-type-options']).toBe('nosniff');
  expect(response.headers()['x-powered-by']).toBeUndefined();
});

test('the fonts are our own and load', async ({ page }) => {
  await showBench(page);
  const loaded = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts].filter((f) => f.status === 'loaded').map((f) => f.family.replaceAll('"', ''));
  });
  expect(loaded).toContain('Atkinson Hyperlegible Next Variable');
  expect(loaded).toContain('Barlow Condensed');
  // Of the signs that these lack: µ is on every bench.
  expect(loaded).toContain('Signs');
});
