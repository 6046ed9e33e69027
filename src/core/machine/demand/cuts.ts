import { loads } from '@/core/loads';
import { type Axis, type Brief, type Cut, oursIn } from '@/core/model';
import { silentWorksheet, type Worksheet } from '@/core/worksheet';
import type { CutLoad } from './cut-load';
import { milled } from './milling';

/** The loads of one cut. */
export function cutLoad(cut: Cut, spindle: Brief['spindle'], sheet: Worksheet = silentWorksheet): CutLoad {
  const corner = cut.corner
    ? sheet.apply(
        loads.cornerAcceleration,
        { feed: cut.feed.si, radius: cut.corner.si },
        `cut.${cut.id}.corner`,
      )
    : null;
  const turned = cut.kind === 'mill' ? spindle : null;
  const basis = oursIn([cut, turned]).length ? ('ours' as const) : ('estimate' as const);
  if (cut.kind === 'mill') return milled({ basis, corner }, cut, spindle, sheet);
  const drag = cut.drag.si;
  return {
    id: cut.id,
    name: cut.name,
    kind: cut.kind,
    stock: cut.stock,
    basis,
    corner,
    along: drag,
    across: 0,
    meanAlong: drag,
    meanAcross: 0,
    axial: cut.kind === 'plasma' ? 0 : cut.down.si,
    feed: cut.feed.si,
    power: 0,
    torque: 0,
    available: null,
    chip: 0,
    chipShare: 0,
    metal: false,
    climb: false,
    pulls: false,
  };
}

/**
 * Loads of cuts that were worked out before, by the cut: one that an edit left alone need not be integrated
 * again.
 */
export type CutMemory = WeakMap<Cut, { readonly spindle: Brief['spindle']; readonly load: CutLoad }>;

/** A memory that is read; where nothing can be noted, what is new is not. */
export type KnownCuts = Pick<CutMemory, 'get'> & Partial<Pick<CutMemory, 'set'>>;

/** The loads of all cuts of a brief. @param memory of the caller; what is new is noted in it. */
export function cutLoads({ cuts, spindle }: Pick<Brief, 'cuts' | 'spindle'>, memory?: KnownCuts): CutLoad[] {
  return cuts.map((cut) => {
    const before = memory?.get(cut);
    if (before && before.spindle === spindle) return before.load;
    const load = cutLoad(cut, spindle);
    memory?.set?.(cut, { spindle, load });
    return load;
  });
}

/**
 * Forces with which the cuts load an axis, N: paths run every way, so the level axes each meet the larger of
 * along and across. Along the axis, across it and away from its rails are each the worst of all cuts: what
 * pushes most is not what pulls most.
 */
export interface AxisCut {
  readonly force: number;
  readonly side: number;
  readonly normal: number;
  /** The cut that loads the axis most along its travel. */
  readonly cutId: string | null;
}

export function worstCut(axis: Pick<Axis, 'role'>, list: readonly CutLoad[]): AxisCut {
  const upright = axis.role === 'plunge';
  let worst: AxisCut = { force: 0, side: 0, normal: 0, cutId: null };
  for (const c of list) {
    const level = Math.max(c.along, c.across);
    const force = upright ? c.axial : level;
    const normal = upright ? level : c.axial;
    worst = {
      cutId: force > worst.force || worst.cutId === null ? c.id : worst.cutId,
      force: Math.max(worst.force, force),
      side: Math.max(worst.side, level),
      normal: Math.max(worst.normal, normal),
    };
  }
  return worst;
}
