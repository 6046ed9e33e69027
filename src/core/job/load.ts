import { type Motion, type Place, quadrantsOf, wayAt } from '@/core/gcode';
import type { JobCut } from './cutting';
import type { JobDrive, JobDrives } from './drives';
import type { Profile } from './profile';
import { type StockLeft, TOUCH } from './stock-left';
import type { Stretch } from './stretch';

/** What the tool does on a move. */
export interface Engaged {
  /** Depth in the stock, m; 0: in air. */
  readonly depth: number;
  /** How far the deepest of it lies below the stock's top, m. */
  readonly below: number;
}

const NONE: Engaged = { depth: 0, below: 0 };

/**
 * How deep the tool goes into what earlier moves have left of the stock; without end where depth is no
 * matter. Without stock, what feeds with the spindle on cuts a pass of the brief.
 */
export function engagedOf(motion: Motion, cut: JobCut | null, stock: StockLeft | null): Engaged {
  if (!cut) return NONE;
  // A torch cuts while it is lit, at whatever height.
  if (cut.kind === 'plasma') return !motion.rapid && motion.on ? { depth: Infinity, below: 0 } : NONE;
  // Knives and brushes are drawn: what runs at rapid is lifted, or leaves a line and breaks nothing.
  if (cut.kind !== 'mill' && motion.rapid) return NONE;
  if (!stock) return !motion.rapid && motion.on ? { depth: cut.pass, below: cut.pass } : NONE;
  const below = stock.below(motion);
  if (cut.kind !== 'mill') return below > TOUCH && stock.isOver(motion) ? { depth: below, below } : NONE;
  const depth = stock.take(motion, cut.diameter / 2);
  return depth <= TOUCH ? NONE : { depth, below };
}

/** Forces against each axis, N. @param speed along the path, m/s. */
export function againstAxes(
  { motion, first }: Stretch,
  { depth }: Engaged,
  cut: JobCut | null,
  speed: number,
): Place {
  if (!cut || depth === 0) return [0, 0, 0];
  const turns = (motion.spindle || cut.spindle) / (2 * Math.PI);
  const chip = cut.flutes > 0 && turns > 0 ? speed / (cut.flutes * turns) : 0;
  const { along, across, axial } = cut.force(
    chip,
    Number.isFinite(depth) ? depth : 0,
    motion.spindle || cut.spindle,
  );
  if (motion.arc) {
    // Somewhere on it each axis has all of the force along, somewhere all of that across.
    const most = Math.max(along, across);
    return [most, most, axial];
  }
  const level = Math.hypot(first[0], first[1]);
  const down = first[2] < 0 ? cut.plunge(chip * -first[2]) * -first[2] : 0;
  if (level < 1e-9) return [0, 0, Math.max(down, first[2] < 0 ? 0 : axial)];
  const [x, y] = [Math.abs(first[0]) / level, Math.abs(first[1]) / level];
  return [along * x + across * y, along * y + across * x, Math.max(axial, down)];
}

/** What one axis is asked for at the worst moment of a move, and what it has there. */
export interface AxisLoad {
  /** Torque that is asked over what may be asked, and over what pulls out. */
  share: number;
  pull: number;
  /** N·m, and the speed of the axis, m/s. */
  need: number;
  speed: number;
}

export const noLoad = (): AxisLoad => ({ share: 0, pull: 0, need: 0, speed: 0 });

function ask(drive: JobDrive, speed: number, way: number, faster: number, cut: number, into: AxisLoad): void {
  const need = drive.need(way, faster, cut);
  const share = need / drive.usable(speed);
  if (share <= into.share) return;
  into.share = share;
  into.pull = need / drive.pullOut(speed);
  into.need = need;
  into.speed = speed;
}

/** Shares of its way at which an axis of an arc may be the fastest. */
const sharesOf = (motion: Motion): number[] => [0, ...quadrantsOf(motion.arc!), 1];

/**
 * The worst of a move for one axis: speeding up to its top speed, running at it, braking from it; on an arc
 * also the turning itself, where the axis stands still for a moment.
 */
export function axisLoad(
  drive: JobDrive,
  axis: 0 | 1 | 2,
  { motion, acceleration, first }: Stretch,
  { first: from, most, last }: Profile,
  cut: number,
  into: AxisLoad,
): void {
  into.share = 0;
  const ways = motion.arc ? sharesOf(motion).map((s) => wayAt(motion, s)[axis]) : [first[axis]];
  for (const share of ways) {
    const way = Math.sign(share);
    const speed = Math.abs(share) * most;
    const faster = Math.abs(share) * acceleration;
    ask(drive, speed, way, 0, cut, into);
    if (most > from) ask(drive, speed, way, faster, cut, into);
    if (most > last) ask(drive, speed, way, -faster, cut, into);
  }
  const { arc } = motion;
  if (arc && axis !== arc.c) ask(drive, 0, 0, (most * most) / Math.min(arc.radius, arc.last), cut, into);
}

/** The place of a move's worst axis among X to Z; -1: none is asked for anything. */
export function worstAxis(drives: JobDrives, loads: readonly AxisLoad[]): number {
  let worst = -1;
  drives.forEach((drive, i) => {
    if (drive && (worst < 0 || loads[i]!.share > loads[worst]!.share)) worst = i;
  });
  return worst;
}
