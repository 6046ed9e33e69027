/** Address of the page of a formula. One page for all, so that it can be kept for work without a network. */
export const formulaHref = (id: string): string => `/handbook/formula?f=${encodeURIComponent(id)}`;
