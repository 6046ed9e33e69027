import { type Kind, parseQuantity } from '@/core/units';
import type { Measure } from './measure';
import type {
  Axis,
  BeltDrive,
  ChainDrive,
  Drive,
  DriveKind,
  GearedMotor,
  Guide,
  GuideKind,
  Motor,
  MotorKind,
  RackDrive,
  Reducer,
  ScrewDrive,
  Servo,
  Stepper,
} from './schema';

/** Texts that were read before: a search for remedies starts the same few parts dozens of times. */
const guesses = new Map<string, Measure>();
const MOST_GUESSES = 2000;

/**
 * An estimate out of a typed text. @throws RangeError where the text is no such quantity: a fault of ours.
 */
export function guess<K extends Kind>(kind: K, typed: string): Measure<K> {
  const key = `${kind}:${typed}`;
  const known = guesses.get(key);
  if (known) return known as Measure<K>;
  const read = parseQuantity(kind, typed);
  if (!read.ok) throw new RangeError(`the starting value ${typed} is no ${kind}`);
  const measure: Measure<K> = { typed, si: read.si, basis: 'estimate' };
  if (guesses.size < MOST_GUESSES) guesses.set(key, measure as Measure);
  return measure;
}
const m = guess;
const mm = (length: number) => m('length', `${Math.round(length * 1e3)} mm`);

/** What every drive has, kept when one kind is exchanged for another. */
type Kept = Pick<Drive, 'sets' | 'worstShare'>;
const single: Kept = { sets: 1, worstShare: m('ratio', '1') };

const screwDrive = (travel: number, kept: Kept): ScrewDrive => ({
  kind: 'screw',
  sets: kept.sets,
  worstShare: kept.worstShare,
  turning: 'screw',
  nutInertia: m('inertia', '2 kg·cm²'),
  screwInertia: null,
  thread: {
    kind: 'ball',
    making: 'rolled',
    accuracyClass: 'T7',
    efficiency: m('ratio', '0.9'),
    preload: m('force', '0 N'),
    dynamicLoad: null,
    nutStiffness: null,
    speedLimit: null,
  },
  nominalDiameter: m('length', '16 mm'),
  rootDiameter: m('length', '13.5 mm'),
  lead: m('linearPerTurn', '5 mm'),
  starts: m('count', '1'),
  betweenBearings: mm(travel < 0.2 ? travel + 0.08 : travel + 0.15),
  nutOffset: null,
  play: null,
  motorEnd: 'fixed',
  farEnd: 'supported',
  thrustBearing: 'angular-contact',
  bearingStiffness: null,
  bearingDrag: m('torque', '0.03 N·m'),
  bearingPlay: null,
  temperatureRise: m('temperatureRise', '10 K'),
  stretch: m('force', '0 N'),
});

const wheel = (kept: Kept) => ({
  sets: kept.sets,
  worstShare: kept.worstShare,
  crossShaft: null,
  bearingDrag: m('torque', '0.03 N·m'),
  shaftLoadLimit: null,
  runout: m('length', '0.03 mm'),
  temperatureRise: m('temperatureRise', '10 K'),
});

const rackDrive = (_travel: number, kept: Kept): RackDrive => ({
  kind: 'rack',
  ...wheel(kept),
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
});

const beltDrive = (travel: number, kept: Kept): BeltDrive => ({
  kind: 'belt',
  ...wheel(kept),
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
  centreDistance: mm(travel + 0.3),
  pretension: m('force', '300 N'),
  play: m('length', '0.05 mm'),
  maxSpeed: null,
});

const chainDrive = (travel: number, kept: Kept): ChainDrive => ({
  kind: 'chain',
  ...wheel(kept),
  teeth: m('count', '15'),
  efficiency: m('ratio', '0.95'),
  inertia: m('inertia', '1.5 kg·cm²'),
  overhang: m('length', '20 mm'),
  pitch: m('length', '9.525 mm'),
  breakingLoad: m('force', '8.9 kN'),
  tensileStiffness: m('force', '900 kN'),
  lineMass: m('linearDensity', '0.41 kg/m'),
  centreDistance: mm(travel + 0.3),
  pretension: m('force', '150 N'),
  laid: 'free',
  wear: m('ratio', '0.5 %'),
  play: m('length', '0.2 mm'),
  maxSpeed: null,
});

const drives: { readonly [K in DriveKind]: (travel: number, kept: Kept) => Extract<Drive, { kind: K }> } = {
  screw: screwDrive,
  rack: rackDrive,
  belt: beltDrive,
  chain: chainDrive,
};

/**
 * A drive of a kind to start from, for an axis of a travel in m; all estimates out of memory. What the old
 * drive shares with it is kept.
 */
export const startingDrive = (kind: DriveKind, travel: number, kept: Kept = single): Drive =>
  drives[kind](travel, kept);

