/**
 * Sets of steps, one of which must be wholly undone yet: what hides a screw by each tool that would turn it.
 * No option at all: nothing ever turns it.
 */
export type Access = readonly (readonly string[])[];

/** A step of the work as the order sees it. */
export interface OrderStep {
  readonly id: string;
  /** Steps that come before it; names that nobody bears mean nothing. */
  readonly needs: readonly string[];
  /** One for each thing that must be reached; the first free option is taken. */
  readonly reach: readonly Access[];
  /** Where it is done and with what, to spare walks and changes of tools. */
  readonly area: string;
  readonly tool: string;
  /** Higher comes later among equals; kg; whether it is taken before its equals: a wait follows it, say. */
  readonly height: number;
  readonly mass: number;
  readonly first: boolean;
}

/** Steps as numbers: who needs whom, and what must be undone yet. */
export interface Indexed {
  readonly steps: readonly OrderStep[];
  readonly needs: readonly (readonly number[])[];
  /** Step, condition, option: steps. */
  readonly reach: readonly (readonly (readonly (readonly number[])[])[])[];
}

/** Steps by their numbers. A step that hides itself from itself is left out: it is done before it hides. */
export function indexed(steps: readonly OrderStep[]): Indexed {
  const at = new Map(steps.map((s, i) => [s.id, i]));
  const known = (ids: readonly string[]) => [...new Set(ids.flatMap((id) => at.get(id) ?? []))];
  return {
    steps,
    needs: steps.map((s) => known(s.needs)),
    reach: steps.map((s, i) => s.reach.map((r) => r.map((o) => known(o).filter((b) => b !== i)))),
  };
}

/**
 * The same work where the parts of some steps come off again for a while wherever they hide something, except
 * for a step that needs them on.
 */
export const withoutThese = (graph: Indexed, off: ReadonlySet<number>): Indexed => ({
  ...graph,
  reach: graph.reach.map((conditions, s) =>
    conditions.map((options) =>
      options.map((o) => o.filter((b) => !off.has(b) || graph.needs[s]!.includes(b))),
    ),
  ),
});
