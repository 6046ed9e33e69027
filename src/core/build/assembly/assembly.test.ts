import { describe, expect, it } from 'vitest';
import { machineReport } from '@/core/machine';
import { applyEdits, arrangements, estimate, type Project, put, startingStep } from '@/core/model';
import { gate, kayak, scenery } from '@test/helpers/machines';
import { chance, SEED } from '@test/helpers/chance';
import { steadyZone, wallOf } from '../calendar';
import { buildContext, workFindings, workOf } from '../report';
import {
  assemblyOf,
  coverEdits,
  doneEdits,
  dropStepEdits,
  geometryOf,
  readingEdits,
  stepEdits,
  waysToFree,
} from '.';

const today = '2026-11-27';
const clock = { now: wallOf(today, '18:00'), zone: steadyZone };
const bare = (project: Project): Project => ({ ...project, steps: [], covers: [] });
const built = (project: Project) => assemblyOf(project, geometryOf(project));
const foundIn = (project: Project) => {
  const { axes } = machineReport(project, { remedies: false });
  return workFindings(workOf(buildContext(project, axes, today), clock));
};
const order = (project: Project) => built(project).ordering.turns.map((t) => t.id);
const before = (list: readonly string[], a: string, b: string) => list.indexOf(a) < list.indexOf(b);

describe('an assembly that is proposed', () => {
  it.each(arrangements)('%s: an order, every joint tight at the end, every step once', (arrangement) => {
    const project = { ...bare(kayak), brief: { ...kayak.brief, arrangement } };
    const { ordering, steps, loose } = built(project);
    expect(ordering.conflict).toBeUndefined();
    const done = ordering.turns.filter((t) => t.kind === 'do').map((t) => t.id);
    expect([...done].sort()).toEqual(steps.map((s) => s.id).sort());
    expect(loose).toEqual([]);
    for (const s of steps)
      for (const n of s.needs) if (done.includes(n)) expect(before(done, n, s.id)).toBe(true);
  });
  it('the demos have their parts on something, and no step needs what nobody does', () => {
    for (const project of [kayak, gate, scenery]) {
      const { parts, steps } = built(project);
      const there = new Set(parts.map((p) => p.id));
      for (const p of parts) for (const on of p.on) expect(there.has(on)).toBe(true);
      const ids = new Set(steps.map((s) => s.id));
      expect(ids.size).toBe(steps.length);
      expect(steps.flatMap((s) => s.needs).filter((x) => !ids.has(x))).toEqual([]);
    }
  });
  // Common practice, no source.
  it('the trade’s order: the gantry sets the second rail, nuts at the fixed end, racks once square', () => {
    const list = order(bare(kayak));
    expect(before(list, 'bed/rail-a', 'bed/rail-b')).toBe(true);
    expect(before(list, 'beam', 'bed/rail-b-set')).toBe(true);
    expect(before(list, 'gantry/nut-set', 'gantry/float-set')).toBe(true);
    expect(before(list, 'square', 'bed/pinion')).toBe(true);
    expect(before(list, 'first-motion', 'table')).toBe(false);
  });
  it('a trial and paint put parts on twice, and paint dries before the bed is stood up', () => {
    const painted = applyEdits(bare(kayak), [put('assembly.painted', ['beam'])]);
    const list = order(painted);
    expect(before(list, 'trial-strip', 'paint') && before(list, 'paint', 'frame')).toBe(true);
    expect(built(painted).ons.get('beam')).toBe(2);
    const plain = applyEdits(bare(kayak), [put('assembly.trial', false)]);
    expect(built(plain).ons.get('beam')).toBe(1);
    expect(order(plain)).not.toContain('trial-metal');
  });
});

