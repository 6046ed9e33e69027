import type { TrialCaution, TrialKind } from '@/core/prove';

export const trialTitles: Record<TrialKind, string> = {
  hand: 'Turn it by hand',
  switches: 'Switches by finger',
  stop: 'Emergency stop at rest',
  slow: 'First move: way and distance',
  reversal: 'To and fro',
  'slow-travel': 'Whole travel, slowly',
  trip: 'Switch stops it',
  'run-on': 'Run-on behind the switch',
  home: 'Homing',
  'soft-limits': 'Soft limits refuse',
  'both-motors': 'Both motors together',
  current: 'Current and warmth',
  'plan-speed': 'Up to the planned speed',
  pull: 'Drag by a spring scale',
  steps: 'Steps per unit',
  links: 'Lost motion by link',
  'stairs-speed': 'Staircase of speed',
  'stairs-acceleration': 'Staircase of acceleration',
  positioning: 'Positioning, ISO 230-2',
  push: 'Push test',
  tap: 'Tap test',
  'warm-up': 'Warm-up',
  homing: 'Homing comes back',
  servo: 'Servo tuning',
  circle: 'Circle, ISO 230-4',
  disc: 'Disc, drawn or cut',
  'first-cuts': 'First cuts',
  'ply-square': 'Square of plywood',
  'half-lap': 'Half-lap joint',
  pocket: 'Pocket and boss',
  face: 'Face crossed both ways',
  'wall-bore': 'Thin wall and bore',
  'disc-sense': 'Disc, climb and conventional',
  'knife-fan': 'Fan of knife corners',
  'plasma-square': 'Square by plasma',
  'touch-off': 'Touch-off',
  spindle: 'Spindle',
};

/** Name of a trial with its axis. */
export function trialTitle(key: string, axis: string): string {
  const [kind, owner] = key.split(':');
  const title = trialTitles[kind as TrialKind] ?? key;
  return owner === undefined ? title : `${axis || owner}: ${title}`;
}

