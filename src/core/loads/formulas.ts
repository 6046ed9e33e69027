import { defineFormula, type InputsOf } from '@/core/worksheet';
import { engagement, millingForce, THINNEST } from './milling-force';

export { steadiness } from './tipping';

const diameter = { kind: 'length', tex: 'D', meaning: 'diameter of the cutter' } as const;
const flutes = { kind: 'count', tex: 'z', meaning: 'flutes' } as const;
const spindle = { kind: 'angularSpeed', tex: 'n', meaning: 'speed of the spindle' } as const;
const feed = { kind: 'speed', tex: 'v_f', meaning: 'feed along the path' } as const;
const depth = { kind: 'length', tex: 'a_p', meaning: 'depth along the cutter' } as const;
const width = { kind: 'length', tex: 'a_e', meaning: 'width across the feed, at most the diameter' } as const;
const kc11 = {
  kind: 'modulus',
  tex: 'k_{c1.1}',
  meaning: 'specific cutting force at a chip of 1 mm',
} as const;
const exponent = {
  kind: 'ratio',
  tex: 'm_c',
  meaning: 'how the specific force falls with the chip',
} as const;
const radial = {
  kind: 'ratio',
  tex: 'k_r',
  meaning: 'radial over tangential force: 0.3 sharp in metal, 0.6 worn or in wood',
} as const;
const way = { kind: 'ratio', tex: 'c', meaning: '1 climb, 0 conventional' } as const;
const KIENZLE = {
  basis: 'textbook',
  text: 'Kienzle 1952; Altintas, Manufacturing Automation, milling mechanics',
} as const;

export const chipLoad = defineFormula({
  id: 'loads/chip-load',
  title: 'Chip load',
  symbols: { feed, flutes, spindle },
  result: { kind: 'length', tex: 'f_z', meaning: 'feed for each tooth' },
  tex: '\\frac{<feed>}{<flutes>\\,<spindle>}',
  citation: { basis: 'textbook', text: 'Definition; Machinery’s Handbook, milling feeds' },
  range:
    'Below 0.01 mm in metal the tool rubs; above 6 % of its diameter it is asked too much (common ' +
    'practice, no source).',
  evaluate: ({ feed: v, flutes: z, spindle: w }) => v / ((z * w) / (2 * Math.PI)),
});

export const engagementAngle = defineFormula({
  id: 'loads/engagement',
  title: 'Angle of engagement',
  symbols: { diameter, width },
  result: { kind: 'angle', tex: '\\varphi_s', meaning: 'how long a tooth cuts in each turn' },
  tex: '\\arccos\\left(1 - \\frac{2\\,<width>}{<diameter>}\\right)',
  citation: KIENZLE,
  range: 'Width up to the diameter; a full slot is 180°.',
  evaluate: ({ diameter: d, width: w }) => engagement(w / d),
});

export const meanChip = defineFormula({
  id: 'loads/mean-chip',
  title: 'Mean thickness of the chip',
  symbols: {
    width,
    chip: { kind: 'length', tex: 'f_z', meaning: 'chip load' },
    diameter,
    arc: { kind: 'angle', tex: '\\varphi_s', meaning: 'angle of engagement' },
  },
  result: { kind: 'length', tex: 'h_m', meaning: 'mean over the engagement' },
  tex: '\\frac{2\\,<width>\\,<chip>}{<diameter>\\,\\varphi_s}\\quad\\scriptstyle(\\varphi_s=<arc>)',
  citation: KIENZLE,
  range: 'Angle in radians.',
  evaluate: ({ width: w, chip, diameter: d, arc }) => (2 * w * chip) / (d * arc),
});

export const specificForce = defineFormula({
  id: 'loads/specific-force',
  title: 'Specific cutting force',
  symbols: { kc11, chip: { kind: 'length', tex: 'h', meaning: 'thickness of the chip' }, exponent },
  result: { kind: 'modulus', tex: 'k_c', meaning: 'force for each area of chip' },
  tex: '<kc11>\\left(\\frac{<chip>}{1\\,\\text{mm}}\\right)^{-<exponent>}',
  citation: KIENZLE,
  range: 'Chips of 1 µm to 1 mm; thinner ones count as 1 µm.',
  evaluate: ({ kc11: k, chip, exponent: m }) => k * (Math.max(THINNEST, chip) / 1e-3) ** -m,
});

