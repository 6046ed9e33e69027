import { type Axis, startingReducer } from '@/core/model';
import { type Candidate, same, set, softer, whole } from './edits';
import { leads } from './screw';

const voltages = [24, 36, 48, 60, 70, 80];

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
  const current = Math.floor(Math.min(full, driver.maxCurrent?.si ?? full) * 100) / 100;
  const higher = voltages.filter((v) => v > supply.voltage.si && v <= (driver.maxVoltage?.si ?? 0));
  const highest = higher[higher.length - 1];
  return [
    ...(current > driver.setCurrent.si * 1.02
      ? [
          {
            code: 'crest',
            params: { to: current, marking: driver.marking },
            edits: [set('driver.setCurrent', current)],
          },
        ]
      : []),
    ...higher.map((v) => ({
      code: 'supply',
      params: { to: v },
      edits: [set('supply.voltage', v, 'standard')],
    })),
    ...(current > driver.setCurrent.si && highest !== undefined
      ? [
          {
            code: 'crest-and-supply',
            params: { crest: current, voltage: highest },
            edits: [set('driver.setCurrent', current), set('supply.voltage', highest, 'standard')],
          },
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
  const stage = (kind: 'belt' | 'planetary', ratio: number): Candidate => ({
    code: kind === 'belt' ? 'belt-stage' : 'planetary-stage',
    params: { ratio },
    edits: [whole('reducer', startingReducer(kind, ratio))],
  });
  const ratios =
    reducer && !reducer.pulleys
      ? [2, 3, 4, 5, 7, 10]
          .filter((r) => !same(r, reducer.ratio.si))
          .map((r): Candidate => ({ code: 'ratio', params: { to: r }, edits: [set('reducer.ratio', r)] }))
      : [];
  const stages = reducer
    ? []
    : [
        ...[1.5, 2, 3].map((r) => stage('belt', r)),
        ...(drive.kind === 'screw' ? [] : [3, 5, 10].map((r) => stage('planetary', r))),
      ];
  const wheels =
    drive.kind === 'screw'
      ? []
      : [12, 15, 18, 20, 24, 30]
          .filter((z) => z !== drive.teeth.si)
          .map((z): Candidate => ({ code: 'teeth', params: { to: z }, edits: [set('drive.teeth', z)] }));
  return [...stages, ...ratios, ...wheels];
}

/** Everything that may mend a want of torque. */
export const moreTorque = (axis: Axis): Candidate[] => [
  ...moreDrive(axis),
  ...leads(axis, () => true),
  ...gearing(axis),
  ...softer(axis),
];

/** The setting that gives the rated current. */
export const ratedSetting = ({ motor, driver }: Axis): Candidate[] => {
  if (motor.kind !== 'stepper') return [];
  const to = Math.floor(settingFor(motor.ratedCurrent.si, driver.marking) * 100) / 100;
  return [{ code: 'crest', params: { to, marking: driver.marking }, edits: [set('driver.setCurrent', to)] }];
};

/** A brake that holds the torque that is left, with half as much again. */
export const brake = (left: number): Candidate[] => [
  {
    code: 'brake',
    params: { to: left * 1.5 },
    edits: [set('motor.brakeTorque', Math.ceil(left * 150) / 100)],
  },
];
