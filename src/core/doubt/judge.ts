import { type AnyCheck, judge } from '@/core/checks';
import type { Checked, Verdict } from '@/core/findings';
import {
  type AxisCode,
  type AxisSubject,
  type CutLoad,
  cutLoads,
  doubtedAxisChecks,
  doubtedMachineChecks,
  type ErrorBudget,
  errorBudgets,
  type FrameSummary,
  type JudgedMachine,
  type KnownCuts,
  loadedAxis,
  type MachineCode,
  massReport,
  type MassReport,
  type SwiftAxis,
  swiftAxis,
} from '@/core/machine';
import type { Project } from '@/core/model';

/** Any check that doubt can turn. */
export type DoubtCode = AxisCode | MachineCode;

/** What a check says of one machine among thousands. */
export interface Outcome {
  /** Tells what is judged apart: axis, check, and what it is about. */
  readonly key: string;
  readonly code: DoubtCode;
  readonly axisId: string | null;
  readonly found: Checked;
}

/** Which checks are asked, axis by axis and of the whole. */
export interface AskedChecks {
  readonly axes: readonly (readonly AnyCheck<AxisSubject, AxisCode>[])[];
  readonly machine: readonly AnyCheck<JudgedMachine, MachineCode>[];
}

const SPLIT = '|';
const keyOf = (axisId: string | null, { code, about }: Checked) =>
  [axisId ?? '', code, about ?? ''].join(SPLIT);

/** All checks that doubt can turn. */
export const allChecks = ({ axes }: Project): AskedChecks => ({
  axes: axes.map(() => doubtedAxisChecks),
  machine: doubtedMachineChecks,
});

/** Only the checks of some keys. */
export function checksOf({ axes }: Project, keys: readonly string[]): AskedChecks {
  const codes = (axisId: string) =>
    new Set(keys.filter((k) => k.startsWith(`${axisId}${SPLIT}`)).map((k) => k.split(SPLIT)[1]!));
  const whole = codes('');
  return {
    axes: axes.map(({ id }) => {
      const own = codes(id);
      return own.size ? doubtedAxisChecks.filter((c) => own.has(c.code)) : [];
    }),
    machine: doubtedMachineChecks.filter((c) => whole.has(c.code)),
  };
}

/** What stays the same over all draws. */
export interface Standing {
  /** Loads of cuts that no draw moves. */
  readonly memory: KnownCuts;
  /** The frame of a draw. @param drives stiffness of the drive trains, N/m. @param ridden kg. */
  readonly frame: ((drives: readonly number[], ridden: number) => FrameSummary | null) | null;
}

/** A machine of which only what is asked is worked out. */
export class JudgedDraw implements JudgedMachine {
  readonly cuts: readonly CutLoad[];
  readonly masses: MassReport;
  readonly outcomes: readonly Outcome[];
  private readonly made: (SwiftAxis | undefined)[] = [];
  private all?: readonly SwiftAxis[];
  private framed?: { readonly frame: FrameSummary | null };
  private budgets?: readonly ErrorBudget[];

  /** @param project with the values of a draw. */
  constructor(
    readonly project: Project,
    private readonly standing: Standing,
    asked: AskedChecks,
  ) {
    this.cuts = cutLoads(project.brief, standing.memory);
    this.masses = massReport(project);
    const outcomes: Outcome[] = [];
    const note = (axisId: string | null, list: readonly Checked<DoubtCode>[]) => {
      for (const found of list) outcomes.push({ key: keyOf(axisId, found), code: found.code, axisId, found });
    };
    asked.axes.forEach((checks, i) => {
      if (checks.length) note(project.axes[i]!.id, judge(checks, this.axisAt(i).subject));
    });
    if (asked.machine.length) note(null, judge(asked.machine, this));
    this.outcomes = outcomes;
  }

  private axisAt(i: number): SwiftAxis {
    const load = () => loadedAxis(this.project.axes[i]!, this.masses.axes[i]!, this.cuts, false);
    return (this.made[i] ??= swiftAxis(load()));
  }

  get axes(): readonly SwiftAxis[] {
    return (this.all ??= this.project.axes.map((_, i) => this.axisAt(i)));
  }

  get reports(): readonly SwiftAxis[] {
    return this.axes;
  }

  /** As it was read or solved; null where there is none. */
  get frame(): FrameSummary | null {
    const drives = () => this.axes.map((a) => a.stiffness.value);
    const gantry = () => this.project.axes.findIndex((a) => a.role === 'gantry');
    const of = () => this.standing.frame?.(drives(), this.masses.axes[gantry()]?.total ?? 0) ?? null;
    return (this.framed ??= { frame: of() }).frame;
  }

  get errors(): readonly ErrorBudget[] {
    return (this.budgets ??= errorBudgets(this.project, this.axes, this.cuts, this.frame));
  }
}

/** Judges one machine. @param project with the values of a draw. */
export const judgeDraw = (project: Project, standing: Standing, asked: AskedChecks): JudgedDraw =>
  new JudgedDraw(project, standing, asked);

/** A limit that is kept to the last digit is kept. */
const ROUNDING = 1e-9;

/** Whether an outcome keeps its limit, whatever allowance is wanted on top. */
export const keeps = (margin: number): boolean => margin >= 1 - ROUNDING;

/** What says something: nothing is drawn of what is not known. */
export const isSaid = ({ verdict }: { readonly verdict: Verdict }): boolean => verdict !== 'not-known';
