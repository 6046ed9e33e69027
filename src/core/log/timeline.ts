import { type HappeningKind, type LogEntry, logKinds, type PartState, type Project } from '@/core/model';

/** What stands on the time line: the builder's entries, and what the other slices date by themselves. */
export const eventKinds = [
  ...logKinds,
  'sheet',
  'trial',
  'step',
  'order',
  'happening',
  'upgrade',
  'plan',
] as const;
export type EventKind = (typeof eventKinds)[number];

/** One thing that happened. Plain data. */
export interface LogEvent {
  /** Tells it from every other of the machine. */
  readonly id: string;
  /** ISO day, with the time where it is known. */
  readonly at: string;
  readonly kind: EventKind;
  /** Id of the axis; empty: the machine. */
  readonly axis: string;
  /** Key of a line of the list of parts; empty: none. */
  readonly part: string;
  /** What it is of: key of a sheet, a trial, a step; else empty. */
  readonly of: string;
  /** What the builder wrote to it, in no words of ours. */
  readonly text: string;
  readonly hours: number | null;
  readonly money: number | null;
  readonly photos: readonly string[];
  /** Readings that were written down. */
  readonly readings: number;
  /** Of what happened to a part. */
  readonly happening: HappeningKind | null;
  /** Of an order: how it stands now. */
  readonly state: PartState | null;
  /** The builder's own entry, which can be changed here. */
  readonly entry: LogEntry | null;
}

const bare = {
  axis: '',
  part: '',
  of: '',
  text: '',
  hours: null,
  money: null,
  photos: [],
  readings: 0,
  happening: null,
  state: null,
  entry: null,
} as const;

/** What has a key of the model belongs to the axis before its stroke: `gantry/rail`. */
const ownerIn = ({ axes }: Project, key: string, said: string) => {
  if (key.startsWith('own:')) return said;
  const first = key.split('/')[0]!;
  return axes.some((a) => a.id === first) ? first : '';
};

/** Keys of sheets and trials name their axis behind a colon: `mesh:bed`. */
const axisIn = (key: string) => key.split(':')[1] ?? '';

const ownEvents = ({ log }: Project): LogEvent[] =>
  log.map((entry) => ({
    ...bare,
    id: `entry:${entry.id}`,
    at: entry.at,
    kind: entry.kind,
    axis: entry.axis,
    part: entry.part,
    text: [entry.title, entry.note].filter(Boolean).join('\n'),
    hours: entry.hours,
    money: entry.money,
    photos: entry.photos,
    entry,
  }));

const roundEvents = ({ rounds }: Project): LogEvent[] =>
  rounds
    .filter((r) => r.readings.length > 0)
    .map((r) => ({
      ...bare,
      id: `round:${r.id}`,
      at: r.at,
      kind: 'sheet',
      axis: axisIn(r.sheet),
      of: r.sheet,
      readings: r.readings.length,
    }));

const trialEvents = ({ trials }: Project): LogEvent[] =>
  trials.map((t) => ({
    ...bare,
    id: `trial:${t.id}`,
    at: t.at,
    kind: 'trial',
    axis: axisIn(t.key),
    of: t.key,
    text: t.note,
    readings: t.entries.length,
  }));

const stepEvents = (project: Project): LogEvent[] =>
  project.steps.flatMap((s) =>
    s.done === null
      ? []
      : [
          {
            ...bare,
            id: `step:${s.id}`,
            at: s.done,
            kind: 'step' as const,
            axis: ownerIn(project, s.key, s.owner),
            of: s.key,
            text: s.note,
            photos: s.photos,
            readings: s.readings.length,
          },
        ],
  );

const partEvents = (project: Project): LogEvent[] =>
  project.partLines.flatMap((l) =>
    l.ordered === null
      ? []
      : [
          {
            ...bare,
            id: `order:${l.id}`,
            at: l.ordered,
            kind: 'order' as const,
            axis: ownerIn(project, l.key, l.owner),
            part: l.key,
            of: l.key,
            text: l.note,
            money: l.paid,
            state: l.state,
          },
        ],
  );

