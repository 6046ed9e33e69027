import { type AnyCheck, judge } from '@/core/checks';
import type { Checked, Verdict } from '@/core/findings';
import {
  type AxisCode,
  type AxisSubject,
  cutLoads,
  type CutMemory,
  doubtedAxisChecks,
  doubtedMachineChecks,
  type ErrorBudget,
  errorBudgets,
  type FrameSummary,
  type JudgedMachine,
  loadedAxis,
  type MachineCode,
  massReport,
  type MassReport,
  type SwiftAxis,
  swiftAxis,
} from '@/core/machine';
import { lazily } from '@/core/checks';
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
  readonly memory: CutMemory;
  /** The frame of a draw. @param drives stiffness of the drive trains, N/m. @param ridden kg. */
  readonly frame: ((drives: readonly number[], ridden: number) => FrameSummary | null) | null;
}

/** A machine of which only what is asked is worked out. */
export interface JudgedDraw {
  readonly outcomes: readonly Outcome[];
  readonly axes: readonly SwiftAxis[];
  /** As it was read or solved; null where there is none. */
  readonly frame: FrameSummary | null;
  readonly errors: readonly ErrorBudget[];
  readonly masses: MassReport;
}

/** Judges one machine. @param project with the values of a draw. */
export function judgeDraw(
  project: Project,
  { memory, frame: frameOf }: Standing,
  asked: AskedChecks,
): JudgedDraw {
  const cuts = cutLoads(project.brief, memory);
  const masses = massReport(project);
  const made: (SwiftAxis | undefined)[] = [];
  const axisAt = (i: number): SwiftAxis =>
    (made[i] ??= swiftAxis(loadedAxis(project.axes[i]!, masses.axes[i]!, cuts, false)));
  const outcomes: Outcome[] = [];
  const note = (axisId: string | null, list: readonly Checked<DoubtCode>[]) => {
    for (const found of list) outcomes.push({ key: keyOf(axisId, found), code: found.code, axisId, found });
  };
  asked.axes.forEach((checks, i) => {
    if (checks.length) note(project.axes[i]!.id, judge(checks, axisAt(i).subject));
  });
  const axes = lazily(() => project.axes.map((_, i) => axisAt(i)));
  const gantry = project.axes.findIndex((a) => a.role === 'gantry');
  const frame = lazily(
    () =>
      frameOf?.(
        axes().map((a) => a.stiffness.value),
        masses.axes[gantry]?.total ?? 0,
      ) ?? null,
  );
  const errors = lazily(() => errorBudgets(project, axes(), cuts, frame()));
  if (asked.machine.length) {
    const machine: JudgedMachine = {
      project,
      cuts,
      masses,
      get reports() {
        return axes();
      },
      get frame() {
        return frame();
      },
      get errors() {
        return errors();
      },
    };
    note(null, judge(asked.machine, machine));
  }
  return {
    outcomes,
    get axes() {
      return axes();
    },
    get frame() {
      return frame();
    },
    get errors() {
      return errors();
    },
    masses,
  };
}

/** A limit that is kept to the last digit is kept. */
const ROUNDING = 1e-9;

/** Whether an outcome keeps its limit, whatever allowance is wanted on top. */
export const keeps = (margin: number): boolean => margin >= 1 - ROUNDING;

/** What says something: nothing is drawn of what is not known. */
export const isSaid = ({ verdict }: { readonly verdict: Verdict }): boolean => verdict !== 'not-known';
