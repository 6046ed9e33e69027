import { atLeast, atMost, comfort, type Verdict } from '@/core/findings';
import { naturalFrequency, rampTime, shaftTorque, topSpeed } from '@/core/motion';
import { type Quantity, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import type { Analysis } from './analysis';
import type { Check, CheckTable } from './check';
import { restingTorque } from './duty';
import { lostMotionOf, trainStiffness } from './train';

/** Lead angle over friction angle up to which self-locking is trusted. Common practice, no source. */
const LOCKING_LIMIT = 0.75;
/** Reading of an indicator on a coupling that a bearing forgives; common practice, no source. */
const RUNOUT_LIMIT = 0.05e-3;

export const railReach = defineFormula({
  id: 'fit/rail-reach',
  title: 'Travel that the rail leaves room for',
  symbols: {
    rail: { kind: 'length', tex: 'L_r', meaning: 'length of the rail' },
    span: { kind: 'length', tex: 'L_s', meaning: 'outer span of the carriages' },
    overhang: { kind: 'length', tex: 'o', meaning: 'how far a carriage may run past each end' },
  },
  result: { kind: 'length', tex: 's_{max}', meaning: 'travel that the rail allows' },
  tex: '<rail> - <span> + 2\\,<overhang>',
  citation: {
    basis: 'derived',
    text: 'Travel chain: rail length at least travel plus outer carriage span, less what may overhang',
  },
  range:
    'No margin for stops. Up to a quarter of a carriage may overhang at a loss of rating (common ' +
    'practice, no source).',
  evaluate: ({ rail, span, overhang }) => rail - span + 2 * overhang,
});

/** First natural frequency of the axis on its drive. */
export function frequencyOf(analysis: Analysis, sheet: Worksheet): Quantity<'frequency'> {
  const stiffness = trainStiffness(analysis, sheet);
  return sheet.apply(
    naturalFrequency,
    { stiffness: stiffness.value, share: analysis.share, mass: analysis.mass },
    'natural-frequency',
    { stiffness: `#${stiffness.line}`, mass: 'loads.masses' },
  );
}

const thrust =
  (code: Analysis['drive']['thrustLimit']['code']): Check =>
  ({ drive, cases }) =>
    drive.thrustLimit.code !== code
      ? undefined
      : atLeast({
          code,
          path: drive.thrustLimit.path,
          kind: 'force',
          have: drive.thrustLimit.limit,
          need: cases.cut.force,
          line: drive.thrustLimit.line,
        });

/** Torque at the output of the reducer in the worse of the two cases. */
function outputTorque({ axis, drive, cases }: Analysis, sheet: Worksheet): Quantity<'torque'> {
  const worse = cases.cut.force > cases['speed-up'].force ? cases.cut : cases['speed-up'];
  return sheet.apply(
    shaftTorque,
    {
      driveInertia: drive.inertia,
      acceleration: axis.demands.acceleration.si,
      force: worse.force,
      k: drive.k,
      efficiency: drive.efficiency,
      drag: drive.drag,
    },
    'shaft-torque',
    {
      driveInertia: drive.inertiaSource,
      acceleration: 'demands.acceleration',
      force: `#force.${worse.id}`,
      k: '#drive.k',
      efficiency: drive.efficiencySource,
      drag: drive.dragSource,
    },
  );
}

/** Checks of the drive train and of what it moves. */
export const trainChecks = {
  column: thrust('column'),
  tooth: thrust('tooth'),
  'belt-pull': thrust('belt-pull'),
  'chain-pull': thrust('chain-pull'),

  drops: (analysis, sheet) => {
    const { axis, gravity, drag, motor, mass } = analysis;
    if (Math.abs(gravity) <= drag) return undefined;
    const left = restingTorque(analysis, sheet);
    const held = motor.locks ? Infinity : motor.brake;
    // The detent may hold from rest, and lets go when the axis already moves as the power fails.
    const verdict: Verdict =
      left <= 0 || held >= left ? 'holds' : left <= motor.detent ? 'thin' : 'gives-out';
    return {
      code: 'drops',
      verdict,
      path: 'loads.counterbalance',
      kind: 'torque',
      value: left,
      limit: Math.max(motor.detent, motor.brake),
      margin: verdict === 'holds' ? Infinity : Math.max(motor.detent, motor.brake) / left,
      params: { weight: gravity, mass, sets: axis.drive.sets, brake: motor.brake },
      line: 'drops',
    };
  },

  'thin-self-lock': ({ drive, gravity, drag }) => {
    if (drive.lockingRatio === undefined || drive.lockingRatio >= 1 || Math.abs(gravity) <= drag)
      return undefined;
    return comfort(
      atMost({
        code: 'thin-self-lock',
        path: 'drive.thread.friction',
        kind: 'ratio',
        have: drive.lockingRatio,
        need: LOCKING_LIMIT,
        line: 'screw.frictionAngle',
      }),
    );
  },

  'deep-groove': ({ axis: { drive }, cases }) => {
    if (drive.kind !== 'screw') return undefined;
    const wrong = drive.thrustBearing === 'deep-groove';
    return {
      code: 'deep-groove',
      verdict: wrong ? 'thin' : 'holds',
      path: 'drive.thrustBearing',
      kind: 'force',
      value: cases.cut.force,
      limit: 0,
      margin: wrong ? 0.5 : 1,
      params: {},
      line: 'force.cut',
    };
  },

  'reducer-torque': (analysis, sheet) => {
    const limit = analysis.axis.reducer?.torqueLimit;
    return limit
      ? atLeast({
          code: 'reducer-torque',
          path: 'reducer.torqueLimit',
          kind: 'torque',
          have: limit.si,
          need: outputTorque(analysis, sheet),
          line: 'shaft-torque',
        })
      : undefined;
  },

  'coupling-torque': ({ axis: { coupling }, cases }) => {
    if (!coupling.torqueLimit) return undefined;
    const worse = cases.cut.torque > cases['speed-up'].torque ? cases.cut : cases['speed-up'];
    return atLeast({
      code: 'coupling-torque',
      path: 'coupling.torqueLimit',
      kind: 'torque',
      have: coupling.torqueLimit.si,
      need: worse.torque,
      line: worse.line,
    });
  },

  'coupling-runout': ({ axis: { coupling } }) =>
    coupling.runout
      ? comfort(
          atMost({
            code: 'coupling-runout',
            path: 'coupling.runout',
            kind: 'length',
            have: coupling.runout.si,
            need: RUNOUT_LIMIT,
          }),
        )
      : undefined,

  'lost-motion': (analysis, sheet) => {
    const allowed = analysis.axis.demands.lostMotion?.si;
    if (allowed === undefined) return undefined;
    const lost = lostMotionOf(analysis, trainStiffness(analysis, sheet), sheet);
    const found = atMost({
      code: 'lost-motion',
      path: 'demands.lostMotion',
      kind: 'length',
      have: lost.value,
      need: allowed,
      line: lost.line,
      params: { missing: lost.missing.length },
    });
    // A sum with links missing can only show that it is too much.
    return lost.missing.length && found.verdict !== 'gives-out'
      ? { ...found, path: lost.missing[0]!, verdict: 'not-known' }
      : found;
  },

  'rail-short': ({ axis: { guide, demands } }, sheet) => {
    if (!guide.railLength || !guide.carriageSpan) return undefined;
    const reach = sheet.apply(
      railReach,
      { rail: guide.railLength.si, span: guide.carriageSpan.si, overhang: guide.overhang.si },
      'rail-reach',
      { rail: 'guide.railLength', span: 'guide.carriageSpan', overhang: 'guide.overhang' },
    );
    return {
      code: 'rail-short',
      verdict: reach >= demands.travel.si ? 'holds' : 'gives-out',
      path: 'guide.railLength',
      kind: 'length',
      value: reach,
      limit: demands.travel.si,
      margin: reach / demands.travel.si,
      params: { span: guide.carriageSpan.si, overhang: guide.overhang.si },
      line: 'rail-reach',
    };
  },

  'never-reached': ({ axis: { demands } }, sheet) => {
    const top = sheet.apply(
      topSpeed,
      {
        travel: demands.travel.si,
        acceleration: demands.acceleration.si,
        jerk: demands.jerk?.si ?? quantity('jerk', Infinity),
      },
      'top-speed',
      {
        travel: 'demands.travel',
        acceleration: 'demands.acceleration',
        jerk: demands.jerk ? 'demands.jerk' : undefined,
      },
    );
    return comfort(
      atLeast({
        code: 'never-reached',
        path: 'demands.acceleration',
        kind: 'speed',
        have: top,
        need: demands.rapid.si,
        line: 'top-speed',
      }),
    );
  },

  'ramp-rings': (analysis, sheet) => {
    const { demands } = analysis.axis;
    const frequency = frequencyOf(analysis, sheet);
    const shortest = sheet.apply(rampTime, { frequency }, 'ramp-time', { frequency: '#natural-frequency' });
    return comfort(
      atLeast({
        code: 'ramp-rings',
        path: 'demands.acceleration',
        kind: 'time',
        have: demands.rapid.si / demands.acceleration.si,
        need: shortest,
        line: 'ramp-time',
        params: { frequency },
      }),
    );
  },
} satisfies CheckTable;
