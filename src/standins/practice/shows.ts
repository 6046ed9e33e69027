import { instruments } from '@/core/metrology';
import { type RoundSaid, startingTrial, type TrialSaid } from '@/core/model';
import {
  exactResult,
  exactRound,
  type SheetPlan,
  type TrialPlan,
  trialRead,
  truingOf,
  workTrial,
} from '@/core/prove';
import { shownAt, type WholeState } from '../whole';
import type { HiddenFault, PracticeGround } from './ground';
import { trialTruth } from './truth';
import { putTogether } from './world';

export const isSame = (
  a: Pick<HiddenFault, 'fault' | 'axis'>,
  b: Pick<HiddenFault, 'fault' | 'axis'>,
): boolean => a.fault === b.fault && a.axis === b.axis;

const otherThan = (all: readonly HiddenFault[], fault: HiddenFault) => all.filter((h) => !isSame(h, fault));

/** How much a fault changes the figures of a round beside how far they may be off. */
export function seenInRound(
  ground: PracticeGround,
  all: readonly HiddenFault[],
  fault: HiddenFault,
  round: RoundSaid,
): boolean {
  const plan = ground.sheets.find((s) => s.key === round.sheet);
  const method = plan?.methods.find((m) => m.id === round.method);
  if (!plan || !method || !round.readings.length) return false;
  // What is wrong with edge or square falls out once they are turned over.
  if (fault.fault === 'square-out' || fault.fault === 'edge-bow') return method.runs === 2;
  const figures = (state: WholeState) =>
    exactResult(plan, method, (cell) => shownAt(state, plan, cell, method)).figures;
  const without = new Map(
    figures(putTogether(ground, otherThan(all, fault))).map((f) => [f.id, f.value] as const),
  );
  const state = truingOf({ ...ground.project, rounds: [round], happenings: [] }).sheets.find(
    (s) => s.plan.key === plan.key,
  );
  const read = new Map(state?.last?.result.figures.map((f) => [f.id, f.expanded] as const) ?? []);
  return figures(putTogether(ground, all)).some(
    (f) => Math.abs(f.value - (without.get(f.id) ?? f.value)) > (read.get(f.id) ?? Infinity),
  );
}

/** How much a fault changes the figures of a trial beside how far they may be off. */
export function seenInTrial(
  ground: PracticeGround,
  all: readonly HiddenFault[],
  fault: HiddenFault,
  plan: TrialPlan,
  said: TrialSaid,
): boolean {
  const result = (faults: readonly HiddenFault[]) => {
    const entries = trialTruth(ground, plan, said.id, faults).map((e) => ({ ...e, typed: '' }));
    return workTrial(trialRead(plan, { ...said, entries }, ground.project, ground.grounds));
  };
  const [has, lacks] = [result(all), result(otherThan(all, fault))];
  if (has.refused.join() !== lacks.refused.join()) return true;
  // A note is made only beyond the doubt: over-compensated, another number of steps.
  const codes = (r: typeof has) => r.notes.map((n) => n.code).join();
  if (codes(has) !== codes(lacks)) return true;
  const was = new Map(lacks.figures.map((f) => [f.id, f.value] as const));
  return has.figures.some((f) => Math.abs(f.value - (was.get(f.id) ?? NaN)) > (f.expanded ?? Infinity));
}

/** A whole round by the usual instrument, as whoever begins would take it. */
function usualRound(ground: PracticeGround, plan: SheetPlan, all: readonly HiddenFault[]): RoundSaid {
  const method = plan.methods.find((m) => m.id === 'square-turned') ?? plan.methods[0]!;
  const { digit, limit } = instruments[method.instrument];
  const state = putTogether(ground, all);
  const made = exactRound(plan, method, (cell) => shownAt(state, plan, cell, method));
  return { ...made, instrument: method.instrument, digit, limit: limit(0) };
}

/** Whether a fault, alone, is seen by what is usually at hand: else it is not worth hiding. */
export function canBeSeen(ground: PracticeGround, fault: HiddenFault): boolean {
  const key = fault.shown[0];
  if (key === undefined) return true;
  const sheet = ground.sheets.find((s) => s.key === key);
  if (sheet) return seenInRound(ground, [fault], fault, usualRound(ground, sheet, [fault]));
  const trial = ground.trials.find((t) => t.key === key);
  return (
    trial !== undefined && seenInTrial(ground, [fault], fault, trial, startingTrial('usual', trial.key, ''))
  );
}
