import type { Caution, NextStep } from '@/core/machine';
import type { Params } from '@/core/findings';
import type { Arrangement } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { bodyName, isArm } from './names-machine';

type CautionWords = (teller: { readonly p: Params; readonly system: UnitSystem }) => string;

const LIFT =
  'Above 25 kg lift with two or with a hoist, and prop it before any bolt is loosened; keep hands out.';

const weighs = (p: Params, system: UnitSystem) => formatQuantity('mass', Number(p.mass), system, 3).text;

const nameOf = (p: Params) =>
  bodyName({ name: String(p.name), from: String(p.from) }, p.arrangement as Arrangement);

const cautionWords: Record<Caution['code'], CautionWords> = {
  lifting: ({ p, system }) => `Weight: ${nameOf(p)} weighs ${weighs(p, system)}. ${LIFT}`,
  'lifting-gantry': ({ p, system }) =>
    `Weight: the ${isArm(p.arrangement as Arrangement) ? 'arm' : 'gantry'} ` +
    `weighs ${weighs(p, system)}. ${LIFT}`,
  'falling-axis': ({ p }) =>
    `${String(p.axis)}: it may fall when power ` +
    `goes${Number(p.drops) ? ', and this one is held by little' : ''}. Block it before you reach ` +
    `under the tool.`,
  plasma: () =>
    'Plasma: arc eye, fumes, fire, high voltage at the start. Screen, extract, keep water and ' +
    'an extinguisher at hand; RF noise trips switches. Local codes for hot work decide.',
  spindle: () =>
    'Spindle: a cutter or the work can fly. Guard it, clamp the work, wear eye and ear ' +
    'protection, no gloves near what turns; guards by ISO 12100 and local code.',
  'spindle-belt': () =>
    'Belt of the spindle: it pulls in fingers, sleeves and hair, and a rim that bursts throws pieces. A ' +
    'fixed ' +
    'guard over belt and pulleys before it first turns (ISO 14120), and the power off before it comes off.',
  pinch: () =>
    'Carriages crush between themselves and their stops, screws and chains pull in. An ' +
    'emergency stop removes drive power and does not run through software alone (IEC 60204-1, ISO 13850).',
  mains: () =>
    'Mains and cabinets: the local wiring code and a licensed electrician decide. This tool ' +
    'advises; it certifies nothing.',
};

/** A caution, and whom it defers to. */
export const cautionText = ({ code, params }: Caution, system: UnitSystem): string =>
  cautionWords[code]({ p: params, system });

const nextWords: Record<NextStep['code'], (axisName: string) => string> = {
  'say-area': () => 'Say in the brief how far the tool must reach.',
  'say-cuts': () => 'Say in the brief what you cut: what it asks of the drives follows from it.',
  'say-ours': (axis) => `Say which of our numbers are so on the ${axis}, or what they are.`,
  'say-accuracy': () => 'Say in the brief how exact it must be: flex and play are judged by it.',
  'mend-axis': (axisName) => `Mend what gives out on the ${axisName}.`,
  'mend-machine': () => 'Mend what gives out on the machine as a whole.',
  'plan-structure': () => 'Plan the frame: how far it sags and twists is not known yet.',
  'pick-parts': () => 'Pick parts for the links that have none.',
  measure: (axisName) => `Fill in what is not known of the ${axisName}.`,
  fit: () => 'Sized as far as numbers go. Next comes whether it fits together.',
};

/** What to do next, and where. */
export const nextText = ({ code }: NextStep, axisName = 'axis'): string =>
  nextWords[code](axisName.toLowerCase());
