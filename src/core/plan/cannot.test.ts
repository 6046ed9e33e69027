import { describe, expect, it } from 'vitest';
import type { Project } from '@/core/model';
import { demoMachines } from '@/demo';
import { tooSoftFor } from '.';

const { brief } = (demoMachines() as [Project])[0];
const jobs = (newtonPerMicrometre: number) =>
  tooSoftFor({ stiffness: newtonPerMicrometre * 1e6, depth: 0.006 }, brief).map((t) => t.job);

describe('what a plan cannot do', () => {
  it('a machine of 3 N/µm cuts wood and plastics and neither aluminium nor steel (common practice)', () => {
    expect(jobs(3)).toEqual(['aluminium', 'steel']);
  });
  it('the stiffer, the less is out of reach; a rigid one does all', () => {
    expect(jobs(0.05)).toHaveLength(5);
    for (let k = 0.05; k < 200; k *= 1.5) expect(jobs(k * 1.5).length).toBeLessThanOrEqual(jobs(k).length);
    expect(jobs(1000)).toEqual([]);
  });
  it('never less than the low end of what is usual: 20 N/µm for steel', () => {
    const steel = tooSoftFor({ stiffness: 1, depth: 0.006 }, brief).find((t) => t.job === 'steel')!;
    expect(steel.wants).toBeGreaterThanOrEqual(20e6);
  });
  it('nothing is said of a machine that mills nothing', () => {
    expect(tooSoftFor({ stiffness: 1, depth: null }, brief)).toEqual([]);
  });
});
