import { defineFormula } from '@/core/worksheet';

const out = {
  kind: 'slope',
  tex: '\\gamma',
  meaning: 'out of square; positive: less than 90° between +X and +Y',
} as const;
const along = { kind: 'length', tex: 'a', meaning: 'side along X' } as const;
const across = { kind: 'length', tex: 'b', meaning: 'side along Y' } as const;

export const byDiagonals = defineFormula({
  id: 'metrology/square-diagonals',
  title: 'Squareness by two diagonals',
  symbols: {
    first: { kind: 'length', tex: 'd_1', meaning: 'diagonal from the corner that is tested' },
    second: { kind: 'length', tex: 'd_2', meaning: 'the other' },
    along,
    across,
  },
  result: out,
  tex: '\\arcsin\\frac{<first>^2 - <second>^2}{4\\,<along>\\,<across>}',
  citation: { basis: 'derived', text: 'Law of cosines for both diagonals of a parallelogram' },
  range: 'Opposite sides equal: a difference δ of them is false by δ/(2a). Four sides too find that.',
  evaluate: ({ first, second, along: a, across: b }) => Math.asin((first ** 2 - second ** 2) / (4 * a * b)),
});

export const diagonalsDoubt = defineFormula({
  id: 'metrology/square-diagonals-doubt',
  title: 'Doubt of a squareness by two diagonals',
  symbols: {
    first: { kind: 'length', tex: 'd_1', meaning: 'one diagonal' },
    second: { kind: 'length', tex: 'd_2', meaning: 'the other' },
    along,
    across,
    reading: { kind: 'length', tex: 'u_d', meaning: 'standard uncertainty of a diagonal' },
  },
  result: { kind: 'slope', tex: 'u_\\gamma', meaning: 'standard uncertainty' },
  tex: '\\frac{\\sqrt{<first>^2 + <second>^2}}{2\\,<along>\\,<across>}\\,<reading>',
  citation: { basis: 'derived', text: 'First order of the formula for the squareness' },
  range: 'Small angles.',
  evaluate: ({ first, second, along: a, across: b, reading }) =>
    (Math.hypot(first, second) / (2 * a * b)) * reading,
});

export const byThreeSides = defineFormula({
  id: 'metrology/square-three-sides',
  title: 'Squareness by three sides (3-4-5)',
  symbols: { along, across, third: { kind: 'length', tex: 'c', meaning: 'from the end of a to that of b' } },
  result: out,
  tex: '\\arcsin\\frac{<along>^2 + <across>^2 - <third>^2}{2\\,<along>\\,<across>}',
  citation: { basis: 'textbook', text: 'Law of cosines' },
  range: 'All three sides as measured.',
  evaluate: ({ along: a, across: b, third: c }) => Math.asin((a * a + b * b - c * c) / (2 * a * b)),
});

export const threeSidesDoubt = defineFormula({
  id: 'metrology/square-three-sides-doubt',
  title: 'Doubt of a squareness by three sides',
  symbols: {
    along,
    across,
    third: { kind: 'length', tex: 'c', meaning: 'third side' },
    reading: { kind: 'length', tex: 'u_d', meaning: 'standard uncertainty of a side' },
  },
  result: { kind: 'slope', tex: 'u_\\gamma', meaning: 'standard uncertainty' },
  tex:
    '<reading>\\sqrt{\\frac{<third>^2}{<along>^2 <across>^2} + \\frac{1}{<along>^2} + ' +
    '\\frac{1}{<across>^2}}',
  citation: { basis: 'derived', text: 'First order of the law of cosines near 90°' },
  range: 'All three read with the same instrument.',
  evaluate: ({ along: a, across: b, third: c, reading }) => reading * Math.hypot(c / (a * b), 1 / a, 1 / b),
});

const slopeOf = (tex: string, meaning: string) => ({ kind: 'slope', tex, meaning }) as const;
const kept = slopeOf('q_1', 'along the blade, + where the tool strays to +x');
const turned = slopeOf('q_2', 'with the square turned over about its blade');

export const bySquareTurned = defineFormula({
  id: 'metrology/square-turned',
  title: 'Squareness by a square that is turned over',
  symbols: { kept, turned },
  result: out,
  tex: '\\frac{<kept> + <turned>}{2}',
  citation: { basis: 'standard', text: 'ISO 230-1, reversal of a square (from memory)' },
  range: 'The indicator keeps its sense. Turned with it, the second slope changes its sign.',
  evaluate: ({ kept: q1, turned: q2 }) => (q1 + q2) / 2,
});

export const squareItself = defineFormula({
  id: 'metrology/square-itself',
  title: 'What the square itself is out',
  symbols: { kept, turned },
  result: { kind: 'slope', tex: '\\gamma_s', meaning: 'by so much it is less than 90°' },
  tex: '\\frac{<turned> - <kept>}{2}',
  citation: { basis: 'standard', text: 'ISO 230-1, reversal of a square (from memory)' },
  range: 'As for the squareness.',
  evaluate: ({ kept: q1, turned: q2 }) => (q2 - q1) / 2,
});

export const bySwing = defineFormula({
  id: 'metrology/square-swing',
  title: 'Squareness by distances from one pin',
  symbols: {
    near: { kind: 'area', tex: '\\Delta_1', meaning: 'd₊² − d₋² with the gantry at the first place' },
    far: { kind: 'area', tex: '\\Delta_2', meaning: 'the same at the second' },
    half: { kind: 'length', tex: 'a', meaning: 'of the tool to each side of the pin' },
    way: { kind: 'length', tex: 'X_2 - X_1', meaning: 'between both places' },
  },
  result: out,
  tex: '\\frac{<far> - <near>}{4\\,<half>\\,<way>}',
  citation: { basis: 'derived', text: 'Two triangles over one pin; where the pin lies falls away' },
  range: 'Small angles; one place alone is false by how far the pin is off the middle.',
  evaluate: ({ near, far, half, way }) => (far - near) / (4 * half * way),
});

export const byDisc = defineFormula({
  id: 'metrology/square-disc',
  title: 'Squareness by a disc that was cut',
  symbols: {
    rising: { kind: 'length', tex: 'D_{45}', meaning: 'across the disc at +45°' },
    falling: { kind: 'length', tex: 'D_{135}', meaning: 'across it at 135°' },
    size: { kind: 'length', tex: 'D', meaning: 'mean of both' },
  },
  result: out,
  tex: '\\frac{<rising> - <falling>}{<size>}',
  citation: { basis: 'derived', text: 'A circle on axes that are out of square is an ellipse at 45°' },
  range: 'Small angles; scales of both axes fall away at 45°.',
  evaluate: ({ rising, falling, size }) => (rising - falling) / size,
});

export const leadOfEnd = defineFormula({
  id: 'metrology/square-lead',
  title: 'How far one end of a gantry leads',
  symbols: { out, span: { kind: 'length', tex: 'S', meaning: 'between both drives' } },
  result: {
    kind: 'length',
    tex: '\\delta',
    meaning: 'the end at the larger y leads; shorten its pull-off by it where it homes at the low end',
  },
  tex: '<out>\\,<span>',
  citation: { basis: 'derived', text: 'Angle by lever' },
  range: 'Homing at the high end lengthens the pull-off instead.',
  evaluate: ({ out: gamma, span }) => gamma * span,
});
