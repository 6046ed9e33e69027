import type { Assembly, WorkStep } from '../assembly';
import { DAY, OpenTime, type Span, type Wall } from '../calendar';
import type { DatesInput, WorkPlan } from './plan';
import type { Missing } from './step-parts';

/** Something that can be done in the next stretch of time. */
export interface Doable {
  readonly step: string;
  /** All of it fits into the stretch; else it can be begun and left. */
  readonly fits: boolean;
  readonly startsWait: boolean;
  readonly critical: boolean;
  /** Steps whose parts come off for a while before it. */
  readonly offFirst: readonly string[];
}

/** What can be done next with what is here. */
export interface Tonight {
  /** The stretch of time: the one that runs, or the next; undefined: none in sight. */
  readonly span: Span | undefined;
  /** Whether it lies on the day that is. */
  readonly today: boolean;
  readonly doable: readonly Doable[];
  /** Steps whose turn it is but whose parts are not here. */
  readonly waiting: readonly { readonly step: string; readonly missing: readonly Missing[] }[];
}

/** Steps whose turn it is: all that comes before them is done. */
const nextSteps = ({ steps, ordering }: Assembly): readonly WorkStep[] => {
  const open = new Set(steps.filter((s) => s.state !== 'done').map((s) => s.id));
  return steps.filter(
    (s) => open.has(s.id) && !(ordering.before.get(s.id) ?? s.needs).some((n) => open.has(n)),
  );
};

/** Steps whose parts are on and must be off when a step is done. */
function offBefore({ ordering, steps }: Assembly, step: string): readonly string[] {
  const off = new Set<string>();
  const done = new Set(steps.filter((s) => s.state === 'done').map((s) => s.id));
  for (const { kind, id } of ordering.turns) {
    if (kind === 'off' && done.has(id)) off.add(id);
    if (kind === 'again') off.delete(id);
    if (kind === 'do' && id === step) break;
  }
  return [...off];
}

/**
 * What can be done in the next stretch of time: its turn, its parts here, and it fits or can be left. First
 * what starts a wait, then what has least time to spare, then what is done at the same place as the first.
 */
export function tonightOf(assembly: Assembly, plan: WorkPlan, { project, now }: DatesInput): Tonight {
  const open = new OpenTime(now, project.workTimes, project.otherDays, 60);
  const [span] = open.spans;
  const none: Tonight = { span, today: false, doable: [], waiting: [] };
  if (!span || assembly.ordering.conflict) return none;
  const time = span.to - span.from;
  const dated = new Map(plan.schedule.dated.map((d) => [d.id, d]));
  const missing = (s: WorkStep) => plan.missing.filter((m) => m.step === s.id);
  const turn = nextSteps(assembly);
  const able = turn.filter((s) => !missing(s).length && (s.work <= time || !s.whole));
  const float = (s: WorkStep) => dated.get(s.id)?.float ?? Infinity;
  const first = [...able].sort((a, b) => Number(b.wait > 0) - Number(a.wait > 0) || float(a) - float(b))[0];
  const near = (s: WorkStep) => Number(s.owner === first?.owner && s.place === first.place);
  const sorted = [...able].sort(
    (a, b) => Number(b.wait > 0) - Number(a.wait > 0) || float(a) - float(b) || near(b) - near(a),
  );
  return {
    span,
    today: sameDay(span.from, now),
    doable: sorted.map((s) => ({
      step: s.id,
      fits: s.work <= time,
      startsWait: s.wait > 0,
      critical: dated.get(s.id)?.critical ?? false,
      offFirst: offBefore(assembly, s.id),
    })),
    waiting: turn.flatMap((s) => (missing(s).length ? [{ step: s.id, missing: missing(s) }] : [])),
  };
}

const sameDay = (a: Wall, b: Wall) => Math.floor(a / DAY) === Math.floor(b / DAY);
