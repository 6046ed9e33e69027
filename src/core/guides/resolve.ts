import type { Checked } from '@/core/findings';
import type { Axis } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type GuideCaseId, guideCases, plateLoad } from './cases';
import { type GuideConcern, guideConcerns } from './concerns';
import { carriageGive, guideDrag, guideLife, lubrication } from './formulas';
import { rodSagOf } from './rod';
import {
  type CarriageLoad,
  carriageLoad,
  carriagePlaces,
  equivalentOf,
  type PlateShape,
  plateSquares,
} from './plate';

/** The busiest carriage of all cases. */
export interface Busiest {
  readonly at: GuideCaseId;
  readonly load: CarriageLoad;
  readonly equivalent: Quantity<'force'>;
  /** Index of the case in `guideCases`. */
  readonly index: number;
}

export interface GuideFigure {
  readonly id: string;
  readonly kind: 'length' | 'force' | 'time' | 'ratio';
  readonly value: number;
  readonly line: string;
}

/** All that the guide of one axis tells; loads only where the places of the carriages are given. */
export interface ResolvedGuide {
  readonly shape: PlateShape | undefined;
  readonly drag: Quantity<'force'>;
  /** Where the drag comes from: the typed input or a line. */
  readonly dragSource: string;
  /** What two drives add against yaw; 0 for one. @param driveStiffness of one drive in line, N/m. */
  readonly yawHelp: (driveStiffness: number) => number;
  readonly concerns: (driveStiffness: number, sheet: Worksheet) => readonly Checked<GuideConcern>[];
  readonly figures: (
    driveStiffness: number,
    time: Quantity<'time'>,
    sheet: Worksheet,
  ) => readonly GuideFigure[];
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
}

/** The plate, where enough of it is given. A single row must be able to take its moment by itself. */
export function plateShape({ guide }: Axis): PlateShape | undefined {
  const [rails, perRail] = [guide.rails.si as number, guide.perRail.si as number];
  const carriage = guide.carriageLength?.si ?? 0;
  const spacing = rails > 1 ? guide.spacing?.si : 0;
  const length =
    perRail > 1
      ? guide.carriageSpan && guide.carriageLength
        ? Math.max(0, guide.carriageSpan.si - guide.carriageLength.si)
        : undefined
      : 0;
  if (spacing === undefined || length === undefined) return undefined;
  if ((rails === 1 && !guide.raceSpacing.si) || (length === 0 && !carriage)) return undefined;
  return {
    rails,
    perRail,
    spacing,
    length,
    races: guide.raceSpacing.si,
    carriage: ownMoment(guide.kind) ? carriage : perRail > 1 ? 0 : carriage,
  };
}

/**
 * Rail carriages resist tilting by themselves; bushes and wheels are let to align, unless one stands alone on
 * its rail.
 */
const ownMoment = (kind: Axis['guide']['kind']) => kind === 'profile' || kind === 'miniature';

/** What two drives, each holding its own side, add against yaw; m² of one carriage's lateral stiffness. */
function yawHelpOf({ drive, guide }: Axis, driveStiffness: number): number {
  const both = drive.sets === 2 || (drive.kind !== 'screw' && drive.crossShaft);
  if (!both) return 0;
  const apart = guide.driveY.si ? 2 * Math.abs(guide.driveY.si) : (guide.spacing?.si ?? 0);
  return (driveStiffness * apart * apart) / 2 / guide.lateralStiffness.si;
}

/** Signed loads of all carriages in a case. */
export function loadsIn(
  axis: Axis,
  mass: number,
  shape: PlateShape,
  yawHelp: number,
  index: number,
): CarriageLoad[] {
  const load = plateLoad(axis, mass, guideCases(axis)[index]!);
  return carriagePlaces(shape).map(({ x, y }) => carriageLoad(shape, load, x, y, yawHelp));
}

/** The busiest carriage: it always is one at a corner of the plate. */
export function busiest(axis: Axis, mass: number, shape: PlateShape, yawHelp: number): Busiest {
  const [x, y] = [shape.length / 2, shape.spacing / 2];
  const squares = plateSquares(shape);
  let found: Busiest | undefined;
  guideCases(axis).forEach((one, index) => {
    const load = plateLoad(axis, mass, one);
    for (const sx of [-x, x])
      for (const sy of [-y, y]) {
        const at = carriageLoad(shape, load, sx, sy, yawHelp, squares);
        const equivalent = equivalentOf(at, shape);
        if (!found || equivalent > found.equivalent)
          found = { at: one.id, load: at, equivalent: quantity('force', equivalent), index };
      }
  });
  return found!;
}

/**
 * Drag of the guides: as pulled, or by friction of the loads at rest and the wipers. What two drives hold of
 * a yaw is left to the carriages here.
 */
