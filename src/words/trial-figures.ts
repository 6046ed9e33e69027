import type { ForetoldId } from '@/core/machine';
import type { TrialPlan, TrialRow, TrialStanding } from '@/core/prove';
import {
  displayUnit,
  formatIn,
  formatNumber,
  formatQuantity,
  type Kind,
  type Unit,
  units,
  type UnitSystem,
  smallUnit,
} from '@/core/units';
import { micro } from './teller';

const rowNames: Record<string, string> = {
  arm: 'Radius of the cord',
  'finger-near': 'Near switch reads the finger',
  'wire-near': 'Near switch, plug pulled: tripped',
  'finger-far': 'Far switch reads the finger',
  'wire-far': 'Far switch, plug pulled: tripped',
  'power-gone': 'Power of the drives is gone',
  'stays-off': 'It stays off until somebody starts it again',
  drop: 'Plunge falls by',
  'drop-held': 'The prop held it',
  plus: 'Plus moved the tool towards plus',
  moved: 'It went, of 5 mm',
  'stop-moving': 'The stop stopped it while it moved',
  'no-hesitation': 'It did not hesitate',
  'no-growl': 'It did not growl',
  'cables-free': 'Cables and hoses came along freely',
  'trips-near': 'Near switch stopped it',
  'trips-far': 'Far switch stopped it',
  found: 'It found its switch and came off it',
  fast: 'Fast speed',
  slow: 'Slow speed',
  'pull-off': 'Pull-off',
  hysteresis: 'Switch opens behind its trip by',
  'refused-near': 'Refused at the near end',
  'refused-far': 'Refused at the far end',
  'own-a': 'Switch A stops side A only',
  'own-b': 'Switch B stops side B only',
  'same-way': 'Both sides turn the same way',
  apart: 'The side at the larger Y ahead by',
  marking: 'Crest or RMS was looked up in the driver’s words',
  set: 'Current set',
  warmer: 'Warmer than the shop by',
  'holds-idle': 'At rest it holds one and a half times its load',
  ran: 'It ran without a stall',
  shift: 'Shift at the indicator',
  motor: 'Motor shaft, as travel',
  nut: 'Nut, clamp or pinion',
  carriage: 'Carriage',
  tool: 'Tool',
  ring: 'Ring',
  first: 'First swing',
  last: 'Last swing',
  periods: 'Periods between them',
  overshoot: 'Overshoot, share of the step',
  lag: 'Lag',
  'lag-speed': 'at a speed of',
  'no-ringing': 'Nothing rings at rest',
  asked: 'Diameter asked',
  radius: 'Radius asked',
  'in-air': 'The run in air was right',
  'from-nought': 'Override from nought up was right',
  'half-depth': 'Half depth was right',
  held: 'The work stayed where it was',
  near: 'Near',
  right: 'Right side, 2 to 3',
  far: 'Far side, 3 to 4',
  left: 'Left side, 4 to 1',
  rising: 'Diagonal 1 to 3',
  falling: 'Diagonal 2 to 4',
  slot: 'Slot',
  tongue: 'Tongue',
  'wide-x': 'Pocket along the long axis',
  'wide-y': 'Pocket along the cross axis',
  'boss-x': 'Boss',
  'ridge-x': 'Ridges, feed along the long axis',
  'ridge-y': 'Ridges, feed along the cross axis',
  'wall-low': 'Wall, low',
  'wall-middle': 'Wall, middle',
  'wall-high': 'Wall, high',
  climb: 'Disc cut climb',
  conventional: 'Disc cut conventional',
  'corners-close': 'Corners close',
  'no-tails': 'No tails behind corners',
  offset: 'Offset of the knife found',
  'hole-x': 'Hole along the long axis',
  'drop-x': 'Drop along the long axis',
  'hole-y': 'Hole along the cross axis',
  'drop-y': 'Drop along the cross axis',
  give: 'Sheet gives by',
  further: 'Runout 50 mm further',
  grown: 'Longer after half an hour',
  'sounds-even': 'It sounds even',
};
const ofPly: Record<string, string> = { near: 'Near side, 1 to 2' };
const ofSpindle: Record<string, string> = { near: 'Runout at the collet' };

/** What a row of a trial is called: by its figure where it has one. */
export function trialRowName(
  plan: Pick<TrialPlan, 'kind'>,
  { id, at }: TrialRow,
  system: UnitSystem,
): string {
  if (plan.kind === 'ply-square' && ofPly[id]) return ofPly[id];
  if (plan.kind === 'spindle' && ofSpindle[id]) return ofSpindle[id];
  const named = rowNames[id];
  if (!at) return named ?? id.replace(/^n-/, 'Reading ');
  const figure = trialText(at.kind, at.value, system, 4);
  if (named) return named;
  if (id.startsWith('bore')) return `Bore at ${figure}`;
  return id.startsWith('minute') ? `After ${figure}` : figure;
}

const columnNames: Record<string, string> = {
  pull: 'pull',
  end: 'reads',
  way: 'runs on',
  plus: 'towards plus',
  minus: 'towards minus',
  up: 'from below',
  down: 'from above',
  shift: 'shift',
  off: 'off',
  cold: 'place',
  ccw: 'counter-clockwise',
  cw: 'clockwise',
  across: 'across',
  height: 'height',
};

export function trialColumnName(id: string): string {
  const [what, count] = id.split('-');
  if (count === undefined) return columnNames[id] ?? id;
  if (what === 'run') return `run ${count}`;
  return `${what === 'up' ? '↑' : '↓'} ${count}`;
}

