import { axisReport, effectiveAxes, flexReport, improvementSteps } from '@/core/machine';
import type { Project } from '@/core/model';
import type { FlexApi } from './protocol';

const reportsOf = (project: Project) =>
  effectiveAxes(project).map((axis) => axisReport(axis, { remedies: false }));

/** Lets messages in between two steps: without it a ranking could not be stopped. */
const breathe = () =>
  new Promise<void>((resolve) => {
    setTimeout(resolve);
  });

/** The worker's side; where there are no workers the page calls it directly. */
export function flexService(): FlexApi {
  let run = 0;
  return {
    flex: async (project) => flexReport(project, reportsOf(project)),
    async improve(project, way, onStep) {
      const mine = ++run;
      const steps = improvementSteps(project, reportsOf(project), way);
      for (;;) {
        const step = steps.next();
        if (step.done) return step.value;
        onStep(step.value);
        await breathe();
        if (mine !== run) return null;
      }
    },
    stop: async () => {
      run += 1;
    },
  };
}
