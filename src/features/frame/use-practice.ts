'use client';

import { useMemo } from 'react';
import { groundsOf, trialPlans, truingPlan } from '@/core/prove';
import type { PracticeGround } from '@/standins';
import { useMachine } from './machine-context';

/** What a practice machine is drawn on; null where the open machine is a real one. */
export function usePractice(): PracticeGround | null {
  const { project } = useMachine();
  const { axes, structure, brief, practice } = project;
  const begun = practice !== null;
  const planned = useMemo(() => {
    if (!begun) return null;
    const grounds = groundsOf(project);
    return { grounds, sheets: truingPlan(project), trials: trialPlans(project, grounds) };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what sheets and trials follow from
  }, [axes, structure, brief, begun]);
  return useMemo(
    () => (planned && practice ? { ...planned, project, practice } : null),
    [planned, project, practice],
  );
}
