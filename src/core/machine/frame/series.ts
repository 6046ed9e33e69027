import type { MemberProperties } from '@/core/sections';
import type { Structure } from '@/core/model';
import { bedFlexibility, type Series } from '@/core/structure';
import type { FrameAxis } from './inputs';
import { drivesOf, plateOf, pointCompliance, RIGID, RIGID_SIX, sixOf, type Way } from './plates';
import { plateBending } from './plate-bending';
import { onRods, rodsUnder } from './rods';

/** Parts that give by themselves between the beam and the tip, and inputs that are missing for them. */
export interface Given {
  readonly series: readonly Series[];
  readonly missing: readonly string[];
}

/** Rods under the carriages of an axis, pushed at an arm from their middle, where they give the most. */
function rodSeries(axis: FrameAxis, along: Way, arm: readonly [number, number, number]): Series[] {
  const rods = rodsUnder(axis, along);
  return rods ? [{ id: 'rods', compliance: pointCompliance(onRods(RIGID_SIX, rods), arm) }] : [];
}

/** The plunge axis on its carriages: measured at the tip, or out of carriages and lever. */
function plungePlate({ tool }: Structure, plunge: FrameAxis | undefined): Given {
  const { lever, plungeStiffness } = tool;
  if (plungeStiffness) {
    const c = 1 / plungeStiffness.si;
    return { series: [{ id: 'plunge', compliance: [c, c, 0] }], missing: [] };
  }
  if (!plunge) return { series: [], missing: [] };
  const missing = [...plunge.lacking, ...(lever ? [] : ['structure.tool.lever'])];
  const arm: [number, number, number] = [0, 0, lever?.si ?? 0];
  if (!plunge.shape || !lever) return { series: rodSeries(plunge, 'z', arm), missing };
  const [x, y] = pointCompliance(sixOf(plunge, plunge.shape, 'z', RIGID), arm);
  const bent = plateBending(plunge, 'z', arm);
  return {
    series: [{ id: 'plunge', compliance: [x, y, 0] }, ...rodSeries(plunge, 'z', arm), ...bent.series],
    missing: [...missing, ...bent.missing],
  };
}

/**
 * What gives by itself between the beam and the tip: the plunge axis, its drive and the mount of the tool.
 */
export function plungeSeries(structure: Structure, plunge: FrameAxis | undefined): Given {
  const plate = plungePlate(structure, plunge);
  const series = [...plate.series];
  const missing = [...plate.missing];
  if (plunge) series.push({ id: 'plunge-drive', compliance: [0, 0, 1 / drivesOf(plunge)] });
  const { mountStiffness } = structure.tool;
  if (mountStiffness) {
    const c = 1 / mountStiffness.si;
    series.push({ id: 'mount', compliance: [c, c, c] });
  } else missing.push('structure.tool.mountStiffness');
  return { series, missing };
}

/** The bed below a table in the middle of its travel: both sides share. */
function bedBelowTable({ bed }: Structure, member: MemberProperties): Given {
  const [length, supports, stiffness] = [bed.length.si, bed.supports.si, bed.supportStiffness.si];
  const f = bedFlexibility(member, length, supports, stiffness, [length / 2])?.[0];
  if (!f) return { series: [], missing: ['structure.bed.supportStiffness'] };
  const half = (i: number) => f[i]![i]! / 2;
  return { series: [{ id: 'bed', compliance: [half(0), half(1), half(2)] }], missing: [] };
}

/**
 * Tables under the tool: each a plate on its carriages, pushed where the axis says that the tool stands. The
 * first runs along the bed, a second across it.
 */
export function tableSeries(
  structure: Structure,
  tables: readonly FrameAxis[],
  bed: MemberProperties,
): Given {
  const series: Series[] = [];
  const missing: string[] = [];
  tables.forEach((table, i) => {
    const along = i === 0 ? 'x' : 'y';
    const [x, y, z] = table.tool;
    const arm: [number, number, number] = along === 'x' ? [x, y, z] : [y, x, z];
    if (!table.shape) {
      missing.push(...table.lacking);
      series.push(...rodSeries(table, along, arm));
      return;
    }
    series.push({ id: 'table', compliance: pointCompliance(plateOf(table, along, drivesOf(table)), arm) });
    const bent = plateBending(table, along, arm);
    series.push(...rodSeries(table, along, arm), ...bent.series);
    missing.push(...bent.missing);
    if (i > 0) return;
    const below = bedBelowTable(structure, bed);
    series.push(...below.series);
    missing.push(...below.missing);
  });
  return { series, missing };
}
