import { describe, expect, it } from 'vitest';
import { slidingThread } from '@test/helpers/axes';
import { demoAxis, withSi } from '@test/helpers/demo';
import { guess } from '../guess';
import { axisIssues, startingDrive, startingReducer } from '.';
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

describe('wheels do not overlap', () => {
  const bed = demoAxis('bed');
  const codes = (axis: Axis) => axisIssues(axis).map((i) => i.code);
  it('of a belt stage: 20 and 40 teeth of 5 mm touch at 47.7 mm', () => {
    const stage = (centre: string) => ({
      ...bed,
      reducer: {
        ...startingReducer('belt', 2),
        pulleys: {
          motorTeeth: guess('count', '20'),
          driveTeeth: guess('count', '40'),
          pitch: guess('length', '5 mm'),
          centreDistance: guess('length', centre),
          lineMass: guess('linearDensity', '30 g/m'),
        },
      },
    });
    expect(codes(stage('40 mm'))).toEqual(['pulleys-overlap']);
    expect(codes(stage('47.7 mm'))).toEqual(['pulleys-overlap']);
    expect(codes(stage('47.8 mm'))).toEqual([]);
  });
  it('of a belt or chain along the axis: 100 teeth of 5 mm are 159 mm across', () => {
    const drive = { ...startingDrive('belt', 0.1), teeth: guess('count', '100') };
    const short = withSi({ ...bed, drive } as Axis, { 'demands.travel': 0.1, 'drive.centreDistance': 0.15 });
    expect(codes(short)).toContain('wheels-overlap');
    expect(codes(withSi(short, { 'drive.centreDistance': 0.16 }))).not.toContain('wheels-overlap');
  });
});
