import {
  type AxisProof,
  type FirstKind,
  firstKinds,
  type TrialCaution,
  type TrialKind,
  type WholeProof,
} from '@/core/prove';
import { trialCautions, trialHow, trialTitles } from '../trials';
import type { Guide } from './guide';

type Written = Pick<Guide, 'answers' | 'formulas' | 'limits'> & {
  /** What is made of it. */
  readonly then: string;
  readonly source?: string;
  readonly cautions: readonly TrialCaution[];
};

const PRACTICE = 'Common practice, no source.';
const GUM = 'Half-widths by JCGM 100 (GUM). ';
const CUT = ['cutting', 'reach'] as const;

const first: Readonly<Record<FirstKind, Written>> = {
  hand: {
    answers: 'Whether the drive turns as freely as planned, and nothing binds.',
    then: 'Within twice the torque foretold, and no place half as heavy again as another.',
    formulas: ['metrology/cord-torque', 'motion/total-drag'],
    limits: 'A stepper’s poles add a pull that comes and goes: the mean of a whole turn counts.',
    cautions: ['power-off', 'fingers', 'cord', 'prop'],
  },
  switches: {
    answers: 'Whether each switch is seen, and whether a broken wire is.',
    then: 'A switch that reads open with its plug pulled is wired the wrong way round for safety.',
    formulas: [],
    limits: 'It says nothing of how exactly it trips: that is homing.',
    cautions: ['power-off', 'fingers'],
  },
  stop: {
    answers: 'Whether the stop takes the power of the drives away, and what then falls.',
    then: 'Nothing moves on this machine before this has passed.',
    formulas: ['motion/gravity', 'motion/back-driving-torque'],
    limits: 'At rest. How far it runs on from speed is another trial.',
    source: 'IEC 60204-1 and ISO 13850, from memory.',
    cautions: ['drop', 'prop'],
  },
  slow: {
    answers: 'Whether plus is plus, and a millimetre about a millimetre.',
    then: 'More than 2 % off is a wrong number (teeth, lead, inches, microsteps), not a bad screw.',
    formulas: ['stepper/pulses-per-length'],
    limits: 'Coarse on purpose: steps per unit come later.',
    cautions: ['stop-first', 'reach', 'fingers', 'drop'],
  },
  reversal: {
    answers: 'Whether it comes back to the same place.',
    then: 'A place that wanders is pulses lost, or something loose on its shaft.',
    formulas: ['metrology/reversal'],
    limits: 'A short way: what binds further on shows in the whole travel.',
    cautions: ['reach', 'fingers'],
  },
  'slow-travel': {
    answers: 'Whether it goes from end to end without a hitch, cables and hoses with it.',
    then: 'Where it growls or slows, look at that place by hand.',
    formulas: [],
    limits: 'An ear is no instrument: it finds what is coarse.',
    cautions: ['reach', 'fingers'],
  },
  trip: {
    answers: 'Whether a switch stops the axis.',
    then: 'Tripped from outside while the axis goes away from it, so that a dead switch costs nothing.',
    formulas: [],
    limits: 'Not how far it runs on.',
    cautions: ['fingers', 'reach'],
  },
  'run-on': {
    answers: 'How far the axis runs on behind its switch, by speed.',
    then:
      'Reaction time and braking come apart by several speeds. The next speed only while its way, ' +
      'foretold, ' +
      'has half as much room again.',
    formulas: ['fit/stop-path', 'fit/trip-place'],
    source: GUM + 'Least squares of the ways over speed.',
    limits: 'Cold and empty. A heavier load runs on further where it brakes by torque.',
    cautions: ['reach', 'fingers', 'not-a-stop'],
  },
  home: {
    answers: 'Whether homing finds its switch fast, off it and slowly again.',
    then: 'Pulled off by at least twice the way between close and open of the switch.',
    formulas: ['fit/homing-speed', 'fit/homing-spread'],
    limits: 'Its scatter is a proof of its own.',
    cautions: ['reach'],
  },
  'soft-limits': {
    answers: 'Whether the controller refuses what lies beyond its limits.',
    then: 'Refused, not begun and stopped.',
    formulas: ['fit/soft-travel'],
    limits: 'Only after homing: an axis that does not know where it is has no limits.',
    cautions: ['reach'],
  },
  'both-motors': {
    answers: 'Whether two motors of one axis go the same way and stop each at its own switch.',
    then: 'What one side leads goes into its pull-off.',
    formulas: ['metrology/square-lead', 'fit/power-up-skew'],
    limits: 'Square by switches is as good as the switches repeat.',
    cautions: ['reach', 'fingers'],
  },
  current: {
    answers: 'Whether the driver gives the motor what the plan reckons with, and how warm it gets.',
    then: 'Crest and RMS differ by 1.41. Some 80 °C of the case is usual; what its sheet says decides.',
    formulas: ['stepper/crest-from-rms', 'stepper/copper-loss'],
    limits: 'After half an hour of work: it has not settled before.',
    cautions: ['power-off', 'hot'],
  },
  'plan-speed': {
    answers: 'Whether it does what was planned: rapid and acceleration, ten times, and back.',
    then: 'A place that is off says that steps were lost: home before the next move.',
    formulas: ['stepper/usable', 'motion/motor-torque'],
    limits: 'Without a cut. How much is in reserve, the staircase says.',
    cautions: ['no-cutter', 'reach'],
  },
};

