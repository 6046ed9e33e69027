import { applyEdits, type Axis, isCranked, putInAxis, startingReducer } from '@/core/model';
import { type Candidate, offer, same, set, softer } from './edits';
import { leads } from './screw';
import { otherWinding } from './winding';

/** Supplies as they are sold, V. */
const voltages = [24, 36, 48, 60, 70, 80];
/** Gearings as they are sold. */
const beltRatios = [1.5, 2, 3];
const planetaryRatios = [3, 5, 10];
const reducerRatios = [2, 3, 4, 5, 7, 10];
/** Pinions, pulleys and sprockets as they are sold, teeth. */
const wheelTeeth = [12, 15, 18, 20, 24, 30];
/** A setting that is less than so much higher is no change: switches come in coarse steps. */
const SETTING_STEP = 1.02;
/** A brake holds half as much again as what is left; common practice, no source. */
const BRAKE_TO_SPARE = 1.5;

/** Rounded down to two decimals: never more than the motor or driver takes. */
const settingBelow = (current: number) => Math.floor(current * 100) / 100;

/** The crest or RMS setting that gives a stepper its rated current, as the driver counts it. */
const settingFor = (rated: number, marking: Axis['driver']['marking']) =>
  marking === 'rms' ? rated : Math.SQRT2 * rated;

/**
 * More current and more voltage, as far as motor and driver allow; only for steppers without a measured
 * curve.
 */
export function moreDrive(axis: Axis): Candidate[] {
  const { driver, supply, motor } = axis;
  if (motor.kind !== 'stepper' || motor.curve) return [];
  const full = settingFor(motor.ratedCurrent.si, driver.marking);
  const current = settingBelow(Math.min(full, driver.maxCurrent?.si ?? full));
  const higher = voltages.filter((v) => v > supply.voltage.si && v <= (driver.maxVoltage?.si ?? 0));
  const highest = higher[higher.length - 1];
  return [
    ...(current > driver.setCurrent.si * SETTING_STEP
      ? [offer('crest', [set('driver.setCurrent', current)], { to: current, marking: driver.marking })]
      : []),
    ...higher.map((v) => offer('supply', [set('supply.voltage', v, 'standard')], { to: v })),
    ...(current > driver.setCurrent.si && highest !== undefined
      ? [
          offer(
            'crest-and-supply',
            [set('driver.setCurrent', current), set('supply.voltage', highest, 'standard')],
            { crest: current, voltage: highest },
          ),
        ]
      : []),
  ];
}

/**
 * Another gearing before the drive, or another wheel on it: more torque at less speed, or the other way
 * round; the model says which was short.
 */
export function gearing(axis: Axis): Candidate[] {
  const { drive, reducer } = axis;
  const stage = (kind: 'belt' | 'planetary', ratio: number) =>
    offer(`${kind}-stage`, [putInAxis('reducer', startingReducer(kind, ratio))], { ratio });
  const ratios =
    reducer && !reducer.pulleys
      ? reducerRatios
          .filter((r) => !same(r, reducer.ratio.si))
          .map((r) => offer('ratio', [set('reducer.ratio', r)], { to: r }))
      : [];
  const stages = reducer
    ? []
    : [
        ...beltRatios.map((r) => stage('belt', r)),
        ...(drive.kind === 'screw' ? [] : planetaryRatios.map((r) => stage('planetary', r))),
      ];
  const wheels = !('teeth' in drive)
    ? []
    : wheelTeeth
        .filter((z) => z !== drive.teeth.si)
        .map((z) => offer('teeth', [set('drive.teeth', z)], { to: z }));
  return [...stages, ...ratios, ...wheels];
}

/** Radii of handles to which a crank may be lengthened, m; those of DIN 950 wheels and a bar crank. */
const handles = [0.038, 0.05, 0.066, 0.086, 0.12];

/** A longer crank for the same hand. */
const longerCrank = ({ motor }: Axis): Candidate[] =>
  motor.kind === 'hand'
    ? handles
        .filter((r) => r > motor.radius.si)
        .map((to) => offer('longer-crank', [set('motor.radius', to)], { to }))
    : [];

/** Everything that may mend a want of torque. */
export const moreTorque = (axis: Axis): Candidate[] => [
  ...longerCrank(axis),
  ...moreDrive(axis),
  ...otherWinding(axis),
  ...leads(axis, () => true),
  ...gearing(axis),
  ...softer(axis),
];

/** The setting that gives the rated current. */
export const ratedSetting = ({ motor, driver }: Axis): Candidate[] => {
  if (motor.kind !== 'stepper') return [];
  const to = settingBelow(settingFor(motor.ratedCurrent.si, driver.marking));
  return [offer('crest', [set('driver.setCurrent', to)], { to, marking: driver.marking })];
};

/** The axis with its driver set to the rated current of its motor, as far as the driver gives that. */
export function rated(axis: Axis): Axis {
  const { motor, driver } = axis;
  if (motor.kind !== 'stepper') return axis;
  const full = settingFor(motor.ratedCurrent.si, driver.marking);
  const to = settingBelow(Math.min(full, driver.maxCurrent?.si ?? full));
  return applyEdits(axis, [set('driver.setCurrent', to)]);
}

/** A brake that holds the torque that is left, with half as much again; of a crank a clamp. */
export function brake(left: number, axis: Axis): Candidate[] {
  const to = Math.ceil(left * BRAKE_TO_SPARE * 100) / 100;
  return [offer('brake', [set('motor.brakeTorque', to)], { to, cranked: isCranked(axis) ? 1 : 0 })];
}
