import { defineFormula } from '@/core/worksheet';

export const travelPerRadian = defineFormula({
  id: 'screw/travel-per-radian',
  title: 'Travel per radian of the screw',
  symbols: { lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead: travel per turn' } },
  result: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
  tex: '\\frac{<lead>}{2\\pi}',
  citation: { basis: 'derived', text: 'Definition of lead (ISO 3408-1)' },
  range: 'Any screw.',
  evaluate: ({ lead }) => lead / (2 * Math.PI),
});

export const pitchDiameter = defineFormula({
  id: 'screw/pitch-diameter',
  title: 'Pitch diameter of a sliding screw',
  symbols: {
    nominal: { kind: 'length', tex: 'd', meaning: 'nominal diameter' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
    starts: { kind: 'count', tex: 'n', meaning: 'number of starts' },
    drop: { kind: 'ratio', tex: 'c', meaning: 'pitch line below the crest on both sides, in pitches' },
  },
  result: { kind: 'length', tex: 'd_2', meaning: 'pitch diameter' },
  tex: '<nominal> - <drop>\\,\\frac{<lead>}{<starts>}',
  citation: {
    basis: 'standard',
    text: 'ISO 2904; ASME B1.5: d2 = d - P/2. ISO 68-1, 60°: d2 = d - 0.6495 P',
  },
  range: 'Trapezoidal, Acme, square and V threads.',
  evaluate: ({ nominal, lead, starts, drop }) => nominal - (drop * lead) / starts,
});

export const leadAngle = defineFormula({
  id: 'screw/lead-angle',
  title: 'Lead angle',
  symbols: {
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
    diameter: {
      kind: 'length',
      tex: 'd_2',
      meaning: 'pitch diameter; for ball screws the nominal diameter stands for the ball circle',
    },
  },
  result: { kind: 'angle', tex: '\\lambda', meaning: 'lead angle at the pitch line' },
  tex: '\\arctan\\frac{<lead>}{\\pi\\,<diameter>}',
  citation: { basis: 'textbook', text: 'Shigley, Mechanical Engineering Design, power screws' },
  range: 'Any screw.',
  evaluate: ({ lead, diameter }) => Math.atan(lead / (Math.PI * diameter)),
});

export const turns = defineFormula({
  id: 'screw/turns',
  title: 'Turns of the screw over the travel',
  symbols: {
    distance: { kind: 'length', tex: 's', meaning: 'distance, here the whole travel' },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
  },
  result: { kind: 'revolutions', tex: 'n', meaning: 'turns, by hand crank too' },
  tex: '\\frac{<distance>}{<lead>}',
  citation: { basis: 'derived', text: 'Definition of lead (ISO 3408-1)' },
  range: 'Any screw.',
  evaluate: ({ distance, lead }) => distance / lead,
});
