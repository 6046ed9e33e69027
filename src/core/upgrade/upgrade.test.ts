import { beforeAll, describe, expect, it } from 'vitest';
import { assemblyOf, comeApart, geometryOf } from '@/core/build';
import {
  contextOf,
  cutLoads,
  driveStiffnessOf,
  effectsOf,
  flexReport,
  frameInputs,
  frameTrials,
  loadedReports,
  type MachineContext,
  massReport,
  summaryOf,
} from '@/core/machine';
import { applyEdits, axisFields, type Project, type Upgrade } from '@/core/model';
import { demoMachines } from '@/demo';
import {
  comparedEffects,
  limitOf,
  type Proposal,
  proposalsOf,
  rankedBy,
  touchedParts,
  upgradeVerdict,
} from '.';
import { isReached } from './effects';
import { partsByPath } from './touched';

/** A machine with its frame solved, as the page has it. */
function solved(project: Project, withTrials = true): MachineContext {
  const cuts = cutLoads(project.brief);
  const masses = massReport(project);
  const loaded = loadedReports(project, cuts, masses, { remedies: false });
  const drives = driveStiffnessOf(
    project.axes,
    loaded.map((l) => l.report),
  );
  const flex = flexReport(frameInputs(project, drives, masses));
  const trials = withTrials ? frameTrials(project, drives) : [];
  return contextOf(
    project,
    { cuts, masses, loaded },
    { frame: flex.ok ? summaryOf(flex.report) : null, trials },
  );
}

interface Told {
  readonly context: MachineContext;
  readonly proposals: readonly Proposal[];
}
const told: Told[] = [];
beforeAll(() => {
  for (const project of demoMachines()) {
    const context = solved(project);
    told.push({ context, proposals: proposalsOf(context) });
  }
}, 120_000);

describe('what is proposed', () => {
  it('is the answer of the whole machine with the change made, its frame solved anew', () => {
    for (const { context, proposals } of told) {
      const own = proposals.filter((p) => p.axis && p.changes.length);
      expect(own.length).toBeGreaterThan(10);
      for (const p of own) {
        const after = effectsOf(solved(applyEdits(context.project, p.edits), false));
        for (const c of p.changes) {
          const full = after.find((e) => e.key === c.key)!;
          const told = `${p.id} ${c.key}`;
          // The softest place may move a little, and a heavier part bends the beam.
          const off = Math.abs(c.after - full.value);
          expect(off, told).toBeLessThanOrEqual((c.id === 'lost-motion' ? 1e-9 : 0.03) * c.after);
        }
      }
    }
  });
  it('never takes what is not known of another part as a gain', () => {
    for (const { context, proposals } of told) {
      const before = new Map(effectsOf(context).map((e) => [e.key, e.missing]));
      for (const p of proposals)
        for (const c of p.changes) expect(c.missing).toBeLessThanOrEqual(before.get(c.key)!);
      // Another nut of which nobody says the play would seem to lose nothing at all.
      const others = proposals.filter((p) => p.change.is === 'part' && /^Trapezoidal/.test(p.change.name));
      for (const p of others)
        for (const c of p.changes.filter((c) => c.id === 'lost-motion'))
          expect(c.after, p.id).toBeGreaterThan(c.before / 10);
    }
  });
  it('ranks by what it betters, and names each change once', () => {
    for (const { proposals } of told) {
      expect(new Set(proposals.map((p) => p.id)).size).toBe(proposals.length);
      const times = rankedBy(proposals, 'stiffness:x').map((r) => r.times);
      expect(times).toEqual([...times].sort((a, b) => b - a));
      expect(times.every((t) => t >= 1.02)).toBe(true);
    }
  });
  it('says which axes would stand worse', () => {
    const { proposals } = told[2]!;
    const beam = proposals.find((p) => p.change.is === 'remedy' && p.change.code === 'steel-beam')!;
    expect(beam.worsens).toEqual(['bed']);
  });
});

describe('what must come apart', () => {
  it('is in an order in which it can: nothing comes off before what stands on it', () => {
    for (const { context, proposals } of told) {
      const { project } = context;
      const geometry = geometryOf(project);
      const { steps } = assemblyOf(project, geometry);
      const on = new Map(geometry.parts.map((p) => [p.id, p.on]));
      for (const p of proposals) {
        const apart = comeApart(geometry, steps, p.touches);
        if (!apart) continue;
        const there = p.touches.filter((id) => on.has(id));
        expect(apart.off).toEqual(expect.arrayContaining([...there]));
        apart.off.forEach((id, i) => {
          const later = apart.off.slice(i + 1);
          expect(
            later.filter((x) => on.get(x)!.includes(id)),
            `${p.id}: ${id}`,
          ).toEqual([]);
        });
        expect(apart.minutes >= 0 && (there.length === 0 || apart.minutes > 0), p.id).toBe(true);
      }
    }
  });
  it('is nothing for a setting, and the part itself for a part', () => {
    const { project } = told[0]!.context;
    const at = (path: string) => touchedParts(project, [{ path, value: null }]);
    expect(at('axes.1.controller.calibration')).toEqual([]);
    expect(at('axes.1.drive.temperatureRise')).toEqual([]);
    expect(at('axes.1.drive.sets')).toEqual([]);
    expect(at('axes.1.drive.play')).toEqual(['gantry/nut']);
    expect(at('axes.0.drive.play')).toEqual(['bed/rack', 'bed/pinion']);
    expect(at('axes.1.drive.farEnd')).toEqual(['gantry/block-float']);
    expect(at('axes.1.drive.lead')).toEqual(['gantry/screw', 'gantry/nut']);
    expect(at('axes.0.drive.meshGap')).toEqual(['bed/pinion']);
    expect(at('axes.2.motor')).toEqual(['plunge/motor']);
    expect(at('structure.beam.section')).toEqual(['beam']);
  });
});

