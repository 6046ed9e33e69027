import { applyEdits, type InstrumentKind, type Project, put, type TrialEntry } from '@/core/model';
import {
  type Ground,
  sayEdits,
  trialCells,
  type TrialRow,
  type Trials,
  trialsOf,
  type TrialState,
  writeEdits,
} from '@/core/prove';
import { demoMachines } from '@/demo';

const [tern, hollow, way] = demoMachines() as [Project, Project, Project];
const untried = (project: Project): Project => ({
  ...project,
  sheets: [],
  rounds: [],
  happenings: [],
  trials: [],
});

/** The demos, of which nothing was tried. */
export const kayak = untried(tern);
export const gate = untried(hollow);
export const scenery = untried(way);

/** The same router, whose gantry finds a switch: homing can be tried. */
export const homes = applyEdits(kayak, [put('axes.1.fit.homing.at', 'near')]);

let stamp = 0;
/** Times one after the other; ids as they come. */
export const later = () => new Date(Date.UTC(2026, 10, 27, 18) + 60_000 * stamp++).toISOString();
export const stamped = () => ({ id: `trial-${stamp}`, at: later() });

export const trialIn = (project: Project, key: string): TrialState =>
  trialsOf(project).trials.find((t) => t.plan.key === key)!;

export const groundIn = (trials: Trials, axis: string): Ground =>
  trials.grounds.find((g) => g.axis.id === axis)!;

type Fill = (cell: string, row: TrialRow, column: string | null) => number | undefined;

/** A machine with a record of all cells that `fill` knows; looks are yes where it says nothing. */
export function recorded(
  project: Project,
  key: string,
  fill: Fill,
  instrument: InstrumentKind | '' = '',
): Project {
  const { plan } = trialIn(project, key);
  const entries = trialCells(plan).flatMap(({ id, row, column }): TrialEntry[] => {
    const value = fill(id, row, column) ?? (row.of === 'look' ? 1 : undefined);
    return value === undefined
      ? []
      : [{ cell: id, typed: String(value).slice(0, 40), value, at: row.at?.value ?? null }];
  });
  const at = stamped();
  const written = applyEdits(project, writeEdits({ trials: project.trials }, key, entries, at));
  return instrument ? applyEdits(written, sayEdits(written, key, { instrument }, at)) : written;
}

/** All of first motion passed, so that proofs may run. */
export function alive(project: Project): Project {
  const first = trialsOf(project).trials.filter((t) => t.plan.stage === 'first');
  return {
    ...project,
    sheets: first.map((t, i) => ({
      id: `left-${i}`,
      key: t.plan.key,
      method: '',
      instrument: '',
      digit: null,
      limit: null,
      places: null,
      good: null,
      typed: '',
      left: true,
      note: '',
    })),
  };
}

/** A figure of the last record of a trial. */
export const figureIn = (project: Project, key: string, id: string) =>
  trialIn(project, key).last!.result.figures.find((f) => f.id === id)!;
