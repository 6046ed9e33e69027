'use client';

import { useState } from 'react';
import {
  type Cell,
  cellsOf,
  happenedEdits,
  movedEdits,
  newestTemperature,
  readEdits,
  type ReadingOf,
  sheetEdits,
  type SheetState,
  startedRound,
  unreadEdits,
} from '@/core/prove';
import { type HappeningKind, type Project, put, type RoundSaid, type SheetSaid } from '@/core/model';
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
import { sheetTitle } from '@/words';

const kinds: Record<ReadingOf, Kind> = { length: 'length', slope: 'slope', frequency: 'frequency' };
/** Instruments whose readings are whole lengths, not small differences. */
const COARSE = ['tape', 'ruler', 'caliper'];

/** Unit in which readings of a sheet are typed. */
export function readingUnit({ method, instrument }: SheetState, system: UnitSystem): Unit {
  const kind = kinds[method.reads];
  if (kind !== 'length' || COARSE.includes(instrument)) return displayUnit(kind, system);
  return smallUnit(system);
}

/** A reading of a cell as it is shown: the mean of all that were taken there. */
export interface Shown {
  readonly cell: Cell;
  readonly text: string;
  readonly count: number;
}

const now = () => new Date().toISOString();

/**
 * The round that goes on, as it is this moment: what the sheet came to may be of a key ago. None where
 * something was moved since, or it is read otherwise now.
 */
function openRound({ rounds }: Project, { plan, method, last, stale }: SheetState): RoundSaid | null {
  const newest = rounds.filter((r) => r.sheet === plan.key).at(-1);
  if (!newest || newest.moved.length || newest.method !== method.id) return null;
  return stale && last?.round.id === newest.id ? null : newest;
}

interface Takes {
  readonly cells: readonly Cell[];
  readonly unit: Unit;
  readonly title: string;
  readonly onNext: (index: number) => void;
}

/** Readings that the practice machine gives, SI; each press is one step of undo. */
function usePracticeTakes({ cells, unit, title, onNext }: Takes) {
  const { project, editor } = useMachine();
  const readingAt = (index: number, si: number) => ({
    place: cells[index]!.index,
    typed: `${formatIn(unit, si, 6).number} ${unit.symbol}`,
    value: Number(si.toPrecision(12)),
    at: now(),
  });
  return {
    /** One reading, then the next place. @param again beside the one that is there. */
    takeAt: (into: RoundSaid, index: number, si: number, again: boolean) => {
      const edits = readEdits(project, into, readingAt(index, si), again);
      const refused = editor.apply(edits, `Reading: ${title}`);
      if (!refused && !again) onNext(Math.min(index + 1, cells.length - 1));
      return refused;
    },
    takeAll: (into: RoundSaid, all: readonly { readonly at: number; readonly si: number }[]) => {
      const readings = [...into.readings, ...all.map(({ at, si }) => readingAt(at, si))];
      const rounds = project.rounds.filter((r) => r.id !== into.id);
      return editor.apply([put('rounds', [...rounds, { ...into, readings }])], `Readings: ${title}`);
    },
  };
}

/** What can be done at a sheet: read, read again, move, begin anew; each one step of undo. */
export function useSheet(state: SheetState) {
  const { project, editor, system } = useMachine();
  const { plan, method, axisName } = state;
  const kind = kinds[method.reads];
  const unit = readingUnit(state, system);
  const title = sheetTitle(plan.key, axisName);
  const cells = cellsOf(plan, method);
  const round = openRound(project, state);
  const read = (cell: Cell) => round?.readings.filter((r) => r.place === cell.index) ?? [];
  const shown = cells.map((cell): Shown => {
    const all = read(cell);
    const mean = all.reduce((s, r) => s + r.value, 0) / all.length;
    const digits = kind === 'length' && Math.abs(mean) >= 0.1 ? 6 : 4;
    return { cell, count: all.length, text: all.length ? formatIn(unit, mean, digits).number : '' };
  });
  const firstOpen = shown.findIndex((s) => s.count === 0);
  const [picked, setPicked] = useState<number | null>(null);
  const [shop, setShop] = useState<number | null>(newestTemperature(project));
  const at = picked ?? (firstOpen < 0 ? 0 : firstOpen);
  const edit = editor.apply;
  const begun = () => startedRound(state, { id: freshId(), at: now(), temperature: shop });

  /** @returns what is wrong with it, where anything is. */
  const take = (text: string, again: boolean): string | undefined => {
    const cell = cells[at];
    if (!cell) return undefined;
    const parsed = parseQuantity(kind, text, unit.symbol);
    if (!parsed.ok) return `${title}: ${explainParseError(kind, parsed.error)}`;
    const typed = (parseQuantity(kind, text).ok ? text : `${text} ${unit.symbol}`).slice(0, 40);
    const reading = { place: cell.index, typed, value: Number(parsed.si.toPrecision(12)), at: now() };
    const refused = edit(readEdits(project, round ?? begun(), reading, again), `Reading: ${title}`);
    if (refused) return refused;
    const open = shown.findIndex((s, i) => i > at && s.count === 0);
    const next = open < 0 ? Math.min(at + 1, cells.length - 1) : open;
    setPicked(again ? at : next);
    return undefined;
  };
  const made = usePracticeTakes({ cells, unit, title, onNext: (i) => setPicked(i) });
  /** A reading that came from a device, SI. */
  const takeFigure = (si: number): string | undefined => take(`${formatIn(unit, si, 6).number}`, false);
  return {
    title,
    unit,
    cells,
    shown,
    at,
    pick: setPicked,
    round,
    take,
    takeFigure,
    ...made,
    begun,
    unread: () => round && edit(unreadEdits(project, round, cells[at]!.index), `Not read: ${title}`),
    shop: round ? round.temperature : shop,
    setShop: (value: number | null) => {
      setShop(value);
      if (!round) return undefined;
      const rounds = project.rounds.map((r) => (r.id === round.id ? { ...r, temperature: value } : r));
      return edit([put('rounds', rounds)], `Temperature: ${title}`);
    },
    anew: () => {
      setPicked(0);
      return edit([put('rounds', [...project.rounds, begun()])], `New round: ${title}`);
    },
    moved: () => {
      setPicked(0);
      return edit(movedEdits(project, state, { id: freshId(), at: now() }), `Moved: ${title}`);
    },
    happened: (node: string, what: HappeningKind, note: string) =>
      edit(happenedEdits(project, { id: freshId(), at: now(), node, what, note }), `${title}: ${what}`),
    say: (change: Partial<Omit<SheetSaid, 'id' | 'key'>>, label: string) =>
      edit(sheetEdits(project, plan.key, change, freshId), `${label}: ${title}`),
  };
}

export type SheetActs = ReturnType<typeof useSheet>;
