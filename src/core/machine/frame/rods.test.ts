import { describe, expect, it } from 'vitest';
import { type Axis, guess, type Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { frameTrials } from '.';
import type { FrameAxis } from './inputs';
import { rodsUnder } from './rods';
import { machineReport } from '..';

const [kayak, , scenery] = demoMachines();

/** A machine with one of its axes on rods of a size and a length. */
function onRods(machine: Project, role: Axis['role'], size: string, length: string): Project {
  const i = machine.axes.findIndex((a) => a.role === role);
  const axis = machine.axes[i]!;
  const guide: Axis['guide'] = {
    ...axis.guide,
    kind: 'round-rod',
    size: guess('length', size),
    railLength: guess('length', length),
  };
  return { ...machine, axes: machine.axes.with(i, { ...axis, guide }) };
}
const flexOf = (machine: Project) => machineReport(machine, { flex: true, remedies: false }).flex!;
const rodsOf = (machine: Project, way: 'x' | 'y' | 'z') =>
  flexOf(machine).softest[way].budget.find((s) => s.id === 'rods')?.value ?? 0;

/** PL³/48EI of one rod of steel, m/N (beam tables: both ends held up, force in the middle). */
const middle = (d: number, L: number) => L ** 3 / (48 * 206e9 * (Math.PI / 64) * d ** 4);

describe('rods that are held at their ends give on every axis', () => {
  it('a bed on two rods of 20 mm over 1.5 m: 0.046 N/µm in the middle (PL³/48EI, two share)', () => {
    const soft = onRods(kayak!, 'bed', '20 mm', '1500 mm');
    // The tool in the middle of the beam: each side carries half of it.
    const { stations, bedPlaces } = flexOf(soft);
    const row = stations[Math.floor(bedPlaces.length / 2)]!;
    const z = row[Math.floor(row.length / 2)]!.compliance[2];
    const rigid = flexOf(kayak!).stations[Math.floor(bedPlaces.length / 2)]!;
    const bent = z - rigid[Math.floor(rigid.length / 2)]!.compliance[2];
    const two = middle(0.02, 1.5) / 2;
    expect(1e-6 / two).toBeCloseTo(0.046, 3);
    // The rest is the pitch of the gantry on rods that give: the tool stands ahead of its feet.
    expect(bent).toBeGreaterThan(two * 0.999);
    expect(flexOf(soft).softest.z.stiffness).toBeLessThan(0.047e6);
    expect(rodsOf(soft, 'z')).toBeGreaterThan(two * 0.999);
  });
  it('twice as thick give a sixteenth (I of a round, d⁴)', () => {
    const share = (size: string, length: string) => rodsOf(onRods(kayak!, 'gantry', size, length), 'z');
    expect(share('20 mm', '1600 mm') / share('40 mm', '1600 mm')).toBeCloseTo(16, 4);
  });
  it.each(['bed', 'gantry', 'plunge'] as const)('of the %s axis is in the budget', (role) => {
    expect(rodsOf(kayak!, 'x') + rodsOf(kayak!, 'z')).toBe(0);
    const soft = onRods(kayak!, role, '16 mm', '800 mm');
    expect(Math.max(rodsOf(soft, 'x'), rodsOf(soft, 'z'))).toBeGreaterThan(0);
  });
  it('a size that is not given makes the figures bounds, and is named', () => {
    const soft = onRods(kayak!, 'bed', '20 mm', '1500 mm');
    const guide = { ...soft.axes[0]!.guide, size: null };
    const unknown = { ...soft, axes: soft.axes.with(0, { ...soft.axes[0]!, guide }) };
    expect(flexOf(unknown).missing).toContain('axes.0.guide.size');
  });
  it('thicker ones, a third and supported ones are tried and bring what they must', () => {
    const soft = onRods(kayak!, 'gantry', '20 mm', '1600 mm');
    const drives = machineReport(soft, { remedies: false }).axes.map((a) => a.stiffness.value);
    const trials = frameTrials(soft, drives);
    const gain = (code: string) => trials.find((t) => t.code === code)!.gain.z;
    // In the plane of the two it carries a third, and holds a roll no better: b²/2 with two, b²/2 with three.
    expect(gain('axis-third-rod')).toBeGreaterThan(1.05);
    expect(gain('axis-thicker-rod')).toBeGreaterThan(1.8);
    expect(gain('axis-supported-rod')).toBeGreaterThan(gain('axis-thicker-rod'));
  });
  it('a third out of the plane of two holds a roll: squares of b²/2 + 2h²/3 (corners of a triangle)', () => {
    const axis = { rails: 3, spacing: 0.2, rods: { diameter: 0.02, length: 1.5 } };
    const roll = (offPlane: number, rails = 3) =>
      rodsUnder({ ...axis, rails, offPlane } as FrameAxis, 'x')![3];
    const push = middle(0.02, 1.5);
    expect(roll(0)).toBeCloseTo(push / (0.2 ** 2 / 2), 6);
    // By their places: (±0.1, 0) and (0, 0.15), their middle a third of the way up.
    const corners = [
      [-0.1, 0],
      [0.1, 0],
      [0, 0.15],
    ] as const;
    const squares = corners.reduce((sum, [y, z]) => sum + y ** 2 + (z - 0.05) ** 2, 0);
    expect(roll(0.15)).toBeCloseTo(push / squares, 9);
    expect(roll(0.15, 2)).toBe(roll(0, 2));
    const soft = onRods(kayak!, 'gantry', '20 mm', '1600 mm');
    const trials = frameTrials(
      soft,
      machineReport(soft, { remedies: false }).axes.map((a) => a.stiffness.value),
    );
    const gain = (code: string) => trials.find((t) => t.code === code)?.gain;
    expect(gain('axis-rod-triangle')!.x).toBeGreaterThan(gain('axis-third-rod')!.x);
  });
  it('a table or an arm on rods gives too', () => {
    const role = scenery!.axes.find((a) => a.role === 'bed' || a.role === 'table')!.role;
    const soft = onRods(scenery!, role, '20 mm', '1500 mm');
    expect(flexOf(soft).softest.z.stiffness).toBeLessThan(flexOf(scenery!).softest.z.stiffness);
  });
});
