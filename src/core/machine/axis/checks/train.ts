import { atLeast, atMost, type Checked, comfort, unlessMissing, type Verdict } from '@/core/findings';
import type { ThrustCode } from '@/core/drives';
import { isCranked, putInAxis } from '@/core/model';
import { shaftTorque, torqueBehind } from '@/core/motion';
import type { Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type Analysis, movingMass } from '../analysis';
import {
  ample,
  bothSides,
  brake,
  type Candidate,
  fixings,
  gearing,
  leads,
  lessPlay,
  offer,
  same,
  screws,
  set,
  softer,
  steps,
  strongerTeeth,
  widerBelt,
} from '../candidates';
import { creditOf, holdingDrag, restingTorque } from '../duty';
import { lostMotionOf } from '../train';
import { axisCheck, type AxisSubject } from './subject';

/** Lead angle over friction angle up to which self-locking is trusted. Common practice, no source. */
const LOCKING_LIMIT = 0.75;
/** Reading of an indicator on a coupling that a bearing forgives, m; common practice, no source. */
const RUNOUT_LIMIT = 0.05e-3;
/** Reading of a coupling that was bored true, m; common practice, no source. */
const TRUE_COUPLING = 0.02e-3;
/** A coupling is picked with half as much again; common practice, no source. */
const COUPLING_TO_SPARE = 1.5;
/** Margin of a bearing that is of the wrong kind: it neither holds nor fails by a figure. */
const WRONG_KIND = 0.5;

type Find = (subject: AxisSubject, found: Checked) => Candidate[];

/** Thrust at which a drive of one kind buckles or breaks. */
const thrustCheck = <const Code extends ThrustCode>(code: Code, candidates: Find) =>
  axisCheck({
    code,
    judge: ({ analysis: { drive, cases } }) => {
      const { thrustLimit } = drive;
      if (thrustLimit?.code !== code) return undefined;
      const { path, limit, line } = thrustLimit;
      return atLeast({ code, path, kind: 'force', have: limit, need: cases.cut.force, line });
    },
    candidates,
  });

/** The case that asks more of what is compared. */
const worseCase = ({ cases }: Analysis, of: 'force' | 'torque') =>
  cases.cut[of] > cases['speed-up'][of] ? cases.cut : cases['speed-up'];

