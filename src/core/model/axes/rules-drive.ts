import { type AxisRule, SLACK } from '../rule';
import type { IssueParams } from '../params';
import {
  type Drive,
  type DriveKind,
  halfFlankAngle,
  pitchLineDrop,
  type ScrewDrive,
  shaftDriven,
} from './drive';
import type { Axis } from './schema';

type OfKind<K extends DriveKind> = Extract<Drive, { kind: K }>;
type Check<K extends DriveKind> = (drive: OfKind<K>, demands: Axis['demands']) => IssueParams | undefined;

/** A check of drives of one kind; the others pass. */
const on =
  <K extends DriveKind>(kind: K, check: Check<K>): AxisRule['check'] =>
  ({ drive, demands }) =>
    drive.kind === kind ? check(drive as OfKind<K>, demands) : undefined;

/** Shallowest root of a drive screw over its nominal diameter; one below it belongs to another screw. */
const LEAST_ROOT = 0.5;
/** Deepest thread over its pitch; standard threads are about half a pitch deep (ISO 2904, ASME B1.5). */
const DEEPEST_THREAD = 1.1;
/**
 * Shallowest sliding thread over its pitch. Standard ones are half a pitch deep and more, stub Acme threads
 * 0.3 (ASME B1.8). A thread must be deeper than its pitch line lies below the crest, or the pitch diameter
 * is below the root; by so much more.
 */
const BELOW_PITCH_LINE = 1.12;
/** Deepest sliding thread over its pitch: the sharp V of 60° (ISO 68-1) is 0.866 of it. */
const DEEPEST_SLIDING = 0.87;
/**
 * Fewest teeth of a spur pinion that is neither undercut nor pointed when shifted: no common cutter makes
 * less.
 */
const LEAST_PINION = 8;
/** Smaller sprockets jerk the chain by more than 6 % a tooth (1 - cos 180°/z). */
const LEAST_SPROCKET = 9;
/** Smaller pulleys bend a belt more sharply than any belt of these pitches is made for. */
const LEAST_PULLEY = 10;

/** Lead angle and friction angle together at which no torque turns into thrust any more: 90°, less a hair. */
const STEEPEST = (Math.PI / 2) * 0.99;

const pitchOf = ({ lead, starts }: ScrewDrive) => lead.si / starts.si;
const depthOf = ({ nominalDiameter, rootDiameter }: ScrewDrive) => (nominalDiameter.si - rootDiameter.si) / 2;

/** The pitch of a ball screw has nothing to do with the depth of its groove. */
const shallowest = ({ thread }: ScrewDrive) =>
  thread.kind === 'sliding' ? (BELOW_PITCH_LINE * pitchLineDrop[thread.form]) / 2 : -Infinity;
const tooShallow = (drive: ScrewDrive) => depthOf(drive) < shallowest(drive) * pitchOf(drive);

