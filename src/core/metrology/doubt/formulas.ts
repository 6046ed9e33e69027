import { defineFormula } from '@/core/worksheet';

const standard = { kind: 'length', tex: 'u', meaning: 'standard uncertainty of the reading' } as const;
const scatter = { kind: 'length', tex: 's', meaning: 'scatter of one reading' } as const;
const readings = { kind: 'count', tex: 'n', meaning: 'readings that were averaged' } as const;

export const readingDoubt = defineFormula({
  id: 'metrology/reading-doubt',
  title: 'Standard uncertainty of a reading',
  symbols: {
    digit: { kind: 'length', tex: 'r', meaning: 'smallest step that is read' },
    ends: { kind: 'count', tex: 'm', meaning: 'readings in the figure: 2 for a difference' },
    scatter,
    readings,
    limit: { kind: 'length', tex: 'e', meaning: 'error of the instrument at most' },
    expansion: { kind: 'thermalExpansion', tex: '\\alpha', meaning: 'expansion of what is measured' },
    size: { kind: 'length', tex: 'L', meaning: 'length that warms; 0 where none counts' },
    warm: { kind: 'temperatureRise', tex: 'u_T', meaning: 'doubt of the temperature' },
  },
  result: standard,
  tex:
    '\\sqrt{<ends>\\,\\frac{<digit>^2}{12} + \\frac{<scatter>^2}{<readings>} + \\frac{<limit>^2}{3} + ' +
    '(<expansion>\\,<size>\\,<warm>)^2}',
  citation: { basis: 'standard', text: 'ISO/IEC Guide 98-3 (GUM), 4.3.7 and 5.1.2' },
  range: 'Sources that err by themselves. The limits of instruments are from memory until yours is checked.',
  evaluate: ({ digit, ends, scatter: s, readings: n, limit, expansion, size, warm }) =>
    Math.hypot(Math.sqrt(ends / 12) * digit, s / Math.sqrt(n), limit / Math.sqrt(3), expansion * size * warm),
});

export const readingFreedom = defineFormula({
  id: 'metrology/reading-freedom',
  title: 'Degrees of freedom of an uncertainty',
  symbols: { readings, standard, scatter },
  result: { kind: 'ratio', tex: '\\nu', meaning: 'effective degrees of freedom' },
  tex: '(<readings> - 1)\\left(\\frac{<readings>\\,<standard>^2}{<scatter>^2}\\right)^2',
  citation: { basis: 'standard', text: 'ISO/IEC Guide 98-3 (GUM), G.4.1 (Welch and Satterthwaite)' },
  range: 'Only the scatter was found out of readings; the other sources are taken as known.',
  evaluate: ({ readings: n, standard: u, scatter: s }) => (n - 1) * ((n * u * u) / (s * s)) ** 2,
});

export const expandedDoubt = defineFormula({
  id: 'metrology/expanded-doubt',
  title: 'How far a result may be off',
  symbols: {
    factor: { kind: 'ratio', tex: 't_{0.975}', meaning: 'of Student’s distribution for these freedoms' },
    standard,
  },
  result: { kind: 'length', tex: 'U', meaning: 'half of the 95 % interval' },
  tex: '<factor>\\,<standard>',
  citation: { basis: 'standard', text: 'ISO/IEC Guide 98-3 (GUM), G.3 and G.6.4' },
  range: 'Twice the standard uncertainty on three readings would cover 82 % only.',
  evaluate: ({ factor, standard: u }) => factor * u,
});
