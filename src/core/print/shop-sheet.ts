import { jsPDF } from 'jspdf';
import autoTable from 'jspdf-autotable';
import { boundsOf, type Drawing, flattened, plain } from '@/core/drawing';
import type { Paper } from './tiles';

/** A sheet for who makes a part: what it looks like, its holes, what matters and what does not. */
export interface ShopSheet {
  readonly title: string;
  readonly paper: Paper;
  readonly drawing: Drawing;
  /** Figures of the title block, by name. */
  readonly block: readonly (readonly [name: string, value: string])[];
  readonly table: { readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] };
  /** Sentences, each with its reason. */
  readonly notes: readonly string[];
  readonly made: Date;
}

const EDGE = 12;
const FIGURE = 9;
/** Most of the sheet's height that the drawing takes. */
const SHARE = 0.42;

function drawInto(doc: jsPDF, drawing: Drawing, x: number, y: number, width: number, height: number): number {
  const box = boundsOf(drawing);
  const scale = Math.min(width / (box.x1 - box.x0), height / (box.y1 - box.y0));
  const px = (m: number) => x + (m - box.x0) * scale;
  const py = (m: number) => y + (box.y1 - m) * scale;
  // Sizes of texts and lines are in ninety-sixths of an inch at the drawing's own scale.
  const units = scale / drawing.scale;
  for (const shape of plain(drawing).shapes) {
    doc.setLineWidth(Math.max(0.08, (shape.kind === 'text' ? 0.5 : (shape.pen?.width ?? 0.5)) * units));
    if (shape.kind === 'text') {
      doc.setFontSize(shape.size * units * (72 / 25.4));
      doc.text(shape.text, px(shape.at.x), py(shape.at.y), {
        align: { start: 'left', middle: 'center', end: 'right' }[shape.anchor] as 'left' | 'center' | 'right',
      });
    } else if (shape.kind === 'circle')
      doc.circle(px(shape.centre.x), py(shape.centre.y), shape.radius * scale, shape.pen ? 'S' : 'F');
    else {
      const points = flattened(shape);
      const all = shape.closed ? [...points, points[0]!] : points;
      if (!shape.pen) {
        // Heads of arrows: filled, without a line.
        const steps = all
          .slice(1)
          .map((p, i): [number, number] => [px(p.x) - px(all[i]!.x), py(p.y) - py(all[i]!.y)]);
        if (shape.fill === 'ink') doc.lines(steps, px(all[0]!.x), py(all[0]!.y), [1, 1], 'F', true);
        continue;
      }
      doc.setLineDashPattern(shape.pen.dash ? [1.2, 0.8] : [], 0);
      all.slice(1).forEach((p, i) => doc.line(px(all[i]!.x), py(all[i]!.y), px(p.x), py(p.y)));
      doc.setLineDashPattern([], 0);
    }
  }
  return (box.y1 - box.y0) * scale;
}

/** The block of a shop drawing, in rows of three. */
function titleBlock(doc: jsPDF, block: ShopSheet['block'], x: number, y: number, width: number): number {
  const [cell, high] = [width / 3, 10];
  block.forEach(([name, value], i) => {
    const [cx, cy] = [x + (i % 3) * cell, y + Math.floor(i / 3) * high];
    doc.rect(cx, cy, cell, high, 'S');
    doc.setFontSize(6);
    doc.text(name.toUpperCase(), cx + 1.5, cy + 3);
    doc.setFontSize(FIGURE);
    doc.text(value, cx + 1.5, cy + 8);
  });
  return Math.ceil(block.length / 3) * high;
}

/** The sheet as PDF. @returns the file's bytes. */
export function shopSheetPdf({ title, paper, drawing, block, table, notes, made }: ShopSheet): ArrayBuffer {
  const doc = new jsPDF({ unit: 'mm', format: [paper.width, paper.height] });
  doc.setProperties({ title });
  doc.setCreationDate(made);
  const wide = paper.width - 2 * EDGE;
  doc.setFontSize(14);
  doc.text(title, EDGE, EDGE + 3);
  let y = EDGE + 8;
  y += drawInto(doc, drawing, EDGE, y, wide, paper.height * SHARE) + 6;
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
