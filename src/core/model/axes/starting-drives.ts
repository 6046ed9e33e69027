import { guess as m } from '../guess';
import type { BeltDrive, ChainDrive, CrankDrive, Drive, DriveKind, RackDrive, ScrewDrive } from './drive';
import type { GearedMotor, HandCrank, Motor, MotorKind, Reducer, Servo, Stepper } from './motor';

const mm = (length: number) => m('length', `${Math.round(length * 1e3)} mm`);

/** What every drive has, kept when one kind is exchanged for another. */
type Kept = Pick<Drive, 'sets' | 'worstShare'>;
const single: Kept = { sets: 1, worstShare: m('ratio', '1') };

type Thread = ScrewDrive['thread'];

/** Engaged thread of a nut over the nominal diameter of its screw; common practice, no source. */
const NUT_LENGTH = 1.5;

const ballThread: Extract<Thread, { kind: 'ball' }> = {
  kind: 'ball',
  making: 'rolled',
  accuracyClass: 'T7',
  efficiency: m('ratio', '0.9'),
  preload: m('force', '0 N'),
  dynamicLoad: null,
  staticLoad: null,
  nutStiffness: null,
  speedLimit: null,
};

const threads: {
  readonly [K in Thread['kind']]: (
    nominal: number,
    kept: Pick<Thread, 'preload' | 'nutStiffness'>,
  ) => Extract<Thread, { kind: K }>;
} = {
  ball: (_nominal, kept) => ({ ...ballThread, ...kept }),
  sliding: (nominal, kept) => ({
    kind: 'sliding',
    form: 'trapezoidal',
    nut: 'plain',
    nutMaterial: 'bronze',
    nutLength: mm(NUT_LENGTH * nominal),
    friction: m('ratio', '0.12'),
    collarFriction: m('ratio', '0'),
    collarDiameter: m('length', '0 mm'),
    ...kept,
  }),
};

/**
 * A thread of a kind to start from, on a screw of a nominal diameter in m. What the old thread shares with
 * it is kept.
 */
export const startingThread = <K extends Thread['kind']>(
  kind: K,
  nominal: number,
  kept: Pick<Thread, 'preload' | 'nutStiffness'> = ballThread,
) => threads[kind](nominal, { preload: kept.preload, nutStiffness: kept.nutStiffness });

const screw: Omit<ScrewDrive, 'sets' | 'worstShare' | 'betweenBearings'> = {
  kind: 'screw',
  turning: 'screw',
  nutInertia: m('inertia', '2 kg·cm²'),
  screwInertia: null,
  thread: ballThread,
  nominalDiameter: m('length', '16 mm'),
  rootDiameter: m('length', '13.5 mm'),
  lead: m('linearPerTurn', '5 mm'),
  starts: m('count', '1'),
  nutOffset: null,
  play: null,
  motorEnd: 'fixed',
  farEnd: 'supported',
  thrustBearing: 'angular-contact',
  bearingStiffness: null,
  bearingDynamicLoad: null,
  bearingStaticLoad: null,
  bearingDrag: m('torque', '0.03 N·m'),
  bearingPlay: null,
  temperatureRise: m('temperatureRise', '10 K'),
  stretch: m('force', '0 N'),
};

const wheel = {
  crossShaft: null,
  bearingDrag: m('torque', '0.03 N·m'),
  shaftLoadLimit: null,
  runout: m('length', '0.03 mm'),
  // A rack or chain lies on the frame and in its air: what counts is how much warmer it gets than the frame.
  temperatureRise: m('temperatureRise', '2 K'),
};

const rack: Omit<RackDrive, 'sets' | 'worstShare'> = {
  kind: 'rack',
  ...wheel,
  teeth: m('count', '20'),
  efficiency: m('ratio', '0.95'),
  inertia: m('inertia', '0.6 kg·cm²'),
  overhang: m('length', '20 mm'),
  module: m('length', '1.5 mm'),
  pressureAngle: m('angle', '20°'),
  helixAngle: m('angle', '0°'),
  profileShift: m('ratio', '0'),
  faceWidth: m('length', '15 mm'),
  mesh: 'fixed',
  meshGap: m('length', '0.05 mm'),
  springForce: m('force', '0 N'),
  springLever: m('ratio', '1'),
  yieldStrength: m('modulus', '350 MPa'),
  meshStiffness: null,
  pitchError: m('length', '0.1 mm'),
  segment: m('length', '1000 mm'),
  park: null,
};

const belt: Omit<BeltDrive, 'sets' | 'worstShare' | 'centreDistance'> = {
  kind: 'belt',
  ...wheel,
  teeth: m('count', '24'),
  efficiency: m('ratio', '0.96'),
  inertia: m('inertia', '0.8 kg·cm²'),
  overhang: m('length', '15 mm'),
  arrangement: 'loop',
  pitch: m('length', '5 mm'),
  width: m('length', '15 mm'),
  specificStiffness: m('stiffness', '16000 N/mm'),
  allowedPull: m('force', '500 N'),
  lineMass: m('linearDensity', '60 g/m'),
  wrap: m('angle', '180°'),
  pretension: m('force', '300 N'),
  play: m('length', '0.05 mm'),
  maxSpeed: null,
};

