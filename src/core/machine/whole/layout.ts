import { type Arrangement, arrangements, type Project } from '@/core/model';
import { massReport } from './masses';

/** What an arrangement would mean for this brief; SI. Null where the brief does not say enough. */
export interface ArrangementOutlook {
  readonly id: Arrangement;
  /** Along the bed and across it, frame and motors included, m. */
  readonly length: number | null;
  readonly width: number | null;
  /** What the heaviest level axis would move, kg: present bodies, put where this arrangement puts them; null without masses. */
  readonly moving: number | null;
  /** What usually limits it. */
  readonly limit: 'gantry-mass' | 'table-length' | 'arm-sag' | 'lift-sync' | 'post-sway' | 'cross-slide';
  /** Whether it fits the place of the brief; null where that is not given. */
  readonly fits: boolean | null;
}

/** What the frame, the carriages' span and motors add to the travel on each side; common practice, no source. */
const BESIDE = 0.2;
const BEYOND = 0.35;

const limits: Record<Arrangement, ArrangementOutlook['limit']> = {
  'moving-gantry': 'gantry-mass', 'moving-table': 'table-length', cantilever: 'arm-sag', 'lifted-two': 'lift-sync', 'lifted-four': 'post-sway', 'fixed-gantry': 'cross-slide',
};

/** Mass of a table of 18 mm plywood on an aluminium frame with work on it, kg/m²; memory. */
const TABLE = 45;

/** Each arrangement for this brief: how much room it takes, what it moves, what limits it. */
export function outlooks(project: Project): ArrangementOutlook[] {
  const { area, place } = project.brief;
  const masses = massReport(project);
  const heaviest = Math.max(0, ...masses.axes.map((a) => a.total));
  const gantry = project.axes.find((a) => a.role === 'gantry');
  const head = gantry ? (masses.axes.find((a) => a.axisId === gantry.id)?.total ?? 0) : 0;
  return arrangements.map((id): ArrangementOutlook => {
    // A table that moves its whole length needs room for twice of it.
    const along = id === 'moving-table' || id === 'fixed-gantry' ? 2 : 1;
    const across = id === 'fixed-gantry' ? 2 : 1;
    const length = area.length ? along * area.length.si + BEYOND : null;
    const width = area.width ? across * area.width.si + (id === 'cantilever' ? 1 : 2) * BESIDE : null;
    const table = area.length && area.width ? TABLE * area.length.si * area.width.si : null;
    const moving = id === 'moving-table' ? table : id === 'fixed-gantry' ? (table === null ? null : table * 1.4) : id === 'cantilever' ? (heaviest ? head + (heaviest - head) * 0.8 : null) : heaviest || null;
    const [l, w] = [place.length?.si, place.width?.si];
    const walk = 0.6;
    const fits = length === null || width === null || (l === undefined && w === undefined) ? null
      : [[length, width], [width, length]].some(([a, b]) => a! + walk <= (l ?? Infinity) && b! + walk <= (w ?? Infinity));
    return { id, length, width, moving, limit: limits[id], fits };
  });
}

/** Footprint of the machine as it is planned, m: bed and beam with what sticks out, or the outlook of its arrangement. */
export function footprint(project: Project): { readonly length: number | null; readonly width: number | null } {
  const { structure } = project;
  const outlook = outlooks(project).find((o) => o.id === project.brief.arrangement)!;
  if (!structure) return outlook;
  const travels = (role: string) => project.axes.find((a) => a.role === role)?.demands.travel.si ?? 0;
  const table = project.brief.arrangement === 'moving-table' || project.brief.arrangement === 'fixed-gantry' ? travels('table') || travels('bed') : 0;
  return { length: structure.bed.length.si + table + BESIDE, width: structure.beam.length.si + BESIDE };
}
