import type { Place } from '@/core/fit';
import type { Axis, PlateInput } from '@/core/model';
import type { Mounts } from './mounts';

/** A plate along the travel, across it, and how thick it is; m. */
export interface Sized {
  readonly along: number;
  readonly across: number;
  readonly thickness: number | null;
}

const UP_TO = 1e-3;
const upTo = (m: number) => Math.ceil(m / UP_TO - 1e-6) * UP_TO;

/** As large as the parts want it: the span of the carriages along, rails and a carriage across. */
export function sizeOf(axis: Axis, mounts: Mounts, input: PlateInput): Sized {
  const { guide } = axis;
  const thickness = input.thickness?.si ?? guide.plate?.thickness.si ?? null;
  const face = mounts.face?.frame ?? 0.06;
  const block = mounts.block?.width ?? 0.06;
  const carriage = mounts.carriage?.width ?? 0.04;
  const wanted: Record<PlateInput['kind'], readonly [number, number]> = {
    carriage: [
      guide.carriageSpan?.si ?? guide.carriageLength?.si ?? 0.1,
      (guide.rails.si > 1 ? (guide.spacing?.si ?? 0.1) : 0) + carriage,
    ],
    motor: [face + 0.02, face + 0.02],
    end: [block + 0.02, Math.max(block, face) + 0.02],
    own: [0.1, 0.1],
  };
  const [along, across] = wanted[input.kind];
  return {
    along: input.along?.si ?? upTo(along),
    across: input.across?.si ?? upTo(across),
    thickness,
  };
}

/** Pieces of a turn that an arc of an outline is cut into for the checks. */
const PIECES = 12;

/** An outline without arcs: the rectangle, or what was drawn elsewhere. */
export function outlineOf({ outline }: PlateInput, { along, across }: Sized): readonly Place[] {
  if (outline.length < 3)
    return [
      { x: 0, y: 0 },
      { x: along, y: 0 },
      { x: along, y: across },
      { x: 0, y: across },
    ];
  return outline.flatMap((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    if (!a.bulge) return [{ x: a.x, y: a.y }];
    // Middle of the arc from the bulge: a quarter of the angle is its arc tangent.
    const angle = 4 * Math.atan(a.bulge);
    const half = { x: (b.x - a.x) / 2, y: (b.y - a.y) / 2 };
    const cot = 1 / Math.tan(angle / 2);
    const centre = { x: a.x + half.x - half.y * cot, y: a.y + half.y + half.x * cot };
    const [dx, dy] = [a.x - centre.x, a.y - centre.y];
    return Array.from({ length: PIECES }, (_, n) => {
      const t = (angle * n) / PIECES;
      return {
        x: centre.x + dx * Math.cos(t) - dy * Math.sin(t),
        y: centre.y + dx * Math.sin(t) + dy * Math.cos(t),
      };
    });
  });
}
