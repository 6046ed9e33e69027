import { describe, expect, it } from 'vitest';
import {
  arrangements,
  choiceCodes,
  type LogEntry,
  PROGRAM_TYPE,
  type Project,
  readLog,
  startingEntry,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { chance, SEED } from '@test/helpers/chance';
import { machineOf } from '@test/helpers/true-up';
import {
  byMonth,
  choicesOf,
  densityOf,
  filesOf,
  filtered,
  type LogEvent,
  lessonsAgain,
  lessonsOf,
  logFindings,
  sumsOf,
  timelineOf,
} from '.';

const [kayak, gate, scenery] = demoMachines() as [Project, Project, Project];
const regret = (id: string, code: 'coupling' | 'drive', value: string, more: Partial<LogEntry> = {}) => ({
  ...startingEntry(id, '2026-11-01T10:00:00.000Z', 'regret' as const),
  title: `about ${value}`,
  choice: { code, value },
  ...more,
});
const logged = (project: Project, ...log: LogEntry[]): Project => ({ ...project, log });

describe('the time line', () => {
  it.each(demoMachines().map((m) => [m.name, m] as const))(
    '%s: tells everything that has a date, each once, the newest first',
    (_name, machine) => {
      const events = timelineOf(machine);
      expect(new Set(events.map((e) => e.id)).size).toBe(events.length);
      expect(events.map((e) => e.at)).toEqual(events.map((e) => e.at).sort((a, b) => b.localeCompare(a)));
      const counted =
        machine.log.length +
        machine.rounds.filter((r) => r.readings.length).length +
        machine.trials.length +
        machine.steps.filter((s) => s.done).length +
        machine.partLines.filter((l) => l.ordered).length +
        machine.happenings.length +
        machine.upgrades.filter((u) => u.state === 'done').length +
        machine.revisions.length;
      expect(events).toHaveLength(counted);
      const axes = new Set(['', ...machine.axes.map((a) => a.id)]);
      expect(events.filter((e) => !axes.has(e.axis))).toEqual([]);
    },
  );
  it('what the model has belongs to the axis that its key names, the builder’s own to whom it says', () => {
    const own = { ...kayak.steps[0]!, id: 's', key: 'own:x', owner: 'gantry', done: '2026-11-02' };
    const events = timelineOf({ ...kayak, steps: [...kayak.steps, own] });
    expect(events.find((e) => e.of === 'bed/rail-a')!.axis).toBe('bed');
    expect(events.find((e) => e.of === 'paint')!.axis).toBe('');
    expect(events.find((e) => e.id === 'step:s')!.axis).toBe('gantry');
  });
  it('is looked through by kind, axis, part and all words, in any order and case', () => {
    const events = timelineOf(kayak);
    const ids = (filter: Parameters<typeof filtered>[1]) =>
      filtered(events, filter, (e) => e.text).map((e) => e.id);
    expect(ids({})).toHaveLength(events.length);
    expect(ids({ words: '  SPIDER the ' })).toEqual(['entry:tern-log-5']);
    expect(ids({ words: 'spider belt' })).toEqual([]);
    expect(ids({ kinds: new Set(['regret', 'lesson']) })).toHaveLength(2);
    expect(ids({ axis: 'plunge', kinds: new Set(['regret', 'lesson']) })).toHaveLength(1);
    expect(ids({ part: 'plunge/ball-screw' })).toEqual(['entry:tern-log-4']);
  });
  it('sums hours, money, readings and photos of what is shown', () => {
    const log = [
      { ...startingEntry('a', '2026-01-01T00:00:00.000Z', 'work'), hours: 1.5, photos: ['x', 'y'] },
      { ...startingEntry('b', '2026-02-01T00:00:00.000Z', 'expense'), money: 20 },
    ];
    const bare = {
      ...kayak,
      rounds: [],
      trials: [],
      steps: [],
      partLines: [],
      happenings: [],
      upgrades: [],
      revisions: [],
      log,
    };
    expect(sumsOf(timelineOf(bare))).toEqual({ hours: 1.5, money: 20, readings: 0, photos: 2 });
    expect(byMonth(timelineOf(bare)).map((m) => m.month)).toEqual(['2026-02', '2026-01']);
    const { readings } = sumsOf(timelineOf(kayak));
    const counted = [...kayak.rounds.map((r) => r.readings), ...kayak.trials.map((t) => t.entries)];
    expect(readings).toBe(
      counted.flat().length +
        kayak.steps.reduce((s, x) => s + (x.done ? x.readings.length : 0), 0) +
        kayak.upgrades.reduce((s, u) => s + Number(u.before !== null) + Number(u.after !== null), 0),
    );
  });
});

describe('how much happened when', () => {
  const dice = chance(SEED + 5);
  const event = (at: string): LogEvent => ({ ...timelineOf(kayak)[0]!, id: at, at, kind: 'trial' });
  const on = (days: number) => event(new Date(Date.UTC(2020, 1, 27) + days * 86_400_000).toISOString());
  it('nothing is nothing; a day is one stretch', () => {
    expect(densityOf([]).stretches).toEqual([]);
    expect(densityOf([on(0), on(0)])).toMatchObject({
      days: 1,
      stretches: [{ from: '2020-02-27', read: 2 }],
    });
  });
  it('stretches grow with the span, so that there are never more than sixty for sixty years', () => {
    for (const span of [1, 59, 60, 400, 1700, 6000, 21_000]) {
      const events = [
        on(0),
        on(span),
        ...Array.from({ length: 50 }, () => on(Math.floor(dice.next() * span))),
      ];
      const { stretches } = densityOf(events);
      expect(stretches.length).toBeLessThanOrEqual(60);
      expect(stretches.reduce((s, x) => s + x.made + x.read + x.wrote + x.regretted, 0)).toBe(events.length);
    }
  });
  it('leap days and summer time shift none: stretches begin an even number of days apart', () => {
    const { days, stretches } = densityOf([on(0), on(300)]);
    const steps = stretches.slice(1).map((s, i) => Date.parse(s.from) - Date.parse(stretches[i]!.from));
    expect(days).toBe(7);
    expect(new Set(steps)).toEqual(new Set([7 * 86_400_000]));
  });
});

describe('lessons', () => {
  it.each(arrangements)('%s: every choice has a code, and no axis has one twice', (arrangement) => {
    const choices = choicesOf(machineOf(arrangement));
    const keys = choices.map((c) => `${c.axis} ${c.code}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(choices.every((c) => choiceCodes.includes(c.code) && c.value.length <= 60)).toBe(true);
  });
  it('come back where the same is chosen in another machine, with the axes that choose it', () => {
    const lessons = lessonsOf(
      logged(scenery, regret('r', 'coupling', 'jaw'), regret('s', 'coupling', 'oldham')),
    );
    const again = lessonsAgain(kayak, lessons);
    expect(again.map((a) => [a.lesson.entry.id, a.axes])).toEqual([['r', ['plunge']]]);
    expect(lessonsAgain(gate, lessons)).toEqual([]);
  });
  it('are told once, and never of the machine itself or its copies', () => {
    const entry = regret('r', 'coupling', 'jaw');
    const own = logged(kayak, entry);
    expect(lessonsAgain(own, lessonsOf(own))).toEqual([]);
    expect(lessonsAgain({ ...own, id: 'copy' }, lessonsOf(own))).toEqual([]);
    const twice = [...lessonsOf(logged(scenery, entry)), ...lessonsOf(logged(gate, entry))];
    expect(lessonsAgain(logged(kayak), twice)).toHaveLength(1);
  });
  it('only a regret is a finding, thin at most; what is about no choice comes back nowhere', () => {
    const good = { ...regret('g', 'coupling', 'jaw'), kind: 'lesson' as const };
    const vague = { ...regret('v', 'coupling', 'jaw'), choice: null };
    const lessons = lessonsOf(logged(scenery, regret('r', 'coupling', 'jaw'), good, vague));
    expect(lessons).toHaveLength(2);
    const findings = logFindings(lessonsAgain(logged(kayak), lessons));
    expect(findings.map((f) => [f.code, f.verdict, f.about])).toEqual([['lesson-again', 'thin', 'r']]);
  });
  it('the demos teach one another: a deep groove bearing that Wayside regretted', () => {
    const again = lessonsAgain(kayak, demoMachines().flatMap(lessonsOf));
    expect(again.find((a) => a.lesson.entry.kind === 'regret')).toMatchObject({ axes: ['plunge'] });
  });
  it('a stored log that is none, or holds what is none, gives what is sound in it', () => {
    expect(readLog(undefined)).toEqual([]);
    expect(readLog({})).toEqual([]);
    const sound = startingEntry('a', '2026-01-01T00:00:00.000Z', 'note');
    expect(readLog([sound, { ...sound, kind: 'gossip' }, null, { ...sound, hours: -1 }])).toEqual([sound]);
  });
});

describe('what lies with a machine', () => {
  it('stands by its kind, programs first, with the events that show it', () => {
    const file = (id: string, type: string) => ({ id, name: id, type, bytes: 1, hash: id });
    const files = [
      file('p', 'image/jpeg'),
      file('t', 'text/csv'),
      file('n', PROGRAM_TYPE),
      file('q', 'image/png'),
    ];
    const machine = logged(kayak, regret('one', 'drive', 'rack', { photos: ['p'] }));
    const lying = filesOf(files, timelineOf(machine));
    expect(lying.map((f) => `${f.kind} ${f.file.id}`)).toEqual([
      'program n',
      'photo p',
      'photo q',
      'other t',
    ]);
    expect(lying.map((f) => f.shownBy.map((e) => e.entry?.id))).toEqual([[], ['one'], [], []]);
  });
});
