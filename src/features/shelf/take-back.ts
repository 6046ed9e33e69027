/** How long a deletion or a merge can be taken back, ms. */
export const TAKE_BACK = 15_000;
