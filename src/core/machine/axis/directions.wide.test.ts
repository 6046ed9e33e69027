import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WIDE } from '@test/helpers/chance';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

describe('what physics says about the direction', () => {
  const axes = ['bed', 'gantry', 'plunge'] as const;
  const factor = fc.double({ min: 1.02, max: 3, noNaN: true });
  const limit = (axis: ReturnType<typeof demoAxis>, id: string) =>
    axisReport(axis, { remedies: false }).ladder.find((r) => r.id === id)!.limit;
  const falls: [string, string, string][] = [
    ['loads.masses.0.mass', 'torque-rapid', 'a heavier body'],
    ['loads.guideDrag', 'torque-rapid', 'more drag'],
    ['demands.acceleration', 'torque-rapid', 'more acceleration'],
    ['demands.cuttingForce', 'torque-cut', 'a harder cut'],
    ['drive.betweenBearings', 'whip', 'a longer screw'],
    ['motor.inductance', 'torque-rapid', 'more inductance'],
    ['motor.rotorInertia', 'torque-rapid', 'a heavier rotor'],
    ['driver.microsteps', 'pulses', 'finer microsteps'],
  ];
  it.each(falls)('%s lowers %s (%s)', (path, rung) => {
    fc.assert(
      fc.property(fc.constantFrom(...axes), factor, (id, f) => {
        const axis = demoAxis(id);
        const before = path.split('.').reduce<unknown>((o, k) => (o as Record<string, unknown>)[k], axis) as {
          si: number;
        };
        expect(limit(withSi(axis, { [path]: before.si * f }), rung)).toBeLessThanOrEqual(
          limit(axis, rung) * (1 + 1e-9),
        );
      }),
      { numRuns: 40 * WIDE },
    );
  });
  it.each([
    ['supply.voltage', 'torque-rapid'],
    ['controller.pulseLimit', 'pulses'],
    ['drive.lead', 'whip'],
  ])('%s raises %s', (path, rung) => {
    fc.assert(
      fc.property(fc.constantFrom(...axes), factor, (id, f) => {
        const axis = demoAxis(id);
        const before = path.split('.').reduce<unknown>((o, k) => (o as Record<string, unknown>)[k], axis) as {
          si: number;
        };
        expect(limit(withSi(axis, { [path]: before.si * f }), rung)).toBeGreaterThanOrEqual(
          limit(axis, rung) * (1 - 1e-9),
        );
      }),
      { numRuns: 40 * WIDE },
    );
  });
});
