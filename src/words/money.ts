import { formatNumber } from '@/core/units';

/** A sum of example prices with how far it may be off, in the builder's own money. */
export const sumText = (sum: number, off: number): string =>
  off >= 0.5 ? `${sum.toFixed(0)} ± ${formatNumber(off, 2)}` : sum.toFixed(0);
