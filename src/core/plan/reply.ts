import type { Project } from '@/core/model';
import type { Conflict } from './conflict';
import type { PlanFigures } from './figures';
import { type GivenUp, givenUp } from './gives-up';
import type { Failed, Plan, PlanKind } from './planner';
import type { PlanAnswer } from './plans';

/** An answer as it goes out: plain data, SI, what is picked inside left away. */
export interface PlanReply {
  readonly plans: readonly {
    readonly kind: PlanKind;
    readonly figures: PlanFigures;
    readonly limit: Plan['limit'];
    readonly givesUp: readonly GivenUp[];
    readonly machine: Project;
  }[];
  readonly failed: readonly Failed[];
  readonly conflict: Conflict | null;
}

export function planReply({ plans, failed, conflict }: PlanAnswer): PlanReply {
  const figures = plans.map((p) => p.figures);
  return {
    plans: plans.map((p, i) => ({
      kind: p.kind,
      figures: p.figures,
      limit: p.limit,
      givesUp: givenUp(figures, i),
      machine: p.project,
    })),
    failed,
    conflict,
  };
}
