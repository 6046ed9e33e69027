import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { crankForce, dragAtMotor, trainBackEfficiency, trainEfficiency, motorTorque } from '.';

describe('from the motor to the carriage', () => {
  it('losses multiply, turn round when the load drives, and a locking drive stays locked', () => {
    // Gear and ball screw at 0.95 and 0.9: 0.855 forward; back 2 - 1/0.95 of the screw's 0.889 (energy: each
    // loses the torque it lost forward).
    expect(
      trainEfficiency.evaluate({ efficiency: q('ratio', 0.9), reducerEfficiency: q('ratio', 0.95) }),
    ).toBeCloseTo(0.855, 12);
    expect(
      trainBackEfficiency.evaluate({
        backEfficiency: q('ratio', 0.889),
        reducerEfficiency: q('ratio', 0.95),
      }),
    ).toBeCloseTo(0.889 * (2 - 1 / 0.95), 12);
    expect(
      trainBackEfficiency.evaluate({ backEfficiency: q('ratio', -0.3), reducerEfficiency: q('ratio', 0.95) }),
    ).toBe(-0.3);
    expect(
      trainBackEfficiency.evaluate({ backEfficiency: q('ratio', 0.9), reducerEfficiency: q('ratio', 0.4) }),
    ).toBe(0);
  });
  it('drag at the motor agrees with the torque equation of an unloaded drive', () => {
    const drag = q('torque', 0.2);
    const [ratio, reducerEfficiency] = [q('ratio', 4), q('ratio', 0.9)];
    const none = q('inertia', 0);
    const whole = motorTorque.evaluate({
      motorInertia: none,
      driveInertia: none,
      acceleration: q('acceleration', 0),
      ratio,
      reducerEfficiency,
      force: q('force', 0),
      k: q('travelPerRadian', 0.0008),
      efficiency: q('ratio', 0.9),
      drag,
    });
    expect(dragAtMotor.evaluate({ drag, ratio, reducerEfficiency })).toBeCloseTo(whole, 12);
  });
  it(
    'work of the hand is work on the load over the efficiency: one turn of a 5 mm lead ' + 'against 200 N',
    () => {
      const force = crankForce.evaluate({
        force: q('force', 200),
        k: q('travelPerRadian', 0.005 / (2 * Math.PI)),
        efficiency: q('ratio', 0.9),
        drag: q('torque', 0),
        arm: q('length', 0.05),
      });
      expect(force * 2 * Math.PI * 0.05).toBeCloseTo((200 * 0.005) / 0.9, 12);
    },
  );
});
