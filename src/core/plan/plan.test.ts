import { tubeSection, tubeSizes } from '@/core/catalogue';
import { carriagesWeigh, driveWeighs, followBrief, motorWeighs, railsWeigh } from '@/core/machine';
import {
  applyEdits,
  estimate,
  getAt,
  guess,
  type OwnPart,
  put,
  startingAxis,
  startingProject,
} from '@/core/model';
import { newNames, planNames } from '@/words';
import { describe, expect, it } from 'vitest';
import { givenUp, jobOf, type PlanFigures, planPart } from '.';
import { filled } from './asked';
import { guidesFor } from './guides';
import { arrangementsFor, framesFor, races, usualDrives } from './rules';
import { beamGives, membersFor, type Profile } from './sections';

const begun = () => startingProject('plan', '2026-11-28T00:00:00.000Z');
const tube = (height: number, width: number, wall: number): Profile => {
  const size = tubeSizes.find(
    (t) => t.making === 'cold' && t.height === height && t.width === width && t.wall === wall,
  )!;
  return { section: tubeSection(size), material: 'steel', mass: 0, price: 0 };
};

describe('beams', () => {
  // Computed by the clamped-free formulas of a beam on two supports, corners after EN 10219; N/µm.
  it.each([
    [80, 80, 3, 2.6, 1.9],
    [100, 100, 4, 6.6, 4.9],
    [120, 120, 5, 14, 10.6],
    [200, 100, 6, 50, 14],
  ])('%i x %i x %f of 1.5 m, a tool on 0.2 m', (h, w, t, up, fore) => {
    const gives = beamGives(tube(h, w, t), 1.5, 0.2);
    expect(1 / gives.up / 1e6).toBeCloseTo(up, up > 10 ? -0.5 : 0);
    expect(Math.abs(1 / gives.fore / 1e6 / fore - 1)).toBeLessThan(0.06);
  });
  it.each(['steel', 'aluminium', 'wood'] as const)(
    'of %s: a heavier one of the family is stiffer',
    (frame) => {
      const gives = membersFor(frame).beam.map((p) => beamGives(p, 1.5, 0.2));
      const worst = gives.map((g) => Math.max(g.up, g.fore));
      expect(worst).toEqual([...worst].sort((a, b) => b - a));
      const masses = membersFor(frame).beam.map((p) => p.mass);
      expect(masses).toEqual([...masses].sort((a, b) => a - b));
      expect(masses.length).toBeGreaterThan(4);
    },
  );
  it('plates for columns are as heavy as aluminium is', () => {
    // 200 x 20 mm at 2700 kg/m³.
    expect(membersFor('aluminium').column.some((p) => Math.abs(p.mass - 10.8) < 0.01)).toBe(true);
  });
});

describe('weights', () => {
  const axis = startingAxis('bed', 'bed');
  it('of a rail and of carriages are those of the trade', () => {
    // Profile rail 20: 2.2 kg/m, a carriage 0.38 kg; common practice, no source.
    const guide = { ...axis.guide, size: guess('length', '20 mm') };
    expect(railsWeigh(guide, 1)).toBeCloseTo(2 * 2.2, 6);
    expect(carriagesWeigh(guide)).toBeCloseTo(4 * 0.38, 6);
    // A steel rod of 16 mm: 1.58 kg/m by its volume.
    const rod = { ...guide, kind: 'round-rod' as const, size: guess('length', '16 mm') };
    expect(railsWeigh(rod, 1) / 2).toBeCloseTo(1.58, 2);
  });
  it('of a screw is that of steel between crest and root, with its ends', () => {
    const drive = { ...axis.drive, betweenBearings: guess('length', '900 mm') } as typeof axis.drive;
    // 16 mm and 13.5 mm: 14.75 mm in the mean, 1.34 kg/m; one metre with its journals, blocks 0.8 kg.
    expect(driveWeighs({ ...axis, drive })).toBeCloseTo(1.34 + 0.8, 1);
  });
  it.each([
    ['stepper-17-0_45-2_6', 0.45, 0.3, 0.5],
    ['stepper-23-1_9-3_6', 1.9, 0.9, 1.3],
    ['stepper-34-8_5-6_2', 8.5, 3, 4.5],
    [undefined, 3, 1.1, 1.9],
  ])('of a motor %s of %f N·m', (id, torque, least, most) => {
    const motor = { ...axis.motor, holdingTorque: guess('torque', `${torque} N·m`) } as typeof axis.motor;
    const weighs = motorWeighs(motor, id);
    expect(weighs).toBeGreaterThanOrEqual(least);
    expect(weighs).toBeLessThanOrEqual(most);
  });
});

