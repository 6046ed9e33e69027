import type { SentEntry } from '@/core/model';
import { dateOfWall, timeOfWall, type Wall, wallOf } from '../calendar';
import type { WorkPlan } from './plan';

/** What is handed out to a calendar: work by its time, a delivery by its day. */
export interface PlannedEntry {
  /** `step frame`, `line bed/motor`. */
  readonly key: string;
  readonly kind: 'step' | 'line';
  readonly id: string;
  /** Of work in wall time; of a delivery the day alone. */
  readonly from: Wall | null;
  readonly to: Wall | null;
  readonly day: string | null;
  readonly sequence: number;
  readonly cancelled: boolean;
}

/** What is handed out now, and what is to be kept of it so that the next time says what has changed. */
export interface HandedOut {
  readonly entries: readonly PlannedEntry[];
  readonly sent: readonly SentEntry[];
}

const stamp = (at: Wall) => `${dateOfWall(at)} ${timeOfWall(at)}`;

/**
 * Entries for a calendar: what was handed out before and has moved gets a higher number, what is dropped is
 * called off. @param freshId for entries that were never handed out.
 */
export function entriesOf(plan: WorkPlan, sent: readonly SentEntry[], freshId: () => string): HandedOut {
  const had = new Map(sent.map((s) => [s.key, s]));
  const work = plan.schedule.dated
    .filter((d) => d.to > d.from)
    .map(({ id, from, to }) => ({ key: `step ${id}`, kind: 'step' as const, id, from, to, day: null }));
  const days = new Map(plan.missing.flatMap((m) => (m.ordered && m.due ? [[m.key, m.due] as const] : [])));
  const lines = [...days].map(([id, day]) => ({
    key: `line ${id}`,
    kind: 'line' as const,
    id,
    from: null,
    to: null,
    day,
  }));
  const now = [...work, ...lines].map(
    (e): PlannedEntry & { start: string; end: string; old: SentEntry | undefined } => {
      const start = e.from === null ? e.day : stamp(e.from);
      const end = e.to === null ? e.day : stamp(e.to);
      const old = had.get(e.key);
      const same = old && old.start === start && old.end === end && !old.cancelled;
      return { ...e, start, end, old, cancelled: false, sequence: old ? old.sequence + (same ? 0 : 1) : 0 };
    },
  );
  const there = new Set(now.map((e) => e.key));
  const dropped = sent.filter((s) => !there.has(s.key));
  const off = dropped.map((s): PlannedEntry => {
    const [kind, id] = [s.key.slice(0, 4) as 'step' | 'line', s.key.slice(5)];
    const whole = !s.start.includes(' ');
    return {
      key: s.key,
      kind,
      id,
      from: whole ? null : wallOfStamp(s.start),
      to: whole ? null : wallOfStamp(s.end),
      day: whole ? s.start : null,
      sequence: s.cancelled ? s.sequence : s.sequence + 1,
      cancelled: true,
    };
  });
  return {
    entries: [...now.map(({ start: _, end: __, old: ___, ...e }) => e), ...off],
    sent: [
      ...now.map(({ key, start, end, sequence, old }) => ({
        id: old?.id ?? freshId(),
        key,
        sequence,
        start,
        end,
        cancelled: false,
      })),
      ...dropped.map((s, i) => ({ ...s, sequence: off[i]!.sequence, cancelled: true })),
    ],
  };
}

/** A moment that was kept as text. */
function wallOfStamp(text: string): Wall {
  const [day, time] = text.split(' ') as [string, string];
  return wallOf(day, time);
}
