/** A place on the drawing: metres, x to the right, y up. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/**
 * A corner of an outline. `bulge` makes an arc of the way to the next corner: the tangent of a quarter of the
 * angle that it turns, counter-clockwise positive; 1 is half a circle.
 */
export interface Vertex extends Point {
  readonly bulge?: number;
}

/** Colours by what they are for; what paints decides what they look like. */
export type Ink =
  'ink' | 'soft' | 'panel' | 'steel' | 'blue' | 'blueWash' | 'amber' | 'amberWash' | 'red' | 'green';

/** How lines are broken. */
export type Dash = 'dashed' | 'dotted' | 'links' | 'teeth';

/** A line: its colour, its width in paper units (a ninety-sixth of an inch), how it is broken. */
export interface Pen {
  readonly ink: Ink;
  readonly width: number;
  readonly dash?: Dash;
}

interface Common {
  /** What the shape belongs to; drawings are put out by layers. */
  readonly layer: string;
  readonly pen?: Pen;
  readonly fill?: Ink;
  /** 0 to 1. */
  readonly opacity?: number;
  /** Says in words what the shape is, to those who point at it. */
  readonly title?: string;
}

/** Corners joined by lines and arcs, open or closed. */
export interface Outline extends Common {
  readonly kind: 'outline';
  readonly points: readonly Vertex[];
  readonly closed: boolean;
}
export interface Circle extends Common {
  readonly kind: 'circle';
  readonly centre: Point;
  readonly radius: number;
}
/** A hole to be made, with the cross that marks its middle. */
export interface Hole extends Common {
  readonly kind: 'hole';
  readonly centre: Point;
  readonly diameter: number;
}
/** Parallel lines that fill an outline; `step` in paper units, `angle` in radians. */
export interface Hatch extends Common {
  readonly kind: 'hatch';
  readonly points: readonly Vertex[];
  readonly angle: number;
  readonly step: number;
}
/** A line of text; `size` in paper units, `at` on its base line. */
export interface Text extends Common {
  readonly kind: 'text';
  readonly at: Point;
  readonly text: string;
  readonly size: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly ink: Ink;
  readonly bold?: boolean;
}
/**
 * A dimension between two points, measured along x or along y. `line` is where the dimension line stands: its
 * y for one along x, its x for one along y.
 */
export interface Dimension extends Common {
  readonly kind: 'dimension';
  readonly along: 'x' | 'y';
  readonly from: Point;
  readonly to: Point;
  readonly line: number;
  readonly text: string;
}

export type Shape = Outline | Circle | Hole | Hatch | Text | Dimension;
/** What every way out knows how to put down. */
export type Plain = Outline | Circle | Text;

/** A drawing: what is on it, later shapes over earlier ones, and how many paper units a metre takes. */
export interface Drawing {
  readonly scale: number;
  readonly shapes: readonly Shape[];
}

type Look = Omit<Common, 'layer'>;

export const outline = (layer: string, points: readonly Vertex[], look: Look): Outline => ({
  kind: 'outline',
  layer,
  points,
  closed: true,
  ...look,
});
export const polyline = (layer: string, points: readonly Vertex[], look: Look): Outline => ({
  ...outline(layer, points, look),
  closed: false,
});
export const line = (layer: string, from: Point, to: Point, look: Look): Outline =>
  polyline(layer, [from, to], look);
/** A rectangle by its lower left corner. */
export const rect = (
  layer: string,
  x: number,
  y: number,
  width: number,
  height: number,
  look: Look,
): Outline =>
  outline(
    layer,
    [
      { x, y },
      { x: x + width, y },
      { x: x + width, y: y + height },
      { x, y: y + height },
    ],
    look,
  );
/** A rectangle by its middle. */
export const block = (layer: string, middle: Point, width: number, height: number, look: Look): Outline =>
  rect(layer, middle.x - width / 2, middle.y - height / 2, width, height, look);
export const circle = (layer: string, centre: Point, radius: number, look: Look): Circle => ({
  kind: 'circle',
  layer,
  centre,
  radius,
  ...look,
});
/** Two parallel lines closed by half circles, about two middles: a belt over two equal pulleys, a rod. */
export function slot(layer: string, from: Point, to: Point, radius: number, look: Look): Outline {
  const angle = Math.atan2(to.y - from.y, to.x - from.x);
  const [dx, dy] = [-radius * Math.sin(angle), radius * Math.cos(angle)];
  return outline(
    layer,
    [
      { x: from.x - dx, y: from.y - dy },
      { x: to.x - dx, y: to.y - dy, bulge: 1 },
      { x: to.x + dx, y: to.y + dy },
      { x: from.x + dx, y: from.y + dy, bulge: 1 },
    ],
    look,
  );
}
const BOW_PIECES = 24;
/** A parabola over a span, `rise` high in its middle, measured across the line from end to end. */
export function bow(layer: string, from: Point, to: Point, rise: number, look: Look): Outline {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const [nx, ny] = [-(to.y - from.y) / length, (to.x - from.x) / length];
  const points = Array.from({ length: BOW_PIECES + 1 }, (_, i) => {
    const u = i / BOW_PIECES;
    const h = 4 * rise * u * (1 - u);
    return { x: from.x + u * (to.x - from.x) + h * nx, y: from.y + u * (to.y - from.y) + h * ny };
  });
  return polyline(layer, points, look);
}
