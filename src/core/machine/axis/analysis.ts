import { type ResolvedDrive, resolveDrive, type SpeedLimit, type Swing } from '@/core/drives';
import { type ResolvedGuide, resolveGuide } from '@/core/guides';
import { type Axis, isCranked, isPositioned } from '@/core/model';
import { axisForce, motorSpeed, motorTorque, reducerSpeed, totalDrag } from '@/core/motion';
import { type ResolvedMotor, resolveMotor, stepper } from '@/core/motors';
import { quantity, type Quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { type Balanced, balanced, besideGuides } from './balance';
import { type Gear, gearOf, turning } from './gear';
import { swung } from './swung';

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
  /** Mass that is sped up, counterweights among it, and where it comes from. */
  readonly mass: Quantity<'mass'>;
  readonly massSource: string;
  /** Weight along the axis less what balances it, where most is left; below 0 it is pushed up. */
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
  readonly balance: Balanced;
}

const STILL = quantity('acceleration', 0);
const UNCUT = quantity('force', 0);
const ONE = quantity('ratio', 1);

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
type Carried = Pick<Analysis, 'share' | 'mass' | 'massSource' | 'gravity' | 'drag'>;
type Shaft = Pick<Analysis, 'axis' | 'drive' | 'motorInertia' | 'gear'>;

/** Where the acceleration comes from: what is asked, or what a crank makes of its speed. */
const accelerationOf = ({ drive }: Axis): string =>
  drive.kind === 'crank' ? '#crank.acceleration' : 'demands.acceleration';

