import { z } from 'zod';
import { type Kind, parseQuantity, type Quantity } from '@/core/units';

/**
 * Where a number comes from. `ours`: nobody has said it; we put it there so that there is something to begin
 * with, and what rests on it is guessed.
 */
export const bases = ['measured', 'datasheet', 'standard', 'estimate', 'ours'] as const;
export type Basis = (typeof bases)[number];

/**
 * Default doubt by basis: half-width of a 95 % interval relative to the value. Common practice, no source;
 * a stated spread replaces it.
 */
export const defaultSpread: Record<Basis, number> = {
  measured: 0.01,
  datasheet: 0.05,
  standard: 0.02,
  estimate: 0.25,
  ours: 0.25,
};

/** Half-width of a 95 % interval, relative to the value or absolute in SI. */
export type Spread = { readonly by: 'relative' | 'absolute'; readonly halfWidth: number };

/**
 * A typed input: the SI number, what was typed, where it comes from and how far it may be off (left out: by
 * basis). A type, not an interface, so that it passes as the plain data that an edit carries.
 */
export type Measure<K extends Kind = Kind> = {
  readonly typed: string;
  readonly si: Quantity<K>;
  readonly basis: Basis;
  readonly spread?: Spread | undefined;
};

/** Range of an input in SI. `above` is an open end, `min` and `max` are closed ones. */
export interface FieldRule<K extends Kind = Kind> {
  readonly kind: K;
  readonly above?: number;
  readonly min?: number;
  readonly max: number;
  readonly whole?: boolean;
  /** May be left empty; what then stays unknown is said by the report. */
  readonly optional?: boolean;
}

/** Half-width of the 95 % interval of a measure, SI, 0 or more. */
export function halfWidth(measure: Measure): number {
  if (!measure.spread) return Math.abs(measure.si) * defaultSpread[measure.basis];
  return measure.spread.by === 'absolute'
    ? measure.spread.halfWidth
    : Math.abs(measure.si) * measure.spread.halfWidth;
}

/** How a value breaks a rule. */
export type RangeFault = 'not-finite' | 'too-small' | 'too-large' | 'not-whole';

/** The part of a rule that a value breaks, or undefined. */
export function brokenRule(rule: FieldRule, si: number): RangeFault | undefined {
  if (!Number.isFinite(si)) return 'not-finite';
  if ((rule.above !== undefined && si <= rule.above) || (rule.min !== undefined && si < rule.min))
    return 'too-small';
  if (si > rule.max) return 'too-large';
  return rule.whole && !Number.isInteger(si) ? 'not-whole' : undefined;
}

/** Longest text that a field keeps of what was typed. */
export const MOST_TYPED = 80;

// What was typed and the SI value are kept side by side; a file in which they disagree was damaged or
// edited by hand in one place only, and it is not for us to guess which one is meant.
const AGREEMENT = 1e-6;

/** Zod schema of a measure under a field's rule. */
export function measureSchema<K extends Kind>(rule: FieldRule<K>): z.ZodType<Measure<K>> {
  return z
    .strictObject({
      typed: z.string().max(MOST_TYPED),
      // For the published schema only: the check below says what is wrong in our own words.
      si: z.number().meta({
        ...(rule.above === undefined ? {} : { exclusiveMinimum: rule.above }),
        ...(rule.min === undefined ? {} : { minimum: rule.min }),
        maximum: rule.max,
      }) as z.ZodType as z.ZodType<Quantity<K>>,
      basis: z.enum(bases),
      spread: z
        .strictObject({ by: z.enum(['relative', 'absolute']), halfWidth: z.number().min(0) })
        .optional(),
    })
    .check((ctx) => {
      const { si, typed } = ctx.value;
      const broken = brokenRule(rule, si);
      if (broken)
        ctx.issues.push({ code: 'custom', input: si, path: ['si'], params: { rule: broken, field: rule } });
      const read = parseQuantity(rule.kind, typed);
      if (!read.ok)
        ctx.issues.push({
          code: 'custom',
          input: typed,
          path: ['typed'],
          params: { rule: 'unreadable', field: rule, parse: read.error },
        });
      else if (Math.abs(read.si - si) > AGREEMENT * Math.max(Math.abs(si), Math.abs(read.si)))
        ctx.issues.push({
          code: 'custom',
          input: typed,
          path: ['typed'],
          params: { rule: 'typed-disagrees', field: rule, si },
        });
    })
    .meta({ description: `${rule.kind} in SI units` });
}

/** Tells a measure from the other leaves of a project. */
export function isMeasure(value: unknown): value is Measure {
  return typeof value === 'object' && value !== null && 'si' in value && 'typed' in value && 'basis' in value;
}
