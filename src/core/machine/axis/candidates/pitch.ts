import { type Axis, putInAxis } from '@/core/model';
import { type Candidate, offer, set, steps } from './edits';

/** Classes of ball screws from coarse to fine; those from T5 on are ground (ISO 3408-3, common practice). */
const classes = ['T10', 'T7', 'T5', 'T3'] as const;
const GROUND_FROM = classes.indexOf('T5');
/** Cumulative pitch errors of racks of a metre as they are sold, m; memory. */
const rackErrors = [0.1e-3, 0.05e-3, 0.03e-3];
/** What a drive still warms by over its frame when it was warmed up before it was set, K; memory. */
const AFTER_WARM_UP = 2;

/** A finer screw or rack. */
function finerPitch({ drive }: Axis): Candidate[] {
  if (drive.kind === 'rack')
    return steps(
      'finer-rack',
      'drive.pitchError',
      rackErrors.filter((e) => e < drive.pitchError.si),
    );
  if (drive.kind !== 'screw' || drive.thread.kind !== 'ball') return [];
  const now = classes.indexOf(drive.thread.accuracyClass);
  return classes.slice(now + 1).map((to, i) => {
    const ground = now + 1 + i >= GROUND_FROM;
    const edits = [putInAxis('drive.thread.accuracyClass', to)];
    if (ground) edits.push(putInAxis('drive.thread.making', 'ground'));
    return offer('finer-class', edits, { to });
  });
}

/** A way of the axis that is truer: steps set by measuring, a table, a finer drive, a warm one. */
export function truerWay(axis: Axis): Candidate[] {
  const { calibration } = axis.controller;
  const put = (to: 'steps' | 'map') => [putInAxis('controller.calibration', to)];
  return [
    ...(calibration === 'none' ? [offer('calibrate', put('steps'))] : []),
    // A table is for what is left when the steps are right.
    ...(calibration === 'steps' ? [offer('error-map', put('map'))] : []),
    ...finerPitch(axis),
    ...('temperatureRise' in axis.drive && axis.drive.temperatureRise.si > AFTER_WARM_UP
      ? [offer('warm-up', [set('drive.temperatureRise', AFTER_WARM_UP)], { to: AFTER_WARM_UP })]
      : []),
  ];
}
