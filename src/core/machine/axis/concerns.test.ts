import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  guess,
  startingAxis,
  startingDrive,
  startingMotor,
  startingReducer,
  startingThread,
} from '@/core/model';
import { withSi } from '@test/helpers/demo';
import { axisReport } from '.';

const base = withSi(startingAxis('bed', 'a'), { 'demands.rapid': 0.1, 'demands.feed': 0.05 });
const rack: Axis = { ...base, drive: startingDrive('rack', 0.8), reducer: startingReducer('planetary', 5) };
const belt: Axis = { ...base, drive: startingDrive('belt', 0.8) };
const chain: Axis = { ...base, drive: startingDrive('chain', 0.8) };
const put = (path: string, value: unknown) => ({ path, value: value as never });
const sprung = applyEdits(rack, [put('drive.mesh', 'sprung')]);
const compensated = applyEdits(base, [
  put('drive.thread', {
    ...startingThread('sliding', 0.016),
    nut: 'compensated',
    preload: guess('force', '50 N'),
  }),
]);
const sliding = applyEdits(base, [put('drive.thread', startingThread('sliding', 0.016))]);
const rated = applyEdits(base, [
  put('drive.thread.staticLoad', guess('force', '20 kN')),
  put('drive.thread.dynamicLoad', guess('force', '12 kN')),
  put('drive.bearingStaticLoad', guess('force', '4 kN')),
  put('drive.bearingDynamicLoad', guess('force', '7 kN')),
]);
const servo: Axis = { ...base, motor: startingMotor('servo') };

const codes = (axis: Axis, values: Record<string, number>) =>
  axisReport(withSi(axis, values), { remedies: false }).findings.map((f) => f.code);

/** Each finding with the figures that bring it up, and figures that do not. */
const cases: readonly (readonly [
  code: string,
  axis: Axis,
  bad: Record<string, number>,
  good: Record<string, number>,
])[] = [
  ['tooth', rack, { 'drive.module': 0.0005, 'drive.faceWidth': 0.003 }, { 'drive.module': 0.002 }],
  ['undercut', rack, { 'drive.teeth': 11 }, { 'drive.teeth': 20 }],
  ['undercut', rack, { 'drive.teeth': 12 }, { 'drive.teeth': 12, 'drive.profileShift': 0.4 }],
  ['sprung-pinion', sprung, { 'drive.springForce': 20 }, { 'drive.springForce': 300 }],
  ['mesh-tight', rack, { 'drive.meshGap': 0 }, { 'drive.meshGap': 5e-5 }],
  [
    'joint-at-park',
    rack,
    { 'drive.segment': 0.5, 'drive.park': 0.497 },
    { 'drive.segment': 0.5, 'drive.park': 0.25 },
  ],
  ['shaft-load', rack, { 'drive.shaftLoadLimit': 100 }, { 'drive.shaftLoadLimit': 800 }],
  ['shaft-load', belt, { 'drive.shaftLoadLimit': 300 }, { 'drive.shaftLoadLimit': 900 }],
  ['shaft-load', chain, { 'drive.shaftLoadLimit': 200 }, { 'drive.shaftLoadLimit': 900 }],
  ['belt-tension', belt, { 'drive.pretension': 60 }, { 'drive.pretension': 400 }],
  ['belt-teeth', belt, { 'drive.wrap': 1.2 }, { 'drive.wrap': Math.PI }],
  ['belt-pull', belt, { 'drive.allowedPull': 60 }, { 'drive.allowedPull': 600 }],
  ['line-speed', belt, { 'drive.maxSpeed': 0.08 }, { 'drive.maxSpeed': 5 }],
  ['chain-pull', chain, { 'drive.breakingLoad': 500 }, { 'drive.breakingLoad': 8900 }],
  ['chain-sag', chain, { 'drive.pretension': 5 }, { 'drive.pretension': 200 }],
  ['chain-ripple', chain, { 'drive.teeth': 11 }, { 'drive.teeth': 19 }],
  ['nut-spring', compensated, { 'drive.thread.preload': 50 }, { 'drive.thread.preload': 400 }],
  ['reducer-torque', rack, { 'reducer.torqueLimit': 0.5 }, { 'reducer.torqueLimit': 30 }],
  ['coupling-torque', base, { 'coupling.torqueLimit': 0.05 }, { 'coupling.torqueLimit': 4 }],
  ['coupling-runout', base, { 'coupling.runout': 2e-4 }, { 'coupling.runout': 2e-5 }],
  ['lost-motion', rack, { 'demands.lostMotion': 2e-5 }, { 'demands.lostMotion': 5e-4 }],
  ['supply-power', base, { 'supply.power': 10 }, { 'supply.power': 500 }],
  [
    'regeneration',
    servo,
    {
      'supply.capacitance': 1e-5,
      'loads.masses.0.mass': 300,
      'demands.rapid': 0.3,
      'demands.acceleration': 4,
      'driver.maxVoltage': 37,
    },
    { 'supply.capacitance': 1 },
  ],
  ['motor-speed', servo, { 'motor.maxSpeed': 100, 'motor.ratedSpeed': 90 }, {}],
  ['nut-load', sliding, { 'demands.cuttingForce': 5000, 'drive.thread.nutLength': 0.01 }, {}],
  ['nut-heat', sliding, { 'demands.cuttingForce': 900 }, { 'demands.feed': 0.005 }],
  ['nut-rubbing', sliding, { 'demands.rapid': 0.2 }, { 'demands.rapid': 0.04 }],
  ['nut-static', rated, { 'drive.thread.staticLoad': 150 }, {}],
  ['nut-life', rated, { 'drive.thread.dynamicLoad': 900 }, {}],
  ['bearing-static', rated, { 'drive.bearingStaticLoad': 50 }, {}],
  ['bearing-life', rated, { 'drive.bearingDynamicLoad': 500 }, {}],
  ['driver-small', base, { 'driver.maxCurrent': 2.8, 'motor.ratedCurrent': 5 }, {}],
];

