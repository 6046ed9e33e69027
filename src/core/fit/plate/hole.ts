import type { Place } from './pattern';

/** From which face a hole is drilled, or on which one a part lies. */
export type Face = 'front' | 'back';

/** One hole of a plate; lengths in m. */
export interface PlateHole extends Place {
  /** Letter of its group and its number in it: `B7`. */
  readonly label: string;
  readonly group: string;
  /** As drilled: of a thread its tap drill. */
  readonly diameter: number;
  /** Null: through. */
  readonly depth: number | null;
  readonly thread: string | null;
  readonly face: Face;
  /** Where the head sinks in. */
  readonly bore: { readonly diameter: number; readonly depth: number } | null;
  /** Angle of a countersink, rad, and its width at the face. */
  readonly sink: { readonly diameter: number; readonly angle: number } | null;
  /** Whether it is reamed for a dowel. */
  readonly reamed: boolean;
}

/** What lies on a face of a plate and hides what is under it. */
export interface Footprint {
  readonly group: string;
  readonly face: Face;
  readonly middle: Place;
  readonly along: number;
  readonly across: number;
}

/** The width that a hole takes at its face: head, sink or itself. */
export const widthAtFace = ({ bore, sink, diameter }: PlateHole): number =>
  bore?.diameter ?? sink?.diameter ?? diameter;

/** The same hole on the mirror image of its plate: what was left is right, faces are kept. */
export const mirroredHole = (hole: PlateHole, along: number): PlateHole => ({ ...hole, x: along - hole.x });

const NEAR = 1e-7;

/** A plain hole that goes through looks alike from both faces. */
const sided = ({ depth, bore, sink }: PlateHole) => depth !== null || bore !== null || sink !== null;

const sameHole = (a: PlateHole, b: PlateHole): boolean =>
  Math.abs(a.x - b.x) < NEAR &&
  Math.abs(a.y - b.y) < NEAR &&
  Math.abs(a.diameter - b.diameter) < NEAR &&
  a.depth === b.depth &&
  a.thread === b.thread &&
  (a.face === b.face || !sided(a)) &&
  a.bore?.depth === b.bore?.depth &&
  a.sink?.angle === b.sink?.angle;

const other: Record<Face, Face> = { front: 'back', back: 'front' };

/** How a plate may be laid so that its outline stays: as it is, half a turn, turned over either way. */
const placings = (along: number, across: number): readonly ((h: PlateHole) => PlateHole)[] => [
  (h) => h,
  (h) => ({ ...h, x: along - h.x, y: across - h.y }),
  (h) => ({ ...h, x: along - h.x, face: other[h.face] }),
  (h) => ({ ...h, y: across - h.y, face: other[h.face] }),
];

/**
 * Whether one drawing serves for the plate and its mirror image: in some placing that keeps the outline the
 * mirrored holes are the plate's own, faces and threads with them. Otherwise left and right are two parts.
 */
export function servesMirrored(holes: readonly PlateHole[], along: number, across: number): boolean {
  const mirrored = holes.map((h) => mirroredHole(h, along));
  return placings(along, across).some((place) =>
    mirrored.every((m) => holes.some((h) => sameHole(place(m), h))),
  );
}
