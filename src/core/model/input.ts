import { z } from 'zod';
import type { Kind } from '@/core/units';
import { type FieldRule, type Measure, measureSchema } from './measure';

/*
 * An input is declared once, in the schema of its slice: kind, range, whether it may be left empty, how long
 * a list may be. What else has to know (rules by path for the interface, the published JSON Schema, the
 * types) is derived from that declaration.
 */

type Limits = Omit<FieldRule, 'kind' | 'optional'>;

/** Schema of a measured input that knows its rule. */
export type InputSchema<K extends Kind> = z.ZodType<Measure<K>> & { readonly rule: FieldRule<K> };
export type OptionalInputSchema<K extends Kind> = z.ZodType<Measure<K> | null> & {
  readonly rule: FieldRule<K>;
};

/** A measured input that must be given. */
export function input<K extends Kind>(kind: K, limits: Limits): InputSchema<K> {
  const rule: FieldRule<K> = { kind, ...limits };
  return Object.assign(measureSchema(rule), { rule });
}

/** A measured input that may be left empty: `null` where it is not given. */
export function maybe<K extends Kind>(kind: K, limits: Limits): OptionalInputSchema<K> {
  const rule: FieldRule<K> = { kind, ...limits, optional: true };
  return Object.assign(measureSchema(rule).nullable(), { rule });
}

export interface Caps {
  readonly min: number;
  readonly max: number;
}

/** A list with its least and greatest length. */
export function list<T extends z.ZodType>(element: T, max: number, min = 0): z.ZodArray<T> & { caps: Caps } {
  return Object.assign(z.array(element).min(min).max(max), { caps: { min, max } });
}

/** A text with its greatest length, in characters. */
export function text(max: number): z.ZodString & { readonly caps: Caps } {
  return Object.assign(z.string().max(max), { caps: { min: 0, max } });
}

/** Longest name of anything. */
export const MOST_NAME = 120;

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
export const name = z.string().trim().min(1).max(MOST_NAME);

/** What the declarations of a schema come to, by the pattern of the path (`N` for a place in a list). */
export interface Declared {
  readonly rules: Readonly<Record<string, FieldRule>>;
  readonly caps: Readonly<Record<string, Caps>>;
}

const under = (at: string, key: string) => (at === '' ? key : `${at}.${key}`);

/**
 * Reads the rules and caps off a schema.
 * @throws RangeError where two variants declare one path differently: a fault of ours.
 */
export function declaredIn(schema: z.ZodType): Declared {
  const rules: Record<string, FieldRule> = {};
  const caps: Record<string, Caps> = {};
  const walk = (s: unknown, at: string): void => {
    if (!(s instanceof z.ZodType)) return;
    if ('rule' in s) {
      const rule = s.rule as FieldRule;
      if (rules[at] && JSON.stringify(rules[at]) !== JSON.stringify(rule))
        throw new RangeError(`${at} is declared twice, and differently`);
      rules[at] = rule;
      return;
    }
    if ('caps' in s) caps[at] = s.caps as Caps;
    if (s instanceof z.ZodObject)
      for (const [key, part] of Object.entries(s.shape)) walk(part, under(at, key));
    else if (s instanceof z.ZodArray) walk(s.element, under(at, 'N'));
    else if (s instanceof z.ZodNullable) walk(s.unwrap(), at);
    else if (s instanceof z.ZodUnion) for (const option of s.options) walk(option, at);
  };
  walk(schema, '');
  return { rules, caps };
}
