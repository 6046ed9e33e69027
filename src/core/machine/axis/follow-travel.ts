import { fit } from '@/core/fit';
import type { Axis, AxisFieldPath, Edit, Measure } from '@/core/model';
import { quantity } from '@/core/units';
import { set } from './candidates';

/** Lengths of an axis that a longer travel may have to carry along. */
export const followers = [
  'drive.betweenBearings',
  'drive.centreDistance',
  'guide.railLength',
] as const satisfies readonly AxisFieldPath[];

/** Lengths that follow are rounded up to whole millimetres, as they are cut. */
const MILLIMETRE = 1e-3;

const NONE = quantity('length', 0);

/** Whether the rail leaves room for a travel; one whose length is not known does. */
function railHolds({ guide }: Axis, travel: number): boolean {
  if (!guide.railLength) return true;
  const span = guide.carriageSpan?.si ?? NONE;
  return fit.railReach.evaluate({ rail: guide.railLength.si, span, overhang: guide.overhang.si }) >= travel;
}

/** Whether what drives the axis is long enough for a travel. */
function driveHolds({ drive }: Axis, travel: number): boolean {
  if (drive.kind === 'rack') return true;
  if (drive.kind === 'crank') return 2 * drive.crankRadius.si >= travel;
  if (drive.kind !== 'screw') return drive.centreDistance.si > travel;
  return drive.betweenBearings.si >= travel + (drive.nutOffset?.si ?? 0);
}

/**
 * What must grow with the travel of an axis: a screw that would be too short, a belt or chain, a rail. Each
 * grows by what the travel grows, so that what it had beyond the travel stays as it was.
 * @param axis as it is now. @param to travel that is wanted, m.
 * @returns edits inside the axis; none where all is long enough, or where the travel shrinks.
 */
export function followTravel(axis: Axis, to: number): Edit[] {
  const { drive, guide, demands } = axis;
  const more = to - demands.travel.si;
  if (more <= 0) return [];
  // What nobody had said nobody has said now.
  const grown = (path: AxisFieldPath, { si, basis }: Measure): Edit =>
    set(
      path,
      Math.ceil((si + more) / MILLIMETRE - 1e-6) * MILLIMETRE,
      basis === 'ours' ? 'ours' : 'estimate',
    );
  const edits: Edit[] = [];
  if (!driveHolds(axis, to)) {
    if (drive.kind === 'screw') edits.push(grown('drive.betweenBearings', drive.betweenBearings));
    else if (drive.kind === 'crank') edits.push(set('drive.crankRadius', to / 2));
    else if (drive.kind !== 'rack') edits.push(grown('drive.centreDistance', drive.centreDistance));
  }
  if (railHolds(axis, demands.travel.si) && !railHolds(axis, to))
    edits.push(grown('guide.railLength', guide.railLength!));
  return edits;
}
