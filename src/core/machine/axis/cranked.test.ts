import { describe, expect, it } from 'vitest';
import { type Axis, guess as m, type HandCrank, startingMotor } from '@/core/model';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

/** Handbook: 260 N along a screw of lead 10 at 0.9 are 4.6 N at a crank of 100 mm. */
const plunge = demoAxis('plunge');
const crank = startingMotor('hand') as HandCrank;
const cranked = withSi(
  {
    ...plunge,
    motor: { ...crank, radius: m('length', '100 mm') },
    loads: { ...plunge.loads, guideDrag: m('force', '260 N') },
  } as Axis,
  {
    'demands.inclination': 0,
    'loads.otherDrag': 0,
    'loads.counterbalance': 0,
    'drive.lead': 0.01,
    'drive.thread.efficiency': 0.9,
    'drive.thread.preload': 0,
    'drive.bearingDrag': 0,
    'drive.nominalDiameter': 0.012,
    'drive.rootDiameter': 0.0105,
  },
);
const figure = (axis: Axis, id: string) => axisReport(axis).figures.find((f) => f.id === id)?.value;

describe('an axis that is cranked by hand', () => {
  it('260 N, lead 10, eta 0.9, handle 100 mm off: 4.6 N (handbook); turns and a line of the dial', () => {
    expect(figure(cranked, 'crank-force')).toBeCloseTo(4.6, 1);
    expect(figure(cranked, 'turns')).toBeCloseTo(cranked.demands.travel.si / 0.01, 6);
    expect(figure(cranked, 'dial-line')).toBeCloseTo(0.01 / 100, 9);
    expect(figure(cranked, 'pulses-per-length')).toBeUndefined();
    expect(figure(cranked, 'supply-power')).toBeUndefined();
  });
  it('is as fast as its turns are kept up, and as strong as its handle', () => {
    const { ladder, noNumber, accelerations } = axisReport(cranked);
    expect([noNumber, accelerations]).toEqual([[], []]);
    const at = (id: string) => ladder.find((r) => r.id === id)?.limit;
    expect(at('motor-speed')).toBeCloseTo((60 / 60) * 0.01, 9);
    expect(at('pulses')).toBeUndefined();
    // The torque is enough at any speed that is kept up: its turns decide.
    expect(at('torque-rapid')).toBeUndefined();
    expect(axisReport(cranked).findings.map((f) => f.code)).toContain('motor-speed');
    // 40 N, 100 mm off the shaft.
    const slow = withSi(cranked, { 'demands.rapid': 0.005, 'demands.feed': 0.005 });
    expect(axisReport(slow).cases.rapid.usable).toBeCloseTo(4, 6);
    const weak = withSi(cranked, { 'motor.effort': 3 });
    const found = axisReport(weak).findings.find((f) => f.code === 'torque-rapid')!;
    expect(found.verdict).toBe('gives-out');
    expect(found.params.cranked).toBe(1);
    expect(axisReport(weak).findings.map((f) => f.code)).not.toContain('supply-power');
  });
  it('a handle that is too short is lengthened, and the model has tried it', () => {
    const short = withSi(cranked, {
      'motor.radius': 0.03,
      'motor.effort': 12,
      'demands.rapid': 0.005,
      'demands.feed': 0.005,
    });
    const found = axisReport(short).findings.find((f) => f.code === 'torque-rapid')!;
    expect(found.remedies.map((r) => r.code)).toContain('longer-crank');
  });
});
