/** A document as plain JSON, before it is known to be one. */
export type Doc = Readonly<Record<string, unknown>>;

/**
 * Steps of a slice by the version that they start from: each gets the whole old document and gives the fields
 * that the slice owns in the new one. A version in which nothing of the slice changed has no step.
 */
export type SliceSteps = Readonly<Record<number, (document: Doc) => Doc>>;
