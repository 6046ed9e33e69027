import type { Verdict } from '@/core/findings';
import { machineReport, type MachineReport, summaryOf } from '@/core/machine';
import type { Project } from '@/core/model';
import { type ComparedEffect, comparedEffects } from './compared';

/** A verdict that is another one than before; `holds` where nothing was or is found. */
export interface TurnedVerdict {
  /** Null: of the machine as a whole. */
  readonly axisId: string | null;
  /** Of a finding; null: of the axis or the machine itself. */
  readonly code: string | null;
  readonly before: Verdict;
  readonly after: Verdict;
  /** Whether each rests on numbers of ours. */
  readonly guessed: { readonly before: boolean; readonly after: boolean };
}

/** What a change did to the answers of a machine. */
export interface Turned {
  /** Of axes and machine first, then of their findings. */
  readonly verdicts: readonly TurnedVerdict[];
  /** Moving mass, kg, and what the parts cost. */
  readonly mass: readonly [number, number];
  readonly cost: readonly [number, number];
  /** Figures of the whole that differ, the most changed first. */
  readonly figures: readonly ComparedEffect[];
}

const reported = (project: Project) => {
  const report = machineReport(project, { flex: 'figures', remedies: false });
  const { errors, axes: reports, flex } = report;
  return { report, sources: { project, errors, reports, frame: flex && summaryOf(flex) } };
};

/** Verdicts of a machine: of itself, of its axes, and of every check that does not hold, by its place. */
function verdictsOf({ verdict, axes, findings }: MachineReport) {
  const own = new Map<string, Verdict>([
    ['/', verdict],
    ...axes.map((a) => [`${a.axisId}/`, a.verdict] as const),
  ]);
  const found = new Map<string, Verdict>();
  for (const f of [...findings, ...axes.flatMap((a) => a.findings)]) {
    const key = `${f.axisId ?? ''}/${f.code}`;
    // Of several of one kind the first is the worst.
    if (!found.has(key)) found.set(key, f.verdict);
  }
  return { own, found };
}

/** Whether what is said of an axis, or of the machine, rests on numbers of ours. */
const isGuessed = ({ ours, axes }: MachineReport, axisId: string | null): boolean =>
  (axisId === null ? ours : (axes.find((a) => a.axisId === axisId)?.ours ?? [])).length > 0;

/** @param missing what stands for one that is not there; left out: those are no turns. */
function turns(
  was: Map<string, Verdict>,
  is: Map<string, Verdict>,
  missing?: Verdict,
): Omit<TurnedVerdict, 'guessed'>[] {
  return [...new Set([...is.keys(), ...was.keys()])].flatMap((key) => {
    const [before, after] = [was.get(key) ?? missing, is.get(key) ?? missing];
    if (before === undefined || after === undefined || before === after) return [];
    const [axisId = '', code = ''] = key.split('/');
    return { axisId: axisId || null, code: code || null, before, after };
  });
}

const size = ({ before, after }: ComparedEffect): number =>
  before && after ? Math.abs(Math.log(Math.abs(after / before))) : Infinity;

/** What becomes of the answers of a machine by a change: both plans reported, their frames solved. */
export function turned(before: Project, after: Project): Turned {
  const [was, is] = [reported(before), reported(after)];
  const [then, now] = [verdictsOf(was.report), verdictsOf(is.report)];
  return {
    verdicts: [...turns(then.own, now.own), ...turns(then.found, now.found, 'holds')].map((turn) => ({
      ...turn,
      guessed: { before: isGuessed(was.report, turn.axisId), after: isGuessed(is.report, turn.axisId) },
    })),
    mass: [was.report.masses.moving, is.report.masses.moving],
    cost: [was.report.cost.known, is.report.cost.known],
    figures: comparedEffects(was.sources, is.sources)
      .filter((f) => f.change !== 'same')
      .sort((a, b) => size(b) - size(a)),
  };
}
