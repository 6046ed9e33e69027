import { describe, expect, it } from 'vitest';
import { restsOn } from '@/core/choose';
import { applyEdits, estimate, guess, oursIn, type Project, put, putInAxis, startingCut } from '@/core/model';
import { demoMachines } from '@/demo';
import { beginMachine, loadedAxes, machineReport, originsOf } from '..';

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
    const rated = { ratedSpeed: guess('angularSpeed', '24000 rpm') };
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
    const whip = restsOn(axis!, { code: 'whip' });
    expect(whip).toContain('drive.betweenBearings');
    expect(whip).toContain('demands.rapid');
    expect(whip.filter((p) => p.startsWith('motor') || p.startsWith('supply'))).toEqual([]);
    const torque = restsOn(axis!, { code: 'torque-rapid' });
    for (const path of ['motor.holdingTorque', 'motor.inductance', 'supply.voltage'])
      expect(torque).toContain(path);
    expect(torque).not.toContain('demands.lostMotion');
  });
  it('what is confirmed drops out of a finding, and the guess is gone with the last of them', () => {
    const [axis] = loadedAxes(begun());
    const paths = restsOn(axis!, { code: 'whip' });
    const said = applyEdits(axis!, [putInAxis('demands.rapid', estimate('speed', '10 m/min'))]);
    expect(restsOn(said, { code: 'whip' })).toEqual(paths.filter((p) => p !== 'demands.rapid'));
    expect(restsOn(confirmed(axis as never) as never, { code: 'whip' })).toEqual([]);
  });
});
