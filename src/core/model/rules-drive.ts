import { type Broken, mm, type Rule, SLACK } from './rule';
import type { Axis, BeltDrive, ChainDrive, Drive, DriveKind, RackDrive, ScrewDrive } from './schema';

type OfKind<K extends DriveKind> = Extract<Drive, { kind: K }>;
type Check<K extends DriveKind> = (drive: OfKind<K>, demands: Axis['demands']) => Broken | undefined;
const on =
  <K extends DriveKind>(kind: K, check: Check<K>) =>
  ({ drive, demands }: Axis) =>
    drive.kind === kind ? check(drive as OfKind<K>, demands) : undefined;
const onScrew = (check: (drive: ScrewDrive, demands: Axis['demands']) => Broken | undefined) =>
  on('screw', check);

const screwRules: readonly Rule[] = [
  {
    code: 'root-not-below-nominal',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: onScrew((drive) =>
      drive.rootDiameter.si < drive.nominalDiameter.si
        ? undefined
        : {
            read: `root ${mm(drive.rootDiameter.si)}, nominal ${mm(drive.nominalDiameter.si)}`,
            wanted: 'a root diameter below the nominal diameter',
            why: 'the thread is cut or rolled into the nominal diameter, so its root is always smaller',
          },
    ),
  },
  {
    code: 'root-too-deep',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: onScrew((drive) =>
      drive.rootDiameter.si >= 0.5 * drive.nominalDiameter.si
        ? undefined
        : {
            read: `root ${mm(drive.rootDiameter.si)}, nominal ${mm(drive.nominalDiameter.si)}`,
            wanted: 'a root diameter of at least half the nominal diameter',
            why: 'no drive screw is threaded deeper; one of the two figures belongs to another screw',
          },
    ),
  },
  {
    code: 'thread-deeper-than-pitch',
    paths: ['drive.rootDiameter', 'drive.nominalDiameter', 'drive.lead', 'drive.starts'],
    check: onScrew((drive) => {
      const pitch = drive.lead.si / drive.starts.si;
      const depth = (drive.nominalDiameter.si - drive.rootDiameter.si) / 2;
      return depth <= 1.1 * pitch
        ? undefined
        : {
            read: `thread depth ${mm(depth)}, pitch ${mm(pitch)}`,
            wanted: 'a thread depth no more than about the pitch (lead divided by starts)',
            why: 'standard threads are about half a pitch deep; check lead, starts and root diameter',
          };
    }),
  },
  {
    code: 'travel-beyond-bearings',
    paths: ['demands.travel', 'drive.betweenBearings'],
    check: onScrew((drive, demands) =>
      demands.travel.si <= drive.betweenBearings.si + SLACK
        ? undefined
        : {
            read: `travel ${mm(demands.travel.si)}, between bearings ${mm(drive.betweenBearings.si)}`,
            wanted: 'a travel no longer than the screw between its bearings',
            why: 'the nut would run into a bearing',
          },
    ),
  },
  {
    code: 'nut-beyond-bearing',
    paths: ['drive.nutOffset', 'demands.travel', 'drive.betweenBearings'],
    check: onScrew((drive, demands) =>
      !drive.nutOffset || drive.nutOffset.si + demands.travel.si <= drive.betweenBearings.si + SLACK
        ? undefined
        : {
            read:
              `nut starts at ${mm(drive.nutOffset.si)} and travels ${mm(demands.travel.si)}, ` +
              `between bearings ${mm(drive.betweenBearings.si)}`,
            wanted: 'a nut that stays between the bearings at both ends of travel',
            why: 'start of the nut plus travel must not pass the far bearing',
          },
    ),
  },
  {
    code: 'loose-free-screw',
    paths: ['drive.farEnd', 'drive.motorEnd'],
    check: onScrew((drive) =>
      drive.farEnd !== 'free' || drive.motorEnd === 'fixed'
        ? undefined
        : {
            read: 'motor end supported, far end free',
            wanted: 'a fixed motor end where the far end is free',
            why: 'a screw held only by one bearing that lets it tilt is held by nothing',
          },
    ),
  },
];

const mustReach = (drive: BeltDrive | ChainDrive, demands: Axis['demands']): Broken | undefined =>
  demands.travel.si < drive.centreDistance.si + SLACK
    ? undefined
    : {
        read: `travel ${mm(demands.travel.si)}, ${mm(drive.centreDistance.si)} between the wheels`,
        wanted: 'a travel shorter than the distance between the two ends of the line',
        why: 'the carriage would run into a wheel',
      };

/**
 * Fewest teeth of a spur pinion that is not undercut and not pointed when shifted: below 8 no common cutter
 * makes one.
 */
const LEAST_PINION = 8;

const wheelRules: readonly Rule[] = [
  {
    code: 'pinion-too-small',
    paths: ['drive.teeth'],
    check: on('rack', (drive: RackDrive) =>
      drive.teeth.si >= LEAST_PINION
        ? undefined
        : {
            read: `${drive.teeth.si} teeth`,
            wanted: `a pinion of ${LEAST_PINION} teeth or more`,
            why: 'below that the tooth is cut away at its foot or comes to a point, whatever the shift',
          },
    ),
  },
  {
    code: 'sprocket-too-small',
    paths: ['drive.teeth'],
    check: on('chain', (drive: ChainDrive) =>
      drive.teeth.si >= 9
        ? undefined
        : {
            read: `${drive.teeth.si} teeth`,
            wanted: 'a sprocket of 9 teeth or more',
            why: 'smaller ones jerk the chain by more than 6 % a tooth (1 - cos 180°/z)',
          },
    ),
  },
  {
    code: 'pulley-too-small',
    paths: ['drive.teeth'],
    check: on('belt', (drive: BeltDrive) =>
      drive.teeth.si >= 10
        ? undefined
        : {
            read: `${drive.teeth.si} teeth`,
            wanted: 'a pulley of 10 teeth or more',
            why: 'the belt would bend more sharply than any belt of these pitches is made for',
          },
    ),
  },
  {
    code: 'segment-not-whole',
    paths: ['drive.segment', 'drive.module', 'drive.helixAngle'],
    check: on('rack', (drive: RackDrive) => {
      const pitch = (Math.PI * drive.module.si) / Math.cos(drive.helixAngle.si);
      return drive.segment.si >= 2 * pitch
        ? undefined
        : {
            read: `segments of ${mm(drive.segment.si)}, pitch ${mm(pitch)}`,
            wanted: 'racks of at least two teeth',
            why: 'a piece of rack holds whole teeth',
          };
    }),
  },
  {
    code: 'travel-beyond-line',
    paths: ['demands.travel', 'drive.centreDistance'],
    check: on('belt', mustReach),
  },
  {
    code: 'travel-beyond-line',
    paths: ['demands.travel', 'drive.centreDistance'],
    check: on('chain', mustReach),
  },
  {
    code: 'shaft-and-two-motors',
    paths: ['drive.sets'],
    check: ({ drive }) =>
      drive.kind === 'screw' || !drive.crossShaft || drive.sets === 1
        ? undefined
        : {
            read: 'a shaft to both sides and a motor on each side',
            wanted: 'one of the two',
            why: 'the shaft ties both sides already; with two motors leave it out',
          },
  },
];

/** Rules between the fields of a drive. */
export const driveRules: readonly Rule[] = [...screwRules, ...wheelRules];
