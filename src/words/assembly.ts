import type {
  FreeKind,
  LocateWay,
  Part,
  PartKind,
  ReadingKind,
  StepCaution,
  ToolKind,
  WorkStep,
} from '@/core/build';
import type { StepKind } from '@/core/build';
import type { Assembly } from '@/core/build';
import type { Project } from '@/core/model';
import { formatQuantity, type Kind } from '@/core/units';

/** Parts as the assembly calls them. */
export const partNames: Record<PartKind, string> = {
  bed: 'Bed',
  table: 'Table',
  columns: 'Uprights',
  beam: 'Beam',
  crossbar: 'Bar between the feet',
  'rail-a': 'Master rail',
  'rail-b': 'Second rail',
  carriages: 'Carriages',
  plate: 'Plate',
  'block-fixed': 'Fixed end block',
  screw: 'Screw',
  nut: 'Nut',
  'block-float': 'Floating end block',
  motor: 'Motor',
  coupling: 'Coupling',
  rack: 'Rack',
  pinion: 'Pinion',
  wheels: 'Wheels of the drive',
  crank: 'Crank and link',
  belt: 'Belt or chain',
  ends: 'Stops and switches',
  cable: 'Cable chain',
  bellows: 'Bellows',
  spindle: 'Spindle or torch',
  own: 'Own part',
};

/** `Gantry nut`; parts of the whole machine by their name alone. */
export const partTitle = (kind: PartKind, axis: string): string =>
  axis ? `${axis}: ${partNames[kind].toLowerCase()}` : partNames[kind];

interface StepText {
  readonly title: string;
  /** What is done, in one or two sentences. */
  readonly how: string;
}

/** Steps as they are called, and what is done in them. */
export const stepTexts: Record<StepKind, StepText> = {
  'trial-card': {
    title: 'Prints on the parts',
    how: 'Print the plates in true size, check the ruler, and hold each against the parts that it joins.',
  },
  'trial-metal': {
    title: 'Trial fit in metal',
    how: 'Put bed, uprights, beam and plates together dry, screws in by hand. Mark what has to be filed.',
  },
  'trial-drill': {
    title: 'Drill together',
    how: 'What must line up is drilled through both parts at once, clamped as it will stand.',
  },
  'trial-strip': {
    title: 'Mark and strip',
    how: 'Mark which way round each part stood, then take all apart, deburr, and clean.',
  },
  paint: {
    title: 'Paint',
    how: 'Mask seats of rails, threads and faces that were machined. Paint, and leave it until it is hard.',
  },
  frame: {
    title: 'Bed, level',
    how: 'Stand the bed on its feet where it will work and level it both ways, without twist.',
  },
  'rail-a': {
    title: 'Master rail',
    how: 'Set it straight against its edge or a fence, and tighten from the middle outwards.',
  },
  'rail-b': {
    title: 'Second rail, loose',
    how: 'Lay it beside the first at its distance, screws in but loose: what runs on both will set it.',
  },
  carriages: {
    title: 'Carriages on',
    how: 'Push each from its mounting rail on to the rail without tilting. Never over a bare rail end.',
  },
  columns: {
    title: 'Uprights',
    how: 'Stand both columns up, or the block of an arm, screws snug; prop them until the beam holds them.',
  },
  beam: {
    title: 'Beam',
    how: 'Lift it on to its uprights, screws snug. Keep it propped until the frame is square and tight.',
  },
  crossbar: {
    title: 'Bar between the feet',
    how: 'Tie the feet below the bed, without drawing them together.',
  },
  plate: {
    title: 'Plate',
    how: 'Lay it on the carriages, screws snug: it is tightened once the rails run true.',
  },
  'rail-b-set': {
    title: 'Second rail set, tight',
    how: 'Run the axis to one end, tighten there; run it on, tighten behind it, to the other end.',
  },
  square: {
    title: 'Square, tight',
    how: 'Compare the diagonals, move the beam until they agree, tighten uprights and beam, read again.',
  },
  'block-fixed': {
    title: 'Fixed end block',
    how: 'Set it in line with the rails at the height of the nut, and tighten.',
  },
  screw: {
    title: 'Screw with nut',
    how: 'Bring the screw in with its nut on, lock it in the fixed block; nut and far block stay loose.',
  },
  'nut-set': {
    title: 'Nut tight',
    how: 'Run the axis up to the fixed block and tighten the nut there: half way the screw sags.',
  },
  'float-set': {
    title: 'Floating block tight',
    how: 'Run the axis to the far end, tighten the block there, and turn the screw by hand all along.',
  },
  motor: { title: 'Motor', how: 'Set it in line, tighten its screws, then what holds the shaft.' },
  rack: {
    title: 'Rack',
    how: 'Lay it along the rail; at each joint clamp a piece of rack across to keep the pitch.',
  },
  pinion: {
    title: 'Pinion and motor',
    how: 'Pinion on the shaft close to the bearing, motor in its slots, loose.',
  },
  mesh: {
    title: 'Mesh set',
    how: 'Press the pinion in with paper between, tighten, turn it through; read at several places.',
  },
  belt: { title: 'Belt or chain on', how: 'Lay it round, clamp one end, draw it through by hand.' },
  crank: {
    title: 'Crank and link',
    how:
      'Disc on the shaft, link on both pins. Turn it by hand a whole turn: it must pass both dead centres ' +
      'without a ' +
      'catch. Its force has no limit there: a shear pin, and the guard before it first runs.',
  },
  tension: { title: 'Tension', how: 'Draw it up until its tone or sag is as planned, and tighten.' },
  ends: {
    title: 'Stops and switches',
    how: 'Set stops and switches so that the switch trips before the stop is met.',
  },
  cable: { title: 'Cable chain', how: 'Lay cables in with room to move, hold them at both ends.' },
  table: { title: 'Table', how: 'Lay the table on, screws from the edge that is referred to.' },
  spindle: {
    title: 'Spindle or torch',
    how: 'Clamp it evenly: a clamp that is drawn crooked bends the bearing seat.',
  },
  tram: { title: 'Tram', how: 'Read round a circle on the table, shim until it agrees, tighten.' },
  wire: {
    title: 'Wire up',
    how: 'Wire as the wiring sheet says; motors and drivers are joined with the power off.',
  },
  'first-motion': {
    title: 'First motion',
    how: 'Turn by hand, then low current and slow: directions, switches by hand, emergency stop.',
  },
  bellows: { title: 'Covers', how: 'Covers go on once everything behind them has run.' },
  own: { title: 'Own step', how: '' },
};

