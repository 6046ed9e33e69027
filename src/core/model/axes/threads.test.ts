import { describe, expect, it } from 'vitest';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import { axisIssues } from '.';
import type { Axis } from './schema';

type Form = Parameters<typeof slidingThread>[0];

/** Rules that a sliding screw breaks. @param size nominal, root, lead in mm, and starts. */
function broken(form: Form, [nominal, root, lead, starts = 1]: readonly number[], friction = 0.12): string[] {
  const bed = demoAxis('bed');
  const axis = withSi({ ...bed, drive: { ...bed.drive, thread: slidingThread(form) } } as Axis, {
    'drive.nominalDiameter': nominal! / 1e3,
    'drive.rootDiameter': root! / 1e3,
    'drive.lead': lead! / 1e3,
    'drive.starts': starts,
    'drive.thread.friction': friction,
  });
  return axisIssues(axis).map((i) => i.code);
}

describe('a sliding thread holds the pitch that its depth allows', () => {
  it('not 22.5 mm in one start on 12 with a root of 8.5: its pitch diameter would lie below the root', () => {
    expect(broken('trapezoidal', [12, 8.5, 22.5])).toEqual(['thread-too-shallow']);
    // Four starts are a pitch of 5.6 mm on a depth of 1.75 mm: a stub thread, but one that can be cut.
    expect(broken('trapezoidal', [12, 8.5, 22.5, 4])).toEqual([]);
    expect(broken('acme', [12.7, 9.65, 25.4])).toEqual(['thread-too-shallow']);
    expect(broken('trapezoidal', [16, 11.5, 1])).toEqual(['thread-deeper-than-pitch']);
  });
  it.each([
    [8, 6.2, 1.5],
    [10, 7.5, 2],
    [12, 8.5, 3],
    [16, 11.5, 4],
    [20, 15.5, 4],
    [40, 32, 7],
  ])('Tr %d, root %d, pitch %d (ISO 2904) keeps the rules', (...size) => {
    expect(broken('trapezoidal', size)).toEqual([]);
  });
  it.each([
    [6.35, 4.51, 25.4 / 16],
    [12.7, 9.906, 2.54],
    [25.4, 19.558, 5.08],
  ])('Acme %d, root %d, pitch %d (ASME B1.5, from the formulas) keeps the rules', (...size) => {
    expect(broken('acme', size)).toEqual([]);
  });
  it('and is refused where friction wedges it: 20 starts of 120 mm lead at a friction of 0.5', () => {
    expect(broken('square', [12, 8.5, 120, 20], 0.5)).toEqual(['thread-too-steep']);
    expect(broken('square', [12, 8.5, 120, 20], 0.05)).toEqual([]);
  });
});
