import type { Project } from '@/core/model';
import { labelOf as axisLabel } from './labels-axis';
import { balanceInputs } from './balance';
import { briefInputs } from './labels-brief';
import { buildInputs } from './labels-build';
import { jobInputs } from './labels-job';
import type { InputText } from './input-text';

const section: Record<string, InputText> = {
  height: { label: 'Height', help: 'Upright, or along the bed for a column.' },
  width: { label: 'Width', help: 'Across the height.' },
  wall: { label: 'Wall' },
  diameter: { label: 'Diameter' },
  flange: { label: 'Flanges', help: 'Thickness of the top and bottom plate.' },
  web: { label: 'Webs', help: 'Thickness of the side plates.' },
  thickness: { label: 'Thickness' },
  area: { label: 'Area', help: 'Of the section, out of its datasheet.' },
  secondMomentV: { label: 'I upright', help: 'Second moment of area for bending up and down.' },
  secondMomentL: { label: 'I sideways', help: 'Second moment of area for bending sideways.' },
  torsion: {
    label: 'It',
    help:
      'Torsion constant. Datasheets of slotted extrusions often leave it out; it is low, for the ' +
      'slots cut the ring.',
  },
};

/** Inputs of the machine by the pattern of their path. */
const text: Record<string, InputText> = {
  ...briefInputs,
  'structure.beam.length': {
    label: 'Length',
    help: 'Between the columns, or from the clamp to the tip of an arm.',
  },
  'structure.beam.spacing': {
    label: 'Second beam',
    help: 'Distance of a second beam of the same make below the first. Empty: one beam.',
  },
  'structure.column.height': {
    label: 'Height',
    help: 'From the carriages of the bed to the middle of the beam.',
  },
  'structure.bed.length': { label: 'Length' },
  'structure.bed.supports': { label: 'Supports', help: 'Feet or legs under each side.' },
  'structure.bed.supportStiffness': {
    label: 'Each gives',
    help: 'Stiffness of one support. Push with a lever and read an indicator: 75 kgf for 20 µm is 37 N/µm.',
  },
  'structure.corner': {
    label: 'Corner',
    help: 'Turning stiffness of the joint of column and beam. Empty: taken as rigid, and said so.',
  },
  'structure.prop.at': { label: 'Prop at' },
  'structure.prop.stiffness': { label: 'Prop gives' },
  'structure.feet.along': {
    label: 'Feet along',
    help: 'Between the outermost feet, the long way. Empty: as long as the bed.',
  },
  'structure.feet.across': {
    label: 'Feet across',
    help:
      'Between the outermost feet. Empty: as wide as the beam, or out to the rail under an arm; of an arm ' +
      'without one nothing is known then.',
  },
  'structure.feet.height': {
    label: 'Rail height',
    help: 'Of the rails of the long axis above the feet. On a bench count from the feet on the bench.',
  },
  'structure.tool.reach': {
    label: 'Tool out',
    help: 'From the middle of the beam to the tool, along the bed.',
  },
  'structure.tool.drop': {
    label: 'Tool down',
    help: 'From the middle of the beam to the tip at full depth.',
  },
  'structure.tool.lever': {
    label: 'Plunge lever',
    help: 'From the middle of the plunge carriages to the tip at full depth.',
  },
  'structure.tool.plungeStiffness': {
    label: 'Plunge axis gives',
    help: 'Sideways at the tip, where you measured it; it beats what follows from the carriages.',
  },
  'structure.tool.mountStiffness': { label: 'Mount gives', help: 'Clamp of the spindle or torch.' },
  'axes.N.fit.stack.links.N.published': {
    label: 'Published',
    help: 'Out of its datasheet. Empty: what the chosen part is known for.',
  },
  'axes.N.fit.stack.links.N.drawn': { label: 'Drawn', help: 'As you plan to make it.' },
  'axes.N.fit.stack.links.N.measured': {
    label: 'Measured',
    help: 'The mean of three readings says more than one; it beats what is drawn and published.',
  },
  'axes.N.fit.stack.links.N.doubt': {
    label: 'Reading ±',
    help: 'Half of the 95 % interval. Empty: 0.05 mm, a calliper (common practice).',
  },
  'axes.N.fit.stack.links.N.plus': { label: 'Tolerance +', help: 'By how much more it may be.' },
  'axes.N.fit.stack.links.N.minus': { label: 'Tolerance −', help: 'By how much less it may be.' },
  'axes.N.fit.stack.gaps.N.least': { label: 'At least', help: 'Minus where the parts may press.' },
  'axes.N.fit.stack.gaps.N.most': { label: 'At most' },
  'axes.N.fit.stack.gaps.N.target': { label: 'Aimed at', help: 'Empty: the middle of both.' },
  'axes.N.fit.stack.gaps.N.side': { label: 'Free at the sides', help: 'Of a slot, at each side.' },
  'axes.N.fit.stack.gaps.N.body.width': { label: 'Body wide', help: 'What goes into the slot.' },
  'axes.N.fit.stack.gaps.N.body.length': { label: 'Body long', help: 'Along the travel.' },
  'axes.N.fit.plates.N.thickness': {
    label: 'Thickness',
    help: 'Empty: that of the plate between the carriages.',
  },
  'axes.N.fit.plates.N.along': { label: 'Along the travel', help: 'Empty: as its parts want it.' },
  'axes.N.fit.plates.N.across': { label: 'Across', help: 'Empty: as its parts want it.' },
  'axes.N.fit.plates.N.groups.N.pattern.along': { label: 'Holes along', help: 'Middle to middle.' },
  'axes.N.fit.plates.N.groups.N.pattern.across': { label: 'Holes across', help: 'Middle to middle.' },
  'axes.N.fit.plates.N.groups.N.pattern.circle': { label: 'Bolt circle' },
  'axes.N.fit.plates.N.groups.N.pattern.count': { label: 'How many' },
  'axes.N.fit.plates.N.groups.N.pattern.start': { label: 'First hole at' },
  'axes.N.fit.plates.N.groups.N.pattern.pitch': { label: 'Hole to hole' },
  'axes.N.fit.plates.N.groups.N.bore': {
    label: 'Middle hole',
    help: 'Pilot of a motor, body of a nut. Empty: that of the part.',
  },
  'axes.N.fit.plates.N.groups.N.at.N.x': { label: 'Along', help: 'From the corner of the two edges.' },
  'axes.N.fit.plates.N.groups.N.at.N.y': { label: 'Across', help: 'From the corner of the two edges.' },
  'axes.N.fit.plates.N.groups.N.hand.along': {
    label: 'In hand, along',
    help: 'As you read it on the part that you have.',
  },
  'axes.N.fit.plates.N.groups.N.hand.across': { label: 'In hand, across' },
  'axes.N.fit.plates.N.groups.N.depth': { label: 'Deep', help: 'Of a blind hole. Empty: through.' },
  'axes.N.fit.plates.N.groups.N.diameter': { label: 'Diameter' },
  'axes.N.fit.plates.N.groups.N.clamps': {
    label: 'Clamps beside',
    help: 'What the screw goes through beside the plate: foot of a block, shim, spacer.',
  },
  'axes.N.fit.plates.N.groups.N.partDepth': {
    label: 'Thread in the part',
    help: 'How deep the thread of the part is. Empty: what the part is known for.',
  },
  'passing.between': {
    label: 'Columns apart',
    help: 'Clear width: what may pass. The travel of the gantry says what may be cut.',
  },
  'passing.under': { label: 'Beam above', help: 'Its underside, above the table.' },
  'passing.lowest': {
    label: 'Lowest part, up',
    help: 'Of what hangs on the plunge axis (dust shoe, plate, motor), all the way up, above the table.',
  },
  'passing.tipUp': { label: 'Tip, up', help: 'Of the longest tool, all the way up, above the table.' },
  'passing.tipDown': { label: 'Tip, down', help: 'All the way down; minus below the table.' },
  'passing.stickOut': { label: 'Tool stands out', help: 'Of its holder: the deepest cut is no deeper.' },
  'passing.holdDown': { label: 'Clamps', help: 'How high they stand above it.' },
  'passing.clear': { label: 'Kept free', help: 'Over the stock. Empty: 3 mm (common practice).' },
  'passing.through': { label: 'Into the table', help: 'Into the spoil board, to cut through.' },
  'passing.second': { label: 'Second tool', help: 'Along the gantry, from the first.' },
  'passing.outer.along': {
    label: 'Over all, long',
    help: 'With motors, plugs, bow of the chain, open doors, at both ends of the travel.',
  },
  'passing.outer.across': { label: 'Over all, across' },
  'passing.outer.up': { label: 'Over all, high', help: 'With the plunge axis up.' },
  'passing.folded.along': { label: 'Folded, long', help: 'As it is carried through the door.' },
  'passing.folded.across': { label: 'Folded, across' },
  'passing.folded.up': { label: 'Folded, high' },
  'passing.wall': { label: 'Enclosure walls', help: 'Thickness of one wall, with what is kept free inside.' },
  'passing.spindle.diameter': { label: 'Spindle diameter', help: 'Of its body, as it is drawn.' },
  'passing.spindle.length': { label: 'Spindle, length', help: 'Of its body, from end to end.' },
  'shims.N.thickness': { label: 'Sheet' },
  'shims.N.count': { label: 'How many', help: 'Empty: as many as are wanted.' },
  'structure.beam.strips.N.width': { label: 'Width' },
  'structure.beam.strips.N.height': { label: 'Height' },
  'structure.beam.strips.N.up': {
    label: 'Upwards',
    help: 'From the middle of the beam to the middle of what is on it.',
  },
  'structure.beam.strips.N.out': {
    label: 'Outwards',
    help: 'From the middle of the beam to the middle of what is on it.',
  },
};