describe('a brief that is filled', () => {
  const asked = (edits: Parameters<typeof applyEdits>[1] = []) => ({
    project: applyEdits(begun(), edits),
    names: planNames,
  });
  it('takes the usual where nobody said anything, and marks it ours', () => {
    const { brief, job } = filled(asked());
    expect(job).toBe('board');
    expect(brief.area.length.basis).toBe('ours');
    expect(brief.cuts).toHaveLength(1);
    expect(brief.spindle!.power.basis).toBe('ours');
    expect(brief.squareness!.basis).toBe('ours');
  });
  it('changes nothing that was said', () => {
    const said = estimate('length', '1234 mm');
    const { brief, accuracy } = filled(
      asked([put('brief.area.length', said), put('brief.accuracy', estimate('length', '0.3 mm'))]),
    );
    expect(brief.area.length).toBe(said);
    expect(accuracy).toBe(0.0003);
  });
  it('reads the job off the cuts where none was picked', () => {
    const cut = { ...filled(asked()).brief.cuts[0]!, stock: 'aluminium' as const };
    expect(jobOf({ work: 'router', cuts: [cut] })).toBe('aluminium');
    expect(jobOf({ work: 'mixed', cuts: [] })).toBe('board');
    expect(jobOf({ work: 'pen', cuts: [] })).toBe('pen');
  });
  it('a sheet is reached over the whole of it', () => {
    const { brief } = filled(asked([put('brief.stock.length', estimate('length', '2440 mm'))]));
    expect(brief.area.length.si).toBe(2.44);
  });
});

describe('what came with an earlier plan', () => {
  it('is proposed anew with another job; what was said since stays', () => {
    const board = filled({ project: begun(), names: planNames });
    const planned = { ...begun(), brief: board.brief };
    const said = applyEdits(planned, [
      put('brief.wishes.job', 'aluminium'),
      put('brief.area.width', estimate('length', '333 mm')),
    ]);
    const { brief, accuracy } = filled({ project: said, names: planNames });
    expect(brief.cuts.map((c) => c.stock)).toEqual(['aluminium']);
    expect([brief.area.length.si, brief.area.width.si, accuracy]).toEqual([0.6, 0.333, 5e-5]);
    const own = { ...board.brief.cuts[0]!, feed: estimate('speed', '3 m/min') };
    const kept = filled({ project: applyEdits(said, [put('brief.cuts', [own])]), names: planNames });
    expect(kept.brief.cuts).toEqual([own]);
  });
});

describe('guides', () => {
  const rails = (onHand: number): OwnPart => ({
    id: 'mine',
    family: 'profile-rail',
    name: 'Rails out of a printer',
    values: { 'guide.size': '20 mm' },
    price: null,
    onHand,
    note: '',
  });
  const of = (own: readonly OwnPart[], refused: readonly string[] = []) => {
    const project = applyEdits(begun(), [
      put('ownParts', [...own]),
      put('brief.wishes.refused', [...refused]),
    ]);
    return filled({ project, names: planNames });
  };
  it('out of the drawer go to as many axes as they reach for, and no further', () => {
    const has = (count: number) =>
      (['gantry', 'bed', 'plunge'] as const).map((role) =>
        guidesFor(of([rails(count)]), role).some((g) => g.part.id === 'mine'),
      );
    expect(has(3)).toEqual([false, false, false]);
    expect(has(4)).toEqual([true, false, false]);
    expect(has(8)).toEqual([true, true, false]);
    expect(has(12)).toEqual([true, true, true]);
  });
  it('where all are refused nothing is planned, and that is said', () => {
    const asked = {
      project: applyEdits(begun(), [put('brief.wishes.refused', ['profile-rail'])]),
      names: planNames,
    };
    const steps = planPart(asked, { part: 'first' });
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(step.value.plans).toEqual([]);
    expect(step.value.failed[0]).toMatchObject({ why: 'guide', role: 'plunge' });
  });
});

