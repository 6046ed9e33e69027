import type { Checked } from '@/core/findings';
import { type CaseId, cutLoads, type CutMemory, massReport } from '@/core/machine';
import type { Cut, Project } from '@/core/model';
import { quantity } from '@/core/units';
import { drawer } from './drawn';
import { frameOfDraw, frameReader, type FrameResponse, type WorkShare, responseSteps } from './frame';
import { type DoubtInput, doubtInputs } from './inputs';
import { allChecks, type AskedChecks, checksOf, judgeDraw, type JudgedDraw, type Outcome } from './judge';
import { streamsOf, valueAt } from './streams';

/** What is asked: a machine, how often it is drawn, and by which seed. */
export interface DoubtAsked {
  readonly project: Project;
  readonly seed: number;
  readonly draws: number;
}

/** How far a part has come. */
export interface DoubtStep {
  readonly done: number;
  readonly of: number;
}

type Steps<T> = Generator<DoubtStep, T>;

/** Draws from one up to another, that one not among them. */
export interface DrawRange {
  readonly from: number;
  readonly to: number;
}

/** Draws between two breaths: some tens of milliseconds. */
const BREATH = 50;

/** What is asked of a motor. */
const CASES = ['rapid', 'speed-up', 'cut'] as const satisfies readonly CaseId[];

/** Speeds at which the torque of every draw is kept. */
const SPEEDS = 16;

/** The first draws in full: every check, every rung, the torque over the speed. */
export interface FirstDraws extends DrawRange {
  /** Margins by the key of what is judged, draw by draw; what is not found in a draw: infinite. */
  readonly margins: ReadonlyMap<string, Float64Array>;
  /** Keys of what gives out, in some draw, where it is not kept. */
  readonly hard: readonly string[];
  /** Of every key an outcome of some draw, for what the middle does not show. */
  readonly samples: ReadonlyMap<string, Outcome>;
  readonly axes: readonly AxisDraws[];
  /** Frames that were solved to hold those against that were read, and how far one was off at most. */
  readonly checked: number;
  readonly off: number;
}

/** One axis over the first draws. */
export interface AxisDraws {
  readonly axisId: string;
  /** Limits of the rungs, m/s. */
  readonly rungs: ReadonlyMap<string, Float64Array>;
  /** Speeds, m/s, and the torque that a motor has for use at each, N·m. */
  readonly speeds: readonly number[];
  readonly usable: readonly Float64Array[];
  /** What is asked of the motor: speed with every figure in its middle, m/s, and torque, N·m. */
  readonly cases: readonly { readonly id: CaseId; readonly speed: number; readonly torque: Float64Array }[];
}

/** Draws of those checks that are in doubt. */
export interface MoreDraws extends DrawRange {
  readonly margins: ReadonlyMap<string, Float64Array>;
}

/** Everything that draws of one machine share. */
export interface Doubted {
  readonly asked: DoubtAsked;
  readonly inputs: readonly DoubtInput[];
  readonly memory: CutMemory;
  /** Which inputs take the same numbers, where it is not those of one path. */
  readonly nameOf?: (input: DoubtInput) => string;
}

/** What draws of a machine begin with. */
export const doubted = (asked: DoubtAsked): Doubted => ({
  asked,
  inputs: doubtInputs(asked.project),
  memory: new WeakMap(),
});

/** The machine with every input in its middle. @param asked which checks. */
export function middleOf({ asked, inputs, memory }: Doubted, response: FrameResponse | null): JudgedDraw {
  const z = new Float64Array(inputs.length);
  const read = response && frameReader(response);
  const frame = read && ((drives: readonly number[], ridden: number) => read(z, drives, ridden));
  return judgeDraw(asked.project, { memory, frame }, allChecks(asked.project));
}

/** How the frame answers, a share of it. */
export function* framePart(
  { asked: { project }, inputs, ...rest }: Doubted,
  share: WorkShare,
): Steps<FrameResponse | null> {
  const { axes } = middleOf({ asked: { project, seed: 0, draws: 1 }, inputs, ...rest }, null);
  const drives = axes.map((a) => a.stiffness.value);
  return yield* responseSteps(project, inputs, drives, share);
}

/** A machine as it was drawn. */
interface Drawn {
  readonly project: Project;
  readonly values: ArrayLike<number>;
}

/** Judges draw after draw. */
export function* drawsOf(
  { asked: { project, seed, draws }, inputs, memory, nameOf }: Doubted,
  response: FrameResponse | null,
  checks: AskedChecks,
  { from, to }: DrawRange,
  note: (judged: JudgedDraw, at: number, drawn: Drawn) => void,
): Steps<void> {
  const streams = streamsOf(inputs, seed, draws, nameOf);
  const drawn = drawer(project, inputs);
  const [z, values] = [new Float64Array(inputs.length), new Float64Array(inputs.length)];
  const read = response && frameReader(response);
  const frame = read && ((drives: readonly number[], ridden: number) => read(z, drives, ridden));
  // One machine is filled anew by every draw: only of cuts that no draw moves may loads be remembered.
  cutLoads(project.brief, memory);
  const known = { get: (cut: Cut) => memory.get(cut) };
  for (let draw = from; draw < to; draw++) {
    if ((draw - from) % BREATH === 0) yield { done: draw - from, of: to - from };
    streams.fill(draw, z);
    for (let i = 0; i < inputs.length; i++) values[i] = valueAt(inputs[i]!, z[i]!);
    const machine = drawn(values);
    note(judgeDraw(machine, { memory: known, frame }, checks), draw - from, { project: machine, values });
  }
}

