import type { Killed, LineFigures, PresentLine, Reason, Scale, SearchLink } from '@/core/choose';
import { displayUnit, formatIn, formatNumber, type Unit, type UnitSystem, smallUnit } from '@/core/units';

/** What money is held against in a search. */
export const scaleNames: Readonly<Record<Scale, string>> = {
  speed: 'Speed to spare',
  torque: 'Torque to spare',
  stiffness: 'Stiffness',
  lost: 'Lost motion',
  error: 'Accuracy',
  effort: 'Effort',
};

export const scaleHelp: Readonly<Record<Scale, string>> = {
  speed: 'highest rapid over the one that is asked; from 3 times on more is no better',
  torque: 'usable torque over what is asked, at rapid and in the cut; from 3 times on more is no better',
  stiffness: 'in line from the motor to the carriage; at most, where links of it are not known',
  error:
    'error along the axis by its drive train alone: lost motion, pitch as it is calibrated, wind-up in the ' +
    'cut, heat; at least, where some of it is not known',
  effort: 'hours to fit it and get it running true, by what it usually takes',
  lost: 'at a reversal, from the motor to the carriage; at least, where links of it are not known',
};

export const reasonNames: Readonly<Record<Reason, string>> = {
  cheapest: 'Cheapest',
  knee: 'Most for its money',
  most: 'Most of all',
};

export const searchLinkNames: Readonly<Record<SearchLink, string>> = {
  drive: 'the drive',
  reducer: 'the reducer',
  motor: 'the motor',
  driver: 'the driver',
  supply: 'the supply',
};

/** The unit in which a scale is told and drawn; null: it is a number of times what is asked. */
export function scaleUnit(scale: Scale, system: UnitSystem): Unit | null {
  if (scale === 'stiffness') return displayUnit('stiffness', system);
  // Play is far below a millimetre, and below a tenth of an inch.
  if (scale === 'lost' || scale === 'error') return smallUnit(system);
  return null;
}

/** A figure of a drive train on a scale. */
export function scaleText(figures: LineFigures, scale: Scale, system: UnitSystem): string {
  if (scale === 'effort') return `${formatNumber(figures.effort, 2)} h`;
  const unit = scaleUnit(scale, system);
  if (scale === 'speed' || scale === 'torque' || !unit)
    return Number.isFinite(figures[scale]) ? `${formatNumber(figures[scale], 3)} × asked` : 'nothing asked';
  const bound = scale === 'stiffness' ? '≤ ' : '≥ ';
  const digits = scale === 'stiffness' ? 3 : 2;
  return (figures.unknown[scale] ? bound : '') + formatIn(unit, figures[scale], digits).text;
}

/** What combinations went by, as a list reads. */
const killedNames: Readonly<Record<keyof Killed, string>> = {
  money: 'the budget',
  price: 'a part without a price',
  whip: 'a screw that whips',
  dn: 'balls that run too fast',
  'nut-rubbing': 'a nut that rubs too fast',
  'line-speed': 'a belt or chain that runs too fast',
  reducer: 'a reducer that turns too fast',
  column: 'a screw that buckles',
  tooth: 'teeth that break',
  'belt-pull': 'a belt that is pulled too hard',
  'chain-pull': 'a chain that is pulled too hard',
  'thin-self-lock': 'a nut that may creep',
  'deep-groove': 'bearings that take no thrust',
  'reducer-torque': 'torque on the reducer',
  'lost-motion': 'lost motion',
  'ramp-rings': 'ramps that ring',
  undercut: 'undercut teeth',
  'sprung-pinion': 'a pinion that climbs out of mesh',
  'mesh-tight': 'a mesh that binds',
  'joint-at-park': 'a rack joint at the park position',
  'belt-tension': 'the tension of the belt',
  'belt-teeth': 'too few teeth in mesh',
  'chain-sag': 'a chain that sags',
  'chain-ripple': 'a chain that jerks',
  'shaft-load': 'load on the shaft',
  'nut-load': 'pressure on the nut',
  'nut-heat': 'heat of the nut',
  'nut-static': 'load on the nut',
  'nut-life': 'life of the nut',
  'bearing-static': 'load on the bearing',
  'bearing-life': 'life of the bearing',
  'nut-spring': 'the spring of the nut',
  'torque-rapid': 'torque at rapid',
  'torque-cut': 'torque under cut',
  pulses: 'pulses of the controller',
  'motor-speed': 'speed of the motor',
  'inertia-ratio': 'a load too heavy for the rotor',
  'mid-band': 'mid-band resonance',
  'crest-low': 'current of the driver',
  'supply-low': 'voltage of the supply',
  'crest-high': 'current beyond the rated one',
  'driver-small': 'a driver too small',
  'curve-voltage': 'a curve at another voltage',
  'motor-heat': 'heat of the motor',
  'supply-power': 'power of the supply',
  regeneration: 'energy that comes back',
  'coupling-torque': 'torque on the coupling',
  drops: 'a weight that drops with the power off',
};

const many = (count: number): string => {
  if (count < 1e4) return String(count);
  return count < 1e6 ? `${Math.round(count / 1e3)} thousand` : `${formatNumber(count / 1e6, 3)} million`;
};

/** What the combinations of a search went by, the most first. */
export function killedText(killed: Killed, most = 5): readonly string[] {
  const rows = Object.entries(killed) as [keyof Killed, number][];
  const sorted = rows.filter(([, n]) => n > 0).sort(([, a], [, b]) => b - a);
  return sorted.slice(0, most).map(([code, n]) => `${many(n)} by ${killedNames[code]}`);
}

/** How many combinations there are, in words. */
export const combinationsText = (count: number): string =>
  count === 1 ? 'one combination' : `${many(count)} combinations`;

/** Money of a drive train; of one whose parts nobody named it is not known. */
export const lineMoney = ({ money }: Pick<PresentLine, 'money'>): string =>
  money === null ? 'not known' : String(Math.round(money));
