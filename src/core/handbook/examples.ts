import { axisReport, briefWorking } from '@/core/machine';
import {
  applyEdits,
  type Axis,
  type Edit,
  guess,
  type Plain,
  startingAxis,
  startingBody,
  startingBrief,
  startingCut,
  startingDrive,
  startingMotor,
  startingProject,
  startingReducer,
  startingShape,
} from '@/core/model';
import type { Kind } from '@/core/units';
import type { Formula, Line } from '@/core/worksheet';

const edit = (path: string, value: Plain): Edit => ({ path, value });

/** Invented axes that between them use every formula: each kind of drive, motor, reducer and guide once. */
function sampleAxes(): Axis[] {
  const base = applyEdits(startingAxis('bed', 'sample'), [
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
      kind: 'sliding',
      form: 'trapezoidal',
      nut: 'plain',
      friction: guess('ratio', '0.12'),
      preload: guess('force', '20 N'),
      collarFriction: guess('ratio', '0.1'),
      collarDiameter: guess('length', '20 mm'),
      nutStiffness: null,
    }),
  ]);
  const withDrive = (kind: 'rack' | 'belt' | 'chain', more: ReturnType<typeof edit>[] = []) =>
    applyEdits({ ...base, drive: startingDrive(kind, 0.8) }, [
      edit('drive.shaftLoadLimit', guess('force', '600 N')),
      ...more,
    ]);
  const shaft = edit('drive.crossShaft', {
    diameter: guess('length', '20 mm'),
    length: guess('length', '600 mm'),
  });
  const pulleys = {
    motorTeeth: guess('count', '20'),
    driveTeeth: guess('count', '40'),
    pitch: guess('length', '5 mm'),
    centreDistance: guess('length', '120 mm'),
    lineMass: guess('linearDensity', '60 g/m'),
  };
  const stage = edit('reducer', {
    ...startingReducer('belt', 2),
    pulleys,
    torqueLimit: guess('torque', '20 N·m'),
    stiffness: guess('torsionalStiffness', '3000 N·m/rad'),
    inputSpeed: guess('angularSpeed', '3000 rpm'),
  });
  const step = (id: string, does: 'rapid' | 'cut') => ({
    id,
    does,
    distance: guess('length', '500 mm'),
    rest: guess('time', '1 s'),
    times: guess('count', '3'),
  });
  return [
    ball,
    fixed,
    sliding,
    withDrive('rack', [
      edit('drive.mesh', 'sprung'),
      edit('drive.springForce', guess('force', '120 N')),
      edit('drive.helixAngle', guess('angle', '19.5283°')),
      stage,
      shaft,
      edit('duty', [step('a', 'rapid'), step('b', 'cut')]),
    ]),
    withDrive('rack', [edit('drive.meshStiffness', guess('stiffness', '200 N/µm'))]),
    withDrive('belt', [edit('drive.maxSpeed', guess('speed', '5 m/s'))]),
    withDrive('belt', [edit('drive.arrangement', 'open')]),
    withDrive('chain'),
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

/** A brief with a cut of every kind, and bodies of every shape. */
function sampleBrief() {
  const spindle = {
    power: guess('power', '2.2 kW'),
    efficiency: guess('ratio', '0.8'),
    ratedSpeed: guess('angularSpeed', '24000 rpm'),
  };
  const cuts = (['mill', 'plasma', 'knife', 'light'] as const).map((kind) => startingCut(kind, kind));
  const stand = (['member', 'plate', 'motor', 'spindle', 'cable-chain'] as const).map((kind) =>
    startingBody(kind, kind, startingShape(kind)),
  );
  return briefWorking({
    ...startingProject('sample', ''),
    brief: { ...startingBrief(), spindle, cuts },
    stand,
  });
}

/**
 * Sizes of a section for the formulas of sections, m: a tube of 100 x 60 x 4, a box of plates, a pair of
 * bars.
 */
const sectionSizes: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  tube: { height: 0.1, width: 0.06, wall: 0.004, outer: 0.008, inner: 0.004 },
  round: { outer: 0.06, inner: 0.054 },
  bar: { height: 0.05, width: 0.02, long: 0.05, short: 0.02 },
  box: { height: 0.16, width: 0.12, flange: 0.012, web: 0.009 },
  open: { height: 0.06, width: 0.06, thickness: 0.006 },
  parallel: { own: 3e4, ownAxial: 1.2e8, added: 800, addedAxial: 4e7, offset: 0.06 },
};

/** Round figures for inputs that no sample axis brings up. */
const usual: Partial<Record<Kind, number>> = {
  length: 0.1,
  force: 100,
  torque: 1,
  speed: 0.2,
  ratio: 0.5,
  count: 20,
  angle: 0.35,
  time: 1,
  stiffness: 1e7,
  current: 3,
  modulus: 206e9,
};

let lines: Map<string, Line> | undefined;

/** Made once, when somebody opens the first page: the first use of each formula on the sample axes. */
function firstLines(): Map<string, Line> {
  if (lines) return lines;
  lines = new Map();
  for (const axis of sampleAxes())
    for (const line of axisReport(axis, { working: true, remedies: false }).working!)
      if (!lines.has(line.formula.id)) lines.set(line.formula.id, line);
  for (const line of sampleBrief()) if (!lines.has(line.formula.id)) lines.set(line.formula.id, line);
  return lines;
}

/** Inputs for a small example of a formula, SI: from an invented axis that uses it, or round figures. */
export function exampleOf(formula: Formula): Readonly<Record<string, number>> {
  const [room, name] = formula.id.split('/') as [string, string];
  if (room === 'section') return sectionSizes[name.split('-')[0]!]!;
  return (
    firstLines().get(formula.id)?.inputs ??
    Object.fromEntries(Object.entries(formula.symbols).map(([name, s]) => [name, usual[s.kind] ?? 1]))
  );
}
