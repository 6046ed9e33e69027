import { type Box, shapeBox, union } from './box';
import { plainShapes } from './plain';
import type { Dimension, Point, Shape } from './shapes';
import { textWidth } from './text';

/** A dimension that is wanted, outside of all that is drawn. */
export interface Wanted {
  readonly layer: string;
  readonly along: 'x' | 'y';
  /** On the side of larger or of smaller figures. */
  readonly side: 1 | -1;
  readonly from: Point;
  readonly to: Point;
  readonly text: string;
}

/**
 * Paper units: half a row for level dimensions, air beside the figure of upright ones, and to the drawing.
 */
const HALF_ROW = 10;
const FIGURE = 11.5;
const AIR = 6;

/**
 * Puts dimensions in rows outside of a drawing, the first wanted nearest to it. A row never touches the one
 * before it: level ones are a line of text apart, upright ones as far as their figures are wide.
 */
export function dimensionRows(
  shapes: readonly Shape[],
  wanted: readonly Wanted[],
  scale: number,
): Dimension[] {
  const k = 1 / scale;
  let ground: Box = union(
    shapes.flatMap((shape) => plainShapes(shape, scale)).map((shape) => shapeBox(shape, scale)),
  );
  return wanted.map(({ side, ...rest }) => {
    const half = (rest.along === 'x' ? HALF_ROW : AIR + textWidth(rest.text, FIGURE) / 2) * k;
    const edge = rest.along === 'x' ? (side > 0 ? ground.y1 : ground.y0) : side > 0 ? ground.x1 : ground.x0;
    const placed: Dimension = { kind: 'dimension', ...rest, line: edge + side * half };
    const boxes = plainShapes(placed, scale).map((shape) => shapeBox(shape, scale));
    ground = union([ground, ...boxes]);
    return placed;
  });
}
