import { describe, expect, it } from 'vitest';
import { fit } from '@/core/fit';
import {
  applyEdits,
  type Axis,
  axisIssues,
  type Edit,
  guess,
  putInAxis,
  startingAxis,
  startingDrive,
} from '@/core/model';
import { quantity as q } from '@/core/units';
import { axisReport } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
const said = (axis: Axis, ...edits: readonly Edit[]) => applyEdits(axis, edits);

/** A level axis of 15 kg at 0.2 m/s that brakes with 1 m/s². */
const base = said(
  { ...startingAxis('bed', 'a'), drive: startingDrive('screw', 0.9) },
  putInAxis('loads.masses.0.mass', guess('mass', '15 kg')),
  putInAxis('demands.rapid', guess('speed', '0.2 m/s')),
  putInAxis('demands.feed', guess('speed', '0.05 m/s')),
  putInAxis('demands.acceleration', guess('acceleration', '1 m/s²')),
  putInAxis('loads.guideDrag', { ...guess('force', '25 N'), basis: 'measured' }),
  putInAxis('fit.reaction', guess('time', '20 ms')),
);
const ended = said(
  base,
  putInAxis('fit.ends.far.switch', 'lever'),
  putInAxis('fit.ends.far.wired', 'closed'),
  putInAxis('fit.ends.far.crash', mm(12)),
  putInAxis('fit.ends.far.margin', mm(3)),
  putInAxis('fit.scatter', mm(0.5)),
);
const ends = (axis: Axis) => axisReport(axis).ends;
const finding = (axis: Axis, code: string, about?: string) =>
  axisReport(axis).findings.find((f) => f.code === code && (about === undefined || f.about === about));
/** The axis with the remedy of that name taken. */
const mendedBy = (axis: Axis, code: string, remedy: string) => {
  const found = finding(axis, code)!.remedies.find((r) => r.code === remedy);
  expect(found, `${code} by ${remedy}`).toBeDefined();
  return applyEdits(axis, found!.edits);
};

describe('running on without power (check values of the handbook)', () => {
  const mass = q('mass', 15);
  // J/k² of 90 kg: rotor and screw weigh more than the table.
  const turning = { inertia: q('inertia', 90 * 0.01 ** 2), travel: q('travelPerRadian', 0.01) };
  const felt = (eta: number) => fit.feltMass.evaluate({ mass, efficiency: q('ratio', eta), ...turning });
  const run = (eta: number) =>
    fit.coastPath.evaluate({ mass: felt(eta), speed: q('speed', 0.2), force: q('force', 25) });
  it('15 kg with 90 kg of rotor at 0.2 m/s against 25 N: 84 mm without loss, 76.8 at 0.9', () => {
    expect(felt(1)).toBeCloseTo(105, 9);
    expect(run(1)).toBeCloseTo(0.084, 9);
    expect(run(0.9)).toBeCloseTo(0.0768, 9);
  });
  const met = (path: number) =>
    fit.meetingEnergy.evaluate({
      mass: felt(1),
      speed: q('speed', 0.2),
      force: q('force', 25),
      path: q('length', path),
    });
  it('a rigid stop of 2 N/µm takes 2.9 kN', () => {
    expect(met(0)).toBeCloseTo(2.1, 9);
    const stiffness = q('stiffness', 2e6);
    expect(fit.rigidForce.evaluate({ energy: met(0), stiffness })).toBeCloseTo(2898, 0);
  });
  it('what drag took on the way is gone; more than all of it leaves nothing', () => {
    expect(met(0.004)).toBeCloseTo(2, 12);
    expect(met(1)).toBe(0);
  });
});

/** Presses a cushion in small steps until the energy is gone. */
function pressed(energy: number, brake: number, force: (y: number) => number): number {
  let [left, y] = [energy, 0];
  const h = 1e-7;
  while (left > 0) {
    left -= (brake + force(y + h / 2)) * h;
    y += h;
  }
  return y;
}

