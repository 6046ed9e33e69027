import { defineFormula } from '@/core/worksheet';

const pressure = { kind: 'angle', tex: '\\alpha_n', meaning: 'pressure angle' } as const;
const helix = { kind: 'angle', tex: '\\beta', meaning: 'helix angle; 0 of straight teeth' } as const;

export const sideForce = defineFormula({
  id: 'metrology/screw-side-force',
  title: 'Force with which a crooked screw pushes its nut sideways',
  symbols: {
    modulus: { kind: 'modulus', tex: 'E', meaning: 'of the screw' },
    second: { kind: 'secondMoment', tex: 'I', meaning: 'of its root' },
    off: { kind: 'length', tex: '\\delta', meaning: 'nut off the line of the screw' },
    reach: { kind: 'length', tex: 'a', meaning: 'from the built-in bearing to the nut' },
  },
  result: { kind: 'force', tex: 'F', meaning: 'on nut and bearing' },
  tex: '\\frac{3\\,<modulus>\\,<second>\\,<off>}{<reach>^3}',
  citation: { basis: 'textbook', text: 'Cantilever with a force at its end (beam tables)' },
  range: 'A bearing that holds the screw straight, and nothing else near.',
  evaluate: ({ modulus, second, off, reach }) => (3 * modulus * second * off) / reach ** 3,
});

export const meshPlay = defineFormula({
  id: 'metrology/mesh-play',
  title: 'Play of a pinion that stands off its rack',
  symbols: { off: { kind: 'length', tex: 'e', meaning: 'pinion too far from the rack' }, pressure, helix },
  result: { kind: 'length', tex: 'j', meaning: 'play along the rack' },
  tex: '\\frac{2\\,<off>\\,\\tan <pressure>}{\\cos <helix>}',
  citation: { basis: 'textbook', text: 'Two flanks at the pressure angle, e.g. DIN 3960 (from memory)' },
  range: 'Beyond the play that the teeth themselves have.',
  evaluate: ({ off, pressure: a, helix: b }) => (2 * off * Math.tan(a)) / Math.cos(b),
});

export const pinionEccentric = defineFormula({
  id: 'metrology/pinion-eccentricity',
  title: 'How far a pinion runs out, by the wave of its play',
  symbols: {
    wave: { kind: 'length', tex: 'A', meaning: 'amplitude of the play in a turn' },
    pressure,
    helix,
  },
  result: { kind: 'length', tex: 'e', meaning: 'eccentricity' },
  tex: '\\frac{<wave>\\,\\cos <helix>}{2\\tan <pressure>}',
  citation: { basis: 'derived', text: 'Play of a mesh, solved for the distance' },
  range: 'Play read at least three times in a turn, over two turns.',
  evaluate: ({ wave, pressure: a, helix: b }) => (wave * Math.cos(b)) / (2 * Math.tan(a)),
});

export const pinHeight = defineFormula({
  id: 'metrology/rack-pin',
  title: 'Top of a pin that lies in a rack',
  symbols: {
    pin: { kind: 'length', tex: 'q', meaning: 'radius of the pin' },
    module: { kind: 'length', tex: 'm', meaning: 'module' },
    pressure,
  },
  result: { kind: 'length', tex: 'h', meaning: 'above the pitch line' },
  tex: '\\frac{<pin>}{\\sin <pressure>} - \\frac{\\pi\\,<module>}{4\\tan <pressure>} + <pin>',
  citation: {
    basis: 'derived',
    text: 'A circle between two straight flanks, half a pitch apart at the pitch line',
  },
  range: 'Straight teeth of full thickness; a pin that touches both flanks.',
  evaluate: ({ pin, module: m, pressure: a }) => pin / Math.sin(a) - (Math.PI * m) / (4 * Math.tan(a)) + pin,
});

export const jointGap = defineFormula({
  id: 'metrology/rack-joint',
  title: 'Gap of a rack joint, by how deep a pin lies in it',
  symbols: {
    low: { kind: 'length', tex: '\\Delta h', meaning: 'the pin lies lower than elsewhere' },
    pressure,
  },
  result: { kind: 'length', tex: 'g', meaning: 'the joint is too wide; negative: too narrow' },
  tex: '2\\,<low>\\,\\tan <pressure>',
  citation: { basis: 'derived', text: 'A circle between two flanks that move apart' },
  range: 'Straight teeth.',
  evaluate: ({ low, pressure: a }) => 2 * low * Math.tan(a),
});

export const beltTone = defineFormula({
  id: 'metrology/belt-tone',
  title: 'Pull in a belt by its tone',
  symbols: {
    density: { kind: 'linearDensity', tex: '\\mu', meaning: 'mass of the belt by length' },
    span: { kind: 'length', tex: 'L', meaning: 'free span that swings' },
    tone: { kind: 'frequency', tex: 'f', meaning: 'of its first tone' },
  },
  result: { kind: 'force', tex: 'T', meaning: 'pull in this span' },
  tex: '4\\,<density>\\,<span>^2\\,<tone>^2',
  citation: { basis: 'textbook', text: 'Mersenne’s law of a taut string' },
  range: 'A span long beside its thickness: a stiff short one sounds too high.',
  evaluate: ({ density, span, tone }) => 4 * density * span * span * tone * tone,
});

