import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  guess,
  type MillCut,
  type Project,
  projectIssues,
  startingAxis,
  startingBody,
  startingCut,
  startingProject,
} from '@/core/model';
import { anyEdit, gate, kayak, scenery } from '@test/helpers/machines';
import {
  axisReport,
  briefWorking,
  cutLoad,
  cutLoads,
  driveStiffnessOf,
  footprint,
  forceOverTurn,
  frameTrials,
  loadedAxes,
  loadsAlike,
  machineReport,
  massReport,
  outlooks,
  proposedTargets,
  rankedFor,
  ridersOf,
  toStored,
  trialSteps,
  worstCut,
} from '..';

/** Changes of the frame, solved with the drives as they are reported. */
const trialsOf = (project: Project) =>
  frameTrials(project, driveStiffnessOf(project.axes, machineReport(project).axes));
const NAMES = { axis: 'an axis', body: 'a body' };
const total = (list: readonly { mass: number }[]) => list.reduce((s, b) => s + b.mass, 0);

describe('masses along the chain', () => {
  it('an axis moves its own bodies and those of every axis on it; the beam rides on the bed axis', () => {
    const masses = massReport(kayak);
    const [bed, gantry, plunge] = masses.axes;
    expect(plunge!.total).toBeCloseTo(7.9 + 2.6 + 1.1, 9);
    expect(gantry!.total).toBeCloseTo(plunge!.total + 6.4 + 2.9, 9);
    expect(bed!.bodies.filter((b) => b.from === 'structure').map((b) => b.id)).toEqual(['beam', 'columns']);
    expect(bed!.total).toBeCloseTo(
      gantry!.total + bed!.own + total(bed!.bodies.filter((b) => b.from === 'structure')),
      9,
    );
    expect(masses.moving).toBeCloseTo(bed!.total, 9);
    expect(ridersOf(kayak, 'bed').map((a) => a.id)).toEqual(['gantry', 'plunge']);
  });
  it('a heavier spindle is felt by every axis below it, by no axis above', () => {
    const heavier = applyEdits(kayak, [anyEdit('axes.2.loads.masses.0.mass', guess('mass', '12.9 kg'))]);
    const [before, after] = [massReport(kayak), massReport(heavier)];
    before.axes.forEach((a, i) => expect(after.axes[i]!.total - a.total).toBeCloseTo(5, 9));
    const screw = applyEdits(kayak, [anyEdit('axes.0.loads.masses.0.mass', guess('mass', '17.2 kg'))]);
    expect(
      massReport(screw).axes.map((a, i) => Number((a.total - before.axes[i]!.total).toFixed(6))),
    ).toEqual([10, 0, 0]);
    const [was, is] = [machineReport(kayak), machineReport(heavier)];
    expect(is.axes[0]!.mass).toBeGreaterThan(was.axes[0]!.mass);
    expect(is.axes[0]!.speed).toBeLessThan(was.axes[0]!.speed);
  });
  it('sums hold for any chain of axes', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0.1, max: 50, noNaN: true }), { minLength: 2, maxLength: 5 }),
        (list) => {
          const axes = list.map((mass, i): Axis => ({
            ...startingAxis('table', `a${i}`, NAMES),
            carriedBy: i ? `a${i - 1}` : null,
            loads: {
              ...startingAxis('table', 'x', NAMES).loads,
              masses: [{ ...startingBody('b', 'b'), mass: guess('mass', `${mass} kg`) }],
            },
          }));
          const report = massReport({ ...startingProject('p', '2026-01-01T00:00:00Z'), axes });
          report.axes.forEach((a, i) =>
            expect(a.total).toBeCloseTo(
              list.slice(i).reduce((s, m) => s + m, 0),
              6,
            ),
          );
          expect(report.moving).toBeCloseTo(report.axes[0]!.total, 6);
        },
      ),
      { numRuns: 60 },
    );
  });
  it('a standing gantry belongs to the stand', () => {
    const table = applyEdits(kayak, [anyEdit('brief.arrangement', 'moving-table')]);
    expect(massReport(table).axes[0]!.bodies.some((b) => b.from === 'structure')).toBe(false);
    expect(massReport(table).standing - massReport(kayak).standing).toBeCloseTo(
      total(massReport(kayak).axes[0]!.bodies.filter((b) => b.from === 'structure')),
      9,
    );
  });
});

