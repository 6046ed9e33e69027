import type { Doc, SliceSteps } from '../slice';
import { axisFromVersion1 } from './from-version-1';

/**
 * An axis from version 2 to 3. Version 2 asked for everything that moves on every axis, so no axis carries
 * another and each keeps its list; cutting forces stay typed. No answer changes.
 */
function axisFromVersion2(old: Doc): Doc {
  const loads = old.loads as Doc;
  return {
    ...old,
    carriedBy: null,
    demands: { ...(old.demands as Doc), cuttingFrom: 'typed' },
    loads: { ...loads, masses: (loads.masses as Doc[]).map((body) => ({ ...body, shape: null })) },
  };
}

/** Steps of the axes from version to version. */
export const axesSteps: SliceSteps = {
  1: (document) => ({ axes: (document.axes as Doc[]).map(axisFromVersion1), pins: [] }),
  2: (document) => ({
    axes: (document.axes as Doc[]).map(axisFromVersion2),
    pins: (document.pins as Doc[]).map((pin) => ({ ...pin, axis: axisFromVersion2(pin.axis as Doc) })),
  }),
};
