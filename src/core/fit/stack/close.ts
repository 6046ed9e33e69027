import { bisect, normalCdf } from '@/core/numerics';
import { IN_95, sigmaOf, type StackLink } from './link';
import type { Step } from './path';

/** How large a gap is, and how far that may be off. Lengths in m. */
export interface ClosedGap {
  /** Free space; negative: the parts foul one another. */
  readonly gap: number;
  /** How far it may be off when all goes wrong at once, */
  readonly worst: number;
  /** and half of the 95 % interval: by squares; where one even spread rules, its exact sum with the rest. */
  readonly half: number;
  /** Each link's share of the variance, 0 to 1. */
  readonly shares: readonly { readonly id: string; readonly share: number }[];
  /** Links without a value, and such without a tolerance. */
  readonly unknown: readonly string[];
  readonly untold: readonly string[];
}

/** A link of unknown shape with more of the variance than this rules the sum. */
const RULES = 0.5;

/**
 * Half width of the 95 % interval of an even spread and a normal one together, exact.
 * @param tolerance half of the even spread, m, above 0. @param sigma of the normal one, m, 0 or more.
 */
export function evenWithNormal(tolerance: number, sigma: number): number {
  if (sigma < tolerance * 1e-6) return 0.95 * tolerance;
  // Integral of the normal distribution, which the even one moves a window over.
  const density = (z: number) => Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI);
  const integral = (x: number) => x * normalCdf(x / sigma) + sigma * density(x / sigma);
  const below = (x: number) => (integral(x + tolerance) - integral(x - tolerance)) / (2 * tolerance);
  const most = tolerance + 5 * sigma;
  const root = bisect((x) => below(x) - 0.975, 0, most, most * 1e-9);
  // At 0 half lies below, at most all of it: there is always a root between.
  return root.ok ? root.x : NaN;
}

/** Standard deviations as they add up: within a lot with their signs, all else as squares. */
function variances(steps: readonly Step[]) {
  const lots = new Map<string, number>();
  for (const { link, sign } of steps) {
    const key = link.lot ? `lot ${link.lot}` : `link ${link.id}`;
    lots.set(key, (lots.get(key) ?? 0) + sign * sigmaOf(link));
  }
  return [...lots.values()].reduce((sum, s) => sum + s * s, 0);
}

function halfOf(steps: readonly Step[], variance: number, worst: number): number {
  const squares = Math.min(worst, IN_95 * Math.sqrt(variance));
  const ruling = steps.find(
    ({ link }) => link.shape === 'unknown' && !link.lot && sigmaOf(link) ** 2 > RULES * variance,
  );
  if (!ruling || !ruling.link.tolerance) return squares;
  const rest = Math.max(0, variance - sigmaOf(ruling.link) ** 2);
  return Math.min(worst, evenWithNormal(ruling.link.tolerance, Math.sqrt(rest)));
}

/** Adds a chain up. Links that are not known count nothing and are named. */
export function closeGap(steps: readonly Step[]): ClosedGap {
  const sum = (of: (link: StackLink, sign: number) => number) =>
    steps.reduce((s, { link, sign }) => s + of(link, sign), 0);
  const worst = sum((link) => link.tolerance ?? 0);
  const variance = variances(steps);
  const squares = sum((link) => sigmaOf(link) ** 2);
  return {
    gap: sum((link, sign) => sign * (link.value ?? 0)),
    worst,
    half: halfOf(steps, variance, worst),
    shares: steps.map(({ link }) => ({
      id: link.id,
      share: squares > 0 ? sigmaOf(link) ** 2 / squares : 0,
    })),
    unknown: steps.filter(({ link }) => link.value === null).map(({ link }) => link.id),
    untold: steps.filter(({ link }) => link.tolerance === null).map(({ link }) => link.id),
  };
}
