import { jsPDF } from 'jspdf';
import autoTable from 'jspdf-autotable';
import { boundsOf, type Drawing } from '@/core/drawing';
import { type Block, drawInto, FIGURE, titleBlock } from './onto';
import type { Paper } from './tiles';

/** A sheet for who makes a part: what it looks like, its holes, what matters and what does not. */
export interface ShopSheet {
  readonly title: string;
  readonly paper: Paper;
  readonly drawing: Drawing;
  /** Figures of the title block, by name. */
  readonly block: Block;
  readonly table: { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };
  /** Sentences, each with its reason. */
  readonly notes: readonly string[];
  readonly made: Date;
}

const EDGE = 12;
/** Most of the sheet's height that the drawing takes. */
const SHARE = 0.42;

/** The sheet as PDF. @returns the file's bytes. */
export function shopSheetPdf({ title, paper, drawing, block, table, notes, made }: ShopSheet): ArrayBuffer {
  const doc = new jsPDF({ unit: 'mm', format: [paper.width, paper.height] });
  doc.setProperties({ title });
  doc.setCreationDate(made);
  const wide = paper.width - 2 * EDGE;
  doc.setFontSize(14);
  doc.text(title, EDGE, EDGE + 3);
  let y = EDGE + 8;
  const box = boundsOf(drawing);
  const room = { width: wide, height: paper.height * SHARE };
  const scale = Math.min(room.width / (box.x1 - box.x0), room.height / (box.y1 - box.y0));
  drawInto(doc, drawing, { x: EDGE, y }, scale);
  y += (box.y1 - box.y0) * scale + 6;
  doc.setLineWidth(0.2);
  y += titleBlock(doc, block, EDGE, y, wide) + 5;
  doc.setFontSize(FIGURE);
  for (const note of notes) {
    const lines = doc.splitTextToSize(note, wide) as string[];
    doc.text(lines, EDGE, y);
    y += lines.length * 4 + 1;
  }
  autoTable(doc, {
    startY: y + 1,
    margin: { left: EDGE, right: EDGE, bottom: EDGE },
    head: [[...table.head]],
    body: table.rows.map((r) => [...r]),
    theme: 'plain',
    styles: { fontSize: 7.5, cellPadding: 0.8, lineWidth: 0.1, lineColor: 160 },
    headStyles: { fontStyle: 'bold' },
  });
  return doc.output('arraybuffer');
}
