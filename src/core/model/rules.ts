import type { Issue } from '@/core/findings';
import { mm, type Rule, SLACK, speed } from './rule';
import { driveRules } from './rules-drive';
import { machineIssues } from './rules-machine';
import type { Axis, Project } from './schema';

const rules: readonly Rule[] = [
  ...driveRules,
  {
    code: 'feed-above-rapid',
    paths: ['demands.feed', 'demands.rapid'],
    check: ({ demands }) =>
      demands.feed.si <= demands.rapid.si * (1 + SLACK)
        ? undefined
        : {
            read: `feed ${speed(demands.feed.si)}, rapid ${speed(demands.rapid.si)}`,
            wanted: 'a feed no higher than the rapid',
            why: 'controllers never cut faster than the axis may travel',
          },
  },
  {
    code: 'voltage-above-driver',
    paths: ['supply.voltage', 'driver.maxVoltage'],
    check: ({ supply, driver }) =>
      !driver.maxVoltage || supply.voltage.si <= driver.maxVoltage.si
        ? undefined
        : {
            read: `supply ${supply.voltage.si} V, driver limit ${driver.maxVoltage.si} V`,
            wanted: 'a supply no higher than the driver’s limit',
            why: 'the driver fails at once above it, and braking lifts the voltage further',
          },
  },
  {
    code: 'current-above-driver',
    paths: ['driver.setCurrent', 'driver.maxCurrent'],
    check: ({ driver }) =>
      !driver.maxCurrent || driver.setCurrent.si <= driver.maxCurrent.si
        ? undefined
        : {
            read: `set to ${driver.setCurrent.si} A, driver limit ${driver.maxCurrent.si} A`,
            wanted: 'a current no higher than the driver can give',
          },
  },
  {
    code: 'carriages-overlap',
    paths: ['guide.carriageSpan', 'guide.carriageLength', 'guide.perRail'],
    check: ({ guide: { carriageSpan, carriageLength, perRail } }) =>
      !carriageSpan || !carriageLength || carriageSpan.si >= perRail.si * carriageLength.si - SLACK
        ? undefined
        : {
            read: `${perRail.si} carriages of ${mm(carriageLength.si)} in a span of ${mm(carriageSpan.si)}`,
            wanted: `a span of ${mm(perRail.si * carriageLength.si)} or more`,
            why:
              'carriages on one rail stand one behind the other and may not stand outside the plate ' +
              'that they carry',
          },
  },
  {
    code: 'span-beyond-rail',
    paths: ['guide.carriageSpan', 'guide.railLength'],
    check: ({ guide: { carriageSpan, railLength } }) =>
      !carriageSpan || !railLength || carriageSpan.si <= railLength.si + SLACK
        ? undefined
        : {
            read: `carriages over ${mm(carriageSpan.si)}, rail ${mm(railLength.si)}`,
            wanted: 'carriages that stand on the rail',
          },
  },
  {
    code: 'overhang-too-long',
    paths: ['guide.overhang', 'guide.carriageLength'],
    check: ({ guide: { overhang, carriageLength } }) =>
      !carriageLength || overhang.si <= 0.5 * carriageLength.si + SLACK
        ? undefined
        : {
            read: `overhang ${mm(overhang.si)}, carriage ${mm(carriageLength.si)}`,
            wanted: 'no more than half a carriage past the end of the rail',
            why: 'beyond that the balls of the loaded half leave the rail',
          },
  },
  {
    code: 'single-rail-tips',
    paths: ['guide.rails', 'guide.kind'],
    check: ({ guide: { kind, rails } }) =>
      rails.si > 1 || kind === 'profile' || kind === 'miniature'
        ? undefined
        : {
            read: 'one rail',
            wanted: 'two rails or more',
            why:
              'a carriage on round rod or wheels turns about its rail; only profile rails ' +
              'take that moment',
          },
  },
  {
    code: 'pulleys-against-ratio',
    paths: ['reducer.pulleys.motorTeeth', 'reducer.pulleys.driveTeeth', 'reducer.ratio'],
    check: ({ reducer }) => {
      if (!reducer?.pulleys) return undefined;
      const { motorTeeth, driveTeeth } = reducer.pulleys;
      const teeth = driveTeeth.si / motorTeeth.si;
      if (Math.abs(teeth / reducer.ratio.si - 1) < 1e-3) return undefined;
      const swapped = Math.abs(teeth * reducer.ratio.si - 1) < 1e-3;
      return {
        read:
          `${motorTeeth.si} teeth on the motor, ${driveTeeth.si} on the drive ` +
          `(${Number(teeth.toFixed(3))} : 1), ratio ${Number(reducer.ratio.si.toFixed(3))} : 1`,
        wanted: 'teeth and ratio that say the same',
        ...(swapped ? { why: 'the two pulleys look swapped' } : {}),
      };
    },
  },
  {
    code: 'pulleys-need-belt',
    paths: ['reducer.kind'],
    check: ({ reducer }) =>
      !reducer?.pulleys || reducer.kind === 'belt'
        ? undefined
        : { read: 'pulleys in a planetary reducer', wanted: 'pulleys only in a belt stage' },
  },
  {
    code: 'peak-below-rated',
    paths: ['motor.peakTorque', 'motor.ratedTorque'],
    check: ({ motor }) =>
      motor.kind !== 'servo' || motor.peakTorque.si >= motor.ratedTorque.si
        ? undefined
        : {
            read: `peak ${motor.peakTorque.si} N·m, rated ${motor.ratedTorque.si} N·m`,
            wanted: 'a peak torque no lower than the rated torque',
          },
  },
  {
    code: 'stall-below-rated',
    paths: ['motor.stallTorque', 'motor.ratedTorque'],
    check: ({ motor }) =>
      motor.kind !== 'geared' || motor.stallTorque.si >= motor.ratedTorque.si
        ? undefined
        : {
            read: `stall ${motor.stallTorque.si} N·m, rated ${motor.ratedTorque.si} N·m`,
            wanted: 'a stall torque no lower than the rated torque',
          },
  },
  {
    code: 'rated-above-max-speed',
    paths: ['motor.ratedSpeed', 'motor.maxSpeed'],
    check: ({ motor }) =>
      motor.kind !== 'servo' || motor.ratedSpeed.si <= motor.maxSpeed.si * (1 + SLACK)
        ? undefined
        : {
            read: 'a rated speed above the highest speed',
            wanted: 'a rated speed no higher than the highest speed',
          },
  },
  {
    code: 'curve-not-falling',
    paths: ['motor.curve'],
    check: ({ motor }) => {
      if (motor.kind !== 'stepper' || !motor.curve) return undefined;
      const { points } = motor.curve;
      // A little rise is how read-off curves come; a list that is out of order is not.
      const at = points.findIndex(
        (p, i) =>
          i > 0 &&
          (p.speed.si <= points[i - 1]!.speed.si || p.torque.si > points[i - 1]!.torque.si * 1.05 + 1e-9),
      );
      return at < 0
        ? undefined
        : {
            read: `point ${at + 1} of the torque curve`,
            wanted: 'points in order of speed, with torque that falls',
            why: 'a torque curve that rises by more than 5 % from one point to the next was read off wrongly',
          };
    },
  },
];

