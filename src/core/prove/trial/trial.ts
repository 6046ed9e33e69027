import type { ForetoldId } from '@/core/machine';
import type { InstrumentKind } from '@/core/model';
import type { Kind } from '@/core/units';

/** Steps of first motion, in their order; a failed one holds back those after it. */
export const firstKinds = [
  'hand',
  'switches',
  'stop',
  'slow',
  'reversal',
  'slow-travel',
  'trip',
  'run-on',
  'home',
  'soft-limits',
  'both-motors',
  'current',
  'plan-speed',
] as const;

/** Proofs of one axis. */
export const axisProofs = [
  'pull',
  'steps',
  'links',
  'stairs-speed',
  'stairs-acceleration',
  'positioning',
  'push',
  'tap',
  'warm-up',
  'homing',
  'servo',
] as const;

/** Proofs of the whole machine: circles, first cuts, pieces, torch and spindle. */
export const wholeProofs = [
  'circle',
  'disc',
  'first-cuts',
  'ply-square',
  'half-lap',
  'pocket',
  'face',
  'wall-bore',
  'disc-sense',
  'knife-fan',
  'plasma-square',
  'touch-off',
  'spindle',
] as const;

export const trialKinds = [...firstKinds, ...axisProofs, ...wholeProofs] as const;
export type TrialKind = (typeof trialKinds)[number];
export type FirstKind = (typeof firstKinds)[number];
export type AxisProof = (typeof axisProofs)[number];
export type WholeProof = (typeof wholeProofs)[number];

/** What a cell holds: a quantity, a plain count, or a look: yes or no. */
export type CellOf =
  | Extract<
      Kind,
      | 'length'
      | 'force'
      | 'speed'
      | 'time'
      | 'frequency'
      | 'ratio'
      | 'count'
      | 'current'
      | 'temperatureRise'
      | 'acceleration'
      | 'torque'
    >
  | 'look';

/** One thing to write down, or a row of them. */
export interface TrialRow {
  /** What its cells are called by: `place-3`. */
  readonly id: string;
  readonly of: CellOf;
  /** The figure that names the row: where, how fast, how hard; null: its name is enough. */
  readonly at: { readonly kind: Kind; readonly value: number } | null;
  /** Not everybody can, or needs to. */
  readonly optional: boolean;
}

export type TrialCaution =
  | 'prop'
  | 'fingers'
  | 'power-off'
  | 'stop-first'
  | 'reach'
  | 'drop'
  | 'no-cutter'
  | 'no-lever'
  | 'cord'
  | 'cutting'
  | 'arc'
  | 'hot'
  | 'not-a-stop';

/** A trial as it is proposed. */
export interface TrialPlan {
  /** `steps:bed`, or the kind alone where it is of the whole machine. */
  readonly key: string;
  readonly kind: TrialKind;
  readonly axis: string | null;
  readonly stage: 'first' | 'proof';
  /** Written down once. */
  readonly fields: readonly TrialRow[];
  /** Written down in rows, a cell for each column; empty: no table. */
  readonly rows: readonly TrialRow[];
  readonly columns: readonly string[];
  readonly cautions: readonly TrialCaution[];
  /** What it is read with; null: nothing is measured, or each cell with its own. */
  readonly instrument: InstrumentKind | null;
  readonly others: readonly InstrumentKind[];
  /** Whether it writes a program. */
  readonly program: boolean;
  readonly minutes: number;
  /** Months after which it is proved again; null: only after something was done to it. Common practice. */
  readonly again: number | null;
  /** Keys of trials that must have passed before. */
  readonly after: readonly string[];
}

const nothing: Omit<TrialPlan, 'key' | 'kind' | 'axis' | 'stage'> = {
  fields: [],
  rows: [],
  columns: [],
  cautions: [],
  instrument: null,
  others: [],
  program: false,
  minutes: 5,
  again: null,
  after: [],
};

type Said = Partial<Omit<TrialPlan, 'key' | 'kind' | 'axis' | 'stage'>>;

const isFirst = (kind: TrialKind) => (firstKinds as readonly string[]).includes(kind);

/** A trial of an axis, or of the machine where `axis` is null. */
export const trialOf = (kind: TrialKind, axis: string | null, said: Said): TrialPlan => ({
  ...nothing,
  ...said,
  key: axis === null ? kind : `${kind}:${axis}`,
  kind,
  axis,
  stage: isFirst(kind) ? 'first' : 'proof',
});

export const row = (id: string, of: CellOf, at: TrialRow['at'] = null, optional = false): TrialRow => ({
  id,
  of,
  at,
  optional,
});

/** Looks: each must be answered with yes. */
export const looks = (...ids: readonly string[]): readonly TrialRow[] => ids.map((id) => row(id, 'look'));

/** Several readings of one thing. */
export const repeats = (of: CellOf, count: number): readonly TrialRow[] =>
  Array.from({ length: count }, (_, i) => row(`n-${i + 1}`, of));

/** Cells of a trial, in the order in which they are written down: from above it comes down the rows. */
export const trialCells = ({
  fields,
  rows,
  columns,
}: Pick<TrialPlan, 'fields' | 'rows' | 'columns'>): readonly {
  readonly id: string;
  readonly row: TrialRow;
  readonly column: string | null;
}[] => [
  ...fields.map((f) => ({ id: f.id, row: f, column: null })),
  ...columns.flatMap((column) =>
    (column.startsWith('down') ? rows.toReversed() : rows).map((r) => ({
      id: cellId(r.id, column),
      row: r,
      column,
    })),
  ),
];

export const cellId = (rowId: string, column: string): string => `${rowId}/${column}`;

/** Answers of the plan that a trial checks. */
export const checkedBy: Readonly<Partial<Record<TrialKind, readonly ForetoldId[]>>> = {
  hand: ['hand'],
  'run-on': ['stop'],
  pull: ['drag'],
  steps: ['lost-motion', 'lead'],
  links: ['lost-motion'],
  'stairs-speed': ['top-speed'],
  'stairs-acceleration': ['top-acceleration'],
  positioning: ['lost-motion', 'lead'],
  push: ['stiffness', 'lost-motion'],
  tap: ['frequency'],
  'warm-up': ['growth'],
  homing: ['home'],
};
