import { LINES_A_MARK } from '@/core/gcode';

const LONGEST = 90;

/**
 * Reads single lines of a program out of its bytes, by their number from 1.
 * @param begins where the first of them begins, and every so-manieth behind it, as the reader has told.
 */
export function lineReader(bytes: Uint8Array, begins: readonly number[]): (line: number) => string {
  const decoder = new TextDecoder();
  const ends = (i: number) => bytes[i] === 10 || (bytes[i] === 13 && bytes[i + 1] !== 10);
  return (line) => {
    const from = Math.min(begins.length - 1, Math.floor((line - 1) / LINES_A_MARK));
    let at = begins[from] ?? 0;
    for (let left = line - 1 - from * LINES_A_MARK; left > 0 && at < bytes.length; at++)
      if (ends(at)) left -= 1;
    let end = at;
    while (end < bytes.length && bytes[end] !== 10 && bytes[end] !== 13) end += 1;
    const text = decoder.decode(bytes.subarray(at, end)).trim();
    return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text;
  };
}
