import { getAt, type Axis, type AxisFieldPath } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';

export type LinkId = 'controller' | 'driver' | 'supply' | 'motor' | 'reducer' | 'coupling' | 'screw' | 'bearings' | 'guide';

/** A choice among words, as opposed to a measured input. */
export interface Choice {
  readonly path: string;
  readonly label: string;
  readonly options: readonly (readonly [string | number, string])[];
}

export interface LinkSpec {
  readonly id: LinkId;
  readonly title: (axis: Axis) => string;
  /** One line that says what the part is. */
  readonly summary: (axis: Axis, system: UnitSystem) => string;
  readonly choices: (axis: Axis) => readonly Choice[];
  readonly fields: (axis: Axis) => readonly AxisFieldPath[];
}

const q = (axis: Axis, path: AxisFieldPath, kind: Parameters<typeof formatQuantity>[0], system: UnitSystem, digits = 3) => {
  const measure = getAt(axis, path) as { si: number } | null;
  return measure ? formatQuantity(kind, measure.si, system, digits).text : 'not given';
};

const each = (axis: Axis) => (axis.drive.sets === 2 ? ' ×2' : '');
const ends: Record<string, string> = { fixed: 'fixed', supported: 'supported', free: 'free' };
const forms: Record<string, string> = { acme: 'Acme', trapezoidal: 'trapezoidal', square: 'square' };

/** The drive train in the order of force, controller to guide. */
export const links: readonly LinkSpec[] = [
  { id: 'controller', title: () => 'Controller', summary: (a, s) => q(a, 'controller.pulseLimit', 'pulseRate', s), choices: () => [], fields: () => ['controller.pulseLimit'] },
  {
    id: 'driver', title: (a) => `Driver${each(a)}`, summary: (a, s) => `${q(a, 'driver.crestCurrent', 'current', s)} crest, ${a.driver.microsteps.si} microsteps`, choices: () => [],
    fields: () => ['driver.crestCurrent', 'driver.microsteps', 'driver.maxCrestCurrent', 'driver.maxVoltage'],
  },
  { id: 'supply', title: () => 'Supply', summary: (a, s) => q(a, 'supply.voltage', 'voltage', s), choices: () => [], fields: () => ['supply.voltage'] },
  {
    id: 'motor', title: (a) => `Stepper${each(a)}`, summary: (a, s) => `${q(a, 'motor.holdingTorque', 'torque', s)}, ${q(a, 'motor.inductance', 'inductance', s)}`, choices: () => [],
    fields: () => ['motor.holdingTorque', 'motor.ratedCurrent', 'motor.resistance', 'motor.inductance', 'motor.rotorTeeth', 'motor.rotorInertia', 'motor.detentTorque', 'motor.usableShare'],
  },
  {
    id: 'reducer', title: (a) => `Reducer${each(a)}`, summary: ({ reducer }) => (reducer ? `${reducer.kind} ${formatNumber(reducer.ratio.si, 3)} : 1` : 'none'),
    choices: () => [{ path: 'reducer.kind', label: 'Kind', options: [['none', 'none'], ['belt', 'toothed belt'], ['planetary', 'planetary']] }],
    fields: ({ reducer }) => (reducer ? ['reducer.ratio', 'reducer.efficiency', 'reducer.inertia', 'reducer.backlash', 'reducer.inputSpeed'] : []),
  },
  { id: 'coupling', title: (a) => `Coupling${each(a)}`, summary: (a, s) => q(a, 'coupling.inertia', 'inertia', s), choices: () => [], fields: () => ['coupling.inertia'] },
  {
    id: 'screw', title: (a) => `Screw${each(a)}`,
    summary: (a, s) => `${a.drive.thread.kind === 'ball' ? 'ball' : forms[a.drive.thread.form]} ${q(a, 'drive.nominalDiameter', 'length', s)}, lead ${q(a, 'drive.lead', 'linearPerTurn', s)}`,
    choices: ({ drive }) => [
      { path: 'drive.sets', label: 'How many', options: [[1, 'one screw'], [2, 'one each side']] },
      { path: 'drive.turning', label: 'What turns', options: [['screw', 'the screw'], ['nut', 'the nut']] },
      { path: 'drive.thread.kind', label: 'Thread', options: [['ball', 'ball'], ['sliding', 'sliding']] },
      ...(drive.thread.kind === 'ball'
        ? [{ path: 'drive.thread.making', label: 'Made', options: [['rolled', 'rolled'], ['ground', 'ground']] as const }, { path: 'drive.thread.accuracyClass', label: 'Class', options: (['T3', 'T5', 'T7', 'T10'] as const).map((c) => [c, c] as const) }]
        : [{ path: 'drive.thread.form', label: 'Form', options: [['trapezoidal', 'trapezoidal'], ['acme', 'Acme'], ['square', 'square']] as const }]),
    ],
    fields: ({ drive }) => [
      ...(drive.sets === 2 ? (['drive.worstShare'] as const) : []), 'drive.nominalDiameter', 'drive.rootDiameter', 'drive.lead', 'drive.starts', 'drive.betweenBearings', 'drive.nutOffset',
      ...(drive.thread.kind === 'ball'
        ? (['drive.thread.efficiency', 'drive.thread.preload', 'drive.thread.dynamicLoad', 'drive.thread.nutStiffness', 'drive.thread.speedLimit'] as const)
        : (['drive.thread.friction', 'drive.thread.preload', 'drive.thread.collarFriction', 'drive.thread.collarDiameter', 'drive.thread.nutStiffness'] as const)),
      drive.turning === 'nut' ? 'drive.nutInertia' : 'drive.screwInertia', 'drive.temperatureRise',
    ],
  },
  {
    id: 'bearings', title: () => 'End bearings', summary: ({ drive }) => `${ends[drive.motorEnd]} and ${ends[drive.farEnd]}`,
    choices: () => [
      { path: 'drive.motorEnd', label: 'Motor end', options: [['fixed', 'fixed'], ['supported', 'supported']] },
      { path: 'drive.farEnd', label: 'Far end', options: [['fixed', 'fixed'], ['supported', 'supported'], ['free', 'free']] },
      { path: 'drive.thrustBearing', label: 'Thrust bearing', options: [['angular-contact', 'angular-contact pair'], ['deep-groove', 'deep groove']] },
    ],
    fields: ({ drive }) => ['drive.bearingStiffness', 'drive.bearingDrag', ...(drive.motorEnd === 'fixed' && drive.farEnd === 'fixed' ? (['drive.stretch'] as const) : [])],
  },
  { id: 'guide', title: () => 'Guide', summary: (a, s) => (a.guide.railLength ? `rail ${q(a, 'guide.railLength', 'length', s, 4)}` : 'rail not given'), choices: () => [], fields: () => ['guide.railLength', 'guide.carriageSpan', 'loads.guideDrag'] },
];

/** The link that a finding's path belongs to; undefined for what is asked of the axis. */
export function linkOf(path: string): LinkId | undefined {
  if (/^drive\.(motorEnd|farEnd|thrustBearing|bearing|stretch)/.test(path)) return 'bearings';
  const room = path.split('.')[0]!;
  const byRoom: Record<string, LinkId> = { controller: 'controller', driver: 'driver', supply: 'supply', motor: 'motor', reducer: 'reducer', coupling: 'coupling', drive: 'screw', guide: 'guide' };
  return byRoom[room];
}
