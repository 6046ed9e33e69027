import {
  applyEdits,
  type Axis,
  type Edit,
  guess,
  type Plain,
  startingAxis,
  startingDrive,
  startingThread,
  startingMotor,
  startingReducer,
} from '@/core/model';

const edit = (path: string, value: Plain): Edit => ({ path, value });

/** An axis on which every input is given that a guide, a ramp or a supply may ask for. */
const sample = (): Axis =>
  applyEdits(startingAxis('bed', 'sample'), [
    edit('demands.lostMotion', guess('length', '0.1 mm')),
    edit('demands.jerk', guess('jerk', '20 m/s³')),
    edit('loads.guideDrag', null),
    edit('coupling.stiffness', guess('torsionalStiffness', '500 N·m/rad')),
    edit('supply.capacitance', guess('capacitance', '4700 µF')),
    edit('supply.power', guess('power', '350 W')),
    edit('guide.spacing', guess('length', '600 mm')),
    edit('guide.carriageSpan', guess('length', '220 mm')),
    edit('guide.carriageLength', guess('length', '70 mm')),
    edit('guide.railLength', guess('length', '1100 mm')),
    edit('guide.size', guess('length', '20 mm')),
    edit('guide.staticLoad', guess('force', '24 kN')),
    edit('guide.dynamicLoad', guess('force', '14 kN')),
    edit('guide.heightError', guess('length', '0.05 mm')),
    edit('guide.massZ', guess('length', '100 mm')),
    edit('guide.toolZ', guess('length', '-80 mm')),
    edit('guide.toolY', guess('length', '200 mm')),
    edit('guide.driveY', guess('length', '30 mm')),
    edit('demands.rapid', guess('speed', '9 m/min')),
    edit('demands.acceleration', guess('acceleration', '2 m/s²')),
  ]);

/** Screws: a ball screw, one fixed at both ends and stretched, and a sliding one that stands upright. */
function screws(base: Axis): Axis[] {
  const ball = applyEdits(base, [
    edit('drive.thread.dynamicLoad', guess('force', '8 kN')),
    edit('drive.thread.nutStiffness', guess('stiffness', '160 N/µm')),
    edit('drive.thread.preload', guess('force', '200 N')),
    edit('drive.bearingStiffness', guess('stiffness', '90 N/µm')),
    edit('drive.nutOffset', guess('length', '75 mm')),
  ]);
  const fixed = applyEdits(ball, [
    edit('drive.farEnd', 'fixed'),
    edit('drive.stretch', guess('force', '500 N')),
  ]);
  const sliding = applyEdits(startingAxis('plunge', 'upright'), [
    edit('drive.thread', {
      ...startingThread('sliding', 0.016, { preload: guess('force', '20 N'), nutStiffness: null }),
      collarFriction: guess('ratio', '0.1'),
      collarDiameter: guess('length', '20 mm'),
    }),
  ]);
  return [ball, fixed, sliding];
}

/** A coupling behind the reducer, with the torque that it bears. */
const coupledBehind = [
  edit('coupling.place', 'drive'),
  edit('coupling.torqueLimit', guess('torque', '20 N·m')),
];

/** A belt stage between motor and drive, with all that may be said of one. */
function beltStage(): Edit {
  const pulleys = {
    motorTeeth: guess('count', '20'),
    driveTeeth: guess('count', '40'),
    pitch: guess('length', '5 mm'),
    centreDistance: guess('length', '120 mm'),
    lineMass: guess('linearDensity', '60 g/m'),
  };
  return edit('reducer', {
    ...startingReducer('belt', 2),
    pulleys,
    torqueLimit: guess('torque', '20 N·m'),
    stiffness: guess('torsionalStiffness', '3000 N·m/rad'),
    inputSpeed: guess('angularSpeed', '3000 rpm'),
  });
}

/** A rack with reducer, cross shaft and duty cycle; belts and a chain. */
function lines(base: Axis): Axis[] {
  const withDrive = (kind: 'rack' | 'belt' | 'chain', more: Edit[] = []) =>
    applyEdits({ ...base, drive: startingDrive(kind, 0.8) }, [
      edit('drive.shaftLoadLimit', guess('force', '600 N')),
      ...more,
    ]);
  const shaft = edit('drive.crossShaft', {
    diameter: guess('length', '20 mm'),
    length: guess('length', '600 mm'),
  });
  const step = (id: string, does: 'rapid' | 'cut') => ({
    id,
    does,
    distance: guess('length', '500 mm'),
    rest: guess('time', '1 s'),
    times: guess('count', '3'),
  });
  return [
    withDrive('rack', [
      edit('drive.mesh', 'sprung'),
      edit('drive.springForce', guess('force', '120 N')),
      edit('drive.helixAngle', guess('angle', '19.5283°')),
      beltStage(),
      ...coupledBehind,
      shaft,
      edit('duty', [step('a', 'rapid'), step('b', 'cut')]),
    ]),
    withDrive('rack', [edit('drive.meshStiffness', guess('stiffness', '200 N/µm'))]),
    withDrive('belt', [edit('drive.maxSpeed', guess('speed', '5 m/s'))]),
    withDrive('belt', [edit('drive.arrangement', 'open')]),
    withDrive('chain'),
  ];
}

/** A servo, a geared motor, a stepper by its measured curve, and one on rods with a weak driver. */
function motors(base: Axis): Axis[] {
  return [
    { ...base, motor: startingMotor('servo') },
    { ...base, motor: startingMotor('geared') },
    applyEdits(base, [
      edit('driver.marking', 'rms'),
      edit('driver.setCurrent', guess('current', '2 A')),
      edit('motor.curve', {
        voltage: guess('voltage', '48 V'),
        points: [
          { speed: guess('angularSpeed', '0 rpm'), torque: guess('torque', '1.9 N·m') },
          { speed: guess('angularSpeed', '600 rpm'), torque: guess('torque', '1.2 N·m') },
          { speed: guess('angularSpeed', '1500 rpm'), torque: guess('torque', '0.3 N·m') },
        ],
      }),
    ]),
    applyEdits(base, [
      edit('driver.marking', 'rms'),
      edit('driver.setCurrent', guess('current', '1 A')),
      edit('guide.kind', 'round-rod'),
      edit('demands.rapid', guess('speed', '20 m/min')),
    ]),
  ];
}

/** Invented axes that between them use every formula: each kind of drive, motor, reducer and guide once. */
export function sampleAxes(): Axis[] {
  const base = sample();
  return [...screws(base), ...lines(base), ...motors(base)];
}
