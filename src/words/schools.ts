import type { FactId, NotConcerned, SchoolId, SchoolSide } from '@/core/variants';

interface SchoolText {
  readonly title: string;
  /** What the quarrel is about. */
  readonly about: string;
  /** What the numbers are, and what they leave out. */
  readonly how: string;
  /** What decides it, as far as anything does. */
  readonly decides: string;
}

const found =
  'Each side stands here with the cheapest drive train of the catalogue that holds on that axis; all else ' +
  'stays as it is.';
const changed = 'The machine as it is, with that one thing changed.';

/**
 * Quarrels of the trade, both sides heard. Common practice, no source; the numbers are this machine’s own.
 */
export const schoolTexts: Readonly<Record<SchoolId, SchoolText>> = {
  'screw-rack': {
    title: 'Screw, rack or belt on the long axis',
    about: 'How the longest axis is driven.',
    how: found,
    decides:
      'Length and speed: a screw whips, and its stiffness falls with its length; a rack is the same at ' +
      'four metres as at one. Below a metre or so the screw usually wins, above two the rack.',
  },
  'one-two': {
    title: 'One drive or two',
    about: 'Whether the long axis is driven on one side, or in the middle, or on both sides.',
    how: `${changed} Motors, drivers and how the load is shared follow.`,
    decides:
      'How far the tool stands from the drive against how far the carriages stand apart: pushed from ' +
      'one side a wide gantry yaws. Look at the stiffness along the bed.',
  },
  'stepper-servo': {
    title: 'Stepper or servo',
    about: 'What turns the long axis.',
    how: `${found} The drive stays as it is; reducer, motor, driver and supply may change.`,
    decides: 'Power at the axis: to some 100 to 150 W steppers are the cheaper way, above it servos.',
  },
  belt: {
    title: 'A belt under a light head',
    about: 'Whether a toothed belt is enough for the axis that carries the head.',
    how: found,
    decides:
      'Force and accuracy: a torch, pen or knife pushes with next to nothing, and a belt is fast, quiet' +
      ' and cheap; under a cutter it gives, and play of its teeth and its stretch end up in the work.',
  },
  climb: {
    title: 'Climb or conventional',
    about: 'Which way the cutter goes round the work.',
    how:
      'All milled cuts of the brief the one way, and the other. In a full slot one wall is climbed and the ' +
      'other is not, so both are the same.',
    decides:
      'Play and stiffness: climbing cuts cleaner and pushes the tool off the wall, but pulls the work ' +
      'into the cutter; with play in the drive it grabs. Conventional is the safe way on a machine with' +
      ' play.',
  },
  true: {
    title: 'Adjusted or machined true',
    about: 'How the seats of the rails get true.',
    how:
      'Rails off by a sixth of the accuracy each, as truing up may leave them, against 0.02 mm, as a ' +
      'shop mills a seat (practice, no source).',
    decides:
      'What you have: screws, shims and an indicator cost patience and can be done again when the frame' +
      ' has moved; a milled or poured seat costs money once and stays.',
  },
  'gantry-table': {
    title: 'The gantry moves, or the table',
    about: 'What travels along the bed.',
    how: 'Sizes and what would move, by this brief; of a table an estimate by its area.',
    decides:
      'Length and what lies on it: a moving table takes twice its travel of floor and carries the work,' +
      ' but its gantry can be as heavy as it likes. Below some 0.8 m and for metal it is the stiffer ' +
      'machine for the money.',
  },
  material: {
    title: 'Steel, aluminium or wood',
    about: 'What the beam is made of.',
    how:
      'A box of the present outside and the present weight of each: what is lighter has thicker walls. ' +
      'Joints, sawing and welding are not in it.',
    decides:
      'At one weight and one outside steel bends least for its price; aluminium can be sawn and bolted ' +
      'at home; wood gives most and damps best, and moves with the damp. What you can work decides, ' +
      'then height: it counts by its cube.',
  },
  'crest-rms': {
    title: 'Crest or RMS current',
    about: 'What the number on a driver’s dial means.',
    how: 'The same number on the dial of every stepper driver, read the one way and the other.',
    decides:
      'The datasheet of the driver, or a meter in one phase at standstill. Read wrongly the motor has ' +
      '71 % of its torque, or twice its heat.',
  },
};

interface SideText {
  readonly name: string;
  /** Who holds to it, and why. */
  readonly says: string;
}

export const sideTexts: Readonly<Record<SchoolSide, SideText>> = {
  screw: {
    name: 'Screw',
    says: 'Dirt stays out, it holds by friction or nearly, and pushes hard with a small motor.',
  },
  rack: {
    name: 'Rack',
    says: 'As stiff and as fast at any length, sold by the metre; it wants a reducer and a spring.',
  },
  belt: { name: 'Belt', says: 'Fast, quiet, clean and cheap; it gives, and wants tension.' },
  one: {
    name: 'One drive',
    says: 'Half the motors, drivers and screws, nothing to square, nothing to run apart.',
  },
  two: {
    name: 'Two drives',
    says: 'No yaw, squared against two switches at every start; both must stop when one does.',
  },
  stepper: {
    name: 'Stepper',
    says: 'No tuning, full torque at rest, cheap; torque falls with speed, and steps are lost unseen.',
  },
  servo: {
    name: 'Servo',
    says: 'Torque up to its speed, says when it is left behind; costs more and wants tuning.',
  },
  climb: { name: 'Climb', says: 'Thick chip first: cleaner wall, longer edge, less force across the bed.' },
  conventional: {
    name: 'Conventional',
    says: 'Thin chip first: the drive is pushed one way, play does no harm.',
  },
  adjusted: {
    name: 'Adjusted',
    says: 'Every seat on screws or shims, trued up with an indicator and again each year.',
  },
  machined: {
    name: 'Machined',
    says: 'Seats milled, ground or poured level once: stiff joints, nothing to slip.',
  },
  'moving-gantry': {
    name: 'Moving gantry',
    says: 'Small floor for a long work; everything on it is carried about.',
  },
  'moving-table': {
    name: 'Moving table',
    says: 'A heavy, stiff gantry that stands; floor for twice the travel.',
  },
  steel: {
    name: 'Steel',
    says: 'Three times as stiff by volume, welded or bolted; heavy to handle, moves when welded.',
  },
  aluminium: {
    name: 'Aluminium',
    says: 'Sawn and tapped at home, straight as bought; slots and bolts instead of welds.',
  },
  wood: {
    name: 'Plywood',
    says: 'Glued boxes with any shape, quiet under the cutter; rails want a trued seat.',
  },
  crest: { name: 'Crest', says: 'The peak of the sine: what most hobby drivers’ dials mean.' },
  rms: { name: 'RMS', says: 'What heats as much as direct current: 0.71 of the crest.' },
};

export const factNames: Readonly<Record<FactId, string>> = {
  along: 'Most force along the cut',
  across: 'Most force across it',
  'guide-life': 'Life of the guide',
  'torque-rapid': 'Torque at rapid is enough up to',
  'torque-cut': 'Torque under cut is enough up to',
  'winding-heat': 'Heat of the windings',
};

export const notConcernedTexts: Readonly<Record<NotConcerned, string>> = {
  'no-axis': 'This machine has no level axis that the quarrel is about.',
  'no-cut': 'No cut of the brief is milled: this quarrel is not yours.',
  'no-frame': 'No frame is planned yet: begin with one under Size, Whole machine.',
  'no-stepper': 'No axis of this machine has a stepper.',
  'no-rails': 'No axis of this machine runs on rails that want a true seat.',
};
