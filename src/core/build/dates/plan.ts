import type { Project } from '@/core/model';
import type { Assembly, WorkStep } from '../assembly';
import {
  DAY,
  type Dated,
  OpenTime,
  type Schedule,
  scheduleOf,
  type Task,
  type Wall,
  wallOf,
  type Zone,
} from '../calendar';
import { dayOf, daysOn } from '../days';
import type { ListLine } from '../list';
import type { SectionPlan } from '../sawing';
import { type CutOf, type Missing, missingFor } from './step-parts';

/** How work, waits and deliveries lie in the builder's own time. */
export interface WorkPlan {
  readonly schedule: Schedule;
  /** What open steps wait for. */
  readonly missing: readonly Missing[];
  /** When the machine moves for the first time; undefined: not within sight. */
  readonly firstMotion: Wall | undefined;
  /** Lines that are waited for and of which no day is known: the dates are the earliest then. */
  readonly undue: number;
  /** By how many days a delivery may be late without moving the end; below nought it moves it already. */
  readonly slack: ReadonlyMap<string, number>;
  /** Work that is left, minutes. */
  readonly left: number;
}

/** What a plan is worked out from besides the assembly. */
export interface DatesInput {
  readonly project: Project;
  readonly lines: readonly ListLine[];
  readonly plans: readonly SectionPlan[];
  readonly now: Wall;
  readonly today: string;
  readonly zone: Zone;
}

/** A cure at 20 °C takes twice as long for every 10 degrees less; common practice, no source. */
export const cureFactor = (celsius: number): number => 2 ** ((20 - celsius) / 10);

/** The day on which a line could be here that nobody has ordered: by the quickest quote. */
export const soonestDay =
  (today: string) =>
  ({ quotes }: ListLine): string | null => {
    const days = quotes.flatMap((q) => q.days ?? []);
    return days.length ? daysOn(today, Math.min(...days)) : null;
  };

/** Which pieces are cut. */
export function cutBy(plans: readonly SectionPlan[]): CutOf {
  const cut = new Set(plans.flatMap((p) => [...p.cut.keys()]));
  const keys = new Map<string, number>();
  for (const id of cut) {
    const key = id.slice(0, id.lastIndexOf('#'));
    keys.set(key, (keys.get(key) ?? 0) + 1);
  }
  return (key, count) => (keys.get(key) ?? 0) >= count;
}

/** What every open step waits for. */
export const missingOf = (assembly: Assembly, { lines, plans, today }: DatesInput): readonly Missing[] => {
  const given = { cut: cutBy(plans), soonest: soonestDay(today) };
  return assembly.steps.filter((s) => s.state !== 'done').flatMap((s) => missingFor(s, lines, given));
};

/** When the parts of a step are here; what is overdue comes tomorrow at the earliest. */
function readyFor(missing: readonly Missing[], today: string): Wall | null {
  const due = missing.flatMap((m) =>
    m.due ? [Math.max(dayOf(m.due), m.ordered ? dayOf(today) + 1 : 0)] : [],
  );
  // It comes in the course of the day: work with it begins the day it is here.
  return due.length ? Math.max(...due) * DAY : null;
}

/** Minutes of wait after a step: what cures takes longer in the cold, what the builder typed stands. */
const waitOf = ({ wait, said }: WorkStep, celsius: number): number =>
  Math.round(wait * 60 * (said?.wait == null ? cureFactor(celsius) : 1));

/** Work as tasks: open steps, and parts that come off and go on again between them. */
export function tasksOf(
  assembly: Assembly,
  missing: readonly Missing[],
  project: Project,
  today: string,
): Task[] {
  const { steps, ordering } = assembly;
  const open = steps.filter((s) => s.state !== 'done');
  const place = new Map(ordering.turns.flatMap((t, i) => (t.kind === 'do' ? [[t.id, i] as const] : [])));
  const plain = open.map((s): Task => ({
    id: s.id,
    work: s.work,
    wait: waitOf(s, project.calendar.workshop),
    needs: [...(ordering.before.get(s.id) ?? s.needs)],
    ready: readyFor(
      missing.filter((m) => m.step === s.id),
      today,
    ),
    whole: s.whole,
  }));
  // A part that comes off for a while: after all that came before, and before all that comes after.
  const again = ordering.turns.flatMap((turn, i): Task[] => {
    if (turn.kind === 'do') return [];
    const before = ordering.turns.slice(0, i).filter((t) => t.kind === 'do');
    const step = steps.find((s) => s.id === turn.id);
    const needs = [...before.map((t) => t.id), ...(turn.kind === 'again' ? [`off ${turn.id}`] : [])];
    const work = Math.round((step?.work ?? 0) / 2);
    return [{ id: `${turn.kind} ${turn.id}`, work, wait: 0, needs, ready: null, whole: false }];
  });
  return [...plain, ...again].map((t) => {
    const at = place.get(t.id);
    if (at === undefined) return t;
    const turns = ordering.turns.slice(0, at).filter((x) => x.kind !== 'do');
    return { ...t, needs: [...t.needs, ...turns.map((x) => `${x.kind} ${x.id}`)] };
  });
}

/** By how many days each delivery may be late. */
function slackOf(missing: readonly Missing[], dated: ReadonlyMap<string, Dated>): Map<string, number> {
  const slack = new Map<string, number>();
  for (const { key, step, due } of missing) {
    const latest = dated.get(step)?.latest;
    if (!due || latest === undefined) continue;
    const days = Math.floor(latest / DAY) - dayOf(due);
    slack.set(key, Math.min(slack.get(key) ?? Infinity, days));
  }
  return slack;
}

/** Dates for all that is left to do. */
export function workPlan(assembly: Assembly, input: DatesInput): WorkPlan {
  const { project, now, today, zone } = input;
  const { calendar, workTimes, otherDays } = project;
  const start = calendar.start ? Math.max(now, wallOf(calendar.start)) : now;
  const missing = missingOf(assembly, input);
  const tasks = assembly.ordering.conflict ? [] : tasksOf(assembly, missing, project, today);
  const open = new OpenTime(start, workTimes, otherDays);
  const schedule = scheduleOf(tasks, open, start, { hands: calendar.hands, zone });
  const dated = new Map(schedule.dated.map((d) => [d.id, d]));
  return {
    schedule,
    missing,
    firstMotion: dated.get('first-motion')?.to,
    undue: new Set(missing.filter((m) => m.due === null).map((m) => m.key)).size,
    slack: slackOf(missing, dated),
    left: tasks.reduce((sum, t) => sum + t.work, 0),
  };
}

/** What has moved between two plans: steps that are in both, by how many minutes of the wall's clock. */
export function movedBetween(
  before: Schedule,
  after: Schedule,
): readonly { readonly id: string; readonly by: number }[] {
  const was = new Map(before.dated.map((d) => [d.id, d.from]));
  return after.dated.flatMap(({ id, from }) => {
    const by = from - (was.get(id) ?? from);
    return by ? [{ id, by }] : [];
  });
}
