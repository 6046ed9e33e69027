import { dateOfWall } from '@/core/build';
import type { EventKind, LogEvent } from './timeline';

/** What the time line is drawn by: what was made, what was read, what was written, what was regretted. */
export const logLanes = ['made', 'read', 'wrote', 'regretted'] as const;
export type LogLane = (typeof logLanes)[number];

const laneOf: Readonly<Record<EventKind, LogLane>> = {
  note: 'wrote',
  work: 'made',
  part: 'made',
  expense: 'wrote',
  reading: 'read',
  regret: 'regretted',
  lesson: 'wrote',
  sheet: 'read',
  trial: 'read',
  step: 'made',
  order: 'made',
  happening: 'made',
  upgrade: 'made',
  plan: 'wrote',
};

/** Events of one stretch of time, by lane. */
export interface LogStretch extends Readonly<Record<LogLane, number>> {
  /** ISO day on which it begins. */
  readonly from: string;
}

const MINUTE = 60_000;
const DAY = 1440 * MINUTE;
/** Longer than so many stretches no chart can be read: the stretch then grows. */
const MOST = 60;
const lengths = [1, 7, 28, 91, 364] as const;

/**
 * Events counted over even stretches of days, the oldest first, empty ones too.
 * @returns days of one stretch with the counts; none where nothing happened.
 */
export function densityOf(events: readonly LogEvent[]): {
  readonly days: number;
  readonly stretches: readonly LogStretch[];
} {
  const times = events.map((e) => Date.parse(e.at.slice(0, 10))).filter(Number.isFinite);
  if (!times.length) return { days: 1, stretches: [] };
  const first = times.reduce((a, b) => Math.min(a, b));
  const last = times.reduce((a, b) => Math.max(a, b));
  const whole = (last - first) / DAY + 1;
  const days = lengths.find((n) => whole / n <= MOST) ?? lengths.at(-1)!;
  const count = Math.ceil(whole / days);
  const stretches = Array.from({ length: count }, (_, i) => ({
    from: dateOfWall((first + i * days * DAY) / MINUTE),
    made: 0,
    read: 0,
    wrote: 0,
    regretted: 0,
  }));
  for (const e of events) {
    const at = Date.parse(e.at.slice(0, 10));
    if (!Number.isFinite(at)) continue;
    stretches[Math.floor((at - first) / DAY / days)]![laneOf[e.kind]]++;
  }
  return { days, stretches };
}
