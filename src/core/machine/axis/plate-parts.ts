import { evenly, type Pattern, type Place } from '@/core/fit';
import type { Axis, HolePattern, PlateGroupInput } from '@/core/model';
import { railHolesOf } from './lengths';
import { type Mounts, railOf } from './mounts';

/** A part as a plate meets it; lengths in m. */
export interface PlatePart {
  readonly pattern: Pattern | null;
  /** Hole in the middle: pilot of a motor, body of a nut. */
  readonly bore: number | null;
  /** Thread of the screws that join it, and how deep the part's own thread is. */
  readonly thread: string | null;
  readonly depth: number | null;
  /** What it covers of the plate, along the travel and across it. */
  readonly along: number | null;
  readonly across: number | null;
  readonly source: string;
}

/** A part of which nothing is known. */
export const UNKNOWN: PlatePart = {
  pattern: null,
  bore: null,
  thread: null,
  depth: null,
  along: null,
  across: null,
  source: 'not known: measure it',
};

function carriagePart({ guide }: Axis, { carriage, row }: Mounts): PlatePart {
  if (!carriage) return { ...UNKNOWN, along: guide.carriageLength?.si ?? null };
  const along = row ? carriage.along[row] : null;
  return {
    pattern: along === null ? null : { kind: 'rect', along, across: carriage.across },
    bore: null,
    thread: carriage.thread,
    depth: carriage.depth,
    along: guide.carriageLength?.si ?? (row ? carriage.length[row] : null),
    across: carriage.width,
    source: carriage.source,
  };
}

function nutPart({ fit: { mount } }: Axis, { nut, housing }: Mounts): PlatePart {
  if (housing && mount.nut !== 'flange')
    return {
      pattern: { kind: 'rect', along: housing.along, across: housing.across },
      bore: null,
      thread: housing.thread,
      depth: null,
      along: housing.length,
      across: housing.width,
      source: housing.source,
    };
  if (!nut || mount.nut !== 'flange') return UNKNOWN;
  return {
    pattern: { kind: 'circle', circle: nut.circle, count: 6, start: 0 },
    bore: nut.body,
    thread: nut.hole < 5e-3 ? 'M4' : nut.hole < 6e-3 ? 'M5' : 'M6',
    depth: null,
    along: nut.flange,
    across: nut.flange,
    source: nut.source,
  };
}

/** Screws by the through hole of a motor's face. */
const SCREW_OF_HOLE = [
  [3.6e-3, 'M3'],
  [5.3e-3, 'M5'],
  [6.7e-3, 'M6'],
  [9.1e-3, 'M8'],
] as const;

function motorPart({ face }: Mounts): PlatePart {
  if (!face) return UNKNOWN;
  return {
    pattern: { kind: 'rect', along: face.square, across: face.square },
    bore: face.pilot,
    thread: SCREW_OF_HOLE.find(([hole]) => face.hole <= hole)?.[1] ?? null,
    depth: null,
    along: face.frame,
    across: face.frame,
    source: face.source,
  };
}

function blockPart({ block }: Mounts): PlatePart {
  if (!block) return UNKNOWN;
  return {
    pattern: { kind: 'rect', along: 0, across: block.across },
    bore: null,
    thread: block.thread,
    depth: null,
    along: null,
    across: block.width,
    source: block.source,
  };
}

/** Thread of the screws of a rail by the hole in its foot or its counterbore. */
const SCREW_OF_RAIL = [
  [3.6e-3, 'M3'],
  [4.6e-3, 'M4'],
  [6.1e-3, 'M5'],
  [7.1e-3, 'M6'],
  [9.1e-3, 'M8'],
] as const;

/** Thread of the screws of a rail; null where no usual one fits its holes. */
export const railThread = ({ hole: wide }: { readonly hole: number }): string | null =>
  SCREW_OF_RAIL.find(([hole]) => wide <= hole)?.[1] ?? null;

function railPart(axis: Axis): PlatePart {
  const along = axis.guide.railLength?.si ?? null;
  const found = railOf(axis);
  if (!found) return { ...UNKNOWN, along };
  const { rail, source } = found;
  const row = railHolesOf(axis);
  return {
    pattern: row && { kind: 'row', pitch: row.pitch, count: row.count },
    bore: null,
    thread: railThread(rail),
    depth: null,
    along,
    across: rail.width,
    source,
  };
}

/** Neither spindle clamps nor feet follow a standard. */
const NO_STANDARD: PlatePart = { ...UNKNOWN, source: 'no standard: measure it' };

/** The part that a group of holes joins. */
export function partOf(joins: PlateGroupInput['joins'], axis: Axis, mounts: Mounts): PlatePart {
  switch (joins) {
    case 'carriages':
      return carriagePart(axis, mounts);
    case 'nut':
      return nutPart(axis, mounts);
    case 'motor':
      return motorPart(mounts);
    case 'rails':
      return railPart(axis);
    case 'blocks':
      return blockPart(mounts);
    case 'spindle':
    case 'feet':
      return NO_STANDARD;
    case 'own':
      return { ...UNKNOWN, source: 'typed' };
  }
}

/** A typed pattern; null while a figure of it is missing. */
export function typedPattern(pattern: HolePattern): Pattern | null {
  switch (pattern.kind) {
    case 'single':
      return { kind: 'single' };
    case 'row':
      return pattern.pitch && { kind: 'row', pitch: pattern.pitch.si, count: pattern.count.si };
    case 'circle':
      return (
        pattern.circle && {
          kind: 'circle',
          circle: pattern.circle.si,
          count: pattern.count.si,
          start: pattern.start.si,
        }
      );
    case 'rect':
      return pattern.along || pattern.across
        ? { kind: 'rect', along: pattern.along?.si ?? 0, across: pattern.across?.si ?? 0 }
        : null;
  }
}

/** Middles of the carriages about the middle of their plate; null while span or spacing is not said. */
function carriagePlaces({ guide }: Axis): readonly Place[] | null {
  const { carriageSpan, carriageLength, spacing, rails, perRail } = guide;
  const apart = rails.si > 1 ? spacing?.si : 0;
  const span = perRail.si > 1 ? carriageSpan?.si : (carriageLength?.si ?? 0);
  if (apart === undefined || span === undefined || !carriageLength) return null;
  const ys = evenly(rails.si, apart, 0);
  return ys.flatMap((y) => evenly(perRail.si, span, carriageLength.si).map((x) => ({ x, y })));
}

/** Middles of the rails about the middle of what they lie on; null while their spacing is not said. */
function railPlaces({ guide: { rails, spacing } }: Axis): readonly Place[] | null {
  const apart = rails.si > 1 ? spacing?.si : 0;
  return apart === undefined ? null : evenly(rails.si, apart, 0).map((y) => ({ x: 0, y }));
}

/** Where the model has a part, about the middle of the plate; null where it does not know. */
export function modelPlaces(joins: PlateGroupInput['joins'], axis: Axis): readonly Place[] | null {
  switch (joins) {
    case 'carriages':
      return carriagePlaces(axis);
    case 'nut':
      return [{ x: axis.fit.driveOffset?.si ?? 0, y: axis.guide.driveY.si }];
    case 'rails':
      return railPlaces(axis);
    case 'motor':
    case 'blocks':
    case 'spindle':
    case 'feet':
      return [{ x: 0, y: 0 }];
    case 'own':
      return null;
  }
}
