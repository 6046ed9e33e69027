import type { Chance } from '@/core/numerics';
import { sigmaOf, type StackLink } from './link';
import type { Step } from './path';

/** A normal number of deviation 1, out of two even ones (Box and Muller). */
const normal = (chance: Chance) => Math.sqrt(-2 * Math.log(1 - chance())) * Math.cos(2 * Math.PI * chance());

const drawn = (link: StackLink, chance: Chance): number =>
  link.shape === 'unknown' ? (2 * chance() - 1) * (link.tolerance ?? 0) : normal(chance) * sigmaOf(link);

/**
 * A chain drawn by lot many times. Links of one lot take one draw together.
 * @param chance seeded by the caller. @param times at least 100.
 * @returns the ends of the middle 95 % of the gap, m.
 */
export function drawGap(steps: readonly Step[], chance: Chance, times: number) {
  const middle = steps.reduce((sum, { link, sign }) => sum + sign * (link.value ?? 0), 0);
  const gaps = new Float64Array(times);
  for (let i = 0; i < times; i++) {
    const lots = new Map<string, number>();
    let gap = middle;
    for (const { link, sign } of steps) {
      if (!link.lot) {
        gap += sign * drawn(link, chance);
        continue;
      }
      const share = lots.get(link.lot) ?? normal(chance);
      lots.set(link.lot, share);
      gap += sign * share * sigmaOf(link);
    }
    gaps[i] = gap;
  }
  gaps.sort();
  const at = (share: number) => gaps[Math.min(times - 1, Math.floor(share * times))]!;
  return { low: at(0.025), high: at(0.975) };
}
