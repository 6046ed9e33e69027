import { describe, expect, it } from 'vitest';
import { effectsOf, machineReport, massReport } from '@/core/machine';
import { estimate, type Project, put, applyEdits } from '@/core/model';
import { demoMachines } from '@/demo';
import { drawer } from './drawn';
import { type FigureDraws, figuresPart, MOVES, sameThing } from './figures';
import { doubtInputs } from './inputs';
import { doubted } from './parts';
import { streamsOf, valueAt } from './streams';

const [kayak, gate] = demoMachines() as [Project, Project];

function drawn(project: Project, draws: number, range = { from: 0, to: draws }): FigureDraws {
  const steps = figuresPart(doubted({ project, seed: 7, draws }), null, range);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The machine of a draw, made as any draw is made. */
function machineOf(project: Project, draws: number, draw: number): Project {
  const inputs = doubtInputs(project);
  const z = new Float64Array(inputs.length);
  streamsOf(inputs, 7, draws, sameThing).fill(draw, z);
  return drawer(project, inputs)(z.map((v, i) => valueAt(inputs[i]!, v)));
}

const spreadOf = (list: Float64Array) => {
  const mean = list.reduce((s, v) => s + v, 0) / list.length;
  return Math.sqrt(list.reduce((s, v) => s + (v - mean) ** 2, 0) / (list.length - 1));
};

describe('figures of the whole machine over draws', () => {
  it('each draw has the figures that the full report gives of that machine', () => {
    for (const project of [kayak, gate]) {
      const { values } = drawn(project, 40);
      for (const draw of [0, 1, 17, 39]) {
        const machine = machineOf(project, 40, draw);
        const { axes, errors } = machineReport(machine, { remedies: false });
        const wanted = effectsOf({ project: machine, errors, frame: null, reports: axes });
        expect(wanted.length).toBeGreaterThan(5);
        for (const { key, value } of wanted) expect(values.get(key)![draw]! / value, key).toBeCloseTo(1, 9);
        expect(values.get(MOVES)![draw]).toBeCloseTo(massReport(machine).moving, 9);
      }
    }
  });

  it('a range of draws is those draws of the whole, whichever worker has it', () => {
    const [all, part] = [drawn(kayak, 30), drawn(kayak, 30, { from: 10, to: 20 })];
    for (const [key, column] of part.values)
      expect([...column]).toEqual([...all.values.get(key)!.slice(10, 20)]);
  });

  it('the moving mass varies as its bodies do (GUM, JCGM 100, 5.1.2: independent variances add)', () => {
    // One body alone in doubt: its own 25 % of an estimate, at 95 %.
    const at = kayak.axes.findIndex((a) => a.role === 'plunge');
    const sure = (si: number) => ({
      ...estimate('mass', `${si} kg`),
      spread: { by: 'relative', halfWidth: 0 },
    });
    const still = {
      ...kayak,
      structure: null,
      axes: kayak.axes.map((axis) => ({
        ...axis,
        loads: {
          ...axis.loads,
          masses: axis.loads.masses.map((b) => ({ ...b, shape: null, mass: sure(b.mass.si) })),
        },
      })),
    } as unknown as Project;
    const body = { ...still.axes[at]!.loads.masses[0]!, id: 'head', mass: estimate('mass', '10 kg') };
    const one = applyEdits(still, [
      put<string>(`axes.${at}.loads.masses`, [...still.axes[at]!.loads.masses, body] as never),
    ]);
    const spread = spreadOf(drawn(one, 400).values.get(MOVES)!);
    expect(spread / ((0.25 * 10) / 1.96)).toBeGreaterThan(0.93);
    expect(spread / ((0.25 * 10) / 1.96)).toBeLessThan(1.07);
    expect(spreadOf(drawn(still, 100).values.get(MOVES)!)).toBeLessThan(1e-9);
  });

  it('another part in the place of one is off by itself: both doubts stand in the difference', () => {
    const at = kayak.axes.findIndex((a) => a.role === 'plunge');
    const path = `axes.${at}.loads.masses`;
    const list = kayak.axes[at]!.loads.masses;
    const withHead = (mass: string) =>
      applyEdits(kayak, [
        put<string>(path, [
          ...list,
          { ...list[0]!, id: 'h', shape: null, mass: estimate('mass', mass) },
        ] as never),
      ]);
    const [a, b] = [drawn(withHead('10 kg'), 400), drawn(withHead('10.5 kg'), 400)];
    const by = a.values.get(MOVES)!.map((v, i) => b.values.get(MOVES)![i]! - v);
    // Were they one head of 10 kg, it would be off by next to nothing.
    expect(spreadOf(by) / ((0.25 * Math.hypot(10, 10.5)) / 1.96)).toBeGreaterThan(0.9);
    expect(spreadOf(by) / ((0.25 * Math.hypot(10, 10.5)) / 1.96)).toBeLessThan(1.12);
  });

  it('an input more moves the draws of no other: what both have in common cancels', () => {
    const other = { ...kayak, axes: kayak.axes.map((a) => (a.role === 'plunge' ? a : { ...a })) };
    const [a, b] = [drawn(kayak, 20), drawn(other, 20)];
    for (const [key, column] of a.values) expect([...b.values.get(key)!]).toEqual([...column]);
  });
});
