'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import { type RoundMemory, type Truing, truingOf } from '@/core/prove';
import { useMachine } from '@/features/frame';

/** How far the open machine is trued up; a keystroke in one round works out no other. */
export function useTruing(): Truing {
  const { project: newest } = useMachine();
  const project = useDeferredValue(newest);
  const [memory] = useState<RoundMemory>(() => new WeakMap());
  const { axes, structure, brief, sheets, rounds, happenings } = project;
  return useMemo(
    () => truingOf(project, memory),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the slices that it reads, not the whole machine
    [memory, axes, structure, brief, sheets, rounds, happenings],
  );
}
