import { arcOf } from './arc';
import type { Sheet } from './sheet';
import type { Dash, Outline, Plain } from './shapes';

/** Lengths of strokes and gaps, in widths of nothing: paper units. */
export const dashes: Record<Dash, string> = {
  dashed: '4 3',
  dotted: '2 3',
  links: '4 1.5',
  teeth: '1.5 2.5',
};

/** A figure as it is written: hundredths of a paper unit are finer than any eye. */
export const figure = (v: number) => String(Number(v.toFixed(2)));

/** An outline as path data. */
export function pathData(
  { points, closed }: Outline,
  { x, y }: Pick<Sheet, 'x' | 'y'>,
  scale: number,
): string {
  const [first] = points;
  if (!first) return '';
  const parts = [`M${figure(x(first.x))} ${figure(y(first.y))}`];
  const ways = closed ? points.length : points.length - 1;
  for (let i = 0; i < ways; i++) {
    const [from, to] = [points[i]!, points[(i + 1) % points.length]!];
    const arc = arcOf(from, to);
    const end = `${figure(x(to.x))} ${figure(y(to.y))}`;
    if (!arc) {
      parts.push(`L${end}`);
      continue;
    }
    const r = figure(arc.radius * scale);
    // y runs down on the sheet: counter-clockwise there is what SVG calls the negative way.
    parts.push(`A${r} ${r} 0 ${Math.abs(arc.sweep) > Math.PI ? 1 : 0} ${arc.sweep > 0 ? 0 : 1} ${end}`);
  }
  return parts.join('') + (closed ? 'Z' : '');
}

/** Whether two outlines are lines of one look that nothing tells apart: they may be put down as one path. */
const alike = (a: Plain, b: Plain): boolean =>
  a.kind === 'outline' &&
  b.kind === 'outline' &&
  !a.fill &&
  !b.fill &&
  !a.title &&
  !b.title &&
  a.layer === b.layer &&
  a.opacity === b.opacity &&
  a.pen?.ink === b.pen?.ink &&
  a.pen?.width === b.pen?.width &&
  a.pen?.dash === b.pen?.dash;

/**
 * Shapes in their order, with lines that follow one another and look alike gathered: the fewer, the quicker.
 */
export function gathered(shapes: readonly Plain[]): readonly (readonly Plain[])[] {
  const found: Plain[][] = [];
  for (const shape of shapes) {
    const last = found.at(-1);
    if (last && alike(last[0]!, shape)) last.push(shape);
    else found.push([shape]);
  }
  return found;
}
