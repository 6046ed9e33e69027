import { byWeight, type Edit, type Finding, type Verdict, verdictOf, worstVerdict } from '@/core/findings';
import { applyEdits, type Project, projectIssues } from '@/core/model';
import type { Improvement } from '../flex/improve';
import type { WayId } from '../flex/report';
import { axisReport, type AxisReport } from '../report';
import {
  type MachineChecked,
  type MachineCode,
  machineChecks,
  type MachineContext,
  contextOf,
} from './checks';
import { effectiveAxes } from './effective';
import { machineCandidates } from './remedies';

/** A change to the machine that was put through the model. */
export interface MachineRemedy {
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  /** Paths lead from the root of the machine. */
  readonly edits: readonly Edit[];
  readonly becomes: number | null;
  readonly verdict: Verdict;
}

/** What the machine as a whole found. `path` leads from the root of the machine. */
export interface MachineFinding extends Omit<Finding, 'remedies' | 'code'> {
  readonly code: MachineCode;
  readonly remedies: readonly MachineRemedy[];
}

const badness: Record<Verdict, number> = { holds: 0, 'not-known': 1, thin: 2, 'gives-out': 3 };
const OFFERED = 3;

const sameCheck = (a: MachineChecked) => (b: MachineChecked) =>
  b.code === a.code &&
  b.params.axisId === a.params.axisId &&
  b.params.cutIndex === a.params.cutIndex &&
  b.params.way === a.params.way;

function evaluate(
  found: MachineChecked,
  context: MachineContext,
  candidate: ReturnType<typeof machineCandidates>[number],
): MachineRemedy | undefined {
  const changed = applyEdits(context.project, candidate.edits);
  if (projectIssues(changed).length) return undefined;
  const touchesAxes = candidate.edits.some((e) => e.path.startsWith('axes'));
  const reports = touchesAxes ? reportsWithout(changed) : context.reports;
  // The frame is not solved again here: no candidate of this table changes what gives.
  const again = machineChecks(contextOf(changed, reports, context.flex)).find(sameCheck(found));
  const verdict = again?.verdict ?? 'holds';
  const margin = again?.margin ?? Infinity;
  if (margin <= found.margin * 1.001 || badness[verdict] > badness[found.verdict]) return undefined;
  return {
    code: candidate.code,
    params: candidate.params,
    edits: candidate.edits,
    becomes: again?.value ?? null,
    verdict,
  };
}

const reportsWithout = (project: Project): AxisReport[] =>
  effectiveAxes(project).map((axis) => axisReport(axis, { remedies: false }));

/**
 * The improvements of the frame that help a finding of it, as remedies: the gain was computed with the whole
 * frame.
 */
function fromImprovements(
  found: MachineChecked,
  list: readonly Improvement[],
  context: MachineContext,
): MachineRemedy[] {
  const allowed = context.project.brief.accuracy?.si ?? 0;
  if (found.code === 'sag-spread')
    return list
      .filter((i) => i.sag < 0.97 * found.value)
      .sort((a, b) => a.sag - b.sag)
      .map((i) => ({
        code: i.code,
        params: i.params,
        edits: i.edits,
        becomes: i.sag,
        verdict: verdictOf(allowed, i.sag),
      }));
  if (found.code !== 'accuracy') return [];
  const way = found.params.way as WayId;
  const budget = context.errors.find((e) => e.way === way)!;
  const share = (id: string) => budget.shares.find((s) => s.id === id)?.value ?? 0;
  const [flex, sag] = [share('flex'), share('sag')];
  const rest = Math.max(0, budget.likely ** 2 - flex ** 2 - sag ** 2);
  const after = (i: Improvement) => Math.sqrt(rest + (flex / i.gain[way]) ** 2 + (sag ? i.sag : 0) ** 2);
  // Where other causes rule, a stiffer frame is no way out.
  return list
    .filter((i) => after(i) < 0.95 * budget.likely)
    .sort((a, b) => after(a) - after(b))
    .map((i) => {
      const becomes = after(i);
      return {
        code: i.code,
        params: i.params,
        edits: i.edits,
        becomes,
        verdict: budget.missing && becomes <= allowed ? 'not-known' : verdictOf(allowed, becomes),
      };
    });
}

/** Findings of the machine as a whole, the worst first, each with up to three remedies that help. */
export function machineFindings(
  context: MachineContext,
  improvements: readonly Improvement[] = [],
  withRemedies = true,
): MachineFinding[] {
  return machineChecks(context)
    .filter((c) => c.verdict !== 'holds')
    .sort((a, b) => byWeight(a.verdict, b.verdict) || a.margin - b.margin)
    .map(({ margin, ...c }): MachineFinding => ({
      ...c,
      remedies: withRemedies
        ? [
            ...machineCandidates({ ...c, margin }, context).flatMap(
              (candidate) => evaluate({ ...c, margin }, context, candidate) ?? [],
            ),
            ...fromImprovements({ ...c, margin }, improvements, context),
          ]
            .sort((a, b) => badness[a.verdict] - badness[b.verdict])
            .slice(0, OFFERED)
        : [],
    }));
}

/** What the checks of the whole say, without a search for remedies. */
export const wholeVerdict = (context: MachineContext): Verdict =>
  worstVerdict(['holds', ...machineChecks(context).map((c) => c.verdict)]);

/** The worst of all axes and of the machine's own checks. */
export const machineVerdict = (
  reports: readonly Pick<AxisReport, 'verdict'>[],
  findings: readonly Pick<MachineFinding, 'verdict'>[],
): Verdict => worstVerdict([...reports.map((r) => r.verdict), ...findings.map((f) => f.verdict)]);
