import { cutLoads, machineReport } from '@/core/machine';
import type { Project } from '@/core/model';
import type { Kind } from '@/core/units';
import type { SchoolId } from './school-ids';

/** What tells the sides of a quarrel apart and is no answer of the whole machine. */
export type FactId = 'along' | 'across' | 'guide-life' | 'torque-rapid' | 'torque-cut' | 'winding-heat';

/** One number of a side. SI. */
export interface SchoolFact {
  readonly id: FactId;
  /** Id of the axis; empty: the machine. */
  readonly at: string;
  readonly kind: Kind;
  readonly value: number;
}

/** The largest forces of the cuts, along the feed and across it. */
function forces({ brief }: Project): readonly SchoolFact[] {
  const loads = cutLoads(brief).filter((_, i) => brief.cuts[i]!.kind === 'mill');
  const most = (id: 'along' | 'across') => Math.max(...loads.map((load) => load[id]));
  return (['along', 'across'] as const).map((id) => ({ id, at: '', kind: 'force', value: most(id) }));
}

/** Figures of the axes by their ids. */
function ofAxes(
  project: Project,
  figures: readonly FactId[],
  rungs: readonly FactId[],
): readonly SchoolFact[] {
  return machineReport(project, { remedies: false }).axes.flatMap((report) => [
    ...report.ladder
      .filter(({ id }) => rungs.some((r) => r === id))
      .map(({ id, limit }) => ({
        id: id as FactId,
        at: report.axisId,
        kind: 'speed' as const,
        value: limit,
      })),
    ...report.figures
      .filter(({ id }) => figures.some((f) => f === id))
      .map(({ id, kind, value }) => ({ id: id as FactId, at: report.axisId, kind, value })),
  ]);
}

/** Such numbers of a machine that is made as one side would have it. */
export function factsOf(school: SchoolId, project: Project): readonly SchoolFact[] {
  switch (school) {
    case 'climb':
      return forces(project);
    case 'true':
      return ofAxes(project, ['guide-life'], []);
    case 'crest-rms':
      return ofAxes(project, ['winding-heat'], ['torque-rapid', 'torque-cut']);
    default:
      return [];
  }
}
