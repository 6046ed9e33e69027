/** A place or a way along X, Y and Z, m. */
export type Place = readonly [number, number, number];

/** An arc or a helix: an angle swept in a plane, evenly with what goes along its third axis. */
export interface Arc {
  /** Axes of the plane and the one across it: 0 to 2 for X to Z. */
  readonly a: 0 | 1 | 2;
  readonly b: 0 | 1 | 2;
  readonly c: 0 | 1 | 2;
  /** Centre along both axes of the plane, m. */
  readonly centre: readonly [number, number];
  /** Radius at the beginning and at the end, m: files round, and it goes evenly with the angle. */
  readonly radius: number;
  readonly last: number;
  /** Where it begins, and how far it turns, rad; counter-clockwise from `a` towards `b` is positive. */
  readonly start: number;
  readonly sweep: number;
}

/** How the end of a move is run through: as the machine is set, exactly, or by so much to the side. */
export type PathMode =
  | { readonly kind: 'set' }
  | { readonly kind: 'exact' }
  | { readonly kind: 'blend'; readonly by: number | null };

/** One move of the tool in coordinates of the machine. SI. */
export interface Motion {
  /** Of the file, from 1. */
  readonly line: number;
  readonly rapid: boolean;
  readonly from: Place;
  readonly to: Place;
  readonly arc: Arc | null;
  /** Along the path, m; above 0. */
  readonly length: number;
  /** Along the path, m/s; Infinity: as fast as the axes go. */
  readonly speed: number;
  /** Whether spindle, torch or pen is switched on, and what S asks, rad/s; 0: nothing was said. */
  readonly on: boolean;
  readonly spindle: number;
  readonly path: PathMode;
  /** A drill cycle made it. */
  readonly cycle: boolean;
  /** It ends at a place of the machine itself (G28, G30, G53), wherever the work lies. */
  readonly own: boolean;
}

/** What a program does beside moving. */
export type Act =
  | { readonly does: 'dwell'; readonly line: number; readonly time: number }
  | { readonly does: 'spindle'; readonly line: number; readonly on: boolean; readonly speed: number }
  | { readonly does: 'tool'; readonly line: number; readonly tool: number; readonly time: number }
  /** Stands until somebody presses start; `end`: the program is over. */
  | { readonly does: 'stop'; readonly line: number; readonly end: boolean };

/** Is told what a program does, in its order. */
export interface Sink {
  readonly move: (motion: Motion) => void;
  readonly act: (act: Act) => void;
}

/** Where an arc is at a share of its way, 0 to 1. */
export function arcPlace({ from, to }: Pick<Motion, 'from' | 'to'>, arc: Arc, share: number): Place {
  const { a, b, c, centre, radius, last, start, sweep } = arc;
  const angle = start + sweep * share;
  const r = radius + (last - radius) * share;
  const place: [number, number, number] = [0, 0, 0];
  place[a] = centre[0] + r * Math.cos(angle);
  place[b] = centre[1] + r * Math.sin(angle);
  place[c] = from[c] + (to[c] - from[c]) * share;
  return place;
}

/** Shares of an arc's way at which it is farthest along one of its axes, within it, in their order. */
export function quadrantsOf({ start, sweep }: Arc): number[] {
  const shares: number[] = [];
  const quarter = Math.PI / 2;
  const [low, high] = sweep > 0 ? [start, start + sweep] : [start + sweep, start];
  for (let k = Math.ceil(low / quarter); k * quarter < high; k++) {
    const share = (k * quarter - start) / sweep;
    if (share > 0 && share < 1) shares.push(share);
  }
  return sweep > 0 ? shares : shares.reverse();
}

/** Unit vector along a move at its beginning (share 0) or its end (1). */
export function wayAt(motion: Pick<Motion, 'from' | 'to' | 'arc'>, share: number): Place {
  const { from, to, arc } = motion;
  const way: [number, number, number] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  if (arc) {
    const angle = arc.start + arc.sweep * share;
    const r = arc.radius + (arc.last - arc.radius) * share;
    const out = arc.last - arc.radius;
    way[arc.a] = out * Math.cos(angle) - r * arc.sweep * Math.sin(angle);
    way[arc.b] = out * Math.sin(angle) + r * arc.sweep * Math.cos(angle);
  }
  const size = Math.hypot(way[0], way[1], way[2]) || 1;
  return [way[0] / size, way[1] / size, way[2] / size];
}
