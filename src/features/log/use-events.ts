'use client';

import { useMemo } from 'react';
import { timelineOf } from '@/core/log';
import { useBuild, useMachine } from '@/features/frame';
import { eventTitle, lineName } from '@/words';
import type { EventWords } from './event-list';

/** Events of the open machine with all that is needed to tell them. */
export function useEvents() {
  const { project, system } = useMachine();
  const { lines } = useBuild();
  const names = useMemo(
    () => new Map(lines.map((l) => [l.key, lineName(l, system)] as const)),
    [lines, system],
  );
  const { log, rounds, trials, steps, partLines, happenings, upgrades, axes } = project;
  const events = useMemo(
    () => timelineOf(project),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [log, rounds, trials, steps, partLines, happenings, upgrades, axes],
  );
  const title: EventWords['title'] = (e) =>
    eventTitle(project, e, (key) => names.get(key) ?? 'A part that is gone');
  const parts = [...names].sort(([, a], [, b]) => a.localeCompare(b));
  return { events, names, title, parts };
}
