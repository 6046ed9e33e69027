'use client';

import { useEffect, useMemo, useRef, useState } from 'react';
import { changesPlan, type Plan, planIn, planOf } from '@/core/changes';
import { type Project, variantsOf } from '@/core/model';
import { type VariantFigures, variantProject } from '@/core/variants';
import { useMachine } from '@/features/frame';
import { useJobPool } from '@/workers';

/** Stands for the plan as it is now. */
export const NOW = '';

/** One machine of those that are held beside one another. */
export interface Side {
  /** Id of the variant; empty: the present plan. */
  readonly id: string;
  readonly name: string;
  /** Null where what was kept cannot be read any more. */
  readonly plan: Plan | null;
}

/** The present plan, the same one until something of it changes. */
function usePlanNow(project: Project): Plan {
  const [plan, setPlan] = useState(() => planOf(project));
  if (!changesPlan(plan, project)) return plan;
  const next = planOf(project);
  setPlan(next);
  return next;
}

/** The present plan and all variants, in the order in which they were put by. */
export function useSides(): readonly Side[] {
  const { project } = useMachine();
  const now = usePlanNow(project);
  const { revisions } = project;
  const variants = useMemo(() => variantsOf({ revisions }), [revisions]);
  // What was unpacked stays, by what it was unpacked of: a name that changes unpacks nothing.
  const [read] = useState(() => new Map<string, Plan | null>());
  return useMemo(() => {
    const planFor = (v: (typeof variants)[number]) => {
      if (!read.has(v.plan)) read.set(v.plan, planIn(v));
      return read.get(v.plan)!;
    };
    return [
      { id: NOW, name: 'Present plan', plan: now },
      ...variants.map((v) => ({ id: v.id, name: v.name, plan: planFor(v) })),
    ];
  }, [variants, now, read]);
}

/** What a side comes to; the last answer stays while a newer one is worked out. */
export interface SideState {
  readonly of: Plan;
  readonly figures: VariantFigures | null;
  readonly failed: string | null;
}

/** What every side comes to, worked out beside the page, those that have changed anew. */
export function useFigures(sides: readonly Side[]): ReadonlyMap<string, SideState> {
  const { project } = useMachine();
  const pool = useJobPool();
  const [known, setKnown] = useState<ReadonlyMap<string, SideState>>(new Map());
  const asked = useRef(new Map<string, { readonly of: Plan; readonly cancel: () => void }>());
  useEffect(() => {
    for (const { id, plan } of sides) {
      if (!plan || asked.current.get(id)?.of === plan) continue;
      const job = pool.run('variant', { project: variantProject(project, plan) }, { lane: `variant ${id}` });
      asked.current.set(id, { of: plan, cancel: job.cancel });
      void job.result.then((result) => {
        if (!result.ok && result.reason === 'cancelled') return;
        const state = result.ok
          ? { of: plan, figures: result.output, failed: null }
          : { of: plan, figures: null, failed: result.message };
        setKnown((now) => new Map([...now, [id, state]]));
      });
    }
  }, [sides, project, pool]);
  useEffect(() => {
    const jobs = asked.current;
    return () => {
      for (const { cancel } of jobs.values()) cancel();
      jobs.clear();
    };
  }, []);
  return known;
}
