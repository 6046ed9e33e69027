import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { labelsPdf } from './labels';

const made = new Date('2026-11-27T10:00:00Z');
const label = (n: number) => ({
  title: `Box ${n}`,
  lines: ['16 + 2', 'Saddle plate, carriages', 'checked'],
  address: `http://127.0.0.1:3000/build?m=kayak&part=line-${n}`,
});

/** Pages of a PDF as an independent reader tells them. */
function pages(data: ArrayBuffer, ...args: string[]): { text: string[]; dir: string; path: string } {
  const dir = mkdtempSync(join(tmpdir(), 'labels-'));
  const path = join(dir, 'labels.pdf');
  writeFileSync(path, new Uint8Array(data));
  const text = execFileSync('pdftotext', ['-layout', ...args, path, '-'])
    .toString()
    .split('\f');
  return { text: text.filter((t) => t.trim()), dir, path };
}

describe('labels of boxes', () => {
  it('fill sheet after sheet, each with its words', () => {
    const { text } = pages(
      labelsPdf(
        Array.from({ length: 26 }, (_, i) => label(i)),
        'a4-24',
        { made },
      ),
    );
    expect(text).toHaveLength(2);
    expect(text[0]).toContain('Box 0');
    expect(text[1]).toContain('Box 25');
    expect(text[1]).not.toContain('Box 23');
  });
  it('begin behind those that are used up', () => {
    const { text } = pages(labelsPdf([label(1), label(2)], 'letter-30', { skip: 29, made }));
    expect(text).toHaveLength(2);
  });
  it('carry a square code that another reader reads', () => {
    const { dir, path } = pages(labelsPdf([label(7)], 'a4-24', { made }));
    execFileSync('pdftoppm', ['-r', '150', '-gray', '-l', '1', path, join(dir, 'page')]);
    const image = readFileSync(join(dir, 'page-1.pgm'));
    const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(image.toString('latin1', 0, 40))!;
    const [width, height] = [Number(head[1]), Number(head[2])];
    const grey = image.subarray(head[0].length);
    const colours = new Uint8ClampedArray(4 * width * height);
    for (let i = 0; i < width * height; i++)
      colours.fill(grey[i]!, 4 * i, 4 * i + 3).fill(255, 4 * i + 3, 4 * i + 4);
    expect(jsQR(colours, width, height)?.data).toBe(label(7).address);
  });
});
