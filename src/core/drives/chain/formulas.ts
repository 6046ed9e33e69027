import { GRAVITY } from '@/core/units';
import { defineFormula } from '@/core/worksheet';

const pitch = { kind: 'length', tex: 'p', meaning: 'pitch of the chain' } as const;
const teeth = { kind: 'count', tex: 'z', meaning: 'teeth of the sprocket' } as const;
/** Standard gravity, m/s². */

export const chainTravel = defineFormula({
  id: 'chain/travel-per-radian',
  title: 'Travel per radian of the sprocket, on average',
  symbols: { pitch, teeth },
  result: { kind: 'travelPerRadian', tex: 'k', meaning: 'mean travel per radian: one turn moves z pitches' },
  tex: '\\frac{<teeth>\\,<pitch>}{2\\pi}',
  citation: {
    basis: 'derived',
    text:
      'One turn moves as many pitches as there are teeth; the pitch circle p / sin(pi/z) of ISO 606 ' +
      'is larger by the ripple',
  },
  range: 'Mean over a tooth.',
  evaluate: ({ pitch: p, teeth: z }) => (z * p) / (2 * Math.PI),
});

export const pitchDiameter = defineFormula({
  id: 'chain/pitch-diameter',
  title: 'Pitch diameter of the sprocket',
  symbols: { pitch, teeth },
  result: { kind: 'length', tex: 'd', meaning: 'circle through the pins' },
  tex: '\\frac{<pitch>}{\\sin(180°/<teeth>)}',
  citation: { basis: 'standard', text: 'ISO 606, pitch circle of the sprocket' },
  range: 'New chain.',
  evaluate: ({ pitch: p, teeth: z }) => p / Math.sin(Math.PI / z),
});

export const speedRipple = defineFormula({
  id: 'chain/speed-ripple',
  title: 'Ripple of the chain speed',
  symbols: { teeth },
  result: { kind: 'ratio', tex: 'r', meaning: 'fall of the speed within a tooth, of its highest' },
  tex: '1-\\cos\\frac{180°}{<teeth>}',
  citation: { basis: 'textbook', text: 'Polygon effect (Shigley, roller chain: chordal speed variation)' },
  range: 'Sprocket turning evenly.',
  evaluate: ({ teeth: z }) => 1 - Math.cos(Math.PI / z),
});

export const chainSag = defineFormula({
  id: 'chain/sag',
  title: 'Sag of a free strand',
  symbols: {
    lineMass: { kind: 'linearDensity', tex: "m'", meaning: 'mass per length' },
    length: { kind: 'length', tex: 'L', meaning: 'free span' },
    tension: { kind: 'force', tex: 'T_0', meaning: 'tension of the slack strand' },
  },
  result: { kind: 'length', tex: 'f', meaning: 'sag in the middle' },
  tex: '\\frac{<lineMass>\\,g\\,<length>^2}{8\\,<tension>}',
  citation: { basis: 'textbook', text: 'Parabola of a flat hanging line: T = w L² / (8 f)' },
  range: 'Level span, sag below a tenth of it.',
  evaluate: ({ lineMass, length, tension }) => (lineMass * GRAVITY * length ** 2) / (8 * tension),
});

export const chainPull = defineFormula({
  id: 'chain/pull-limit',
  title: 'Working pull of the chain',
  symbols: {
    breaking: { kind: 'force', tex: 'F_B', meaning: 'tensile strength of the chain' },
    safety: { kind: 'ratio', tex: 'S', meaning: 'safety' },
  },
  result: { kind: 'force', tex: 'F_{lim}', meaning: 'highest pull' },
  tex: '\\frac{<breaking>}{<safety>}',
  citation: {
    basis: 'practice',
    text: 'Tensile strength of ISO 606; safety of 7 or more for running chains: common practice, no source',
  },
  range: 'Slow and lubricated; wear of the pins decides on fast drives.',
  evaluate: ({ breaking, safety }) => breaking / safety,
});

export const chainStiffness = defineFormula({
  id: 'chain/stiffness',
  title: 'Stiffness of the tight strand round the idler, its sag counted in',
  symbols: {
    rate: { kind: 'force', tex: 'EA', meaning: 'force for unit strain of the chain' },
    centre: { kind: 'length', tex: 'C', meaning: 'between the sprockets' },
    place: { kind: 'length', tex: 'x', meaning: 'of the carriage from the driving sprocket' },
    lineMass: { kind: 'linearDensity', tex: "m'", meaning: 'mass per length that hangs; 0 in a tray' },
    tension: { kind: 'force', tex: 'T', meaning: 'tension of the strand' },
  },
  result: { kind: 'stiffness', tex: 'K_c', meaning: 'stiffness in line' },
  tex:
    '\\frac{<rate>/(2<centre>-<place>)}{1+\\dfrac{(<lineMass>\\,g\\,<centre>)^2\\,<rate>}' +
    '{12\\,<tension>^3}}',
  citation: {
    basis: 'textbook',
    text: 'Hooke; equivalent modulus of a hanging cable (Ernst 1965) for the strand between the sprockets',
  },
  range:
    'Pushed the way that pulls over the idler, the longer one. The slack strand is taken to give no ' +
    'help.',
  evaluate: ({ rate, centre, place, lineMass, tension }) =>
    rate /
    (2 * centre - place) /
    (1 + ((lineMass * GRAVITY * centre) ** 2 * rate) / (12 * Math.max(tension, 1e-3) ** 3)),
});

export const chainWear = defineFormula({
  id: 'chain/wear-error',
  title: 'Position error of a worn chain over the travel',
  symbols: {
    wear: { kind: 'ratio', tex: '\\varepsilon', meaning: 'stretch by wear of the pins' },
    travel: { kind: 'length', tex: 's', meaning: 'travel' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'error at the far end unless steps per unit are set anew' },
  tex: '<wear>\\,<travel>',
  citation: { basis: 'practice', text: 'Chains are called worn at 1 to 2 %: common practice, no source' },
  range: 'Even wear.',
  evaluate: ({ wear, travel }) => wear * travel,
});

export const chainShaft = defineFormula({
  id: 'chain/shaft-load',
  title: 'Pull of the chain on its shaft',
  symbols: {
    pull: { kind: 'force', tex: 'F', meaning: 'pull of the tight strand beyond the pretension' },
    tension: { kind: 'force', tex: 'T_0', meaning: 'pretension' },
  },
  result: { kind: 'force', tex: 'F_r', meaning: 'radial load on the shaft' },
  tex: '<pull>+2\\,<tension>',
  citation: { basis: 'textbook', text: 'Balance of the two strands, wrapped by half a turn' },
  range: 'Parallel strands.',
  evaluate: ({ pull, tension }) => pull + 2 * tension,
});
