import {
  driveFamilies,
  everything,
  type FoundLine,
  type Killed,
  scales,
  searchEdits,
  type SearchLimits,
  searchLines,
} from '@/core/choose';
import {
  type ArrangementOutlook,
  cutLoads,
  loadedAxis,
  massReport,
  outlooks,
  partsLeft,
} from '@/core/machine';
import { change, type Edit, guess, type MaterialId, type Project, put } from '@/core/model';
import { beamOf } from './beam-of';
import { type VariantFigures, variantFigures } from './figures';
import { factsOf, type SchoolFact } from './school-facts';
import { type SchoolId, type SchoolSide, schoolSides } from './school-ids';

/** Why a quarrel does not touch a machine. */
export type NotConcerned = 'no-axis' | 'no-cut' | 'no-frame' | 'no-stepper' | 'no-rails';

/** This machine as one side would have it. Plain data, SI. */
export interface SideAnswer {
  readonly side: SchoolSide;
  /** What makes the machine so; empty: it is so. */
  readonly edits: readonly Edit[];
  /** What it then comes to; null: nothing of that side holds, or its frame is another machine. */
  readonly figures: VariantFigures | null;
  /** Numbers that tell this quarrel apart and are no answer of the whole. */
  readonly facts: readonly SchoolFact[];
  /** Where nothing of that side holds: how many combinations went by what. */
  readonly killed: Killed;
  /** Of an arrangement: what it would mean; null: the side is none. */
  readonly outlook: ArrangementOutlook | null;
}

export interface SchoolAnswer {
  readonly school: SchoolId;
  /** Axis that it is about; null: the machine. */
  readonly axisId: string | null;
  readonly sides: readonly SideAnswer[];
}

/** How far it has come. */
export interface SchoolStep {
  readonly done: number;
  readonly of: number;
}

/** A side that is an edit, or one that is looked for; `null`: an outlook. */
type Way = readonly Edit[] | { readonly axis: number; readonly limits: SearchLimits } | null;

const screws = driveFamilies.filter((f) => !['rack', 'belt', 'chain'].includes(f));
const but = (all: readonly string[], kept: readonly string[]) => all.filter((f) => !kept.includes(f));
const drivesOf = { screw: screws, rack: ['rack'], belt: ['belt'] } as const;
const motorsOf = { stepper: ['stepper', 'closed-loop-stepper'], servo: ['servo'] } as const;
const allMotors = [...motorsOf.stepper, ...motorsOf.servo];

const lookedFor = (axis: number, limits: Partial<SearchLimits>): Way => ({
  axis,
  limits: { ...everything, ...limits },
});

/** The level axis with the longest travel; −1: none. */
function longest({ axes }: Project): number {
  const level = axes
    .map((a, i) => ({ i, a }))
    .filter(({ a }) => a.role !== 'plunge' && a.drive.kind !== 'crank');
  return level.sort((a, b) => b.a.demands.travel.si - a.a.demands.travel.si)[0]?.i ?? -1;
}

/** The level axis that carries the head; another where there is none. */
function withHead({ axes }: Project, otherwise: number): number {
  const gantry = axes.findIndex((a) => a.role === 'gantry' && a.drive.kind !== 'crank');
  return gantry < 0 ? otherwise : gantry;
}

const beams: Readonly<Record<'steel' | 'aluminium' | 'wood', MaterialId>> = {
  steel: 'steel',
  aluminium: 'aluminium',
  wood: 'birch-plywood',
};

/** A seat that a shop has milled is true to so much over its length, m; common practice, no source. */
const MILLED = 20e-6;
/** Of the accuracy one thing that is trued may take so much, as on the sheets of Prove. */
const SHARE = 6;
/** What is asked where nobody says, m. */
const USUAL = 0.2e-3;

/** Seats of all rails as true as one way makes them. */
function seats(project: Project, side: 'adjusted' | 'machined'): readonly Edit[] {
  const off = side === 'machined' ? MILLED : (project.brief.accuracy?.si ?? USUAL) / SHARE;
  const text = `${(off * 1e3).toFixed(3)} mm`;
  return project.axes.flatMap(({ guide }, i) =>
    railed(guide.kind)
      ? (['heightError', 'parallelError'] as const).map((field): Edit => {
          return put<string>(`axes.${i}.guide.${field}`, guess('length', text));
        })
      : [],
  );
}
const railed = (kind: string): boolean => kind === 'profile' || kind === 'miniature';

const markings = (project: Project, marking: 'crest' | 'rms'): readonly Edit[] =>
  project.axes.flatMap((axis, i) =>
    axis.motor.kind === 'stepper' ? [put<string>(`axes.${i}.driver.marking`, marking)] : [],
  );

const cutWays = ({ brief }: Project, way: 'climb' | 'conventional'): readonly Edit[] =>
  brief.cuts.flatMap((cut, i) => (cut.kind === 'mill' ? [put<string>(`brief.cuts.${i}.way`, way)] : []));

