import { z } from 'zod';
import { id, list, name, text } from '../input';

/** Most of what one plan may come to when it is packed, characters. */
export const MOST_PACKED = 600_000;

/** Who kept a plan: the builder, or a day that ended with it. */
const revisionKeepers = ['hand', 'day'] as const;

/** The plan as it was on one day, kept so that one can look back and return. */
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
