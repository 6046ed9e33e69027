import type { Issue } from '@/core/findings';
import { formatQuantity } from '@/core/units';
import type { Axis, Project } from './schema';

const mm = (si: number) => formatQuantity('length', si, 'metric', 6).text;
const speed = (si: number) => formatQuantity('speed', si, 'metric', 4).text;
/** Rounding of inches typed against millimetres typed must not trip a rule. */
const SLACK = 1e-6;

/** One rule between fields of an axis: which field is at fault, when, and why. */
interface Rule {
  readonly code: string;
  /** Every path that takes part; the field that was just typed is named if it is one of them. */
  readonly paths: readonly string[];
  readonly check: (axis: Axis) => Pick<Issue, 'read' | 'wanted' | 'why'> | undefined;
}

const rules: readonly Rule[] = [
  {
    code: 'feed-above-rapid',
    paths: ['demands.feed', 'demands.rapid'],
    check: ({ demands }) =>
      demands.feed.si <= demands.rapid.si * (1 + SLACK) ? undefined : {
        read: `feed ${speed(demands.feed.si)}, rapid ${speed(demands.rapid.si)}`,
        wanted: 'a feed no higher than the rapid',
        why: 'controllers never cut faster than the axis may travel',
      },
  },
  {
    code: 'root-not-below-nominal',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: ({ drive }) =>
      drive.rootDiameter.si < drive.nominalDiameter.si ? undefined : {
        read: `root ${mm(drive.rootDiameter.si)}, nominal ${mm(drive.nominalDiameter.si)}`,
        wanted: 'a root diameter below the nominal diameter',
        why: 'the thread is cut or rolled into the nominal diameter, so its root is always smaller',
      },
  },
  {
    code: 'root-too-deep',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: ({ drive }) =>
      drive.rootDiameter.si >= 0.5 * drive.nominalDiameter.si ? undefined : {
        read: `root ${mm(drive.rootDiameter.si)}, nominal ${mm(drive.nominalDiameter.si)}`,
        wanted: 'a root diameter of at least half the nominal diameter',
        why: 'no drive screw is threaded deeper; one of the two figures belongs to another screw',
      },
  },
  {
    code: 'thread-deeper-than-pitch',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter', 'drive.lead', 'drive.starts'],
    check: ({ drive }) => {
      const pitch = drive.lead.si / drive.starts.si;
      const depth = (drive.nominalDiameter.si - drive.rootDiameter.si) / 2;
      return depth <= 1.1 * pitch ? undefined : {
        read: `thread depth ${mm(depth)}, pitch ${mm(pitch)}`,
        wanted: 'a thread depth no more than about the pitch (lead divided by starts)',
        why: 'standard threads are about half a pitch deep; check lead, starts and root diameter',
      };
    },
  },
  {
    code: 'travel-beyond-bearings',
    paths: ['demands.travel', 'drive.betweenBearings'],
    check: ({ demands, drive }) =>
      demands.travel.si <= drive.betweenBearings.si + SLACK ? undefined : {
        read: `travel ${mm(demands.travel.si)}, between bearings ${mm(drive.betweenBearings.si)}`,
        wanted: 'a travel no longer than the screw between its bearings',
        why: 'the nut would run into a bearing',
      },
  },
  {
    code: 'nut-beyond-bearing',
    paths: ['drive.nutOffset', 'demands.travel', 'drive.betweenBearings'],
    check: ({ demands, drive }) =>
      !drive.nutOffset || drive.nutOffset.si + demands.travel.si <= drive.betweenBearings.si + SLACK ? undefined : {
        read: `nut starts at ${mm(drive.nutOffset.si)} and travels ${mm(demands.travel.si)}, between bearings ${mm(drive.betweenBearings.si)}`,
        wanted: 'a nut that stays between the bearings at both ends of travel',
        why: 'start of the nut plus travel must not pass the far bearing',
      },
  },
  {
    code: 'loose-free-screw',
    paths: ['drive.farEnd', 'drive.motorEnd'],
    check: ({ drive }) =>
      drive.farEnd !== 'free' || drive.motorEnd === 'fixed' ? undefined : {
        read: 'motor end supported, far end free',
        wanted: 'a fixed motor end where the far end is free',
        why: 'a screw held only by one bearing that lets it tilt is held by nothing',
      },
  },
  {
    code: 'voltage-above-driver',
    paths: ['supply.voltage', 'driver.maxVoltage'],
    check: ({ supply, driver }) =>
      !driver.maxVoltage || supply.voltage.si <= driver.maxVoltage.si ? undefined : {
        read: `supply ${supply.voltage.si} V, driver limit ${driver.maxVoltage.si} V`,
        wanted: 'a supply no higher than the driver’s limit',
        why: 'the driver fails at once above it, and braking lifts the voltage further',
      },
  },
  {
    code: 'current-above-driver',
    paths: ['driver.crestCurrent', 'driver.maxCrestCurrent'],
    check: ({ driver }) =>
      !driver.maxCrestCurrent || driver.crestCurrent.si <= driver.maxCrestCurrent.si ? undefined : {
        read: `set to ${driver.crestCurrent.si} A, driver limit ${driver.maxCrestCurrent.si} A`,
        wanted: 'a crest current no higher than the driver can give',
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
  const issues = project.axes.flatMap((axis, i) => axisIssues(axis).map((issue) => ({ ...issue, path: ['axes', i, ...issue.path] })));
  const seen = new Map<string, number>();
  project.axes.forEach((axis, i) => {
    if (seen.has(axis.id)) issues.push({ code: 'id-twice', path: ['axes', i, 'id'], read: axis.id, wanted: 'an id that no other axis has' });
    seen.set(axis.id, i);
  });
  return issues;
}
