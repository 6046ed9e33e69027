import { z } from 'zod';
import { id, input, list, name } from '../input';
import { material, section } from './section';

const length = () => input('length', { above: 0.001, max: 20 });
const count = () => input('count', { min: 1, max: 200, whole: true });

/** What the mass of a body is made of where it is not weighed. */
export const shape = z.discriminatedUnion('kind', [
  /** Tube, bar, angle, extrusion or box, cut to a length. */
  z.strictObject({ kind: z.literal('member'), section, material, length: length(), count: count() }),
  z.strictObject({
    kind: z.literal('plate'),
    material,
    length: length(),
    width: input('length', { above: 0.0005, max: 10 }),
    thickness: input('length', { above: 0.0002, max: 1 }),
    count: count(),
  }),
  /** Square motor by its flange and the length of its body. */
  z.strictObject({
    kind: z.literal('motor'),
    flange: input('length', { above: 0.01, max: 0.5 }),
    length: length(),
    count: count(),
  }),
  z.strictObject({
    kind: z.literal('spindle'),
    diameter: input('length', { above: 0.01, max: 0.5 }),
    length: length(),
  }),
  /** Cable chain with what lies in it; half of it moves. */
  z.strictObject({
    kind: z.literal('cable-chain'),
    lineMass: input('linearDensity', { above: 0, max: 500 }),
    length: length(),
  }),
]);

/** A body: weighed, or out of its shape. Where a shape is given the typed mass is not used. */
export const body = z.strictObject({
  id,
  name,
  mass: input('mass', { above: 0, max: 20_000 }),
  shape: shape.nullable(),
});

/** Most bodies in one list. */
const MOST_BODIES = 200;
export const bodies = list(body, MOST_BODIES);

export type Body = z.infer<typeof body>;
export type Shape = z.infer<typeof shape>;
