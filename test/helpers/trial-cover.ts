import { instrumentOf, STEEL_EXPANSION } from '@/core/metrology';
import { type InstrumentKind, type Project, startingTrial, type TrialEntry } from '@/core/model';
import { groundsOf, type TrialPlan, trialPlans, trialRead, type TrialRow, workTrial } from '@/core/prove';
import { chance, SEED } from './chance';
import { CASES, even, normal } from './errors';

/** Truth of a cell by its row and column. */
export type Truth = (row: TrialRow, column: string | null) => number;

/**
 * How an instrument errs: each reading by itself, alike all through a record, alike at each place from a side
 * and over warmth, or as a scale that is too long, or warm.
 */
export type Errs = 'alone' | 'alike' | 'by-place' | 'scale';

export interface Case {
  readonly of: Project;
  readonly key: string;
  readonly instrument: InstrumentKind;
  readonly errs: Errs;
  /** Cells that are asked or known, not read. */
  readonly known?: readonly string[];
  /** Length that a scale errs over, m. */
  readonly run?: number;
  /** What the figures really are by their names, and what each cell really holds. */
  readonly draw: () => { readonly truth: Readonly<Record<string, number>>; readonly cell: Truth };
}

export const dice = chance(SEED + 77);
export const some = (low: number, high: number) => low + (high - low) * dice.next();
/** An indicator that is set to nought is read there too, to its digit. */
export const nought = () => even(dice, 5e-6);

/** Errors of one record, out of all instruments whose standard uncertainty is as it is taken. */
function errorsOf({ instrument, errs, run = 1 }: Case, warm: number) {
  const { limit } = instrumentOf(instrument);
  const own = new Map<string, number>();
  const kept = (name: string, size: number) => {
    if (!own.has(name)) own.set(name, (limit(size) / Math.sqrt(3)) * normal(dice));
    return own.get(name)!;
  };
  const long = STEEL_EXPANSION * warm * normal(dice);
  const ways: Record<Errs, (row: TrialRow, side: string, truth: number) => number> = {
    alone: () => even(dice, limit(0)),
    alike: () => kept('all', 0),
    'by-place': ({ id, at }, side) => kept(id + side, 0) + (at?.kind === 'length' ? long * at.value : 0),
    scale: (_row, _side, truth) => truth * (long + kept('all', run) / run),
  };
  return ways[errs];
}

/** A record as an instrument that errs shows it. */
function recordOf(plan: TrialPlan, one: Case, warm: number, cell: Truth): TrialEntry[] {
  const { digit, reads } = instrumentOf(one.instrument);
  const off = errorsOf(one, warm);
  const entry = (id: string, row: TrialRow, column: string | null): TrialEntry => {
    const truth = cell(row, column);
    const isRead = row.of === reads && !one.known?.includes(row.id);
    const seen = isRead
      ? digit * Math.round((truth + off(row, column?.split('-')[0] ?? '', truth)) / digit)
      : truth;
    return { cell: id, typed: '', value: seen, at: row.at?.value ?? null };
  };
  return [
    ...plan.fields.map((r) => entry(r.id, r, null)),
    ...plan.columns.flatMap((c) => plan.rows.map((r) => entry(`${r.id}/${c}`, r, c))),
  ];
}

/** Share of cases, by figure, in which the interval that a trial states holds the truth. */
export function coverOf(one: Case, cases = CASES): Readonly<Record<string, number>> {
  const grounds = groundsOf(one.of);
  const plan = trialPlans(one.of, grounds).find((p) => p.key === one.key)!;
  const said = { ...startingTrial('r', one.key, ''), instrument: one.instrument, temperature: 20 };
  const { warm } = trialRead(plan, said, one.of, grounds);
  const inside: Record<string, number> = {};
  for (let i = 0; i < cases; i++) {
    const { truth, cell } = one.draw();
    const entries = recordOf(plan, one, warm, cell);
    const { figures } = workTrial(trialRead(plan, { ...said, entries }, one.of, grounds));
    for (const [id, real] of Object.entries(truth)) {
      const found = figures.find((f) => f.id === id)!;
      inside[id] = (inside[id] ?? 0) + (Math.abs(found.value - real) <= found.expanded! ? 1 : 0);
    }
  }
  return Object.fromEntries(Object.entries(inside).map(([id, count]) => [id, count / cases]));
}