export const removalRate = defineFormula({
  id: 'loads/removal-rate',
  title: 'Material cut in a time',
  symbols: { depth, width, feed },
  result: { kind: 'removalRate', tex: 'Q', meaning: 'volume in a time' },
  tex: '<depth>\\,<width>\\,<feed>',
  citation: { basis: 'derived', text: 'Cross-section of the cut times feed' },
  range: 'In full cut.',
  evaluate: ({ depth: a, width: w, feed: v }) => a * w * v,
});

export const cuttingPower = defineFormula({
  id: 'loads/cutting-power',
  title: 'Power of the cut',
  symbols: {
    specific: { kind: 'modulus', tex: 'k_c', meaning: 'specific force at the mean chip' },
    rate: { kind: 'removalRate', tex: 'Q', meaning: 'material cut in a time' },
  },
  result: { kind: 'power', tex: 'P', meaning: 'mean power at the cutter' },
  tex: '<specific>\\,<rate>',
  citation: KIENZLE,
  range: 'Mean chip; within 4.5 % of the torque integrated over the turn at an exponent of 0.25.',
  evaluate: ({ specific, rate }) => specific * rate,
});

export const spindleForce = defineFormula({
  id: 'loads/spindle-force',
  title: 'Tangential force that the spindle can give',
  symbols: {
    power: { kind: 'power', tex: 'P_s', meaning: 'rated power of the spindle at this speed' },
    efficiency: { kind: 'ratio', tex: '\\eta', meaning: 'of spindle and drive' },
    diameter,
    spindle,
  },
  result: { kind: 'force', tex: 'F_s', meaning: 'beyond it the spindle stalls' },
  tex: '\\frac{<power>\\,<efficiency>}{\\pi\\,<diameter>\\,<spindle>}',
  citation: { basis: 'derived', text: 'Power is tangential force times speed of the edge' },
  range: 'Below the rated speed the power of a spindle falls with it.',
  evaluate: ({ power, efficiency, diameter: d, spindle: w }) => (power * efficiency) / ((d * w) / 2),
});

export const spindlePower = defineFormula({
  id: 'loads/spindle-power',
  title: 'Power of a spindle at a speed',
  symbols: {
    power: { kind: 'power', tex: 'P_r', meaning: 'rated power' },
    spindle,
    rated: { kind: 'angularSpeed', tex: 'n_r', meaning: 'speed at which it gives its rated power' },
  },
  result: { kind: 'power', tex: 'P_s', meaning: 'power at this speed' },
  tex: '<power>\\,\\min\\left(1,\\frac{<spindle>}{<rated>}\\right)',
  citation: {
    basis: 'textbook',
    text: 'Converter-fed induction motor: constant torque below its rated speed',
  },
  range: 'A router motor with brushes falls off faster; its datasheet rules.',
  evaluate: ({ power, spindle: w, rated }) => power * Math.min(1, w / rated),
});

const cut = { diameter, flutes, spindle, feed, depth, width, kc11, exponent, radial, way } as const;
const inputs = ({ way: w, ...rest }: InputsOf<typeof cut>) => ({ ...rest, climb: w > 0.5 });
const overTurn = (what: string) =>
  `\\${what}_{0\\le\\varphi<2\\pi}\\;\\sum_{<flutes>} ` +
  `<kc11>\\left(\\tfrac{h}{1\\,\\text{mm}}\\right)^{-<exponent>} <depth>\\,h\\;`;
const STEPS = 'h = (<feed>/(<flutes>\\,<spindle>))\\sin\\varphi';
const INTEGRATED =
  'Straight flutes, rigid tool, 360 steps from tooth to tooth; no runout: an eccentric tooth cuts ' +
  'more than its share. A spiral cutter has the same mean and a lower peak.';

