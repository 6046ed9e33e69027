/**
 * Conditions, all of which must be met; each by one of its options; an option is the parts that must be off.
 */
export type Demand = readonly (readonly (readonly string[])[])[];

/** A part as who takes the machine apart meets it. */
export interface ServicePart {
  readonly id: string;
  /** Off and on again. */
  readonly minutes: number;
  readonly demand: Demand;
}

/** What must come off to meet a demand, in the order in which it comes off. */
export interface Depth {
  readonly off: readonly string[];
  readonly minutes: number;
  /** No way needs fewer than so many; the same as `off` where that is proved. */
  readonly least: number;
}

/** So many parts at most are searched through; beyond the answer is bounded. */
const MOST_EXACT = 15;

const met = (demand: Demand, off: ReadonlySet<string>) =>
  demand.every((options) => options.some((o) => o.every((p) => off.has(p))));

/** Everything that any way could want off. */
function relevant(parts: ReadonlyMap<string, ServicePart>, goal: Demand): string[] {
  const found = new Set<string>();
  const open: Demand[] = [goal];
  for (let demand = open.pop(); demand; demand = open.pop())
    for (const id of demand.flat(2))
      if (!found.has(id) && parts.has(id)) {
        found.add(id);
        open.push(parts.get(id)!.demand);
      }
  return [...found];
}

/** Takes off what can be taken off among some parts until the goal is met; undefined: it never is. */
function stripped(
  parts: ReadonlyMap<string, ServicePart>,
  among: readonly string[],
  goal: Demand,
): string[] | undefined {
  const off = new Set<string>();
  let left = [...among];
  for (;;) {
    if (met(goal, off)) return [...off];
    const next = left.find((p) => met(parts.get(p)!.demand, off));
    if (next === undefined) return undefined;
    off.add(next);
    left = left.filter((p) => p !== next);
  }
}

/** Parts that every way takes off: those in all options of a condition, and what they in turn want. */
function unavoidable(parts: ReadonlyMap<string, ServicePart>, goal: Demand): number {
  const found = new Set<string>();
  const open: Demand[] = [goal];
  for (let demand = open.pop(); demand; demand = open.pop())
    for (const options of demand)
      for (const id of options[0] ?? [])
        if (!found.has(id) && options.every((o) => o.includes(id))) {
          found.add(id);
          const part = parts.get(id);
          if (part) open.push(part.demand);
        }
  return found.size;
}

/** A set of parts that can be off: how it came about. */
interface State {
  readonly minutes: number;
  readonly order: readonly number[];
}

/** The fewest parts, then the fewest minutes: through all sets that can be off, by size. */
function exact(parts: ReadonlyMap<string, ServicePart>, among: readonly string[], goal: Demand) {
  const bit = new Map(among.map((id, i) => [id, 1 << i]));
  const masks = (demand: Demand) =>
    demand.map((options) =>
      options.flatMap((o) => (o.every((p) => bit.has(p)) ? [o.reduce((m, p) => m | bit.get(p)!, 0)] : [])),
    );
  const holds = (demand: readonly (readonly number[])[], off: number) =>
    demand.every((options) => options.some((o) => (o & off) === o));
  const wanted = masks(goal);
  const own = among.map((id) => masks(parts.get(id)!.demand));
  const minutes = among.map((id) => parts.get(id)!.minutes);
  let level = new Map<number, State>([[0, { minutes: 0, order: [] }]]);
  while (level.size) {
    let best: State | undefined;
    for (const [off, state] of level)
      if (holds(wanted, off) && (!best || state.minutes < best.minutes)) best = state;
    if (best) return best.order.map((i) => among[i]!);
    const next = new Map<number, State>();
    for (const [off, state] of level)
      for (let i = 0; i < among.length; i++) {
        if (off & (1 << i) || !holds(own[i]!, off)) continue;
        const to = off | (1 << i);
        const sum = state.minutes + minutes[i]!;
        const had = next.get(to);
        if (!had || sum < had.minutes) next.set(to, { minutes: sum, order: [...state.order, i] });
      }
    level = next;
  }
  return undefined;
}

/** Leaves parts on, dearest first, while the goal is still met. */
function spared(parts: ReadonlyMap<string, ServicePart>, among: readonly string[], goal: Demand) {
  let kept = [...among].sort((a, b) => parts.get(b)!.minutes - parts.get(a)!.minutes);
  for (const id of [...kept]) {
    const without = kept.filter((p) => p !== id);
    if (stripped(parts, without, goal)) kept = without;
  }
  return stripped(parts, kept, goal);
}

/**
 * What must come off so that a demand is met: fewest parts, then fewest minutes. Proved up to fifteen parts
 * that could matter, beyond between bounds. Undefined: it is never met, whatever comes off.
 */
export function serviceDepth(list: readonly ServicePart[], goal: Demand): Depth | undefined {
  const parts = new Map(list.map((p) => [p.id, p]));
  const among = relevant(parts, goal);
  const proved = among.length <= MOST_EXACT;
  const off = proved ? exact(parts, among, goal) : spared(parts, among, goal);
  if (!off) return undefined;
  const minutes = off.reduce((sum, id) => sum + parts.get(id)!.minutes, 0);
  return { off, minutes, least: proved ? off.length : Math.min(off.length, unavoidable(parts, goal)) };
}
