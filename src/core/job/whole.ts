import { BoxReader } from '@/core/gcode';
import { loadedAxes, oursOf } from '@/core/machine';
import { type JobSaid, oursIn, type Project } from '@/core/model';
import { JobCheck } from './check';
import { drivesOf } from './drives';
import { type Preview, PreviewTally } from './preview';
import { setupOf, takingOf } from './propose';
import type { JobReport } from './report';
import type { JobSetup } from './setup';
import { type SlowerProgram, slowerSteps } from './slower';

/** How far a job has come, bytes: it is read twice, since what it reaches says where it lies. */
export interface JobStep {
  readonly done: number;
  readonly of: number;
  /** The beginning of the path as the file has it, before anything is known of it; once. */
  readonly first: Preview | null;
}

/** A job and how it was run. */
export interface JobRun {
  readonly report: JobReport;
  /**
   * Whether it rests on what nobody has said: where the work lies, its stock, the cut, figures of the axes.
   */
  readonly guessed: boolean;
  readonly setup: JobSetup;
}

/** Whether a job rests on what nobody has said. */
function isGuessed(project: Project, { nought, stock, cut }: JobSaid): boolean {
  const { length, width } = project.brief.stock;
  const placed = nought.x && nought.y && nought.z && stock.top;
  const sized = (stock.length ?? length) && (stock.width ?? width);
  if (!placed || !sized || (cut === '' && project.brief.cuts.length > 1)) return true;
  return loadedAxes(project).some((axis) => oursOf(axis).length > 0) || oursIn(project.brief.cuts).length > 0;
}

/**
 * A job from its bytes: what it reaches says where it lies unless that is said, then it is run.
 * @param pieces gives the bytes from the beginning, as often as it is called. @param bytes how many in all.
 */
export function* jobSteps(
  project: Project,
  job: JobSaid,
  pieces: () => Iterable<Uint8Array>,
  bytes: number,
): Generator<JobStep, JobRun> {
  const begun = new PreviewTally();
  const box = new BoxReader(takingOf(project.wiring.controller, job.takes), (motion) =>
    begun.add(motion, motion.rapid ? 'rapid' : 'air', 0, 0),
  );
  let done = 0;
  for (const piece of pieces()) {
    box.push(piece);
    const first = done === 0 ? begun.done() : null;
    if (first) box.watched = false;
    done += piece.length;
    yield { done, of: 2 * bytes, first };
  }
  const setup = setupOf(project, drivesOf(project), job, box.end());
  const check = new JobCheck(project, setup);
  for (const piece of pieces()) {
    check.push(piece);
    done += piece.length;
    yield { done, of: 2 * bytes, first: null };
  }
  return { report: check.end(), setup, guessed: isGuessed(project, job) };
}

/** A line that is slowed lets the next one speed up: so often the program is run again. */
const ROUNDS = 6;

/**
 * A job written anew with the feeds at which its lines hold: run, written, and run again until they do.
 * @param bytes of its program, which stays as it is.
 */
export function* slowerJob(
  project: Project,
  job: JobSaid,
  bytes: Uint8Array,
): Generator<JobStep, SlowerProgram> {
  const box = new BoxReader(takingOf(project.wiring.controller, job.takes));
  for (const piece of piecesOf(bytes)) box.push(piece);
  const setup = setupOf(project, drivesOf(project), job, box.end());
  const feeds = new Map<number, number>();
  let program: SlowerProgram = { bytes, changes: [], count: 0, left: 0 };
  for (let round = 0; round < ROUNDS; round++) {
    const check = new JobCheck(project, setup);
    let done = 0;
    for (const piece of piecesOf(program.bytes)) {
      check.push(piece);
      done += piece.length;
      yield { done: round * program.bytes.length + done, of: ROUNDS * program.bytes.length, first: null };
    }
    check.end();
    const { feeds: more, unmended } = check.slower;
    for (const [line, feed] of more) feeds.set(line, Math.min(feed, feeds.get(line) ?? Infinity));
    if (round > 0 && more.size === 0) break;
    const steps = slowerSteps(piecesOf(bytes), bytes.length, setup, { feeds, unmended });
    let step = steps.next();
    while (!step.done) step = steps.next();
    program = step.value;
    if (more.size === 0) break;
    // What was written in the last round is not run again: nobody has shown that it holds.
    if (round === ROUNDS - 1) program = { ...program, left: Math.max(program.left, unmended + more.size) };
  }
  return program;
}

/** Bytes in pieces between which others are let in: some tens of milliseconds each. */
export function* piecesOf(bytes: Uint8Array, piece = 1 << 18): Generator<Uint8Array> {
  for (let at = 0; at < bytes.length; at += piece) yield bytes.subarray(at, at + piece);
}
