import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { circle, type Drawing, rect } from '@/core/drawing';
import { corrected, papers, printError, sheetName, shopSheetPdf, templatePdf, tilingFor, tilingOn } from '.';

const pen = { pen: { ink: 'ink', width: 0.7 } } as const;
const made = new Date('2026-11-27T00:00:00Z');
const plate = (width: number, height: number): Drawing => ({
  scale: 96 / 0.0254,
  shapes: [
    rect('OUTLINE', 0, 0, width / 1000, height / 1000, pen),
    circle('THRU_5_5', { x: 0.02, y: 0.02 }, 0.00275, pen),
  ],
});

/** Whether Debian's poppler-utils are there; npm test installs them. */
const poppler = (() => {
  try {
    execFileSync('pdftoppm', ['-v'], { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
})();

interface Picture {
  readonly width: number;
  readonly height: number;
  readonly dark: (x: number, y: number) => boolean;
}

/** A grey picture as pdftoppm writes it. */
function picture(file: string): Picture {
  const bytes = readFileSync(file);
  const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(bytes.subarray(0, 40).toString('latin1'))!;
  const [width, height] = [Number(head[1]), Number(head[2])];
  const from = head[0].length;
  return { width, height, dark: (x, y) => bytes[from + y * width + x]! < 128 };
}

const DPI = 400;
const px = (mm: number) => Math.round((mm / 25.4) * DPI);

/** Renders every page of a PDF. */
function pages(pdf: ArrayBuffer): Picture[] {
  const folder = mkdtempSync(join(tmpdir(), 'print-'));
  try {
    const file = join(folder, 'a.pdf');
    writeFileSync(file, Buffer.from(pdf));
    execFileSync('pdftoppm', ['-r', String(DPI), '-gray', file, join(folder, 'p')]);
    return readdirSync(folder)
      .filter((f) => f.endsWith('.pgm'))
      .sort()
      .map((f) => picture(join(folder, f)));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** Longest dark run along a line of the picture, mm. */
function longest(p: Picture, along: 'x' | 'y', at: number): number {
  const end = along === 'x' ? p.width : p.height;
  let [best, run] = [0, 0];
  for (let i = 0; i < end; i++) {
    run = (along === 'x' ? p.dark(i, at) : p.dark(at, i)) ? run + 1 : 0;
    best = Math.max(best, run);
  }
  return (best / DPI) * 25.4;
}

describe('sheets', () => {
  it('700 x 300 on A4 upright: 4 x 2; lying it takes fewer', () => {
    const upright = tilingOn({ width: 700, height: 300 }, papers.a4, false);
    expect([upright.columns, upright.rows]).toEqual([4, 2]);
    const best = tilingFor({ width: 700, height: 300 }, papers.a4);
    expect([best.landscape, best.columns, best.rows]).toEqual([true, 3, 2]);
    expect(tilingFor({ width: 150, height: 200 }, papers.letter)).toMatchObject({ columns: 1, rows: 1 });
    expect([sheetName(0, 0), sheetName(2, 1)]).toEqual(['A1', 'C2']);
  });
  it('every place of the drawing is on a sheet', () => {
    for (const width of [50, 190, 191, 500, 1234.5])
      for (const height of [40, 277, 280, 900]) {
        const t = tilingFor({ width, height }, papers.a4);
        expect((t.columns - 1) * t.step.x + t.shown.width).toBeGreaterThanOrEqual(width - 1e-9);
        expect((t.rows - 1) * t.step.y + t.shown.height).toBeGreaterThanOrEqual(height - 1e-9);
      }
  });
  it('a ruler that reads 98.6 asks for a scale of 1.0142; how far a hole may be off follows', () => {
    expect(corrected(1, 98.6)).toBeCloseTo(1.0142, 4);
    expect(printError(100, 200)).toBeCloseTo(0.5, 9);
    expect(printError(98.6, 200)).toBeCloseTo(3.3, 9);
  });
});

describe.skipIf(!poppler)('templates in true size, rendered by poppler', () => {
  const rulersOf = (p: Picture) => [longest(p, 'x', p.height - px(5) + 2), longest(p, 'y', px(5) + 2)];
  it('its rulers measure 100 mm within 0.2 % on every page, both ways', () => {
    for (const paper of [papers.a4, papers.letter]) {
      const found = pages(
        templatePdf({ drawing: plate(300, 240), title: 'Saddle', paper, scale: { x: 1, y: 1 }, made }),
      );
      expect(found.length).toBeGreaterThan(1);
      for (const page of found)
        for (const ruler of rulersOf(page)) expect(Math.abs(ruler - 100)).toBeLessThan(0.2);
    }
  });
  it('a printer that shrinks one way is answered in that way only', () => {
    const scale = { x: corrected(1, 98.6), y: 1 };
    const [page] = pages(
      templatePdf({ drawing: plate(150, 120), title: 'Saddle', paper: papers.a4, scale, made }),
    );
    const [across, down] = rulersOf(page!);
    expect(across! * 0.986).toBeCloseTo(100, 0);
    expect(Math.abs(down! - 100)).toBeLessThan(0.2);
  });
  it('the plate itself is in true size: its edge is 150 mm long', () => {
    const [page] = pages(
      templatePdf({ drawing: plate(150, 120), title: 'P', paper: papers.a4, scale: { x: 1, y: 1 }, made }),
    );
    // Its upper edge lies 10 mm from the paper's.
    const edge = Math.max(...[-1, 0, 1, 2].map((d) => longest(page!, 'x', px(10) + d)));
    expect(Math.abs(edge - 150)).toBeLessThan(0.3);
  });
  it('says in its file that no printer may fit it to the page', () => {
    const pdf = templatePdf({
      drawing: plate(50, 50),
      title: 'P',
      paper: papers.a4,
      scale: { x: 1, y: 1 },
      made,
    });
    expect(Buffer.from(pdf).toString('latin1')).toContain('/PrintScaling /None');
  });
  it('a machining sheet is a file with its text', () => {
    const pdf = shopSheetPdf({
      title: 'Saddle plate',
      paper: papers.a4,
      drawing: plate(150, 120),
      block: [['Material', 'aluminium']],
      table: { head: ['No.', 'x', 'y'], rows: [['A1', '20', '20']] },
      notes: ['Holes within 0.1: the carriages are made so.'],
      made,
    });
    const folder = mkdtempSync(join(tmpdir(), 'print-'));
    const file = join(folder, 'a.pdf');
    writeFileSync(file, Buffer.from(pdf));
    const text = execFileSync('pdftotext', ['-layout', file, '-']).toString();
    rmSync(folder, { recursive: true });
    for (const word of ['Saddle plate', 'aluminium', 'A1', 'the carriages are made so'])
      expect(text).toContain(word);
  });
});
