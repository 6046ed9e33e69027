import type { Assembly, Part, WorkStep } from '@/core/build';
import type { Project } from '@/core/model';
import { assemblyPartName, workStepTitle } from '@/words';

/** How steps and parts of a machine are called. */
export interface WorkNames {
  readonly axis: (id: string) => string;
  readonly step: (id: string) => string;
  readonly part: (id: string) => string;
}

/** Names of steps and parts, by their ids. */
export function workNames(project: Project, { steps, parts }: Pick<Assembly, 'steps' | 'parts'>): WorkNames {
  const axes = new Map(project.axes.map((a) => [a.id, a.name]));
  const axis = (id: string) => axes.get(id) ?? '';
  const stepOf = new Map(steps.map((s): [string, WorkStep] => [s.id, s]));
  const partOf = new Map(parts.map((p): [string, Part] => [p.id, p]));
  return {
    axis,
    step: (id) => {
      const step = stepOf.get(id);
      return step ? workStepTitle(step, axis) : id;
    },
    part: (id) => {
      const part = partOf.get(id);
      return part ? assemblyPartName(part, axis) : id;
    },
  };
}