/** A step by its own name, or by what is done and to which axis. */
export const stepTitle = (kind: StepKind, axis: string, own: string): string =>
  own || (axis ? `${axis}: ${stepTexts[kind].title.toLowerCase()}` : stepTexts[kind].title);

export const stepCautionTexts: Record<StepCaution, string> = {
  'balls-out': 'A carriage that leaves its rail sheds its balls: keep its mounting rail in the gap.',
  'nut-runs-off': 'A ball nut that runs off its thread empties itself: keep it on the thread or its sleeve.',
  'prop-beam': 'Prop what is not held yet; a gantry falls sideways without warning. No hands under it.',
  'plunge-falls':
    'Block the plunge axis: it falls when screw or nut is loose, and springs up when weight goes.',
  'two-people': 'Heavy: lift it with a second person or a hoist.',
  fingers: 'Keep fingers off rails, racks and wheels while anything moves.',
  'paint-air': 'Fumes: open air or a mask for solvents, no flame. The data sheet goes before this.',
  live:
    'Mains can kill. Isolate, discharge, test dead. Local code and a licensed electrician decide what you ' +
    'may do yourself.',
  'first-run': 'Low current, slow, a hand on the emergency stop, nobody within reach.',
  chips: 'Keep chips out of carriages and nuts: cover them, blow nothing in.',
};

/** Ways to find the place of a part: when they serve. */
export const locateTexts: Record<LocateWay, string> = {
  spacers: 'Two spacers cut as one between the rails: quick, as true as the first rail.',
  fence: 'A straight bar clamped as a fence: where the seat has no edge of its own.',
  'rail-as-jig': 'The rail itself as drill jig: first and last hole, then the rest through it.',
  'gantry-sets': 'Let what runs on both rails set the second one: it then never binds.',
  'pointed-rod': 'A rod ground to a point, run through the nut, marks the bearing on both sides.',
  'print-glued': 'A print in true size glued on and punched through: half a millimetre or so.',
  'through-both': 'Drill through both parts clamped together: always fits, never exchangeable.',
  'run-tighten': 'Snug, run to and fro over the whole travel, then tighten.',
  cast:
    'Cast to fit, where a face cannot be machined: true it on jack screws, wax one face, fill the gap of ' +
    '0.3 to 2 mm with filled epoxy, no load until it is hard. Never on a face that slides or is trued again.',
};

