import { z } from 'zod';
import { axisFields, type AxisFieldPath, bodyMassRule } from './fields';
import { type Measure, measureSchema } from './measure';

/** The format's name in the file, and the version that this code writes. */
export const FORMAT = 'rugged-carriage-machine';
export const VERSION = 1;

type KindAt<P extends AxisFieldPath> = (typeof axisFields)[P]['kind'];
const field = <P extends AxisFieldPath>(path: P): z.ZodType<Measure<KindAt<P>>> =>
  measureSchema(axisFields[path]) as unknown as z.ZodType<Measure<KindAt<P>>>;
const optional = <P extends AxisFieldPath>(path: P) => field(path).nullable();

const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
const name = z.string().trim().min(1).max(120);
const freeText = z.string().max(20_000);

const ballThread = z.strictObject({
  kind: z.literal('ball'),
  making: z.enum(['rolled', 'ground']),
  accuracyClass: z.enum(['T3', 'T5', 'T7', 'T10']),
  efficiency: field('drive.thread.efficiency'),
  preload: field('drive.thread.preload'),
  dynamicLoad: optional('drive.thread.dynamicLoad'),
  nutStiffness: optional('drive.thread.nutStiffness'),
  speedLimit: optional('drive.thread.speedLimit'),
});

const slidingThread = z.strictObject({
  kind: z.literal('sliding'),
  form: z.enum(['acme', 'trapezoidal', 'square']),
  friction: field('drive.thread.friction'),
  preload: field('drive.thread.preload'),
  collarFriction: field('drive.thread.collarFriction'),
  collarDiameter: field('drive.thread.collarDiameter'),
  nutStiffness: optional('drive.thread.nutStiffness'),
});

const screwDrive = z.strictObject({
  kind: z.literal('screw'),
  /** One screw, or one on each side of the axis with a motor each. */
  sets: z.union([z.literal(1), z.literal(2)]),
  worstShare: field('drive.worstShare'),
  /** What turns: the screw in its bearings, or the nut on a standing screw. */
  turning: z.enum(['screw', 'nut']),
  /** Nut with its bearing and pulley; counts where the nut turns. */
  nutInertia: field('drive.nutInertia'),
  /** Of the whole screw, out of its datasheet; left out: from the thread profile. */
  screwInertia: optional('drive.screwInertia'),
  thread: z.discriminatedUnion('kind', [ballThread, slidingThread]),
  nominalDiameter: field('drive.nominalDiameter'),
  rootDiameter: field('drive.rootDiameter'),
  lead: field('drive.lead'),
  starts: field('drive.starts'),
  betweenBearings: field('drive.betweenBearings'),
  nutOffset: optional('drive.nutOffset'),
  motorEnd: z.enum(['fixed', 'supported']),
  farEnd: z.enum(['fixed', 'supported', 'free']),
  thrustBearing: z.enum(['angular-contact', 'deep-groove']),
  bearingStiffness: optional('drive.bearingStiffness'),
  bearingDrag: field('drive.bearingDrag'),
  temperatureRise: field('drive.temperatureRise'),
  stretch: field('drive.stretch'),
});

const reducer = z.strictObject({
  kind: z.enum(['belt', 'planetary']),
  /** Motor turns for one turn of the drive; below 1 it speeds up. */
  ratio: field('reducer.ratio'),
  efficiency: field('reducer.efficiency'),
  /** At its input. */
  inertia: field('reducer.inertia'),
  /** At its output. */
  backlash: field('reducer.backlash'),
  inputSpeed: optional('reducer.inputSpeed'),
});

const stepper = z.strictObject({
  kind: z.literal('stepper'),
  holdingTorque: field('motor.holdingTorque'),
  ratedCurrent: field('motor.ratedCurrent'),
  resistance: field('motor.resistance'),
  inductance: field('motor.inductance'),
  rotorTeeth: field('motor.rotorTeeth'),
  rotorInertia: field('motor.rotorInertia'),
  detentTorque: field('motor.detentTorque'),
  usableShare: field('motor.usableShare'),
});

const axis = z.strictObject({
  id,
  role: z.enum(['bed', 'gantry', 'plunge', 'table']),
  letter: z.string().regex(/^[A-Za-z]$/),
  name,
  demands: z.strictObject({
    travel: field('demands.travel'),
    inclination: field('demands.inclination'),
    feed: field('demands.feed'),
    rapid: field('demands.rapid'),
    acceleration: field('demands.acceleration'),
    /** Left out: constant acceleration up to the corner of each ramp; given: seven-phase move. */
    jerk: optional('demands.jerk'),
    cuttingForce: field('demands.cuttingForce'),
  }),
  loads: z.strictObject({
    masses: z.array(z.strictObject({ id, name, mass: measureSchema(bodyMassRule) })).min(1).max(200),
    guideDrag: field('loads.guideDrag'),
    counterbalance: field('loads.counterbalance'),
  }),
  /** Only what the travel chain needs; carriages and their loads come with the guides. */
  guide: z.strictObject({
    railLength: optional('guide.railLength'),
    /** From the outer edge of the first carriage to that of the last. */
    carriageSpan: optional('guide.carriageSpan'),
  }),
  drive: z.discriminatedUnion('kind', [screwDrive]),
  /** Between motor and drive; null: the motor drives directly. */
  reducer: reducer.nullable(),
  coupling: z.strictObject({ inertia: field('coupling.inertia') }),
  motor: z.discriminatedUnion('kind', [stepper]),
  driver: z.strictObject({
    crestCurrent: field('driver.crestCurrent'),
    microsteps: field('driver.microsteps'),
    maxVoltage: optional('driver.maxVoltage'),
    maxCrestCurrent: optional('driver.maxCrestCurrent'),
  }),
  supply: z.strictObject({ voltage: field('supply.voltage') }),
  controller: z.strictObject({ pulseLimit: field('controller.pulseLimit') }),
});

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
  axes: z.array(axis).min(1).max(8),
});

export type Project = z.infer<typeof projectSchema>;
export type Axis = Project['axes'][number];
export type ScrewDrive = Extract<Axis['drive'], { kind: 'screw' }>;
export type Stepper = Extract<Axis['motor'], { kind: 'stepper' }>;
export type Reducer = z.infer<typeof reducer>;

/** The published JSON Schema of the current version (draft 2020-12). */
export const projectJsonSchema = (): object => ({
  ...z.toJSONSchema(projectSchema),
  title: 'Rugged Carriage machine',
  $comment: 'Ranges and rules between fields are checked on import as well; docs/project-file.md lists them.',
});
