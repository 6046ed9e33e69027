import { describe, expect, it } from 'vitest';
import {
  contextOf,
  cutLoads,
  flexReport,
  loadedReports,
  type MachineContext,
  massReport,
  proposedPlates,
  proposedStacks,
  summaryOf,
} from '@/core/machine';
import { applyEdits, type Axis, estimate, type PlateInput, type Project, putInAxis } from '@/core/model';
import { gate, kayak, scenery } from '@test/helpers/machines';
import { frameOfInstead, insteadOf, substitution, withInstead } from '.';

const mm = (value: number) => estimate('length', `${value} mm`);

const context = (project: Project): MachineContext => {
  const [cuts, masses] = [cutLoads(project.brief), massReport(project)];
  const known = { cuts, masses, loaded: loadedReports(project, cuts, masses, { remedies: false }) };
  return contextOf(project, known, { frame: null });
};
const solved = (of: MachineContext) => {
  const flex = flexReport(frameOfInstead(of));
  if (!flex.ok) throw new Error(flex.reason);
  return summaryOf(flex.report);
};

const gantry = kayak.axes.findIndex((a) => a.role === 'gantry');
/** The gantry of the kayak router on narrow short carriages of 20, with a plate and its stack-up. */
const withPlate = (() => {
  const axis = applyEdits(kayak.axes[gantry]!, [
    putInAxis('guide.size', mm(20)),
    putInAxis('guide.carriageLength', mm(77)),
    putInAxis('guide.carriageSpan', mm(220)),
    putInAxis('fit.mount.carriage', 'narrow'),
    putInAxis('fit.mount.row', 'short'),
    putInAxis('fit.mount.nut', 'housing'),
    putInAxis('fit.plates', []),
  ]);
  const plates = proposedPlates(axis)
    .slice(0, 1)
    .map((seed): PlateInput => ({
      ...seed,
      name: 'Saddle',
      groups: seed.groups.map((g) => ({ ...g, name: g.joins })),
    }));
  const stacks = proposedStacks(axis).filter((s) => s.id === 'nut');
  const stack = {
    links: stacks.flatMap((s) => s.links.map((l) => ({ ...l, name: l.id }))),
    gaps: stacks.map((s) => ({ ...s.gap, name: s.gap.id })),
  };
  const planned = applyEdits(axis, [putInAxis('fit.plates', plates), putInAxis('fit.stack', stack)]);
  return { ...kayak, axes: kayak.axes.map((a, i): Axis => (i === gantry ? planned : a)) };
})();
const before = context(withPlate);
const pick = (id: RegExp) => insteadOf(withPlate, gantry).find((i) => id.test(i.id))!;
const changeOf = (id: RegExp) => {
  const after = withInstead(before, pick(id).edits)!;
  return { after, change: substitution(before, after, gantry, null) };
};

