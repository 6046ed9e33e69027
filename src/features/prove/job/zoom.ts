import type { Fitted } from './projection';

/** How near a picture is looked at, and the point of the whole picture that stands in its middle, px. */
export interface Zoom {
  readonly factor: number;
  readonly x: number;
  readonly y: number;
}

export const NEAREST = 256;

export const wholeOf = ({ width, height }: Fitted): Zoom => ({ factor: 1, x: width / 2, y: height / 2 });

/**
 * The same picture from nearer: a path is drawn anew for it, with the corners that can then be told apart.
 */
export function zoomed(fit: Fitted, { factor, x, y }: Zoom): Fitted {
  const { right, down, width, height } = fit;
  const nearer = ([a, b, c, rest]: Fitted['right'], middle: number, half: number): Fitted['right'] => [
    a * factor,
    b * factor,
    c * factor,
    (rest - middle) * factor + half,
  ];
  return { ...fit, right: nearer(right, x, width / 2), down: nearer(down, y, height / 2) };
}

/** A point of the zoomed picture in the whole one, px. */
export const unzoomed = ({ width, height }: Fitted, { factor, x, y }: Zoom, at: readonly [number, number]) =>
  [(at[0] - width / 2) / factor + x, (at[1] - height / 2) / factor + y] as const;

/** Nearer or farther by a factor about a point of the whole picture; the middle stays within the picture. */
export function zoomedBy(fit: Fitted, zoom: Zoom, by: number, about: readonly [number, number]): Zoom {
  const factor = Math.min(NEAREST, Math.max(1, zoom.factor * by));
  const keep = zoom.factor / factor;
  return within(fit, {
    factor,
    x: about[0] + (zoom.x - about[0]) * keep,
    y: about[1] + (zoom.y - about[1]) * keep,
  });
}

/** No part of the view lies outside the whole picture. */
export function within({ width, height }: Fitted, { factor, x, y }: Zoom): Zoom {
  const [u, v] = [width / 2 / factor, height / 2 / factor];
  return {
    factor,
    x: Math.min(width - u, Math.max(u, x)),
    y: Math.min(height - v, Math.max(v, y)),
  };
}

/** Whether a point of a picture can be seen in it. */
export const isSeen = ({ width, height }: Fitted, [x, y]: readonly [number, number]): boolean =>
  x >= 0 && y >= 0 && x <= width && y <= height;
