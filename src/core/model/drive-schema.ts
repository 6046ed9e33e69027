import { z } from 'zod';
import { field } from './field-schema';

const ballThread = z.strictObject({
  kind: z.literal('ball'),
  making: z.enum(['rolled', 'ground']),
  accuracyClass: z.enum(['T3', 'T5', 'T7', 'T10']),
  efficiency: field('drive.thread.efficiency'),
  preload: field('drive.thread.preload'),
  dynamicLoad: field('drive.thread.dynamicLoad'),
  nutStiffness: field('drive.thread.nutStiffness'),
  speedLimit: field('drive.thread.speedLimit'),
});

const slidingThread = z.strictObject({
  kind: z.literal('sliding'),
  form: z.enum(['acme', 'trapezoidal', 'square']),
  /**
   * A wear-compensated nut has two halves that a spring keeps apart: no play up to the force of the spring.
   */
  nut: z.enum(['plain', 'compensated']),
  friction: field('drive.thread.friction'),
  preload: field('drive.thread.preload'),
  collarFriction: field('drive.thread.collarFriction'),
  collarDiameter: field('drive.thread.collarDiameter'),
  nutStiffness: field('drive.thread.nutStiffness'),
});

/** One drive, or one on each side of the axis with a motor each. */
const sets = { sets: z.union([z.literal(1), z.literal(2)]), worstShare: field('drive.worstShare') };

export const screwDrive = z.strictObject({
  kind: z.literal('screw'),
  ...sets,
  /** What turns: the screw in its bearings, or the nut on a standing screw. */
  turning: z.enum(['screw', 'nut']),
  /** Nut with its bearing and pulley; counts where the nut turns. */
  nutInertia: field('drive.nutInertia'),
  /** Of the whole screw, out of its datasheet; left out: from the thread profile. */
  screwInertia: field('drive.screwInertia'),
  thread: z.discriminatedUnion('kind', [ballThread, slidingThread]),
  nominalDiameter: field('drive.nominalDiameter'),
  rootDiameter: field('drive.rootDiameter'),
  lead: field('drive.lead'),
  starts: field('drive.starts'),
  betweenBearings: field('drive.betweenBearings'),
  nutOffset: field('drive.nutOffset'),
  /** Axial play of the nut. */
  play: field('drive.play'),
  motorEnd: z.enum(['fixed', 'supported']),
  farEnd: z.enum(['fixed', 'supported', 'free']),
  thrustBearing: z.enum(['angular-contact', 'deep-groove']),
  bearingStiffness: field('drive.bearingStiffness'),
  bearingDrag: field('drive.bearingDrag'),
  /** Axial play of the thrust bearing. */
  bearingPlay: field('drive.bearingPlay'),
  temperatureRise: field('drive.temperatureRise'),
  stretch: field('drive.stretch'),
});

/** One motor in the middle drives both sides by a shaft; the length is that from the motor to one side. */
const crossShaft = z
  .strictObject({ diameter: field('drive.crossShaft.diameter'), length: field('drive.crossShaft.length') })
  .nullable();

/** What rack, belt and chain have in common: a toothed wheel on a shaft. */
const wheel = {
  ...sets,
  crossShaft,
  teeth: field('drive.teeth'),
  efficiency: field('drive.efficiency'),
  /** All that turns at the speed of the drive shaft, of one set. */
  inertia: field('drive.inertia'),
  bearingDrag: field('drive.bearingDrag'),
  /** From the middle of the wheel to the first bearing of its shaft. */
  overhang: field('drive.overhang'),
  /** Radial load that the shaft of the motor or reducer takes. */
  shaftLoadLimit: field('drive.shaftLoadLimit'),
  /** Of the wheel on its shaft, half of the total indicator reading. */
  runout: field('drive.runout'),
  temperatureRise: field('drive.temperatureRise'),
};

export const rackDrive = z.strictObject({
  kind: z.literal('rack'),
  ...wheel,
  module: field('drive.module'),
  pressureAngle: field('drive.pressureAngle'),
  /** 0 for a spur rack. */
  helixAngle: field('drive.helixAngle'),
  profileShift: field('drive.profileShift'),
  faceWidth: field('drive.faceWidth'),
  mesh: z.enum(['fixed', 'sprung']),
  /** How far the pinion stands out from tight mesh, where it is fixed. */
  meshGap: field('drive.meshGap'),
  springForce: field('drive.springForce'),
  /** Force at the mesh for each newton of the spring. */
  springLever: field('drive.springLever'),
  yieldStrength: field('drive.yieldStrength'),
  meshStiffness: field('drive.meshStiffness'),
  /** Cumulative pitch error over one segment. */
  pitchError: field('drive.pitchError'),
  segment: field('drive.segment'),
  /** Usual park position from the start of the rack. */
  park: field('drive.park'),
});

export const beltDrive = z.strictObject({
  kind: z.literal('belt'),
  ...wheel,
  /** A loop driven at one end, or an open belt with the motor and pinion block riding on the carriage. */
  arrangement: z.enum(['loop', 'open']),
  pitch: field('drive.pitch'),
  width: field('drive.width'),
  specificStiffness: field('drive.specificStiffness'),
  allowedPull: field('drive.allowedPull'),
  lineMass: field('drive.lineMass'),
  wrap: field('drive.wrap'),
  centreDistance: field('drive.centreDistance'),
  pretension: field('drive.pretension'),
  play: field('drive.play'),
  maxSpeed: field('drive.maxSpeed'),
});

export const chainDrive = z.strictObject({
  kind: z.literal('chain'),
  ...wheel,
  pitch: field('drive.pitch'),
  breakingLoad: field('drive.breakingLoad'),
  tensileStiffness: field('drive.tensileStiffness'),
  lineMass: field('drive.lineMass'),
  centreDistance: field('drive.centreDistance'),
  pretension: field('drive.pretension'),
  /** Whether the chain hangs free between its wheels or lies in a tray. */
  laid: z.enum(['free', 'tray']),
  wear: field('drive.wear'),
  play: field('drive.play'),
  maxSpeed: field('drive.maxSpeed'),
});

export const drive = z.discriminatedUnion('kind', [screwDrive, rackDrive, beltDrive, chainDrive]);
