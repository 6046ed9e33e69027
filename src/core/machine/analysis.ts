import { type ResolvedDrive, resolveScrew } from '@/core/drives';
import type { Axis } from '@/core/model';
import { accelerationLimit, axisForce, gravityForce, motorTorque, motorTravel, reducerSpeed, turningInertia } from '@/core/motion';
import { type ResolvedMotor, resolveStepper, stepper } from '@/core/motors';
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

export type RungId = 'whip' | 'dn' | 'torque-rapid' | 'torque-cut' | 'reducer' | 'pulses';

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

export interface AccelerationRung {
  readonly id: 'at-rapid' | 'under-cut';
  readonly limit: Quantity<'acceleration'>;
  readonly line: string;
}

/** All that is computed for one axis before anything is judged. */
export interface Analysis {
  readonly axis: Axis;
  readonly mass: Quantity<'mass'>;
  readonly gravity: Quantity<'force'>;
  /** Share of the load on the busier of the drives. */
  readonly share: Quantity<'ratio'>;
  readonly drive: ResolvedDrive;
  readonly motor: ResolvedMotor;
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

const ONE = quantity('ratio', 1);

function gearOf({ reducer }: Axis, k: Quantity<'travelPerRadian'>, sheet: Worksheet): Gear {
  if (!reducer) return { ratio: ONE, reducerEfficiency: ONE, kMotor: k, kSource: '#drive.k' };
  const kMotor = sheet.apply(motorTravel, { k, ratio: reducer.ratio.si }, 'motor.k', { k: '#drive.k', ratio: 'reducer.ratio' });
  return { ratio: reducer.ratio.si, reducerEfficiency: reducer.efficiency.si, kMotor, kSource: '#motor.k' };
}

/** Sources of a reducer's figures, where there is one. */
export const gearSources = ({ reducer }: Axis) => (reducer ? { ratio: 'reducer.ratio', reducerEfficiency: 'reducer.efficiency' } : {});

/** Sum of all bodies that ride on an axis, kg. */
export const movingMass = (axis: Axis): Quantity<'mass'> => quantity('mass', axis.loads.masses.reduce((sum, body) => sum + body.mass.si, 0));

interface ForcePart { readonly cutting: Quantity<'force'>; readonly acceleration: Quantity<'acceleration'> }
type Carried = Pick<Analysis, 'share' | 'mass' | 'gravity'>;
type Shaft = Pick<Analysis, 'axis' | 'drive' | 'motorInertia' | 'gear'>;

function forceFor(axis: Axis, { share, mass, gravity }: Carried, key: string, { cutting, acceleration }: ForcePart, sheet: Worksheet): Quantity<'force'> {
  return sheet.apply(axisForce, { share, mass, drag: axis.loads.guideDrag.si, gravity, cutting, acceleration }, key, {
    share: axis.drive.sets === 2 ? 'drive.worstShare' : undefined, mass: 'loads.masses', drag: 'loads.guideDrag', gravity: '#gravity',
    acceleration: acceleration ? 'demands.acceleration' : undefined, cutting: cutting ? 'demands.cuttingForce' : undefined,
  });
}

function torqueFor({ axis, drive, motorInertia, gear }: Shaft, key: string, force: Quantity<'force'>, forceSource: string, acceleration: Quantity<'acceleration'>, sheet: Worksheet): Quantity<'torque'> {
  return sheet.apply(motorTorque, { motorInertia, driveInertia: drive.inertia, acceleration, ratio: gear.ratio, reducerEfficiency: gear.reducerEfficiency, force, k: drive.k, efficiency: drive.efficiency, drag: drive.drag }, key, {
    motorInertia: '#motor.turning', driveInertia: drive.inertiaSource, acceleration: acceleration ? 'demands.acceleration' : undefined, force: forceSource, k: '#drive.k',
    ratio: axis.reducer ? 'reducer.ratio' : undefined, reducerEfficiency: axis.reducer ? 'reducer.efficiency' : undefined,
    efficiency: axis.drive.thread.kind === 'ball' ? 'drive.thread.efficiency' : '#drive.efficiency', drag: '#drive.drag',
  });
}

/**
 * Computes one axis. Pure; with the silent worksheet it keeps nothing but the result.
 * @param axis a validated axis.
 * @param sheet where the lines of the working go.
 */
export function analyse(axis: Axis, sheet: Worksheet): Analysis {
  const { demands, loads } = axis;
  const mass = movingMass(axis);
  const share = axis.drive.sets === 2 ? axis.drive.worstShare.si : quantity('ratio', 1);
  const gravity = sheet.apply(gravityForce, { mass, inclination: demands.inclination.si, counterbalance: loads.counterbalance.si }, 'gravity', { mass: 'loads.masses', inclination: 'demands.inclination', counterbalance: 'loads.counterbalance' });
  const still = quantity('acceleration', 0);
  const uncut = quantity('force', 0);
  const asked = demands.acceleration.si;
  const forceOf = (key: string, part: ForcePart) => forceFor(axis, { share, mass, gravity }, key, part, sheet);
  const forces = {
    rapid: forceOf('force.rapid', { cutting: uncut, acceleration: still }),
    'speed-up': forceOf('force.speed-up', { cutting: uncut, acceleration: asked }),
    cut: forceOf('force.cut', { cutting: demands.cuttingForce.si, acceleration: asked }),
  };

  const drive = resolveScrew(axis.drive, demands.travel.si, forces.cut, sheet);
  const motor = resolveStepper(axis.motor, axis.driver, axis.supply, sheet);
  const motorInertia = sheet.apply(turningInertia, { rotor: motor.rotorInertia, coupling: axis.coupling.inertia.si, reducer: axis.reducer?.inertia.si ?? quantity('inertia', 0) }, 'motor.turning', { rotor: 'motor.rotorInertia', coupling: 'coupling.inertia', reducer: axis.reducer ? 'reducer.inertia' : undefined });
  const gear = gearOf(axis, drive.k, sheet);
  const { ratio, kMotor } = gear;
  const shaft: Shaft = { axis, drive, motorInertia, gear };
  const torqueOf = (key: CaseId, acceleration: Quantity<'acceleration'>) => torqueFor(shaft, `torque.${key}`, forces[key], `#force.${key}`, acceleration, sheet);
  const caseOf = (id: CaseId, speed: Quantity<'speed'>, acceleration: Quantity<'acceleration'>): LoadCase => ({ id, speed, force: forces[id], torque: torqueOf(id, acceleration), line: `torque.${id}` });
  const cases = {
    rapid: caseOf('rapid', demands.rapid.si, still),
    'speed-up': caseOf('speed-up', demands.rapid.si, asked),
    cut: caseOf('cut', demands.feed.si, asked),
  };

  const perLength = sheet.apply(stepper.pulsesPerLength, { teeth: axis.motor.rotorTeeth.si, microsteps: axis.driver.microsteps.si, ratio, k: drive.k }, 'pulsesPerLength', { teeth: 'motor.rotorTeeth', microsteps: 'driver.microsteps', ratio: axis.reducer ? 'reducer.ratio' : undefined, k: '#drive.k' });
  // Written out: spreading an object cost a fifth of the whole analysis, which remedies run dozens of times.
  const rungs: SpeedRung[] = drive.speedLimits.map(({ id, limit, line, over }) => ({ id, limit, line, over, wish: 'rapid', asked: demands.rapid.si }));
  rungs.push(
    { id: 'torque-rapid', limit: motor.speedFor(cases['speed-up'].torque, kMotor, gear.kSource, 'torque-rapid', 'torque.speed-up', sheet), wish: 'rapid', asked: demands.rapid.si, line: 'torque-rapid' },
    { id: 'torque-cut', limit: motor.speedFor(cases.cut.torque, kMotor, gear.kSource, 'torque-cut', 'torque.cut', sheet), wish: 'feed', asked: demands.feed.si, line: 'torque-cut' },
    { id: 'pulses', limit: sheet.apply(stepper.pulseSpeed, { limit: axis.controller.pulseLimit.si, perLength }, 'pulses', { limit: 'controller.pulseLimit', perLength: '#pulsesPerLength' }), wish: 'rapid', asked: demands.rapid.si, line: 'pulses' },
  );

  const input = axis.reducer?.inputSpeed;
  if (input) rungs.push({ id: 'reducer', limit: sheet.apply(reducerSpeed, { input: input.si, kMotor }, 'reducer', { input: 'reducer.inputSpeed', kMotor: gear.kSource }), wish: 'rapid', asked: demands.rapid.si, line: 'reducer' });

  return { axis, mass, gravity, share, drive, motor, cases, rungs, pulsesPerLength: perLength, motorInertia, gear };
}

/** Highest accelerations at rapid and under cut; apart from the analysis, for a search does not ask for them. */
export function accelerationsOf(analysis: Analysis, sheet: Worksheet): AccelerationRung[] {
  const { axis, cases, gear, motor } = analysis;
  const { demands } = axis;
  const none = quantity('acceleration', 0);
  const steadyForce = forceFor(axis, analysis, 'force.cut-steady', { cutting: demands.cuttingForce.si, acceleration: none }, sheet);
  const steady = torqueFor(analysis, 'torque.cut-steady', steadyForce, '#force.cut-steady', none, sheet);
  const at = (id: AccelerationRung['id'], holding: Quantity<'torque'>, holdingLine: string, full: LoadCase): AccelerationRung => {
    const usable = motor.usableAt(quantity('angularSpeed', full.speed / gear.kMotor), `usable.${id}`, sheet);
    const limit = sheet.apply(accelerationLimit, { usable, holding, accelerating: full.torque, asked: demands.acceleration.si }, `acceleration.${id}`, { usable: `#usable.${id}`, holding: `#${holdingLine}`, accelerating: `#${full.line}`, asked: 'demands.acceleration' });
    return { id, limit, line: `acceleration.${id}` };
  };
  return [at('at-rapid', cases.rapid.torque, 'torque.rapid', cases['speed-up']), at('under-cut', steady, 'torque.cut-steady', cases.cut)];
}
