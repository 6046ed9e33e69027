import { type Bench, type Finding, findingsOf, judge, wholeVerdict } from '@/core/checks';
import { byWeight, hasNumbers, type Verdict, worstVerdict } from '@/core/findings';
import type { AxisCode } from '../axis';
import { type MachineChecked, machineChecks, type MachineCode } from './checks';
import { changedContext, type MachineContext } from './context';

/** Most remedies shown for one finding of the whole. */
const OFFERED = 3;

/** Checks of axes that give out, by code: what a change to the machine may break. */
const axesGivingOut = ({ reports }: MachineContext): string[] =>
  reports.flatMap((r) => r.findings.filter((f) => f.verdict === 'gives-out').map((f) => f.code));

/** What the checks of the whole say; every axis judges itself. */
export const machineOutcomes = (context: MachineContext): MachineChecked[] => judge(machineChecks, context);

/** Findings of the machine as a whole, the worst first. @param withRemedies false: nothing is tried. */
export function machineFindings(
  context: MachineContext,
  outcomes: readonly MachineChecked[],
  withRemedies = true,
): Finding<MachineCode>[] {
  const bench: Bench<MachineContext, MachineCode> = {
    checks: machineChecks,
    subject: context,
    outcomes,
    change: changedContext,
    stored: (edits) => edits,
    root: '',
    axisId: null,
    aside: axesGivingOut,
    most: OFFERED,
  };
  return findingsOf(bench, withRemedies);
}

/** Checks of the whole that came to no number, by code: a fault of ours, and no verdict. */
export const noNumberOfWhole = (outcomes: readonly MachineChecked[]): string[] => [
  ...new Set(outcomes.filter((c) => !hasNumbers(c)).map((c) => c.code)),
];

/**
 * The verdict of the whole by its own checks and, where given, those of its axes. Of a machine whose
 * frame is not known nothing can be said but that it gives out.
 */
export function verdictOfWhole(outcomes: readonly MachineChecked[], axes: readonly Verdict[] = []): Verdict {
  if (noNumberOfWhole(outcomes).length) return 'not-known';
  const worst = worstVerdict(['holds', ...axes, ...(outcomes.length ? [wholeVerdict(outcomes)] : [])]);
  const frameless = outcomes.some((c) => c.code === 'frame-unknown');
  return frameless && worst !== 'gives-out' ? 'not-known' : worst;
}

/** Any finding of a machine, of whatever scope. */
export type AnyFinding = Finding<AxisCode> | Finding<MachineCode>;

/** Findings of all axes and of the whole, the worst first; what is merely not known comes last. */
export const gathered = (lists: readonly (readonly AnyFinding[])[]): AnyFinding[] =>
  lists.flat().sort((a, b) => byWeight(a.verdict, b.verdict));
