import { describe, expect, it } from 'vitest';
import { axisReport, loadedAxes, machineReport } from '@/core/machine';
import { applyEdits, estimate, type Project, put, startingJob } from '@/core/model';
import { millingForce } from '@/core/loads';
import { demoMachines } from '@/demo';
import {
  drivesOf,
  JobCheck,
  jobFindings,
  type JobReport,
  type JobSetup,
  type Moment,
  type Planning,
  setupOf,
} from '.';
import { slipChance } from './chance';
import { jobCut } from './cutting';

const [kayak, scenery, gate] = ['Tern', 'Wayside', 'Fernhollow'].map((name) =>
  demoMachines().find((m) => m.name.startsWith(name))!,
) as [Project, Project, Project];

const withMore = (project: Project, more: Partial<JobSetup> = {}): JobSetup => ({
  ...setupOf(project, drivesOf(project), startingJob('j', 'Job', ''), null),
  ...more,
});
function run(project: Project, text: string, more: Partial<JobSetup> = {}): JobReport {
  const check = new JobCheck(project, withMore(project, more));
  check.push(new TextEncoder().encode(`G21 G90\n${text}\nM2\n`));
  return check.end();
}
const codesOf = (report: JobReport) => jobFindings(report).map((f) => f.code);
/** Places are counted from the low soft limits, and the tool begins there. */
const air = { nought: [0, 0, 0], place: [0, 0, 0], stock: null, cutId: null } as const;

describe('torque', () => {
  it.each([
    ['bed', 'Y', 1],
    ['gantry', 'X', 0],
  ] as const)('a rapid of the %s axis asks what its report says', (role, letter, i) => {
    const axis = loadedAxes(kayak).find((a) => a.role === role)!;
    const report = axisReport(axis, { remedies: false });
    const { axes } = run(kayak, `G0 ${letter}600`, air);
    const { torque } = report.cases['speed-up']!;
    const { value } = axes[i]!.share;
    const drive = drivesOf(kayak)[i]!;
    expect(drive.need(1, axis.demands.acceleration.si, 0) / torque).toBeCloseTo(1, 9);
    expect(value).toBeCloseTo(torque / drive.usable(axis.demands.rapid.si), 9);
  });
  it('the plunge axis lifts more than it lowers', () => {
    const up = run(kayak, 'G0 Z100', air).axes[2]!.share.value;
    const down = run(kayak, 'G0 Z0', { ...air, place: [0, 0, 0.1] }).axes[2]!.share.value;
    expect(up).toBeGreaterThan(down);
  });
  it('half the speed asks for less, and never for none', () => {
    const at = (f: number) => run(kayak, `G1 X600 F${f}`, air).axes[0]!.share.value;
    expect(at(3000)).toBeLessThan(at(6000));
    expect(at(100)).toBeGreaterThan(0);
  });
});

