import { describe, expect, it } from 'vitest';
import { judge } from '@/core/checks';
import {
  axisChecks,
  axisSubject,
  analyse,
  cutLoads,
  driveStiffnessOf,
  loadedAxes,
  loadedReports,
  massReport,
} from '@/core/machine';
import { normalCdf } from '@/core/numerics';
import { applyEdits, guess, isMeasure, getAt, openProject, type Project, setAt } from '@/core/model';
import { silentWorksheet } from '@/core/worksheet';
import { demoMachines } from '@/demo';
import { bandOf, joinedFirst, openMargins } from './answer';
import { drawer } from './drawn';
import { frameOfDraw, frameReader, joinedResponse, responseSteps } from './frame';
import { doubtInputs } from './inputs';
import { allChecks, judgeDraw } from './judge';
import { doubted, middleOf } from './parts';
import { spreadAt } from './sure';
import { streamsOf, TO_95, valueAt } from './streams';
import { sweepSteps } from './sweep';
import { doubtOf, doubtPart } from './work';

const machines = demoMachines();
const kayak = machines[0]!;

const run = <T>(steps: Generator<unknown, T>): T => {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};

/** A machine of which only some inputs may be off, by a share of their value: the rest is sure. */
function onlyDoubted(project: Project, halves: Readonly<Record<string, number>>): Project {
  const edits = doubtInputs(project).flatMap(({ path }) => {
    const measure = getAt(project, path);
    if (!isMeasure(measure)) return [];
    const halfWidth = halves[path] ?? 0;
    return [
      {
        path,
        value: { ...measure, basis: 'measured' as const, spread: { by: 'relative' as const, halfWidth } },
      },
    ];
  });
  return applyEdits(project, edits);
}

describe('what may be off', () => {
  const inputs = doubtInputs(kayak);
  const at = (path: string) => inputs.find((i) => i.path === path);

  it('is what is measured, read or guessed, not what is wished, set, counted, or must fit', () => {
    expect(at('axes.0.motor.inductance')).toBeDefined();
    expect(at('structure.beam.section.torsion')).toBeDefined();
    expect(at('brief.spindle.efficiency')).toBeDefined();
    for (const path of [
      'brief.accuracy',
      'brief.cuts.0.feed',
      'axes.0.demands.rapid',
      'axes.0.drive.module',
      'axes.0.drive.teeth',
      'axes.0.reducer.ratio',
      'axes.0.fit.reserve',
      'axes.0.motor.usableShare',
    ])
      expect(at(path), path).toBeUndefined();
  });
  it('by its basis: a sheet 5 %, a guess 25 %, of ours a weight 30 % and a force 50 %', () => {
    const rated = at('axes.0.motor.ratedCurrent')!;
    expect(rated.half / rated.value).toBeCloseTo(0.05, 9);
    const ours = (kind: 'mass' | 'force', typed: string) => ({
      ...guess(kind, typed),
      basis: 'ours' as const,
    });
    expect(spreadAt('loads.masses.0.mass', ours('mass', '10 kg'))).toBeCloseTo(3, 9);
    expect(spreadAt('loads.otherDrag', ours('force', '10 N'))).toBeCloseTo(5, 9);
  });
  it('wood scatters like wood, a material is one in all its cuts, motors of one row are one lot', () => {
    expect(at('material.aluminium')!.half).toBe(0.05);
    expect(at('brief.cuts.0.kc11')!.group).toEqual(at('brief.cuts.1.kc11')!.group);
    expect(at('brief.cuts.0.kc11')!.group).not.toEqual(at('brief.cuts.2.kc11')!.group);
    const parts = { stepper: 'x1' };
    const twins = applyEdits(kayak, [
      { path: 'axes.0.parts', value: parts },
      { path: 'axes.1.parts', value: parts },
    ]);
    const groups = doubtInputs(twins).filter((i) => /axes\.[01]\.motor\.inductance/.test(i.path));
    expect(groups[0]!.group).toEqual({ id: 'stepper x1 motor.inductance', tied: 0.9 });
    expect(groups[1]!.group).toEqual(groups[0]!.group);
    const read = applyEdits(twins, [{ path: 'axes.0.motor.inductance.basis', value: 'measured' }]);
    expect(doubtInputs(read).find((i) => i.path === 'axes.0.motor.inductance')!.group).toBeNull();
  });
});

