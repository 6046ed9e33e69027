import { defineFormula } from '@/core/worksheet';

export const ballScrewLife = defineFormula({
  id: 'screw/life',
  title: 'Life of the ball screw',
  symbols: {
    dynamicLoad: { kind: 'force', tex: 'C_a', meaning: 'dynamic load rating' },
    shock: { kind: 'ratio', tex: 'f_w', meaning: 'shock factor, 1.2 smooth to 2 with shocks' },
    meanLoad: {
      kind: 'force',
      tex: 'F_m',
      meaning: 'mean thrust; here the whole cutting thrust all the time',
    },
    lead: { kind: 'linearPerTurn', tex: 'P_h', meaning: 'lead' },
  },
  result: { kind: 'length', tex: 'L_{10}', meaning: 'distance that nine of ten screws outlive' },
  tex: '\\left(\\frac{<dynamicLoad>}{<shock>\\,<meanLoad>}\\right)^3\\cdot 10^6\\,<lead>',
  citation: { basis: 'standard', text: 'ISO 3408-5, L10 in revolutions times the lead' },
  range: 'Clean and greased; grit shortens it more than load.',
  evaluate: ({ dynamicLoad, shock, meanLoad, lead }) => (dynamicLoad / (shock * meanLoad)) ** 3 * 1e6 * lead,
});

/** Shock factor for cutting, the middle of the usual 1.2 to 2 (memory). */
export const SHOCK_FACTOR = 1.5;
