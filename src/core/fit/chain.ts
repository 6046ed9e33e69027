/** How far one part lets a carriage go; m, places of the middle of the carriages from the near rail end. */
export interface Span<Id extends string = string> {
  readonly id: Id;
  /** Stroke that the part allows, wherever it sits; below 0 where it is too short for what runs on it. */
  readonly free: number;
  /** Where that stroke begins; null: its place is not said, and it is put where it serves best. */
  readonly from: number | null;
}

/** A chain that was closed: what all parts together allow. */
export interface Closed<Id extends string = string> {
  /** Free stroke between the hard contacts, m; below 0: the parts leave none. */
  readonly stroke: number;
  /** Where it begins and ends. */
  readonly from: number;
  readonly to: number;
  /** The part that binds at each end. */
  readonly near: Id;
  readonly far: Id;
  /** Stroke that shifting the placed parts against one another would give back. */
  readonly loss: number;
  /**
   * What more of the binding part buys until the next one binds; null where two parts bind, one at each end,
   * or where there is no other.
   */
  readonly gain: { readonly by: number; readonly then: Id } | null;
}

interface Reach<Id extends string> {
  readonly id: Id;
  readonly from: number;
  readonly to: number;
}

/** The part that begins last and the one that ends first. */
function innermost<Id extends string>(placed: readonly Reach<Id>[]) {
  const near = placed.reduce((a, p) => (p.from > a.from ? p : a));
  const far = placed.reduce((a, p) => (p.to < a.to ? p : a));
  return { near, far, stroke: far.to - near.from };
}

/** The stroke of a chain of which one part would be as long as it is wanted. */
function without<Id extends string>(parts: readonly Span<Id>[], id: Id): Closed<Id> | null {
  const rest = parts.filter((p) => p.id !== id);
  return rest.length ? closed(rest) : null;
}

function closed<Id extends string>(parts: readonly Span<Id>[]): Closed<Id> {
  const placed = parts.flatMap(({ id, free, from }) =>
    from === null ? [] : [{ id, from, to: from + free }],
  );
  const loose = parts.filter((p) => p.from === null);
  const shortest = loose.length ? loose.reduce((a, p) => (p.free < a.free ? p : a)) : null;
  const inner = placed.length ? innermost(placed) : null;
  const least = Math.min(...parts.map((p) => p.free));
  if (!inner || (shortest && shortest.free < inner.stroke)) {
    // The shortest loose part sits in the middle of what the others leave.
    const stroke = shortest!.free;
    const middle = inner ? (inner.near.from + inner.far.to) / 2 : stroke / 2;
    const [from, to] = [middle - stroke / 2, middle + stroke / 2];
    return { stroke, from, to, near: shortest!.id, far: shortest!.id, loss: stroke - least, gain: null };
  }
  const { near, far, stroke } = inner;
  const loss = least - stroke;
  return { stroke, from: near.from, to: far.to, near: near.id, far: far.id, loss, gain: null };
}

/**
 * Closes a travel chain: the stroke that every part of it allows, and which part binds at each end.
 * @param parts one or more; ids are unique.
 */
export function closeChain<Id extends string>(parts: readonly Span<Id>[]): Closed<Id> {
  const now = closed(parts);
  if (now.near !== now.far) return now;
  const next = without(parts, now.near);
  return next && next.stroke > now.stroke
    ? { ...now, gain: { by: next.stroke - now.stroke, then: next.near } }
    : now;
}
