import type { Cable, Signal } from '@/core/build';
import type { ControllerClass, SignalWay } from '@/core/model';
import { AWG } from '@/core/build';
import { formatNumber, type UnitSystem } from '@/core/units';

export const controllerNames: Record<ControllerClass | '', string> = {
  '': 'not said',
  parallel: 'parallel port with a buffer board',
  'board-8': '8-bit board',
  'board-32': '32-bit board',
  'motion-card': 'motion card on a network',
  closed: 'closed control with its own screen',
};

export const signalNames: Record<SignalWay | '', string> = {
  '': 'not said',
  'common-5': 'single, common + 5 V',
  'common-ground': 'single, common ground',
  differential: 'differential, two wires each',
};

/** Signals as they stand in a pin table. */
export const wireNames: Record<Signal, string> = {
  'A+': 'phase A +',
  'A-': 'phase A −',
  'B+': 'phase B +',
  'B-': 'phase B −',
  U: 'phase U',
  V: 'phase V',
  W: 'phase W',
  earth: 'earth, shield',
  plus: 'motor +',
  minus: 'motor −',
  step: 'step',
  direction: 'direction',
  enable: 'enable',
  alarm: 'alarm, closed while well',
  brake: 'brake, closes on loss of power',
  switch: 'switch, closed while not met',
  encoder: 'encoder',
};

/** A cable by its axis and what it feeds. */
export const cableTitle = (
  { what, number }: Pick<Cable, 'what' | 'number'>,
  axis: string,
  many: boolean,
): string =>
  what === 'switches'
    ? `${axis}: switches`
    : `${axis}: ${what === 'motor' ? 'motor' : 'signals'}${many ? ` ${number}` : ''}`;

/** A section of wire as it is sold here and there. */
export const sectionText = (section: number | null, system: UnitSystem): string => {
  if (section === null) return 'thicker than the table';
  return system === 'imperial' ? `AWG ${AWG[section]}` : `${formatNumber(section, 3)} mm²`;
};

/** What goes before all of it. */
export const wiringCaution =
  'Advice, not a design: local code and a licensed electrician decide about mains, fuses and earth. ' +
  'Mains can kill; isolate, discharge, test dead before a cover is off. Unplugging a live motor kills its ' +
  'driver.';

/** Principles of the emergency stop. */
export const stopPrinciples: readonly string[] = [
  'The button latches and opens: a broken wire stops the machine like a pressed button.',
  'It drops the power of the drives by a contactor or safety relay, not by a signal to the program.',
  'It stops spindle or torch by their own stop input and contactor, and tells the controller.',
  'Logic stays on, so that the controller knows where it was; drives come back only by a second act.',
  'A vertical axis is held by a brake that closes when its power is lost.',
];

/** Lanes, shields, earth. */
export const lanePrinciples: readonly string[] = [
  'Mains, motor cables and signals in lanes of their own; where they must cross, at a right angle.',
  'Shield of signal cables to earth at the cabinet end; of an inverter’s motor cable at both ends.',
  'One earth point, a star from it; every metal part of the machine is joined to it.',
  'Flexing cable in a chain: bends of ten diameters or more, held at both ends, six tenths full at most.',
  'Phases of a stepper are found by resistance: the two wires of one phase conduct, others do not.',
];

/** Spindle with its inverter. */
export const spindlePrinciples: readonly string[] = [
  'Inverter: on its own breaker, shielded motor cable as short as may be, no switch before the spindle.',
  'Its stop input opens with the emergency stop; after the stop wait until the cutter stands.',
  'Water cooling: a flow switch in the chain of the spindle. Air: keep the inlet free of chips.',
  'Set base frequency and least speed by the spindle’s plate before it is first run.',
];

/** Torch and its noise. */
export const torchPrinciples: readonly string[] = [
  'The start of the arc resets boards: torch lead away from all others, crossing at right angles.',
  'Table to the source and to its rod, bonded to the building’s protective earth: a lone rod can kill.',
  'Inputs that open at a fault, 24 V, each with a filter; the divider of the arc voltage is isolated.',
  'Fumes and light: extract, shield the eyes, nothing that burns near the table.',
];