describe('cushions by energy, against small steps', () => {
  const [energy, force] = [q('energy', 2), q('force', 30)];
  it('a spring of 5 N/mm', () => {
    const y = fit.springStroke.evaluate({ energy, rate: q('stiffness', 5000), force });
    const stepped = pressed(2, 30, (s) => 5000 * s);
    expect(y).toBeCloseTo(stepped, 6);
  });
  it('foam that crushes with 200 N', () => {
    const y = fit.foamStroke.evaluate({ energy, force, crush: q('force', 200) });
    const stepped = pressed(2, 30, () => 200);
    expect(y).toBeCloseTo(stepped, 6);
  });
  it('a bonded pad: E A / t where it is a tall post, stiffer the flatter it is', () => {
    const rate = (shape: number) =>
      fit.rubberRate.evaluate({
        modulus: q('modulus', 4.45e6),
        factor: q('ratio', 0.57),
        shape: q('ratio', shape),
        area: q('area', 4e-4),
        thickness: q('length', 0.02),
      });
    expect(rate(0)).toBeCloseTo((4.45e6 * 4e-4) / 0.02, 6);
    expect(rate(1) / rate(0)).toBeCloseTo(2.14, 9);
  });
});

describe('homing', () => {
  it('at the highest speed the run-over is just the over-travel', () => {
    const [a, t, over] = [1, 0.02, 0.003];
    const v = fit.homingSpeed.evaluate({
      acceleration: q('acceleration', a),
      reaction: q('time', t),
      over: q('length', over),
    });
    expect(v * t + (v * v) / (2 * a)).toBeCloseTo(over, 12);
  });
  it('5 mm/s and a look every millisecond: 5 µm', () => {
    const spread = fit.homingSpread.evaluate({ speed: q('speed', 0.005), poll: q('time', 0.001) });
    expect(spread).toBeCloseTo(5e-6, 15);
  });
  it('two steppers of 200 steps on a lead of 5 may wake up a fiftieth of it apart', () => {
    const skew = fit.powerUpSkew.evaluate({
      steps: q('count', 2),
      stepsPerTurn: q('count', 200),
      travel: q('travelPerRadian', 0.005 / (2 * Math.PI)),
    });
    // ±2 full steps each: four of 200 in all.
    expect(skew).toBeCloseTo(0.005 / 50, 12);
  });
  it('a motor of 3 N·m on a lead of 5 at 0.9 leans with 3.4 kN', () => {
    const lean = fit.leaningForce.evaluate({
      torque: q('torque', 3),
      efficiency: q('ratio', 0.9),
      travel: q('travelPerRadian', 0.005 / (2 * Math.PI)),
    });
    expect(lean).toBeCloseTo(3393, 0);
  });
});

describe('switches and stops of an axis', () => {
  it('nothing is asked of an axis of which nobody said how it stops', () => {
    expect(ends(base).begun).toBe(false);
    expect(axisReport(base).findings.filter((f) => /^(end|home)-/.test(f.code))).toEqual([]);
  });
  it('a switch 20 before the stop is too near it: 24 of path, 12 of crash zone, 0.5 of spread', () => {
    const near = said(ended, putInAxis('fit.ends.far.trip', mm(20)));
    const found = finding(near, 'end-switch', 'far')!;
    // 0.2 m/s: 20 ms and v²/2a make 24 mm; 7.5 are there.
    expect(found.limit).toBeCloseTo(0.024, 9);
    expect(found.value).toBeCloseTo(0.0075, 9);
    expect(found.verdict).toBe('gives-out');
    const mended = mendedBy(near, 'end-switch', 'trip-in');
    expect(axisIssues(mended)).toEqual([]);
    expect(mended.fit.ends.far.trip!.si).toBeCloseTo(0.037, 9);
    expect(finding(mended, 'end-switch')).toBeUndefined();
  });
  it('far enough in, while nobody said how fast the controller brakes, is not known', () => {
    const open = said(ended, putInAxis('fit.ends.far.trip', mm(60)), putInAxis('fit.reaction', null));
    expect(finding(open, 'end-switch', 'far')!.verdict).toBe('not-known');
    expect(finding(said(ended, putInAxis('fit.ends.far.trip', mm(60))), 'end-switch')).toBeUndefined();
  });
  it('with room for homing only it is thin: soft limits keep rapids from it', () => {
    const slow = said(
      ended,
      putInAxis('fit.ends.far.trip', mm(20)),
      putInAxis('fit.homing.speed', guess('speed', '1 m/min')),
    );
    expect(finding(slow, 'end-switch', 'far')!.verdict).toBe('thin');
  });
  it('a path that was read replaces the prediction', () => {
    const read = said(ended, putInAxis('fit.read.stop', mm(6)), putInAxis('fit.ends.far.trip', mm(20)));
    expect(finding(read, 'end-switch')).toBeUndefined();
    const ran = ends(said(ended, putInAxis('fit.read.coast', mm(90))));
    expect(ran).toMatchObject({ coast: 0.09, coastRead: true });
    expect(ran.brake).toBeCloseTo((ran.felt * 0.04) / 2 / 0.09, 9);
  });
  it('a drill on the screw asks for two hard stops; a switch wired open is thin, unsaid not known', () => {
    const drill = said(ended, putInAxis('fit.crank', 'drill'));
    expect(finding(drill, 'end-crank')!.verdict).toBe('gives-out');
    const stops = said(drill, putInAxis('fit.stops.near', mm(5)), putInAxis('fit.stops.far', mm(5)));
    expect(finding(stops, 'end-crank')).toBeUndefined();
    const wired = (how: 'open' | 'unknown') =>
      finding(said(ended, putInAxis('fit.ends.far.wired', how)), 'end-wired')!.verdict;
    expect([wired('open'), wired('unknown')]).toEqual(['thin', 'not-known']);
  });
  it('homing too fast for the over-travel, and a coarse second pass', () => {
    const fast = said(
      ended,
      putInAxis('fit.homing', {
        ...ended.fit.homing,
        at: 'far',
        speed: guess('speed', '6 m/min'),
        again: guess('speed', '1 m/min'),
      }),
      putInAxis('fit.ends.far.over', mm(2)),
    );
    expect(finding(fast, 'home-fast')!.verdict).toBe('gives-out');
    expect(finding(mendedBy(fast, 'home-fast', 'home-slower'), 'home-fast')).toBeUndefined();
    expect(finding(fast, 'home-spread')!.verdict).toBe('thin');
  });
  it('two motors homed by one switch keep the skew that they woke up with', () => {
    const two = said(ended, putInAxis('drive.sets', 2));
    expect(finding(two, 'home-skew')!.verdict).toBe('not-known');
    const tight = said(two, putInAxis('fit.homing.skew', mm(0.02)));
    expect(finding(tight, 'home-skew')!.verdict).toBe('gives-out');
    expect(finding(mendedBy(tight, 'home-skew', 'home-each'), 'home-skew')).toBeUndefined();
  });
});

