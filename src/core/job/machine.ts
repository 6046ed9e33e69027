import type { Place } from '@/core/gcode';

/** What a move asks of the axes, X to Z, and what they can; SI. */
export interface Limits {
  /** Top speed of each, m/s. */
  readonly speed: Place;
  readonly acceleration: Place;
  /** m/s³; Infinity: none is kept to. */
  readonly jerk: Place;
}

/** How a controller takes the corners between moves. */
export type Cornering =
  /** As if it ran round the corner on an arc that leaves it by so much, m. */
  | { readonly kind: 'deviation'; readonly by: number }
  /** One move begins before the other has ended: the corner is cut by so much, m. */
  | { readonly kind: 'overlap'; readonly by: number }
  /** No axis changes its speed by more than so much at once, m/s. */
  | { readonly kind: 'jump'; readonly by: Place }
  | { readonly kind: 'stop' };

/** How a controller plans. */
export interface Planning {
  readonly cornering: Cornering;
  /** Moves that it sees ahead, the one in hand counted in. */
  readonly window: number;
  /** Moves a second that it takes in. */
  readonly pace: number;
  /** Arcs are cut into chords that leave them by so much, m; 0: they are run as arcs. */
  readonly chord: number;
  /** Whether rapids bend: each axis at its own speed until it is there. */
  readonly bent: boolean;
  /** Whether speed and turning may not use the acceleration of an axis together on an arc. */
  readonly shared: boolean;
}