/** How each is done. */
export const trialHow: Record<TrialKind, string> = {
  hand:
    'Power off. Wind a cord once round the drive shaft or a drum on it, pull with a spring scale at ' +
    'five places ' +
    'of the travel, and write down the radius of the cord. Of a stepper you feel the poles: take the ' +
    'mean pull.',
  switches:
    'Drives dead, controller on. Press each switch with a finger and watch its input; then pull its ' +
    'plug: it must ' +
    'read as tripped, or a broken wire is never noticed.',
  stop:
    'Everything on, nothing moves. Press the stop: the power of the drives must be gone, and must not ' +
    'come back by ' +
    'itself. Put a prop under the plunge axis and read how far it falls. The stop is your own switch in ' +
    'the power: ' +
    'no page and no program replaces it.',
  slow:
    'Arm. The axis stands in the middle. It goes 5 mm at 0.3 m/min towards plus: plus moves the tool ' +
    'towards plus ' +
    'over the work. Then press the stop while it goes at 0.5 m/min.',
  reversal: 'Ten times to and fro over 20 mm. The indicator reads the same at the same end every time.',
  'slow-travel': 'Slowly over the whole travel and back. Listen, and watch cables and hoses.',
  trip:
    'While the axis goes away from it at 1 m/min, trip each switch with a stick from outside: the axis ' +
    'stops. Away ' +
    'from it, so that a switch that does nothing costs nothing.',
  'run-on':
    'Let the axis run onto its switch at 0.5, then 1 m/min, and read how far it runs on behind the ' +
    'trip. Go on to ' +
    'the next speed only while the way foretold has half as much room again.',
  home:
    'Home it: fast, off, slow. Write down both speeds, the pull-off, and how far the switch opens ' +
    'behind the place ' +
    'where it closes.',
  'soft-limits': 'Ask for 5 mm beyond each soft limit: it must be refused, not begun.',
  'both-motors':
    'Each switch stops its own side only, both sides turn the same way. Then square it: how far one ' +
    'side stands ' +
    'ahead of the other.',
  current:
    'Set the current by the words of the driver: crest or RMS differ by a factor of 1.41. After half an ' +
    'hour of work ' +
    'read how much warmer the case is than the shop.',
  'plan-speed':
    'Ten round trips at the planned rapid and acceleration, then back to the indicator from the same side.',
  pull:
    'Uncouple the drive or loosen the nut. Pull the carriage with a spring scale, steadily, at five ' +
    'places to both ' +
    'sides. Their mean is the drag, on an inclined axis half their difference is the weight.',
  steps:
    'Five distances over most of the travel, come to from below and from above. Scale and lost motion ' +
    'come apart; ' +
    'one distance alone mixes them.',
  links:
    'Motor held. Push and pull the carriage by some 40 N, indicators at motor, nut, carriage and tool: ' +
    'what each ' +
    'moves between push and pull. The difference of neighbours is what is lost between them.',
  'stairs-speed':
    'Cutter out. Step by step faster, ten round trips each, at half the acceleration; then back to the ' +
    'indicator ' +
    'from the same side. After a loss the place is false, soft limits too: home before the next move.',
  'stairs-acceleration':
    'As the staircase of speed, at the planned rapid, with the acceleration one step higher each time.',
  positioning:
    'Five runs over all targets to both sides, 5 mm overrun before each run, rest at every target. ' +
    'Write down what ' +
    'is reached less what was asked.',
  push:
    'Drive on, so that the motor holds. Push the carriage with a spring scale up to the force and back, ' +
    'then pull ' +
    'the same way; read the indicator at every step. Once to run in, then twice to read. No lever.',
  tap:
    'Tap the gantry with a mallet of wood and take the ring: by a phone that measures acceleration, or ' +
    'by ear and a ' +
    'tuner. Two heights of swing some periods apart give the damping. A phone folds what is above half ' +
    'its rate.',
  'warm-up':
    'From cold: indicator at nought, run to and fro at rapid, read the same place after the times below.',
  homing: 'Home ten times, half of them fast; read the same place with an indicator each time.',
  servo:
    'A step of a few degrees: overshoot as a share of the step. A steady speed: how far it lags. Raise ' +
    'the gain of ' +
    'the speed loop to the first ringing, keep half; then the place loop.',
  circle:
    'A bar of known length turns about a pivot in the middle, its indicator against the spindle; or a ' +
    'trace out of a ' +
    'test. Once round to run in, the second turn counts. Radius less the asked one, both senses. Paste ' +
    'a column of ' +
    'figures into the first cell to fill all.',
  disc:
    'Draw or cut a disc and measure it across at 0, 45, 90 and 135°, from the long axis towards the ' +
    'cross one. Mark 0° ' +
    'before you lift it off.',
  'first-cuts':
    'In air first. Then with the feed override from nought upwards, and at half the depth. Guard, eyes.',
  'ply-square': 'Cut a square of 200 mm. Measure four sides and both diagonals with one caliper or tape.',
  'half-lap': 'Cut a slot and a tongue, both asked 30 mm wide. Their difference is the play of the joint.',
  pocket: 'A pocket of 50 x 50 mm, and a boss of 50 mm beside it where you like.',
  face:
    'Face a piece with a flat cutter, once along each way. Ridges between the passes tell that the ' +
    'spindle leans.',
  'wall-bore': 'A wall of 2 mm, read at three heights; a bore of 30 mm, read across at four angles.',
  'disc-sense':
    'Two discs, one cut climb, one conventional. Half their difference is what play and softness give ' +
    'under the cut.',
  'knife-fan':
    'A fan of corners from blunt to sharp. They close without tails where the knife’s offset is right.',
  'plasma-square':
    'Cut a square of 100 mm without any compensation of the kerf. Measure the hole and what drops out of it.',
  'touch-off':
    'Torch touches the sheet ten times at one place: its height each time. How far the sheet gives ' +
    'under it, where you know it.',
  spindle:
    'Power off, turned by hand: runout at the collet, and 50 mm further out on a ground pin. Then half ' +
    'an hour of ' +
    'turning: how much longer it grew, how much warmer its bearings are than the shop.',
};

export const trialCautions: Record<TrialCaution, string> = {
  prop: 'Put a prop under whatever gravity pulls down.',
  fingers: 'Keep fingers away from stops, belts and pinions.',
  'power-off': 'Drive power off and locked, capacitors discharged, before hands go in.',
  'stop-first': 'Hand on the emergency stop, tried before.',
  reach: 'Nobody within reach; sleeves and hair tied back.',
  drop: 'The plunge axis falls when its power goes.',
  'no-cutter': 'Cutter out, spindle and torch off.',
  'no-lever': 'Push by hand or scale, never with a lever.',
  cord: 'Never wind the cord round your hand.',
  cutting: 'Guard, goggles, clamps; dust and chips by the local rules.',
  arc: 'Arc: eyes and skin covered; fume and fire by the local rules; licensed wiring.',
  hot: 'Motors, bearings and cut edges get hot.',
  'not-a-stop': 'A limit switch is no emergency stop.',
};
