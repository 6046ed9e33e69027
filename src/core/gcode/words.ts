import { LineFault } from './note';

/** Words of one line; room that is used again by the next. */
export interface Words {
  count: number;
  /** Capital letters as bytes, and what stands behind each. */
  readonly letters: Uint8Array;
  readonly values: Float64Array;
  /** From 1. */
  readonly columns: Uint16Array;
  /** 1: the number has a point. */
  readonly pointed: Uint8Array;
  /** The line begins with a slash. */
  deleted: boolean;
  /** The line is a percent sign: the program begins or ends. */
  percent: boolean;
  /** The number of a program, all by itself: it does nothing. */
  label: boolean;
}

const MOST_WORDS = 64;
/** Scripts print seventeen; more is no figure. */
const MOST_DIGITS = 40;

export const wordRoom = (): Words => ({
  count: 0,
  letters: new Uint8Array(MOST_WORDS),
  values: new Float64Array(MOST_WORDS),
  columns: new Uint16Array(MOST_WORDS),
  pointed: new Uint8Array(MOST_WORDS),
  deleted: false,
  percent: false,
  label: false,
});

const code = (sign: string) => sign.charCodeAt(0);
const [SPACE, TAB, OPEN, CLOSE, SEMICOLON, PERCENT, SLASH, STAR] = [...' \t();%/*'].map(code) as [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
];
const [PLUS, MINUS, POINT, ZERO, NINE] = [...'+-.09'].map(code) as [number, number, number, number, number];
const [A, Z, LOWER, UPPER] = [...'AZa'].map(code).concat(code('z')) as [number, number, number, number];
/** What stands for parameters, expressions and named things: their values are not known here. */
const UNREAD = new Set([...'#[]=<>'].map(code));
const CASE = LOWER - A;
/** The number of a program, or the beginning of a subroutine. */
const LABEL = code('O');

const isBlank = (byte: number) => byte === SPACE || byte === TAB;
const isLetter = (byte: number) => byte >= A && byte <= Z;
const capital = (byte: number) => (byte >= LOWER && byte <= UPPER ? byte - CASE : byte);
const signOf = (byte: number) => (byte > SPACE && byte < 127 ? String.fromCharCode(byte) : `byte ${byte}`);

/** Reads one number; blanks inside it do not count (RS274/NGC, 3.3.2). */
class NumberReader {
  at = 0;
  value = 0;
  pointed = false;

  /** @param from first byte behind the letter. */
  read(bytes: Uint8Array, from: number, end: number, letter: number): void {
    let [at, sign, whole, part, scale, digits] = [from, 1, 0, 0, 1, 0];
    let [pointed, signed] = [false, false];
    for (; at < end; at++) {
      const byte = bytes[at]!;
      if (isBlank(byte)) continue;
      if (byte >= ZERO && byte <= NINE) {
        digits += 1;
        if (pointed) {
          part = part * 10 + (byte - ZERO);
          scale *= 10;
        } else whole = whole * 10 + (byte - ZERO);
      } else if (byte === POINT && !pointed) pointed = true;
      else if ((byte === PLUS || byte === MINUS) && !signed && digits === 0 && !pointed) {
        signed = true;
        sign = byte === MINUS ? -1 : 1;
      } else break;
    }
    // What stands behind the end is another line's.
    const next = at < end ? bytes[at]! : SPACE;
    const word = () => String.fromCharCode(letter) + textOf(bytes, from, at + 1, end);
    if (UNREAD.has(next)) throw new LineFault('not-read', at + 1, word());
    if (digits === 0 || digits > MOST_DIGITS || next === POINT || next === PLUS || next === MINUS)
      throw new LineFault('bad-number', from, word());
    this.at = at;
    this.value = sign * (whole + part / scale);
    this.pointed = pointed;
  }
}

/** Some bytes as text, no more than a message can show. */
function textOf(bytes: Uint8Array, from: number, to: number, end: number): string {
  let text = '';
  for (let i = from; i < Math.min(to, end, from + 24); i++)
    if (!isBlank(bytes[i]!))
      text += bytes[i]! > SPACE && bytes[i]! < 127 ? String.fromCharCode(bytes[i]!) : '?';
  return text;
}

/** Where a comment in brackets ends. @returns the place behind it. */
function afterComment(bytes: Uint8Array, from: number, end: number): number {
  for (let i = from + 1; i < end; i++) {
    if (bytes[i] === CLOSE) return i + 1;
    if (bytes[i] === OPEN) throw new LineFault('comment-nested', i + 1);
  }
  throw new LineFault('comment-open', from + 1);
}

/** Holds the sum behind a star against what stands before it: each byte by exclusive or. */
function holdSum(bytes: Uint8Array, star: number, end: number, numbers: NumberReader): number {
  numbers.read(bytes, star + 1, end, STAR);
  let sum = 0;
  for (let i = 0; i < star; i++) sum ^= bytes[i]!;
  if (sum !== numbers.value)
    throw new LineFault('checksum', star + 1, `*${numbers.value}`, numbers.value, sum);
  return numbers.at;
}

/** Whether nothing but blanks and a comment follows. */
function isRemark(bytes: Uint8Array, from: number, end: number): boolean {
  for (let i = from; i < end; i++) {
    if (bytes[i] === OPEN || bytes[i] === SEMICOLON) return true;
    if (!isBlank(bytes[i]!)) return false;
  }
  return true;
}

const numbers = new NumberReader();

/**
 * Reads the words of a line: blanks and case do not count, comments in brackets or behind a semicolon are
 * passed over, a sum behind a star is held against the line (RS274/NGC, 3.3; sums as streaming senders write
 * them).
 * @throws LineFault with the column where it cannot be read.
 */
export function readWords(bytes: Uint8Array, end: number, into: Words): void {
  into.count = 0;
  into.deleted = false;
  into.percent = false;
  into.label = false;
  let at = 0;
  let begun = false;
  while (at < end) {
    const byte = capital(bytes[at]!);
    if (isBlank(byte)) at += 1;
    else if (byte === SEMICOLON) return;
    else if (byte === OPEN) at = afterComment(bytes, at, end);
    else if (byte === PERCENT && !begun) {
      into.percent = true;
      return;
    } else if (byte === SLASH && !begun) {
      into.deleted = true;
      at += 1;
    } else if (byte === STAR) at = holdSum(bytes, at, end, numbers);
    else {
      begun = true;
      if (UNREAD.has(byte)) throw new LineFault('not-read', at + 1, textOf(bytes, at, at + 12, end));
      if (!isLetter(byte)) throw new LineFault('bad-character', at + 1, signOf(byte));
      if (into.count === MOST_WORDS) throw new LineFault('line-long', at + 1);
      numbers.read(bytes, at + 1, end, byte);
      if (byte === LABEL) {
        if (into.count > 0 || !isRemark(bytes, numbers.at, end))
          throw new LineFault('not-read', at + 1, textOf(bytes, at, at + 24, end));
        into.label = true;
        return;
      }
      const i = into.count++;
      into.letters[i] = byte;
      into.values[i] = numbers.value;
      into.columns[i] = at + 1;
      into.pointed[i] = numbers.pointed ? 1 : 0;
      at = numbers.at;
    }
  }
}
