import { z } from 'zod';
import { maybe } from '../input';

/** A length along the axis that nobody has to say; what is left out is named where it is wanted. */
const along = (max: number) => maybe('length', { min: 0, max });
const place = () => maybe('length', { min: -20, max: 20 });

/** How one axis goes together along its travel: what Size does not ask. Null everywhere: not said. */
export const axisFit = z.strictObject({
  /** From the near rail end to the near end of thread, rack or pulleys; null: where it serves best. */
  driveStart: place(),
  /** Middle of nut, pinion or clamp from the middle of the carriages, towards the far end. */
  driveOffset: maybe('length', { min: -5, max: 5 }),
  /** Of the screw; null: all between its bearings. */
  thread: maybe('length', { above: 0, max: 32 }),
  /** Of the rack's teeth; null: whole racks for the travel. */
  rack: maybe('length', { above: 0, max: 40 }),
  /** Nut over its wipers, which the thread must hold; nut and housing overall, which meet the end blocks. */
  nut: maybe('length', { above: 0.001, max: 1 }),
  housing: maybe('length', { above: 0.001, max: 2 }),
  /** What runs between the pulleys at the height of belt or chain. */
  clamp: maybe('length', { above: 0.001, max: 5 }),
  /** From each rail end inward to the face of its hard stop, which meets the carriages. */
  stops: z.strictObject({ near: place(), far: place() }),
  /** What each end keeps: stroke of the cushion and crash zone, spread of the switch, margin before it. */
  crash: along(2),
  scatter: along(0.1),
  margin: along(2),
  /** Until the controller brakes: switch, filter and poll. */
  reaction: maybe('time', { min: 0, max: 1 }),
});

export type AxisFit = z.infer<typeof axisFit>;
