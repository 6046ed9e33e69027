import type { SliceSteps } from '../slice';

/** Steps of the build from version to version: version 8 had nothing of it. */
export const buildSteps: SliceSteps = {
  8: () => ({
    partLines: [],
    quotes: [],
    sellers: [],
    buying: { wantedBy: null, staleAfter: 90, farApart: 1.5 },
    cabling: [],
    bars: [],
    saws: [],
    ownPieces: [],
    begunBars: [],
    remnants: {
      keep: { typed: '300 mm', si: 0.3, basis: 'estimate' },
      worth: { typed: '0.5', si: 0.5, basis: 'estimate' },
    },
  }),
  // Version 9 knew nothing of how a machine is put together, when, and how it is wired.
  9: () => ({
    assembly: { trial: true, painted: [] },
    steps: [],
    covers: [],
    calendar: { start: null, hands: 'one', workshop: 20 },
    workTimes: [1, 2, 3, 4, 5, 6, 7].map((day) => ({
      id: `day-${day}`,
      day,
      from: day > 5 ? '10:00' : '19:00',
      to: day > 5 ? '16:00' : '21:30',
    })),
    otherDays: [],
    sentEntries: [],
    wiring: { controller: '', signals: '', logic: 0, plug: '', mains: 0 },
    wirePins: [],
  }),
};