const chain: Omit<ChainDrive, 'sets' | 'worstShare' | 'centreDistance'> = {
  kind: 'chain',
  ...wheel,
  teeth: m('count', '15'),
  efficiency: m('ratio', '0.95'),
  inertia: m('inertia', '1.5 kg·cm²'),
  overhang: m('length', '20 mm'),
  pitch: m('length', '9.525 mm'),
  breakingLoad: m('force', '8.9 kN'),
  tensileStiffness: m('force', '900 kN'),
  lineMass: m('linearDensity', '0.41 kg/m'),
  pretension: m('force', '150 N'),
  laid: 'free',
  wear: m('ratio', '0.5 %'),
  play: m('length', '0.2 mm'),
  maxSpeed: null,
};

/** Radii of a crank that its link is long: common practice, no source. */
const LINK_RADII = 4;

const crank = (travel: number): Omit<CrankDrive, 'worstShare'> => ({
  kind: 'crank',
  sets: 1,
  crankRadius: m('length', `${Math.round(travel * 5e3) / 10} mm`),
  linkLength: mm((LINK_RADII * travel) / 2),
  efficiency: m('ratio', '0.9'),
  inertia: m('inertia', '10 kg·cm²'),
  bearingDrag: m('torque', '0.05 N·m'),
  pinLoad: null,
  // Its pins give more than the link; memory.
  linkStiffness: m('stiffness', '50 N/µm'),
  play: null,
});

/**
 * What a drive needs past its travel: room for nut, carriage and bearings or for the wheels at both ends;
 * memory.
 */
const BEYOND = { shortScrew: 0.08, screw: 0.15, line: 0.3 } as const;
const SHORT = 0.2;

const drives: { readonly [K in DriveKind]: (travel: number, kept: Kept) => Extract<Drive, { kind: K }> } = {
  screw: (travel, kept) => ({
    ...screw,
    ...kept,
    betweenBearings: mm(travel + (travel < SHORT ? BEYOND.shortScrew : BEYOND.screw)),
  }),
  rack: (_travel, kept) => ({ ...rack, ...kept }),
  belt: (travel, kept) => ({ ...belt, ...kept, centreDistance: mm(travel + BEYOND.line) }),
  chain: (travel, kept) => ({ ...chain, ...kept, centreDistance: mm(travel + BEYOND.line) }),
  // A crank stands alone.
  crank: (travel) => ({ ...crank(travel), worstShare: single.worstShare }),
};

/**
 * A drive of a kind to start from, for an axis of a travel in m; all estimates out of memory. What the old
 * drive shares with it is kept.
 */
export const startingDrive = (kind: DriveKind, travel: number, kept: Kept = single): Drive =>
  drives[kind](travel, { sets: kept.sets, worstShare: kept.worstShare });

const stepper: Stepper = {
  kind: 'stepper',
  loop: 'open',
  holdingTorque: m('torque', '1.9 N·m'),
  ratedCurrent: m('current', '2.8 A'),
  resistance: m('resistance', '1.1 Ω'),
  inductance: m('inductance', '3.5 mH'),
  rotorTeeth: m('rotorTeeth', '1.8°'),
  rotorInertia: m('inertia', '0.44 kg·cm²'),
  detentTorque: m('torque', '0.06 N·m'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '0.6'),
  curve: null,
};
const servo: Servo = {
  kind: 'servo',
  ratedTorque: m('torque', '1.27 N·m'),
  peakTorque: m('torque', '3.8 N·m'),
  ratedSpeed: m('angularSpeed', '3000 rpm'),
  maxSpeed: m('angularSpeed', '5000 rpm'),
  peakAtMaxSpeed: null,
  rotorInertia: m('inertia', '0.27 kg·cm²'),
  countsPerTurn: m('count', '10000'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '0.9'),
};
const geared: GearedMotor = {
  kind: 'geared',
  gear: 'planetary',
  ratedTorque: m('torque', '4 N·m'),
  stallTorque: m('torque', '16 N·m'),
  noLoadSpeed: m('angularSpeed', '200 rpm'),
  rotorInertia: m('inertia', '15 kg·cm²'),
  countsPerTurn: m('count', '4000'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '0.8'),
};
/**
 * A handwheel: 40 N are kept up, 60 turns a minute (common practice, no source: seldom more than 80 N and
 * 100 a
 * minute). A hundred lines.
 */
const hand: HandCrank = {
  kind: 'hand',
  radius: m('length', '60 mm'),
  effort: m('force', '40 N'),
  cranking: m('angularSpeed', '60 rpm'),
  divisions: m('count', '100'),
  rotorInertia: m('inertia', '15 kg·cm²'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '1'),
};
const motors: { readonly [K in MotorKind]: Extract<Motor, { kind: K }> } = { stepper, servo, geared, hand };

/** A motor of a kind to start from; all estimates out of memory. */
export const startingMotor = (kind: MotorKind): Motor => motors[kind];

/** Usual figures out of memory, marked as estimates. */
const reducers: { readonly [K in Reducer['kind']]: Omit<Reducer, 'kind' | 'ratio'> } = {
  belt: {
    efficiency: m('ratio', '0.96'),
    inertia: m('inertia', '0.6 kg·cm²'),
    backlash: m('angle', '1 arcmin'),
    inputSpeed: null,
    torqueLimit: null,
    stiffness: null,
    pulleys: null,
  },
  planetary: {
    efficiency: m('ratio', '0.94'),
    inertia: m('inertia', '0.15 kg·cm²'),
    backlash: m('angle', '8 arcmin'),
    inputSpeed: m('angularSpeed', '3000 rpm'),
    torqueLimit: null,
    stiffness: null,
    pulleys: null,
  },
};

/** A reducer of a kind and ratio to start from. */
export const startingReducer = (kind: Reducer['kind'], ratio: number): Reducer => ({
  kind,
  ratio: m('ratio', String(ratio)),
  ...reducers[kind],
});
