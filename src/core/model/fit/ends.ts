import { z } from 'zod';
import { maybe } from '../input';

const along = (max: number) => maybe('length', { min: 0, max });
const pad = {
  /** Of the pad along the travel, uncompressed; and its face, all pads of this end together. */
  thickness: maybe('length', { above: 0.0005, max: 0.3 }),
  area: maybe('area', { above: 1e-6, max: 1 }),
};

/** What the carriage meets before the hard stop. */
export const cushion = z.discriminatedUnion('kind', [
  /** Metal on metal; what it gives all the same, where that is known. */
  z.strictObject({ kind: z.literal('rigid'), stiffness: maybe('stiffness', { above: 1e3, max: 1e11 }) }),
  /** Crushes at a pressure that hardly rises. */
  z.strictObject({
    kind: z.literal('foam'),
    ...pad,
    crush: maybe('modulus', { above: 1e3, max: 1e9 }),
  }),
  /** A bonded pad of rubber, by its hardness in Shore A. */
  z.strictObject({
    kind: z.literal('rubber'),
    ...pad,
    hardness: z.union([z.literal(50), z.literal(60), z.literal(70)]),
  }),
  z.strictObject({
    kind: z.literal('spring'),
    rate: maybe('stiffness', { above: 10, max: 1e9 }),
    stroke: maybe('length', { above: 0.0005, max: 1 }),
  }),
]);

/** One end of the travel, from the hard contact inwards. */
const end = z.strictObject({
  /** Kept before the hard contact: stroke of the cushion and what is left free. */
  crash: along(2),
  /** From the hard contact inwards to where the switch trips; null: where it must at least. */
  trip: along(5),
  /** From the trip inwards to the soft limit. */
  margin: along(2),
  switch: z.enum(['none', 'lever', 'inductive', 'optical', 'hall']),
  wired: z.enum(['unknown', 'closed', 'open']),
  /** How far the switch may be run over behind its trip. */
  over: along(2),
  cushion,
});

/** Both ends. */
export const ends = z.strictObject({ near: end, far: end });

/** How the axis finds its zero. */
export const homing = z.strictObject({
  at: z.enum(['none', 'near', 'far']),
  speed: maybe('speed', { above: 0, max: 5 }),
  /** The slow second pass, and how far it backs off between. */
  again: maybe('speed', { above: 0, max: 1 }),
  pullOff: along(0.5),
  /** Of two motors: homed by one switch together, or each by its own. */
  motors: z.enum(['together', 'each']),
  /** How far one side may stand ahead of the other. */
  skew: along(0.05),
});

export type Cushion = z.infer<typeof cushion>;
export type CushionKind = Cushion['kind'];
export type AxisEnd = z.infer<typeof end>;
export type Homing = z.infer<typeof homing>;