const screwRules = {
  'root-not-below-nominal': {
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: on('screw', ({ rootDiameter, nominalDiameter }) =>
      rootDiameter.si < nominalDiameter.si
        ? undefined
        : { root: rootDiameter.si, nominal: nominalDiameter.si },
    ),
  },
  'root-too-deep': {
    paths: ['drive.rootDiameter', 'drive.nominalDiameter'],
    check: on('screw', ({ rootDiameter, nominalDiameter }) =>
      rootDiameter.si >= LEAST_ROOT * nominalDiameter.si
        ? undefined
        : { root: rootDiameter.si, nominal: nominalDiameter.si },
    ),
  },
  'thread-deeper-than-pitch': {
    paths: ['drive.rootDiameter', 'drive.nominalDiameter', 'drive.lead', 'drive.starts'],
    check: on('screw', (drive) => {
      const [pitch, depth] = [pitchOf(drive), depthOf(drive)];
      const deepest = drive.thread.kind === 'ball' ? DEEPEST_THREAD : DEEPEST_SLIDING;
      return depth <= deepest * pitch ? undefined : { depth, pitch };
    }),
  },
  'thread-too-shallow': {
    paths: ['drive.rootDiameter', 'drive.nominalDiameter', 'drive.lead', 'drive.starts'],
    check: on('screw', (drive) => {
      const [pitch, depth, lead] = [pitchOf(drive), depthOf(drive), drive.lead.si];
      return !tooShallow(drive)
        ? undefined
        : {
            depth,
            pitch,
            lead,
            starts: drive.starts.si,
            least: Math.ceil(lead / (depth / shallowest(drive))),
          };
    }),
  },
  'thread-too-steep': {
    paths: ['drive.thread.friction', 'drive.lead', 'drive.starts', 'drive.nominalDiameter'],
    check: on('screw', (drive) => {
      if (drive.thread.kind === 'ball' || tooShallow(drive)) return undefined;
      const diameter = drive.nominalDiameter.si - pitchLineDrop[drive.thread.form] * pitchOf(drive);
      const lead = Math.atan(drive.lead.si / (Math.PI * diameter));
      const friction = Math.atan(drive.thread.friction.si / Math.cos(halfFlankAngle[drive.thread.form]));
      return lead + friction < STEEPEST ? undefined : { lead, friction };
    }),
  },
  'travel-beyond-bearings': {
    paths: ['demands.travel', 'drive.betweenBearings'],
    check: on('screw', ({ betweenBearings }, { travel }) =>
      travel.si <= betweenBearings.si + SLACK
        ? undefined
        : { travel: travel.si, between: betweenBearings.si },
    ),
  },
  'nut-beyond-bearing': {
    paths: ['drive.nutOffset', 'demands.travel', 'drive.betweenBearings'],
    check: on('screw', ({ nutOffset, betweenBearings }, { travel }) =>
      !nutOffset || nutOffset.si + travel.si <= betweenBearings.si + SLACK
        ? undefined
        : { start: nutOffset.si, travel: travel.si, between: betweenBearings.si },
    ),
  },
  'loose-free-screw': {
    paths: ['drive.farEnd', 'drive.motorEnd'],
    check: on('screw', ({ farEnd, motorEnd }) =>
      farEnd !== 'free' || motorEnd === 'fixed' ? undefined : {},
    ),
  },
} satisfies Record<string, AxisRule>;

const wheelRules = {
  'pinion-too-small': {
    paths: ['drive.teeth'],
    check: on('rack', ({ teeth }) =>
      teeth.si >= LEAST_PINION ? undefined : { teeth: teeth.si, least: LEAST_PINION },
    ),
  },
  'sprocket-too-small': {
    paths: ['drive.teeth'],
    check: on('chain', ({ teeth }) =>
      teeth.si >= LEAST_SPROCKET ? undefined : { teeth: teeth.si, least: LEAST_SPROCKET },
    ),
  },
  'pulley-too-small': {
    paths: ['drive.teeth'],
    check: on('belt', ({ teeth }) =>
      teeth.si >= LEAST_PULLEY ? undefined : { teeth: teeth.si, least: LEAST_PULLEY },
    ),
  },
  'segment-not-whole': {
    paths: ['drive.segment', 'drive.module', 'drive.helixAngle'],
    check: on('rack', ({ segment, module, helixAngle }) => {
      const pitch = (Math.PI * module.si) / Math.cos(helixAngle.si);
      // A piece of rack holds whole teeth, and at least two of them.
      return segment.si >= 2 * pitch ? undefined : { segment: segment.si, pitch };
    }),
  },
  'travel-beyond-line': {
    paths: ['demands.travel', 'drive.centreDistance'],
    check: ({ drive, demands: { travel } }) =>
      (drive.kind !== 'belt' && drive.kind !== 'chain') || travel.si < drive.centreDistance.si + SLACK
        ? undefined
        : { travel: travel.si, between: drive.centreDistance.si },
  },
  'wheels-overlap': {
    paths: ['drive.centreDistance', 'drive.teeth', 'drive.pitch'],
    check: ({ drive }) => {
      if (drive.kind !== 'belt' && drive.kind !== 'chain') return undefined;
      // Two wheels alike: their pitch circles touch at one diameter.
      const least = (drive.teeth.si * drive.pitch.si) / Math.PI;
      return drive.centreDistance.si > least ? undefined : { centre: drive.centreDistance.si, least };
    },
  },
  'shaft-and-two-motors': {
    paths: ['drive.sets'],
    check: ({ drive }) => (!shaftDriven(drive) || drive.sets === 1 ? undefined : {}),
  },
  'link-within-crank': {
    paths: ['drive.linkLength', 'drive.crankRadius'],
    check: on('crank', ({ linkLength, crankRadius }) =>
      linkLength.si > crankRadius.si ? undefined : { link: linkLength.si, radius: crankRadius.si },
    ),
  },
} satisfies Record<string, AxisRule>;

/** Rules between the fields of a drive. */
export const driveRules = { ...screwRules, ...wheelRules };
