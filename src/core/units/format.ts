import type { Kind } from './kinds';
import { findUnit } from './lookup';
import { type Unit, units } from './table';

export type UnitSystem = 'metric' | 'imperial';

const imperial: Partial<Record<Kind, string>> = {
  length: 'in',
  mass: 'lb',
  force: 'lbf',
  torque: 'oz-in',
  speed: 'in/min',
  acceleration: 'in/s²',
  jerk: 'in/s³',
  inertia: 'oz-in²',
  stiffness: 'lbf/in',
  torsionalStiffness: 'lbf-in/rad',
  temperatureRise: '°F',
  linearPerTurn: 'in',
  pulsesPerLength: 'pulses/in',
  secondMoment: 'in⁴',
  area: 'in²',
  slope: 'in/ft',
  removalRate: 'in³/min',
};

/** The unit in which a kind is shown; kinds without an imperial habit (volts, rpm, ...) have one for both. */
export function displayUnit(kind: Kind, system: UnitSystem): Unit {
  const name = system === 'imperial' ? imperial[kind] : undefined;
  return (name === undefined ? undefined : findUnit(kind, name)) ?? units[kind][0]!;
}

/**
 * The unit in which a number without one is read in a field: that in which the sheet shows the kind. A bare
 * step angle is in degrees, as the trade says it, though formulas count the teeth of the rotor.
 */
export const bareUnit = (kind: Kind, system: UnitSystem): string =>
  kind === 'rotorTeeth' ? '°' : displayUnit(kind, system).symbol;

/** The unit in which a play, a sag or a reading is told: micrometres, or thousandths of an inch. */
export const smallUnit = (system: UnitSystem): Unit =>
  findUnit('length', system === 'metric' ? 'µm' : 'thou')!;

/** Whether the two systems show a kind in different units. */
export const hasOtherSystem = (kind: Kind): boolean => imperial[kind] !== undefined;

/**
 * A number with a given count of significant digits, without an exponent between 1e-4 and 1e7, without
 * trailing zeros: 2540, 0.8, 12.35.
 * @throws never; NaN and the infinities come back as words.
 */
export function formatNumber(value: number, digits = 4): string {
  if (Number.isNaN(value)) return 'not a number';
  if (!Number.isFinite(value)) return value > 0 ? 'no limit' : '-no limit';
  if (value === 0) return '0';
  const size = Math.abs(value);
  if (size < 1e-4 || size >= 1e7)
    return value
      .toExponential(Math.max(0, digits - 1))
      .replace(/\.?0+e/, 'e')
      .replace('e+', 'e');
  // Rounded first: 127141 with two digits is 130000, not a row of digits that nobody knows.
  const rounded = Number(value.toPrecision(digits));
  const decimals = Math.max(0, Math.min(20, digits - 1 - Math.floor(Math.log10(Math.abs(rounded)))));
  const text = rounded.toFixed(decimals);
  return text.includes('.') ? text.replace(/\.?0+$/, '') : text;
}

export interface FormattedQuantity {
  readonly number: string;
  readonly unit: string;
  readonly text: string;
}

/** An SI value in a unit that people read. */
export function formatIn(unit: Unit, si: number, digits = 4): FormattedQuantity {
  const number = formatNumber(unit.fromSi(si), digits);
  return {
    number,
    unit: unit.symbol,
    text: unit.symbol === '' ? number : unit.symbol === '°' ? `${number}°` : `${number} ${unit.symbol}`,
  };
}

/** The same to as many digits as are asked for: a line of working is followed, not read off. */
export const workedQuantity = (kind: Kind, si: number, system: UnitSystem, digits = 4): FormattedQuantity =>
  formatIn(displayUnit(kind, system), si, digits);

/** How fine the display unit of a kind is read at most, in decimals: a micrometre, a tenth of a thou. */
const finest: Readonly<Record<string, number>> = { mm: 3, in: 4 };

/** Digits of a value that stand before its finest decimal; one at least, so that nothing small reads as 0. */
function digitsUpTo(decimals: number, value: number): number {
  if (value === 0 || !Number.isFinite(value)) return 1;
  return Math.max(1, decimals + 1 + Math.floor(Math.log10(Math.abs(value))));
}

/** An SI value in the display unit of a system. A length is told no finer than it can be read. */
export function formatQuantity(kind: Kind, si: number, system: UnitSystem, digits = 4): FormattedQuantity {
  const unit = displayUnit(kind, system);
  const decimals = kind === 'length' ? finest[unit.symbol] : undefined;
  if (decimals === undefined) return formatIn(unit, si, digits);
  return formatIn(unit, si, Math.min(digits, digitsUpTo(decimals, unit.fromSi(si))));
}
