'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { type Geometry, type Wall, type WorkContext, workFindings, workOf } from '@/core/build';
import type { BuildFinding } from '@/core/build';
import { localZone, useJob } from '@/workers';
import { useMachine } from './machine-context';
import { type BuildState, useStamp } from './use-build';

/** So many steps that somebody spoke of are planned on the page itself; beyond, beside it. */
const MOST_HERE = 450;
/** Changes that follow each other closely are looked at once, ms. */
const PAUSE = 200;
const MINUTE = 60_000;

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
 * @param beside whether order and dates are worked out beside the page too, for a page that has its hands
 * full.
 */
export function useWork(
  { today, lines, answer }: Pick<BuildState, 'today' | 'lines' | 'answer'>,
  { wanted = true, beside: away = false }: { readonly wanted?: boolean; readonly beside?: boolean } = {},
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
  const asked = useMemo(
    () => (output && plans ? { context: { project, lines, plans, today }, now, geometry: output } : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it reads of the machine
    [output, plans, lines, today, now, axes, steps, assembly, calendar, workTimes, otherDays],
  );
  // Hundreds of steps would keep a key waiting: they are planned beside the page.
  const large = away || steps.length > MOST_HERE;
  const askedStamp = String(useStamp(asked));
  const beside = useJob('work', {
    input: asked,
    key: large && asked ? askedStamp : null,
    pause: PAUSE,
    lane: 'work',
  });
  const here = useMemo(
    () => (asked && !large ? workOf(asked.context, { now, zone: localZone }, asked.geometry) : null),
    [asked, large, now],
  );
  const work = large ? beside.output : here;
  const findings = useMemo(() => (work ? workFindings(work) : NONE), [work]);
  return {
    geometry: output,
    work,
    findings,
    busy: busy || beside.busy || project !== newest,
    failed: failed ?? beside.failed,
    now,
  };
}
