import { loads } from '@/core/loads';
import type { Axis, Project } from '@/core/model';
import { quantity } from '@/core/units';
import type { AxisMasses, WeighedBody } from '../demand';
import type { JudgedMachine } from './context';

type Structure = NonNullable<Project['structure']>;

/** How a machine stands while one of its axes speeds up or slows at the end of its travel; SI. */
export interface Tipping {
  readonly axisIndex: number;
  /** Which distance of the feet counts. */
  readonly way: 'along' | 'across';
  /** Between the feet; null where nobody has said it. */
  readonly base: number | null;
  /** Mass of all, and its centre from the middle of the feet towards those over which it tips. */
  readonly all: number;
  readonly centre: number;
  /** Mass that is sped up, how much, and how high it stands above the feet. */
  readonly moving: number;
  readonly acceleration: number;
  readonly height: number;
  /** Moment of the weight over that of the inertia; null without a base, or without a height. */
  readonly steady: number | null;
  /** Inputs without which it is a bound, or not known at all. */
  readonly missing: readonly string[];
}

const sum = (list: readonly number[]) => list.reduce((s, v) => s + v, 0);

/** Height of a moving body above the feet, m: at the rails, at the beam, or half way between. */
function heightOf({ from, id }: WeighedBody, { role }: Axis, { feet, column }: Structure): number {
  const rails = feet.height?.si ?? 0;
  const beam = rails + column.height.si;
  if (id === 'columns' && from === 'structure') return (rails + beam) / 2;
  if (id === 'crossbar' && from === 'structure') return rails;
  if (from === 'structure') return beam;
  return from === 'carried' || role === 'gantry' ? beam : rails;
}

/** The base that counts for an axis, between the outermost feet. */
function baseOf({ structure, brief }: Project, way: Tipping['way']): number | null {
  const { feet, bed, beam, prop } = structure!;
  if (way === 'along') return feet.along?.si ?? bed.length.si;
  if (feet.across) return feet.across.si;
  if (brief.arrangement !== 'cantilever') return beam.length.si;
  // The rail under the tip is a foot; of an arm without one nothing is known.
  return prop?.at.si ?? null;
}

/** Along the bed: what rides stands at the end of the travel, the tool's side as far out as it reaches. */
function momentAlong({ total, bodies }: AxisMasses, { demands }: Axis, { tool }: Structure): number {
  const carried = sum(bodies.map((b) => (b.from === 'carried' ? b.mass : 0)));
  return (total * demands.travel.si) / 2 + carried * Math.abs(tool.reach.si);
}

/** Across an arm: its block stands over the back feet, its beam and what runs on it lean out from there. */
function momentOfArm({ project, masses }: JudgedMachine, index: number, base: number): number {
  const { beam } = project.structure!;
  const axis = project.axes[index]!;
  const onBeam = masses.axes[index]!.total;
  const rides = masses.axes.find((_, i) => project.axes[i]!.role === 'bed')?.bodies ?? [];
  const arm = sum(rides.map((b) => (b.id === 'beam' || b.id === 'both-beams' ? b.mass : 0)));
  const block = sum(rides.map((b) => b.mass)) - arm - onBeam;
  // The middle of what runs on the arm, out and back.
  const [far, near] = [1, -1].map((s) => (beam.length.si + s * axis.demands.travel.si) / 2);
  const back = -base / 2;
  const moment = (at: number) => block * back + arm * (back + beam.length.si / 2) + onBeam * (back + at);
  return Math.max(moment(far!), -moment(near!));
}

/** Moment of all that moves about the middle of the feet, with one axis at the end of its travel, kg·m. */
function momentOf(context: JudgedMachine, structure: Structure, index: number, base: number | null): number {
  const { project, masses } = context;
  const axis = project.axes[index]!;
  const mine = masses.axes[index]!;
  if (axis.role !== 'gantry') return momentAlong(mine, axis, structure);
  const leans = project.brief.arrangement === 'cantilever';
  if (leans && base !== null) return momentOfArm(context, index, base);
  return (mine.total * axis.demands.travel.si) / 2;
}

function tippingOver(context: JudgedMachine, structure: Structure, index: number): Tipping {
  const { project, masses } = context;
  const axis = project.axes[index]!;
  const mine = masses.axes[index]!;
  const way = axis.role === 'gantry' ? 'across' : 'along';
  const base = baseOf(project, way);
  const all = masses.moving + masses.standing;
  const centre = momentOf(context, structure, index, base) / all;
  const height = sum(mine.bodies.map((b) => b.mass * heightOf(b, axis, structure))) / mine.total;
  const acceleration = axis.demands.acceleration.si;
  const missing = [
    ...(base === null ? ['structure.feet.across'] : []),
    ...(structure.feet.height ? [] : ['structure.feet.height']),
  ];
  const steady =
    base === null || height === 0
      ? null
      : loads.steadiness.evaluate({
          all: quantity('mass', all),
          half: quantity('length', base / 2),
          centre: quantity('length', centre),
          moving: quantity('mass', mine.total),
          acceleration: quantity('acceleration', acceleration),
          height: quantity('length', height),
        });
  return {
    axisIndex: index,
    way,
    base,
    all,
    centre,
    moving: mine.total,
    acceleration,
    height,
    steady,
    missing,
  };
}

/** Every level axis at the end of its travel. Nothing, where the frame is not planned or bolted down. */
export function tippingOf(context: JudgedMachine): Tipping[] {
  const { axes, structure } = context.project;
  if (!structure || structure.feet.held === 'bolted') return [];
  return axes.flatMap((axis, i) =>
    axis.role === 'plunge' || !(context.masses.axes[i]!.total > 0)
      ? []
      : [tippingOver(context, structure, i)],
  );
}
