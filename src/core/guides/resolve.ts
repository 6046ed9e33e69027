import type { Checked } from '@/core/findings';
import { type Axis, holdsBothSides, sideStiffness } from '@/core/model';
import { GRAVITY, type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { busiest, type Busiest, loadsIn, plateShape } from './busiest';
import { type GuideConcern, guideConcerns } from './concerns';
import { carriageGive, guideDrag, guideLife, lubrication } from './formulas';
import { rodSagOf } from './rod';
import type { PlateShape } from './plate';

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
  /** What two drives add against yaw; 0 for one. @param driveStiffness of the drive train in line, N/m. */
  readonly yawHelp: (driveStiffness: number) => number;
  readonly concerns: (driveStiffness: number, sheet: Worksheet) => readonly Checked<GuideConcern>[];
  readonly figures: (
    driveStiffness: number,
    time: Quantity<'time'>,
    sheet: Worksheet,
  ) => readonly GuideFigure[];
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
}

/** What two drives, each holding its own side, add against yaw; m² of one carriage's lateral stiffness. */
function yawHelpOf({ drive, guide }: Axis, driveStiffness: number): number {
  if (!holdsBothSides(drive)) return 0;
  const apart = guide.driveY.si ? 2 * Math.abs(guide.driveY.si) : (guide.spacing?.si ?? 0);
  return (sideStiffness(drive, driveStiffness) * apart * apart) / 2 / guide.lateralStiffness.si;
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
    : mass * GRAVITY * Math.cos(demands.inclination.si);
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