/** Torque at the output of the reducer in the worse of the two cases. */
function outputTorque(analysis: Analysis, sheet: Worksheet): Quantity<'torque'> {
  const { axis, drive } = analysis;
  const worse = worseCase(analysis, 'force');
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

const drops = axisCheck({
  code: 'drops',
  judge: ({ analysis, sheet }) => {
    const { axis, gravity, motor } = analysis;
    if (Math.abs(gravity) <= holdingDrag(analysis, sheet)) return undefined;
    const left = restingTorque(analysis, sheet);
    const held = motor.locks ? Infinity : motor.brake;
    const guessed = creditOf([axis.motor.kind === 'stepper' ? axis.motor.detentTorque : null]);
    const detent = guessed * motor.detent;
    const most = Math.max(detent, motor.brake);
    // The detent may hold from rest, and lets go when the axis already moves as the power fails.
    const verdict: Verdict = left <= 0 || held >= left ? 'holds' : left <= detent ? 'thin' : 'gives-out';
    return {
      code: 'drops',
      verdict,
      path: 'loads.counterbalance',
      kind: 'torque',
      value: left,
      limit: most,
      margin: verdict === 'holds' ? Infinity : most / left,
      params: {
        weight: gravity,
        mass: movingMass(axis),
        sets: axis.drive.sets,
        brake: motor.brake,
        cranked: isCranked(axis) ? 1 : 0,
      },
      line: 'drops',
    };
  },
  candidates: ({ analysis: { axis, gravity } }, found) => {
    const to = gravity + axis.loads.counterbalance.si;
    return [
      // A brake holds whatever the weight becomes; a counterbalance only the weight that it was set to.
      ...brake(found.value, axis),
      ...(gravity > 0
        ? [offer('counterbalance', [set('loads.counterbalance', Math.round(to))], { to })]
        : []),
      ...leads(axis, (l, now) => l < now),
    ];
  },
});

const thinSelfLock = axisCheck({
  code: 'thin-self-lock',
  judge: ({ analysis: { drive, gravity, drag } }) => {
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
  candidates: ({ analysis: { axis } }) => leads(axis, (l, now) => l < now),
});

const deepGroove = axisCheck({
  code: 'deep-groove',
  judge: ({ analysis: { axis, cases } }) => {
    if (axis.drive.kind !== 'screw') return undefined;
    const wrong = axis.drive.thrustBearing === 'deep-groove';
    return {
      code: 'deep-groove',
      verdict: wrong ? 'thin' : 'holds',
      path: 'drive.thrustBearing',
      kind: 'force',
      value: cases.cut.force,
      limit: 0,
      margin: wrong ? WRONG_KIND : 1,
      params: {},
      line: 'force.cut',
    };
  },
  candidates: () => [offer('angular-contact', [putInAxis('drive.thrustBearing', 'angular-contact')])],
});

const reducerTorque = axisCheck({
  code: 'reducer-torque',
  judge: ({ analysis, sheet }) => {
    const limit = analysis.axis.reducer?.torqueLimit;
    if (!limit) return undefined;
    return atLeast({
      code: 'reducer-torque',
      path: 'reducer.torqueLimit',
      kind: 'torque',
      have: limit.si,
      need: outputTorque(analysis, sheet),
      line: 'shaft-torque',
    });
  },
  candidates: ({ analysis: { axis } }, found) => [
    ...steps('bigger-reducer', 'reducer.torqueLimit', [ample(found.limit)]),
    ...gearing(axis).filter((c) => c.code === 'teeth'),
    ...softer(axis),
  ],
});

/** Torque that the coupling carries: that of the motor, or behind a reducer what becomes of it. */
function torqueCoupled({ analysis, sheet }: AxisSubject): { torque: number; line: string } {
  const { coupling, reducer } = analysis.axis;
  const { torque, line } = worseCase(analysis, 'torque');
  if (!reducer || coupling.place === 'motor') return { torque, line };
  const given = { torque, ratio: reducer.ratio.si, efficiency: reducer.efficiency.si };
  const sources = { torque: `#${line}`, ratio: 'reducer.ratio', efficiency: 'reducer.efficiency' };
  return { torque: sheet.apply(torqueBehind, given, 'coupling.torque', sources), line: 'coupling.torque' };
}

const couplingTorque = axisCheck({
  code: 'coupling-torque',
  judge: (subject) => {
    const { torqueLimit } = subject.analysis.axis.coupling;
    if (!torqueLimit) return undefined;
    const worse = torqueCoupled(subject);
    return atLeast({
      code: 'coupling-torque',
      path: 'coupling.torqueLimit',
      kind: 'torque',
      have: torqueLimit.si,
      need: worse.torque,
      line: worse.line,
    });
  },
  candidates: ({ analysis: { axis } }, found) => [
    ...steps('bigger-coupling', 'coupling.torqueLimit', [ample(found.limit, COUPLING_TO_SPARE)]),
    ...softer(axis),
  ],
});

const couplingRunout = axisCheck({
  code: 'coupling-runout',
  judge: ({ analysis: { axis } }) => {
    const { runout } = axis.coupling;
    if (!runout) return undefined;
    return comfort(
      atMost({
        code: 'coupling-runout',
        path: 'coupling.runout',
        kind: 'length',
        have: runout.si,
        need: RUNOUT_LIMIT,
      }),
    );
  },
  candidates: () => steps('truer-coupling', 'coupling.runout', [TRUE_COUPLING]),
});

const lostMotion = axisCheck({
  code: 'lost-motion',
  judge: ({ analysis, stiffness, sheet }) => {
    const allowed = analysis.axis.demands.lostMotion?.si;
    if (allowed === undefined) return undefined;
    const lost = lostMotionOf(analysis, stiffness, sheet);
    const found = unlessMissing(
      atMost({
        code: 'lost-motion',
        path: 'demands.lostMotion',
        kind: 'length',
        have: lost.value,
        need: allowed,
        line: lost.line,
        params: { missing: lost.missing.length },
      }),
      lost.missing.length,
    );
    return found.verdict === 'not-known' ? { ...found, path: lost.missing[0]! } : found;
  },
  candidates: ({ analysis: { axis } }) => lessPlay(axis),
});

/** Checks of the drive train and of what it holds. */
export const trainChecks = [
  thrustCheck('column', ({ analysis: { axis } }) => [
    ...screws(axis, (nominal, lead, now) => nominal > now.nominalDiameter.si && same(lead, now.lead.si)),
    ...fixings(axis),
  ]),
  thrustCheck('tooth', ({ analysis: { axis } }) => [...strongerTeeth(axis), ...bothSides(axis)]),
  thrustCheck('belt-pull', ({ analysis: { axis } }, found) => [
    ...widerBelt(axis, found.limit / found.value),
    ...bothSides(axis),
    ...softer(axis),
  ]),
  thrustCheck('pin-load', () => []),
  thrustCheck('chain-pull', ({ analysis: { axis } }) => [...bothSides(axis), ...softer(axis)]),
  drops,
  thinSelfLock,
  deepGroove,
  reducerTorque,
  couplingTorque,
  couplingRunout,
  lostMotion,
] as const;
