/** What is wrong with a line: nothing of it is done. */
export const faultCodes = [
  'bad-character',
  'bad-number',
  'comment-open',
  'comment-nested',
  'line-long',
  'checksum',
  'repeated',
  'group-twice',
  'm-many',
  'unknown-g',
  'unknown-m',
  'not-read',
  'no-motion',
  'axes-idle',
  'axes-twice',
  'axes-missing',
  'word-idle',
  'feed-missing',
  'feed-none',
  'inverse-missing',
  'dwell-missing',
  'negative',
  'whole',
  'place-missing',
  'arc-both',
  'arc-centre-missing',
  'arc-radius',
  'arc-chord',
  'arc-end-missing',
  'cycle-plane',
  'cycle-word',
  'cycle-below',
  'cycle-inverse',
  'pecks-many',
  'move-far',
] as const;
export type FaultCode = (typeof faultCodes)[number];

/** What a builder should know of a line that is done all the same. */
export const remarkCodes = [
  'feed-over-units',
  'units-mixed',
  'full-turn',
  'arc-warned',
  'home-class',
  'tool-length',
  'offset-unknown',
  'deleted',
  'program-number',
  'after-end',
  'line-wide',
  'no-end',
  'helix-class',
  'dwell-class',
] as const;
export type RemarkCode = (typeof remarkCodes)[number];
export type NoteCode = FaultCode | RemarkCode;

/** One note about a line. */
export interface Note {
  readonly code: NoteCode;
  readonly fault: boolean;
  /** From 1. */
  readonly line: number;
  /** From 1; 0: the line as a whole. */
  readonly column: number;
  /** The word as it was read, `X12.5`; empty: none. */
  readonly word: string;
  /** A figure that was found, and one that was wanted; NaN: none. Lengths in metres. */
  readonly read: number;
  readonly wanted: number;
}

const faults: ReadonlySet<string> = new Set(faultCodes);
export const isFault = (code: NoteCode): code is FaultCode => faults.has(code);

/** Thrown inside a line, and caught at its end: nothing of the line is done. */
export class LineFault extends Error {
  constructor(
    readonly code: FaultCode,
    readonly column = 0,
    readonly word = '',
    readonly read = NaN,
    readonly wanted = NaN,
  ) {
    super(code);
  }
}
