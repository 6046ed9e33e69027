import type { Place } from '@/core/gcode';

/** How the path is seen. */
export const sights = ['above', 'slanted'] as const;
export type Sight = (typeof sights)[number];

/** Where a place of the machine is drawn: to the right and up, in metres of the paper. */
export type Projected = readonly [number, number];

const [COS, SIN] = [Math.cos(Math.PI / 6), Math.sin(Math.PI / 6)];

/** What is drawn fits into a picture: places to its pixels. */
export interface Fitted {
  readonly at: (place: Place) => Projected;
  /** Ways to the right and up of one metre along X, Y and Z, as drawn. */
  readonly ways: readonly Projected[];
  readonly width: number;
  readonly height: number;
}

/**
 * Where a place is drawn. From above X lies to the right and Y up; a machine that is longer along Y lies on
 * its side, Y to the right and X down: turned, and not mirrored. Slanted, all three can be told apart
 * (isometric).
 */
function drawnAt(sight: Sight, lying: boolean): (place: Place) => Projected {
  const turned = ([x, y, z]: Place): Place => (lying ? [y, -x, z] : [x, y, z]);
  return (place) => {
    const [x, y, z] = turned(place);
    return sight === 'above' ? [x, y] : [(x - y) * COS, (x + y) * SIN + z];
  };
}

/** Fits some places into a picture of a width. @param most height, px. @param lying longer along Y. */
export function fitted(
  places: readonly Place[],
  sight: Sight,
  lying: boolean,
  width: number,
  most: number,
): Fitted {
  const drawn = drawnAt(sight, lying);
  let [low, high, down, up] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const place of places) {
    const [u, v] = drawn(place);
    [low, high] = [Math.min(low, u), Math.max(high, u)];
    [down, up] = [Math.min(down, v), Math.max(up, v)];
  }
  const pad = 16;
  const scale = Math.min(
    (width - 2 * pad) / Math.max(high - low, 1e-6),
    (most - 2 * pad) / Math.max(up - down, 1e-6),
  );
  const left = (width - scale * (high - low)) / 2;
  const [none, ...ones] = (
    [
      [0, 0, 0],
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const
  ).map(drawn);
  return {
    width,
    height: scale * (up - down) + 2 * pad,
    ways: ones.map(([u, v]) => [u - none![0], none![1] - v]),
    at: (place) => {
      const [u, v] = drawn(place);
      return [left + (u - low) * scale, pad + (up - v) * scale];
    },
  };
}
