import { fit } from '@/core/fit';
import type { Axis } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type { Analysis } from './analysis';
import { caught, type Caught } from './cushions';
import { holdingDrag, holdingTorque } from './duty';
import { type EndPlace, endPlaces, type Side, sides } from './end-places';
import { type ControllerFigures, controllerFigures } from './told';

/** What happens at one end: under control, without power, and when nobody stops it. */
export interface EndReport {
  readonly side: Side;
  readonly place: EndPlace;
  /** From the trip to where the crash zone begins, less the spread; and the paths to standstill, m. */
  readonly room: number;
  readonly stopHome: number | null;
  /** Run without power, from where braking would begin, before the cushion is met, m. */
  readonly free: number;
  /** Energy left when the cushion is met: without power, and from rapid without braking; J. */
  readonly coasting: { readonly energy: number; readonly caught: Caught };
  readonly runaway: { readonly energy: number; readonly caught: Caught };
  /** Fastest homing that the over-travel of the switch allows, m/s; null where it is not said. */
  readonly homeLimit: number | null;
}

/** How an axis stops and finds its zero. */
export interface EndsReport {
  readonly begun: boolean;
  readonly ends: Readonly<Record<Side, EndReport>>;
  /** Mass with rotors and screw, kg, without loss and with those of the drive. */
  readonly felt: number;
  readonly feltLossy: number;
  /** What brakes without power, N: negative where the weight wins. */
  readonly brake: number;
  /** Run without power from rapid, m: as read, or predicted; null where the weight wins. */
  readonly coast: number | null;
  readonly coastRead: boolean;
  /** What the motors push with when they stand at the stop, N. */
  readonly lean: number;
  /** Spread of the home position by polling, m; null where no second pass is said. */
  readonly homeSpread: number | null;
  /** How far two steppers may stand apart at power-up, m; null where there are not two. */
  readonly skew: number | null;
  /** What the controller is told; null where the axis has no home. */
  readonly told: ControllerFigures | null;
}

/** Between two looks of a controller at its inputs, s; common practice, no source. */
const POLL = quantity('time', 0.001);
/** Full steps that a rotor may fall when it is switched on; derived: half of a pole pair either way. */
const JUMP = quantity('count', 2);
/** Full steps of a turn for each rotor tooth. */
const STEPS_PER_TOOTH = 4;

const endSaid = (end: Axis['fit']['ends'][Side]): boolean =>
  end.switch !== 'none' || end.trip !== null || end.cushion.kind !== 'rigid' || end.over !== null;

/** Whether anybody has begun to say how the axis stops. */
export const endsBegun = ({ fit: { ends, homing, crank, stopForce, read } }: Axis): boolean =>
  sides.some((side) => endSaid(ends[side])) ||
  homing.at !== 'none' ||
  crank !== 'none' ||
  stopForce !== null ||
  read.coast !== null;

function feltMass(analysis: Analysis, efficiency: Quantity<'ratio'>, key: string, sheet: Worksheet) {
  const { axis, drive, gear, motorInertia, mass, massSource } = analysis;
  const turning = axis.drive.sets * (drive.inertia + motorInertia * gear.ratio ** 2);
  const inertia = quantity('inertia', turning);
  return sheet.apply(fit.feltMass, { mass, efficiency, inertia, travel: drive.k }, key, {
    mass: massSource,
    travel: '#drive.k',
    efficiency: drive.efficiencySource,
  });
}

/** What brakes when the power is gone: credited drag and brake, less the weight. */
function brakeForce(analysis: Analysis, sheet: Worksheet): Quantity<'force'> {
  const { axis, drive, gear, gravity, motor } = analysis;
  const shaft = holdingTorque(analysis, sheet) + motor.brake * gear.ratio;
  const guides = holdingDrag(analysis, sheet);
  return quantity('force', guides + (axis.drive.sets * shaft) / drive.k - Math.abs(gravity));
}

interface Moving {
  readonly mass: Quantity<'mass'>;
  readonly brake: Quantity<'force'>;
}

