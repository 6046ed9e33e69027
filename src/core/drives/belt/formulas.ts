import { bisect } from '@/core/numerics';
import { defineFormula } from '@/core/worksheet';

const teeth = { kind: 'count', tex: 'z', meaning: 'teeth of the pulley' } as const;
const pitch = { kind: 'length', tex: 'p', meaning: 'pitch of the belt' } as const;
const place = {
  kind: 'length',
  tex: 'x',
  meaning: 'from the driving pulley, or from one clamp, to the carriage',
} as const;
const centre = { kind: 'length', tex: 'C', meaning: 'between the pulleys or clamps' } as const;
const rate = {
  kind: 'force',
  tex: 'c',
  meaning: 'force for unit strain: specific stiffness times width',
} as const;

export const beltTravel = defineFormula({
  id: 'belt/travel-per-radian',
  title: 'Travel per radian of the pulley',
  symbols: { teeth, pitch },
  result: { kind: 'travelPerRadian', tex: 'k', meaning: 'half the pitch diameter' },
  tex: '\\frac{<teeth>\\,<pitch>}{2\\pi}',
  citation: {
    basis: 'standard',
    text: 'ISO 13050 (curvilinear) and ISO 5296: teeth times pitch is one turn',
  },
  range: 'No jumping teeth.',
  evaluate: ({ teeth: z, pitch: p }) => (z * p) / (2 * Math.PI),
});

export const teethInMesh = defineFormula({
  id: 'belt/teeth-in-mesh',
  title: 'Teeth in mesh',
  symbols: { teeth, wrap: { kind: 'angle', tex: '\\varphi', meaning: 'angle of wrap' } },
  result: { kind: 'ratio', tex: 'z_m', meaning: 'teeth of the pulley that the belt holds' },
  tex: '<teeth>\\,\\frac{<wrap>}{360°}',
  citation: { basis: 'derived', text: 'Share of the turn' },
  range: 'Six and more carry the full pull (common rule of belt makers, from memory).',
  evaluate: ({ teeth: z, wrap }) => (z * wrap) / (2 * Math.PI),
});

export const beltPull = defineFormula({
  id: 'belt/pull-limit',
  title: 'Pull that the teeth of the belt carry',
  symbols: {
    allowed: { kind: 'force', tex: 'F_{zul}', meaning: 'allowed effective pull of the belt at its width' },
    mesh: { kind: 'ratio', tex: 'z_m', meaning: 'teeth in mesh' },
  },
  result: { kind: 'force', tex: 'F_{lim}', meaning: 'highest pull' },
  tex: '<allowed>\\,\\min\\left(1,\\frac{<mesh>}{6}\\right)',
  citation: { basis: 'memory', text: 'Fewer than six teeth in mesh carry in proportion' },
  range: 'Smooth running; the belt’s datasheet rules.',
  evaluate: ({ allowed, mesh }) => allowed * Math.min(1, mesh / 6),
});

export const beltRate = defineFormula({
  id: 'belt/rate',
  title: 'Force for unit strain of the belt',
  symbols: {
    specific: {
      kind: 'stiffness',
      tex: 'c_{sp}',
      meaning: 'specific stiffness: force for each width at unit strain',
    },
    width: { kind: 'length', tex: 'b', meaning: 'width' },
  },
  result: { kind: 'force', tex: 'c', meaning: 'force that would stretch it to double its length' },
  tex: '<specific>\\,<width>',
  citation: { basis: 'derived', text: 'Cords side by side' },
  range: 'Straight part of the load-strain line.',
  evaluate: ({ specific, width }) => specific * width,
});

export const loopStiffness = defineFormula({
  id: 'belt/loop-stiffness',
  title: 'Stiffness of a belt loop at the carriage',
  symbols: { rate, place, centre },
  result: { kind: 'stiffness', tex: 'K_b', meaning: 'stiffness in line' },
  tex: '<rate>\\left(\\frac{1}{<place>}+\\frac{1}{2\\,<centre>-<place>}\\right)',
  citation: { basis: 'textbook', text: 'Both spans to the driving pulley pull side by side; Hooke' },
  range: 'Both spans tight; the driving pulley stands; least at the idler’s end.',
  evaluate: ({ rate: c, place: x, centre: C }) => c * (1 / x + 1 / (2 * C - x)),
});

export const openStiffness = defineFormula({
  id: 'belt/open-stiffness',
  title: 'Stiffness of an open belt at a travelling pinion block',
  symbols: { rate, place, centre },
  result: { kind: 'stiffness', tex: 'K_b', meaning: 'stiffness in line' },
  tex: '<rate>\\left(\\frac{1}{<place>}+\\frac{1}{<centre>-<place>}\\right)',
  citation: { basis: 'textbook', text: 'Two spans to the ground pull side by side; Hooke' },
  range: 'Both spans tight; least in the middle.',
  evaluate: ({ rate: c, place: x, centre: C }) => c * (1 / x + 1 / (C - x)),
});

export const spanFrequency = defineFormula({
  id: 'belt/span-frequency',
  title: 'Note of a belt span at its tension',
  symbols: {
    tension: { kind: 'force', tex: 'T_0', meaning: 'tension of the span' },
    lineMass: { kind: 'linearDensity', tex: "m'", meaning: 'mass per length' },
    length: { kind: 'length', tex: 'L', meaning: 'free length that is plucked' },
  },
  result: { kind: 'frequency', tex: 'f', meaning: 'frequency of the plucked span' },
  tex: '\\frac{1}{2\\,<length>}\\sqrt{\\frac{<tension>}{<lineMass>}}',
  citation: { basis: 'textbook', text: 'Vibrating string: T = 4 m L² f²' },
  range: 'Long thin spans; short wide belts are stiffer and sound higher.',
  evaluate: ({ tension, lineMass, length }) => Math.sqrt(tension / lineMass) / (2 * length),
});

