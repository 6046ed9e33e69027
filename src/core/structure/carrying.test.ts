import { describe, expect, it } from 'vitest';
import { portal, diagonal, zeros, answer, feet, full, load } from '@test/helpers/gantries';
import { type Frame, prepare, type Ready } from './frame';
import { buildGantry } from './gantry';

describe('frames that carry a beam', () => {
  it('a drive in the middle holds the gantry along the bed but not against yaw, as two drives do', () => {
    const middle = diagonal(feet);
    middle[0]![0] = 5e6;
    middle[6]![6] = 5e6;
    middle[0]![6] = 5e6;
    middle[6]![0] = 5e6;
    const both = diagonal(feet.map((k, i) => (i % 6 === 0 ? 1e7 : k)));
    const single = answer(full, { carriages: middle, beds: [zeros(12)] }, load);
    const double = answer(full, { carriages: both, beds: [zeros(12)] }, load);
    // In the middle both are 20 N/µm along x; at the end only the two drives hold.
    expect(single.along(0, [0.7])[0]!.compliance[0] / double.along(0, [0.7])[0]!.compliance[0]).toBeCloseTo(
      1,
      2,
    );
    expect(single.along(0, [0.1])[0]!.compliance[0]).toBeGreaterThan(
      1.5 * double.along(0, [0.1])[0]!.compliance[0],
    );
  });
  it('a frame keeps its band narrow: two numbers apart on one beam', () => {
    const frame: Frame = buildGantry(portal, feet).prepared.ok
      ? (buildGantry(portal, feet).prepared as Ready).frame
      : (undefined as never);
    expect(Math.max(...frame.elements.map((e) => Math.abs(e.a - e.b)))).toBe(1);
    expect((prepare(frame) as Ready).factor.width).toBe(11);
  });
});
