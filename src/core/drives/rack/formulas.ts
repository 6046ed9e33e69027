import { defineFormula } from '@/core/worksheet';
import { lewisFactor } from './lewis';

const gearModule = { kind: 'length', tex: 'm_n', meaning: 'module, across the tooth' } as const;
const helix = { kind: 'angle', tex: '\\beta', meaning: 'helix angle; 0 for spur' } as const;
const pressure = { kind: 'angle', tex: '\\alpha_n', meaning: 'pressure angle, across the tooth' } as const;
const teeth = { kind: 'count', tex: 'z', meaning: 'teeth of the pinion' } as const;
const pull = { kind: 'force', tex: 'F', meaning: 'force along the rack' } as const;

export const rackTravel = defineFormula({
  id: 'rack/travel-per-radian',
  title: 'Travel per radian of the pinion',
  symbols: { teeth, module: gearModule, helix },
  result: { kind: 'travelPerRadian', tex: 'k', meaning: 'travel per radian: half the pitch diameter' },
  tex: '\\frac{<teeth>\\,<module>}{2\\cos <helix>}',
  citation: {
    basis: 'standard',
    text: 'ISO 53 and ISO 54: pitch diameter z m, for helical teeth z m_n / cos beta',
  },
  range: 'Any whole number of teeth; a profile shift does not change it.',
  evaluate: ({ teeth: z, module: m, helix: beta }) => (z * m) / (2 * Math.cos(beta)),
});

export const rackPitch = defineFormula({
  id: 'rack/pitch',
  title: 'Pitch of the rack',
  symbols: { module: gearModule, helix },
  result: { kind: 'length', tex: 'p', meaning: 'tooth to tooth along the rack' },
  tex: '\\frac{\\pi\\,<module>}{\\cos <helix>}',
  citation: {
    basis: 'standard',
    text: 'ISO 53; helical racks of 19°31\'42" have pitches of 5 and 6.667 mm with modules 1.5 and 2',
  },
  range: 'Along the rack, not across the teeth.',
  evaluate: ({ module: m, helix: beta }) => (Math.PI * m) / Math.cos(beta),
});

export const separatingForce = defineFormula({
  id: 'rack/separating-force',
  title: 'Force that pushes the pinion out of mesh',
  symbols: { pull, pressure, helix },
  result: { kind: 'force', tex: 'F_r', meaning: 'radial load on the pinion shaft' },
  tex: '<pull>\\,\\frac{\\tan <pressure>}{\\cos <helix>}',
  citation: { basis: 'textbook', text: 'Shigley, Mechanical Engineering Design, gear force analysis' },
  range: 'Friction of the teeth left out.',
  evaluate: ({ pull: f, pressure: alpha, helix: beta }) => (f * Math.tan(alpha)) / Math.cos(beta),
});

export const axialForce = defineFormula({
  id: 'rack/axial-force',
  title: 'Thrust of helical teeth along the pinion shaft',
  symbols: { pull, helix },
  result: { kind: 'force', tex: 'F_a', meaning: 'axial load on the pinion shaft' },
  tex: '<pull>\\,\\tan <helix>',
  citation: { basis: 'textbook', text: 'Shigley, Mechanical Engineering Design, gear force analysis' },
  range: 'Its direction turns round with the direction of the force.',
  evaluate: ({ pull: f, helix: beta }) => f * Math.tan(beta),
});

export const shaftResultant = defineFormula({
  id: 'rack/shaft-resultant',
  title: 'Radial load on the pinion shaft',
  symbols: {
    pull,
    radial: {
      kind: 'force',
      tex: 'F_r',
      meaning: 'separating force, or that of the spring where it is more',
    },
  },
  result: { kind: 'force', tex: 'F_s', meaning: 'pull and separating force together' },
  tex: '\\sqrt{<pull>^2 + <radial>^2}',
  citation: { basis: 'textbook', text: 'The two stand at right angles' },
  range: 'Weight of the motor left out.',
  evaluate: ({ pull: f, radial }) => Math.hypot(f, radial),
});

export const leastTeeth = defineFormula({
  id: 'rack/least-teeth',
  title: 'Least teeth without undercut',
  symbols: { pressure, helix, shift: { kind: 'ratio', tex: 'x', meaning: 'profile shift' } },
  result: { kind: 'ratio', tex: 'z_{min}', meaning: 'fewest teeth of full depth' },
  tex:
    '\\frac{2\\,(1-<shift>)\\cos <helix>}{\\sin^2\\alpha_t},\\quad \\tan\\alpha_t=\\frac{\\tan ' +
    '<pressure>}{\\cos <helix>}',
  citation: {
    basis: 'textbook',
    text:
      'Shigley, Mechanical Engineering Design, interference with a rack: 2 k / sin² alpha; ISO ' +
      '53 tooth depth',
  },
  range: 'Full-depth teeth cut by a rack-shaped tool.',
  evaluate: ({ pressure: alpha, helix: beta, shift }) =>
    (2 * (1 - shift) * Math.cos(beta)) / Math.sin(Math.atan(Math.tan(alpha) / Math.cos(beta))) ** 2,
});

