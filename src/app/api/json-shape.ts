/** What a text of JSON is made of, as far as can be told without building any of it. */
export interface JsonShape {
  /** Its first sign that is no blank; empty: it has none. */
  readonly first: string;
  /** How deep its lists and objects lie in one another. */
  readonly depth: number;
  /** Values of all lists and objects together: no fewer than it has. */
  readonly values: number;
}

/**
 * Looks through a text once, sign by sign: some ten milliseconds for five megabytes. Whether it is JSON at
 * all is for the parser to say; it is asked only for what this finds small enough.
 */
export function jsonShape(text: string): JsonShape {
  let [depth, deepest, values] = [0, 0, 1];
  let first = '';
  for (let i = 0; i < text.length; i++) {
    switch (text.charCodeAt(i)) {
      case 0x22: // a string: to its end, whatever stands in it
        for (i++; i < text.length && text.charCodeAt(i) !== 0x22; i++) if (text.charCodeAt(i) === 0x5c) i++;
        first ||= '"';
        break;
      case 0x5b: // [
      case 0x7b: // {
        first ||= text[i]!;
        depth += 1;
        values += 1;
        if (depth > deepest) deepest = depth;
        break;
      case 0x5d:
      case 0x7d:
        first ||= text[i]!;
        depth -= 1;
        break;
      case 0x2c: // ,
        values += 1;
        break;
      case 0x09:
      case 0x0a:
      case 0x0d:
      case 0x20:
      case 0xfeff:
        break;
      default:
        first ||= text[i]!;
    }
  }
  return { first, depth: deepest, values };
}