export const peakAlong = defineFormula({
  id: 'loads/peak-along',
  title: 'Peak force along the feed',
  symbols: cut,
  result: { kind: 'force', tex: '\\hat F_f', meaning: 'largest force along the feed over one turn' },
  tex:
    `${overTurn('max')}|\\cos\\varphi + <radial>\\sin\\varphi|,\\quad ${STEPS},\\; ` +
    `<diameter>,\\,<width>,\\,<way>`,
  citation: KIENZLE,
  range: INTEGRATED,
  evaluate: (c) => millingForce(inputs(c)).peakAlong,
});
export const peakAcross = defineFormula({
  id: 'loads/peak-across',
  title: 'Peak force across the feed',
  symbols: cut,
  result: { kind: 'force', tex: '\\hat F_n', meaning: 'largest force across the feed over one turn' },
  tex:
    `${overTurn('max')}|\\sin\\varphi - <radial>\\cos\\varphi|,\\quad ${STEPS},\\; ` +
    `<diameter>,\\,<width>,\\,<way>`,
  citation: KIENZLE,
  range: INTEGRATED,
  evaluate: (c) => millingForce(inputs(c)).peakAcross,
});
export const meanTorque = defineFormula({
  id: 'loads/mean-torque',
  title: 'Torque of the cut',
  symbols: cut,
  result: { kind: 'torque', tex: '\\bar T', meaning: 'mean over one turn' },
  tex:
    `\\frac{1}{2\\pi}\\int_0^{2\\pi}\\sum_{<flutes>} ` +
    `<kc11>\\left(\\tfrac{h}{1\\,\\text{mm}}\\right)^{-<exponent>} ` +
    `<depth>\\,h\\,\\frac{<diameter>}{2}\\,d\\varphi,\\quad ${STEPS},\\; <width>,\\,<radial>,\\,<way>`,
  citation: KIENZLE,
  range: INTEGRATED,
  evaluate: (c) => millingForce(inputs(c)).meanTorque,
});

export const axialForce = defineFormula({
  id: 'loads/axial-force',
  title: 'Force along the spindle',
  symbols: {
    tangential: { kind: 'force', tex: 'F_t', meaning: 'largest tangential force' },
    helix: { kind: 'angle', tex: '\\beta', meaning: 'spiral angle of the cutter' },
  },
  result: { kind: 'force', tex: 'F_a', meaning: 'lifts the work (up-cut) or presses it (down-cut)' },
  tex: '<tangential>\\tan <helix>',
  citation: {
    basis: 'memory',
    text: 'Oblique cutting without friction along the edge; textbooks on milling mechanics',
  },
  range: 'An estimate: friction along the edge changes it by a third.',
  evaluate: ({ tangential, helix }) => tangential * Math.tan(helix),
});

export const plungeForce = defineFormula({
  id: 'loads/plunge-force',
  title: 'Thrust of a plunge',
  symbols: {
    specific: { kind: 'modulus', tex: 'k_c', meaning: 'specific force at the chip of the plunge' },
    diameter,
    feed: { kind: 'length', tex: 'f', meaning: 'feed in one turn' },
  },
  result: { kind: 'force', tex: 'F_p', meaning: 'force along the spindle while it plunges straight down' },
  tex: '0.5\\cdot\\frac{<diameter>}{2}\\,<feed>\\,<specific>',
  citation: {
    basis: 'memory',
    text: 'Thrust of a drill with a flat point, about half the tangential force of its edges',
  },
  range: 'Cutters that cut to the middle. Others only rub there: use a ramp.',
  evaluate: ({ specific, diameter: d, feed: f }) => 0.5 * (d / 2) * f * specific,
});

export const cornerAcceleration = defineFormula({
  id: 'loads/corner-acceleration',
  title: 'Acceleration round a corner',
  symbols: { feed, radius: { kind: 'length', tex: 'r', meaning: 'radius of the corner' } },
  result: {
    kind: 'acceleration',
    tex: 'a',
    meaning: 'below it the controller slows and a plasma kerf widens',
  },
  tex: '\\frac{<feed>^2}{<radius>}',
  citation: { basis: 'textbook', text: 'Motion on a circle' },
  range: 'Both axes together; one axis takes all of it where the path runs along the other.',
  evaluate: ({ feed: v, radius }) => (v * v) / radius,
});
