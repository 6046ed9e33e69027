/** Why a text is not a number. `ambiguous` carries both readings. */
export type NumberTextError =
  | { readonly code: 'empty' }
  | { readonly code: 'not-a-number'; readonly read: string }
  | {
      readonly code: 'ambiguous-separator';
      readonly read: string;
      readonly asThousands: number;
      readonly asDecimal: number;
    };

export type NumberText =
  | { readonly ok: true; readonly value: number; readonly rest: string }
  | { readonly ok: false; readonly error: NumberTextError };

// Longest first: 1-1/2, 1 1/2, 3/8, then decimals with either mark. A unit may follow without a blank.
const mixed = /^([+-]?)(\d+)(?:\s*-\s*|\s+)(\d+)\s*\/\s*(\d+)(?![\d.,])/;
const fraction = /^([+-]?)(\d+)\s*\/\s*(\d+)(?![\d.,])/;
const decimal = /^([+-]?)(\d[\d.,]*|[.,]\d+)(?:[eE]([+-]?\d+))?/;
const wholeWithBlanks = /^([+-]?)(\d{1,3}(?:[ \u00a0\u202f]\d{3})+)(?![\d/])/;

/**
 * Reads `1,250` and the like: which mark is the decimal one? Three digits behind a lone comma leave it open.
 */
function readDecimal(text: string): { value: number } | NumberTextError | undefined {
  const dots = text.split('.').length - 1;
  const commas = text.split(',').length - 1;
  if (dots && commas) {
    const decimalMark = text.lastIndexOf('.') > text.lastIndexOf(',') ? '.' : ',';
    const groupMark = decimalMark === '.' ? ',' : '.';
    const [whole = '', tail = '', ...more] = text.split(decimalMark);
    const grouped = new RegExp(`^\\d{1,3}(\\${groupMark}\\d{3})+$`);
    if (more.length || tail.includes(groupMark) || !grouped.test(whole)) return undefined;
    return { value: Number(`${whole.split(groupMark).join('')}.${tail || '0'}`) };
  }
  if (commas > 1 || dots > 1) {
    const mark = commas ? ',' : '.';
    return new RegExp(`^[1-9]\\d{0,2}(\\${mark}\\d{3})+$`).test(text)
      ? { value: Number(text.split(mark).join('')) }
      : undefined;
  }
  if (commas === 1 && /^[1-9]\d{0,2},\d{3}$/.test(text))
    return {
      code: 'ambiguous-separator',
      read: text,
      asThousands: Number(text.replace(',', '')),
      asDecimal: Number(text.replace(',', '.')),
    };
  return { value: Number(text.replace(',', '.')) };
}

/**
 * Reads the number at the start of a text as a builder types it: `54`, `3/8`, `1-1/2`, `1 1/4`, `0,125`,
 * `1,250.5`, `1 250`, `1e-3`. What follows it comes back in `rest`.
 *
 * A fraction with denominator 0 and a lone comma before exactly three digits are refused, not guessed.
 */
export function readNumber(text: string): NumberText {
  const trimmed = text.trim().replace(/^\u2212/, '-');
  if (trimmed === '') return { ok: false, error: { code: 'empty' } };
  const sign = (s: string | undefined) => (s === '-' ? -1 : 1);
  const rest = (match: RegExpExecArray) => trimmed.slice(match[0].length).trim();
  const bad = (): NumberText => ({ ok: false, error: { code: 'not-a-number', read: trimmed } });

  let match = mixed.exec(trimmed);
  if (match) {
    const bottom = Number(match[4]);
    return bottom === 0
      ? bad()
      : {
          ok: true,
          value: sign(match[1]) * (Number(match[2]) + Number(match[3]) / bottom),
          rest: rest(match),
        };
  }
  match = fraction.exec(trimmed);
  if (match) {
    const bottom = Number(match[3]);
    return bottom === 0
      ? bad()
      : { ok: true, value: (sign(match[1]) * Number(match[2])) / bottom, rest: rest(match) };
  }
  match = wholeWithBlanks.exec(trimmed);
  if (match)
    return { ok: true, value: sign(match[1]) * Number(match[2]!.replace(/[^\d]/g, '')), rest: rest(match) };
  match = decimal.exec(trimmed);
  if (!match) return bad();
  const read = readDecimal(match[2]!);
  if (!read) return bad();
  if ('code' in read) return { ok: false, error: read };
  const value = sign(match[1]) * Number(`${read.value}e${match[3] ?? 0}`);
  // `${1e21}e2` is no number: fall back on multiplication for values that print with an exponent of their
  // own.
  const safe = Number.isNaN(value) ? sign(match[1]) * read.value * 10 ** Number(match[3] ?? 0) : value;
  return Number.isFinite(safe) ? { ok: true, value: safe, rest: rest(match) } : bad();
}
