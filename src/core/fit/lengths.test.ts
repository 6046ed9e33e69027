import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity as q } from '@/core/units';
import { fit, jointToHole, railHoles } from '.';

const m = (si: number) => q('length', si);
const mm = (v: number) => m(v / 1000);

describe('a cable chain', () => {
  const given = { radius: mm(75), pitch: mm(30) };
  it('fixed in the middle: half the travel, half a turn, two links (closed sum)', () => {
    const wanted = fit.cableLength.evaluate({ ...given, stroke: mm(1200), anchor: mm(0) });
    expect(wanted).toBeCloseTo(0.6 + Math.PI * 0.075 + 0.06, 12);
    // An anchor off the middle makes it longer, whichever way.
    for (const off of [-200, 200])
      expect(fit.cableLength.evaluate({ ...given, stroke: mm(1200), anchor: mm(off) })).toBeCloseTo(
        wanted + 0.2,
        12,
      );
  });
  it('has both strands and its half turn in it, wherever the bracket stands', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (stroke, off, at) => {
          const anchor = stroke / 2 + off;
          const length = fit.cableLength.evaluate({ ...given, stroke: m(stroke), anchor: m(off) });
          const bracket = at * stroke;
          const outermost = fit.cableBow.evaluate({
            length,
            radius: given.radius,
            bracket: m(bracket),
            anchor: m(anchor),
            height: mm(35),
          });
          // From the outermost of the bow back to its middle; each strand ends there.
          const bend = outermost - given.radius - 0.0175;
          const strands = bend - bracket + (bend - anchor);
          expect(strands + Math.PI * given.radius).toBeCloseTo(length, 9);
          expect(bend).toBeGreaterThanOrEqual(Math.max(bracket, anchor) - 1e-9);
        },
      ),
    );
  });
});

describe('what else ends the travel', () => {
  it('bellows of 60 and 45 pushed together on a rail of 1000 under 180 leave 715', () => {
    const free = fit.bellowsReach.evaluate({ rail: mm(1000), span: mm(180), near: mm(60), far: mm(45) });
    expect(free).toBeCloseTo(0.715, 12);
  });
  it('the tool reaches what its travel and the table have in common, as counted out along both', () => {
    const counted = (least: number, most: number, tool: number, start: number, table: number) => {
      let found = 0;
      for (let x = -2000; x < 4000; x++)
        if (x + 0.5 > least + tool && x + 0.5 < most + tool && x + 0.5 > start && x + 0.5 < start + table)
          found++;
      return found;
    };
    for (const [least, most, tool, start, table] of [
      [90, 900, 0, 50, 800],
      [90, 900, -120, 50, 800],
      [90, 900, 200, 400, 300],
      [0, 100, 0, 300, 100],
    ] as const) {
      const reached = fit.toolReach.evaluate({
        least: mm(least),
        most: mm(most),
        tool: mm(tool),
        start: mm(start),
        table: mm(table),
      });
      expect(Math.max(0, reached) * 1000).toBeCloseTo(counted(least, most, tool, start, table), 6);
    }
  });
  it(
    'holes of a joined rail keep their pitch: a joint in the middle between two is half a pitch ' +
      'from either',
    () => {
      const holes = { ...railHoles(2, 0.06, 0.01)!, pitch: 0.06 };
      expect(jointToHole(holes.end + 10.5 * 0.06, holes)).toBeCloseTo(0.03, 12);
      expect(jointToHole(holes.end + 10 * 0.06, holes)).toBeCloseTo(0, 12);
      // Before the first and behind the last there is but one.
      expect(jointToHole(0, holes)).toBeCloseTo(holes.end, 12);
      expect(jointToHole(2, holes)).toBeCloseTo(holes.end, 12);
    },
  );
});
