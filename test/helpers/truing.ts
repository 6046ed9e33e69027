import { applyEdits, type Project } from '@/core/model';
import { cellsOf, readEdits, type SheetState, startedRound, truingOf } from '@/core/prove';
import { demoMachines } from '@/demo';

export const demos = demoMachines();
const [kayak] = demos as [Project];
/** A machine of which nothing was read. */
export const bare: Project = { ...kayak, sheets: [], rounds: [], happenings: [] };
let stamp = 0;
/** Times one after the other; ids as they come. */
export const at = () => new Date(Date.UTC(2026, 10, 27, 18) + 1000 * stamp++).toISOString();
export const fresh = () => `id-${stamp++}`;

export const sheetIn = (project: Project, key: string): SheetState =>
  truingOf(project).sheets.find((s) => s.plan.key === key)!;

/** A round in which every cell is read by a function of its place. */
export function readAll(
  project: Project,
  key: string,
  read: (cell: number) => number,
  temperature: number | null = 20,
) {
  const state = sheetIn(project, key);
  let round = startedRound(state, { id: fresh(), at: at(), temperature });
  let machine = project;
  for (const { index } of cellsOf(state.plan, state.method)) {
    const value = read(index);
    const reading = { place: index, typed: String(value), value, at: at() };
    machine = applyEdits(machine, readEdits(machine, round, reading, false));
    round = machine.rounds.at(-1)!;
  }
  return machine;
}
