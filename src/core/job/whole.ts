import { BoxReader } from '@/core/gcode';
import type { Project } from '@/core/model';
import { JobCheck } from './check';
import { drivesOf } from './drives';
import { proposedSetup, takingOf } from './propose';
import type { JobReport } from './report';
import type { JobSetup } from './setup';

/** How far a job has come, bytes: it is read twice where nobody has said where the work lies. */
export interface JobStep {
  readonly done: number;
  readonly of: number;
}

/** What is said of a job; the rest is proposed. */
export type JobSaidSetup = Partial<Omit<JobSetup, 'tools'>> & Partial<Pick<JobSetup, 'tools'>>;

/**
 * A job from its bytes: where it lies is proposed from what it reaches unless it was said, then it is run.
 * @param pieces gives the bytes from the beginning, as often as it is called. @param bytes how many in all.
 * @returns the report, and the setup that it was run with.
 */
export function* jobSteps(
  project: Project,
  pieces: () => Iterable<Uint8Array>,
  bytes: number,
  said: JobSaidSetup = {},
): Generator<JobStep, { readonly report: JobReport; readonly setup: JobSetup }> {
  // Where the work lies and how high its stock is, is read off what the program reaches.
  const all = said.nought !== undefined && said.stock !== undefined;
  const passes = all ? 1 : 2;
  let done = 0;
  const box = all ? null : new BoxReader(said.taking ?? takingOf(project.wiring.controller));
  if (box)
    for (const piece of pieces()) {
      box.push(piece);
      done += piece.length;
      yield { done, of: bytes * passes };
    }
  const proposed = proposedSetup(project, drivesOf(project), box?.end() ?? null, said.nought);
  const setup = { ...proposed, ...said };
  const check = new JobCheck(project, setup);
  for (const piece of pieces()) {
    check.push(piece);
    done += piece.length;
    yield { done, of: bytes * passes };
  }
  return { report: check.end(), setup };
}
