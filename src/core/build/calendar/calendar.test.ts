import { describe, expect, it } from 'vitest';
import { chance, type Chance, SEED, WIDE } from '@test/helpers/chance';
import {
  DAY,
  dateOfWall,
  OpenTime,
  type Schedule,
  scheduleOf,
  steadyZone,
  type Task,
  timeOfWall,
  type Wall,
  wallOf,
  type Zone,
} from '.';

const MONDAY = '2026-11-30';
const start = wallOf(MONDAY);
const week = (days: readonly number[], from: string, to: string) =>
  days.map((day) => ({ id: `d${day}`, day, from, to }));
const evenings = week([1, 2, 3, 4, 5], '19:00', '21:30');
const task = (id: string, work: number, more: Partial<Task> = {}): Task => ({
  id,
  work,
  wait: 0,
  needs: [],
  ready: null,
  whole: false,
  ...more,
});
const told = (at: Wall | undefined) => (at === undefined ? '' : `${dateOfWall(at)} ${timeOfWall(at)}`);

/**
 * A second scheduler, minute by minute: it knows open minutes as a list of yes and no, and walks.
 * @param rank what is taken first with one pair of hands.
 */
function walked(
  tasks: readonly Task[],
  open: (minute: number) => boolean,
  from: Wall,
  hands: 'one' | 'many',
  rank: (id: string) => number,
  most: number,
): ReadonlyMap<string, { from: Wall; to: Wall; done: Wall }> {
  const state = new Map(tasks.map((t) => [t.id, { left: t.work, from: -1, to: -1, done: -1 }]));
  const stretch = (minute: number) => {
    let n = 0;
    while (open(minute + n)) n++;
    return n;
  };
  let busy: string | undefined;
  for (let m = from; m < from + most; m++) {
    const ready = (t: Task) =>
      (t.ready ?? from) <= m &&
      t.needs.every((n) => !state.has(n) || (state.get(n)!.done >= 0 && state.get(n)!.done <= m));
    // What takes no time is over as soon as it can be: several of them at one minute.
    for (let again = true; again;) {
      again = false;
      for (const t of tasks) {
        const s = state.get(t.id)!;
        if (t.work === 0 && s.from < 0 && ready(t)) {
          Object.assign(s, { from: m, to: m, done: m + t.wait });
          again = true;
        }
      }
    }
    if (!open(m)) continue;
    const can = tasks.filter((t) => {
      const s = state.get(t.id)!;
      if (t.work === 0 || s.to >= 0) return false;
      if (s.from >= 0) return true;
      return ready(t) && (!t.whole || stretch(m) >= t.work);
    });
    const chosen =
      hands === 'many' ? can : can.filter((t) => t.id === (busy ?? best(can, rank)?.id)).slice(0, 1);
    for (const t of chosen) {
      const s = state.get(t.id)!;
      if (s.from < 0) s.from = m;
      busy = t.id;
      if (--s.left === 0) {
        Object.assign(s, { to: m + 1, done: m + 1 + t.wait });
        busy = undefined;
      }
    }
  }
  return state;
}
const best = (list: readonly Task[], rank: (id: string) => number) =>
  [...list].sort((a, b) => rank(a.id) - rank(b.id))[0];

function randomWork(c: Chance): { tasks: Task[]; open: OpenTime; isOpen: (m: number) => boolean } {
  const ids = Array.from({ length: 2 + c.below(6) }, (_, i) => `t${i}`);
  const tasks = ids.map((id, i) =>
    task(id, c.below(5) === 0 ? 0 : 10 + c.below(200), {
      wait: c.below(3) === 0 ? c.below(2000) : 0,
      needs: ids.slice(0, i).filter(() => c.next() < 0.35),
      ready: c.below(4) === 0 ? start + c.below(4 * DAY) : null,
      whole: c.below(4) === 0,
    }),
  );
  const times = Array.from({ length: 3 + c.below(5) }, (_, i) => {
    const from = c.below(1380);
    return {
      id: `w${i}`,
      day: 1 + c.below(7),
      from: timeOfWall(from),
      to: timeOfWall(Math.min(1439, from + 20 + c.below(300))),
    };
  });
  const open = new OpenTime(start, times, [], 60);
  const minutes = new Uint8Array(61 * DAY);
  // Which minutes are open is asked of the days themselves, not of the code under test.
  for (let d = 0; d < 60; d++)
    for (const t of times.filter((x) => x.day === ((d + 0) % 7) + 1))
      for (let m = wallOf('1970-01-01', t.from); m < wallOf('1970-01-01', t.to); m++)
        minutes[d * DAY + m] = 1;
  return { tasks, open, isOpen: (m) => minutes[m - start] === 1 };
}

const plain = (s: Schedule) => new Map(s.dated.map((d) => [d.id, [d.from, d.to, d.done]]));

