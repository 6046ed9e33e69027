import { flattened } from './arc';
import {
  type Dimension,
  type Drawing,
  type Hatch,
  type Hole,
  line,
  outline,
  type Pen,
  type Plain,
} from './shapes';
import type { Point, Shape } from './shapes';
import { ASCENT, DESCENT, textWidth } from './text';

/** Sizes of the drawing office, in paper units. */
const ARROW = { long: 6, half: 2 };
const BEYOND = 5;
const FIGURE = 11.5;
const GAP = 4;
const thin: Pen = { ink: 'ink', width: 0.8 };
const extension: Pen = { ink: 'soft', width: 0.6 };

/** An arrow's head: its point, and the way it points along x or y. */
function head(layer: string, at: Point, way: Point, k: number): Plain {
  const back = { x: at.x - way.x * ARROW.long * k, y: at.y - way.y * ARROW.long * k };
  const [sx, sy] = [-way.y * ARROW.half * k, way.x * ARROW.half * k];
  return outline(layer, [at, { x: back.x + sx, y: back.y + sy }, { x: back.x - sx, y: back.y - sy }], {
    fill: 'ink',
  });
}

/**
 * A dimension in lines, arrows and its figure. The figure stands in the line, which is parted for it; where
 * there is no room it stands beside, and the arrows point inward from outside.
 */
function dimensionShapes(d: Dimension, scale: number): Plain[] {
  const k = 1 / scale;
  const flat = d.along === 'x';
  const [low, high] = [flat ? d.from.x : d.from.y, flat ? d.to.x : d.to.y].sort((a, b) => a - b) as [
    number,
    number,
  ];
  /** A point by its place along the dimension and its place across it. */
  const at = (along: number, across: number): Point =>
    flat ? { x: along, y: across } : { x: across, y: along };
  const way = (sign: 1 | -1): Point => at(sign, 0);
  const width = textWidth(d.text, FIGURE) * k;
  const tall = FIGURE * k;
  const room = (flat ? width : tall) + 2 * GAP * k;
  const fits = high - low > room + 2.5 * ARROW.long * k;
  const middle = fits ? (low + high) / 2 : high + ARROW.long * 2.5 * k + (flat ? width : tall) / 2;
  const ends = [d.from, d.to].map((from) => {
    const [along, across] = flat ? [from.x, from.y] : [from.y, from.x];
    const beyond = d.line + Math.sign(d.line - across) * BEYOND * k;
    return line(d.layer, at(along, across), at(along, beyond), { pen: extension });
  });
  const stroke = (a: number, b: number) => line(d.layer, at(a, d.line), at(b, d.line), { pen: thin });
  const strokes = fits
    ? [stroke(low, middle - room / 2), stroke(middle + room / 2, high)]
    : [stroke(low - ARROW.long * 2 * k, low), stroke(high, high + ARROW.long * 2 * k)];
  const heads = fits
    ? [head(d.layer, at(low, d.line), way(-1), k), head(d.layer, at(high, d.line), way(1), k)]
    : [head(d.layer, at(low, d.line), way(1), k), head(d.layer, at(high, d.line), way(-1), k)];
  const base = ((ASCENT - DESCENT) / 2) * FIGURE * k;
  const place = at(middle, d.line);
  return [
    ...ends,
    ...strokes,
    ...heads,
    {
      kind: 'text',
      layer: d.layer,
      at: { x: place.x, y: place.y - base },
      text: d.text,
      size: FIGURE,
      anchor: 'middle',
      ink: 'ink',
      bold: true,
    },
  ];
}

/** Where a line crosses the edges of an outline, by even and odd: pairs of ways along it. */
function crossings(edge: readonly Point[], origin: Point, dir: Point): number[] {
  const across = (p: Point) => (p.x - origin.x) * -dir.y + (p.y - origin.y) * dir.x;
  const along = (p: Point) => (p.x - origin.x) * dir.x + (p.y - origin.y) * dir.y;
  const found: number[] = [];
  edge.forEach((a, i) => {
    const b = edge[(i + 1) % edge.length]!;
    const [p, q] = [across(a), across(b)];
    // An end that lies on the line belongs to one side only, so that a corner counts once.
    if (p < 0 === q < 0) return;
    found.push(along(a) + ((along(b) - along(a)) * -p) / (q - p));
  });
  return found.sort((a, b) => a - b);
}

function hatchShapes(h: Hatch, scale: number): Plain[] {
  const edge = flattened({ points: h.points, closed: true });
  const dir = { x: Math.cos(h.angle), y: Math.sin(h.angle) };
  const normal = { x: -dir.y, y: dir.x };
  const heights = edge.map((p) => p.x * normal.x + p.y * normal.y);
  const step = h.step / scale;
  const [low, high] = [Math.min(...heights), Math.max(...heights)];
  const lines: Plain[] = [];
  for (let n = Math.ceil(low / step); n * step < high; n++) {
    const origin = { x: normal.x * n * step, y: normal.y * n * step };
    const ways = crossings(edge, origin, dir);
    for (let i = 0; i + 1 < ways.length; i += 2) {
      const point = (way: number) => ({ x: origin.x + dir.x * way, y: origin.y + dir.y * way });
      lines.push(line(h.layer, point(ways[i]!), point(ways[i + 1]!), { pen: h.pen ?? extension }));
    }
  }
  return lines;
}

function holeShapes({ kind: _kind, centre, diameter, ...rest }: Hole): Plain[] {
  const reach = diameter * 0.7;
  const cross = { pen: extension };
  return [
    { kind: 'circle', centre, radius: diameter / 2, ...rest },
    line(rest.layer, { x: centre.x - reach, y: centre.y }, { x: centre.x + reach, y: centre.y }, cross),
    line(rest.layer, { x: centre.x, y: centre.y - reach }, { x: centre.x, y: centre.y + reach }, cross),
  ];
}

/** A shape in outlines, circles and texts. */
export function plainShapes(shape: Shape, scale: number): readonly Plain[] {
  switch (shape.kind) {
    case 'dimension':
      return dimensionShapes(shape, scale);
    case 'hatch':
      return hatchShapes(shape, scale);
    case 'hole':
      return holeShapes(shape);
    default:
      return [shape];
  }
}

/** A drawing of plain shapes alone: what screens and files put down. */
export const plain = ({ scale, shapes }: Drawing) => ({
  scale,
  shapes: shapes.flatMap((shape) => plainShapes(shape, scale)),
});
