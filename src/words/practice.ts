import type { PracticeFault, PracticeHint, PracticeLevel } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import type { FaultGroup, FaultTold, HiddenFault, PracticeResult } from '@/standins';
import { micro } from './teller';

/** Faults of a practice machine as the learner picks them. */
export const practiceFaultNames: Readonly<Record<PracticeFault, string>> = {
  'rail-a-bow': 'Rail A is bowed in height',
  'rail-a-side': 'Rail A is bowed sideways',
  'rail-b-apart': 'Rail B is not parallel to A',
  wind: 'The frame is twisted',
  'gantry-out': 'The gantry is out of square',
  roll: 'One end of the gantry is low',
  nod: 'The plunge axis leans back or forward',
  'tram-right': 'The spindle leans in its mount',
  droop: 'The arm droops from its root',
  posts: 'A post is not upright',
  'out-of-step': 'The lifting screws are out of step',
  'screw-off': 'The screw is not parallel to its rail',
  'coupling-runout': 'The coupling runs out',
  'mesh-slope': 'The rack is not parallel to its rail',
  pinion: 'The pinion runs out',
  'rack-joint': 'A joint of the rack is open',
  'belt-slack': 'Belt or chain is slack',
  steps: 'Steps per unit are wrong',
  'nut-play': 'The nut has play',
  'bearing-play': 'The screw’s bearing has play',
  'grub-screw': 'A hub slips on its shaft',
  lead: 'The screw’s lead is off',
  current: 'The motor gets too little current',
  supply: 'The supply is low',
  'late-direction': 'The direction comes late',
  'switch-scatter': 'The home switch scatters',
  'wire-open': 'A switch wire is broken and nobody is told',
  drift: 'It grows as it warms up',
  compensation: 'Play is made up for that is not there',
  'sticky-indicator': 'The indicator sticks',
  'square-out': 'The square itself is out',
  'edge-bow': 'The straight edge itself is bowed',
};

/** What puts each right that no bolt does. */
export const practiceCures: Readonly<Partial<Record<PracticeFault, string>>> = {
  'mesh-slope': 'bolt the rack on anew, by a pin along its length',
  pinion: 'another pinion',
  'rack-joint': 'set the joint by a piece of rack',
  steps: 'other steps per unit',
  'nut-play': 'another nut',
  'bearing-play': 'preload the bearing',
  'grub-screw': 'tighten the hub on a flat',
  lead: 'calibrate by steps per unit, or another screw',
  current: 'set the driver by its own table',
  supply: 'another supply',
  'late-direction': 'a longer set-up time of the direction',
  'switch-scatter': 'another switch',
  'wire-open': 'mend the wire, and use the contact that opens',
  drift: 'warm it up, or take off the heat',
  compensation: 'compensation off',
  'sticky-indicator': 'another indicator',
  'square-out': 'turn the square over and take the mean',
  'edge-bow': 'turn the edge over and take the mean',
};

export const faultGroupNames: Readonly<Record<FaultGroup, string>> = {
  frame: 'frame and rails',
  gantry: 'gantry, posts and square',
  head: 'head and arm',
  drive: 'drives',
  motor: 'motors and supply',
  electrics: 'controller and switches',
  measuring: 'what you measure with',
};

export const levelNames: Readonly<Record<PracticeLevel, string>> = {
  slight: 'slight',
  plain: 'plain',
  bad: 'bad',
};

export const hintNames: Readonly<Record<PracticeHint, string>> = {
  region: 'Where is it?',
  test: 'Which test shows it?',
  reading: 'What does that test say?',
};

export const namedWords: Readonly<Record<FaultTold['named'], string>> = {
  right: 'named, and read',
  group: 'named something near it',
  guessed: 'guessed: nothing that was read shows it',
  missed: 'not found',
};

export const pointNames: Readonly<Record<keyof PracticeResult['points'], string>> = {
  faults: 'Faults named by what was read',
  left: 'Put right',
  readings: 'Few readings',
  time: 'Little time',
  hints: 'Hints taken',
};

/** Said wherever a practice machine is open. */
export const PRACTICE_NOTE = 'Practice machine: what it reads is made up.';

const SLOPES: readonly PracticeFault[] = ['gantry-out', 'nod', 'tram-right', 'droop', 'posts', 'square-out'];

/** How large a fault is, as builders say it. */
export function faultSize({ fault, size }: Pick<HiddenFault, 'fault' | 'size'>, system: UnitSystem): string {
  const much = Math.abs(size);
  const percent = (share: number) => `${formatNumber(100 * share, 3)} %`;
  if (SLOPES.includes(fault)) return formatQuantity('slope', much, system, 2).text;
  switch (fault) {
    case 'steps':
    case 'lead':
      return `${percent(much)} of the way`;
    case 'belt-slack':
      return `${percent(1 - much)} of its pull`;
    case 'current':
    case 'supply':
      return `${percent(much)} of what it should be`;
    case 'late-direction':
      return `${much} ${much === 1 ? 'pulse' : 'pulses'} a reversal`;
    case 'wire-open':
      return 'open';
    default:
      return micro(Number(much.toPrecision(2)), system);
  }
}
