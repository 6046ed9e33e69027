import { COOLANT, groupOf, mGroupOf, unchecked } from './codes';
import { LineFault } from './note';
import type { Words } from './words';

const LETTER_A = 65;
const G = 71 - LETTER_A;
const M = 77 - LETTER_A;
const N = 78 - LETTER_A;
const MOST_M = 4;
const MOST_GROUPS = 16;
/** A code of G is held to tenths: G38.20 is none. */
const TENTH = 1e-9;

/** What one line says: codes by their groups, all other words by their letters. */
export interface Command {
  /** Codes in tenths by group; -1: none. */
  readonly g: Int32Array;
  /** M codes in the order of their groups: stopping, tool, spindle, coolants, overrides; -1: none. */
  readonly m: Int32Array;
  readonly mCount: { value: number };
  /** Values by letter, A first; NaN: not there. */
  readonly values: Float64Array;
  /** Where a letter stands, from 1. */
  readonly columns: Uint16Array;
  /** 1: the number behind the letter has a point. */
  readonly pointed: Uint8Array;
  /** Number words (not G, not M). */
  words: number;
}

export const commandRoom = (): Command => ({
  g: new Int32Array(MOST_GROUPS),
  m: new Int32Array(MOST_M),
  mCount: { value: 0 },
  values: new Float64Array(26),
  columns: new Uint16Array(26),
  pointed: new Uint8Array(26),
  words: 0,
});

/** The place of a letter in a command. */
export const at = (letter: string): number => letter.charCodeAt(0) - LETTER_A;

/** Whether a line's axis words belong to G10, G28, G30, G52 or G92, and to no motion. */
export const claimsAxes = ({ g }: Command): boolean =>
  g[0] === 100 || g[0] === 280 || g[0] === 300 || g[0] === 520 || g[0] === 920;

/** A figure as it is shown: no more digits than were meant. */
export const shown = (letter: string, value: number): string => `${letter}${Number(value.toPrecision(12))}`;

const letterOf = (i: number) => String.fromCharCode(LETTER_A + i);

/** Letters that mean something; others are named, and nothing of their line is done. */
const KNOWN = Uint8Array.from({ length: 26 }, (_, i) => Number('DFHIJKLNPQRSTXYZ'.includes(letterOf(i))));

function putG(value: number, column: number, into: Command): void {
  const tenths = Math.round(value * 10);
  const group = groupOf.get(tenths);
  if (group === undefined || Math.abs(value * 10 - tenths) > TENTH)
    throw new LineFault('unknown-g', column, shown('G', value));
  if (unchecked.has(tenths)) throw new LineFault('not-read', column, shown('G', value));
  if (into.g[group]! >= 0) throw new LineFault('group-twice', column, shown('G', value));
  into.g[group] = tenths;
}

function putM(value: number, column: number, into: Command): void {
  const group = mGroupOf.get(value);
  if (group === undefined) throw new LineFault('unknown-m', column, shown('M', value));
  const { m, mCount } = into;
  for (let i = 0; i < mCount.value; i++)
    if (mGroupOf.get(m[i]!) === group && (group !== COOLANT || m[i] === value || value === 9 || m[i] === 9))
      throw new LineFault('group-twice', column, shown('M', value));
  if (mCount.value === MOST_M)
    throw new LineFault('m-many', column, shown('M', value), mCount.value + 1, MOST_M);
  m[mCount.value++] = value;
}

/**
 * Sorts the words of a line. @throws LineFault: a code or letter that is not known or not checked, one that
 * comes twice.
 */
export function commandOf(words: Words, into: Command): void {
  into.g.fill(-1);
  into.m.fill(-1);
  into.mCount.value = 0;
  into.values.fill(NaN);
  into.words = 0;
  for (let i = 0; i < words.count; i++) {
    const letter = words.letters[i]! - LETTER_A;
    const value = words.values[i]!;
    const column = words.columns[i]!;
    if (letter === G) putG(value, column, into);
    else if (letter === M) putM(value, column, into);
    else {
      if (!KNOWN[letter]) throw new LineFault('not-read', column, shown(letterOf(letter), value));
      if (!Number.isNaN(into.values[letter]!))
        throw new LineFault('repeated', column, shown(letterOf(letter), value));
      into.values[letter] = value;
      into.columns[letter] = column;
      into.pointed[letter] = words.pointed[i]!;
      if (letter !== N) into.words += 1;
    }
  }
}
