import { type Label, placeLabels, takenBy } from './labels';
import { plainShapes } from './plain';
import { dimensionRows, type Wanted } from './rows';
import type { Drawing, Shape } from './shapes';
import { quarterTurn, quarterTurnPoint } from './turn';

/** A drawing before its dimensions and labels have a place. */
export interface Parts {
  readonly shapes: readonly Shape[];
  readonly labels: readonly Label[];
  readonly dimensions: readonly Wanted[];
}

/** Parts one over the other. */
export const joined = (...parts: readonly Partial<Parts>[]): Parts => ({
  shapes: parts.flatMap((p) => p.shapes ?? []),
  labels: parts.flatMap((p) => p.labels ?? []),
  dimensions: parts.flatMap((p) => p.dimensions ?? []),
});

/** Parts a quarter turn to the right. */
export const turnedParts = ({ shapes, labels, dimensions }: Parts): Parts => ({
  shapes: shapes.map(quarterTurn),
  labels: labels.map((l) => ({ ...l, at: quarterTurnPoint(l.at) })),
  dimensions: dimensions.map((d) => ({
    ...d,
    along: d.along === 'x' ? ('y' as const) : ('x' as const),
    side: d.along === 'x' ? d.side : (-d.side as 1 | -1),
    from: quarterTurnPoint(d.from),
    to: quarterTurnPoint(d.to),
  })),
});

/**
 * A drawing out of its parts: dimensions in rows outside, labels clear of everything and of one another.
 * @param scale paper units per metre.
 */
export function composed({ shapes, labels, dimensions }: Parts, scale: number): Drawing {
  const dimensioned = [...shapes, ...dimensionRows(shapes, dimensions, scale)];
  const taken = takenBy(
    dimensioned.flatMap((shape) => plainShapes(shape, scale)),
    scale,
  );
  return { scale, shapes: [...dimensioned, ...placeLabels(labels, taken, scale)] };
}
