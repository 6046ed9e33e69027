import { z } from 'zod';
import { materialIds } from '../bodies/section';
import { id, input, list, maybe, name, text } from '../input';

const spacing = () => maybe('length', { above: 0, max: 2 });
const where = () => input('length', { min: -2, max: 12 });

/** Holes about the middle of a part. */
const pattern = z.discriminatedUnion('kind', [
  /** At the corners of a rectangle: along the travel and across it. */
  z.strictObject({ kind: z.literal('rect'), along: spacing(), across: spacing() }),
  z.strictObject({
    kind: z.literal('circle'),
    circle: spacing(),
    count: input('count', { min: 1, max: 60, whole: true }),
    /** Of the first hole from the direction of the travel. */
    start: input('angle', { min: -7, max: 7 }),
  }),
  /** In a line along the travel. */
  z.strictObject({
    kind: z.literal('row'),
    pitch: spacing(),
    count: input('count', { min: 1, max: 60, whole: true }),
  }),
  z.strictObject({ kind: z.literal('single') }),
]);

/** Holes that join one kind of part, at each of its places. */
const plateGroup = z.strictObject({
  id,
  name,
  joins: z.enum(['carriages', 'rails', 'nut', 'motor', 'blocks', 'spindle', 'feet', 'own']),
  /** Id of the axis whose part it is, for one that rides on this plate; empty: this axis. */
  of: text(60),
  /** Null: that of the part. */
  pattern: pattern.nullable(),
  /** A hole in the middle of the part: pilot of a motor, body of a nut; null: that of the part. */
  bore: maybe('length', { above: 0, max: 1 }),
  /** Middles of the part from the corner of the two reference edges; none: where the model has it. */
  at: list(z.strictObject({ id, x: where(), y: where() }), 24),
  turned: z.enum(['no', 'quarter']),
  /** Holes as they were read on the part in hand. */
  hand: z.strictObject({ along: spacing(), across: spacing() }),
  way: z.enum(['clear', 'tapped', 'dowel', 'plain']),
  /** `M5`; empty: that of the part. */
  thread: text(12),
  clearance: z.enum(['fine', 'medium', 'coarse']),
  /** How the head sits: sunk in a counterbore, countersunk, on a washer, or flat on the plate. */
  head: z.enum(['counterbore', 'countersink', 'washer', 'flat']),
  /** From which face it is drilled. */
  face: z.enum(['front', 'back']),
  /** Depth of a blind hole; null: through. */
  depth: maybe('length', { above: 0, max: 0.3 }),
  /** Of a plain hole or a dowel. */
  diameter: maybe('length', { above: 0, max: 1 }),
  /** What the screw clamps beside the plate, and the thread that it finds there; null: of the part. */
  clamps: maybe('length', { min: 0, max: 0.3 }),
  partDepth: maybe('length', { above: 0, max: 0.3 }),
});

/** A corner of an outline that was drawn elsewhere, m; a bulge makes an arc of the way to the next. */
const corner = z.strictObject({
  x: z.number().min(-20).max(20),
  y: z.number().min(-20).max(20),
  bulge: z.number().min(-100).max(100),
});

/** A plate that carries what moves, holds a motor or an end block, or is the builder's own. */
export const plate = z.strictObject({
  id,
  name,
  kind: z.enum(['carriage', 'motor', 'end', 'own']),
  /** Null: that of the plate between the carriages. */
  thickness: maybe('length', { above: 0.0005, max: 0.3 }),
  material: z.enum(materialIds),
  /** Along the travel and across it; null: as its parts want it. */
  along: maybe('length', { above: 0.005, max: 5 }),
  across: maybe('length', { above: 0.005, max: 5 }),
  /** Empty: a rectangle. */
  outline: list(corner, 2000),
  made: z.enum(['drill', 'mill', 'laser', 'plasma', 'water']),
  groups: list(plateGroup, 24),
});

export type PlateInput = z.infer<typeof plate>;
export type PlateGroupInput = z.infer<typeof plateGroup>;
export type HolePattern = z.infer<typeof pattern>;
export type PlateKind = PlateInput['kind'];
export type Joins = PlateGroupInput['joins'];
