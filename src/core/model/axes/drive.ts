import { z } from 'zod';
import { input, maybe } from '../input';

const ratio = (above: number, max: number) => input('ratio', { above, max });
const force = (max: number) => input('force', { min: 0, max });
const stiffness = () => maybe('stiffness', { above: 0, max: 1e10 });
const temperatureRise = () => input('temperatureRise', { min: 0, max: 80 });
const bearingDrag = () => input('torque', { min: 0, max: 10 });
const play = () => maybe('length', { min: 0, max: 0.02 });
const preload = () => force(50_000);
/** Load rating out of a datasheet. */
const rating = () => maybe('force', { above: 0, max: 1e6 });

const ballThread = z.strictObject({
  kind: z.literal('ball'),
  making: z.enum(['rolled', 'ground']),
  accuracyClass: z.enum(['T3', 'T5', 'T7', 'T10']),
  efficiency: ratio(0.05, 0.99),
  preload: preload(),
  dynamicLoad: rating(),
  staticLoad: rating(),
  nutStiffness: stiffness(),
  speedLimit: maybe('diameterSpeed', { above: 0, max: 50 }),
});

/**
 * Half the flank angle by thread form, rad: Acme 14.5° (ASME B1.5), trapezoidal 15° (ISO 2904), square 0,
 * V of threaded rod 30° (ISO 68-1).
 */
export const halfFlankAngle = {
  acme: (14.5 * Math.PI) / 180,
  trapezoidal: (15 * Math.PI) / 180,
  square: 0,
  vee: Math.PI / 6,
} as const;
/**
 * How far the pitch diameter lies below the nominal one, in pitches: half a pitch (ISO 2904, ASME B1.5), of a
 * V thread three quarters of the height of its triangle (ISO 68-1).
 */
export const pitchLineDrop = {
  acme: 0.5,
  trapezoidal: 0.5,
  square: 0.5,
  vee: 0.75 * Math.cos(Math.PI / 6),
} as const;

const slidingThread = z.strictObject({
  kind: z.literal('sliding'),
  form: z.enum(['acme', 'trapezoidal', 'square', 'vee']),
  /**
   * A wear-compensated nut has two halves that a spring keeps apart: no play up to the force of the spring.
   */
  nut: z.enum(['plain', 'compensated']),
  nutMaterial: z.enum(['bronze', 'plastic', 'printed']),
  /** Thread of the nut that is in engagement; of a nut in halves, of the half that pushes. */
  nutLength: input('length', { above: 0.002, max: 0.3 }),
  friction: ratio(0.005, 0.6),
  preload: preload(),
  collarFriction: input('ratio', { min: 0, max: 0.6 }),
  collarDiameter: input('length', { min: 0, max: 0.3 }),
  nutStiffness: stiffness(),
});

/** One drive, or one on each side of the axis with a motor each. */
const sets = {
  sets: z.union([z.literal(1), z.literal(2)]),
  worstShare: input('ratio', { min: 0.5, max: 1 }),
};

const screwDrive = z.strictObject({
  kind: z.literal('screw'),
  ...sets,
  /** What turns: the screw in its bearings, or the nut on a standing screw. */
  turning: z.enum(['screw', 'nut']),
  /** Nut with its bearing and pulley; counts where the nut turns. */
  nutInertia: input('inertia', { above: 0, max: 0.1 }),
  /** Of the whole screw, out of its datasheet; left out: from the thread profile. */
  screwInertia: maybe('inertia', { above: 0, max: 1 }),
  thread: z.discriminatedUnion('kind', [ballThread, slidingThread]),
  nominalDiameter: input('length', { above: 0.003, max: 0.12 }),
  rootDiameter: input('length', { above: 0.002, max: 0.12 }),
  lead: input('linearPerTurn', { above: 0.0002, max: 0.2 }),
  starts: input('count', { min: 1, max: 20, whole: true }),
  betweenBearings: input('length', { above: 0, max: 32 }),
  nutOffset: maybe('length', { min: 0, max: 30 }),
  /** Axial play of the nut. */
  play: play(),
  motorEnd: z.enum(['fixed', 'supported']),
  farEnd: z.enum(['fixed', 'supported', 'free']),
  thrustBearing: z.enum(['angular-contact', 'deep-groove']),
  bearingStiffness: stiffness(),
  /** Radial ratings of one thrust bearing, as catalogues give them. */
  bearingDynamicLoad: rating(),
  bearingStaticLoad: rating(),
  bearingDrag: bearingDrag(),
  /** Axial play of the thrust bearing. */
  bearingPlay: maybe('length', { min: 0, max: 0.005 }),
  temperatureRise: temperatureRise(),
  stretch: force(100_000),
});

/** One motor in the middle drives both sides by a shaft; the length is that from the motor to one side. */
const crossShaft = z
  .strictObject({
    diameter: input('length', { above: 0.003, max: 0.2 }),
    length: input('length', { above: 0, max: 10 }),
  })
  .nullable();

