import type { AnyCheck } from '@/core/checks';
import type { Checked } from '@/core/findings';
import type { JudgedMachine, MachineContext } from '../context';
import { areaChecks } from './area';
import { cutChecks } from './cuts';
import { frameChecks } from './frame';
import { passingChecks } from './passing';
import { placeChecks, placeFigures } from './place';
import { spindleChecks } from './spindle';
import { standChecks } from './tips';

export { type MachineRemedyCode, machineRemedyCodes } from './check';
export { PLASMA_LEAST } from './cuts';

const all = [
  ...areaChecks,
  ...passingChecks,
  ...cutChecks,
  ...spindleChecks,
  ...placeChecks,
  ...standChecks,
  ...frameChecks,
] as const;

export type MachineCode = (typeof all)[number]['code'];
export type MachineChecked = Checked<MachineCode>;

/**
 * Checks of the whole that doubt about figures can turn: what cuts ask, floor, power, stand, tipping, frame.
 * Lengths of area, room and clearance are chosen.
 */
export const doubtedMachineChecks: readonly AnyCheck<JudgedMachine, MachineCode>[] = [
  ...cutChecks,
  ...spindleChecks,
  ...placeFigures,
  ...standChecks,
  ...frameChecks,
];

/** Every check of the machine as a whole, in a fixed order. */
export const machineChecks: readonly AnyCheck<MachineContext, MachineCode>[] = all;
