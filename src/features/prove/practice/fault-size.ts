import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import type { HiddenFault, PracticeFault } from '@/standins';

const SLOPES: readonly PracticeFault[] = ['gantry-out', 'nod', 'tram-right', 'droop', 'posts', 'square-out'];
const SHARES: readonly PracticeFault[] = ['belt-slack', 'current', 'supply'];

/** How large a fault is, as builders say it. */
export function faultSize({ fault, size }: Pick<HiddenFault, 'fault' | 'size'>, system: UnitSystem): string {
  const much = Math.abs(size);
  const percent = (share: number) => `${formatNumber(100 * share, 3)} %`;
  if (SLOPES.includes(fault)) return formatQuantity('slope', much, system, 2).text;
  if (fault === 'steps') return percent(much);
  if (fault === 'lead') return `${formatNumber(1e6 * much, 3)} µm/m`;
  if (SHARES.includes(fault)) return percent(fault === 'belt-slack' ? 1 - much : much);
  if (fault === 'late-direction') return `${much} ${much === 1 ? 'pulse' : 'pulses'} a reversal`;
  if (fault === 'wire-open') return 'open';
  const unit = system === 'metric' ? 1e6 : 1 / 2.54e-5;
  return `${formatNumber(much * unit, 2)} ${system === 'metric' ? 'µm' : 'thou'}`;
}
