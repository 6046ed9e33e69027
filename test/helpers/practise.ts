import { applyEdits, type PracticeLevel, type Project, put, type TrialEntry } from '@/core/model';
import {
  bestMove,
  cellsOf,
  endOf,
  movedEdits,
  readEdits,
  type SheetState,
  sheetEdits,
  startedRound,
  truingOf,
  writeEdits,
} from '@/core/prove';
import { beginPractice, hiddenFaults, practiceGround, practiceReading, practiceTrial } from '@/standins';
import { at, fresh } from './truing';

/** A machine as a practice round of it begins. */
export const practiceOf = (project: Project, seed: number, level: PracticeLevel): Project =>
  beginPractice(project, { id: project.id, name: project.name, seed, level, at: at() });

const sheetIn = (machine: Project, key: string): SheetState =>
  truingOf(machine).sheets.find((s) => s.plan.key === key)!;

/** Reads a sheet off the practice machine. @param times how often each place. */
export function readOff(project: Project, key: string, times = 1): Project {
  const state = sheetIn(project, key);
  const ground = practiceGround(project)!;
  let machine = project;
  let round = startedRound(state, { id: fresh(), at: at(), temperature: 20 });
  for (let k = 0; k < times; k++)
    for (const cell of cellsOf(state.plan, state.method)) {
      const value = practiceReading(ground, round, { plan: state.plan, cell, method: state.method });
      const reading = { place: cell.index, typed: String(value).slice(0, 40), value, at: at() };
      machine = applyEdits(machine, readEdits(machine, round, reading, k > 0));
      round = machine.rounds.at(-1)!;
    }
  return machine;
}

/** Runs a trial off the practice machine. */
export function tryOff(project: Project, key: string): Project {
  const ground = practiceGround(project)!;
  const plan = ground.trials.find((t) => t.key === key)!;
  const stamp = { id: fresh(), at: at() };
  const said = { id: stamp.id, instrument: '', digit: null, limit: null } as const;
  const entries = practiceTrial(ground, plan, said).map((e): TrialEntry => ({
    ...e,
    typed: String(e.value).slice(0, 40),
  }));
  return applyEdits(project, writeEdits(project, key, entries, stamp));
}

/** Names every fault that is hidden, and puts right what a move does not. */
export function nameAll(project: Project): Project {
  const hidden = hiddenFaults(practiceGround(project)!);
  const named = hidden.map(({ fault, axis }) => ({ id: fresh(), fault, axis, at: at(), mended: true }));
  return applyEdits(project, [put('practice', { ...project.practice!, named })]);
}

const FINEST: Readonly<Record<string, string>> = { square: 'square-turned', belt: 'weight', frame: 'dial' };

/** What somebody does who knows the trade: reads everything once, names what is wrong, and trues it up. */
export function practised(start: Project): Project {
  const first = practiceGround(start)!;
  let machine = start;
  for (const { key } of first.sheets) {
    const method = FINEST[key.split(':')[0]!] ?? '';
    machine = applyEdits(machine, sheetEdits(machine, key, { method, limit: 6e-6 }, fresh));
    machine = readOff(machine, key);
  }
  for (const { fault, shown } of hiddenFaults(first)) {
    const trial = first.trials.find((t) => t.key === shown[0]);
    if (trial) machine = tryOff(machine, trial.key);
    if (fault === 'sticky-indicator') machine = readOff(machine, 'frame', 2);
  }
  machine = nameAll(machine);
  for (let i = 0; i < 40; i++) {
    const truing = truingOf(machine);
    const open = truing.sheets.find(
      (s) => s.state === 'stale' || (s.verdict === 'gives-out' && endOf(s, bestMove(truing, s)) === null),
    );
    if (!open) break;
    if (open.state === 'stale') machine = readOff(machine, open.plan.key);
    const state = sheetIn(machine, open.plan.key);
    if (state.verdict === 'gives-out')
      machine = applyEdits(machine, movedEdits(machine, state, { id: fresh(), at: at() }));
  }
  return machine;
}
