import { jsPDF } from 'jspdf';
import { boundsOf, type Drawing } from '@/core/drawing';
import { drawInto, FIGURE } from './onto';
import type { Paper } from './tiles';

/** A drawing with its heading and what is said below it. */
export interface StackedItem {
  readonly heading: string;
  readonly drawing: Drawing | null;
  readonly notes: readonly string[];
}

const EDGE = 14;
const LINE = 4.4;
const HEADING = 12;
/** Millimetres of a paper unit. */
const UNIT = 25.4 / 96;

/** Drawings one below another, as wide as the sheet lets them be, none cut by the end of a page. */
export function stackedPdf(
  title: string,
  items: readonly StackedItem[],
  { paper, made }: { readonly paper: Paper; readonly made: Date },
): ArrayBuffer {
  const doc = new jsPDF({ unit: 'mm', format: [paper.width, paper.height] });
  doc.setProperties({ title });
  doc.setCreationDate(made);
  const wide = paper.width - 2 * EDGE;
  const bottom = paper.height - EDGE;
  doc.setFont('helvetica', 'bold').setFontSize(HEADING + 3);
  doc.text(title, EDGE, EDGE + 4);
  let y = EDGE + 12;
  for (const { heading, drawing, notes } of items) {
    const box = drawing && boundsOf(drawing);
    const own = drawing ? drawing.scale * UNIT : 0;
    const scale = box ? Math.min(own, wide / (box.x1 - box.x0)) : 0;
    const high = box ? (box.y1 - box.y0) * scale + 4 : 0;
    doc.setFont('helvetica', 'normal').setFontSize(FIGURE);
    const lines = notes.flatMap((n) => doc.splitTextToSize(n, wide) as string[]);
    const all = HEADING * 0.5 + high + lines.length * LINE + 4;
    if (y + all > bottom && y > EDGE + 12) {
      doc.addPage([paper.width, paper.height]);
      y = EDGE + 4;
    }
    doc.setFont('helvetica', 'bold').setFontSize(HEADING).setTextColor('#000000');
    doc.text(heading, EDGE, y);
    y += HEADING * 0.5;
    if (drawing && box) {
      drawInto(doc, drawing, { x: EDGE, y }, scale);
      y += high;
    }
    doc.setFont('helvetica', 'normal').setFontSize(FIGURE).setTextColor('#000000');
    doc.text(lines, EDGE, y + 2);
    y += lines.length * LINE + 6;
  }
  return doc.output('arraybuffer');
}
