import { isCranked, type Motor } from '@/core/model';
import type { Checked, Params } from '@/core/findings';
import { verdictOf } from '@/core/findings';
import { quantity } from '@/core/units';
import type { Analysis, RungId } from '../analysis';
import {
  againstWhip,
  askLess,
  ballScrews,
  type Candidate,
  gearing,
  leads,
  moreTorque,
  offer,
  otherDrives,
  screws,
  set,
  steps,
} from '../candidates';
import { axisCheck, type AxisSubject } from './subject';

/** The motor input that its torque hangs on. */
const torquePath = {
  stepper: 'motor.holdingTorque',
  servo: 'motor.peakTorque',
  geared: 'motor.stallTorque',
  hand: 'motor.effort',
} as const;

/** The input that a rung hangs on. */
const rungPath: Record<RungId, (analysis: Analysis) => string> = {
  whip: () => 'drive.rootDiameter',
  dn: () => 'drive.nominalDiameter',
  'nut-rubbing': () => 'drive.lead',
  'line-speed': () => 'drive.maxSpeed',
  reducer: () => 'reducer.inputSpeed',
  pulses: () => 'controller.pulseLimit',
  'motor-speed': ({ motor }) => motor.topSpeed?.source ?? 'motor.kind',
  'torque-rapid': ({ axis }) => torquePath[axis.motor.kind],
  'torque-cut': ({ axis }) => torquePath[axis.motor.kind],
};

function paramsOf(analysis: Analysis, over: number | undefined, wish: string): Params {
  const { drive } = analysis.axis;
  const cranked = isCranked(analysis.axis) ? 1 : 0;
  if (drive.kind !== 'screw') return { wish, cranked };
  return {
    wish,
    cranked,
    root: drive.rootDiameter.si,
    length: over ?? drive.betweenBearings.si,
    heat: analysis.drive.heatCompression,
    lead: drive.lead.si,
  };
}

/** A speed at which something gives out, against what is asked. */
function judgeRung<Id extends RungId>(id: Id, { analysis }: AxisSubject): Checked<Id> | undefined {
  const rung = analysis.rungs.find((r) => r.id === id);
  if (!rung) return undefined;
  const { limit, asked, line, over, wish } = rung;
  const torque = id === 'torque-rapid' ? analysis.cases['speed-up'].torque : analysis.cases.cut.torque;
  return {
    code: id,
    verdict: verdictOf(limit, asked),
    path: rungPath[id](analysis),
    kind: 'speed',
    value: limit,
    limit: asked,
    // A motor that cannot even start has limit 0 whatever is done; how far its torque is off still tells what
    // helps.
    margin: limit > 0 ? limit / asked : analysis.motor.usable(quantity('angularSpeed', 0)) / torque - 1,
    line,
    params: paramsOf(analysis, over, wish),
  };
}

type Find = (subject: AxisSubject, found: Checked) => Candidate[];

const rungCheck = <const Id extends RungId>(code: Id, candidates: Find) =>
  axisCheck({ code, judge: (subject) => judgeRung(code, subject), candidates });

/** Controllers by the class of their pulses, Hz. */
const pulseRates = [100e3, 200e3, 400e3, 1e6];
const coarserSteps = [16, 10, 8, 4];
const coarserCounts = [10_000, 4000, 2000];
const smallerRatios = [5, 4, 3, 2];

const longer = (lead: number, now: number) => lead > now;

/** Command pulses of a turn as they are set in a drive. */
const fewerCounts = (motor: Motor) =>
  'countsPerTurn' in motor
    ? steps(
        'counts',
        'motor.countsPerTurn',
        coarserCounts.filter((c) => c < motor.countsPerTurn.si),
      )
    : [];

/** Fewer pulses for the same way, or a controller that gives more of them. */
const fewerPulses: Find = ({ analysis: { axis } }, found) => {
  const { motor, driver, controller } = axis;
  const coarser =
    motor.kind === 'stepper'
      ? steps(
          'microsteps',
          'driver.microsteps',
          coarserSteps.filter((m) => m < driver.microsteps.si),
        )
      : fewerCounts(motor);
  const faster = pulseRates.filter((f) => f > controller.pulseLimit.si);
  return [
    ...coarser,
    ...steps('controller', 'controller.pulseLimit', faster),
    ...leads(axis, longer),
    ...askLess('demands.rapid', found.value, axis),
  ];
};

/** A smaller ratio turns the reducer's input more slowly. */
const slowerInput: Find = ({ analysis: { axis } }, found) => {
  const { reducer } = axis;
  const ratios =
    reducer && !reducer.pulleys
      ? smallerRatios
          .filter((r) => r < reducer.ratio.si)
          .map((r) => offer('ratio', [set('reducer.ratio', r)], { to: r }))
      : [];
  return [
    ...ratios,
    ...gearing(axis).filter((c) => c.code === 'teeth'),
    ...leads(axis, longer),
    ...askLess('demands.rapid', found.value, axis),
  ];
};

/** The speeds at which something gives out, as checks. */
export const rungChecks = [
  rungCheck('whip', ({ analysis: { axis } }, found) => [
    ...againstWhip(axis),
    ...otherDrives(axis),
    ...askLess('demands.rapid', found.value, axis),
  ]),
  rungCheck('dn', ({ analysis: { axis } }, found) => [
    ...leads(axis, longer),
    ...screws(axis, (nominal, l, now) => nominal < now.nominalDiameter.si && l >= now.lead.si),
    ...askLess('demands.rapid', found.value, axis),
  ]),
  rungCheck('nut-rubbing', ({ analysis: { axis } }, found) => [
    ...leads(axis, longer),
    ...ballScrews(axis),
    ...otherDrives(axis),
    ...askLess('demands.rapid', found.value, axis),
  ]),
  rungCheck('line-speed', ({ analysis: { axis } }, found) => askLess('demands.rapid', found.value, axis)),
  rungCheck('torque-rapid', ({ analysis: { axis } }, found) => [
    ...moreTorque(axis),
    ...otherDrives(axis),
    ...askLess('demands.rapid', found.value, axis),
  ]),
  rungCheck('torque-cut', ({ analysis: { axis } }, found) => [
    ...moreTorque(axis),
    ...otherDrives(axis),
    ...askLess('demands.feed', found.value, axis),
  ]),
  rungCheck('motor-speed', ({ analysis: { axis } }, found) => [
    ...gearing(axis),
    ...leads(axis, longer),
    ...askLess('demands.rapid', found.value, axis),
  ]),
  rungCheck('reducer', slowerInput),
  rungCheck('pulses', fewerPulses),
] as const;
