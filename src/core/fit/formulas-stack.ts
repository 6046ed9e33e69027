import { defineFormula } from '@/core/worksheet';

const gap = { kind: 'length', tex: 'G', meaning: 'free space; negative: the parts foul' } as const;
const target = { kind: 'length', tex: 'G^*', meaning: 'free space that is wanted' } as const;

export const stackGap = defineFormula({
  id: 'fit/stack-gap',
  title: 'Gap that a stack-up leaves',
  symbols: {
    up: { kind: 'length', tex: '\\Sigma_+', meaning: 'sum of the links that open it' },
    down: { kind: 'length', tex: '\\Sigma_-', meaning: 'sum of the links that close it' },
  },
  result: gap,
  tex: '<up> - <down>',
  citation: { basis: 'derived', text: 'Closed chain of dimensions: every link once, with its sign' },
  range: 'Links along one direction. A link without a value leaves the gap unknown.',
  evaluate: ({ up, down }) => up - down,
});

export const stackSpread = defineFormula({
  id: 'fit/stack-spread',
  title: 'How far a gap may be off, by squares',
  symbols: {
    sigma: { kind: 'length', tex: '\\sigma', meaning: 'root of the sum of the squares of the links' },
  },
  result: { kind: 'length', tex: 'U', meaning: 'half of the 95 % interval' },
  tex: '1.96\\,<sigma>',
  citation: { basis: 'standard', text: 'ISO/IEC Guide 98-3 (GUM), 5.1.2 and annex G' },
  range: 'Links that err by themselves. Where one even spread rules, its exact sum with the rest is taken.',
  evaluate: ({ sigma }) => 1.96 * sigma,
});

export const shimPile = defineFormula({
  id: 'fit/shim',
  title: 'Shim that a gap wants',
  symbols: { gap, target },
  result: { kind: 'length', tex: 's', meaning: 'thickness of the pile' },
  tex: '<gap> - <target>',
  citation: { basis: 'derived', text: 'What is too much is filled' },
  range: 'A pile of more than four sheets is springy (common practice).',
  evaluate: ({ gap: g, target: t }) => g - t,
});

export const recessDepth = defineFormula({
  id: 'fit/recess',
  title: 'Recess or slot that a gap wants',
  symbols: { gap, target },
  result: { kind: 'length', tex: 'r', meaning: 'depth' },
  tex: '<target> - <gap>',
  citation: { basis: 'derived', text: 'What fouls, and what is wanted free, is taken out' },
  range:
    'Leave a floor of at least 4 mm and 0.8 of the screw. Mill 0.2 mm short, measure, finish (common ' +
    'practice).',
  evaluate: ({ gap: g, target: t }) => t - g,
});

export const slotSize = defineFormula({
  id: 'fit/slot-size',
  title: 'Width or length of a slot',
  symbols: {
    body: { kind: 'length', tex: 'b', meaning: 'of the body in it' },
    travel: { kind: 'length', tex: 'S', meaning: 'how far the body runs in it; 0 where it rides along' },
    side: { kind: 'length', tex: 'c', meaning: 'kept free at each side' },
  },
  result: { kind: 'length', tex: 'w', meaning: 'of the slot' },
  tex: '<body> + <travel> + 2\\,<side>',
  citation: { basis: 'derived', text: 'Body, its way and what is kept free at both sides' },
  range: 'Corners of the slot keep the radius of the cutter: relieve them.',
  evaluate: ({ body, travel, side }) => body + travel + 2 * side,
});