const figureNames: Record<string, string> = {
  'hand-torque': 'Torque by hand',
  uneven: 'Stiffest over freest place',
  'first-move': 'Distance off',
  range: 'End readings differ by',
  'stop-at-rapid': 'Way to standstill from rapid',
  reaction: 'Reaction',
  braking: 'Braking',
  'slow-share': 'Slow over fast',
  'hysteresis-share': 'Hysteresis over pull-off',
  'current-off': 'Current off the plan',
  case: 'Warmer than the shop',
  apart: 'One side ahead',
  shift: 'Shift',
  drop: 'Plunge falls by',
  drag: 'Drag',
  weight: 'Weighs',
  'scale-off': 'Scale off',
  'lost-motion': 'Lost motion',
  'over-travel': 'Scale over the travel',
  'iso-A': 'Accuracy A, both ways',
  'iso-B': 'Reversal B, largest',
  'iso-R': 'Repeatability R, both ways',
  'iso-E': 'Systematic deviation E',
  'iso-M': 'Mean deviation M',
  'iso-R-up': 'Repeatability R↑',
  'iso-R-down': 'Repeatability R↓',
  'iso-E-up': 'Systematic deviation E↑',
  'iso-E-down': 'Systematic deviation E↓',
  'iso-A-up': 'Accuracy A↑',
  'iso-A-down': 'Accuracy A↓',
  stiffness: 'Stiffness',
  play: 'Play',
  friction: 'Friction',
  ring: 'First ring',
  'ring-stiffness': 'Stiffness by the ring',
  damping: 'Damping',
  gain: 'Gain of the place loop, 1/s',
  growth: 'Growth when warm',
  tau: 'Time constant',
  'comes-back': 'Comes back within (4 s)',
  'top-speed': 'Stalls at',
  'top-acceleration': 'Stalls at',
  'asked-share': 'Asked, of what is kept',
  'circle-G': 'Circular deviation G, both ways',
  'circle-ccw': 'G, counter-clockwise',
  'circle-cw': 'G, clockwise',
  'circle-most': 'Largest radius off, Fmax',
  'circle-least': 'Least radius off, Fmin',
  'circle-D': 'Mean radius off, D',
  'circle-left': 'Left by the fit',
  gamma: 'Out of square',
  scales: 'Scales differ',
  'lost-x': 'Lost motion, long axis',
  'lost-y': 'Lost motion, cross axis',
  mismatch: 'Long axis lags the cross one',
  'size-off': 'Size off',
  round: 'Out of round',
  'left-over': 'Left over by six lengths',
  'scale-x': 'Scale off, long axis',
  'scale-y': 'Scale off, cross axis',
  'lap-play': 'Play of the joint',
  'cutter-off': 'Cutter wider than said',
  'off-slot': 'Slot off',
  'off-wide-x': 'Pocket off, long axis',
  'off-wide-y': 'Pocket off, cross axis',
  'off-boss-x': 'Boss off',
  'ridge-x': 'Ridges, feed along the long axis',
  'ridge-y': 'Ridges, feed along the cross axis',
  'wall-taper': 'Wall uneven by',
  gives: 'Gives under the cut',
  'kerf-x': 'Kerf, long axis',
  'kerf-y': 'Kerf, cross axis',
  'touch-height': 'Height of the touch',
  'spindle-near': 'Runout at the collet',
  'spindle-further': 'Runout 50 mm further',
  'spindle-grown': 'Growth when warm',
};

const linkEnds: Record<string, string> = { motor: 'motor', nut: 'nut', carriage: 'carriage', tool: 'tool' };

/** A link of the drive train between two places that were read. */
export function linkName(link: string): string {
  const [a, b] = link.split('-');
  return b === undefined ? `at the ${linkEnds[a!] ?? a}` : `${linkEnds[a!] ?? a} to ${linkEnds[b] ?? b}`;
}

export const trialFigureName = (id: string): string =>
  id.startsWith('link-') ? `Lost, ${linkName(id.slice(5))}` : (figureNames[id] ?? id);

/** A figure of a trial in the units of the sheet; small lengths as builders read them. */
export function trialText(kind: Kind, si: number, system: UnitSystem, digits = 3): string {
  if (kind === 'length' && Math.abs(si) < 0.002 && si !== 0) return micro(si, system);
  if (kind === 'ratio') return formatNumber(si, digits);
  return formatQuantity(kind, si, system, digits).text;
}

/** A figure with its doubt, both in one unit that is said once. */
export function trialPair(kind: Kind, si: number, expanded: number, system: UnitSystem): string {
  const fine = kind === 'length' && Math.abs(si) < 0.002 && si !== 0;
  const unit = fine ? smallUnit(system) : unitFor(kind, si, system);
  const [value, doubt] = [formatIn(unit, si, 3), formatIn(unit, expanded, 2)];
  return `${value.number} ± ${doubt.number} ${unit.symbol}`.trim();
}

/** Stiffness is said as builders say it, whatever else stands on the sheet. */
const unitFor = (kind: Kind, si: number, system: UnitSystem): Unit =>
  units[kind].find((u) => u.symbol === formatQuantity(kind, si, system, 3).unit) ?? displayUnit(kind, system);

export const standingWords: Record<TrialStanding, string> = {
  open: 'not tried',
  begun: 'begun',
  passed: 'passed',
  failed: 'failed',
  unsure: 'cannot say yet',
  stale: 'stale: prove it again',
  left: 'left out',
};

/** Answers of the plan that are measured. */
export const foretoldNames: Record<ForetoldId, string> = {
  drag: 'drag of guides and cables',
  hand: 'torque by hand',
  'lost-motion': 'lost motion',
  lead: 'scale over the travel',
  'top-speed': 'stalls at a speed of',
  'top-acceleration': 'stalls at an acceleration of',
  stiffness: 'stiffness of the drive',
  frequency: 'first ring',
  growth: 'growth when warm',
  home: 'home comes back within',
  stop: 'way to standstill from rapid',
};
