import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readProjectValue } from '@/core/formats';
import { demoText } from '@test/helpers/demo';
import { WIDE } from '@test/helpers/chance';
import { setAt } from '.';

const demo = () => JSON.parse(demoText) as Record<string, unknown>;
/** Every leaf of a tree as a dotted path. */
const leaves = (value: unknown, path: string[] = []): string[] =>
  typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([k, v]) => leaves(v, [...path, k]))
    : [path.join('.')];

/** Leaves that are a free text, and leaves that may be left out; of any other value they say nothing. */
const TEXT = /(^|\.)(name|note)$/;
const OPTIONAL = new RegExp(
  `\\.(${[
    'demands.jerk',
    'drive.screwInertia',
    'drive.nutOffset',
    'drive.bearingStiffness',
    'drive.thread.nutStiffness',
    'drive.thread.speedLimit',
    'drive.thread.dynamicLoad',
    'guide.carriageSpan',
    'reducer',
  ].join('|')})$`,
);
const wrong = [null, undefined, true, [], {}, '\u0000', 1e300];

describe('any leaf damaged in any way', () => {
  it('is taken where it is a text or left out by right; else the issue stands at it or at its rule', () => {
    fc.assert(
      fc.property(fc.constantFrom(...leaves(demo())), fc.constantFrom<unknown>(...wrong), (path, value) => {
        const opened = readProjectValue(JSON.parse(JSON.stringify(setAt(demo(), path, value))));
        const legal =
          (typeof value === 'string' && TEXT.test(path)) || (value === null && OPTIONAL.test(path));
        expect(opened.issues.length === 0, path).toBe(legal);
        // The head has no path to share; below it an issue begins where the damage is.
        const [room] = path.split('.');
        for (const issue of opened.issues) expect(String(issue.path[0] ?? room), path).toBe(room);
      }),
      { numRuns: 400 * WIDE },
    );
  });
});
