import type { Place } from '@/core/gcode';

/** How the path is seen. */
export type Sight = 'above' | 'slanted';

/** A number out of a place: a share of each of X, Y and Z, and what is added. */
type Row = readonly [number, number, number, number];

/** Where places are drawn in a picture, px; a plain sum, for paths have tens of thousands of corners. */
export interface Fitted {
  readonly right: Row;
  readonly down: Row;
  readonly width: number;
  readonly height: number;
}

const [COS, SIN] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)];

/**
 * To the right and down on the paper, in metres. From above X lies to the right and Y up; a machine that is
 * longer along Y lies on its side, Y to the right and X down: turned, and not mirrored. Slanted, all three
 * can be told apart (isometric).
 */
function drawn(sight: Sight, lying: boolean): readonly [Row, Row] {
  if (sight === 'above')
    return lying
      ? [
          [0, 1, 0, 0],
          [1, 0, 0, 0],
        ]
      : [
          [1, 0, 0, 0],
          [0, -1, 0, 0],
        ];
  return lying
    ? [
        [COS, COS, 0, 0],
        [SIN, -SIN, -1, 0],
      ]
    : [
        [COS, -COS, 0, 0],
        [-SIN, -SIN, -1, 0],
      ];
}

export const along = ([x, y, z, rest]: Row, a: number, b: number, c: number): number =>
  x * a + y * b + z * c + rest;

/** Where a place is drawn, px. */
export const drawnAt = ({ right, down }: Fitted, [x, y, z]: Place): readonly [number, number] => [
  along(right, x, y, z),
  along(down, x, y, z),
];

const PAD = 16;

/**
 * Fits places into a picture of a width.
 * @param places X, Y, Z one after the other, m. @param most height, px. @param lying longer along Y.
 */
export function fitted(
  places: ArrayLike<number>,
  sight: Sight,
  lying: boolean,
  width: number,
  most: number,
): Fitted {
  const [right, down] = drawn(sight, lying);
  let [left, far, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < places.length; i += 3) {
    const u = along(right, places[i]!, places[i + 1]!, places[i + 2]!);
    const v = along(down, places[i]!, places[i + 1]!, places[i + 2]!);
    [left, far] = [Math.min(left, u), Math.max(far, u)];
    [top, bottom] = [Math.min(top, v), Math.max(bottom, v)];
  }
  const wide = Math.max(far - left, 1e-6);
  const high = Math.max(bottom - top, 1e-6);
  const scale = Math.min((width - 2 * PAD) / wide, (most - 2 * PAD) / high);
  const scaled = ([x, y, z]: Row, rest: number): Row => [x * scale, y * scale, z * scale, rest];
  return {
    right: scaled(right, (width - scale * wide) / 2 - left * scale),
    down: scaled(down, PAD - top * scale),
    width,
    height: scale * high + 2 * PAD,
  };
}

/** Ways to the right and down of each axis, as long as one. */
export function waysOf({ right, down }: Fitted): readonly (readonly [number, number])[] {
  const scale = Math.max(...[0, 1, 2].map((i) => Math.hypot(right[i as 0 | 1 | 2], down[i as 0 | 1 | 2])));
  return ([0, 1, 2] as const).map((i) => [right[i] / scale, down[i] / scale]);
}
