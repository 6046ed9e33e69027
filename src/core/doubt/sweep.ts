import {
  type CutMemory,
  flexReport,
  frameInputs,
  frameKey,
  type FrameSummary,
  massReport,
  summaryOf,
} from '@/core/machine';
import { fieldRuleAt, getAt, isMeasure, type Project, setAt } from '@/core/model';
import type { Kind } from '@/core/units';
import { COARSE } from './frame';
import { allChecks, type AskedChecks, checksOf, isSaid, judgeDraw, keeps, type Outcome } from './judge';

/** What is swept: one input from one value to another, SI. */
export interface SweepAsked {
  readonly project: Project;
  readonly path: string;
  readonly from: number;
  readonly to: number;
}

/** Where a check turns on the way. */
export interface Crossing {
  readonly key: string;
  /** Value of the input at which its limit is just kept, SI. */
  readonly at: number;
  /** Whether it is kept above that value. */
  readonly above: boolean;
}

/** One check over the sweep: what is there over what is needed, at every value. */
export interface SweptCheck {
  readonly key: string;
  readonly outcome: Outcome;
  /** Null where it has nothing to say. */
  readonly margins: readonly (number | null)[];
}

export interface Swept {
  readonly path: string;
  readonly kind: Kind;
  /** What stands there now, SI. */
  readonly now: number;
  readonly values: readonly number[];
  readonly checks: readonly SweptCheck[];
  /** In the order of their values. */
  readonly crossings: readonly Crossing[];
}

/** Values of a sweep, and halvings of the stretch between two of them. */
const POINTS = 100;
const HALVINGS = 14;
/** Points between two breaths. */
const BREATH = 4;

/** Frames by what they are solved with: most inputs leave it alone. */
function frames(project: Project) {
  const known = new Map<string, FrameSummary | null>();
  return (at: Project) => {
    const masses = massReport(at);
    return (drives: readonly number[]): FrameSummary | null => {
      if (!project.structure) return null;
      const inputs = frameInputs(at, drives, masses);
      const key = frameKey(inputs);
      if (!known.has(key)) {
        const flex = flexReport(inputs, false, COARSE);
        known.set(key, flex.ok ? summaryOf(flex.report) : null);
      }
      return known.get(key)!;
    };
  };
}

/** The range in which an input can be swept: what is asked, cut to what its field allows. */
export function sweepRange(path: string, from: number, to: number): readonly [number, number] {
  const rule = fieldRuleAt(path);
  const least =
    rule?.min ?? (rule?.above === undefined ? -Infinity : rule.above + 1e-9 * Math.max(1e-3, Math.abs(to)));
  return [Math.max(least, Math.min(from, to)), Math.min(rule?.max ?? Infinity, Math.max(from, to))];
}

/**
 * One input swept from one end to the other, every check that figures can turn judged at a hundred values,
 * and each place where one turns found to the last digit that counts.
 * @returns undefined where no measured input stands at the path.
 */
export function* sweepSteps({
  project,
  path,
  from,
  to,
}: SweepAsked): Generator<{ readonly done: number; readonly of: number }, Swept | undefined> {
  const input = getAt(project, path);
  const rule = fieldRuleAt(path);
  if (!isMeasure(input) || !rule) return undefined;
  const [low, high] = sweepRange(path, from, to);
  const whole = (v: number) => (rule.whole ? Math.round(v) : v);
  const values = [
    ...new Set(Array.from({ length: POINTS }, (_, i) => whole(low + ((high - low) * i) / (POINTS - 1)))),
  ];
  const frameAt = frames(project);
  const memory: CutMemory = new WeakMap();
  const judged = (value: number, asked: AskedChecks) => {
    const at = setAt(project, `${path}.si`, value);
    return judgeDraw(at, { memory, frame: frameAt(at) }, asked).outcomes;
  };
  const rows: ReadonlyMap<string, Outcome>[] = [];
  for (const [i, value] of values.entries()) {
    if (i % BREATH === 0) yield { done: i, of: values.length };
    rows.push(new Map(judged(value, allChecks(project)).map((o) => [o.key, o])));
  }
  const checks = keysOf(rows).map((key): SweptCheck => {
    const said = rows.map((row) => row.get(key)).map((o) => (o && isSaid(o.found) ? o : undefined));
    return {
      key,
      outcome: said.find((o) => o !== undefined) ?? rows.find((r) => r.has(key))!.get(key)!,
      margins: said.map((o) => (o ? o.found.margin : null)),
    };
  });
  const crossings: Crossing[] = [];
  for (const { key, margins } of checks) {
    const asked = checksOf(project, [key]);
    const keptAt = (value: number) => {
      const found = judged(value, asked).find((o) => o.key === key);
      return !found || keeps(found.found.margin);
    };
    for (let i = 1; i < values.length; i++) {
      const [before, after] = [margins[i - 1], margins[i]].map((m) => m == null || keeps(m));
      if (before === after) continue;
      yield { done: values.length, of: values.length };
      crossings.push({
        key,
        at: rule.whole
          ? values[after ? i : i - 1]!
          : turningPoint(values[i - 1]!, values[i]!, before!, keptAt),
        above: after!,
      });
    }
  }
  crossings.sort((a, b) => a.at - b.at);
  return { path, kind: rule.kind, now: input.si, values, checks, crossings };
}

/** Keys of everything that is said somewhere on the way. */
const keysOf = (rows: readonly ReadonlyMap<string, Outcome>[]) => [
  ...new Set(rows.flatMap((row) => [...row.keys()])),
];

/** Where a check turns between two values. @param kept whether it holds at the lower one. */
function turningPoint(low: number, high: number, kept: boolean, keptAt: (value: number) => boolean): number {
  let [a, b] = [low, high];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (a + b) / 2;
    if (keptAt(middle) === kept) a = middle;
    else b = middle;
  }
  return (a + b) / 2;
}
