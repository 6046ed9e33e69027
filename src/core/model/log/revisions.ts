import { z } from 'zod';
import { id, list, name, text } from '../input';

/** Most of what one plan may come to when it is packed, characters. */
export const MOST_PACKED = 600_000;

/**
 * Why a plan was kept: by hand, to look back; by a day that ended with it; as a variant, to choose between.
 */
export const revisionKeepers = ['hand', 'day', 'variant'] as const;

/** A whole plan beside the present one: as it was on one day, or as it might be. */
const revision = z.strictObject({
  id,
  at: z.iso.datetime(),
  name,
  note: text(1000),
  by: z.enum(revisionKeepers),
  /** The whole document of that day without what was built, read and written: gzip, in base 64. */
  plan: text(MOST_PACKED).meta({ contentEncoding: 'base64', contentMediaType: 'application/gzip' }),
});

export const revisionsShape = { revisions: list(revision, 200) };

export type Revision = z.infer<typeof revision>;

/** Variants of the whole machine that are held beside its plan, in the order in which they were put by. */
export const variantsOf = <T extends Pick<Revision, 'by'>>(project: {
  readonly revisions: readonly T[];
}): readonly T[] => project.revisions.filter((r) => r.by === 'variant');