function endReport(
  { axis }: Analysis,
  side: Side,
  place: EndPlace,
  { mass, brake }: Moving,
  sheet: Worksheet,
): EndReport {
  const { demands, fit: said } = axis;
  const { homing, reaction: delay } = said;
  const end = said.ends[side];
  const jerk = demands.jerk?.si ?? quantity('jerk', Infinity);
  const acceleration = demands.acceleration.si;
  const reaction = delay?.si ?? quantity('time', 0);
  const key = `ends.${side}`;
  const speed = demands.rapid.si;
  // Braking begins so far before the soft limit: the latest moment at which the power may fail at full speed.
  const braking = fit.stopPath.evaluate({ speed, reaction: quantity('time', 0), acceleration, jerk });
  const free = braking + place.margin + place.trip - place.crash;
  const path = quantity('length', Math.max(0, free));
  const meets = { mass, speed, force: brake, path };
  const coasting = sheet.apply(fit.meetingEnergy, meets, `${key}.coast`);
  const full = sheet.apply(
    fit.meetingEnergy,
    { mass, speed, force: quantity('force', 0), path: quantity('length', 0) },
    `${key}.runaway`,
  );
  const slow = homing.speed?.si;
  return {
    side,
    place,
    room: place.trip - place.crash - place.scatter,
    stopHome:
      slow === undefined
        ? null
        : sheet.apply(fit.stopPath, { speed: slow, reaction, acceleration, jerk }, `${key}.home`),
    free,
    coasting: { energy: coasting, caught: caught(end.cushion, coasting, brake, `${key}.coasting`, sheet) },
    runaway: { energy: full, caught: caught(end.cushion, full, brake, `${key}.full`, sheet) },
    homeLimit: end.over
      ? sheet.apply(fit.homingSpeed, { acceleration, reaction, over: end.over.si }, `${key}.homing`)
      : null,
  };
}

function skewOf({ axis, gear }: Analysis, sheet: Worksheet): number | null {
  const { drive, motor } = axis;
  if (drive.sets !== 2 || motor.kind !== 'stepper') return null;
  const stepsPerTurn = quantity('count', motor.rotorTeeth.si * STEPS_PER_TOOTH);
  return sheet.apply(fit.powerUpSkew, { steps: JUMP, stepsPerTurn, travel: gear.kMotor }, 'ends.skew', {
    travel: gear.kSource,
  });
}

/** What all motors of the axis push with at rest. */
function leanOf(analysis: Analysis, sheet: Worksheet): number {
  const { axis, drive, gear, motor } = analysis;
  const torque = axis.drive.sets * motor.pullOut(quantity('angularSpeed', 0));
  const efficiency = quantity('ratio', drive.efficiency * gear.reducerEfficiency);
  const given = { torque: quantity('torque', torque), efficiency, travel: gear.kMotor };
  return sheet.apply(fit.leaningForce, given, 'ends.lean', { travel: gear.kSource });
}

/** What brakes so that the run is as long as it was read. */
const brakeByRun = (mass: number, speed: number, run: number) =>
  quantity('force', (mass * speed * speed) / (2 * run));

/** How an axis stops at its ends and finds its zero. @param sheet where the lines of the working go. */
export function endsOf(analysis: Analysis, sheet: Worksheet): EndsReport {
  const { axis, drive } = analysis;
  const { read, homing } = axis.fit;
  const speed = axis.demands.rapid.si;
  const felt = feltMass(analysis, quantity('ratio', 1), 'ends.felt', sheet);
  const feltLossy = feltMass(analysis, drive.efficiency, 'ends.felt-lossy', sheet);
  const run = read.coast?.si;
  const brake = run ? brakeByRun(felt, speed, run) : brakeForce(analysis, sheet);
  const runs = { mass: felt, speed, force: brake };
  const coast = run ?? (brake > 0 ? sheet.apply(fit.coastPath, runs, 'ends.run') : null);
  const places = endPlaces(axis, sheet);
  const moving = { mass: felt, brake };
  const again = homing.again?.si;
  return {
    begun: endsBegun(axis),
    ends: {
      near: endReport(analysis, 'near', places.near, moving, sheet),
      far: endReport(analysis, 'far', places.far, moving, sheet),
    },
    felt,
    feltLossy,
    brake,
    coast,
    coastRead: run !== undefined,
    lean: leanOf(analysis, sheet),
    homeSpread:
      again === undefined
        ? null
        : sheet.apply(fit.homingSpread, { speed: again, poll: POLL }, 'ends.home-spread', {
            speed: 'fit.homing.again',
          }),
    skew: skewOf(analysis, sheet),
    told: controllerFigures(axis, places),
  };
}
