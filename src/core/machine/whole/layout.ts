import { type Arrangement, arrangements, type Axis, type Project } from '@/core/model';
import { massReport, TABLE_MASS } from '../demand';
import { sceneOf, sweptBy } from './scene';

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

/** Room to pass on one side of the machine, m; common practice, no source. */
export const TO_PASS = 0.6;

/** Whether the table moves, and the gantry stands. */
const tableMoves = (id: Arrangement) => id === 'moving-table' || id === 'fixed-gantry';

/** Length and width that an arrangement takes for a work area, m. */
function sizeOf(id: Arrangement, { area }: Project['brief']) {
  // A table that moves its whole length needs room for twice of it.
  const along = tableMoves(id) ? 2 : 1;
  const across = id === 'fixed-gantry' ? 2 : 1;
  const columns = id === 'cantilever' ? 1 : 2;
  return {
    length: area.length ? along * area.length.si + BEYOND : null,
    width: area.width ? across * area.width.si + columns * BESIDE : null,
  };
}

/** Whether a machine fits the place, one way or the other; null where one of the two is not known. */
function fitsInto(length: number | null, width: number | null, { place }: Project['brief']): boolean | null {
  if (length === null || width === null || (!place.length && !place.width)) return null;
  const [l, w] = [place.length?.si ?? Infinity, place.width?.si ?? Infinity];
  const fits = (a: number, b: number) => a + TO_PASS <= l && b + TO_PASS <= w;
  return fits(length, width) || fits(width, length);
}

/** What the heaviest axis would move, kg: of a table an estimate by its area. */
function movingOf(id: Arrangement, project: Project): number | null {
  const { area } = project.brief;
  if (tableMoves(id)) return area.length && area.width ? TABLE_MASS * area.length.si * area.width.si : null;
  const { axes } = massReport({ ...project, brief: { ...project.brief, arrangement: id } });
  return Math.max(0, ...axes.map((a) => a.total)) || null;
}

/** Each arrangement for this brief: how much room it takes, what it moves, what limits it. */
export const outlooks = (project: Project): ArrangementOutlook[] =>
  arrangements.map((id) => {
    const { length, width } = sizeOf(id, project.brief);
    return {
      id,
      length,
      width,
      moving: movingOf(id, project),
      guessed: tableMoves(id),
      limit: limits[id],
      fits: fitsInto(length, width, project.brief),
    };
  });

type Footprint = { readonly length: number | null; readonly width: number | null };

/**
 * What the pieces of the machine sweep, motors, plugs and cable chain with them, and no less than bed and
 * beam
 * with what usually sticks out: of motors and plugs much is often not said. Without a frame the size of its
 * arrangement.
 */
function plannedFootprint(project: Project): Footprint {
  const { structure, axes, brief } = project;
  if (!structure) return sizeOf(brief.arrangement, brief);
  const known = swept.get(project);
  if (known) return known;
  const { low, high } = sweptBy(sceneOf(project));
  const role = (id: Axis['role']) => axes.find((a) => a.role === id)?.demands.travel.si ?? 0;
  const table = tableMoves(brief.arrangement) ? role('table') || role('bed') : 0;
  const found = {
    length: Math.max(high[0] - low[0], structure.bed.length.si + table + BESIDE),
    width: Math.max(high[1] - low[1], structure.beam.length.si + BESIDE),
  };
  swept.set(project, found);
  return found;
}

/** Room, bench and door ask one after the other: the pieces of a machine are laid out once for them. */
const swept = new WeakMap<Project, Footprint>();

/** Footprint of the machine, m: as it was measured over all, or as planned; walls of an enclosure on top. */
export function footprint(project: Project): Footprint {
  const { outer, wall } = project.passing;
  const planned = plannedFootprint(project);
  const walls = 2 * (wall?.si ?? 0);
  const walled = (said: { readonly si: number } | null, else_: number | null) => {
    const inner = said?.si ?? else_;
    return inner === null ? null : inner + walls;
  };
  return { length: walled(outer.along, planned.length), width: walled(outer.across, planned.width) };
}

/** Kept free of a door's opening, m; common practice, no source. */
const DOOR_AIR = 0.02;

/**
 * The clear width of a door that the machine wants in one piece: its smallest side, turned to it, with air;
 * folded or taken apart where that was said. Null where too little is known.
 */
export function doorWanted(project: Project): number | null {
  const { folded, outer } = project.passing;
  const said = [folded.along, folded.across, folded.up].filter((m) => m !== null).map((m) => m.si as number);
  if (said.length === 3) return said.sort((a, b) => a - b)[0]! + DOOR_AIR;
  const { length, width } = footprint(project);
  if (length === null || width === null) return null;
  const up = outer.up?.si;
  return Math.min(length, width, ...(up === undefined ? [] : [up])) + (up === undefined ? 0 : DOOR_AIR);
}
