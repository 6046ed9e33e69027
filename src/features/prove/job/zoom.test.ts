import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SEED } from '@test/helpers/chance';
import { drawnAt, fitted } from './projection';
import { NEAREST, unzoomed, wholeOf, within, zoomed, zoomedBy } from './zoom';

const fit = fitted([0, 0, 0, 1.2, 0.8, 0], 'above', false, 860, 400);
const place = fc
  .tuple(fc.integer({ min: 0, max: 120 }), fc.integer({ min: 0, max: 80 }))
  .map(([x, y]) => [x / 100, y / 100, 0] as const);
const steps = fc.array(fc.tuple(fc.constantFrom(0.5, 2, 4), place), { maxLength: 9 });

describe('a path from nearer', () => {
  it('is the same picture where it is seen whole', () => {
    expect(zoomed(fit, wholeOf(fit))).toEqual(fit);
  });
  it('keeps what is looked at where it is, as far as the picture goes; never beyond its edges', () => {
    fc.assert(
      fc.property(steps, place, (all, at) => {
        let zoom = wholeOf(fit);
        for (const [by, about] of all) zoom = zoomedBy(fit, zoom, by, drawnAt(fit, about));
        expect(zoom.factor).toBeGreaterThanOrEqual(1);
        expect(zoom.factor).toBeLessThanOrEqual(NEAREST);
        const near = zoomed(fit, zoom);
        const [left, top] = unzoomed(fit, zoom, [0, 0]);
        const [right, bottom] = unzoomed(fit, zoom, [fit.width, fit.height]);
        expect(Math.min(left, top)).toBeGreaterThan(-1e-9);
        expect(Math.max(right - fit.width, bottom - fit.height)).toBeLessThan(1e-9);
        // There and back is the same place.
        const [u, v] = unzoomed(fit, zoom, drawnAt(near, at));
        const [x, y] = drawnAt(fit, at);
        expect(u).toBeCloseTo(x, 6);
        expect(v).toBeCloseTo(y, 6);
      }),
      { seed: SEED, numRuns: 300 },
    );
  });
  it('twice as near about a place leaves that place on its spot', () => {
    const about = drawnAt(fit, [0.6, 0.4, 0]);
    const near = zoomed(fit, zoomedBy(fit, wholeOf(fit), 2, about));
    expect(drawnAt(near, [0.6, 0.4, 0])).toEqual([expect.closeTo(about[0], 9), expect.closeTo(about[1], 9)]);
    const centred = within(fit, { factor: 8, x: about[0], y: about[1] });
    expect(drawnAt(zoomed(fit, centred), [0.6, 0.4, 0])[0]).toBeCloseTo(fit.width / 2, 9);
  });
});
