import type { Migration } from './migrate';

type Doc = Record<string, unknown>;

/**
 * Version 2 to 3: brief, structure and standing masses come in. Version 2 asked for everything that moves on
 * every axis, so no
 * axis carries another and each keeps its list; cutting forces stay typed. No answer changes.
 */
export const fromVersion2: Migration = (document) => ({
  ...document,
  brief: {
    work: 'router',
    arrangement: 'moving-gantry',
    stock: { length: null, width: null, thickness: null },
    area: { length: null, width: null, height: null },
    accuracy: null,
    place: { length: null, width: null, bench: null, door: null, floorLoad: null },
    power: null,
    budget: null,
    spindle: null,
    squareness: null,
    cuts: [],
  },
  axes: (document.axes as Doc[]).map(axis),
  structure: null,
  stand: [],
  pins: (document.pins as Doc[]).map((pin) => ({ ...pin, axis: axis(pin.axis as Doc) })),
});

function axis(old: Doc): Doc {
  const loads = old.loads as Doc;
  return {
    ...old,
    carriedBy: null,
    demands: { ...(old.demands as Doc), cuttingFrom: 'typed' },
    loads: { ...loads, masses: (loads.masses as Doc[]).map((body) => ({ ...body, shape: null })) },
  };
}
