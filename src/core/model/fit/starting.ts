import type { AxisFit } from './schema';

/** Of a new axis nobody has said how it goes together. */
export const startingFit = (): AxisFit => ({
  driveStart: null,
  driveOffset: null,
  thread: null,
  rack: null,
  nut: null,
  housing: null,
  clamp: null,
  stops: { near: null, far: null },
  crash: null,
  scatter: null,
  margin: null,
  reaction: null,
});
