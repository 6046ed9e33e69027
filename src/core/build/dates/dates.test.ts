import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, type Project, put, startingLine } from '@/core/model';
import { kayak } from '@test/helpers/machines';
import { dateOfWall, steadyZone, wallOf } from '../calendar';
import { geometryOf } from '../assembly';
import { buildContext, type WorkContext, workOf } from '../report';
import { cureFactor, entriesOf, movedBetween } from '.';

const today = '2026-11-27';
const geometry = geometryOf(kayak);
const reports = machineReport(kayak, { remedies: false }).axes;
const at = (project: Project, time = '18:00'): WorkContext =>
  workOf(buildContext(project, reports, today), { now: wallOf(today, time), zone: steadyZone }, geometry);
const bare: Project = { ...kayak, steps: [], covers: [], partLines: [], quotes: [], bars: [], begunBars: [] };
const ordered = (due: string) => [
  { ...startingLine('m', 'gantry/motor'), state: 'ordered' as const, count: 1, due },
];

describe('work in the builder’s time', () => {
  it('nothing begins before its parts are here, and the slack is what a delivery may be late', () => {
    const soon = at({ ...bare, partLines: ordered('2026-12-01') });
    const dated = (w: WorkContext) => w.plan.schedule.dated.find((d) => d.id === 'gantry/motor')!;
    expect(dateOfWall(dated(soon).from) >= '2026-12-01').toBe(true);
    const slack = soon.plan.slack.get('gantry/motor')!;
    expect(slack).toBeGreaterThan(0);
    const late = at({ ...bare, partLines: ordered('2027-03-01') });
    expect(late.plan.slack.get('gantry/motor')).toBeLessThanOrEqual(0);
    expect(late.plan.schedule.end!).toBeGreaterThan(soon.plan.schedule.end!);
    expect(movedBetween(soon.plan.schedule, late.plan.schedule).map((m) => m.id)).toContain('gantry/motor');
    expect(movedBetween(soon.plan.schedule, soon.plan.schedule)).toEqual([]);
  });
  it('lines of which no day is known make the dates the earliest, and are counted', () => {
    const all = at(bare).plan;
    expect(all.undue).toBeGreaterThan(20);
    const here = { ...startingLine('m', 'gantry/motor'), state: 'arrived' as const, count: 1 };
    expect(at({ ...bare, partLines: [here] }).plan.undue).toBe(all.undue - 1);
  });
  it('what hides a screw comes off first, and tonight says so', () => {
    const { tonight } = at({ ...kayak, partLines: kayak.partLines });
    expect(tonight.doable.find((d) => d.step === 'gantry/nut-set')?.offFirst).toEqual(['spindle']);
  });
  it('what is overdue comes tomorrow at the earliest', () => {
    const { plan } = at({ ...bare, partLines: ordered('2026-11-01') });
    expect(dateOfWall(plan.schedule.dated.find((d) => d.id === 'gantry/motor')!.from) > today).toBe(true);
  });
  it('tonight: its turn, its parts here, and it fits; what has no parts says so', () => {
    const { tonight } = at(bare);
    expect(tonight.today).toBe(true);
    expect(tonight.doable.map((d) => d.step)).toEqual(['trial-card']);
    // Nobody fits in metal what is not here.
    const plain = { ...bare, axes: bare.axes.map((a) => ({ ...a, fit: { ...a.fit, plates: [] } })) };
    expect(at(plain).tonight.waiting.map((w) => w.step)).toEqual(['trial-metal']);
    const done = applyEdits(bare, [put('assembly', { trial: false, painted: [] })]);
    const bed = at(done).tonight;
    expect(bed.doable).toEqual([]);
    expect(bed.waiting[0]).toMatchObject({ step: 'frame' });
    // After the last time of the day the next one is meant.
    expect(at(bare, '22:00').tonight.today).toBe(false);
  });
  it('a free day and no time at all are said', () => {
    const off = { ...bare, otherDays: [{ id: 'x', date: today, from: '', to: '' }] };
    expect(at(off).tonight.today).toBe(false);
    const never = at({ ...bare, workTimes: [] });
    expect(never.tonight.span).toBeUndefined();
    expect(never.plan.schedule.dated).toEqual([]);
    expect(never.plan.schedule.undated.length).toBeGreaterThan(30);
  });
  // Twice as long for every ten degrees less: common practice, no source.
  it('in the cold paint takes longer, and what somebody typed stands', () => {
    expect(cureFactor(10)).toBe(2);
    expect(cureFactor(20)).toBe(1);
    const painted = applyEdits(bare, [put('assembly.painted', ['beam'])]);
    const wait = (p: Project) => {
      const d = at(p).plan.schedule.dated.find((x) => x.id === 'paint')!;
      return (d.done - d.to) / 60;
    };
    const cold = applyEdits(painted, [put('calendar.workshop', 10)]);
    expect([wait(painted), wait(cold)]).toEqual([16, 32]);
  });
});

describe('entries of a calendar', () => {
  let serial = 0;
  const fresh = () => `id-${(serial += 1)}`;
  it('what has moved gets a higher number, what is dropped is called off, what stays stays', () => {
    const first = entriesOf(at({ ...bare, partLines: ordered('2026-12-01') }).plan, [], fresh);
    expect(first.entries.every((e) => e.sequence === 0 && !e.cancelled)).toBe(true);
    const same = entriesOf(at({ ...bare, partLines: ordered('2026-12-01') }).plan, first.sent, fresh);
    expect(same.sent).toEqual(first.sent);
    const later = entriesOf(at({ ...bare, partLines: ordered('2026-12-09') }).plan, first.sent, fresh);
    expect(later.entries.find((e) => e.key === 'line gantry/motor')).toMatchObject({
      day: '2026-12-09',
      sequence: 1,
    });
    const dropped = entriesOf(at(bare).plan, later.sent, fresh);
    const gone = dropped.entries.find((e) => e.key === 'line gantry/motor')!;
    expect(gone).toMatchObject({ cancelled: true, sequence: 2, day: '2026-12-09' });
    // Called off once, it is not called off anew every time.
    const again = entriesOf(at(bare).plan, dropped.sent, fresh);
    expect(again.entries.find((e) => e.key === 'line gantry/motor')!.sequence).toBe(2);
  });
});
