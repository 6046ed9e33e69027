import { z } from 'zod';
import { axisFields, type AxisFieldPath, listRules } from './fields';
import { type Measure, measureSchema } from './measure';

type Fields = typeof axisFields;
type MeasureAt<P extends AxisFieldPath> = Fields[P] extends { optional: true }
  ? Measure<Fields[P]['kind']> | null
  : Measure<Fields[P]['kind']>;

/** Schema of the measured input at a path; nullable where the field may be left empty. */
export function field<P extends AxisFieldPath>(path: P): z.ZodType<MeasureAt<P>> {
  const rule = axisFields[path];
  const schema = measureSchema(rule);
  return ('optional' in rule ? schema.nullable() : schema) as unknown as z.ZodType<MeasureAt<P>>;
}

/** Schema of a measured input that stands in a list. */
export const listField = <P extends keyof typeof listRules>(
  path: P,
): z.ZodType<Measure<(typeof listRules)[P]['kind']>> =>
  measureSchema(listRules[path]) as unknown as z.ZodType<Measure<(typeof listRules)[P]['kind']>>;

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/);
export const name = z.string().trim().min(1).max(120);
