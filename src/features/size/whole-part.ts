import { withThread } from '@/core/catalogue';
import { rewound } from '@/core/machine';
import {
  type Axis,
  type DriveKind,
  type Edit,
  guess,
  type GuideKind,
  guideOfKind,
  type MaterialId,
  type MotorKind,
  putInAxis as put,
  type ScrewDrive,
  shaftDriven,
  startingDrive,
  startingMotor,
  startingReducer,
} from '@/core/model';

const threadEdits = (axis: Axis, kind: string): Edit[] =>
  axis.drive.kind === 'screw' ? [put('drive', withThread(axis, kind as ScrewDrive['thread']['kind']))] : [];

/** A reducer of another kind keeps its ratio; the rest starts from usual figures. */
function reducerEdits(axis: Axis, kind: string): Edit[] {
  return [
    put(
      'reducer',
      kind === 'belt' || kind === 'planetary'
        ? { ...startingReducer(kind, 2), ...(axis.reducer ? { ratio: axis.reducer.ratio } : {}) }
        : null,
    ),
  ];
}

/** Pulleys that make the present ratio with 20 teeth on the motor, as nearly as whole teeth do. */
function pulleyEdits({ reducer }: Axis, word: string): Edit[] {
  if (!reducer || word === 'none') return [put('reducer.pulleys', null)];
  const teeth = Math.max(8, Math.round(20 * reducer.ratio.si));
  return [
    put('reducer.pulleys', {
      motorTeeth: guess('count', '20'),
      driveTeeth: guess('count', String(teeth)),
      pitch: guess('length', '5 mm'),
      centreDistance: guess('length', '120 mm'),
      lineMass: guess('linearDensity', '60 g/m'),
    }),
    put('reducer.ratio', guess('ratio', String(teeth / 20))),
  ];
}

/**
 * A torque curve to type over: what the model says at five speeds would be a guess, so two points that hold
 * the field open.
 */
function curveEdits(axis: Axis, word: string): Edit[] {
  if (axis.motor.kind !== 'stepper' || word === 'model') return [put('motor.curve', null)];
  const holding = axis.motor.holdingTorque;
  return [
    put('motor.curve', {
      voltage: axis.supply.voltage,
      points: [
        { speed: guess('angularSpeed', '0 rpm'), torque: { ...holding, basis: 'estimate' } },
        {
          speed: guess('angularSpeed', '1000 rpm'),
          torque: guess('torque', `${Number((holding.si * 0.3).toPrecision(3))} N·m`),
        },
      ],
    }),
  ];
}

const shaftEdits = (axis: Axis, word: string): Edit[] => [
  put(
    'drive.crossShaft',
    word === 'shaft'
      ? {
          diameter: guess('length', '20 mm'),
          length: axis.guide.spacing
            ? { ...axis.guide.spacing, basis: 'estimate' }
            : guess('length', '600 mm'),
        }
      : null,
  ),
  ...(word === 'shaft' && axis.drive.sets === 2 ? [put('drive.sets', 1)] : []),
];

/** Two motors and a shaft across exclude each other. */
const setsEdits = (axis: Axis, word: string): Edit[] => [
  put('drive.sets', word === '2' ? 2 : 1),
  ...(word === '2' && shaftDriven(axis.drive) ? [put('drive.crossShaft', null)] : []),
  ...(word === '2' && axis.drive.worstShare.si === 1 ? [put('drive.worstShare', guess('ratio', '0.7'))] : []),
];

/**
 * Choices that exchange a whole part; what the builder typed of the old one goes with it, and undo brings it
 * back.
 */
export const wholePart: Record<string, (axis: Axis, next: string) => Edit[]> = {
  'drive.kind': (axis, kind) => [
    put(
      'drive',
      startingDrive(kind as DriveKind, axis.demands.travel.si, {
        sets: axis.drive.sets,
        worstShare: axis.drive.worstShare,
      }),
    ),
  ],
  'drive.sets': setsEdits,
  'drive.crossShaft': shaftEdits,
  'drive.thread.kind': threadEdits,
  'reducer.kind': reducerEdits,
  'reducer.pulleys': pulleyEdits,
  'motor.kind': (_axis, kind) => [put('motor', startingMotor(kind as MotorKind))],
  'motor.winding': (axis, turns) => (turns === 'present' ? [] : rewound(axis, turns === '2' ? 2 : 0.5)),
  'motor.curve': curveEdits,
  'guide.plate': ({ guide }, material) => [
    put(
      'guide.plate',
      material === 'none'
        ? null
        : { material: material as MaterialId, thickness: guide.plate?.thickness ?? guess('length', '12 mm') },
    ),
  ],
  'guide.kind': (axis, kind) => [put('guide', guideOfKind(kind as GuideKind, axis.guide))],
};
