/*
 * Where something stands in a document, told so that it still means the same when rows come and go: a row of
 * a list goes by its id (`axes[gantry].drive.lead`), the order of a list is called by two empty brackets
 * (`axes[]`).
 */

/** One step of an address: a field, a row by its id, or the order of a list. */
export type Step = { readonly field: string } | { readonly row: string } | { readonly order: true };

const PART = /\.?([^.[\]]+)|\[([^\]]*)\]/g;

export const stepsOf = (at: string): readonly Step[] =>
  [...at.matchAll(PART)].map(([, field, row]): Step => {
    if (field !== undefined) return { field };
    return row ? { row } : { order: true };
  });

export const underField = (at: string, field: string): string => (at === '' ? field : `${at}.${field}`);
export const underRow = (at: string, row: string): string => `${at}[${row}]`;
export const orderOf = (at: string): string => `${at}[]`;

/** Whether one address lies within the other, or is the same: what is written at both overlaps. */
export const overlaps = (a: string, b: string): boolean => within(a, b) || within(b, a);

const within = (inner: string, outer: string) =>
  inner === outer || inner.startsWith(`${outer}.`) || inner.startsWith(`${outer}[`);
