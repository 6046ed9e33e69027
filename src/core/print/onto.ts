import type { jsPDF } from 'jspdf';
import { boundsOf, type Drawing, flattened, paperInks, plain, type Plain } from '@/core/drawing';

/** Size of figures, points. */
export const FIGURE = 9;

interface Onto {
  readonly x: (m: number) => number;
  readonly y: (m: number) => number;
  /** mm per metre, and per paper unit. */
  readonly scale: number;
  readonly units: number;
}

function textInto(doc: jsPDF, shape: Plain & { kind: 'text' }, { x, y, units }: Onto): void {
  doc.setFontSize(shape.size * units * (72 / 25.4));
  doc.setTextColor(paperInks[shape.ink]);
  doc.text(shape.text, x(shape.at.x), y(shape.at.y), {
    align: ({ start: 'left', middle: 'center', end: 'right' } as const)[shape.anchor],
  });
}

function outlineInto(doc: jsPDF, shape: Plain & { kind: 'outline' }, { x, y }: Onto): void {
  const points = flattened(shape);
  const all = shape.closed ? [...points, points[0]!] : points;
  // What only shades is left to the screen.
  if (shape.fill && shape.opacity === undefined) {
    const steps = all
      .slice(1)
      .map((p, i): [number, number] => [x(p.x) - x(all[i]!.x), y(p.y) - y(all[i]!.y)]);
    doc.setFillColor(paperInks[shape.fill]);
    doc.lines(steps, x(all[0]!.x), y(all[0]!.y), [1, 1], 'F', true);
  }
  if (!shape.pen) return;
  doc.setLineDashPattern(shape.pen.dash ? [1.2, 0.8] : [], 0);
  all.slice(1).forEach((p, i) => doc.line(x(all[i]!.x), y(all[i]!.y), x(p.x), y(p.y)));
  doc.setLineDashPattern([], 0);
}

/**
 * Draws on a sheet with the upper left corner of the drawing at a place, mm.
 * @param scale mm per metre.
 */
export function drawInto(
  doc: jsPDF,
  drawing: Drawing,
  at: { readonly x: number; readonly y: number },
  scale: number,
): void {
  const box = boundsOf(drawing);
  // Sizes of texts and lines are in ninety-sixths of an inch at the drawing's own scale.
  const units = scale / drawing.scale;
  const onto: Onto = {
    x: (m) => at.x + (m - box.x0) * scale,
    y: (m) => at.y + (box.y1 - m) * scale,
    scale,
    units,
  };
  for (const shape of plain(drawing).shapes) {
    doc.setLineWidth(Math.max(0.08, (shape.kind === 'text' ? 0.5 : (shape.pen?.width ?? 0.5)) * units));
    doc.setDrawColor(shape.kind === 'text' ? '#000000' : paperInks[shape.pen?.ink ?? 'ink']);
    if (shape.kind === 'text') textInto(doc, shape, onto);
    else if (shape.kind === 'circle') {
      if (shape.fill) doc.setFillColor(paperInks[shape.fill]);
      doc.circle(onto.x(shape.centre.x), onto.y(shape.centre.y), shape.radius * scale, shape.pen ? 'S' : 'F');
    } else outlineInto(doc, shape, onto);
  }
  doc.setTextColor('#000000');
  doc.setDrawColor('#000000');
}

/** Figures of a title block, by name. */
export type Block = readonly (readonly [name: string, value: string])[];

/** The block of a shop drawing, in rows of three. */
export function titleBlock(doc: jsPDF, block: Block, x: number, y: number, width: number): number {
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