/** What rack, belt and chain have in common: a toothed wheel on a shaft. */
const wheel = {
  ...sets,
  crossShaft,
  teeth: input('count', { min: 3, max: 400, whole: true }),
  efficiency: ratio(0.3, 1),
  /** All that turns at the speed of the drive shaft, of one set. */
  inertia: input('inertia', { above: 0, max: 1 }),
  bearingDrag: bearingDrag(),
  /** From the middle of the wheel to the first bearing of its shaft. */
  overhang: input('length', { min: 0, max: 1 }),
  /** Radial load that the shaft of the motor or reducer takes. */
  shaftLoadLimit: maybe('force', { above: 0, max: 1e6 }),
  /** Of the wheel on its shaft, half of the total indicator reading. */
  runout: input('length', { min: 0, max: 0.002 }),
  temperatureRise: temperatureRise(),
};

/** What belt and chain have in common: a line in tension between two wheels. */
const line = {
  pitch: input('length', { above: 0.001, max: 0.1 }),
  lineMass: input('linearDensity', { above: 0, max: 50 }),
  centreDistance: input('length', { above: 0, max: 35 }),
  pretension: force(50_000),
  play: play(),
  maxSpeed: maybe('speed', { above: 0, max: 80 }),
};

const rackDrive = z.strictObject({
  kind: z.literal('rack'),
  ...wheel,
  module: input('length', { above: 0.0003, max: 0.02 }),
  pressureAngle: input('angle', { min: Math.PI / 15, max: Math.PI / 6 }),
  /** 0 for a spur rack. */
  helixAngle: input('angle', { min: 0, max: Math.PI / 4 }),
  profileShift: input('ratio', { min: -0.5, max: 0.8 }),
  faceWidth: input('length', { above: 0.001, max: 0.3 }),
  mesh: z.enum(['fixed', 'sprung']),
  /** How far the pinion stands out from tight mesh, where it is fixed. */
  meshGap: maybe('length', { min: 0, max: 0.005 }),
  springForce: force(10_000),
  /** Force at the mesh for each newton of the spring. */
  springLever: ratio(0.05, 20),
  yieldStrength: input('modulus', { above: 1e7, max: 2.5e9 }),
  meshStiffness: maybe('stiffness', { above: 0, max: 1e11 }),
  /** Cumulative pitch error over one segment. */
  pitchError: input('length', { min: 0, max: 0.005 }),
  segment: input('length', { above: 0.05, max: 10 }),
  /** Usual park position from the start of the rack. */
  park: maybe('length', { min: 0, max: 30 }),
});

const beltDrive = z.strictObject({
  kind: z.literal('belt'),
  ...wheel,
  ...line,
  /** A loop driven at one end, or an open belt with the motor and pinion block riding on the carriage. */
  arrangement: z.enum(['loop', 'open']),
  width: input('length', { above: 0.002, max: 0.3 }),
  specificStiffness: input('stiffness', { above: 1e5, max: 1e10 }),
  allowedPull: input('force', { above: 0, max: 1e6 }),
  wrap: input('angle', { above: 0.3, max: 2 * Math.PI }),
});

const chainDrive = z.strictObject({
  kind: z.literal('chain'),
  ...wheel,
  ...line,
  breakingLoad: input('force', { above: 0, max: 1e7 }),
  tensileStiffness: input('force', { above: 1e3, max: 1e10 }),
  /** Whether the chain hangs free between its wheels or lies in a tray. */
  laid: z.enum(['free', 'tray']),
  wear: input('ratio', { min: 0, max: 0.05 }),
});

/** A turning crank that pushes the axis to and fro by a link: one short stroke that is always the same. */
const crankDrive = z.strictObject({
  kind: z.literal('crank'),
  ...sets,
  sets: z.literal(1),
  /** From the middle of the shaft to the pin; the stroke is twice as long. */
  crankRadius: input('length', { above: 0.0005, max: 1 }),
  /** Between the pins of the link. */
  linkLength: input('length', { above: 0.002, max: 5 }),
  efficiency: ratio(0.3, 1),
  /** Crank disc and all that turns at its speed. */
  inertia: input('inertia', { above: 0, max: 1 }),
  bearingDrag: bearingDrag(),
  /** Force along the link that pins and bearings take, allowance included. */
  pinLoad: maybe('force', { above: 0, max: 1e6 }),
  /** Of the link with its pins, along it. */
  linkStiffness: stiffness(),
  /** Of both pins together. */
  play: play(),
});

export const drive = z.discriminatedUnion('kind', [screwDrive, rackDrive, beltDrive, chainDrive, crankDrive]);

export type Drive = z.infer<typeof drive>;

/** Whether one shaft drives both sides of the axis. */
export const shaftDriven = (of: Drive): boolean => 'crossShaft' in of && of.crossShaft !== null;

/** Whether the axis is held on both sides: by a drive each, or by a shaft to both. */
export const holdsBothSides = (of: Drive): boolean => of.sets === 2 || shaftDriven(of);

/**
 * What one side is held with, out of the stiffness of a drive train. That of a train with a shaft to both
 * sides is the whole load over what the busier side gives: times the share of that side it is the side's own.
 */
export const sideStiffness = (of: Drive, train: number): number =>
  shaftDriven(of) ? train * of.worstShare.si : train;
export type DriveKind = Drive['kind'];
export type ScrewDrive = z.infer<typeof screwDrive>;
export type RackDrive = z.infer<typeof rackDrive>;
export type BeltDrive = z.infer<typeof beltDrive>;
export type ChainDrive = z.infer<typeof chainDrive>;
export type CrankDrive = z.infer<typeof crankDrive>;
