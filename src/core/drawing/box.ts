import { flattened } from './arc';
import { plain } from './plain';
import type { Drawing, Plain, Point, Text } from './shapes';
import { ASCENT, DESCENT, textWidth } from './text';

/** A rectangle that stands square, m. */
export interface Box {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
}

// Asked for every shape of a drawing, several times a keystroke: plain loops, nothing made on the way.
export function boxOf(points: readonly Point[]): Box {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const { x, y } of points) {
    if (x < x0) x0 = x;
    if (x > x1) x1 = x;
    if (y < y0) y0 = y;
    if (y > y1) y1 = y;
  }
  return { x0, y0, x1, y1 };
}
export function union(boxes: readonly Box[]): Box {
  let [x0, y0, x1, y1] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const b of boxes) {
    if (b.x0 < x0) x0 = b.x0;
    if (b.x1 > x1) x1 = b.x1;
    if (b.y0 < y0) y0 = b.y0;
    if (b.y1 > y1) y1 = b.y1;
  }
  return { x0, y0, x1, y1 };
}
export const grown = (b: Box, by: number): Box => ({
  x0: b.x0 - by,
  y0: b.y0 - by,
  x1: b.x1 + by,
  y1: b.y1 + by,
});
/** Whether two boxes share more than an edge. */
export const overlap = (a: Box, b: Box): boolean => a.x0 < b.x1 && b.x0 < a.x1 && a.y0 < b.y1 && b.y0 < a.y1;
export const inside = (a: Box, b: Box): boolean =>
  a.x0 >= b.x0 && a.x1 <= b.x1 && a.y0 >= b.y0 && a.y1 <= b.y1;

/** The ground that a line of text takes. @param scale paper units per metre. */
export function textBox({ at, text, size, anchor }: Text, scale: number): Box {
  const width = textWidth(text, size) / scale;
  const x0 = at.x - { start: 0, middle: width / 2, end: width }[anchor];
  return {
    x0,
    x1: x0 + width,
    y0: at.y - (DESCENT * size) / scale,
    y1: at.y + (ASCENT * size) / scale,
  };
}

/** The ground that a shape takes, half of its line's width included. */
export function shapeBox(shape: Plain, scale: number): Box {
  if (shape.kind === 'text') return textBox(shape, scale);
  const half = (shape.pen?.width ?? 0) / 2 / scale;
  if (shape.kind === 'outline') return grown(boxOf(flattened(shape)), half);
  const { centre, radius } = shape;
  return grown({ x0: centre.x, y0: centre.y, x1: centre.x, y1: centre.y }, radius + half);
}

/** The ground of a whole drawing, its texts included. */
export const boundsOf = (drawing: Drawing): Box =>
  union(plain(drawing).shapes.map((shape) => shapeBox(shape, drawing.scale)));

/** The ground of a drawing in true size: what its lines lead along, without their widths. */
export const trueBounds = (drawing: Drawing): Box =>
  union(
    plain(drawing).shapes.map((shape) => {
      const half = shape.kind === 'text' ? 0 : (shape.pen?.width ?? 0) / 2 / drawing.scale;
      return grown(shapeBox(shape, drawing.scale), -half);
    }),
  );
