import { writeTable } from '@/core/formats';
import {
  compensationTable,
  type Setting,
  trialCells,
  trialRead,
  type Trials,
  type TrialState,
} from '@/core/prove';
import type { Project } from '@/core/model';
import { displayUnit, formatIn, type Kind, type UnitSystem, smallUnit } from '@/core/units';
import {
  settingFrom,
  settingNames,
  settingText,
  trialColumnName,
  trialFigureName,
  trialRowName,
  trialText,
} from '@/words';

/** The controller’s settings as CSV: number, axis, name, value with its unit, where it comes from. */
export const settingsCsv = (settings: readonly Setting[], system: UnitSystem): string =>
  writeTable(
    ['number', 'axis', 'setting', 'value', 'from'],
    settings.map((s) => [
      s.number,
      s.letter,
      settingNames[s.id],
      settingText(s, system),
      settingFrom[s.from],
    ]),
  );

/** A record as CSV: every cell as it was typed, then what it came to. */
export function recordCsv({ plan, last }: TrialState, system: UnitSystem): string {
  const said = new Map(last?.said.entries.map((e) => [e.cell, e.typed]));
  const cells = trialCells(plan).map((c) => [
    'read',
    trialRowName(plan, c.row, system),
    c.column ? trialColumnName(c.column) : '',
    said.get(c.id) ?? '',
    '',
    '',
  ]);
  const figures = (last?.result.figures ?? []).map((f) => [
    'result',
    trialFigureName(f.id),
    '',
    trialText(f.of, f.value, system, 5),
    f.expanded === null ? '' : trialText(f.of, f.expanded, system, 3),
    f.good === null ? '' : trialText(f.of, f.good, system),
  ]);
  return writeTable(['what', 'name', 'column', 'value', 'doubt', 'good enough'], [...cells, ...figures]);
}

/** Whether a record gives a table of corrections. */
export const hasCompensation = ({ plan, last }: TrialState): boolean =>
  plan.kind === 'positioning' && (last?.result.figures.length ?? 0) > 0;

/** Corrections by place as CSV, for a controller that takes a table: added to what is asked. */
export function compensationCsv(
  state: TrialState,
  project: Project,
  trials: Trials,
  system: UnitSystem,
): string {
  const { plan, last } = state;
  const table = last ? compensationTable(trialRead(plan, last.said, project, trials.grounds)) : [];
  const place = displayUnit('length' satisfies Kind, system);
  const fine = smallUnit(system);
  return writeTable(
    [`place, ${place.symbol}`, `add, ${fine.symbol}`],
    table.map((row) => [formatIn(place, row.place, 7).number, formatIn(fine, row.by, 4).number]),
  );
}
