import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

const demoPath = 'demo/tern-creek-kayak-router.machine.json';
const demo = readFileSync(demoPath, 'utf8');
const report = (...args: string[]) =>
  spawnSync('npm', ['run', '--silent', 'report', '--', ...args], { encoding: 'utf8' });

test('the terminal and the service give the same report', async ({ request }) => {
  const fromTerminal = JSON.parse(
    execFileSync('npm', ['run', '--silent', 'report', '--', demoPath], { encoding: 'utf8', maxBuffer: 1e8 }),
  );
  const response = await request.post('/api/report', { data: JSON.parse(demo) });
  expect(response.status()).toBe(200);
  expect(await response.json()).toEqual(fromTerminal);
  expect(fromTerminal.axes[0]).toMatchObject({
    axisId: 'bed',
    verdict: 'gives-out',
    governing: 'torque-rapid',
  });
  const withWorking = await (await request.post('/api/report?working=1', { data: JSON.parse(demo) })).json();
  expect(withWorking.axes[0].working.length).toBeGreaterThan(30);
});

test('the terminal says problems on standard error with exit code 2', () => {
  const folder = mkdtempSync(join(tmpdir(), 'machine-'));
  const bad = join(folder, 'bad.json');
  writeFileSync(bad, demo.replace(/"version": \d+/, '"version": 99'));
  const newer = report(bad);
  expect([newer.status, newer.stdout]).toEqual([2, '']);
  expect(newer.stderr).toMatch(/version: read “99”; wanted \d+ or lower/);
  expect(report(join(folder, 'nowhere.json'))).toMatchObject({ status: 2, stdout: '' });
  expect(report()).toMatchObject({ status: 2, stdout: '' });
});

test('the service answers 422 with issues and 413 above 5 MB', async ({ request }) => {
  const broken = await request.post('/api/report', {
    data: demo.replace('"si": 2.54', '"si": "five"'),
    headers: { 'content-type': 'application/json' },
  });
  expect(broken.status()).toBe(422);
  expect((await broken.json()).issues[0]).toMatchObject({
    code: 'wrong-type',
    path: ['axes', 0, 'demands', 'travel', 'si'],
    read: 'five',
  });
  expect(
    (
      await request.post('/api/report', { data: '{', headers: { 'content-type': 'application/json' } })
    ).status(),
  ).toBe(422);
  expect(
    (
      await request.post('/api/report', {
        data: ' '.repeat(5 * 1024 * 1024 + 10),
        headers: { 'content-type': 'application/json' },
      })
    ).status(),
  ).toBe(413);
  expect((await request.get('/api/report')).status()).toBe(405);
});

test('the schema is published', async ({ request }) => {
  const response = await request.get('/api/schema');
  expect(response.headers()['content-type']).toContain('application/schema+json');
  expect(await response.json()).toMatchObject({
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: 'Rugged Carriage machine',
  });
});
