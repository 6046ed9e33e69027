import { z } from 'zod';
import { bodies } from '../bodies/body';
import { axisFit } from '../fit/schema';
import { id, input, list, maybe, name } from '../input';
import { balance } from './balance';
import { drive } from './drive';
import { guide, type guideKinds } from './guide';
import { controller, coupling, driver, motor, reducer, supply } from './motor';

/** What an axis stands for in the machine. */
export const roles = ['bed', 'gantry', 'plunge', 'table'] as const;
export type Role = (typeof roles)[number];

// A hair above 90° so that rounding in a file does not refuse a vertical axis.
const UPRIGHT = (Math.PI / 2) * (1 + 1e-12);
const speed = () => input('speed', { above: 0, max: 5 });

const dutyStep = z.strictObject({
  id,
  does: z.enum(['rapid', 'cut', 'rest']),
  /** Counts for rapids and cuts. */
  distance: input('length', { above: 0, max: 30 }),
  /** Pause behind it; for a rest the rest itself. */
  rest: input('time', { min: 0, max: 86_400 }),
  times: input('count', { min: 1, max: 100_000, whole: true }),
});

/**
 * One axis. The ranges refuse nonsense (a 40 m screw, 3 kV, a pinion with 2 teeth), not bold designs.
 */
export const axisSchema = z.strictObject({
  id,
  role: z.enum(roles),
  letter: z.string().regex(/^[A-Za-z]$/),
  name,
  /** Id of the axis on which it rides; null: on the stand. */
  carriedBy: id.nullable(),
  demands: z.strictObject({
    travel: input('length', { above: 0, max: 30 }),
    inclination: input('angle', { min: 0, max: UPRIGHT }),
    feed: speed(),
    rapid: speed(),
    acceleration: input('acceleration', { above: 0, max: 100 }),
    /** Left out: constant acceleration up to the corner of each ramp; given: seven-phase move. */
    jerk: maybe('jerk', { above: 0, max: 100_000 }),
    /** Not used where the cuts of the brief give it. */
    cuttingForce: input('force', { min: 0, max: 20_000 }),
    /** Typed here, or the worst of the cuts of the brief. */
    cuttingFrom: z.enum(['typed', 'cuts']),
    /** Most that may be lost at a reversal. */
    lostMotion: maybe('length', { above: 0, max: 0.01 }),
  }),
  loads: z.strictObject({
    /** The axis's own bodies; those of the axes that it carries come on top. */
    masses: bodies,
    /** Pulled on the real axis; left out: from the guide's friction and seals. */
    guideDrag: maybe('force', { min: 0, max: 5_000 }),
    /** Cable chain, hose. */
    otherDrag: input('force', { min: 0, max: 5_000 }),
    /** A push upwards that is the same everywhere, whatever gives it. */
    counterbalance: input('force', { min: 0, max: 20_000 }),
    /** Counterweights and gas springs; they come on top. */
    balance,
  }),
  guide,
  drive,
  /** Between motor and drive; null: the motor drives directly. */
  reducer: reducer.nullable(),
  coupling,
  /** What turns it, be it a hand. */
  motor,
  driver,
  supply,
  controller,
  /** How it goes together along its travel. */
  fit: axisFit,
  /** What the motor does over and over; empty: to and fro over the whole travel. */
  duty: list(dutyStep, 100),
  /** Parts that were taken from the catalogue, by link. */
  parts: z.record(z.string().regex(/^[a-z-]{1,30}$/), z.string().max(80)),
});

/** A variant of an axis that was put by, to hold others against it. */
const pin = z.strictObject({ id, axisId: id, name, axis: axisSchema });

/** What the slice owns in the document. */
export const axesShape = { axes: list(axisSchema, 8, 1), pins: list(pin, 24) };

export type Axis = z.infer<typeof axisSchema>;
export type Guide = Axis['guide'];
export type GuideKind = (typeof guideKinds)[number];
export type Pin = z.infer<typeof pin>;
