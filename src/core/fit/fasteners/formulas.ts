import { defineFormula } from '@/core/worksheet';

const diameter = { kind: 'length', tex: 'd', meaning: 'nominal diameter of the screw' } as const;
const pitch = { kind: 'length', tex: 'P', meaning: 'pitch of the thread' } as const;
const area = { kind: 'area', tex: 'A_s', meaning: 'stress area of the screw' } as const;

export const tapDrill = defineFormula({
  id: 'fastener/tap-drill',
  title: 'Tap drill by the share of thread',
  symbols: {
    diameter,
    pitch,
    share: { kind: 'ratio', tex: 'q', meaning: 'share of the full height of thread' },
  },
  result: { kind: 'length', tex: 'd_b', meaning: 'diameter of the drill' },
  tex: '<diameter> - \\frac{<share>\\,<pitch>}{0.7698}',
  citation: { basis: 'derived', text: 'Full height of a 60° thread, 5/8 H on either side (ISO 68-1)' },
  range: 'Nominal diameter less pitch is 77 %, as ISO 2306 has it. Less is easier to tap in steel.',
  evaluate: ({ diameter: d, pitch: p, share }) => d - (share * p) / 0.7698,
});

export const stressArea = defineFormula({
  id: 'fastener/stress-area',
  title: 'Stress area of a screw',
  symbols: { diameter, pitch },
  result: area,
  tex: '\\frac{\\pi}{4}\\,(<diameter> - 0.9382\\,<pitch>)^2',
  citation: { basis: 'standard', text: 'ISO 898-1, 9.1.6.1' },
  range: 'ISO metric thread; unified threads have the same profile.',
  evaluate: ({ diameter: d, pitch: p }) => (Math.PI / 4) * (d - 0.9382 * p) ** 2,
});

export const engagement = defineFormula({
  id: 'fastener/engagement',
  title: 'Thread that a screw wants in its nut or plate',
  symbols: {
    area,
    strength: { kind: 'modulus', tex: 'R_m', meaning: 'tensile strength of the screw' },
    diameter,
    shear: { kind: 'modulus', tex: '\\tau_B', meaning: 'shear strength of what is tapped' },
    pitch,
  },
  result: { kind: 'length', tex: 'L_e', meaning: 'thread in engagement, so that the screw breaks first' },
  tex: '\\frac{<area>\\,<strength>}{0.875\\,\\pi\\,<diameter>\\,<shear>} + <pitch>',
  citation: { basis: 'textbook', text: 'After VDI 2230, 5.5.5: thread stripping of the internal thread' },
  range: 'The first and last turn bear nothing: a pitch is added. Plastic and wood want an insert.',
  evaluate: ({ area: a, strength, diameter: d, shear, pitch: p }) =>
    (a * strength) / (0.875 * Math.PI * d * shear) + p,
});

export const preload = defineFormula({
  id: 'fastener/preload',
  title: 'Preload up to which a screw is tightened',
  symbols: {
    yield: { kind: 'modulus', tex: 'R_p', meaning: 'yield strength of the screw' },
    area,
    diameter,
    pitch,
    friction: { kind: 'ratio', tex: '\\mu', meaning: 'in thread and under the head' },
  },
  result: { kind: 'force', tex: 'F_V', meaning: 'preload' },
  tex:
    '\\frac{0.9\\,<yield>\\,<area>}{\\sqrt{1 + 3\\left(\\frac{3 d_2}{2 d_0}' +
    '\\left(\\frac{<pitch>}{\\pi d_2} + ' +
    '1.155\\,<friction>\\right)\\right)^2}},\\quad d_2 = <diameter> - 0.6495\\,<pitch>',
  citation: { basis: 'textbook', text: 'VDI 2230, 5.4.3: 90 % of yield with torsion' },
  range: 'Steel nut side. A softer thread caps it: no more than what it strips at, over 1.5.',
  evaluate({ yield: strength, area: a, diameter: d, pitch: p, friction }) {
    const d2 = d - 0.6495 * p;
    const d0 = Math.sqrt((4 * a) / Math.PI);
    const twist = 1.5 * (d2 / d0) * (p / (Math.PI * d2) + 1.155 * friction);
    return (0.9 * strength * a) / Math.sqrt(1 + 3 * twist * twist);
  },
});

export const tightening = defineFormula({
  id: 'fastener/tightening',
  title: 'Tightening torque',
  symbols: {
    preload: { kind: 'force', tex: 'F_V', meaning: 'preload' },
    pitch,
    diameter,
    friction: { kind: 'ratio', tex: '\\mu', meaning: 'in thread and under the head' },
    head: { kind: 'length', tex: 'd_k', meaning: 'diameter of the head' },
    hole: { kind: 'length', tex: 'd_h', meaning: 'diameter of its clearance hole' },
  },
  result: { kind: 'torque', tex: 'T', meaning: 'torque at the key' },
  tex:
    '<preload>\\left(0.16\\,<pitch> + 0.58\\,(<diameter> - 0.6495\\,<pitch>)\\,<friction> + ' +
    '\\frac{<friction>\\,(<head> + <hole>)}{4}\\right)',
  citation: { basis: 'textbook', text: 'VDI 2230, 5.4.3.2' },
  range: 'Clean and lightly oiled: friction 0.12. Printed tables lie 2 to 5 % below it.',
  evaluate: ({ preload: f, pitch: p, diameter: d, friction, head, hole }) =>
    f * (0.16 * p + 0.58 * (d - 0.6495 * p) * friction + (friction * (head + hole)) / 4),
});

export const floatOf = defineFormula({
  id: 'fastener/float',
  title: 'How far two holes of a pattern may lie off one another',
  symbols: {
    hole: { kind: 'length', tex: 'H', meaning: 'clearance hole' },
    screw: { kind: 'length', tex: 'F', meaning: 'screw in it' },
  },
  result: { kind: 'length', tex: 'T', meaning: 'diametral zone that both parts share' },
  tex: '<hole> - <screw>',
  citation: { basis: 'standard', text: 'ASME Y14.5, appendix B: fixed fastener' },
  range: 'One part tapped, the other drilled clear. A dimension off by a both ways takes 2.83 a of it.',
  evaluate: ({ hole, screw }) => hole - screw,
});
