import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  type Axis,
  type Edit,
  guess,
  putInAxis,
  startingAxis,
  startingDrive,
} from '@/core/model';
import { axisReport } from '.';

const mm = (v: number) => guess('length', `${v} mm`);
const said = (axis: Axis, ...edits: readonly Edit[]) => applyEdits(axis, edits);
const base = said(
  { ...startingAxis('bed', 'a'), drive: startingDrive('screw', 0.9) },
  putInAxis('demands.travel', mm(800)),
  putInAxis('fit.homing.at', 'near'),
  putInAxis('fit.homing.speed', guess('speed', '1 m/min')),
  putInAxis('fit.homing.again', guess('speed', '0.1 m/min')),
  putInAxis('fit.homing.pullOff', mm(5)),
  putInAxis('fit.ends.near.margin', mm(3)),
  putInAxis('fit.ends.far.margin', mm(4)),
  putInAxis('fit.scatter', mm(0.1)),
);
const told = (axis: Axis) => axisReport(axis).ends.told!;
const pullOff = (axis: Axis) => axisReport(axis).findings.find((f) => f.code === 'home-pull-off');

describe('what the controller is told', () => {
  it('homed near: it stands 2 inside of its soft limit, which is nought or minus two (closed sums)', () => {
    expect(told(base)).toMatchObject({ side: 'near', missing: [] });
    expect(told(base).home).toBeCloseTo(0.002, 12);
    expect(told(base).soft!.low).toBeCloseTo(-0.002, 12);
    expect(told(base).soft!.high).toBeCloseTo(0.798, 12);
  });
  it('homed far: all of it mirrored, and the soft limits always stand a travel apart', () => {
    const far = said(base, putInAxis('fit.homing.at', 'far'));
    expect(told(far).home).toBeCloseTo(0.8 - 0.001, 12);
    expect(told(far).soft!.high).toBeCloseTo(0.001, 12);
    expect(told(far).soft!.high - told(far).soft!.low).toBeCloseTo(0.8, 12);
  });
  it('names what is not said, and says nothing of an axis without a home', () => {
    const bare = said(base, putInAxis('fit.homing.pullOff', null), putInAxis('fit.ends.near.margin', null));
    expect(told(bare)).toMatchObject({
      soft: null,
      home: null,
      missing: ['fit.homing.pullOff', 'fit.ends.near.margin'],
    });
    expect(axisReport(said(base, putInAxis('fit.homing.at', 'none'))).ends.told).toBeNull();
  });
});

describe('backing off the switch', () => {
  it(
    'by more than the margin holds; by less it stands outside of its soft limits; within the ' +
      'spread it trips',
    () => {
      expect(pullOff(base)).toBeUndefined();
      const short = said(base, putInAxis('fit.homing.pullOff', mm(2)));
      expect(pullOff(short)).toMatchObject({ verdict: 'thin' });
      expect(pullOff(short)!.limit).toBeCloseTo(0.003, 12);
      const mended = applyEdits(short, pullOff(short)!.remedies[0]!.edits);
      expect(mended.fit.homing.pullOff!.si).toBeCloseTo(0.003, 9);
      expect(pullOff(mended)).toBeUndefined();
      const stuck = said(short, putInAxis('fit.scatter', mm(1.5)));
      expect(pullOff(stuck)).toMatchObject({ verdict: 'gives-out' });
    },
  );
  it('is not known while the spread is not said', () => {
    const open = said(base, putInAxis('fit.scatter', null));
    expect(pullOff(open)).toMatchObject({ verdict: 'not-known' });
  });
});

describe('joined rails', () => {
  const rails = said(
    base,
    putInAxis('guide.kind', 'profile'),
    putInAxis('guide.size', mm(20)),
    putInAxis('guide.rails', guess('count', '2')),
    putInAxis('guide.railLength', mm(2000)),
    putInAxis('guide.carriageLength', mm(77)),
    putInAxis('fit.mount.carriage', 'narrow'),
  );
  const codes = (axis: Axis) =>
    axisReport(axis)
      .findings.filter((f) => f.code.startsWith('rail-j') || f.code === 'rail-stagger')
      .map((f) => `${f.code} ${f.verdict}`);
  const end = axisReport(rails).chain.lengths.railHoles!.end;
  it('between two holes, more than a carriage apart from one another', () => {
    const good = said(
      rails,
      putInAxis('fit.joints.a', mm((end + 9.5 * 0.06) * 1000)),
      putInAxis('fit.joints.b', mm((end + 19.5 * 0.06) * 1000)),
    );
    expect(codes(good)).toEqual([]);
    expect(axisReport(good).chain.lengths.joints.map((j) => j.toHole)).toEqual([
      expect.closeTo(0.03, 6),
      expect.closeTo(0.03, 6),
    ]);
  });
  it('through a hole gives out and is moved to the middle; side by side is thin', () => {
    const bad = said(
      rails,
      putInAxis('fit.joints.a', mm((end + 9 * 0.06) * 1000)),
      putInAxis('fit.joints.b', mm((end + 9.5 * 0.06) * 1000)),
    );
    expect(codes(bad)).toEqual(['rail-joint gives-out', 'rail-stagger thin']);
    const joint = axisReport(bad).findings.find((f) => f.code === 'rail-joint')!;
    expect(codes(applyEdits(bad, joint.remedies[0]!.edits))).toEqual(['rail-stagger thin']);
  });
});

describe('joints of rails of which the holes are not known', () => {
  it('are not known, rather than nothing', () => {
    const open = said(base, putInAxis('guide.railLength', mm(2000)), putInAxis('fit.joints.a', mm(900)));
    const found = axisReport(open).findings.find((f) => f.code === 'rail-joint');
    expect(found).toMatchObject({ verdict: 'not-known', about: 'a' });
  });
});

describe('bellows', () => {
  it('come off the stroke, and are a part of the chain by name', () => {
    const rail = said(
      base,
      putInAxis('guide.railLength', mm(1200)),
      putInAxis('guide.carriageSpan', mm(200)),
      putInAxis('fit.bellows.near', mm(90)),
      putInAxis('fit.bellows.far', mm(60)),
    );
    const { chain } = axisReport(rail);
    const part = chain.parts.find((p) => p.id === 'bellows')!;
    expect(part.free).toBeCloseTo(1.2 - 0.2 - 0.15, 12);
    expect(part.from).toBeCloseTo(0.09 + 0.1, 12);
    expect(chain.closed!.near).toBe('bellows');
  });
});