const shape: Record<string, InputText> = {
  length: { label: 'Length' },
  width: { label: 'Width' },
  thickness: { label: 'Thickness' },
  count: { label: 'How many' },
  flange: { label: 'Flange' },
  diameter: { label: 'Diameter' },
  lineMass: { label: 'Each metre', help: 'Chain, cables and hoses together; half of it moves.' },
};

/** Label and help of any measured input, by its path from the root of the machine. */
export function inputText(from: string): InputText {
  // A variant that was put by has the inputs of an axis.
  const path = from.replace(/^pins\.(\d+)\.axis\./, 'axes.$1.');
  const pattern = path.replace(/\.\d+(?=\.|$)/g, '.N');
  const inSection = /\.section\.(\w+)$/.exec(pattern);
  if (inSection) return section[inSection[1]!]!;
  const inShape = /\.shape\.(\w+)$/.exec(pattern);
  if (inShape) return shape[inShape[1]!]!;
  const inBalance = /\.balance\.N\.(\w+)$/.exec(pattern);
  if (inBalance) return balanceInputs[inBalance[1]!]!;
  if (/^(stand\.N|axes\.N\.loads\.masses\.N)\.mass$/.test(pattern)) return { label: 'Mass' };
  return (
    text[pattern] ??
    buildInputs[pattern] ??
    jobInputs[pattern] ?? { label: axisLabel(path.replace(/^axes\.\d+\./, '')) }
  );
}

