import { describe, expect, it } from 'vitest';
import { applyEdits, estimate, type Project, put, type Sign } from '@/core/model';
import { homes as machine, recorded } from '@test/helpers/trials';
import { trialsOf } from '../trial';
import { signsRead } from '.';

const AXIS = 'gantry';
const read = (project: Project): Partial<Record<Sign, boolean>> =>
  Object.fromEntries(signsRead(trialsOf(project), AXIS).map((s) => [s.sign, s.there]));

/** Steps per unit of a scale with so much lost at the reversal, m. */
const steps = (scale: number, lost: number) =>
  recorded(
    machine,
    `steps:${AXIS}`,
    (_id, { at }, column) => (at ? scale * at.value - (column === 'up' ? lost : -lost) / 2 : undefined),
    'dial',
  );

const top = trialsOf(machine)
  .grounds.find((g) => g.axis.id === AXIS)!
  .foretold.get('top-speed')!;
/** Asked for nearly all that is foretold, so that the staircase goes to both sides of it. */
const rapid = estimate('speed', `${(0.9 * top * 60_000).toFixed(0)} mm/min`);
const fast = applyEdits(machine, [put('axes.1.demands.rapid', rapid)]);

/** A staircase that loses from so many times the asked speed on. */
const stairs = (from: number) =>
  recorded(fast, `stairs-speed:${AXIS}`, (_id, { at }) =>
    at ? (at.value > from * rapid.si ? 2e-3 : 0) : undefined,
  );

describe('signs out of readings', () => {
  it('nothing read, nothing said', () => expect(signsRead(trialsOf(machine), AXIS)).toEqual([]));
  it('a step at the reversal, whichever way, and what it is not', () => {
    expect(read(steps(1, 4e-4))).toMatchObject({ 'reversal-step': true });
    expect(read(steps(1, -4e-4))).toMatchObject({ 'reversal-step': true });
    expect(read(steps(1, 0))['reversal-step']).not.toBe(true);
  });
  it('a wrong number grows with the distance and is a plain ratio', () => {
    expect(read(steps(1.25, 0))).toMatchObject({
      'grows-with-distance': true,
      'over-a-tenth': true,
      'plain-ratio': true,
    });
    expect(read(steps(1, 0))).toMatchObject({ 'grows-with-distance': false, 'over-a-tenth': false });
  });
  it('a staircase that loses above what is asked is no fault', () => {
    expect(read(stairs(1.3))['air-run-lost']).toBeUndefined();
    expect(read(stairs(0.65))).toMatchObject({ 'air-run-lost': true, 'above-a-speed': true });
    // Already at the lowest step, which is half of what is foretold.
    expect(read(stairs(0.1))).toMatchObject({ 'air-run-lost': true, 'above-a-speed': true });
  });
  it('what an instrument cannot decide is not answered', () => {
    const coarse = recorded(machine, `links:${AXIS}`, (id) => (id === 'carriage' ? 1.5e-5 : undefined));
    expect(read(coarse)['play-felt']).toBeUndefined();
    const clear = recorded(machine, `links:${AXIS}`, (id) => (id === 'carriage' ? 3e-4 : undefined));
    expect(read(clear)['play-felt']).toBe(true);
  });
  it('homing and warmth by their own limits; each names its trial', () => {
    const scatters = recorded(machine, `homing:${AXIS}`, (id) => Number(id.split(/[-/]/)[1]) * 5e-5);
    expect(read(scatters)['homing-scatters']).toBe(true);
    expect(signsRead(trialsOf(scatters), AXIS)[0]!.from).toBe(`homing:${AXIS}`);
    const warm = recorded(machine, `warm-up:${AXIS}`, (_id, { at }) =>
      at ? 3e-4 * (1 - Math.exp(-at.value / 600)) : undefined,
    );
    expect(read(warm)['grows-warm']).toBe(true);
  });
  it('reversals that lose to one side, and by whole groups at speed', () => {
    const drifts = recorded(machine, `reversal:${AXIS}`, (id) => Number(id.split(/[-/]/)[1]) * 6e-5);
    expect(read(drifts)).toMatchObject({ 'grows-with-reversals': true, 'one-side': true });
    const fullStep = trialsOf(machine).grounds.find((g) => g.axis.id === AXIS)!.fullStep!;
    const stalled = recorded(machine, `plan-speed:${AXIS}`, (id) =>
      id === 'shift' ? 12 * fullStep : undefined,
    );
    expect(read(stalled)).toMatchObject({ 'air-run-lost': true, 'whole-four-steps': true });
    const slipped = recorded(machine, `plan-speed:${AXIS}`, (id) =>
      id === 'shift' ? 10 * fullStep : undefined,
    );
    expect(read(slipped)).toMatchObject({ 'air-run-lost': true, 'whole-four-steps': false });
  });
});
