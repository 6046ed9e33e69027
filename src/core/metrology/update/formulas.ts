import { defineFormula } from '@/core/worksheet';

const GAUSS = {
  basis: 'derived',
  text: 'Two normal beliefs of one figure, joined (JCGM 100, annex H, to first order)',
} as const;
const prior = { kind: 'ratio', tex: 's', meaning: 'standard uncertainty of the input before' } as const;
const slope = { kind: 'ratio', tex: 'H', meaning: 'how the answer changes with the input' } as const;
const reading = {
  kind: 'ratio',
  tex: 'u',
  meaning: 'standard uncertainty of the reading, with that of all other inputs of the answer',
} as const;

export const gain = defineFormula({
  id: 'metrology/update-gain',
  title: 'How much of a surprise an input takes',
  symbols: { prior, slope, reading },
  result: { kind: 'ratio', tex: 'K', meaning: 'change of the input for each unit that the reading is off' },
  tex: '\\frac{<prior>^2\\,<slope>}{<slope>^2\\,<prior>^2 + <reading>^2}',
  citation: GAUSS,
  range:
    'Small changes: the answer is taken as a line of the input. In the input’s and the answer’s own units.',
  evaluate: ({ prior: s, slope: h, reading: u }) => (s * s * h) / (h * h * s * s + u * u),
});

export const learnt = defineFormula({
  id: 'metrology/update-value',
  title: 'An input after a reading',
  symbols: {
    before: { kind: 'ratio', tex: '\\mu', meaning: 'input before' },
    gain: { kind: 'ratio', tex: 'K', meaning: 'gain' },
    measured: { kind: 'ratio', tex: 'y', meaning: 'what was read' },
    foretold: { kind: 'ratio', tex: 'g', meaning: 'what the plan foretold' },
  },
  result: { kind: 'ratio', tex: "\\mu'", meaning: 'input after' },
  tex: '<before> + <gain>\\,(<measured> - <foretold>)',
  citation: GAUSS,
  range: 'Where both agree within their doubts.',
  evaluate: ({ before, gain: k, measured, foretold }) => before + k * (measured - foretold),
});

export const left = defineFormula({
  id: 'metrology/update-doubt',
  title: 'What doubt is left of an input after a reading',
  symbols: { prior, gain: { kind: 'ratio', tex: 'K', meaning: 'gain' }, slope },
  result: { kind: 'ratio', tex: "s'", meaning: 'standard uncertainty after' },
  tex: '<prior>\\sqrt{1 - <gain>\\,<slope>}',
  citation: GAUSS,
  range: 'Never more than before.',
  evaluate: ({ prior: s, gain: k, slope: h }) => s * Math.sqrt(Math.max(0, 1 - k * h)),
});

export const apart = defineFormula({
  id: 'metrology/apart',
  title: 'How far plan and proof are apart',
  symbols: {
    measured: { kind: 'ratio', tex: 'y', meaning: 'what was read' },
    foretold: { kind: 'ratio', tex: 'g', meaning: 'what the plan foretold' },
    plan: { kind: 'ratio', tex: 's_g', meaning: 'standard uncertainty of the plan' },
    reading: { kind: 'ratio', tex: 'u', meaning: 'standard uncertainty of the reading' },
  },
  result: { kind: 'ratio', tex: 'z', meaning: 'beyond 2 they contradict one another' },
  tex: '\\frac{|<measured> - <foretold>|}{\\sqrt{<plan>^2 + <reading>^2}}',
  citation: { basis: 'standard', text: 'ISO/IEC 17043, zeta score (from memory)' },
  range: 'Both doubts as standard uncertainties.',
  evaluate: ({ measured, foretold, plan, reading: u }) => Math.abs(measured - foretold) / Math.hypot(plan, u),
});
