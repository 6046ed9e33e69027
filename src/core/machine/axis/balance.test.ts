import { describe, expect, it } from 'vitest';
import { type Axis, type BalancePart, guess as m, startingBalance } from '@/core/model';
import { GRAVITY } from '@/core/units';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

const plunge = demoAxis('plunge');
const weight = plunge.loads.masses.reduce((s, b) => s + b.mass.si, 0) * GRAVITY;
const travel = plunge.demands.travel.si;

const withParts = (...balance: BalancePart[]): Axis =>
  ({ ...plunge, loads: { ...plunge.loads, balance } }) as Axis;
const gas = (
  force: number,
  more: Partial<Extract<BalancePart, { kind: 'gas-spring' }>> = {},
): BalancePart => ({
  ...(startingBalance('gas-spring', 'gas') as Extract<BalancePart, { kind: 'gas-spring' }>),
  force: m('force', `${force} N`),
  stroke: m('length', '400 mm'),
  pressed: m('length', '0 mm'),
  ...more,
});
const rope = (kg: number): BalancePart => ({
  ...(startingBalance('weight', 'rope') as Extract<BalancePart, { kind: 'weight' }>),
  mass: m('mass', `${kg} kg`),
});
const torque = (axis: Axis) => axisReport(axis).cases;
const codes = (axis: Axis) => axisReport(axis).findings.map((f) => f.code);

describe('an axis that is balanced', () => {
  it('by a counterweight of its own weight asks nothing to hold, and more to speed up', () => {
    const kg = weight / GRAVITY;
    const both = axisReport(withParts(rope(kg)));
    expect(both.balance!.top.left).toBeCloseTo(0, 6);
    expect(both.mass).toBeCloseTo(kg, 9);
    // Speeding up both: twice the mass, without the weight.
    const bare = withSi(withParts(), {
      'loads.counterbalance': weight,
      'loads.masses.0.mass': plunge.loads.masses[0]!.mass.si,
    });
    const a = plunge.demands.acceleration.si;
    const more = torque(withParts(rope(kg)))['speed-up'].force - torque(bare)['speed-up'].force;
    expect(more).toBeCloseTo(kg * a, 6);
  });
  it('by a gas spring is judged at the end where more is left; the typed force comes on top', () => {
    const part = gas(weight * 0.8, { sealFriction: m('force', '0 N') });
    const { balance } = axisReport(withParts(part));
    // Boyle by hand: the room shrinks by 1 - 1/1.3 over the stroke.
    const push = (weight * 0.8) / (1 - (travel / 0.4) * (1 - 1 / 1.3));
    expect(balance!.top.left / weight).toBeCloseTo(0.2, 3);
    expect(balance!.bottom.push / push).toBeCloseTo(1, 3);
    const said = withSi(withParts(), { 'loads.counterbalance': balance!.top.push });
    expect(torque(withParts(part)).cut.torque).toBeCloseTo(torque(said).cut.torque, 9);
    const more = axisReport(withSi(withParts(part), { 'loads.counterbalance': 10 }));
    expect(more.balance!.top.push - balance!.top.push).toBeCloseTo(10, 6);
  });
  it('the seal of a gas spring is drag against the motor, and nothing that holds', () => {
    const [dry, tight] = [m('force', '0 N'), m('force', '40 N')].map((sealFriction) =>
      withParts(gas(30, { sealFriction })),
    );
    expect(torque(tight!).rapid.force - torque(dry!).rapid.force).toBeCloseTo(40, 6);
    const drops = (axis: Axis) => axisReport(axis).findings.find((f) => f.code === 'drops')?.value;
    expect(drops(tight!)).toBe(drops(dry!));
  });
  it('one that is pushed up by more than its drag is told so, and a spring that is too short', () => {
    expect(codes(withParts(gas(weight * 2)))).toContain('over-balanced');
    expect(codes(withParts(gas(weight * 0.5)))).not.toContain('over-balanced');
    const short = withParts(gas(50, { stroke: m('length', `${Math.round(travel * 500)} mm`) }));
    const found = axisReport(short).findings.find((f) => f.code === 'gas-stroke')!;
    expect(found.verdict).toBe('gives-out');
    expect(found.limit).toBeCloseTo(travel + 0.005, 9);
    const mended = found.remedies.find((r) => r.code === 'longer-stroke')!;
    expect(mended.breaks).toEqual([]);
  });
});
