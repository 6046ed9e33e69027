import { defineFormula } from '@/core/worksheet';
import { evenSquares } from './plate';

const arm = (tex: string, meaning: string) => ({ kind: 'length', tex, meaning }) as const;
const pull = (tex: string, meaning: string) => ({ kind: 'force', tex, meaning }) as const;

export const plateMoment = defineFormula({
  id: 'guide/moment',
  title: 'Moment on the plate about one axis through the carriages',
  symbols: {
    bodyArm: arm('a_1', 'first arm of the moving mass'),
    bodyForce: pull('F_1', 'force of the moving mass across it'),
    bodyArm2: arm('a_2', 'second arm of the moving mass'),
    bodyForce2: pull('F_2', 'force of the moving mass across it'),
    toolArm: arm('a_3', 'first arm of the tool'),
    toolForce: pull('F_3', 'force of the tool across it'),
    toolArm2: arm('a_4', 'second arm of the tool'),
    toolForce2: pull('F_4', 'force of the tool across it'),
    driveArm: arm('a_5', 'arm of the drive'),
    driveForce: pull('F_5', 'thrust of the drive, in balance with all along the axis'),
  },
  result: { kind: 'torque', tex: 'M', meaning: 'moment that the carriages must take' },
  tex:
    '<bodyArm>\\,<bodyForce>-<bodyArm2>\\,<bodyForce2>' +
    '+<toolArm>\\,<toolForce>-<toolArm2>\\,<toolForce2>+<driveArm>\\,<driveForce>',
  citation: { basis: 'textbook', text: 'Balance of moments of a rigid body' },
  range: 'Rigid plate; the friction of the carriages is left out.',
  evaluate: (i) =>
    i.bodyArm * i.bodyForce -
    i.bodyArm2 * i.bodyForce2 +
    i.toolArm * i.toolForce -
    i.toolArm2 * i.toolForce2 +
    i.driveArm * i.driveForce,
});

const grid = {
  rails: { kind: 'count', tex: 'r', meaning: 'rails' },
  perRail: { kind: 'count', tex: 'p', meaning: 'carriages on each rail' },
  length: arm('c', 'between the middles of the outer carriages of a rail'),
  carriage: arm('l', 'length of a carriage; 0: it gives way to tilt'),
} as const;

export const carriageVertical = defineFormula({
  id: 'guide/vertical-load',
  title: 'Load of a carriage away from its rail',
  symbols: {
    ...grid,
    spacing: arm('b', 'between the outer rails'),
    races: arm('s', 'between the rows of balls; 0: the carriage gives way to roll'),
    force: pull('F_z', 'force away from the rails'),
    roll: { kind: 'torque', tex: 'M_x', meaning: 'moment about the travel' },
    pitch: { kind: 'torque', tex: 'M_y', meaning: 'moment about the axis across' },
    x: arm('x', 'place along the travel'),
    y: arm('y', 'place across'),
  },
  result: { kind: 'force', tex: 'V', meaning: 'positive: lifts the carriage off' },
  tex:
    '\\frac{<force>}{<rails><perRail>}+\\frac{<roll>\\,<y>}{\\sum ' +
    'y_i^2+<rails><perRail>\\,<races>^2/4}-\\frac{<pitch>\\,<x>}{\\sum ' +
    'x_i^2+<rails><perRail>\\,<carriage>^2/12}\\quad\\scriptstyle(y_i\\text{ over }<spacing>,\\ ' +
    'x_i\\text{ over }<length>)',
  citation: {
    basis: 'textbook',
    text:
      'Rigid plate on a regular grid of equal springs: lift, roll and pitch do not mix (bolt group ' +
      'under eccentric load, Shigley)',
  },
  range: 'Equal carriages, evenly spaced; rails and frame rigid.',
  evaluate: ({ rails, perRail, length, carriage, spacing, races, force, roll, pitch, x, y }) => {
    const n = rails * perRail;
    const across = perRail * evenSquares(rails, spacing) + (n * races * races) / 4;
    const along = rails * evenSquares(perRail, length) + (n * carriage * carriage) / 12;
    return force / n + (across > 0 ? (roll * y) / across : 0) - (along > 0 ? (pitch * x) / along : 0);
  },
});