describe('which parts a path stands for', () => {
  it('is asked only of paths that there are', () => {
    const choices = [
      'drive.sets',
      'drive.thrustBearing',
      'drive.motorEnd',
      'drive.farEnd',
      'drive.thread.nut',
    ];
    const paths = [...Object.keys(axisFields), ...choices, 'drive', 'motor', 'guide', 'coupling', 'reducer'];
    for (const [pattern] of partsByPath)
      expect(paths.filter((p) => pattern.test(p)).length, String(pattern)).toBeGreaterThan(0);
  });
});

/** A context that allows another error along x. */
const allowing = ({ context }: Told, allowed: number): MachineContext => ({
  ...context,
  errors: context.errors.map((e) => ({ ...e, allowed })),
});

describe('whether it is worth going on', () => {
  it('it is not where what was asked for is there', () => {
    expect(limitOf(told[0]!.context, told[0]!.proposals, 'error:x')?.verdict).toBe('reached');
  });
  it('never says that it is reached while something of it is not known', () => {
    const { context, proposals } = told[0]!;
    const asked = allowing(told[0]!, 1);
    expect(limitOf(asked, proposals, 'error:x')?.verdict).toBe('reached');
    const unknown = { ...asked, errors: asked.errors.map((e) => ({ ...e, missing: 1 })) };
    const limit = limitOf(unknown, proposals, 'error:x')!;
    expect(limit.effect.missing).toBeGreaterThan(0);
    expect(limit.verdict).not.toBe('reached');
    // Short of what is asked even so: what is missing makes it no better.
    const short = { ...unknown, errors: unknown.errors.map((e) => ({ ...e, allowed: 1e-6 })) };
    expect(effectsOf(short).flatMap((e) => (e.key === 'error:x' ? [isReached(e)] : []))).toEqual([false]);
    expect(context.errors[0]!.missing).toBe(0);
  });
  it('says what another machine would have to be: with a frame so much stiffer the error just fits', () => {
    const { context, proposals } = told[2]!;
    const [allowed, way] = [1e-3, 'z'];
    const limit = limitOf(allowing(told[2]!, allowed), proposals, `error:${way}`)!;
    const { shares } = context.errors.find((e) => e.way === way)!;
    const { stiffer, span } = limit.another!;
    const then = shares.map((s) =>
      s.id === 'flex' || s.id === 'sag' ? s.value! / stiffer! : (s.value ?? 0),
    );
    expect(Math.sqrt(then.reduce((s, v) => s + v * v, 0))).toBeCloseTo(allowed, 9);
    // Bending with the third power of the span: Shigley, table A-9, any of its beams.
    expect(span! ** -3).toBeCloseTo(stiffer!, 9);
  });
  it('says so where even a rigid frame would not do', () => {
    const { another } = limitOf(allowing(told[2]!, 1e-5), told[2]!.proposals, 'error:x')!;
    expect(another).toMatchObject({ stiffer: null, span: null });
    expect(another!.rigid).toBeGreaterThan(1e-5);
  });
  it('weighs what a change gives against what it costs, both as shares', () => {
    const asked = allowing(told[0]!, 1e-4);
    const { proposals } = told[0]!;
    const machine = asked.cost.known;
    const ranked = rankedBy(proposals, 'error:y').filter((r) => !r.proposal.worsens.length);
    const all = (share: number) => new Map(ranked.map((r) => [r.proposal.id, share * machine]));
    // Everything costs nine tenths of the machine, and nothing halves the error twice.
    expect(limitOf(asked, proposals, 'error:y', all(0.9))).toMatchObject({
      verdict: 'costs-more',
      costs: 0.9,
    });
    const cheap = limitOf(asked, proposals, 'error:y', all(0.01))!;
    expect(cheap.verdict).toBe('room');
    expect(cheap.best!.proposal).toBe(ranked[0]!.proposal);
    expect(cheap.gives).toBeCloseTo(1 - 1 / ranked[0]!.times, 12);
  });
  it('what nothing is bought for pays, whatever the machine costs', () => {
    const { proposals } = told[0]!;
    const free = proposals.filter((p) => p.money === 0);
    expect(free.length).toBeGreaterThan(0);
    for (const p of free) expect(p.touches).toEqual([]);
    const bare = { ...allowing(told[0]!, 1e-4), cost: { ...told[0]!.context.cost, known: 0 } };
    expect(limitOf(bare, free, 'error:y')).toMatchObject({ verdict: 'room', costs: 0 });
  });
  it('cannot say where what would help has no price', () => {
    const { context, proposals } = told[0]!;
    expect(limitOf(context, proposals, 'stiffness:x')).toMatchObject({ verdict: 'unpriced', costs: null });
  });
  it('names what would help more and makes an axis worse', () => {
    const { context, proposals } = told[2]!;
    const limit = limitOf(context, proposals, 'error:x')!;
    expect(limit.verdict).toBe('frame-decides');
    expect(limit.frame).toBeGreaterThan(0.5);
    expect(limit.barred!.proposal.worsens).toEqual(['bed']);
  });
  it('knows nothing of a figure that is not known', () => {
    expect(limitOf(told[0]!.context, told[0]!.proposals, 'error:w')).toBeUndefined();
  });
});

