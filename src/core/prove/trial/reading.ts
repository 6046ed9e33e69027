import { chiSquare, type Doubt, doubtOf, type Instrument, instrumentOf, meanOf } from '@/core/metrology';
import type { Project, TrialSaid } from '@/core/model';
import { shopWarm } from '../truing/readings';
import type { Ground } from './ground';
import { cellId, type TrialPlan, type TrialRow } from './trial';

/** A record as it is worked with. */
export interface TrialRead {
  readonly plan: TrialPlan;
  readonly project: Project;
  /** Of the axis; undefined for a trial of the whole machine. */
  readonly ground: Ground | undefined;
  readonly grounds: readonly Ground[];
  readonly said: TrialSaid;
  readonly instrument: Instrument;
  /** What stands in a cell; undefined: nothing. */
  readonly get: (cell: string) => number | undefined;
  /** Standard uncertainty of the shop’s temperature, K. */
  readonly warm: number;
}

/** Rows as they were when they were read: a plan that changed since changes no past. */
export function rowsAsRead({ rows }: TrialPlan, { entries }: TrialSaid): readonly TrialRow[] {
  const read = new Map(
    entries.flatMap((e) => (e.at === null ? [] : [[e.cell.split('/')[0]!, e.at] as const])),
  );
  return rows.map((r) => {
    const value = read.get(r.id);
    return r.at && value !== undefined && value !== r.at.value ? { ...r, at: { ...r.at, value } } : r;
  });
}

export function trialRead(
  plan: TrialPlan,
  said: TrialSaid,
  project: Project,
  grounds: readonly Ground[],
): TrialRead {
  const by = new Map(said.entries.map((e) => [e.cell, e.value]));
  return {
    plan: { ...plan, rows: rowsAsRead(plan, said) },
    project,
    ground: grounds.find((g) => g.axis.id === plan.axis),
    grounds,
    said,
    instrument: instrumentOf(said.instrument || plan.instrument || 'dial', said),
    get: (cell) => by.get(cell),
    warm: shopWarm(said.temperature),
  };
}

/** Doubt of one reading, or of the mean of several. @param size length that warms and is erred over, m. */
export const trialDoubt = (
  { instrument, warm }: TrialRead,
  { readings = 1, scatter = 0, size = 0, ends = 1 as 1 | 2 } = {},
): Doubt => doubtOf({ instrument, size, readings, scatter, ends, warm });

/** Rows of a column that hold a figure, with it. */
export function column(read: TrialRead, name: string): readonly { row: TrialRow; value: number }[] {
  return read.plan.rows.flatMap((row) => {
    const value = read.get(cellId(row.id, name));
    return value === undefined ? [] : [{ row, value }];
  });
}

/** Figure that names a row. */
export const placeOf = ({ at }: TrialRow): number => at?.value ?? 0;

/** Mean of several figures with half of its 95 % interval, the instrument’s own error in it. */
export function meanDoubt(read: TrialRead, values: readonly number[]) {
  const { mean, scatter } = meanOf(values);
  const { expanded } = trialDoubt(read, { readings: values.length, scatter });
  return { mean, scatter, expanded };
}

/** So far a reading is moved to see what follows, m or N; any small figure does. */
const NUDGE = 1e-7;

/**
 * Standard uncertainty of what is worked out of many readings, each off by itself: all are moved a little
 * (JCGM 100, 5.1.3).
 * @param of what is worked out; readings in their order. @param standard of one reading.
 */
export function propagated(
  readings: readonly number[],
  of: (readings: readonly number[]) => number,
  standard: number,
): number {
  const base = of(readings);
  const squares = readings.map((_, i) => {
    const moved = of(readings.map((v, k) => (k === i ? v + NUDGE : v)));
    return ((moved - base) / NUDGE) ** 2;
  });
  return standard * Math.sqrt(squares.reduce((sum, s) => sum + s, 0));
}

/** Normal deviate below which 2.5 % lie. */
const TAIL = -1.96;

/**
 * A scatter, and how far it may be off: as far as the true one may lie above it, which is further than below.
 * The interval of s by chi-square; s t / √(2 (n − 1)) holds the truth in 91 of 100 cases only.
 */
export function scatterDoubt(values: readonly number[]) {
  const { scatter } = meanOf(values);
  const freedom = values.length - 1;
  return { scatter, expanded: scatter * (Math.sqrt(freedom / chiSquare(freedom, TAIL)) - 1) };
}

/**
 * A shift below which nothing was lost: three standard uncertainties of a difference of two readings, or half
 * of a full step.
 */
export function lossLimit(read: TrialRead): number {
  const { standard } = trialDoubt(read, { ends: 2 });
  return Math.max(3 * standard, (read.ground?.fullStep ?? 0) / 2);
}
