import { describe, expect, it } from 'vitest';
import { type Axis, applyEdits, estimate, putInAxis, startingAxis, startingReducer } from '@/core/model';
import { inertiaBehind, torqueBehind } from '@/core/motion';
import { quantity as q } from '@/core/units';
import { axisReport } from '.';

const RATIO = 5;
const axis = applyEdits(startingAxis('bed', 'a'), [
  putInAxis('reducer', startingReducer('planetary', RATIO)),
  putInAxis('coupling.stiffness', estimate('torsionalStiffness', '500 N·m/rad')),
  putInAxis('coupling.backlash', estimate('angle', '6 arcmin')),
  putInAxis('coupling.torqueLimit', estimate('torque', '0.01 N·m')),
  putInAxis('coupling.inertia', estimate('inertia', '1 kg·cm²')),
]);
const behind = putInto(axis, 'drive');

function putInto(a: Axis, place: 'motor' | 'drive'): Axis {
  return applyEdits(a, [putInAxis('coupling.place', place)]);
}

const link = (list: readonly { id: string; value: number | null }[]) =>
  list.find((l) => l.id === 'coupling')!.value!;

describe('where a coupling sits', () => {
  it('behind a reducer its softness counts in full: i² times what it gives before it', () => {
    const [before, after] = [axisReport(axis), axisReport(behind)];
    expect(link(before.stiffness.links) / link(after.stiffness.links)).toBeCloseTo(RATIO ** 2, 9);
    // 500 N·m/rad on a lead of 5 mm: k = 0.005 / 2π, so K / k² = 789.6 N/µm.
    expect(link(after.stiffness.links) / 789.568e6).toBeCloseTo(1, 5);
    expect(link(after.lostMotion.links) / link(before.lostMotion.links)).toBeCloseTo(RATIO, 9);
  });
  it('it carries the torque of the motor times ratio and efficiency', () => {
    const need = (a: Axis) => axisReport(a).findings.find((f) => f.code === 'coupling-torque')!.limit;
    // The coupling's own inertia weighs less behind the reducer: held out by comparing with none.
    const light = (a: Axis) =>
      applyEdits(a, [putInAxis('coupling.inertia', estimate('inertia', '0 kg·cm²'))]);
    expect(need(light(behind)) / need(light(axis))).toBeCloseTo(RATIO * 0.94, 9);
  });
  it('2 N·m through 3 : 1 at 90 % are 5.4 N·m', () => {
    const two = { torque: q('torque', 2), ratio: q('ratio', 3), efficiency: q('ratio', 0.9) };
    expect(torqueBehind.evaluate(two)).toBeCloseTo(5.4, 12);
  });
  it('its inertia is felt by as much less as the energy it takes (half J ω²)', () => {
    const felt = inertiaBehind.evaluate({ inertia: q('inertia', 2e-4), ratio: q('ratio', 4) });
    const motorSpeed = 100;
    expect((felt * motorSpeed ** 2) / 2).toBeCloseTo((2e-4 * (motorSpeed / 4) ** 2) / 2, 12);
  });
  it('behind the reducer the motor speeds it up with less', () => {
    const torque = (a: Axis) => axisReport(a).cases['speed-up'].torque;
    expect(torque(behind)).toBeLessThan(torque(axis));
  });
  it('without a reducer it is the same shaft', () => {
    const direct = applyEdits(axis, [putInAxis('reducer', null)]);
    const [one, other] = [axisReport(direct), axisReport(putInto(direct, 'drive'))];
    expect(one.stiffness.value).toBe(other.stiffness.value);
    expect(one.cases).toEqual(other.cases);
  });
});
