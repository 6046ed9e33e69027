import type { Checked } from '@/core/findings';
import type { CaseId } from '@/core/machine';
import type { FrameResponse } from './frame';
import type { DoubtInput } from './inputs';
import { type DoubtCode, isSaid, keeps, type Outcome } from './judge';
import type { AxisDraws, DoubtAsked, FirstDraws, MoreDraws } from './parts';
import { type Chance, wilson } from './wilson';

/** The middle and both ends of an interval of 95 %. */
export interface Band {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

/** How sure a check is. */
export interface DoubtedCheck {
  readonly key: string;
  readonly code: DoubtCode;
  readonly axisId: string | null;
  /** With every input in its middle; what only draws show, in the worst of the first ones. */
  readonly found: Checked;
  /** Whether the middle shows it at all. */
  readonly inMiddle: boolean;
  /** Chance that its limit is kept, whatever allowance is wanted on top. */
  readonly chance: Chance;
  /** What is there over what is needed. */
  readonly margin: Band;
  /** Drawn to the end; what is in no doubt is only drawn a few hundred times. */
  readonly open: boolean;
  /** The middle holds and the doubt does not. */
  readonly thin: boolean;
}

/** One axis with the bands of its ladder and of its torque. */
export interface AxisBands {
  readonly axisId: string;
  readonly rungs: readonly { readonly id: string; readonly limit: Band }[];
  /** Torque for use over the speed, N·m and m/s. */
  readonly torque: readonly (Band & { readonly speed: number })[];
  /** Torque that is asked at a speed. */
  readonly asked: readonly (Band & { readonly id: CaseId; readonly speed: number })[];
}

/** How sure all answers of a machine are. */
export interface DoubtAnswer {
  readonly draws: number;
  readonly seed: number;
  /** In the order of their chance, the least sure first. */
  readonly checks: readonly DoubtedCheck[];
  /** Chance that whatever gives out when it is missed is kept all at once. */
  readonly whole: Chance;
  readonly axes: readonly AxisBands[];
  /** Checks of which the middle knows nothing: nothing is drawn of them. */
  readonly unknown: number;
  /** Of the inputs that may be off, how many are ours: nobody has said them. */
  readonly ours: number;
  /** Inputs that may be off, and frames that were solved to read those of the draws off them. */
  readonly inputs: number;
  readonly frames: number;
  /** Frames of draws that were solved too, and how far a read one was off at most, relative. */
  readonly checked: number;
  readonly off: number;
}

function joinedColumns(
  parts: readonly {
    readonly margins: ReadonlyMap<string, Float64Array>;
    readonly from: number;
    readonly to: number;
  }[],
) {
  const begin = Math.min(...parts.map((p) => p.from));
  const length = Math.max(...parts.map((p) => p.to)) - begin;
  const joined = new Map<string, Float64Array>();
  for (const { margins, from } of parts)
    for (const [key, column] of margins) {
      const whole = joined.get(key) ?? new Float64Array(length).fill(Infinity);
      joined.set(key, whole);
      whole.set(column, from - begin);
    }
  return joined;
}

/** Logarithm of a margin; a motor that cannot start at all is far below. */
const logOf = (margin: number) => Math.log(Math.max(1e-4, Math.min(1e4, margin)));
/** So many deviations from its limit nothing is in doubt: by Chebyshev below 3 %, of a normal one never. */
const FAR = 6;

/** Whether draws leave a check in doubt. */
function inDoubt(column: Float64Array): boolean {
  const kept = column.reduce((s, m) => s + (keeps(m) ? 1 : 0), 0);
  if (kept > 0 && kept < column.length) return true;
  const logs = Array.from(column, logOf);
  const mean = logs.reduce((s, v) => s + v, 0) / logs.length;
  const spread = Math.sqrt(logs.reduce((s, v) => s + (v - mean) ** 2, 0) / logs.length);
  return Math.abs(mean) < FAR * spread;
}

/** The first draws put together. */
export interface First {
  readonly margins: ReadonlyMap<string, Float64Array>;
  readonly hard: ReadonlySet<string>;
  readonly checked: number;
  readonly off: number;
  readonly middle: readonly Outcome[];
  /** Keys of what the middle shows; the rest of `middle` only some draw does. */
  readonly shown: ReadonlySet<string>;
  readonly axes: readonly AxisDraws[];
  /** Keys of the checks that are in doubt. */
  readonly open: readonly string[];
}

/** What no figure in its middle shows and some draw does: shown as it stands in the worst of them. */
function onlyDrawn(middle: readonly Outcome[], draws: readonly FirstDraws[]): Outcome[] {
  const seen = new Set(middle.map((o) => o.key));
  const found = new Map<string, Outcome>();
  for (const { samples } of draws)
    for (const [key, outcome] of samples) {
      const worst = found.get(key);
      if (!seen.has(key) && (!worst || outcome.found.margin < worst.found.margin)) found.set(key, outcome);
    }
  return [...found.values()];
}

export function joinedFirst(
  parts: readonly { readonly middle: readonly Outcome[]; readonly draws: FirstDraws }[],
): First {
  const draws = parts.map((p) => p.draws);
  const margins = joinedColumns(draws);
  const { middle } = parts[0]!;
  const unknown = new Set(middle.filter(({ found }) => !isSaid(found)).map((o) => o.key));
  const axes = draws[0]!.axes.map((axis, i): AxisDraws => {
    const all = draws.map((d) => ({ from: d.from, to: d.to, margins: d.axes[i]!.rungs }));
    const joined = (of: (d: AxisDraws) => Float64Array) =>
      joinedColumns(
        draws.map((d) => ({ from: d.from, to: d.to, margins: new Map([['', of(d.axes[i]!)]]) })),
      ).get('')!;
    const usable = axis.speeds.map((_, s) => joined((d) => d.usable[s]!));
    const cases = axis.cases.map((c, k) => ({ ...c, torque: joined((d) => d.cases[k]!.torque) }));
    return { ...axis, rungs: joinedColumns(all), usable, cases };
  });
  return {
    margins,
    hard: new Set(draws.flatMap((d) => d.hard)),
    checked: draws.reduce((sum, d) => sum + d.checked, 0),
    off: Math.max(...draws.map((d) => d.off)),
    middle: [...middle, ...onlyDrawn(middle, draws)],
    shown: new Set(middle.map((o) => o.key)),
    axes,
    open: [...margins].filter(([key, column]) => !unknown.has(key) && inDoubt(column)).map(([key]) => key),
  };
}

/** Middle and ends of the middle 95 % of draws. */
export function bandOf(column: Float64Array): Band {
  const sorted = Float64Array.from(column).sort();
  const at = (share: number) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!;
  return { low: at(0.025), middle: at(0.5), high: at(0.975) };
}

/** A check is sure enough above so much: what is called holding should hold in 39 of 40 machines. */
const SURE = 0.975;

/** All margins of the checks in doubt: the first draws and the others. */
export const openMargins = (first: First, more: readonly MoreDraws[]): ReadonlyMap<string, Float64Array> => {
  const length = first.margins.values().next().value?.length ?? 0;
  const open = new Map(first.open.map((key) => [key, first.margins.get(key)!]));
  return joinedColumns([{ from: 0, to: length, margins: open }, ...more]);
};

/** Whether each draw keeps all of some checks. */
function allKept(columns: readonly Float64Array[], draws: number): number {
  let kept = 0;
  for (let d = 0; d < draws; d++) if (columns.every((c) => keeps(c[d]!))) kept += 1;
  return kept;
}

/** The answer out of all parts. @param open margins of the checks in doubt, over all draws. */
export function doubtAnswer(
  { seed, draws }: Pick<DoubtAsked, 'seed' | 'draws'>,
  response: FrameResponse | null,
  first: First,
  open: ReadonlyMap<string, Float64Array>,
  inputs: readonly DoubtInput[],
): DoubtAnswer {
  const checks = first.middle.flatMap(({ key, code, axisId, found }): DoubtedCheck[] => {
    const column = open.get(key) ?? first.margins.get(key);
    if (!column || !isSaid(found)) return [];
    const chance = wilson(
      column.reduce((s, m) => s + (keeps(m) ? 1 : 0), 0),
      column.length,
    );
    return [
      {
        key,
        code,
        axisId,
        found,
        inMiddle: first.shown.has(key),
        chance,
        margin: bandOf(column),
        open: open.has(key),
        thin: (!first.shown.has(key) || keeps(found.margin)) && chance.share < SURE,
      },
    ];
  });
  const hard = [...open].filter(([key]) => first.hard.has(key)).map(([, column]) => column);
  // What gives out in every draw is in no doubt, and the whole gives out with it.
  const lost = checks.some((c) => !c.open && c.chance.share === 0 && first.hard.has(c.key));
  return {
    draws,
    seed,
    checks: checks.sort((a, b) => a.chance.share - b.chance.share || a.margin.middle - b.margin.middle),
    whole: wilson(lost ? 0 : allKept(hard, draws), draws),
    axes: first.axes.map(({ axisId, rungs, speeds, usable, cases }) => ({
      axisId,
      rungs: [...rungs].map(([id, column]) => ({ id, limit: bandOf(column) })),
      torque: speeds.map((speed, i) => ({ speed, ...bandOf(usable[i]!) })),
      asked: cases.map(({ id, speed, torque }) => ({ id, speed, ...bandOf(torque) })),
    })),
    unknown: first.middle.filter(({ found }) => !isSaid(found)).length,
    inputs: inputs.length,
    ours: inputs.filter((i) => i.ours).length,
    checked: first.checked,
    off: first.off,
    frames: response ? response.bent.reduce((sum, b) => sum + b.solved, 1) : 0,
  };
}
