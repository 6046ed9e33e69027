import { screwSteel } from '@/core/catalogue';
import type { ScrewDrive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { COLUMN_ALLOWANCE, columnLimit, eulerLoad } from './column-load';
import { endCase } from './critical-speed';
import { nutReach } from './line-stiffness';
import { holdOf, type ScrewBending, thrustEnds } from './whip';

/**
 * Thrust that the screw takes as a column: from the bearing that takes the thrust to the nut, which holds it
 * sideways and not in slope. What heat compresses between two fixed bearings is taken already, whether the
 * screw turns or stands.
 */
export function columnOf(
  drive: ScrewDrive,
  travel: Quantity<'length'>,
  { secondMoment, compression }: ScrewBending,
  sheet: Worksheet,
): Quantity<'force'> {
  const ends = thrustEnds(drive);
  const reach = nutReach(drive, travel);
  const columns = [
    ...(ends.motor ? [{ hold: holdOf(drive.motorEnd), length: reach.far }] : []),
    ...(ends.far ? [{ hold: holdOf(drive.farEnd), length: drive.betweenBearings.si - reach.near }] : []),
  ].map(({ hold, length }) => ({ factor: endCase(hold, 'hinge').column, length }));
  const column = columns.reduce((low, c) =>
    c.factor / c.length ** 2 < low.factor / low.length ** 2 ? c : low,
  );
  const euler = sheet.apply(
    eulerLoad,
    {
      factor: quantity('ratio', column.factor),
      modulus: screwSteel.modulus,
      secondMoment,
      length: quantity('length', column.length),
    },
    'column.euler',
    {
      secondMoment: '#screw.secondMoment',
      length: drive.nutOffset ? 'drive.nutOffset' : 'drive.betweenBearings',
    },
  );
  return sheet.apply(
    columnLimit,
    { allowance: quantity('ratio', COLUMN_ALLOWANCE), euler, compression },
    'column',
    { euler: '#column.euler', compression: compression === 0 ? undefined : '#screw.heatCompression' },
  );
}
