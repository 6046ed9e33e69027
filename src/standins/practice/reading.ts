import { instrumentOf } from '@/core/metrology';
import { type InstrumentKind, type RoundSaid, type TrialSaid } from '@/core/model';
import { type Cell, type SheetMethod, type SheetPlan, trialCells, type TrialPlan } from '@/core/prove';
import { type Dice, diceOf, normalOf } from '../seeds';
import { shownAt } from '../whole';
import { leftFaults, lyingNow } from './draw';
import type { PracticeGround } from './ground';
import { type PracticeEntry, trialTruth } from './truth';

/** How an instrument errs: by its step and its greatest error. */
interface Errs {
  readonly digit: number;
  readonly limit: number;
}

/** A reading with the error of its instrument, at a whole step of it; it sticks by so much. */
function misread(truth: number, { digit, limit }: Errs, sticks: number, dice: Dice): number {
  const own = 0.3 * limit * (2 * dice() - 1) + 0.2 * Math.min(limit, digit) * normalOf(dice);
  const stuck = sticks * (2 * dice() - 1);
  const seen = truth + own + stuck;
  return digit > 0 ? Number((Math.round(seen / digit) * digit).toPrecision(12)) : seen;
}

/** Instruments with a plunger that can stick. */
const PLUNGERS: readonly InstrumentKind[] = ['dial', 'lever-dial'];

const sticksOf = (ground: PracticeGround, instrument: InstrumentKind): number =>
  PLUNGERS.includes(instrument)
    ? (leftFaults(ground).find((h) => h.fault === 'sticky-indicator')?.size ?? 0)
    : 0;

/** Reads a place of a sheet off the practice machine, SI: as its instrument shows it. */
export function practiceReading(
  ground: PracticeGround,
  round: Pick<RoundSaid, 'id' | 'instrument' | 'digit' | 'limit' | 'readings' | 'places'>,
  { plan, cell, method }: { readonly plan: SheetPlan; readonly cell: Cell; readonly method: SheetMethod },
): number {
  const taken = round.readings.filter((r) => r.place === cell.index).length;
  const dice = diceOf(ground.practice.seed, `${round.id} ${cell.index} ${taken}`);
  const truth = shownAt(lyingNow(ground), plan, cell, method);
  return misread(truth, round, sticksOf(ground, round.instrument), dice);
}

/** What of a trial a practice machine has: whether there is anything to read. */
export const canTry = (ground: PracticeGround, plan: TrialPlan): boolean => {
  const looks = new Set(trialCells(plan).flatMap((c) => (c.row.of === 'look' ? [c.id] : [])));
  const had = trialTruth(ground, plan, '', leftFaults(ground));
  return had.length > 0 && (had.some((e) => !looks.has(e.cell)) || looks.size === trialCells(plan).length);
};

/** Reads a whole trial off the practice machine, as its instrument shows it. */
export function practiceTrial(
  ground: PracticeGround,
  plan: TrialPlan,
  said: Pick<TrialSaid, 'id' | 'instrument' | 'digit' | 'limit'>,
): readonly PracticeEntry[] {
  const kind = said.instrument || plan.instrument || 'dial';
  const usual = instrumentOf(kind, said);
  const cells = new Map(trialCells(plan).map((c) => [c.id, c.row]));
  const sticks = sticksOf(ground, kind);
  return trialTruth(ground, plan, said.id, leftFaults(ground)).map((entry) => {
    const of = cells.get(entry.cell)!.of;
    const measured = of === usual.reads;
    if (!measured) return { ...entry, value: Number(entry.value.toPrecision(4)) };
    const size = Math.abs(entry.value);
    const errs = { digit: usual.digit, limit: usual.limit(kind === 'dial' ? 0 : size) };
    const dice = diceOf(ground.practice.seed, `errs ${said.id} ${entry.cell}`);
    return { ...entry, value: misread(entry.value, errs, of === 'length' ? sticks : 0, dice) };
  });
}