describe('a cut', () => {
  const cut = kayak.brief.cuts[0]!;
  if (cut.kind !== 'mill') throw new Error('the first cut mills');
  const job = jobCut(cut, kayak.brief.spindle);
  it('pushes as Kienzle has it, whatever the chip, and as deep as it is', () => {
    for (const chip of [2e-5, 7e-5, 3e-4]) {
      const turns = cut.spindle.si / (2 * Math.PI);
      const force = millingForce({
        diameter: cut.diameter.si,
        flutes: cut.flutes.si,
        spindle: cut.spindle.si,
        feed: chip * cut.flutes.si * turns,
        depth: 0.004,
        width: Math.min(cut.width.si, cut.diameter.si),
        kc11: cut.kc11.si,
        exponent: cut.exponent.si,
        radial: cut.radial.si,
        climb: cut.way === 'climb',
      });
      const { along, across, power } = job.force(chip, 0.004, cut.spindle.si);
      expect(along / force.peakAlong).toBeCloseTo(1, 2);
      expect(across / force.peakAcross).toBeCloseTo(1, 2);
      expect(power / (force.meanTorque * cut.spindle.si)).toBeCloseTo(1, 2);
    }
  });
  const stock = { low: [0.1, 0.1], high: [0.6, 0.6], top: 0.05, thickness: 0.04 } as const;
  const within = { ...air, stock, cutId: cut.id, place: [0.2, 0.2, 0.1] } as const;
  const square = 'S18000 M3\nG1 Z44 F600\nG1 X400 F3000';
  it('is in the stock below its top and inside its edges', () => {
    const { ways, deepest, buried } = run(kayak, square, within);
    // Six of the way down and all of the way along.
    expect(ways.cutting).toBeCloseTo(0.056 + 0.2, 9);
    expect(deepest.value).toBeCloseTo(0.006, 9);
    expect(buried.count).toBe(0);
    expect(
      run(kayak, 'G1 Z44 F600\nG1 X400', { ...within, place: [0.7, 0.7, 0.1] }).ways.cutting,
    ).toBeLessThan(0.3);
    expect(run(kayak, 'G1 X900 F3000', { ...within, place: [0.7, 0.7, 0.04] }).ways.cutting).toBe(0);
  });
  it('asks more of the axes than air, deeper more still', () => {
    const share = (z: number, more: Partial<JobSetup> = within) =>
      run(kayak, `S18000 M3\nG1 Z${z} F100\nG1 X400 F3000`, more).axes[0]!.share.value;
    expect(share(48)).toBeGreaterThan(share(60));
    expect(share(42)).toBeGreaterThan(share(48));
    // What takes more than a pass of the brief at once is asked for all of it.
    expect((share(35) - share(41)) / (share(32) - share(35))).toBeCloseTo(2, 2);
  });
  it('is as deep as what earlier passes have left; more at once than the brief plans is told', () => {
    const passes = (...z: number[]) =>
      run(
        kayak,
        `S18000 M3\n${z.map((at) => `G1 Z${at} F100\nG1 X400 F3000\nG0 Z60\nX200`).join('\n')}`,
        within,
      );
    const [at, twice] = [passes(41), passes(41, 32)];
    expect(twice.axes[0]!.share.value).toBeCloseTo(at.axes[0]!.share.value, 6);
    expect(twice.deepest.value).toBeCloseTo(0.018, 9);
    expect(codesOf(twice)).not.toContain('job-deep');
    const once = passes(32);
    expect(once.deep).toEqual({ value: expect.closeTo(0.018 / 0.009, 6) as number, line: 3 });
    expect(codesOf(once)).toContain('job-deep');
  });
  it('that goes under the stock is told, and a rapid that skims its top', () => {
    const low = run(kayak, 'S18000 M3\nG1 Z8 F100\nX400 F3000\nG0 Z60', within);
    expect(low.under.value).toBeCloseTo(0.002, 9);
    expect(codesOf(low)).toContain('job-under');
    const skims = run(kayak, 'G0 Z50.5\nX400', within);
    expect(skims.clear).toEqual({ value: expect.closeTo(0.0005, 9) as number, line: 3 });
    expect(codesOf(skims)).toContain('job-skims');
    expect(run(kayak, 'G0 Z55\nX400', within).clear!.value).toBeCloseTo(0.005, 9);
    expect(run(kayak, 'G0 X700\nZ40\nX800', within).clear!.value).toBeCloseTo(0.05, 9);
  });
  it('at rapid it is found, with its line', () => {
    const { buried } = run(kayak, 'G0 X300 Y300 Z40\nG0 X400', within);
    expect(buried.count).toBe(2);
    expect(buried.deepest).toEqual({ value: expect.closeTo(0.01, 9) as number, line: 2 });
  });
  it('is met by a rapid that bends, where a straight one passes its corner by 25 mm', () => {
    const by = (bent: boolean) =>
      run(kayak, 'G0 X0 Y140', {
        ...within,
        place: [0.2, 0, 0.045],
        planning: { ...withMore(kayak).planning, bent },
      });
    expect(by(false).buried.count).toBe(0);
    // Both axes are equally fast: at 45° it comes to the corner at 100, 100.
    expect(by(true).buried).toEqual({
      count: 1,
      deepest: { value: expect.closeTo(0.005, 9) as number, line: 2 },
    });
    expect(by(true).time).toBeCloseTo(by(false).time, 9);
  });
  it('has chips by its feed, teeth and turns; thinner than half of what is planned they rub', () => {
    const { chips } = run(kayak, 'S18000 M3\nG1 Z46 F400\nG1 X400 F3600', within);
    expect(chips.most.value).toBeCloseTo(0.06 / (cut.flutes.si * 300), 6);
    expect(chips.least.line).toBe(4);
    const { moments } = run(kayak, 'S18000 M3\nG1 Z46 F400\nG1 X400 F3600', within).series;
    expect(Math.max(...moments.map((m) => m.chip))).toBeCloseTo(chips.most.value, 12);
    expect(moments[0]!.chip).toBe(0);
    expect(run(kayak, 'S18000 M3\nG1 Z46 F4000\nX400 F300', within).chips.rubbing).toBeGreaterThan(0.19);
  });
});