export const lewisForce = defineFormula({
  id: 'rack/lewis-force',
  title: 'Force that a tooth of the pinion takes in bending',
  symbols: {
    yieldStrength: {
      kind: 'modulus',
      tex: 'R_e',
      meaning: 'yield strength of the softer of pinion and rack',
    },
    safety: { kind: 'ratio', tex: 'S', meaning: 'safety against yield' },
    face: { kind: 'length', tex: 'b', meaning: 'face width in mesh' },
    module: gearModule,
    teeth,
    helix,
    speed: { kind: 'speed', tex: 'v', meaning: 'pitch line speed' },
  },
  result: { kind: 'force', tex: 'F_{lim}', meaning: 'highest force along the rack' },
  tex:
    '\\frac{<yieldStrength>}{<safety>}\\cdot\\frac{<face>\\,<module>\\,Y(z_v)}{K_v},\\quad ' +
    'z_v=\\frac{<teeth>}{\\cos^3 <helix>},\\quad ' +
    'K_v=\\frac{6.1+<speed>}{6.1}\\;\\scriptstyle(v\\text{ in m/s})',
  citation: {
    basis: 'textbook',
    text:
      'Lewis form factor by teeth (Shigley, table 14-2) and velocity factor of cut teeth ' +
      '(Shigley, eq. 14-4b)',
  },
  range:
    '20° full-depth teeth; one tooth carries all. Wear and pitting are not in it. Below 12 teeth the ' +
    'factor is continued beyond the table.',
  evaluate: ({ yieldStrength, safety, face, module: m, teeth: z, helix: beta, speed }) =>
    ((yieldStrength / safety) * face * m * lewisFactor(z / Math.cos(beta) ** 3)) / ((6.1 + speed) / 6.1),
});

export const meshPlay = defineFormula({
  id: 'rack/mesh-play',
  title: 'Play of a mesh that stands open',
  symbols: {
    gap: { kind: 'length', tex: 'e', meaning: 'how far the pinion stands out from tight mesh' },
    pressure,
    helix,
  },
  result: { kind: 'length', tex: 'u_m', meaning: 'lost motion along the rack' },
  tex: '2\\,<gap>\\,\\frac{\\tan <pressure>}{\\cos <helix>}',
  citation: { basis: 'textbook', text: 'Both flanks draw back by e tan alpha' },
  range: 'Small gaps against the depth of the tooth.',
  evaluate: ({ gap, pressure: alpha, helix: beta }) => (2 * gap * Math.tan(alpha)) / Math.cos(beta),
});

export const springNeeded = defineFormula({
  id: 'rack/spring-needed',
  title: 'Force that keeps a sprung pinion in mesh',
  symbols: { separating: { kind: 'force', tex: 'F_r', meaning: 'separating force under the worst cut' } },
  result: { kind: 'force', tex: 'F_f', meaning: 'least force at the mesh' },
  tex: '1.2\\,<separating>',
  citation: {
    basis: 'practice',
    text: 'A fifth more than the teeth push, or the pinion climbs out: common practice, no source',
  },
  range: 'At the mesh: mind the lever of the spring.',
  evaluate: ({ separating }) => 1.2 * separating,
});

export const springAtMesh = defineFormula({
  id: 'rack/spring-at-mesh',
  title: 'Force of the spring at the mesh',
  symbols: {
    spring: { kind: 'force', tex: 'F_s', meaning: 'force of the spring' },
    lever: { kind: 'ratio', tex: 'h', meaning: 'arm of the spring over arm of the pinion, from the hinge' },
  },
  result: { kind: 'force', tex: 'F_m', meaning: 'force at the mesh' },
  tex: '<spring>\\cdot <lever>',
  citation: { basis: 'derived', text: 'Balance of moments about the hinge' },
  range: 'Hinge without friction.',
  evaluate: ({ spring, lever }) => spring * lever,
});

/** Mean mesh stiffness of stiff steel spur gears for each width, N/m². */
export const MESH_STIFFNESS = 20e9;

export const meshStiffness = defineFormula({
  id: 'rack/mesh-stiffness',
  title: 'Stiffness of the teeth in mesh',
  symbols: { face: { kind: 'length', tex: 'b', meaning: 'face width in mesh' } },
  result: { kind: 'stiffness', tex: 'K_z', meaning: 'stiffness along the rack' },
  tex: '20\\,\\tfrac{\\text{N}}{\\text{mm}\\,\\text{µm}}\\cdot <face>',
  citation: { basis: 'memory', text: 'ISO 6336-1, mean mesh stiffness of steel gears of usual depth' },
  range: 'Steel on steel, teeth in contact over their whole width; a poor mesh has half of it.',
  evaluate: ({ face }) => MESH_STIFFNESS * face,
});

export const rackError = defineFormula({
  id: 'rack/accuracy',
  title: 'Pitch error that the racks allow over the travel',
  symbols: {
    perSegment: { kind: 'length', tex: 'e_p', meaning: 'cumulative pitch error of one rack' },
    segment: { kind: 'length', tex: 'L_s', meaning: 'length of one rack' },
    travel: { kind: 'length', tex: 's', meaning: 'travel' },
  },
  result: { kind: 'length', tex: 'e', meaning: 'position error over the travel, at most' },
  tex: '<perSegment>\\,\\max\\left(1,\\frac{<travel>}{<segment>}\\right)',
  citation: {
    basis: 'derived',
    text: 'Errors of racks laid end to end, all in one direction: the worst case',
  },
  range: 'Joints set with a mating gauge; a joint set by eye adds its own step.',
  evaluate: ({ perSegment, segment, travel }) => perSegment * Math.max(1, travel / segment),
});