const happeningEvents = ({ happenings }: Project): LogEvent[] =>
  happenings.map((h) => ({
    ...bare,
    id: `happening:${h.id}`,
    at: h.at,
    kind: 'happening',
    axis: axisIn(h.node),
    of: h.node,
    text: h.note,
    happening: h.what,
  }));

const upgradeEvents = ({ upgrades }: Project): LogEvent[] =>
  upgrades
    .filter((u) => u.state === 'done' && u.doneAt)
    .map((u) => ({
      ...bare,
      id: `upgrade:${u.id}`,
      at: u.doneAt,
      kind: 'upgrade',
      axis: u.axis,
      of: u.id,
      text: [u.name, u.note].filter(Boolean).join('\n'),
      hours: u.minutes === null ? null : Math.round(u.minutes / 6) / 10,
      money: u.money,
      readings: Number(u.before !== null) + Number(u.after !== null),
    }));

const planEvents = ({ revisions }: Project): LogEvent[] =>
  revisions.map((r) => ({
    ...bare,
    id: `plan:${r.id}`,
    at: r.at,
    kind: 'plan',
    of: r.id,
    text: [r.name, r.note].filter(Boolean).join('\n'),
  }));

/** Everything that the document dates, the newest first; what falls on one moment stays in its order. */
export const timelineOf = (project: Project): readonly LogEvent[] =>
  [
    ...ownEvents(project),
    ...roundEvents(project),
    ...trialEvents(project),
    ...stepEvents(project),
    ...partEvents(project),
    ...happeningEvents(project),
    ...upgradeEvents(project),
    ...planEvents(project),
  ].sort((a, b) => b.at.localeCompare(a.at));

/** Which events are looked for; what is empty or left out asks nothing. */
export interface EventFilter {
  readonly kinds?: ReadonlySet<EventKind>;
  /** Id of an axis. */
  readonly axis?: string;
  /** Key of a part. */
  readonly part?: string;
  /** Words that all stand in it, in any order and case. */
  readonly words?: string;
}

/** @param textOf all that is said of an event, in the words of the sheet. */
export function filtered(
  events: readonly LogEvent[],
  { kinds, axis, part, words = '' }: EventFilter,
  textOf: (event: LogEvent) => string,
): readonly LogEvent[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return events.filter((e) => {
    if (kinds?.size && !kinds.has(e.kind)) return false;
    if (axis && e.axis !== axis) return false;
    if (part && e.part !== part) return false;
    if (!wanted.length) return true;
    const text = textOf(e).toLowerCase();
    return wanted.every((w) => text.includes(w));
  });
}

/** What events come to. */
export interface LogSums {
  readonly hours: number;
  readonly money: number;
  readonly readings: number;
  readonly photos: number;
}

export const sumsOf = (events: readonly LogEvent[]): LogSums =>
  events.reduce<LogSums>(
    (sum, e) => ({
      hours: sum.hours + (e.hours ?? 0),
      money: sum.money + (e.money ?? 0),
      readings: sum.readings + e.readings,
      photos: sum.photos + e.photos.length,
    }),
    { hours: 0, money: 0, readings: 0, photos: 0 },
  );

/** Events of one month: `2026-11`. */
export interface LogMonth {
  readonly month: string;
  readonly events: readonly LogEvent[];
}

/** Events by month, in the order in which they come. */
export function byMonth(events: readonly LogEvent[]): readonly LogMonth[] {
  const months = new Map<string, LogEvent[]>();
  for (const e of events) {
    const month = e.at.slice(0, 7);
    const list = months.get(month);
    if (list) list.push(e);
    else months.set(month, [e]);
  }
  return [...months].map(([month, list]) => ({ month, events: list }));
}
