import type { RoundSaid } from '@/core/model';
import { cellsOf } from './cells';
import { placesOf } from './edits';
import { readOf } from './readings';
import { NO_RESULT, type SheetResult } from './result';
import type { SheetMethod, SheetPlan } from './sheet';
import { workSheet } from './work';

type Show = (cell: ReturnType<typeof cellsOf>[number]) => number;

/** A round whose instrument never errs. @param show by the cell, SI. */
export const exactRound = (plan: SheetPlan, method: SheetMethod, show: Show): RoundSaid => ({
  id: '',
  sheet: plan.key,
  at: '',
  temperature: 20,
  method: method.id,
  instrument: method.instrument,
  digit: 0,
  limit: 0,
  places: placesOf({ plan, method }),
  readings: cellsOf(plan, method).map((cell) => ({
    place: cell.index,
    typed: '',
    value: show(cell),
    at: '',
  })),
  moved: [],
});

/** What a sheet would come to if its instrument never erred. */
export function exactResult(plan: SheetPlan, method: SheetMethod, show: Show): SheetResult {
  try {
    return workSheet(plan, readOf(exactRound(plan, method, show), method.runs), method.id);
  } catch (cause) {
    if (cause instanceof RangeError) return NO_RESULT;
    throw cause;
  }
}
