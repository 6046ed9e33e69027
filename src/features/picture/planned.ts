import type { PlannedAt } from '@/core/machine';
import type { Project } from '@/core/model';
import { machineHref, WHOLE } from '@/features/frame';

/** The link of the drive train that a piece is planned at. */
const linkOf = { guide: 'guide', drive: 'drive', motor: 'motor', coupling: 'coupling' } as const;

/** Where a piece of the picture is planned: the address of its page. */
export function plannedHref({ id: machine }: Project, { axisId, part, id }: PlannedAt): string {
  const axis = axisId ?? undefined;
  switch (part) {
    case 'structure':
      return machineHref('size', machine, WHOLE);
    case 'area':
      return machineHref('brief', machine);
    case 'tool':
      return `${machineHref('fit', machine)}&v=room`;
    case 'plate':
      return `${machineHref('fit', machine, axis)}&v=plates${id ? `&p=${encodeURIComponent(id)}` : ''}`;
    case 'cable':
      return `${machineHref('fit', machine, axis)}&v=chain`;
    default:
      return `${machineHref('size', machine, axis)}&l=${linkOf[part]}`;
  }
}
