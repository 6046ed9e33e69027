import type { PracticeNamed, RoundSaid } from '@/core/model';
import { cellsOf, exactResult, type SheetPlan } from '@/core/prove';
import { shownAt, type WholeState } from '../whole';
import { hiddenFaults, leftFaults, lyingNow } from './draw';
import type { HiddenFault, PracticeGround } from './ground';
import { faultsMade } from './faults';
import { isSame, seenInRound, seenInTrial } from './shows';

/** Points of a round: of what there is, what was reached. */
export interface Points {
  readonly of: number;
  readonly got: number;
}

/** A hidden fault when the round is over. */
export interface FaultTold {
  readonly hidden: HiddenFault;
  readonly named: 'right' | 'group' | 'guessed' | 'missed';
  /** Whether it is put right by now. */
  readonly mended: boolean;
}

export interface PracticeResult {
  readonly faults: readonly FaultTold[];
  /** What was named and is not there. */
  readonly wrong: readonly PracticeNamed[];
  /** Worst figure of each sheet by its limit, as put together and now. */
  readonly sheets: readonly { readonly key: string; readonly before: number; readonly now: number }[];
  readonly readings: { readonly taken: number; readonly referee: number };
  readonly minutes: { readonly taken: number; readonly referee: number };
  readonly points: Readonly<Record<'faults' | 'left' | 'readings' | 'time' | 'hints', Points>>;
  readonly score: number;
}

/** What a sheet is really off by its limit, in the finest of its methods. */
function shareOf(state: WholeState, plan: SheetPlan): number {
  const method = plan.methods[0]!;
  const { figures } = exactResult(plan, method, (cell) => shownAt(state, plan, cell, method));
  return Math.max(0, ...figures.flatMap((f) => (f.good ? [Math.abs(f.value) / f.good] : [])));
}

/** Whether a place was read more than once: that alone tells a plunger that sticks. */
const readTwice = ({ readings }: RoundSaid): boolean =>
  new Set(readings.map((r) => r.place)).size < readings.length;

/** Whether anything that was read up to a moment shows a fault beyond its doubt. */
export function wasSeen(ground: PracticeGround, fault: HiddenFault, until: string): boolean {
  const { rounds, trials } = ground.project;
  const before = rounds.filter((r) => r.at <= until);
  const all = hiddenFaults(ground);
  if (fault.fault === 'sticky-indicator') return before.some(readTwice);
  return (
    before.some((r) => fault.shown.includes(r.sheet) && seenInRound(ground, all, fault, r)) ||
    trials.some((t) => {
      const plan = fault.shown.includes(t.key) && t.at <= until && ground.trials.find((p) => p.key === t.key);
      return Boolean(plan && t.entries.length && seenInTrial(ground, all, fault, plan, t));
    })
  );
}

function toldOf(ground: PracticeGround, hidden: HiddenFault, now: WholeState): FaultTold {
  const { named } = ground.practice;
  const right = named.find((n) => isSame(n, hidden));
  const plan = ground.sheets.find((s) => s.key === hidden.shown[0]);
  const moved = faultsMade[hidden.fault].mend === 'move';
  const mended = moved ? plan !== undefined && shareOf(now, plan) <= 1 : !still(ground, hidden);
  const { group } = faultsMade[hidden.fault];
  const near = named.some((n) => n.axis === hidden.axis && faultsMade[n.fault].group === group);
  if (right) return { hidden, named: wasSeen(ground, hidden, right.at) ? 'right' : 'guessed', mended };
  return { hidden, named: near ? 'group' : 'missed', mended };
}

const still = (ground: PracticeGround, hidden: HiddenFault) =>
  leftFaults(ground).some((h) => isSame(h, hidden));

/** Minutes that what was read and moved would take at a real machine; memory. */
const MINUTES = { sheet: 8, reading: 1, move: 3 } as const;

