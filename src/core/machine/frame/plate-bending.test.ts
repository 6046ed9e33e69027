import { describe, expect, it } from 'vitest';
import { applyEdits, estimate, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineReport } from '..';
import type { FrameAxis } from './inputs';
import { plateBending } from './plate-bending';

const [s, a, t, E] = [0.16, 0.15, 0.015, 70e9];
const shape = { rails: 2, perRail: 2, spacing: s, length: a, races: 0, carriage: 0.06 };
const axis = (over: object = {}) =>
  ({ mounting: 'wall', shape, plate: { modulus: E, thickness: t }, platePath: 'p', ...over }) as FrameAxis;
/** On the face of a beam that the axis runs along: y along, x away from it, z from rail to rail. */
const bent = (arm: readonly [number, number, number], over: object = {}) =>
  plateBending(axis(over), 'y', arm).series[0]!.compliance;

describe('a plate between its carriages', () => {
  const [over, on] = [(E * (a + 0.06) * t ** 3) / 12, (E * s * t ** 3) / 12];
  it('gives under a push in its middle as two strips that cross: L³/48EI each (Roark, beams)', () => {
    expect(bent([0, 0, 0])[0]).toBeCloseTo(s ** 3 / (48 * over) + a ** 3 / (48 * on), 12);
    // Along and across itself a plate is as good as stiff.
    for (const d of [1, 2] as const) expect(bent([0, 0, 0])[d]).toBeLessThan(1e-11);
  });
  it('turns under a tool at an arm: L/12EI times the arm squared', () => {
    const down = bent([0, 0, 0.2]);
    expect(down[1] - bent([0, 0, 0])[1]).toBeCloseTo(0, 11);
    // A push along x at the arm turns it about the travel: the strip from rail to rail.
    expect(down[0] - bent([0, 0, 0])[0]).toBeCloseTo((0.2 ** 2 * s) / (12 * over), 12);
    expect(bent([0.1, 0, 0])[2]).toBeCloseTo((0.1 ** 2 * s) / (12 * over), 11);
  });
  it('twice as thick gives an eighth', () => {
    const thick = { plate: { modulus: E, thickness: 2 * t } };
    expect(bent([0, 0, 0.2])[0] / bent([0, 0, 0.2], thick)[0]).toBeCloseTo(8, 3);
  });
  it('on one rail bends between nothing; not given, it is named', () => {
    expect(plateBending(axis({ shape: { ...shape, spacing: 0 } }), 'y', [0, 0, 1])).toEqual({
      series: [],
      missing: [],
    });
    expect(plateBending(axis({ plate: null }), 'y', [0, 0, 1])).toEqual({ series: [], missing: ['p'] });
  });
});

describe('plates of a machine', () => {
  const kayak = demoMachines()[0]!;
  const i = kayak.axes.findIndex((x) => x.role === 'gantry');
  const flexOf = (machine: Project) => machineReport(machine, { flex: true, remedies: false }).flex!;
  const share = (machine: Project) =>
    flexOf(machine).softest.x.budget.find((part) => part.id === 'plates')?.value ?? 0;
  const thickness = `axes.${i}.guide.plate.thickness`;
  it('are a part of what gives; a thin one makes the machine softer', () => {
    const thin = applyEdits(kayak, [{ path: thickness, value: estimate('length', '6 mm') }]);
    expect(share(thin)).toBeGreaterThan(share(kayak));
    expect(flexOf(thin).softest.x.stiffness).toBeLessThan(flexOf(kayak).softest.x.stiffness);
  });
  it('that nobody gave count as rigid, and what they would give is named', () => {
    const bare = applyEdits(kayak, [{ path: `axes.${i}.guide.plate`, value: null }]);
    expect(flexOf(bare).missing).toContain(thickness);
    expect(share(bare)).toBeLessThan(share(kayak));
  });
});
