/**
 * Widths of the letters of our text face, in thousandths of their size, the wider of its plain and its bold
 * cut, rounded up to 20: measured in the browser with the font that ships with the application.
 */
const WIDTHS: readonly (readonly [number, string])[] = [
  [200, "'"],
  [260, '.,:;j|’'],
  [280, '`·'],
  [300, '!i'],
  [320, ' l'],
  [340, '()['],
  [360, ']ft'],
  [380, '"-r{}'],
  [400, '_°²³'],
  [420, 'I'],
  [440, '1/\\'],
  [460, '“”'],
  [500, '*syz'],
  [520, 'cv–'],
  [540, '7?kx×'],
  [560, 'JLaeu~äüé≈'],
  [580, '2<>F^hnoµö'],
  [600, '39ETbdgpq'],
  [620, '56$+PSZ±÷ß'],
  [640, '48=BRVYφ'],
  [660, '0CK'],
  [680, 'AX'],
  [700, 'DHU'],
  [720, 'GN'],
  [740, '#&Ow'],
  [760, 'Q'],
  [780, '@'],
  [840, '—¼'],
  [860, 'M½'],
  [880, 'Wm'],
  [960, '%'],
];
const widthOf: ReadonlyMap<string, number> = new Map(
  WIDTHS.flatMap(([width, letters]) => [...letters].map((letter) => [letter, width] as const)),
);
/** A letter that the table does not know is taken for a wide one. */
const UNKNOWN = 1000;

/** How wide a line of text is at most, in the units of its size. */
export const textWidth = (text: string, size: number): number =>
  ([...text].reduce((sum, letter) => sum + (widthOf.get(letter) ?? UNKNOWN), 0) * size) / 1000;

/** How far a line of text reaches above and below its base line, as parts of its size. */
export const ASCENT = 0.76;
export const DESCENT = 0.24;
