import type { MachineReport } from '@/core/machine';
import type { Project, Structure } from '@/core/model';
import type { Filled } from './asked';
import { membersOf } from './layout';
import type { Picks } from './picks';
import { BRAKE, isBraked, isFine } from './rules';
import { outOfStock, type Piece } from './stock';

/** What a plan costs by example prices, in the money of the parts. */
export interface PlanMoney {
  /** Named parts of the axes, the drawer taken off. */
  readonly parts: number;
  readonly frame: number;
  /** Spindle, torch or holder; 0 where one is said to be there. */
  readonly head: number;
  /** Plates, cabinet, cable, switches, stop, fasteners, first cutters: a share of the rest. */
  readonly rest: number;
  readonly total: number;
}

/** Cabinet, cable, switches, emergency stop, fasteners and cutters, of all the rest; practice, 20 to 30 %. */
const REST = 0.25;
/** What a double nut with preload costs more than a single one; example price. */
const DOUBLE_NUT = 60;

/** Beam, columns and both sides of the bed, as they are sawn. */
export function framePieces(picks: Picks, { beam, column, bed }: Structure): readonly Piece[] {
  const members = membersOf(picks);
  const columns = picks.arrangement === 'cantilever' ? 1 : 2;
  return [
    { profile: members.beam, length: beam.length.si },
    ...Array.from({ length: columns }, () => ({ profile: members.column, length: column.height.si })),
    ...Array.from({ length: 2 }, () => ({ profile: members.bed, length: bed.length.si })),
  ];
}

/** Money of a plan: the report's own, and what it does not count. */
export function moneyOfPlan(
  filled: Filled,
  picks: Picks,
  project: Project,
  report: MachineReport,
): PlanMoney {
  const doubles = isFine(filled)
    ? project.axes.reduce(
        (n, { drive }) => n + (drive.kind === 'screw' && drive.thread.kind === 'ball' ? drive.sets : 0),
        0,
      )
    : 0;
  const braked = project.axes.filter((a) => isBraked(filled, a.role)).length;
  const parts = report.cost.known + DOUBLE_NUT * doubles + BRAKE.price * braked;
  const pieces = framePieces(picks, project.structure!);
  const there = outOfStock(pieces, filled.stock);
  const frame = pieces.reduce((sum, p, i) => sum + (there[i] ? 0 : p.profile.price * p.length), 0);
  const said = filled.brief.spindle;
  const head = said && said.power.basis !== 'ours' ? 0 : filled.profile.head.price;
  const rest = REST * (parts + frame + head);
  return { parts, frame, head, rest, total: parts + frame + head + rest };
}
