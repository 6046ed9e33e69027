/** Along the bed, along the beam, and up. */
export type Place3 = readonly [x: number, y: number, z: number];
/** One of the three directions of a machine, by its place in a `Place3`. */
export type Way = 0 | 1 | 2;

/** What a piece of the picture is. */
export const pieces = [
  'bed',
  'support',
  'table',
  'column',
  'beam',
  'prop',
  'plate',
  'tool',
  'rail',
  'carriage',
  'screw',
  'rack',
  'belt',
  'wheel',
  'nut',
  'block',
  'motor',
  'coupling',
  'cable',
] as const;
export type Piece = (typeof pieces)[number];

/** Where a piece is planned: of which axis, if it is of one, and what of it; a plate by its id. */
export interface PlannedAt {
  readonly axisId: string | null;
  readonly part: 'structure' | 'area' | 'guide' | 'drive' | 'motor' | 'coupling' | 'plate' | 'cable' | 'tool';
  readonly id?: string;
}

/** A round hole through a piece: from its middle along the two directions across the hole, m. */
export interface SceneHole {
  /** As on the drawing of its plate: `B7`. */
  readonly label: string;
  readonly at: Place3;
  readonly diameter: number;
  /** No screw, pin or part stands in it: a tool may go through. */
  readonly open: boolean;
}

/** A piece of the machine, m: x along the bed, y along the beam, z up from the bed's top. */
export interface SceneBox {
  readonly id: string;
  readonly what: Piece;
  /** Middle with every axis at the start of its travel, and full sizes. */
  readonly at: Place3;
  readonly size: Place3;
  /** The direction of its axis, where it is round. */
  readonly round: Way | null;
  /** Axes that move it, and those that move it by half: the bow of a cable chain. */
  readonly rides: readonly string[];
  readonly half: readonly string[];
  readonly planned: PlannedAt;
  /** A size or place of it is only usual: nobody has said it. */
  readonly usual: boolean;
  /** Holes through it, all along one direction; its front looks that way or the other. */
  readonly holes: { readonly way: Way; readonly front: 1 | -1; readonly list: readonly SceneHole[] } | null;
}

/** A machine piece by piece, and how its axes move them. */
export interface Scene {
  readonly boxes: readonly SceneBox[];
  /** Direction and travel of every axis that moves something. */
  readonly moves: readonly {
    readonly axisId: string;
    readonly name: string;
    readonly letter: string;
    readonly way: Place3;
    readonly travel: number;
  }[];
  /** No structure is planned: its sizes are guessed from the travels. */
  readonly guessed: boolean;
}

type Given = Pick<SceneBox, 'id' | 'what' | 'at' | 'size' | 'planned'> & Partial<SceneBox>;

/** A piece; what is not given of it is as of a plain box that stands still. */
export const piece = (given: Given): SceneBox => ({
  round: null,
  rides: [],
  half: [],
  usual: false,
  holes: null,
  ...given,
});
