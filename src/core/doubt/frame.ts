import {
  flexReport,
  frameInputs,
  frameKey,
  type FrameSummary,
  type MassReport,
  massReport,
  summaryOf,
} from '@/core/machine';
import type { Project } from '@/core/model';
import { drawer, gradesOf } from './drawn';
import type { DoubtInput } from './inputs';
import { valueAt } from './streams';

/** What a frame's answer depends on: an input by its place, a drive's stiffness, what rides on the beam. */
type Lever =
  | { readonly kind: 'input'; readonly index: number }
  | { readonly kind: 'drive'; readonly index: number }
  | { readonly kind: 'ridden' };

/** The answers of a frame with one thing moved both ways; of what is nearly sure one way, mirrored. */
interface Bent {
  readonly lever: Lever;
  readonly down: readonly number[];
  readonly up: readonly number[];
  /** Frames that were solved for it. */
  readonly solved: number;
}

/**
 * How a frame answers to whatever may be off. Compliances are sums of what single parts give, so what the
 * parts do is added up; how each does it is read off a parabola through three frames that were solved.
 */
export interface FrameResponse {
  readonly base: FrameSummary;
  /** Stiffness of the drives and what rides on the beam in the middle, N/m and kg. */
  readonly drives: readonly number[];
  readonly ridden: number;
  readonly bent: readonly Bent[];
}

/** Inputs are moved by so many standard deviations, drives and masses by such a share as a logarithm. */
const STEP = { input: 1.5, share: 0.25 } as const;
/** Off by less than so much, relative, an answer is as good as straight: one frame shows its slope. */
const STRAIGHT = 0.025;
/** Things moved between two breaths: some tens of milliseconds. */
const BREATH = 4;
/** Frames are only held against one another: so many pieces and places do (`bench` and a test show it). */
export const COARSE = { pieces: 8, places: 3 } as const;
const WAYS = ['x', 'y', 'z'] as const;

/** Sag and sound are products of what makes them: added up as logarithms. No less than this counts. */
const LEAST = 1e-12;
const logOf = (value: number) => Math.log(Math.max(LEAST, value));

/**
 * The figures of a frame in one row: logarithms of sag and sound, compliance and the drives' part of it by
 * direction.
 */
const rowOf = ({ sag, frequency, soft }: FrameSummary): number[] => [
  logOf(sag.most),
  logOf(sag.spread),
  logOf(frequency.hertz),
  ...WAYS.map((way) => soft[way].compliance),
  ...WAYS.map((way) => soft[way].drive),
];

function summaryFrom(base: FrameSummary, row: ArrayLike<number>): FrameSummary {
  const soft = (i: number) => {
    const compliance = Math.max(0, row[3 + i]!);
    return { compliance, drive: Math.min(compliance, Math.max(0, row[6 + i]!)) };
  };
  return {
    ...base,
    sag: { ...base.sag, most: Math.exp(row[0]!), spread: Math.exp(row[1]!) },
    frequency: { ...base.frequency, hertz: Math.exp(row[2]!) },
    soft: { x: soft(0), y: soft(1), z: soft(2) },
  };
}

/** A machine of which the frame is asked. */
interface Framed {
  readonly project: Project;
  readonly drives: readonly number[];
  readonly masses: MassReport;
}

const inputsOf = ({ project, drives, masses }: Framed, grades?: Parameters<typeof frameInputs>[3]) =>
  frameInputs(project, drives, masses, grades);

const solved = (inputs: Parameters<typeof flexReport>[0]): FrameSummary | null => {
  const flex = flexReport(inputs, false, COARSE);
  return flex.ok ? summaryOf(flex.report) : null;
};

/** The frame of one draw, solved: what the response is held against. */
export const frameOfDraw = (
  framed: Framed,
  inputs: readonly DoubtInput[],
  values: ArrayLike<number>,
): FrameSummary | null => solved(inputsOf(framed, gradesOf(inputs, values)));

/** All that a frame can be asked to answer to. */
const leversOf = (inputs: readonly DoubtInput[], axes: number): Lever[] => [
  ...inputs.flatMap(({ path }, index): Lever[] =>
    /^(structure\.|material\.|axes\.\d+\.(guide|drive)\.)/.test(path) ? [{ kind: 'input', index }] : [],
  ),
  ...Array.from({ length: axes }, (_, index): Lever => ({ kind: 'drive', index })),
  { kind: 'ridden' },
];

