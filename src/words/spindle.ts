import type { SpindleBeltReport } from '@/core/machine';
import type { SpindleBelt } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';

/** A belt between a motor and a spindle. */
export const spindleBeltNames: Readonly<Record<SpindleBelt['kind'], string>> = {
  'v-belt': 'V-belt',
  ribbed: 'Ribbed belt',
  toothed: 'Toothed belt',
};

/** The bearings of a spindle. */
export const spindleBearingNames: Readonly<Record<SpindleBelt['bearing'], string>> = {
  insert: 'Insert bearings',
  'deep-groove': 'Deep-groove ones',
  'angular-contact': 'Angular contact',
};

/** Speed of a belt as builders say it: m/s, or feet a minute. */
export const beltSpeedText = (si: number, system: UnitSystem): string =>
  system === 'metric' ? `${formatNumber(si, 3)} m/s` : `${formatNumber((si / 0.3048) * 60, 3)} ft/min`;

/** Ratios nearer to one are called alike. */
const ALIKE = 0.005;

/** A ratio in words, so that nobody takes it upside down: turns of the spindle for one of the motor. */
const wayOf = (ratio: number): string =>
  Math.abs(ratio - 1) < ALIKE ? 'as fast as its motor' : `${ratio > 1 ? 'faster' : 'slower'} than its motor`;

/**
 * The ratio of a spindle's belt said both ways, with its own speeds.
 * @param rated speed of the motor, rad/s.
 */
export function spindleRatioText(
  { ratio, rated, asked, motor }: SpindleBeltReport,
  motorRated: number,
  system: UnitSystem,
): string[] {
  const speed = (si: number) => formatQuantity('angularSpeed', si, system, 4).text;
  const turns = (n: number) => formatNumber(n, 3);
  return [
    `Motor ${speed(motorRated)} → spindle ${speed(rated)}: ${wayOf(ratio)}.`,
    `One turn of the motor is ${turns(ratio)} of the spindle; one of the spindle is ${turns(1 / ratio)} ` +
      `of the motor.`,
    ...(asked !== null && motor !== null
      ? [`The fastest cut asks ${speed(asked)} of the spindle: the motor turns ${speed(motor)}.`]
      : []),
  ];
}
