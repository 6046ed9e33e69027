import type { Verdict } from '@/core/findings';
import type { StackAction } from '@/core/fit';
import {
  type AnyFinding,
  changedContext,
  contextOf,
  driveStiffnessOf,
  type FrameInputs,
  frameInputs,
  type FrameSummary,
  gathered,
  type GapReport,
  machineFindings,
  type MachineContext,
  machineOutcomes,
  type PlateGroup,
  type PlateReport,
  publishedOf,
} from '@/core/machine';
import type { Axis, Edit, PartDimension } from '@/core/model';
import { type Comparison, compareReports } from './compare';

/** A figure before and after; null where it is not known. SI. */
export interface Pair {
  readonly before: number | null;
  readonly after: number | null;
}

/** A finding that comes, goes or turns; before or after null where there is none. */
export interface Turned {
  readonly finding: AnyFinding;
  readonly before: Verdict | null;
  readonly after: Verdict | null;
}

/** Holes of one group of a plate after the change. */
export interface HolesChange {
  readonly plate: string;
  readonly letter: string;
  readonly group: string;
  /** How many there are, how many of them stand where one like it was. */
  readonly count: number;
  readonly stay: number;
  /**
   * New ones that come within a diameter of an old one: it does not drill clean there, so the plate is turned
   * over, the old hole plugged, or a new plate made.
   */
  readonly clash: number;
  /** Groups whose screws they are; before is null where the group is new. */
  readonly screw: { readonly before: PlateGroup | null; readonly after: PlateGroup };
}

/** A gap of a stack-up before and after. */
export interface GapChange extends Pair {
  readonly id: string;
  readonly name: string;
  readonly advice: { readonly before: StackAction | null; readonly after: StackAction | null };
}

/** What another part changes, before it is taken. Lengths in m, masses in kg. */
export interface Substitution {
  readonly axis: Comparison;
  /** Whether the machine with it rests on numbers of ours. */
  readonly guessed: boolean;
  /**
   * What moves in all, what the axis lets travel between its soft limits, and money: null before or after a
   * part
   * whose price nobody knew, for what was not counted is not saved.
   */
  readonly moving: Pair;
  readonly soft: Pair;
  readonly money: Pair;
  /**
   * Sag over the work area, and the softest of the three directions, N/m; null while the frame is not solved.
   */
  readonly sag: Pair;
  readonly stiffness: Pair;
  /** Heights and widths by which the part meets others. */
  readonly sizes: readonly (Pair & { readonly dimension: PartDimension })[];
  readonly gaps: readonly GapChange[];
  readonly holes: readonly HolesChange[];
  readonly turned: readonly Turned[];
}

/** How near two holes are one, m. */
const SAME = 1e-5;
/** Less than this is no change, as a share. */
const EVEN = 1e-9;

const differs = ({ before, after }: Pair): boolean =>
  before === null || after === null
    ? before !== after
    : Math.abs(after - before) > EVEN * Math.max(1e-3, Math.abs(before));

function sizesOf(before: Axis, after: Axis): Substitution['sizes'] {
  const [was, is] = [publishedOf(before), publishedOf(after)];
  const ids = new Set([...Object.keys(was), ...Object.keys(is)] as PartDimension[]);
  return [...ids]
    .map((dimension) => ({
      dimension,
      before: was[dimension]?.value ?? null,
      after: is[dimension]?.value ?? null,
    }))
    .filter(differs);
}

function gapsOf(before: readonly GapReport[], after: readonly GapReport[]): GapChange[] {
  return after.flatMap((now) => {
    const was = before.find((g) => g.input.id === now.input.id);
    const change: GapChange = {
      id: now.input.id,
      name: now.input.name,
      before: was?.closed?.gap ?? null,
      after: now.closed?.gap ?? null,
      advice: { before: was?.action ?? null, after: now.action },
    };
    return differs(change) || change.advice.before?.does !== change.advice.after?.does ? [change] : [];
  });
}

const sameScrew = (a: PlateGroup, b: PlateGroup): boolean =>
  a.thread === b.thread && a.screw?.length === b.screw?.length && a.screw?.fits === b.screw?.fits;

