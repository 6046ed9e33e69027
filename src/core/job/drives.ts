import type { Place } from '@/core/gcode';
import {
  analyse,
  type Analysis,
  loadedAxes,
  lostMotionOf,
  signedTrain,
  trainStiffness,
} from '@/core/machine';
import { curveOff } from '@/core/doubt';
import { type Axis, halfWidth, isCranked, type Project } from '@/core/model';
import { trainTorque } from '@/core/motion';
import { quantity } from '@/core/units';
import { silentWorksheet } from '@/core/worksheet';
import type { Limits } from './machine';

/** Letters of the axes that G-code moves, in the order of a place. */
export const jobLetters = ['X', 'Y', 'Z'] as const;

/** One axis as a job asks it; SI, speeds and forces of the axis. */
export interface JobDrive {
  readonly axisId: string;
  readonly name: string;
  /** Counted from the low soft limit. */
  readonly travel: number;
  readonly speed: number;
  readonly acceleration: number;
  /** Infinity: none is kept to. */
  readonly jerk: number;
  /** Torque that one motor may be asked for, and at which it loses steps or falls behind, N·m. */
  readonly usable: (speed: number) => number;
  readonly pullOut: (speed: number) => number;
  /**
   * Torque of one motor, N·m. @param way 1 towards plus, -1 the other way, 0 standing. @param faster gain of
   * speed along its way, m/s². @param cut force against it, N.
   */
  readonly need: (way: number, faster: number, cut: number) => number;
  readonly pulsesPerLength: number;
  readonly pulseLimit: number;
  /** Torque for ever, N·m; null: it heats with its set current, whatever it does. */
  readonly continuous: number | null;
  /** What it loses at a reversal, m. */
  readonly lost: number;
  /** How little is known of torque asked over torque that pulls out, relative, one standard deviation. */
  readonly doubt: number;
}

/** Places of a torque curve that is kept as a table. */
const PLACES = 512;
/** Beyond the top speed of an axis by so much: what is asked by mistake is still answered. */
const BEYOND = 1.25;

/** A curve over speed as a table: a job asks millions of times. @param most fastest, m/s. */
function tabled(of: (speed: number) => number, most: number): (speed: number) => number {
  const step = most / (PLACES - 1);
  const table = Float64Array.from({ length: PLACES }, (_, i) => of(i * step));
  return (speed) => {
    const at = Math.min(PLACES - 1, Math.max(0, speed / step));
    const low = Math.min(PLACES - 2, Math.floor(at));
    return table[low]! + (table[low + 1]! - table[low]!) * (at - low);
  };
}

/** Force on one drive against its way, N: friction, weight by the way, the cut, and what the mass asks. */
function forceOf({ axis, share, mass, drag, gravity }: Analysis, way: number, faster: number, cut: number) {
  // Which end of a tilted axis is up is only known of the one that plunges.
  const weight = axis.role === 'plunge' ? (way < 0 ? -gravity : gravity) : Math.abs(gravity);
  const friction = way === 0 ? 0 : drag;
  return share * (mass * faster + friction + weight + cut);
}

/** Half-widths of 95 % in one standard deviation. */
const TO_95 = 1.96;
/** What masses, friction and cuts may be off by together, half-width: as an estimate of the document. */
const ASKED_OFF = 0.25;

/** Doubt of what is asked and of the torque that there is, which know nothing of one another (JCGM 100). */
function doubtOfTorque({ motor }: Axis): number {
  const rated =
    motor.kind === 'stepper' ? motor.holdingTorque : motor.kind === 'servo' ? motor.peakTorque : null;
  const curve = motor.kind === 'stepper' && motor.curve ? curveOff(motor.curve.points) : null;
  const there = curve ?? (rated && rated.si > 0 ? halfWidth(rated) / rated.si : ASKED_OFF);
  return Math.hypot(there, ASKED_OFF) / TO_95;
}

function driveOf(axis: Axis): JobDrive {
  const sheet = silentWorksheet;
  const analysis = analyse(axis, sheet);
  const { motor, gear, pulsesPerLength } = analysis;
  const train = signedTrain(analysis);
  const { demands, controller } = axis;
  const most = demands.rapid.si * BEYOND;
  const turns = (speed: number) => quantity('angularSpeed', speed / gear.kMotor);
  return {
    axisId: axis.id,
    name: axis.name,
    travel: demands.travel.si,
    speed: demands.rapid.si,
    acceleration: demands.acceleration.si,
    jerk: demands.jerk?.si ?? Infinity,
    usable: tabled((v) => motor.usable(turns(v)), most),
    pullOut: tabled((v) => motor.pullOut(turns(v)), most),
    need: (way, faster, cut) => Math.abs(trainTorque(train, faster, forceOf(analysis, way, faster, cut))),
    pulsesPerLength,
    pulseLimit: controller.pulseLimit.si,
    continuous: motor.continuous?.torque ?? null,
    doubt: doubtOfTorque(axis),
    lost: lostMotionOf(analysis, trainStiffness(analysis, sheet), sheet).value,
  };
}

/** The axes that a job moves, X to Z; null: there is none of that letter, or it has no motor. */
export type JobDrives = readonly [JobDrive | null, JobDrive | null, JobDrive | null];

export function drivesOf(project: Project): JobDrives {
  const axes = loadedAxes(project).filter((a) => !isCranked(a));
  const [x, y, z] = jobLetters.map((letter) => {
    const axis = axes.find((a) => a.letter.toUpperCase() === letter);
    return axis ? driveOf(axis) : null;
  });
  return [x!, y!, z!];
}

/** An axis that is not there holds nothing up. */
const FREE = { speed: 1e3, acceleration: 1e6, jerk: Infinity } as const;

export function limitsOf(drives: JobDrives): Limits {
  const of = (key: 'speed' | 'acceleration' | 'jerk'): Place => {
    const [x, y, z] = drives.map((d) => d?.[key] ?? FREE[key]);
    return [x!, y!, z!];
  };
  return { speed: of('speed'), acceleration: of('acceleration'), jerk: of('jerk') };
}
