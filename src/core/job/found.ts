import type { Verdict } from '@/core/findings';
import type { JobSaid, Project } from '@/core/model';
import { type JobFinding, jobFindings, jobVerdict } from './findings';
import { jobSteps, piecesOf } from './whole';

/** What is found of one job of a machine, without what is drawn of it. */
export interface JobFound {
  readonly jobId: string;
  readonly name: string;
  /** Not known where its program was not run. */
  readonly verdict: Verdict;
  readonly guessed: boolean;
  /** s; null: its program was not run. */
  readonly time: number | null;
  /** The worst first. */
  readonly findings: readonly JobFinding[];
}

/** Bytes of a program that is run unasked: longer ones are run when somebody looks at them. */
export const MOST_UNASKED = 4 * 2 ** 20;

function* foundOf(project: Project, job: JobSaid, bytes: Uint8Array | undefined): Generator<null, JobFound> {
  const of = { jobId: job.id, name: job.name };
  if (!bytes) return { ...of, verdict: 'not-known', guessed: false, time: null, findings: [] };
  const steps = jobSteps(project, job, () => piecesOf(bytes), bytes.length);
  let step = steps.next();
  while (!step.done) {
    yield null;
    step = steps.next();
  }
  const { report, guessed } = step.value;
  const findings = jobFindings(report);
  return { ...of, verdict: jobVerdict(findings), guessed, time: report.time, findings };
}

/**
 * All jobs of a machine, run one after the other, in the document's order.
 * @param programs their bytes by hash; one that is not among them is not run.
 */
export function* jobsFound(
  project: Project,
  programs: ReadonlyMap<string, Uint8Array>,
): Generator<null, readonly JobFound[]> {
  const found: JobFound[] = [];
  for (const job of project.jobs) found.push(yield* foundOf(project, job, programs.get(job.file)));
  return found;
}

/** The same at once. */
export function allJobsFound(
  project: Project,
  programs: ReadonlyMap<string, Uint8Array>,
): readonly JobFound[] {
  const steps = jobsFound(project, programs);
  let step = steps.next();
  while (!step.done) step = steps.next();
  return step.value;
}
