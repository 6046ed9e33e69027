import { z } from 'zod';
import { material } from '../bodies/section';
import { input, maybe } from '../input';

export const guideKinds = [
  'profile',
  'miniature',
  'supported-round',
  'round-rod',
  'v-wheel',
  'tube-bearing',
] as const;

const place = () => input('length', { min: -5, max: 5 });
const load = () => maybe('force', { min: 0, max: 20_000 });
const rating = () => maybe('force', { above: 0, max: 1e6 });
const stiffness = () => input('stiffness', { above: 1e3, max: 1e10 });
const seat = () => maybe('length', { min: 0, max: 0.05 });

/** Rails and carriages of one axis. */
export const guide = z.strictObject({
  kind: z.enum(guideKinds),
  /** How the plate with the carriages stands: on top, on the face of a beam, or below. */
  mounting: z.enum(['flat', 'wall', 'under']),
  rails: input('count', { min: 1, max: 6, whole: true }),
  perRail: input('count', { min: 1, max: 8, whole: true }),
  spacing: maybe('length', { above: 0.005, max: 6 }),
  /** Of three rods, how far the third lies out of the plane of the two; left out: in their middle. */
  offPlane: maybe('length', { above: 0, max: 2 }),
  railLength: maybe('length', { above: 0, max: 40 }),
  /** From the outer edge of the first carriage to that of the last. */
  carriageSpan: maybe('length', { above: 0, max: 10 }),
  carriageLength: maybe('length', { above: 0.003, max: 1 }),
  /** What the carriages are bolted to, which bends between them; null: not given. */
  plate: z.strictObject({ material, thickness: input('length', { above: 0.0005, max: 0.3 }) }).nullable(),
  /** Across one carriage between its rows of balls; 0: it takes no moment about the rail. */
  raceSpacing: input('length', { min: 0, max: 0.3 }),
  /** Nominal size of a profile rail (its width), diameter of a rod or tube. */
  size: maybe('length', { above: 0.003, max: 0.15 }),
  dynamicLoad: rating(),
  /** Distance in km that the dynamic rating stands for (ISO 14728-1: 100; many lists: 50). */
  ratingBasis: z.union([z.literal(50), z.literal(100)]),
  staticLoad: rating(),
  verticalStiffness: stiffness(),
  lateralStiffness: stiffness(),
  preload: z.enum(['clearance', 'light', 'medium']),
  /** Whether wheels or bearings hold their rail or tube from both sides; has no meaning for other guides. */
  grip: z.enum(['unknown', 'one-side', 'both-sides']),
  friction: input('ratio', { min: 0, max: 0.6 }),
  seal: input('force', { min: 0, max: 200 }),
  shock: input('ratio', { min: 1, max: 5 }),
  overhang: input('length', { min: 0, max: 1 }),
  heightError: seat(),
  parallelError: seat(),
  massX: place(),
  massY: place(),
  massZ: place(),
  toolX: place(),
  toolY: place(),
  toolZ: place(),
  driveY: place(),
  driveZ: place(),
  /** Left out: as large as the cutting force. */
  sideForce: load(),
  /** Left out: none, and named as unknown. */
  normalForce: load(),
});