describe('a draw', () => {
  it.each(machines.map((m) => [m.name, m] as const))(
    '%s: is judged as the report judges the same machine, to the last digit',
    (_name, project) => {
      const inputs = doubtInputs(project);
      const streams = streamsOf(inputs, 3, 100);
      const z = new Float64Array(inputs.length);
      for (const draw of [0, 40, 77]) {
        streams.fill(draw, z);
        const at = drawer(project, inputs)(inputs.map((input, i) => valueAt(input, z[i]!)));
        const judged = judgeDraw(at, { memory: new WeakMap(), frame: null }, allChecks(project)).outcomes;
        for (const axis of loadedAxes(at)) {
          const full = judge(axisChecks, axisSubject(analyse(axis, silentWorksheet), silentWorksheet));
          const own = judged.filter((o) => o.axisId === axis.id);
          expect(own.length).toBeGreaterThan(12);
          for (const { found } of own) {
            const same = full.find((c) => c.code === found.code && c.about === found.about);
            expect(same, found.code).toEqual(found);
          }
        }
      }
    },
  );
  it('leaves the machine as it was, and shares what no doubt touches', () => {
    const before = JSON.stringify(kayak);
    const inputs = doubtInputs(kayak);
    const made = drawer(kayak, inputs)(inputs.map((i) => i.value * 1.1));
    expect(JSON.stringify(kayak)).toBe(before);
    expect(made.partLines).toBe(kayak.partLines);
    expect(made.axes[0]!.motor.rotorInertia.si).toBeCloseTo(1.1 * kayak.axes[0]!.motor.rotorInertia.si, 12);
    expect(made.axes[0]!.demands.rapid).toBe(kayak.axes[0]!.demands.rapid);
  });
  it('is a machine that opens: whatever is drawn lies in the range of its field', () => {
    const inputs = doubtInputs(kayak);
    const streams = streamsOf(inputs, 8, 50);
    const z = new Float64Array(inputs.length);
    streams.fill(11, z);
    for (const [i, input] of inputs.entries()) {
      const value = valueAt(input, 6 * Math.sign(z[i]!));
      expect(value, input.path).toBeGreaterThanOrEqual(input.least);
      expect(value, input.path).toBeLessThanOrEqual(input.most);
    }
  });
});

describe('the frame of a draw', () => {
  it.each(machines.map((m) => [m.name, m] as const))(
    '%s: read off the solved ones it is the solved one within 2 %, thirty times',
    (_name, project) => {
      const inputs = doubtInputs(project);
      const drivesOf = (at: Project) => {
        const masses = massReport(at);
        const reports = loadedReports(at, cutLoads(at.brief), masses, { remedies: false });
        const drives = driveStiffnessOf(
          at.axes,
          reports.map((r) => r.report),
        );
        return { masses, drives };
      };
      const response = run(responseSteps(project, inputs, drivesOf(project).drives))!;
      const read = frameReader(response);
      const streams = streamsOf(inputs, 5, 1000);
      const z = new Float64Array(inputs.length);
      const gantry = project.axes.findIndex((a) => a.role === 'gantry');
      for (let draw = 0; draw < 30; draw++) {
        streams.fill(draw, z);
        const values = inputs.map((input, i) => valueAt(input, z[i]!));
        const at = drawer(project, inputs)(values);
        const { masses, drives } = drivesOf(at);
        const full = frameOfDraw({ project: at, drives, masses }, inputs, values)!;
        const quick = read(z, drives, masses.axes[gantry]?.total ?? 0);
        for (const way of ['x', 'y', 'z'] as const)
          expect(Math.abs(quick.soft[way].compliance / full.soft[way].compliance - 1)).toBeLessThan(0.02);
        expect(Math.abs(quick.sag.spread / full.sag.spread - 1)).toBeLessThan(0.02);
        expect(Math.abs(quick.frequency.hertz / full.frequency.hertz - 1)).toBeLessThan(0.02);
      }
    },
    60_000,
  );
  it('in two shares is the frame in one', () => {
    const inputs = doubtInputs(kayak).filter((i) => /section|corner/.test(i.path));
    const drives = [1e7, 1e7, 1e7];
    const one = run(responseSteps(kayak, inputs, drives))!;
    const two = [0, 1].map((from) => run(responseSteps(kayak, inputs, drives, { from, every: 2 })));
    const key = (r: typeof one) => r.bent.map((b) => JSON.stringify(b)).sort();
    expect(key(joinedResponse(two)!)).toEqual(key(one));
  });
  it('there is none where no structure is given, and nothing is said of it', () => {
    const bare = { ...kayak, structure: null };
    const { answer } = doubtOf(bare, 1, 60);
    expect(answer.frames).toBe(0);
    expect(answer.checks.some((c) => c.code === 'sag-spread')).toBe(false);
  });
});

