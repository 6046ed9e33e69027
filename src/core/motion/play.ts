import { defineFormula } from '@/core/worksheet';

export const couplingPlay = defineFormula({
  id: 'motion/coupling-play',
  title: 'Lost motion by the play of the coupling',
  symbols: {
    backlash: { kind: 'angle', tex: '\\beta', meaning: 'play of the coupling' },
    kMotor: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'length', tex: 'u', meaning: 'lost motion along the axis' },
  tex: '<backlash>\\cdot\\frac{\\pi}{180°}\\cdot <kMotor>',
  citation: { basis: 'derived', text: 'Angle times travel per radian' },
  range: 'A jaw coupling gains play as its spider wears.',
  evaluate: ({ backlash, kMotor }) => backlash * kMotor,
});

export const elasticLoss = defineFormula({
  id: 'motion/elastic-loss',
  title: 'Lost motion by friction and give',
  symbols: {
    share: { kind: 'ratio', tex: 's', meaning: 'share of the load on this drive' },
    drag: { kind: 'force', tex: 'F_d', meaning: 'drag along the axis' },
    stiffness: { kind: 'stiffness', tex: 'K', meaning: 'stiffness of the drive in line' },
  },
  result: { kind: 'length', tex: 'u_e', meaning: 'wind-up that turns round at a reversal' },
  tex: '\\frac{2\\,<share>\\,<drag>}{<stiffness>}',
  citation: { basis: 'derived', text: 'The drive is pressed by the drag one way, then the other (Hooke)' },
  range: 'Slow motion without cutting.',
  evaluate: ({ share, drag, stiffness }) => (2 * share * drag) / stiffness,
});

export const lostMotion = defineFormula({
  id: 'motion/lost-motion',
  title: 'Lost motion of all known links',
  symbols: {
    before: { kind: 'length', tex: 'u_1', meaning: 'links before' },
    link: { kind: 'length', tex: 'u_2', meaning: 'this link' },
  },
  result: { kind: 'length', tex: 'u', meaning: 'lost motion' },
  tex: '<before>+<link>',
  citation: { basis: 'derived', text: 'Links in a row lose one after another' },
  range: 'The worst case: all links are run through to the other flank.',
  evaluate: ({ before, link }) => before + link,
});

export const totalDrag = defineFormula({
  id: 'motion/total-drag',
  title: 'Drag along the axis',
  symbols: {
    guides: { kind: 'force', tex: 'F_g', meaning: 'drag of the guides' },
    other: { kind: 'force', tex: 'F_o', meaning: 'cable chain, hose' },
  },
  result: { kind: 'force', tex: 'F_d', meaning: 'force against slow motion' },
  tex: '<guides>+<other>',
  citation: { basis: 'derived', text: 'Forces in one line' },
  range: 'Slow motion.',
  evaluate: ({ guides, other }) => guides + other,
});

export const motorSpeed = defineFormula({
  id: 'motion/motor-speed',
  title: 'Axis speed at the highest speed of the motor',
  symbols: {
    speed: { kind: 'angularSpeed', tex: 'n', meaning: 'highest speed of the motor' },
    kMotor: { kind: 'travelPerRadian', tex: 'k_m', meaning: 'travel per radian of the motor' },
  },
  result: { kind: 'speed', tex: 'v', meaning: 'highest axis speed' },
  tex: '2\\pi\\,<speed>\\,<kMotor>',
  citation: { basis: 'derived', text: 'Speed in turns times travel per turn' },
  range: 'As the datasheet states it.',
  evaluate: ({ speed, kMotor }) => speed * kMotor,
});

export const rampAcceleration = defineFormula({
  id: 'motion/ramp-acceleration',
  title: 'Acceleration whose ramp lasts one period',
  symbols: {
    speed: { kind: 'speed', tex: 'v', meaning: 'rapid' },
    frequency: { kind: 'frequency', tex: 'f', meaning: 'natural frequency' },
  },
  result: { kind: 'acceleration', tex: 'a', meaning: 'acceleration above which the axis rings' },
  tex: '<speed>\\,<frequency>',
  citation: { basis: 'practice', text: 'Ramps shorter than one period ring: common practice, no source' },
  range: 'Lightly damped axes; a jerk limit helps.',
  evaluate: ({ speed, frequency }) => speed * frequency,
});

export const thrustAcceleration = defineFormula({
  id: 'motion/thrust-acceleration',
  title: 'Acceleration that the drive can push',
  symbols: {
    limit: { kind: 'force', tex: 'F_{lim}', meaning: 'thrust that the drive stands' },
    share: { kind: 'ratio', tex: 's', meaning: 'share of the load on this drive' },
    steady: { kind: 'force', tex: 'F_0', meaning: 'thrust without acceleration' },
    mass: { kind: 'mass', tex: 'm', meaning: 'moving mass' },
  },
  result: { kind: 'acceleration', tex: 'a', meaning: 'highest acceleration' },
  tex: '\\max\\left(0,\\frac{<limit>-<steady>}{<share>\\,<mass>}\\right)',
  citation: { basis: 'derived', text: 'Newton: what is left of the thrust moves the mass' },
  range: 'While cutting.',
  evaluate: ({ limit, share, steady, mass }) => Math.max(0, (limit - steady) / (share * mass)),
});
