/** A sheet of paper upright, mm. */
export interface Paper {
  readonly name: string;
  readonly width: number;
  readonly height: number;
}
export const papers = {
  a4: { name: 'A4', width: 210, height: 297 },
  letter: { name: 'Letter', width: 215.9, height: 279.4 },
} as const satisfies Record<string, Paper>;
export type PaperId = keyof typeof papers;

/** Kept free at every edge, and how far sheets overlap, mm; common practice. */
export const MARGIN = 10;
export const OVERLAP = 10;

/** How a drawing is spread over sheets, mm. */
export interface Tiling {
  readonly landscape: boolean;
  readonly page: { readonly width: number; readonly height: number };
  /** What a sheet shows of the drawing. */
  readonly shown: { readonly width: number; readonly height: number };
  /** From sheet to sheet. */
  readonly step: { readonly x: number; readonly y: number };
  readonly columns: number;
  readonly rows: number;
}

/** Rounding by which a drawing may be larger than its sheet. */
const GUARD = 1e-9;
const sheets = (size: number, shown: number) =>
  Math.max(1, Math.ceil((size - OVERLAP) / (shown - OVERLAP) - GUARD));

/** Sheets for a drawing of a size, mm, on paper laid one way. */
export function tilingOn(
  size: { readonly width: number; readonly height: number },
  paper: Paper,
  landscape: boolean,
): Tiling {
  const page = landscape
    ? { width: paper.height, height: paper.width }
    : { width: paper.width, height: paper.height };
  const shown = { width: page.width - 2 * MARGIN, height: page.height - 2 * MARGIN };
  return {
    landscape,
    page,
    shown,
    step: { x: shown.width - OVERLAP, y: shown.height - OVERLAP },
    columns: sheets(size.width, shown.width),
    rows: sheets(size.height, shown.height),
  };
}

/** The way of laying the paper that takes fewer sheets; upright where both take as many. */
export function tilingFor(size: { readonly width: number; readonly height: number }, paper: Paper): Tiling {
  const [upright, lying] = [tilingOn(size, paper, false), tilingOn(size, paper, true)];
  return lying.columns * lying.rows < upright.columns * upright.rows ? lying : upright;
}

/** Name of a sheet by column and row: `A1` is above left. */
export const sheetName = (column: number, row: number): string =>
  `${String.fromCharCode(65 + column)}${row + 1}`;

/** Length of the rulers that prove the scale, mm. */
export const RULER = 100;

/**
 * Scale of the next print from what its rulers measured, by direction.
 * @param before scale of that print. @param read what the ruler measured, mm, above 0.
 */
export const corrected = (before: number, read: number): number => (before * RULER) / read;

/** How well a ruler is read, as a share of it: a quarter of a millimetre of a hundred. */
const READING = 0.0025;

/**
 * How far off a hole may come out on a print whose ruler reads so much, mm.
 * @param size of the part in that direction, mm.
 */
export const printError = (read: number, size: number): number =>
  (Math.abs(read / RULER - 1) + READING) * size;