describe('where it goes', () => {
  it('beyond a soft limit it is found, by how much and where; arcs bulge', () => {
    const { axes, box } = run(kayak, 'G0 X1300 Y100\nG2 X1300 Y120 I0 J10 F1000\nG3 Y100 J-10\nG0 X-3', air);
    expect(axes[0]!.above).toEqual({ value: 0, line: 0 });
    expect(axes[0]!.below).toEqual({ value: expect.closeTo(0.003, 9) as number, line: 5 });
    const bulged = run(kayak, 'G0 X1305 Y100\nG3 X1305 Y120 J10 F1000', air).axes[0]!;
    expect(bulged.above.value).toBeCloseTo(0.005, 9);
    expect(box!.low[0]).toBeCloseTo(-0.003, 9);
  });
  it('an axis that is not there is counted', () => {
    const flat = applyEdits(kayak, [
      put(
        'axes',
        kayak.axes.filter((a) => a.role !== 'plunge'),
      ),
    ]);
    expect(run(flat, 'G0 Z1\nG0 Z2\nG0 X1', air).lacking).toEqual({ Z: 2 });
  });
  it('reversals of every axis, and what a controller spends on making up for them', () => {
    const { axes } = run(kayak, 'G1 X10 F600\nX0\nX10\nY10\nX0\nG2 X0 Y10 I5', air);
    expect(axes[0]!.reversals).toBe(5);
    expect(axes[1]!.reversals).toBe(2);
    const along = run(kayak, 'G1 X100 F6000\nG4 P10', air).axes;
    expect(along[0]!.moves).toBeCloseTo(1 - 10 / (10 + run(kayak, 'G1 X100 F6000', air).time), 9);
    expect(along[1]!.moves).toBe(0);
    // From rest to rest with the axis' own acceleration: 2 √(d/a).
    const { lost, madeUp } = axes[0]!;
    expect(lost).toBeGreaterThan(0);
    expect(madeUp).toBeCloseTo(5 * 2 * Math.sqrt(lost / kayak.axes[1]!.demands.acceleration.si), 9);
  });
});

describe('time', () => {
  it('is that of the machine’s own moves, dwells and changes', () => {
    const { time, times, changes, starts, stops } = run(kayak, 'G0 X600\nG4 P2\nT1 M6\nM3 S1000\nM0', air);
    const x = kayak.axes.find((a) => a.letter === 'X')!.demands;
    expect(times.rapid).toBeCloseTo(0.6 / x.rapid.si + x.rapid.si / x.acceleration.si, 9);
    expect([times.dwell, times.change]).toEqual([2, 60]);
    expect(time).toBeCloseTo(times.rapid + 62, 9);
    expect([changes, starts, stops]).toEqual([1, 1, 1]);
  });
  it('its moments add up to it, and to its way', () => {
    const text = Array.from({ length: 400 }, (_, i) => `G1 X${i % 2 ? 5 : 300} Y${i} F${2000 + i}`).join(
      '\n',
    );
    const { series, time, ways } = run(kayak, text, air);
    const sum = (of: (m: Moment) => number) => series.moments.reduce((s, m) => s + of(m), 0);
    expect(sum((m) => m.moving)).toBeCloseTo(time, 6);
    expect(sum((m) => m.way)).toBeCloseTo(ways.air, 6);
    expect(series.moments.length).toBeLessThanOrEqual(801);
  });
  it('a torch cuts while it is lit, at whatever height; its rapids break nothing', () => {
    const stock = { low: [0, 0], high: [1, 1], top: 0.05, thickness: 0.04 } as const;
    const cutId = gate.brief.cuts[0]!.id;
    const text = 'G0 X100 Y100\nM3\nG1 X200 F4000\nM5\nG1 X300\nG0 X0';
    const { ways, buried, starts } = run(gate, text, { ...air, stock, cutId });
    expect(ways.cutting).toBeCloseTo(0.1, 9);
    expect([buried.count, starts]).toEqual([0, 1]);
  });
  it('plasma that cannot keep its feed in the corners is told, with the time that it loses', () => {
    const zigzag = Array.from({ length: 40 }, (_, i) => `X${i * 2} Y${i % 2 ? 4 : 0}`).join('\n');
    const with_ = { ...air, cutId: gate.brief.cuts[0]!.id };
    const spoilt = run(gate, `M3\nG1 F4000\n${zigzag}`, with_);
    expect(spoilt.kerf.way).toBeGreaterThan(0.03);
    expect(spoilt.slow.lost).toBeGreaterThan(0.5);
    expect(jobFindings(spoilt)[0]).toMatchObject({ code: 'job-kerf', verdict: 'gives-out' });
    // It speeds up from rest and brakes to it: v²/(2a) each, with the 2 m/s² of this axis.
    const calm = run(gate, 'M3\nG1 X900 F4000', with_);
    expect(calm.kerf.way).toBeCloseTo((0.8 * (4 / 60)) ** 2 / 2, 9);
    expect(calm.kerf.of).toBeCloseTo(0.9, 9);
    expect(codesOf(calm)).toEqual([]);
  });
});