describe('chances', () => {
  it('whip: its limit goes with root and lead and with length to the second; the band is theirs', () => {
    const of = (field: string) => `axes.1.drive.${field}`;
    const halves = { [of('rootDiameter')]: 0.05, [of('betweenBearings')]: 0.04, [of('lead')]: 0.03 };
    const { answer } = doubtOf(onlyDoubted(kayak, halves), 2, 2000);
    const whip = answer.axes[1]!.rungs.find((r) => r.id === 'whip')!.limit;
    const whole = Math.hypot(0.05, 2 * 0.04, 0.03);
    expect(Math.log(whip.high / whip.middle) / whole).toBeGreaterThan(0.9);
    expect(Math.log(whip.middle / whip.low) / whole).toBeLessThan(1.1);
    const check = answer.checks.find((c) => c.key === 'gantry|whip|')!;
    const chance = normalCdf((TO_95 * Math.log(check.found.margin)) / whole);
    expect(Math.abs(check.chance.share - chance)).toBeLessThan(0.012);
    expect(check.chance.low).toBeLessThan(chance);
    expect(check.chance.high).toBeGreaterThan(chance);
  });
  it('one current against another: the chance is that of the normal distribution (JCGM 101)', () => {
    const project = onlyDoubted(kayak, { 'axes.0.motor.ratedCurrent': 0.2 });
    const { answer, told } = doubtOf(project, 4, 3000);
    const check = answer.checks.find((c) => c.key === 'bed|crest-high|')!;
    const chance = normalCdf((TO_95 * Math.log(check.found.margin)) / 0.2);
    expect(Math.abs(check.chance.share - chance)).toBeLessThan(0.003);
    expect(check.thin).toBe(true);
    expect(told.causes.get(check.key)!.map((c) => c.path)).toEqual(['axes.0.motor.ratedCurrent']);
    expect(told.causes.get(check.key)![0]!.share).toBeGreaterThan(0.95);
  });
  it('without doubt everything is as the middle says', () => {
    const { answer, told } = doubtOf(onlyDoubted(kayak, {}), 1, 50);
    // Materials and wood scatter all the same, but turn nothing here.
    for (const c of answer.checks) expect(c.chance.share, c.key).toBe(c.found.margin >= 1 ? 1 : 0);
    expect(told.next).toEqual([]);
  });
  it('the same seed gives the same answer; shares of the draws give what all of them give', () => {
    const asked = { project: kayak, seed: 6, draws: 120 };
    const all = doubtOf(kayak, 6, 120);
    const { response } = all;
    const first = joinedFirst(
      [
        { from: 0, to: 50 },
        { from: 50, to: 120 },
      ].map((range) => {
        const output = run(doubtPart(asked, { part: 'first', response, range }));
        if (output.part !== 'first') throw new Error('another part');
        return output;
      }),
    );
    const margins = openMargins(first, []);
    expect([...margins.keys()].sort()).toEqual([...all.margins.keys()].sort());
    for (const [key, column] of margins) expect(column, key).toEqual(all.margins.get(key));
  });
  it('a reading that settles a check makes it sure, and it is asked for no more', () => {
    const path = 'brief.spindle.efficiency';
    const before = doubtOf(kayak, 7, 1500);
    const settles = before.told.next.find((n) => n.path === path)!;
    expect(settles.settles).toContain('|power-short|');
    const read = setAt(kayak, path, {
      ...(getAt(kayak, path) as object),
      basis: 'measured',
      spread: { by: 'absolute', halfWidth: 0.004 },
    });
    const after = doubtOf(read, 7, 1500);
    const chance = (d: typeof before) => d.answer.checks.find((c) => c.key === '|power-short|')!.chance.share;
    expect(chance(before)).toBeLessThan(0.85);
    expect(chance(after)).toBeGreaterThan(0.9);
    expect(after.told.next.some((n) => n.path === path)).toBe(false);
  }, 60_000);
  it('what the middle does not show and draws do is told', () => {
    const scenery = machines[2]!;
    const { answer } = doubtOf(scenery, 7, 400);
    const hidden = answer.checks.filter((c) => !c.inMiddle && c.chance.share < 1);
    for (const c of hidden) expect(c.found.margin).toBeLessThan(1);
    expect(answer.checks.every((c) => c.chance.draws >= 400)).toBe(true);
  });
  it('the whole is no surer than the least sure of what can break it', () => {
    const { answer } = doubtOf(kayak, 7, 600);
    expect(answer.whole.share).toBeLessThanOrEqual(
      Math.min(...answer.checks.filter((c) => c.code === 'sprung-pinion').map((c) => c.chance.share)),
    );
    expect(answer.whole.share).toBeGreaterThan(0);
  });
  it('a machine of which nothing is said comes to an end', () => {
    const opened = openProject(JSON.parse(JSON.stringify(kayak)));
    if (!opened.ok) throw new Error('the demo does not open');
    const empty = { ...opened.project, axes: [], structure: null };
    const { answer, told } = doubtOf(empty, 1, 30);
    expect(answer.axes).toEqual([]);
    expect(told.next).toEqual([]);
  });
  it('the middle is the plan', () => {
    const machine = doubted({ project: kayak, seed: 1, draws: 1 });
    const own = middleOf(machine, null).outcomes.find((o) => o.key === 'gantry|whip|')!;
    const report = loadedReports(kayak, cutLoads(kayak.brief), massReport(kayak))[1]!.report;
    expect(own.found.value).toBeCloseTo(report.ladder.find((r) => r.id === 'whip')!.limit, 12);
    expect(bandOf(Float64Array.from([1, 2, 3])).middle).toBe(2);
  });
});

