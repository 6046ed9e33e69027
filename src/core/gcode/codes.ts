/** Groups of G words, one of each to a line (NISTIR 6556, table 4); codes in tenths: G38.2 is 382. */
const groups: Readonly<Record<number, readonly number[]>> = {
  // G52 is not in the report: newer readers have it.
  0: [40, 100, 280, 300, 520, 530, 920, 921, 922, 923],
  1: [0, 10, 20, 30, 382, 730, 800, 810, 820, 830, 840, 850, 860, 870, 880, 890],
  2: [170, 180, 190],
  3: [900, 910],
  // G90.1 and G91.1 are not in the report: a group of their own.
  4: [901, 911],
  5: [930, 940, 950],
  6: [200, 210],
  7: [400, 410, 420],
  8: [430, 431, 490],
  10: [980, 990],
  12: [540, 550, 560, 570, 580, 590, 591, 592, 593],
  13: [610, 611, 640],
  14: [960, 970],
};

/** The group of a G word by its code in tenths. */
export const groupOf: ReadonlyMap<number, number> = new Map(
  Object.entries(groups).flatMap(([group, codes]) => codes.map((c) => [c, Number(group)] as const)),
);

/** Read, and not checked: what they do hangs on what is not in the file. */
export const unchecked: ReadonlySet<number> = new Set([382, 410, 420, 431, 840, 870]);

/** Groups of M words; coolants may both be on. */
const mGroups: Readonly<Record<number, readonly number[]>> = {
  4: [0, 1, 2, 30, 60],
  6: [6],
  7: [3, 4, 5],
  8: [7, 8, 9],
  9: [48, 49],
};

export const mGroupOf: ReadonlyMap<number, number> = new Map(
  Object.entries(mGroups).flatMap(([group, codes]) => codes.map((c) => [c, Number(group)] as const)),
);
export const COOLANT = 8;

/** Drill cycles that are run. */
export const cycles: ReadonlySet<number> = new Set([730, 810, 820, 830, 850, 860, 880, 890]);
