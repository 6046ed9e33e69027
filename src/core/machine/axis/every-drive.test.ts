import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  axisIssues,
  guess,
  guideKinds,
  guideOfKind,
  startingAxis,
  startingDrive,
  startingMotor,
  startingReducer,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { withSi } from '@test/helpers/demo';
import { axisReport, moveCurves, stiffnessOverTravel } from '.';

const base = startingAxis('bed', 'a');
const put = (path: string, value: unknown) => ({ path, value: value as never });
const drives = (['screw', 'rack', 'belt', 'chain', 'crank'] as const).map((kind) => ({
  ...base,
  drive: startingDrive(kind, 0.8),
}));
const motors = (['stepper', 'servo', 'geared', 'hand'] as const).map((kind) => startingMotor(kind));
const reducers = [null, startingReducer('belt', 2), startingReducer('planetary', 5)];

/** Every drive with every motor, reducer and guide. */
const every: Axis[] = drives
  .flatMap((a) => motors.flatMap((motor) => reducers.map((reducer) => ({ ...a, motor, reducer }))))
  .flatMap((a, i) => [
    { ...a, guide: guideOfKind(guideKinds[i % guideKinds.length]!, a.guide) },
    // A crank stands alone.
    ...(a.drive.kind === 'crank'
      ? []
      : [{ ...a, drive: { ...a.drive, sets: 2 as const, worstShare: guess('ratio', '0.6') } }]),
  ]);

describe('every drive with every motor and reducer', () => {
  it.each(
    every.map(
      (a) =>
        [
          `${a.drive.kind} ${a.drive.sets}, ${a.motor.kind}, ${a.reducer?.kind ?? 'direct'}, ${a.guide.kind}`,
          a,
        ] as const,
    ),
  )('%s: keeps the rules, has a whole report and remedies that help', (_name, axis) => {
    expect(axisIssues(axis)).toEqual([]);
    const { working, ...report } = axisReport(axis, { working: true });
    expect(axisReport(axis)).toEqual(report);
    for (const line of working!) expect(Number.isNaN(line.value), line.key).toBe(false);
    const turns = axis.drive.kind === 'crank' ? ['crank-stroke'] : ['travel-per-turn', 'turns'];
    const least = axis.motor.kind === 'hand' ? 'dial-line' : 'pulses-per-length';
    for (const id of [
      ...turns,
      ...(axis.drive.kind === 'crank' ? [] : [least]),
      ...(axis.motor.kind === 'hand' ? [] : ['supply-power']),
      'move-time',
    ])
      expect(report.figures.map((f) => f.id)).toContain(id);
    for (const f of report.findings)
      for (const r of f.remedies) {
        const changed = applyEdits(axis, r.edits);
        expect(axisIssues(changed), r.code).toEqual([]);
        expect(
          axisReport(changed, { remedies: false }).findings.find((g) => g.code === f.code)?.verdict ??
            'holds',
          `${f.code} by ${r.code}`,
        ).toBe(r.verdict);
      }
  });
});

describe('links of the train', () => {
  it(
    'the give of all links under a load adds up to the give of the whole (springs in series), ' +
      'for every drive',
    () => {
      for (const axis of drives) {
        const { stiffness } = axisReport(
          withSi(
            {
              ...axis,
              reducer: {
                ...startingReducer('planetary', 5),
                stiffness: guess('torsionalStiffness', '5000 N·m/rad'),
              },
            },
            { 'coupling.stiffness': 900 },
          ),
        );
        expect(stiffness.links.reduce((sum, l) => sum + 1 / l.value!, 0)).toBeCloseTo(
          1 / stiffness.value,
          12,
        );
        expect(stiffness.links.map((l) => l.id)).toEqual(expect.arrayContaining(['coupling', 'reducer']));
      }
    },
  );
  it('a shaft to both sides adds its twist and halves what one side gives at an even load', () => {
    const rack = {
      ...base,
      drive: { ...startingDrive('rack', 0.8), worstShare: guess('ratio', '0.5') },
    } as Axis;
    const across = applyEdits(rack, [
      put('drive.crossShaft', { diameter: guess('length', '40 mm'), length: guess('length', '1 mm') }),
    ]);
    expect(axisReport(across).stiffness.value / axisReport(rack).stiffness.value).toBeCloseTo(2, 1);
  });
  it('lost motion is the sum of what is known; what is not known is named', () => {
    const { lostMotion } = axisReport({
      ...base,
      drive: startingDrive('rack', 0.8),
      reducer: startingReducer('planetary', 5),
    });
    expect(lostMotion.links.reduce((sum, l) => sum + (l.value ?? 0), 0)).toBeCloseTo(lostMotion.value, 15);
    // 8 arcmin at a pinion of 30 mm: pi d arcmin / 21600 = 34.9 µm.
    expect(lostMotion.links.find((l) => l.id === 'reducer')!.value! * 1e6).toBeCloseTo(
      (Math.PI * 30_000 * 8) / 21600,
      3,
    );
    expect(axisReport(base).lostMotion.missing).toEqual(['drive.play']);
  });
  it(
    'a belt’s stiffness over the travel is least at the idler of a loop, in the middle of ' + 'an open belt',
    () => {
      const at = (arrangement: string) =>
        stiffnessOverTravel(
          applyEdits({ ...base, drive: startingDrive('belt', 0.8) }, [put('drive.arrangement', arrangement)]),
        ).map((p) => p.stiffness);
      const [loop, open] = [at('loop'), at('open')];
      expect(Math.min(...loop)).toBe(loop[loop.length - 1]);
      expect(Math.min(...open)).toBe(open[10]);
    },
  );
});

