import { driveWeighs, motorsRide, motorWeighs, motorsWeigh, reducerWeighs, ridersOf } from '@/core/machine';
import { type Axis, type Body, guess, type Project } from '@/core/model';

/** Less than this nobody weighs a motor to, kg. */
const STEP = 0.1;
const up = (kg: number) => Number((STEP * Math.ceil(Math.max(0, kg / STEP - 1e-6))).toFixed(1));

/** What a drive train weighs, kg: on the axis's own carriage, and on what the axis runs on. */
function weightOf(axis: Axis) {
  const [line, turns] = [driveWeighs(axis), motorsWeigh(axis)];
  return motorsRide(axis) ? { self: turns, on: line } : { self: 0, on: line + turns };
}

/**
 * Kilograms by which a drive train is heavier than the present one, tenths upwards; lighter counts as none.
 */
export function heavierBy(present: Axis, then: Axis) {
  const [a, b] = [weightOf(present), weightOf(then)];
  return { self: up(b.self - a.self), on: up(b.on - a.on) };
}

/** What the two sides of a drive train weigh, kg, each by itself: motors count for every set. */
export const driveSide = (axis: Axis) => ({
  line: driveWeighs(axis),
  gear: axis.drive.sets * reducerWeighs(axis.reducer),
  rides: motorsRide(axis),
  sets: axis.drive.sets,
});
export const motorSide = ({ motor, parts }: Axis): number =>
  motorWeighs(motor, parts.stepper ?? parts['closed-loop-stepper'] ?? parts.servo);

/** Whether a drive train is heavier than the present one by no more than so much, wherever it lies, kg. */
export function lightEnough(present: Axis, most: number) {
  const now = weightOf(present);
  const base = driveSide(present);
  const plates = motorsWeigh(present) - base.gear - base.sets * motorSide(present);
  return ({ line, gear, rides, sets }: ReturnType<typeof driveSide>, motor: number): boolean => {
    const turns = gear + sets * motor + plates;
    const [self, on] = rides ? [turns, line] : [0, line + turns];
    return self - now.self <= most + 1e-6 && on - now.on <= most + 1e-6;
  };
}

/**
 * An axis that carries what other drive trains may weigh more than the present ones: its own, and those of
 * all that rides on it.
 * @param axis as the machine loads it. @param most kg, for what lies on its carriage, and on what it runs on.
 */
export function withAllowance(project: Project, axis: Axis, among: readonly Axis[], most: number): Axis {
  const riders = ridersOf(project, axis.id).filter((r) => among.some((a) => a.id === r.id));
  // Each rider both on its own carriage and on what it runs on.
  const kg = most * (1 + 2 * riders.length);
  if (kg === 0) return axis;
  const body: Body = { id: '~allowance', name: '', mass: guess('mass', `${kg} kg`), shape: null };
  return { ...axis, loads: { ...axis.loads, masses: [...axis.loads.masses, body] } };
}