export const structurePlace: Readonly<Record<string, string>> = {
  beam: 'Beam',
  column: 'Columns',
  bed: 'Bed',
  corner: 'Corners',
  crossbar: 'Bar between the feet',
  feet: 'Feet',
  prop: 'Prop',
  tool: 'Tool and plunge axis',
};

const slicePlaces: Readonly<Record<string, string>> = {
  partLines: 'Parts',
  sellers: 'Sellers',
  cabling: 'Cables',
  bars: 'Bars',
  saws: 'Saw',
  ownPieces: 'Pieces of your own',
  remnants: 'Remnants',
  quotes: 'Quotes',
  buying: 'Buying',
  begunBars: 'Bars begun',
  assembly: 'Assembly',
  steps: 'Steps',
  covers: 'Covers',
  calendar: 'Calendar',
  workTimes: 'Working hours',
  otherDays: 'Other days',
  sentEntries: 'Calendar',
  wiring: 'Wiring',
  wirePins: 'Wiring',
  sheets: 'Truing sheets',
  rounds: 'Truing rounds',
  happenings: 'What was moved',
  symptoms: 'Signs of a fault',
  trials: 'Trials',
  posting: 'Programs',
  jobs: 'Jobs',
  practice: 'Practice',
  log: 'Log',
  revisions: 'Kept plans',
  upgrades: 'Upgrades',
  files: 'Photos and files',
  ownParts: 'Own parts',
  pins: 'Variants of single axes',
  name: 'Machine',
  note: 'Machine',
  units: 'Machine',
};

/** What an input belongs to: an axis, a body, a cut, a member. @param path from the root. */
export function placeOfInput({ axes, brief, stand }: Project, path: string): string {
  const [slice, at, ...inside] = path.split('.');
  const axis = slice === 'axes' ? axes[Number(at)] : undefined;
  if (axis) {
    const body = inside[1] === 'masses' ? axis.loads.masses[Number(inside[2])] : undefined;
    return body ? `${axis.name}: ${body.name}` : axis.name;
  }
  if (slice === 'stand') return stand[Number(at)]?.name ?? 'Stand';
  if (slice === 'passing') return 'Passing and room';
  if (slice === 'shims') return 'Shims';
  if (slice && slicePlaces[slice]) return slicePlaces[slice];
  if (slice === 'structure') return structurePlace[at ?? ''] ?? 'Structure';
  const cut = at === 'cuts' ? brief.cuts[Number(inside[0])] : undefined;
  return cut?.name ?? (at === 'spindle' ? 'Spindle' : 'Brief');
}

export function inputLabel(path: string): string {
  const { label } = inputText(path);
  // Both are parts of the train with figures of the same names, and outside it nothing tells them apart.
  const part = /\.(coupling|reducer)\.\w+$/.exec(path)?.[1];
  return part ? `${label} of the ${part}` : label;
}
