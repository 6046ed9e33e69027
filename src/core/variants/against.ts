import { type FigureDraws, MOVES } from '@/core/doubt';
import { severity, type Verdict } from '@/core/findings';
import { type Effect, priceDoubtBetween } from '@/core/machine';
import type { VariantFigures, VariantFinding } from './figures';

/**
 * How two values stand to one another: `same`, nobody would feel it or it is less than one standard
 * uncertainty of the difference; `likely`, less than two of them.
 */
export type Sureness = 'same' | 'likely' | 'sure';

/** One answer of two variants. SI. */
export interface AgainstRow {
  readonly key: string;
  readonly id: Effect['id'] | typeof MOVES | 'stands' | 'length' | 'width';
  /** Direction, or id of the axis; empty: the machine. */
  readonly at: string;
  readonly kind: Effect['kind'] | 'mass';
  /** Null: that variant has no such answer. */
  readonly before: number | null;
  readonly after: number | null;
  /**
   * Half of the 95 % interval of the difference; null: it was not drawn, or there is none. What both do not
   * know alike is not in it.
   */
  readonly half: number | null;
  /** The better of both; null: neither, or one has no such answer. */
  readonly better: 'before' | 'after' | null;
  readonly sure: Sureness;
  /** Something of it is not known in one of them: it is worse than told there. */
  readonly missing: boolean;
}

/** Two variants, answer by answer. */
export interface Against {
  readonly rows: readonly AgainstRow[];
  /** Checks that say less in the second, and that say more. */
  readonly gone: readonly VariantFinding[];
  readonly come: readonly VariantFinding[];
  /** Money more in the second; negative: less. `dearerOff`: half of the 95 % interval of that. */
  readonly dearer: number;
  readonly dearerOff: number;
}

/** Draws of both, by the same seed. */
export interface DrawnPair {
  readonly before: FigureDraws;
  readonly after: FigureDraws;
}

/** Less than half a per cent is no change that a builder would feel. */
const FELT = 0.005;
/** Fewer draws in which both have the answer say nothing of how sure it is. */
const ENOUGH = 30;

/** Standard uncertainty of the difference of an answer; null where too few draws have it in both. */
export function doubtOfDifference({ before, after }: DrawnPair, key: string): number | null {
  const [was, is] = [before.values.get(key), after.values.get(key)];
  if (!was || !is) return null;
  const differences: number[] = [];
  for (let i = 0; i < Math.min(was.length, is.length); i++) {
    const by = is[i]! - was[i]!;
    if (Number.isFinite(by)) differences.push(by);
  }
  if (differences.length < ENOUGH) return null;
  const mean = differences.reduce((sum, d) => sum + d, 0) / differences.length;
  const square = differences.reduce((sum, d) => sum + (d - mean) ** 2, 0);
  return Math.sqrt(square / (differences.length - 1));
}

function surenessOf(before: number, after: number, doubt: number | null): Sureness {
  const by = Math.abs(after - before);
  if (by <= FELT * Math.max(Math.abs(before), Math.abs(after))) return 'same';
  if (doubt === null || by > 2 * doubt) return 'sure';
  return by < doubt ? 'same' : 'likely';
}

/** Half of a 95 % interval in standard uncertainties (JCGM 100, G.1). */
const TO_95 = 1.96;

/** One answer of a variant. SI. */
export interface VariantAnswer extends Pick<AgainstRow, 'key' | 'id' | 'at' | 'kind'> {
  /** Whether more of it is better. */
  readonly more: boolean;
  readonly value: number;
  readonly missing: boolean;
}

const sizeAnswer = (id: 'length' | 'width', value: number | null): VariantAnswer[] =>
  value === null ? [] : [{ key: id, id, at: '', kind: 'length', more: false, value, missing: false }];

/** All answers of a variant that can be held against those of another. */
export const answersOf = ({
  effects,
  moving,
  standing,
  length,
  width,
}: VariantFigures): readonly VariantAnswer[] => [
  ...effects.map(({ key, id, at, kind, better, value, missing }) => {
    return { key, id, at, kind, more: better === 'more', value, missing: missing > 0 };
  }),
  { key: MOVES, id: MOVES, at: '', kind: 'mass', more: false, value: moving, missing: false },
  { key: 'stands', id: 'stands', at: '', kind: 'mass', more: false, value: standing, missing: false },
  ...sizeAnswer('length', length),
  ...sizeAnswer('width', width),
];

function rowOf(
  then: VariantAnswer | undefined,
  now: VariantAnswer | undefined,
  draws: DrawnPair | undefined,
): AgainstRow {
  const { key, id, at, kind, more } = (now ?? then)!;
  const known = then && now;
  const doubt = known && draws ? doubtOfDifference(draws, key) : null;
  const sure = known ? surenessOf(then.value, now.value, doubt) : 'same';
  const after = known && now.value > then.value === more;
  return {
    key,
    id,
    at,
    kind,
    before: then?.value ?? null,
    after: now?.value ?? null,
    half: doubt === null ? null : TO_95 * doubt,
    // What stands still may be heavy: neither is better for that.
    better: !known || sure === 'same' || id === 'stands' ? null : after ? 'after' : 'before',
    sure,
    missing: Boolean(then?.missing) || Boolean(now?.missing),
  };
}

const findingKey = ({ axisId, code }: VariantFinding) => `${axisId ?? ''}|${code}`;

/** What one says heavier than the other. */
function heavier(one: readonly VariantFinding[], other: readonly VariantFinding[]): VariantFinding[] {
  const weight = (verdict: Verdict | undefined) => (verdict ? severity[verdict] : severity.holds);
  const there = new Map<string, Verdict>();
  for (const f of other)
    if (weight(f.verdict) > weight(there.get(findingKey(f)))) there.set(findingKey(f), f.verdict);
  return one.filter((f) => weight(f.verdict) > weight(there.get(findingKey(f))));
}

/**
 * Holds two variants against one another.
 * @param draws of both by the same seed; without them what differs by more than half a per cent counts as
 * sure.
 */
export function against(before: VariantFigures, after: VariantFigures, draws?: DrawnPair): Against {
  const [was, is] = [answersOf(before), answersOf(after)];
  const keys = [...new Set([...was, ...is].map((a) => a.key))];
  const at = (list: readonly VariantAnswer[], key: string) => list.find((a) => a.key === key);
  return {
    rows: keys.map((key) => rowOf(at(was, key), at(is, key), draws)),
    gone: heavier(before.findings, after.findings),
    come: heavier(after.findings, before.findings),
    dearer: after.money.known - before.money.known,
    dearerOff: priceDoubtBetween(before.money.parts, after.money.parts),
  };
}

/** The answers of which the second has more, or less: those that differ most first, by their share. */
export function mostOf(rows: readonly AgainstRow[], better: 'before' | 'after', count: number): AgainstRow[] {
  const share = ({ before, after }: AgainstRow) => Math.abs(Math.log((after ?? 1) / (before ?? 1)));
  return rows
    .filter((r) => r.better === better)
    .sort((a, b) => share(b) - share(a))
    .slice(0, count);
}

/** Places of those that have the best of an answer, those alike included; none where all are alike. */
export function bestOf(values: readonly (number | null)[], more: boolean): ReadonlySet<number> {
  const known = values.filter((v) => v !== null);
  const best = more ? Math.max(...known) : Math.min(...known);
  const near = (v: number | null) => v !== null && Math.abs(v - best) <= FELT * Math.abs(best);
  const places = values.flatMap((v, i) => (near(v) ? [i] : []));
  return new Set(places.length < known.length ? places : []);
}
