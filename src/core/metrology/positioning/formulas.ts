import { defineFormula } from '@/core/worksheet';

const ISO = { basis: 'standard', text: 'ISO 230-2:2014, clause 3 (from memory)' } as const;
const up = {
  kind: 'length',
  tex: 's_\\uparrow',
  meaning: 'scatter of the runs that come from below',
} as const;
const down = { kind: 'length', tex: 's_\\downarrow', meaning: 'scatter of those from above' } as const;

export const reversal = defineFormula({
  id: 'metrology/reversal',
  title: 'Reversal error at a place',
  symbols: {
    up: { kind: 'length', tex: '\\bar x_\\uparrow', meaning: 'mean deviation from below' },
    down: { kind: 'length', tex: '\\bar x_\\downarrow', meaning: 'mean deviation from above' },
  },
  result: { kind: 'length', tex: 'B_i', meaning: 'negative: lost motion; positive: too much is made up for' },
  tex: '<up> - <down>',
  citation: ISO,
  range: 'Deviation is what is reached less what was asked.',
  evaluate: ({ up: u, down: d }) => u - d,
});

export const oneWayRepeat = defineFormula({
  id: 'metrology/repeat-one-way',
  title: 'Repeatability from one side',
  symbols: { scatter: { kind: 'length', tex: 's_i', meaning: 'scatter of the runs (n − 1)' } },
  result: { kind: 'length', tex: 'R_i', meaning: 'range in which it comes back' },
  tex: '4\\,<scatter>',
  citation: ISO,
  range: 'Five runs or more; twice the standard uncertainty to both sides.',
  evaluate: ({ scatter }) => 4 * scatter,
});

export const twoWayRepeat = defineFormula({
  id: 'metrology/repeat-two-way',
  title: 'Repeatability from both sides',
  symbols: { up, down, reversal: { kind: 'length', tex: 'B_i', meaning: 'reversal error there' } },
  result: { kind: 'length', tex: 'R_i', meaning: 'range in which it comes back from either side' },
  tex: '\\max(2\\,<up> + 2\\,<down> + |<reversal>|,\\; 4\\,<up>,\\; 4\\,<down>)',
  citation: ISO,
  range: 'Five runs or more from each side.',
  evaluate: ({ up: u, down: d, reversal: b }) => Math.max(2 * u + 2 * d + Math.abs(b), 4 * u, 4 * d),
});
