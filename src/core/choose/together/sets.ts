import { type Verdict, worstVerdict } from '@/core/findings';
import { loadedAxes, toStored } from '@/core/machine';
import { applyEdits, type Axis, type Edit, guess, type Project, put, putInAxis } from '@/core/model';
import { judgedLine, type LineFigures } from '../search/judged';
import { searchEdits } from '../search/space';
import { othersOf, type Solved } from './solve';
import { heavierBy } from './weights';

/** A drive train of a set. SI. */
export interface SetLine {
  readonly axisId: string;
  readonly family: string;
  /** With the weight on it that was allowed for, and with what the others draw beside its supply. */
  readonly axis: Axis;
  readonly draws: number;
  /** With the weight of the set where it is carried. */
  readonly figures: LineFigures;
}

/** What drive trains come to together: the poorest of each figure; hours add up. */
function poorest(each: readonly LineFigures[]): LineFigures {
  const all = (of: (f: LineFigures) => number) => each.map(of);
  const unknown = (of: keyof LineFigures['unknown']) =>
    all((f) => f.unknown[of]).reduce((sum, n) => sum + n, 0);
  return {
    speed: Math.min(...all((f) => f.speed)),
    torque: Math.min(...all((f) => f.torque)),
    stiffness: Math.min(...all((f) => f.stiffness)),
    lost: Math.max(...all((f) => f.lost)),
    error: Math.max(...all((f) => f.error)),
    effort: all((f) => f.effort).reduce((sum, h) => sum + h, 0),
    unknown: { stiffness: unknown('stiffness'), lost: unknown('lost'), error: unknown('error') },
  };
}

/** A drive train for every axis that was asked for. */
export interface FoundSet {
  /** The same in every run. */
  readonly id: string;
  readonly lines: readonly SetLine[];
  /** Supplies by part, with the axes that hang on one; empty part: what is there. */
  readonly supplies: readonly { readonly part: string; readonly axisIds: readonly string[] }[];
  /** Drives, reducers, motors, drivers, and every supply once; the drawer taken off as it is shared out. */
  readonly money: number;
  /** On the scale that was asked for, as more is better, with all the weight on it that was allowed for. */
  readonly worth: number;
  /** The poorest of its axes with the weight of this set; hours of all of them. */
  readonly figures: LineFigures;
  /** What it weighs more than the present drives, kg: on the axis by the id; null: on nothing that moves. */
  readonly heavier: readonly { readonly axisId: string; readonly onId: string | null; readonly kg: number }[];
  /** The worst of its drive trains, with that weight on what carries it. */
  readonly verdict: Verdict;
}

/** An axis of a set with what the others on its supply draw, told to it. */
function lineAxis({ entries, groups }: Solved, i: number): Axis {
  const { axis } = entries[i]!;
  const { axes, supply } = groups.find((g) => g.axes.includes(i))!;
  // Where each keeps the supply that it has, what somebody typed beside it stands.
  if (!supply.id) return axis;
  const others = othersOf(axes, i, (at) => entries[at]!.draws);
  return applyEdits(axis, [putInAxis('supply.others', guess('power', `${others} W`))]);
}

const heavierId = (axisId: string) => `heavier-${axisId}`;

/** More weight on an axis by the drive of another, as a body of its own; one from before grows. */
function bodyEdit(project: Project, onId: string, of: Axis, kg: number, name: string): Edit {
  const i = project.axes.findIndex((a) => a.id === onId);
  const bodies = project.axes[i]!.loads.masses;
  const at = bodies.findIndex((b) => b.id === heavierId(of.id));
  const before = bodies[at];
  const mass = guess('mass', `${Number((kg + (before?.mass.si ?? 0)).toFixed(1))} kg`);
  if (before)
    return put(`axes.${i}.loads.masses.${at}.mass` as `axes.${number}.loads.masses.${number}.mass`, mass);
  // Where the list is full the gate refuses the whole set in words: no weight is left out in silence.
  const body = { id: heavierId(of.id), name, mass, shape: null };
  return { path: `axes.${i}.loads.masses`, value: [...bodies, body] as never };
}

/**
 * What makes a machine one with a set of drive trains in it, and its weight where it is carried.
 * @param nameOf what the weight is called that a heavier drive of an axis adds.
 */
export function setEdits(
  project: Project,
  {
    lines,
    heavier,
  }: Pick<FoundSet, 'heavier'> & { readonly lines: readonly Pick<SetLine, 'axisId' | 'axis'>[] },
  nameOf: (axis: Axis) => string,
): readonly Edit[] {
  const edits = lines.flatMap(({ axisId, axis }) => {
    const i = project.axes.findIndex((a) => a.id === axisId);
    return toStored(searchEdits(axis), project.axes[i]!).map((e) => ({ ...e, path: `axes.${i}.${e.path}` }));
  });
  let made = project;
  const bodies = heavier.flatMap(({ axisId, onId, kg }) => {
    const of = project.axes.find((a) => a.id === axisId)!;
    if (onId === null) return [];
    const edit = bodyEdit(made, onId, of, kg, nameOf(of));
    made = applyEdits(made, [edit]);
    return [edit];
  });
  return [...edits, ...bodies];
}

/**
 * A solved set as it is shown: with its weight on what carries it, each drive train put through every check.
 */
export function foundSet(project: Project, axes: readonly Axis[], solved: Solved, sure: boolean): FoundSet {
  const bare = solved.entries.map(({ family, draws }, i) => {
    return { axisId: axes[i]!.id, family, axis: lineAxis(solved, i), draws };
  });
  const heavier = bare.flatMap(({ axisId, axis }) => {
    const now = project.axes.find((a) => a.id === axisId)!;
    const { self, on } = heavierBy(now, axis);
    return [
      { axisId, onId: axisId, kg: self },
      { axisId, onId: now.carriedBy, kg: on },
    ].filter(({ kg }) => kg > 0);
  });
  const made = applyEdits(
    project,
    setEdits(project, { lines: bare, heavier }, (a) => a.name),
  );
  const loaded = loadedAxes(made);
  const judged = bare.map(({ axisId }) =>
    judgedLine(
      loaded.find((a) => a.id === axisId)!,
      sure,
    ),
  );
  return {
    id: solved.entries.map((e) => e.id).join(' & '),
    lines: bare.map((line, i): SetLine => ({ ...line, figures: judged[i]!.figures })),
    supplies: solved.groups.map((g) => ({
      part: g.supply.id,
      axisIds: g.axes.map((i) => axes[i]!.id),
    })),
    money: solved.money,
    worth: solved.worth,
    figures: poorest(judged.map((j) => j.figures)),
    heavier,
    verdict: worstVerdict(judged.map((j) => j.verdict)),
  };
}

/** The drive trains that are there, beside what a search finds: they need not hold. */
export function presentSet(project: Project, ids: readonly string[]): Pick<FoundSet, 'figures' | 'verdict'> {
  const each = loadedAxes(project)
    .filter((a) => ids.includes(a.id))
    .map((axis) => judgedLine(axis, false));
  return { figures: poorest(each.map((e) => e.figures)), verdict: worstVerdict(each.map((e) => e.verdict)) };
}
