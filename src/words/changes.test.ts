import { describe, expect, it } from 'vitest';
import { type Plan, planDifferences, planIn } from '@/core/changes';
import { applyEdits, estimate, type Project, put } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineOf } from '@test/helpers/true-up';
import { differenceText } from '.';

const [kayak, gate] = demoMachines() as [Project, Project];
const bad = /undefined|NaN|\[object|\[|\.\d+\./;
const told = (before: Plan, after: Plan, system: 'metric' | 'imperial' = 'metric') =>
  planDifferences(before, after).map((d) => differenceText(d, { before, after }, system));

describe('differences of plans in words', () => {
  it('say where, what, as it was and as it is', () => {
    const after = applyEdits(kayak, [put('axes.1.demands.rapid', estimate('speed', '9 m/min'))]);
    expect(told(kayak, after)).toEqual([
      { place: 'Gantry axis', what: 'rapid', before: '12 m/min', after: '9 m/min' },
    ]);
    expect(told(kayak, after, 'imperial')[0]).toMatchObject({
      before: '472.4 in/min',
      after: '354.3 in/min',
    });
  });
  it('tell the basis where it is all that changed', () => {
    const rapid = { ...kayak.axes[1]!.demands.rapid, basis: 'measured' as const };
    const after = applyEdits(kayak, [put('axes.1.demands.rapid', rapid)]);
    expect(told(kayak, after)[0]!.after).toContain('measured');
  });
  it('what is not given, added, taken away or of another kind reads as that', () => {
    const without = { ...kayak, axes: kayak.axes.slice(0, 2) };
    expect(told(kayak, without)).toContainEqual(
      expect.objectContaining({ place: 'Plunge axis', what: 'axis', before: 'Plunge axis', after: 'none' }),
    );
    const bare = applyEdits(kayak, [put('brief.accuracy', null)]);
    expect(told(kayak, bare)[0]).toMatchObject({ what: 'accuracy', after: 'not given' });
    const first = planIn(kayak.revisions[0]!)!;
    expect(told(first, kayak)).toContainEqual(
      expect.objectContaining({ place: 'Bed axis', what: 'drive', before: 'screw', after: 'rack' }),
    );
  });
  it('between any two machines every difference reads, in both systems', () => {
    for (const other of [gate, machineOf('lifted-two'), machineOf('fixed-gantry')])
      for (const system of ['metric', 'imperial'] as const)
        for (const text of told(kayak, other, system))
          for (const part of Object.values(text)) {
            expect(part).not.toMatch(bad);
            expect(part.length).toBeGreaterThan(0);
          }
  });
});
