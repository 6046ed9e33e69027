import { z } from 'zod';
import { id, list, name, text } from '../input';

const HASH = /^[0-9a-f]{64}$/;

/** Largest file that a machine keeps, bytes. */
export const MOST_FILE_BYTES = 20 * 1024 * 1024;

/** Media type of a program for the controller. No authority has given one; this is common practice. */
export const PROGRAM_TYPE = 'text/x-gcode';
/** Most files that a machine keeps. */
export const MOST_FILES = 2000;

/**
 * A file that belongs to the machine: a photo, a trace, a job. Here stands only what it is called and the
 * hash of its content; the content lies in a table of its own and is shared by all that have it.
 */
const fileEntry = z.strictObject({
  id,
  name,
  /** Media type. */
  type: text(100),
  bytes: z.number().int().min(0).max(MOST_FILE_BYTES),
  /** SHA-256 of the content, lower-case hexadecimal. */
  hash: z.string().regex(HASH),
});

/**
 * Contents as they travel in an exported file beside the document: in base 64, by hash. That they are what
 * their hash says is for who keeps them.
 */
export const contentsSchema = z.record(
  z.string().regex(HASH),
  z.string().meta({ contentEncoding: 'base64' }),
);

/** What the slice owns in the document. */
export const filesShape = { files: list(fileEntry, MOST_FILES) };

export type FileEntry = z.infer<typeof fileEntry>;