describe('what an upgrade did', () => {
  const reading = (value: number, half: number) => ({
    value,
    half,
    at: '2026-11-01T10:00:00.000Z',
    record: '',
  });
  const upgrade = (
    better: 'less' | 'more',
    [before, after]: readonly [number, number],
    half: number,
    foretold: { before: number; after: number } | null,
  ) =>
    ({
      measure: { what: 'lost-motion:bed', kind: 'length', better, foretold },
      before: reading(before, half),
      after: reading(after, half),
    }) as unknown as Upgrade;
  const plan = { before: 100, after: 40 };
  it.each([
    ['clearly better, as foretold', upgrade('less', [110, 52], 4, plan), 'better', 'as-foretold'],
    ['better, less than foretold', upgrade('less', [110, 90], 4, plan), 'better', 'less'],
    ['better, more than foretold', upgrade('less', [110, 20], 4, plan), 'better', 'more'],
    ['worse', upgrade('less', [50, 90], 4, plan), 'worse', 'less'],
    ['within both doubts', upgrade('less', [100, 97], 4, null), 'cannot-say', null],
    ['more is better', upgrade('more', [2, 3], 0.2, { before: 2, after: 3 }), 'better', 'as-foretold'],
  ])('%s', (_case, one, verdict, foretold) => {
    expect(upgradeVerdict(one)).toMatchObject({ verdict, foretold });
  });
  it('adds both doubts as squares', () => {
    expect(upgradeVerdict(upgrade('less', [10, 4], 3, null)).gained).toEqual({
      value: 6,
      half: Math.hypot(3, 3),
    });
  });
  it('is told by its figures alone where nobody said how sure the readings are', () => {
    const bare = upgrade('less', [10, 4], 0, plan);
    expect(upgradeVerdict(bare)).toEqual({
      verdict: 'no-doubt',
      gained: { value: 6, half: 0 },
      foretold: null,
    });
  });
  it('is not told before both were read', () => {
    const { measure, before } = upgrade('less', [1, 0], 0, null);
    expect(upgradeVerdict({ measure, before, after: null } as Upgrade).verdict).toBe('not-read');
  });
});

describe('two plans as whole machines', () => {
  it('are the same against themselves, and turn with the order', () => {
    const [kayak, gate] = told.map((t) => t.context) as [MachineContext, MachineContext];
    for (const { change, before, after } of comparedEffects(kayak, kayak)) {
      expect(change).toBe('same');
      expect(before).toBe(after);
    }
    const turned = { better: 'worse', worse: 'better', same: 'same', other: 'other' } as const;
    const back = new Map(comparedEffects(gate, kayak).map((r) => [r.key, r]));
    const there = comparedEffects(kayak, gate);
    expect(there).toHaveLength(back.size);
    for (const row of there) {
      const other = back.get(row.key)!;
      expect([other.before, other.after, other.change]).toEqual([row.after, row.before, turned[row.change]]);
    }
  });
  it('stiffer is better and a larger error worse; what one of them has not is neither', () => {
    const [kayak] = told.map((t) => t.context) as [MachineContext];
    const soft = kayak.frame!.soft;
    const stiffer = {
      ...kayak,
      frame: { ...kayak.frame!, soft: { ...soft, x: { ...soft.x, compliance: soft.x.compliance / 2 } } },
    };
    const x = comparedEffects(kayak, stiffer).find((r) => r.key === 'stiffness:x')!;
    expect(x.change).toBe('better');
    expect(x.after! / x.before!).toBeCloseTo(2, 12);
    const errors = kayak.errors.map((e) => ({ ...e, likely: e.likely * 1.1 }));
    const worse = comparedEffects(kayak, { ...kayak, errors });
    expect(worse.filter((r) => r.id === 'error').map((r) => r.change)).toEqual(
      kayak.errors.filter((e) => e.likely > 0 && e.axisId !== null).map(() => 'worse'),
    );
    const none = comparedEffects(kayak, { ...kayak, frame: null }).filter((r) => r.id === 'stiffness');
    expect(none.map((r) => [r.after, r.change])).toEqual(none.map(() => [null, 'other']));
    expect(none).toHaveLength(3);
  });
});
