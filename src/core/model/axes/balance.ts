import { z } from 'zod';
import { id, input, list, name } from '../input';

const count = () => input('count', { min: 1, max: 20, whole: true });

/** What holds a weight up that the axis lifts, so that neither motor nor hand has to. */
const balancePart = z.discriminatedUnion('kind', [
  /** A weight on a rope over a sheave. */
  z.strictObject({
    kind: z.literal('weight'),
    id,
    name,
    mass: input('mass', { above: 0, max: 5000 }),
    /** How far the weight runs for each length of the axis: 1 on a plain rope, 2 or ½ on a tackle. */
    roping: input('ratio', { above: 0.05, max: 20 }),
    count: count(),
  }),
  /** A gas spring that lies along the axis and pushes it up. */
  z.strictObject({
    kind: z.literal('gas-spring'),
    id,
    name,
    /** Of one, with its rod out: the number that is printed on it. */
    force: input('force', { above: 0, max: 20_000 }),
    /** Force with the rod pressed in over the force with it out. */
    rise: input('ratio', { min: 1, max: 3 }),
    stroke: input('length', { above: 0.005, max: 5 }),
    /** How far the rod is pressed in where the axis stands highest. */
    pressed: input('length', { min: 0, max: 5 }),
    /** Of its seal, of one. */
    sealFriction: input('force', { min: 0, max: 5000 }),
    count: count(),
  }),
]);

/** Most parts that balance one axis. */
const MOST_PARTS = 12;
export const balance = list(balancePart, MOST_PARTS);

export type BalancePart = z.infer<typeof balancePart>;
export type BalanceKind = BalancePart['kind'];