const axis: Readonly<Record<AxisProof, Written>> = {
  pull: {
    answers: 'The drag of the guides, and the weight on an axis that leans.',
    then: 'Mean of both ways is drag; half their difference is weight along the axis. It goes into the plan.',
    formulas: ['guide/drag', 'motion/total-drag', 'motion/gravity'],
    source: GUM,
    limits: 'Drive uncoupled, or its drag is in it.',
    cautions: ['power-off', 'cord', 'prop'],
  },
  steps: {
    answers: 'How many pulses a length really takes, and what is lost at a reversal, apart.',
    then:
      'A line through all distances, its step at the reversal beside it. New steps only beyond the ' +
      'doubt.',
    formulas: ['stepper/pulses-per-length', 'metrology/reading-doubt', 'metrology/expanded-doubt'],
    source: GUM,
    limits: 'At least 60 % of the travel. The scale grows with warmth as the machine does.',
    cautions: ['no-cutter', 'reach'],
  },
  links: {
    answers: 'Where motion is lost: motor, nut, carriage, tool.',
    then: 'The difference of neighbours is what is lost between them. Mend the largest first.',
    formulas: ['motion/lost-motion', 'motion/coupling-play'],
    source: GUM,
    limits: 'Pushed by hand: what needs more force to part stays hidden.',
    cautions: ['power-off', 'no-lever', 'fingers'],
  },
  'stairs-speed': {
    answers: 'At which speed steps are lost, and which may be kept.',
    then: 'Halved until known to 5 %; 70 % of the last good one is kept (common practice).',
    formulas: ['stepper/pull-out', 'stepper/usable', 'stepper/speed-at-torque'],
    limits: 'A stalled stepper slips whole groups of four full steps. Other shifts are pulses or a slip.',
    cautions: ['no-cutter', 'reach', 'stop-first'],
  },
  'stairs-acceleration': {
    answers: 'At which acceleration steps are lost, and which may be kept.',
    then: 'As for speed, at the planned rapid.',
    formulas: ['motion/acceleration-limit', 'motion/thrust-acceleration'],
    limits: 'Again warm, and with the heaviest head on.',
    cautions: ['no-cutter', 'reach', 'stop-first'],
  },
  positioning: {
    answers: 'How exactly, and how alike, the axis comes to its targets from either side.',
    then: 'Reversal error, repeatability, systematic error, accuracy, each with its half-width.',
    formulas: ['metrology/reversal', 'metrology/repeat-one-way', 'metrology/repeat-two-way'],
    source: 'ISO 230-2:2014, from memory. ' + GUM,
    limits: 'Five runs, both ways. Targets off the lead, or its wave hides.',
    cautions: ['no-cutter', 'reach'],
  },
  push: {
    answers: 'How stiff the axis is at the tool, how much is play and how much friction.',
    then: 'Lines through the branches of the loop part the three.',
    formulas: ['screw/in-series', 'motion/elastic-loss'],
    source: GUM,
    limits: 'Below what makes the motor slip, above five times the friction.',
    cautions: ['no-lever', 'fingers', 'no-cutter'],
  },
  tap: {
    answers: 'At which frequency the gantry rings, and how fast it dies away.',
    then: 'With the mass it gives a stiffness to hold beside the push test.',
    formulas: ['motion/natural-frequency'],
    source: 'One mass on one spring (textbook).',
    limits: 'A phone folds what is above half its rate, and is deaf below some 40 Hz by ear.',
    cautions: ['fingers'],
  },
  'warm-up': {
    answers: 'How far a place wanders from cold to warm, and how long that takes.',
    then: 'A time constant and an end value; let it run so long before you measure or cut to size.',
    formulas: ['screw/heat-growth', 'screw/heat-compression'],
    source: 'First-order warming (textbook). ' + GUM,
    limits: 'Watched for at least two time constants, or the end is a guess.',
    cautions: ['no-cutter', 'reach', 'hot'],
  },
  homing: {
    answers: 'How alike homing comes back.',
    then: 'Four times its scatter is what a job started anew may be off.',
    formulas: ['fit/homing-spread', 'metrology/repeat-one-way'],
    source: GUM,
    limits: 'Fast and slow, cold and warm: each differs.',
    cautions: ['reach'],
  },
  servo: {
    answers: 'Whether a servo is tuned: overshoot, lag.',
    then: 'Damping follows from the overshoot. Speed loop first, then the place loop, half of what rings.',
    formulas: ['servo/peak-at-top-speed'],
    source: 'Second-order step (textbook).',
    limits: 'With the real load on.',
    cautions: ['reach', 'no-cutter', 'stop-first'],
  },
};