/** Axis that a quarrel is about: an index, the machine, or why it is none of its. */
function aboutOf(project: Project, school: SchoolId): number | null | NotConcerned {
  const axis = longest(project);
  switch (school) {
    case 'screw-rack':
    case 'one-two':
    case 'stepper-servo':
      return axis < 0 ? 'no-axis' : axis;
    case 'belt':
      return withHead(project, axis) < 0 ? 'no-axis' : withHead(project, axis);
    case 'climb':
      return project.brief.cuts.some((c) => c.kind === 'mill') ? null : 'no-cut';
    case 'true':
      return project.axes.some((a) => railed(a.guide.kind)) ? null : 'no-rails';
    case 'material':
      return project.structure ? null : 'no-frame';
    case 'crest-rms':
      return project.axes.some((a) => a.motor.kind === 'stepper') ? null : 'no-stepper';
    case 'gantry-table':
      return null;
  }
}

/** How the machine is made as one side would have it. @param axis index of the axis that it is about. */
function wayOf(project: Project, side: SchoolSide, axis: number): Way {
  switch (side) {
    case 'screw':
    case 'rack':
    case 'belt':
      return lookedFor(axis, { refused: but(driveFamilies, drivesOf[side]) });
    case 'stepper':
    case 'servo':
      return lookedFor(axis, {
        vary: ['reducer', 'motor', 'driver', 'supply'],
        refused: but(allMotors, motorsOf[side]),
      });
    case 'one':
    case 'two':
      return [put<string>(`axes.${axis}.drive.sets`, side === 'two' ? 2 : 1)];
    case 'climb':
    case 'conventional':
      return cutWays(project, side);
    case 'adjusted':
    case 'machined':
      return seats(project, side);
    case 'steel':
    case 'aluminium':
    case 'wood':
      return [put<string>('structure.beam', beamOf(project.structure!.beam, beams[side]) as never)];
    case 'crest':
    case 'rms':
      return markings(project, side);
    case 'moving-gantry':
    case 'moving-table':
      return null;
  }
}

const none = (side: SchoolSide): SideAnswer => ({
  side,
  edits: [],
  figures: null,
  facts: [],
  killed: {},
  outlook: null,
});

/** The machine with edits; null where a rule refuses them. */
function made(project: Project, edits: readonly Edit[]): Project | null {
  const changed = change(project, edits);
  return changed.ok ? changed.project : null;
}

/** The cheapest that holds, looked for among all. */
function* lookedThrough(project: Project, side: SchoolSide, way: Exclude<Way, null | readonly Edit[]>) {
  const stored = project.axes[way.axis]!;
  const masses = massReport(project);
  const axis = loadedAxis(stored, masses.axes[way.axis]!, cutLoads(project.brief));
  const steps = searchLines(axis, partsLeft(project, stored.id), way.limits);
  let step = steps.next();
  for (; !step.done; step = steps.next()) yield;
  const { fronts, killed } = step.value;
  const found = scales
    .flatMap((s) => fronts[s])
    .reduce<FoundLine | null>((best, line) => (best && best.money <= line.money ? best : line), null);
  if (!found) return { ...none(side), killed };
  const edits = searchEdits(found.axis).map((e) => ({ ...e, path: `axes.${way.axis}.${e.path}` }));
  const machine = made(project, edits);
  return { ...none(side), edits, killed, figures: machine && variantFigures(machine) };
}

/**
 * Both sides of a quarrel with the numbers of this machine: each as the whole machine would be with it, by
 * the full report. Where parts are the quarrel, each side stands for itself with the cheapest that holds.
 * @returns why the quarrel does not touch the machine, where it does not.
 */
export function* schoolSteps(
  project: Project,
  school: SchoolId,
): Generator<SchoolStep, SchoolAnswer | NotConcerned> {
  const about = aboutOf(project, school);
  if (typeof about === 'string') return about;
  const sides: SideAnswer[] = [];
  const all: readonly SchoolSide[] = schoolSides[school];
  const told = outlooks(project);
  for (const [done, side] of all.entries()) {
    yield { done, of: all.length };
    const way = wayOf(project, side, about ?? 0);
    if (way === null) {
      sides.push({ ...none(side), outlook: told.find((o) => o.id === side) ?? null });
    } else if ('limits' in way) {
      const steps = lookedThrough(project, side, way);
      let step = steps.next();
      for (; !step.done; step = steps.next()) yield { done, of: all.length };
      sides.push(step.value);
    } else {
      const machine = made(project, way);
      sides.push({
        ...none(side),
        edits: machine ? way : [],
        figures: machine && variantFigures(machine),
        facts: machine ? factsOf(school, machine) : [],
      });
    }
  }
  return { school, axisId: about === null ? null : project.axes[about]!.id, sides };
}