export const carriageLateral = defineFormula({
  id: 'guide/lateral-load',
  title: 'Load of a carriage across its rail',
  symbols: {
    ...grid,
    force: pull('F_y', 'force across the travel'),
    yaw: { kind: 'torque', tex: 'M_z', meaning: 'moment about the axis away from the rails' },
    x: arm('x', 'place along the travel'),
    help: {
      kind: 'area',
      tex: 'q',
      meaning: 'what two drives add against yaw: K b²/2 over the lateral stiffness of one carriage',
    },
  },
  result: { kind: 'force', tex: 'L', meaning: 'load across' },
  tex:
    '\\frac{<force>}{<rails><perRail>}+\\frac{<yaw>\\,<x>}{\\sum ' +
    'x_i^2+<rails><perRail>\\,<carriage>^2/12+<help>}\\quad\\scriptstyle(x_i\\text{ over }<length>)',
  citation: {
    basis: 'textbook',
    text: 'Rigid plate on a regular grid of equal springs (bolt group under eccentric load, Shigley)',
  },
  range:
    'Equal carriages, evenly spaced. With rails far apart all rails share the side load only if they ' +
    'are aligned.',
  evaluate: ({ rails, perRail, length, carriage, force, yaw, x, help }) => {
    const n = rails * perRail;
    const along = rails * evenSquares(perRail, length) + (n * carriage * carriage) / 12 + help;
    return force / n + (along > 0 ? (yaw * x) / along : 0);
  },
});

export const equivalentLoad = defineFormula({
  id: 'guide/equivalent-load',
  title: 'Equivalent load of the busiest carriage',
  symbols: {
    vertical: pull('V', 'vertical load'),
    lateral: pull('L', 'lateral load'),
    moments: pull('P_M', 'load that stresses the balls as much as the carriage’s own moments'),
  },
  result: { kind: 'force', tex: 'P', meaning: 'one load instead of all' },
  tex: '|<vertical>|+|<lateral>|+<moments>',
  citation: {
    basis: 'memory',
    text: 'Usual in rail datasheets for carriages with equal rating in all directions',
  },
  range: 'Carriages rated alike up, down and sideways; a datasheet with other factors rules.',
  evaluate: ({ vertical, lateral, moments }) => Math.abs(vertical) + Math.abs(lateral) + moments,
});

export const staticSafety = defineFormula({
  id: 'guide/static-safety',
  title: 'Static safety factor of the busiest carriage',
  symbols: {
    rating: pull('C_0', 'static load rating'),
    load: pull('P', 'equivalent load'),
    overhang: arm('o', 'how far a carriage runs past the end of the rail'),
    carriage: arm('l', 'length of a carriage'),
  },
  result: { kind: 'ratio', tex: 'f_s', meaning: 'rating over load' },
  tex: '\\frac{<rating>}{<load>}\\left(1-\\frac{<overhang>}{<carriage>}\\right)',
  citation: {
    basis: 'standard',
    text:
      'ISO 14728-2, static safety; the loss by overhang in proportion to the balls off the rail: ' +
      'common practice, no source',
  },
  range: '2 for light, even loads, 3 to 5 with shocks.',
  evaluate: ({ rating, load, overhang, carriage }) =>
    (rating / Math.max(load, 1e-9)) * (carriage > 0 ? 1 - overhang / carriage : 1),
});

export const carriageGive = defineFormula({
  id: 'guide/carriage-give',
  title: 'How far the busiest carriage gives',
  symbols: {
    load: pull('V', 'load away from or towards the rail'),
    stiffness: { kind: 'stiffness', tex: 'k_v', meaning: 'stiffness of one carriage, vertical' },
  },
  result: { kind: 'length', tex: '\\delta', meaning: 'movement of the plate at that carriage' },
  tex: '\\frac{|<load>|}{<stiffness>}',
  citation: { basis: 'textbook', text: 'Hooke: one spring under its load' },
  range: 'Rail, seat and plate rigid; the datasheet’s stiffness holds at its preload only.',
  evaluate: ({ load, stiffness }) => Math.abs(load) / stiffness,
});

export const guideLife = defineFormula({
  id: 'guide/life',
  title: 'Nominal life of the busiest carriage',
  symbols: {
    rating: pull('C', 'dynamic load rating'),
    shock: { kind: 'ratio', tex: 'f_w', meaning: 'load factor for shocks' },
    load: pull('P', 'equivalent load, as if it were always there'),
    basis: arm('L_0', 'distance that the rating stands for: 50 or 100 km'),
  },
  result: { kind: 'length', tex: 'L_{10}', meaning: 'distance that nine of ten carriages reach' },
  tex: '\\left(\\frac{<rating>}{<shock>\\,<load>}\\right)^3<basis>',
  citation: { basis: 'standard', text: 'ISO 14728-1; a rating for 50 km is 1.26 times that for 100 km' },
  range:
    'Balls, not rollers; greased and clean. The worst load is taken to last for ever, so the life is longer.',
  evaluate: ({ rating, shock, load, basis }) => (rating / (shock * Math.max(load, 1e-9))) ** 3 * basis,
});