describe('an axis as the machine loads it', () => {
  it('of a plain machine it is the stored one, untouched', () => {
    const plain = startingProject('p', '2026-01-01T00:00:00Z');
    expect(loadedAxes(plain)[0]).toBe(plain.axes[0]);
  });
  it(
    'takes the worst cut: the larger of along and across on level axes, along the spindle on ' +
      'the plunge axis',
    () => {
      const loads = cutLoads(kayak.brief);
      const fittings = loads.find((c) => c.id === 'fittings')!;
      const [bed, , plunge] = loadedAxes(kayak);
      expect(bed!.demands.cuttingForce.si).toBeCloseTo(Math.max(fittings.along, fittings.across), 9);
      expect(plunge!.demands.cuttingForce.si).toBeCloseTo(Math.max(...loads.map((c) => c.axial)), 9);
      expect(bed!.guide.sideForce!.si).toBeGreaterThan(0);
      expect(worstCut({ role: 'bed' }, [])).toEqual({ force: 0, side: 0, normal: 0, cutId: null });
    },
  );
  it('a report is kept while nothing that loads it changed', () => {
    const [a] = loadedAxes(kayak);
    const [b] = loadedAxes(applyEdits(kayak, [anyEdit('note', 'other')]));
    expect(loadsAlike(a!, b!)).toBe(true);
    expect(
      loadsAlike(
        a!,
        loadedAxes(applyEdits(kayak, [anyEdit('axes.2.loads.masses.0.mass', guess('mass', '9 kg'))]))[0]!,
      ),
    ).toBe(false);
    expect(
      loadsAlike(
        a!,
        loadedAxes(applyEdits(kayak, [anyEdit('brief.cuts.2.depth', guess('length', '2.5 mm'))]))[0]!,
      ),
    ).toBe(false);
  });
  it('a remedy worked out on it leaves the rows of other axes where they are', () => {
    const pinned = {
      ...kayak,
      axes: kayak.axes.map((a) => (a.id === 'bed' ? { ...kayak.pins[0]!.axis, id: 'bed' } : a)),
    } as Project;
    const loaded = loadedAxes(pinned)[0]!;
    const remedy = axisReport(loaded)
      .findings.flatMap((f) => f.remedies)
      .find((r) => r.code === 'turn-nut')!;
    const edits = toStored(remedy.edits, pinned.axes[0]!);
    const rows = edits.find((e) => e.path === 'loads.masses')!.value as { id: string }[];
    expect(rows.map((r) => r.id)).toEqual([...pinned.axes[0]!.loads.masses.map((b) => b.id), 'riding-motor']);
    const after = { ...pinned, axes: [applyEdits(pinned.axes[0]!, edits), ...pinned.axes.slice(1)] };
    expect(projectIssues(after)).toEqual([]);
    // With the same bodies the stored machine says what was promised.
    expect(machineReport(after).axes[0]!.speed).toBeCloseTo(remedy.reach!, 9);
  });
});

describe('edits worked out on a loaded axis', () => {
  it('another guide does not keep the side loads that the cuts gave', () => {
    const loaded = loadedAxes(kayak)[0]!;
    expect(loaded.guide.sideForce).not.toBeNull();
    const [edit] = toStored(
      [{ path: 'guide', value: { ...loaded.guide, preload: 'medium' } as never }],
      kayak.axes[0]!,
    );
    expect(edit!.value).toMatchObject({ preload: 'medium', sideForce: null, normalForce: null });
    // Any other edit passes as it is.
    const plain = anyEdit('drive.teeth', guess('count', '22'));
    expect(toStored([plain], kayak.axes[0]!)).toEqual([plain]);
  });
});

describe('cuts', () => {
  it('no cut pushes harder than its spindle can turn', () => {
    const cut = { ...startingCut('mill', 'a', 'a cut'), depth: guess('length', '60 mm') } as ReturnType<
      typeof startingCut
    >;
    const weak = {
      power: guess('power', '300 W'),
      efficiency: guess('ratio', '0.8'),
      ratedSpeed: guess('angularSpeed', '18000 rpm'),
      belt: null,
    };
    const [free, held] = [cutLoad(cut, null), cutLoad(cut, weak)];
    expect(free.power).toBeGreaterThan(240);
    expect(held.along / free.along).toBeCloseTo(240 / free.power, 6);
    expect(held.available).toBeCloseTo(240, 6);
    expect(free.available).toBeNull();
  });
  it('are drawn over one turn: every tooth alike, the peak that is reported', () => {
    const cut = kayak.brief.cuts[0] as MillCut;
    const turn = forceOverTurn(cut);
    const load = cutLoad(cut, null);
    expect(Math.max(...turn.map((p) => Math.abs(p.across))) / load.across).toBeCloseTo(1, 1);
    expect(turn.at(-1)!.turn).toBeLessThan(1);
    expect(turn[0]!.across).toBeCloseTo(turn[turn.length / 2]!.across, 9);
  });
  it('plasma asks for speed and corners, a knife for drag and pressure', () => {
    expect(cutLoad(startingCut('plasma', 'a', 'a cut'), null)).toMatchObject({
      along: 10,
      axial: 0,
      power: 0,
    });
    expect(cutLoad(startingCut('knife', 'a', 'a cut'), null)).toMatchObject({ along: 20, axial: 30 });
    // v²/r: 6 m/min round 5 mm.
    expect(cutLoad(startingCut('light', 'a', 'a cut'), null).corner).toBeCloseTo(0.1 ** 2 / 0.005, 9);
  });
  it('their working has a line for every figure', () => {
    const keys = briefWorking(kayak).map((l) => l.key);
    for (const part of ['chip', 'along', 'across', 'power', 'axial', 'spindle-force'])
      expect(keys).toContain(`cut.fittings.${part}`);
    expect(keys).toContain('mass.feet');
  });
});

