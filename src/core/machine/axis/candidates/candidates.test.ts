import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  guess,
  startingAxis,
  startingDrive,
  startingMotor,
  startingReducer,
} from '@/core/model';
import { withSi } from '@test/helpers/demo';
import { axisReport } from '..';

const base = withSi(startingAxis('bed', 'a'), {
  'demands.rapid': 0.1,
  'demands.feed': 0.05,
  'guide.spacing': 0.6,
  'guide.carriageSpan': 0.32,
  'guide.carriageLength': 0.07,
  'guide.staticLoad': 24_000,
  'guide.size': 0.02,
});
const put = (path: string, value: unknown) => ({ path, value: value as never });
const rack: Axis = { ...base, drive: startingDrive('rack', 0.8), reducer: startingReducer('planetary', 5) };
const belt: Axis = { ...base, drive: startingDrive('belt', 0.8) };
const chain: Axis = { ...base, drive: startingDrive('chain', 0.8) };
const rods = applyEdits(base, [
  put('guide.kind', 'round-rod'),
  put('guide.railLength', guess('length', '1.2 m')),
]);

/** A finding, the figures that bring it up, and ways out that a builder would try. */
const cases: readonly (readonly [
  code: string,
  axis: Axis,
  bad: Record<string, number>,
  ways: readonly string[],
])[] = [
  ['tooth', rack, { 'drive.module': 0.0005, 'drive.faceWidth': 0.003 }, ['module', 'face-width']],
  ['undercut', rack, { 'drive.teeth': 12 }, ['teeth']],
  [
    'sprung-pinion',
    applyEdits(rack, [put('drive.mesh', 'sprung')]),
    { 'drive.springForce': 20 },
    ['spring', 'fix-mesh'],
  ],
  ['joint-at-park', rack, { 'drive.segment': 0.5, 'drive.park': 0.497 }, ['park']],
  ['belt-tension', belt, { 'drive.pretension': 60 }, ['tension']],
  ['belt-pull', belt, { 'drive.allowedPull': 90 }, ['wider-belt', 'both-sides']],
  ['chain-sag', chain, { 'drive.pretension': 5 }, ['tension', 'tray']],
  ['chain-ripple', chain, { 'drive.teeth': 11 }, ['teeth']],
  ['reducer-torque', rack, { 'reducer.torqueLimit': 0.5 }, ['bigger-reducer']],
  ['lost-motion', rack, { 'demands.lostMotion': 5e-5 }, ['finer-reducer', 'mesh-gap']],
  ['guide-static', base, { 'guide.staticLoad': 150 }, ['bigger-carriage']],
  ['racking', base, { 'guide.friction': 0.4, 'guide.driveY': 0.5 }, ['longer-span', 'both-sides']],
  ['rail-height', base, { 'guide.heightError': 0.0005 }, ['shim', 'clearance']],
  ['rail-parallel', base, { 'guide.parallelError': 0.0001 }, ['align', 'clearance']],
  ['rod-sag', rods, { 'guide.size': 0.016 }, ['third-rod', 'thicker-rod']],
  [
    'motor-speed',
    { ...base, motor: startingMotor('servo') },
    { 'motor.maxSpeed': 100, 'motor.ratedSpeed': 90 },
    ['lead'],
  ],
];

describe('ways out of a finding', () => {
  it.each(cases)(
    '%s: what a builder would try is offered, mends or helps, and comes before asking for less',
    (code, axis, bad, ways) => {
      const found = axisReport(withSi(axis, bad)).findings.find((f) => f.code === code)!;
      const offered = found.remedies.map((r) => r.code);
      for (const way of ways) expect(offered, `${code}: ${offered.join(' ')}`).toContain(way);
      if (offered.includes('ask-less')) expect(offered[offered.length - 1]).toBe('ask-less');
      expect(new Set(offered).size).toBe(offered.length);
    },
  );
});
