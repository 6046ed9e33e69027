import { defineFormula } from '@/core/worksheet';

export const edgeTurned = defineFormula({
  id: 'metrology/edge-turned',
  title: 'Height of a rail by an edge that is turned over',
  symbols: {
    first: { kind: 'length', tex: 'm_1', meaning: 'reading, + where the rail strays to +' },
    turned: { kind: 'length', tex: 'm_2', meaning: 'the same with the edge turned over' },
  },
  result: { kind: 'length', tex: 'h', meaning: 'of the rail; what the edge is out falls away' },
  tex: '\\frac{<first> + <turned>}{2}',
  citation: { basis: 'standard', text: 'ISO 230-1, reversal of a straight edge (from memory)' },
  range: 'The same face of the edge, the same stations, both signs as the rail strays.',
  evaluate: ({ first, turned }) => (first + turned) / 2,
});

export const wireSag = defineFormula({
  id: 'metrology/wire-sag',
  title: 'Sag of a taut wire in its middle',
  symbols: {
    density: { kind: 'density', tex: '\\rho', meaning: 'of the wire' },
    span: { kind: 'length', tex: 'L', meaning: 'between its supports' },
    stress: { kind: 'modulus', tex: '\\sigma', meaning: 'tension by cross-section' },
  },
  result: { kind: 'length', tex: 'f', meaning: 'below the straight line' },
  tex: '\\frac{<density>\\,g\\,<span>^2}{8\\,<stress>}',
  citation: { basis: 'textbook', text: 'Parabola of a taut rope; g = 9.80665 m/s² (ISO 80000-3)' },
  range: 'Sag small beside the span. Sideways a wire is straight; its thickness does not count.',
  evaluate: ({ density, span, stress }) => (density * 9.80665 * span * span) / (8 * stress),
});

export const sagAt = defineFormula({
  id: 'metrology/wire-sag-at',
  title: 'Sag of a taut wire at a place',
  symbols: {
    sag: { kind: 'length', tex: 'f', meaning: 'in the middle' },
    share: { kind: 'ratio', tex: 't', meaning: 'place by span' },
  },
  result: {
    kind: 'length',
    tex: 'f_t',
    meaning: 'added to a gap up to the wire, taken off a height over it',
  },
  tex: '4\\,<sag>\\,<share>\\,(1 - <share>)',
  citation: { basis: 'textbook', text: 'Parabola of a taut rope' },
  range: 'Both supports at one height.',
  evaluate: ({ sag, share }) => 4 * sag * share * (1 - share),
});

export const levelWalk = defineFormula({
  id: 'metrology/level-walk',
  title: 'Doubt of a height that a level was walked to',
  symbols: {
    base: { kind: 'length', tex: 'b', meaning: 'foot of the level' },
    slope: { kind: 'slope', tex: 'u_\\theta', meaning: 'standard uncertainty of one reading' },
    step: { kind: 'count', tex: 'k', meaning: 'steps to this place' },
    steps: { kind: 'count', tex: 'n', meaning: 'steps in all' },
  },
  result: { kind: 'length', tex: 'u(h_k)', meaning: 'after the line through both ends' },
  tex: '<base>\\,<slope>\\,\\sqrt{\\frac{<step>\\,(<steps> - <step>)}{<steps>}}',
  citation: { basis: 'derived', text: 'Sum of independent steps, tied at both ends' },
  range: 'Feet that stand on the same places one after the other.',
  evaluate: ({ base, slope, step, steps }) => base * slope * Math.sqrt((step * (steps - step)) / steps),
});
