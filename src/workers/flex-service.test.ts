import { describe, expect, it } from 'vitest';
import { flexReport, improvements, machineReport } from '@/core/machine';
import { demoMachines } from '@/demo';
import { flexClient, flexService } from '.';

const cutter = demoMachines()[2]!;

describe('the worker that solves frames', () => {
  it('gives what a direct call gives', async () => {
    const { axes } = machineReport(cutter);
    expect(await flexService().flex(cutter)).toEqual(flexReport(cutter, axes));
    expect(await flexService().improve(cutter, 'z', () => undefined)).toEqual(
      improvements(cutter, axes, 'z'),
    );
  });
  it('tells its steps, and a ranking that is overtaken or stopped comes back as null', async () => {
    const service = flexService();
    const seen: number[] = [];
    const first = service.improve(cutter, 'z', ({ done }) => seen.push(done));
    const second = service.improve(cutter, 'x', () => undefined);
    expect(await first).toBeNull();
    expect((await second)!.length).toBeGreaterThan(3);
    expect(seen).toEqual([1]);
    const third = service.improve(cutter, 'y', () => undefined);
    await service.stop();
    expect(await third).toBeNull();
  });
  it('without workers the page has the same service', async () => {
    expect(await flexClient().flex({ ...cutter, structure: null })).toEqual({
      ok: false,
      reason: 'no-structure',
    });
    expect(flexClient()).toBe(flexClient());
  });
});