describe('what a stop is met with', () => {
  const light = said(ended, putInAxis('loads.guideDrag', { ...guess('force', '2 N'), basis: 'measured' }));
  const foam = said(
    light,
    putInAxis('fit.ends.far.cushion', {
      kind: 'foam',
      thickness: mm(4),
      area: guess('area', '4 cm²'),
      crush: guess('modulus', '0.1 MPa'),
    }),
    putInAxis('fit.ends.far.crash', mm(0)),
    putInAxis('fit.stopForce', guess('force', '50 kN')),
  );
  it('of metal on metal nobody knows the force before it is said what gives', () => {
    expect(finding(light, 'end-coast', 'far')).toMatchObject({ verdict: 'not-known' });
    const stiff = said(
      light,
      putInAxis('fit.ends.far.cushion', { kind: 'rigid', stiffness: guess('stiffness', '2 N/µm') }),
      putInAxis('fit.stopForce', guess('force', '100 N')),
    );
    const found = finding(stiff, 'end-coast', 'far')!;
    expect(found).toMatchObject({ verdict: 'gives-out', kind: 'force' });
    expect(found.value).toBeCloseTo(Math.sqrt(2 * ends(stiff).ends.far.coasting.energy * 2e6), 6);
  });
  it('a foam that is pressed to a wall gives out, a thicker one mends it', () => {
    const found = finding(foam, 'end-coast', 'far')!;
    expect(found).toMatchObject({ verdict: 'gives-out', kind: 'length' });
    // Six tenths of its thickness.
    expect(found.limit).toBeCloseTo(0.0024, 9);
    expect(finding(mendedBy(foam, 'end-coast', 'thicker-pad'), 'end-coast', 'far')).toBeUndefined();
  });
  it('the motor leans on the stop with more than it bears', () => {
    const weak = said(foam, putInAxis('fit.stopForce', guess('force', '100 N')));
    expect(finding(weak, 'end-lean')!.verdict).toBe('gives-out');
    expect(finding(weak, 'end-lean')!.value).toBeCloseTo(ends(weak).lean, 9);
  });
  it('weight that wins never stops by itself, and foam that is softer than it gives out', () => {
    const upright = said(foam, putInAxis('demands.inclination', guess('angle', '90°')));
    expect(ends(upright).coast).toBeNull();
    expect(ends(upright).brake).toBeLessThan(0);
    const soft = said(upright, putInAxis('fit.ends.far.cushion.crush', guess('modulus', '0.01 MPa')));
    expect(finding(soft, 'end-coast', 'far')).toMatchObject({ verdict: 'gives-out', kind: 'force' });
  });
});
