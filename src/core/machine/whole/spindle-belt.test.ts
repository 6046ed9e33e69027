import { describe, expect, it } from 'vitest';
import {
  applyEdits,
  guess as m,
  type Project,
  projectIssues,
  put,
  type SpindleBelt,
  startingSpindle,
  startingSpindleBelt,
} from '@/core/model';
import { units } from '@/core/units';
import { demoMachines } from '@/demo';

import { cutLoad, spindleBelt, spindleOutput } from '../demand';
import { machineReport } from '../report';

const [kayak] = demoMachines() as [Project];
const rpm = (speed: number) => units.angularSpeed[0]!.toSi(speed);

const behind = (belt: Partial<SpindleBelt>): Project =>
  applyEdits(kayak, [
    put('brief.spindle', {
      ...startingSpindle(),
      ratedSpeed: m('angularSpeed', '3000 rpm'),
      belt: { ...startingSpindleBelt(), ...belt },
    }),
  ]);
const fast = { motorPulley: m('length', '240 mm'), spindlePulley: m('length', '40 mm') };
const codes = (project: Project) => machineReport(project).findings.map((f) => f.code);

describe('a spindle behind a belt', () => {
  it(
    'has its full power from the speed that its pulleys make of that of the motor, less the belt’s ' + 'loss',
    () => {
      const { brief } = behind(fast);
      const [cut] = brief.cuts;
      const load = cutLoad(cut!, brief.spindle);
      // 3000 rpm and 6 : 1: all of it from 18000 rpm on.
      const full = 1500 * 0.8 * 0.95;
      expect(spindleOutput(brief.spindle!)).toBeCloseTo(full, 6);
      const asked = cut!.kind === 'mill' ? cut!.spindle.si : 0;
      expect(load.available).toBeCloseTo(full * Math.min(1, asked / rpm(18000)), 6);
    },
  );
  it('the other way round it turns slower, and has as much less power at the speed of the cut', () => {
    const slow = behind({ motorPulley: fast.spindlePulley, spindlePulley: fast.motorPulley });
    expect(spindleBelt(slow.brief)!.rated).toBeCloseTo(rpm(500), 6);
    expect(spindleBelt(behind(fast).brief)!.rated).toBeCloseTo(rpm(18000), 6);
  });
  it('what its motor, belt, pulleys and bearings do not stand is found, each by itself', () => {
    const fine: Partial<SpindleBelt> = { ...fast, centre: m('length', '500 mm'), kind: 'toothed' };
    const at = (belt: Partial<SpindleBelt>) =>
      codes(behind({ ...fine, ...belt })).filter((c) => /spindle-slow|spindle-bearing|belt-/.test(c));
    expect(at({ topSpeed: m('angularSpeed', '1500 rpm') })).toContain('spindle-slow');
    expect(at({ spindlePulley: m('length', '80 mm'), motorPulley: m('length', '480 mm') })).toContain(
      'belt-rim',
    );
    expect(at({ kind: 'v-belt', centre: m('length', '150 mm') })).toContain('belt-wrap');
    expect(at({ bearing: 'insert', bearingDiameter: m('length', '40 mm') })).toContain('spindle-bearing');
    expect(at({ beltLength: m('length', '1200 mm') })).toContain('belt-length');
  });
  it('a way out of each is one that the model has tried', () => {
    const slow = behind({ ...fast, centre: m('length', '500 mm'), topSpeed: m('angularSpeed', '2000 rpm') });
    const found = machineReport(slow).findings.find((f) => f.code === 'spindle-slow')!;
    const [remedy] = found.remedies;
    expect(remedy!.code).toBe('spindle-pulley');
    expect(codes(applyEdits(slow, remedy!.edits))).not.toContain('spindle-slow');
  });
  it('pulleys that touch are refused', () => {
    const touching = behind({ ...fast, centre: m('length', '100 mm') });
    expect(projectIssues(touching).map((i) => i.code)).toEqual(['spindle-pulleys-overlap']);
  });
});
