import { describe, expect, it } from 'vitest';
import { circle, type Drawing, rect } from '@/core/drawing';
import { longest, pages, type Picture, poppler, px, textOfPages } from '@test/helpers/pdf';
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
    const [text] = textOfPages(pdf);
    for (const word of ['Saddle plate', 'aluminium', 'A1', 'the carriages are made so'])
      expect(text).toContain(word);
  });
});
