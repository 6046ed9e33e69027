import { describe, expect, it } from 'vitest';
import { needsOf } from '@/core/build';
import { machineReport } from '@/core/machine';
import { applyEdits, put, startingMotor } from '@/core/model';
import { demoMachines } from '@/demo';
import { settingsOf, trialPlans, trialsOf } from '.';

const crank = startingMotor('hand');

describe('a machine with a crank on one axis', () => {
  const [kayak] = demoMachines();
  const at = kayak!.axes.findIndex((a) => a.role === 'gantry');
  const machine = applyEdits(kayak!, [put(`axes.${at}.motor`, crank)]);
  const id = machine.axes[at]!.id;
  it('buys a handwheel and neither motor, driver nor cable for it, and draws nothing', () => {
    const report = machineReport(machine);
    const kinds = needsOf({ project: machine, reports: report.axes })
      .filter((n) => n.owner === id)
      .map((n) => n.kind);
    expect(kinds).toContain('handwheel');
    for (const kind of ['motor', 'driver', 'motor-cable', 'switch-cable']) expect(kinds).not.toContain(kind);
    expect(report.cost.unpicked.filter((u) => u.axisId === id && u.link === 'driver')).toEqual([]);
  });
  it('is turned by hand in first motion and by nothing else, and has no settings', () => {
    const kinds = trialPlans(machine)
      .filter((p) => p.axis === id)
      .map((p) => p.kind);
    expect(kinds).toEqual(expect.arrayContaining(['hand', 'pull', 'push']));
    expect(kinds).not.toContain('slow');
    expect(trialPlans(machine).filter((p) => p.axis === null && p.program)).toEqual([]);
    const letters = new Set(settingsOf(machine, trialsOf(machine)).map((s) => s.letter));
    expect(letters.has(machine.axes[at]!.letter.toUpperCase())).toBe(false);
  });
  it('a motor comes back to all that was kept for it', () => {
    const back = applyEdits(machine, [put(`axes.${at}.motor`, kayak!.axes[at]!.motor)]);
    expect(back.axes[at]).toEqual(kayak!.axes[at]);
  });
});
