import { describe, expect, it } from 'vitest';
import { demoContents, demoMachines } from '@/demo';
import { allJobsFound } from '.';

const [kayak, gate] = demoMachines();

describe('what is found of the jobs of a machine', () => {
  it('is what stands under Job check, in their order; nothing is drawn', () => {
    const twice = { ...kayak!, jobs: [...kayak!.jobs, { ...kayak!.jobs[0]!, id: 'again', name: 'Again' }] };
    const [first, again] = allJobsFound(twice, demoContents());
    expect(first).toMatchObject({ name: kayak!.jobs[0]!.name, verdict: 'gives-out', guessed: false });
    expect(first!.findings[0]).toMatchObject({ code: 'job-stall', axis: 'Gantry axis' });
    expect(again).toEqual({ ...first, jobId: 'again', name: 'Again' });
  });
  it('a program that is not here is not known: it is not run, and does not hold', () => {
    expect(allJobsFound(gate!, new Map())).toEqual([
      {
        jobId: 'garden-gate',
        name: gate!.jobs[0]!.name,
        verdict: 'not-known',
        guessed: false,
        time: null,
        findings: [],
      },
    ]);
    expect(allJobsFound({ ...gate!, jobs: [] }, demoContents())).toEqual([]);
  });
});
