'use client';

import { useMemo } from 'react';
import { planDifferences, planIn } from '@/core/changes';
import { DifferenceTable } from '@/features/findings';
import { useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';

function Changes({ from, to }: { readonly from: number; readonly to: number }) {
  const { project } = useMachine();
  const { revisions, units } = project;
  const plans = useMemo(() => {
    const [before, after] = [revisions[from], revisions[to]].map((r) => (r ? planIn(r) : null));
    return before && after ? { before, after, differences: planDifferences(before, after) } : null;
  }, [revisions, from, to]);
  if (!plans) return <p>One of the two plans cannot be read any more.</p>;
  return plans.differences.length ? (
    <DifferenceTable {...plans} system={units} />
  ) : (
    <p>The same as the plan that was kept before it.</p>
  );
}

/** What was changed up to a plan that was kept, since the one before it, in words. */
export function PlanChanges({ of }: { readonly of: string }) {
  const { project } = useMachine();
  const to = project.revisions.findIndex((r) => r.id === of);
  if (to < 1) return null;
  return (
    <Fold lazy level="div" summary="What was changed since the plan before">
      <Changes from={to - 1} to={to} />
    </Fold>
  );
}
