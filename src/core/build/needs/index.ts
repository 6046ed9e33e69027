import type { MachineContext } from '@/core/machine';
import { balanceNeeds, spindleNeeds } from './balance-needs';
import { controlNeeds } from './control-needs';
import { driveNeeds } from './drive-needs';
import { fitNeeds } from './fit-needs';
import { frameNeeds } from './frame-needs';
import { guideNeeds } from './guide-needs';
import type { Need } from './need';

export { memberSection } from './frame-needs';
export {
  type Need,
  type NeedKind,
  needKinds,
  type NeedParams,
  type NeedPiece,
  type NeedSection,
} from './need';

/** All that a machine is made of, axis by axis, then what they share. Each key stands once. */
export function needsOf({ project, reports }: Pick<MachineContext, 'project' | 'reports'>): readonly Need[] {
  const ofAxes = project.axes.flatMap((axis, i) => {
    const report = reports[i]!;
    const whose = { project, axis, at: `axes.${i}`, chain: report.chain };
    return [...guideNeeds(whose), ...driveNeeds(whose), ...balanceNeeds(whose), ...fitNeeds(whose, report)];
  });
  return [
    ...ofAxes,
    ...frameNeeds(
      project,
      reports.map((r) => r.plates),
    ),
    ...spindleNeeds(project),
    ...controlNeeds(project, reports),
  ];
}
