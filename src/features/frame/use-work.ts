'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { type Geometry, type Wall, type WorkContext, workFindings, workOf, type Zone } from '@/core/build';
import type { BuildFinding } from '@/core/build';
import { useJob } from '@/workers';
import { useMachine } from './machine-context';
import { type BuildState, useStamp } from './use-build';

/** Changes that follow each other closely are looked at once, ms. */
const PAUSE = 200;
const MINUTE = 60_000;

/** The clock on the wall here: how it runs against the world's is the machine's own knowledge. */
export const localZone: Zone = {
  real: (wall) => {
    const date = new Date(0);
    const utc = new Date(wall * MINUTE);
    date.setFullYear(utc.getUTCFullYear(), utc.getUTCMonth(), utc.getUTCDate());
    date.setHours(utc.getUTCHours(), utc.getUTCMinutes(), 0, 0);
    return date.getTime() / MINUTE;
  },
  wall: (real) => {
    const date = new Date(real * MINUTE);
    return (
      Date.UTC(date.getFullYear(), date.getMonth(), date.getDate(), date.getHours(), date.getMinutes()) /
      MINUTE
    );
  },
};

/** What the wall's clock shows now, to the minute. */
export const wallNow = (now = new Date()): Wall => Math.floor(localZone.wall(now.getTime() / MINUTE));

export interface WorkState {
  readonly geometry: Geometry | null;
  /** Null before the first answer. */
  readonly work: WorkContext | null;
  readonly findings: readonly BuildFinding[];
  /** Whether the geometry is of an older state. */
  readonly busy: boolean;
  readonly failed: string | null;
  readonly now: Wall;
}

const NONE: readonly BuildFinding[] = [];

/**
 * How the open machine is put together and when: where its screws are is worked out beside the page.
 * @param wanted whether anybody looks: else nothing is worked out.
 */
export function useWork(
  { today, lines, answer }: Pick<BuildState, 'today' | 'lines' | 'answer'>,
  wanted = true,
): WorkState {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const [now] = useState(() => wallNow());
  const { axes, structure, brief, passing, covers } = project;
  const input = useMemo(
    () => ({ project }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what the picture and the joints are made of
    [axes, structure, brief.arrangement, brief.area, passing, covers],
  );
  const stamp = String(useStamp(input));
  const key = wanted ? stamp : null;
  const { output, busy, failed } = useJob('geometry', { input, key, pause: PAUSE, lane: 'geometry' });
  const plans = answer?.plans;
  const { steps, assembly, calendar, workTimes, otherDays } = project;
  const work = useMemo(
    () =>
      output && plans ? workOf({ project, lines, plans, today }, { now, zone: localZone }, output) : null,
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it reads of the machine
    [output, plans, lines, today, now, axes, steps, assembly, calendar, workTimes, otherDays],
  );
  const findings = useMemo(() => (work ? workFindings(work) : NONE), [work]);
  return { geometry: output, work, findings, busy: busy || project !== newest, failed, now };
}
