import type { Axis } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import { type GuideCaseId, guideCases, plateLoad } from './cases';
import {
  carriageLoad,
  type CarriageLoad,
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

/** The carriage that is pulled away from its rail the most, over all cases; N, 0 or less: none is. */
export function mostLifted(
  axis: Axis,
  mass: number,
  shape: PlateShape,
  yawHelp: number,
): { readonly at: GuideCaseId; readonly force: number } {
  const cases = guideCases(axis);
  let most = { at: cases[0]!.id, force: -Infinity };
  cases.forEach((one, index) => {
    for (const { vertical } of loadsIn(axis, mass, shape, yawHelp, index))
      if (vertical > most.force) most = { at: one.id, force: vertical };
  });
  return most;
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
