import { fieldRuleAt } from '@/core/model';
import { binsOf, explained, varying } from './bins';
import type { WorkShare } from './frame';
import type { DoubtInput } from './inputs';
import { type Method, methodFor, readingHalf } from './methods';
import { deviatesOf, layersOf, streamOf, streamsOf } from './streams';
import type { DoubtAsked } from './parts';
import { keeps } from './judge';

/** What of the doubt of an answer one input makes; of a group all that share their doubt. */
export interface Cause {
  /** Of the input, or of one of the group. */
  readonly path: string;
  /** How many inputs share it. */
  readonly of: number;
  readonly share: number;
}

/** What measuring one input would settle. */
export interface Measuring {
  readonly path: string;
  readonly method: Method;
  /** Half-width of the 95 % interval of the reading, SI. */
  readonly half: number;
  /** Mistakes that it spares: loss of calls now less the loss with the reading, summed over the checks. */
  readonly gain: number;
  /** Keys of the checks that it settles, the most settled first. */
  readonly settles: readonly string[];
}

export interface DoubtTold {
  readonly causes: ReadonlyMap<string, readonly Cause[]>;
  /** What is worth measuring, by gain per minute. */
  readonly next: readonly Measuring[];
}

/** Bins for shares, and for readings. */
const BINS = { shares: 30, readings: 20 } as const;
/** A check that is surer than this is settled; smaller gains are none, in all and of one check. */
const SETTLED = 0.02;
const LEAST_GAIN = 0.01;
const LEAST_OF_CHECK = 0.003;
/** Columns without any meaning that a gain must beat. */
const SHUFFLED = 20;
/** By so many times their scatter: hundreds of inputs are tried, and chance must name none of them. */
const BEYOND = 4;
/** Shares below are within what chance alone shows. */
const LEAST_SHARE = 0.02;
/** Groups of inputs between two breaths: some tens of milliseconds. */
const BREATH = 4;

/** Loss of calling a check by its chance: a false “holds” costs as much as five false alarms. Practice. */
const loss = (chance: number) => Math.min(5 * (1 - chance), chance);

/** What drops weighs more than what stalls. */
const weightOf = (key: string) => (/\|drops\||\|end-runaway\|/.test(key) ? 3 : 1);

/** Mean loss when the bin of the draw is known. */
function lossKnowing(kept: Uint8Array, bin: Uint8Array, bins: number): number {
  const [count, held] = [new Float64Array(bins), new Float64Array(bins)];
  for (let d = 0; d < kept.length; d++) {
    count[bin[d]!]! += 1;
    held[bin[d]!]! += kept[d]!;
  }
  let sum = 0;
  for (let b = 0; b < bins; b++) if (count[b]! > 0) sum += count[b]! * loss(held[b]! / count[b]!);
  return sum / kept.length;
}

/** A check in doubt: whether each draw keeps it, its loss now, and what chance alone seems to spare. */
interface Open {
  readonly key: string;
  readonly kept: Uint8Array;
  readonly margins: Float64Array;
  readonly loss: number;
  readonly chance: { readonly mean: number; readonly spread: number };
}

/** Bins without any meaning: the same draws in other orders. */
function shuffledBins({ seed, draws }: DoubtAsked): Uint8Array[] {
  const layer = layersOf(draws);
  return Array.from({ length: SHUFFLED }, (_, i) => {
    const stream = streamOf(seed, `shuffled ${i}`);
    return Uint8Array.from({ length: draws }, (_n, d) => (BINS.readings * layer(stream, d)) / draws);
  });
}

function openOf(key: string, margins: Float64Array, shuffled: readonly Uint8Array[]): Open | null {
  const kept = Uint8Array.from(margins, (m) => (keeps(m) ? 1 : 0));
  const share = kept.reduce((s, k) => s + k, 0) / kept.length;
  if (share <= SETTLED || share >= 1 - SETTLED) return null;
  const now = loss(share);
  const gains = shuffled.map((bin) => now - lossKnowing(kept, bin, BINS.readings));
  const mean = gains.reduce((s, g) => s + g, 0) / SHUFFLED;
  const spread = Math.sqrt(gains.reduce((s, g) => s + (g - mean) ** 2, 0) / (SHUFFLED - 1));
  return { key, kept, margins, loss: now, chance: { mean, spread } };
}

/** Margins as they are compared: cut off, so that one draw without an end does not outweigh all others. */
const bounded = (margins: Float64Array) => margins.map((m) => Math.log(Math.min(1e3, Math.max(1e-3, m))));

