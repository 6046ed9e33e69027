import { defineFormula } from '@/core/worksheet';

/** Formulas that rack, belt and chain share. */

export const strandForce = defineFormula({
  id: 'line/strand-force',
  title: 'Pull on the busier side of one motor with a shaft',
  symbols: {
    thrust: { kind: 'force', tex: 'F', meaning: 'thrust of the motor' },
    share: { kind: 'ratio', tex: 's', meaning: 'share of the busier side' },
  },
  result: { kind: 'force', tex: 'F_1', meaning: 'force on one rack, belt or chain' },
  tex: '<share>\\,<thrust>',
  citation: { basis: 'derived', text: 'Balance of moments: the load stands nearer to one side' },
  range: 'Share 0.5 with the load in the middle, 1 with all of it over one side.',
  evaluate: ({ thrust, share }) => share * thrust,
});

export const shaftTorsion = defineFormula({
  id: 'line/shaft-torsion',
  title: 'Wind-up of the cross shaft as a stiffness in line',
  symbols: {
    shear: { kind: 'modulus', tex: 'G', meaning: 'shear modulus' },
    diameter: { kind: 'length', tex: 'd', meaning: 'diameter of the shaft' },
    length: { kind: 'length', tex: 'L', meaning: 'from the motor to the side' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
  },
  result: { kind: 'stiffness', tex: 'K_w', meaning: 'linear stiffness that the twist amounts to' },
  tex: '\\frac{<shear>\\,\\pi\\,<diameter>^4}{32\\,<length>\\,<k>^2}',
  citation: { basis: 'textbook', text: 'St Venant torsion of a round bar; torque F k, travel k per radian' },
  range: 'Solid round shaft; couplings in it left out.',
  evaluate: ({ shear, diameter, length, k }) => (shear * Math.PI * diameter ** 4) / (32 * length * k * k),
});

export const sharedStiffness = defineFormula({
  id: 'line/shared-stiffness',
  title: 'Stiffness of two sides under an uneven load',
  symbols: {
    one: { kind: 'stiffness', tex: 'K_1', meaning: 'stiffness of one side' },
    share: { kind: 'ratio', tex: 's', meaning: 'share of the busier side' },
  },
  result: { kind: 'stiffness', tex: 'K', meaning: 'whole load over what the busier side gives' },
  tex: '\\frac{<one>}{<share>}',
  citation: { basis: 'derived', text: 'The busier side takes s F and gives s F / K1' },
  range: 'Two alike sides.',
  evaluate: ({ one, share }) => one / share,
});

export const turningStiffness = defineFormula({
  id: 'line/turning-stiffness',
  title: 'A torsional stiffness seen along the axis',
  symbols: {
    torsional: { kind: 'torsionalStiffness', tex: 'c_t', meaning: 'torsional stiffness of the link' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian of the shaft that it sits on' },
  },
  result: { kind: 'stiffness', tex: 'K', meaning: 'linear stiffness that it amounts to' },
  tex: '\\frac{<torsional>}{<k>^2}',
  citation: { basis: 'derived', text: 'Torque F k, travel k per radian' },
  range: 'Losses left out.',
  evaluate: ({ torsional, k }) => torsional / (k * k),
});

export const pullOnShaft = defineFormula({
  id: 'line/pull-on-shaft',
  title: 'Pull of a belt on its shaft',
  symbols: {
    pretension: { kind: 'force', tex: 'T_0', meaning: 'pretension of each span' },
    pull: { kind: 'force', tex: 'F', meaning: 'thrust on the belt' },
    share: {
      kind: 'ratio',
      tex: 'u',
      meaning: 'what the short span takes of the thrust less what the long one takes; 1 at the pulley itself',
    },
    wrap: { kind: 'angle', tex: '\\varphi', meaning: 'angle of wrap' },
  },
  result: { kind: 'force', tex: 'F_r', meaning: 'radial load on the shaft' },
  tex: '(2\\,<pretension>+<share>\\,<pull>)\\,\\sin\\frac{<wrap>}{2}',
  citation: {
    basis: 'textbook',
    text: 'Balance of the two spans, which share the thrust by their stiffness (Hooke)',
  },
  range: 'Belt that does not go slack.',
  evaluate: ({ pretension, pull, share, wrap }) =>
    (2 * pretension + share * pull) * Math.sin(Math.min(wrap, 2 * Math.PI - 1e-9) / 2),
});

export const shaftBending = defineFormula({
  id: 'line/shaft-bending',
  title: 'Bending of the shaft at its first bearing',
  symbols: {
    radial: { kind: 'force', tex: 'F_r', meaning: 'radial load of the wheel' },
    overhang: { kind: 'length', tex: 'a', meaning: 'from the middle of the wheel to the first bearing' },
  },
  result: { kind: 'torque', tex: 'M_b', meaning: 'bending moment' },
  tex: '<radial>\\,<overhang>',
  citation: { basis: 'textbook', text: 'Cantilever with a load at its end (beam tables)' },
  range:
    'No bearing outboard of the wheel; datasheets that state a radial load mean it at the middle of ' +
    'the shaft end.',
  evaluate: ({ radial, overhang }) => radial * overhang,
});

export const linePlay = defineFormula({
  id: 'line/once-per-turn',
  title: 'Position error once per turn by a wheel that runs out',
  symbols: { runout: { kind: 'length', tex: 'e', meaning: 'eccentricity, half of the indicator reading' } },
  result: { kind: 'length', tex: '\\Delta x', meaning: 'greatest less smallest error within a turn' },
  tex: '2\\,<runout>',
  citation: {
    basis: 'derived',
    text:
      'Effective radius varies by plus and minus e, and with it the travel by plus and minus e ' +
      'about the mean',
  },
  range: 'Wheel fixed on its shaft; comes back with every turn.',
  evaluate: ({ runout }) => 2 * runout,
});

export const lineInertia = defineFormula({
  id: 'line/inertia',
  title: 'Inertia of the wheels and of the line that they move',
  symbols: {
    wheels: { kind: 'inertia', tex: 'J_w', meaning: 'wheels and shaft' },
    lineMass: { kind: 'linearDensity', tex: "m'", meaning: 'mass of the belt or chain per length' },
    length: { kind: 'length', tex: 'L', meaning: 'length that moves' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
  },
  result: { kind: 'inertia', tex: 'J_d', meaning: 'all that turns or runs with the drive shaft' },
  tex: '<wheels> + <lineMass>\\,<length>\\,<k>^2',
  citation: { basis: 'textbook', text: 'Equal kinetic energy' },
  range: 'Line that does not stretch.',
  evaluate: ({ wheels, lineMass, length, k }) => wheels + lineMass * length * k * k,
});

export const givenSpeed = defineFormula({
  id: 'line/given-speed',
  title: 'Highest speed of the belt or chain',
  symbols: { limit: { kind: 'speed', tex: 'v_{zul}', meaning: 'highest speed in the datasheet' } },
  result: { kind: 'speed', tex: 'v', meaning: 'highest axis speed' },
  tex: '<limit>',
  citation: { basis: 'derived', text: 'The line runs as fast as the carriage' },
  range: 'As the datasheet states it.',
  evaluate: ({ limit }) => limit,
});

export const givenStiffness = defineFormula({
  id: 'line/given-stiffness',
  title: 'A stiffness that was given',
  symbols: { given: { kind: 'stiffness', tex: 'K_g', meaning: 'as typed' } },
  result: { kind: 'stiffness', tex: 'K', meaning: 'stiffness in line' },
  tex: '<given>',
  citation: { basis: 'derived', text: 'A datasheet or a measurement beats an estimate' },
  range: 'Along the axis.',
  evaluate: ({ given }) => given,
});
