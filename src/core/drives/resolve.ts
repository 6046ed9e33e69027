import type { Axis } from '@/core/model';
import type { Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { resolveBelt } from './belt';
import { resolveChain } from './chain';
import { resolveCrank } from './crank';
import { resolveRack } from './rack';
import type { ResolvedDrive } from './resolved';
import { resolveScrew } from './screw';

/** The drive of an axis, whatever its kind. @param thrust N on one motor under the worst cut. */
export function resolveDrive(axis: Axis, thrust: Quantity<'force'>, sheet: Worksheet): ResolvedDrive {
  const { drive, demands } = axis;
  switch (drive.kind) {
    case 'screw':
      return resolveScrew(drive, demands.travel.si, thrust, sheet, {
        level: Math.cos(demands.inclination.si),
        feed: demands.feed.si,
      });
    case 'rack':
      return resolveRack(drive, demands.travel.si, demands.rapid.si, thrust, sheet);
    case 'belt':
      return resolveBelt(drive, demands.travel.si, thrust, sheet);
    case 'chain':
      return resolveChain(drive, demands.travel.si, thrust, sheet);
    case 'crank':
      return resolveCrank({ drive, demands }, thrust, sheet);
  }
}
