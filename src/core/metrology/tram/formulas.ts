import { defineFormula } from '@/core/worksheet';

const radius = { kind: 'length', tex: 'r', meaning: 'of the swing' } as const;
const leanRight = { kind: 'slope', tex: '\\lambda_r', meaning: 'spindle’s top leans to the right' } as const;
const leanBack = { kind: 'slope', tex: '\\lambda_b', meaning: 'spindle’s top leans back' } as const;

export const leanToRight = defineFormula({
  id: 'metrology/lean-right',
  title: 'Lean of a spindle to the right',
  symbols: {
    right: { kind: 'length', tex: 'R', meaning: 'reading at the right' },
    left: { kind: 'length', tex: 'L', meaning: 'at the left' },
    radius,
  },
  result: leanRight,
  tex: '\\frac{<right> - <left>}{2\\,<radius>}',
  citation: { basis: 'derived', text: 'An arm that leans reads high where it dips' },
  range: 'Indicator in the spindle, on the table; it reads more as its plunger is pushed in.',
  evaluate: ({ right, left, radius: r }) => (right - left) / (2 * r),
});

export const leanToBack = defineFormula({
  id: 'metrology/lean-back',
  title: 'Lean of a spindle to the back',
  symbols: {
    back: { kind: 'length', tex: 'B', meaning: 'reading at the back' },
    front: { kind: 'length', tex: 'F', meaning: 'in front' },
    radius,
  },
  result: leanBack,
  tex: '\\frac{<back> - <front>}{2\\,<radius>}',
  citation: { basis: 'derived', text: 'An arm that leans reads high where it dips' },
  range: 'As for the lean to the right.',
  evaluate: ({ back, front, radius: r }) => (back - front) / (2 * r),
});

export const ridgeStep = defineFormula({
  id: 'metrology/tram-ridge',
  title: 'Steps that a leaning spindle leaves',
  symbols: {
    lean: { kind: 'slope', tex: '\\lambda', meaning: 'lean across the feed' },
    over: { kind: 'length', tex: 's', meaning: 'stepover' },
  },
  result: { kind: 'length', tex: 'h', meaning: 'of each step' },
  tex: '<lean>\\,<over>',
  citation: { basis: 'derived', text: 'A flat cutter that leans cuts a slope' },
  range: 'A flat end, stepping over in the direction of the lean.',
  evaluate: ({ lean, over }) => lean * over,
});

export const hollow = defineFormula({
  id: 'metrology/tram-hollow',
  title: 'Hollow that a leaning spindle cuts along its feed',
  symbols: {
    lean: { kind: 'slope', tex: '\\lambda', meaning: 'lean along the feed' },
    cutter: { kind: 'length', tex: 'R', meaning: 'radius of the cutter' },
    over: { kind: 'length', tex: 's', meaning: 'stepover' },
  },
  result: { kind: 'length', tex: 'h', meaning: 'depth of the hollow' },
  tex: '<lean>\\left(<cutter> - \\sqrt{<cutter>^2 - <over>^2 / 4}\\right)',
  citation: { basis: 'derived', text: 'Ellipse of a tilted circle' },
  range: 'Stepover no more than the cutter’s diameter.',
  evaluate: ({ lean, cutter, over }) => lean * (cutter - Math.sqrt(cutter * cutter - (over * over) / 4)),
});

export const holeDrift = defineFormula({
  id: 'metrology/hole-drift',
  title: 'How far a hole wanders with its depth',
  symbols: {
    out: { kind: 'slope', tex: '\\gamma_z', meaning: 'plunge out of square to the table' },
    depth: { kind: 'length', tex: 't', meaning: 'of the hole' },
  },
  result: { kind: 'length', tex: 'd', meaning: 'between its mouth and its ground' },
  tex: '<out>\\,<depth>',
  citation: { basis: 'derived', text: 'Angle by depth' },
  range: 'The plunge axis, not the spindle’s lean in its mount.',
  evaluate: ({ out, depth }) => out * depth,
});
