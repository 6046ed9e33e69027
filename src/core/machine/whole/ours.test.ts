import { describe, expect, it } from 'vitest';

import { moved, restsOf } from '@/core/choose';
import {
  applyEdits,
  type Axis,
  estimate,
  guess,
  oursIn,
  type Project,
  put,
  putInAxis,
  startingCut,
  startingDrive,
  startingMotor,
} from '@/core/model';
import { demoMachines } from '@/demo';
import { axisReport, beginMachine, loadedAxes, machineReport, originsOf, oursOf } from '..';

const names = (role: string) => ({ axis: role, body: 'all' });
const begun = () => beginMachine('one', '2026-11-26T00:00:00.000Z', 'Machine', names);
const [kayak] = demoMachines() as [Project];
const confirmed = (p: Project) => JSON.parse(JSON.stringify(p).replaceAll('"ours"', '"estimate"')) as Project;

describe('numbers that nobody has said', () => {
  it('an older file has none, and says so by its verdicts', () => {
    expect(oursIn(kayak)).toEqual([]);
    const report = machineReport(kayak);
    expect([report.ours, ...report.axes.map((a) => a.ours)]).toEqual([[], [], [], []]);
  });
  it('each counts once for the whole, with its path from the root, until it is confirmed', () => {
    const machine = begun();
    const { ours, axes } = machineReport(machine);
    expect(new Set(ours).size).toBe(ours.length);
    for (const path of ours) expect(oursIn(machine), path).toContain(path);
    expect(ours).toContain('axes.2.loads.masses.0.mass');
    // The head rides on three axes: it is one number.
    expect(axes.every((a) => a.ours.some((p) => p.startsWith('loads.masses')))).toBe(true);
    expect(machineReport(confirmed(machine)).ours).toEqual([]);
  });
  it('a mass, a cut or a spindle of ours makes what it loads ours, and is named where it stands', () => {
    const cut = startingCut('mill', 'a');
    const spindle = { power: guess('power', '1 kW'), efficiency: guess('ratio', '0.8') };
    const rated = { ratedSpeed: guess('angularSpeed', '24000 rpm'), belt: null };
    const said = confirmed(begun());
    const cutting = applyEdits(said, [
      put('brief.cuts', [cut]),
      put('brief.spindle', { ...spindle, ...rated }),
    ]);
    const [bed] = machineReport(cutting).axes;
    expect(bed!.ours).toContain('demands.cuttingForce');
    const origins = originsOf(cutting, 0, loadedAxes(cutting)[0]!, ['demands.cuttingForce']);
    expect(origins).toContain('brief.cuts.0.kc11');
    expect(origins).toContain('brief.spindle.power');
    const heavier = applyEdits(said, [put('axes.2.loads.masses.0.mass', guess('mass', '9 kg'))]);
    const loaded = loadedAxes(heavier)[0]!;
    const row = loaded.loads.masses.findIndex((b) => b.mass.basis === 'ours');
    expect(originsOf(heavier, 0, loaded, [`loads.masses.${row}.mass`])).toEqual([
      'axes.2.loads.masses.0.mass',
    ]);
  });
  it('a finding rests on what moves it: whip on the screw, not on the motor; torque on the motor', () => {
    const [axis] = loadedAxes(begun());
    const whip = restsOf(axis!).get('whip')!;
    expect(whip).toContain('drive.betweenBearings');
    expect(whip).toContain('demands.rapid');
    expect(whip.filter((p) => p.startsWith('motor') || p.startsWith('supply'))).toEqual([]);
    const torque = restsOf(axis!).get('torque-rapid')!;
    for (const path of ['motor.holdingTorque', 'motor.inductance', 'supply.voltage'])
      expect(torque).toContain(path);
    expect(torque).not.toContain('demands.lostMotion');
  });
  it('what is confirmed drops out of a finding, and the guess is gone with the last of them', () => {
    const [axis] = loadedAxes(begun());
    const paths = restsOf(axis!).get('whip')!;
    const said = applyEdits(axis!, [putInAxis('demands.rapid', estimate('speed', '10 m/min'))]);
    expect(restsOf(said).get('whip')).toEqual(paths.filter((p) => p !== 'demands.rapid'));
    expect([...restsOf(confirmed(axis as never) as never)]).toEqual([]);
  });
  it('a number that is not counted moves no answer, whatever the axis is made of', () => {
    const [axis] = loadedAxes(begun()) as [Axis];
    const given = (path: string, kind: 'length' | 'capacitance' | 'count', typed: string) =>
      putInAxis(path as 'guide.spacing', estimate(kind, typed) as never);
    const single = [given('guide.rails', 'count', '1'), given('guide.perRail', 'count', '1')];
    const seated = [given('guide.carriageLength', 'length', '80 mm')];
    const placed = [
      given('guide.spacing', 'length', '300 mm'),
      given('guide.carriageSpan', 'length', '250 mm'),
    ];
    const railed = [given('guide.railLength', 'length', '1100 mm')];
    const wired = [given('supply.capacitance', 'capacitance', '4700 µF')];
    const made = (['stepper', 'servo', 'geared'] as const).flatMap((motor) =>
      (['screw', 'rack', 'belt', 'chain'] as const).flatMap((drive) =>
        [[], [...single, ...seated], [...placed, ...seated], [...railed, ...wired]].map((edits) =>
          applyEdits({ ...axis, motor: startingMotor(motor), drive: startingDrive(drive, 0.8) }, edits),
        ),
      ),
    );
    for (const one of made) {
      const counted = new Set(oursOf(one));
      const answers = (a: Axis) => {
        const { ours: _ours, ...rest } = axisReport(a, { remedies: false });
        return JSON.stringify(rest);
      };
      const now = answers(one);
      for (const path of oursIn(one).filter((p) => !counted.has(p) && p !== 'demands.inclination'))
        for (const other of moved(one, path)) expect(answers(other), path).toBe(now);
    }
  });
});
