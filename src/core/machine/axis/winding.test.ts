import { describe, expect, it } from 'vitest';
import { stepper } from '@/core/motors';
import { applyEdits, type Axis, type Edit, guess, startingAxis, type Stepper } from '@/core/model';
import { quantity as q } from '@/core/units';
import { withSi } from '@test/helpers/demo';
import { axisReport, rewound } from '.';

const base = withSi(startingAxis('bed', 'a'), {
  'demands.feed': 0.02,
  'demands.rapid': 0.08,
  'driver.maxCurrent': 9,
});
const motorOf = (axis: Axis) => axis.motor as Stepper;

/** Pull-out of a motor on a sine-fed driver at its full crest (Acarnley's two-phase machine). */
function pullOut(axis: Axis, voltage: number, speed: number): number {
  const { holdingTorque, ratedCurrent, resistance, inductance, rotorTeeth } = motorOf(axis);
  const K = q(
    'torqueConstant',
    stepper.torqueConstant.evaluate({ holding: holdingTorque.si, rated: ratedCurrent.si }),
  );
  return stepper.pullOutTorque.evaluate({
    K,
    crest: q('current', Math.SQRT2 * ratedCurrent.si),
    voltage: q('voltage', voltage),
    resistance: resistance.si,
    inductance: inductance.si,
    teeth: rotorTeeth.si,
    speed: q('angularSpeed', speed),
  });
}

describe('the same motor, wound otherwise', () => {
  it('with half the turns is the old one on twice the voltage, at every speed (scaling)', () => {
    const half = applyEdits(base, rewound(base, 0.5));
    for (const speed of [1, 10, 40, 100, 200, 400])
      expect(pullOut(half, 36, speed)).toBeCloseTo(pullOut(base, 72, speed), 6);
    expect(pullOut(half, 36, 100)).toBeGreaterThan(pullOut(base, 36, 100));
  });
  it('takes twice the current, a quarter of resistance and inductance, as leads in parallel do', () => {
    const [before, after] = [base, applyEdits(base, rewound(base, 0.5))].map(motorOf) as [Stepper, Stepper];
    expect(after.ratedCurrent.si).toBeCloseTo(2 * before.ratedCurrent.si, 9);
    expect(after.resistance.si).toBeCloseTo(before.resistance.si / 4, 9);
    expect(after.inductance.si).toBeCloseTo(before.inductance.si / 4, 9);
    expect(after.holdingTorque).toEqual(before.holdingTorque);
    // As much copper, as much heat.
    const heat = ({ ratedCurrent, resistance }: Stepper) => ratedCurrent.si ** 2 * resistance.si;
    expect(heat(after)).toBeCloseTo(heat(before), 9);
  });
  it('goes back to what it was, and the setting follows as far as the driver goes', () => {
    const there = applyEdits(base, rewound(base, 0.5));
    const back = applyEdits(there, rewound(there, 2));
    for (const key of ['ratedCurrent', 'resistance', 'inductance'] as const)
      expect(motorOf(back)[key].si).toBeCloseTo(motorOf(base)[key].si, 9);
    expect(there.driver.setCurrent.si).toBeCloseTo(2 * base.driver.setCurrent.si, 9);
    const small = applyEdits(base, [{ path: 'driver.maxCurrent', value: guess('current', '3 A') } as Edit]);
    expect(applyEdits(small, rewound(small, 0.5)).driver.setCurrent.si).toBe(3);
  });
  it('is offered where torque is short at speed, and is nothing for a measured curve', () => {
    const short = withSi(base, { 'demands.rapid': 0.1, 'loads.otherDrag': 500 });
    const found = axisReport(short).findings.find((f) => f.code === 'torque-rapid')!;
    expect(found.remedies.map((r) => r.code)).toContain('winding');
    const curve = { voltage: base.supply.voltage, points: [] };
    const measured = { ...base, motor: { ...motorOf(base), curve } } as unknown as Axis;
    expect(rewound(measured, 2)).toEqual([]);
  });
});

describe('mid-band resonance', () => {
  const found = (axis: Axis) =>
    axisReport(axis, { remedies: false }).findings.find((f) => f.code === 'mid-band');
  /** Asked so much that six tenths of the pull-out are enough and half of it is not. */
  const tight = () => {
    for (let drag = 10; drag < 3000; drag *= 1.02) {
      const axis = withSi(base, { 'loads.otherDrag': drag });
      if (found(axis)) return axis;
    }
    throw new Error('no load between half and six tenths');
  };
  it('is a caution where an open loop is trusted with more than half; it never gives out', () => {
    expect(found(tight())).toMatchObject({ verdict: 'thin', path: 'motor.usableShare' });
    expect(found(base)).toBeUndefined();
  });
  it('is none for a closed loop, for half of the torque, and below five turns a second', () => {
    const axis = tight();
    expect(found(applyEdits(axis, [{ path: 'motor.loop', value: 'closed' }]))).toBeUndefined();
    expect(found(withSi(axis, { 'motor.usableShare': 0.5 }))).toBeUndefined();
    expect(found(withSi(axis, { 'demands.rapid': 0.02 }))).toBeUndefined();
  });
});
