import type { Setting, SettingId, TrialNote } from '@/core/prove';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { linkName, trialText } from './trial-figures';

type NoteWords = (values: TrialNote['values'], system: UnitSystem) => string;

const num = (v: number | string | undefined) => Number(v ?? NaN);

const notes: Record<TrialNote['code'], NoteWords> = {
  'new-steps': (v, system) =>
    `Steps per unit off by more than the doubt: set ` +
    `${trialText('pulsesPerLength', num(v.steps), system, 7)} instead ` +
    `of ${trialText('pulsesPerLength', num(v.was), system, 7)}, and measure again.`,
  'plain-ratio': (v) =>
    `That is near to ${num(v.over)} : ${num(v.under)}: rather a wrong number (teeth, lead, inches, ` +
    `microsteps) than a ` +
    'wrong screw.',
  'over-compensated': (v, system) =>
    `It gains ${trialText('length', num(v.by), system)} at a reversal: the controller makes up for more ` +
    `than is lost.`,
  'no-loss-yet': (v, system) =>
    `Nothing was lost up to ` +
    `${trialText(v.of === 'speed' ? 'speed' : 'acceleration', num(v.at), system)}: where it ` +
    'stalls is not known.',
  'lost-at-first': (v, system) => {
    const kind = v.of === 'speed' ? 'speed' : 'acceleration';
    return (
      `Lost at the lowest step already, ${trialText(kind, num(v.at), system)}, so what holds is not known. ` +
      `The plan asks ${trialText(kind, num(v.asked), system)}.`
    );
  },
  'whole-steps': (v) =>
    num(v.whole) === 1
      ? `The shift is ${num(v.groups)} times four full steps: the motor stalled.`
      : 'The shift is no multiple of four full steps: pulses were lost, or something slipped on its shaft.',
  'keep-speed': (v, system) => {
    const kind = v.of === 'speed' ? 'speed' : 'acceleration';
    return (
      `Keep ${trialText(kind, num(v.kept), system)}: ${formatNumber(num(v.share) * 100, 2)} % of the ` +
      `last good one ` +
      `(common practice). The plan asks ${trialText(kind, num(v.asked), system)}.`
    );
  },
  'largest-link': (v, system) =>
    `Most is lost ${linkName(String(v.link))}: ${trialText('length', num(v.value), system)}. Look there ` +
    `first.`,
  'next-speed': (v, system) =>
    num(v.may) === 1
      ? `${trialText('speed', num(v.speed), system)} would run on ` +
        `${trialText('length', num(v.way), system)}: there is ` +
        'room for it.'
      : `Stop here: ${trialText('speed', num(v.speed), system)} would run on ` +
        `${trialText('length', num(v.way), system)}, too near the stop.`,
  'watch-longer': (v, system) =>
    `It was watched for less than two time constants: go on to ` +
    `${trialText('time', num(v.time), system)}, or the end ` +
    'is a guess.',
  'branches-bent': () => 'Pushing and letting go give no straight lines: something sticks, slips or touches.',
  'few-places': (v) => `Both senses want all ${num(v.want)} places.`,
  'room-unknown': () =>
    'How much room there is behind the switch is not known: say in Fit where the hard stop is. Until ' +
    'then go no faster.',
};

/** What is said of a record besides its figures. */
export const trialNoteText = ({ code, values }: TrialNote, system: UnitSystem): string =>
  notes[code](values, system);

export const settingNames: Record<SettingId, string> = {
  steps: 'Steps per unit',
  'top-speed': 'Top speed',
  acceleration: 'Acceleration',
  travel: 'Travel',
  direction: 'Direction: as the first move showed',
  'home-direction': 'Homes towards',
  seek: 'Homing, fast',
  slow: 'Homing, slow',
  'pull-off': 'Pull-off',
  'soft-limits': 'Soft limits',
  'hold-current': 'Current at rest, share',
  'pull-off-2': 'Pull-off of the second motor',
  junction: 'Corner deviation',
  idle: 'At rest before current falls',
  report: 'Report every',
  spindle: 'Spindle at most',
};

export const settingFrom: Record<Setting['from'], string> = {
  plan: 'plan',
  measured: 'measured',
  usual: 'common practice',
  unsaid: 'not said',
};

/** Value of a setting in the units of the sheet. */
export function settingText({ kind, value, id }: Setting, system: UnitSystem): string {
  if (value === null) return '';
  if (typeof value === 'string') return value;
  if (kind === 'word') return String(value);
  return id === 'steps'
    ? formatQuantity('pulsesPerLength', value, system, 7).text
    : trialText(kind, value, system, 4);
}
