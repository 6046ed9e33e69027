import type { RoundSaid } from '@/core/model';
import { cellsOf } from './cells';
import { readOf } from './readings';
import { NO_RESULT, type SheetResult } from './result';
import type { SheetMethod, SheetPlan } from './sheet';
import { workSheet } from './work';

/**
 * What a sheet would come to if its instrument never erred.
 * @param show by the index of a cell, SI.
 */
export function exactResult(
  plan: SheetPlan,
  method: SheetMethod,
  show: (cell: ReturnType<typeof cellsOf>[number]) => number,
): SheetResult {
  const cells = cellsOf(plan, method);
  const round: RoundSaid = {
    id: '',
    sheet: plan.key,
    at: '',
    temperature: 20,
    method: method.id,
    instrument: method.instrument,
    digit: 0,
    limit: 0,
    // A place for every reading of one run.
    places:
      plan.places.length * method.runs >= cells.length ? [...plan.places] : cells.map(() => ({ x: 0, y: 0 })),
    readings: cells.map((cell) => ({ place: cell.index, typed: '', value: show(cell), at: '' })),
    moved: [],
  };
  try {
    return workSheet(plan, readOf(round, method.runs), method.id);
  } catch (cause) {
    if (cause instanceof RangeError) return NO_RESULT;
    throw cause;
  }
}
