import { GRAVITY } from '@/core/units';
import { defineFormula } from '@/core/worksheet';

const mass = { kind: 'mass', tex: 'm_c', meaning: 'one counterweight' } as const;
const roping = {
  kind: 'ratio',
  tex: 'i_c',
  meaning: 'run of the counterweight for each length of the axis',
} as const;
const count = { kind: 'count', tex: 'n', meaning: 'how many' } as const;

export const counterweightPull = defineFormula({
  id: 'motion/counterweight-pull',
  title: 'Pull of a counterweight on its axis',
  symbols: { mass, roping, count },
  result: { kind: 'force', tex: 'F_c', meaning: 'force up along the axis' },
  tex: '<count>\\,<mass>\\,g\\,<roping>',
  citation: { basis: 'textbook', text: 'Virtual work: what the weight falls, the axis is lifted' },
  range: 'At rest; friction of sheaves left out (2 to 5 % of the pull each, memory: type it as drag).',
  evaluate: ({ mass: m, roping: i, count: n }) => n * m * GRAVITY * i,
});

export const counterweightFelt = defineFormula({
  id: 'motion/counterweight-felt',
  title: 'A counterweight as the axis feels it when it speeds up',
  symbols: { mass, roping, count },
  result: { kind: 'mass', tex: 'm_f', meaning: 'mass that is added to what moves' },
  tex: '<count>\\,<mass>\\,<roping>^2',
  citation: { basis: 'textbook', text: 'Equal kinetic energy' },
  range: 'A rope that stays tight: the axis speeds up by less than g over the roping.',
  evaluate: ({ mass: m, roping: i, count: n }) => n * m * i * i,
});

export const gasSpringPush = defineFormula({
  id: 'motion/gas-spring-push',
  title: 'Push of gas springs',
  symbols: {
    force: { kind: 'force', tex: 'F_1', meaning: 'of one with its rod out' },
    rise: { kind: 'ratio', tex: 'x', meaning: 'force with the rod in over force with it out' },
    stroke: { kind: 'length', tex: 's', meaning: 'stroke' },
    pressed: { kind: 'length', tex: 'c', meaning: 'how far the rod is pressed in' },
    count,
  },
  result: { kind: 'force', tex: 'F_c', meaning: 'force up along the axis' },
  tex: '\\frac{<count>\\,<force>}{1-\\dfrac{<pressed>}{<stroke>}\\left(1-\\dfrac{1}{<rise>}\\right)}',
  citation: {
    basis: 'textbook',
    text: 'Gas that keeps its temperature (Boyle): pressure times room is constant',
  },
  range:
    'Moved slowly, at the temperature at which the force was given; 0.34 % more for each kelvin. Up to ' +
    'the end ' +
    'of the stroke.',
  evaluate: ({ force, rise, stroke, pressed, count: n }) =>
    (n * force) / (1 - Math.min(1, pressed / stroke) * (1 - 1 / rise)),
});

export const balanceSum = defineFormula({
  id: 'motion/balance',
  title: 'All that holds the axis up',
  symbols: {
    said: { kind: 'force', tex: 'F_0', meaning: 'a push that is the same everywhere' },
    parts: { kind: 'force', tex: '\\sum F_c', meaning: 'counterweights and gas springs' },
  },
  result: { kind: 'force', tex: 'F_b', meaning: 'force against the weight along the axis' },
  tex: '<said>+<parts>',
  citation: { basis: 'derived', text: 'Forces in one line' },
  range: 'At one place of the travel.',
  evaluate: ({ said, parts }) => said + parts,
});

export const balancedMass = defineFormula({
  id: 'motion/balanced-mass',
  title: 'Mass that is sped up, counterweights among it',
  symbols: {
    moving: { kind: 'mass', tex: 'm_m', meaning: 'moving mass' },
    counterweights: { kind: 'mass', tex: '\\sum m_f', meaning: 'counterweights as the axis feels them' },
  },
  result: { kind: 'mass', tex: 'm', meaning: 'mass that forces of inertia act on' },
  tex: '<moving>+<counterweights>',
  citation: { basis: 'derived', text: 'Sum of masses' },
  range: 'Ropes that stay tight.',
  evaluate: ({ moving, counterweights }) => moving + counterweights,
});

export const dragBeside = defineFormula({
  id: 'motion/drag-beside',
  title: 'Drag of what hangs on the axis beside its guides',
  symbols: {
    hung: { kind: 'force', tex: 'F_h', meaning: 'cable chain, hose' },
    seals: { kind: 'force', tex: 'F_s', meaning: 'friction of all gas springs' },
  },
  result: { kind: 'force', tex: 'F_o', meaning: 'drag beside that of the guides' },
  tex: '<hung>+<seals>',
  citation: { basis: 'derived', text: 'Forces in one line' },
  range: 'Slow motion.',
  evaluate: ({ hung, seals }) => hung + seals,
});
