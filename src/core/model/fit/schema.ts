import { z } from 'zod';
import { list, maybe } from '../input';
import { ends, homing } from './ends';
import { passing } from './passing';
import { plate } from './plates';
import { shim, stack } from './stack';

/** A length along the axis that nobody has to say; what is left out is named where it is wanted. */
const along = (max: number) => maybe('length', { min: 0, max });
const place = () => maybe('length', { min: -20, max: 20 });

/** Which of the usual parts stand on this axis, where one size comes in several forms. */
const mount = z.strictObject({
  carriage: z.enum(['narrow', 'low', 'flange']).nullable(),
  /** Short and long carriage of one size: their holes differ along the rail. */
  row: z.enum(['short', 'long']).nullable(),
  nut: z.enum(['housing', 'flange']).nullable(),
  /** The side of a carriage with its reference edge, across the travel; the end with its grease port. */
  datum: z.enum(['unknown', 'plus', 'minus']),
  grease: z.enum(['unknown', 'near', 'far', 'side']),
});

/** How one axis goes together: what Size does not ask. Null everywhere: not said. */
export const axisFit = z.strictObject({
  /** From the near rail end to the near end of thread, rack or pulleys; null: where it serves best. */
  driveStart: place(),
  /** Middle of nut, pinion or clamp from the middle of the carriages, towards the far end. */
  driveOffset: maybe('length', { min: -5, max: 5 }),
  /** Of the screw; null: all between its bearings. */
  thread: maybe('length', { above: 0, max: 32 }),
  /** Thread that the nut keeps at each end; null: a lead, and at least 5 mm. */
  reserve: along(1),
  /** What the screw is long beyond its thread: seats, nuts and shank at the drive's end, and at the other. */
  journals: z.strictObject({ drive: along(2), far: along(2) }),
  /** Of the rack's teeth; null: whole racks for the travel. */
  rack: maybe('length', { above: 0, max: 40 }),
  /** Nut over its wipers, which the thread must hold; nut and housing overall, which meet the end blocks. */
  nut: maybe('length', { above: 0.001, max: 1 }),
  housing: maybe('length', { above: 0.001, max: 2 }),
  /** What runs between the pulleys at the height of belt or chain. */
  clamp: maybe('length', { above: 0.001, max: 5 }),
  /** Belt held in each clamp, and what stays open between their mouths. */
  grip: along(1),
  mouths: along(5),
  /** Kept free between a moving body and what stands at the ends; null: 3 mm. */
  clearance: along(0.5),
  /** From each rail end inward to the face of its hard stop, which meets the carriages. */
  stops: z.strictObject({ near: place(), far: place() }),
  ends,
  homing,
  /** Spread of the switch, and the time until the controller brakes: switch, filter and poll. */
  scatter: along(0.1),
  reaction: maybe('time', { min: 0, max: 1 }),
  /** What was read on the machine instead: path to standstill and run without power, both from rapid. */
  read: z.strictObject({
    stop: maybe('length', { above: 0, max: 30 }),
    coast: maybe('length', { above: 0, max: 100 }),
  }),
  /** What a hard stop and its screws may take. */
  stopForce: maybe('force', { above: 0, max: 1e6 }),
  /** Turned by hand at times: what turns it knows no switch. */
  crank: z.enum(['none', 'crank', 'drill']),
  mount,
  stack,
  plates: list(plate, 12),
  /** What is worked on, from the near rail end, and its length. */
  reach: z.strictObject({ start: place(), length: maybe('length', { above: 0, max: 40 }) }),
  /**
   * Beyond the drive's end of screw or rack: coupling, body of the motor, its plug with the bend of its
   * cable.
   */
  beyond: z.strictObject({ coupling: along(1), motor: along(2), plug: along(1) }),
  /** Bellows pushed together, at either end. */
  bellows: z.strictObject({ near: along(5), far: along(5) }),
  /** Where the rails are joined out of two pieces, from the near rail end: rail A, rail B. */
  joints: z.strictObject({ a: along(40), b: along(40) }),
  /**
   * The chain that carries the cables: bend, link, its height, and its fixed end off the middle of the
   * travel.
   */
  cable: z.strictObject({
    radius: maybe('length', { above: 0.005, max: 2 }),
    pitch: maybe('length', { above: 0.002, max: 0.5 }),
    height: maybe('length', { above: 0.002, max: 0.5 }),
    anchor: place(),
  }),
});

/** What the slice owns in the document: what lies in the shop, and what passes through the machine. */
export const fitShape = { shims: list(shim, 40), passing };

export type AxisFit = z.infer<typeof axisFit>;