describe('arrangements, targets, room', () => {
  it('a moving table takes twice its length, an arm less width', () => {
    const by = Object.fromEntries(outlooks(kayak).map((o) => [o.id, o]));
    expect(by['moving-table']!.length!).toBeGreaterThan(by['moving-gantry']!.length! * 1.7);
    expect(by.cantilever!.width!).toBeLessThan(by['moving-gantry']!.width!);
    // An arm leaves one column away; a table is estimated by its area and says so.
    const column = massReport(kayak).axes[0]!.bodies.find((b) => b.id === 'columns')!.mass;
    expect(by['moving-gantry']!.moving! - by.cantilever!.moving!).toBeCloseTo(column / 2, 9);
    expect([by['moving-gantry']!.guessed, by['moving-table']!.guessed]).toEqual([false, true]);
    expect(by['moving-gantry']!.fits).toBe(true);
    expect(by['moving-table']!.fits).toBe(false);
    expect(footprint(kayak).length!).toBeGreaterThan(2.9);
    expect(
      outlooks(startingProject('p', '2026-01-01T00:00:00Z')).every(
        (o) => o.length === null && o.fits === null,
      ),
    ).toBe(true);
  });
  it(
    'targets are proposed by the work, the plunge axis slower, and half of the accuracy ' + 'at a reversal',
    () => {
      const bed = proposedTargets(gate, gate.axes[0]!);
      expect(bed.find((t) => t.path === 'demands.feed')!.value.si).toBeGreaterThanOrEqual(2.5 / 60);
      expect(
        proposedTargets(gate, gate.axes[2]!).find((t) => t.path === 'demands.rapid')!.value.si,
      ).toBeCloseTo(5 / 60, 9);
      expect(bed.find((t) => t.path === 'demands.lostMotion')!.value.si).toBeCloseTo(0.0004, 9);
      expect(bed.find((t) => t.path === 'demands.lostMotion')!.reason).toMatchObject({ fromAccuracy: true });
    },
  );
});

describe('improvements of the frame', () => {
  it('are ranked by what they bring, and each brings it when it is made', () => {
    const list = rankedFor(trialsOf(scenery), 'z');
    expect(list[0]!.code).toBe('prop');
    expect([...list].sort((a, b) => b.gain.z - a.gain.z)).toEqual(list);
    const propped = applyEdits(scenery, list[0]!.edits);
    const [before, after] = [scenery, propped].map((m) => machineReport(m, { flex: true }).flex!);
    expect(after!.softest.z.stiffness / before!.softest.z.stiffness / list[0]!.gain.z).toBeCloseTo(1, 1);
    // The arm that sagged 3 mm and more, cured by a support rail (common practice, no source).
    expect(after!.sag.spread).toBeLessThan(0.1 * before!.sag.spread);
  });
  it('come step by step, so that they can be stopped', () => {
    const steps = trialSteps(scenery, driveStiffnessOf(scenery.axes, machineReport(scenery).axes));
    const first = steps.next();
    expect(first).toMatchObject({ done: false, value: { done: 1 } });
    expect((first.value as { of: number }).of).toBeGreaterThan(5);
    expect(trialsOf({ ...scenery, structure: null })).toEqual([]);
  });
  it('a third rod stiffens a gantry on rods, filling a tube makes it heavier', () => {
    const tube = applyEdits(gate, [
      anyEdit('structure.beam.section', {
        kind: 'rect-tube',
        height: guess('length', '80 mm'),
        width: guess('length', '40 mm'),
        wall: guess('length', '3 mm'),
        making: 'cold',
      }),
    ]);
    const rods = applyEdits(tube, [
      anyEdit('axes.1.guide', {
        ...gate.axes[1]!.guide,
        kind: 'round-rod',
        spacing: guess('length', '240 mm'),
        size: guess('length', '20 mm'),
        railLength: guess('length', '1300 mm'),
      }),
    ]);
    expect(projectIssues(rods)).toEqual([]);
    expect(trialsOf(rods).find((i) => i.code === 'axis-third-rod')!.gain.z).toBeGreaterThan(1.05);
    expect(trialsOf(tube).find((i) => i.code === 'fill-beam')!.heavier).toBeGreaterThan(3);
  });
});