/** Exact length of an open (uncrossed) belt over two pulleys, m. */
export function loopLengthOf(centre: number, one: number, other: number): number {
  const half = Math.asin(Math.min(1, Math.abs(one - other) / (2 * centre)));
  return 2 * centre * Math.cos(half) + (Math.PI / 2) * (one + other) + half * Math.abs(one - other);
}

export const loopLength = defineFormula({
  id: 'belt/loop-length',
  title: 'Length of a belt over two pulleys',
  symbols: {
    centre: { kind: 'length', tex: 'C', meaning: 'between the shafts' },
    small: { kind: 'length', tex: 'd', meaning: 'pitch diameter of one pulley' },
    large: { kind: 'length', tex: 'D', meaning: 'pitch diameter of the other' },
  },
  result: { kind: 'length', tex: 'L', meaning: 'pitch length of the belt' },
  tex:
    '2\\,<centre>\\cos\\theta+\\frac{\\pi}{2}(<small>+<large>)+\\theta\\,|<large>-<small>|,\\quad ' +
    '\\sin\\theta=\\frac{|<large>-<small>|}{2\\,<centre>}',
  citation: {
    basis: 'textbook',
    text: 'Shigley, Mechanical Engineering Design, flexible elements: open belt',
  },
  range: 'Pulleys that do not touch.',
  evaluate: ({ centre, small, large }) => loopLengthOf(centre, small, large),
});

export const beltTeeth = defineFormula({
  id: 'belt/belt-teeth',
  title: 'Teeth of the belt that is bought',
  symbols: { length: { kind: 'length', tex: 'L', meaning: 'pitch length wanted' }, pitch },
  result: { kind: 'count', tex: 'z_b', meaning: 'next whole number of teeth' },
  tex: '\\operatorname{round}\\frac{<length>}{<pitch>}',
  citation: { basis: 'derived', text: 'A belt holds whole teeth' },
  range: 'Which numbers are stocked is for the seller to say; every fifth or tenth is usual.',
  evaluate: ({ length, pitch: p }) => Math.round(length / p),
});

export const centreForTeeth = defineFormula({
  id: 'belt/centre-distance',
  title: 'Distance of the shafts for a belt of whole teeth',
  symbols: {
    beltTeeth: { kind: 'count', tex: 'z_b', meaning: 'teeth of the belt' },
    pitch,
    small: { kind: 'length', tex: 'd', meaning: 'pitch diameter of one pulley' },
    large: { kind: 'length', tex: 'D', meaning: 'pitch diameter of the other' },
  },
  result: { kind: 'length', tex: 'C', meaning: 'between the shafts; leave room to tension' },
  tex: 'C\\;\\text{where}\\; L(C,\\,<small>,\\,<large>)=<beltTeeth>\\,<pitch>',
  citation: { basis: 'derived', text: 'Root of the belt length (Shigley, open belt) by bisection' },
  range: 'A belt long enough to go round both pulleys; otherwise 0.',
  evaluate: ({ beltTeeth: z, pitch: p, small, large }) => {
    const least = (small + large) / 2;
    const root = bisect((c) => loopLengthOf(c, small, large) - z * p, least, z * p, 1e-9);
    return root.ok ? root.x : 0;
  },
});

export const pulleyDiameter = defineFormula({
  id: 'belt/pulley-diameter',
  title: 'Pitch diameter of a pulley',
  symbols: { teeth, pitch },
  result: {
    kind: 'length',
    tex: 'd',
    meaning: 'pitch diameter: a little more than the pulley measures over its teeth',
  },
  tex: '\\frac{<teeth>\\,<pitch>}{\\pi}',
  citation: { basis: 'standard', text: 'ISO 13050 and ISO 5294: circumference is teeth times pitch' },
  range: 'Toothed belts.',
  evaluate: ({ teeth: z, pitch: p }) => (z * p) / Math.PI,
});

export const stageTension = defineFormula({
  id: 'belt/stage-tension',
  title: 'Least tension of a belt stage at rest',
  symbols: {
    torque: { kind: 'torque', tex: 'T', meaning: 'torque on the pulley of the motor' },
    diameter: { kind: 'length', tex: 'd', meaning: 'its pitch diameter' },
  },
  result: { kind: 'force', tex: 'T_0', meaning: 'tension of each span' },
  tex: '\\frac{1}{2}\\cdot\\frac{2\\,<torque>}{<diameter>}',
  citation: { basis: 'memory', text: 'Half of the effective pull for looped stages' },
  range: 'So that the slack span does not go slack; the belt’s datasheet rules.',
  evaluate: ({ torque, diameter }) => torque / diameter,
});

export const beltPitchError = defineFormula({
  id: 'belt/pitch-error',
  title: 'Pitch error of a toothed belt over the travel',
  symbols: { travel: { kind: 'length', tex: 's', meaning: 'travel' } },
  result: { kind: 'length', tex: 'e', meaning: 'position error over the travel' },
  tex: '0.4\\,\\text{mm}\\cdot\\frac{<travel>}{1\\,\\text{m}}',
  citation: {
    basis: 'memory',
    text: 'Belts are cut to 0.3 to 0.5 mm a metre, and stretch by their pretension on top',
  },
  range: 'Until steps per unit are set at the tension of work; most of it is even.',
  evaluate: ({ travel }) => 0.4e-3 * travel,
});
