import { describe, expect, it } from 'vitest';
import { type Axis, type Drive, guess, type Project, sideStiffness } from '@/core/model';
import { demoMachines } from '@/demo';
import { machineReport } from '..';

const kayak = demoMachines()[0]!;

/** The kayak router with its bed driven from the middle, by a rack on each side of one shaft. */
function withShaft(share: string): Project {
  const bed = kayak.axes[0]!;
  const drive = {
    ...bed.drive,
    sets: 1,
    worstShare: guess('ratio', share),
    crossShaft: { diameter: guess('length', '20 mm'), length: guess('length', '600 mm') },
    meshStiffness: guess('stiffness', '20 N/µm'),
  } as Drive;
  const coupling: Axis['coupling'] = { ...bed.coupling, kind: 'rigid', stiffness: null };
  return { ...kayak, axes: kayak.axes.with(0, { ...bed, drive, coupling, reducer: null }) };
}

const softOf = (project: Project) => {
  const { axes, flex } = machineReport(project, { flex: true, remedies: false });
  const { budget } = flex!.softest.x;
  return {
    train: axes[0]!.stiffness,
    drives: budget.find((s) => s.id === 'base-drive')!.value,
    beside: flex!.softest.x.at - flex!.beamLength / 2,
  };
};

describe('a shaft to both sides', () => {
  it('is counted once: of what the frame gives along the bed its drives take F/K of two springs', () => {
    const { train, drives, beside } = softOf(withShaft('0.5'));
    const side = train.value / 2;
    // Two springs side by side under a force that stands off their middle: 1/2k + e²/(2k (b/2)²), where the
    // carriages leave the yaw to the drives; they take some of it, so the lever's part is at most that.
    const even = 1 / (2 * side);
    expect(drives).toBeGreaterThanOrEqual(even * (1 - 1e-6));
    expect(drives).toBeLessThan(even * (1 + (beside / (kayak.structure!.beam.length.si / 2)) ** 2) * 1.05);
  });
  it('one side is held with what that side gives, whatever share of the load it takes', () => {
    const links = (p: Project) => machineReport(p, { remedies: false }).axes[0]!.stiffness;
    const [even, uneven] = ['0.5', '0.8'].map((s) => withShaft(s));
    const side = (p: Project) => sideStiffness(p.axes[0]!.drive, links(p).value);
    expect(side(even!) / side(uneven!)).toBeCloseTo(1, 9);
    // 20 N/µm of mesh in series with the shaft: less than the mesh, and not twice it.
    expect(side(even!)).toBeLessThan(20e6);
  });
});
