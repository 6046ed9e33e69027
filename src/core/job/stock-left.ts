import { arcPlace, type Motion, type Place } from '@/core/gcode';
import type { JobStock } from './setup';

/**
 * Most cells that stock is looked at in, and the smallest of them, m: some megabytes, however large a file.
 */
const MOST_CELLS = 2_000_000;
const LEAST_CELL = 0.5e-3;
/** Nearer to the surface is the rounding of a file, m. */
export const TOUCH = 1e-6;

function placeAt(motion: Motion, share: number): Place {
  const { from, to, arc } = motion;
  if (arc) return arcPlace(motion, arc, share);
  return [
    from[0] + (to[0] - from[0]) * share,
    from[1] + (to[1] - from[1]) * share,
    from[2] + (to[2] - from[2]) * share,
  ];
}

/** Way of a move as it is seen from above, m. */
function levelWay({ from, to, arc, length }: Motion): number {
  return arc ? length : Math.hypot(to[0] - from[0], to[1] - from[1]);
}

/**
 * What is left of a block of stock while tools go through it: how high it stands in every cell of a grid.
 * A tool counts as flat, and as at least two cells in radius; a cut that is thinner than a cell is not seen.
 */
export class StockLeft {
  /** Edge of a cell, m. */
  readonly cell: number;
  private readonly nx: number;
  private readonly ny: number;
  /** Heights over the stock's top, m: 0 where nothing was taken, below it where something was. */
  private readonly heights: Float32Array;
  /** Where it was last looked at, and what was found there; null: the tool was out of the stock since. */
  private last: { readonly at: Place; readonly depth: number } | null = null;

  constructor(private readonly stock: JobStock) {
    const { low, high } = stock;
    const [x, y] = [high[0] - low[0], high[1] - low[1]];
    this.cell = Math.max(LEAST_CELL, Math.sqrt((x * y) / MOST_CELLS));
    this.nx = Math.max(1, Math.ceil(x / this.cell));
    this.ny = Math.max(1, Math.ceil(y / this.cell));
    this.heights = new Float32Array(this.nx * this.ny);
  }

  /**
   * Sends a tool along a move and takes away what it meets.
   * @param tool its radius, m. @returns how deep at most it goes into what is left, m; 0: into nothing.
   */
  take(motion: Motion, tool: number): number {
    if (this.below(motion) < TOUCH) {
      this.last = null;
      return 0;
    }
    const radius = Math.max(tool, 2 * this.cell);
    // Straight up out of what it has cut it meets nothing.
    if (motion.to[2] >= motion.from[2] && levelWay(motion) < TOUCH) return 0;
    // Between looks no rim is left that a pass on the same way would take for uncut.
    const step = Math.max(2.5 * this.cell, Math.min(radius / 3, 2 * Math.sqrt(radius * this.cell)));
    // Chords that are shorter than a step go on through what the last look has found.
    if (this.last && this.isNear(this.last.at, motion.to, step)) return this.last.depth;
    const count = Math.max(1, Math.floor(levelWay(motion) / step));
    let deepest = 0;
    for (let i = 1; i <= count; i++) {
      const at = placeAt(motion, i / count);
      const depth = this.look(at, radius);
      this.last = { at, depth };
      if (depth > deepest) deepest = depth;
    }
    return deepest;
  }

  /** m; Infinity: nobody has said. */
  get thickness(): number {
    return this.stock.thickness;
  }

  /** How far the lowest of a move lies below the stock's top, m; below 0: above it. */
  below({ from, to }: Motion): number {
    return this.stock.top - Math.min(from[2], to[2]);
  }

  /** Whether a move is over the stock, or in it. */
  isOver({ from, to }: Motion): boolean {
    const { low, high } = this.stock;
    return [0, 1].every((i) => Math.max(from[i]!, to[i]!) > low[i]! && Math.min(from[i]!, to[i]!) < high[i]!);
  }

  private isNear(a: Place, b: Place, step: number): boolean {
    return b[2] > a[2] - this.cell / 2 && Math.hypot(b[0] - a[0], b[1] - a[1]) < step;
  }

  /**
   * Takes away what stands in the tool's way, and half a cell around; what stands nearer to its edge than
   * half a cell is not told: a pass on the same way meets nothing, wherever its looks fall.
   */
  private look(at: Place, radius: number): number {
    const { cell, nx, ny, heights } = this;
    const tip = at[2] - this.stock.top;
    if (tip > -TOUCH) return 0;
    // In cells from the corner; a cell's middle lies half a cell on.
    const x = (at[0] - this.stock.low[0]) / cell - 0.5;
    const y = (at[1] - this.stock.low[1]) / cell - 0.5;
    const [outer, inner] = [(radius / cell + 0.5) ** 2, (radius / cell - 0.5) ** 2];
    const reach = Math.sqrt(outer);
    let deepest = 0;
    for (let j = Math.max(0, Math.ceil(y - reach)); j <= Math.min(ny - 1, Math.floor(y + reach)); j++) {
      const aside = (j - y) ** 2;
      const half = Math.sqrt(Math.max(0, outer - aside));
      const to = Math.min(nx - 1, Math.floor(x + half));
      for (let i = Math.max(0, Math.ceil(x - half)); i <= to; i++) {
        const standing = heights[j * nx + i]! - tip;
        if (standing <= TOUCH) continue;
        heights[j * nx + i] = tip;
        if (standing > deepest && (i - x) ** 2 + aside <= inner) deepest = standing;
      }
    }
    return deepest;
  }
}
