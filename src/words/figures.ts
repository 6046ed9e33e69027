import type { AxisReport } from '@/core/machine';
import { formatIn, formatNumber, formatQuantity, type UnitSystem, units } from '@/core/units';

// Some figures are read in another unit than their kind's usual one.
const inUnit: Record<string, string> = {
  resolution: 'µm',
  'dial-line': 'µm',
  'heat-growth': 'µm',
  'lead-error': 'µm',
  'lead-left': 'µm',
  'screw-sag': 'µm',
  'once-per-turn': 'µm',
  'mesh-per-tenth': 'µm',
  'rod-sag': 'µm',
  'carriage-give': 'µm',
  'shortest-ramp': 'ms',
};

/** Beyond this way a life says nothing more, m. */
const FAR = 1e7;

/** Below this a length is none, m. */
const LEAST_LENGTH = 1e-9;

/** A life as a way. @param least whether it is one at least. */
const farText = (way: number, least: boolean): string =>
  `${least || way > FAR ? '≥ ' : ''}${formatNumber(Math.min(way, FAR) / 1000, 2)} km`;

/** A figure as it is read off. */
export function showFigure(
  id: string,
  kind: AxisReport['figures'][number]['kind'],
  value: number,
  system: UnitSystem,
): string {
  if (id === 'efficiency' || id === 'back-efficiency')
    return value < 0 ? 'locks itself' : `${(100 * value).toFixed(0)} %`;
  if (id === 'speed-ripple') return `${(100 * value).toFixed(1)} %`;
  if (id === 'grease') return value > 3.6e7 ? 'over 10000 h' : `${formatNumber(value / 3600, 2)} h`;
  if (id === 'life' || id === 'guide-life') return farText(value, id === 'guide-life');
  const small = inUnit[id] === 'µm' && system === 'imperial' ? 'thou' : inUnit[id];
  const unit = units[kind].find((u) => u.symbol === small);
  // Pulses per length are typed into a controller: to a part in a million, finer than any scale is read.
  const digits = id === 'pulses-per-length' ? 6 : 3;
  // What an upright screw sags by is what the cosine of 90° comes to in floating point.
  const read = kind === 'length' && Math.abs(value) < LEAST_LENGTH ? 0 : value;
  const text = unit ? formatIn(unit, read, digits).text : formatQuantity(kind, read, system, digits).text;
  return id === 'pulses-per-length' ? text.replace('pulses/', '/') : text;
}
