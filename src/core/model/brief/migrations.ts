import type { Doc, SliceSteps } from '../slice';

/** Steps of the brief from version to version: version 2 had none, so nothing of it is known. */
export const briefSteps: SliceSteps = {
  2: () => ({
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
  }),
  // Until version 16 nothing was asked at the start: the arrangement is the one that was picked.
  16: ({ brief }) => ({
    brief: { ...(brief as Doc), wishes: { job: null, arrange: 'said', frame: null, refused: [] } },
  }),
  // Until version 17 a spindle sat on its motor.
  17: ({ brief }) => {
    const { spindle, ...said } = brief as Doc;
    return { brief: { ...said, spindle: spindle && { ...(spindle as Doc), belt: null } } };
  },
};
