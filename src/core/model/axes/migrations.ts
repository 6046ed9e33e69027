import type { Doc, SliceSteps } from '../slice';
import { axisFromVersion1 } from './from-version-1';

/**
 * An axis from version 2 to 3. Version 2 asked for everything that moves on every axis, so no axis carries
 * another and each keeps its list; cutting forces stay typed. No answer changes.
 */
function axisFromVersion2(old: Doc): Doc {
  const loads = old.loads as Doc;
  return {
    ...old,
    carriedBy: null,
    demands: { ...(old.demands as Doc), cuttingFrom: 'typed' },
    loads: { ...loads, masses: (loads.masses as Doc[]).map((body) => ({ ...body, shape: null })) },
  };
}

/**
 * What a screw was not asked before version 5: how long its nut is and of what, and what nut and bearings
 * bear. Ratings stay open. A plain nut is taken as bronze, one in halves as plastic, as most are; its length
 * is one that nobody has said: ours, one and a half diameters.
 */
function screwFromVersion4(drive: Doc): Doc {
  const thread = drive.thread as Doc;
  const length = Math.round(1.5 * (drive.nominalDiameter as { si: number }).si * 1e3);
  const asked =
    thread.kind === 'ball'
      ? { staticLoad: null }
      : {
          nutMaterial: thread.nut === 'compensated' ? 'plastic' : 'bronze',
          nutLength: { typed: `${length} mm`, si: length / 1e3, basis: 'ours' },
        };
  return {
    ...drive,
    thread: { ...thread, ...asked },
    bearingDynamicLoad: null,
    bearingStaticLoad: null,
  };
}

/**
 * An axis from version 4 to 5. A number may be "ours" since. Which estimates of an older file nobody has
 * looked at cannot be told any more, so they stay estimates: a number in a file counts as its owner's. A
 * coupling was always taken to sit on the shaft of the motor.
 */
const axisFromVersion4 = (old: Doc): Doc => ({
  ...old,
  drive: (old.drive as Doc).kind === 'screw' ? screwFromVersion4(old.drive as Doc) : old.drive,
  coupling: { ...(old.coupling as Doc), place: 'motor' },
  guide: { ...(old.guide as Doc), grip: 'unknown', offPlane: null, plate: null },
  // Errors were always counted as if nobody had measured.
  controller: { ...(old.controller as Doc), calibration: 'none' },
});

/** Steps of the axes from version to version. */
export const axesSteps: SliceSteps = {
  1: (document) => ({ axes: (document.axes as Doc[]).map(axisFromVersion1), pins: [] }),
  2: (document) => ({
    axes: (document.axes as Doc[]).map(axisFromVersion2),
    pins: (document.pins as Doc[]).map((pin) => ({ ...pin, axis: axisFromVersion2(pin.axis as Doc) })),
  }),
  4: (document) => ({
    axes: (document.axes as Doc[]).map(axisFromVersion4),
    pins: (document.pins as Doc[]).map((pin) => ({ ...pin, axis: axisFromVersion4(pin.axis as Doc) })),
  }),
};