/** Margins of draws by key; what is not found in a draw stands at infinity. */
class Columns {
  readonly margins = new Map<string, Float64Array>();
  constructor(
    private readonly draws: number,
    keys: readonly string[] = [],
    private readonly open = false,
  ) {
    for (const key of keys) this.margins.set(key, new Float64Array(draws).fill(Infinity));
  }
  note({ key, found }: Outcome, at: number): void {
    let column = this.margins.get(key);
    if (!column) {
      if (!this.open) return;
      column = new Float64Array(this.draws).fill(Infinity);
      this.margins.set(key, column);
    }
    column[at] = found.margin;
  }
}

const missed = ({ margin, verdict }: Checked) => margin < 1 && verdict === 'gives-out';

/** Every so many of the first draws the frame is solved too, however they are shared out. */
const CHECKED = 13;

/** How far a frame that was read is off the same one solved, relative. */
function frameOff(
  inputs: readonly DoubtInput[],
  { axes, frame }: JudgedDraw,
  { project, values }: Drawn,
): number {
  const drives = axes.map((a) => a.stiffness.value);
  const full = frameOfDraw({ project, drives, masses: massReport(project) }, inputs, values);
  if (!full || !frame) return 0;
  const pairs = [
    ...(['x', 'y', 'z'] as const).map(
      (way) => [frame.soft[way].compliance, full.soft[way].compliance] as const,
    ),
    [frame.frequency.hertz, full.frequency.hertz] as const,
    ...(full.sag.spread > 0 ? [[frame.sag.spread, full.sag.spread] as const] : []),
  ];
  return Math.max(...pairs.map(([read, solved]) => Math.abs(read / solved - 1)));
}

/** The first draws, with every check and every rung. */
export function* firstPart(
  doubted: Doubted,
  response: FrameResponse | null,
  range: DrawRange,
): Steps<FirstDraws> {
  const { project } = doubted.asked;
  const count = range.to - range.from;
  const columns = new Columns(count, [], true);
  const hard = new Set<string>();
  const samples = new Map<string, Outcome>();
  let [checked, off] = [0, 0];
  const plain = middleOf(doubted, response).axes;
  const axes = plain.map(({ axisId, subject: { analysis } }) => {
    const rapid = analysis.axis.demands.rapid.si;
    const most = Math.max(
      rapid,
      ...analysis.rungs.filter((r) => r.id.startsWith('torque')).map((r) => Math.min(r.limit, 3 * rapid)),
    );
    return {
      axisId,
      rungs: new Map(analysis.rungs.map((r) => [r.id as string, new Float64Array(count)])),
      speeds: Array.from({ length: SPEEDS }, (_, i) => (1.2 * most * i) / (SPEEDS - 1)),
      usable: Array.from({ length: SPEEDS }, () => new Float64Array(count)),
      cases: CASES.map((id) => ({ id, speed: analysis.cases[id].speed, torque: new Float64Array(count) })),
    };
  });
  yield* drawsOf(doubted, response, allChecks(project), range, (judged, at, drawn) => {
    if (response && (range.from + at) % CHECKED === 0) {
      off = Math.max(off, frameOff(doubted.inputs, judged, drawn));
      checked += 1;
    }
    for (const outcome of judged.outcomes) {
      columns.note(outcome, at);
      const worst = samples.get(outcome.key);
      if (!worst || outcome.found.margin < worst.found.margin) samples.set(outcome.key, outcome);
      if (missed(outcome.found)) hard.add(outcome.key);
    }
    judged.axes.forEach(({ subject: { analysis } }, i) => {
      const { rungs, speeds, usable, cases } = axes[i]!;
      for (const { id, torque } of cases) torque[at] = analysis.cases[id].torque;
      for (const { id, limit } of analysis.rungs) rungs.get(id)?.fill(limit, at, at + 1);
      speeds.forEach((speed, s) => {
        usable[s]![at] = analysis.motor.usable(quantity('angularSpeed', speed / analysis.gear.kMotor));
      });
    });
  });
  return { ...range, margins: columns.margins, hard: [...hard], samples, axes, checked, off };
}

/** More draws, of those checks alone that are in doubt. @param keys of what is judged. */
export function* morePart(
  doubted: Doubted,
  response: FrameResponse | null,
  keys: readonly string[],
  range: DrawRange,
): Steps<MoreDraws> {
  const columns = new Columns(range.to - range.from, keys);
  yield* drawsOf(doubted, response, checksOf(doubted.asked.project, keys), range, (judged, at) => {
    for (const outcome of judged.outcomes) columns.note(outcome, at);
  });
  return { ...range, margins: columns.margins };
}
