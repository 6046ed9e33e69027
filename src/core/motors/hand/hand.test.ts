import { describe, expect, it } from 'vitest';
import { type HandCrank, startingMotor } from '@/core/model';
import { quantity as q } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import { hand, resolveMotor } from '..';

describe('a hand at a crank', () => {
  it('turns with its force times the radius, and no faster than is kept up', () => {
    const torque = hand.handTorque.evaluate({ effort: q('force', 40), radius: q('length', 0.1) });
    expect(torque).toBeCloseTo(4, 12);
    const motor = startingMotor('hand') as HandCrank;
    const parts = { motor } as Parameters<typeof resolveMotor>[0];
    const resolved = resolveMotor(parts, silentWorksheet);
    expect(resolved.usable(q('angularSpeed', 1))).toBeCloseTo(motor.effort.si * motor.radius.si, 12);
    expect(resolved.topSpeed!.speed).toBe(motor.cranking.si);
    // It draws nothing, holds nothing by itself, and heats nothing.
    expect([resolved.copperLoss(silentWorksheet).power, resolved.detent, resolved.brake]).toEqual([0, 0, 0]);
    expect(resolved.continuous).toBeUndefined();
  });
});
