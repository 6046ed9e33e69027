import { buildFindings, buildOf, geometryOf, standsOf, waysToFree, workOf } from '@/core/build';
import { searchLines, togetherSets, whyNotSteps } from '@/core/choose';
import { doubtPart, sweepSteps } from '@/core/doubt';
import { jobsFound, jobSteps, piecesOf, slowerJob } from '@/core/job';
import { planPart } from '@/core/plan';
import { flexReport, trialSteps } from '@/core/machine';
import { heldRows, trialsOf } from '@/core/prove';
import { proposalSteps, turned, upgradeContext } from '@/core/upgrade';
import { schoolSteps, variantFigures } from '@/core/variants';
import { localZone } from './local-zone';
import type { JobName, JobResult, Jobs, JobService } from './protocol';

/** A job as steps, so that it can be watched and ended between two of them. */
type Runner<N extends JobName> = (input: Jobs[N]['input']) => Generator<Jobs[N]['step'], Jobs[N]['output']>;

const runners: { readonly [N in JobName]: Runner<N> } = {
  // One step of its own: some 20 ms.
  *frame(inputs) {
    return flexReport(inputs);
  },
  *trials({ project, drives }) {
    return yield* trialSteps(project, drives);
  },
  // Some tens of milliseconds; for hundreds of pieces or lines some tenths of a second.
  *build({ project, needs, today }) {
    const context = buildOf(project, needs, today);
    // Remedies are worked out when they are looked at: as data they are none.
    const findings = buildFindings(context).map((f) => ({ ...f, remedies: [] }));
    return { plans: context.plans, money: context.money, findings };
  },
  // Some tenths of a second: every screw with every tool in every pose.
  *geometry({ project }) {
    return geometryOf(project);
  },
  // Some hundred milliseconds for a thousand steps.
  *work({ context, now, geometry }) {
    return workOf(context, { now, zone: localZone }, geometry);
  },
  *free({ project, geometry, joint, name }) {
    return waysToFree(project, geometry, joint, name);
  },
  // Some ten milliseconds a change.
  *upgrades({ project, known }) {
    return yield* proposalSteps(upgradeContext(project, known));
  },
  // A report with its frame: some tenths of a second.
  *stands({ project, today }) {
    return standsOf(project, today);
  },
  // Two reports with their frames: some tenths of a second.
  *turned({ before, after }) {
    return turned(before, after);
  },
  // Seconds: thousands of drives, each with thousands of motors.
  *search({ axis, own, limits }) {
    return yield* searchLines(axis, own, limits);
  },
  // Seconds: a search for each axis, and then the sets of them.
  *together({ project, limits }) {
    return yield* togetherSets(project, limits);
  },
  // Up to some twenty seconds where nothing holds: every demand gives way in steps.
  *whyNot(asked) {
    return yield* whyNotSteps(asked);
  },
  // Seconds: every round picks drive trains and solves the frame.
  *plan({ asked, work }) {
    return yield* planPart(asked, work);
  },
  // Seconds over all parts: thousands of machines.
  *doubt({ asked, work }) {
    return yield* doubtPart(asked, work);
  },
  // About a second where the frame is solved at every value.
  *sweep(asked) {
    return yield* sweepSteps(asked);
  },
  // Some tenths of a second: a report with its frame.
  *variant({ project }) {
    return variantFigures(project);
  },
  // Tenths of a second, or some seconds where each side looks for its parts.
  *school({ project, school }) {
    return yield* schoolSteps(project, school);
  },
  // Three microseconds a line.
  *job({ project, job, bytes }) {
    return yield* jobSteps(project, job, () => piecesOf(bytes), bytes.length);
  },
  // The same, some times over.
  *jobSlower({ project, job, bytes }) {
    return yield* slowerJob(project, job, bytes);
  },
  // Tenths of a second for some hundred kilobytes.
  *jobsFound({ project, programs }) {
    return yield* jobsFound(project, programs);
  },
  // Some tens of milliseconds an axis: every input moved both ways.
  *held({ project }) {
    return heldRows(project, trialsOf(project));
  },
};

/** Lets messages in between two steps: without it a job could not be ended. */
const breathe = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

/** The service behind the worker; where there are no workers the page calls it directly. */
export function jobService(): JobService {
  const cancelled = new Set<number>();
  return {
    ping: async () => true,
    async run<N extends JobName>(
      id: number,
      name: N,
      input: Jobs[N]['input'],
      onStep: (step: Jobs[N]['step']) => void,
    ): Promise<JobResult<N>> {
      try {
        const steps = runners[name](input);
        for (;;) {
          if (cancelled.has(id)) return { ok: false, reason: 'cancelled' };
          const step = steps.next();
          if (step.done) return { ok: true, output: step.value };
          onStep(step.value);
          await breathe();
        }
      } catch (cause) {
        return {
          ok: false,
          reason: 'failed',
          message: cause instanceof Error ? cause.message : String(cause),
        };
      } finally {
        cancelled.delete(id);
      }
    },
    cancel: async (id) => {
      cancelled.add(id);
    },
  };
}