export const guideDrag = defineFormula({
  id: 'guide/drag',
  title: 'Drag of the guides',
  symbols: {
    friction: { kind: 'ratio', tex: '\\mu', meaning: 'friction' },
    load: pull('N', 'loads of all carriages at rest, added'),
    count: { kind: 'count', tex: 'n', meaning: 'carriages' },
    seal: pull('F_s', 'wiper and lubricant, each'),
  },
  result: { kind: 'force', tex: 'F_g', meaning: 'force against the motion' },
  tex: '<friction>\\,<load>+<count>\\,<seal>',
  citation: { basis: 'practice', text: 'Friction and wipers added: common practice, no source' },
  range: 'At rest and without cutting; preload adds to it. A pull with a scale beats it.',
  evaluate: ({ friction, load, count, seal }) => friction * load + count * seal,
});

export const jamSpan = defineFormula({
  id: 'guide/jam-span',
  title: 'Carriage span below which the axis jams like a drawer',
  symbols: {
    friction: { kind: 'ratio', tex: '\\mu', meaning: 'friction of the guide' },
    lever: arm('e', 'drive to resistance, across'),
  },
  result: { kind: 'length', tex: 'L_{jam}', meaning: 'least carriage span' },
  tex: '2\\,<friction>\\,<lever>',
  citation: {
    basis: 'textbook',
    text: 'Self-locking of a guide under an eccentric push: the two carriages wedge with N = F e / L each',
  },
  range: 'One drive. Friction of dirty wheels or dry bushes counts, not that of new ones.',
  evaluate: ({ friction, lever }) => 2 * friction * lever,
});

export const rodLoad = defineFormula({
  id: 'guide/rod-load',
  title: 'Load that bends rods held at their ends',
  symbols: {
    weight: pull('W', 'weight of what they carry, and what the cut adds to it'),
    across: pull('F_s', 'what the cut pushes across that'),
  },
  result: { kind: 'force', tex: 'F', meaning: 'load on all rods together' },
  tex: '\\sqrt{<weight>^2+<across>^2}',
  citation: { basis: 'textbook', text: 'A round rod bends alike every way: the two loads add as an arrow' },
  range: 'The worst cut and the weight at once.',
  evaluate: ({ weight, across }) => Math.hypot(weight, across),
});

export const rodSag = defineFormula({
  id: 'guide/rod-sag',
  title: 'Sag of rods held at their ends',
  symbols: {
    load: pull('F', 'load on all rods together, in the middle'),
    count: { kind: 'count', tex: 'r', meaning: 'rods that share it' },
    length: arm('L', 'between the holders'),
    modulus: { kind: 'modulus', tex: 'E', meaning: 'of the rod' },
    diameter: arm('d', 'of the rod'),
  },
  result: { kind: 'length', tex: '\\delta', meaning: 'sag in the middle' },
  tex: '\\frac{<load>\\,<length>^3}{48\\,<modulus>\\,<count>\\,\\pi <diameter>^4/64}',
  citation: { basis: 'textbook', text: 'Beam on two supports with a load in the middle (beam tables)' },
  range: 'Holders that let the rod tilt; the load in one point, so a little too much. Own weight left out.',
  evaluate: ({ load, count, length, modulus, diameter }) =>
    (load * length ** 3) / (48 * modulus * count * ((Math.PI * diameter ** 4) / 64)),
});

export const heightLimit = defineFormula({
  id: 'guide/height-limit',
  title: 'Height that one rail may stand off the other',
  symbols: { per: arm('h_{500}', 'allowed for rails 500 mm apart'), spacing: arm('b', 'between the rails') },
  result: { kind: 'length', tex: 'h', meaning: 'allowed difference of height' },
  tex: '<per>\\cdot\\frac{<spacing>}{500\\,\\text{mm}}',
  citation: { basis: 'memory', text: 'Rail makers state 85 to 130 µm at 500 mm for light preload' },
  range: 'Stiff frame. The datasheet of the rail rules.',
  evaluate: ({ per, spacing }) => (per * spacing) / 0.5,
});

export const lubrication = defineFormula({
  id: 'guide/lubrication',
  title: 'Running time until the carriages want grease',
  symbols: {
    distance: arm('s_g', 'distance between greasings'),
    travel: arm('s', 'travel'),
    time: { kind: 'time', tex: 't', meaning: 'time for the whole travel' },
  },
  result: { kind: 'time', tex: 't_g', meaning: 'time of shuttling to and fro' },
  tex: '<distance>\\cdot\\frac{<time>}{<travel>}',
  citation: { basis: 'memory', text: 'About every 100 km, and at least twice a year' },
  range: 'Clean surroundings; fine wood dust and plasma dross ask for much less.',
  evaluate: ({ distance, travel, time }) => (distance * time) / travel,
});
