import type { Chance } from './chance';

/** Pieces that readers stumble over: numbers beyond all bounds, quotes, signs of other formats. */
const nasty = [
  '1e309',
  '-0',
  'NaN',
  '9'.repeat(400),
  '"',
  '""',
  ',',
  ';',
  '\t',
  '\u0000',
  '\uFEFF',
  '\uD800',
  '{',
  ']',
  '\r',
  '\r\n\r\n',
  '__proto__',
  'constructor',
  '=1+1',
  'null',
  'true',
  '0\nSECTION\n',
  '𝟙',
];

/** A text with one to four things done to it that a broken disk, a hasty edit or an ill will may do. */
export function mutatedText(text: string, c: Chance): string {
  let now = text;
  for (let times = 1 + c.below(4); times > 0; times--) {
    const [a, b] = [c.below(now.length + 1), c.below(now.length + 1)];
    const [from, to] = [Math.min(a, b), Math.max(a, b)];
    // Most damage is small.
    const near = Math.min(to, from + 1 + c.below(40));
    const ways: (() => string)[] = [
      () => now.slice(0, from) + now.slice(near),
      () => now.slice(0, from) + c.pick(nasty) + now.slice(from),
      () => now.slice(0, from) + String.fromCharCode(c.below(0x250)) + now.slice(from + 1),
      () => now.slice(0, near) + now.slice(from, near) + now.slice(near),
      () => now.slice(0, from),
      () => now.slice(from),
      () => now.slice(0, from) + now.slice(from, near).repeat(2 + c.below(60)) + now.slice(near),
      // One number becomes another one, anywhere.
      () =>
        now.replace(/-?\d+(\.\d+)?/g, (n) =>
          c.next() < 0.01 ? c.pick(['-1', '1e308', '0', `${n}${n}`]) : n,
        ),
    ];
    now = c.pick(ways)();
  }
  return now;
}

/** Bytes with one to six things done to them. */
export function mutatedBytes(bytes: Uint8Array<ArrayBuffer>, c: Chance): Uint8Array<ArrayBuffer> {
  let now = bytes.slice();
  for (let times = 1 + c.below(6); times > 0 && now.length; times--) {
    const [a, b] = [c.below(now.length), c.below(now.length)];
    const [from, to] = [Math.min(a, b), Math.max(a, b)];
    switch (c.below(5)) {
      case 0:
        now[from] = c.below(256);
        break;
      case 1:
        now[from]! ^= 1 << c.below(8);
        break;
      case 2:
        now = now.slice(0, from);
        break;
      case 3:
        now.copyWithin(from, to, Math.min(now.length, to + 1 + c.below(64)));
        break;
      default:
        now = new Uint8Array([
          ...now.slice(0, from),
          ...now.slice(Math.min(now.length, from + 1 + c.below(16))),
        ]);
    }
  }
  return now;
}