describe('another part instead', () => {
  it('offers the nearest of every kind, each of which can be put in, and never the present one', () => {
    for (const project of [kayak, gate, scenery])
      project.axes.forEach((_, index) => {
        const offered = insteadOf(project, index);
        expect(offered.length).toBeGreaterThan(10);
        expect(new Set(offered.map((o) => o.id)).size).toBe(offered.length);
        const at = context(project);
        for (const { edits } of offered) {
          const after = withInstead(at, edits);
          expect(after === undefined || after.project !== at.project).toBe(true);
        }
      });
  });

  it(
    'the long block of 20: two holes of 32 x 36 become 32 x 50, too near to the old ones to drill ' + 'clean',
    () => {
      const { after, change } = changeOf(/^guide profile-20-long/);
      // ISO 12090-1 family from memory: short 36 along, long 50; so each hole moves by 7 mm.
      expect(after.project.axes[gantry]!.fit.mount.row).toBe('long');
      const [carriages] = change.holes;
      expect(carriages).toMatchObject({ plate: 'Saddle', group: 'carriages', count: 16, stay: 0, clash: 16 });
      // The middles stay where they are, so the span grows by what the carriage does: 93 for 77 mm.
      expect(after.project.axes[gantry]!.guide.carriageSpan!.si).toBeCloseTo(0.22 + 0.016, 9);
      expect(change.soft.after! - change.soft.before!).toBeCloseTo(-0.016, 9);
      expect(change.sizes).toEqual([]);
    },
  );

  it('the flanged block of 20 is as high, wider, with holes of 53 x 40 for M6', () => {
    const { change } = changeOf(/^form flange/);
    expect(change.sizes).toEqual([{ dimension: 'carriage-half', before: 0.022, after: 0.0315 }]);
    expect(change.gaps).toEqual([]);
    const [carriages] = change.holes;
    expect(carriages!.screw.before!.thread!.name).toBe('M5');
    expect(carriages!.screw.after.thread!.name).toBe('M6');
    expect(carriages!.stay).toBe(0);
  });

  it('the next rail: 25 stands 10 mm higher, and the nut under the plate misses it by as much', () => {
    const { change } = changeOf(/^guide profile-25$/);
    const height = change.sizes.find((s) => s.dimension === 'carriage-height');
    expect(height).toEqual({ dimension: 'carriage-height', before: 0.03, after: 0.04 });
    const [gap] = change.gaps;
    expect(gap!.after! - gap!.before!).toBeCloseTo(0.01, 9);
    expect(gap!.advice.after?.does).not.toBe('leave');
  });

  it('another extrusion as the beam: mass, and sag once its frame is solved; nothing is said before', () => {
    const [beam] = insteadOf(kayak, gantry).filter((i) => i.group === 'beam');
    const bare = context(kayak);
    const was = contextOf(kayak, bare, { frame: solved(bare) });
    const after = withInstead(was, beam!.edits)!;
    const open = substitution(was, after, gantry, null);
    expect(open.sag.before).toBeGreaterThan(0);
    expect([open.sag.after, open.stiffness.after]).toEqual([null, null]);
    const known = substitution(was, after, gantry, solved(after));
    // A deeper and wider beam.
    expect(known.sag.after!).toBeLessThan(known.sag.before!);
    expect(known.moving.after!).toBeGreaterThan(known.moving.before!);
    // As the whole machine says when it is taken.
    const taken = context(applyEdits(kayak, beam!.edits));
    expect(solved(taken).sag.spread).toBeCloseTo(known.sag.after!, 12);
    expect(taken.masses.moving).toBe(known.moving.after);
  });

  it('an own part that does not read is left to where parts are mended', () => {
    const own = {
      id: 'own-1',
      family: 'profile-rail',
      name: 'Bent',
      values: { 'guide.size': 'about twenty' },
      price: null,
      note: '',
      onHand: 0,
    };
    const offered = insteadOf({ ...withPlate, ownParts: [own] }, gantry);
    expect(offered.length).toBeGreaterThan(10);
    expect(offered.map((o) => o.id)).not.toContain('guide own-1');
  });

  it('money is held against money only where as much of it was known', () => {
    const index = kayak.axes.findIndex((a) => a.role === 'bed');
    const of = (project: Project) => {
      const at = context(project);
      const motors = insteadOf(project, index).filter((i) => i.group === 'motor');
      // One with a price: others leave as much unknown as there was.
      const after = motors.map((m) => withInstead(at, m.edits)!).find((a) => a.cost.known !== at.cost.known)!;
      return substitution(at, after, index, null).money;
    };
    const unpicked = applyEdits(kayak, [{ path: `axes.${index}.parts`, value: {} }]);
    expect(of(unpicked).before).toBeNull();
    expect(of(unpicked).after).not.toBeNull();
    const picked = insteadOf(kayak, index).filter((i) => i.group === 'motor')[1]!;
    expect(of(applyEdits(kayak, picked.edits)).before).toBeGreaterThan(0);
  });

  it('a part against itself changes nothing', () => {
    const again = substitution(before, before, gantry, null);
    expect([again.sizes, again.gaps, again.holes, again.turned]).toEqual([[], [], [], []]);
  });
});
