'use client';

import { useMemo } from 'react';
import { type Apart, comeApart, type Assembly, type Geometry } from '@/core/build';
import { useBuild, useFrameTrials, useMachine, usePainted, useStamp, useWork } from '@/features/frame';
import { useJob } from '@/workers';

/** Changes that follow each other closely are looked at once, ms. */
const PAUSE = 250;

/** Changes that would better the open machine, worked out beside the page once its frame is solved. */
export function useProposals() {
  const context = usePainted();
  const trials = useFrameTrials();
  const { project, frame } = context;
  const ready = !project.structure || (frame !== null && trials.output !== null && !trials.busy);
  const input = useMemo(
    () => ({ project, known: { frame, trials: trials.output ?? [] } }),
    [project, frame, trials.output],
  );
  const key = String(useStamp(input));
  const job = useJob('upgrades', { input, key: ready ? key : null, pause: PAUSE, lane: 'upgrades' });
  return { context, job, waiting: (!ready || job.busy) && !job.stopped };
}

/** What some parts take apart, worked out once for each set of them. */
function apartBy(geometry: Geometry, { steps }: Assembly) {
  const known = new Map<string, Apart | undefined>();
  return (parts: readonly string[]): Apart | undefined => {
    const key = parts.join(' ');
    if (!known.has(key)) known.set(key, comeApart(geometry, steps, parts));
    return known.get(key);
  };
}

/** How the machine comes apart; null until its joints are worked out. */
export function useApart() {
  const { project } = useMachine();
  const { geometry, work } = useWork(useBuild());
  return useMemo(
    () =>
      geometry && work ? { of: apartBy(geometry, work.assembly), assembly: work.assembly, project } : null,
    [geometry, work, project],
  );
}

export type ApartKnown = NonNullable<ReturnType<typeof useApart>>;
