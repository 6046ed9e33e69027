import { type Arrangement, arrangements, type Project } from '@/core/model';
import { massReport } from './masses';

/** What an arrangement would mean for this brief; SI. Null where the brief does not say enough. */
export interface ArrangementOutlook {
  readonly id: Arrangement;
  /** Along the bed and across it, frame and motors included, m. */
  readonly length: number | null;
  readonly width: number | null;
  /**
   * What the heaviest axis would move, kg: present bodies and members, put where this arrangement puts them;
   * of a table an estimate by its area. Null where nothing is known.
   */
  readonly moving: number | null;
  /** Whether `moving` is that estimate of a table, cross slide and stock not counted. */
  readonly guessed: boolean;
  /** What usually limits it. */
  readonly limit: 'gantry-mass' | 'table-length' | 'arm-sag' | 'lift-sync' | 'post-sway' | 'cross-slide';
  /** Whether it fits the place of the brief; null where that is not given. */
  readonly fits: boolean | null;
}

/**
 * What the frame, the carriages' span and motors add to the travel on each side; common practice, no source.
 */
const BESIDE = 0.2;
const BEYOND = 0.35;

const limits: Record<Arrangement, ArrangementOutlook['limit']> = {
  'moving-gantry': 'gantry-mass',
  'moving-table': 'table-length',
  cantilever: 'arm-sag',
  'lifted-two': 'lift-sync',
  'lifted-four': 'post-sway',
  'fixed-gantry': 'cross-slide',
};

/** Mass of a table of 18 mm plywood on an aluminium frame with a sheet on it, kg/m²; memory. */
const TABLE = 45;

/** Each arrangement for this brief: how much room it takes, what it moves, what limits it. */
export function outlooks(project: Project): ArrangementOutlook[] {
  const { area, place } = project.brief;
  return arrangements.map((id): ArrangementOutlook => {
    // A table that moves its whole length needs room for twice of it.
    const along = id === 'moving-table' || id === 'fixed-gantry' ? 2 : 1;
    const across = id === 'fixed-gantry' ? 2 : 1;
    const length = area.length ? along * area.length.si + BEYOND : null;
    const width = area.width ? across * area.width.si + (id === 'cantilever' ? 1 : 2) * BESIDE : null;
    const table = area.length && area.width ? TABLE * area.length.si * area.width.si : null;
    const stands = id === 'moving-table' || id === 'fixed-gantry';
    const carried = Math.max(
      0,
      ...massReport({ ...project, brief: { ...project.brief, arrangement: id } }).axes.map((a) => a.total),
    );
    const moving = stands ? table : carried || null;
    const [l, w] = [place.length?.si, place.width?.si];
    const walk = 0.6;
    const fits =
      length === null || width === null || (l === undefined && w === undefined)
        ? null
        : [
            [length, width],
            [width, length],
          ].some(([a, b]) => a! + walk <= (l ?? Infinity) && b! + walk <= (w ?? Infinity));
    return { id, length, width, moving, guessed: stands, limit: limits[id], fits };
  });
}

/**
 * Footprint of the machine as it is planned, m: bed and beam with what sticks out, or the outlook of its
 * arrangement.
 */
export function footprint(project: Project): {
  readonly length: number | null;
  readonly width: number | null;
} {
  const { structure } = project;
  const outlook = outlooks(project).find((o) => o.id === project.brief.arrangement)!;
  if (!structure) return outlook;
  const travels = (role: string) => project.axes.find((a) => a.role === role)?.demands.travel.si ?? 0;
  const table =
    project.brief.arrangement === 'moving-table' || project.brief.arrangement === 'fixed-gantry'
      ? travels('table') || travels('bed')
      : 0;
  return { length: structure.bed.length.si + table + BESIDE, width: structure.beam.length.si + BESIDE };
}