const minutesOf = (sheets: number, readings: number, moves: number) =>
  MINUTES.sheet * sheets + MINUTES.reading * readings + MINUTES.move * moves;

/** What somebody who knows the trade would take: every sheet once, each faulty one again, and its trials. */
function refereeOf(ground: PracticeGround, hidden: readonly HiddenFault[]) {
  const cells = (key: string) => {
    const sheet = ground.sheets.find((s) => s.key === key);
    if (sheet) return cellsOf(sheet, sheet.methods[0]!).length;
    const trial = ground.trials.find((t) => t.key === key);
    return trial ? trial.fields.length + trial.rows.length * Math.max(1, trial.columns.length) : 0;
  };
  const all = ground.sheets.reduce((sum, s) => sum + cells(s.key), 0);
  const again = hidden.reduce((sum, h) => sum + 2 * (h.shown[0] ? cells(h.shown[0]) : 2), 0);
  return {
    readings: all + again,
    minutes: minutesOf(ground.sheets.length + 2 * hidden.length, all + again, 8 * hidden.length),
  };
}

/**
 * All of the points up to half as much again as the referee, none at thrice; whoever finds nothing has saved
 * nothing.
 */
const within = (of: number, taken: number, referee: number, found: number): Points => {
  const share = (3 - taken / referee) / 1.5;
  return { of, got: Math.round(of * found * Math.max(0, Math.min(1, share))) };
};

/** Points by what they are given for; from the handbook of the trade, memory. */
const POINTS = { faults: 50, left: 25, readings: 15, time: 10, false: 5, hint: 5 } as const;

/** What a practice round comes to: what was hidden, what was found, how close the machine came. */
export function practiceResult(ground: PracticeGround): PracticeResult {
  const { practice, project } = ground;
  const hidden = hiddenFaults(ground);
  const now = lyingNow(ground);
  const start = lyingNow({ ...ground, project: { ...project, rounds: [] } }, hidden);
  const faults = hidden.map((h) => toldOf(ground, h, now));
  const wrong = practice.named.filter((n) => !hidden.some((h) => isSame(h, n)));
  const sheets = ground.sheets.map((p) => ({ key: p.key, before: shareOf(start, p), now: shareOf(now, p) }));
  const taken =
    project.rounds.reduce((sum, r) => sum + r.readings.length, 0) +
    project.trials.reduce((sum, t) => sum + t.entries.length, 0);
  const moves = project.rounds.reduce((sum, r) => sum + r.moved.length, 0);
  const spent = minutesOf(project.rounds.length + project.trials.length, taken, moves);
  const referee = refereeOf(ground, hidden);
  const worth = { right: 1, group: 0.5, guessed: 0, missed: 0 } as const;
  // A file may say that nothing is hidden.
  const count = Math.max(1, hidden.length);
  const found = faults.reduce((sum, f) => sum + worth[f.named], 0) / count;
  const mended = faults.filter((f) => f.mended).length;
  const points = {
    faults: {
      of: POINTS.faults,
      got: Math.max(0, Math.round(POINTS.faults * found) - POINTS.false * wrong.length),
    },
    left: { of: POINTS.left, got: Math.round((POINTS.left * mended) / count) },
    readings: within(POINTS.readings, taken, referee.readings, found),
    time: within(POINTS.time, spent, referee.minutes, found),
    hints: { of: 0, got: -POINTS.hint * practice.hints.length },
  };
  const sum = Object.values(points).reduce((total, p) => total + p.got, 0);
  return {
    faults,
    wrong,
    sheets,
    readings: { taken, referee: referee.readings },
    minutes: { taken: spent, referee: referee.minutes },
    points,
    score: Math.max(0, sum),
  };
}

/** What a hint speaks of: the first fault that nobody has named. */
export const hintedFault = (ground: PracticeGround): HiddenFault | null =>
  hiddenFaults(ground).find((h) => !ground.practice.named.some((n) => isSame(n, h))) ?? null;
