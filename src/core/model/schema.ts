import { z } from 'zod';
import { drive } from './drive-schema';
import { field, id, listField, name } from './field-schema';
import { body, brief, structure } from './machine-schema';
import { coupling, driver, motor, reducer, supply } from './motor-schema';

/** The format's name in the file, and the version that this code writes. */
export const FORMAT = 'rugged-carriage-machine';
export const VERSION = 3;

const freeText = z.string().max(20_000);

export const guideKinds = [
  'profile',
  'miniature',
  'supported-round',
  'round-rod',
  'v-wheel',
  'tube-bearing',
] as const;

const guide = z.strictObject({
  kind: z.enum(guideKinds),
  /** How the plate with the carriages stands: on top, on the face of a beam, or below. */
  mounting: z.enum(['flat', 'wall', 'under']),
  rails: field('guide.rails'),
  perRail: field('guide.perRail'),
  spacing: field('guide.spacing'),
  railLength: field('guide.railLength'),
  /** From the outer edge of the first carriage to that of the last. */
  carriageSpan: field('guide.carriageSpan'),
  carriageLength: field('guide.carriageLength'),
  /** Across one carriage between its rows of balls; 0: it takes no moment about the rail. */
  raceSpacing: field('guide.raceSpacing'),
  /** Nominal size of a profile rail (its width), diameter of a rod or tube. */
  size: field('guide.size'),
  dynamicLoad: field('guide.dynamicLoad'),
  /** Distance in km that the dynamic rating stands for (ISO 14728-1: 100; many lists: 50). */
  ratingBasis: z.union([z.literal(50), z.literal(100)]),
  staticLoad: field('guide.staticLoad'),
  verticalStiffness: field('guide.verticalStiffness'),
  lateralStiffness: field('guide.lateralStiffness'),
  preload: z.enum(['clearance', 'light', 'medium']),
  friction: field('guide.friction'),
  seal: field('guide.seal'),
  shock: field('guide.shock'),
  overhang: field('guide.overhang'),
  heightError: field('guide.heightError'),
  parallelError: field('guide.parallelError'),
  massX: field('guide.massX'),
  massY: field('guide.massY'),
  massZ: field('guide.massZ'),
  toolX: field('guide.toolX'),
  toolY: field('guide.toolY'),
  toolZ: field('guide.toolZ'),
  driveY: field('guide.driveY'),
  driveZ: field('guide.driveZ'),
  /** Left out: as large as the cutting force. */
  sideForce: field('guide.sideForce'),
  /** Left out: none, and named as unknown. */
  normalForce: field('guide.normalForce'),
});

const dutyStep = z.strictObject({
  id,
  does: z.enum(['rapid', 'cut', 'rest']),
  /** Counts for rapids and cuts. */
  distance: listField('duty.N.distance'),
  /** Pause behind it; for a rest the rest itself. */
  rest: listField('duty.N.rest'),
  times: listField('duty.N.times'),
});

export const axisSchema = z.strictObject({
  id,
  role: z.enum(['bed', 'gantry', 'plunge', 'table']),
  letter: z.string().regex(/^[A-Za-z]$/),
  name,
  /** Id of the axis on which it rides; null: on the stand. */
  carriedBy: id.nullable(),
  demands: z.strictObject({
    travel: field('demands.travel'),
    inclination: field('demands.inclination'),
    feed: field('demands.feed'),
    rapid: field('demands.rapid'),
    acceleration: field('demands.acceleration'),
    /** Left out: constant acceleration up to the corner of each ramp; given: seven-phase move. */
    jerk: field('demands.jerk'),
    /** Not used where the cuts of the brief give it. */
    cuttingForce: field('demands.cuttingForce'),
    /** Typed here, or the worst of the cuts of the brief. */
    cuttingFrom: z.enum(['typed', 'cuts']),
    /** Most that may be lost at a reversal. */
    lostMotion: field('demands.lostMotion'),
  }),
  loads: z.strictObject({
    /** The axis's own bodies; those of the axes that it carries come on top. */
    masses: z.array(body).max(200),
    /** Pulled on the real axis; left out: from the guide's friction and seals. */
    guideDrag: field('loads.guideDrag'),
    /** Cable chain, hose. */
    otherDrag: field('loads.otherDrag'),
    counterbalance: field('loads.counterbalance'),
  }),
  guide,
  drive,
  /** Between motor and drive; null: the motor drives directly. */
  reducer: reducer.nullable(),
  coupling,
  motor,
  driver,
  supply,
  controller: z.strictObject({ pulseLimit: field('controller.pulseLimit') }),
  /** What the motor does over and over; empty: to and fro over the whole travel. */
  duty: z.array(dutyStep).max(100),
  /** Parts that were taken from the catalogue, by link. */
  parts: z.record(z.string().regex(/^[a-z-]{1,30}$/), z.string().max(80)),
});

/** A part of the builder's own, of a family of the catalogue. */
const ownPart = z.strictObject({
  id,
  family: z.string().regex(/^[a-z-]{1,40}$/),
  name,
  /** What was typed into the family's columns, by path. */
  values: z.record(z.string().max(60), z.string().max(80)),
  price: z.number().min(0).max(1e6).nullable(),
  onHand: z.number().int().min(0).max(10_000),
  note: z.string().max(500),
});

/** A variant of an axis that was put by, to hold others against it. */
const pin = z.strictObject({ id, axisId: id, name, axis: axisSchema });

/** A whole machine, as it is stored and exported. Rules between fields are in `rules.ts`. */
export const projectSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  id,
  name,
  note: freeText,
  units: z.enum(['metric', 'imperial']),
  created: z.iso.datetime(),
  changed: z.iso.datetime(),
  brief,
  axes: z.array(axisSchema).min(1).max(8),
  structure: structure.nullable(),
  /** Bodies that stand still: frame, table, cabinet. Members of the structure come on top. */
  stand: z.array(body).max(200),
  ownParts: z.array(ownPart).max(2000),
  pins: z.array(pin).max(24),
});

export type Project = z.infer<typeof projectSchema>;
export type Axis = Project['axes'][number];
export type Drive = Axis['drive'];
export type DriveKind = Drive['kind'];
export type ScrewDrive = Extract<Drive, { kind: 'screw' }>;
export type RackDrive = Extract<Drive, { kind: 'rack' }>;
export type BeltDrive = Extract<Drive, { kind: 'belt' }>;
export type ChainDrive = Extract<Drive, { kind: 'chain' }>;
export type Motor = Axis['motor'];
export type MotorKind = Motor['kind'];
export type Stepper = Extract<Motor, { kind: 'stepper' }>;
export type Servo = Extract<Motor, { kind: 'servo' }>;
export type GearedMotor = Extract<Motor, { kind: 'geared' }>;
export type Reducer = z.infer<typeof reducer>;
export type Guide = Axis['guide'];
export type GuideKind = Guide['kind'];
export type OwnPart = Project['ownParts'][number];
export type Pin = Project['pins'][number];

/** The published JSON Schema of the current version (draft 2020-12). */
export const projectJsonSchema = (): object => ({
  ...z.toJSONSchema(projectSchema),
  title: 'Rugged Carriage machine',
  $comment: 'Ranges and rules between fields are checked on import as well; docs/project-file.md lists them.',
});
