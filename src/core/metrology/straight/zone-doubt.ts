import { normalsFrom } from '@/core/numerics';
import type { Point } from '../doubt';
import type { Zone } from './zone';
import { minimumZone } from './zone';

/** So often the readings are shaken; the seed is fixed, so that the answer stays the same. */
const SHAKES = 120;
const SEED = 20261127;

/** How far the width of a minimum zone may be off. */
export interface ZoneDoubt {
  /** Standard uncertainty: three readings make the width. */
  readonly standard: number;
  /**
   * By so much the scatter may make it look wider than it is; added to the expanded uncertainty (GUM
   * F.2.4.5).
   */
  readonly wider: number;
}

/**
 * Doubt of the width of a minimum zone out of the standard uncertainty of one reading. Which three readings
 * make
 * the width is chosen by their scatter too: a straight rail looks as wide as scatter alone does. How wide
 * that is at most (95 %) for these places is found by shaking them; widths are taken to add as squares.
 */
export function zoneDoubt(points: readonly Point[], zone: Zone, standard: number): ZoneDoubt {
  if (zone.contacts.length < 3 || standard === 0) return { standard: Math.SQRT2 * standard, wider: 0 };
  const [a, b, c] = zone.contacts as [Point, Point, Point];
  const share = (b.x - a.x) / (c.x - a.x);
  const normal = normalsFrom(SEED);
  const shaken = Array.from({ length: SHAKES }, () =>
    points.map((p) => ({ x: p.x, h: standard * normal() })),
  );
  const widths = shaken.map((p) => minimumZone(p).range).sort((p, q) => p - q);
  const idle = widths[Math.floor(0.95 * SHAKES)]!;
  return {
    standard: standard * Math.hypot(1, share, 1 - share),
    wider: zone.range - Math.sqrt(Math.max(0, zone.range ** 2 - idle ** 2)),
  };
}