/** What one measuring of an input spares, check by check. */
function gainsOf(
  input: DoubtInput,
  own: Float64Array,
  opens: readonly Open[],
  asked: DoubtAsked,
): Measuring | null {
  const method = methodFor(input.path, input.kind, input.value);
  const half = readingHalf(method, input.value);
  // A reading that is less sure than what is known already tells nothing.
  if (!(half < input.half)) return null;
  const ratio = half / input.half;
  const stream = streamOf(asked.seed, `reading ${input.path}`);
  const deviate = deviatesOf(asked.draws);
  const spread = Math.hypot(1, ratio);
  const read = own.map((v, d) => (v + ratio * deviate(stream, d)) / spread);
  const bin = binsOf(read, BINS.readings);
  const gains = opens.map(({ key, kept, loss: now, chance }) => {
    const raw = now - lossKnowing(kept, bin, BINS.readings) - chance.mean;
    return { key, gain: raw > Math.max(LEAST_OF_CHECK, BEYOND * chance.spread) ? weightOf(key) * raw : 0 };
  });
  const settles = gains.filter((g) => g.gain > 0).sort((a, b) => b.gain - a.gain);
  const gain = settles.reduce((s, g) => s + g.gain, 0);
  return gain >= LEAST_GAIN
    ? { path: input.path, method, half, gain, settles: settles.map((g) => g.key) }
    : null;
}

/** Inputs by what they share their doubt with; what shares nothing is a group of its own. */
function groupsOf(inputs: readonly DoubtInput[]): { readonly members: readonly number[] }[] {
  const groups = new Map<string, number[]>();
  inputs.forEach(({ path, group }, i) => {
    const id = group ? `group ${group.id}` : path;
    const members = groups.get(id) ?? [];
    groups.set(id, members);
    members.push(i);
  });
  return [...groups.values()].map((members) => ({ members }));
}

/** Deviations of some inputs over all draws, by their places. */
function deviationsOf(
  inputs: readonly DoubtInput[],
  { seed, draws }: DoubtAsked,
  places: ReadonlySet<number>,
): ReadonlyMap<number, Float64Array> {
  const wanted = [...places];
  const streams = streamsOf(
    wanted.map((i) => inputs[i]!),
    seed,
    draws,
  );
  const columns = wanted.map(() => new Float64Array(draws));
  const z = new Float64Array(wanted.length);
  for (let d = 0; d < draws; d++) {
    streams.fill(d, z);
    for (let i = 0; i < z.length; i++) columns[i]![d] = z[i]!;
  }
  return new Map(wanted.map((place, i) => [place, columns[i]!]));
}

/**
 * What makes the doubt of every check, and what is worth measuring next: inputs by what a reading of them
 * would settle for the minutes that it costs.
 * @param margins of the checks in doubt, a number a draw, by their keys. @param share shares are put together
 * by `joinedTold`.
 */
export function* toldSteps(
  asked: DoubtAsked,
  inputs: readonly DoubtInput[],
  margins: ReadonlyMap<string, Float64Array>,
  { from, every }: WorkShare = { from: 0, every: 1 },
): Generator<{ readonly done: number; readonly of: number }, DoubtTold> {
  const groups = groupsOf(inputs).filter((_, i) => i % every === from);
  const z = deviationsOf(inputs, asked, new Set(groups.flatMap((g) => g.members)));
  const answers = [...margins].map(([key, column]) => ({
    key,
    answer: varying(bounded(column)),
  }));
  const causes = new Map<string, Cause[]>(answers.map(({ key }) => [key, []]));
  const shuffled = shuffledBins(asked);
  const opens = [...margins].flatMap(([key, column]) => openOf(key, column, shuffled) ?? []);
  const next: Measuring[] = [];
  for (const [done, { members }] of groups.entries()) {
    if (done % BREATH === 0) yield { done, of: groups.length };
    const mean = members.length === 1 ? z.get(members[0]!)! : meanOf(members.map((i) => z.get(i)!));
    const bin = binsOf(mean, BINS.shares);
    for (const { key, answer } of answers) {
      const share = explained(answer, bin, BINS.shares);
      if (share >= LEAST_SHARE)
        causes.get(key)!.push({ path: inputs[members[0]!]!.path, of: members.length, share });
    }
    for (const i of members) {
      // A material or a curve as a whole has no place where a reading could be typed.
      const found =
        opens.length && fieldRuleAt(inputs[i]!.path) ? gainsOf(inputs[i]!, z.get(i)!, opens, asked) : null;
      if (found) next.push(found);
    }
  }
  return joinedTold([{ causes, next }]);
}

/** Shares of what is told put together: the largest causes first, the readings by gain per minute. */
export function joinedTold(shares: readonly DoubtTold[]): DoubtTold {
  const causes = new Map<string, Cause[]>();
  for (const share of shares)
    for (const [key, list] of share.causes) causes.set(key, [...(causes.get(key) ?? []), ...list]);
  for (const list of causes.values()) list.sort((a, b) => b.share - a.share);
  const next = shares
    .flatMap((s) => s.next)
    .sort((a, b) => b.gain / b.method.minutes - a.gain / a.method.minutes);
  return { causes, next };
}

/** The mean of columns, as deviations of their own: its spread is one. */
function meanOf(columns: readonly Float64Array[]): Float64Array {
  const [first] = columns;
  const sum = first!.map((_, d) => columns.reduce((s, c) => s + c[d]!, 0));
  const spread = Math.sqrt(sum.reduce((s, v) => s + v * v, 0) / sum.length);
  return sum.map((v) => v / spread);
}