interface ReadingText {
  readonly title: string;
  readonly kind: Kind;
  readonly how: string;
}

export const readingTexts: Record<ReadingKind, ReadingText> = {
  level: { title: 'Out of level', kind: 'length', how: 'Over one metre, the worst of both ways.' },
  straight: {
    title: 'Out of straight',
    kind: 'length',
    how: 'Against a wire, straightedge or laser, over all.',
  },
  drag: {
    title: 'Drag',
    kind: 'force',
    how: 'Pull with a spring balance along the travel; even is better than low.',
  },
  diagonals: {
    title: 'Diagonals differ',
    kind: 'length',
    how: 'Long less short, of the largest rectangle there is.',
  },
  turn: {
    title: 'Turns by hand',
    kind: 'torque',
    how: 'A cord round the shaft: pull times radius; even all along.',
  },
  mesh: {
    title: 'Play at the pinion',
    kind: 'length',
    how: 'Dial on the carriage, motor held, rock it; at several places.',
  },
  tone: { title: 'Tone of the span', kind: 'frequency', how: 'Pluck the free span and read the tone.' },
  tram: { title: 'Out of tram', kind: 'length', how: 'Dial in the spindle, round a circle, high less low.' },
  play: { title: 'Lost motion', kind: 'length', how: 'Dial on the carriage, to and fro by the same steps.' },
};

export const toolNames: Record<ToolKind, string> = {
  key: 'hex key',
  'key-long': 'hex key, long arm in',
  driver: 'T handle',
  ratchet: 'ratchet with bit',
  ball: 'ball-end key, leaning',
};

/** A hex key by its size across flats, m: `4 mm`; of inch ones in inches. */
export const keyText = (size: number): string => {
  const metric = Math.abs(size * 2000 - Math.round(size * 2000)) < 1e-6;
  return formatQuantity('length', size, metric ? 'metric' : 'imperial', 4).text;
};

export const stateWords: Record<'loose' | 'aligned' | 'snug' | 'run' | 'tight' | 'open', string> = {
  loose: 'loose',
  aligned: 'aligned',
  snug: 'snug',
  run: 'run in',
  tight: 'tight',
  open: 'not begun',
};

export const freeNames: Record<FreeKind, string> = {
  holes: 'Access holes through the plate',
  'other-side': 'Screws from the other side, plate tapped',
  captive: 'Screws from the other side, nuts captive',
};

/** A step of the work by its name. */
const workStepTitle = (step: Pick<WorkStep, 'kind' | 'owner' | 'name'>, axisName: (id: string) => string) =>
  stepTitle(step.kind, axisName(step.owner), step.name);

/** A part of the assembly by its name. */
const assemblyPartName = (part: Pick<Part, 'kind' | 'owner'>, axisName: (id: string) => string) =>
  partTitle(part.kind, axisName(part.owner));

/** How steps and parts of a machine are called. */
export interface AssemblyNames {
  readonly axis: (id: string) => string;
  readonly step: (id: string) => string;
  readonly part: (id: string) => string;
}

/** Names of steps and parts, by their ids. */
export function assemblyNames(
  project: Project,
  { steps, parts }: Pick<Assembly, 'steps' | 'parts'>,
): AssemblyNames {
  const axes = new Map(project.axes.map((a) => [a.id, a.name]));
  const axis = (id: string) => axes.get(id) ?? '';
  const stepOf = new Map(steps.map((s): [string, WorkStep] => [s.id, s]));
  const partOf = new Map(parts.map((p): [string, Part] => [p.id, p]));
  const named = (id: string) => {
    const step = stepOf.get(id);
    return step ? workStepTitle(step, axis) : id;
  };
  return {
    axis,
    step: (id) => {
      // A part that comes off for a while stands among the dates as work of its own.
      const turn = /^(off|again) (.*)$/.exec(id);
      if (turn) return `${turn[1] === 'off' ? 'Off again' : 'On again'}: ${named(turn[2]!)}`;
      return named(id);
    },
    part: (id) => {
      const part = partOf.get(id);
      return part ? assemblyPartName(part, axis) : id;
    },
  };
}