/**
 * Rules between the fields of one axis.
 * @param touched the path that was just edited; the issue names it where it takes part in the rule.
 */
export function axisIssues(axis: Axis, touched?: string): Issue[] {
  return rules.flatMap((rule) => {
    const found = rule.check(axis);
    if (!found) return [];
    const at = touched && rule.paths.includes(touched) ? touched : rule.paths[0]!;
    return [{ code: rule.code, path: at.split('.'), ...found }];
  });
}

/** Rules between the fields of a whole project, those of each axis included. */
export function projectIssues(project: Project): Issue[] {
  const issues: Issue[] = project.axes.flatMap((axis, i) =>
    axisIssues(axis).map((issue) => ({ ...issue, path: ['axes', i, ...issue.path] })),
  );
  project.pins.forEach((pin, i) =>
    issues.push(
      ...axisIssues(pin.axis).map((issue) => ({ ...issue, path: ['pins', i, 'axis', ...issue.path] })),
    ),
  );
  const seen = new Map<string, number>();
  project.axes.forEach((axis, i) => {
    if (seen.has(axis.id))
      issues.push({
        code: 'id-twice',
        path: ['axes', i, 'id'],
        read: axis.id,
        wanted: 'an id that no other axis has',
      });
    seen.set(axis.id, i);
  });
  issues.push(...machineIssues(project));
  return issues;
}
