import { screwSteel } from '@/core/catalogue';
import { atLeast, type Checked } from '@/core/findings';
import type { BeltDrive, ChainDrive, Drive } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import type {
  DriveConcern,
  DriveFigure,
  ResolvedDrive,
  SpeedLimit,
  ThrustCode,
  ThrustLimit,
} from '../resolved';
import { rollingBackEfficiency } from '../screw/efficiency';
import { heatGrowth } from '../screw/heat';
import { givenSpeed, lineInertia, linePlay, shaftBending } from './formulas';

/** What is alike in all drives that turn a line by a wheel: rack, belt and chain. */
export type WheelDrive = Exclude<Drive, { kind: 'screw' | 'crank' }>;

/** Losses and drag as they were typed. */
export function losses(
  drive: WheelDrive,
  sheet: Worksheet,
): Pick<ResolvedDrive, 'efficiency' | 'efficiencySource' | 'backEfficiency' | 'drag' | 'dragSource'> {
  const source = 'drive.efficiency';
  return {
    efficiency: drive.efficiency.si,
    efficiencySource: source,
    backEfficiency: sheet.apply(rollingBackEfficiency, { eta: drive.efficiency.si }, 'drive.backEfficiency', {
      eta: source,
    }),
    drag: drive.bearingDrag.si,
    dragSource: 'drive.bearingDrag',
  };
}

/** Inertia of the wheels and of the line that runs along with them. @param moving length of it. */
export function runningInertia(
  drive: BeltDrive | ChainDrive,
  moving: Quantity<'length'>,
  k: Quantity<'travelPerRadian'>,
  sheet: Worksheet,
): Pick<ResolvedDrive, 'inertia' | 'inertiaSource'> {
  const inertia = sheet.apply(
    lineInertia,
    { wheels: drive.inertia.si, lineMass: drive.lineMass.si, length: moving, k },
    'drive.inertia',
    { wheels: 'drive.inertia', lineMass: 'drive.lineMass', length: 'drive.centreDistance', k: '#drive.k' },
  );
  return { inertia, inertiaSource: '#drive.inertia' };
}

/** The highest speed of the line, where its maker gives one. */
export function givenSpeeds({ maxSpeed }: BeltDrive | ChainDrive, sheet: Worksheet): SpeedLimit[] {
  if (!maxSpeed) return [];
  const limit = sheet.apply(givenSpeed, { limit: maxSpeed.si }, 'line-speed', { limit: 'drive.maxSpeed' });
  return [{ id: 'line-speed', limit, line: 'line-speed' }];
}

/** The thrust of a motor at which the busier side gives out. @param line key of what one side takes. */
export function thrustLimit<C extends ThrustCode>(
  drive: WheelDrive,
  code: C,
  oneSide: Quantity<'force'>,
  path: string,
): ThrustLimit {
  const share = drive.crossShaft ? drive.worstShare.si : 1;
  return { code, limit: quantity('force', oneSide / share), line: code, path };
}

/** What the motor's shaft takes against the pull on it, where its maker says so. */
export function shaftConcern(
  { shaftLoadLimit }: WheelDrive,
  load: Quantity<'force'>,
): Checked<DriveConcern>[] {
  if (!shaftLoadLimit) return [];
  return [
    atLeast({
      code: 'shaft-load',
      path: 'drive.shaftLoadLimit',
      kind: 'force',
      have: shaftLoadLimit.si,
      need: load,
      line: 'shaft-load',
      params: {},
    }),
  ];
}

/** The pull on the motor's shaft, and how it bends it. @param radial the worksheet's line `shaft-load`. */
export function shaftFigures(drive: WheelDrive, radial: Quantity<'force'>, sheet: Worksheet): DriveFigure[] {
  const bending = sheet.apply(shaftBending, { radial, overhang: drive.overhang.si }, 'shaft-bending', {
    radial: '#shaft-load',
    overhang: 'drive.overhang',
  });
  return [
    { id: 'shaft-radial', value: radial, line: 'shaft-load' },
    { id: 'shaft-bending', value: bending, line: 'shaft-bending' },
  ];
}

/** What a wheel that runs out of true costs once per turn. */
export function runoutFigure({ runout }: WheelDrive, sheet: Worksheet): DriveFigure {
  const value = sheet.apply(linePlay, { runout: runout.si }, 'once-per-turn', { runout: 'drive.runout' });
  return { id: 'once-per-turn', value, line: 'once-per-turn' };
}

/** How much a line of steel grows over the travel. */
export function heatFigure(
  { temperatureRise }: WheelDrive,
  travel: Quantity<'length'>,
  sheet: Worksheet,
): DriveFigure {
  const value = sheet.apply(
    heatGrowth,
    { expansion: screwSteel.expansion, length: travel, rise: temperatureRise.si },
    'heat-growth',
    { length: 'demands.travel', rise: 'drive.temperatureRise' },
  );
  return { id: 'heat-growth', value, line: 'heat-growth' };
}

/** Inputs that were left empty. @param play the path of the play, where that is not known. */
export const unknownsOf = (
  { shaftLoadLimit }: WheelDrive,
  play: string | null,
): ResolvedDrive['unknowns'] => [
  ...(shaftLoadLimit ? [] : [{ path: 'drive.shaftLoadLimit', effect: 'shaft-load' }]),
  ...(play === null ? [] : [{ path: play, effect: 'play' }]),
];
