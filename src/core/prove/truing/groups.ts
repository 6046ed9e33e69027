import type { SheetMove } from './result';

/** Bolts side by side that are moved alike, and from how far to how far. */
export interface MoveGroup {
  readonly kind: SheetMove['kind'];
  readonly first: number;
  readonly last: number;
  /** Least and greatest of the moves, m. */
  readonly low: number;
  readonly high: number;
}

/** Moves of bolts, those side by side that go one way together. */
export function moveGroups(moves: readonly SheetMove[]): readonly MoveGroup[] {
  const groups: MoveGroup[] = [];
  for (const { kind, bolt, by } of moves) {
    if (bolt === null) continue;
    const last = groups.at(-1);
    const beside = last && last.kind === kind && last.last === bolt - 1;
    if (beside && Math.sign(last.high) === Math.sign(by))
      groups[groups.length - 1] = {
        ...last,
        last: bolt,
        low: Math.min(last.low, by),
        high: Math.max(last.high, by),
      };
    else groups.push({ kind, first: bolt, last: bolt, low: by, high: by });
  }
  return groups;
}
