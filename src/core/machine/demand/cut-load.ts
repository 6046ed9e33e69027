import type { Basis, Cut } from '@/core/model';

/** What one cut asks of the machine. SI. */
export interface CutLoad {
  readonly id: string;
  readonly name: string;
  readonly kind: Cut['kind'];
  readonly stock: Cut['stock'];
  /** Ours while any number of it or of its spindle is. */
  readonly basis: Basis;
  /** Peak along and across the feed, and mean; N. Milling: the spindle's limit is counted in. */
  readonly along: number;
  readonly across: number;
  readonly meanAlong: number;
  readonly meanAcross: number;
  /** Along the spindle, N: the larger of the spiral's pull and the plunge. */
  readonly axial: number;
  readonly feed: number;
  /** Mean power and torque at the cutter, W and N·m; 0 where nothing turns. */
  readonly power: number;
  readonly torque: number;
  /** Power that the spindle has at this speed, W; null where no spindle is given or none is needed. */
  readonly available: number | null;
  /** Feed for each tooth, m, and it over the diameter. */
  readonly chip: number;
  readonly chipShare: number;
  readonly metal: boolean;
  readonly climb: boolean;
  /** Whether the cut pulls the tool along its feed at some moment. */
  readonly pulls: boolean;
  /** Acceleration that its tightest corner asks, m/s²; null where none is given. */
  readonly corner: number | null;
}
