import type { LinkId, LinkSpec } from './link';
import { bearingsLink } from './train-bearings';
import { driveLink } from './train-drive';
import { guideLink } from './train-guide';
import { motorLinks } from './train-motor';
import { reducerLinks } from './train-reducer';

/** The drive train in the order of force, controller to guide. */
export const links: readonly LinkSpec[] = [
  ...motorLinks,
  ...reducerLinks,
  driveLink,
  bearingsLink,
  guideLink,
];

/** The link that a finding's path belongs to; undefined for what is asked of the axis. */
export function linkOf(path: string): LinkId | undefined {
  if (/^drive\.(motorEnd|farEnd|thrustBearing|bearing(Stiffness|Dynamic|Static|Play)|stretch)/.test(path))
    return 'bearings';
  const room = path.split('.')[0]!;
  const byRoom: Record<string, LinkId> = {
    controller: 'controller',
    driver: 'driver',
    supply: 'supply',
    motor: 'motor',
    reducer: 'reducer',
    coupling: 'coupling',
    drive: 'drive',
    guide: 'guide',
  };
  return byRoom[room];
}
