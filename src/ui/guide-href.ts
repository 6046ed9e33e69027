/** Address of a page of the handbook that tells how something is done. */
export const guideHref = (id: string): string => `/handbook/guide?g=${encodeURIComponent(id)}`;
