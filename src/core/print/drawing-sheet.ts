import { jsPDF } from 'jspdf';
import { boundsOf, type Drawing } from '@/core/drawing';
import { type Block, drawInto, FIGURE, titleBlock } from './onto';
import type { Paper } from './tiles';

/** Sheets that a whole machine is drawn on. */
export const sheetPapers = {
  a4: { name: 'A4', width: 210, height: 297 },
  a3: { name: 'A3', width: 297, height: 420 },
  letter: { name: 'Letter', width: 215.9, height: 279.4 },
  tabloid: { name: 'Tabloid', width: 279.4, height: 431.8 },
} as const satisfies Record<string, Paper>;
export type SheetPaperId = keyof typeof sheetPapers;

const EDGE = 10;
/** What the title block takes of the sheet's width, and a row of it, with a line of notes under it; mm. */
const BLOCK = 120;
const ROW = 10;
const LINE = 4;

/** A drawing in its frame, to its own scale. */
export interface DrawingSheet {
  readonly title: string;
  readonly paper: Paper;
  readonly drawing: Drawing;
  readonly block: Block;
  readonly notes: readonly string[];
  readonly made: Date;
}

const blockHeight = (block: Block) => Math.ceil(block.length / 3) * ROW;

/** Room for the drawing on a sheet laid on its side, mm. @param rows cells of the title block. */
export const roomOn = (paper: Paper, cells: number) => ({
  width: paper.height - 2 * EDGE - 10,
  height: paper.width - 2 * EDGE - Math.ceil(cells / 3) * ROW - 16,
});

/** Millimetres of a paper unit. */
const UNIT = 25.4 / 96;

/** A drawing to its own scale on a sheet laid on its side, with frame, title block and notes. */
export function drawingSheetPdf({ title, paper, drawing, block, notes, made }: DrawingSheet): ArrayBuffer {
  const [wide, high] = [paper.height, paper.width];
  const doc = new jsPDF({ unit: 'mm', format: [paper.width, paper.height], orientation: 'landscape' });
  doc.setProperties({ title });
  doc.setCreationDate(made);
  doc.viewerPreferences({ PrintScaling: 'None' });
  doc.setLineWidth(0.4);
  doc.rect(EDGE, EDGE, wide - 2 * EDGE, high - 2 * EDGE, 'S');
  const tall = blockHeight(block);
  const box = boundsOf(drawing);
  const scale = drawing.scale * UNIT;
  const room = high - 2 * EDGE - tall;
  drawInto(
    doc,
    drawing,
    {
      x: EDGE + (wide - 2 * EDGE - (box.x1 - box.x0) * scale) / 2,
      y: EDGE + (room - (box.y1 - box.y0) * scale) / 2,
    },
    scale,
  );
  doc.setLineWidth(0.2);
  titleBlock(doc, block, wide - EDGE - BLOCK, high - EDGE - tall, BLOCK);
  doc.setFontSize(FIGURE - 1);
  const lines = notes.flatMap((n) => doc.splitTextToSize(n, wide - 2 * EDGE - BLOCK - 8) as string[]);
  doc.text(lines, EDGE + 3, high - EDGE - 3 - (lines.length - 1) * LINE * 0.85);
  return doc.output('arraybuffer');
}