/** Thrust of one drive, written as a line. */
export function forceFor(
  axis: Axis,
  { share, mass, massSource, gravity, drag }: Carried,
  key: string,
  { cutting, acceleration }: ForcePart,
  sheet: Worksheet,
): Quantity<'force'> {
  return sheet.apply(axisForce, { share, mass, drag, gravity, cutting, acceleration }, key, {
    share: axis.drive.sets === 2 ? 'drive.worstShare' : undefined,
    mass: massSource,
    drag: '#drag',
    gravity: '#gravity',
    acceleration: acceleration ? accelerationOf(axis) : undefined,
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

type Torques = Pick<Analysis, 'axis' | 'cases' | 'motor' | 'gear'>;

/** Speeds up to which the torque lasts. */
function torqueRungs({ axis, cases, motor, gear }: Torques, sheet: Worksheet): SpeedRung[] {
  const { rapid, feed } = axis.demands;
  const rung = (id: 'torque-rapid' | 'torque-cut', of: CaseId, wish: SpeedRung['wish']): SpeedRung[] => {
    const { torque, line } = cases[of];
    // A hand has one torque at any speed that it keeps up: it is enough, or it is not.
    if (isCranked(axis) && motor.usable(quantity('angularSpeed', 0)) >= torque) return [];
    const limit = motor.speedFor(torque, gear.kMotor, gear.kSource, id, line, sheet);
    return [{ id, limit, wish, asked: wish === 'rapid' ? rapid.si : feed.si, line: id }];
  };
  return [...rung('torque-rapid', 'speed-up', 'rapid'), ...rung('torque-cut', 'cut', 'feed')];
}

function rungsOf(
  { axis, cases, drive, motor, gear }: Torques & Pick<Analysis, 'drive'>,
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
  rungs.push(...torqueRungs({ axis, cases, motor, gear }, sheet));
  if (isPositioned(axis))
    rungs.push({
      id: 'pulses',
      limit: sheet.apply(stepper.pulseSpeed, { limit: controller.pulseLimit.si, perLength }, 'pulses', {
        limit: 'controller.pulseLimit',
        perLength: '#pulsesPerLength',
      }),
      wish: 'rapid',
      asked: rapid,
      line: 'pulses',
    });
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

/** What the axis carries and what holds it back, whatever it does; its guides as they are then loaded. */
function carriedBy(axis: Axis, sheet: Worksheet): Carried & Pick<Analysis, 'guide' | 'balance'> {
  const moving = movingMass(axis);
  const balance = balanced(axis, moving, sheet);
  const guide = resolveGuide(balance.axis, moving, sheet);
  const other = besideGuides(axis, sheet);
  const drag = sheet.apply(totalDrag, { guides: guide.drag, other: other.value }, 'drag', {
    guides: guide.dragSource,
    other: other.source,
  });
  const share = axis.drive.sets === 2 ? axis.drive.worstShare.si : ONE;
  const { mass, massSource, gravity } = balance;
  return { share, mass, massSource, gravity, drag, guide, balance };
}

type Forces = Readonly<Record<CaseId, Quantity<'force'>>>;

/** Acceleration that is asked: a hand takes its time. */
const rampOf = (axis: Axis) => (isCranked(axis) ? STILL : axis.demands.acceleration.si);

/** Thrust of one drive in every case. */
function forcesOf(axis: Axis, carried: Carried, sheet: Worksheet): Forces {
  const { cuttingForce } = axis.demands;
  const acceleration = rampOf(axis);
  const force = (key: string, part: ForcePart) => forceFor(axis, carried, key, part, sheet);
  return {
    rapid: force('force.rapid', { cutting: UNCUT, acceleration: STILL }),
    'speed-up': force('force.speed-up', { cutting: UNCUT, acceleration }),
    cut: force('force.cut', { cutting: cuttingForce.si, acceleration }),
  };
}

/** A thrust without what the mass asks of it. */
const steadyOf = ({ share, mass }: Carried, force: number, faster: number): Quantity<'force'> =>
  quantity('force', force - share * mass * faster);

interface SwingCase {
  readonly id: CaseId;
  readonly speed: Quantity<'speed'>;
  readonly steady: Quantity<'force'>;
}

/** Torque at the worst angle of a crank that turns evenly. */
function swingTorque(
  shaft: Shaft & Carried,
  swing: Swing,
  { id, speed, steady }: SwingCase,
  sheet: Worksheet,
): Quantity<'torque'> {
  const mass = quantity('mass', shaft.share * shaft.mass);
  const thrust = swing.thrust({ steady, mass, speed }, `swing.${id}`, sheet);
  return torqueFor(shaft, `torque.${id}`, thrust, `#swing.${id}`, STILL, sheet);
}

/** Torque of one motor in every case. */
function casesOf(shaft: Shaft & Carried, forces: Forces, sheet: Worksheet): Analysis['cases'] {
  const { rapid, feed } = shaft.axis.demands;
  const acceleration = rampOf(shaft.axis);
  const caseOf = (id: CaseId, speed: Quantity<'speed'>, faster: Quantity<'acceleration'>): LoadCase => {
    const key = `torque.${id}`;
    const { swing } = shaft.drive;
    const force = forces[id];
    const torque = swing
      ? swingTorque(shaft, swing, { id, speed, steady: steadyOf(shaft, force, faster) }, sheet)
      : torqueFor(shaft, key, force, `#force.${id}`, faster, sheet);
    return { id, speed, force, torque, line: key };
  };
  return {
    rapid: caseOf('rapid', rapid.si, STILL),
    'speed-up': caseOf('speed-up', rapid.si, acceleration),
    cut: caseOf('cut', feed.si, acceleration),
  };
}

/**
 * Computes one axis. Pure; with the silent worksheet it keeps nothing but the result.
 * @param stored a validated axis.
 * @param sheet where the lines of the working go.
 */
export function analyse(stored: Axis, sheet: Worksheet): Analysis {
  const axis = swung(stored);
  const carried = carriedBy(axis, sheet);
  const forces = forcesOf(axis, carried, sheet);
  const drive = resolveDrive(axis, forces.cut, sheet);
  const motor = resolveMotor(axis, sheet);
  const motorInertia = turning(axis, motor, sheet);
  const gear = gearOf(axis, drive.k, sheet);
  // Written out here and below: objects that are spread and added to cost more than what stands in them.
  const { mass, massSource, gravity, drag, share, guide, balance } = carried;
  const shaft = { axis, mass, massSource, gravity, drag, share, drive, motorInertia, gear };
  const cases = casesOf(shaft, forces, sheet);
  const ratioSource = axis.reducer ? 'reducer.ratio' : undefined;
  const pulsesPerLength = motor.pulses(gear.ratio, ratioSource, drive.k, sheet);
  const rungs = rungsOf({ axis, cases, drive, motor, gear }, pulsesPerLength, sheet);
  return {
    axis,
    mass,
    massSource,
    gravity,
    drag,
    share,
    guide,
    balance,
    drive,
    motor,
    cases,
    rungs,
    pulsesPerLength,
    motorInertia,
    gear,
  };
}