export const toneForPull = defineFormula({
  id: 'metrology/tone-for-pull',
  title: 'Tone of a belt at the pull that is wanted',
  symbols: {
    density: { kind: 'linearDensity', tex: '\\mu', meaning: 'mass of the belt by length' },
    span: { kind: 'length', tex: 'L', meaning: 'free span that swings' },
    pull: { kind: 'force', tex: 'T', meaning: 'wanted in this span' },
  },
  result: { kind: 'frequency', tex: 'f', meaning: 'of its first tone' },
  tex: '\\frac{1}{2\\,<span>}\\sqrt{\\frac{<pull>}{<density>}}',
  citation: { basis: 'textbook', text: 'Mersenne’s law of a taut string' },
  range: 'A span long beside its thickness: a stiff short one sounds too high.',
  evaluate: ({ density, span, pull }) => Math.sqrt(pull / density) / (2 * span),
});

export const beltPush = defineFormula({
  id: 'metrology/belt-push',
  title: 'Pull in a belt by a weight in its middle',
  symbols: {
    push: { kind: 'force', tex: 'P', meaning: 'across the belt, in the middle of the span' },
    span: { kind: 'length', tex: 'L', meaning: 'free span' },
    give: { kind: 'length', tex: 'd', meaning: 'how far it gives' },
  },
  result: { kind: 'force', tex: 'T', meaning: 'pull in this span' },
  tex: '\\frac{<push>\\,<span>}{4\\,<give>}',
  citation: { basis: 'textbook', text: 'Triangle of forces' },
  range: 'Gives a fiftieth to a hundredth of the span.',
  evaluate: ({ push, span, give }) => (push * span) / (4 * give),
});

export const chainPull = defineFormula({
  id: 'metrology/chain-sag',
  title: 'Pull in a chain by its sag',
  symbols: {
    weight: { kind: 'linearDensity', tex: '\\mu', meaning: 'mass of the chain by length' },
    span: { kind: 'length', tex: 'L', meaning: 'free span, level' },
    sag: { kind: 'length', tex: 'f', meaning: 'in its middle' },
  },
  result: { kind: 'force', tex: 'T', meaning: 'pull in this span' },
  tex: '\\frac{<weight>\\,g\\,<span>^2}{8\\,<sag>}',
  citation: { basis: 'textbook', text: 'Parabola of a taut rope; g = 9.80665 m/s² (ISO 80000-3)' },
  range: 'Sag small beside the span; an upright span sags to no side.',
  evaluate: ({ weight, span, sag }) => (weight * 9.80665 * span * span) / (8 * sag),
});

export const runoutOffset = defineFormula({
  id: 'metrology/runout-offset',
  title: 'How far a shaft runs out of its middle',
  symbols: {
    total: { kind: 'length', tex: '\\mathrm{TIR}', meaning: 'whole swing of the indicator in a turn' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'off the middle' },
  tex: '\\frac{<total>}{2}',
  citation: { basis: 'derived', text: 'Full swing is twice the offset' },
  range: 'A round shaft.',
  evaluate: ({ total }) => total / 2,
});

export const runoutTilt = defineFormula({
  id: 'metrology/runout-tilt',
  title: 'Tilt of a shaft by its runout at two places',
  symbols: {
    near: { kind: 'length', tex: '\\mathrm{TIR}_1', meaning: 'near the coupling' },
    far: { kind: 'length', tex: '\\mathrm{TIR}_2', meaning: 'further out' },
    way: { kind: 'length', tex: 'd', meaning: 'between both places' },
  },
  result: { kind: 'slope', tex: '\\theta', meaning: 'against the axis that it turns about' },
  tex: '\\frac{<far> - <near>}{2\\,<way>}',
  citation: { basis: 'derived', text: 'Two offsets over their distance' },
  range: 'High spots at one side; else both are taken with their directions.',
  evaluate: ({ near, far, way }) => (far - near) / (2 * way),
});

export const nutPreload = defineFormula({
  id: 'metrology/cord-torque',
  title: 'Torque by a cord round a drum',
  symbols: {
    pull: { kind: 'force', tex: 'F', meaning: 'of the cord, pulled steadily' },
    radius: { kind: 'length', tex: 'r', meaning: 'of the drum' },
  },
  result: { kind: 'torque', tex: 'M', meaning: 'that turns the screw' },
  tex: '<pull>\\,<radius>',
  citation: { basis: 'derived', text: 'Force by lever' },
  range: 'The cord is never wound round a hand.',
  evaluate: ({ pull, radius }) => pull * radius,
});