describe('findings of drives, motors and supplies', () => {
  it.each(cases)('%s comes up where it should and not where it should not', (code, axis, bad, good) => {
    expect(codes(axis, bad)).toContain(code);
    expect(codes(axis, good)).not.toContain(code);
  });
  it.each(cases)('%s names a figure that is wrong the way its verdict says', (code, axis, bad) => {
    const found = axisReport(withSi(axis, bad), { remedies: false }).findings.find((f) => f.code === code)!;
    expect(['thin', 'gives-out']).toContain(found.verdict);
    expect(Number.isFinite(found.value) && Number.isFinite(found.limit)).toBe(true);
    expect(found.path).toMatch(/^(drive|reducer|coupling|motor|driver|supply|demands)\./);
  });
  it(
    'what is not known is no finding of strength: lost motion with a link missing is not known, ' +
      'unless what is known is too much',
    () => {
      const missing = applyEdits(rack, [put('drive.meshGap', null)]);
      const verdict = (allowed: number) =>
        axisReport(withSi(missing, { 'demands.lostMotion': allowed })).findings.find(
          (f) => f.code === 'lost-motion',
        )!;
      expect(verdict(5e-4)).toMatchObject({
        verdict: 'not-known',
        path: 'drive.meshGap',
        params: { missing: 1 },
      });
      expect(verdict(1e-5).verdict).toBe('gives-out');
    },
  );
  it('a brake resistor takes what comes back', () => {
    const pumped = withSi(servo, cases.find(([c]) => c === 'regeneration')![2]);
    expect(
      axisReport(pumped)
        .findings.find((f) => f.code === 'regeneration')!
        .remedies.map((r) => r.code),
    ).toContain('brake-resistor');
    expect(
      axisReport({ ...pumped, supply: { ...pumped.supply, brakeResistor: 'fitted' } }).findings.map(
        (f) => f.code,
      ),
    ).not.toContain('regeneration');
  });
  it(
    'a shaft across lets one motor carry both sides: each strand takes its share, and ' + 'the twist gives',
    () => {
      const across = applyEdits(rack, [
        put('drive.crossShaft', { diameter: guess('length', '16 mm'), length: guess('length', '600 mm') }),
        put('drive.worstShare', guess('ratio', '0.7')),
      ]);
      const shaft = axisReport(across, { remedies: false });
      expect(shaft.stiffness.links.map((l) => l.id)).toContain('cross-shaft');
      const radial = (r: typeof shaft) => r.figures.find((f) => f.id === 'shaft-radial')!.value;
      expect(radial(shaft) / radial(axisReport(rack, { remedies: false }))).toBeCloseTo(0.7, 6);
    },
  );
});

describe('a turning nut of an Acme 1/2-10 screw', () => {
  it('that would rub at 0.65 m/s is no way out of whip: it says what gives out then', () => {
    const inch = 0.0254;
    const acme = withSi(
      applyEdits(base, [put('drive.thread', { ...startingThread('sliding', inch / 2), form: 'acme' })]),
      {
        'drive.nominalDiameter': inch / 2,
        'drive.rootDiameter': 0.38 * inch,
        'drive.lead': inch / 10,
        'drive.betweenBearings': 1.5,
        'demands.travel': 1.3,
        // Along the thread 14.2 times as fast as along the axis.
        'demands.rapid': 0.65 / Math.hypot(1, Math.PI * 4.5),
        'demands.feed': 0.01,
      },
    );
    const whip = axisReport(acme).findings.find((f) => f.code === 'whip')!;
    expect(whip.verdict).toBe('gives-out');
    const standing = axisReport(applyEdits(acme, [put('drive.turning', 'nut')]));
    expect(standing.findings.map((f) => f.code)).not.toContain('whip');
    expect(standing.findings.find((f) => f.code === 'nut-rubbing')!.verdict).toBe('gives-out');
    const mending = whip.remedies.filter((r) => r.wholeVerdict === 'holds').map((r) => r.code);
    expect(mending).not.toContain('turn-nut');
    const balls = standing.findings.find((f) => f.code === 'nut-rubbing')!.remedies.map((r) => r.code);
    expect(balls).toContain('to-ball');
  });
});
