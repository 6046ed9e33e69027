import {
  applyEdits,
  arrangedAxes,
  type Arrangement,
  type Axis,
  type AxisNames,
  capsAt,
  type Edit,
  guess,
  isMeasure,
  type Project,
  put,
  type Role,
  startingAxis,
  startingProject,
} from '@/core/model';
import { axisFollows, structureFollows } from './proposals';

/** What fresh axes are called; words come from above. */
export type NamesOf = (role: Role, arrangement: Arrangement) => AxisNames;

/** Letters after ISO 841: Z along the spindle, X the longest of the others. */
export function lettersOf({ brief }: Pick<Project, 'brief'>): Readonly<Record<Role, string>> {
  const { length, width } = brief.area;
  const across = length !== null && width !== null && width.si > length.si;
  const [long, wide] = across ? ['Y', 'X'] : ['X', 'Y'];
  return { bed: long!, table: long!, gantry: wide!, plunge: 'Z' };
}

function* measuresIn(part: unknown): Generator<{ readonly basis: string }> {
  if (typeof part !== 'object' || part === null) return;
  if (isMeasure(part)) yield part;
  else for (const inner of Object.values(part)) yield* measuresIn(inner);
}

/** Whether nobody has said anything of an axis yet. */
export const untouched = (axis: Axis): boolean =>
  Object.keys(axis.parts).length === 0 && [...measuresIn(axis)].every((m) => m.basis === 'ours');

/** An id that no axis has; ids of axes are their roles while there is one of each. */
function freeId(axes: readonly Axis[], role: Role): string {
  const taken = new Set(axes.map((a) => a.id));
  let id: string = role;
  for (let n = 2; taken.has(id); n++) id = `${role}-${n}`;
  return id;
}

/** The axes of another arrangement: what nobody has touched goes and comes with it, the rest stays. */
function rearranged(before: Project, after: Project, names: NamesOf): Axis[] {
  const [old, now] = [arrangedAxes[before.brief.arrangement], arrangedAxes[after.brief.arrangement]];
  const called = (role: Role) => names(role, after.brief.arrangement);
  const axes = after.axes
    .filter((a) => now.some((n) => n.role === a.role) || !untouched(a))
    // A gantry axis is none on an arm: what still has the name that it began with gets that of its new work.
    .map((a) => {
      const { axis: name } = called(a.role);
      return a.name !== name && a.name === names(a.role, before.brief.arrangement).axis ? { ...a, name } : a;
    });
  for (const { role } of now)
    if (!axes.some((a) => a.role === role)) axes.push(freshAxis(axes, role, called));
  const idOf = (list: readonly Axis[], role: Role | null | undefined) =>
    list.find((a) => a.role === role)?.id ?? null;
  const order = now.map((n) => n.role);
  return axes
    .map((axis) => {
      const was = old.find((o) => o.role === axis.role);
      const asArranged = !was || axis.carriedBy === idOf(before.axes, was.on);
      const gone = axis.carriedBy !== null && !axes.some((a) => a.id === axis.carriedBy);
      const on = now.find((n) => n.role === axis.role)?.on;
      const to = asArranged || gone ? idOf(axes, on) : axis.carriedBy;
      return to === axis.carriedBy ? axis : { ...axis, carriedBy: to };
    })
    .sort((a, b) => order.indexOf(a.role) - order.indexOf(b.role));
}

/** Letters that are still the ones that were proposed before. */
function lettersFollow(before: Project, after: Project): Edit[] {
  const [old, now] = [lettersOf(before), lettersOf(after)];
  return after.axes.flatMap(({ role, letter }, i) =>
    letter === old[role] && letter !== now[role] ? [put(`axes.${i}.letter`, now[role])] : [],
  );
}

/**
 * What the rest of a machine takes over when its brief or its frame changes, for as long as nobody has said
 * otherwise: the axes of the arrangement, who carries whom, their travels, targets, masses, forces, letters,
 * and where the tool stands on their carriages.
 * @param before the machine as it was. @param after as it is with the change.
 * @returns edits that come on top of the change; none where nothing is ours.
 */
export function followBrief(before: Project, after: Project, names: NamesOf): Edit[] {
  if (before.brief === after.brief && before.structure === after.structure && before.axes === after.axes)
    return [];
  const edits: Edit[] = [];
  let now = after;
  const add = (more: readonly Edit[]) => {
    edits.push(...more);
    now = applyEdits(now, more);
  };
  if (before.brief.arrangement !== after.brief.arrangement) {
    const axes = rearranged(before, after, names);
    const most = capsAt('axes')!.max;
    const same = axes.length === now.axes.length && axes.every((a, i) => a === now.axes[i]);
    if (!same && axes.length <= most) add([put('axes', axes)]);
  }
  add(lettersFollow(before, now));
  add(structureFollows(now, before));
  const has = ({ axes }: Project, { id }: Axis) => axes.some((a) => a.id === id);
  const brought = (axis: Axis) => has(after, axis) && !has(before, axis);
  for (const [i, axis] of now.axes.entries())
    // An axis that the change itself brings with parts in it was worked out already.
    if (!brought(axis) || untouched(axis)) add(axisFollows(now, i, before));
  return edits;
}

/** An axis to begin with: loaded by the cuts, and on the face of a beam where beams carry it. */
export function freshAxis(axes: readonly Axis[], role: Role, names: (role: Role) => AxisNames): Axis {
  const axis = startingAxis(role, freeId(axes, role), names(role));
  const lostMotion = guess('length', '0.1 mm');
  return {
    ...axis,
    demands: { ...axis.demands, cuttingFrom: 'cuts', lostMotion },
    guide: { ...axis.guide, mounting: role === 'gantry' || role === 'plunge' ? 'wall' : 'flat' },
  };
}

/**
 * A machine of which nothing has been said: the axes of the usual arrangement, and what its brief proposes.
 * @param now ISO date and time. @param name of the machine.
 */
export function beginMachine(id: string, now: string, name: string, names: NamesOf): Project {
  const bare = startingProject(id, now, { machine: name, ...names('bed', 'moving-gantry') });
  const { arrangement } = bare.brief;
  const axes: Axis[] = [];
  for (const { role, on } of arrangedAxes[arrangement])
    axes.push({ ...freshAxis(axes, role, (of) => names(of, arrangement)), carriedBy: on });
  const begun = { ...bare, axes };
  return axes.reduce((project, _, i) => applyEdits(project, axisFollows(project, i)), begun);
}