function holesOf(before: readonly PlateReport[], after: readonly PlateReport[]): HolesChange[] {
  return after.flatMap((plate) => {
    const was = before.find((p) => p.input.id === plate.input.id);
    if (!was) return [];
    // Plates grow with their parts about their middle: places are held against one another from there.
    const shift = { x: (plate.along - was.along) / 2, y: (plate.across - was.across) / 2 };
    const old = was.holes.map((h) => ({ ...h, x: h.x + shift.x, y: h.y + shift.y }));
    return plate.groups.flatMap((group): HolesChange[] => {
      const earlier = was.groups.find((g) => g.letter === group.letter);
      const kinds = group.holes.map((hole) => {
        const away = (o: (typeof old)[number]) => Math.hypot(o.x - hole.x, o.y - hole.y);
        const like = old.find(
          (o) => away(o) < SAME && o.diameter === hole.diameter && o.thread === hole.thread,
        );
        if (like) return 'stay';
        return old.some((o) => away(o) < (o.diameter + hole.diameter) / 2 + hole.diameter) ? 'clash' : 'new';
      });
      const change = {
        plate: plate.input.name,
        letter: group.letter,
        group: group.input.name,
        count: group.holes.length,
        stay: kinds.filter((k) => k === 'stay').length,
        clash: kinds.filter((k) => k === 'clash').length,
        screw: { before: earlier ?? null, after: group },
      };
      const same = earlier && earlier.holes.length === change.count && sameScrew(earlier, group);
      return same && change.stay === change.count ? [] : [change];
    });
  });
}

const keyOf = ({ code, about, path }: AnyFinding) =>
  `${path.split('.').slice(0, 2).join('.')} ${code} ${about}`;

const findingsIn = (context: MachineContext): AnyFinding[] =>
  gathered([
    ...context.reports.map((r) => r.findings),
    machineFindings(context, machineOutcomes(context), false),
  ]);

function turnedOf(before: MachineContext, after: MachineContext): Turned[] {
  const [was, is] = [before, after].map((c) => new Map(findingsIn(c).map((f) => [keyOf(f), f])));
  const keys = [...new Set([...is!.keys(), ...was!.keys()])];
  return keys
    .map((key): Turned => {
      const [a, b] = [was!.get(key), is!.get(key)];
      return { finding: (b ?? a)!, before: a?.verdict ?? null, after: b?.verdict ?? null };
    })
    .filter((t) => t.before !== t.after);
}

const softest = (frame: FrameSummary | null): number | null =>
  frame && 1 / Math.max(...(['x', 'y', 'z'] as const).map((way) => frame.soft[way].compliance));

/** How many links and parts have no price yet. */
const priced = ({ cost }: MachineContext): number =>
  cost.unpicked.length + cost.parts.filter((p) => p.price === null).length;

/** A machine with another part in it; undefined where a rule forbids it. */
export const withInstead = (before: MachineContext, edits: readonly Edit[]): MachineContext | undefined =>
  changedContext(before, edits);

/** What its frame depends on, to be solved beside the page. */
export const frameOfInstead = ({ project, reports, masses }: MachineContext): FrameInputs =>
  frameInputs(project, driveStiffnessOf(project.axes, reports), masses);

/**
 * What another part changes.
 * @param after as `withInstead` gives it. @param index of the axis. @param solved its frame, where that is
 * known.
 */
export function substitution(
  before: MachineContext,
  after: MachineContext,
  index: number,
  solved: FrameSummary | null,
): Substitution {
  const [was, is] = [before.reports[index]!, after.reports[index]!];
  // Until its frame is solved nothing is said of what rests on it: the old one would be an answer of another
  // machine.
  const known = contextOf(after.project, after, { frame: solved }, after.memory);
  const framed = solved ? before : contextOf(before.project, before, { frame: null }, before.memory);
  return {
    axis: compareReports(was, is),
    moving: { before: before.masses.moving, after: after.masses.moving },
    soft: { before: was.chain.soft, after: is.chain.soft },
    money: {
      before: priced(before) === priced(after) ? before.cost.known : null,
      after: after.cost.known,
    },
    guessed: after.reports.some((r) => r.ours.length > 0),
    sag: { before: before.frame?.sag.spread ?? null, after: solved?.sag.spread ?? null },
    stiffness: { before: softest(before.frame), after: softest(solved) },
    sizes: sizesOf(before.project.axes[index]!, after.project.axes[index]!),
    gaps: gapsOf(was.stacks.gaps, is.stacks.gaps),
    holes: before.reports.flatMap((r, i) => holesOf(r.plates, after.reports[i]!.plates)),
    turned: turnedOf(framed, known),
  };
}
