import { fitFromVersion6, fitFromVersion7 } from '../fit/migrations';
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

/** An axis from version 5 to 6: nobody had said how it goes together along its travel. */
const axisFromVersion5 = (old: Doc): Doc => ({
  ...old,
  fit: {
    driveStart: null,
    driveOffset: null,
    thread: null,
    rack: null,
    nut: null,
    housing: null,
    clamp: null,
    stops: { near: null, far: null },
    crash: null,
    scatter: null,
    margin: null,
    reaction: null,
  },
});

/** An axis from version 6 to 7: each end by itself, stack-ups, how it finds its zero. */
const axisFromVersion6 = (old: Doc): Doc => ({ ...old, fit: fitFromVersion6(old.fit as Doc) });

/** An axis from version 7 to 8: more of how it goes together. */
const axisFromVersion7 = (old: Doc): Doc => ({ ...old, fit: fitFromVersion7(old.fit as Doc) });

/** An axis from version 17 to 18: what balances it was one force. */
const axisFromVersion17 = (old: Doc): Doc => ({ ...old, loads: { ...(old.loads as Doc), balance: [] } });

/** Every axis of a document taken one version on, those that were put by too. */
const everyAxis = (document: Doc, on: (old: Doc) => Doc): Doc => ({
  axes: (document.axes as Doc[]).map(on),
  pins: (document.pins as Doc[]).map((pin) => ({ ...pin, axis: on(pin.axis as Doc) })),
});

/** Steps of the axes from version to version. */
export const axesSteps: SliceSteps = {
  1: (document) => ({ axes: (document.axes as Doc[]).map(axisFromVersion1), pins: [] }),
  2: (document) => everyAxis(document, axisFromVersion2),
  4: (document) => everyAxis(document, axisFromVersion4),
  5: (document) => everyAxis(document, axisFromVersion5),
  6: (document) => everyAxis(document, axisFromVersion6),
  7: (document) => everyAxis(document, axisFromVersion7),
  17: (document) => everyAxis(document, axisFromVersion17),
};
