import type { Project } from '../document';
import { type AxisRule, type Broken, SLACK, type SliceRules } from '../rule';
import { driveRules } from './rules-drive';
import type { Axis } from './schema';

/** Teeth and a typed ratio say the same up to the digits that people type. */
const RATIO_AGREEMENT = 1e-3;
/** A read-off torque curve may rise a little from point to point; one that rises more is out of order. */
const CURVE_RISE = 1.05;

const rules = {
  ...driveRules,
  'feed-above-rapid': {
    paths: ['demands.feed', 'demands.rapid'],
    check: ({ demands: { feed, rapid } }) =>
      feed.si <= rapid.si * (1 + SLACK) ? undefined : { feed: feed.si, rapid: rapid.si },
  },
  'voltage-above-driver': {
    paths: ['supply.voltage', 'driver.maxVoltage'],
    check: ({ supply, driver }) =>
      !driver.maxVoltage || supply.voltage.si <= driver.maxVoltage.si
        ? undefined
        : { supply: supply.voltage.si, limit: driver.maxVoltage.si },
  },
  'current-above-driver': {
    paths: ['driver.setCurrent', 'driver.maxCurrent'],
    check: ({ driver: { setCurrent, maxCurrent } }) =>
      !maxCurrent || setCurrent.si <= maxCurrent.si
        ? undefined
        : { current: setCurrent.si, limit: maxCurrent.si },
  },
  'carriages-overlap': {
    paths: ['guide.carriageSpan', 'guide.carriageLength', 'guide.perRail'],
    check: ({ guide: { carriageSpan, carriageLength, perRail } }) =>
      !carriageSpan || !carriageLength || carriageSpan.si >= perRail.si * carriageLength.si - SLACK
        ? undefined
        : { count: perRail.si, length: carriageLength.si, span: carriageSpan.si },
  },
  'span-beyond-rail': {
    paths: ['guide.carriageSpan', 'guide.railLength'],
    check: ({ guide: { carriageSpan, railLength } }) =>
      !carriageSpan || !railLength || carriageSpan.si <= railLength.si + SLACK
        ? undefined
        : { span: carriageSpan.si, rail: railLength.si },
  },
  'overhang-too-long': {
    paths: ['guide.overhang', 'guide.carriageLength'],
    // Beyond half a carriage the balls of the loaded half leave the rail.
    check: ({ guide: { overhang, carriageLength } }) =>
      !carriageLength || overhang.si <= 0.5 * carriageLength.si + SLACK
        ? undefined
        : { overhang: overhang.si, carriage: carriageLength.si },
  },
  'single-rail-tips': {
    paths: ['guide.rails', 'guide.kind'],
    check: ({ guide: { kind, rails } }) =>
      rails.si > 1 || kind === 'profile' || kind === 'miniature' ? undefined : {},
  },
  'pulleys-against-ratio': {
    paths: ['reducer.pulleys.motorTeeth', 'reducer.pulleys.driveTeeth', 'reducer.ratio'],
    check: ({ reducer }) => {
      if (!reducer?.pulleys) return undefined;
      const [motor, drive] = [reducer.pulleys.motorTeeth.si, reducer.pulleys.driveTeeth.si];
      const teeth = drive / motor;
      if (Math.abs(teeth / reducer.ratio.si - 1) < RATIO_AGREEMENT) return undefined;
      const swapped = Math.abs(teeth * reducer.ratio.si - 1) < RATIO_AGREEMENT;
      return { motor, drive, teeth, ratio: reducer.ratio.si, swapped: swapped ? 1 : 0 };
    },
  },
  'pulleys-overlap': {
    paths: [
      'reducer.pulleys.centreDistance',
      'reducer.pulleys.motorTeeth',
      'reducer.pulleys.driveTeeth',
      'reducer.pulleys.pitch',
    ],
    check: ({ reducer }) => {
      if (!reducer?.pulleys) return undefined;
      const { motorTeeth, driveTeeth, pitch, centreDistance } = reducer.pulleys;
      const least = ((motorTeeth.si + driveTeeth.si) * pitch.si) / (2 * Math.PI);
      return centreDistance.si > least ? undefined : { centre: centreDistance.si, least };
    },
  },
  'pulleys-need-belt': {
    paths: ['reducer.kind'],
    check: ({ reducer }) => (!reducer?.pulleys || reducer.kind === 'belt' ? undefined : {}),
  },
  'peak-below-rated': {
    paths: ['motor.peakTorque', 'motor.ratedTorque'],
    check: ({ motor }) =>
      motor.kind !== 'servo' || motor.peakTorque.si >= motor.ratedTorque.si
        ? undefined
        : { peak: motor.peakTorque.si, rated: motor.ratedTorque.si },
  },
  'stall-below-rated': {
    paths: ['motor.stallTorque', 'motor.ratedTorque'],
    check: ({ motor }) =>
      motor.kind !== 'geared' || motor.stallTorque.si >= motor.ratedTorque.si
        ? undefined
        : { stall: motor.stallTorque.si, rated: motor.ratedTorque.si },
  },
  'rated-above-max-speed': {
    paths: ['motor.ratedSpeed', 'motor.maxSpeed'],
    check: ({ motor }) =>
      motor.kind !== 'servo' || motor.ratedSpeed.si <= motor.maxSpeed.si * (1 + SLACK)
        ? undefined
        : { rated: motor.ratedSpeed.si, highest: motor.maxSpeed.si },
  },
  'curve-not-falling': {
    paths: ['motor.curve'],
    check: ({ motor }) => {
      if (motor.kind !== 'stepper' || !motor.curve) return undefined;
      const { points } = motor.curve;
      const at = points.findIndex((p, i) => {
        const before = points[i - 1];
        if (!before) return false;
        return p.speed.si <= before.speed.si || p.torque.si > before.torque.si * CURVE_RISE + 1e-9;
      });
      return at < 0 ? undefined : { point: at + 1 };
    },
  },
} satisfies Record<string, AxisRule>;

export type AxisRuleCode = keyof typeof rules;

/** Rules between the fields of one axis, by their codes. */
export const axisRules = Object.entries(rules) as [AxisRuleCode, AxisRule][];

/** Whether an axis rides, through others, on itself. */
function ring({ axes }: Project, axis: Axis): boolean {
  let at: Axis | undefined = axis;
  for (let step = 0; step <= axes.length && at?.carriedBy; step++) {
    const below: string = at.carriedBy;
    at = axes.find((a) => a.id === below);
    if (at === axis) return true;
  }
  return false;
}

export type CarryRuleCode = 'rides-on-nothing' | 'rides-on-itself' | 'nothing-moves';

/** Who carries whom, and that something moves. */
export const carryRules: SliceRules<CarryRuleCode> = (project) =>
  project.axes.flatMap((axis, i) => {
    const path = `axes.${i}.carriedBy`;
    const found: Broken<CarryRuleCode>[] = [];
    if (axis.carriedBy !== null && !project.axes.some((a) => a.id === axis.carriedBy))
      found.push({ code: 'rides-on-nothing', path, read: axis.carriedBy });
    else if (ring(project, axis)) found.push({ code: 'rides-on-itself', path, read: axis.carriedBy ?? '' });
    const ridden = project.axes.some((a) => a.carriedBy === axis.id);
    if (!axis.loads.masses.length && !ridden)
      found.push({ code: 'nothing-moves', path: `axes.${i}.loads.masses` });
    return found;
  });