describe('one input swept', () => {
  const path = 'axes.1.drive.betweenBearings';
  const now = (getAt(kayak, path) as { si: number }).si;
  const swept = run(sweepSteps({ project: kayak, path, from: now / 2, to: now * 2 }))!;

  it('whip turns where length over length now is the root of the margin (critical speed ~ 1/L²)', () => {
    const check = swept.checks.find((c) => c.key === 'gantry|whip|')!;
    const here = middleOf(doubted({ project: kayak, seed: 1, draws: 1 }), null).outcomes.find(
      (o) => o.key === check.key,
    )!;
    const turn = swept.crossings.find((c) => c.key === check.key)!;
    expect(turn.above).toBe(false);
    expect(turn.at / (now * Math.sqrt(here.found.margin))).toBeCloseTo(1, 3);
  });
  it('keeps to what the field allows, and judges at every value what the plan would say there', () => {
    expect(swept.values).toHaveLength(100);
    expect(swept.values[0]).toBeCloseTo(now / 2, 12);
    const tight = run(sweepSteps({ project: kayak, path: 'axes.1.drive.efficiency', from: 0.01, to: 9 }));
    expect(tight).toBeUndefined();
    const spindle = run(sweepSteps({ project: kayak, path: 'brief.spindle.efficiency', from: 0, to: 9 }))!;
    expect(Math.max(...spindle.values)).toBeLessThanOrEqual(1);
  });
  it('a frame that is stiffer in the corner is more exact: sag and accuracy follow', () => {
    const corner = run(sweepSteps({ project: kayak, path: 'structure.corner', from: 2e4, to: 5e5 }))!;
    const x = corner.checks.find((c) => c.key === '|accuracy|x')!.margins;
    expect(x.at(-1)!).toBeGreaterThan(x[0]!);
  });
  it('whole things are swept in whole steps', () => {
    const microsteps = run(
      sweepSteps({ project: kayak, path: 'axes.0.driver.microsteps', from: 1, to: 20 }),
    )!;
    expect(microsteps.values.every(Number.isInteger)).toBe(true);
    for (const { at } of microsteps.crossings) expect(Number.isInteger(at)).toBe(true);
  });
});