const whole: Readonly<Record<WholeProof, Written>> = {
  circle: {
    answers: 'What two axes do together: roundness, squareness, play, scale, lag.',
    then: 'Both senses in one fit part the causes; the least zone gives the deviation.',
    formulas: ['metrology/square-disc', 'loads/corner-acceleration'],
    source: 'ISO 230-4, from memory. ' + GUM,
    limits: 'One sense alone cannot part play from lag.',
    cautions: ['no-cutter', 'reach'],
  },
  disc: {
    answers: 'Squareness and scale by a disc that was drawn or cut.',
    then: 'Across at 45° against 135° is squareness, at 0° against 90° scale.',
    formulas: ['metrology/square-disc'],
    source: 'Geometry, derived. ' + GUM,
    limits: 'Play is in it: cut it in one sense, from outside.',
    cautions: [...CUT, 'stop-first'],
  },
  'first-cuts': {
    answers: 'Whether it cuts at all, before it must.',
    then: 'In air, then with the override from nought, then at half depth.',
    formulas: ['loads/chip-load'],
    limits: 'It proves nothing of exactness.',
    cautions: CUT,
  },
  'ply-square': {
    answers: 'Squareness and scale on a piece of wood.',
    then: 'Four sides and two diagonals are settled together; what is left over tells a false reading.',
    formulas: ['metrology/square-diagonals', 'metrology/square-diagonals-doubt'],
    source: 'Geometry, derived. ' + GUM,
    limits: 'One caliper or tape for all six.',
    cautions: CUT,
  },
  'half-lap': {
    answers: 'Whether a joint fits as asked.',
    then: 'Slot less tongue is the play. Half of it is what cutter and lost motion give.',
    formulas: ['motion/lost-motion'],
    limits: 'The cutter’s true width is in it.',
    cautions: CUT,
  },
  pocket: {
    answers: 'Size inside and outside.',
    then: 'What both are off together is scale; what they are off against one another is cutter and give.',
    formulas: ['motion/lost-motion', 'screw/in-series'],
    limits: 'A finishing pass, or the cut pushes the cutter away.',
    cautions: CUT,
  },
  face: {
    answers: 'Whether the spindle stands square, by what the eye and a nail find.',
    then: 'Ridges are the lean times the stepover; hollows lie along the feed.',
    formulas: ['metrology/tram-ridge', 'metrology/tram-hollow'],
    limits: 'A cutter with a round edge hides it.',
    cautions: CUT,
  },
  'wall-bore': {
    answers: 'How far a thin wall and a bore come off, and how they lean.',
    then: 'The taper of the wall is give; the bore’s oval is play and squareness.',
    formulas: ['screw/in-series', 'metrology/square-disc'],
    limits: 'The wall bends too: a thicker one parts the two.',
    cautions: CUT,
  },
  'disc-sense': {
    answers: 'What play and softness do under the cut.',
    then: 'Half the difference of a disc cut climb and one cut conventional.',
    formulas: ['motion/lost-motion', 'loads/peak-across'],
    limits: 'Same cutter, same depth, same place.',
    cautions: CUT,
  },
  'knife-fan': {
    answers: 'Whether the knife’s offset is right.',
    then: 'Corners that overshoot or stay open tell which way.',
    formulas: [],
    limits: 'In the film or felt that you will cut.',
    cautions: CUT,
  },
  'plasma-square': {
    answers: 'The kerf, and the scale apart from it.',
    then: 'Half of hole less drop is the kerf; half of hole and drop together is the size.',
    formulas: ['loads/corner-acceleration'],
    source: 'Geometry, derived. ' + GUM,
    limits: 'Kerf changes with height, current and nozzle: the one that you will cut with.',
    cautions: ['arc', 'reach', 'hot'],
  },
  'touch-off': {
    answers: 'How alike the torch finds the sheet.',
    then: 'What the sheet gives under it is taken off where you know it.',
    formulas: ['metrology/repeat-one-way'],
    source: GUM,
    limits: 'At one place: thin sheet gives more in the middle of its slats.',
    cautions: ['power-off', 'reach'],
  },
  spindle: {
    answers: 'Runout, growth and warmth of the spindle.',
    then: 'Two places on a pin tell offset from tilt.',
    formulas: ['metrology/runout-offset', 'metrology/runout-tilt'],
    limits: 'A collet with a chip in it reads as a bad spindle.',
    cautions: ['power-off', 'hot'],
  },
};

const isFirst = (kind: TrialKind): boolean => (firstKinds as readonly TrialKind[]).includes(kind);

const guideOf = (kind: TrialKind, { then, source, cautions, ...rest }: Written): Guide => ({
  ...rest,
  id: `trial/${kind}`,
  chapter: isFirst(kind) ? 'first-motion' : 'proof',
  title: trialTitles[kind],
  how: [trialHow[kind], then],
  source: (source ?? PRACTICE).trim(),
  cautions: cautions.map((c) => trialCautions[c]),
});

/** Every step of first motion and every proof, by its kind. */
export const trialGuides: readonly Guide[] = Object.entries({ ...first, ...axis, ...whole }).map(
  ([kind, written]) => guideOf(kind as TrialKind, written),
);
