import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { flangeShims, plateMoves, swingLeft, tramFormulas as f } from '.';

const len = (v: number) => q('length', v);

/**
 * What an indicator in a spindle reads on a level table: the plane of its swing stands square to the spindle,
 * whose top leans by so much; where the plane dips the plunger is pushed in.
 */
const swing = (right: number, back: number, r: number) => {
  const read = (x: number, y: number) => {
    // Axis of the spindle; the arm turned about it stays square to it.
    const axis = [right, back, 1];
    return -(-(axis[0]! * x + axis[1]! * y) / axis[2]!);
  };
  return { right: read(r, 0), left: read(-r, 0), back: read(0, r), front: read(0, -r) };
};

describe('tram', () => {
  const [right, back, r] = [4e-4, -2e-4, 0.1];
  const read = swing(right, back, r);
  it('finds where the spindle’s top goes', () => {
    const radius = len(r);
    expect(f.leanToRight.evaluate({ right: len(read.right), left: len(read.left), radius })).toBeCloseTo(
      right,
      12,
    );
    expect(f.leanToBack.evaluate({ back: len(read.back), front: len(read.front), radius })).toBeCloseTo(
      back,
      12,
    );
    expect(swingLeft(read.right, read.left, read.front, read.back)).toBeCloseTo(0, 12);
    expect(swingLeft(2, 0, 0, 0)).toBe(0.5);
  });
  it('shims of a flange raise the side that the spindle leans to, none is below nought', () => {
    const bolts = [
      { right: 0.05, other: 0.05 },
      { right: -0.05, other: 0.05 },
      { right: -0.05, other: -0.05 },
      { right: 0.05, other: -0.05 },
    ];
    const shims = flangeShims({ right, back }, bolts, 'standing');
    expect(Math.min(...shims)).toBe(0);
    // The plane through the shims leans the spindle’s top back by just as much.
    expect((shims[0]! - shims[1]!) / 0.1).toBeCloseTo(right, 12);
    expect((shims[0]! - shims[3]!) / 0.1).toBeCloseTo(back, 12);
    const hung = flangeShims({ right, back }, bolts, 'hung');
    expect((hung[1]! - hung[0]!) / 0.1).toBeCloseTo(right, 12);
  });
  it('a back plate is shimmed at the top where the spindle leans back', () => {
    expect(plateMoves({ right: 1e-3, back: 5e-4 }, 0.2)).toEqual({ shim: 1e-4, at: 'top', topLeft: 2e-4 });
    expect(plateMoves({ right: 0, back: -5e-4 }, 0.2)).toMatchObject({ shim: 1e-4, at: 'bottom' });
  });
  it('what it leaves in the work: steps, hollows, holes that wander', () => {
    expect(f.ridgeStep.evaluate({ lean: q('slope', 1e-3), over: len(0.02) })).toBeCloseTo(2e-5, 12);
    // A circle of 10 mm seen at a slant: chord of 12 mm lies 2 mm from its crown.
    const hollow = f.hollow.evaluate({ lean: q('slope', 1e-3), cutter: len(0.01), over: len(0.012) });
    expect(hollow).toBeCloseTo(2e-6, 12);
    expect(f.holeDrift.evaluate({ out: q('slope', 2e-3), depth: len(0.03) })).toBeCloseTo(6e-5, 12);
  });
});
