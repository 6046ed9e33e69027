import { type Candidate as AnyCandidate, type Check, defineCheck } from '@/core/checks';
import type { Params } from '@/core/findings';
import type { Axis, Edit, Project } from '@/core/model';
import { type AxisCandidate, measured } from '../../axis';
import { type FrameRemedyCode, frameRemedyCodes } from '../../frame';
import type { JudgedMachine, MachineContext } from '../context';

/** Every change of the machine outside frame and axes; the wording has a text for each. */
const wholeRemedyCodes = [
  'aluminium-member',
  'ask-acceleration',
  'ask-feed',
  'axis-change',
  'ballast',
  'birch-member',
  'bolt-feet',
  'columns-apart',
  'conventional',
  'cut-faster',
  'fewer-flutes',
  'less-depth',
  'less-feed',
  'less-width',
  'longer-bed',
  'longer-travel',
  'more-feed',
  'more-power',
  'raise-gantry',
  'slower-spindle',
  'spindle-centre',
  'spindle-pulley',
  'smaller-area',
  'smaller-stock',
  'softer-ramp',
  'table-at',
  'wider-feet',
] as const;
export const machineRemedyCodes = [...wholeRemedyCodes, ...frameRemedyCodes] as const;
export type MachineRemedyCode = (typeof wholeRemedyCodes)[number] | FrameRemedyCode;
export type Candidate = AnyCandidate<MachineRemedyCode>;

type MachineCheck<Code extends string> = Check<Code, MachineContext, MachineRemedyCode>;

/** A check of the machine as a whole; paths lead from its root. */
export const machineCheck = <const Code extends string>(
  check: Omit<MachineCheck<Code>, 'scope'>,
): MachineCheck<Code> => defineCheck({ scope: 'machine', ...check });

/** It judges by less than it needs to find a way out. */
type Judging<Code extends string> = {
  readonly judge: (subject: JudgedMachine) => ReturnType<MachineCheck<Code>['judge']>;
};

/** A check that doubt about figures can turn: thousands of machines are put through it. */
export const figureCheck = <const Code extends string>({
  judge,
  ...check
}: Omit<MachineCheck<Code>, 'scope' | 'judge'> & Judging<Code>): MachineCheck<Code> & Judging<Code> => ({
  ...machineCheck<Code>({ ...check, judge }),
  judge,
});

/** A measured input of the machine set to an SI value, as an estimate. */
export const at = (path: string, si: number): Edit => ({ path, value: measured(path, si) });

/** A change by its name, its edits and the figures that its wording needs. */
export const offer = (
  code: MachineRemedyCode,
  edits: readonly Edit[],
  params: Candidate['params'] = {},
): Candidate => ({ code, params, edits });

/** A change of one axis, as the axis itself would offer it. */
export const ofAxis = ({ axes }: Project, index: number, change: AxisCandidate): Candidate =>
  offer(
    'axis-change',
    change.edits.map(({ path, value }) => ({ path: `axes.${index}.${path}`, value })),
    { ...change.params, axis: axes[index]!.name, change: change.code },
  );

/** Whether an axis runs level; the others lift. */
export const level = (axis: Axis): boolean => axis.role !== 'plunge';

/** An axis by its name, for the wording. */
export const named = (axis: Axis): Params => ({ axis: axis.name, axisId: axis.id });