describe('a move over time', () => {
  it(
    'has the torque of the cases in its phases, for trapezoid and seven phases, and ' + 'covers the travel',
    () => {
      // A crank swings through a turn of its own.
      const moved = drives.filter((d) => d.drive.kind !== 'crank');
      for (const axis of [...moved, ...demoMachines().flatMap((m) => m.axes)]) {
        const report = axisReport(axis, { remedies: false });
        for (const curve of moveCurves(axis)) {
          let covered = 0;
          curve.points.forEach((p, i) => {
            const before = curve.points[i - 1];
            if (before) covered += ((p.time - before.time) * (p.speed + before.speed)) / 2;
          });
          expect(covered / axis.demands.travel.si).toBeCloseTo(1, 2);
          const reached = curve.topSpeed >= axis.demands.rapid.si * (1 - 1e-9);
          if (curve.id === 'trapezoid' && reached)
            expect(
              Math.max(...curve.points.map((p) => p.torque)) / report.cases['speed-up'].torque,
            ).toBeCloseTo(1, 6);
          expect(curve.points[curve.points.length - 1]!.speed).toBeCloseTo(0, 6);
        }
      }
    },
  );
});

describe('facts of the trade', () => {
  it(
    'the 1.5 m axis that a fine Acme screw cannot drive at 2.5 m/min passes 20 m/min on a belt with ' +
      'a size-34 motor (common practice, no source)',
    () => {
      const belt = withSi(
        { ...base, drive: startingDrive('belt', 1.5) },
        {
          'demands.travel': 1.5,
          'demands.rapid': 20 / 60,
          'demands.acceleration': 1,
          'loads.masses.0.mass': 30,
          'motor.holdingTorque': 4.5,
          'motor.ratedCurrent': 5.5,
          'motor.resistance': 0.46,
          'motor.inductance': 3.8e-3,
          'motor.rotorInertia': 1.4e-4,
          'driver.setCurrent': 5.5 * Math.SQRT2,
          'driver.maxCurrent': 8.2,
          'supply.voltage': 48,
          'drive.centreDistance': 1.9,
        },
      );
      expect(axisReport(belt).speed * 60).toBeGreaterThan(20);
    },
  );
  it(
    'nonsense is refused with its rule and place: 5 teeth, a root above the nominal, a supply above ' +
      'its driver, carriages beyond their span',
    () => {
      const codes = (axis: Axis, values: Record<string, number>) =>
        axisIssues(withSi(axis, values)).map((i) => [i.code, i.path.length > 0]);
      expect(codes(drives[1]!, { 'drive.teeth': 5 })).toEqual([['pinion-too-small', true]]);
      expect(codes(base, { 'drive.rootDiameter': 0.018 })).toEqual([['root-not-below-nominal', true]]);
      expect(codes(base, { 'supply.voltage': 60 })).toEqual([['voltage-above-driver', true]]);
      expect(codes(base, { 'guide.carriageSpan': 0.1, 'guide.carriageLength': 0.06 })).toEqual([
        ['carriages-overlap', true],
      ]);
      expect(codes(drives[2]!, { 'demands.travel': 1.2 })).toEqual([['travel-beyond-line', true]]);
      expect(codes(drives[3]!, { 'drive.teeth': 8 })).toEqual([['sprocket-too-small', true]]);
    },
  );
  it('a duty with rest is cooler than shuttling, and a longer rest cooler still', () => {
    const servo = withSi({ ...base, motor: startingMotor('servo') }, { 'demands.cuttingForce': 0 });
    const rms = (rest: number) =>
      axisReport({
        ...servo,
        duty: [
          {
            id: 'a',
            does: 'rapid',
            distance: base.demands.travel,
            rest: { ...guess('time', '1 s'), si: rest as never },
            times: guess('count', '1'),
          },
        ],
      }).duty.rms;
    const shuttle = axisReport(servo).duty.rms;
    expect(rms(0.0001) / shuttle).toBeCloseTo(1, 3);
    for (const rest of [1, 3, 10, 40]) expect(rms(rest * 2)).toBeLessThan(rms(rest));
  });
  it('a small servo under 800 N overheats where no duty is typed: long jobs cut for minutes', () => {
    const servo = withSi(
      { ...base, motor: startingMotor('servo') },
      { 'motor.ratedTorque': 0.32, 'motor.peakTorque': 0.96, 'demands.cuttingForce': 800 },
    );
    const report = axisReport(servo);
    // F times lead over 2 pi eta alone (Shigley, power screws): 800 N, 5 mm, 0.9.
    expect(report.duty.rms).toBeGreaterThan((800 * 0.005) / (2 * Math.PI * 0.9));
    expect(report.findings.find((f) => f.code === 'motor-heat')!.verdict).toBe('gives-out');
  });
});
