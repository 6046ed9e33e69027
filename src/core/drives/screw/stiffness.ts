import { defineFormula } from '@/core/worksheet';

export const axialStiffness = defineFormula({
  id: 'screw/axial-stiffness',
  title: 'Axial stiffness of a length of screw',
  symbols: {
    modulus: { kind: 'modulus', tex: 'E', meaning: 'modulus of elasticity' },
    area: { kind: 'area', tex: 'A_r', meaning: 'root section' },
    length: { kind: 'length', tex: 'a', meaning: 'distance from the thrust bearing to the nut' },
  },
  result: { kind: 'stiffness', tex: 'K_s', meaning: 'stiffness of the screw in line' },
  tex: '\\frac{<modulus>\\,<area>}{<length>}',
  citation: { basis: 'textbook', text: 'Hooke; ISO 3408-4 (static axial rigidity)' },
  range: 'Nut at the stated distance; least at the far end of travel.',
  evaluate: ({ modulus, area, length }) => (modulus * area) / length,
});

export const windUpStiffness = defineFormula({
  id: 'screw/wind-up',
  title: 'Wind-up of the screw as a stiffness in line',
  symbols: {
    shear: { kind: 'modulus', tex: 'G', meaning: 'shear modulus' },
    root: { kind: 'length', tex: 'd_r', meaning: 'root diameter' },
    length: { kind: 'length', tex: 'a', meaning: 'twisted length, motor to nut' },
    k: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian' },
  },
  result: { kind: 'stiffness', tex: 'K_t', meaning: 'linear stiffness that the twist amounts to' },
  tex: '\\frac{<shear>\\,\\pi\\,<root>^4}{32\\,<length>\\,<k>^2}',
  citation: { basis: 'textbook', text: 'St Venant torsion of a round bar; torque F k, travel k per radian' },
  range: 'Loss of the nut left out.',
  evaluate: ({ shear, root, length, k }) => (shear * Math.PI * root ** 4) / (32 * length * k * k),
});

export const nutStiffness = defineFormula({
  id: 'screw/nut-stiffness',
  title: 'Stiffness of the ball nut at its load',
  symbols: {
    rated: { kind: 'stiffness', tex: 'K', meaning: 'stiffness in the datasheet' },
    load: { kind: 'force', tex: 'F', meaning: 'preload, or the thrust where there is none' },
    share: {
      kind: 'ratio',
      tex: '\\varepsilon',
      meaning: 'share of the dynamic rating at which K is stated: 0.1 preloaded, 0.3 without',
    },
    dynamicLoad: { kind: 'force', tex: 'C_a', meaning: 'dynamic load rating' },
  },
  result: { kind: 'stiffness', tex: 'K_n', meaning: 'stiffness of the nut' },
  tex: '0.8\\,<rated>\\left(\\frac{<load>}{<share>\\,<dynamicLoad>}\\right)^{1/3}',
  citation: { basis: 'memory', text: 'Hertz contact; the form used in ball screw literature' },
  range: 'Ball nuts.',
  evaluate: ({ rated, load, share, dynamicLoad }) => 0.8 * rated * Math.cbrt(load / (share * dynamicLoad)),
});

export const inSeries = defineFormula({
  id: 'screw/in-series',
  title: 'Links one behind the other',
  symbols: {
    first: { kind: 'stiffness', tex: 'K_1', meaning: 'stiffness of the chain so far' },
    second: { kind: 'stiffness', tex: 'K_2', meaning: 'stiffness of the link that is added' },
  },
  result: { kind: 'stiffness', tex: 'K', meaning: 'stiffness of both together' },
  tex: '\\left(\\frac{1}{<first>}+\\frac{1}{<second>}\\right)^{-1}',
  citation: { basis: 'textbook', text: 'Springs in series' },
  range: 'Any.',
  evaluate: ({ first, second }) => 1 / (1 / first + 1 / second),
});

export const sideBySide = defineFormula({
  id: 'screw/side-by-side',
  title: 'Two ways to the ground',
  symbols: {
    first: { kind: 'stiffness', tex: 'K_1', meaning: 'stiffness towards the motor end' },
    second: { kind: 'stiffness', tex: 'K_2', meaning: 'stiffness towards the far end' },
  },
  result: { kind: 'stiffness', tex: 'K', meaning: 'stiffness of both together' },
  tex: '<first> + <second>',
  citation: { basis: 'textbook', text: 'Springs side by side: a screw with a thrust bearing at both ends' },
  range: 'Screw not slack between the bearings.',
  evaluate: ({ first, second }) => first + second,
});
