'use client';

import { useEffect, useMemo, useState } from 'react';
import { type JobFound, MOST_UNASKED } from '@/core/job';
import { useStorage } from '@/session';
import { useJob } from '@/workers';
import { useMachine } from './machine-context';
import { useStamp } from './use-build';

/** Changes that follow each other closely are run once, ms. */
const PAUSE = 400;
const NONE: readonly JobFound[] = [];

/**
 * The programs of a machine's jobs that are here and short enough to be run unasked; null: being looked up.
 */
function usePrograms(): ReadonlyMap<string, Uint8Array> | null {
  const { jobs, files } = useMachine().project;
  const storage = useStorage();
  const [programs, setPrograms] = useState<ReadonlyMap<string, Uint8Array> | null>(null);
  useEffect(() => {
    // It opens a moment after the page.
    if (!storage) return;
    let live = true;
    const wanted = new Set(jobs.map((j) => j.file));
    const short = files.filter((f) => wanted.has(f.hash) && f.bytes <= MOST_UNASKED);
    storage.contents.of(short).then(
      (map) => (live ? setPrograms(map) : undefined),
      // What cannot be read is not known.
      () => (live ? setPrograms(new Map()) : undefined),
    );
    return () => {
      live = false;
    };
  }, [storage, jobs, files]);
  return programs;
}

/** What is found of every job of the open machine, run beside the page; empty until it is known. */
export function useJobsFound(): readonly JobFound[] {
  const { project } = useMachine();
  const programs = usePrograms();
  const { jobs, axes, brief, structure, stand, wiring } = project;
  const input = useMemo(
    () => (programs && jobs.length ? { project, programs } : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what a job reads of the machine
    [programs, jobs, axes, brief, structure, stand, wiring],
  );
  const key = String(useStamp(input));
  const { output } = useJob('jobsFound', {
    input,
    key: input ? key : null,
    pause: PAUSE,
    lane: 'jobs found',
  });
  return input && output ? output : NONE;
}
