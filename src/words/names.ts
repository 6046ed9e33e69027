import type { AccelerationId, CaseId, RungId } from '@/core/machine';
import type { Reducer } from '@/core/model';
import { formatNumber } from '@/core/units';

/** Short names of the rungs, for the ladder. */
export const rungName: Record<RungId, string> = {
  whip: 'Whip of the screw',
  dn: 'Balls in the nut (DN)',
  'nut-rubbing': 'Rubbing of the nut',
  'line-speed': 'Belt or chain',
  'torque-rapid': 'Torque at rapid',
  'torque-cut': 'Torque under cut',
  'motor-speed': 'Motor speed',
  reducer: 'Reducer input',
  pulses: 'Controller pulses',
};

/** Short names of the rungs of acceleration. */
export const accelerationName: Record<AccelerationId, string> = {
  'at-rapid': 'Torque at rapid',
  'under-cut': 'Torque under cut',
  rings: 'Ramp rings',
  thrust: 'Strength of drive',
};

export const caseName: Record<CaseId, string> = { rapid: 'rapid', 'speed-up': 'speeding up', cut: 'cutting' };

/** A ratio in words, both ways, so that swapped pulleys are seen at once. */
export function ratioText(ratio: number): string {
  const turns = (n: number) => `${formatNumber(n, 3)} ${n === 1 ? 'turn' : 'turns'}`;
  const what = ratio > 1 ? 'slower and stronger' : ratio < 1 ? 'faster and weaker' : 'the same';
  return (
    `Motor ${turns(ratio)}, drive 1 turn: ${what}. Motor 1000 rpm, drive ` +
    `${formatNumber(1000 / ratio, 4)} rpm.`
  );
}

/** Teeth in words, with the motor first, so that swapped pulleys are seen at once. */
export const pulleyText = ({ motorTeeth, driveTeeth }: NonNullable<Reducer['pulleys']>): string =>
  `${motorTeeth.si} teeth on the motor, ${driveTeeth.si} on the drive.`;

/** Names of the figures below the drawing. */
export const figureName: Record<string, string> = {
  'travel-per-turn': 'One turn',
  'pulses-per-length': 'Pulses',
  resolution: 'One pulse',
  'dial-line': 'One line of the dial',
  'inertia-ratio': 'Load / rotor inertia',
  stiffness: 'Stiffness in line',
  'stiffness-at-most': 'Stiffness, at most',
  frequency: 'Natural frequency',
  'frequency-at-most': 'Frequency, at most',
  'shortest-ramp': 'Shortest ramp',
  efficiency: 'Efficiency',
  'back-efficiency': 'Driven back',
  'inertia-at-motor': 'Load at the motor',
  'drag-at-motor': 'Drag at the motor',
  'crank-force': 'Hand on a crank',
  'heat-growth': 'Growth by heat',
  'lead-error': 'Pitch error, at most',
  'lead-left': 'After calibration',
  'screw-sag': 'Sag of the screw',
  life: 'Life of the nut',
  turns: 'Turns end to end',
  'move-time': 'End to end',
  'shuttle-torque': 'RMS torque',
  'duty-torque': 'RMS torque of duty',
  'brake-torque': 'Braking torque',
  'peak-power': 'Peak power',
  'winding-heat': 'Heat of windings',
  'rated-heat': 'Heat at rated load',
  'supply-power': 'Drawn from supply',
  'tooth-pitch': 'Pitch of the rack',
  'mesh-per-tenth': 'Play, 0.1 mm gap',
  'shaft-radial': 'Radial on the shaft',
  'shaft-axial': 'Axial on the shaft',
  'shaft-bending': 'Bending of shaft',
  'once-per-turn': 'Once per turn',
  'belt-note': 'Note of the belt',
  'crank-stroke': 'Stroke',
  'crank-mean': 'Mean speed',
  'crank-acceleration': 'Most acceleration',
  'side-thrust': 'Push across',
  'pitch-diameter': 'Pitch diameter',
  'speed-ripple': 'Speed ripple',
  'chain-sag': 'Sag of the chain',
  'stage-teeth': 'Teeth of its belt',
  'stage-centre': 'Its shafts stand at',
  'stage-tension': 'Its tension',
  'stage-note': 'Its note',
  'carriage-load': 'Busiest carriage',
  'carriage-give': 'Gives by',
  'guide-life': 'Life of the guide',
  'rod-sag': 'Sag of the rods',
  grease: 'Grease after',
};

const named: Readonly<Record<string, string>> = {
  ...figureName,
  ...rungName,
  ...accelerationName,
  ...caseName,
};

/** What is said where figures came to no number. @param codes of what did not. */
export const noNumberText = (codes: readonly string[]): string =>
  `Comes to no number: ${codes.map((c) => named[c] ?? c).join(', ')}. That is a fault of ours, and nothing ` +
  'is claimed here until it is gone: take back the last change, or export the machine and report it.';

/** Names of the links of the stiffness and of the lost motion. */
export const budgetName: Record<string, string> = {
  screw: 'Screw and end bearings',
  link: 'Link and its pins',
  pins: 'Pins of the link',
  nut: 'Nut',
  'wind-up': 'Twist of the screw',
  bearing: 'End bearings',
  bearings: 'End bearings',
  'thrust-bearing': 'Thrust bearing',
  mesh: 'Mesh of the teeth',
  belt: 'Belt',
  chain: 'Chain',
  'cross-shaft': 'Shaft across',
  coupling: 'Coupling',
  reducer: 'Reducer',
  'belt-teeth': 'Belt teeth',
  'chain-slack': 'Chain slack',
  elastic: 'Give under drag',
};