describe('dates for work', () => {
  it.each(['many', 'one'] as const)('%s at a time: as a walk through every minute finds them', (hands) => {
    const c = chance(SEED + (hands === 'one' ? 1 : 0));
    for (let n = 0; n < 40 * WIDE; n++) {
      const { tasks, open, isOpen } = randomWork(c);
      const found = scheduleOf(tasks, open, start, { hands, zone: steadyZone });
      // With one pair of hands the one is first that has the least time to spare with hands for all.
      const spare = scheduleOf(tasks, open, start, { hands: 'many', zone: steadyZone });
      const latest = new Map(spare.dated.map((d) => [d.id, d.latest ?? 0]));
      const rank = (id: string) => (latest.get(id) ?? 0) + tasks.findIndex((t) => t.id === id) * 1e-6;
      const wanted = walked(tasks, isOpen, start, hands, rank, 55 * DAY);
      for (const [id, dates] of plain(found)) {
        const w = wanted.get(id)!;
        if (w.to >= 0) expect([id, ...dates]).toEqual([id, w.from, w.to, w.done]);
      }
      for (const { id } of found.undated) expect(wanted.get(id)!.to).toBe(-1);
    }
  });
  it('what can wait can wait just so long: a minute more moves the end', () => {
    const c = chance(SEED + 2);
    let seen = 0;
    for (let n = 0; n < 60 * WIDE; n++) {
      const { tasks, open } = randomWork(c);
      const at = (list: readonly Task[]) =>
        scheduleOf(list, open, start, { hands: 'many', zone: steadyZone });
      const found = at(tasks);
      if (found.undated.length) continue;
      const held = (id: string, from: Wall) => tasks.map((t) => (t.id === id ? { ...t, ready: from } : t));
      for (const d of found.dated) {
        const t = tasks.find((x) => x.id === d.id)!;
        if (!t.work) continue;
        expect(at(held(d.id, d.latest!)).end).toBe(found.end);
        expect(at(held(d.id, d.latest! + 1)).end ?? Infinity).toBeGreaterThan(found.end!);
        seen++;
      }
    }
    expect(seen).toBeGreaterThan(50);
  });
  it('evenings: paint dries over night, a piece that cannot be left waits for a stretch', () => {
    const open = new OpenTime(start, evenings, []);
    const plan = scheduleOf(
      [
        task('paint', 60, { wait: 16 * 60 }),
        task('hang', 120, { needs: ['paint'], whole: true }),
        task('rail', 60, { needs: ['hang'] }),
      ],
      open,
      start,
      { hands: 'one', zone: steadyZone },
    );
    expect(plan.dated.map((d) => `${d.id} ${told(d.from)}`)).toEqual([
      'paint 2026-11-30 19:00',
      'hang 2026-12-01 19:00',
      'rail 2026-12-01 21:00',
    ]);
    expect(told(plan.end)).toBe('2026-12-02 19:30');
    // Painted by half past nine it is dry the next evening all the same.
    expect(plan.dated.map((d) => d.float)).toEqual([90, 0, 0]);
  });
  it('no stretch, no time, and what waits for either: said, and nothing is shifted silently', () => {
    const open = new OpenTime(start, evenings, [], 30);
    const plan = scheduleOf(
      [
        task('pour', 300, { whole: true }),
        task('after', 10, { needs: ['pour'] }),
        task('long', 100_000),
        task('fine', 30),
      ],
      open,
      start,
      { hands: 'many', zone: steadyZone },
    );
    expect(plan.undated).toEqual([
      { id: 'pour', why: 'no-stretch' },
      { id: 'after', why: 'waits' },
      { id: 'long', why: 'no-time' },
    ]);
    expect(plan.dated.map((d) => d.id)).toEqual(['fine']);
  });
  it('a day that is otherwise goes before the week; stretches that touch are one', () => {
    const others = [
      { id: 'a', date: '2026-12-01', from: '', to: '' },
      { id: 'b', date: '2026-12-02', from: '08:00', to: '10:00' },
      { id: 'c', date: '2026-12-02', from: '10:00', to: '12:30' },
    ];
    const open = new OpenTime(start, evenings, others);
    expect(told(open.fit(wallOf('2026-12-01'), 240, true)?.from)).toBe('2026-12-02 08:00');
    expect(open.count(wallOf('2026-12-03')) - open.count(wallOf('2026-12-01'))).toBe(270);
  });
  it('paint dries by real hours when the clocks are changed', () => {
    // From 2026-03-29 02:00 on the clocks of Berlin show an hour more.
    const change = wallOf('2026-03-29', '02:00');
    const zone: Zone = {
      real: (m) => (m < change ? m : m - 60),
      wall: (r) => (r < change ? r : r + 60),
    };
    const night = wallOf('2026-03-28', '20:00');
    const open = new OpenTime(night, week([1, 2, 3, 4, 5, 6, 7], '00:00', '24:00'), []);
    const tasks = [task('paint', 60, { wait: 12 * 60 }), task('next', 60, { needs: ['paint'] })];
    const at = (z: Zone) => told(scheduleOf(tasks, open, night, { hands: 'one', zone: z }).dated[1]!.from);
    expect(at(steadyZone)).toBe('2026-03-29 09:00');
    expect(at(zone)).toBe('2026-03-29 10:00');
  });
  it('500 steps in 2000 needs end', () => {
    const c = chance(SEED + 3);
    const tasks = Array.from({ length: 500 }, (_, i) =>
      task(`t${i}`, 10 + c.below(100), {
        needs: i ? Array.from({ length: 4 }, () => `t${c.below(i)}`) : [],
      }),
    );
    const plan = scheduleOf(tasks, new OpenTime(start, evenings, []), start, {
      hands: 'one',
      zone: steadyZone,
    });
    expect(plan.dated).toHaveLength(500);
  });
});