/** What the frame is solved with when one thing is moved. */
function movedInputs(framed: Framed, inputs: readonly DoubtInput[], lever: Lever, way: 1 | -1) {
  const plain = inputsOf(framed);
  const by = Math.exp(way * STEP.share);
  if (lever.kind === 'ridden') return { ...plain, ridden: plain.ridden * by };
  if (lever.kind === 'drive') {
    const drives = framed.drives.map((k, i) => (i === lever.index ? k * by : k));
    return inputsOf({ ...framed, drives });
  }
  const input = inputs[lever.index]!;
  const values = [valueAt(input, way * STEP.input)];
  return inputsOf({ ...framed, project: drawer(framed.project, [input])(values) }, gradesOf([input], values));
}

const isNearlySure = ({ value, half }: DoubtInput) => half < STRAIGHT * Math.abs(value);

/** What moving one thing does. @param less null: as much the other way. */
const bentBy = (
  lever: Lever,
  base: readonly number[],
  up: readonly number[],
  less: readonly number[] | null,
): Bent => ({ lever, up, down: less ?? up.map((u, i) => 2 * base[i]! - u), solved: less ? 2 : 1 });

/** One share of work that is cut up: every how-manieth piece of it, from which on. */
export interface WorkShare {
  readonly from: number;
  readonly every: number;
}

/**
 * How a frame answers, a share of it; a step for each thing that is moved.
 * @param drives stiffness of the drive trains as the plan has them.
 * @returns null where there is no frame. Shares are put together by `joinedResponse`.
 */
export function* responseSteps(
  project: Project,
  inputs: readonly DoubtInput[],
  drives: readonly number[],
  { from, every }: WorkShare = { from: 0, every: 1 },
): Generator<{ readonly done: number; readonly of: number }, FrameResponse | null> {
  const framed = { project, drives, masses: massReport(project) };
  const plain = inputsOf(framed);
  const base = solved(plain);
  if (!base) return null;
  const key = frameKey(plain);
  const levers = leversOf(inputs, project.axes.length).filter((_, i) => i % every === from);
  const bent: Bent[] = [];
  for (const [done, lever] of levers.entries()) {
    if (done % BREATH === 0) yield { done, of: levers.length };
    const up = movedInputs(framed, inputs, lever, 1);
    if (frameKey(up) === key) continue;
    const straight = lever.kind === 'input' && isNearlySure(inputs[lever.index]!);
    const more = solved(up);
    const less = straight ? null : solved(movedInputs(framed, inputs, lever, -1));
    // A frame that comes loose when something is moved answers to nothing.
    if (more && (less || straight)) bent.push(bentBy(lever, rowOf(base), rowOf(more), less && rowOf(less)));
  }
  return { base, drives, ridden: plain.ridden, bent };
}

/** A response out of its shares. */
export const joinedResponse = (shares: readonly (FrameResponse | null)[]): FrameResponse | null => {
  const [first] = shares;
  return first ? { ...first, bent: shares.flatMap((s) => s?.bent ?? []) } : null;
};

/** Frames of draws, read off a response. */
export function frameReader(response: FrameResponse) {
  const base = rowOf(response.base);
  const terms = response.bent.map(({ lever, down, up }) => {
    const h = lever.kind === 'input' ? STEP.input : STEP.share;
    const slope = up.map((u, i) => (u - down[i]!) / (2 * h));
    const bow = up.map((u, i) => (u + down[i]! - 2 * base[i]!) / (2 * h * h));
    return { lever, slope, bow };
  });
  const row = new Float64Array(base.length);
  /** @param z of the inputs, in their order. @param drives stiffness, N/m. @param ridden kg. */
  return (z: ArrayLike<number>, drives: readonly number[], ridden: number): FrameSummary => {
    row.set(base);
    for (const { lever, slope, bow } of terms) {
      const t =
        lever.kind === 'input'
          ? z[lever.index]!
          : lever.kind === 'drive'
            ? Math.log(drives[lever.index]! / response.drives[lever.index]!)
            : Math.log(ridden / response.ridden);
      if (t === 0 || !Number.isFinite(t)) continue;
      for (let i = 0; i < row.length; i++) row[i]! += slope[i]! * t + bow[i]! * t * t;
    }
    return summaryFrom(response.base, row);
  };
}