describe('what is proposed', () => {
  const of = (job: Parameters<typeof filledFor>[0]) => filledFor(job);
  const filledFor = (job: 'board' | 'steel' | 'aluminium' | 'plasma' | 'pen') =>
    filled({ project: applyEdits(begun(), [put('brief.wishes.job', job)]), names: planNames });
  const axis = (role: 'bed' | 'plunge', travel: string) => {
    const plain = startingAxis(role, role);
    return { ...plain, demands: { ...plain.demands, travel: guess('length', travel) } };
  };
  it('a plunge axis has a screw, a long bed a rack or a belt, a plasma table lines', () => {
    expect(usualDrives(of('board'), axis('plunge', '100 mm'), false)).toEqual([
      'ball-screw',
      'trapezoidal-screw',
    ]);
    expect(usualDrives(of('board'), axis('plunge', '100 mm'), true)).toContain('acme-screw');
    expect(usualDrives(of('board'), axis('bed', '3 m'), false)).toEqual(['rack', 'belt']);
    expect(usualDrives(of('aluminium'), axis('bed', '500 mm'), false)).toEqual(['ball-screw']);
    expect(usualDrives(of('plasma'), axis('bed', '1500 mm'), false)).toEqual(['belt', 'rack', 'chain']);
  });
  it('what was refused is not tried', () => {
    const filledBoard = of('board');
    const wishes = { ...filledBoard.wishes, refused: ['rack'], frame: 'wood' as const };
    const picky = { ...filledBoard, wishes };
    expect(usualDrives(picky, axis('bed', '3 m'), false)).toEqual(['belt']);
    expect(framesFor(picky)).toEqual(['wood']);
  });
  it('metal is cut on steel, small metal on a table; a pen may hang on an arm', () => {
    expect(framesFor(of('steel'))).toEqual(['steel']);
    expect(arrangementsFor(of('aluminium'))).toContain('moving-table');
    expect(arrangementsFor(of('pen'))).toContain('cantilever');
    expect(arrangementsFor(of('board'))).not.toContain('cantilever');
  });
  it('a stepper is not planned beyond 1500 rpm', () => {
    // 10 m/min on a lead of 5 mm are 2000 rpm, on 10 mm 1000 rpm.
    const plain = axis('bed', '800 mm');
    const fast = { ...plain, demands: { ...plain.demands, rapid: guess('speed', '10 m/min') } };
    const lead = (typed: string) => ({ ...fast.drive, lead: guess('linearPerTurn', typed) });
    expect(races({ ...fast, drive: lead('5 mm') as typeof fast.drive }, plain)).toBe(true);
    expect(races({ ...fast, drive: lead('10 mm') as typeof fast.drive }, plain)).toBe(false);
  });
});

describe('what a plan gives up', () => {
  const figures = (over: Partial<PlanFigures>, total: number): PlanFigures => ({
    money: { parts: 0, frame: 0, head: 0, rest: 0, total },
    rapid: 0.2,
    acceleration: 0.5,
    stiffness: 2e6,
    error: 1e-4,
    depth: null,
    moving: 40,
    standing: 100,
    length: null,
    width: null,
    thin: 0,
    heaviest: 20,
    hours: [50, 100],
    drawer: { parts: [], metres: 0 },
    ...over,
  });
  it('is told against the best of the others, the most first, with both numbers', () => {
    const all = [figures({ stiffness: 1e6 }, 1000), figures({}, 1500), figures({ rapid: 0.1 }, 1040)];
    expect(givenUp(all, 0)).toEqual([{ figure: 'stiffness', own: 1e6, other: 2e6, than: 1 }]);
    expect(givenUp(all, 1)).toEqual([{ figure: 'money', own: 1500, other: 1000, than: 0 }]);
    expect(givenUp(all, 2).map((g) => g.figure)).toEqual(['rapid']);
  });
  it('of one plan alone is nothing', () => {
    expect(givenUp([figures({}, 1000)], 0)).toEqual([]);
  });
});

describe('a plan that was taken', () => {
  it('follows the brief no more where it worked a figure out otherwise', () => {
    const axes = [startingAxis('bed', 'bed')].map((a) => ({
      ...a,
      demands: { ...a.demands, rapid: guess('speed', '14 m/min') },
    }));
    const planned = { ...begun(), axes };
    const after = applyEdits(planned, [put('brief.work', 'plasma')]);
    const follows = followBrief(planned, after, newNames.axis);
    expect(follows.map((e) => e.path)).not.toContain('axes.0.demands.rapid');
    expect(getAt(applyEdits(after, follows), 'axes.0.demands.rapid')).toMatchObject({ typed: '14 m/min' });
    // What read as proposed follows as ever.
    const plain = { ...begun(), axes: [startingAxis('bed', 'bed')] };
    const first = applyEdits(plain, followBrief({ ...plain, axes: [] }, plain, newNames.axis));
    const moved = applyEdits(first, [put('brief.work', 'plasma')]);
    expect(followBrief(first, moved, newNames.axis).map((e) => e.path)).toContain('axes.0.demands.rapid');
  });
});
