/** Lines of a program between two places that are remembered. */
const EVERY = 4096;
const LONGEST = 90;

/** Reads single lines of a program out of its bytes, by their number from 1. */
export function lineReader(bytes: Uint8Array): (line: number) => string {
  const decoder = new TextDecoder();
  /** Where every so-manieth line begins. */
  let begins: number[] | null = null;
  const ends = (i: number) => bytes[i] === 10 || (bytes[i] === 13 && bytes[i + 1] !== 10);
  const found = () => {
    if (begins) return begins;
    const list = [0];
    let lines = 0;
    for (let i = 0; i < bytes.length; i++) if (ends(i) && ++lines % EVERY === 0) list.push(i + 1);
    return (begins = list);
  };
  return (line) => {
    const from = Math.min(found().length - 1, Math.floor((line - 1) / EVERY));
    let at = found()[from]!;
    for (let left = line - 1 - from * EVERY; left > 0 && at < bytes.length; at++) if (ends(at)) left -= 1;
    let end = at;
    while (end < bytes.length && bytes[end] !== 10 && bytes[end] !== 13) end += 1;
    const text = decoder.decode(bytes.subarray(at, end)).trim();
    return text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text;
  };
}
