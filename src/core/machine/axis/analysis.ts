import { type ResolvedDrive, resolveDrive, type SpeedLimit } from '@/core/drives';
import { type ResolvedGuide, resolveGuide } from '@/core/guides';
import type { Axis } from '@/core/model';
import {
  axisForce,
  gravityForce,
  inertiaBehind,
  motorSpeed,
  motorTorque,
  motorTravel,
  reducerSpeed,
  totalDrag,
  turningInertia,
} from '@/core/motion';
import { type ResolvedMotor, resolveMotor, stepper } from '@/core/motors';
import { quantity, type Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';

/** What one motor is asked for, by case. Names are shown on the torque band. */
export type CaseId = 'rapid' | 'speed-up' | 'cut';

export interface LoadCase {
  readonly id: CaseId;
  readonly speed: Quantity<'speed'>;
  readonly force: Quantity<'force'>;
  readonly torque: Quantity<'torque'>;
  readonly line: string;
}

export type RungId = SpeedLimit['id'] | 'torque-rapid' | 'torque-cut' | 'motor-speed' | 'reducer' | 'pulses';

/** A speed at which something gives out, and the speed that is asked of it. */
export interface SpeedRung {
  readonly id: RungId;
  readonly limit: Quantity<'speed'>;
  readonly wish: 'rapid' | 'feed';
  readonly asked: Quantity<'speed'>;
  readonly line: string;
  /** Free length that decides it, where one does. */
  readonly over?: Quantity<'length'> | undefined;
}

/** All that is computed for one axis before anything is judged. */
export interface Analysis {
  readonly axis: Axis;
  readonly mass: Quantity<'mass'>;
  readonly gravity: Quantity<'force'>;
  /** Guides, cable chain and hose. */
  readonly drag: Quantity<'force'>;
  /** Share of the load on the busier of the drives. */
  readonly share: Quantity<'ratio'>;
  readonly drive: ResolvedDrive;
  readonly motor: ResolvedMotor;
  readonly guide: ResolvedGuide;
  readonly cases: Readonly<Record<CaseId, LoadCase>>;
  readonly rungs: readonly SpeedRung[];
  readonly pulsesPerLength: Quantity<'pulsesPerLength'>;
  /** All that sits on the motor shaft. */
  readonly motorInertia: Quantity<'inertia'>;
  readonly gear: Gear;
}

/** What stands between motor and drive. */
export interface Gear {
  readonly ratio: Quantity<'ratio'>;
  readonly reducerEfficiency: Quantity<'ratio'>;
  /** Travel of the axis per radian of the motor, and the line or input that it comes from. */
  readonly kMotor: Quantity<'travelPerRadian'>;
  readonly kSource: string;
}

const STILL = quantity('acceleration', 0);
const UNCUT = quantity('force', 0);
const ONE = quantity('ratio', 1);
const NO_INERTIA = quantity('inertia', 0);

function gearOf({ reducer }: Axis, k: Quantity<'travelPerRadian'>, sheet: Worksheet): Gear {
  if (!reducer) return { ratio: ONE, reducerEfficiency: ONE, kMotor: k, kSource: '#drive.k' };
  const kMotor = sheet.apply(motorTravel, { k, ratio: reducer.ratio.si }, 'motor.k', {
    k: '#drive.k',
    ratio: 'reducer.ratio',
  });
  return { ratio: reducer.ratio.si, reducerEfficiency: reducer.efficiency.si, kMotor, kSource: '#motor.k' };
}

/** Sources of a reducer's figures, where there is one. */
export const gearSources = ({ reducer }: Axis) =>
  reducer ? { ratio: 'reducer.ratio', reducerEfficiency: 'reducer.efficiency' } : {};

/** Sum of all bodies that ride on an axis, kg. */
export const movingMass = (axis: Axis): Quantity<'mass'> =>
  quantity(
    'mass',
    axis.loads.masses.reduce((sum, body) => sum + body.mass.si, 0),
  );

interface ForcePart {
  readonly cutting: Quantity<'force'>;
  readonly acceleration: Quantity<'acceleration'>;
}
type Carried = Pick<Analysis, 'share' | 'mass' | 'gravity' | 'drag'>;
type Shaft = Pick<Analysis, 'axis' | 'drive' | 'motorInertia' | 'gear'>;

/** Thrust of one drive, written as a line. */
export function forceFor(
  axis: Axis,
  { share, mass, gravity, drag }: Carried,
  key: string,
  { cutting, acceleration }: ForcePart,
  sheet: Worksheet,
): Quantity<'force'> {
  return sheet.apply(axisForce, { share, mass, drag, gravity, cutting, acceleration }, key, {
    share: axis.drive.sets === 2 ? 'drive.worstShare' : undefined,
    mass: 'loads.masses',
    drag: '#drag',
    gravity: '#gravity',
    acceleration: acceleration ? 'demands.acceleration' : undefined,
    cutting: cutting ? 'demands.cuttingForce' : undefined,
  });
}

/** Torque at the motor for a thrust, written as a line. */
export function torqueFor(
  { axis, drive, motorInertia, gear }: Shaft,
  key: string,
  force: Quantity<'force'>,
  forceSource: string,
  acceleration: Quantity<'acceleration'>,
  sheet: Worksheet,
): Quantity<'torque'> {
  return sheet.apply(
    motorTorque,
    {
      motorInertia,
      driveInertia: drive.inertia,
      acceleration,
      ratio: gear.ratio,
      reducerEfficiency: gear.reducerEfficiency,
      force,
      k: drive.k,
      efficiency: drive.efficiency,
      drag: drive.drag,
    },
    key,
    {
      motorInertia: '#motor.turning',
      driveInertia: drive.inertiaSource,
      acceleration: acceleration ? 'demands.acceleration' : undefined,
      force: forceSource,
      k: '#drive.k',
      ratio: axis.reducer ? 'reducer.ratio' : undefined,
      reducerEfficiency: axis.reducer ? 'reducer.efficiency' : undefined,
      efficiency: drive.efficiencySource,
      drag: drive.dragSource,
    },
  );
}

/** One drive and its motor in a cut without an end: no acceleration. */
export function steadyCut(
  analysis: Analysis,
  sheet: Worksheet,
): { readonly force: Quantity<'force'>; readonly torque: Quantity<'torque'> } {
  const part = { cutting: analysis.axis.demands.cuttingForce.si, acceleration: STILL };
  const force = forceFor(analysis.axis, analysis, 'force.cut-steady', part, sheet);
  return {
    force,
    torque: torqueFor(analysis, 'torque.cut-steady', force, '#force.cut-steady', STILL, sheet),
  };
}

function rungsOf(
  { axis, cases, drive, motor, gear }: Pick<Analysis, 'axis' | 'cases' | 'drive' | 'motor' | 'gear'>,
  perLength: Quantity<'pulsesPerLength'>,
  sheet: Worksheet,
): SpeedRung[] {
  const { demands, reducer, controller } = axis;
  const { kMotor, kSource } = gear;
  const rapid = demands.rapid.si;
  // Written out: spreading an object cost a fifth of the whole analysis, which remedies run dozens of times.
  const rungs: SpeedRung[] = drive.speedLimits.map(({ id, limit, line, over }) => ({
    id,
    limit,
    line,
    over,
    wish: 'rapid',
    asked: rapid,
  }));
  rungs.push(
    {
      id: 'torque-rapid',
      limit: motor.speedFor(
        cases['speed-up'].torque,
        kMotor,
        kSource,
        'torque-rapid',
        'torque.speed-up',
        sheet,
      ),
      wish: 'rapid',
      asked: rapid,
      line: 'torque-rapid',
    },
    {
      id: 'torque-cut',
      limit: motor.speedFor(cases.cut.torque, kMotor, kSource, 'torque-cut', 'torque.cut', sheet),
      wish: 'feed',
      asked: demands.feed.si,
      line: 'torque-cut',
    },
    {
      id: 'pulses',
      limit: sheet.apply(stepper.pulseSpeed, { limit: controller.pulseLimit.si, perLength }, 'pulses', {
        limit: 'controller.pulseLimit',
        perLength: '#pulsesPerLength',
      }),
      wish: 'rapid',
      asked: rapid,
      line: 'pulses',
    },
  );
  if (motor.topSpeed)
    rungs.push({
      id: 'motor-speed',
      limit: sheet.apply(motorSpeed, { speed: motor.topSpeed.speed, kMotor }, 'motor-speed', {
        speed: motor.topSpeed.source,
        kMotor: kSource,
      }),
      wish: 'rapid',
      asked: rapid,
      line: 'motor-speed',
    });
  if (reducer?.inputSpeed)
    rungs.push({
      id: 'reducer',
      limit: sheet.apply(reducerSpeed, { input: reducer.inputSpeed.si, kMotor }, 'reducer', {
        input: 'reducer.inputSpeed',
        kMotor: kSource,
      }),
      wish: 'rapid',
      asked: rapid,
      line: 'reducer',
    });
  return rungs;
}

/** What the axis carries and what holds it back, whatever it does. */
function carriedBy(axis: Axis, guide: ResolvedGuide, mass: Quantity<'mass'>, sheet: Worksheet): Carried {
  const { demands, loads } = axis;
  const gravity = sheet.apply(
    gravityForce,
    { mass, inclination: demands.inclination.si, counterbalance: loads.counterbalance.si },
    'gravity',
    { mass: 'loads.masses', inclination: 'demands.inclination', counterbalance: 'loads.counterbalance' },
  );
  const drag = sheet.apply(totalDrag, { guides: guide.drag, other: loads.otherDrag.si }, 'drag', {
    guides: guide.dragSource,
    other: 'loads.otherDrag',
  });
  return { share: axis.drive.sets === 2 ? axis.drive.worstShare.si : ONE, mass, gravity, drag };
}

/** The coupling as the motor feels it, and where that comes from. */
function couplingAtMotor({ coupling, reducer }: Axis, sheet: Worksheet) {
  const inertia = coupling.inertia.si;
  if (!reducer || coupling.place === 'motor') return { inertia, source: 'coupling.inertia' };
  const given = { inertia: 'coupling.inertia', ratio: 'reducer.ratio' };
  const felt = sheet.apply(inertiaBehind, { inertia, ratio: reducer.ratio.si }, 'coupling.felt', given);
  return { inertia: felt, source: '#coupling.felt' };
}

/** All that turns with the motor shaft. */
function turning(axis: Axis, motor: ResolvedMotor, sheet: Worksheet): Quantity<'inertia'> {
  const coupling = couplingAtMotor(axis, sheet);
  return sheet.apply(
    turningInertia,
    {
      rotor: motor.rotorInertia,
      coupling: coupling.inertia,
      reducer: axis.reducer?.inertia.si ?? NO_INERTIA,
    },
    'motor.turning',
    {
      rotor: 'motor.rotorInertia',
      coupling: coupling.source,
      reducer: axis.reducer ? 'reducer.inertia' : undefined,
    },
  );
}

type Forces = Readonly<Record<CaseId, Quantity<'force'>>>;

/** Thrust of one drive in every case. */
function forcesOf(axis: Axis, carried: Carried, sheet: Worksheet): Forces {
  const { acceleration, cuttingForce } = axis.demands;
  const force = (key: string, part: ForcePart) => forceFor(axis, carried, key, part, sheet);
  return {
    rapid: force('force.rapid', { cutting: UNCUT, acceleration: STILL }),
    'speed-up': force('force.speed-up', { cutting: UNCUT, acceleration: acceleration.si }),
    cut: force('force.cut', { cutting: cuttingForce.si, acceleration: acceleration.si }),
  };
}

/** Torque of one motor in every case. */
function casesOf(shaft: Shaft, forces: Forces, sheet: Worksheet): Analysis['cases'] {
  const { rapid, feed, acceleration } = shaft.axis.demands;
  const caseOf = (id: CaseId, speed: Quantity<'speed'>, faster: Quantity<'acceleration'>): LoadCase => ({
    id,
    speed,
    force: forces[id],
    torque: torqueFor(shaft, `torque.${id}`, forces[id], `#force.${id}`, faster, sheet),
    line: `torque.${id}`,
  });
  return {
    rapid: caseOf('rapid', rapid.si, STILL),
    'speed-up': caseOf('speed-up', rapid.si, acceleration.si),
    cut: caseOf('cut', feed.si, acceleration.si),
  };
}

/**
 * Computes one axis. Pure; with the silent worksheet it keeps nothing but the result.
 * @param axis a validated axis.
 * @param sheet where the lines of the working go.
 */
export function analyse(axis: Axis, sheet: Worksheet): Analysis {
  const mass = movingMass(axis);
  const guide = resolveGuide(axis, mass, sheet);
  const carried = carriedBy(axis, guide, mass, sheet);
  const { gravity, drag, share } = carried;
  const forces = forcesOf(axis, carried, sheet);
  const drive = resolveDrive(axis, forces.cut, sheet);
  const motor = resolveMotor(axis, sheet);
  const motorInertia = turning(axis, motor, sheet);
  const gear = gearOf(axis, drive.k, sheet);
  const cases = casesOf({ axis, drive, motorInertia, gear }, forces, sheet);
  const ratioSource = axis.reducer ? 'reducer.ratio' : undefined;
  const pulsesPerLength = motor.pulses(gear.ratio, ratioSource, drive.k, sheet);
  const rungs = rungsOf({ axis, cases, drive, motor, gear }, pulsesPerLength, sheet);
  return {
    axis,
    mass,
    gravity,
    drag,
    share,
    drive,
    motor,
    guide,
    cases,
    rungs,
    pulsesPerLength,
    motorInertia,
    gear,
  };
}
