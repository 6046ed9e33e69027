import { z } from 'zod';
import { axesShape, axisSchema } from './axes/schema';
import type { Axis } from './axes/schema';
import { briefShape } from './brief/schema';
import { buildShape } from './build/schema';
import type { MeasurePath } from './edit';
import { contentsSchema, filesShape } from './files/schema';
import { fitShape } from './fit/schema';
import { type Caps, declaredIn, id, name, text } from './input';
import type { FieldRule } from './measure';
import { logShape } from './log/schema';
import { partsShape } from './parts/schema';
import { proveShape } from './prove/schema';
import { structureShape } from './structure/schema';

/** The format's name in the file, and the version that this code writes. */
export const FORMAT = 'rugged-carriage-machine';
export const VERSION = 20;

/** What belongs to the document as a whole. */
const headShape = {
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  id,
  name,
  note: text(20_000),
  units: z.enum(['metric', 'imperial']),
  created: z.iso.datetime(),
  changed: z.iso.datetime(),
};

/**
 * A whole machine, as it is stored and exported: the head and the slices, each of which owns its fields, its
 * rules and its steps of migration. Adding a station is adding a slice here, in `document-rules.ts` and in
 * `migrate.ts`.
 */
export const projectSchema = z.strictObject({
  ...headShape,
  ...briefShape,
  ...axesShape,
  ...structureShape,
  ...fitShape,
  ...partsShape,
  ...buildShape,
  ...proveShape,
  ...logShape,
  ...filesShape,
});

export type Project = z.infer<typeof projectSchema>;

/** Every measured input of an axis outside lists, by its path inside the axis. */
export type AxisFieldPath = MeasurePath<Axis>;

const inAxis = declaredIn(axisSchema);
const inProject = declaredIn(projectSchema);

/** Rules of the measured inputs of an axis, by path; of those in lists by pattern (`N` for a place). */
export const axisFields = inAxis.rules as Readonly<Record<AxisFieldPath, FieldRule>>;

/** Rules of all measured inputs of a machine, by their path from the root (`N` for a place in a list). */
export const projectFields: Readonly<Record<string, FieldRule>> = inProject.rules;

const pattern = (path: string) => path.replace(/\.\d+(?=\.|$)/g, '.N');

/** The rule at a path inside an axis or from the root, or undefined where no measured input stands. */
export function fieldRuleAt(path: string): FieldRule | undefined {
  const at = pattern(path);
  return inAxis.rules[at] ?? inProject.rules[at];
}

/** Least and greatest length of the list or text at a path from the root; undefined where neither stands. */
export const capsAt = (path: string): Caps | undefined => inProject.caps[pattern(path)];

/** The published JSON Schema of a file of the current version (draft 2020-12). */
export const projectJsonSchema = (): object => ({
  ...z.toJSONSchema(projectSchema.extend({ contents: contentsSchema.optional() })),
  title: 'Rugged Carriage machine',
  $comment: 'Ranges and rules between fields are checked on import as well; docs/project-file.md lists them.',
});
