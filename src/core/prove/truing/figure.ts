import { type Decision, decide, type Doubt, tooCoarse } from '@/core/metrology';

/** A result of a sheet beside what is good enough. */
export interface Figure {
  /** `zone`, `gamma`, `roll` ...: which figure of its sheet. */
  readonly id: string;
  readonly of: 'length' | 'slope' | 'force' | 'ratio';
  readonly value: number;
  /** Half of the 95 % interval. */
  readonly expanded: number;
  readonly good: number | null;
  readonly decision: Decision;
  /** Whether the instrument is too coarse for this limit. */
  readonly coarse: boolean;
}

/** What a figure is made of. */
interface Made {
  readonly id: string;
  readonly of: Figure['of'];
  readonly value: number;
  /** Standard uncertainty of the figure. */
  readonly standard: number;
  /** One-sided bias that is added to the interval. */
  readonly wider?: number;
  readonly good: number | null;
}

/**
 * A figure against its limit. Its interval is as wide by Student as that of the reading it is made of.
 * @param reading doubt of one reading, whose degrees of freedom count for the figure.
 * @param scatter of one reading, by which it is told whether more readings would help.
 */
export function figureOf(made: Made, reading: Doubt, scatter: number): Figure {
  const { id, of, value, standard, wider = 0, good } = made;
  const factor = reading.standard > 0 ? reading.expanded / reading.standard : 1.96;
  const expanded = factor * standard + wider;
  const byScatter = scatter > reading.standard / 2;
  return {
    id,
    of,
    value,
    expanded,
    good,
    decision:
      good === null ? { verdict: 'not-known', want: 'none' } : decide(value, expanded, good, byScatter),
    coarse: good !== null && tooCoarse(expanded, good),
  };
}