function dragOf(axis: Axis, mass: Quantity<'mass'>, shape: PlateShape | undefined, sheet: Worksheet) {
  const { guide, loads, demands } = axis;
  if (loads.guideDrag) return { drag: loads.guideDrag.si, dragSource: 'loads.guideDrag' };
  const resting = shape
    ? loadsIn(axis, mass, shape, 0, 0).reduce((sum, c) => sum + Math.abs(c.vertical) + Math.abs(c.lateral), 0)
    : mass * 9.80665 * Math.cos(demands.inclination.si);
  const drag = sheet.apply(
    guideDrag,
    {
      friction: guide.friction.si,
      load: quantity('force', resting),
      count: quantity('count', guide.rails.si * guide.perRail.si),
      seal: guide.seal.si,
    },
    'guide.drag',
    { friction: 'guide.friction', load: 'loads.masses', count: 'guide.perRail', seal: 'guide.seal' },
  );
  return { drag, dragSource: '#guide.drag' };
}

/** Kinds whose carriages are rated by ISO 14728. */
const rated = (kind: Axis['guide']['kind']) => kind !== 'v-wheel' && kind !== 'tube-bearing';

function figuresOf(
  axis: Axis,
  mass: Quantity<'mass'>,
  worst: Busiest | undefined,
  time: Quantity<'time'>,
  sheet: Worksheet,
): GuideFigure[] {
  const { guide, demands } = axis;
  const figures: GuideFigure[] = [];
  if (worst) {
    figures.push({ id: 'carriage-load', kind: 'force', value: worst.equivalent, line: 'guide.equivalent' });
    figures.push({
      id: 'carriage-give',
      kind: 'length',
      value: sheet.apply(
        carriageGive,
        { load: quantity('force', worst.load.vertical), stiffness: guide.verticalStiffness.si },
        'guide.give',
        { load: '#guide.vertical', stiffness: 'guide.verticalStiffness' },
      ),
      line: 'guide.give',
    });
  }
  if (worst && guide.dynamicLoad && rated(guide.kind))
    figures.push({
      id: 'guide-life',
      kind: 'length',
      value: sheet.apply(
        guideLife,
        {
          rating: guide.dynamicLoad.si,
          shock: guide.shock.si,
          load: worst.equivalent,
          basis: quantity('length', guide.ratingBasis * 1000),
        },
        'guide.life',
        { rating: 'guide.dynamicLoad', shock: 'guide.shock', load: '#guide.equivalent' },
      ),
      line: 'guide.life',
    });
  if (guide.kind === 'round-rod' && guide.railLength && guide.size)
    figures.push({
      id: 'rod-sag',
      kind: 'length',
      value: rodSagOf(axis, mass, sheet),
      line: 'guide.rod-sag',
    });
  figures.push({
    id: 'grease',
    kind: 'time',
    value: sheet.apply(
      lubrication,
      { distance: quantity('length', 100e3), travel: demands.travel.si, time },
      'guide.grease',
      { travel: 'demands.travel', time: '#move-time' },
    ),
    line: 'guide.grease',
  });
  return figures;
}

function unknownsOf({ guide }: Axis, shape: PlateShape | undefined) {
  const missing = (path: string, effect: string) => ({ path, effect });
  return [
    ...(guide.railLength ? [] : [missing('guide.railLength', 'travel-chain')]),
    ...(guide.carriageSpan ? [] : [missing('guide.carriageSpan', 'travel-chain')]),
    ...(shape || guide.rails.si < 2 || guide.spacing ? [] : [missing('guide.spacing', 'carriage-loads')]),
    ...(shape || guide.carriageLength ? [] : [missing('guide.carriageLength', 'carriage-loads')]),
    ...(guide.staticLoad ? [] : [missing('guide.staticLoad', 'guide-static')]),
    ...(guide.dynamicLoad || !rated(guide.kind) ? [] : [missing('guide.dynamicLoad', 'guide-life')]),
  ];
}

/** The guide of an axis. @param mass all that moves, kg. */
export function resolveGuide(axis: Axis, mass: Quantity<'mass'>, sheet: Worksheet): ResolvedGuide {
  const shape = plateShape(axis);
  let worst: Busiest | undefined;
  // Looked for once, and only when asked: a search over drives never asks.
  const worstOf = (driveStiffness: number) =>
    (worst ??= shape && busiest(axis, mass, shape, yawHelpOf(axis, driveStiffness)));
  return {
    shape,
    yawHelp: (driveStiffness) => yawHelpOf(axis, driveStiffness),
    ...dragOf(axis, mass, shape, sheet),
    concerns: (driveStiffness, to) =>
      guideConcerns(axis, mass, shape, worstOf(driveStiffness), yawHelpOf(axis, driveStiffness), to),
    figures: (driveStiffness, time, to) => figuresOf(axis, mass, worstOf(driveStiffness), time, to),
    unknowns: unknownsOf(axis, shape),
  };
}