const stepper = (): Stepper => ({
  kind: 'stepper',
  loop: 'open',
  holdingTorque: m('torque', '1.9 N·m'),
  ratedCurrent: m('current', '2.8 A'),
  resistance: m('resistance', '1.1 Ω'),
  inductance: m('inductance', '3.5 mH'),
  rotorTeeth: m('rotorTeeth', '50 teeth'),
  rotorInertia: m('inertia', '0.44 kg·cm²'),
  detentTorque: m('torque', '0.06 N·m'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '0.6'),
  curve: null,
});
const servo = (): Servo => ({
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
});
const geared = (): GearedMotor => ({
  kind: 'geared',
  gear: 'planetary',
  ratedTorque: m('torque', '4 N·m'),
  stallTorque: m('torque', '16 N·m'),
  noLoadSpeed: m('angularSpeed', '200 rpm'),
  rotorInertia: m('inertia', '15 kg·cm²'),
  countsPerTurn: m('count', '4000'),
  brakeTorque: m('torque', '0 N·m'),
  usableShare: m('ratio', '0.8'),
});
const motors: { readonly [K in MotorKind]: () => Extract<Motor, { kind: K }> } = { stepper, servo, geared };

/** A motor of a kind to start from; all estimates out of memory. */
export const startingMotor = (kind: MotorKind): Motor => motors[kind]();

/**
 * A reducer to start from, with usual figures out of memory marked as estimates: belts 0.96 and hardly any
 * play, planetary gears 0.94 and 8 arcmin.
 */
export function startingReducer(kind: Reducer['kind'], ratio: number): Reducer {
  const belt = kind === 'belt';
  return {
    kind,
    ratio: m('ratio', String(ratio)),
    efficiency: m('ratio', belt ? '0.96' : '0.94'),
    inertia: m('inertia', belt ? '0.6 kg·cm²' : '0.15 kg·cm²'),
    backlash: m('angle', belt ? '1 arcmin' : '8 arcmin'),
    inputSpeed: belt ? null : m('angularSpeed', '3000 rpm'),
    torqueLimit: null,
    stiffness: null,
    pulleys: null,
  };
}

/**
 * Usual friction, seals and stiffness of a carriage, out of memory: a rough start that asks for the
 * datasheet.
 */
const guideUsual: Record<
  GuideKind,
  readonly [friction: string, seal: string, vertical: string, lateral: string, races: string]
> = {
  profile: ['0.004', '3 N', '200 N/µm', '140 N/µm', '15 mm'],
  miniature: ['0.005', '1 N', '60 N/µm', '45 N/µm', '8 mm'],
  'supported-round': ['0.004', '3 N', '60 N/µm', '40 N/µm', '0 mm'],
  'round-rod': ['0.004', '2 N', '40 N/µm', '40 N/µm', '0 mm'],
  'v-wheel': ['0.03', '0 N', '5 N/µm', '5 N/µm', '0 mm'],
  'tube-bearing': ['0.01', '0 N', '8 N/µm', '8 N/µm', '0 mm'],
};

const usualSize: Record<GuideKind, string> = {
  profile: '20 mm',
  miniature: '12 mm',
  'supported-round': '20 mm',
  'round-rod': '20 mm',
  'v-wheel': '20 mm',
  'tube-bearing': '30 mm',
};

/** A guide of a kind: what is particular to it starts anew, where things stand on the axis is kept. */
export function guideOfKind(kind: GuideKind, kept: Guide): Guide {
  const [friction, seal, vertical, lateral, races] = guideUsual[kind];
  return {
    ...kept,
    kind,
    friction: m('ratio', friction),
    seal: m('force', seal),
    verticalStiffness: m('stiffness', vertical),
    lateralStiffness: m('stiffness', lateral),
    raceSpacing: m('length', races),
    size: m('length', usualSize[kind]),
    dynamicLoad: null,
    staticLoad: null,
  };
}

export function startingGuide(): Guide {
  const none = m('length', '0 mm');
  return {
    kind: 'profile',
    mounting: 'flat',
    rails: m('count', '2'),
    perRail: m('count', '2'),
    spacing: null,
    railLength: null,
    carriageSpan: null,
    carriageLength: null,
    raceSpacing: m('length', '15 mm'),
    size: null,
    dynamicLoad: null,
    ratingBasis: 50,
    staticLoad: null,
    verticalStiffness: m('stiffness', '200 N/µm'),
    lateralStiffness: m('stiffness', '140 N/µm'),
    preload: 'light',
    friction: m('ratio', '0.004'),
    seal: m('force', '3 N'),
    shock: m('ratio', '1.5'),
    overhang: none,
    heightError: null,
    parallelError: null,
    massX: none,
    massY: none,
    massZ: none,
    toolX: none,
    toolY: none,
    toolZ: none,
    driveY: none,
    driveZ: none,
    sideForce: null,
    normalForce: null,
  };
}

export const startingCoupling = (): Axis['coupling'] => ({
  kind: 'beam',
  inertia: m('inertia', '0.1 kg·cm²'),
  stiffness: null,
  backlash: m('angle', '0°'),
  torqueLimit: null,
  runout: null,
});
