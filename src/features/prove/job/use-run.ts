import { useMemo } from 'react';
import type { JobSaid } from '@/core/model';
import { useMachine, useStamp } from '@/features/frame';
import { useJob } from '@/workers';
import { type Program, useProgram } from './use-jobs';

/** Figures that are typed one after the other are run once, ms. */
const PAUSE = 250;

/** A job run beside the page, anew whenever it, its program or what it reads of the machine changes. */
export function useRun(job: JobSaid | null) {
  const { project } = useMachine();
  const program: Program = useProgram(job?.file ?? null);
  const { axes, brief, structure, stand, wiring } = project;
  const bytes = typeof program === 'object' ? program.bytes : null;
  const input = useMemo(
    () => (job && bytes ? { project, job, bytes } : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a job reads of the machine
    [job, bytes, axes, brief, structure, stand, wiring],
  );
  const key = String(useStamp(input));
  const run = useJob('job', { input, key: input ? key : null, pause: PAUSE, lane: 'job' });
  return { program, run, bytes };
}
