import { screwSteel } from '@/core/catalogue';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { inSeries } from '../screw/stiffness';
import type { DriveStiffness, StiffnessLink } from '../resolved';
import { sharedStiffness, shaftTorsion, strandForce } from './formulas';
import type { WheelDrive } from './shared';

/**
 * Force on one rack, belt or chain: all of the motor's, or the busier side's share where a shaft drives both
 * sides.
 */
export function forceOnStrand(
  drive: WheelDrive,
  thrust: Quantity<'force'>,
  sheet: Worksheet,
): { value: Quantity<'force'>; source: string } {
  if (!drive.crossShaft) return { value: thrust, source: '#force.cut' };
  return {
    value: sheet.apply(strandForce, { thrust, share: drive.worstShare.si }, 'strand-force', {
      thrust: '#force.cut',
      share: 'drive.worstShare',
    }),
    source: '#strand-force',
  };
}

/**
 * Joins the links of one side in series, and both sides where a shaft drives two.
 * @param links of one side, the first one always there.
 */
export function joinLinks(
  drive: WheelDrive,
  k: Quantity<'travelPerRadian'>,
  links: readonly StiffnessLink[],
  missing: readonly string[],
  sheet: Worksheet,
): DriveStiffness {
  const all = [...links];
  if (drive.crossShaft) {
    const { diameter, length } = drive.crossShaft;
    const value = sheet.apply(
      shaftTorsion,
      { shear: screwSteel.shearModulus, diameter: diameter.si, length: length.si, k },
      'stiffness.shaft',
      { diameter: 'drive.crossShaft.diameter', length: 'drive.crossShaft.length', k: '#drive.k' },
    );
    all.push({ id: 'cross-shaft', value, source: '#stiffness.shaft' });
  }
  let { value, source } = all[0]!;
  for (let i = 1; i < all.length; i++) {
    const key = `stiffness.with-${all[i]!.id}`;
    value = sheet.apply(inSeries, { first: value, second: all[i]!.value }, key, {
      first: source,
      second: all[i]!.source,
    });
    source = `#${key}`;
  }
  if (drive.crossShaft) {
    value = sheet.apply(sharedStiffness, { one: value, share: drive.worstShare.si }, 'stiffness.both-sides', {
      one: source,
      share: 'drive.worstShare',
    });
    source = '#stiffness.both-sides';
    return {
      value,
      line: 'stiffness.both-sides',
      missing,
      links: all.map((l) => ({ ...l, value: quantity('stiffness', l.value / drive.worstShare.si) })),
    };
  }
  return { value, line: source.slice(1), missing, links: all };
}

/**
 * The place of the carriage on a line between two wheels, from the driving wheel; the travel stands in the
 * middle.
 */
export const placeOnLine = (centre: number, travel: number, place: number) => (centre - travel) / 2 + place;
