import fc from 'fast-check';

interface Range {
  readonly above?: number;
  readonly min?: number;
  readonly max: number;
  readonly whole?: boolean;
}

/** A value anywhere in an input's range, small and large alike; 0 now and then where it may be 0. */
export function anywhere(rule: Range): fc.Arbitrary<number> {
  const low = Math.max(rule.above ?? rule.min ?? 0, rule.max * 1e-6);
  const ratio = fc.double({ min: 0, max: 1, noNaN: true });
  const spread = ratio.map((u) => Math.min(rule.max, low * (rule.max / low) ** u * (1 + 1e-12)));
  const least = Math.ceil(rule.min ?? 1);
  const value = rule.whole ? spread.map((v) => Math.min(rule.max, Math.max(least, Math.round(v)))) : spread;
  if (rule.min !== 0) return value;
  return fc.oneof({ weight: 4, arbitrary: value }, { weight: 1, arbitrary: fc.constant(0) });
}

/** Where a tree holds what is no number though it should be. */
export function holes(value: unknown, path = ''): string[] {
  if (typeof value === 'number') return Number.isNaN(value) ? [path] : [];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([k, v]) => holes(v, `${path}.${k}`));
}

/** A measure whose text nobody reads. */
export const rough = (si: number) => ({ typed: '', si, basis: 'estimate' });