describe('what the demos hide', () => {
  it.each([
    ['kayak', kayak, 'gantry/nut'],
    ['gate', gate, 'height/rail-b'],
    ['scenery', scenery, 'knife/nut'],
  ] as const)('%s: the hidden fastener, and the part that goes on twice', (_, project, joint) => {
    const found = foundIn(project);
    expect(found.some((f) => f.code === 'screws-hidden' && f.about === joint)).toBe(true);
    expect(found.filter((f) => f.code === 'part-twice').map((f) => f.about)).toEqual(['spindle']);
    const { turns } = built(project).ordering;
    const kinds = turns.filter((t) => t.id === 'spindle').map((t) => t.kind);
    expect(kinds).toEqual(['do', 'off', 'again']);
  });
  it('the late delivery moves the end: no day to spare', () => {
    expect(foundIn(kayak).some((f) => f.code === 'delivery-critical' && f.about === 'bed/motor')).toBe(true);
  });
  it('holes through a plate free what it alone hides; the change is tried, and holds once taken', () => {
    // The spindle apart, the gantry's nut hides behind the plunge plate alone.
    const project = applyEdits(
      bare(kayak),
      coverEdits(kayak, { joint: 'gantry/nut', part: 'spindle' }, false, 'c'),
    );
    const taller = applyEdits(project, [put('axes.2.fit.plates.0.along', estimate('length', '330 mm'))]);
    const geometry = geometryOf(taller);
    const was = assemblyOf(taller, geometry).services.find((s) => s.part === 'gantry/nut')!;
    expect(was.reach?.off.length ?? 99).toBeGreaterThan(0);
    const ways = waysToFree(taller, geometry, 'gantry/nut', 'Access holes');
    expect(ways.map((w) => w.kind)).toContain('holes');
    const way = ways.find((w) => w.kind === 'holes')!;
    expect(way.reach?.off).toEqual([]);
    const after = built(applyEdits(taller, way.edits));
    expect(after.services.find((s) => s.part === 'gantry/nut')!.reach?.off).toEqual([]);
  });
});

describe('what the builder says', () => {
  const base = bare(kayak);
  it('steps left out leave their joints loose, and that is found', () => {
    const left = applyEdits(base, stepEdits(base, 'gantry/nut-set', { left: true }, 'x'));
    const found = foundIn(left).filter((f) => f.code === 'joint-loose');
    expect(found.map((f) => f.about)).toEqual(['gantry/nut']);
  });
  it('a step before itself the long way round: no order, with the smallest set that contradicts', () => {
    const ring = applyEdits(base, stepEdits(base, 'frame', { needs: ['first-motion'] }, 'x'));
    const { ordering } = built(ring);
    expect(ordering.turns).toEqual([]);
    expect(ordering.conflict!.least).toBe(true);
    expect(foundIn(ring)[0]!.code).toBe('order-none');
    // What is said back is as it was.
    const back = applyEdits(ring, stepEdits(ring, 'frame', { needs: [] }, 'y'));
    expect(back.steps).toEqual([]);
  });
  it('an own step comes where it is said, and goes with all that speaks of it', () => {
    const own = applyEdits(base, stepEdits(base, 'own:a', { name: 'Grease', needs: ['bed/rail-a'] }, 'a'));
    const tied = applyEdits(own, stepEdits(own, 'beam', { needs: ['own:a'] }, 'b'));
    const list = order(tied);
    expect(before(list, 'bed/rail-a', 'own:a') && before(list, 'own:a', 'beam')).toBe(true);
    const gone = applyEdits(tied, dropStepEdits(tied, 'own:a'));
    expect(order(gone)).toEqual(order(base));
  });
  it('done is done: it comes first, and is taken back', () => {
    const done = applyEdits(base, doneEdits(base, 'gantry/plate', true, today, 'x'));
    expect(order(done)[0]).toBe('gantry/plate');
    expect(applyEdits(done, doneEdits(done, 'gantry/plate', false, today, 'y')).steps).toEqual([]);
  });
  it('a reading stays with its step; one read again takes its place', () => {
    const read = (value: number) => ({ id: 'r', what: 'level', typed: `${value}`, value, on: today });
    const one = applyEdits(base, readingEdits(base, 'frame', read(1), 'x'));
    const two = applyEdits(one, readingEdits(one, 'frame', read(2), 'y'));
    expect(two.steps[0]!.readings.map((r) => r.value)).toEqual([2]);
  });
  it('what is said by hand goes before what is found, both ways', () => {
    const hidden = applyEdits(base, coverEdits(base, { joint: 'columns', part: 'spindle' }, true, 'c'));
    const access = built(hidden).access.find((a) => a.joint === 'columns')!;
    expect([access.unknown, access.demand]).toEqual([false, [[['spindle']]]]);
    const free = applyEdits(base, coverEdits(base, { joint: 'plunge/nut', part: 'spindle' }, false, 'c'));
    expect(built(free).access.find((a) => a.joint === 'plunge/nut')!.demand).toEqual([]);
  });
  it('500 steps of one’s own are put in order', () => {
    const c = chance(SEED);
    const steps = Array.from({ length: 500 }, (_, i) => ({
      ...startingStep(`s${i}`, `own:${i}`),
      name: `Step ${i}`,
      needs: i ? [`own:${c.below(i)}`, `own:${c.below(i)}`] : [],
    }));
    const many = { ...base, steps };
    const list = order(many);
    for (const s of steps) for (const n of s.needs) expect(before(list, n, s.key)).toBe(true);
  });
});
