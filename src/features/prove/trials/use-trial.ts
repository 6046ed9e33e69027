'use client';

import {
  anewEdits,
  dropEdits,
  leaveEdits,
  newTrial,
  openTrial,
  sayEdits,
  trialCells,
  type TrialKind,
  type TrialRow,
  type TrialState,
  unwriteEdits,
  writeEdits,
} from '@/core/prove';
import { put, type TrialEntry, type TrialSaid } from '@/core/model';
import {
  displayUnit,
  explainParseError,
  formatIn,
  type Kind,
  parseQuantity,
  type Unit,
  type UnitSystem,
  smallUnit,
} from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { trialTitle } from '@/words';

/** Trials whose lengths are small differences; all others read whole lengths. */
const FINE: ReadonlySet<TrialKind> = new Set<TrialKind>([
  'reversal',
  'plan-speed',
  'links',
  'stairs-speed',
  'stairs-acceleration',
  'positioning',
  'push',
  'warm-up',
  'homing',
  'circle',
  'face',
  'spindle',
]);

/** Unit in which a cell is typed; undefined for what is only looked at. */
export function cellUnit(kind: TrialKind, { id, of }: TrialRow, system: UnitSystem): Unit | undefined {
  if (of === 'look') return undefined;
  if (of === 'length' && FINE.has(kind) && id !== 'radius') return smallUnit(system);
  return displayUnit(of, system);
}

const now = () => new Date().toISOString();
const MOST_TYPED = 40;
/** What stands between the figures of a pasted column. */
const BETWEEN = /[\n\r\t;]+/;

/** What can be done at a trial; each one step of undo. */
export function useTrial({ plan, axisName, waits }: TrialState) {
  const { project, editor, system } = useMachine();
  const title = trialTitle(plan.key, axisName);
  const cells = trialCells(plan);
  // The newest record, as it is this moment.
  const record = openTrial(project, plan.key);
  const by = new Map(record?.entries.map((e) => [e.cell, e]));
  const fresh = () => ({ id: freshId(), at: now() });

  const shown = (cell: string): string => {
    const entry = by.get(cell);
    const row = cells.find((c) => c.id === cell)?.row;
    if (!entry || !row) return '';
    const unit = cellUnit(plan.kind, row, system);
    return unit ? formatIn(unit, entry.value, 6).number : '';
  };

  const read = (row: TrialRow, cell: string, text: string): TrialEntry | string => {
    const kind = row.of as Kind;
    const unit = cellUnit(plan.kind, row, system)!;
    const parsed = parseQuantity(kind, text, unit.symbol);
    if (!parsed.ok) return `${title}: ${explainParseError(kind, parsed.error)}`;
    const typed = (parseQuantity(kind, text).ok ? text : `${text} ${unit.symbol}`).slice(0, MOST_TYPED);
    return { cell, typed, value: Number(parsed.si.toPrecision(12)), at: row.at?.value ?? null };
  };

  /** Writes a cell, or a pasted column from it on. @returns what is wrong with it, where anything is. */
  const write = (cell: string, text: string): string | undefined => {
    const from = cells.findIndex((c) => c.id === cell);
    if (!text.trim()) return editor.apply(unwriteEdits(project, plan.key, cell), `Not read: ${title}`);
    const parts = text.split(BETWEEN).filter((t) => t.trim());
    const targets = cells.slice(from).filter((c) => c.row.of !== 'look');
    if (parts.length > targets.length)
      return `${title}: read ${parts.length} figures, wanted ${targets.length} at most from here on.`;
    const entries: TrialEntry[] = [];
    for (const [i, part] of parts.entries()) {
      const entry = read(targets[i]!.row, targets[i]!.id, part);
      if (typeof entry === 'string') return entry;
      entries.push(entry);
    }
    return editor.apply(writeEdits(project, plan.key, entries, fresh()), `Reading: ${title}`);
  };

  /** Writes a figure that came from a device, SI. */
  const writeFigure = (cell: string, si: number): string | undefined => {
    const row = cells.find((c) => c.id === cell)?.row;
    const unit = row && cellUnit(plan.kind, row, system);
    return unit ? write(cell, formatIn(unit, si, 6).number) : undefined;
  };

  /** Figures of a whole record, SI: one step of undo. */
  const writeAll = (into: TrialSaid, all: readonly { readonly cell: string; readonly value: number }[]) => {
    const entries = all.map(({ cell, value }): TrialEntry => {
      const { row } = cells.find((c) => c.id === cell)!;
      const unit = cellUnit(plan.kind, row, system);
      const typed = unit ? `${formatIn(unit, value, 6).number} ${unit.symbol}` : value ? 'yes' : 'no';
      return { cell, typed: typed.slice(0, MOST_TYPED), value, at: row.at?.value ?? null };
    });
    const others = project.trials.filter((t) => t.id !== into.id);
    return editor.apply([put('trials', [...others, { ...into, entries }])], `Record: ${title}`);
  };

  const look = (cell: string, yes: boolean | null) => {
    if (yes === null) return editor.apply(unwriteEdits(project, plan.key, cell), `Not looked: ${title}`);
    const entry = { cell, typed: yes ? 'yes' : 'no', value: yes ? 1 : 0, at: null };
    return editor.apply(writeEdits(project, plan.key, [entry], fresh()), `Looked: ${title}`);
  };

  return {
    title,
    cells,
    record,
    waits,
    shown,
    looked: (cell: string) => {
      const value = by.get(cell)?.value;
      return value === undefined ? null : value === 1;
    },
    write,
    writeFigure,
    writeAll,
    begun: () => newTrial(project, plan.key, freshId(), now()),
    look,
    say: (change: Partial<Omit<TrialSaid, 'id' | 'key' | 'entries' | 'taken'>>, label: string) =>
      editor.apply(sayEdits(project, plan.key, change, fresh()), `${label}: ${title}`),
    anew: () => editor.apply(anewEdits(project, plan.key, freshId(), now()), `New record: ${title}`),
    drop: (id: string) => editor.apply(dropEdits(project, id), `Record away: ${title}`),
    leave: (keys: readonly string[], left: boolean) =>
      editor.apply(leaveEdits(project, keys, left, freshId), left ? 'Left out' : 'Done after all'),
  };
}

export type TrialActs = ReturnType<typeof useTrial>;
