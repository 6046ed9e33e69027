import { defineFormula } from '@/core/worksheet';

export const rootSecondMoment = defineFormula({
  id: 'screw/second-moment',
  title: 'Second moment of area on the root diameter',
  symbols: { root: { kind: 'length', tex: 'd_r', meaning: 'root diameter' } },
  result: { kind: 'secondMoment', tex: 'I', meaning: 'second moment of area' },
  tex: '\\frac{\\pi\\,<root>^4}{64}',
  citation: { basis: 'textbook', text: 'Circular section; the ridges of the thread are left out' },
  range: 'Solid screws.',
  evaluate: ({ root }) => (Math.PI * root ** 4) / 64,
});

export const circleArea = defineFormula({
  id: 'screw/circle-area',
  title: 'Area of the root section',
  symbols: { diameter: { kind: 'length', tex: 'd_r', meaning: 'root diameter' } },
  result: { kind: 'area', tex: 'A_r', meaning: 'area of the section' },
  tex: '\\frac{\\pi\\,<diameter>^2}{4}',
  citation: { basis: 'textbook', text: 'Circular section' },
  range: 'Solid screws.',
  evaluate: ({ diameter }) => (Math.PI * diameter ** 2) / 4,
});

export const meanArea = defineFormula({
  id: 'screw/mean-area',
  title: 'Mean section of the thread',
  symbols: {
    meanSquare: {
      kind: 'area',
      tex: '\\overline{d^2}',
      meaning: 'mean of the squared diameter over one pitch of the true profile',
    },
  },
  result: { kind: 'area', tex: 'A', meaning: 'mean area, which carries the mass' },
  tex: '\\frac{\\pi}{4}\\,<meanSquare>',
  citation: { basis: 'derived', text: 'Profile of ISO 2904 or ASME B1.5 averaged over one pitch' },
  range: 'Sliding threads, whose ridges weigh without stiffening.',
  evaluate: ({ meanSquare }) => (Math.PI / 4) * meanSquare,
});

export const screwInertia = defineFormula({
  id: 'screw/inertia',
  title: 'Inertia of the screw',
  symbols: {
    density: { kind: 'density', tex: '\\rho', meaning: 'density of the screw' },
    meanDiameter: {
      kind: 'length',
      tex: 'd_J',
      meaning: 'diameter of the plain rod with the same inertia, from the true thread profile',
    },
    length: { kind: 'length', tex: 'L', meaning: 'length between bearings; journals left out' },
  },
  result: { kind: 'inertia', tex: 'J_s', meaning: 'moment of inertia about its axis' },
  tex: '\\frac{\\pi}{32}\\,<density>\\,<meanDiameter>^4\\,<length>',
  citation: { basis: 'derived', text: 'Solid of revolution, mean of d⁴ over one pitch of the profile' },
  range: 'Solid screws; the ball groove is drawn with usual proportions (memory).',
  evaluate: ({ density, meanDiameter, length }) => (Math.PI / 32) * density * meanDiameter ** 4 * length,
});
