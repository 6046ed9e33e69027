import { cutLoads, footprint, type MachineReport } from '@/core/machine';
import type { Filled } from './asked';
import { framePieces, moneyOfPlan, type PlanMoney } from './money';
import { outOfStock } from './stock';
import type { Settled } from './settle';

/** What a plan comes to; SI. */
export interface PlanFigures {
  readonly money: PlanMoney;
  readonly rapid: number;
  readonly acceleration: number;
  /** At the tool where it is softest, N/m. */
  readonly stiffness: number;
  /** Error at the tool that is likely, of the worst direction, m. */
  readonly error: number;
  /** How deep the hardest cut may be before it bends the machine too far, m; null: no milling. */
  readonly depth: number | null;
  readonly moving: number;
  readonly standing: number;
  readonly length: number | null;
  readonly width: number | null;
  /** Checks that hold with little to spare. */
  readonly thin: number;
  /** Heaviest body that is lifted in one piece, kg. */
  readonly heaviest: number;
  /** Hours of work until it moves, from and to; common practice, no source. */
  readonly hours: readonly [from: number, to: number];
  /** Out of the drawer: parts by name, and members of the frame, m. */
  readonly drawer: { readonly parts: readonly string[]; readonly metres: number };
}

/** Of the accuracy a cut may bend the machine by so much; common practice, no source. */
export const ACCURACY_SHARE = 0.4;

/** Deepest cut over the diameter of its cutter: of a slender one, and of a wide one that surfaces. */
const DEEPEST = { slender: 2, wide: 0.2, from: 0.02 } as const;

/** Force grows with the depth, so the depth with the stiffness. */
function depthOf(filled: Filled, stiffness: number): number | null {
  const loads = cutLoads(filled.brief);
  const hardest = filled.brief.cuts
    .map((cut, i) => ({ cut, force: Math.max(loads[i]!.along, loads[i]!.across) }))
    .sort((a, b) => b.force - a.force)[0];
  if (hardest?.cut.kind !== 'mill' || !(hardest.force > 0)) return null;
  const depth = (hardest.cut.depth.si * ACCURACY_SHARE * filled.accuracy * stiffness) / hardest.force;
  // No cutter is asked for more than this, however stiff the machine is; common practice, no source.
  const across = hardest.cut.diameter.si;
  return Math.min(depth, (across < DEEPEST.from ? DEEPEST.slender : DEEPEST.wide) * across);
}

/** For a frame and its stand, for each axis, and for each metre of machine; hours, practice. */
const HOURS = { frame: 30, axis: 14, metre: 8, less: 0.7, more: 1.8 } as const;

/** What a plan takes of what lies there. */
function drawerOf({ own, stock }: Filled, { project, picks }: Settled): PlanFigures['drawer'] {
  const used = new Set(project.axes.flatMap((a) => Object.values(a.parts)));
  const pieces = framePieces(picks, project.structure!);
  const there = outOfStock(pieces, stock);
  return {
    parts: own.filter((p) => p.onHand > 0 && used.has(p.id)).map((p) => p.name),
    metres: pieces.reduce((sum, { length }, i) => sum + (there[i] ? length : 0), 0),
  };
}

/** Every figure of a plan that came to rest. */
export function figuresOf(filled: Filled, settled: Settled): PlanFigures {
  const { project, report, picks } = settled;
  const level = project.axes.filter((a) => a.role !== 'plunge');
  const { flex, masses, errors } = report;
  const { length, width } = footprint(project);
  const soft = flex!.softest;
  const stiffness = Math.min(soft.x.stiffness, soft.y.stiffness, soft.z.stiffness);
  const own = masses.axes.flatMap((a) => a.bodies.filter((b) => b.from !== 'carried'));
  const hours = HOURS.frame + HOURS.axis * project.axes.length + HOURS.metre * ((length ?? 2) + (width ?? 2));
  return {
    money: moneyOfPlan(filled, picks, project, report),
    rapid: Math.min(...level.map((a) => a.demands.rapid.si)),
    acceleration: Math.min(...level.map((a) => a.demands.acceleration.si)),
    stiffness,
    error: Math.max(...errors.map((e) => e.likely)),
    depth: depthOf(filled, stiffness),
    moving: masses.moving,
    standing: masses.standing,
    length,
    width,
    thin: thinOf(report).length,
    heaviest: Math.max(...[...own, ...masses.standBodies].map((b) => b.mass)),
    hours: [hours * HOURS.less, hours * HOURS.more],
    drawer: drawerOf(filled, settled),
  };
}

/** What is thin, with the axis that it is of. */
export const thinOf = (report: MachineReport) =>
  [
    ...report.axes.flatMap((a) => a.findings.map((f) => ({ ...f, axisId: a.axisId as string | null }))),
    ...report.findings.map((f) => ({ ...f, axisId: null })),
  ].filter((f) => f.verdict === 'thin');
