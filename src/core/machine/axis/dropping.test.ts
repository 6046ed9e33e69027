import { describe, expect, it } from 'vitest';
import { type Axis, getAt, guess, type Measure, setAt } from '@/core/model';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisReport } from '.';

/** An upright axis of 5 kg on an 8 mm screw of four starts and 8 mm lead, all guessed. */
const head = (() => {
  const plunge = demoAxis('plunge');
  const drive = { ...plunge.drive, thread: slidingThread('trapezoidal') } as Axis['drive'];
  const loads = {
    ...plunge.loads,
    masses: plunge.loads.masses.slice(0, 1),
    guideDrag: guess('force', '0 N'),
  };
  return withSi({ ...plunge, drive, loads } as Axis, {
    'drive.nominalDiameter': 0.008,
    'drive.rootDiameter': 0.0062,
    'drive.lead': 0.008,
    'drive.starts': 4,
    'drive.bearingDrag': 0.03,
    'drive.thread.friction': 0.1,
    'loads.masses.0.mass': 5,
    'loads.otherDrag': 0,
    'motor.detentTorque': 0.02,
    'motor.brakeTorque': 0,
  });
})();

const based = (axis: Axis, path: string, basis: Measure['basis']): Axis =>
  setAt(axis, path, { ...(getAt(axis, path) as Measure), basis });
const drops = (axis: Axis) => axisReport(axis).findings.find((f) => f.code === 'drops');

describe('what holds a weight when the power fails', () => {
  it('is drag that was measured, and half of drag that was guessed', () => {
    // Raising less lowering of a square thread would leave W d2/2 tan(λ - φ); this one is trapezoidal.
    const lambda = Math.atan(0.008 / (Math.PI * 0.007));
    const phi = Math.atan(0.1 / Math.cos((15 * Math.PI) / 180));
    const weight = 5 * 9.80665 * (0.007 / 2) * Math.tan(lambda - phi);
    const measured = drops(based(head, 'drive.bearingDrag', 'measured'));
    const guessed = drops(based(head, 'drive.bearingDrag', 'estimate'))!;
    expect(guessed.value).toBeCloseTo(weight - 0.5 * 0.03, 6);
    expect((measured?.value ?? 0) - guessed.value).toBeCloseTo(-0.5 * 0.03, 6);
  });
  it('a detent that was guessed counts by half: below it a weight is held thinly, above it not', () => {
    const light = withSi(head, { 'loads.masses.0.mass': 2.2, 'drive.bearingDrag': 0 });
    const thin = drops(based(light, 'motor.detentTorque', 'datasheet'))!;
    expect([thin.verdict, thin.limit]).toEqual(['thin', 0.02]);
    const out = drops(based(light, 'motor.detentTorque', 'estimate'))!;
    expect([out.verdict, out.limit]).toEqual(['gives-out', 0.01]);
  });
  it('a brake is offered before a counterbalance of just that weight', () => {
    const codes = drops(based(head, 'drive.bearingDrag', 'estimate'))!.remedies.map((r) => r.code);
    expect(codes.indexOf('brake')).toBeLessThan(codes.indexOf('counterbalance'));
    expect(codes[0]).toBe('brake');
  });
});
