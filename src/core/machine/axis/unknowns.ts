import type { Analysis } from './analysis';
import type { TrainStiffness } from './train';

/** An input that is not given, and what therefore stays unknown. */
export interface Unknown {
  readonly path: string;
  readonly effect: string;
}

/** All that is not given; each place once, the weightiest effect first. */
export function unknownsOf(
  { axis: { driver, reducer, supply, motor }, drive, guide }: Analysis,
  stiffness: TrainStiffness,
): Unknown[] {
  const all: Unknown[] = [
    ...drive.unknowns,
    ...stiffness.missing.map((path) => ({ path, effect: 'stiffness' })),
    ...guide.unknowns,
    ...(reducer && !reducer.inputSpeed && reducer.kind === 'planetary'
      ? [{ path: 'reducer.inputSpeed', effect: 'reducer' }]
      : []),
    ...(reducer && !reducer.torqueLimit ? [{ path: 'reducer.torqueLimit', effect: 'reducer-torque' }] : []),
    ...(driver.maxVoltage ? [] : [{ path: 'driver.maxVoltage', effect: 'supply' }]),
    ...(driver.maxCurrent || motor.kind !== 'stepper'
      ? []
      : [{ path: 'driver.maxCurrent', effect: 'crest' }]),
    ...(supply.power ? [] : [{ path: 'supply.power', effect: 'supply-power' }]),
    ...(supply.capacitance || supply.brakeResistor === 'fitted'
      ? []
      : [{ path: 'supply.capacitance', effect: 'regeneration' }]),
  ];
  const seen = new Set<string>();
  return all.filter(({ path }) => !seen.has(path) && seen.add(path));
}
