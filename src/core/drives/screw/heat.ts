import { defineFormula } from '@/core/worksheet';

export const heatGrowth = defineFormula({
  id: 'screw/heat-growth',
  title: 'Growth of the screw as it warms',
  symbols: {
    expansion: { kind: 'thermalExpansion', tex: '\\alpha', meaning: 'thermal expansion' },
    length: { kind: 'length', tex: 'L', meaning: 'length that warms, over the travel' },
    rise: {
      kind: 'temperatureRise',
      tex: '\\Delta T',
      meaning: 'temperature rise of the screw over the frame',
    },
  },
  result: { kind: 'length', tex: '\\Delta L', meaning: 'growth' },
  tex: '<expansion>\\cdot <length>\\cdot <rise>',
  citation: { basis: 'textbook', text: 'Linear thermal expansion; 11.5e-6 per K for steel (memory)' },
  range: 'Screw free to grow at one end.',
  evaluate: ({ expansion, length, rise }) => expansion * length * rise,
});

export const heatCompression = defineFormula({
  id: 'screw/heat-compression',
  title: 'Compression of a warm screw fixed at both ends',
  symbols: {
    modulus: { kind: 'modulus', tex: 'E', meaning: 'modulus of elasticity' },
    area: { kind: 'area', tex: 'A_r', meaning: 'root section' },
    expansion: { kind: 'thermalExpansion', tex: '\\alpha', meaning: 'thermal expansion' },
    rise: {
      kind: 'temperatureRise',
      tex: '\\Delta T',
      meaning: 'temperature rise of the screw over the frame',
    },
    stretch: { kind: 'force', tex: 'F_0', meaning: 'tension put in at assembly' },
  },
  result: { kind: 'force', tex: 'P', meaning: 'compression left when warm' },
  tex: '\\max(0,\\; <modulus>\\,<area>\\,<expansion>\\,<rise> - <stretch>)',
  citation: { basis: 'textbook', text: 'Restrained thermal expansion (Timoshenko, Strength of Materials)' },
  range: 'Bearings and frame that do not give: the worst case.',
  evaluate: ({ modulus, area, expansion, rise, stretch }) =>
    Math.max(0, modulus * area * expansion * rise - stretch),
});

export const leadError = defineFormula({
  id: 'screw/lead-error',
  title: 'Lead error over the travel',
  symbols: {
    perSpan: { kind: 'length', tex: 'e_{300}', meaning: 'allowed variation over 300 mm for the class' },
    travel: { kind: 'length', tex: 's', meaning: 'travel' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'lead error that the class allows over the travel' },
  tex: '<perSpan>\\,\\max\\left(1,\\frac{<travel>}{300\\,\\text{mm}}\\right)',
  citation: { basis: 'standard', text: 'ISO 3408-3: T3 12, T5 23, T7 52, T10 210 µm per 300 mm' },
  range: 'Added up in line: the upper bound. Steps per unit take out the even part.',
  evaluate: ({ perSpan, travel }) => perSpan * Math.max(1, travel / 0.3),
});

export const slidingLeadError = defineFormula({
  id: 'screw/sliding-lead-error',
  title: 'Lead error of a sliding screw over the travel',
  symbols: { travel: { kind: 'length', tex: 's', meaning: 'travel' } },
  result: { kind: 'length', tex: 'e', meaning: 'lead error to expect' },
  tex: '0.2\\,\\text{mm}\\cdot\\frac{<travel>}{300\\,\\text{mm}}',
  citation: {
    basis: 'memory',
    text: 'Rolled trapezoidal and Acme screws are out by 0.1 to 0.3 mm over 300 mm; the middle of it',
  },
  range: 'Rolled screws; most of it is even and is taken out by setting the steps per unit.',
  evaluate: ({ travel }) => (0.2e-3 * travel) / 0.3,
});