describe('the pace of a controller', () => {
  const chords = (way: number) =>
    `G1 F6000\n${Array.from({ length: 600 }, (_, i) => `X${((i + 1) * way).toFixed(3)}`).join('\n')}`;
  const planning: Planning = {
    cornering: { kind: 'deviation', by: 2e-5 },
    window: 50,
    pace: 200,
    chord: 0,
    bent: false,
    shared: false,
  };
  it('is asked for by short moves: 0.2 mm at 100 mm/s are 500 a second', () => {
    const { pace } = run(kayak, chords(0.2), { ...air, planning });
    expect(pace.value).toBeCloseTo(500 / 200, 1);
    expect(pace.line).toBeGreaterThan(50);
  });
  it('is enough for long ones, and for a few short ones behind a stop', () => {
    expect(run(kayak, chords(2), { ...air, planning }).pace.value).toBeLessThan(1);
    expect(run(kayak, 'G1 X0.2 F6000\nX0.4\nG4 P1\nX0.6', { ...air, planning }).pace.value).toBe(0);
  });
});

describe('the worst lines', () => {
  /** A machine whose gantry motor has too little for its rapids. */
  const weak = applyEdits(kayak, [put('axes.1.motor.usableShare', estimate('ratio', '0.3'))]);
  it('come first, each once, with the feed that holds', () => {
    const { worst, axes } = run(weak, 'G1 X600 F600\nG1 X0 F9000\nG1 X600 F11000\nX0', air);
    expect(worst[0]!.share).toBeGreaterThan(1);
    expect(worst[0]!.axisId).toBe(axes[0]!.axisId);
    expect(new Set(worst.map((w) => w.line)).size).toBe(worst.length);
    const { holds, reached, line } = worst[0]!;
    expect(holds).toBeLessThan(reached);
    // Run with that feed it holds; a hair faster it does not.
    const again = (speed: number) =>
      run(weak, `G1 X600 F600\nG1 X0 F${speed * 6e4}`, air).axes[0]!.share.value;
    expect(line).toBeGreaterThan(2);
    expect(again(holds! * 0.999)).toBeLessThanOrEqual(1);
    expect(again(holds! * 1.02)).toBeGreaterThan(1);
  });
  it('where no feed holds it is said', () => {
    const dead = applyEdits(kayak, [put('axes.1.motor.usableShare', estimate('ratio', '0.01'))]);
    expect(run(dead, 'G1 X600 F6000', air).worst[0]!.holds).toBeNull();
  });
  it('a machine that holds has none above its share', () => {
    expect(machineReport(scenery, { remedies: false }).axes.length).toBe(3);
    const { worst } = run(scenery, 'G0 X3000 Y1000\nG1 X0 F18000', air);
    for (const { share } of worst) expect(share).toBeLessThan(1);
  });
});

describe('the chance of lost steps', () => {
  it('is a half where as much is asked as pulls out, and falls as there is more to spare', () => {
    expect(slipChance(1, 0.2)).toBeCloseTo(0.5, 9);
    // One standard deviation away: 0.1587 of a normal distribution.
    expect(slipChance(Math.exp(-0.2), 0.2)).toBeCloseTo(0.1587, 4);
    expect([slipChance(0, 0.2), slipChance(Infinity, 0.2)]).toEqual([0, 1]);
  });
  it('of the hardest move of every axis; a measured curve makes it surer', () => {
    const { axes, worst } = run(kayak, 'G0 X600', air);
    expect(axes[0]!.chance).toBe(worst[0]!.chance);
    expect(axes[0]!.chance).toBeLessThan(0.01);
    expect(axes[0]!.lost).toBeGreaterThan(0);
    const sure = applyEdits(kayak, [put('axes.1.motor.holdingTorque.basis', 'measured')]);
    expect(drivesOf(sure)[0]!.doubt).toBeLessThanOrEqual(drivesOf(kayak)[0]!.doubt);
  });
});

describe('what is drawn', () => {
  it('no corner that is left out lies off the drawing by more than is said', () => {
    const text = Array.from({ length: 3000 }, (_, i) => {
      const a = i / 40;
      const [x, y] = [300 + 200 * Math.cos(a), 300 + 200 * Math.sin(a * 1.3)];
      return `G1 X${x.toFixed(4)} Y${y.toFixed(4)} F3000`;
    }).join('\n');
    const { preview, box, time } = run(kayak, text, air);
    expect(preview.classes.length).toBeLessThan(3002);
    expect(preview.times.at(-1)).toBeCloseTo(time, 1);
    const xs = [...preview.places].filter((_, i) => i % 3 === 0);
    expect(Math.max(...xs)).toBeCloseTo(box!.high[0], 4);
    expect(preview.off).toBeLessThan(1e-4);
  });
});
