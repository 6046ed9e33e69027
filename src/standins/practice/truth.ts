import { trialCells, type TrialPlan } from '@/core/prove';
import { diceOf } from '../seeds';
import type { HiddenFault, PracticeGround } from './ground';
import { axisTruth, motionCell, wholeCell } from './motion';
import { lyingWith } from './world';

/** What is written in a cell. */
export interface PracticeEntry {
  readonly cell: string;
  readonly value: number;
  readonly at: number | null;
}

/** Truth of a trial, cell by cell; cells that a practice machine does not have are left out. */
export function trialTruth(
  ground: PracticeGround,
  plan: TrialPlan,
  record: string,
  faults: readonly HiddenFault[],
): readonly PracticeEntry[] {
  const of = (axis: string) => faults.filter((h) => h.axis === axis);
  const axes = ground.grounds.map((g) => axisTruth(g, of(g.axis.id)));
  const own = axes.find((a) => a.ground.axis.id === plan.axis);
  const state = own ? null : lyingWith(ground, faults);
  return trialCells(plan).flatMap(({ id, row, column }) => {
    const dice = diceOf(ground.practice.seed, `${record} ${id}`);
    const value = own ? motionCell(own, plan, row, column, dice) : wholeCell(state!, axes, plan, row, column);
    return value === undefined ? [] : [{ cell: id, value, at: row.at?.value ?? null }];
  });
}
