import type { Point, Shape } from './shapes';

/** A point after a quarter turn to the right: what ran to the right runs down. */
export const quarterTurnPoint = <P extends Point>(p: P): P => ({ ...p, x: p.y, y: -p.x });
const turned = quarterTurnPoint;

/** A shape a quarter turn to the right about the origin. Texts stay level: they are read, not built. */
export function quarterTurn(shape: Shape): Shape {
  switch (shape.kind) {
    case 'outline':
      return { ...shape, points: shape.points.map(turned) };
    case 'circle':
    case 'hole':
      return { ...shape, centre: turned(shape.centre) };
    case 'hatch':
      return { ...shape, points: shape.points.map(turned), angle: shape.angle - Math.PI / 2 };
    case 'text':
      return { ...shape, at: turned(shape.at) };
    case 'dimension':
      return {
        ...shape,
        along: shape.along === 'x' ? 'y' : 'x',
        from: turned(shape.from),
        to: turned(shape.to),
        line: shape.along === 'x' ? shape.line : -shape.line,
      };
  }
}

/** A shape that stands so far to the right and up of where it stood. */
export function moved(shape: Shape, by: Point): Shape {
  const to = <P extends Point>(p: P): P => ({ ...p, x: p.x + by.x, y: p.y + by.y });
  switch (shape.kind) {
    case 'outline':
    case 'hatch':
      return { ...shape, points: shape.points.map(to) };
    case 'circle':
    case 'hole':
      return { ...shape, centre: to(shape.centre) };
    case 'text':
      return { ...shape, at: to(shape.at) };
    case 'dimension':
      return {
        ...shape,
        from: to(shape.from),
        to: to(shape.to),
        line: shape.line + (shape.along === 'x' ? by.y : by.x),
      };
  }
}

/** Points turned by any angle about the origin, counter-clockwise, and moved. */
export const placed = <P extends Point>(points: readonly P[], angle: number, by: Point): P[] =>
  points.map((p) => ({
    ...p,
    x: by.x + p.x * Math.cos(angle) - p.y * Math.sin(angle),
    y: by.y + p.x * Math.sin(angle) + p.y * Math.cos(angle),
  }));
