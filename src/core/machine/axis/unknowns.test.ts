import { describe, expect, it } from 'vitest';
import { startingAxis } from '@/core/model';
import { withSi } from '@test/helpers/demo';
import { axisReport } from '.';

describe('what is not given', () => {
  const unknown = (values: Record<string, number>) =>
    axisReport(withSi(startingAxis('bed', 'a'), values), { remedies: false }).unknowns.map((u) => u.path);
  it('each place stands once, with its weightiest effect, and goes when it is given', () => {
    const open = unknown({});
    expect(new Set(open).size).toBe(open.length);
    for (const path of ['drive.nutOffset', 'coupling.stiffness', 'supply.power', 'guide.staticLoad'])
      expect(open).toContain(path);
    const given = unknown({
      'drive.nutOffset': 0.07,
      'coupling.stiffness': 500,
      'supply.power': 350,
      'guide.staticLoad': 20_000,
    });
    expect(open.filter((p) => !given.includes(p)).sort()).toEqual([
      'coupling.stiffness',
      'drive.nutOffset',
      'guide.staticLoad',
      'supply.power',
    ]);
  });
});
