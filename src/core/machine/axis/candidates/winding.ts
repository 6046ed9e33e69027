import type { Axis, Edit } from '@/core/model';
import { type Candidate, offer, set } from './edits';

/** Turns of a winding over the present one: half of them is a parallel connection of what was in series. */
export type Turns = 0.5 | 2;

/** Figures of a winding keep so many digits; a plate has no more. */
const DIGITS = 4;
const plain = (value: number) => Number(value.toPrecision(DIGITS));

/**
 * The same motor with other turns: as much copper, as much torque, as much heat. Current goes with the
 * inverse of the turns, resistance and inductance with their square; the driver's setting follows. So an
 * eight-lead motor goes from series to parallel by half the turns. Nothing where the motor is no stepper or
 * its curve was measured, which is of one winding.
 */
export function rewound({ motor, driver }: Axis, turns: Turns): Edit[] {
  if (motor.kind !== 'stepper' || motor.curve) return [];
  const setting = driver.setCurrent.si / turns;
  return [
    set('motor.ratedCurrent', plain(motor.ratedCurrent.si / turns)),
    set('motor.resistance', plain(motor.resistance.si * turns ** 2)),
    set('motor.inductance', plain(motor.inductance.si * turns ** 2)),
    // A driver that gives less than the winding takes is set to what it has.
    set('driver.setCurrent', plain(Math.min(setting, driver.maxCurrent?.si ?? setting))),
  ];
}

/** The motor in parallel, or the next winding of its kind: more torque at speed, for more current. */
export function otherWinding(axis: Axis): Candidate[] {
  const edits = rewound(axis, 0.5);
  return edits.length && axis.motor.kind === 'stepper'
    ? [offer('winding', edits, { to: plain(axis.motor.ratedCurrent.si / 0.5) })]
    : [];
}
