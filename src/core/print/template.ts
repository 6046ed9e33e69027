import { jsPDF } from 'jspdf';
import { trueBounds, type Drawing, flattened, plain, type Plain } from '@/core/drawing';
import { MARGIN, OVERLAP, type Paper, RULER, sheetName, type Tiling, tilingFor } from './tiles';

/** A template: what is drawn, what it is called, on which paper, corrected by what its rulers measured. */
export interface Template {
  readonly drawing: Drawing;
  readonly title: string;
  readonly paper: Paper;
  /** Scale by direction; 1 where nobody has measured a print yet. */
  readonly scale: { readonly x: number; readonly y: number };
  /** When it was made, for the file's head. */
  readonly made: Date;
}

const MM = 1000;
const HAIR = 0.15;

/** Places of the drawing on a sheet, mm from its upper left corner. */
interface Onto {
  readonly x: (m: number) => number;
  readonly y: (m: number) => number;
  readonly sx: number;
  readonly sy: number;
}

function drawShape(doc: jsPDF, shape: Plain, onto: Onto): void {
  if (shape.kind === 'text') {
    doc.setFontSize(9);
    doc.text(shape.text, onto.x(shape.at.x), onto.y(shape.at.y), {
      align: { start: 'left', middle: 'center', end: 'right' }[shape.anchor] as 'left' | 'center' | 'right',
    });
    return;
  }
  if (shape.kind === 'circle') {
    const [rx, ry] = [shape.radius * MM * onto.sx, shape.radius * MM * onto.sy];
    doc.ellipse(onto.x(shape.centre.x), onto.y(shape.centre.y), rx, ry, 'S');
    return;
  }
  const points = flattened(shape);
  const closed = shape.closed && points.length > 2 ? [...points, points[0]!] : points;
  closed.slice(1).forEach((p, i) => {
    const from = closed[i]!;
    doc.line(onto.x(from.x), onto.y(from.y), onto.x(p.x), onto.y(p.y));
  });
}

function cross(doc: jsPDF, x: number, y: number): void {
  doc.line(x - 3, y, x + 3, y);
  doc.line(x, y - 3, x, y + 3);
  doc.circle(x, y, 1.5, 'S');
}

/** Crosses where sheets overlap: the same ones on every sheet that shows their place. */
function crosses(doc: jsPDF, { columns, rows, step, shown }: Tiling, column: number, row: number): void {
  for (let k = 0; k <= columns; k++)
    for (let l = 0; l <= rows; l++) {
      const x = k * step.x + OVERLAP / 2 - column * step.x;
      const y = l * step.y + OVERLAP / 2 - row * step.y;
      if (x >= 0 && y >= 0 && x <= shown.width && y <= shown.height) cross(doc, MARGIN + x, MARGIN + y);
    }
}

/** Thickness of a ruler and its ticks, mm. */
const BAR = 0.3;

/**
 * Rulers of 100 mm both ways, in the margins, with a tick every ten: bars, so that it is their outer edges
 * that stand 100 apart.
 */
function rulers(doc: jsPDF, { page }: Tiling, { x: sx, y: sy }: Template['scale']): void {
  const [y, x] = [page.height - 5, 5];
  const bar = (left: number, top: number, width: number, height: number) =>
    doc.rect(left, top, width, height, 'F');
  bar(MARGIN, y, RULER * sx, BAR);
  bar(x, MARGIN, BAR, RULER * sy);
  for (let mm = 0; mm <= RULER; mm += 10) {
    const tall = mm % 50 === 0 ? 3 : 1.5;
    const back = BAR * (mm / RULER);
    bar(MARGIN + mm * sx - back, y - tall, BAR, tall);
    bar(x, MARGIN + mm * sy - back, tall, BAR);
  }
  doc.setFontSize(7);
  doc.text(`${RULER} mm: measure me`, MARGIN + RULER * sx + 3, y + 1);
}

/**
 * A drawing in true size on as many sheets as it takes: overlapping, with crosses to lay them by and rulers
 * both ways on each, to be printed without scaling.
 * @returns the file's bytes.
 */
export function templatePdf(template: Template): ArrayBuffer {
  const { drawing, title, paper, scale, made } = template;
  const box = trueBounds(drawing);
  const size = {
    width: (box.x1 - box.x0) * MM * scale.x,
    height: (box.y1 - box.y0) * MM * scale.y,
  };
  const tiling = tilingFor(size, paper);
  const { shown, step, columns, rows } = tiling;
  const doc = new jsPDF({
    unit: 'mm',
    format: [paper.width, paper.height],
    orientation: tiling.landscape ? 'landscape' : 'portrait',
  });
  doc.setProperties({ title });
  doc.setCreationDate(made);
  doc.viewerPreferences({ PrintScaling: 'None' });
  const { shapes } = plain(drawing);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (row + column > 0) doc.addPage();
      const onto: Onto = {
        x: (m) => MARGIN + (m - box.x0) * MM * scale.x - column * step.x,
        y: (m) => MARGIN + (box.y1 - m) * MM * scale.y - row * step.y,
        sx: scale.x,
        sy: scale.y,
      };
      doc.saveGraphicsState();
      doc.rect(MARGIN, MARGIN, shown.width, shown.height, null);
      doc.clip();
      doc.discardPath();
      doc.setLineWidth(HAIR);
      for (const shape of shapes) drawShape(doc, shape, onto);
      doc.restoreGraphicsState();
      doc.setLineWidth(HAIR);
      if (columns * rows > 1) crosses(doc, tiling, column, row);
      rulers(doc, tiling, scale);
      doc.setFontSize(9);
      const sheet = columns * rows > 1 ? ` · sheet ${sheetName(column, row)} of ${columns * rows}` : '';
      doc.text(`${title}${sheet} · print at 100 %, no fitting to the page`, MARGIN, 6);
    }
  return doc.output('arraybuffer');
}
