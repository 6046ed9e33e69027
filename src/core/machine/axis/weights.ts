import { faceOfMotor } from '@/core/catalogue';
import { type Axis, type Guide, mostTorqueOf, type Motor } from '@/core/model';

/** Value at a place between listed ones, straight lines between them, the end ones beyond. */
function between(list: readonly (readonly [at: number, value: number])[], at: number): number {
  const next = list.findIndex(([x]) => x >= at);
  if (next === 0 || list.length === 1) return list[0]![1];
  if (next < 0) return list.at(-1)![1];
  const [[a, u], [b, v]] = [list[next - 1]!, list[next]!];
  return u + ((v - u) * (at - a)) / (b - a);
}

/** Profile rails, kg/m and kg a carriage, by size in mm; from memory, ± 15 %. */
const railMass = [
  [9, 0.3],
  [12, 0.6],
  [15, 1.4],
  [20, 2.2],
  [25, 3.1],
  [30, 4.5],
  [35, 6.2],
] as const;
const carriageMass = [
  [9, 0.02],
  [12, 0.04],
  [15, 0.2],
  [20, 0.38],
  [25, 0.63],
  [30, 1.1],
  [35, 1.6],
] as const;
/** Supported shafts with their rail of aluminium, and open bushes in a block; from memory. */
const shaftMass = [
  [12, 1.5],
  [16, 2.6],
  [20, 3.6],
  [25, 5.2],
  [30, 7.2],
] as const;
const bushMass = [
  [12, 0.1],
  [16, 0.15],
  [20, 0.2],
  [25, 0.45],
  [30, 0.63],
] as const;

const isRail = ({ kind }: Guide) => kind === 'profile' || kind === 'miniature';

/** Rails of an axis together, kg. @param length of one, m */
export function railsWeigh(guide: Guide, length: number): number {
  const size = (guide.size?.si ?? 0.02) * 1e3;
  if (isRail(guide)) return guide.rails.si * length * between(railMass, size);
  if (guide.kind === 'supported-round') return guide.rails.si * length * between(shaftMass, size);
  // Wheels run on the beam itself or on a strip of steel; rods and tubes are of steel, walls of 2 mm.
  const rod = 6165 * (size / 1e3) ** 2;
  const perMetre = guide.kind === 'round-rod' ? rod : guide.kind === 'tube-bearing' ? 2 : 0.6;
  return guide.rails.si * length * perMetre;
}

/** Carriages of an axis together, kg. */
export function carriagesWeigh(guide: Guide): number {
  const size = (guide.size?.si ?? 0.02) * 1e3;
  const count = guide.rails.si * guide.perRail.si;
  if (isRail(guide)) return count * between(carriageMass, size);
  if (guide.kind === 'v-wheel') return count * (size > 24 ? 0.5 : 0.15);
  return count * between(bushMass, size);
}

/** A motor, kg, by its size and torque; from memory, ± 20 %. */
export function motorWeighs(motor: Motor, partId: string | undefined): number {
  if (motor.kind === 'servo')
    return between(
      [
        [100, 0.6],
        [400, 1.4],
        [750, 2.8],
        [1500, 6],
      ],
      motor.ratedTorque.si * motor.ratedSpeed.si,
    );
  if (motor.kind === 'geared' || motor.kind === 'hand') return 1.2;
  const frame = faceOfMotor(partId)?.size;
  const torque = mostTorqueOf(motor);
  // Of a motor that nobody has named the size follows from what it holds.
  if (frame === '17' || (!frame && torque < 0.7)) return 0.15 + 0.4 * torque;
  if (frame === '34' || (!frame && torque > 3.3)) return 1.2 + 0.32 * torque;
  return 0.4 + 0.37 * torque;
}

const STEEL = 7850;

/** Screws with their ends and blocks, racks, lines: what lies on that which the axis stands on; kg. */
export function driveWeighs({ drive, demands }: Axis): number {
  const sets = drive.sets;
  switch (drive.kind) {
    case 'screw': {
      const d = (drive.nominalDiameter.si + drive.rootDiameter.si) / 2;
      // Blocks at both ends by the diameter: 12 mm some 0.5 kg, 25 mm some 1.6 kg; from memory.
      const ends = 0.8 * (drive.nominalDiameter.si / 0.016) ** 1.5;
      return sets * ((STEEL * Math.PI * d * d * (drive.betweenBearings.si + 0.1)) / 4 + ends);
    }
    case 'rack': {
      const side = 10 * drive.module.si;
      return sets * STEEL * drive.faceWidth.si * side * (demands.travel.si + 0.3);
    }
    case 'belt':
    case 'chain':
      return sets * (2 * drive.lineMass.si * drive.centreDistance.si + 0.6);
    // Disc, link and pins; memory.
    case 'crank':
      return 1.5;
  }
}

/** A reducer, kg, by the torque that it may turn; from memory, ± 30 %. */
export function reducerWeighs(reducer: Axis['reducer']): number {
  if (!reducer) return 0;
  if (reducer.kind === 'belt') return 0.6;
  return between(
    [
      [9, 0.7],
      [30, 1.5],
      [90, 3.6],
    ],
    reducer.torqueLimit?.si ?? 20,
  );
}

/** Plate and screws of a motor, kg. */
const MOTOR_PLATE = 0.4;

/** Motors with reducers and their plates, kg. */
export function motorsWeigh({ motor, reducer, drive, parts }: Axis): number {
  const id = parts.stepper ?? parts['closed-loop-stepper'] ?? parts.servo;
  return drive.sets * (motorWeighs(motor, id) + reducerWeighs(reducer) + MOTOR_PLATE);
}

/** Whether the motors of an axis ride on its own carriage: of a rack, or of an open belt. */
export const motorsRide = ({ drive }: Axis): boolean =>
  drive.kind === 'rack' || (drive.kind === 'belt' && drive.arrangement === 'open');
