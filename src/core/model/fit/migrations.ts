import type { Doc, SliceSteps } from '../slice';

const rigid = { kind: 'rigid', stiffness: null };

/** An end as it was said for both before: what it keeps; of switch and cushion nobody had been asked. */
const endFromVersion6 = ({ crash, margin }: Doc): Doc => ({
  crash,
  trip: null,
  margin,
  switch: 'none',
  wired: 'unknown',
  over: null,
  cushion: rigid,
});

/** What an axis says of how it goes together, from version 6 to 7. What both ends kept, each keeps. */
export function fitFromVersion6(old: Doc): Doc {
  const { crash: _crash, margin: _margin, ...kept } = old;
  return {
    ...kept,
    reserve: null,
    journals: { drive: null, far: null },
    grip: null,
    mouths: null,
    clearance: null,
    ends: { near: endFromVersion6(old), far: endFromVersion6(old) },
    homing: { at: 'none', speed: null, again: null, pullOff: null, motors: 'together', skew: null },
    read: { stop: null, coast: null },
    stopForce: null,
    crank: 'none',
    mount: { carriage: null, row: null, nut: null },
    stack: { links: [], gaps: [] },
    plates: [],
  };
}

/**
 * From version 7 to 8: what stands beyond the drive, reach, bellows, joints and cables had not been asked.
 * Every
 * group of holes was of its own axis.
 */
export function fitFromVersion7(old: Doc): Doc {
  return {
    ...old,
    mount: { ...(old.mount as Doc), datum: 'unknown', grease: 'unknown' },
    plates: (old.plates as Doc[]).map((plate) => ({
      ...plate,
      groups: (plate.groups as Doc[]).map((group) => ({ ...group, of: '' })),
    })),
    reach: { start: null, length: null },
    beyond: { coupling: null, motor: null, plug: null },
    bellows: { near: null, far: null },
    joints: { a: null, b: null },
    cable: { radius: null, pitch: null, height: null, anchor: null },
  };
}

const SET = [0.02, 0.03, 0.05, 0.1, 0.2, 0.5, 1];

/** Steps of what lies in the shop: sheets of a usual set, counted as the owner's own; and of what passes. */
export const fitSteps: SliceSteps = {
  7: ({ passing }) => ({ passing: { ...(passing as Doc), spindle: { diameter: null, length: null } } }),
  6: () => ({
    passing: {
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
      outer: { along: null, across: null, up: null },
      folded: { along: null, across: null, up: null },
      wall: null,
    },
    shims: SET.map((mm, i) => ({
      id: `shim-${i + 1}`,
      thickness: { typed: `${mm} mm`, si: mm / 1000, basis: 'estimate' },
      count: null,
    })),
  }),
};
