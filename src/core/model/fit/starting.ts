import { guess } from '../guess';
import type { AxisEnd, Cushion, CushionKind } from './ends';
import type { Passing } from './passing';
import type { AxisFit } from './schema';
import type { Shim } from './stack';

/** A cushion of a kind, of which nobody has said anything. */
export function startingCushion(kind: CushionKind): Cushion {
  switch (kind) {
    case 'rigid':
      return { kind, stiffness: null };
    case 'foam':
      return { kind, thickness: null, area: null, crush: null };
    case 'rubber':
      return { kind, thickness: null, area: null, hardness: 60 };
    case 'spring':
      return { kind, rate: null, stroke: null };
  }
}

const startingEnd = (): AxisEnd => ({
  crash: null,
  trip: null,
  margin: null,
  switch: 'none',
  wired: 'unknown',
  over: null,
  cushion: startingCushion('rigid'),
});

/** Of a new axis nobody has said how it goes together. */
export const startingFit = (): AxisFit => ({
  driveStart: null,
  driveOffset: null,
  thread: null,
  reserve: null,
  journals: { drive: null, far: null },
  rack: null,
  nut: null,
  housing: null,
  clamp: null,
  grip: null,
  mouths: null,
  clearance: null,
  stops: { near: null, far: null },
  ends: { near: startingEnd(), far: startingEnd() },
  homing: { at: 'none', speed: null, again: null, pullOff: null, motors: 'together', skew: null },
  scatter: null,
  reaction: null,
  read: { stop: null, coast: null },
  stopForce: null,
  crank: 'none',
  mount: { carriage: null, row: null, nut: null, datum: 'unknown', grease: 'unknown' },
  stack: { links: [], gaps: [] },
  plates: [],
  reach: { start: null, length: null },
  beyond: { coupling: null, motor: null, plug: null },
  bellows: { near: null, far: null },
  joints: { a: null, b: null },
  cable: { radius: null, pitch: null, height: null, anchor: null },
});

/** Sheets as a set is sold, mm; common practice. They are ours until somebody looks in the drawer. */
const SET = ['0.02', '0.03', '0.05', '0.1', '0.2', '0.5', '1'];

export const startingShims = (): Shim[] =>
  SET.map((mm, i) => ({ id: `shim-${i + 1}`, thickness: guess('length', `${mm} mm`), count: null }));

const noSize = () => ({ along: null, across: null, up: null });

/** Of a new machine nobody has said what passes through it. */
export const startingPassing = (): Passing => ({
  between: null,
  under: null,
  lowest: null,
  tipUp: null,
  tipDown: null,
  stickOut: null,
  holdDown: null,
  clear: null,
  through: null,
  second: null,
  outer: noSize(),
  folded: noSize(),
  wall: null,
  spindle: { diameter: null, length: null },
});
