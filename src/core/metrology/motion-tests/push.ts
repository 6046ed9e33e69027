import { leastSquaresLine } from '../straight';

/** A push and how far it gave, N and m. */
export interface Push {
  readonly force: number;
  readonly give: number;
}

/** One cycle 0, +F, 0, −F, 0, as it was read. */
export interface PushFound {
  /** N/m, mean of the four branches. */
  readonly stiffness: number;
  /** Free play, m, and friction, N, apart. */
  readonly play: number;
  readonly friction: number;
  /** Scatter of the four stiffnesses over their mean: much of it says that a branch was no line. */
  readonly spread: number;
}

/** Shares of the greatest force in which loading and unloading are straight. */
const LOADING = [0.4, 1] as const;
const UNLOADING = [0.2, 0.6] as const;

type Branch = 'load' | 'unload';

/** Points of a branch within its share of the greatest force, by side. */
function branchOf(pushes: readonly Push[], side: 1 | -1, branch: Branch, most: number): readonly Push[] {
  const own = pushes.filter((p) => side * p.force > 0);
  const peak = own.findIndex((p) => Math.abs(p.force) >= most * (1 - 1e-9));
  const part = branch === 'load' ? own.slice(0, peak + 1) : own.slice(peak);
  const [low, high] = branch === 'load' ? LOADING : UNLOADING;
  return part.filter((p) => {
    const share = Math.abs(p.force) / most;
    return share >= low - 1e-9 && share <= high + 1e-9;
  });
}

/**
 * Stiffness, play and friction of an axis by a push to both sides: lines through four branches; their
 * intercepts lie
 * apart by the play and by twice the friction, which loading and unloading shift in opposite ways.
 * @throws RangeError where a branch has fewer than two pushes.
 */
export function pushOf(pushes: readonly Push[]): PushFound {
  const most = { 1: Math.max(...pushes.map((p) => p.force)), [-1]: Math.max(...pushes.map((p) => -p.force)) };
  const line = (side: 1 | -1, branch: Branch) => {
    const points = branchOf(pushes, side, branch, most[side]!);
    if (points.length < 2) throw new RangeError('a branch wants two pushes at least');
    return leastSquaresLine(points.map((p) => ({ x: p.force, h: p.give })));
  };
  const branches = {
    load: [line(1, 'load'), line(-1, 'load')],
    unload: [line(1, 'unload'), line(-1, 'unload')],
  };
  const gives = [...branches.load, ...branches.unload].map((l) => l.slope);
  const give = gives.reduce((s, v) => s + v, 0) / gives.length;
  const apart = (branch: Branch) => branches[branch][0]!.offset - branches[branch][1]!.offset;
  const [load, unload] = [apart('load'), apart('unload')];
  const stiffness = 1 / give;
  return {
    stiffness,
    play: (load + unload) / 2,
    friction: (stiffness * (unload - load)) / 4,
    spread: (Math.max(...gives) - Math.min(...gives)) / give,
  };
}
