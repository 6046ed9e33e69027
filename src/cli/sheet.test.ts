import DxfParser from 'dxf-parser';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { run } from './sheet';

const now = new Date('2026-11-27T00:00:00Z');
const read = (path: string) => {
  if (path === 'demo.json') return readFileSync('demo/tern-creek-kayak-router.machine.json', 'utf8');
  if (path === 'bad.json') return '{}';
  throw new Error('ENOENT');
};
const sheet = (...args: string[]) => run(args, read, now);

describe('one plate from a terminal', () => {
  it('as DXF has all its holes, and is what the page hands out', async () => {
    const { out, err, code } = await sheet('demo.json', 'Saddle plate', '--as', 'dxf');
    expect([err, code]).toEqual(['', 0]);
    const { entities } = new DxfParser().parseSync(String(out))! as { entities: { layer: string }[] };
    expect(entities.filter((e) => e.layer === 'THRU_4_5')).toHaveLength(16);
    expect(entities.filter((e) => e.layer === 'THRU_5_5')).toHaveLength(4);
    expect(entities.filter((e) => e.layer === 'CBORE')).toHaveLength(20);
  });
  it.each([
    ['svg', /^<\?xml/],
    ['csv', /^id,part,face/],
    ['gcode', /G21\nG90/],
  ] as const)('as %s', async (as, begins) => {
    expect(String((await sheet('demo.json', 'carriage-plate', '--as', as)).out)).toMatch(begins);
  });
  it.each(['pdf', 'sheet'])('as %s is a PDF', async (as) => {
    const { out } = await sheet('demo.json', 'Saddle plate', '--as', as, '--paper', 'letter');
    expect(Buffer.from(out as Uint8Array).toString('latin1', 0, 5)).toBe('%PDF-');
  });
  it('the whole machine in three views, as SVG and as a sheet of paper on its side', async () => {
    expect(String((await sheet('demo.json', 'arrangement', '--as', 'svg')).out)).toMatch(
      /^<\?xml[^]*over all/,
    );
    const { out } = await sheet('demo.json', 'arrangement', '--as', 'pdf', '--paper', 'a3');
    const text = Buffer.from(out as Uint8Array).toString('latin1');
    // A3 on its side, in points.
    const [, wide, high] = /\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/.exec(text)!;
    expect(Number(wide)).toBeCloseTo((420 / 25.4) * 72, 0);
    expect(Number(high)).toBeCloseTo((297 / 25.4) * 72, 0);
  });
  it('list, cuts and labels of a machine', async () => {
    expect(String((await sheet('demo.json', 'parts', '--as', 'csv')).out)).toMatch(/^key,part,for,need/);
    expect(String((await sheet('demo.json', 'cuts', '--as', 'csv')).out)).toMatch(/^out of,bar,/);
    for (const name of ['cuts', 'labels']) {
      const { out } = await sheet('demo.json', name, '--as', 'pdf', '--paper', 'letter');
      expect(Buffer.from(out as Uint8Array).toString('latin1', 0, 5)).toBe('%PDF-');
    }
    expect((await sheet('demo.json', 'parts', '--as', 'pdf')).err).toMatch(/Usage/);
  });
  it('all of it as one book', async () => {
    expect(String((await sheet('demo.json', 'book', '--as', 'md')).out)).toMatch(
      /^# Tern Creek kayak router\n[^]*\n## 14 Log\n/,
    );
    const { out } = await sheet('demo.json', 'book', '--as', 'pdf', '--paper', 'letter');
    expect(Buffer.from(out as Uint8Array).toString('latin1', 0, 5)).toBe('%PDF-');
    expect(String((await sheet('demo.json', 'cautions', '--as', 'md')).out)).toMatch(
      /\n## 1 Cautions\n[^]*\n### While it is trued up\n/,
    );
    expect((await sheet('demo.json', 'book', '--as', 'docx')).err).toMatch(/Usage/);
  });
  it.each([
    [[], /Usage/],
    [['demo.json', 'arrangement', '--as', 'dxf'], /Usage/],
    [['demo.json', 'arrangement', '--as', 'pdf', '--paper', 'a9'], /Usage/],
    [['demo.json'], /Usage/],
    [['demo.json', 'Saddle plate', '--as', 'step'], /Usage/],
    [['demo.json', 'Saddle plate', '--as', 'dxf', '--paper', 'a0'], /Usage/],
    [['demo.json', 'Nothing', '--as', 'dxf'], /no plate “Nothing”; .*“Saddle plate”/],
    [['nowhere.json', 'x', '--as', 'dxf'], /cannot be read/],
    [['bad.json', 'x', '--as', 'dxf'], /format/],
  ] as const)('%j: exit code 2, nothing on standard output', async (args, says) => {
    const { out, err, code } = await sheet(...args);
    expect([out, code]).toEqual(['', 2]);
    expect(err).toMatch(says);
  });
});
