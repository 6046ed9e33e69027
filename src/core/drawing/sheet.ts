import { boundsOf, grown } from './box';
import type { Drawing } from './shapes';

/** How a drawing lies on its sheet: paper units, y down, the origin at the upper left of the ground. */
export interface Sheet {
  readonly width: number;
  readonly height: number;
  readonly x: (m: number) => number;
  readonly y: (m: number) => number;
}

/** Air about a drawing, paper units. */
const EDGE = 8;

/** The sheet that holds all of a drawing. @param least size that it has at least, paper units. */
export function sheetOf(drawing: Drawing, least = { width: 0, height: 0 }): Sheet {
  const { scale } = drawing;
  const box = grown(boundsOf(drawing), EDGE / scale);
  const width = Math.max(least.width, (box.x1 - box.x0) * scale);
  const height = Math.max(least.height, (box.y1 - box.y0) * scale);
  const left = (width - (box.x1 - box.x0) * scale) / 2;
  const top = (height - (box.y1 - box.y0) * scale) / 2;
  return {
    width,
    height,
    x: (m) => left + (m - box.x0) * scale,
    y: (m) => top + (box.y1 - m) * scale,
  };
}
